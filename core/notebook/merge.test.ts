import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { inOrder, type Placed } from './merge'

interface Sent extends Placed {
  readonly name: string
}

/** What several devices wrote, with the places a server gave it, in some order of arrival. */
const written = fc
  .array(fc.record({ device: fc.constantFrom('a', 'b', 'c'), arrives: fc.double({ min: 0, max: 1, noNaN: true }), sent: fc.boolean() }), {
    maxLength: 30,
  })
  .map((lines) => {
    const order = new Map<string, number>()
    const numbered = lines.map(({ device, arrives, sent }, k) => {
      order.set(device, (order.get(device) ?? 0) + 1)
      return { name: `${device}${order.get(device) ?? 0}`, device, order: order.get(device) ?? 0, arrives, sent, k }
    })
    const places = new Map(
      numbered
        .filter((l) => l.sent)
        .toSorted((x, y) => x.arrives - y.arrives || x.k - y.k)
        .map((l, place) => [l.name, place + 1]),
    )
    return numbered.map(({ name, device, order: o }): Sent => ({ name, device, order: o, position: places.get(name) ?? null }))
  })

const names = (records: readonly Sent[]): string[] => records.map((r) => r.name)

describe('the order of a notebook that several devices write in', () => {
  test('holds every line once', () => {
    fc.assert(fc.property(written, (lines) => expect(names(inOrder(lines)).toSorted()).toEqual(names(lines).toSorted())))
  })

  test('does not depend on how the lines are held', () => {
    fc.assert(
      fc.property(written, fc.infiniteStream(fc.nat()), (lines, random) => {
        const keys = new Map(lines.map((l) => [l.name, random.next().value]))
        const shuffled = lines.toSorted((a, b) => (keys.get(a.name) ?? 0) - (keys.get(b.name) ?? 0))
        expect(names(inOrder(shuffled))).toEqual(names(inOrder(lines)))
      }),
    )
  })

  test('keeps what one device wrote in the order it was written in', () => {
    fc.assert(
      fc.property(written, fc.constantFrom('a', 'b', 'c'), (lines, device) => {
        const own = inOrder(lines).filter((l) => l.device === device)
        expect(own.map((l) => l.order)).toEqual(own.map((l) => l.order).toSorted((x, y) => x - y))
      }),
    )
  })

  test('is the server’s where each device’s lines arrived in their order, with what has not arrived at the end', () => {
    fc.assert(
      fc.property(written, (lines) => {
        // Each device's lines take its places in order, and only its last ones are unsent.
        const honest = inOrder(lines).map((l, k) => ({ ...l, position: k + 1 }))
        const cut = honest.map((l) => ({ ...l, position: l.position > honest.length - 3 ? null : l.position }))
        const sent = cut.filter((l) => l.position !== null)
        expect(names(inOrder(cut)).slice(0, sent.length)).toEqual(names(sent))
      }),
    )
  })

  test('puts a line that came late before a later one of its device, and moves nobody else’s', () => {
    const lines = [
      { name: 'a2', device: 'a', order: 2, position: 1 },
      { name: 'b1', device: 'b', order: 1, position: 2 },
      { name: 'a1', device: 'a', order: 1, position: 3 },
    ]
    expect(names(inOrder(lines))).toEqual(['a1', 'b1', 'a2'])
  })
})
