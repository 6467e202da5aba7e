import { randomUUID } from 'node:crypto'
import { codeHash, newCode } from '../codes'
import type { Client, Who } from '../database'

/** A code that is still good; the code itself is kept nowhere. */
export interface OpenCode {
  readonly id: string
  readonly role: string
  readonly left: number
  readonly until: string
}

/** Codes that still let somebody into a class or a jar, as far as the one who asks may see them. */
export async function codesOf(client: Client, of: { readonly class: string } | { readonly jar: string }): Promise<OpenCode[]> {
  const { rows } = await client.query<{ id: string; role: string; uses_left: number; expires_at: Date }>(
    `select id, role, uses_left, expires_at from invitation
      where institution_id = current_institution() and ${'class' in of ? 'class_id' : 'jar_id'} = $1 and uses_left > 0 and expires_at > now() order by created_at`,
    ['class' in of ? of.class : of.jar],
  )
  return rows.map((row) => ({ id: row.id, role: row.role, left: row.uses_left, until: row.expires_at.toISOString() }))
}

/** What a code lets somebody into, and how often and how long. */
export interface Opens {
  readonly role: 'student' | 'instructor' | 'technician' | 'administrator' | 'partner' | 'reset'
  readonly class?: string
  readonly jar?: string
  readonly person?: string
  readonly days: number
  readonly uses: number
}

/** Makes a code; it is told this once. */
export async function makeCode(client: Client, by: Pick<Who, 'institution' | 'person'>, opens: Opens): Promise<string> {
  const code = newCode()
  await client.query(
    `insert into invitation (institution_id, id, code_hash, role, class_id, jar_id, person_id, created_by, expires_at, uses_left)
     values ($1, $2, $3, $4, $5, $6, $7, $8, now() + make_interval(days => $9), $10)`,
    [
      by.institution,
      randomUUID(),
      codeHash(code),
      opens.role,
      opens.class ?? null,
      opens.jar ?? null,
      opens.person ?? null,
      by.person,
      opens.days,
      opens.uses,
    ],
  )
  return code
}
