import type { Notebook } from '../../notebook'
import { filledBy, messageOf, onlyLooks, type Step } from '../../tube'
import { say } from '../../messages'
import { traceOf } from './trace'

/** A tube in use. */
export interface RackTube {
  readonly vessel: string
  /** What is in it, mL, as far as the notebook tells. */
  readonly mL: number
  /** What was done in it, in order, in words. */
  readonly done: readonly string[]
  /** The last entry that did something in it. */
  readonly entry: string
  /** When that was written. */
  readonly since: string
  /** Filled with the liquid of another, and left since: what it holds is still to be looked for. */
  readonly isForgotten: boolean
}

/** After so many steps elsewhere a liquid that was drawn off and not touched since is taken to be forgotten. */
const FORGOTTEN = 4
const isTube = (vessel: string): boolean => /^[A-Z]$/.test(vessel)

/** Every tube that holds something, in the order of its letters; one that was poured away is none. */
export function rackOf(notebook: Pick<Notebook, 'case' | 'entries'>): readonly RackTube[] {
  const { steps, volumes } = traceOf(notebook)
  const written = new Map(notebook.entries.map((entry) => [entry.id, entry.at]))
  const tubes = new Map<string, { done: Step[]; entry: string; filled: number | null; last: number }>()
  steps.forEach(({ step, vessel, entry }, place) => {
    if (!step) return
    const into = filledBy(step)
    if (isTube(vessel)) {
      const tube = tubes.get(vessel)
      if (!tube) tubes.set(vessel, { done: [step], entry, filled: null, last: place })
      else {
        if (!onlyLooks(step)) tube.done.push(step)
        tube.entry = entry
        tube.last = place
        tube.filled = null
      }
    }
    if (into !== null && isTube(into) && !tubes.has(into)) tubes.set(into, { done: [step], entry, filled: place, last: place })
  })
  return [...tubes]
    .map(([vessel, { done, entry, filled, last }]): RackTube => ({
      vessel,
      mL: Math.round((volumes.get(vessel) ?? 0) * 100) / 100,
      done: done.map((step) => say(messageOf(step))),
      entry,
      since: written.get(entry) ?? '',
      isForgotten: filled !== null && filled === last && steps.length - 1 - last >= FORGOTTEN,
    }))
    .filter(({ mL }) => mL > 0)
    .sort((a, b) => (a.vessel < b.vessel ? -1 : 1))
}
