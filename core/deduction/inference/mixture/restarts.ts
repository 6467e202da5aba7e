import { additions, anyOtherAmounts, inAnyAmount, otherCarriers, otherStates, removals, shifted, without, type Move } from './moves'
import { ACID, PARTS } from './parts'
import type { Scorer, Weighed } from './scorer'

/** Tests that are looked into, those explained worst; and changes tried for them, those that cost least elsewhere. */
const MOST_UNEXPLAINED = 6
const PERTURBATIONS = 16
/** So many of them before what is there is taken out, part by part. */
const FIRST_PERTURBATIONS = 4
/** A move explains a test where it comes out so much likelier (natural logarithm). */
export const WORTH_TRYING = 0.7
/** Steps in which it is sought what would mend one test: the ends of a separation cost hundreds for each change that is tried. */
export const ONE_TEST = 2500
/** Of changes that explain a test better, those are tried that cost less than this elsewhere (natural logarithm). */
const FAR_BELOW = 40
/** Steps, about, in which it is seen what a change promises: by the tests that tell most for what they cost. */
const ONE_PROMISE = 100
/** So many anions are tried in place of the one that carries the charge, and so many choices of the states of elements. */
const EXCHANGES = 4

/** Tests that a mixture does not explain, the worst first. */
export const unexplainedBy = (scorer: Scorer, { parts, logs }: Weighed): readonly number[] =>
  [...logs.keys()]
    .filter((place) => !scorer.explains(parts, place))
    .sort((a, b) => scorer.shortfallAt(parts, b) - scorer.shortfallAt(parts, a))
    .slice(0, MOST_UNEXPLAINED)

/** Changes that explain one of the tests better, whatever they cost elsewhere, those that cost least first. */
function perturbationsOf(scorer: Scorer, best: Weighed): readonly Move[] {
  const { parts, logs } = best
  const found = unexplainedBy(scorer, best).flatMap((place) => {
    const among = scorer.spokenOf(place)
    const held = scorer.heldOf(parts, place)
    const logOf = (change: Move): number => scorer.tried(change.parts, place)
    const explains = (change: Move, than = logs[place] ?? 0): boolean => logOf(change) > than + WORTH_TRYING
    return scorer.within(ONE_TEST, () => {
      const single = [...removals(parts, held), ...inAnyAmount(parts, among), ...anyOtherAmounts(parts, held)].filter((change) => explains(change))
      const withOneFewer = single
        .filter(({ changed: [part = ''] }) => !parts.has(part))
        .flatMap((change) =>
          [...held.keys()]
            .map((out) => ({ parts: without(change.parts, out), changed: [...change.changed, out] }))
            .filter((both) => explains(both, logOf(change))),
        )
      return [...single, ...withOneFewer]
    })
  })
  const known = new Set<string>()
  const once = found.filter((change) => {
    const { id } = scorer.contentOf(change.parts)
    return !known.has(id) && known.add(id)
  })
  return promising(scorer, best, once, FAR_BELOW).slice(0, PERTURBATIONS)
}

/** An unexplained test falls short by so much at least before it is asked of parts that its test does not speak of (natural logarithm); so many of them are. */
const FAR_FROM_EXPLAINED = 3
const MOST_FAR = 2
/** Of those parts, so many that cost least elsewhere are tried, in so many steps for each unexplained test. */
const INDIRECT = 16
const ONE_FAR = 5000

/** Parts put in that explain a test though its test does not speak of them by themselves: aluminium that oxalate holds in solution comes down among later groups, and shows in their proofs. */
function indirectAdditions(scorer: Scorer, best: Weighed): readonly Move[] {
  const { parts, logs } = best
  const far = unexplainedBy(scorer, best).filter((place) => scorer.shortfallAt(parts, place) > FAR_FROM_EXPLAINED)
  const found = far.slice(0, MOST_FAR).flatMap((place) => {
    const silent = PARTS.filter((part) => part !== ACID && !scorer.answers(place, part))
    return scorer.within(ONE_FAR, () =>
      promising(scorer, best, additions(parts, silent), FAR_BELOW)
        .slice(0, INDIRECT)
        .filter((change) => !scorer.isExhausted && scorer.wholeAt(change.parts, place) > (logs[place] ?? 0) + WORTH_TRYING),
    )
  })
  return found.filter(({ changed: [part] }, k) => found.findIndex((other) => other.changed[0] === part) === k)
}

/** What to begin again from: what would explain an unexplained test, another anion to carry the charge, elements in other states, one part fewer, those that promise most first; and everything stronger or weaker. */
export function* restarts(scorer: Scorer, best: Weighed): Generator<Move> {
  const perturbations = perturbationsOf(scorer, best)
  // Of one change in several amounts the best comes first, the others when the rest were tried.
  const changing = perturbations.map(({ changed }) => [...changed].sort().join())
  const isFirst = (k: number): boolean => changing.indexOf(changing[k] ?? '') === k
  const once = perturbations.filter((_, k) => isFirst(k))
  yield* once.slice(0, FIRST_PERTURBATIONS)
  if (scorer.isThorough) yield* indirectAdditions(scorer, best)
  yield* asProved(scorer, best)
  yield* statesOf(scorer, best)
  yield* promising(scorer, best, otherCarriers(best.parts), FAR_BELOW).slice(0, EXCHANGES)
  yield* once.slice(FIRST_PERTURBATIONS)
  yield* promising(scorer, best, removals(best.parts), FAR_BELOW)
  yield* perturbations.filter((_, k) => !isFirst(k))
  yield* shifted(best.parts)
}

/** What the scheme's proofs deny taken out, all of it together; and what they show put in besides. */
const asProved = (scorer: Scorer, { parts }: Weighed): readonly Move[] =>
  [scorer.undenied(parts), scorer.proposed(parts)].flatMap((other) => {
    const changed = PARTS.filter((part) => parts.has(part) !== other.has(part))
    return changed.length > 0 ? [{ parts: other, changed }] : []
  })

/** Elements in other states, each worked whole, the best first: several elements change together, which no test of one of them tells. */
function statesOf(scorer: Scorer, best: Weighed): readonly Move[] {
  return promising(scorer, best, otherStates(best.parts), FAR_BELOW)
    .slice(0, EXCHANGES)
    .map((change) => ({ change, score: scorer.whole(change.parts, best.logs.length).score }))
    .sort((a, b) => b.score - a.score)
    .map(({ change }) => change)
}

/** Those of some changes that fall no further below the best than this by the tests their parts answer, the best first. */
function promising(scorer: Scorer, best: Weighed, moves: readonly Move[], below: number): readonly Move[] {
  const floor = best.score - below
  return moves
    .map((change) => ({ change, score: scorer.changed(best, change.parts, change.changed, change.toTheEnd ? -Infinity : floor, ONE_PROMISE).score }))
    .filter(({ score }) => score > floor)
    .sort((a, b) => b.score - a.score)
    .map(({ change }) => change)
}
