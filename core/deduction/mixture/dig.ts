import {
  additions,
  inAnyAmount,
  otherAlkali,
  otherAmounts,
  otherCarriers,
  otherStates,
  removals,
  shifted,
  swaps,
  twoForOne,
  without,
  type Change,
} from './changes'
import { climb, improve } from './climb'
import { followAgain } from './follow'
import { FINE_CLASSES, PARTS, type Parts } from './parts'
import { sum } from './rows'
import { compositionOf, type Scales, type Weighed } from './scales'

/**
 * Thinking a mixture through again where something it does not explain is left: what would explain the riddle is put in, or what stands in its way taken out, whatever it costs elsewhere, and the others
 * are fitted to it. Two wrong turns may hold each other up, and wrong amounts a wrong part; single steps do not lead out of that.
 */

/** Tests that are looked into, those explained worst; and changes tried for them, those that cost least elsewhere. */
const RIDDLES = 6
const KICKS = 16
/** So many of them before what is there is taken out, part by part. */
const FIRST_KICKS = 4
/** A change explains a riddle where it comes out so much likelier (natural logarithm). */
const WORTH_TRYING = 0.7
/** What is this far below the best before the first, the second and later rounds of fitting is left (natural logarithm). */
const BELOW = [60, 45, 30, 20, 15] as const
const BELOW_AT_LAST = 10
/** So near the best, what was fitted is tried weaker and stronger as a whole (natural logarithm). */
const NEAR = 6
const ROUNDS = 12
/** Steps simulated for one of them, while it does not come up to the best. */
const ONE_KICK = 3500
const REMEDIES = 8
/** Of tests that nothing leads upwards from, so many are passed over. */
const UNREMEDIED = 2
/** Of changes that explain a test better, those are tried that cost less than this elsewhere (natural logarithm). */
const FAR_BELOW = 40
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
    const single = [...inAnyAmount(parts, among), ...removals(parts, held), ...otherAmounts(parts, held)].filter((change) => explains(change))
    const withOneFewer = single
      .filter(({ changed: [part = ''] }) => !parts.has(part))
      .flatMap((change) =>
        [...held.keys()]
          .map((out) => ({ parts: without(change.parts, out), changed: [...change.changed, out] }))
          .filter((both) => explains(both, logOf(change))),
      )
    return [...single, ...withOneFewer]
  })
  const known = new Set<string>()
  const once = found.filter((change) => {
    const { id } = scales.contentOf(change.parts)
    return !known.has(id) && known.add(id)
  })
  return promising(scales, best, once, FAR_BELOW).slice(0, KICKS)
}

/** What to begin again from: what would explain a riddle, another anion to carry the charge, elements in other states, one part fewer, those that promise most first; and everything stronger or weaker. */
function* beginnings(scales: Scales, best: Weighed): Generator<Change> {
  const kicks = kicksOf(scales, best)
  // Of one change in several amounts the best comes first, the others when the rest were tried.
  const changing = kicks.map(({ changed }) => [...changed].sort().join())
  const isFirst = (k: number): boolean => changing.indexOf(changing[k] ?? '') === k
  const once = kicks.filter((_, k) => isFirst(k))
  yield* statesOf(scales, best)
  yield* once.slice(0, FIRST_KICKS)
  yield* promising(scales, best, otherCarriers(best.parts), FAR_BELOW).slice(0, EXCHANGES)
  yield* once.slice(FIRST_KICKS)
  yield* promising(scales, best, removals(best.parts), FAR_BELOW)
  yield* kicks.filter((_, k) => !isFirst(k))
  yield* shifted(best.parts)
}

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
    .map((change) => ({ change, score: scales.changed(best, change.parts, change.changed, change.toTheEnd ? -Infinity : floor).score }))
    .filter(({ score }) => score > floor)
    .sort((a, b) => b.score - a.score)
    .map(({ change }) => change)
}

/**
 * The others fitted to a change that stands: what is explained worst now is looked into first, and of what would explain it the best is taken that leads upwards. Each step goes by the tests its parts answer; where no
 * more leads on, the whole is worked, and what that shows is gone on from.
 */
function fitted(scales: Scales, { parts, changed }: Change, best: Weighed): Weighed {
  const until = best.logs.length
  const began = scales.effort
  const enough = (score: number): boolean => scales.isExhausted || (scales.effort > began + ONE_KICK && score < best.score)
  // What was changed is not changed back.
  const stands = (change: Change): boolean =>
    !change.changed.some((part) => changed.includes(part) && change.parts.get(part) === best.parts.get(part))
  let round = 0
  const mended = (start: Weighed): Weighed => {
    let now = start
    const hurt = (place: number): number => Math.max(scales.hopeOf(place), best.logs[place] ?? 0) - (now.logs[place] ?? 0)
    const left = new Set<number>()
    for (; round < ROUNDS && !enough(now.score) && now.score > best.score - (BELOW[round] ?? BELOW_AT_LAST); round++) {
      const place = [...now.logs.keys()].filter((p) => !left.has(p)).reduce((a, b) => (hurt(b) > hurt(a) ? b : a), -1)
      if (place < 0 || hurt(place) < WORTH_TRYING) break
      const from = now
      const tried = remediesFor(scales, from, place)
        .filter(stands)
        .map((change) => scales.changed(from, change.parts, change.changed, from.score))
      now = tried.reduce((a, b) => (b.score > a.score + 1e-9 ? b : a), from)
      if (now === from && left.add(place).size > UNREMEDIED) break
      if (now !== from) left.clear()
    }
    return now
  }
  let exact = scales.whole(parts, until)
  for (;;) {
    const reached = mended(exact)
    const whole = reached === exact ? exact : scales.whole(reached.parts, until)
    if (whole.score <= exact.score + 1e-9) break
    exact = whole
  }
  // What comes near may be the stronger or the weaker as a whole.
  for (const { parts: other } of exact.score > best.score - NEAR ? shifted(exact.parts) : []) {
    if (enough(exact.score)) break
    const whole = scales.whole(other, until)
    if (whole.score > exact.score + 1e-9) exact = whole
  }
  return exact
}

/** Changes that explain a test better than a mixture does, those that explain it best for what they cost. */
function remediesFor(scales: Scales, { parts, logs }: Weighed, place: number): readonly Change[] {
  if (scales.isThorough) scales.lookCloser(parts, place)
  const among = scales.spokenOf(place)
  const held = scales.heldOf(parts, place)
  const amounts = [...otherAmounts(parts, held), ...otherAmounts(parts, held, FINE_CLASSES)]
  return [...inAnyAmount(parts, among), ...amounts, ...removals(parts, held)]
    .map((change) => ({ change, log: scales.tried(change.parts, place) }))
    .filter(({ log }) => log > (logs[place] ?? 0) + WORTH_TRYING)
    .map(({ change, log }) => ({ change, worth: log - ONE_MORE * (change.parts.size - parts.size) }))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, REMEDIES)
    .map(({ change }) => change)
}
/** What a part more costs beforehand, about (natural logarithm): other amounts cost nothing. */
const ONE_MORE = 2

/** Begins once more from what the proofs of the scheme show, where that is another mixture. */
function anotherBeginning(scales: Scales, climbed: Weighed, until: number): Weighed {
  const proposed = scales.proposed(climbed.parts)
  if (compositionOf(proposed) === compositionOf(climbed.parts)) return climbed
  const other = climb(scales, proposed, until)
  return other.score > climbed.score ? other : climbed
}

/** Rivals that fall short by more than the one and less than the other (natural logarithm) may do so by amounts that were fitted without them. */
const SHORT = [2, 10] as const
/** The same rivals, those that fall somewhat short with the others fitted to them. */
export function refitted(scales: Scales, best: Weighed, rivals: readonly Weighed[], steps: number): readonly Weighed[] {
  // Those with fewer parts come first: what a part explains that is not there, others in other amounts often do.
  const fewestFirst = [...rivals].sort((a, b) => a.parts.size - b.parts.size || b.score - a.score)
  const asFitted = (rival: Weighed): Weighed => {
    const short = best.score - rival.score
    // What falls short by its prior alone has nothing that other amounts would mend.
    const isHurt = sum(best.logs) - sum(rival.logs) > WORTH_TRYING
    if (scales.isExhausted || !isHurt || short < SHORT[0] || short > SHORT[1]) return rival
    const changed = PARTS.filter((part) => rival.parts.has(part) !== best.parts.has(part))
    const better = fitted(scales, { parts: rival.parts, changed }, best)
    return better.score > rival.score ? better : rival
  }
  return scales.within(steps, () => fewestFirst.map(asFitted))
}

/** What falls further below than this by its own tests is not worked whole (natural logarithm). */
const REFINABLE = 4
const littleChanges = (parts: Parts): readonly Change[] => [...otherAlkali(parts), ...removals(parts), ...otherAmounts(parts)]
const amountsBetween = (parts: Parts): readonly Change[] => otherAmounts(parts, parts, FINE_CLASSES)
/** Better by one part fewer, or a little more or less of one, each worked whole: what a part has a hand in, its own tests do not all tell. */
function refined(scales: Scales, start: Weighed, changesOf = littleChanges): Weighed {
  let best = start
  for (let found = true; found;) {
    found = false
    for (const { parts, changed } of changesOf(best.parts)) {
      if (scales.isExhausted) return best
      if (scales.changed(best, parts, changed, best.score - REFINABLE).score < best.score - REFINABLE) continue
      const other = scales.whole(parts, start.logs.length)
      if (other.score <= best.score + 1e-9) continue
      best = other
      found = true
      break
    }
  }
  return best
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
/** With so many steps to spend, about what it takes, the tests are gone through once more; as often as that leads on, and this many times as many steps are not spent. */
const ONE_PASS = 8000
const PASSES = 2
/** Begins once more, with steps besides: from the first test, or with fewer of them from what the proofs show. */
function begunAgain(scales: Scales, start: Weighed, steps: number): Weighed {
  const until = start.logs.length
  if (steps < ONE_PASS) return scales.within(steps / 5, () => anotherBeginning(scales, start, until))
  if (riddlesOf(scales, start).length === 0) return start
  return scales.within(PASSES * steps, () => followAgain(scales, start, until))
}

/** Begins again in every way, as long as something is not explained and no more steps than these are simulated, and keeps what explains more. */
export function dig(scales: Scales, start: Weighed, steps: number): Weighed {
  const begun = begunAgain(scales, start, steps)
  return scales.within(steps, () => dugFrom(scales, begun))
}

function dugFrom(scales: Scales, begun: Weighed): Weighed {
  let best = refined(scales, begun)
  const tried = new Set<string>()
  for (let found = true; found && riddlesOf(scales, best).length > 0;) {
    found = false
    for (const change of beginnings(scales, best)) {
      const { id } = scales.contentOf(change.parts)
      if (scales.isExhausted) break
      if (tried.has(id)) continue
      tried.add(id)
      const reached = fitted(scales, change, best)
      if (reached.score <= best.score + 1e-9) continue
      best = refined(scales, reached)
      found = true
      break
    }
    if (found || scales.isExhausted) continue
    const finer = refined(scales, best, amountsBetween)
    if (finer !== best) {
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
