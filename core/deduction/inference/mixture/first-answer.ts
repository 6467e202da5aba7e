import { everyAddition, removals, type Move } from './moves'
import { improve } from './hill-climb'
import { PARTS, type Parts } from './parts'
import { compositionOf, GIVEN_UP, type Scorer, type Weighed } from './scorer'
import type { Found } from './search'

/** Steps that may be simulated, about, before there is a first answer: an eighth of a second. */
const STEPS = 120
const ROUNDS = 3

/** Before anything was written: every part by its prior alone. */
function unheard(scorer: Scorer): Found {
  const alone = (parts: Parts): Weighed => scorer.whole(parts, 0)
  return { best: alone(scorer.nothing), rivals: everyAddition(scorer.nothing, PARTS).map(({ parts }) => alone(parts)) }
}

/**
 * A first answer, before what was written last is thought through: the mixture of before, with single parts put in or taken out where it does not explain that, and the rivals of before weighed by it, the nearest first, as
 * far as the steps go; the others stand as they stood.
 * @param before what all but the last tests came to; undefined where nothing did
 * @param parts the best by the first tests, so many as `from`
 */
export function firstAnswer(scorer: Scorer, before: Found | undefined, parts: Parts, from: number, until: number): Found {
  return scorer.within(STEPS, () => mended(scorer, before ?? unheard(scorer), parts, from, until))
}

function mended(scorer: Scorer, { best: was, rivals }: Found, parts: Parts, from: number, until: number): Found {
  let now = parts
  for (let place = from; place < until; place++) {
    if (scorer.isExhausted || scorer.explains(now, place)) continue
    const nearest = (at: Weighed): Move[] => [
      ...everyAddition(at.parts, scorer.spokenOf(place)),
      ...removals(at.parts, scorer.heldOf(at.parts, place)),
    ]
    now = improve(scorer, scorer.whole(now, place + 1), (at) => [nearest(at)], ROUNDS).parts
  }
  const best = scorer.whole(now, until)
  const weighed = [was, ...rivals]
    .filter((rival) => compositionOf(rival.parts) !== compositionOf(best.parts))
    .sort((a, b) => b.score - a.score)
    .map((rival): Weighed => {
      if (scorer.isExhausted) return { ...rival, logs: best.logs, score: best.score - (was.score - rival.score) }
      const changed = PARTS.filter((part) => rival.parts.get(part) !== best.parts.get(part))
      return scorer.changed(best, rival.parts, changed, best.score - GIVEN_UP)
    })
  return { best, rivals: weighed }
}
