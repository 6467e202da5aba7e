import { everyAddition, removals, type Change } from './changes'
import { improve } from './climb'
import { PARTS, type Parts } from './parts'
import { compositionOf, GIVEN_UP, type Scales, type Weighed } from './scales'
import type { Found } from './search'

/** Steps that may be simulated, about, before there is a first answer: an eighth of a second. */
const STEPS = 120
const ROUNDS = 3

/** Before anything was written: every part by its prior alone. */
function unheard(scales: Scales): Found {
  const alone = (parts: Parts): Weighed => scales.whole(parts, 0)
  return { best: alone(scales.nothing), rivals: everyAddition(scales.nothing, PARTS).map(({ parts }) => alone(parts)) }
}

/**
 * A first answer, before what was written last is thought through: the mixture of before, with single parts put in or taken out where it does not explain that, and the rivals of before weighed by it, the nearest first, as
 * far as the steps go; the others stand as they stood.
 * @param before what all but the last tests came to; undefined where nothing did
 * @param parts the best by the first tests, so many as `from`
 */
export function hastily(scales: Scales, before: Found | undefined, parts: Parts, from: number, until: number): Found {
  return scales.within(STEPS, () => mended(scales, before ?? unheard(scales), parts, from, until))
}

function mended(scales: Scales, { best: was, rivals }: Found, parts: Parts, from: number, until: number): Found {
  let now = parts
  for (let place = from; place < until; place++) {
    if (scales.isExhausted || scales.explains(now, place)) continue
    const nearest = (at: Weighed): Change[] => [
      ...everyAddition(at.parts, scales.spokenOf(place)),
      ...removals(at.parts, scales.heldOf(at.parts, place)),
    ]
    now = improve(scales, scales.whole(now, place + 1), (at) => [nearest(at)], ROUNDS).parts
  }
  const best = scales.whole(now, until)
  const weighed = [was, ...rivals]
    .filter((rival) => compositionOf(rival.parts) !== compositionOf(best.parts))
    .sort((a, b) => b.score - a.score)
    .map((rival): Weighed => {
      if (scales.isExhausted) return { ...rival, logs: best.logs, score: best.score - (was.score - rival.score) }
      const changed = PARTS.filter((part) => rival.parts.get(part) !== best.parts.get(part))
      return scales.changed(best, rival.parts, changed, best.score - GIVEN_UP)
    })
  return { best, rivals: weighed }
}
