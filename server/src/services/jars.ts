import { caseSchema, entrySchema, inOrder, type Case, type Entry, type Placed } from '@foxing/core'
import { z } from 'zod'
import type { Client, Who } from '../database'
import { Refusal } from '../http/errors'

/** What a jar is opened with, by whoever opens it. */
export const label = {
  code: z.string().trim().min(1).max(24),
  title: z.string().trim().max(200).default(''),
  case: caseSchema.default(() => caseSchema.parse({})),
}

export const REVEALS = ['on conclusion', 'on date', 'by instructor'] as const
export type Reveal = (typeof REVEALS)[number]

export interface Jar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
  readonly createdAt: string
  readonly owner: string
  readonly ownerName: string | null
  readonly classId: string | null
  /** Given out by an instructor. */
  readonly issued: boolean
  readonly reveal: Reveal
  readonly revealOn: string | null
  /** The instructor, or the date, has opened it; a conclusion is looked for elsewhere. */
  readonly opened: boolean
}

interface JarRow {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly settings: unknown
  readonly created_at: Date
  readonly owner_id: string
  readonly owner_name: string | null
  readonly class_id: string | null
  readonly issued: boolean
  readonly reveal: Reveal
  readonly reveal_on: Date | null
  readonly opened: boolean
}

const COLUMNS = `j.id, j.code, j.title, j.kind, j.settings, j.created_at, j.owner_id, p.name as owner_name, j.class_id, j.issued_by is not null as issued, j.reveal, j.reveal_on,
  (j.revealed_at is not null or coalesce(j.reveal_on <= now(), false)) as opened`
const FROM = 'jar j left join person p on p.institution_id = j.institution_id and p.id = j.owner_id'

const jarOf = (row: JarRow): Jar => ({
  id: row.id,
  code: row.code,
  title: row.title,
  kind: row.kind,
  case: caseSchema.parse(row.settings),
  createdAt: row.created_at.toISOString(),
  owner: row.owner_id,
  ownerName: row.owner_name,
  classId: row.class_id,
  issued: row.issued,
  reveal: row.reveal,
  revealOn: row.reveal_on?.toISOString() ?? null,
  opened: row.opened,
})

export interface JarSummary extends Jar {
  readonly entries: number
  readonly concluded: readonly string[]
}

/** Jars with how far their work has got: one's own and one's partners', or those of a class. */
export async function listJars(client: Client, of: { readonly classId: string } | 'mine'): Promise<JarSummary[]> {
  const { rows } = await client.query<JarRow & { entries: number; concluded: string[] | null }>(
    `select ${COLUMNS}, e.entries, e.concluded
       from ${FROM}
       cross join lateral (
         select count(*)::int as entries, array_agg(body->'concluded'->>'species' order by position) filter (where body ? 'concluded' and not body->'concluded' ? 'part') as concluded
           from entry where institution_id = j.institution_id and jar_id = j.id) e
      where ${of === 'mine' ? '(j.owner_id = current_person() or j.id in (select partnered_jars()))' : 'j.class_id = $1'}
      order by j.created_at, j.code, j.id`,
    of === 'mine' ? [] : [of.classId],
  )
  return rows.map((row) => ({ ...jarOf(row), entries: row.entries, concluded: row.concluded ?? [] }))
}

/** @throws Refusal where there is no such jar for the one who asks */
export async function findJar(client: Client, id: string): Promise<Jar> {
  const { rows } = await client.query<JarRow>(`select ${COLUMNS} from ${FROM} where j.id = $1`, [id])
  if (!rows[0]) throw noJar()
  return jarOf(rows[0])
}
export const noJar = (): Refusal => new Refusal(404, 'there is no such jar here', 'Go back to the shelf and choose one.')

export interface PlacedEntry extends Placed {
  readonly body: Entry
  readonly author: string | null
}

/** Entries of a jar in the order of the notebook, or those that came after a place. */
export async function entriesOf(client: Client, jar: string, after = -1): Promise<PlacedEntry[]> {
  const { rows } = await client.query<{ body: unknown; device: string; device_order: string; position: string; author_id: string | null }>(
    'select body, device, device_order, position, author_id from entry where jar_id = $1 and position > $2',
    [jar, after],
  )
  return inOrder(
    rows.map((row) => ({
      body: entrySchema.parse(row.body),
      device: row.device,
      order: Number(row.device_order),
      position: Number(row.position),
      author: row.author_id,
    })),
  )
}

export interface NewJar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
}

/** Opens a jar of one's own; sending it again changes nothing. A simulated one is filled with what was drawn for it. */
export async function openJar(
  client: Client,
  who: Who,
  jar: NewJar,
  filled: { readonly holds: string; readonly seed: number } | null,
): Promise<void> {
  const { rowCount } = await client.query(
    `insert into jar (institution_id, id, owner_id, code, title, kind, settings) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict do nothing`,
    [who.institution, jar.id, who.person, jar.code, jar.title, jar.kind, jar.case],
  )
  if (rowCount === 0 || jar.kind === 'real' || !filled) return
  await seal(client, who.institution, jar.id, filled.holds, filled.seed)
}

/** Seals what is in a jar: put in once, read back by the simulator alone. */
export async function seal(client: Client, institution: string, jar: string, salt: string, seed: number): Promise<void> {
  await client.query('insert into secret (institution_id, jar_id, salt, seed) values ($1, $2, $3, $4)', [institution, jar, salt, seed])
}
