import { describe, expect, test } from '@jest/globals'
import { FUSION_FAULTS, isFaulty } from './fusion'
import { stepSchema, type Step } from './procedure'

type Fuse = Extract<Step, { do: 'fuse' }>
function fuse(more: object = {}): Fuse {
  const step = stepSchema.parse({
    do: 'fuse',
    into: 'FE',
    with: 'sodium',
    sodium_mg: 60,
    sample_mg: 50,
    tubes: 2,
    water_mL: 10,
    toFraction: 0.33,
    ...more,
  })
  if (step.do !== 'fuse') throw new Error('no fusion')
  return step
}

describe('what is wrong with a fusion, by how it was done', () => {
  test('as the books have it: nothing', () => {
    expect(isFaulty(fuse())).toBe(false)
    expect(isFaulty(fuse({ with: 'zinc-carbonate' }))).toBe(false)
  })
  test.each([
    ['little sodium', { sodium_mg: 30 }],
    ['not red', { heating: 'poor' }],
    ['weak extract', { tubes: 1, water_mL: 30, toFraction: 1 }],
  ] as const)('%s, and only that', (fault, more) => {
    const found = Object.entries(FUSION_FAULTS).flatMap(([name, applies]) => (applies(fuse(more)) ? [name] : []))
    expect(found).toEqual([fault])
  })
  test('sodium is not asked of zinc', () => {
    expect(FUSION_FAULTS['little sodium'](fuse({ with: 'zinc-carbonate', sodium_mg: 1 }))).toBe(false)
  })
})
