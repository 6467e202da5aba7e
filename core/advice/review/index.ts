import type { Reasoning } from '../../deduction'
import { asAmended, isTest, type Notebook } from '../../notebook'
import { otherVesselsOf } from '../../tube'
import { ACID_RULES } from './acids'
import { ANION_CLAIMS, ANION_RULES } from './anions'
import { CLAIM_RULES } from './claims'
import { DRY_CLAIMS, DRY_RULES } from './dry'
import { GROUP_RULES } from './groups'
import { READING_RULES } from './reading'
import { SAMPLE_RULES } from './sample'
import { Page, type Claim, type ClaimRule, type Severity, type Work, type WorkRule } from './work'

/** Something done that weakens what was seen: what it does to the evidence, and the way back. */
export interface Finding {
  readonly finding: string
  readonly entry: string
  readonly effect: string
  readonly wayBack: string
  readonly severity: Severity
}

const WORK_RULES: readonly WorkRule[] = [...SAMPLE_RULES, ...DRY_RULES, ...ACID_RULES, ...GROUP_RULES, ...READING_RULES, ...ANION_RULES]
const ALL_CLAIMS: readonly ClaimRule[] = [...DRY_CLAIMS, ...ANION_CLAIMS, ...CLAIM_RULES]

/** Every finding there can be, with its words. */
export const REVIEW_RULES: readonly Omit<Finding, 'entry'>[] = [...WORK_RULES, ...ALL_CLAIMS].map(({ id, effect, wayBack, severity }) => ({
  finding: id,
  effect,
  wayBack,
  severity,
}))

/** Findings over what was done and concluded, in the order it was; each rule speaks once an entry. */
export function review(notebook: Pick<Notebook, 'case' | 'entries'>, reasoning: Reasoning): Finding[] {
  const entries = asAmended(notebook).flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry]))
  const page = new Page(notebook, entries, reasoning)
  const lastDid = entries.findLast((e) => 'did' in e)?.id
  return entries.flatMap((entry) => {
    let broken: readonly (WorkRule | ClaimRule)[] = []
    if ('did' in entry) {
      const work = workOf(entry, entry.did, page, entry.id === lastDid)
      broken = WORK_RULES.filter((rule) => rule.applies(work))
    } else if ('concluded' in entry) {
      const { concluded } = entry
      const claim: Claim = { entry, concluded, standing: page.standing(concluded.species), cited: page.citedBy(concluded), page }
      broken = ALL_CLAIMS.filter((rule) => rule.claims(claim))
    }
    return broken.map(({ id, effect, wayBack, severity }) => ({ finding: id, entry: entry.id, effect, wayBack, severity }))
  })
}

function workOf(entry: Work['entry'], did: Work['did'], page: Page, isLast: boolean): Work {
  const steps = page.steps.filter((s) => s.entry === entry.id)
  const vessels = new Set(steps.map((s) => s.vessel))
  // What is led from one of its tubes into another is work on it, too.
  const leadsFrom = new Map(page.entries.flatMap((e) => ('did' in e && !isTest(e.did) ? [[e.id, otherVesselsOf(e.did)] as const] : [])))
  const end = page.steps.indexOf(steps.at(-1) ?? (page.steps[0] as Work['steps'][number]))
  const later = page.steps.filter((s, k) => k > end && [s.vessel, ...(leadsFrom.get(s.entry) ?? [])].some((vessel) => vessels.has(vessel)))
  const saw = page.seen.filter((s) => s.steps[0]?.entry === entry.id).map(({ observation }) => observation)
  return { entry, did, steps, saw, later, last: isLast && later.length === 0, page }
}
