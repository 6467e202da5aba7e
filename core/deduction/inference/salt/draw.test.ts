import { describe, expect, test } from '@jest/globals'
import { findSalt, SALTS } from '../../../species'
import { Runner } from '../../../perception'
import { stepSchema } from '../../../tube'
import { heldDissolved } from '../../reference/in-jar'
import { practiceDissolved } from './draw'

const SEEDS = Array.from({ length: 25 }, (_, k) => 7919 * k)

describe('a salt dissolved to practise on', () => {
  test('is clear, of a bench salt, as strong as it is given out, and the same for the same seed', () => {
    for (const seed of SEEDS) {
      const { salt, molar, content } = practiceDissolved(seed, 20)
      expect(SALTS).toContain(salt)
      expect(molar).toBeGreaterThanOrEqual(0.05)
      expect(molar).toBeLessThanOrEqual(0.2)
      const runner = new Runner(content.jar ?? { solids: [] })
      const { deposit } = runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
      expect([salt.id, deposit]).toEqual([salt.id, null])
      expect(practiceDissolved(seed, 20).content).toEqual(content)
    }
    expect(new Set(SEEDS.map((seed) => practiceDissolved(seed, 20).salt.id)).size).toBeGreaterThan(10)
  }, 60_000)
  test('is named with whatever water, and not as another', () => {
    const salt = findSalt('CuSO4.5H2O')
    if (!salt) throw new Error('no blue vitriol')
    const held = heldDissolved({ salt, molar: 0.1, content: { id: 'x' } })
    expect(held.isSaid(['Cu^2+', 'CuSO4'])).toBe(true)
    expect(held.isSaid(['CuSO4.5H2O'])).toBe(true)
    expect(held.isSaid(['CuCl2.2H2O'])).toBe(false)
    expect(held.isSaid([])).toBe(false)
  })
})
