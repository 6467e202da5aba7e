import * as acids from './tests/acids'
import * as anions from './tests/anions'
import * as cations from './tests/cations'
import * as dry from './tests/dry'
import * as first from './tests/first'
import * as organic from './tests/organic'
import * as groups from './tests/groups'
import * as gases from './tests/gases'
import * as proofs from './tests/proofs'
import * as salts from './tests/salt-anions'
import type { Test } from './types'

export * from './expand'
export * from './types'

/** All tests, in the order a course meets them: a new one is exported from its family's file and is here. */
export const TESTS: readonly Test[] = [first, dry, acids, gases, anions, salts, cations, groups, proofs].flatMap((family) =>
  Object.values<Test>(family),
)
export const testById: ReadonlyMap<string, Test> = new Map(TESTS.map((test) => [test.id, test]))

/** Tests of an organic unknown. */
export const ORGANIC_TESTS: readonly Test[] = Object.values<Test>(organic)
/** The tests that are done on a kind of unknown. */
/** Whether a test is done on a solution as it is. */
export const isOnSolution = (test: Test): boolean => test.on.includes('solution') || test.stage === 'flame'

export const testsFor = (kind: 'salt' | 'mixture' | 'organic'): readonly Test[] => (kind === 'organic' ? ORGANIC_TESTS : TESTS)
export const organicTestById: ReadonlyMap<string, Test> = new Map(ORGANIC_TESTS.map((test) => [test.id, test]))
