import { caseSchema, isOnSolution, testsFor } from '@foxing/core'
import { describe, expect, test } from '@jest/globals'
import { testsByStage, wayOf } from './way'

const CASES = {
  'one salt': caseSchema.parse({}),
  'one salt, dissolved': caseSchema.parse({ sample: { mL: 20, form: 'solution' } }),
  'a mixture in solution': caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }),
  'a solid mixture': caseSchema.parse({ kind: 'mixture', sample: { mg: 500, form: 'solid' } }),
  'an organic compound': caseSchema.parse({ kind: 'organic' }),
}

describe('the way a case is worked', () => {
  test.each(Object.entries(CASES))('%s: every test there is stands in one stage, once', (_, of) => {
    const listed = testsByStage(of).flatMap(({ tests }) => tests.map((t) => t.id))
    expect(new Set(listed).size).toBe(listed.length)
    const done = testsFor(of.kind).filter((t) => of !== CASES['one salt, dissolved'] || isOnSolution(t))
    expect(new Set(listed)).toEqual(new Set(done.map((t) => t.id)))
    for (const { tests } of wayOf(of).stages) expect(tests.length).toBeGreaterThan(0)
  })
  test('of a salt in solution nothing is listed that wants a solid', () => {
    const stages = wayOf(CASES['one salt, dissolved']).stages.map((s) => s.id)
    expect(stages).toEqual(expect.arrayContaining(['flame', 'anions']))
    for (const stage of ['dry', 'looked']) expect(stages).not.toContain(stage)
  })
  test('a solid is looked at, heated and dissolved before it is taken apart, a solution not', () => {
    const stages = (of: keyof typeof CASES): string[] => wayOf(CASES[of]).stages.map((s) => s.id)
    expect(stages('a solid mixture').slice(0, 6)).toEqual(['looked', 'dry', 'flame', 'acids', 'dissolved', 'anions'])
    expect(stages('a mixture in solution').slice(0, 2)).toEqual(['flame', 'anions'])
    expect(stages('a solid mixture')).toEqual(expect.arrayContaining(stages('a mixture in solution')))
  })
})
