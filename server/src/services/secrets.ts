import { findSalt, seenIn, type Case, type Entry, type Salt, type Seen } from '@foxing/core'
import { createHash } from 'node:crypto'
import type { Client } from '../database'

interface Secret {
  readonly salt: Salt
  readonly jitter: readonly [number, number, number]
}

/** Reads what is in a simulated jar. To be called in the simulator's role alone. */
export async function secretOf(client: Client, jar: string): Promise<Secret | null> {
  const { rows } = await client.query<{ salt: string; seed: string }>('select salt, seed from secret where jar_id = $1', [jar])
  const row = rows[0]
  const salt = row && findSalt(row.salt)
  if (!row || !salt) return null
  const digest = createHash('sha256').update(`drawn ${row.seed} ${jar}`).digest()
  const shift = (at: number): number => digest.readInt8(at) / 128
  return { salt, jitter: [shift(0), shift(1), shift(2)] }
}

/** What an entry of work on the jar shows, in words. */
export const seenFor = (secret: Secret, notebook: { case: Case; entries: Entry[] }, entry: string): Seen =>
  seenIn(notebook, entry, secret.salt, secret.jitter)
