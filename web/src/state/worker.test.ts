import { describe, expect, test } from '@jest/globals'
import { PACK_FILES } from '@foxing/core'
import { readdirSync, readFileSync } from 'node:fs'
import { createContext, runInContext } from 'node:vm'

/** What keeps the interface on the device, run with a cache and a server of the test's own. */
class World {
  readonly kept = new Map<string, Response>()
  readonly served = new Map<string, () => Response>()
  away = false
  private readonly handlers = new Map<string, (event: object) => void>()

  constructor() {
    const path = (request: string | Request): string => (typeof request === 'string' ? request : new URL(request.url).pathname)
    const cache = {
      addAll: () => Promise.resolve(),
      match: (request: string | Request) => Promise.resolve(this.kept.get(path(request))?.clone()),
      put: (request: string | Request, answer: Response) => Promise.resolve(void this.kept.set(path(request), answer)),
      delete: (request: string | Request) => Promise.resolve(this.kept.delete(path(request))),
      keys: () => Promise.resolve([...this.kept.keys()].map((key) => new Request(`https://foxing.example${key}`))),
    }
    const self = {
      location: { origin: 'https://foxing.example' },
      addEventListener: (name: string, handler: (event: object) => void) => this.handlers.set(name, handler),
    }
    const context = createContext({
      self,
      caches: { open: () => Promise.resolve(cache), keys: () => Promise.resolve([]), delete: () => Promise.resolve(true) },
      fetch: (request: string | Request) =>
        this.away
          ? Promise.reject(new TypeError('away'))
          : Promise.resolve(
              this.served.get(path(request))?.() ?? new Response('not here', { status: 404, headers: { 'content-type': 'text/plain' } }),
            ),
      Request: class extends Request {
        constructor(url: string) {
          super(new URL(url, 'https://foxing.example'))
        }
      },
      URL,
    })
    runInContext(readFileSync('web/public/sw.js', 'utf8'), context)
  }

  /** What a page is given for a path; null where it is left to the browser. */
  async ask(path: string, mode = 'no-cors'): Promise<Response | null> {
    const answers: Promise<Response>[] = []
    const waits: Promise<unknown>[] = []
    this.handlers.get('fetch')?.({
      request: { method: 'GET', url: `https://foxing.example${path}`, mode },
      respondWith: (given: Promise<Response>) => answers.push(given),
      waitUntil: (given: Promise<unknown>) => waits.push(given),
    })
    const given = (await answers[0]) ?? null
    await Promise.all(waits)
    return given
  }
  serve(path: string, text: string, type = 'text/javascript'): void {
    this.served.set(path, () => new Response(text, { headers: { 'content-type': type } }))
  }
}

describe('what keeps the interface on the device', () => {
  test('keeps every file that stands beside the page, and what is worked out ahead, for when the server is away', async () => {
    const files = [...readdirSync('web/public').filter((name) => name !== 'sw.js'), ...Object.values(PACK_FILES)]
    expect(files.length).toBeGreaterThan(5)
    const world = new World()
    for (const name of files) world.serve(`/${name}`, name, 'application/octet-stream')
    for (const name of files) await world.ask(`/${name}`)
    world.away = true
    for (const name of files) expect([name, await (await world.ask(`/${name}`))?.text()]).toEqual([name, name])
    expect(await world.ask('/api/jars')).toBeNull()
  })
  test('keeps no page in the place of a script, nor an error in the place of a page', async () => {
    const world = new World()
    world.serve('/assets/part-1.js', '<!doctype html>', 'text/html')
    await world.ask('/assets/part-1.js')
    expect(world.kept.has('/assets/part-1.js')).toBe(false)
    world.serve('/', 'the page', 'text/html')
    await world.ask('/jar/1', 'navigate')
    world.served.set('/jar/1', () => new Response('broken', { status: 502, headers: { 'content-type': 'text/html' } }))
    world.kept.set('/', new Response('the page'))
    expect(await (await world.ask('/jar/1', 'navigate'))?.text()).toBe('the page')
  })
  test('two versions served side by side: an open page finds its parts though the server has those of the next version only', async () => {
    const version = (n: number): void => {
      world.served.clear()
      world.serve('/', `page ${n}`, 'text/html')
      world.serve('/files.json', JSON.stringify({ a: { file: `assets/part-${n}.js`, css: [`assets/style-${n}.css`] } }), 'application/json')
      world.serve(`/assets/part-${n}.js`, `part ${n}`)
      world.serve(`/assets/style-${n}.css`, `style ${n}`, 'text/css')
    }
    const world = new World()
    version(1)
    await world.ask('/', 'navigate')
    version(2)
    expect(await (await world.ask('/assets/part-1.js'))?.text()).toBe('part 1')
    await world.ask('/', 'navigate')
    expect(await (await world.ask('/assets/part-1.js'))?.text()).toBe('part 1')
    version(3)
    await world.ask('/', 'navigate')
    // Versions before the last are let go of.
    expect([...world.kept.keys()].filter((k) => k.startsWith('/assets/')).sort()).toEqual([
      '/assets/part-2.js',
      '/assets/part-3.js',
      '/assets/style-2.css',
      '/assets/style-3.css',
    ])
  })
})
