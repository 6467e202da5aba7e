import { describe, expect, test } from '@jest/globals'
import { TESTS } from '../../catalogue'
import { caseSchema, entrySchema, readProcedure, type Entry } from '../../notebook'
import { inHand } from './in-hand'
import { traceOf } from './trace'

const settings = caseSchema.parse({ kind: 'salt' })
/** The tests that typed lines amount to, in order. */
function amountTo(...lines: readonly string[]): readonly string[] {
  let entries: Entry[] = []
  for (const line of lines) {
    const read = readProcedure(line, inHand({ case: settings, entries })).lines
    entries = [...entries, ...read.map((body, k) => entrySchema.parse({ id: `e${entries.length + k}`, at: '', ...body }))]
  }
  return traceOf({ case: settings, entries }).tests
}

describe('work done freely that amounts to a test of the catalogue', () => {
  test('is that test, with other drops and in other words', () => {
    expect(amountTo('2 mL OS + 8 dr dil HNO3 + 4 dr AgNO3 -> white ppt; + 1 mL NH3 -> dissolves')).toContain('silver-nitrate')
    expect(amountTo('flame: lilac')).toContain('flame-on-wire')
  })
  test('is none where something else is poured, in another order, or far more of it', () => {
    expect(amountTo('1 mL OS + 4 dr KI -> yellow')).not.toContain('silver-nitrate')
    expect(amountTo('1 mL OS + 4 dr AgNO3, + 8 dr dil HNO3, + 1 mL NH3')).not.toContain('silver-nitrate')
    expect(amountTo('1 mL OS + 8 dr dil HNO3 + 8 mL AgNO3, + 1 mL NH3')).not.toContain('silver-nitrate')
  })
  test('a test done as it is written amounts to itself', () => {
    const kept = TESTS.filter(({ id, steps }) => {
      const entries = [entrySchema.parse({ id: '1', at: '', did: { test: id, on: 'A' } })]
      const free = traceOf({ case: settings, entries }).steps.flatMap(({ step }, k) =>
        step ? [entrySchema.parse({ id: `f${k}`, at: '', did: step })] : [],
      )
      const own = traceOf({ case: settings, entries: free }).tests
      return steps.some((s) => s.do === 'add') && !own.includes(id)
    }).map(({ id }) => id)
    // Those that come to the same as another are taken for that.
    expect(kept.length).toBeLessThan(TESTS.length / 5)
  })
})
