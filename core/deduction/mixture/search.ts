import { crowded, everyAddition, removals } from './changes'
import { climb } from './climb'
import { dig } from './dig'
import { refitted } from './fit'
import { PARTS, type Parts } from './parts'
import { compositionOf, EXPLAINED, GIVEN_UP, type Scales, type Weighed } from './scales'

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

const EARLY = 8
/** From so many steps on a mixture is thought through at leisure. */
const THOROUGH_FROM = 8000

/** Steps, about, in which one line is followed, and then the whole looked at anew, while somebody waits at the bench: half a second or so each. What is not found by then is left for the next round. */
export const AT_THE_BENCH = 1200

/** Steps at most for what stands beside the best. */
const FOR_RIVALS = 40_000

/** Odds from which on a rival is weighed by every test (natural logarithm). */
const CLOSE = 1.2

/**
 * The best mixture by everything written, and its rivals.
 * @param deep steps that may be simulated to begin again where something is puzzling; a thousand take a second or so
 * @param through what the first tests were thought through with
 */
export function settle(scales: Scales, parts: Parts, until: number, deep: number, through?: ThoughtThrough): Found {
  const began = scales.effort
  scales.isThorough = isThorough(deep)
  const worth = (weighed: Weighed): number => deep * unexplained(scales, weighed, through)
  let best = scales.within(scales.isThorough ? Infinity : deep || AT_THE_BENCH, () => bestFrom(scales, parts, until, worth))
  const steps = worth(best)
  const end = scales.isThorough ? Infinity : began + deep
  const left = (): number => Math.max(0, Math.min(steps, FOR_RIVALS, end - scales.effort))
  for (;;) {
    const apart = rivalsOf(scales, best, until, left())
    // Even what explains everything may have a part too many, that others in other amounts make up for.
    const rivals = left() > 0 ? refitted(scales, best, apart, left() / 2) : apart
    const better = rivals.reduce((a, b) => (b.score > a.score ? b : a), best)
    const found = { best, rivals: withFartherOnes(scales, best, rivals) }
    if (better === best) return found
    const whole = scales.whole(better.parts, until)
    if (whole.score <= best.score + 1e-9) return found
    best = whole
  }
}

/** The best by everything written that is reached from some parts. */
function bestFrom(scales: Scales, parts: Parts, until: number, worth: (weighed: Weighed) => number): Weighed {
  const whole = scales.whole(parts, until)
  if (explainsAll(scales, whole)) return whole
  const carried = climb(scales, parts, until)
  // Early on a wrong turn is soon taken, and beginning again costs little.
  const anew = until <= EARLY && parts.size > 0 ? climb(scales, scales.nothing, until) : carried
  const best = anew.score > carried.score ? anew : carried
  const steps = worth(best)
  return steps > 0 && !explainsAll(scales, best) ? dig(scales, best, steps) : best
}

/** What is wrong falls far short of what was written (natural logarithm); nothing that falls no shorter than the least of these is likely to be. */
const SHORTFALLS = [3, 12] as const
/** How much of the steps is spent on what was thought through, where what came since is explained. */
const AGAIN = 1 / 24
/** How much of the steps a mixture is worth, by how much it leaves unexplained. */
function unexplained(scales: Scales, weighed: Weighed, through: ThoughtThrough | undefined): number {
  const short = shortOf(scales, weighed)
  if (through?.composition === compositionOf(weighed.parts) && short < through.short + EXPLAINED) return AGAIN
  return Math.min(1, Math.max(SHORTFALLS[0], short) / SHORTFALLS[1])
}
const shortOf = (scales: Scales, { parts, logs }: Weighed): number => scales.shortfall(parts, logs.length)

/** Whether so many steps are for thinking through at leisure. */
export const isThorough = (deep: number): boolean => deep >= THOROUGH_FROM
/** What was thought through by a search at leisure that began with these parts; undefined where it came to others, or to others in amount. */
export const throughWith = (scales: Scales, begun: Parts, { best }: Found): ThoughtThrough | undefined =>
  scales.contentOf(begun).id === best.content.id ? { composition: compositionOf(best.parts), short: shortOf(scales, best) } : undefined

/** Whether nothing that was written gives a reason to look further than the nearest mixtures. */
const explainsAll = (scales: Scales, { parts, logs }: Weighed): boolean => logs.every((_, place) => scales.explains(parts, place))

/** So much less likely than the best (natural logarithm), and no more than so many, are kept of those more than one part away. */
const FARTHER = 5
const FARTHER_ONES = 12

/** The rivals, each in the amounts that speak most for it, and what else was weighed whole on the way and comes close to the best. */
function withFartherOnes(scales: Scales, best: Weighed, rivals: readonly Weighed[]): readonly Weighed[] {
  const near = rivals.map((rival) => {
    const whole = scales.weighedWhole(rival.parts)
    return whole && whole.score > rival.score ? whole : rival
  })
  const known = new Set([best, ...near].map(({ parts }) => compositionOf(parts)))
  const farther = scales.everyWeighedWhole().filter((w) => w.score > best.score - FARTHER && !known.has(compositionOf(w.parts)))
  return [...near, ...farther.sort((a, b) => b.score - a.score).slice(0, FARTHER_ONES)]
}

/**
 * Every mixture that is one part away, weighed until it is too unlikely to matter.
 * @param steps that may be simulated, about, to weigh those with one part fewer by every test: what a part has a hand in, its own tests do not all tell
 */
function rivalsOf(scales: Scales, best: Weighed, until: number, steps: number): Weighed[] {
  const enough = scales.effort + steps
  const floor = best.score - GIVEN_UP
  return [...removals(best.parts), ...everyAddition(best.parts, PARTS), ...crowded(best.parts, PARTS)].map(({ parts, changed }) => {
    const rival = scales.changed(best, parts, changed, floor)
    // One that comes close by its own tests alone is weighed by all of them.
    const isClose = rival.score > best.score - CLOSE
    const isFewer = parts.size < best.parts.size && scales.effort < enough
    return isClose || isFewer ? scales.whole(parts, until) : rival
  })
}
