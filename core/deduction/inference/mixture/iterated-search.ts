import { restarts, unexplainedBy } from './restarts'
import { additions, swaps, twoForOne, type Move } from './moves'
import { hillClimb, improve } from './hill-climb'
import { amountsBetween, fitted, localMoves, ONE_PERTURBATION, refined } from './fit'
import { followAgain } from './incremental'
import { PARTS } from './parts'
import { compositionOf, type Scorer, type Weighed } from './scorer'

/**
 * Thinking a mixture through again where something it does not explain is left: what would explain the unexplained test is put in, or what stands in its way taken out, whatever it costs elsewhere, and the others
 * are fitted to it. Two wrong turns may hold each other up, and wrong amounts a wrong part; single steps do not lead out of that.
 */

/** Of so many restarts those that came nearest are fitted once more, in so many steps. */
const BATCH = 6
const LONG_ONES = 2
const LONG_PERTURBATION = 20_000
/** What came no nearer than this is not (natural logarithm). */
const HOPELESS = 15

/** Begins once more from what the proofs of the scheme show, where that is another mixture. */
function anotherBeginning(scorer: Scorer, climbed: Weighed, until: number): Weighed {
  const proposed = scorer.proposed(climbed.parts)
  if (compositionOf(proposed) === compositionOf(climbed.parts)) return climbed
  const other = hillClimb(scorer, proposed, until)
  return other.score > climbed.score ? other : climbed
}

/** Parts that would explain best what the best mixture explains worst. */
function hopefuls(scorer: Scorer, best: Weighed): readonly string[] {
  const [worst] = unexplainedBy(scorer, best)
  if (worst === undefined) return []
  return additions(best.parts, scorer.spokenOf(worst))
    .map(({ parts, changed }) => ({ part: changed[0] ?? '', log: scorer.tried(parts, worst) }))
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
export function iteratedSearch(scorer: Scorer, start: Weighed, steps: number): Weighed {
  const until = start.logs.length
  if (steps < ONE_PASS) {
    const begun = scorer.within(steps / 5, () => anotherBeginning(scorer, start, until))
    return scorer.within(steps, () => dugFrom(scorer, begun))
  }
  const dug = scorer.within(steps, () => dugFrom(scorer, start))
  if (unexplainedBy(scorer, dug).length === 0 || scorer.shortfall(dug.parts, until) < FAR_SHORT) return dug
  // A wrong turn at an early test is not undone by what mends the last; that takes all of them, and is seldom needed.
  return scorer.within(steps * PASSING, () => {
    const again = followAgain(scorer, dug, until)
    return again === dug ? dug : dugFrom(scorer, again)
  })
}

/** Whether fitting came back to the parts of the best, in amounts that are no better: there is nothing to be had by more of it. */
const isBack = (reached: Weighed, best: Weighed): boolean =>
  reached.score <= best.score + 1e-9 && compositionOf(reached.parts) === compositionOf(best.parts)

/** What comes of beginning again in every way: each for a while, and the best of some once more for longer. */
function* attempts(scorer: Scorer, best: Weighed, tried: Set<string>): Generator<Weighed> {
  let some: { readonly change: Move; readonly score: number }[] = []
  const longer = function* (): Generator<Weighed> {
    const nearest = some.filter(({ score }) => score > best.score - HOPELESS).sort((a, b) => b.score - a.score)
    some = []
    for (const { change } of nearest.slice(0, LONG_ONES)) yield fitted(scorer, change, best, LONG_PERTURBATION)
  }
  for (const change of restarts(scorer, best)) {
    const { id } = scorer.contentOf(change.parts)
    if (tried.has(id)) continue
    tried.add(id)
    const reached = fitted(scorer, change, best, ONE_PERTURBATION)
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

function dugFrom(scorer: Scorer, begun: Weighed): Weighed {
  let best = begun
  const tried = new Set<string>()
  for (let found = true; found && unexplainedBy(scorer, best).length > 0;) {
    found = false
    for (const reached of attempts(scorer, best, tried)) {
      if (scorer.isExhausted && reached.score <= best.score + 1e-9) break
      if (reached.score <= best.score - NEARLY || isBack(reached, best)) continue
      const finer = reached.score > best.score + 1e-9 ? reached : scorer.within(ONE_FINER, () => refined(scorer, reached, amountsBetween))
      if (finer.score <= best.score + 1e-9) continue
      best = finer
      found = true
      break
    }
    if (found || scorer.isExhausted) continue
    const finer = firstOf(
      [localMoves, amountsBetween],
      (changesOf) => refined(scorer, best, changesOf),
      (other) => other !== best,
    )
    if (finer) {
      best = finer
      found = true
      continue
    }
    const exchanged = improve(scorer, best, (now) => [[...swaps(now.parts, PARTS), ...twoForOne(now.parts, hopefuls(scorer, now))]], 1)
    if (exchanged.score > best.score + 1e-9) {
      best = refined(scorer, hillClimb(scorer, exchanged.parts, begun.logs.length))
      found = true
    }
  }
  return best
}
