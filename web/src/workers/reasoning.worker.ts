import { adviseFrom, reason, type Advice, type Case, type Conflict, type Entry, type Standing } from '@foxing/core'
import { inferencesOf } from '@foxing/core/report'
import { expose } from 'comlink'

/** What the bench shows of a notebook: standings with reasons, what to do next, and the inference each test has earned. */
export interface Thought {
  readonly standings: readonly Standing[]
  readonly formulae: readonly { readonly formula: string; readonly probability: number }[]
  readonly conflicts: readonly Conflict[]
  readonly advice: Advice
  /** Inference by `did` entry. */
  readonly inferences: Readonly<Record<string, readonly string[]>>
}

const worker = {
  think(notebook: { case: Case; entries: Entry[] }): Thought {
    const reasoning = reason(notebook)
    const { standings, formulae, conflicts, trace } = reasoning
    const earned = new Map<string, Set<string>>()
    for (const { entry, steps } of trace.observations) {
      const did = steps[0]?.entry
      if (did !== undefined) earned.set(did, (earned.get(did) ?? new Set()).add(entry))
    }
    const inferences = Object.fromEntries([...earned].map(([did, saws]) => [did, inferencesOf(saws, reasoning).slice(0, 3)]))
    return { standings, formulae: formulae.slice(0, 8), conflicts, advice: adviseFrom(reasoning), inferences }
  },
}
export type ReasoningWorker = typeof worker

expose(worker)
