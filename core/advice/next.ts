import { expectedBits } from './bits'
import { forecastOf } from './forecast'
import { gatesOf, heldBy } from './gates'
import { worthDoing } from './mixture'
import { review, type Finding } from './review'
import { brings, careOf, cautionsOf, FUSION_EXTRACT, organicTestById, reagentsOf, testsFor, type Test } from '../catalogue'
import { mixtureOf, reason, type Content, type Reasoning } from '../deduction'
import type { Notebook } from '../notebook'
import { findReagent, gasById } from '../species'
import { everyTest } from '../schemes'

export interface Proposal {
  readonly test: string
  readonly title: string
  /** Expected information, bits. */
  readonly bits: number
  readonly minutes: number
  readonly cautions: readonly string[]
  readonly because: string
}

export interface Advice {
  readonly next: readonly Proposal[]
  readonly review: readonly Finding[]
  readonly refutation: Refutation | null
  /** Tests that a stop gate keeps back for now, and why. */
  readonly held: readonly Held[]
  readonly complete: boolean
}

export interface Held {
  readonly test: string
  readonly title: string
  readonly because: string
}

/** The test that would best try to refute the likeliest salt, and the salts it would speak for instead. */
export interface Refutation {
  readonly claim: string
  readonly test: string
  readonly title: string
  readonly because: string
}

/** A test that would tell less is not proposed, bits; of a compound that may be in no library, each test tells little, and no other tells it. */
export const WORTH_DOING = 0.03
const WORTH_DOING_ON_ORGANIC = 0.012
/** Hypotheses that together hold less than this are left out of the ranking. */
const TAIL = 1e-4

/**
 * What to do next: every test not yet done, ranked by expected information for the minutes and the care it takes.
 * @throws NotebookError for a test that is not in the catalogue
 */
export function advise(notebook: Pick<Notebook, 'case' | 'entries'>): Advice {
  return adviseFrom(reason(notebook), notebook)
}

/** The same, from a deduction already made. */
export function adviseFrom(reasoning: Reasoning, notebook?: Pick<Notebook, 'case' | 'entries'>): Advice {
  const settings = notebook?.case
  if (reasoning.each && notebook) return adviseMixture(reasoning, notebook).advice
  const done = new Set(reasoning.trace.tests)
  if ((reasoning.trace.volumes.get(FUSION_EXTRACT) ?? 0) > 0) done.add(FUSED)
  const wanted = testsFor(settings?.kind ?? 'salt').filter((test) => !done.has(test.id) && atHand(test, settings))
  const held = wanted.flatMap((test): Held[] => {
    const gate = heldBy(test, reasoning)
    return gate ? [{ test: test.id, title: test.title, because: `${gate.says} ${gate.asks}` }] : []
  })
  const undone = wanted.filter((test) => !held.some((h) => h.test === test.id))
  const wary = { ...reasoning, posterior: tempered(reasoning.posterior) }
  const among = live(wary)
  const ranked = elementsFirst(
    undone
      .map((test) => ({ test, prospects: prospectsOf(test, wary, among) }))
      .map((plan) => ({ ...plan, bits: expectedBits(forecastOf(plan.test, reasoning.simulations), plan.prospects) }))
      .filter(({ bits }) => bits >= (settings?.kind === 'organic' ? WORTH_DOING_ON_ORGANIC : WORTH_DOING))
      .sort((a, b) => b.bits / costOf(b.test, done) - a.bits / costOf(a.test, done))
      .map(({ test, bits, prospects }) => propose(test, bits, `${test.because} ${tells(prospects)}`.trim(), reasoning)),
  )
  const proofs = proving(undone, reasoning).filter((p) => !ranked.some((r) => r.test === p.test))
  const worth = fusionFirst(solutionFirst([...ranked, ...proofs], undone, reasoning), undone, done, reasoning)
  const asked = worth.length > 0 ? worth : elementsAsked(undone, done, reasoning)
  const next = lookFirst(asked.length > 0 ? asked : onceMore(reasoning, wary, among, settings), undone, reasoning)
  return { next, review: notebook ? review(notebook, reasoning) : [], refutation: refutationOf(undone, reasoning), held, complete: next.length === 0 }
}

/** Steps in which tests of a mixture are foreseen while somebody waits to hear what to do next: a fifth of a second or so. */
const AT_ONCE = 350

export interface AdviceAtOnce {
  readonly advice: Advice
  /** Whether no test was passed over for want of time. */
  readonly isWhole: boolean
}

/** The same while somebody waits: of a mixture's tests those that are not foreseen in time are passed over; asked again, it goes on with them. */
export function adviseAtOnce(reasoning: Reasoning, notebook: Pick<Notebook, 'case' | 'entries'>): AdviceAtOnce {
  return reasoning.each ? adviseMixture(reasoning, notebook, AT_ONCE) : { advice: adviseFrom(reasoning, notebook), isWhole: true }
}

/** The same for a mixture: what is in it is settled ion by ion. */
function adviseMixture(reasoning: Reasoning, notebook: Pick<Notebook, 'case' | 'entries'>, within?: number): AdviceAtOnce {
  const held: Held[] = []
  const allowed = (test: Test): boolean => {
    if (!atHand(test, notebook.case)) return false
    const gate = heldBy(test, reasoning)
    if (gate) held.push({ test: test.id, title: test.title, because: `${gate.says} ${gate.asks}` })
    return gate === undefined
  }
  const { found, isWhole } = worthDoing(reasoning, notebook.case, allowed, { within })
  const next = found.map(({ test, bits, because }) => propose(test, bits, because, reasoning))
  const advice = { next, review: review(notebook, reasoning), refutation: null, held, complete: isWhole && next.length === 0 }
  return { advice, isWhole }
}

/** The model may be off: what it holds improbable is looked into as if it were somewhat less so. */
const WARY = 0.7
function tempered(posterior: Float64Array): Float64Array {
  const raised = posterior.map((p) => p ** WARY)
  const sum = raised.reduce((a, b) => a + b, 0)
  return raised.map((p) => p / sum)
}

/** What a test costs: its minutes, a minute to begin, and the care it takes. */
const costOf = (test: Test, done: ReadonlySet<string> = NOTHING_DONE): number =>
  1 + test.minutes + careOf(test) + (wantsFusion(test, done) ? FUSION_min : 0)
const NOTHING_DONE: ReadonlySet<string> = new Set()

/** Minutes that a fusion takes, for the first test that wants its extract. */
const FUSION_min = 12
const takesExtract = (test: Test): boolean => test.steps.some((s) => s.do === 'take' && s.from === FUSION_EXTRACT)
const wantsFusion = (test: Test, done: ReadonlySet<string>): boolean => takesExtract(test) && !done.has(FUSED)
/** Stands among the tests done where an extract is there, however it was made. */
const FUSED = 'fused'

/** Whether everything a test wants stands on this bench; a case that lists no reagents has them all. */
function atHand(test: Test, settings: Notebook['case'] | undefined): boolean {
  if (!settings?.reagents) return true
  const here = new Set(settings.reagents.flatMap((name) => known(name) ?? []))
  return reagentsOf(test).every((id) => id === 'water' || here.has(id) || settings.reagents?.includes(id))
}

function known(name: string): string | undefined {
  try {
    return findReagent(name).reagent
  } catch {
    return undefined
  }
}

const propose = (test: Test, bits: number, because: string, reasoning: Reasoning): Proposal => ({
  test: test.id,
  title: test.title,
  bits: Math.round(bits * 100) / 100,
  minutes: test.minutes,
  cautions: cautionsFor(test, reasoning),
  because,
})

/** Every line a person must have read before the test: what to stop at, the reagents', and those of the gases it may make. */
export const cautionsFor = (test: Test, reasoning: Weighed): string[] => [
  ...new Set([...gatesOf(test, reasoning).map((gate) => `Stop: ${gate.says} ${gate.asks}`), ...cautionsOf(test), ...gasCautions(test, reasoning)]),
]

/** A gas that comes with less than this probability does not decide a caution. */
const WORTH_A_CAUTION = 0.005
/** Salts less likely than this decide no caution, all of them together. */
const NO_CAUTION = 1e-5

type Weighed = Pick<Reasoning, 'hypotheses' | 'posterior' | 'simulations' | 'each'>

/** Cautions of the gases that the test would make of what may be in the jar. */
function gasCautions(test: Test, weighed: Weighed): string[] {
  const chance = new Map<string, number>()
  // A step of a separation has no outcome by itself: what it makes depends on all that was done before.
  if ('vessel' in test) return []
  const forecast = forecastOf(test, weighed.simulations)
  for (const [content, mass] of contentsOf(weighed)) for (const gas of forecast.gasesOf(content)) chance.set(gas, (chance.get(gas) ?? 0) + mass)
  const made = [...chance].filter(([, p]) => p >= WORTH_A_CAUTION).map(([id]) => id)
  return made.flatMap((id) => gasById.get(id)?.data.caution ?? []).filter((line) => line !== '')
}

/** From this probability on a mixed solution is asked whole what gases it makes, since one ion may drive out what another alone would not. */
const WHOLE_FROM = 0.05

/** What may be in the jar, and how likely it is. Of a mixed solution these are its likeliest wholes, and each ion by itself, as much as there may be of it, that may be there besides. */
function contentsOf({ hypotheses, posterior, simulations, each }: Weighed): readonly (readonly [Content, number])[] {
  const [best] = hypotheses
  if (each && best && simulations.sample_mL !== undefined) {
    const besides = [...each].filter(([ion, p]) => p >= WORTH_A_CAUTION && !best.ions.has(ion))
    const wholes = hypotheses.flatMap((h, k) => (k > 0 && (posterior[k] ?? 0) >= WHOLE_FROM ? [[h.content, posterior[k] ?? 0] as const] : []))
    return [
      [best.content, 1],
      ...wholes,
      ...besides.map(([ion, p]) => [mixtureOf(new Map([[ion, 'heavy']]), simulations.sample_mL ?? 0), p] as const),
    ]
  }
  return [...spokenFor({ hypotheses, posterior })].flatMap(([h, mass]) => {
    const content = hypotheses[h]?.content
    return content && mass >= NO_CAUTION ? [[content, mass] as const] : []
  })
}

/** From here on a salt is as good as known, and what is left is to prove it. */
const AS_GOOD_AS_KNOWN = 0.9

/** Tests that would give another positive sign of an ion that the class's rule does not call confirmed yet. */
function proving(undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const best = reasoning.posterior.indexOf(Math.max(...reasoning.posterior))
  const content = reasoning.hypotheses[best]?.content
  if (!content || (reasoning.posterior[best] ?? 0) < AS_GOOD_AS_KNOWN) return []
  const wanting = reasoning.standings.filter((s) => s.status === 'likely').map((s) => s.species)
  return undone.flatMap((test) => {
    const shown = forecastOf(test, reasoning.simulations).shownBy(content)
    const proved = wanting.filter((ion) => shown.has(ion) && !brings(test, ion))
    return proved.length > 0
      ? [propose(test, 0, `Another sign of ${proved.join(' and ')}: a claim of "confirmed" takes independent positives. ${test.because}`, reasoning)]
      : []
  })
}

/** Tests on a solution want one: making it, and looking at what happens, comes before them. */
function solutionFirst(next: readonly Proposal[], undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const making = undone.find((test) => test.id === 'solubility-in-water')
  const first = next[0] && everyTest.get(next[0].test)
  if (!making || !first || first.on.includes('solid')) return [...next]
  const own = next.find((p) => p.test === making.id) ?? propose(making, 0, `${making.because} The next tests are done on this solution.`, reasoning)
  return [own, ...next.filter((p) => p.test !== making.id)]
}

/** Bits from which on a test of elements comes before those of groups. */
const WORTH_A_FUSION = 0.08
/** The elements decide which tests of groups are worth doing: what is open of them is settled first. */
function elementsFirst(ranked: readonly Proposal[]): readonly Proposal[] {
  const stageOf = (p: Proposal): string | undefined => everyTest.get(p.test)?.stage
  if (!ranked.some((p) => stageOf(p) === 'elements' && p.bits >= WORTH_A_FUSION)) return ranked
  return [...ranked.filter((p) => stageOf(p) !== 'functional groups'), ...ranked.filter((p) => stageOf(p) === 'functional groups')]
}

/** Tests that ask an extract for an element, the commonest first. */
const ASKING: readonly string[] = ['nitrogen-blue', 'sulfur-lead', 'halogen-silver']
/** No organic compound is named before its elements were asked for: what looks and dissolves like one of the library may be another, in none. */
function elementsAsked(undone: readonly Test[], done: ReadonlySet<string>, reasoning: Reasoning): Proposal[] {
  const beside = undone.find((test) => test.id === 'chlorine-beside')
  const hidden = reasoning.standings.some((s) => (s.species === 'Br' || s.species === 'I') && s.probability > 0.5)
  if (beside && hidden && done.has(FUSED)) return [propose(beside, 0, `${beside.because} No other test shows it beside them.`, reasoning)]
  const asking = undone.filter((test) => ASKING.includes(test.id))
  const [first] = asking
  if (!first || asking.length < ASKING.length) return []
  const because = 'Its elements were not asked for yet: what looks and dissolves like one compound may be another.'
  if (done.has(FUSED)) return [propose(first, 0, `${first.because} ${because}`, reasoning)]
  const fusion = undone.find((test) => test.id.endsWith('-fusion'))
  return fusion ? [propose(fusion, 0, `${fusion.because} ${because}`, reasoning)] : []
}

/** Probability of the likeliest salt or compound; what is known by its parts alone is one with whatever has the same. */
function likeliest({ hypotheses, posterior }: Reasoning): number {
  const chance = new Map<string, number>()
  hypotheses.forEach(({ content, unlisted, ions }, h) => {
    const what = unlisted ? [...ions].sort().join() : content.id
    chance.set(what, (chance.get(what) ?? 0) + (posterior[h] as number))
  })
  return Math.max(...chance.values())
}
/** Bits from which on a test that was done is worth doing once more. */
const WORTH_DOING_AGAIN = 0.1
/**
 * Where nothing undone tells what is left apart, a test that was done may, done over with fresh portions: what was seen in it stands against something else. Nothing is asked a third time, nor of an extract twice: it shows the same again.
 */
function onceMore(reasoning: Reasoning, wary: Reasoning, among: readonly Live[], settings: Notebook['case'] | undefined): Proposal[] {
  if (likeliest(reasoning) >= AS_GOOD_AS_KNOWN) return []
  const entries = new Map<string, Set<string>>()
  for (const { test, entry } of reasoning.trace.steps) if (test !== null) entries.set(test, (entries.get(test) ?? new Set()).add(entry))
  return testsFor(settings?.kind ?? 'salt')
    .filter((test) => entries.get(test.id)?.size === 1 && !takesExtract(test) && atHand(test, settings) && heldBy(test, reasoning) === undefined)
    .map((test) => ({ test, prospects: prospectsOf(test, wary, among) }))
    .map((plan) => ({ ...plan, bits: expectedBits(forecastOf(plan.test, reasoning.simulations), plan.prospects) }))
    .filter(({ bits }) => bits >= WORTH_DOING_AGAIN)
    .sort((a, b) => b.bits / costOf(b.test) - a.bits / costOf(a.test))
    .map(({ test, bits, prospects }) =>
      propose(
        test,
        bits,
        `Once more, with fresh portions, and a control beside it: nothing that is left to do tells more. ${tells(prospects)}`.trim(),
        reasoning,
      ),
    )
}

/** An organic compound is looked at before anything is poured on it: its colour and whether it is a liquid stand in every test that follows, and must not count there as if each had shown them. */
function lookFirst(next: readonly Proposal[], undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const look = undone.find((test) => test.stage === 'looked' && organicTestById.has(test.id))
  if (!look || next.length === 0) return [...next]
  const own = next.find((p) => p.test === look.id) ?? propose(look, 0, `${look.because} What follows is read beside it.`, reasoning)
  return [own, ...next.filter((p) => p.test !== look.id)]
}

/** Tests on the extract of a fusion want one: making it, and seeing that it is good, comes before them. */
function fusionFirst(next: readonly Proposal[], undone: readonly Test[], done: ReadonlySet<string>, reasoning: Reasoning): Proposal[] {
  const first = next[0] && everyTest.get(next[0].test)
  const fusion = undone.find((test) => test.id.endsWith('-fusion'))
  if (!first || !fusion || !wantsFusion(first, done)) return next.filter((p) => !p.test.endsWith('-fusion'))
  const own = propose(fusion, 0, `${fusion.because} The next tests are done on its extract.`, reasoning)
  return [own, ...next.filter((p) => !p.test.endsWith('-fusion'))]
}

/** A hypothesis by its place, with the probability it speaks for. */
interface Live {
  readonly h: number
  readonly mass: number
}

/** The outcomes of a test among the live hypotheses, with what each holds of their probability and the likeliest of its salts. */
interface Prospect {
  readonly outcome: number
  readonly mass: number
  readonly formula: string
}

function live(reasoning: Reasoning): Live[] {
  let held = 0
  return [...spokenFor(reasoning)]
    .sort(([, a], [, b]) => b - a)
    .filter(([, mass]) => {
      const before = held
      held += mass
      return before < 1 - TAIL
    })
    .map(([h, mass]) => ({ h, mass }))
}

/** Sets of groups, of molecules put together, whose tests are foretold: no percepts of those were worked out ahead. So many of the likeliest; and then those with a group that none of the others has, or all have but they. */
const FORETOLD = 8
const FORETOLD_FOR_A_GROUP = 10
/** A set less likely than this speaks for no group. */
const WORTH_FORETELLING = 0.002
/**
 * Hypotheses, by place, whose tests are foretold, with the probability that each speaks for: its own, and of a molecule put together of groups that of all with the same, of whom the likeliest speaks.
 */
function spokenFor({ hypotheses, posterior }: Pick<Reasoning, 'hypotheses' | 'posterior'>): ReadonlyMap<number, number> {
  const spoken = new Map<number, number>()
  const alike = new Map<string, number[]>()
  hypotheses.forEach(({ byGroups, ions }, h) => {
    if (!byGroups) return void spoken.set(h, posterior[h] as number)
    const key = [...ions].sort().join()
    alike.set(key, [...(alike.get(key) ?? []), h])
  })
  const likeliest = (a: number, b: number): number => (posterior[b] as number) - (posterior[a] as number)
  const sets = [...alike.values()]
    .map((members) => ({
      first: members.sort(likeliest)[0] as number,
      mass: members.reduce((sum, h) => sum + (posterior[h] as number), 0),
    }))
    .sort((a, b) => b.mass - a.mass)
  const groupsOf = (h: number): ReadonlySet<string> => hypotheses[h]?.ions ?? new Set()
  const likely = sets.slice(0, FORETOLD)
  const met = new Set(likely.flatMap(({ first }) => [...groupsOf(first)]))
  const had = new Set([...met].filter((group) => likely.every(({ first }) => groupsOf(first).has(group))))
  let further = 0
  for (const { first, mass } of sets.slice(FORETOLD)) {
    if (mass < WORTH_FORETELLING || further === FORETOLD_FOR_A_GROUP) break
    const fresh = [...groupsOf(first)].filter((group) => !met.has(group))
    const lacking = [...had].filter((group) => !groupsOf(first).has(group))
    if (fresh.length + lacking.length === 0) continue
    for (const group of fresh) met.add(group)
    for (const group of lacking) had.delete(group)
    likely.push({ first, mass })
    further++
  }
  for (const { first, mass } of likely) spoken.set(first, mass)
  return spoken
}

function prospectsOf(test: Test, { hypotheses, simulations }: Reasoning, among: readonly Live[]): Prospect[] {
  const forecast = forecastOf(test, simulations)
  // Of what is known by its elements alone, no other test can be foretold.
  const tellsElements = test.stage === 'elements' || test.id === 'beilstein'
  const prospects = new Map<number, { outcome: number; mass: number; formula: string }>()
  for (const { h, mass } of among) {
    const hypothesis = hypotheses[h]
    if (!hypothesis || (hypothesis.elementsOnly && !tellsElements)) continue
    const { content } = hypothesis
    const outcome = forecast.outcomeOf(content)
    // What cannot be done with it, or shows nothing that is written, tells it from nothing.
    if (!forecast.saysAnything(outcome)) continue
    const known = prospects.get(outcome)
    if (known) known.mass += mass
    else prospects.set(outcome, { outcome, mass, formula: content.label ?? content.id })
  }
  return [...prospects.values()]
}

/** In words: which salts part company, the two likeliest that differ. */
function tells(prospects: readonly Prospect[]): string {
  const [first, second] = [...prospects].sort((a, b) => b.mass - a.mass)
  return first && second ? `It tells ${first.formula} from ${second.formula}${prospects.length > 2 ? ` and ${prospects.length - 2} more` : ''}.` : ''
}

/** Hypotheses besides the likeliest that refutation looks at: those that stood up longest. */
const RIVALS = 12

/**
 * The undone test whose outcome, foretold by the likeliest salt, the rivals would hardest give: what is seen instead would refute it. Rivals count alike, whatever is left of their
 * probability: a claim is tried against what it has beaten, not only against what is still open.
 */
function refutationOf(undone: readonly Test[], reasoning: Reasoning): Refutation | null {
  const order = [...reasoning.posterior.keys()].sort((a, b) => (reasoning.posterior[b] as number) - (reasoning.posterior[a] as number))
  const claim = reasoning.hypotheses[order[0] ?? -1]
  if (!claim || (reasoning.posterior[order[0] ?? -1] ?? 0) < 0.5) return null
  const spoken = spokenFor(reasoning)
  const rivals = order
    .slice(1)
    .filter((h) => spoken.has(h))
    .slice(0, RIVALS)
    .flatMap((h) => reasoning.hypotheses[h] ?? [])
  let best: { test: Test; against: string[] } | null = null
  for (const test of undone) {
    const forecast = forecastOf(test, reasoning.simulations)
    const foretold = forecast.outcomeOf(claim.content)
    const own = forecast.chance(foretold, foretold)
    const against = rivals.filter(({ content }) => forecast.chance(forecast.outcomeOf(content), foretold) < 0.1 * own)
    if (against.length > (best?.against.length ?? 0)) best = { test, against: [...new Set(against.map((r) => r.content.label ?? r.content.id))] }
  }
  if (!best) return null
  const named = best.against.slice(0, 3).join(', ')
  return {
    claim: claim.content.label ?? claim.content.id,
    test: best.test.id,
    title: best.test.title,
    because: `If it is not ${claim.content.label ?? claim.content.id}, this would show it: ${named}${best.against.length > 3 ? ` and ${best.against.length - 3} more` : ''} would answer otherwise.`,
  }
}
