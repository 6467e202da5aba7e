import { randomUUID } from 'node:crypto'
import type { Client, Database, Who } from '../database'
import { codeHash } from '../codes'
import { Refusal } from '../http/errors'
import { newSalt, sha256, verifierOf, type Hashing } from '../passwords'
import { newToken } from '../sessions'

export interface Entered {
  readonly institution: string
  readonly person: string
  /** For the cookie; only its hash is kept. */
  readonly token: string
}

const wait = (seconds = 60): Refusal =>
  new Refusal(429, 'too-many-attempts', { wait: seconds < 60 ? `${seconds} s` : `${Math.ceil(seconds / 60)} min` }, seconds)

/**
 * Begins a session for a login and its password. A login that does not exist takes the same road and the same time.
 * @throws Refusal
 */
export async function signIn(database: Database, hashing: Hashing, login: string, password: string, address: string): Promise<Entered> {
  interface Row {
    outcome: 'salt' | 'wait' | 'wrong' | 'in'
    salt: Buffer | null
    institution_id: string | null
    person_id: string | null
    seconds: number
  }
  const token = newToken()
  const ask = (proof: Buffer | null): Promise<Row | null> => database.door<Row>('sign_in($1, $2, $3, $4)', [login, proof, sha256(token), address])
  const first = await ask(null)
  if (!first?.salt) throw wait(first?.seconds)
  const second = await ask(await hashing.proofOf(password, first.salt))
  if (second?.outcome === 'wait') throw wait(second.seconds)
  if (!second?.institution_id || !second.person_id) throw new Refusal(401, 'wrong-login')
  return { institution: second.institution_id, person: second.person_id, token }
}

/**
 * Makes a person out of an invitation to an institution, and begins a session.
 * @throws Refusal
 */
export async function join(
  database: Database,
  hashing: Hashing,
  { code, name, login, password }: { code: string; name: string; login: string; password: string },
  address: string,
): Promise<Entered> {
  await refuseBadCode(database, code, address)
  const salt = newSalt()
  const token = newToken()
  const row = await database.door<{ outcome: 'no code' | 'in'; institution_id: string | null; person_id: string | null }>(
    'join_by_code($1, $2, $3, $4, $5, $6, $7, $8)',
    [codeHash(code), address, randomUUID(), name, login, salt, verifierOf(await hashing.proofOf(password, salt)), sha256(token)],
  )
  if (!row?.institution_id || !row.person_id) throw noCode()
  return { institution: row.institution_id, person: row.person_id, token }
}
export const noCode = (): Refusal => new Refusal(404, 'wrong-code')

/** Before anything is worked out: whether the code is one. @throws Refusal */
async function refuseBadCode(database: Database, code: string, address: string): Promise<void> {
  const asked = await database.door<{ is_code: 'good' | 'no code' | 'wait' }>('is_code($1, $2)', [codeHash(code), address])
  if (asked?.is_code === 'wait') throw wait()
  if (asked?.is_code !== 'good') throw noCode()
}

/** Sets a new password by a code that an instructor or an administrator made for one person. @throws Refusal */
export async function resetPassword(database: Database, hashing: Hashing, code: string, password: string, address: string): Promise<void> {
  await refuseBadCode(database, code, address)
  const salt = newSalt()
  const done = await database.door<{ reset_password: boolean }>('reset_password($1, $2, $3, $4)', [
    codeHash(code),
    address,
    salt,
    verifierOf(await hashing.proofOf(password, salt)),
  ])
  if (done?.reset_password !== true) throw noCode()
}

type Within = <T>(work: (client: Client) => Promise<T>) => Promise<T>

/** The proof of the one who asks, from their password. No connection is held while it is derived. */
async function ownProof(within: Within, hashing: Hashing, password: string): Promise<Buffer> {
  const salt = await within(async (client) => (await client.query<{ salt: Buffer | null }>('select door.my_salt() as salt')).rows[0]?.salt)
  return hashing.proofOf(password, salt ?? newSalt())
}

const said = async (client: Client, call: string, values: readonly unknown[]): Promise<boolean> =>
  (await client.query<{ done: boolean }>(`select door.${call} as done`, [...values])).rows[0]?.done === true

/** @returns whether the old password was right; if so, every other session of the person has ended */
export async function changePassword(within: Within, hashing: Hashing, who: Pick<Who, 'tokenHash'>, old: string, fresh: string): Promise<boolean> {
  const proof = await ownProof(within, hashing, old)
  const salt = newSalt()
  const verifier = verifierOf(await hashing.proofOf(fresh, salt))
  return within((client) => said(client, 'change_password($1, $2, $3, $4)', [proof, salt, verifier, who.tokenHash]))
}

/** @returns whether the password was right; if so, the person is gone */
export async function eraseMe(within: Within, hashing: Hashing, password: string): Promise<boolean> {
  const proof = await ownProof(within, hashing, password)
  return within((client) => said(client, 'erase_me($1)', [proof]))
}

/** Everything that is kept of the one who asks, as one document. */
export async function everythingOf(client: Client): Promise<Record<string, unknown>> {
  const rows = async (sql: string): Promise<unknown[]> => (await client.query<Record<string, unknown>>(sql)).rows
  return {
    format: 'foxing-person/1',
    person: (await rows('select name, role from person where id = current_person()'))[0],
    institution: (await rows('select name from institution'))[0],
    classes: await rows(
      'select c.name from class c join membership m on m.institution_id = c.institution_id and m.class_id = c.id where m.person_id = current_person()',
    ),
    sessions: await rows('select created_at as "createdAt", seen_at as "seenAt" from session'),
    jars: await rows(`
      select j.id, j.code, j.title, j.kind, case when j.issued_by is null then j.settings end as "case", j.created_at as "createdAt", j.owner_id = current_person() as own,
             (select coalesce(jsonb_agg(e.body order by e.position), '[]') from entry e
               where e.institution_id = j.institution_id and e.jar_id = j.id and (j.owner_id = current_person() or e.author_id = current_person())) as entries,
             (select coalesce(jsonb_agg(jsonb_build_object('version', s.version, 'signedAt', s.signed_at, 'sha256', s.sha256) order by s.version), '[]') from signature s
               where s.institution_id = j.institution_id and s.jar_id = j.id) as versions
        from jar j where j.owner_id = current_person() or j.id in (select partnered_jars()) order by j.created_at`),
  }
}
