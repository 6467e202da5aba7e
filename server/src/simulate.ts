import { findSalt, NotebookError, seenIn, type Case, type Entry, type Seen } from '@foxing/core'

export interface Simulation {
  readonly notebook: { readonly case: Case; readonly entries: Entry[] }
  readonly entry: string
  readonly salt: string
  readonly jitter: readonly [number, number, number]
}

export type Simulated = { readonly seen: Seen } | { readonly problem: string }

/** What one entry of work on a secret sample shows, in words. A thread's whole task: plain data in, plain data out. */
export default function simulate({ notebook, entry, salt, jitter }: Simulation): Simulated {
  const known = findSalt(salt)
  if (!known) throw new RangeError('a sealed sample is not a bench salt')
  try {
    return { seen: seenIn(notebook, entry, known, jitter) }
  } catch (error) {
    if (error instanceof NotebookError) return { problem: error.message }
    throw error
  }
}
