import {
  FULL_SEPARATION_THIOACETAMIDE,
  isOnSolution,
  ORGANIC,
  PORTIONS,
  schemeById,
  testsFor,
  testsOfScheme,
  type Case,
  type Test,
} from '@foxing/core'

/** A stage of the course, and the tests that belong to it. */
export interface Stage {
  readonly id: string
  readonly title: string
  readonly tests: readonly string[]
  /** Only listed once it has been begun: what is done where an anion that interferes was found. */
  readonly seldom?: boolean
}

/** Portions of a mixture that are tried before it is taken apart: of a solution, and what else is done with a solid. */
const BEFORE = { solution: ['flame', 'anions'], solid: ['looked', 'dry', 'flame', 'acids', 'dissolved', 'anions'] } as const

/** Whether a case is of one salt in solution. */
const isDissolved = ({ kind, sample }: Case): boolean => kind === 'salt' && sample.mL !== undefined
const DONE_ON_SOLUTION: ReadonlySet<string> = new Set(testsFor('salt').flatMap((test) => (isOnSolution(test) ? [test.id] : [])))
/** The course of one salt, as far as it is done on a solution. */
const ON_SOLUTION = {
  title: PORTIONS.title,
  stages: PORTIONS.stages
    .map((stage) => ({ ...stage, tests: stage.tests.filter((id) => DONE_ON_SOLUTION.has(id)) }))
    .filter(({ tests }) => tests.length > 0),
}

/** The way a case is worked: stages on portions of one salt; for a mixture the portions tried first, then each separation of the school's scheme. */
export function wayOf(of: Case): { readonly title: string; readonly stages: readonly Stage[] } {
  if (of.kind === 'organic') return ORGANIC
  if (of.kind !== 'mixture') return isDissolved(of) ? ON_SOLUTION : PORTIONS
  const scheme = schemeById.get(of.school.scheme ?? '') ?? FULL_SEPARATION_THIOACETAMIDE
  const tests = testsOfScheme(scheme)
  const before = BEFORE[of.sample.form ?? 'solution']
  const separations = scheme.separations.map(({ id, title, when = [] }) => ({
    id,
    title: title.replace(/[:?].*/, ''),
    seldom: [when].flat().some((earlier) => earlier.endsWith('-sought')),
    tests: tests.filter((t) => t.separation.id === id).map((t) => t.id),
  }))
  return { title: scheme.title, stages: [...PORTIONS.stages.filter((s) => before.some((id) => id === s.id)), ...separations] }
}

/** Every test there is for a kind of case, by the stages of its course; those that belong to none come last. */
export function testsByStage(of: Case): readonly { readonly title: string; readonly tests: readonly Test[] }[] {
  const left = new Map(
    testsFor(of.kind)
      .filter((t) => !isDissolved(of) || isOnSolution(t))
      .map((t) => [t.id, t]),
  )
  const take = (id: string): Test[] => {
    const test = left.get(id)
    left.delete(id)
    return test ? [test] : []
  }
  const staged = wayOf(of).stages.map(({ title, tests }) => ({ title, tests: tests.flatMap(take) }))
  return [...staged, { title: 'other tests', tests: [...left.values()] }].filter((s) => s.tests.length > 0)
}
