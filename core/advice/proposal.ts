import { cautionsFor } from './cautions'
import { careOf, FUSION_EXTRACT, reagentsOf, type Test } from '../catalogue'
import type { Reasoning } from '../deduction'
import type { Notebook } from '../notebook'
import { findReagent } from '../species'

export interface Proposal {
  readonly test: string
  readonly title: string
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
  1 + test.minutes + careOf(test) + (wantsFusion(test, done) ? FUSION_min : 0)
const NOTHING_DONE: ReadonlySet<string> = new Set()

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
