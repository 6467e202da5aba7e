import type { Case } from '../../notebook'
import { groupsOf } from '../groups'
import type { Simulations } from '../hypotheses'
import type { Weighing } from '../standings'
import { SOLUTION_mL, type Trace } from '../trace'
import { ACID, asHypothesis, CATIONS, isAnion, PARTS, type Parts } from './parts'
import type { Responders } from './responders'
import { beforehand, Scales, type Weighed } from './scales'
import { follow } from './follow'
import { hastily } from './hastily'
import { AT_THE_BENCH, isIdle, isThorough, ONE_LINE, settle, throughWith, type Found, type ThoughtThrough } from './search'

export { ANIONS_SOUGHT, CATIONS, dissolved, mixtureOf, PARTS, type AmountClass, type Parts } from './parts'
export { drawSolution, practiceMixture, practicePowder, practiceSolution, type Drawn } from './draw'
export { mergeGases, mergeResponders, muchOf, workOutGases, workOutResponders, type GasesOfParts, type Responders } from './responders'

/** Where the search of a case stood after each test, to go on from when the page grows. */
interface Way {
  readonly scales: Scales
  readonly parts: Parts[]
  /** What the search came to last, by so many tests. */
  found?: Found & { readonly until: number }
  /** What the tests up to then, or those before, were thought through with last. */
  through?: ThoughtThrough | undefined
  /** Steps that were worked since the page last grew. */
  spent: number
}
/** With fewer steps than these thinking again comes to nothing. */
const WORTH_A_ROUND = 200
const ways = new WeakMap<Simulations, Map<string, Way>>()

/**
 * Weighs mixtures against everything written: the best is followed test by test and improved at the end, then every mixture one part away is weighed beside it. Each ion's probability is its odds with
 * all others as in the best.
 * @param how.deep steps that may be simulated to begin the search again where something stays puzzling
 * @param how.atOnce a first answer, before what was written last is thought through
 * @param how.from what thinking elsewhere came to, to go on from
 */
export function weighMixtures(
  of: Case,
  trace: Trace,
  simulations: Simulations,
  responders: Responders,
  { deep = 0, atOnce = false, from }: { readonly deep?: number; readonly atOnce?: boolean; readonly from?: Parts | undefined } = {},
): Weighing {
  const { sample_mL: mL = SOLUTION_mL } = simulations
  const known = { isSolid: simulations.sample_mL === undefined, maxCations: of.maxCations, maxAnions: of.maxAnions }
  const groups = groupsOf(trace)
  const way = wayOf(of, simulations, () => new Scales(simulations, responders, mL, known))
  const { scales } = way
  const same = scales.takeUp(groups)
  if (same < groups.length || way.parts.length > same) way.spent = 0
  way.parts.length = Math.min(way.parts.length, same)
  if (way.found && way.found.until > same) {
    delete way.found
    delete way.through
  }
  const { best, rivals } = atOnce
    ? hastily(scales, way.found, way.parts.at(-1) ?? scales.nothing, way.parts.length, groups.length)
    : thought(way, groups.length, deep, from)
  way.spent += scales.effort
  const all = [best, ...rivals]
  const total = Float64Array.from(all, (w) => w.score)
  const table = trace.observations.map(() => new Float64Array(all.length))
  all.forEach((w, h) =>
    groups.forEach(({ places }, place) => {
      const own = scales.rowsAt(best.content, place)
      // What was given up before it came to this test is taken to be as the best there.
      const differs = w !== best && w.logs[place] !== best.logs[place]
      const [theirs, ours] = differs ? [scales.partRows(w.parts, place), scales.partRows(best.parts, place)] : [own, own]
      places.forEach((k, i) => void ((table[k] as Float64Array)[h] = (own[i] ?? 0) + (theirs[i] ?? 0) - (ours[i] ?? 0)))
    }),
  )
  return {
    trace,
    simulations,
    hypotheses: all.map((w) => asHypothesis(w.parts, mL, 1 / all.length)),
    table,
    total,
    each: chances(best, rivals),
    beforehand,
    responders,
  }
}

/** The best by all that was written and its rivals, the last tests followed one by one; or gone on from where another search came to. */
function thought(way: Way, until: number, asked: number, from: Parts | undefined): Found {
  const { scales, parts } = way
  const deep = isIdle(asked) ? Math.max(0, Math.min(asked, ONE_LINE - way.spent)) : asked
  if (deep < asked && deep < WORTH_A_ROUND && way.found?.until === until && !from) return way.found
  if (from && until > 0) {
    while (parts.length < until) parts.push(from)
    parts[until - 1] = from
  }
  for (let place = parts.length; place < until; place++)
    parts.push(scales.within(AT_THE_BENCH, () => follow(scales, { parts: parts.at(-1) ?? scales.nothing, place })))
  const begun = parts.at(-1) ?? scales.nothing
  const found = settle(scales, begun, until, deep, { found: way.found?.until === until ? way.found : undefined, through: way.through })
  if (isThorough(deep)) way.through = throughWith(scales, begun, found)
  if (parts.length > 0) parts[parts.length - 1] = found.best.parts
  way.found = { ...found, until }
  return found
}

function wayOf(of: Case, simulations: Simulations, begin: () => Scales): Way {
  let known = ways.get(simulations)
  if (!known) ways.set(simulations, (known = new Map<string, Way>()))
  const key = JSON.stringify(of)
  let way = known.get(key)
  if (!way) known.set(key, (way = { scales: begin(), parts: [], spent: 0 }))
  return way
}

/** The probability of each ion, by how much likelier or less likely the mixture is with it than without. */
function chances(best: Weighed, rivals: readonly Weighed[]): ReadonlyMap<string, number> {
  const odds = new Map<string, number>()
  for (const { parts, score } of rivals)
    for (const part of PARTS)
      if (part !== ACID && parts.has(part) !== best.parts.has(part)) odds.set(part, (odds.get(part) ?? 0) + Math.exp(score - best.score))
  return new Map(
    PARTS.filter((part) => part !== ACID).map((part) => {
      const other = odds.get(part) ?? 0
      return [part, best.parts.has(part) ? 1 / (1 + other) : other / (1 + other)] as const
    }),
  )
}

/** Of an answer for a mixture, the cations and the anions it takes to be there. */
export const ionsFound = (each: ReadonlyMap<string, number>): { cations: string[]; anions: string[] } => {
  const there = [...each].filter(([, p]) => p > 0.5).map(([ion]) => ion)
  return { cations: there.filter((ion) => CATIONS.includes(ion)), anions: there.filter(isAnion) }
}
