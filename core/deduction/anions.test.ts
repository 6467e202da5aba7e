import { describe, expect, test } from '@jest/globals'
import { ANIONS, anionSetsFor, anionSolution, canShare, workAnionScheme } from './anions'

describe('solutions of anions', () => {
  test('balance in charge whatever is in them', () => {
    for (const anion of ANIONS) expect(() => canShare([anion])).not.toThrow()
    expect(Object.keys(anionSolution(['Cl^-', 'SO4^2-']).solution.ions)).toEqual(['Cl^-', 'Na^+', 'SO4^2-'])
  })
  test('are not made of what takes each other apart', () => {
    expect(canShare(['MnO4^-', 'SO3^2-'])).toBe(false)
    expect(canShare(['Cl^-', 'NO3^-'])).toBe(true)
  })
})

/** The awkward pairs of the books; script/soak anions works all of them, and triples. */
describe('the scheme for anions', () => {
  test.each([
    ['Br^-', 'Cl^-'],
    ['NO2^-', 'NO3^-'],
    ['S2O3^2-', 'SO3^2-'],
  ])(
    '%s and %s are found, and nothing besides',
    (a, b) => {
      const [best, ...alike] = anionSetsFor(workAnionScheme([a, b]))
      expect(best?.anions).toEqual([a, b])
      expect(alike).toEqual([])
    },
    120_000,
  )
})
