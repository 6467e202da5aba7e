import { streams } from '../testing/device'
import { beforeEach, describe, expect, jest, test } from '@jest/globals'
import { entrySchema, type Entry } from '@foxing/core'
import fc from 'fast-check'
import { jarOf as ownedJar } from '../testing/jars'
import { Server, type Fate, RECEIVED } from '../testing/server'
import { local, NOBODY, openLocal, type LocalJar } from './local'
import { useSession } from './session'
import { flush, follow, forget, pullJar, pullShelf, useSync } from './sync'

const PERSON = { id: 'p-mira', name: 'Mira', role: 'student' as const, institution: 'Foxglove', classes: [] }
let server: Server
let count = 0

const jarOf = (id: string, saved: 0 | 1 = 0): LocalJar => ownedJar(id, PERSON.id, saved)
const line = (note: string): Entry => entrySchema.parse({ id: `e${++count}`, at: '2026-01-05T09:00:00.000Z', note })
const notesOf = (jar: string): string[] => server.of(jar).map(({ body }) => ('note' in body ? body.note : '?'))
const write = async (jar: string, ...notes: string[]): Promise<void> => local().append(jar, PERSON.id, notes.map(line))

beforeEach(async () => {
  server = new Server()
  server.me = PERSON
  globalThis.fetch = server.fetch as typeof fetch
  localStorage.clear()
  openLocal(NOBODY)
  const database = openLocal(PERSON.id)
  await Promise.all([database.jars.clear(), database.entries.clear()])
  useSession.setState({ phase: 'in', me: PERSON })
})

describe('what is written is sent', () => {
  test('a jar before its lines, the lines in the order they were written, each acknowledged with its place', async () => {
    await local().jars.put(jarOf('one'))
    await write('one', 'first', 'second')
    await write('one', 'third')
    await flush()
    expect(notesOf('one')).toEqual(['first', 'second', 'third'])
    expect((await local().entriesOf('one')).map((e) => [e.order, e.position])).toEqual([
      [1, 1],
      [2, 2],
      [3, 3],
    ])
    expect((await local().jars.get('one'))?.saved).toBe(1)
    expect(await local().unsent()).toBe(0)
  })
  test('more lines than go at once go in several', async () => {
    await local().jars.put(jarOf('one'))
    const notes = Array.from({ length: 230 }, (_, k) => `line ${k}`)
    await write('one', ...notes)
    await flush()
    expect(notesOf('one')).toEqual(notes)
    expect(server.asked).toBe(1 + 3)
  })
  test('an answer that never came back: the line is sent again and is there once', async () => {
    await local().jars.put(jarOf('one', 1))
    server.jars.set('one', { id: 'one' })
    await write('one', 'only')
    server.fates = ['answer lost']
    await flush()
    expect([notesOf('one'), await local().unsent()]).toEqual([['only'], 1])
    await flush()
    expect([notesOf('one'), await local().unsent()]).toEqual([['only'], 0])
  })
  test('while the server is away nothing is said to be wrong; when the session is over, that is', async () => {
    await local().jars.put(jarOf('one'))
    server.fates = ['refused']
    await flush()
    expect([useSync.getState().problem, useSync.getState().sending, useSession.getState().phase]).toEqual([null, false, 'in'])
    server.fates = ['signed out']
    await flush()
    expect(useSession.getState().phase).toBe('ended')
    // Nothing is sent for nobody.
    const before = server.asked
    await flush()
    expect([server.asked, await local().unsent()]).toEqual([before, 1])
  })
  test('whatever becomes of single questions, in the end each line is there once, in its order, and none was missing here meanwhile', async () => {
    const fate = fc.constantFrom<Fate>('answered', 'lost', 'answer lost', 'refused')
    const work = fc.record({
      jar: fc.constantFrom('one', 'other', 'third one'),
      lines: fc.integer({ min: 0, max: 4 }),
      fates: fc.array(fate, { maxLength: 5 }),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(work, { minLength: 1, maxLength: 8 }), async (works) => {
        const database = local()
        await Promise.all([database.jars.clear(), database.entries.clear()])
        server.jars.clear()
        server.entries.clear()
        const written = new Map<string, string[]>()
        for (const { jar, lines, fates } of works) {
          if (!(await database.jars.get(jar))) await database.jars.put(jarOf(jar))
          const notes = Array.from({ length: lines }, () => `note ${++count}`)
          written.set(jar, [...(written.get(jar) ?? []), ...notes])
          await write(jar, ...notes)
          server.fates = [...fates]
          await flush()
          server.fates = []
          for (const [id, all] of written)
            expect((await database.entriesOf(id)).map(({ body }) => ('note' in body ? body.note : '?')).sort()).toEqual([...all].sort())
        }
        await flush()
        for (const [id, all] of written) expect(notesOf(id)).toEqual(all)
        expect(await database.unsent()).toBe(0)
      }),
      { numRuns: 40, seed: 11 },
    )
  })
  test('two tabs that write and send at the same time number their lines one after another', async () => {
    await local().jars.put(jarOf('one'))
    await Promise.all([write('one', 'a', 'b'), write('one', 'c'), flush(), write('one', 'd'), flush()])
    await flush()
    expect(new Set((await local().entriesOf('one')).map((e) => e.order))).toEqual(new Set([1, 2, 3, 4]))
    expect(notesOf('one')).toHaveLength(4)
  })
})

describe('what is fetched', () => {
  test('a jar with its lines, others’ among them; one’s own that wait stay beside them', async () => {
    await local().jars.put(jarOf('one', 1))
    server.jars.set('one', { ...jarOf('one'), title: 'renamed' })
    server.entries.set('one', [{ body: line('a partner’s'), device: 'theirs', order: 1, position: 1, author: 'p-else', received: RECEIVED }])
    await write('one', 'mine')
    await pullJar('one')
    expect((await local().entriesOf('one')).map((e) => [e.author, e.position])).toEqual([
      ['p-else', 1],
      [PERSON.id, null],
    ])
    expect((await local().jars.get('one'))?.title).toBe('renamed')
  })
  test('followed: a partner’s line that was placed before one’s own, and heard of after it, is not missed; what is here is not put down again', async () => {
    await local().jars.put(jarOf('one', 1))
    server.jars.set('one', jarOf('one'))
    const theirs = (note: string): void => {
      const position = server.of('one').length + 1
      server.entries.set('one', [
        ...server.of('one'),
        { body: line(note), device: 'theirs', order: position, position, author: 'p-else', received: RECEIVED },
      ])
    }
    await write('one', 'mine')
    await flush()
    const stop = follow('one', await pullJar('one'))
    theirs('a partner’s')
    await write('one', 'mine after it')
    await flush()
    const put = jest.spyOn(local().entries, 'bulkPut')
    const putJar = jest.spyOn(local().jars, 'put')
    const hear = async (lines: number): Promise<void> => {
      const before = put.mock.calls.length
      streams.at(-1)?.onmessage?.()
      for (let k = 0; k < 200 && (put.mock.calls.length === before || (await local().entries.count()) < lines); k++)
        await new Promise((resolve) => setTimeout(resolve, 5))
    }
    await hear(3)
    theirs('another')
    await hear(4)
    expect(notesOf('one')).toEqual(['mine', 'a partner’s', 'mine after it', 'another'])
    expect((await local().entriesOf('one')).map((e) => e.position).sort()).toEqual([1, 2, 3, 4])
    // One's own line learns when the server took it.
    expect(put.mock.calls.map(([entries]) => (entries as readonly { body: Entry }[]).map(({ body }) => ('note' in body ? body.note : '?')))).toEqual([
      ['a partner’s', 'mine after it'],
      ['another'],
    ])
    expect(putJar).not.toHaveBeenCalled()
    stop()
  })
  test('a server restored to an earlier state: what it does not know any more of one’s own is sent to it again, and nothing goes from here', async () => {
    await local().jars.bulkPut([jarOf('whole', 1), jarOf('in part'), jarOf('not sent yet')])
    await write('whole', 'first', 'second')
    await write('in part', 'kept', 'lost', 'lost too')
    server.jars.set('whole', jarOf('whole'))
    await flush()
    const before = notesOf('in part')
    // As it was before anything of the one, and all but the first line of the other, came.
    server.jars.delete('whole')
    server.entries.delete('whole')
    server.entries.set('in part', server.of('in part').slice(0, 1))
    await pullShelf()
    await flush()
    expect(notesOf('whole')).toEqual(['first', 'second'])
    await pullJar('in part')
    await flush()
    expect(notesOf('in part')).toEqual(before)
    expect(await local().unsent()).toBe(0)
    expect((await local().entriesOf('in part')).map((e) => e.order)).toEqual([1, 2, 3])
  })
  test('a jar of somebody else’s, or one that was given out, that the server does not show is said to be missing, until it does again', async () => {
    await local().jars.bulkPut([ownedJar('a partner’s', 'p-else', 1), { ...jarOf('given out', 1), issued: true }])
    await write('given out', 'mine')
    await flush()
    const standing = async (): Promise<unknown[]> => (await local().jars.toArray()).map((j) => [j.id, j.missing === true])
    await pullShelf()
    expect(await standing()).toEqual([
      ['a partner’s', true],
      ['given out', true],
    ])
    expect(await local().entriesOf('given out')).toHaveLength(1)
    server.jars.set('given out', { ...jarOf('given out'), issued: true } as never)
    await pullShelf()
    expect(await standing()).toContainEqual(['given out', false])
    await forget('a partner’s')
    expect(await local().jars.count()).toBe(1)
  })
  test('one jar that is refused keeps none of the others from being sent, and nothing of it goes from here', async () => {
    for (const id of ['full', 'other']) await local().jars.put(jarOf(id))
    await flush()
    server.full.add('full')
    await write('full', 'no room')
    await write('other', 'goes on')
    await flush()
    expect(notesOf('other')).toEqual(['goes on'])
    expect(await local().unsent()).toBe(1)
    expect(useSync.getState().problem).toMatchObject({ status: 413, message: expect.stringMatching(/no room/) })
    server.full.clear()
    await flush()
    expect([notesOf('full'), useSync.getState().problem]).toEqual([['no room'], null])
  })
  test('a shelf that cannot be fetched changes nothing', async () => {
    await local().jars.put(jarOf('one', 1))
    server.fates = ['lost']
    await expect(pullShelf()).rejects.toMatchObject({ offline: true, status: 0 })
    expect(await local().jars.count()).toBe(1)
  })
})
