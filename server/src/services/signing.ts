import type { Endpoints, Given, Signature } from '@foxing/api'
import canonicalize from 'canonicalize'
import type { Client, Who } from '../database'
import { Refusal } from '../http/errors'
import { sha256 } from '../passwords'
import { entriesOf, findJar } from './jars'

/** A jar's notebook as the open format has it. */
export async function notebookOf(client: Client, id: string): Promise<Record<string, unknown>> {
  const jar = await findJar(client, id)
  const entries = await entriesOf(client, id)
  return {
    format: 'foxing-notebook/1',
    id: jar.code,
    title: jar.title,
    kind: jar.kind,
    case: jar.case,
    entries: entries.map((e) => ({ ...e.body, received: e.received })),
  }
}

/** The hash a version is known by: SHA-256 of its JSON in canonical form (RFC 8785), so that anybody can make it again. */
export function hashOf(document: unknown): string {
  const text = canonicalize(document)
  if (text === undefined) throw new RangeError('not a document')
  return sha256(text).toString('hex')
}

/** Freezes the notebook as it is now. Signing what has been signed already gives the version there is. */
export async function sign(client: Client, who: Who, id: string): Promise<Signature> {
  // Nobody writes between reading and freezing.
  await client.query('select pg_advisory_xact_lock(hashtextextended($1::text, 7013))', [id])
  const document = await notebookOf(client, id)
  const hash = hashOf(document)
  const [last] = (await signaturesOf(client, id)).toReversed()
  if (last?.sha256 === hash) return last
  const version = (last?.version ?? 0) + 1
  const { rowCount } = await client.query(
    `insert into signature (institution_id, jar_id, version, person_id, document, sha256) values ($1, $2, $3, $4, $5, $6) on conflict do nothing`,
    [who.institution, id, version, who.person, JSON.stringify(document), hash],
  )
  const made = (await signaturesOf(client, id)).find((s) => s.version === version)
  if (rowCount === 0 || !made) throw new Refusal(409, 'signed-meanwhile')
  return made
}

export async function signaturesOf(client: Client, id: string): Promise<Signature[]> {
  const { rows } = await client.query<{ version: number; signed_at: Date; name: string | null; sha256: string }>(
    `select s.version, s.signed_at, p.name, s.sha256 from signature s
       left join person p on p.institution_id = s.institution_id and p.id = s.person_id
      where s.jar_id = $1 order by s.version`,
    [id],
  )
  return rows.map((r) => ({ version: r.version, signedAt: r.signed_at.toISOString(), by: r.name, sha256: r.sha256 }))
}

/** A frozen version, with whether its hash still fits it. */
export async function versionOf(client: Client, id: string, version: number): Promise<Given<Endpoints['version']>> {
  const { rows } = await client.query<{ document: Record<string, unknown>; sha256: string }>(
    'select document, sha256 from signature where jar_id = $1 and version = $2',
    [id, version],
  )
  const [row] = rows
  if (!row) throw new Refusal(404, 'no-such-version')
  return { ...row, intact: hashOf(row.document) === row.sha256 }
}
