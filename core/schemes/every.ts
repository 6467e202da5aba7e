import { FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE } from './full-separation'
import { PORTIONS } from './portions'
import { SCHOOL } from './school'
import { SULFIDE_FREE } from './sulfide-free'
import { organicTestById, testById, type Test } from '../catalogue'
import { testsOfScheme } from './tests'
import type { Scheme } from './types'

export const SCHEMES: readonly Scheme[] = [PORTIONS, FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE, SCHOOL, SULFIDE_FREE]

/** The catalogue's tests, of salts and of organic compounds, and the steps of every scheme that takes mixtures apart. */
export const everyTest: ReadonlyMap<string, Test> = new Map([
  ...testById,
  ...organicTestById,
  ...SCHEMES.flatMap(testsOfScheme).map((t) => [t.id, t] as const),
])
export const schemeById: ReadonlyMap<string, Scheme> = new Map(SCHEMES.map((s) => [s.id, s]))
