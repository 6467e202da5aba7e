import { aluminate, ammonium, diluteSulfuricAcid, silverGroup } from './tests/cations'
import { bariumNitrate, silverNitrate } from './tests/anions'
import { ammoniaToExcess, appearance, litmus, sodiumHydroxideToExcess, solubility } from './tests/first'
import type { Test } from './types'

export * from './expand'
export * from './types'

/** All tests, in the order a course meets them. */
export const TESTS: readonly Test[] = [
  appearance,
  solubility,
  litmus,
  silverNitrate,
  bariumNitrate,
  ammonium,
  silverGroup,
  diluteSulfuricAcid,
  sodiumHydroxideToExcess,
  ammoniaToExcess,
  aluminate,
]
export const testById: ReadonlyMap<string, Test> = new Map(TESTS.map((test) => [test.id, test]))
