import { describe, expect, test } from '@jest/globals'
import { ORGANIC_TESTS, type Test } from '../catalogue'
import { caseSchema, entrySchema, type Entry } from '../notebook'
import { everyTest } from '../schemes'
import { acidityAsked, doSum, neutralisingsOf, rationsOf, stretchesOf, waitsOf } from '.'

const did = (id: string, body: object): Entry => entrySchema.parse({ id, at: '', did: body })
const named = (id: string) => {
  const found = everyTest.get(id)
  if (!found) throw new Error(id)
  return found
}

describe('waits', () => {
  test('each says what to look at when it is over, and lasts as long as the plan of time has it', () => {
    for (const one of everyTest.values()) {
      const waits = waitsOf(one)
      for (const wait of waits) expect(wait.lookFor).not.toBe('')
      const heated = waits.filter((w) => w.doing === 'boiling' || w.doing === 'warming').reduce((sum, w) => sum + Math.max(1, w.minutes), 0)
      const planned = stretchesOf(one)
        .filter((s) => s.burner)
        .reduce((sum, s) => sum + s.minutes, 0)
      expect(planned).toBeGreaterThanOrEqual(heated)
    }
  })
})

describe('neutralising', () => {
  const all = [...everyTest.values()].flatMap((one) => neutralisingsOf(one).map((n) => ({ id: `${one.id} ${n.step}`, n })))
  test('the tests that go by litmus are found', () => {
    expect(all.length).toBeGreaterThan(15)
  })
  test.each(all)('$id: the sum can be worked, and a reading narrows it', ({ n }) => {
    const input = { contents: n.contents, with: n.with, towards: n.towards }
    const first = doSum('neutralise', input) as { expected_drops: number; nextDose_drops: number }
    expect(first.expected_drops).toBeGreaterThanOrEqual(0)
    const other = n.towards === 'just-basic' ? 'red' : 'blue'
    const second = doSum('neutralise', { ...input, readings: [{ drops: first.nextDose_drops, litmus: other }] }) as {
      between_drops: [number, number]
    }
    expect(second.between_drops[0]).toBe(first.nextDose_drops)
  })
})

describe('what is left', () => {
  const of = caseSchema.parse({ sample: { mg: 500 } })
  test('nothing done takes nothing', () => {
    expect(rationsOf(of, [])).toEqual({ sample: { had: 500, left: 500, unit: 'mg' }, stocks: [] })
  })
  test('a portion comes off the jar, a test off the solution that was made for it', () => {
    const rations = rationsOf(of, [did('a', { do: 'take', into: 'A', mg: 50 }), did('b', { test: 'dilute-hydrochloric-acid', on: 'B' })])
    expect(rations.sample.left).toBeLessThan(500)
    expect(rations.stocks).toEqual([expect.objectContaining({ id: 'OS', title: 'solution' })])
    expect(rations.stocks[0]?.left_mL).toBeGreaterThan(3)
    expect(rations.stocks[0]?.left_mL).toBeLessThan(5)
  })
  test('what was withdrawn took nothing, and never is less than nothing left', () => {
    const entries = [did('a', { do: 'take', into: 'A', mg: 450 }), did('b', { do: 'take', into: 'B', mg: 450 })]
    expect(rationsOf(of, entries).sample.left).toBe(0)
    const withdrawn = [...entries, entrySchema.parse({ id: 'c', at: '', amended: { entry: 'b', with: { withdrawn: true } } })]
    expect(rationsOf(of, withdrawn).sample.left).toBe(50)
  })
  test('a control takes nothing of the sample', () => {
    const run = did('a', { test: 'silver-nitrate', on: 'A' })
    const blank = did('b', { test: 'silver-nitrate', on: 'B', control: 'blank', beside: 'a' })
    expect(rationsOf(of, [run, blank])).toEqual(rationsOf(of, [run]))
  })
  test('of a solution, millilitres', () => {
    const solution = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } })
    expect(rationsOf(solution, [did('a', { do: 'take', into: 'A', mL: 3 })]).sample).toEqual({ had: 20, left: 17, unit: 'mL' })
  })
})

describe('hydrogen sulfide into acid', () => {
  const pouring = (...steps: readonly object[]): Test => ({ ...named('silver-nitrate'), steps: steps as Test['steps'] })
  const take = { do: 'take', into: 'T', from: 'OS', mL: 1 }
  test('asks for the acidity that was poured by then', () => {
    const asked = acidityAsked(pouring(take, { do: 'add', to: 'T', reagent: 'HCl 2 M', mL: 1 }, { do: 'pass', gas: 'H2S', through: 'T' }))
    expect(asked?.volume_mL).toBeCloseTo(2, 9)
    expect(asked?.acid_M).toBeCloseTo(1, 9)
  })
  test('not in ammonia, and not without it', () => {
    expect(acidityAsked(pouring(take, { do: 'add', to: 'T', reagent: 'NH3 2 M', mL: 1 }, { do: 'pass', gas: 'H2S', through: 'T' }))).toBeNull()
    expect(acidityAsked(named('silver-nitrate'))).toBeNull()
    // Sulfuric acid brings none.
    expect(acidityAsked(pouring(take, { do: 'add', to: 'T', reagent: 'H2SO4 dil', mL: 1 }))).toBeNull()
    for (const one of ORGANIC_TESTS) expect([one.id, acidityAsked(one)]).toEqual([one.id, null])
  })
  test('the second group of a separation is one of them, the fourth is not', () => {
    const [second, fourth] = ['group-2', 'group-4'].map((id) => [...everyTest.values()].find((t) => t.id === `full-separation/${id}`))
    expect(second && acidityAsked(second)).not.toBeNull()
    expect(fourth && acidityAsked(fourth)).toBeNull()
  })
})
