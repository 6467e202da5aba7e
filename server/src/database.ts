import pg from 'pg'

export type Client = pg.PoolClient
export type Role = 'foxing_app' | 'foxing_simulator'

export interface Who {
  readonly institution: string
  readonly person: string
}

/** The pool, and the one way to it: a transaction for a person, in a role that owns nothing. */
export class Database {
  readonly pool: pg.Pool

  constructor(url: string, onError: (error: Error) => void) {
    this.pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 5000, idleTimeoutMillis: 30_000 })
    // A connection lost while idle is replaced by the next one asked for.
    this.pool.on('error', onError)
  }

  /** Runs `work` in one transaction with row-level security set to `who`. */
  async as<T>(who: Who, work: (client: Client) => Promise<T>, role: Role = 'foxing_app'): Promise<T> {
    const client = await this.pool.connect()
    try {
      await client.query('begin')
      await client.query(`set local role ${role}`)
      await client.query("select set_config('foxing.institution', $1, true), set_config('foxing.person', $2, true)", [who.institution, who.person])
      const result = await work(client)
      await client.query('commit')
      client.release()
      return result
    } catch (error) {
      await client.query('rollback').then(
        () => client.release(),
        (broken: unknown) => client.release(broken instanceof Error ? broken : true),
      )
      throw error
    }
  }

  async ready(): Promise<boolean> {
    try {
      await this.pool.query('select 1 from jar limit 0')
      return true
    } catch {
      return false
    }
  }

  async close(): Promise<void> {
    await this.pool.end()
  }
}
