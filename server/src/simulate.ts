import { NotebookError, seenIn, type Case, type Entry, type Seen } from '@foxing/core'
import { sealedContent } from './sealed'

export interface Simulation {
  readonly notebook: { readonly case: Case; readonly entries: Entry[] }
  readonly entry: string
  /** What is in the jar: a salt's formula, or a compound's SMILES. */
  readonly holds: string
  readonly jitter: readonly [number, number, number]
}

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
