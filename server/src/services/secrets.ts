import { createHmac } from 'node:crypto'
import type { Client } from '../database'
import type { InJar } from '@foxing/core'
import { sealedContent } from '../sealed'

export interface Secret extends InJar {
  /** As it is sealed. */
  readonly text: string
  /** How drawn colours are varied in this jar, three numbers within ±1. */
  readonly jitter: readonly [number, number, number]
}

/** Reads what is in a simulated jar; null for a real one. The last thing done in a transaction: it goes on in the simulator's role. */
export async function secretOf(client: Client, jar: string): Promise<Secret | null> {
  await client.query('set local role foxing_simulator')
  const { rows } = await client.query<{ salt: string; jitter_key: Buffer }>('select salt, jitter_key from secret where jar_id = $1', [jar])
  const row = rows[0]
  if (!row) return null
  const digest = createHmac('sha256', row.jitter_key).update(`drawn ${jar}`).digest()
  const shift = (at: number): number => digest.readInt8(at) / 128
  return { ...sealedContent(row.salt), text: row.salt, jitter: [shift(0), shift(1), shift(2)] }
}
