import { randomUUID } from 'node:crypto'
import type { Route } from '../http/route'

/** What goes into requests that nobody honest would send, and some that somebody might. */
const HOSTILE: readonly unknown[] = [
  null,
  true,
  [],
  {},
  '',
  ' ',
  0,
  -1,
  -0.5,
  1e308,
  Number.MAX_SAFE_INTEGER,
  'NaN',
  "'; drop table entry; --",
  '$1; select pg_sleep(1)',
  '{"$gt": ""}',
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  '\u0000',
  'a\u0000b',
  '\ud800',
  '\u202e\u200b',
  '../../etc/passwd',
  '%00%0a%0d',
  'x'.repeat(5000),
  'é'.repeat(300),
  '00000000-0000-0000-0000-000000000000',
  'Xx^9+',
  { do: 'add', to: 'A', reagent: 'unobtainium 3 M', mL: 1 },
  { do: 'add', to: 'A', reagent: 'HCl 2 M', mL: -4 },
  { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 1e9 },
  { solution: { ions: { 'Ni^2+': 1, 'Cl^-': 1 }, mL: 10 } },
  { test: 'no-such-test', on: 'A' },
  { __proto__: null, constructor: { prototype: { polluted: true } } },
  Array.from({ length: 300 }, (_, k) => k),
]

const nested = (depth: number): string => `${'[{"a":'.repeat(depth)}1${'}]'.repeat(depth)}`

export interface Request {
  readonly route: string
  readonly method: string
  readonly path: string
  readonly body: string | undefined
  readonly type: string
}

type Json = string | number | boolean | null | Json[] | { [key: string]: Json }

/** Requests of every kind of wrongness for the addresses given: right ones with one thing changed, or many, or not JSON at all. */
export class Requests {
  constructor(
    private readonly routes: readonly Route[],
    private readonly random: () => number,
    /** Ids that exist. */
    private readonly ids: { readonly jar: string; readonly class: string; readonly person: string; readonly entry: string },
  ) {}

  private pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)] as T
  }
  private chance(share: number): boolean {
    return this.random() < share
  }

  /** A body that the address would take. */
  private honest(path: string): Json {
    const entry = (body: Record<string, Json>): Json => ({ order: 1, body: { id: randomUUID(), at: '2026-11-01T10:00:00Z', ...body } })
    const bodies: Readonly<Record<string, () => Json>> = {
      '/sign-in': () => ({ login: 'somebody@x.example', password: 'a password' }),
      '/join': () => ({ code: 'AAAA-AAAA-AAAA', name: 'Somebody', login: 'somebody@x.example', password: 'a long password' }),
      '/me/password': () => ({ old: 'not the one', new: 'a long password' }),
      '/me/erase': () => ({ password: 'not the one' }),
      '/reset': () => ({ code: 'AAAA-AAAA-AAAA', password: 'a long password' }),
      '/codes': () => ({ code: 'AAAA-AAAA-AAAA' }),
      '/classes': () => ({ id: randomUUID(), name: 'A class' }),
      '/classes/:class/invitations': () => ({ role: 'student', uses: 3, days: 2 }),
      '/classes/:class/issue': () => ({
        people: [this.ids.person],
        code: 'X-1',
        title: 'x',
        case: { hints: 'none' },
        holds: 'KI',
        reveal: 'on conclusion',
      }),
      '/jars': () => ({
        id: randomUUID(),
        code: 'X-2',
        title: 'x',
        kind: this.pick(['real', 'simulated']),
        case: { kind: 'salt', sample: { mg: 100 } },
        seed: 3,
      }),
      '/jars/import': () => ({
        id: randomUUID(),
        code: 'X-3',
        device: randomUUID(),
        notebook: { format: 'foxing-notebook/1', entries: [{ id: 'a', at: '', note: 'x' }], shelf: 2 },
      }),
      '/jars/:jar/entries': () => ({
        device: randomUUID(),
        entries: [
          entry({ did: { test: 'silver-nitrate', on: 'B' } }),
          entry({ did: { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 3 } }),
          entry({ saw: { channel: 'precipitate.colour', value: 'white', step: 3 } }),
          entry({ concluded: { species: 'KI', claim: 'present', citing: [this.ids.entry] } }),
          entry({ amended: { entry: this.ids.entry, with: { note: 'y' } } }),
        ].filter(() => this.chance(0.6)),
      }),
    }
    return bodies[path]?.() ?? {}
  }

  /** Changes one place of a document. */
  private spoil(document: Json): Json {
    const hostile = (): Json => structuredClone(this.pick(HOSTILE)) as Json
    if (typeof document !== 'object' || document === null || this.chance(0.12)) return hostile()
    if (Array.isArray(document)) {
      if (document.length === 0 || this.chance(0.1)) return [...document, hostile()]
      const at = Math.floor(this.random() * document.length)
      return document.map((item, k) => (k === at ? this.spoil(item) : item))
    }
    const keys = Object.keys(document)
    if (keys.length === 0 || this.chance(0.1))
      return { ...document, [this.pick(['extra', '__proto__', 'constructor', 'id', 'salt', 'issued_by', 'x'.repeat(300)])]: hostile() }
    const key = this.pick(keys)
    if (this.chance(0.15)) return Object.fromEntries(Object.entries(document).filter(([k]) => k !== key))
    return { ...document, [key]: this.spoil(document[key] ?? null) }
  }

  private text(path: string): string {
    const dice = this.random()
    if (dice < 0.04) return this.pick(['', '{', '[1,', 'null', '"x"', '{"a":1}}', '\u0000', '{"a":1e999}'])
    if (dice < 0.07) return nested(this.pick([20, 60, 5000, 40_000]))
    if (dice < 0.075) return JSON.stringify({ id: 'x'.repeat(10_000_000) })
    let document = this.honest(path)
    for (let times = this.pick([0, 1, 1, 1, 2, 4]); times > 0; times--) document = this.spoil(document)
    // A lone surrogate goes out as its escape, as a hostile client would send it.
    return JSON.stringify(document)
  }

  next(): Request {
    const route = this.pick(this.routes)
    const wild = ['1', 'x%00', '..%2f..', "1'--", 'x'.repeat(2000), '%E0%A4%A', 'null', '-1', '99999999999999999999']
    const path = route.path.replace(/:(\w+)/g, (_, name: string) => {
      if (this.chance(0.2)) return this.pick(wild)
      if (this.chance(0.2)) return randomUUID()
      if (name === 'version') return '1'
      if (name === 'person') return this.ids.person
      if (name === 'entry') return this.ids.entry
      return route.path.startsWith('/classes') ? this.ids.class : this.ids.jar
    })
    const query = this.chance(0.15) ? `?after=${this.pick(['-5', 'x', '1e400', '0&after=1', '%00', '[]=1'])}` : ''
    return {
      route: `${route.method} ${route.path}`,
      method: route.method.toUpperCase(),
      path: path + query,
      body: route.method === 'post' ? this.text(route.path) : undefined,
      type: this.chance(0.03)
        ? this.pick(['text/plain', 'application/x-www-form-urlencoded', 'application/json; charset=utf-7', 'multipart/form-data'])
        : 'application/json',
    }
  }
}
