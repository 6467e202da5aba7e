import { crowded, everyAddition, otherAmounts, pairsOut, removals, swaps, type Change } from './changes'
import { PARTS, type Parts } from './parts'
import type { Scales, Weighed } from './scales'

/** Improvements sought with one state of the notebook. */
const ROUNDS = 16
/** A test that the best explains this much worse than something did (natural logarithm) is looked into with more than single changes. */
const PUZZLING = 1.5

/** Moves to a better neighbour until there is none; further kinds of neighbours are tried only while something is left to be explained. */
export function improve(scales: Scales, start: Weighed, kinds: (now: Weighed) => readonly (readonly Change[])[], rounds = ROUNDS): Weighed {
  let best = start
  for (let round = 0; round < rounds && !scales.isExhausted; round++) {
    let next = best
    for (const [kind, changes] of kinds(best).entries()) {
      if (kind > 0 && (scales.tired || !puzzled(scales, best))) break
      for (const { parts, changed, toTheEnd } of changes) {
        const tried = scales.changed(best, parts, changed, toTheEnd ? -Infinity : next.score)
        if (tried.score <= next.score + 1e-9) continue
        const exact = scales.whole(parts, best.logs.length)
        if (exact.score > next.score + 1e-9) next = exact
      }
      if (next !== best) break
    }
    if (next === best) break
    best = next
  }
  return best
}

const puzzledAt = (scales: Scales, { logs }: Weighed, place: number): boolean => scales.hopeOf(place) - (logs[place] ?? 0) > PUZZLING
const puzzled = (scales: Scales, weighed: Weighed): boolean => weighed.logs.some((_, place) => puzzledAt(scales, weighed, place))

/** Single steps up from here. */
export function climb(scales: Scales, from: Parts, until: number): Weighed {
  // What the last test speaks of may have been taken for something else.
  const latest = until > 0 ? scales.spokenOf(until - 1) : []
  return improve(scales, scales.whole(from, until), (now) => [
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
