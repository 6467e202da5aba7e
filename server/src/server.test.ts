import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { createServer, type Server } from 'node:http'
import pg from 'pg'
import { pino } from 'pino'
import { createApp } from './app'
import { ConfigError, readConfig } from './config'
import { Database, type Who } from './database'
import { migrate } from './migrate'
import { drawSalt } from './services/jars'

const url = process.env['TEST_DATABASE_URL'] ?? ''
const ours: Who = { institution: randomUUID(), person: randomUUID() }
const sibling: Who = { institution: ours.institution, person: randomUUID() }
const stranger: Who = { institution: randomUUID(), person: randomUUID() }

let database: Database
let owner: pg.Client
const servers: Server[] = []

/** A server of its own for a person, as the address of its API. */
async function serve(who: Who, at = database): Promise<string> {
  const server = createServer(createApp({ database: at, who, log: pino({ level: 'silent' }), webRoot: undefined, stopping: () => false }))
  servers.push(server)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const address = server.address()
  if (address === null || typeof address === 'string') throw new Error('no port')
  return `http://127.0.0.1:${address.port}`
}

async function ask(
  base: string,
  path: string,
  body?: unknown,
  type = 'application/json',
): Promise<{ status: number; body: Record<string, unknown> }> {
  const init =
    body === undefined ? {} : { method: 'POST', headers: { 'content-type': type }, body: typeof body === 'string' ? body : JSON.stringify(body) }
  const response = await fetch(base + path, init)
  return { status: response.status, body: (await response.json()) as Record<string, unknown> }
}

const entry = (body: object): { id: string; at: string } => ({ id: randomUUID(), at: '2026-11-01T10:00:00Z', ...body })

beforeAll(async () => {
  if (url === '') throw new Error('TEST_DATABASE_URL is needed: script/test sets it')
  await migrate(url, 'server/migrations')
  owner = new pg.Client({ connectionString: url })
  await owner.connect()
  for (const { institution, person } of [ours, sibling, stranger]) {
    await owner.query('insert into institution (id, name) values ($1, $2) on conflict do nothing', [institution, 'A school'])
    await owner.query("insert into person (institution_id, id, name, role) values ($1, $2, 'Somebody', 'student')", [institution, person])
  }
  database = new Database(url, () => undefined)
})
afterAll(async () => {
  for (const server of servers) server.close()
  await database.close()
  await owner.end()
})

describe('migrations', () => {
  test('a second run finds nothing to do', async () => {
    expect(await migrate(url, 'server/migrations')).toEqual([])
  })
})

describe('jars and their notebooks', () => {
  test('an entry sent twice is there once, in the order of the first sending', async () => {
    const base = await serve(ours)
    const id = randomUUID()
    expect((await ask(base, '/api/jars', { id, code: 'T-1', kind: 'real' })).status).toBe(201)
    const [first, second] = [entry({ note: 'first' }), entry({ note: 'second' })]
    const device = randomUUID()
    expect((await ask(base, `/api/jars/${id}/entries`, { device, entries: [first, second] })).body['acknowledged']).toEqual([first.id, second.id])
    expect((await ask(base, `/api/jars/${id}/entries`, { device, entries: [second, { ...first, note: 'changed' }] })).status).toBe(200)
    expect((await ask(base, `/api/jars/${id}`)).body['entries']).toEqual([first, second])
  })

  test.each([
    ['not JSON', '{', 400],
    ['no code', { id: randomUUID(), kind: 'real' }, 400],
    ['an id that is none', { id: '1; drop table jar', code: 'x', kind: 'real' }, 400],
    ['a body too large', { id: randomUUID(), code: 'x', kind: 'real', title: 'x'.repeat(2_000_000) }, 413],
  ])('%s is refused with what to do, and nothing is written', async (_, body, status) => {
    const base = await serve(ours)
    const before = await owner.query('select count(*) from jar')
    const answer = await ask(base, '/api/jars', body)
    expect(answer.status).toBe(status)
    expect(answer.body['todo']).toMatch(/Nothing was written/)
    expect((await owner.query('select count(*) from jar')).rows).toEqual(before.rows)
  })

  test('a form of another site cannot write', async () => {
    const base = await serve(ours)
    expect((await ask(base, '/api/jars', 'id=1', 'application/x-www-form-urlencoded')).status).toBe(415)
  })

  test('HTML and SQL in a text come back as they were', async () => {
    const base = await serve(ours)
    const title = `<img src=x onerror=alert(1)>'; drop table jar; --`
    await ask(base, '/api/jars', { id: randomUUID(), code: 'T-2', title, kind: 'real' })
    const { body } = await ask(base, '/api/jars')
    expect(JSON.stringify(body)).toContain(JSON.stringify(title).slice(1, -1))
  })

  test('a database that is away is said to be away', async () => {
    const away = new Database('postgresql://nobody@127.0.0.1:1/none', () => undefined)
    const base = await serve(ours, away)
    expect((await ask(base, '/api/jars')).status).toBe(503)
    expect((await ask(base, '/readyz')).status).toBe(503)
    expect((await ask(base, '/healthz')).status).toBe(200)
    await away.close()
  })
})

describe('a simulated unknown', () => {
  const id = randomUUID()
  const did = entry({ did: { test: 'solubility-in-water', on: 'OS' } })
  test('shows words; what is in it is told only after a conclusion', async () => {
    const base = await serve(ours)
    await ask(base, '/api/jars', { id, code: 'T-3', kind: 'simulated' })
    const { rows } = await owner.query<{ salt: string }>('select salt from secret where jar_id = $1', [id])
    const salt = rows[0]?.salt ?? 'none'
    expect((await ask(base, `/api/jars/${id}/seen/${did.id}`)).status).toBe(404)
    await ask(base, `/api/jars/${id}/entries`, { device: randomUUID(), entries: [did] })
    const seen = await ask(base, `/api/jars/${id}/seen/${did.id}`)
    expect(seen.body['format']).toBe('foxing-seen/1')
    const jar = await ask(base, `/api/jars/${id}`)
    const list = await ask(base, '/api/jars')
    for (const { body } of [seen, jar, list]) expect(JSON.stringify(body)).not.toContain(salt)
    expect((await ask(base, `/api/jars/${id}/answer`)).status).toBe(409)
    await ask(base, `/api/jars/${id}/entries`, { device: randomUUID(), entries: [entry({ concluded: { species: salt, claim: 'present' } })] })
    expect((await ask(base, `/api/jars/${id}/answer`)).body).toMatchObject({ formula: salt, right: true })
  })
  test('the role that serves notebooks cannot read what is in the jar', async () => {
    await expect(database.as(ours, (client) => client.query('select salt from secret'))).rejects.toThrow(/permission denied/)
  })
  test('a seed always draws the same salt, and seeds draw many', () => {
    expect(drawSalt(11)).toBe(drawSalt(11))
    expect(new Set(Array.from({ length: 300 }, (_, seed) => drawSalt(seed))).size).toBeGreaterThan(15)
  })
})

describe('rows of others', () => {
  const id = randomUUID()
  beforeAll(async () => {
    const base = await serve(ours)
    await ask(base, '/api/jars', { id, code: 'T-4', kind: 'real' })
    await ask(base, `/api/jars/${id}/entries`, { device: randomUUID(), entries: [entry({ note: 'mine' })] })
  })
  test.each([
    ['another student', sibling],
    ['another institution', stranger],
  ])('%s can neither read nor write them', async (_, who) => {
    const base = await serve(who)
    expect((await ask(base, `/api/jars/${id}`)).status).toBe(404)
    expect((await ask(base, `/api/jars/${id}/entries`, { device: randomUUID(), entries: [entry({ note: 'not mine' })] })).status).toBe(404)
    const seen = await database.as(who, async (client) => [
      (await client.query('select from jar where id = $1', [id])).rowCount,
      (await client.query('select from entry where jar_id = $1', [id])).rowCount,
    ])
    expect(seen).toEqual([0, 0])
    const forced = database.as(who, (client) =>
      client.query('insert into entry (institution_id, jar_id, id, device, body) values ($1, $2, $3, $3, $4)', [
        ours.institution,
        id,
        randomUUID(),
        { note: 'forced' },
      ]),
    )
    await expect(forced).rejects.toThrow(/row-level security/)
  })
  test.each([
    'update entry set body = $1',
    'delete from entry where body <> $1',
    'update jar set title = $1',
    'insert into institution (id, name) values (gen_random_uuid(), $1)',
  ])('the role owns nothing: %s', async (sql) => {
    await expect(database.as(ours, (client) => client.query(sql, [sql.includes('body') ? {} : 'x']))).rejects.toThrow(/permission denied/)
  })
})

describe('configuration', () => {
  const good = { DATABASE_URL: 'postgresql://a@127.0.0.1/b', FOXING_PERSON: `${randomUUID()}/${randomUUID()}` }
  test('names everything that is wrong at once', () => {
    expect(() => readConfig({ PORT: 'x' })).toThrow(ConfigError)
    expect(() => readConfig({ PORT: 'x' })).toThrow(/DATABASE_URL[\s\S]*PORT[\s\S]*FOXING_PERSON/)
  })
  test('without sign-in nothing but loopback is served', () => {
    expect(() => readConfig({ ...good, HOST: '0.0.0.0' })).toThrow(/loopback/)
    expect(readConfig(good).port).toBe(8470)
  })
})
