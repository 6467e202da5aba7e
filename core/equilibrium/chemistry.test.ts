import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { AQUEOUS, COMPONENTS, SOLIDS } from '../species'
import { celsius } from '../units'
import { chemistryOf, lnKAt } from './chemistry'

const at = (...formulae: string[]): number[] => formulae.map((f) => COMPONENTS.indexOf(f))

describe('the chemistry of some components', () => {
  const some = fc.uniqueArray(fc.integer({ min: 1, max: COMPONENTS.length - 1 }), { minLength: 1, maxLength: 10 })
  test('is every species that can be made of them and hydrogen, and no other', () => {
    fc.assert(
      fc.property(some, (present) => {
        const chemistry = chemistryOf(present, celsius(25))
        const held = new Set([0, ...present])
        const made = (s: { readonly terms: readonly (readonly [number, number])[] }): boolean => s.terms.every(([c]) => held.has(c))
        expect(chemistry.aqueous.map((s) => s.id)).toEqual(AQUEOUS.filter(made).map((s) => s.id))
        expect(chemistry.solids.map((s) => s.id)).toEqual(SOLIDS.filter(made).map((s) => s.id))
        expect(chemistry.gated.map((p) => chemistry.solids[p]?.id)).toEqual(SOLIDS.filter((s) => made(s) && s.data.gate).map((s) => s.id))
      }),
      { numRuns: 60, seed: 3 },
    )
  })
  test('has one shape at all temperatures, and constants of its own at each', () => {
    const [cold, hot] = [celsius(25), celsius(100)].map((t) => chemistryOf(at('Ca^2+', 'CO3^2-'), t))
    if (!cold || !hot) throw new Error('no chemistry')
    expect(hot.shape).toBe(cold.shape)
    expect(hot.system.pairs).toBe(cold.system.pairs)
    for (const { system, aqueous, solids, temperature } of [cold, hot]) {
      aqueous.forEach((s, i) => expect(system.lnK[i]).toBe(lnKAt(s, temperature)))
      solids.forEach((s, p) => expect(system.phaseLnK[p]).toBe(lnKAt(s, temperature)))
    }
    expect(hot.system.lnK).not.toEqual(cold.system.lnK)
  })
  test('is remembered by what it is of, in whatever order; shifted constants and a second liquid make it another', () => {
    const plain = chemistryOf(at('Ag^+', 'Cl^-'), celsius(25))
    expect(chemistryOf(at('Cl^-', 'Ag^+', 'Cl^-'), celsius(25))).toBe(plain)
    const shift = new Map([['solid:AgCl', 0.3]])
    const shifted = chemistryOf(at('Ag^+', 'Cl^-'), celsius(25), shift)
    expect(chemistryOf(at('Ag^+', 'Cl^-'), celsius(25), shift)).toBe(shifted)
    const p = plain.solids.findIndex((s) => s.id === 'AgCl')
    expect((shifted.system.phaseLnK[p] ?? 0) - (plain.system.phaseLnK[p] ?? 0)).toBeCloseTo(0.3 * Math.LN10, 9)
    expect(chemistryOf(at('I2', 'I^-'), celsius(25), undefined, 'chlorinated').extracts.map((e) => e.id)).toContain('I2')
    expect(chemistryOf(at('I2', 'I^-'), celsius(25)).extracts).toEqual([])
  })
})
