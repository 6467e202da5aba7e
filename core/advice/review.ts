import { asAmended, isTest, type Did, type Entry } from '../notebook'
import type { Trace, TraceStep } from '../deduction'
import { COMPONENT_INDEX, findReagent } from '../species'
import type { Step } from '../tube'

/** Something done that weakens what was seen: what it does to the evidence, and the way back. */
export interface Finding {
  readonly finding: string
  readonly entry: string
  readonly effect: string
  readonly wayBack: string
  readonly severity: 'note' | 'weakens' | 'spoils'
}

/** What a rule sees of one entry of work: the entry and its steps, each with all that led up to it. */
interface Work {
  readonly entry: Entry
  readonly did: Did
  readonly steps: readonly TraceStep[]
  /** Channels on which something was written of this entry. */
  readonly written: ReadonlySet<string>
  readonly last: boolean
}

/** A trap, as a rule over the work done. Adding one is adding an entry here. */
export interface ReviewRule {
  readonly id: string
  readonly effect: string
  readonly wayBack: string
  readonly severity: Finding['severity']
  readonly applies: (work: Work) => boolean
}

const last = (step: TraceStep): Step | undefined => step.recipe.steps.at(-1)

const holds = (reagent: string, ion: string): boolean => {
  const component = COMPONENT_INDEX.get(ion)
  try {
    return component !== undefined && (findReagent(reagent).totals[component] ?? 0) > 1e-9
  } catch {
    return false
  }
}
const isAcid = (reagent: string): boolean => {
  try {
    return findReagent(reagent).reagent.endsWith('-acid')
  } catch {
    return false
  }
}

/** Everything poured into the vessel looked at, in order, before the step at hand. */
const pouredBefore = (step: TraceStep): string[] =>
  step.recipe.steps.slice(0, -1).flatMap((s) => (s.do === 'add' ? [s.reagent] : s.do === 'dissolve' ? [s.in] : []))

/** The extract is soda: what was taken from it is alkaline with carbonate until acid goes in. */
const fromExtract = (step: TraceStep): boolean => step.recipe.steps.some((s) => s.do === 'soda-extract')

const adds = (step: TraceStep, ion: string): boolean => {
  const doing = last(step)
  return doing?.do === 'add' && doing.mg === undefined && holds(doing.reagent, ion)
}

/** Tests that want silver without acid: thiosulfate is told by how its precipitate darkens. */
const NEUTRAL_ON_PURPOSE: ReadonlySet<string> = new Set(['silver-nitrate-standing'])

export const REVIEW_RULES: readonly ReviewRule[] = [
  {
    id: 'ammonium-sought-too-late',
    effect: 'An ammonium reagent went into this tube before: the ammonia driven off is the reagent’s own, and says nothing of the sample.',
    wayBack: 'Take a fresh portion of the untouched sample and warm it with sodium hydroxide alone.',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => {
        const doing = last(step)
        const sought = (doing?.do === 'hold' && doing.paper === 'red litmus paper') || doing?.do === 'smell'
        const poured = pouredBefore(step)
        return sought && poured.some((r) => holds(r, 'NH4^+')) && poured.some((r) => holds(r, 'Na^+'))
      }),
  },
  {
    id: 'silver-without-acid',
    effect:
      'Without nitric acid, carbonate, hydroxide and other anions of weak acids come down with silver as well: a precipitate here is not proof of a halide.',
    wayBack: 'Add dilute nitric acid now and look whether the precipitate stays; next time acidify before the silver nitrate.',
    severity: 'weakens',
    // A tube held neutral with acetate on purpose is tried for arsenite, arsenate or chromate, not for a halide.
    applies: ({ steps }) =>
      steps.some(
        (step) =>
          !NEUTRAL_ON_PURPOSE.has(step.test ?? '') &&
          adds(step, 'Ag^+') &&
          !pouredBefore(step).some((r) => isAcid(r) || holds(r, 'CH3COO^-')) &&
          !laterAcid(step, steps),
      ),
  },
  {
    id: 'extract-not-acidified',
    effect: 'The soda extract is full of carbonate: silver or barium carbonate answers for the anion.',
    wayBack: 'Take a fresh portion, make it just acid with nitric acid, boil off the carbon dioxide, then add the reagent.',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => fromExtract(step) && (adds(step, 'Ag^+') || adds(step, 'Ba^2+')) && !pouredBefore(step).some(isAcid)),
  },
  {
    id: 'wrong-acid-before-silver',
    effect: 'Hydrochloric acid brings silver down as the chloride by itself: the precipitate is the acid’s.',
    wayBack: 'Take a fresh portion and acidify it with nitric acid.',
    severity: 'spoils',
    applies: ({ steps }) => steps.some((step) => adds(step, 'Ag^+') && pouredBefore(step).some((r) => isAcid(r) && holds(r, 'Cl^-'))),
  },
  {
    id: 'wrong-acid-before-barium',
    effect: 'Sulfuric acid brings barium down as the sulfate by itself: the precipitate is the acid’s.',
    wayBack: 'Take a fresh portion and acidify it with nitric or hydrochloric acid.',
    severity: 'spoils',
    applies: ({ steps }) => steps.some((step) => adds(step, 'Ba^2+') && pouredBefore(step).some((r) => isAcid(r) && holds(r, 'SO4^2-'))),
  },
  {
    id: 'no-excess-step',
    effect: 'Only the first drops were looked at: whether the hydroxide dissolves in excess is half of what the base can tell.',
    wayBack: 'Go on adding the same base, well past the first precipitate, and look again.',
    severity: 'weakens',
    applies: ({ did, steps, written, last: isLast }) => {
      if (isTest(did) || isLast || !written.has('precipitate')) return false
      return steps.some((step) => {
        const doing = last(step)
        if (doing?.do !== 'add' || doing.mg !== undefined || !/^(NaOH|NH3|ammonia|sodium hydroxide)\b/i.test(doing.reagent)) return false
        const all = step.recipe.steps.reduce(
          (sum, s) => (s.do === 'add' && s.reagent === doing.reagent ? sum + (s.drops ?? (s.mL ?? 0) * 20) : sum),
          0,
        )
        return all < 10 && doing.until === undefined
      })
    },
  },
  {
    id: 'dry-litmus',
    effect: 'Dry litmus does not answer to a gas: no change means nothing.',
    wayBack: 'Moisten a fresh paper with distilled water and hold it over the tube again, not touching the glass.',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => {
        const doing = last(step)
        return doing?.do === 'hold' && doing.dry && doing.paper?.includes('litmus') === true
      }),
  },
  {
    id: 'flame-without-cleaning',
    effect: 'The wire was not shown clean: a yellow flash may be sodium from fingers, and other colours may be the last sample’s.',
    wayBack: 'Dip the wire in concentrated hydrochloric acid and heat it until it gives no colour; then the sample again.',
    severity: 'weakens',
    applies: ({ steps }) =>
      steps.some((step) => {
        const doing = last(step)
        return doing?.do === 'flame' && !doing.cleaned
      }),
  },
]

/** Acid poured on the precipitate afterwards mends a silver test that was begun without. */
const laterAcid = (step: TraceStep, steps: readonly TraceStep[]): boolean =>
  steps.slice(steps.indexOf(step) + 1).some((later) => {
    const doing = last(later)
    return doing?.do === 'add' && doing.mg === undefined && isAcid(doing.reagent) && later.vessel === step.vessel
  })

/** Findings over what was done, in the order it was done; each rule speaks once an entry. */
export function review(entries: readonly Entry[], trace: Trace): Finding[] {
  const standing = asAmended({ entries: [...entries] }).flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry]))
  const dids = standing.filter((e) => 'did' in e)
  const byEntry = new Map<string, TraceStep[]>()
  for (const step of trace.steps) byEntry.set(step.entry, [...(byEntry.get(step.entry) ?? []), step])
  const written = new Map<string, Set<string>>()
  for (const { observation, steps } of trace.observations) {
    const of = steps[0]?.entry
    if (of !== undefined && !observation.negated) written.set(of, (written.get(of) ?? new Set()).add(observation.channel.split('.')[0] ?? ''))
  }
  return dids.flatMap((entry, position) => {
    if (!('did' in entry)) return []
    // What was poured into the same vessel in later entries mends what was begun in this one.
    const steps = byEntry.get(entry.id) ?? []
    const after = trace.steps.filter((s) => trace.steps.indexOf(s) > trace.steps.indexOf(steps.at(-1) ?? s))
    const vessels = new Set(steps.map((s) => s.vessel))
    const continued = after.filter((s) => vessels.has(s.vessel))
    const work: Work = {
      entry,
      did: entry.did,
      steps,

      written: written.get(entry.id) ?? new Set(),
      last: position === dids.length - 1 && continued.length === 0,
    }
    return REVIEW_RULES.filter((rule) => rule.applies(work) && !mended(rule, continued)).map(({ id, effect, wayBack, severity }) => ({
      finding: id,
      entry: entry.id,
      effect,
      wayBack,
      severity,
    }))
  })
}

/** Whether what was done to the same tube afterwards is just the way back. */
function mended(rule: ReviewRule, continued: readonly TraceStep[]): boolean {
  const poured = continued.flatMap((step) => {
    const doing = last(step)
    return doing?.do === 'add' && doing.mg === undefined ? [{ ...doing, reagent: doing.reagent }] : []
  })
  if (rule.id === 'silver-without-acid') return poured.some(({ reagent }) => isAcid(reagent) && holds(reagent, 'NO3^-'))
  if (rule.id === 'no-excess-step')
    return poured.some(
      ({ reagent, drops = 0, mL = 0, until }) =>
        /^(NaOH|NH3|ammonia|sodium hydroxide)\b/i.test(reagent) && (until !== undefined || drops + mL * 20 >= 5),
    )
  return false
}
