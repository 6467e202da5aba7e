import { describe, expect, test } from '@jest/globals'
import type { Hypothesis } from '../deduction'
import { live } from './prospects'

const hypothesis = (id: string, more: Partial<Hypothesis> = {}): Hypothesis => ({ content: { id }, ions: new Set([id]), prior: 0.25, ...more })

describe('what is foretold', () => {
  test('ends where nearly all that can be foretold is held, whatever is left to what cannot', () => {
    const hypotheses = [hypothesis('a'), hypothesis('b'), hypothesis('c'), hypothesis('d', { unworked: true })]
    const found = live({ hypotheses, posterior: Float64Array.from([0.9, 0.05, 1e-9, 0.05 - 1e-9]) })
    expect(found.map(({ h }) => h)).toEqual([0, 1])
  })
  test('the likeliest comes first, with what it speaks for', () => {
    const found = live({ hypotheses: [hypothesis('a'), hypothesis('b')], posterior: Float64Array.from([0.25, 0.75]) })
    expect(found).toEqual([
      { h: 1, mass: 0.75 },
      { h: 0, mass: 0.25 },
    ])
  })
})
