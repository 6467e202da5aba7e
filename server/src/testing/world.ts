import { randomInt, randomUUID } from 'node:crypto'
import type { Role } from '@foxing/api'
import { createServer, type Server } from 'node:http'
import pg from 'pg'
import { createApp, type Parts } from '../app'
import { codeHash, newCode } from '../codes'
import { Database, type Who } from '../database'
import { Live } from '../live'
import { Appending } from '../services/appending'
import { newLog } from '../logging'
import { migrate } from '../migrate'
import { sha256 } from '../passwords'
import { Cookies, csrfOf, newToken } from '../sessions'
import { hashingHere } from '../passwords'
import type { SecurityEvent } from '../security'
import { here } from '../simulator'

const APP_PASSWORD = 'for the tests alone'

/** Where the requests of one file of tests come from: wrong attempts are counted by address, and must not be another file's. */
export const FROM: Readonly<Record<string, string>> = { 'x-forwarded-for': `10.${randomInt(256)}.${randomInt(256)}.${randomInt(1, 255)}` }

export interface Person {
  readonly name: string
  readonly who: Who
  readonly headers: Readonly<Record<string, string>>
}

export const entry = (body: object): { id: string; at: string } => ({ id: randomUUID(), at: '2026-11-01T10:00:00Z', ...body })

export interface Answered {
  readonly status: number
  readonly body: Record<string, unknown>
  readonly text: string
}

/** An own database server's worth of made-up people, and any number of servers on it. */
export class World {
  readonly owner: pg.Client
  readonly appUrl: string
  readonly database: Database
  private readonly servers: Server[] = []
  private readonly lives: Live[] = []
  private readonly databases = new Set<Database>()
  private readonly institutions: string[] = []
  /** What the servers have told that bears on security. */
  readonly events: { readonly event: SecurityEvent; readonly about: Readonly<Record<string, string>> }[] = []

  private constructor(readonly url: string) {
    this.owner = new pg.Client({ connectionString: url })
    const app = new URL(url)
    app.username = 'foxing_app'
    app.password = APP_PASSWORD
    this.appUrl = app.href
    this.database = new Database(this.appUrl, () => undefined)
  }

  static async make(): Promise<World> {
    const url = process.env['TEST_DATABASE_URL'] ?? ''
    if (url === '') throw new Error('TEST_DATABASE_URL is needed: script/test sets it')
    await migrate(url, 'server/migrations', APP_PASSWORD)
    const world = new World(url)
    await world.owner.connect()
    return world
  }

  async end(): Promise<void> {
    for (const server of this.servers) {
      server.close()
      server.closeAllConnections()
    }
    for (const live of this.lives) await live.close()
    for (const database of this.databases.add(this.database)) await database.close()
    await this.owner.end()
  }

  async institution(): Promise<string> {
    const id = randomUUID()
    await this.owner.query('insert into institution (id, name) values ($1, $2)', [id, 'A school'])
    this.institutions.push(id)
    return id
  }

  async class(institution: string): Promise<string> {
    const id = randomUUID()
    await this.owner.query('insert into class (institution_id, id, name) values ($1, $2, $3)', [institution, id, 'A class'])
    return id
  }

  /** Somebody with a session begun. */
  async person(name: string, institution: string, role: Role, classes: readonly string[] = []): Promise<Person> {
    const id = randomUUID()
    await this.owner.query('insert into person (institution_id, id, name, role) values ($1, $2, $3, $4)', [institution, id, name, role])
    for (const c of classes)
      await this.owner.query('insert into membership (institution_id, class_id, person_id) values ($1, $2, $3)', [institution, c, id])
    const token = newToken()
    await this.owner.query('insert into session (institution_id, person_id, token_hash) values ($1, $2, $3)', [institution, id, sha256(token)])
    return {
      name,
      who: { institution, person: id, tokenHash: sha256(token) },
      headers: { cookie: `foxing=${institution}.${id}.${token}`, 'x-foxing-page': csrfOf(token) },
    }
  }

  /** A code for a class, made as its instructor would. */
  async code(institution: string, classId: string, role: Role, by: Person): Promise<string> {
    const code = newCode()
    await this.owner.query(
      `insert into invitation (institution_id, id, code_hash, role, class_id, created_by, expires_at, uses_left)
       values ($1, $2, $3, $4, $5, $6, now() + interval '1 day', 5)`,
      [institution, randomUUID(), codeHash(code), role, classId, by.who.person],
    )
    return code
  }

  /** A server; answers its address. */
  async serve({ database = this.database, log = newLog('silent'), ...parts }: Partial<Parts> = {}): Promise<string> {
    const live = new Live(this.appUrl, database.pool, log)
    this.lives.push(live)
    this.databases.add(database)
    await live.start()
    const app = createApp({
      database,
      live,
      appending: new Appending(database),
      log,
      simulator: here,
      hashing: hashingHere,
      security: (event, about = {}) => void this.events.push({ event, about }),
      cookies: new Cookies(false),
      demo: false,
      webRoot: undefined,
      secure: false,
      trustProxy: 1,
      stopping: () => false,
      ...parts,
    })
    const server = createServer(app)
    this.servers.push(server)
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const address = server.address()
    if (address === null || typeof address === 'string') throw new Error('no port')
    return `http://127.0.0.1:${address.port}`
  }

  /** Every row of this world's institutions in every table, for telling that nothing was written. When a session was last used does not count. */
  async everything(): Promise<Record<string, string>> {
    const { rows } = await this.owner.query<{ name: string }>(
      "select relname as name from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r' and relname <> 'migration' order by 1",
    )
    const found: Record<string, string> = {}
    for (const { name } of rows) {
      const { rows: sums } = await this.owner.query<{ sum: string }>(
        `select count(*) || ' ' || coalesce(md5(string_agg(r, '' order by r)), '') as sum
           from (select (to_jsonb(t) - 'seen_at')::text as r from ${pg.escapeIdentifier(name)} t where ${name === 'institution' ? 'id' : 'institution_id'} = any($1)) x`,
        [this.institutions],
      )
      found[name] = sums[0]?.sum ?? ''
    }
    return found
  }
}

/** Asks a server as somebody, or as nobody. */
export async function ask(
  base: string,
  person: Person | null,
  method: string,
  path: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<Answered> {
  const response = await fetch(`${base}/api${path}`, {
    method,
    headers: { ...FROM, ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...person?.headers, ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })
  const text = await response.text()
  const parsed: unknown = text === '' ? {} : JSON.parse(text)
  return { status: response.status, body: parsed as Record<string, unknown>, text }
}
