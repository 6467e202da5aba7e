import { describe, expect, test } from '@jest/globals'
import { SOURCES } from '../../species'
import { equationOfRule, genericAtoms, genericImbalance, isGeneric, ORGANIC_RULES, parseEquation } from './index'

describe('rules of organic reactions', () => {
  test.each(ORGANIC_RULES.map((rule) => [rule.id, rule] as const))('%s balances in atoms, R and charge, and is cited', (_, rule) => {
    expect([...genericImbalance(equationOfRule(rule))]).toEqual([])
    expect(SOURCES[rule.source]).toBeDefined()
    expect(rule.says).toMatch(/\.$/)
  })
  test('ids are unique', () => {
    expect(new Set(ORGANIC_RULES.map((r) => r.id)).size).toBe(ORGANIC_RULES.length)
  })
  test('R counts as an atom of its own, and never as the start of an element', () => {
    expect([...genericAtoms('R2C22H23N3SO5')]).toEqual(
      expect.arrayContaining([
        ['R', 2],
        ['C', 22],
        ['S', 1],
      ]),
    )
    expect(isGeneric('RCHO')).toBe(true)
    expect(isGeneric('Ru^3+')).toBe(false)
    expect(genericAtoms('R').get('R')).toBe(1)
  })
  test('an equation without an arrow, or that does not balance, is found', () => {
    expect(() => parseEquation('RCHO + Br2')).toThrow(RangeError)
    expect(genericImbalance(parseEquation('RCHO + Br2 -> RCOBr')).size).toBeGreaterThan(0)
  })
})
