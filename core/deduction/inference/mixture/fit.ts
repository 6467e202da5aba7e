import { ONE_TEST, WORTH_TRYING } from './restarts'
import { anyOtherAmounts, inAnyAmount, otherAlkali, otherAmounts, removals, shifted, type Move } from './moves'
import { FINE_CLASSES, PARTS, type Parts } from './parts'
import { sum } from './rows'
import type { Scorer, Weighed } from './scorer'

/** What is this far below the best before the first, the second and later rounds of fitting is left (natural logarithm). */
const BELOW = [60, 45, 30, 20, 15] as const
const BELOW_AT_LAST = 10
/** So near the best, what was fitted is tried weaker and stronger as a whole (natural logarithm). */
const NEAR = 6
const ROUNDS = 12
const REMEDIES = 8
/** Of tests that nothing leads upwards from, so many are passed over. */
const UNREMEDIED = 2
/** Steps simulated to fit the others to one change, while it does not come up to the best. */
export const ONE_PERTURBATION = 4000

/**
 * The others fitted to a change that stands: what is explained worst now is looked into first, and of what would explain it the best is taken that leads upwards. Each step goes by the tests its parts answer; where no
 * more leads on, the whole is worked, and what that shows is gone on from.
 * @param by whether parts may come and go, or only be more or less: that costs a tenth
 */
export function fitted(scorer: Scorer, { parts, changed }: Move, best: Weighed, steps: number, by: 'amounts' | 'anything' = 'anything'): Weighed {
  const until = best.logs.length
  const end = scorer.effort + steps
  const enough = (score: number): boolean => scorer.isExhausted || (scorer.effort > end && score < best.score)
  // What came up to the best has as many steps as it takes.
  const inTime = <T>(score: number, work: () => T): T => scorer.within(score < best.score ? end - scorer.effort : Infinity, work)
  // What was changed is not changed back.
  const stands = (change: Move): boolean => !change.changed.some((part) => changed.includes(part) && change.parts.get(part) === best.parts.get(part))
  let round = 0
  const mended = (start: Weighed): Weighed => {
    let now = start
    const hurt = (place: number): number => Math.max(scorer.hopeOf(place), best.logs[place] ?? 0) - (now.logs[place] ?? 0)
    const left = new Set<number>()
    for (; round < ROUNDS && !enough(now.score) && now.score > best.score - (BELOW[round] ?? BELOW_AT_LAST); round++) {
      const place = [...now.logs.keys()].filter((p) => !left.has(p)).reduce((a, b) => (hurt(b) > hurt(a) ? b : a), -1)
      if (place < 0 || hurt(place) < WORTH_TRYING) break
      const from = now
      const tried = inTime(from.score, () =>
        remediesFor(scorer, from, place, by)
          .filter(stands)
          .map((change) => scorer.changed(from, change.parts, change.changed, from.score)),
      )
      now = tried.reduce((a, b) => (b.score > a.score + 1e-9 ? b : a), from)
      if (now === from && left.add(place).size > UNREMEDIED) break
      if (now !== from) left.clear()
    }
    return now
  }
  let exact = scorer.whole(parts, until)
  for (;;) {
    const reached = mended(exact)
    const whole = reached === exact ? exact : scorer.whole(reached.parts, until)
    if (whole.score <= exact.score + 1e-9) break
    exact = whole
  }
  // What comes near may be the stronger or the weaker as a whole.
  for (const { parts: other } of exact.score > best.score - NEAR ? shifted(exact.parts) : []) {
    if (enough(exact.score)) break
    const whole = scorer.whole(other, until)
    if (whole.score > exact.score + 1e-9) exact = whole
  }
  return exact
}

/** Changes that explain a test better than a mixture does, those that explain it best for what they cost. */
function remediesFor(scorer: Scorer, { parts, logs }: Weighed, place: number, by: 'amounts' | 'anything'): readonly Move[] {
  if (scorer.isThorough) scorer.lookCloser(parts, place)
  const among = scorer.spokenOf(place)
  const held = scorer.heldOf(parts, place)
  const amounts = [...anyOtherAmounts(parts, held), ...otherAmounts(parts, held, FINE_CLASSES)]
  const others = by === 'amounts' ? [] : [...removals(parts, held), ...inAnyAmount(parts, among)]
  const weigh = (change: Move): { change: Move; log: number } => ({ change, log: scorer.tried(change.parts, place) })
  return scorer
    .within(ONE_TEST, () => [...amounts, ...others].map(weigh))
    .filter(({ log }) => log > (logs[place] ?? 0) + WORTH_TRYING)
    .map(({ change, log }) => ({ change, worth: log - ONE_MORE * (change.parts.size - parts.size) }))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, REMEDIES)
    .map(({ change }) => change)
}
/** What a part more costs beforehand, about (natural logarithm): other amounts cost nothing. */
const ONE_MORE = 2

/** Rivals that fall short by more than the one and less than the other (natural logarithm) may do so by amounts that were fitted without them; at leisure, those with a part fewer by much more: a little cadmium makes up for too little tin. */
const SHORT = [2, 10] as const
const SHORT_WITHOUT_ONE = 30
/** Steps in which the others are fitted by their amounts alone. */
const BY_AMOUNTS = 1500
/** The same rivals, those that fall somewhat short with the others fitted to them. */
export function refitted(scorer: Scorer, best: Weighed, rivals: readonly Weighed[], steps: number): readonly Weighed[] {
  // Those with fewer parts come first: what a part explains that is not there, others in other amounts often do.
  const fewestFirst = [...rivals].sort((a, b) => a.parts.size - b.parts.size || b.score - a.score)
  const asFitted = (rival: Weighed): Weighed => {
    const short = best.score - rival.score
    // What falls short by its prior alone has nothing that other amounts would mend.
    const isHurt = sum(best.logs) - sum(rival.logs) > WORTH_TRYING
    const isFewer = scorer.isThorough && rival.parts.size < best.parts.size
    const changed = PARTS.filter((part) => rival.parts.has(part) !== best.parts.has(part))
    // An exchange is weighed as it is: there are too many of them.
    if (changed.length > 1 || scorer.isExhausted || !isHurt || short < SHORT[0] || short > (isFewer ? SHORT_WITHOUT_ONE : SHORT[1])) return rival
    const change = { parts: rival.parts, changed }
    const amended = isFewer ? fitted(scorer, change, best, BY_AMOUNTS, 'amounts') : rival
    const better = Math.max(amended.score, rival.score) < best.score - SHORT[1] ? amended : fitted(scorer, change, best, ONE_PERTURBATION)
    return [amended, better].reduce((a, b) => (b.score > a.score ? b : a), rival)
  }
  return scorer.within(steps, () => fewestFirst.map(asFitted))
}

/** What falls further below than this by its own tests is not worked whole (natural logarithm). */
const REFINABLE = 4
export const localMoves = (parts: Parts): readonly Move[] => [...otherAlkali(parts), ...removals(parts), ...otherAmounts(parts)]
export const amountsBetween = (parts: Parts): readonly Move[] => otherAmounts(parts, parts, FINE_CLASSES)
/** Better by one part fewer, or a little more or less of one, each worked whole: what a part has a hand in, its own tests do not all tell. */
export function refined(scorer: Scorer, start: Weighed, changesOf = localMoves): Weighed {
  let best = start
  let moves = changesOf(best.parts)
  // Round and round, from where it last led on, until nothing did for a whole turn.
  for (let k = 0, idle = 0; idle < moves.length && !scorer.isExhausted; k++, idle++) {
    const { parts, changed } = moves[k % moves.length] as Move
    if (scorer.changed(best, parts, changed, best.score - REFINABLE).score < best.score - REFINABLE) continue
    const other = scorer.whole(parts, start.logs.length)
    if (other.score <= best.score + 1e-9) continue
    best = other
    moves = changesOf(best.parts)
    k--
    idle = -1
  }
  return best
}
