import { caseSchema, entrySchema, SALTS, type Case, type Entry } from '@foxing/core'
import { createHash } from 'node:crypto'
import type { Client } from '../database'

export interface Jar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
  readonly createdAt: string
}
export interface JarSummary extends Jar {
  readonly entries: number
  readonly concluded: readonly string[]
}

interface JarRow {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly settings: unknown
  readonly created_at: Date
}

const jarOf = (row: JarRow): Jar => ({
  id: row.id,
  code: row.code,
  title: row.title,
  kind: row.kind,
  case: caseSchema.parse(row.settings),
  createdAt: row.created_at.toISOString(),
})

export async function listJars(client: Client): Promise<JarSummary[]> {
  const { rows } = await client.query<JarRow & { entries: string; concluded: string[] | null }>(`
    select j.id, j.code, j.title, j.kind, j.settings, j.created_at,
           count(e.id) as entries,
           array_agg(e.body->'concluded'->>'species' order by e.position)
             filter (where e.body ? 'concluded') as concluded
      from jar j left join entry e on e.institution_id = j.institution_id and e.jar_id = j.id
     group by j.institution_id, j.id
     order by j.created_at, j.code`)
  return rows.map((row) => ({ ...jarOf(row), entries: Number(row.entries), concluded: row.concluded ?? [] }))
}

export async function findJar(client: Client, id: string): Promise<Jar | null> {
  const { rows } = await client.query<JarRow>('select id, code, title, kind, settings, created_at from jar where id = $1', [id])
  return rows[0] ? jarOf(rows[0]) : null
}

export async function entriesOf(client: Client, jar: string): Promise<Entry[]> {
  const { rows } = await client.query<{ body: unknown }>('select body from entry where jar_id = $1 order by position', [jar])
  return rows.map((row) => entrySchema.parse(row.body))
}

export interface NewJar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
}

/** Opens a jar; sending it again changes nothing. A simulated one is filled with a salt drawn by the seed. */
export async function openJar(client: Client, who: { institution: string; person: string }, jar: NewJar, seed: number, salt?: string): Promise<void> {
  const { rowCount } = await client.query(
    `insert into jar (institution_id, id, owner_id, code, title, kind, settings) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict do nothing`,
    [who.institution, jar.id, who.person, jar.code, jar.title, jar.kind, jar.case],
  )
  if (rowCount === 0 || jar.kind === 'real') return
  await client.query('insert into secret (institution_id, jar_id, salt, seed) values ($1, $2, $3, $4) on conflict do nothing', [
    who.institution,
    jar.id,
    salt ?? drawSalt(seed),
    seed,
  ])
}

/** The salt a seed draws: a hash spreads neighbouring seeds over the list. */
export function drawSalt(seed: number): string {
  const digest = createHash('sha256').update(`salt ${seed}`).digest()
  return SALTS[digest.readUInt32BE(0) % SALTS.length]?.id ?? 'NaCl'
}

/**
 * Adds entries in the order given; one that is there already is acknowledged and left as it is.
 * @returns ids that are in the notebook now
 */
export async function addEntries(client: Client, institution: string, jar: string, device: string, entries: readonly Entry[]): Promise<string[]> {
  for (const entry of entries) {
    await client.query('insert into entry (institution_id, jar_id, id, device, body) values ($1, $2, $3, $4, $5) on conflict do nothing', [
      institution,
      jar,
      entry.id,
      device,
      entry,
    ])
  }
  return entries.map((entry) => entry.id)
}
