import type { Case } from '../../../notebook'
import { groupsOf } from '../../observation/tests-written'
import type { Simulations } from '../../simulation/simulations'
import type { Weighing } from '../standings'
import { SOLUTION_mL, type Trace } from '../../observation/trace'
import { ACID, asHypothesis, CATIONS, isAnion, PARTS, type Parts } from './parts'
import type { Sensitivities } from './sensitivity'
import { beforehand, Scorer, type Weighed } from './scorer'
import { follow } from './incremental'
import { firstAnswer } from './first-answer'
import { AT_THE_BENCH, isIdle, isThorough, ONE_LINE, settle, throughWith, type Found, type ThoughtThrough } from './search'

export { ANIONS_SOUGHT, CATIONS, dissolved, mixtureOf, PARTS, type AmountClass, type Parts } from './parts'
export { anyBetween, drawSolution, practiceMixture, practicePowder, practiceSolution, type Drawn } from './draw'
export {
  mergeGases,
  mergeSensitivities,
  muchOf,
  workOutGases,
  workOutSensitivities,
  workOutStrong,
  type GasesOfParts,
  type Sensitivities,
} from './sensitivity'

/** Where the search of a case stood after each test, to go on from when the page grows. */
interface SearchState {
  readonly scorer: Scorer
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
/** How far the search of each case has come, by the memory of percepts it is made with: a session owns it. */
export type Searches = WeakMap<Simulations, Map<string, SearchState>>

/**
 * Weighs mixtures against everything written: the best is followed test by test and improved at the end, then every mixture one part away is weighed beside it. Each ion's probability is its odds with
 * all others as in the best.
 * @param how.deep steps that may be simulated to begin the search again where something stays puzzling
 * @param how.atOnce a first answer, before what was written last is thought through
 * @param how.cancelled asked now and then; once it says yes, the best so far is the answer
 * @param how.from what thinking elsewhere came to, to go on from
 */
export function weighMixtures(
  of: Case,
  trace: Trace,
  simulations: Simulations,
  sensitivities: Sensitivities,
  searches: Searches,
  {
    deep = 0,
    atOnce = false,
    from,
    cancelled,
  }: { readonly deep?: number; readonly atOnce?: boolean; readonly from?: Parts | undefined; readonly cancelled?: (() => boolean) | undefined } = {},
): Weighing {
  const { sample_mL: mL = SOLUTION_mL } = simulations
  const known = { isSolid: simulations.sample_mL === undefined, maxCations: of.maxCations, maxAnions: of.maxAnions }
  const groups = groupsOf(trace)
  const state = stateOf(searches, of, simulations, () => new Scorer(simulations, sensitivities, mL, known))
  const { scorer } = state
  scorer.cancelled = cancelled
  const same = scorer.takeUp(groups)
  if (same < groups.length || state.parts.length > same) state.spent = 0
  state.parts.length = Math.min(state.parts.length, same)
  if (state.found && state.found.until > same) {
    delete state.found
    delete state.through
  }
  const { best, rivals } = atOnce
    ? firstAnswer(scorer, state.found, state.parts.at(-1) ?? scorer.nothing, state.parts.length, groups.length)
    : thought(state, groups.length, deep, from)
  state.spent += scorer.effort
  const all = [best, ...rivals]
  const total = Float64Array.from(all, (w) => w.score)
  const table = trace.observations.map(() => new Float64Array(all.length))
  all.forEach((w, h) =>
    groups.forEach(({ places }, place) => {
      const own = scorer.rowsAt(best.content, place)
      // What was given up before it came to this test is taken to be as the best there.
      const differs = w !== best && w.logs[place] !== best.logs[place]
      const [theirs, ours] = differs ? [scorer.partRows(w.parts, place), scorer.partRows(best.parts, place)] : [own, own]
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
    sensitivities,
  }
}

/** The best by all that was written and its rivals, the last tests followed one by one; or gone on from where another search came to. */
function thought(state: SearchState, until: number, asked: number, from: Parts | undefined): Found {
  const { scorer, parts } = state
  const deep = isIdle(asked) ? Math.max(0, Math.min(asked, ONE_LINE - state.spent)) : asked
  if (deep < asked && deep < WORTH_A_ROUND && state.found?.until === until && !from) return state.found
  if (from && until > 0) {
    while (parts.length < until) parts.push(from)
    parts[until - 1] = from
  }
  for (let place = parts.length; place < until; place++)
    parts.push(scorer.within(AT_THE_BENCH, () => follow(scorer, { parts: parts.at(-1) ?? scorer.nothing, place })))
  const begun = parts.at(-1) ?? scorer.nothing
  const found = settle(scorer, begun, until, deep, { found: state.found?.until === until ? state.found : undefined, through: state.through })
  if (isThorough(deep)) state.through = throughWith(scorer, begun, found)
  if (parts.length > 0) parts[parts.length - 1] = found.best.parts
  state.found = { ...found, until }
  return found
}

function stateOf(searches: Searches, of: Case, simulations: Simulations, begin: () => Scorer): SearchState {
  let known = searches.get(simulations)
  if (!known) searches.set(simulations, (known = new Map<string, SearchState>()))
  const key = JSON.stringify(of)
  let state = known.get(key)
  if (!state) known.set(key, (state = { scorer: begin(), parts: [], spent: 0 }))
  return state
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
