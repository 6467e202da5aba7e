import { TESTS, type Test, type TestStep } from '../../../catalogue'
import type { Step } from '../../../tube'
import type { Group } from '../../observation/tests-written'

/** For each test, the ions that change what is written of it when they are there by themselves, little of them or much. */
export type Reach = Readonly<Record<string, readonly string[]>>

const reagentsOf = (steps: readonly (Step | TestStep)[]): string[] =>
  steps.flatMap((step) => (step.do === 'add' ? [step.reagent.replace(/ .*$/, '')] : step.do === 'pass' ? [step.gas] : []))
const testsWith = new Map<string, Test[]>()
for (const test of TESTS) for (const reagent of new Set(reagentsOf(test.steps))) testsWith.set(reagent, [...(testsWith.get(reagent) ?? []), test])

/**
 * The ions that what was written of a test, or of steps done freely, may speak of by their own chemistry; null where that is not known, as of dry tests, and anything may.
 */
export function spokenOf({ test, observations }: Group, reach: Reach): ReadonlySet<string> | null {
  if (test !== null) return reach[test] ? new Set(reach[test]) : null
  const reagents = new Set(observations.flatMap((o) => o.steps.flatMap(({ recipe }) => reagentsOf(recipe.steps))))
  if (reagents.size === 0) return null
  const ions = new Set<string>()
  for (const reagent of reagents) {
    const tests = testsWith.get(reagent)
    if (!tests) return null
    for (const { id } of tests) for (const ion of reach[id] ?? []) ions.add(ion)
  }
  return ions
}
