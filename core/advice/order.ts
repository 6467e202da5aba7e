import { inWords } from '../messages'
import { expectedBits } from './bits'
import { forecastOf } from './forecast'
import { heldBy } from './gates'
import { atHand, costOf, FUSED, propose, takesExtract, wantsFusion, type Proposal } from './proposal'
import { prospectsOf, tells, type Live } from './prospects'
import { brings, makesFusionExtract, organicTestById, testsFor, type Test } from '../catalogue'
import type { Reasoning } from '../deduction'
import type { Notebook } from '../notebook'
import { everyTest, isFusion } from '../schemes'

/** From here on a salt is as good as known, and what is left is to prove it. */
const AS_GOOD_AS_KNOWN = 0.9

/** Tests that would give another positive sign of an ion that the class's rule does not call confirmed yet. */
export function proving(undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const best = reasoning.posterior.indexOf(Math.max(...reasoning.posterior))
  const content = reasoning.hypotheses[best]?.content
  if (!content || (reasoning.posterior[best] ?? 0) < AS_GOOD_AS_KNOWN) return []
  const wanting = reasoning.standings.filter((s) => s.status === 'likely').map((s) => s.species)
  return undone.flatMap((test) => {
    const shown = forecastOf(test, reasoning.simulations).shownBy(content)
    const proved = wanting.filter((ion) => shown.has(ion) && !brings(test, ion))
    return proved.length > 0
      ? [propose(test, 0, inWords('advice.another-sign', { ions: proved.join(' and '), because: test.because }), reasoning)]
      : []
  })
}

/** Tests on a solution want one: making it, and looking at what happens, comes before them. */
export function solutionFirst(next: readonly Proposal[], undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const making = undone.find((test) => test.id === 'solubility-in-water')
  const first = next[0] && everyTest.get(next[0].test)
  if (!making || !first || first.on.includes('solid')) return [...next]
  const own = next.find((p) => p.test === making.id) ?? propose(making, 0, inWords('advice.on-this-solution', { because: making.because }), reasoning)
  return [own, ...next.filter((p) => p.test !== making.id)]
}

/** Bits from which on a test of elements comes before those of groups. */
const WORTH_A_FUSION = 0.08
/** The elements decide which tests of groups are worth doing: what is open of them is settled first. */
export function elementsFirst(ranked: readonly Proposal[]): readonly Proposal[] {
  const stageOf = (p: Proposal): string | undefined => everyTest.get(p.test)?.stage
  if (!ranked.some((p) => stageOf(p) === 'elements' && p.bits >= WORTH_A_FUSION)) return ranked
  return [...ranked.filter((p) => stageOf(p) !== 'functional groups'), ...ranked.filter((p) => stageOf(p) === 'functional groups')]
}

/** Tests that ask an extract for an element, the commonest first. */
const ASKING: readonly string[] = ['nitrogen-blue', 'sulfur-lead', 'halogen-silver']
/** No organic compound is named before its elements were asked for: what looks and dissolves like one of the library may be another, in none. */
export function elementsAsked(undone: readonly Test[], done: ReadonlySet<string>, reasoning: Reasoning): Proposal[] {
  const beside = undone.find((test) => test.id === 'chlorine-beside')
  const hidden = reasoning.standings.some((s) => (s.species === 'Br' || s.species === 'I') && s.probability > 0.5)
  if (beside && hidden && done.has(FUSED)) return [propose(beside, 0, inWords('advice.no-other-shows-it', { because: beside.because }), reasoning)]
  const asking = undone.filter((test) => ASKING.includes(test.id))
  const [first] = asking
  if (!first || asking.length < ASKING.length) return []
  const because = inWords('advice.elements-not-asked')
  if (done.has(FUSED)) return [propose(first, 0, `${first.because} ${because}`, reasoning)]
  const fusion = undone.find(makesFusionExtract)
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
 * Where nothing undone tells what is left apart, a test that was done may, done over with fresh portions: what was seen in it stands against something else. Nothing is asked a third time, nor of an extract twice: it shows the same again. Nor is a solution asked twice, where each test is worked out for it.
 */
export function onceMore(reasoning: Reasoning, wary: Reasoning, among: readonly Live[], settings: Notebook['case'] | undefined): Proposal[] {
  if (likeliest(reasoning) >= AS_GOOD_AS_KNOWN || reasoning.simulations.sample_mL !== undefined) return []
  const entries = new Map<string, Set<string>>()
  for (const { test, entry } of reasoning.trace.steps) if (test !== null) entries.set(test, (entries.get(test) ?? new Set()).add(entry))
  return testsFor(settings?.kind ?? 'salt')
    .filter((test) => entries.get(test.id)?.size === 1 && !takesExtract(test) && atHand(test, settings) && heldBy(test, reasoning) === undefined)
    .map((test) => ({ test, prospects: prospectsOf(test, wary, among) }))
    .map((plan) => ({ ...plan, bits: expectedBits(forecastOf(plan.test, reasoning.simulations), plan.prospects) }))
    .filter(({ bits }) => bits >= WORTH_DOING_AGAIN)
    .sort((a, b) => b.bits / costOf(b.test) - a.bits / costOf(a.test))
    .map(({ test, bits, prospects }) => propose(test, bits, inWords('advice.once-more', { tells: tells(prospects) }).trim(), reasoning))
}

/** An organic compound is looked at before anything is poured on it: its colour and whether it is a liquid stand in every test that follows, and must not count there as if each had shown them. */
export function lookFirst(next: readonly Proposal[], undone: readonly Test[], reasoning: Reasoning): Proposal[] {
  const look = undone.find((test) => test.stage === 'looked' && organicTestById.has(test.id))
  if (!look || next.length === 0) return [...next]
  const own = next.find((p) => p.test === look.id) ?? propose(look, 0, inWords('advice.look-first', { because: look.because }), reasoning)
  return [own, ...next.filter((p) => p.test !== look.id)]
}

/** Tests on the extract of a fusion want one: making it, and seeing that it is good, comes before them. */
export function fusionFirst(next: readonly Proposal[], undone: readonly Test[], done: ReadonlySet<string>, reasoning: Reasoning): Proposal[] {
  const first = next[0] && everyTest.get(next[0].test)
  const fusion = undone.find(makesFusionExtract)
  if (!first || !fusion || !wantsFusion(first, done)) return next.filter((p) => !isFusion(p.test))
  const own = propose(fusion, 0, inWords('advice.on-its-extract', { because: fusion.because }), reasoning)
  return [own, ...next.filter((p) => !isFusion(p.test))]
}
