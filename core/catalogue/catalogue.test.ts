import { describe, expect, test } from '@jest/globals'
import { Runner } from '../perception'
import { SOURCES, type SourceId } from '../species'
import { stepSchema } from '../tube'
import type { Asked } from '../vocabulary'
import { cautionsOf, expand, ORGANIC_TESTS, reagentsOf, TESTS, testById, wantsTube } from '.'

const IONS = { 'Cu^2+': 0.03, 'Fe^3+': 0.02, 'Zn^2+': 0.03, 'Ba^2+': 0.02, 'K^+': 0.05, 'H^+': 0.1, 'NO3^-': 0.37 }

describe('the catalogue', () => {
  test('every id is said once', () => {
    expect(testById.size).toBe(TESTS.length)
  })
  test.each(TESTS.map((t) => [t.id, t] as const))(
    '%s: its steps are steps, its reagents stand on the shelf, it says what to look at and where it is from',
    (_, t) => {
      for (const step of t.steps) expect(stepSchema.safeParse(step).error).toBeUndefined()
      expect(reagentsOf(t).every((id) => id !== '')).toBe(true)
      expect(t.steps.some((step) => step.for !== undefined)).toBe(true)
      expect(t.because).toMatch(/\.$/)
      expect(t.sources.map((s: SourceId) => SOURCES[s])).not.toContain(undefined)
      for (const caution of cautionsOf(t)) expect(caution).not.toBe('')
    },
  )
  test('what a test passes through a tube brings its caution along, as what it pours does', () => {
    const passing = TESTS.filter((t) => t.steps.some((s) => s.do === 'pass' && s.gas === 'H2S'))
    expect(passing.length).toBeGreaterThan(0)
    for (const t of passing) expect(cautionsOf(t).join()).toMatch(/Hydrogen sulfide/)
  })
  const onSolution = TESTS.filter((t) => t.on.includes('solution') && wantsTube(t))
  test.each(onSolution.map((t) => [t.id, t] as const))('%s can be carried out on a solution of five cations', (id) => {
    const runner = new Runner({ solution: { ions: IONS, mL: 20 } })
    runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
    for (const { step, index } of expand({ test: id, on: 'A' }, new Map([['A', 1]]), testById)) if (index >= 0) runner.step(step)
    expect(runner.step(stepSchema.parse({ do: 'look', at: 'A' })).vessel).toBe('A')
  })
})

test('a look asks in its type for what its words ask for, and for nothing by accident of spelling', () => {
  const SAID: readonly (readonly [asked: Asked, words: RegExp])[] = [
    ['gas', /\b(fizz|gas|bubbles|fumes)\b/],
    ['ring', /\bring\b/],
    ['lime-water', /\bthe lime water\b/],
    ['solubility', /^whether it dissolves$/],
    ['melting-point', /\bmelting point\b/],
    ['boiling-point', /\bboiling point\b/],
  ]
  for (const { id, steps } of [...TESTS, ...ORGANIC_TESTS])
    for (const step of steps) {
      if (step.for === undefined || step.do === 'ignite') continue
      const words = step.for
      expect([id, words, [...(step.asks ?? [])].sort()]).toEqual([
        id,
        words,
        SAID.filter(([, said]) => said.test(words))
          .map(([asked]) => asked)
          .sort(),
      ])
    }
})
