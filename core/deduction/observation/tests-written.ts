import { attributedSteps } from './attribution'
import type { Trace, TraceObservation } from './trace'

/** What was written of one test, or of one step done freely. */
export interface Group {
  /** The `did` entry it was written of. */
  readonly entry: string
  readonly test: string | null
  readonly observations: readonly TraceObservation[]
  /** Places of its observations among all of the notebook. */
  readonly places: readonly number[]
}

/** The observations of a notebook, test by test. */
export function groupsOf({ observations }: Trace): readonly Group[] {
  const groups = new Map<string, { test: string | null; observations: TraceObservation[]; places: number[] }>()
  observations.forEach((o, place) => {
    const step = attributedSteps(o)[0]
    const entry = step?.entry ?? o.entry
    let group = groups.get(entry)
    if (!group) groups.set(entry, (group = { test: step?.test ?? null, observations: [], places: [] }))
    group.observations.push(o)
    group.places.push(place)
  })
  return [...groups].map(([entry, group]) => ({ entry, ...group }))
}
