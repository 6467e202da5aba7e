import { cautionsFor } from './cautions'
import { careOf, FUSION_EXTRACT, reagentsOf, type Test } from '../catalogue'
import type { Reasoning } from '../deduction'
import type { Notebook } from '../notebook'
import { findReagent } from '../species'

export interface Proposal {
  readonly test: string
  readonly title: string
  /** The stage of the course it belongs to, of one salt. */
  readonly stage?: string
  /** Expected information, bits. */
  readonly bits: number
  readonly minutes: number
  readonly cautions: readonly string[]
  readonly because: string
}

export const propose = (test: Test, bits: number, because: string, reasoning: Reasoning): Proposal => ({
  test: test.id,
  title: test.title,
  bits: Math.round(bits * 100) / 100,
  minutes: test.minutes,
  cautions: cautionsFor(test, reasoning),
  because,
})

/** What a test costs: its minutes, a minute to begin, and the care it takes. */
export const costOf = (test: Test, done: ReadonlySet<string> = NOTHING_DONE): number =>
  1 + test.minutes + careOf(test) + (isDear(test) ? DEAR_min : 0) + (wantsFusion(test, done) ? FUSION_min : 0)
const NOTHING_DONE: ReadonlySet<string> = new Set()

/** What is bought by the gram, does not keep, or wants an instrument: nobody reaches for it before silver nitrate. */
const DEAR: ReadonlySet<string> = new Set([
  'nessler',
  'sodium bismuthate',
  'dithizone',
  'rhodamine-b',
  'nitroso-r',
  'magneson',
  'sodium-rhodizonate',
  'sodium-tetraphenylborate',
  'sodium-cobaltinitrite',
  'zirconium-alizarin',
  'potassium-hexahydroxoantimonate',
  'thioacetamide',
  'mercury-ii-chloride',
  'sodium-nitroprusside',
])
/** What that weighs beside minutes at the bench; judged. */
const DEAR_min = 8
const isDear = (test: Test): boolean =>
  reagentsOf(test).some((id) => DEAR.has(id)) || test.steps.some((s) => s.do === 'flame' && s.through === 'spectroscope')

/** Minutes that a fusion takes, for the first test that wants its extract. */
const FUSION_min = 12
export const takesExtract = (test: Test): boolean => test.steps.some((s) => s.do === 'take' && s.from === FUSION_EXTRACT)
export const wantsFusion = (test: Test, done: ReadonlySet<string>): boolean => takesExtract(test) && !done.has(FUSED)
/** Stands among the tests done where an extract is there, however it was made. */
export const FUSED = 'fused'

/** Whether everything a test wants stands on this bench; a case that lists no reagents has them all. */
export function atHand(test: Test, settings: Notebook['case'] | undefined): boolean {
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
