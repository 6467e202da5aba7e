import type { STATUSES } from './schema'
import { brings, testById, type Stage } from '../catalogue'
import { sayObservation, type Case, type Notebook } from '../notebook'
import { COMPONENTS } from '../species'
import type { Conditions } from '../tube'
import { singleSalts, Simulations, type Expectation, type Hypothesis, type PerceptPack } from './hypotheses'
import { modelId } from './pack'
import { likelihood, likelihoodAt, stepsMeant } from './likelihood'
import { traceOf, type Trace, type TraceObservation, type TraceStep } from './trace'

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
export interface Deduction {
  readonly standings: readonly Standing[]
  readonly formulae: readonly { readonly formula: string; readonly probability: number }[]
  readonly conflicts: readonly Conflict[]
}

/** A deduction with what it was worked from, for advice to go on with. */
export interface Reasoning extends Deduction {
  readonly trace: Trace
  readonly hypotheses: readonly Hypothesis[]
  readonly posterior: Float64Array
  readonly simulations: Simulations
  /** For each ion, the tests that gave a positive sign of it. */
  readonly signs: ReadonlyMap<string, ReadonlySet<string>>
}

const CHARGES: ReadonlyMap<string, number> = new Map(
  COMPONENTS.map((ion) => {
    const match = /\^(\d*)([+-])$/.exec(ion)
    return [ion, match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0] as const
  }),
)

const caches = new Map<string, Simulations>()
let pack: PerceptPack | null = null

/** Takes up percepts worked out ahead for every deduction from here on; those of another model are refused. */
export function usePercepts(given: PerceptPack): boolean {
  if (given.model !== modelId()) return false
  pack = given
  for (const simulations of caches.values()) simulations.use(given)
  return true
}

/** One memory of percepts for each sample mass and drop size, kept while the program runs. */
function simulationsFor(notebookCase: Case, conditions: Conditions): Simulations {
  const all = notebookCase.drop_mL === undefined ? conditions : { ...conditions, drop_mL: notebookCase.drop_mL }
  const key = JSON.stringify([notebookCase.sample.mg, all])
  const known = conditions.shift ? undefined : caches.get(key)
  if (known) return known
  const fresh = new Simulations(notebookCase.sample.mg, all)
  if (pack) fresh.use(pack)
  if (conditions.shift) return fresh
  if (caches.size > 8) caches.clear()
  caches.set(key, fresh)
  return fresh
}

/**
 * Weighs every hypothesis by everything written.
 * @param conditions a disturbed model to reason with, for robustness runs; the nominal one otherwise
 * @param hypotheses what may be in the jar; every bench salt alone, unless given
 * @throws NotebookError for a test that is not in the catalogue
 */
export function reason(
  notebook: Pick<Notebook, 'case' | 'entries'>,
  conditions: Conditions = {},
  hypotheses: readonly Hypothesis[] = singleSalts(),
): Reasoning {
  const trace = traceOf(notebook)
  const simulations = simulationsFor(notebook.case, conditions)
  const table = trace.observations.map((o) =>
    Float64Array.from(hypotheses, ({ salt }) =>
      Math.log(likelihood(o, (step: TraceStep): Expectation | null => simulations.expect(salt, step.recipe))),
    ),
  )
  const total = Float64Array.from(hypotheses, ({ prior }, h) => table.reduce((sum, row) => sum + (row[h] as number), Math.log(prior)))
  const posterior = normalised(total)
  const formulae = hypotheses
    .map(({ salt }, h) => ({ formula: salt.id, probability: posterior[h] as number }))
    .sort((a, b) => b.probability - a.probability)
  const signs = signsBy(trace, hypotheses, posterior, simulations)
  const standings = standingsOf(hypotheses, trace, table, total, posterior, signs, notebook.case.school.confirmations)
  return { standings, formulae, conflicts: conflictsOf(trace, table, posterior), trace, hypotheses, posterior, simulations, signs }
}

/** The public answer alone. @throws NotebookError */
export function deduce(notebook: Pick<Notebook, 'case' | 'entries'>): Deduction {
  const { standings, formulae, conflicts } = reason(notebook)
  return { standings, formulae: formulae.filter((f) => f.probability > 1e-4), conflicts }
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
  hypotheses: readonly Hypothesis[],
  trace: Trace,
  table: readonly Float64Array[],
  total: Float64Array,
  posterior: Float64Array,
  signs: ReadonlyMap<string, ReadonlySet<string>>,
  confirmations: number,
): Standing[] {
  const holders = new Map<string, number[]>()
  hypotheses.forEach(({ ions }, h) => ions.forEach((ion) => holders.set(ion, [...(holders.get(ion) ?? []), h])))
  const tellings = table.map((row) => tellingOf(row, total))
  const ions = [...holders].sort(([a], [b]) => COMPONENTS.indexOf(a) - COMPONENTS.indexOf(b))
  const standings = ions.map(([species, holding]) => {
    const probability = Math.min(
      1,
      holding.reduce((sum, h) => sum + (posterior[h] as number), 0),
    )
    const prior = holding.reduce((sum, h) => sum + (hypotheses[h]?.prior ?? 0), 0)
    const evidence = trace.observations
      .flatMap((o, k) => {
        const telling = tellings[k]
        return telling ? [{ o, weight: weightOf(telling, holding) }] : []
      })
      .filter(({ weight }) => Math.abs(weight) >= WORTH_SAYING)
      .map(({ o, weight }) => ({ entry: o.entry, weight: round(weight), because: because(o, weight) }))
    return {
      species,
      charge: CHARGES.get(species) ?? 0,
      probability,
      status: statusOf(probability, prior, evidence, signs.get(species)?.size ?? 0, confirmations),
      evidence,
    }
  })
  return standings.sort((a, b) => b.charge - a.charge || b.probability - a.probability)
}

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

function because({ observation }: TraceObservation, weight: number): string {
  const size = Math.abs(weight)
  const how =
    size > 1.3
      ? ['expected with it, hardly without', 'hardly to be expected with it']
      : size > 0.4
        ? ['likelier with it', 'less likely with it']
        : ['a little likelier with it', 'a little less likely with it']
  return `${sayObservation(observation)}: ${how[weight > 0 ? 0 : 1] ?? ''}`
}

/** Many observations, each not worth a line, may still have moved a probability by this factor: then the ion is no longer untested. */
const MOVED = 4

function statusOf(probability: number, prior: number, evidence: readonly Evidence[], positives: number, confirmations: number): Status {
  if (evidence.length === 0 && probability > prior / MOVED && probability < 0.99) return 'untested'
  if (probability >= 0.99) return positives >= confirmations ? 'confirmed' : 'likely'
  if (probability >= 0.8) return 'likely'
  if (probability <= 0.01) return 'excluded'
  return probability <= 0.1 ? 'unlikely' : 'open'
}

const broughtBy = (id: string, ion: string): boolean => {
  const test = testById.get(id)
  return test !== undefined && brings(test, ion)
}

/** Looking and dissolving give hints; only a reaction gives a sign. */
const REACTION_STAGES: ReadonlySet<Stage> = new Set(['flame', 'acids', 'cation reactions', 'anion tests', 'confirmation'])
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
    for (const step of stepsMeant(traced)) {
      if (step.test && !REACTION_STAGES.has(testById.get(step.test)?.stage ?? 'looked')) continue
      const expectation = simulations.expect(best.salt, step.recipe)
      if (!expectation || likelihoodAt(observation, expectation) < EXPLAINED) continue
      for (const ion of expectation.percept.shows) {
        if (best.ions.has(ion) && !(step.test && broughtBy(step.test, ion)))
          signs.set(ion, (signs.get(ion) ?? new Set()).add(step.test ?? step.entry))
      }
    }
  }
  return signs
}

/** An observation that the best hypotheses would hardly ever give: probably misread, or the procedure was not as written. */
const UNEXPECTED = 0.06

function conflictsOf(trace: Trace, table: readonly Float64Array[], posterior: Float64Array): Conflict[] {
  return trace.observations.flatMap(({ entry, observation }, k) => {
    const row = table[k]
    if (!row) return []
    const expected = posterior.reduce((sum, p, h) => sum + p * Math.exp(row[h] as number), 0)
    const best = Math.max(...row.map((l) => Math.exp(l)))
    if (expected > UNEXPECTED || best < 3 * expected) return []
    return [{ entry, because: `“${sayObservation(observation)}” does not fit what everything else says; look again, or repeat the test` }]
  })
}
