import { describe, expect, test } from '@jest/globals'
import { imbalance, writeEquation } from './equation'
import { gateRules, ruleById, RULES } from './rules'

const coefficientsOf = (equation: string): Map<string, number> => {
  const [left = '', right = ''] = equation.split('->')
  const side = (text: string, sign: number): [string, number][] =>
    text.split(' + ').map((term) => {
      const match = /^\s*(\d+ )?(\S+)\s*$/.exec(term)
      return [match?.[2] ?? '', sign * Number(match?.[1] ?? 1)]
    })
  return new Map([...side(left, -1), ...side(right, 1)])
}

describe('equations', () => {
  test('cations come first, water last, coefficients of one are not written', () => {
    const text = writeEquation(
      new Map([
        ['Ni^2+', -1],
        ['NH3', -2],
        ['H2O', -2],
        ['Ni(OH)2', 1],
        ['NH4^+', 2],
      ]),
      new Set(['Ni(OH)2']),
    )
    expect(text).toBe('Ni^2+ + 2 NH3 + 2 H2O -> Ni(OH)2 + 2 NH4^+')
  })
  test('what is left over of an unbalanced one is told', () => {
    expect(
      Object.fromEntries(
        imbalance(
          new Map([
            ['Ag^+', -1],
            ['Cl^-', -1],
            ['AgCl', 1],
          ]),
        ),
      ),
    ).toEqual({})
    expect(
      Object.fromEntries(
        imbalance(
          new Map([
            ['Ag^+', -1],
            ['AgCl', 1],
          ]),
        ),
      ),
    ).toEqual({ Cl: 1, charge: -1 })
  })
})

describe('named rules', () => {
  test.each(RULES.map((r) => [r.id, r] as const))('%s is balanced', (_, rule) => {
    expect(Object.fromEntries(imbalance(coefficientsOf(rule.equation)))).toEqual({})
  })
  test('every gate of a solid names a rule that is written down', () => {
    expect(gateRules().length).toBeGreaterThan(0)
    for (const id of gateRules()) expect(ruleById.has(id)).toBe(true)
  })
})
