import { FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE } from './full-separation'
import { PORTIONS } from './portions'
import { SCHOOL } from './school'
import { SULFIDE_FREE } from './sulfide-free'
import { expand, makesFusionExtract, organicTestById, testById, type Test } from '../catalogue'
import { withVessels } from '../tube'
import { testsOfScheme } from './tests'
import type { Scheme } from './types'

export const SCHEMES: readonly Scheme[] = [PORTIONS, FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE, SCHOOL, SULFIDE_FREE]

/** The catalogue's tests, of salts and of organic compounds, and the steps of every scheme that takes mixtures apart. */
export const everyTest: ReadonlyMap<string, Test> = new Map([
  ...testById,
  ...organicTestById,
  ...SCHEMES.flatMap(testsOfScheme).map((t) => [t.id, t] as const),
])
/** Whether a test is the fusion that the extract for the elements comes of. */
export function isFusion(id: string | null | undefined): boolean {
  const test = id == null ? undefined : everyTest.get(id)
  return test !== undefined && makesFusionExtract(test)
}
export const schemeById: ReadonlyMap<string, Scheme> = new Map(SCHEMES.map((s) => [s.id, s]))

let ownVessels: ReadonlySet<string> | undefined
/** Vessels that some scheme works in or fills: what is taken for anything else must stand in none of them, or the group would come down on top of it. */
export function vesselsOfSchemes(): ReadonlySet<string> {
  if (ownVessels) return ownVessels
  const found = new Set<string>()
  for (const { id, vessel } of SCHEMES.flatMap(testsOfScheme))
    for (const { step } of expand({ test: id, on: vessel }, new Map(), everyTest)) withVessels(step, (name) => (found.add(name), name))
  return (ownVessels = found)
}
