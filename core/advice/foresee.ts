import type { ReasoningSession } from '../deduction'
import { entrySchema, type Entry, type Notebook, type ReadStep } from '../notebook'
import { gatesBefore, warningOf } from './gates'
import { review, sayFinding, type Finding } from './review'

/** What speaks against steps that are being written, before they are done. */
export interface Warning {
  readonly id: string
  /** Whether it may hurt somebody: then it speaks in an assessed jar, too. */
  readonly isDanger: boolean
  readonly severity: Finding['severity']
  readonly says: string
  readonly wayBack: string | null
}

/**
 * What would be said of steps if they were done next.
 * @param informed whether what the record says may be made use of, and the review speak
 */
export function foresee(
  notebook: Pick<Notebook, 'case' | 'entries'>,
  steps: readonly ReadStep[],
  session: ReasoningSession,
  informed: boolean,
): Warning[] {
  const draft = steps.map((did, k): Entry => entrySchema.parse({ id: `draft ${k}`, at: '', did }))
  const dangers = new Map<string, Warning>()
  draft.forEach((entry, k) => {
    if (!('did' in entry)) return
    for (const gate of gatesBefore(entry.did, { case: notebook.case, entries: [...notebook.entries, ...draft.slice(0, k)] }))
      dangers.set(gate.id, { id: gate.id, isDanger: true, severity: 'spoils', says: warningOf(gate), wayBack: null })
  })
  if (!informed) return [...dangers.values()]
  const drafted = { case: notebook.case, entries: [...notebook.entries, ...draft] }
  const own = new Set(draft.map(({ id }) => id))
  const found = review(drafted, session.reason(drafted, { atOnce: true })).filter(
    ({ entry, finding }) => own.has(entry) && finding !== 'no-excess-step',
  )
  const said = found.map(({ finding, severity }): Warning => {
    const { effect, wayBack } = sayFinding(finding)
    return { id: finding, isDanger: false, severity, says: effect, wayBack }
  })
  return [...dangers.values(), ...said]
}
