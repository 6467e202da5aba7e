import type { Jar, JarSummary, PlacedEntry, Reveal } from '@foxing/api'
import { caseSchema, entrySchema, inOrder, saidOfJar, asAmended, withoutUnknown, type Case } from '@foxing/core'
import { randomBytes } from 'node:crypto'
import type { Client, Who } from '../database'
import { Refusal } from '../http/errors'

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
  // Of a jar that was given out nothing goes to anybody that the schema does not name: its worksheet may tell more than it asks.
  case: caseSchema.parse(row.issued ? withoutUnknown(caseSchema, row.settings) : row.settings),
  createdAt: row.created_at.toISOString(),
  owner: row.owner_id,
  ownerName: row.owner_name,
  classId: row.class_id,
  issued: row.issued,
  reveal: row.reveal,
  revealOn: row.reveal_on?.toISOString() ?? null,
  opened: row.opened,
})

/** When it became known what the jar holds: what is concluded later does not count. SQL over a jar `j`. */
const KNOWN_FROM = "coalesce(least(j.answered_at, j.revealed_at, j.reveal_on), 'infinity')"

/** Jars with how far their work has got: one's own and one's partners', or those of a class. What was concluded counts as far as it was before anybody could know. */
export async function listJars(client: Client, of: { readonly classId: string } | 'mine'): Promise<JarSummary[]> {
  // First which they are, by two indexes: asked for together with the rest, they are sought among all jars of the institution.
  const mine = async (): Promise<string[]> => {
    const { rows: found } = await client.query<{ id: string }>(
      'select id from jar where institution_id = current_institution() and owner_id = current_person() union select partnered_jars()',
    )
    return found.map((row) => row.id)
  }
  const { rows } = await client.query<JarRow & { entries: number; concluded: string[] | null }>(
    `select ${COLUMNS}, coalesce((select u.lines from usage u where u.institution_id = j.institution_id and u.jar_id = j.id), 0) as entries, c.concluded
       from ${FROM}
       cross join lateral (
         select array_agg(body->'concluded'->>'species' order by position) filter (where not body->'concluded' ? 'part' and received_at <= ${KNOWN_FROM}) as concluded
           from entry where institution_id = j.institution_id and jar_id = j.id and body ? 'concluded') c
      where j.institution_id = current_institution() and ${of === 'mine' ? 'j.id = any($1::uuid[])' : 'j.class_id = $1'}
      order by j.created_at, j.code, j.id`,
    [of === 'mine' ? await mine() : of.classId],
  )
  return rows.map((row) => ({ ...jarOf(row), entries: row.entries, concluded: row.concluded ?? [] }))
}

/** @throws Refusal where there is no such jar for the one who asks */
export async function findJar(client: Client, id: string): Promise<Jar> {
  const { rows } = await client.query<JarRow>(`select ${COLUMNS} from ${FROM} where j.id = $1`, [id])
  if (!rows[0]) throw noJar()
  return jarOf(rows[0])
}
export const noJar = (): Refusal => new Refusal(404, 'no-such-jar')

/** Entries of a jar in the order of the notebook, or those that came after a place. */
export async function entriesOf(client: Client, jar: string, after = -1): Promise<PlacedEntry[]> {
  const rows = await rowsOf(client, jar, after)
  return inOrder(rows.map((row) => ({ ...row, body: entrySchema.parse(row.body) })))
}

/** The same as they are kept, for whoever reads them elsewhere. */
export async function rowsOf(client: Client, jar: string, after = -1): Promise<(Omit<PlacedEntry, 'body'> & { readonly body: unknown })[]> {
  interface Row {
    readonly body: unknown
    readonly device: string
    readonly device_order: string
    readonly position: string
    readonly author_id: string | null
    readonly received_at: Date
  }
  const { rows } = await client.query<Row>(
    'select body, device, device_order, position, author_id, received_at from entry where institution_id = current_institution() and jar_id = $1 and position > $2',
    [jar, after],
  )
  return rows.map((row) => ({
    body: row.body,
    device: row.device,
    order: Number(row.device_order),
    position: Number(row.position),
    author: row.author_id,
    received: row.received_at.toISOString(),
  }))
}

/** What a notebook says of the whole jar, in the order it was written, with what of that was struck out or changed; as far as it was received by a time. */
export const concludedBy = (entries: readonly PlacedEntry[], by: Date | null): string[] =>
  asAmended({ entries: entries.filter((e) => by === null || new Date(e.received) <= by).map((e) => e.body) }).flatMap(({ entry, withdrawn }) => {
    const said = withdrawn ? null : saidOfJar(entry)
    return said && said.claim !== 'absent' ? [said.species] : []
  })

export interface NewJar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
}

/** Jars one person may have open. */
const MOST_JARS = 3000
const noRoom = (what: string): Refusal => new Refusal(413, 'no-room', { what })

/** @throws Refusal where the institution has no room for more */
export async function refuseFull(client: Client): Promise<void> {
  const { rows } = await client.query<{ full: boolean }>('select taken >= most as full from room_taken()')
  if (rows[0]?.full === true) throw noRoom('more of your institution’s work')
}

/** Opens a jar of one's own; sending it again changes nothing. A simulated one is filled with what was drawn for it. @throws Refusal where there is no room */
export async function openJar(client: Client, who: Pick<Who, 'institution' | 'person'>, jar: NewJar, holds: string | null): Promise<void> {
  await refuseFull(client)
  const { rows } = await client.query<{ jars: number }>(
    'select count(*)::int as jars from jar where institution_id = current_institution() and owner_id = current_person()',
  )
  if ((rows[0]?.jars ?? 0) >= MOST_JARS) throw noRoom('more jars of yours')
  const { rowCount } = await client.query(
    `insert into jar (institution_id, id, owner_id, code, title, kind, settings) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict do nothing`,
    [who.institution, jar.id, who.person, jar.code, jar.title, jar.kind, jar.case],
  )
  if (rowCount === 0 || jar.kind === 'real' || holds === null) return
  await seal(client, who.institution, jar.id, holds)
}

/** Seals what is in a jar, with a key of its own for how its colours are drawn: put in once, read back by the simulator alone. */
export async function seal(client: Client, institution: string, jar: string, salt: string): Promise<void> {
  await client.query('insert into secret (institution_id, jar_id, salt, jitter_key) values ($1, $2, $3, $4)', [
    institution,
    jar,
    salt,
    randomBytes(32),
  ])
}
