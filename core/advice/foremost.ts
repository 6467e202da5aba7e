import type { Test } from '../catalogue'
import type { Reasoning } from '../deduction'
import { costOf } from './proposal'

/** Whether a test is done on a solution as it is. */
const isOnSolution = (test: Test): boolean => test.on.includes('solution') || test.stage === 'flame'

/** Tests of a solution that are foreseen to the end, at most. */
const FORESEEN = 8
/** A test whose ions are settled to this many bits in all tells nothing more. */
const SETTLED = 0.02

const entropyOf = (p: number): number => (p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p)))

/**
 * The tests worth foreseeing: of a solid all of them, since what they show was worked out ahead. Of a solution those that speak of ions that are still open, for what they cost: each is then worked out with everything that may be in it.
 */
export function foremost(tests: readonly Test[], { simulations, standings, sensitivities = {} }: Reasoning): readonly Test[] {
  if (simulations.sample_mL === undefined) return tests
  const open = new Map(standings.map(({ species, probability }) => [species, entropyOf(probability)]))
  return tests
    .filter(isOnSolution)
    .map((test) => ({ test, bits: (sensitivities[test.id] ?? []).reduce((sum, ion) => sum + (open.get(ion) ?? 0), 0) }))
    .filter(({ bits }) => bits > SETTLED)
    .sort((a, b) => b.bits / costOf(b.test) - a.bits / costOf(a.test))
    .slice(0, FORESEEN)
    .map(({ test }) => test)
}
