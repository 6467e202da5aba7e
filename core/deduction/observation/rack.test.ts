import { expect, test } from '@jest/globals'
import { caseSchema, entrySchema, type Entry } from '../../notebook'
import { inHand } from './in-hand'
import { rackOf } from './rack'

const settings = caseSchema.parse({ kind: 'mixture', sample: { form: 'solution', mL: 20 } })
const did = (id: string, step: object): Entry => entrySchema.parse({ id, at: `2026-01-05T09:0${id}:00Z`, did: step })
const PARTED = [
  did('1', { do: 'take', into: 'A', from: 'sample', mL: 2 }),
  did('2', { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 6 }),
  did('3', { do: 'centrifuge', vessel: 'A', liquidInto: 'B' }),
]

test('every tube in use, with what went in, how much there is and since when', () => {
  const [a, b] = rackOf({ case: settings, entries: PARTED })
  expect(a).toMatchObject({ vessel: 'A', done: ['take 2 mL of the sample', 'add HCl 2 M, 6 drops', 'centrifuge, the liquid into B'], entry: '3' })
  expect(b).toMatchObject({ vessel: 'B', mL: 2.3, since: '2026-01-05T09:03:00Z', isForgotten: false })
})

test('a liquid that was drawn off and not touched since is pointed out', () => {
  const wash = { do: 'wash', vessel: 'A' }
  const later = ['4', '5', '6', '7'].map((id) => did(id, wash))
  expect(rackOf({ case: settings, entries: [...PARTED, ...later] }).map((t) => t.isForgotten)).toEqual([false, true])
  const used = did('8', { do: 'boil', vessel: 'B' })
  expect(rackOf({ case: settings, entries: [...PARTED, ...later, used] }).map((t) => t.isForgotten)).toEqual([false, false])
})

test('what is in hand: the tube last worked in, and the sample itself where it is the solution', () => {
  expect(inHand({ case: settings, entries: PARTED })).toMatchObject({
    vessel: 'A',
    stock: 'sample',
    isSolution: true,
    vessels: ['A'],
    holds: { B: 2.3 },
  })
  expect(inHand({ case: settings, entries: PARTED }, { vessel: 'B', test: 'silver-nitrate' })).toMatchObject({
    vessel: 'B',
    poured: ['nitric-acid', 'silver-nitrate', 'ammonia'],
  })
  const solid = caseSchema.parse({ kind: 'salt' })
  expect(inHand({ case: solid, entries: [] })).toMatchObject({ vessel: undefined, stock: 'OS', isSolution: false })
})
