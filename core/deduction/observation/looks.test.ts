import { describe, expect, test } from '@jest/globals'
import { caseSchema, entrySchema, readShorthand } from '../../notebook'
import { Simulations } from '../simulation/simulations'
import { likelihood } from './error-model'
import { traceOf } from './trace'

const mL = 20
const solution = caseSchema.parse({ sample: { mL, form: 'solution' } })
const simulations = new Simulations(500, {}, mL)

/** How likely each thing written after a test is, with a solution in the jar; a look is named by its place or, as a rule, not. */
function told(done: string, line: string, ions: Readonly<Record<string, number>>, step?: number): readonly number[] {
  const entries = [
    entrySchema.parse({ id: 'd', at: '', did: { test: done, on: 'A' } }),
    ...readShorthand(line).observations.map((saw, k) =>
      entrySchema.parse({ id: `s${k}`, at: '', saw: { ...saw, ...(step === undefined ? {} : { step }) } }),
    ),
  ]
  const content = { id: JSON.stringify(ions), jar: { solution: { ions, mL } } }
  const { observations } = traceOf({ case: solution, entries })
  expect(observations.length).toBeGreaterThan(0)
  return observations.map((o) => likelihood(o, (step) => simulations.expect(content, step.recipe)))
}

const SULFATE = { 'Cu^2+': 0.1, 'SO4^2-': 0.1 }
const COBALT = { 'Co^2+': 0.1, 'NO3^-': 0.2 }

describe('what names no look', () => {
  test('a precipitate is of the look that shows one, whichever that is', () => {
    const SILVER = { 'Ag^+': 0.1, 'NO3^-': 0.1 }
    const [WITH_ACID, WITH_BARIUM] = [2, 4]
    expect(told('barium-chloride', 'white ppt', SULFATE)).toEqual(told('barium-chloride', 'white ppt', SULFATE, WITH_BARIUM))
    expect(told('barium-chloride', 'white ppt', SULFATE)[0]).toBeGreaterThan(0.8)
    expect(told('barium-chloride', 'white ppt', SILVER)[0]).toBeGreaterThanOrEqual(told('barium-chloride', 'white ppt', SILVER, WITH_ACID)[0] ?? NaN)
    for (const p of told('barium-chloride', 'white ppt', { 'Na^+': 0.1, 'NO3^-': 0.1 })) expect(p).toBeLessThan(0.5)
  })
  test('that there was none is said of the last look, and not of one nobody went on to', () => {
    const none = (done: string, ions: Readonly<Record<string, number>>): number => told(done, 'no ppt', ions)[0] ?? NaN
    expect(none('barium-chloride', SULFATE)).toBeLessThan(0.1)
    expect(none('silver-nitrate', { 'Na^+': 0.1, 'Cl^-': 0.1 })).toBeLessThan(0.1)
    expect(none('barium-chloride', COBALT)).toBeGreaterThan(0.8)
    // Ammonia after the silver nitrate brings cobalt down: where nothing fell before, most leave it at that.
    expect(none('silver-nitrate', COBALT)).toBeGreaterThan(0.4)
  })
})
