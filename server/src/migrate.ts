import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'

/**
 * Brings a database up to the newest migration. Each file runs once, in the order of its name, in a transaction of its own; a file changed after it ran stops everything.
 * @param appPassword what the server's own login, foxing_app, is to sign in with from now on; left as it is when not given
 * @returns names of the files that ran
 */
export async function migrate(url: string, folder: string, appPassword?: string): Promise<string[]> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    // One migration at a time, whoever starts it.
    await client.query('select pg_advisory_lock(7013)')
    await client.query(
      'create table if not exists migration (name text primary key, sha256 text not null, ran_at timestamptz not null default now())',
    )
    const done = new Map(
      (await client.query<{ name: string; sha256: string }>('select name, sha256 from migration')).rows.map((r) => [r.name, r.sha256]),
    )
    const ran: string[] = []
    const files = readdirSync(folder)
    for (const name of files.filter((f) => f.endsWith('.sql')).sort((a, b) => a.localeCompare(b))) {
      const sql = readFileSync(join(folder, name), 'utf8')
      const sha256 = createHash('sha256').update(sql).digest('hex')
      const known = done.get(name)
      if (known === sha256) continue
      if (known !== undefined) throw new Error(`migration ${name} was changed after it ran; add a new file instead`)
      await client.query('begin')
      try {
        await client.query(sql)
        await client.query('insert into migration (name, sha256) values ($1, $2)', [name, sha256])
        await client.query('commit')
      } catch (error) {
        await client.query('rollback')
        throw new Error(`migration ${name} failed and was rolled back`, { cause: error })
      }
      ran.push(name)
    }
    if (appPassword !== undefined) await client.query(`alter role foxing_app login password ${pg.escapeLiteral(appPassword)}`)
    return ran
  } finally {
    await client.end()
  }
}
