import { beginnings, riddlesOf } from './beginnings'
import { additions, swaps, twoForOne, type Change } from './changes'
import { climb, improve } from './climb'
import { amountsBetween, fitted, littleChanges, ONE_KICK, refined } from './fit'
import { followAgain } from './follow'
import { PARTS } from './parts'
import { compositionOf, type Scales, type Weighed } from './scales'

/**
 * Thinking a mixture through again where something it does not explain is left: what would explain the riddle is put in, or what stands in its way taken out, whatever it costs elsewhere, and the others
 * are fitted to it. Two wrong turns may hold each other up, and wrong amounts a wrong part; single steps do not lead out of that.
 */

/** Of so many beginnings those that came nearest are fitted once more, in so many steps. */
const BATCH = 6
const LONG_ONES = 2
const LONG_KICK = 20_000
/** What came no nearer than this is not (natural logarithm). */
const HOPELESS = 15

/** Begins once more from what the proofs of the scheme show, where that is another mixture. */
function anotherBeginning(scales: Scales, climbed: Weighed, until: number): Weighed {
  const proposed = scales.proposed(climbed.parts)
  if (compositionOf(proposed) === compositionOf(climbed.parts)) return climbed
  const other = climb(scales, proposed, until)
  return other.score > climbed.score ? other : climbed
}

/** Parts that would explain best what the best mixture explains worst. */
function hopefuls(scales: Scales, best: Weighed): readonly string[] {
  const [worst] = riddlesOf(scales, best)
  if (worst === undefined) return []
  return additions(best.parts, scales.spokenOf(worst))
    .map(({ parts, changed }) => ({ part: changed[0] ?? '', log: scales.tried(parts, worst) }))
    .sort((a, b) => b.log - a.log)
    .slice(0, HOPEFULS)
    .map(({ part }) => part)
}
const HOPEFULS = 7
/** With so many steps to spend, about what it takes, the tests are gone through once more where something is left to explain; with this share of them. */
const ONE_PASS = 8000
const PASSING = 1 / 3
/** Where what was written falls this far short, all of it (natural logarithm). */
const FAR_SHORT = 25

/** Begins again in every way, as long as something is not explained and no more steps than these are simulated, and keeps what explains more. */
export function dig(scales: Scales, start: Weighed, steps: number): Weighed {
  const until = start.logs.length
  if (steps < ONE_PASS) {
    const begun = scales.within(steps / 5, () => anotherBeginning(scales, start, until))
    return scales.within(steps, () => dugFrom(scales, begun))
  }
  const dug = scales.within(steps, () => dugFrom(scales, start))
  if (riddlesOf(scales, dug).length === 0 || scales.shortfall(dug.parts, until) < FAR_SHORT) return dug
  // A wrong turn at an early test is not undone by what mends the last; that takes all of them, and is seldom needed.
  return scales.within(steps * PASSING, () => {
    const again = followAgain(scales, dug, until)
    return again === dug ? dug : dugFrom(scales, again)
  })
}

/** Whether fitting came back to the parts of the best, in amounts that are no better: there is nothing to be had by more of it. */
const isBack = (reached: Weighed, best: Weighed): boolean =>
  reached.score <= best.score + 1e-9 && compositionOf(reached.parts) === compositionOf(best.parts)

/** What comes of beginning again in every way: each for a while, and the best of some once more for longer. */
function* attempts(scales: Scales, best: Weighed, tried: Set<string>): Generator<Weighed> {
  let some: { readonly change: Change; readonly score: number }[] = []
  const longer = function* (): Generator<Weighed> {
    const nearest = some.filter(({ score }) => score > best.score - HOPELESS).sort((a, b) => b.score - a.score)
    some = []
    for (const { change } of nearest.slice(0, LONG_ONES)) yield fitted(scales, change, best, LONG_KICK)
  }
  for (const change of beginnings(scales, best)) {
    const { id } = scales.contentOf(change.parts)
    if (tried.has(id)) continue
    tried.add(id)
    const reached = fitted(scales, change, best, ONE_KICK)
    yield reached
    if (!isBack(reached, best)) some.push({ change, score: reached.score })
    if (some.length === BATCH) yield* longer()
  }
  yield* longer()
}

/** The first result of some that is as wanted. */
function firstOf<A, B>(all: readonly A[], work: (one: A) => B, isWanted: (result: B) => boolean): B | undefined {
  for (const one of all) {
    const result = work(one)
    if (isWanted(result)) return result
  }
  return undefined
}

/** What comes this near to the best may be better in amounts between. */
const NEARLY = 2
const ONE_FINER = 10_000

function dugFrom(scales: Scales, begun: Weighed): Weighed {
  let best = begun
  const tried = new Set<string>()
  for (let found = true; found && riddlesOf(scales, best).length > 0;) {
    found = false
    for (const reached of attempts(scales, best, tried)) {
      if (scales.isExhausted && reached.score <= best.score + 1e-9) break
      if (reached.score <= best.score - NEARLY || isBack(reached, best)) continue
      const finer = reached.score > best.score + 1e-9 ? reached : scales.within(ONE_FINER, () => refined(scales, reached, amountsBetween))
      if (finer.score <= best.score + 1e-9) continue
      best = finer
      found = true
      break
    }
    if (found || scales.isExhausted) continue
    const finer = firstOf(
      [littleChanges, amountsBetween],
      (changesOf) => refined(scales, best, changesOf),
      (other) => other !== best,
    )
    if (finer) {
      best = finer
      found = true
      continue
    }
    const exchanged = improve(scales, best, (now) => [[...swaps(now.parts, PARTS), ...twoForOne(now.parts, hopefuls(scales, now))]], 1)
    if (exchanged.score > best.score + 1e-9) {
      best = refined(scales, climb(scales, exchanged.parts, begun.logs.length))
      found = true
    }
  }
  return best
}
