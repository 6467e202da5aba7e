import { crowded, everyAddition, otherAmounts, pairsOut, removals, swaps, type Move } from './moves'
import { PARTS, type Parts } from './parts'
import type { Scorer, Weighed } from './scorer'

/** Improvements sought with one state of the notebook. */
const ROUNDS = 16
/** A test that the best explains this much worse than something did (natural logarithm) is looked into with more than single changes. */
const UNEXPLAINED_FROM = 1.5

/** Moves to a better neighbour until there is none; further kinds of neighbours are tried only while something is left to be explained. */
export function improve(scorer: Scorer, start: Weighed, kinds: (now: Weighed) => readonly (readonly Move[])[], rounds = ROUNDS): Weighed {
  let best = start
  for (let round = 0; round < rounds && !scorer.isExhausted; round++) {
    let next = best
    for (const [kind, moves] of kinds(best).entries()) {
      if (kind > 0 && (scorer.tired || !isUnexplained(scorer, best))) break
      for (const { parts, changed, toTheEnd } of moves) {
        const tried = scorer.changed(best, parts, changed, toTheEnd ? -Infinity : next.score)
        if (tried.score <= next.score + 1e-9) continue
        const exact = scorer.whole(parts, best.logs.length)
        if (exact.score > next.score + 1e-9) next = exact
      }
      if (next !== best) break
    }
    if (next === best) break
    best = next
  }
  return best
}

const isUnexplainedAt = (scorer: Scorer, { logs }: Weighed, place: number): boolean => scorer.hopeOf(place) - (logs[place] ?? 0) > UNEXPLAINED_FROM
const isUnexplained = (scorer: Scorer, weighed: Weighed): boolean => weighed.logs.some((_, place) => isUnexplainedAt(scorer, weighed, place))

/** Single steps up from here. */
export function hillClimb(scorer: Scorer, from: Parts, until: number): Weighed {
  // What the last test speaks of may have been taken for something else.
  const latest = until > 0 ? scorer.spokenOf(until - 1) : []
  return improve(scorer, scorer.whole(from, until), (now) => [
    [
      ...everyAddition(now.parts, PARTS),
      ...removals(now.parts),
      ...otherAmounts(now.parts),
      ...swaps(now.parts, latest),
      ...crowded(now.parts, PARTS),
    ],
    pairsOut(now.parts),
  ])
}
