import { NotebookError, seenIn, type Case, type Entry, type Seen } from '@foxing/core'
import { drawnFor, sealedContent } from './sealed'

export interface Simulation {
  readonly notebook: { readonly case: Case; readonly entries: Entry[] }
  readonly entry: string
  /** What is in the jar, as it is sealed. */
  readonly holds: string
  readonly jitter: readonly [number, number, number]
}

/** What a jar is to be filled with. */
export interface Drawing {
  readonly settings: Case
  readonly seed: number
}

/** What a seed puts into a jar, as it is sealed. Of mixtures many are tried before one keeps. */
export const draw = ({ settings, seed }: Drawing): string => drawnFor(settings, seed)

export type Simulated = { readonly seen: Seen } | { readonly problem: string }

/** What one entry of work on a secret sample shows, in words. A thread's whole task: plain data in, plain data out. */
export default function simulate({ notebook, entry, holds, jitter }: Simulation): Simulated {
  try {
    return { seen: seenIn(notebook, entry, sealedContent(holds).content, jitter) }
  } catch (error) {
    if (error instanceof NotebookError) return { problem: error.message }
    throw error
  }
}
