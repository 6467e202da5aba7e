import pg from 'pg'
import type { Role } from '@foxing/api'
import type { Session } from './sessions'
import { SignedOut } from './signed-out'

export type Client = pg.PoolClient
export type Who = Pick<Session, 'institution' | 'person' | 'tokenHash'>

declare const PROVED: unique symbol
/** Somebody whose session the database has found in this request. Whatever costs much asks for it, so that nothing is worked out for a session that is only claimed. */
export interface Proved {
  readonly institution: string
  readonly person: string
  readonly role: Role
  readonly [PROVED]: true
}

/** How long one statement, and a transaction in which nothing happens, may take before the database ends it, ms. */
const STATEMENT_MS = 15_000

/** The pool, and the ways to it: a transaction for a person, in a role that owns nothing, or one of the functions that let somebody in. */
export class Database {
  readonly pool: pg.Pool

  /** @param url of a login that owns nothing: foxing_app */
  constructor(url: string, onError: (error: Error) => void, connections = 10) {
    this.pool = new pg.Pool({
      connectionString: url,
      max: connections,
      connectionTimeoutMillis: 5000,
      idleTimeoutMillis: 30_000,
      statement_timeout: STATEMENT_MS,
      idle_in_transaction_session_timeout: STATEMENT_MS,
    })
    // A connection lost while idle is replaced by the next one asked for.
    this.pool.on('error', onError)
  }

  /**
   * Runs `work` in one transaction with row-level security set to `who`.
   * @throws SignedOut when there is no such session
   */
  async as<T>(who: Who, work: (client: Client, role: Role, proved: Proved) => Promise<T>): Promise<T> {
    const client = await this.pool.connect()
    try {
      await client.query('begin')
      const { rows } = await client.query<{ enter: Role | null }>({
        name: 'enter',
        text: 'select enter($1, $2, $3)',
        values: [who.institution, who.person, who.tokenHash],
      })
      const role = rows[0]?.enter
      if (!role) throw new SignedOut()
      const result = await work(client, role, { institution: who.institution, person: who.person, role } as Proved)
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

  /** Calls one of the functions that work before it is known who asks; answers its first row. */
  async door<T extends pg.QueryResultRow>(call: string, values: readonly unknown[]): Promise<T | null> {
    const { rows } = await this.pool.query<T>(`select * from door.${call}`, [...values])
    return rows[0] ?? null
  }

  async ready(): Promise<boolean> {
    try {
      await this.pool.query('select from signature limit 0')
      return true
    } catch {
      return false
    }
  }

  async close(): Promise<void> {
    await this.pool.end()
  }
}
