import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { sendBadInput } from './testing/bad-input'
import { ask, entry, World, type Person } from './testing/world'

jest.setTimeout(120_000)

let world: World
let base: string
let ada: Person
let jar: string
beforeAll(async () => {
  world = await World.make()
  base = await world.serve()
  ada = await world.person('Ada', await world.institution(), 'student')
  jar = randomUUID()
  await ask(base, ada, 'POST', '/jars', { id: jar, code: 'B-1', kind: 'real' })
})
afterAll(() => world.end())

/** The generator behind `randomFrom` of the trials, so that a run can be made again. */
function randomFrom(start: number): () => number {
  let seed = start
  return () => {
    seed = (seed * 48271) % 2147483647
    return seed / 2147483647
  }
}

describe('bad input', () => {
  test('of every kind is answered in words, and leaves nothing behind', async () => {
    const { wrong, byStatus } = await sendBadInput(world, 300, randomFrom(7))
    expect(wrong).toEqual([])
    // Both happen, or nothing was tried.
    expect(Object.keys(byStatus).some((s) => s.startsWith('2'))).toBe(true)
    expect((byStatus['400'] ?? 0) > 50).toBe(true)
  })

  const send = (body: object): Promise<{ status: number; body: Record<string, unknown> }> =>
    ask(base, ada, 'POST', `/jars/${jar}/entries`, { device: randomUUID(), entries: [{ order: 1, body: entry(body) }] })

  test.each([
    ['a channel that is none', { saw: { channel: 'taste', value: 'salty' } }, /channel/],
    ['a negative volume', { did: { do: 'add', to: 'A', reagent: 'HCl 2 M', mL: -2 } }, /./],
    ['a note too long', { note: 'x'.repeat(5000) }, /./],
    ['nothing at all', {}, /./],
  ])('%s: says where, and what was expected', async (_, body, expected) => {
    const answer = await send(body)
    expect(answer.status).toBe(400)
    expect(answer.body['path']).toMatch(/^entries\.0\.body/)
    expect(answer.body['expected']).toMatch(expected)
    expect(answer.body['todo']).toMatch(/Nothing was written/)
  })

  test('SQL, HTML and letters of every script come back as they were written', async () => {
    const notes = [`'; drop table entry; --`, '<img src=x onerror=alert(1)>', '${7*7} {{7*7}}', 'naïve Ω ﷽ 漢字 🧪 \u202e', '\\u0000 written out']
    const at = randomUUID()
    await ask(base, ada, 'POST', '/jars', { id: at, code: 'B-2', title: notes[1], kind: 'real' })
    const lines = notes.map((note) => entry({ note }))
    await ask(base, ada, 'POST', `/jars/${at}/entries`, { device: randomUUID(), entries: lines.map((body, k) => ({ order: k + 1, body })) })
    const { body } = await ask(base, ada, 'GET', `/jars/${at}`)
    expect((body['entries'] as { body: { note: string } }[]).map((e) => e.body.note)).toEqual(notes)
    expect((body['jar'] as { title: string }).title).toBe(notes[1])
  })
})
