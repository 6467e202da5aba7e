import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { balance, CONVERSIONS, conversionEquation, DRY_REACTIONS, dryEquation, imbalance, isGas } from '../reactions'
import { DRY_PHASES, parseFormula, SALTS, withoutWater } from '../species'
import { GENTLE_C, roast, STRONG_C } from './roast'

const atomsOf = (holds: Iterable<readonly [string, number]>): Map<string, number> => {
  const sum = new Map<string, number>()
  for (const [formula, mol] of holds)
    for (const [element, n] of Object.entries(parseFormula(formula).atoms)) sum.set(element, (sum.get(element) ?? 0) + n * mol)
  return sum
}

describe('reactions of hot solids', () => {
  test.each(DRY_REACTIONS.map((r) => [r.id, r] as const))('%s: balanced, between phases that are known', (_, { takes, gives }) => {
    const coefficients = new Map<string, number>()
    for (const [f, n] of takes) coefficients.set(f, (coefficients.get(f) ?? 0) - n)
    for (const [f, n] of gives) coefficients.set(f, (coefficients.get(f) ?? 0) + n)
    expect(Object.fromEntries(imbalance(coefficients))).toEqual({})
    for (const [f] of [...takes, ...gives]) expect([f, isGas(f) || DRY_PHASES.has(f)]).toEqual([f, true])
  })
  test('whole numbers are found from the formulae', () => {
    expect(balance(['Pb(NO3)2'], ['PbO', 'NO2', 'O2'])).toEqual([2, 2, 4, 1])
    expect(balance(['KClO3'], ['KCl', 'O2'])).toEqual([2, 2, 3])
    expect(balance(['KClO3'], ['KCl', 'O2', 'Cl2'])).toBeNull()
  })
  test('every hydrate on the shelf can lose its water', () => {
    for (const { id } of SALTS) if (withoutWater(id).water > 0) expect([id, DRY_REACTIONS.some((r) => r.takes[0]?.[0] === id)]).toEqual([id, true])
  })
  test('are written as people write them', () => {
    const reaction = DRY_REACTIONS.find((r) => r.id.startsWith('NaHCO3 ->'))
    expect(reaction && dryEquation(reaction)).toBe('2 NaHCO3 -> Na2CO3 + CO2 + H2O')
  })
})

describe('reactions that go one way', () => {
  test.each(CONVERSIONS.map((c) => [c.id, c] as const))('%s is balanced', (_, conversion) => {
    expect(Object.fromEntries(imbalance(conversionEquation(conversion).coefficients))).toEqual({})
  })
})

describe('roasting', () => {
  test('makes and loses no atom, whatever is ground together; only oxygen comes from the air', () => {
    const names = SALTS.map((s) => s.id)
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...names), { minLength: 1, maxLength: 3 }),
        fc.constantFrom('gently', 'strongly'),
        (mixed, stage) => {
          const start = new Map(mixed.map((id) => [id, 1e-3]))
          const { holds, sublimed, evolved } = roast(start, stage)
          const after = atomsOf([...holds, ...sublimed, ...evolved.map((e) => [e.gas, e.mol] as const)])
          for (const [element, mol] of atomsOf(start))
            if (element !== 'O') expect([mixed, element, Math.abs((after.get(element) ?? 0) - mol) < 1e-9]).toEqual([mixed, element, true])
        },
      ),
      { numRuns: 400, seed: 3 },
    )
  })
  test('heated twice, a residue does nothing the second time', () => {
    for (const { id } of SALTS) {
      const once = roast(new Map([[id, 1e-3]]), 'strongly')
      const twice = roast(once.holds, 'strongly')
      expect([id, twice.evolved.map((e) => e.gas), [...twice.sublimed.keys()]]).toEqual([id, [], []])
    }
  })
  test('gives its gases in the order they come', () => {
    const { evolved } = roast(new Map([['FeSO4.7H2O', 1e-3]]), 'strongly')
    expect(evolved.map((e) => e.gas)).toEqual(['H2O', 'SO2', 'SO3'])
    expect(evolved.map((e) => e.at_C)).toEqual([...evolved.map((e) => e.at_C)].sort((a, b) => a - b))
    expect(GENTLE_C).toBeLessThan(STRONG_C)
  })
})
