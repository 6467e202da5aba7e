import type { Reasoning } from '../../deduction'
import { apartFromControls, asAmended, isTest, type Entry, type Notebook } from '../../notebook'
import { message, say, type FindingName } from '../../messages'
import { otherVesselsOf } from '../../tube'
import { ACID_RULES } from './acids'
import { ANION_CLAIMS, ANION_RULES } from './anions'
import { CLAIM_RULES } from './claims'
import { CONTROL_RULES } from './controls'
import { DRY_CLAIMS, DRY_RULES } from './dry'
import { GROUP_RULES } from './groups'
import { ORGANIC_WORK_RULES } from './organic'
import { READING_RULES } from './reading'
import { SAMPLE_RULES } from './sample'
import { Page, type Claim, type ClaimRule, type Severity, type Work, type WorkRule } from './work'

/** Something done that weakens what was seen; what it does to the evidence, and the way back, are messages under its name. */
export interface Finding {
  readonly finding: FindingName
  readonly entry: string
  readonly severity: Severity
  /** Whether the work can be done once more with the mistake undone. */
  readonly undoable: boolean
}

const SALT_WORK_RULES: readonly WorkRule[] = [
  ...SAMPLE_RULES,
  ...DRY_RULES,
  ...ACID_RULES,
  ...GROUP_RULES,
  ...READING_RULES,
  ...ANION_RULES,
  ...CONTROL_RULES,
]
/** The rules for a kind of case: a salt's traps are not an organic compound's. */
const workRulesFor = (kind: Notebook['case']['kind']): readonly WorkRule[] =>
  kind === 'organic' ? [...ORGANIC_WORK_RULES, ...CONTROL_RULES] : SALT_WORK_RULES
const WORK_RULES: readonly WorkRule[] = [...SALT_WORK_RULES, ...ORGANIC_WORK_RULES]
const ALL_CLAIMS: readonly ClaimRule[] = [...DRY_CLAIMS, ...ANION_CLAIMS, ...CLAIM_RULES]

/** What a finding does to the evidence, and the way back, in words. */
export const sayFinding = (finding: FindingName): { readonly effect: string; readonly wayBack: string } => ({
  effect: say(message(`finding.${finding}.effect`)),
  wayBack: say(message(`finding.${finding}.way-back`)),
})

/** Every finding there can be. */
export const REVIEW_RULES: readonly Omit<Finding, 'entry'>[] = [...WORK_RULES, ...ALL_CLAIMS].map(named)

function named(rule: WorkRule | ClaimRule): Omit<Finding, 'entry'> {
  return { finding: rule.id, severity: rule.severity, undoable: 'undo' in rule }
}

export const ruleOf = (finding: string): WorkRule | undefined => WORK_RULES.find((rule) => rule.id === finding)

/** Entries that stand, as amended. */
const standing = (notebook: Pick<Notebook, 'case' | 'entries'>): Entry[] =>
  apartFromControls(asAmended(notebook)).own.flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry]))

/** One entry of work as the rules see it; undefined for an entry that is none, or is withdrawn. */
export function workFor(notebook: Pick<Notebook, 'case' | 'entries'>, reasoning: Reasoning, id: string): Work | undefined {
  const entries = standing(notebook)
  const entry = entries.find((e) => e.id === id)
  return entry && 'did' in entry ? workOf(entry, entry.did, new Page(notebook, entries, reasoning), false) : undefined
}

/** Whether the work goes on with what an earlier one left in its vessel. */
const goesOnWith = (work: Work, earlier: Work): boolean =>
  earlier.steps.some((before) =>
    work.steps.some(
      (step) => step.vessel === before.vessel && before.recipe.steps.every((s, k) => JSON.stringify(s) === JSON.stringify(step.recipe.steps[k])),
    ),
  )

/** Findings over what was done and concluded, in the order it was; each rule speaks once of a tube, however long it is worked on. */
export function review(notebook: Pick<Notebook, 'case' | 'entries'>, reasoning: Reasoning): Finding[] {
  const entries = standing(notebook)
  const page = new Page(notebook, entries, reasoning)
  const lastDid = entries.findLast((e) => 'did' in e)?.id
  const spoken = new Map<WorkRule, Work[]>()
  const isNews = (rule: WorkRule, work: Work): boolean => {
    const before = spoken.get(rule) ?? []
    if (before.some((earlier) => goesOnWith(work, earlier))) return false
    spoken.set(rule, [...before, work])
    return true
  }
  return entries.flatMap((entry) => {
    let broken: readonly (WorkRule | ClaimRule)[] = []
    if ('did' in entry) {
      const work = workOf(entry, entry.did, page, entry.id === lastDid)
      broken = workRulesFor(notebook.case.kind).filter((rule) => rule.applies(work) && isNews(rule, work))
    } else if ('concluded' in entry && notebook.case.kind !== 'organic') {
      const { concluded } = entry
      const claim: Claim = { entry, concluded, standing: page.standing(concluded.species), cited: page.citedBy(concluded), page }
      broken = ALL_CLAIMS.filter((rule) => rule.claims(claim))
    }
    return broken.map((rule) => ({ ...named(rule), entry: entry.id }))
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
