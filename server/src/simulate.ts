import { caseSchema, entrySchema, NotebookError, seenIn, simulationsFor, type Seen, type Simulations } from '@foxing/core'
import { z } from 'zod'
import { drawnFor, sealedContent } from './sealed'
import type { Case } from '@foxing/core'

export interface Simulation {
  /** The jar, by which states are kept from one entry to the next. */
  readonly jar: string
  /** The notebook as it is kept. */
  readonly notebook: { readonly case: unknown; readonly entries: readonly unknown[] }
  readonly entry: string
  /** What is in the jar, as it is sealed. */
  readonly holds: string
  readonly jitter: readonly [number, number, number]
}

/** What a jar is to be filled with: by the seed a device has for a practice of its own, or else by the system's generator. */
export interface Drawing {
  readonly settings: Case
  readonly seed?: number
}

/** What is drawn for a jar, as it is sealed. Of mixtures many are tried before one keeps. */
export const draw = ({ settings, seed }: Drawing): string => drawnFor(settings, seed)

/** `more`: not yet worked out as far as this entry; asked again, it goes on from where it stopped. */
export type Simulated = { readonly seen: Seen } | { readonly problem: string } | { readonly more: true }

/** What one question may cost: time, ms, and steps; and what is kept between questions, states of vessels for a jar, and jars. */
const MOST_ms = 6000
const MOST_STEPS = 12_000
const STATES = 400
const JARS = 12

class Enough extends Error {}

interface Kept {
  readonly about: string
  readonly simulations: Simulations
}
const kept = new Map<string, Kept>()
let until = Infinity

/** What a jar is worked out with: what was kept of it, if its case and content are as they were. */
function simulationsOf(jar: string, about: string, notebook: Parameters<typeof simulationsFor>[0]): Simulations {
  const known = kept.get(jar)
  kept.delete(jar)
  const afford = (steps: number): void => {
    if (steps > MOST_STEPS || performance.now() > until) throw new Enough()
  }
  const now = known?.about === about ? known : { about, simulations: simulationsFor(notebook, { keep: STATES, afford }) }
  kept.set(jar, now)
  for (const oldest of kept.keys()) {
    if (kept.size <= JARS) break
    kept.delete(oldest)
  }
  return now.simulations
}

const notebookSchema = z.object({ case: caseSchema, entries: z.array(entrySchema) })

/** What one entry of work on a secret sample shows, in words. A thread's whole task: plain data in, plain data out. */
export default function simulate({ jar, notebook: raw, entry, holds, jitter }: Simulation): Simulated {
  until = performance.now() + MOST_ms
  try {
    const notebook = notebookSchema.parse(raw)
    const about = JSON.stringify([holds, notebook.case])
    const simulations = simulationsOf(jar, about, notebook)
    simulations.begin()
    return { seen: seenIn(notebook, entry, sealedContent(holds).content, jitter, simulations) }
  } catch (error) {
    if (error instanceof NotebookError) return { problem: error.message }
    if (error instanceof Enough) return { more: true }
    throw error
  }
}
