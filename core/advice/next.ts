import { expectedBits } from './bits'
import { byCourse, courseOf, passedOver, stagesOf, usualOf, type PassedOver } from './course'
import { foremost } from './foremost'
import { forecastOf } from './forecast'
import { heldBy, warningOf } from './gates'
import { worthDoing } from './mixture'
import { elementsAsked, elementsFirst, fusionFirst, lookFirst, onceMore, proving, solutionFirst } from './order'
import { atHand, costOf, FUSED, propose, type Proposal } from './proposal'
import { live, prospectsOf, tells, tempered } from './prospects'
import { refutationOf, type Refutation } from './refute'
import { review, type Finding } from './review'
import { FUSION_EXTRACT, isOnSolution, testsFor, type Test } from '../catalogue'
import type { Reasoning, ReasoningSession } from '../deduction'
import type { Notebook } from '../notebook'

export interface Advice {
  readonly next: readonly Proposal[]
  readonly review: readonly Finding[]
  readonly refutation: Refutation | null
  /** Of one salt: tests of earlier stages of the course that are not proposed, and why. */
  readonly passedOver?: readonly PassedOver[]
  /** Tests that a stop gate keeps back for now, and why. */
  readonly held: readonly Held[]
  readonly complete: boolean
}

export interface Held {
  readonly test: string
  readonly title: string
  readonly because: string
}

/** A test that would tell less is not proposed, bits; of a compound that may be in no library, each test tells little, and no other tells it. */
export const WORTH_DOING = 0.03
const WORTH_DOING_ON_ORGANIC = 0.012
/**
 * What to do next: every test not yet done, ranked by expected information for the minutes and the care it takes.
 * @throws NotebookError for a test that is not in the catalogue
 */
export function advise(notebook: Pick<Notebook, 'case' | 'entries'>, session: ReasoningSession): Advice {
  return adviseFrom(session.reason(notebook), notebook)
}

/** The same, from a deduction already made. */
export function adviseFrom(reasoning: Reasoning, notebook?: Pick<Notebook, 'case' | 'entries'>): Advice {
  const settings = notebook?.case
  if (reasoning.each && notebook) return adviseMixture(reasoning, notebook).advice
  const course = courseOf(settings)
  const isByCourse = settings?.kind === 'salt' && settings.school.course !== 'quickest'
  const done = new Set(reasoning.trace.tests)
  if ((reasoning.trace.volumes.get(FUSION_EXTRACT) ?? 0) > 0) done.add(FUSED)
  const wanted = testsFor(settings?.kind ?? 'salt').filter((test) => !done.has(test.id) && atHand(test, settings))
  const held = wanted.flatMap((test): Held[] => {
    const gate = heldBy(test, reasoning)
    return gate ? [{ test: test.id, title: test.title, because: warningOf(gate) }] : []
  })
  const allowed = wanted.filter((test) => !held.some((h) => h.test === test.id))
  const undone = foremost(allowed, reasoning, isByCourse ? usualOf(course) : [])
  const wary = { ...reasoning, posterior: tempered(reasoning.posterior) }
  const among = live(wary)
  const tested = undone
    .map((test) => ({ test, prospects: prospectsOf(test, wary, among) }))
    .map((plan) => ({ ...plan, bits: expectedBits(forecastOf(plan.test, reasoning.simulations), plan.prospects) }))
    .filter(({ bits }) => bits >= (settings?.kind === 'organic' ? WORTH_DOING_ON_ORGANIC : WORTH_DOING))
    .map((plan) => ({ ...plan, worth: plan.bits / costOf(plan.test, done) }))
    .sort((a, b) => b.worth - a.worth)
  const inOrder = isByCourse ? byCourse(tested, course) : tested
  const ranked = elementsFirst(
    inOrder.map(({ test, bits, prospects }) => propose(test, bits, `${test.because} ${tells(prospects)}`.trim(), reasoning)),
  )
  const proofs = proving(undone, reasoning).filter((p) => !ranked.some((r) => r.test === p.test))
  const worth = fusionFirst(solutionFirst([...ranked, ...proofs], undone, reasoning), undone, done, reasoning)
  const asked = worth.length > 0 ? worth : elementsAsked(undone, done, reasoning)
  const found = lookFirst(asked.length > 0 ? asked : onceMore(reasoning, wary, among, settings), undone, reasoning)
  const stageOf = stagesOf(course)
  const next = settings?.kind === 'salt' ? found.map((p) => ({ ...p, stage: stageOf(p.test).title })) : found
  return {
    next,
    ...(isByCourse
      ? { passedOver: passedOver(reasoning.simulations.sample_mL === undefined ? allowed : allowed.filter(isOnSolution), next[0], course) }
      : {}),
    review: notebook ? review(notebook, reasoning) : [],
    refutation: refutationOf(undone, reasoning),
    held,
    complete: next.length === 0,
  }
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
    if (gate) held.push({ test: test.id, title: test.title, because: warningOf(gate) })
    return gate === undefined
  }
  const { found, isWhole } = worthDoing(reasoning, notebook.case, allowed, { within })
  const next = found.map(({ test, bits, because }) => propose(test, bits, because, reasoning))
  const advice = { next, review: review(notebook, reasoning), refutation: null, held, complete: isWhole && next.length === 0 }
  return { advice, isWhole }
}
