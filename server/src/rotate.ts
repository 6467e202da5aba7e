import { caseSchema } from '@foxing/core'
import pg from 'pg'
import { drawnFor } from './sealed'

/**
 * Draws anew what was drawn by a seed, from which the jars of a class followed from one another: every jar that was given out, drawn, and not begun or opened. What people have begun to work on
 * stays what it is. No seed is kept of any.
 * @param url of the owner's login
 * @returns how many jars hold something else now
 */
export async function rotateSecrets(url: string): Promise<number> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('begin')
    const { rows } = await client.query<{
      institution_id: string
      jar_id: string
      salt: string
      seed: string
      settings: unknown
      untouched: boolean
    }>(`
      select s.institution_id, s.jar_id, s.salt, s.seed, j.settings,
             j.issued_by is not null and j.revealed_at is null and j.answered_at is null and coalesce(j.reveal_on > now(), true)
               and not exists (select from entry e where e.institution_id = s.institution_id and e.jar_id = s.jar_id) as untouched
        from secret s join jar j on j.institution_id = s.institution_id and j.id = s.jar_id
       where s.seed is not null for update of s`)
    let rotated = 0
    for (const row of rows) {
      const settings = caseSchema.safeParse(row.settings)
      // What an instructor chose is the same in every jar, and stays.
      const wasDrawn = row.untouched && settings.success && drawnFor(settings.data, Number(row.seed)) === row.salt
      const holds = wasDrawn ? drawnFor(settings.data) : row.salt
      if (wasDrawn) rotated++
      await client.query('update secret set salt = $3, seed = null where institution_id = $1 and jar_id = $2', [
        row.institution_id,
        row.jar_id,
        holds,
      ])
    }
    await client.query('commit')
    return rotated
  } finally {
    await client.end()
  }
}
