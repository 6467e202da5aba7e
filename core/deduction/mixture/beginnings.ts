import { additions, anyOtherAmounts, inAnyAmount, otherCarriers, otherStates, removals, shifted, without, type Change } from './changes'
import { ACID, PARTS } from './parts'
import type { Scales, Weighed } from './scales'

/** Tests that are looked into, those explained worst; and changes tried for them, those that cost least elsewhere. */
const RIDDLES = 6
const KICKS = 16
/** So many of them before what is there is taken out, part by part. */
const FIRST_KICKS = 4
/** A change explains a riddle where it comes out so much likelier (natural logarithm). */
export const WORTH_TRYING = 0.7
/** Steps in which it is sought what would mend one test: the ends of a separation cost hundreds for each change that is tried. */
export const ONE_TEST = 2500
/** Of changes that explain a test better, those are tried that cost less than this elsewhere (natural logarithm). */
const FAR_BELOW = 40
/** Steps, about, in which it is seen what a change promises: by the tests that tell most for what they cost. */
const ONE_ASKED = 100
/** So many anions are tried in place of the one that carries the charge, and so many choices of the states of elements. */
const EXCHANGES = 4

/** Tests that a mixture does not explain, the worst first. */
export const riddlesOf = (scales: Scales, { parts, logs }: Weighed): readonly number[] =>
  [...logs.keys()]
    .filter((place) => !scales.explains(parts, place))
    .sort((a, b) => scales.shortfallAt(parts, b) - scales.shortfallAt(parts, a))
    .slice(0, RIDDLES)

/** Changes that explain one of the tests better, whatever they cost elsewhere, those that cost least first. */
function kicksOf(scales: Scales, best: Weighed): readonly Change[] {
  const { parts, logs } = best
  const found = riddlesOf(scales, best).flatMap((place) => {
    const among = scales.spokenOf(place)
    const held = scales.heldOf(parts, place)
    const logOf = (change: Change): number => scales.tried(change.parts, place)
    const explains = (change: Change, than = logs[place] ?? 0): boolean => logOf(change) > than + WORTH_TRYING
    return scales.within(ONE_TEST, () => {
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
    const { id } = scales.contentOf(change.parts)
    return !known.has(id) && known.add(id)
  })
  return promising(scales, best, once, FAR_BELOW).slice(0, KICKS)
}

/** A riddle falls short by so much at least before it is asked of parts that its test does not speak of (natural logarithm); so many of them are. */
const BAFFLING = 3
const BAFFLING_ONES = 2
/** Of those parts, so many that cost least elsewhere are tried, in so many steps for each riddle. */
const STRANGERS = 16
const ONE_BAFFLING = 5000

/** Parts put in that explain a riddle though its test does not speak of them by themselves: aluminium that oxalate holds in solution comes down among later groups, and shows in their proofs. */
function strangersOf(scales: Scales, best: Weighed): readonly Change[] {
  const { parts, logs } = best
  const baffling = riddlesOf(scales, best).filter((place) => scales.shortfallAt(parts, place) > BAFFLING)
  const found = baffling.slice(0, BAFFLING_ONES).flatMap((place) => {
    const strangers = PARTS.filter((part) => part !== ACID && !scales.answers(place, part))
    return scales.within(ONE_BAFFLING, () =>
      promising(scales, best, additions(parts, strangers), FAR_BELOW)
        .slice(0, STRANGERS)
        .filter((change) => !scales.isExhausted && scales.wholeAt(change.parts, place) > (logs[place] ?? 0) + WORTH_TRYING),
    )
  })
  return found.filter(({ changed: [part] }, k) => found.findIndex((other) => other.changed[0] === part) === k)
}

/** What to begin again from: what would explain a riddle, another anion to carry the charge, elements in other states, one part fewer, those that promise most first; and everything stronger or weaker. */
export function* beginnings(scales: Scales, best: Weighed): Generator<Change> {
  const kicks = kicksOf(scales, best)
  // Of one change in several amounts the best comes first, the others when the rest were tried.
  const changing = kicks.map(({ changed }) => [...changed].sort().join())
  const isFirst = (k: number): boolean => changing.indexOf(changing[k] ?? '') === k
  const once = kicks.filter((_, k) => isFirst(k))
  yield* once.slice(0, FIRST_KICKS)
  if (scales.isThorough) yield* strangersOf(scales, best)
  yield* asProved(scales, best)
  yield* statesOf(scales, best)
  yield* promising(scales, best, otherCarriers(best.parts), FAR_BELOW).slice(0, EXCHANGES)
  yield* once.slice(FIRST_KICKS)
  yield* promising(scales, best, removals(best.parts), FAR_BELOW)
  yield* kicks.filter((_, k) => !isFirst(k))
  yield* shifted(best.parts)
}

/** What the scheme's proofs deny taken out, all of it together; and what they show put in besides. */
const asProved = (scales: Scales, { parts }: Weighed): readonly Change[] =>
  [scales.undenied(parts), scales.proposed(parts)].flatMap((other) => {
    const changed = PARTS.filter((part) => parts.has(part) !== other.has(part))
    return changed.length > 0 ? [{ parts: other, changed }] : []
  })

/** Elements in other states, each worked whole, the best first: several elements change together, which no test of one of them tells. */
function statesOf(scales: Scales, best: Weighed): readonly Change[] {
  return promising(scales, best, otherStates(best.parts), FAR_BELOW)
    .slice(0, EXCHANGES)
    .map((change) => ({ change, score: scales.whole(change.parts, best.logs.length).score }))
    .sort((a, b) => b.score - a.score)
    .map(({ change }) => change)
}

/** Those of some changes that fall no further below the best than this by the tests their parts answer, the best first. */
function promising(scales: Scales, best: Weighed, changes: readonly Change[], below: number): readonly Change[] {
  const floor = best.score - below
  return changes
    .map((change) => ({ change, score: scales.changed(best, change.parts, change.changed, change.toTheEnd ? -Infinity : floor, ONE_ASKED).score }))
    .filter(({ score }) => score > floor)
    .sort((a, b) => b.score - a.score)
    .map(({ change }) => change)
}
