import { visited } from '../testing/device'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { entrySchema } from '@foxing/core'
import { jarOf } from '../testing/jars'
import { Server } from '../testing/server'
import { local, LocalDatabase, NOBODY, openLocal } from './local'
import { useSession } from './session'
import { useWaits, clock } from './waits'

const MIRA = { id: 'p-mira', name: 'Mira' }
const OTTO = { id: 'p-otto', name: 'Otto' }
let server: Server

/** Somebody has been at this device, has written one line, and it was sent or was not. */
async function wasHere(person: { id: string }, sent: boolean): Promise<void> {
  const database = openLocal(person.id)
  await database.jars.put(jarOf('one', person.id))
  await database.append('one', person.id, [entrySchema.parse({ id: 'e1', at: '', note: 'kept' })])
  if (sent) await database.acknowledge('one', 'e1', 1)
  localStorage.setItem('foxing-me', JSON.stringify({ ...person, role: 'student', institution: 'Foxglove', classes: [] }))
  openLocal(NOBODY)
}
const standing = (): readonly unknown[] => [useSession.getState().phase, useSession.getState().me?.name ?? null, local().owner]

beforeEach(async () => {
  server = new Server()
  globalThis.fetch = server.fetch as typeof fetch
  localStorage.clear()
  visited.length = 0
  for (const owner of [NOBODY, MIRA.id, OTTO.id]) {
    const database = openLocal(owner)
    await Promise.all([database.jars.clear(), database.entries.clear()])
  }
  openLocal(NOBODY)
  useSession.setState({ phase: 'asking', me: null, found: 0, broughtAlong: 0 })
})

describe('who is at work when a page opens', () => {
  const begun = async (): Promise<readonly unknown[]> => {
    await useSession.getState().begin()
    return standing()
  }
  test('nobody: the door', async () => expect(await begun()).toEqual(['out', null, NOBODY]))
  test('somebody signed in', async () => {
    server.me = MIRA
    expect(await begun()).toEqual(['in', 'Mira', MIRA.id])
  })
  test('a guest goes on as one, also while the server is away', async () => {
    useSession.getState().stayOutside()
    expect(await begun()).toEqual(['guest', null, NOBODY])
    server.fates = ['lost']
    expect(await begun()).toEqual(['guest', null, NOBODY])
  })
  test('the server is away: whoever was last goes on with what is on the device; on a new device, nobody', async () => {
    server.fates = ['lost', 'lost']
    expect(await begun()).toEqual(['out', null, NOBODY])
    await wasHere(MIRA, true)
    expect(await begun()).toEqual(['in', 'Mira', MIRA.id])
    expect(await local().entriesOf('one')).toHaveLength(1)
  })
  test.each([
    ['the cookie is gone', []],
    ['the server knows the cookie no more', ['answered', 'signed out'] as const],
  ])('%s: with lines that were not sent the session is over and they are kept, else the door', async (_, fates) => {
    await wasHere(MIRA, false)
    server.me = fates.length > 0 ? MIRA : null
    server.fates = [...fates]
    expect(await begun()).toEqual(['ended', 'Mira', MIRA.id])
    expect(await local().unsent()).toBe(1)
    await wasHere(MIRA, true)
    server.fates = [...fates]
    expect((await begun())[0]).toBe('out')
  })
  test('what was kept of somebody and cannot be read is nobody', async () => {
    localStorage.setItem('foxing-me', '{half')
    server.fates = ['lost']
    expect(await begun()).toEqual(['out', null, NOBODY])
  })
})

describe('coming and going', () => {
  const guestWrites = async (): Promise<void> => {
    useSession.getState().stayOutside()
    await local().jars.put(jarOf('one', ''))
    await local().append('one', null, [entrySchema.parse({ id: 'e1', at: '', note: 'a guest’s' })])
    server.me = MIRA
    await useSession.getState().enter({ login: 'mira', password: 'x' })
  }
  test('what a guest wrote is nobody else’s unless they say so: it stays, unsent, under nobody’s name', async () => {
    await guestWrites()
    expect([...standing(), useSession.getState().found, useSession.getState().broughtAlong]).toEqual(['in', 'Mira', MIRA.id, 1, 0])
    expect([await local().jars.count(), await local().unsent()]).toEqual([0, 0])
    await useSession.getState().claim(false)
    expect(useSession.getState().found).toBe(0)
    expect(await new LocalDatabase(NOBODY).entries.count()).toBe(1)
    await useSession.getState().ask()
    expect(useSession.getState().found).toBe(0)
  })
  test('said to be one’s own, it comes along, to be sent under one’s own name, and nobody has it any more', async () => {
    await guestWrites()
    await useSession.getState().claim(true)
    expect([...standing(), useSession.getState().broughtAlong]).toEqual(['in', 'Mira', MIRA.id, 1])
    expect((await local().entriesOf('one')).map((e) => [e.author, e.position])).toEqual([[MIRA.id, null]])
    expect(await local().unsent()).toBe(2)
    expect(await new LocalDatabase(NOBODY).jars.count()).toBe(0)
  })
  test('who leaves leaves nothing behind that was sent, and everything that was not', async () => {
    for (const [person, sent, left] of [
      [MIRA, true, 0],
      [OTTO, false, 1],
    ] as const) {
      await wasHere(person, sent)
      server.me = person
      await useSession.getState().begin()
      await useSession.getState().leave()
      expect(standing()).toEqual(['out', null, NOBODY])
      expect(await new LocalDatabase(person.id).entries.count()).toBe(left)
    }
  })
  test('somebody else at the same device: nothing of the one before stays on the page', async () => {
    server.me = MIRA
    await useSession.getState().begin()
    expect(visited).toEqual([])
    server.me = OTTO
    await useSession.getState().ask()
    expect([...standing(), visited]).toEqual(['in', 'Otto', OTTO.id, ['/']])
  })
  test('a session is over only for whoever is in', async () => {
    useSession.getState().ended()
    expect(useSession.getState().phase).toBe('asking')
    server.me = MIRA
    await useSession.getState().begin()
    useSession.getState().ended()
    expect(standing()).toEqual(['ended', 'Mira', MIRA.id])
  })
})

describe('waits', () => {
  const wait = { jar: 'one', code: 'FX-1', tube: 'B', doing: 'boils', lookFor: 'colour', row: 'r1', step: 2 }
  const shown = (): readonly string[] => useWaits.getState().list.map((w) => `${w.row} ${w.step} ${Math.round((w.until - w.from) / 60_000)}`)
  test('stand in the order they end; the same step begun anew replaces what it had; one may have a minute more', () => {
    const { begin, more, end } = useWaits.getState()
    begin(wait, 5)
    begin({ ...wait, row: 'r2' }, 2)
    begin(wait, 3)
    expect(shown()).toEqual(['r2 2 2', 'r1 2 3'])
    const [first] = useWaits.getState().list
    more(first?.id ?? '')
    expect(shown()).toEqual(['r2 2 3', 'r1 2 3'])
    end(first?.id ?? '')
    expect(shown()).toEqual(['r1 2 3'])
  })
  test('are kept on the device, and another tab’s are shown here', () => {
    const kept: unknown = JSON.parse(localStorage.getItem('foxing-waits') ?? 'null') ?? []
    const long = Date.now() - 2 * 24 * 3600 * 1000
    const other = { ...wait, id: 'w', row: 'theirs', from: Date.now(), until: Date.now() + 60_000 }
    const told = (list: unknown): void => {
      localStorage.setItem('foxing-waits', typeof list === 'string' ? list : JSON.stringify(list))
      window.dispatchEvent(Object.assign(new Event('storage'), { key: 'foxing-waits' }))
    }
    expect(kept).toEqual([])
    told([other, { ...other, id: 'old', from: long, until: long }])
    expect(shown()).toEqual(['theirs 2 1'])
    for (const broken of ['{half', [{ id: 'w' }]]) {
      told(broken)
      expect(shown()).toEqual([])
    }
  })
  test.each([
    [61_000, '1:01'],
    [59_001, '1:00'],
    [0, '0:00'],
    [-125_000, '2:05'],
  ])('%d ms are shown as %s', (ms, text) => expect(clock(ms)).toBe(text))
})
