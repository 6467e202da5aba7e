import { inWords } from '../../messages'
import type { ControlVerdict } from '../observation/controls'
import type { STATUSES } from '../schema'
import { brings, type Stage } from '../../catalogue'
import { sayObservation, seenMessage } from '../../notebook'
import { everyTest } from '../../schemes'
import { COMPONENTS } from '../../species'
import { FUSION_ELEMENTS } from '../../structure'
import type { Hypothesis, Simulations } from '../simulation/simulations'
import type { GasesOfParts } from './mixture/sensitivity'
import { shownBy, tellsElements } from './organic/hypotheses'
import { likelihoodAt } from '../observation/error-model'
import { attributedSteps } from '../observation/attribution'
import type { Trace, TraceObservation } from '../observation/trace'

export type Status = (typeof STATUSES)[number]

export interface Evidence {
  readonly entry: string
  /** log10 of the likelihood ratio; above zero speaks for. */
  readonly weight: number
  readonly because: string
}
export interface Standing {
  readonly species: string
  readonly charge: number
  readonly probability: number
  readonly status: Status
  readonly evidence: readonly Evidence[]
}
export interface Conflict {
  readonly entry: string
  readonly because: string
}
/** A formula still in contention. */
export interface Likely {
  readonly formula: string
  readonly probability: number
  /** Whether it is no salt of the bench. */
  readonly unlisted?: true
}
export interface Deduction {
  readonly standings: readonly Standing[]
  readonly formulae: readonly Likely[]
  readonly conflicts: readonly Conflict[]
}

/** A deduction with what it was worked from, for advice to go on with. */
export interface Reasoning extends Deduction {
  readonly trace: Trace
  readonly hypotheses: readonly Hypothesis[]
  readonly posterior: Float64Array
  readonly simulations: Simulations
  /** Of a mixture, whose ions come and go one by one: the probability of each. */
  readonly each?: ReadonlyMap<string, number>
  /** Of a mixture: the parts each test speaks of, where that is known. */
  readonly sensitivities?: Readonly<Record<string, readonly string[]>>
  /** Of a mixture: the gases that come, by test and part, of each part by itself, where that was worked out ahead. */
  readonly gases?: GasesOfParts
  /** For each ion, the tests that gave a positive sign of it. */
  readonly signs: ReadonlyMap<string, ReadonlySet<string>>
  /** Runs that a control beside them speaks against, by entry: what was seen of them counts for nothing. */
  readonly discarded: ReadonlyMap<string, ControlVerdict>
}

/** What is believed of the jar, as far as its ions go. */
export type Believed = Pick<Reasoning, 'hypotheses' | 'posterior' | 'each'>

/** Probability that one of these ions is in the jar. */
export function chanceOf(ions: readonly string[], { hypotheses, posterior, each }: Believed): number {
  if (each) return 1 - ions.reduce((none, ion) => none * (1 - (each.get(ion) ?? 0)), 1)
  return hypotheses.reduce((sum, { ions: held }, h) => sum + (ions.some((ion) => held.has(ion)) ? (posterior[h] as number) : 0), 0)
}

const CHARGES: ReadonlyMap<string, number> = new Map(
  COMPONENTS.map((ion) => {
    const match = /\^(\d*)([+-])$/.exec(ion)
    return [ion, match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0] as const
  }),
)

/** Hypotheses weighed against everything written. */
export interface Weighing {
  readonly trace: Trace
  readonly simulations: Simulations
  readonly hypotheses: readonly Hypothesis[]
  /** Natural logarithm of the probability of each observation, by hypothesis. */
  readonly table: readonly Float64Array[]
  /** The same, each observation by itself, whatever else was written of its test; the table, unless given. */
  readonly alone?: readonly Float64Array[]
  /** The same of all of them together, with the prior. */
  readonly total: Float64Array
  /** Of a mixture: the probability of each ion, where it is not the sum over hypotheses; and before any test. */
  readonly each?: ReadonlyMap<string, number>
  readonly beforehand?: (ion: string) => number
  /** Of one salt: whether what was observed may speak of an ion at all, by that ion's own chemistry. Given, each ion is weighed beside others with the same partner. */
  readonly speaks?: (observation: TraceObservation, ion: string) => boolean
  readonly sensitivities?: Readonly<Record<string, readonly string[]>>
  readonly gases?: GasesOfParts | undefined
}

/** What it comes to: standings of the ions, what contradicts, and what gave a sign of what. */
export function conclude(weighing: Weighing, confirmations: number, discarded: Reasoning['discarded'] = new Map()): Reasoning {
  const { trace, simulations, hypotheses, table, total, each, sensitivities, gases } = weighing
  const posterior = normalised(total)
  const named = new Map<string, Likely>()
  hypotheses.forEach(({ content: { id, label = id }, formed }, h) => {
    const before = named.get(label)?.probability ?? 0
    named.set(label, { formula: label, probability: before + (posterior[h] as number), ...(formed ? { unlisted: true as const } : {}) })
  })
  const formulae = [...named.values()].sort((a, b) => b.probability - a.probability)
  const signs = signsBy(trace, hypotheses, posterior, simulations)
  const standings = standingsOf(weighing, posterior, signs, confirmations)
  const conflicts = conflictsOf(trace, weighing.alone ?? table, posterior)
  return {
    standings,
    formulae,
    conflicts,
    trace,
    hypotheses,
    posterior,
    simulations,
    signs,
    discarded,
    ...(each ? { each } : {}),
    ...(sensitivities ? { sensitivities } : {}),
    ...(gases ? { gases } : {}),
  }
}

function normalised(logs: Float64Array): Float64Array {
  const top = Math.max(...logs)
  const weights = logs.map((l) => Math.exp(l - top))
  const sum = weights.reduce((a, b) => a + b, 0)
  return weights.map((w) => w / sum)
}

/** A weight below this (log10) is not worth a line. */
const WORTH_SAYING = 0.05
/** An observation counts as a sign when the salt it is a sign of gives it at least this probability. */
const EXPLAINED = 0.3

function standingsOf(
  { hypotheses, trace, table, total, each, beforehand, speaks }: Weighing,
  posterior: Float64Array,
  signs: ReadonlyMap<string, ReadonlySet<string>>,
  confirmations: number,
): Standing[] {
  const holders = new Map<string, number[]>()
  hypotheses.forEach(({ ions }, h) => ions.forEach((ion) => holders.set(ion, [...(holders.get(ion) ?? []), h])))
  const tellings = table.map((row) => tellingOf(row, total))
  const matched = speaks && matching(hypotheses)
  const fused = trace.observations.some(({ steps }) => steps.some(({ recipe }) => tellsElements(recipe.steps)))
  const ions = [...holders].sort(([a], [b]) => COMPONENTS.indexOf(a) - COMPONENTS.indexOf(b))
  const standings = ions.map(([species, holding]) => {
    const held = holding.reduce((sum, h) => sum + (posterior[h] as number), 0)
    const probability = Math.min(1, each?.get(species) ?? held)
    const prior = beforehand?.(species) ?? holding.reduce((sum, h) => sum + (hypotheses[h]?.prior ?? 0), 0)
    const evidence = trace.observations
      .flatMap((o, k) => {
        const telling = tellings[k]
        if (!telling || speaks?.(o, species) === false) return []
        return [{ o, weight: matched ? matchedWeight(telling, matched(species)) : weightOf(telling, holding) }]
      })
      .filter(({ weight }) => Math.abs(weight) >= WORTH_SAYING)
      .map(({ o, weight }) => ({ entry: o.entry, weight: round(weight), because: because(o, weight) }))
    return {
      species,
      charge: CHARGES.get(species) ?? 0,
      probability,
      status: beforeFusion(species, fused, statusOf(probability, prior, evidence, signs.get(species)?.size ?? 0, confirmations)),
      evidence,
    }
  })
  return standings.sort((a, b) => b.charge - a.charge || b.probability - a.probability)
}

/** An element that no fusion and no copper wire has been asked about is not called excluded, however little else speaks for it. */
const beforeFusion = (species: string, fused: boolean, status: Status): Status =>
  status === 'excluded' && !fused && FUSION_ELEMENTS.some((element) => element === species) ? 'unlikely' : status

const round = (weight: number): number => Math.round(weight * 100) / 100

/** What one observation says of any ion: each hypothesis weighed by all the other observations, and by how it told this one. */
interface Telling {
  readonly share: Float64Array
  readonly told: Float64Array
  readonly sumShare: number
  readonly sumTold: number
}
function tellingOf(row: Float64Array, total: Float64Array): Telling {
  const without = normalised(total.map((t, h) => t - (row[h] as number)))
  // A little of the even hand is mixed in, so that a side with no weight left still has a say of its own.
  const share = without.map((p) => 0.98 * p + 0.02 / without.length)
  const told = share.map((p, h) => p * Math.exp(row[h] as number))
  const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0)
  return { share, told, sumShare: sum(share), sumTold: sum(told) }
}

/** log10 of how much better the ion's hypotheses (their places) told this observation than the others. */
function weightOf({ share, told, sumShare, sumTold }: Telling, holding: readonly number[]): number {
  let shareWith = 0
  let toldWith = 0
  for (const h of holding) {
    shareWith += share[h] as number
    toldWith += told[h] as number
  }
  return Math.log10(toldWith / shareWith / ((sumTold - toldWith) / (sumShare - shareWith)))
}

/** Hypotheses with an ion, and without it, in whatever else they hold alike. */
interface Match {
  readonly holding: readonly number[]
  readonly lacking: readonly number[]
}
const isAnion = (ion: string): boolean => (CHARGES.get(ion) ?? 0) <= 0
/** For each ion, its salts beside the salts of others of its kind with the same partner: so that an ion is not weighed by the company it keeps. */
function matching(hypotheses: readonly Hypothesis[]): (ion: string) => readonly Match[] {
  const by = (ofAnions: boolean): Map<string, number[]> => {
    const groups = new Map<string, number[]>()
    hypotheses.forEach(({ ions, amount = '' }, h) => {
      const key = [
        [...ions]
          .filter((ion) => isAnion(ion) === ofAnions)
          .sort()
          .join(),
        amount,
      ].join(' ')
      const own = groups.get(key)
      if (own) own.push(h)
      else groups.set(key, [h])
    })
    return groups
  }
  const [withAnions, withCations] = [by(true), by(false)]
  return (ion) =>
    [...(isAnion(ion) ? withCations : withAnions).values()].flatMap((members) => {
      const holding = members.filter((h) => hypotheses[h]?.ions.has(ion))
      return holding.length > 0 && holding.length < members.length ? [{ holding, lacking: members.filter((h) => !hypotheses[h]?.ions.has(ion)) }] : []
    })
}
/** log10 of how much better this observation is told with the ion than without, its partners as likely with it as without: 0 where nothing is told of it. */
function matchedWeight({ share, told }: Telling, matches: readonly Match[]): number {
  let [held, lacked] = [0, 0]
  for (const { holding, lacking } of matches) {
    const sum = (values: Float64Array, of: readonly number[]): number => of.reduce((all, h) => all + (values[h] as number), 0)
    const [shareHolding, shareLacking] = [sum(share, holding), sum(share, lacking)]
    const likely = shareHolding + shareLacking
    held += (likely * sum(told, holding)) / shareHolding
    lacked += (likely * sum(told, lacking)) / shareLacking
  }
  return held > 0 && lacked > 0 ? Math.log10(held / lacked) : 0
}

/** Powers of ten from which on something written speaks strongly, and plainly, for or against. */
const STRONG = 1.3
const PLAIN = 0.4

function because({ observation }: TraceObservation, weight: number): string {
  const size = Math.abs(weight)
  const how = size > STRONG ? 'strong' : size > PLAIN ? 'plain' : 'slight'
  return inWords(`evidence.${how}.${weight > 0 ? 'for' : 'against'}`, { seen: wordsOf(observation) })
}

/** What was seen, in words, said once for all the ions it bears on. */
const words = new WeakMap<object, string>()
function wordsOf(observation: TraceObservation['observation']): string {
  let said = words.get(observation)
  if (said === undefined) words.set(observation, (said = sayObservation(observation)))
  return said
}

/** Many observations, each not worth a line, may still have moved a probability by this factor: then the ion is no longer untested. */
const MOVED = 4

/** The probability a confirmed ion has to have. A class that takes one test for enough takes into the bargain that a whole test may be off. */
const sure = (confirmations: number): number => (confirmations > 1 ? 0.99 : 0.95)

function statusOf(probability: number, prior: number, evidence: readonly Evidence[], positives: number, confirmations: number): Status {
  if (evidence.length === 0 && probability > prior / MOVED && probability < 0.99) return 'untested'
  if (probability >= sure(confirmations) && positives >= confirmations) return 'confirmed'
  if (probability >= 0.8) return 'likely'
  if (probability <= 0.01) return 'excluded'
  return probability <= 0.1 ? 'unlikely' : 'open'
}

/** Whether a test, by id, itself pours the ion in: then seeing or not seeing it there says nothing of the sample. */
export const broughtBy = (id: string, ion: string): boolean => {
  const test = everyTest.get(id)
  return test !== undefined && brings(test, ion)
}

/** Looking and dissolving give hints; only a reaction gives a sign. */
const REACTION_STAGES: ReadonlySet<Stage> = new Set([
  'flame',
  'acids',
  'cation reactions',
  'anion tests',
  'confirmation',
  'elements',
  'solubility class',
  'functional groups',
])
const NOTHING_SEEN: ReadonlySet<string> = new Set(['none', 'no', 'colourless', 'clear'])

/**
 * For each ion, the tests that gave a positive sign of it: something was seen that, with the likeliest salt in the jar, holds that ion, and that salt explains
 * the observation well. An ion told by elimination alone has none.
 */
function signsBy(trace: Trace, hypotheses: readonly Hypothesis[], posterior: Float64Array, simulations: Simulations): Map<string, Set<string>> {
  const signs = new Map<string, Set<string>>()
  const best = hypotheses[posterior.indexOf(Math.max(...posterior))]
  if (!best) return signs
  for (const traced of trace.observations) {
    const { observation } = traced
    if (observation.negated || NOTHING_SEEN.has(observation.value)) continue
    for (const step of attributedSteps(traced)) {
      const test = step.test ?? step.as
      if (test !== undefined && !REACTION_STAGES.has(everyTest.get(test)?.stage ?? 'looked')) continue
      const expectation = simulations.expect(best.content, step.recipe)
      if (!expectation || likelihoodAt(observation, expectation, traced.eyes) < EXPLAINED) continue
      for (const ion of shownBy(expectation.percept)) {
        // One tube worked on freely is one test, however many steps it took.
        if (best.ions.has(ion) && !(test !== undefined && broughtBy(test, ion)))
          signs.set(ion, (signs.get(ion) ?? new Set()).add(test ?? `in ${step.vessel}`))
      }
    }
  }
  return signs
}

/** An observation that the best hypotheses would hardly ever give: probably misread, or the procedure was not as written. */
const UNEXPECTED = 0.1

function conflictsOf(trace: Trace, table: readonly Float64Array[], posterior: Float64Array): Conflict[] {
  return trace.observations.flatMap(({ entry, observation }, k) => {
    const row = table[k]
    if (!row) return []
    const expected = posterior.reduce((sum, p, h) => sum + p * Math.exp(row[h] as number), 0)
    const best = Math.max(...row.map((l) => Math.exp(l)))
    if (expected > UNEXPECTED || best < 3 * expected) return []
    return [{ entry, because: inWords('deduction.does-not-fit', { seen: seenMessage(observation) }) }]
  })
}
