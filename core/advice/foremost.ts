import { isOnSolution, type Test } from '../catalogue'
import type { Reasoning } from '../deduction'
import { costOf } from './proposal'

/** Tests of a solution that are foreseen to the end, at most: so many of the course's usual ones, the first that bear on what is open, and so many others. */
const OF_THE_COURSE = 4
const OTHERS = 6
/** A test whose ions are settled to this many bits in all tells nothing more. */
const SETTLED = 0.02

const entropyOf = (p: number): number => (p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p)))

/**
 * The tests worth foreseeing: of a solid all of them, since what they show was worked out ahead. Of a solution those that speak of ions that are still open, for what they cost: each is then worked out with everything that may be in it.
 */
export function foremost(
  tests: readonly Test[],
  { simulations, standings, sensitivities = {} }: Reasoning,
  usual: readonly string[],
): readonly Test[] {
  if (simulations.sample_mL === undefined) return tests
  const open = new Map(standings.map(({ species, probability }) => [species, entropyOf(probability)]))
  const telling = tests
    .filter(isOnSolution)
    .map((test) => ({ test, bits: (sensitivities[test.id] ?? []).reduce((sum, ion) => sum + (open.get(ion) ?? 0), 0) }))
    .filter(({ bits }) => bits > SETTLED)
    .sort((a, b) => b.bits / costOf(b.test) - a.bits / costOf(a.test))
    .map(({ test }) => test)
  const ofCourse = telling.filter((test) => usual.includes(test.id)).sort((a, b) => usual.indexOf(a.id) - usual.indexOf(b.id))
  const first = ofCourse.slice(0, OF_THE_COURSE)
  return [...first, ...telling.filter((test) => !first.includes(test)).slice(0, OTHERS)]
}
