import { crowded, everyAddition, removals, type Move } from './moves'
import { hillClimb } from './hill-climb'
import { iteratedSearch } from './iterated-search'
import { refitted } from './fit'
import { PARTS, type Parts } from './parts'
import { compositionOf, EXPLAINED, GIVEN_UP, type Scorer, type Weighed } from './scorer'

/** What a search goes on from, and where it came to. */
export interface Found {
  readonly best: Weighed
  /** What else was weighed with it: every mixture that is one part away, and those farther off that come close. */
  readonly rivals: readonly Weighed[]
}

/** What a mixture came to when it was thought through at leisure and nothing else was found. */
export interface ThoughtThrough {
  readonly composition: string
  /** By how much it fell short of what was written by then (natural logarithm). */
  readonly short: number
}

/** What is known of a page that is thought about once more. */
export interface Before {
  readonly found?: Found | undefined
  readonly through?: ThoughtThrough | undefined
}

const EARLY = 8
/** From so many steps on a mixture is thought through at leisure. */
const THOROUGH_FROM = 8000

/** Steps, about, in which one line is followed, and then the whole looked at anew, while somebody waits at the bench: half a second or so each. What is not found by then is left for the next round. */
export const AT_THE_BENCH = 1200

/** Steps for one line in all, rounds of thinking again included: what it is not settled in is left for the next, or for when the mixture is thought through. */
export const ONE_LINE = 2800

/** Steps at most for what stands beside the best. */
const FOR_RIVALS = 40_000
/** The same, and at least, in a round of thinking again while the bench is idle: what is not weighed anew by then keeps the odds it had. */
const FOR_RIVALS_IDLE = 250

/** Odds from which on a rival is weighed by every test (natural logarithm). */
const CLOSE = 1.2

/**
 * The best mixture by everything written, and its rivals.
 * @param deep steps that may be simulated to begin again where something is puzzling; a thousand take a second or so
 * @param before what was found by the same tests, and what they were thought through with
 */
export function settle(scorer: Scorer, parts: Parts, until: number, deep: number, before: Before = {}): Found {
  const began = scorer.effort
  scorer.isThorough = isThorough(deep)
  const worth = (weighed: Weighed): number => deep * unexplained(scorer, weighed, before.through)
  let best = scorer.within(scorer.isThorough ? Infinity : deep || AT_THE_BENCH, () => bestFrom(scorer, parts, until, worth))
  const steps = worth(best)
  const end = scorer.isThorough ? Infinity : began + deep
  const left = (): number => Math.max(0, Math.min(steps, FOR_RIVALS, end - scorer.effort))
  const was = isIdle(deep) ? before.found : undefined
  const inTime = <T>(work: () => T): T => (was ? scorer.within(Math.max(left(), FOR_RIVALS_IDLE), work) : work())
  for (;;) {
    const apart = inTime(() => rivalsOf(scorer, best, until, left(), was))
    // Even what explains everything may have a part too many, that others in other amounts make up for.
    const rivals = left() > 0 ? refitted(scorer, best, apart, left() / 2) : apart
    const better = rivals.reduce((a, b) => (b.score > a.score ? b : a), best)
    const found = { best, rivals: withFartherOnes(scorer, best, rivals) }
    if (better === best) return found
    const whole = scorer.whole(better.parts, until)
    if (whole.score <= best.score + 1e-9) return found
    best = whole
  }
}

/** The best by everything written that is reached from some parts. */
function bestFrom(scorer: Scorer, parts: Parts, until: number, worth: (weighed: Weighed) => number): Weighed {
  const whole = scorer.whole(parts, until)
  if (explainsAll(scorer, whole)) return whole
  const carried = hillClimb(scorer, parts, until)
  // Early on a wrong turn is soon taken, and beginning again costs little.
  const anew = until <= EARLY && parts.size > 0 ? hillClimb(scorer, scorer.nothing, until) : carried
  const best = anew.score > carried.score ? anew : carried
  const steps = worth(best)
  return steps > 0 && !explainsAll(scorer, best) ? iteratedSearch(scorer, best, steps) : best
}

/** What is wrong falls far short of what was written (natural logarithm); nothing that falls no shorter than the least of these is likely to be. */
const SHORTFALLS = [3, 12] as const
/** How much of the steps is spent on what was thought through, where what came since is explained. */
const AGAIN = 1 / 24
/** How much of the steps a mixture is worth, by how much it leaves unexplained. */
function unexplained(scorer: Scorer, weighed: Weighed, through: ThoughtThrough | undefined): number {
  const short = shortOf(scorer, weighed)
  if (through?.composition === compositionOf(weighed.parts) && short < through.short + EXPLAINED) return AGAIN
  return Math.min(1, Math.max(SHORTFALLS[0], short) / SHORTFALLS[1])
}
const shortOf = (scorer: Scorer, { parts, logs }: Weighed): number => scorer.shortfall(parts, logs.length)

/** Whether so many steps are for thinking through at leisure. */
export const isThorough = (deep: number): boolean => deep >= THOROUGH_FROM
/** Whether they are for a round of thinking again while the bench is idle. */
export const isIdle = (deep: number): boolean => deep > 0 && !isThorough(deep)
/** What was thought through by a search at leisure that began with these parts; undefined where it came to others, or to others in amount. */
export const throughWith = (scorer: Scorer, begun: Parts, { best }: Found): ThoughtThrough | undefined =>
  scorer.contentOf(begun).id === best.content.id ? { composition: compositionOf(best.parts), short: shortOf(scorer, best) } : undefined

/** Whether nothing that was written gives a reason to look further than the nearest mixtures. */
const explainsAll = (scorer: Scorer, { parts, logs }: Weighed): boolean => logs.every((_, place) => scorer.explains(parts, place))

/** So much less likely than the best (natural logarithm), and no more than so many, are kept of those more than one part away. */
const FARTHER = 5
const FARTHER_ONES = 12

/** The rivals, each in the amounts that speak most for it, and what else was weighed whole on the way and comes close to the best. */
function withFartherOnes(scorer: Scorer, best: Weighed, rivals: readonly Weighed[]): readonly Weighed[] {
  const near = rivals.map((rival) => {
    const whole = scorer.weighedWhole(rival.parts)
    return whole && whole.score > rival.score ? whole : rival
  })
  const known = new Set([best, ...near].map(({ parts }) => compositionOf(parts)))
  const farther = scorer.everyWeighedWhole().filter((w) => w.score > best.score - FARTHER && !known.has(compositionOf(w.parts)))
  return [...near, ...farther.sort((a, b) => b.score - a.score).slice(0, FARTHER_ONES)]
}

/**
 * Every mixture that is one part away, and where no more of a kind may be there one exchange, weighed until it is too unlikely to matter.
 * @param steps that may be simulated, about, to weigh those with one part fewer by every test: what a part has a hand in, its own tests do not all tell
 * @param was what was found before: where the steps are spent, a rival has the odds that the same change had then
 */
function rivalsOf(scorer: Scorer, best: Weighed, until: number, steps: number, was?: Found): Weighed[] {
  const enough = scorer.effort + steps
  const floor = best.score - GIVEN_UP
  const odds = was && oddsOf(was, best)
  const oddsAt = ({ changed }: Move): number | undefined => odds?.get(changed.join())
  const moves = [...removals(best.parts), ...everyAddition(best.parts, PARTS), ...crowded(best.parts, PARTS), ...scorer.exchanges(best.parts)]
  // What was not weighed yet, and what came near, goes first where the steps may not do for all.
  if (odds) moves.sort((a, b) => (oddsAt(b) ?? 0) - (oddsAt(a) ?? 0))
  return moves.map((change) => {
    const { parts, changed } = change
    if (odds && scorer.isExhausted) {
      const score = best.score + (oddsAt(change) ?? -GIVEN_UP)
      return { parts, content: scorer.contentOf(parts), logs: best.logs, score }
    }
    const rival = scorer.changed(best, parts, changed, floor)
    // One that comes close by its own tests alone is weighed by all of them.
    const isClose = rival.score > best.score - CLOSE
    const isFewer = parts.size < best.parts.size && scorer.effort < enough
    return isClose || isFewer ? scorer.whole(parts, until) : rival
  })
}

/** How much less likely than the best its rivals were that differ from it in one part, by that part; those apart that the best itself has changed by since. */
function oddsOf({ best, rivals }: Found, now: Weighed): ReadonlyMap<string, number> {
  const differing = (a: Parts, b: Parts): string[] => PARTS.filter((part) => a.has(part) !== b.has(part))
  const since = differing(best.parts, now.parts)
  return new Map(
    rivals.flatMap(({ parts, score }): [string, number][] => {
      const [part, ...others] = differing(parts, best.parts)
      return part === undefined || others.length > 0 || since.includes(part) ? [] : [[part, score - best.score]]
    }),
  )
}
