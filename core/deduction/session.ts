import { constantUnlisted, isOf, type Expectation } from '../channels'
import type { Notebook } from '../notebook'
import { isFusion } from '../schemes'
import { structureOf, takeStructures } from '../structure'
import { isFaulty, type Conditions } from '../tube'
import { BY_GROUPS, EMBODIED, organicUnknowns, ownUnknowns, tellsElements } from './inference/organic/hypotheses'
import { Simulations, type Content, type Hypothesis, type PerceptPack } from './simulation/simulations'
import { likelihood, logOfMean, logOfSum, togetherInOneTest, unknowing } from './observation/error-model'
import { attributedSteps } from './observation/attribution'
import { ofElements, weighByGroups, type ByGroups, type Said } from './inference/organic/by-functional-groups'
import { groupsOf } from './observation/tests-written'
import { weighMixtures, type GasesOfParts, type Parts, type Searches, type Sensitivities } from './inference/mixture'
import { isOwn } from './simulation/percept-pack'
import { conclude, type Deduction, type Reasoning, type Weighing } from './inference/standings'
import { singleSalts } from './inference/beforehand'
import { weighSalts } from './inference/salt'
import { judgeControls } from './observation/controls'
import { liquidOf, traceOf, type Trace, type TraceObservation, type TraceStep } from './observation/trace'

/** How far to go in one deduction, and from where. */
export interface Effort {
  /** Steps that may be simulated to search a mixture again where something stays unexplained, or to go through what an organic compound of no library may be; a thousand take half a second or so. */
  readonly deep?: number
  /** Of a mixture a first answer, before what was written last is searched through. */
  readonly atOnce?: boolean
  /** Of a mixture, parts to go on from, which another program of this model came to. */
  readonly from?: Parts | undefined
  /** Asked now and then while a mixture is searched; once it says yes, the best so far is the answer. */
  readonly cancelled?: (() => boolean) | undefined
}

export interface Question extends Effort {
  /** A disturbed model to reason with, for robustness runs; the nominal one otherwise. */
  readonly conditions?: Conditions
  /** What may be in the jar; every bench salt alone, or whatever the kind of the case has, unless given. */
  readonly hypotheses?: readonly Hypothesis[] | undefined
}

/** Memories of percepts kept at once, one for each mass, volume and drop size. */
const MOST_MEMORIES = 8

/**
 * One program's reasoning. It owns what is kept between deductions: percepts worked out ahead, those simulated since, and how far the search of each mixture has come. Two sessions know nothing of each other.
 */
export class ReasoningSession {
  private readonly memories = new Map<string, Simulations>()
  private readonly packs: PerceptPack[] = []
  private readonly searches: Searches = new WeakMap()
  private gases: GasesOfParts | undefined
  private sensitivities: Sensitivities = {}
  /** For one salt, whatever its strength: the ions each test speaks of. */
  private reach: Sensitivities = {}

  /** Takes up percepts worked out ahead for every deduction from here on; those of another model are refused. */
  takePercepts(given: PerceptPack): boolean {
    if (!isOwn(given)) return false
    this.packs.push(given)
    if (given.structures) takeStructures(given.structures)
    if (given.sensitivities) this.sensitivities = given.sensitivities
    if (given.sensitivities && given.strong) this.reach = together(given.sensitivities, given.strong)
    if (given.gases) this.gases = given.gases
    for (const simulations of this.memories.values()) if (simulations.sample_mL === undefined) simulations.use(given)
    return true
  }

  /**
   * Weighs every hypothesis by everything written.
   * @throws NotebookError for a test that is not in the catalogue
   */
  reason(notebook: Pick<Notebook, 'case' | 'entries'>, { conditions = {}, hypotheses, ...effort }: Question = {}): Reasoning {
    const discarded = new Map(judgeControls(notebook, conditions).flatMap((v) => (v.good ? [] : [[v.beside, v] as const])))
    const trace = withoutRuns(traceOf(notebook), discarded)
    const simulations = this.simulationsFor(notebook, conditions)
    const { confirmations } = notebook.case.school
    if (hypotheses === undefined && notebook.case.kind === 'mixture') {
      const weighed = weighMixtures(notebook.case, trace, simulations, this.sensitivities, this.searches, effort)
      return conclude({ ...weighed, gases: this.gases }, confirmations, discarded)
    }
    if (notebook.case.kind === 'organic') {
      const own = ownUnknowns(notebook.case.compounds ?? [])
      // The same list each time, where nobody added to it: what was worked out of it stays.
      const named = hypotheses ?? (own.length > 0 ? [...organicUnknowns(), ...own] : organicUnknowns())
      return conclude(weighOrganic(trace, simulations, named, effort.deep ?? 0), confirmations, discarded)
    }
    // Which ions a test speaks of is worked out ahead, with the percepts: without that only the salts of the bench are weighed.
    const known = Object.keys(this.reach).length > 0
    if (hypotheses === undefined && (known || simulations.sample_mL !== undefined))
      return conclude(weighSalts(trace, simulations, this.reach), confirmations, discarded)
    return conclude(weighAll(trace, simulations, hypotheses ?? singleSalts()), confirmations, discarded)
  }

  /** The public answer alone. @throws NotebookError */
  deduce(notebook: Pick<Notebook, 'case' | 'entries'>): Deduction {
    const deep = notebook.case.kind === 'organic' ? THROUGH_ALL : ANSWERED
    const { standings, formulae, conflicts } = this.reason(notebook, { deep })
    return { standings, formulae: formulae.filter((f) => f.probability > 1e-4), conflicts }
  }

  /** One memory of percepts for each sample mass and drop size; of a disturbed model none is kept. */
  private simulationsFor(notebook: Pick<Notebook, 'case' | 'entries'>, conditions: Conditions): Simulations {
    const { case: notebookCase } = notebook
    const all = notebookCase.drop_mL === undefined ? conditions : { ...conditions, drop_mL: notebookCase.drop_mL }
    const { mg } = notebookCase.sample
    const mL = liquidOf(notebook)
    const key = JSON.stringify([mg, mL, all])
    const known = conditions.shift ? undefined : this.memories.get(key)
    if (known) return known
    const fresh = new Simulations(mg, all, mL)
    if (mL === undefined) for (const pack of this.packs) fresh.use(pack)
    if (conditions.shift) return fresh
    if (this.memories.size > MOST_MEMORIES) this.memories.clear()
    this.memories.set(key, fresh)
    return fresh
  }
}

/** What each test speaks of by either. */
const together = (one: Sensitivities, other: Sensitivities): Sensitivities =>
  Object.fromEntries(
    [...new Set([...Object.keys(one), ...Object.keys(other)])].map((test) => [test, [...new Set([...(one[test] ?? []), ...(other[test] ?? [])])]]),
  )

/** What was seen of some runs left out, and their tests open to be done again. */
function withoutRuns(trace: Trace, runs: ReadonlyMap<string, unknown>): Trace {
  if (runs.size === 0) return trace
  const kept = (step: TraceStep | undefined): boolean => step === undefined || !runs.has(step.entry)
  const tests = new Set(trace.steps.filter(kept).map((s) => s.test))
  return { ...trace, observations: trace.observations.filter((o) => kept(o.steps[0])), tests: trace.tests.filter((t) => tests.has(t)) }
}

const TARRY: ReadonlySet<string> = new Set(['yellow', 'orange', 'brown', 'red'])
/** Whether the extract of the fusion was seen to be coloured: whatever is added to a portion of it then stands in that colour. */
const tarSeen = ({ observations }: Trace): boolean =>
  observations.some(
    ({ observation: { channel, value, negated }, steps: [step] }) =>
      channel === 'solution.colour' && !negated && TARRY.has(value) && isFusion(step?.test),
  )
const ofFaultyFusion = (o: TraceObservation): boolean =>
  attributedSteps(o).some(({ recipe }) => recipe.steps.some((s) => s.do === 'fuse' && isFaulty(s)))

/**
 * Whether an observation is of something that lies, or floats, in a tube undissolved because it is the compound itself, or should: how little of what nobody has met dissolves in a millilitre of this and that is not
 * known, and it would be held against it in every test anew.
 */
function isOfUndissolved({ id }: Content, o: TraceObservation, expect: (step: TraceStep) => Expectation | null): boolean {
  const { channel, value } = o.observation
  if (channel === 'layer.rests') return true
  if (channel === 'layer.colour') return PLAIN.has(value)
  if (!isOf(channel, 'precipitate')) return false
  const { formula } = structureOf(id)
  return attributedSteps(o).some((step) => {
    const { precipitates = [] } = expect(step)?.percept ?? {}
    return precipitates.length > 0 && precipitates.every((p) => p.species === formula)
  })
}
const PLAIN: ReadonlySet<string> = new Set(['colourless', 'white'])

/** How likely an observation is under a hypothesis. */
function likelihoodUnder(
  { content, unlisted, elementsOnly, byGroups }: Hypothesis,
  o: TraceObservation,
  simulations: Simulations,
  tarry: boolean,
): number {
  if (elementsOnly && !o.steps.some(({ recipe }) => tellsElements(recipe.steps))) return unknowing(o.observation)
  const expect = (step: TraceStep): Expectation | null => simulations.expect(content, step.recipe)
  const { channel, value } = o.observation
  // Tar colours every liquid, and how deep it does says nothing of elements.
  if (elementsOnly && channel === 'solution.colour' && TARRY.has(value) && (tarry || ofFaultyFusion(o))) return unknowing(o.observation)
  if (elementsOnly) return likelihood(o, expect, 'nothing')
  if (byGroups && isOfUndissolved(content, o, expect)) return Math.max(likelihood(o, expect), unknowing(o.observation))
  if (!unlisted || !isOf(channel, 'constant')) return likelihood(o, expect)
  // Of what is in no library nobody knows the constant, only whether such a compound has one.
  const step = attributedSteps(o)[0]
  return constantUnlisted(value, (step ? expect(step)?.percept.constant : null) !== null)
}

/** How often a test that shows nothing is wrong after a fusion with a fault: an element may be there all the same. */
const SILENT_WRONG = 0.7
/** What was seen is as likely with no element there as with any, within this (natural logarithm). */
const AS_LIKELY = 0.7

/** Whether nothing was seen in an extract whose fusion was not done as it must be. */
function provesNothing(observations: readonly TraceObservation[], rows: readonly Float64Array[], hypotheses: readonly Hypothesis[]): boolean {
  if (!observations.some(ofFaultyFusion)) return false
  const blank = hypotheses.findIndex((h) => h.elementsOnly === true && h.ions.size === 0)
  const said = (h: number): number => rows.reduce((sum, row) => sum + (row[h] ?? 0), 0)
  return blank >= 0 && said(blank) > Math.max(...hypotheses.map((_, h) => said(h))) - AS_LIKELY
}

/** Of elements alone it is not known how much there is of each: a test weighs their set as the mean over its proportions, so that no test is held to what another said of the amounts. */
function inAnyProportion(rows: readonly Float64Array[], hypotheses: readonly Hypothesis[]): void {
  const sets = new Map<string, number[]>()
  hypotheses.forEach((hypothesis, h) => {
    if (!hypothesis.elementsOnly) return
    const key = [...hypothesis.ions].join()
    const own = sets.get(key)
    if (own) own.push(h)
    else sets.set(key, [h])
  })
  for (const members of sets.values()) {
    const said = members.map((h) => rows.reduce((sum, row) => sum + (row[h] ?? 0), 0))
    const mean = logOfMean(said)
    members.forEach((h, k) => {
      for (const row of rows) row[h] = (row[h] ?? 0) + (mean - (said[k] ?? 0)) / rows.length
    })
  }
}

/** Of what is known by its elements alone, a test of anything else says what it says of another compound at random. */
function likeAnother(rows: readonly Float64Array[], hypotheses: readonly Hypothesis[]): void {
  const known = [...hypotheses.keys()].filter((h) => !hypotheses[h]?.elementsOnly)
  if (known.length === 0 || known.length === hypotheses.length) return
  const mean = logOfMean(known.map((h) => rows.reduce((sum, row) => sum + (row[h] ?? 0), 0)))
  hypotheses.forEach(({ elementsOnly }, h) => {
    if (elementsOnly) for (const row of rows) row[h] = mean / rows.length
  })
}

/** Every hypothesis by everything written. */
function weighAll(trace: Trace, simulations: Simulations, hypotheses: readonly Hypothesis[]): Weighing & { readonly said: readonly Said[] } {
  const tarry = tarSeen(trace)
  const table = trace.observations.map((o) =>
    Float64Array.from(hypotheses, (hypothesis) => Math.log(likelihoodUnder(hypothesis, o, simulations, tarry))),
  )
  const alone = table.map((row) => row.slice())
  const said = groupsOf(trace).map((group): Said => {
    const rows = group.places.map((k) => table[k] as Float64Array)
    if (!ofElements(group)) likeAnother(rows, hypotheses)
    const wrong = provesNothing(group.observations, rows, hypotheses) ? SILENT_WRONG : undefined
    const otherwise = togetherInOneTest(rows, undefined, wrong)
    inAnyProportion(rows, hypotheses)
    return { group, otherwise, wrong, sums: Float64Array.from(hypotheses, (_, h) => rows.reduce((sum, row) => sum + (row[h] as number), 0)) }
  })
  const total = Float64Array.from(hypotheses, ({ prior }, h) => table.reduce((sum, row) => sum + (row[h] as number), Math.log(prior)))
  return { trace, simulations, hypotheses, table, alone, total, said }
}

/** The same of an organic jar, with what is put together of groups beside what is known by name. */
function weighOrganic(trace: Trace, simulations: Simulations, named: readonly Hypothesis[], deep: number): Weighing {
  const weighed = weighAll(trace, simulations, named)
  const tarry = tarSeen(trace)
  const tell = (hypothesis: Hypothesis, place: number): number =>
    likelihoodUnder(hypothesis, trace.observations[place] as TraceObservation, simulations, tarry)
  const more = weighByGroups(named, weighed.said, tell, simulations, deep)
  if (more.length === 0) return weighed
  const beside = (table: readonly Float64Array[], own: (m: ByGroups) => ReadonlyMap<number, number>): readonly Float64Array[] =>
    // Of elements a molecule says what its set of them says.
    table.map((row, k) => Float64Array.from([...row, ...more.map((m) => own(m).get(k) ?? (row[m.bySet] as number))]))
  const table = beside(weighed.table, (m) => m.together)
  likeWhatStands(table, named, more, weighed.said)
  const hypotheses = [...named, ...more.map((m) => m.hypothesis)]
  const total = Float64Array.from(hypotheses, ({ prior }, h) => table.reduce((sum, row) => sum + (row[h] as number), Math.log(prior)))
  return { trace, simulations, hypotheses, table, alone: beside(weighed.alone ?? weighed.table, (m) => m.alone), total }
}

/**
 * What is known by its elements alone has some groups or other, and tells the tests of groups as one of those that were put together does, all tests by the same: no set of elements loses to another because nobody put one
 * of its molecules together.
 */
function likeWhatStands(table: readonly Float64Array[], named: readonly Hypothesis[], more: readonly ByGroups[], said: readonly Said[]): void {
  const places = said.flatMap(({ group }) => (ofElements(group) ? [] : group.places))
  if (places.length === 0) return
  const told = more.map((m) => places.reduce((sum, place) => sum + (m.together.get(place) ?? 0), Math.log(m.hypothesis.prior)))
  const mean = logOfSum(told) - Math.log(BY_GROUPS + EMBODIED)
  named.forEach(({ elementsOnly }, h) => {
    if (!elementsOnly) return
    const short = mean - places.reduce((sum, place) => sum + (table[place]?.[h] ?? 0), 0)
    if (short <= 0) return
    for (const place of places) {
      const row = table[place]
      if (row) row[h] = (row[h] as number) + short / places.length
    }
  })
}

/** While the bench is idle: rounds of thinking again, and the steps simulated in each. A mixture that is changed in each of them is left for the next line: with twice as many rounds no more of its ions were found. */
export const SHARPENING = { mixture: { rounds: 3, steps: 1000 }, organic: { rounds: 6, steps: 1500 } } as const
/** Steps simulated to think a mixture through before it is left. */
export const THOROUGH = 100_000
/** The same to answer once about a notebook as it stands: a minute or so for seventy tests of a mixture that are hard to explain, seconds as a rule. */
const ANSWERED = 40_000
/** The same to go once, and not line by line, through what an organic compound of no library may be. */
export const THROUGH_ALL = 80_000
