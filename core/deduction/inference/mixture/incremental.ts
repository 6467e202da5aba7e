import { everyAddition, otherAmounts, pairs, removals, swaps } from './moves'
import { hillClimb, improve } from './hill-climb'
import type { Parts } from './parts'
import type { Scorer, Weighed } from './scorer'

/** Pairs are tried among no more parts than these. */
const PAIRED = 14

/** The best after one more test, from the best before it. */
export function follow(scorer: Scorer, { parts, place }: { parts: Parts; place: number }): Parts {
  // What the mixture says by itself gives no reason to look for another.
  if (scorer.explains(parts, place)) return parts
  const among = scorer.spokenOf(place)
  // What the new test lets a mixture hope for, found before any is given up for falling short of it.
  for (const { parts: other } of [...everyAddition(parts, among), ...removals(parts)]) scorer.tried(other, place)
  return improve(scorer, scorer.whole(parts, place + 1), (now) => {
    // What the test does not speak of was settled by those before it.
    const spoken = scorer.heldOf(now.parts, place)
    const single = [...everyAddition(now.parts, among), ...removals(now.parts, spoken), ...otherAmounts(now.parts, spoken)]
    return [single, swaps(now.parts, among), among.length <= PAIRED ? pairs(now.parts, among) : []]
  }).parts
}

/** Going through the tests once more is given up where it gains no more than this (natural logarithm). */
const GAINED = 1

/**
 * Goes through the tests from the first once more, knowing now which parts have a hand in which of them: what was taken at an early test for want of that is seldom let go of later by single steps.
 * @param until so many tests
 */
export function followAgain(scorer: Scorer, start: Weighed, until: number): Weighed {
  let best = start
  for (;;) {
    let parts = scorer.nothing
    for (let place = 0; place < until && !scorer.isExhausted; place++) parts = follow(scorer, { parts, place })
    if (scorer.isExhausted) return best
    const reached = hillClimb(scorer, parts, until)
    const gained = reached.score - best.score
    if (gained > 0) best = reached
    if (gained < GAINED) return best
  }
}
