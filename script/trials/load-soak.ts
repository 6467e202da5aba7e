import { spawnSync } from 'node:child_process'
import { createHmac, randomBytes, randomUUID } from 'node:crypto'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { Cluster, freePort, ServerProcess } from './cluster'

/**
 * A large class at one moment: everybody signs in, opens the shelf, and presses a test on a secret unknown of their own, each all at once, on one server process of the usual size.
 * Every answer must come; how long it took is told beside what one person alone waits, on the same machine. The shelf's query is told by the rows it read, with another institution's
 * thousands of jars beside.
 * Usage: load-soak [people]
 */
const people = Number(process.argv[2] ?? 200)
const OTHER_JARS = 20_000

interface Somebody {
  readonly login: string
  readonly password: string
  headers: Readonly<Record<string, string>>
  readonly jar: string
  readonly entry: string
}

const cluster = new Cluster(join(tmpdir(), `foxing-load-${process.pid}`), await freePort(), null)
const server = new ServerProcess(await freePort(), cluster.appUrl)
const failed: string[] = []
let exit = 0

const call = async (who: Somebody | null, method: string, path: string, body?: unknown, from = 0): Promise<Response> => {
  const answer = await fetch(`${server.base}/api${path}`, {
    method,
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...who?.headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(120_000),
  })
  // What is busy says when to come again, as a page does.
  if (answer.status === 503 && from < 100) {
    await answer.text()
    await new Promise((resolve) => setTimeout(resolve, 1000 * Number(answer.headers.get('retry-after') ?? 1)))
    return call(who, method, path, body, from + 1)
  }
  if (!answer.ok) failed.push(`${method} ${path}: ${answer.status} ${(await answer.text()).slice(0, 200)}`)
  return answer
}
const timed = async (work: () => Promise<unknown>): Promise<number> => {
  const began = performance.now()
  await work().catch((error: unknown) => failed.push(String(error)))
  return performance.now() - began
}
// A connection tells what it has read within ten seconds.
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 12_000))
const at = (sorted: readonly number[], share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
const tell = async (name: string, all: readonly Somebody[], work: (who: Somebody) => Promise<unknown>): Promise<void> => {
  const [first, ...others] = all
  if (!first) return
  const alone = await timed(() => work(first))
  const together = (await Promise.all(others.map((who) => timed(() => work(who))))).sort((a, b) => a - b)
  const ms = (n: number): string => `${Math.round(n)} ms`
  console.log(
    `${name}: alone ${ms(alone)}; ${others.length} at once, median ${ms(at(together, 0.5))}, 95 % ${ms(at(together, 0.95))}, last ${ms(at(together, 1))}`,
  )
}

try {
  await cluster.start()
  const migrated = spawnSync(process.execPath, ['server/dist/migrate.js', 'server/migrations'], {
    env: { PATH: process.env['PATH'], DATABASE_URL: cluster.ownerUrl, FOXING_APP_PASSWORD: cluster.appPassword },
  })
  if (migrated.status !== 0) throw new Error(migrated.stderr.toString())
  await server.start()
  const owner = new pg.Client({ connectionString: cluster.ownerUrl })
  await owner.connect()
  const [institution, classId, instructor] = [randomUUID(), randomUUID(), randomUUID()]
  await owner.query('insert into institution (id, name) values ($1, $2)', [institution, 'A school'])
  await owner.query('insert into class (institution_id, id, name) values ($1, $2, $3)', [institution, classId, 'Everybody'])
  await owner.query("insert into person (institution_id, id, name, role) values ($1, $2, 'Instructor', 'instructor')", [institution, instructor])
  await owner.query('insert into membership (institution_id, class_id, person_id) values ($1, $2, $3)', [institution, classId, instructor])
  const token = randomBytes(32).toString('base64url')
  await owner.query('insert into session (institution_id, person_id, token_hash) values ($1, $2, sha256($3::text::bytea))', [
    institution,
    instructor,
    token,
  ])
  const teacher: Somebody = {
    login: '',
    password: '',
    jar: '',
    entry: '',
    headers: {
      cookie: `foxing=${institution}.${instructor}.${token}`,
      'x-foxing-page': createHmac('sha256', token).update('page').digest('base64url'),
    },
  }

  /** The page's headers out of what a sign-in set. */
  const entered = (answer: Response): Readonly<Record<string, string>> => {
    const cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? ''
    return {
      cookie,
      'x-foxing-page': createHmac('sha256', cookie.split('.').at(-1) ?? '')
        .update('page')
        .digest('base64url'),
    }
  }
  const everybody: Somebody[] = []
  let code = ''
  for (let k = 0; k < people; k++) {
    if (k % 20 === 0) {
      const made = (await (await call(teacher, 'POST', `/classes/${classId}/invitations`, { role: 'student', uses: 20 })).json()) as { code: string }
      code = made.code
    }
    const who: Somebody = {
      login: `person-${k}`,
      password: `mordant shelf ${k} ${randomUUID()}`,
      headers: {},
      jar: randomUUID(),
      entry: randomUUID(),
    }
    const joined = await call(null, 'POST', '/join', { code, name: `Person ${k}`, login: who.login, password: who.password })
    who.headers = entered(joined)
    await call(who, 'POST', '/jars', { id: who.jar, code: `L-${k}`, kind: 'simulated' })
    const entry = { id: who.entry, at: new Date().toISOString(), did: { test: 'silver-nitrate', on: 'A' } }
    await call(who, 'POST', `/jars/${who.jar}/entries`, { device: randomUUID(), entries: [{ order: 1, body: entry }] })
    everybody.push(who)
  }
  // Somebody else's school beside, with jars by the thousand.
  const [elsewhere, stranger] = [randomUUID(), randomUUID()]
  await owner.query('insert into institution (id, name) values ($1, $2)', [elsewhere, 'Another school'])
  await owner.query("insert into person (institution_id, id, name, role) values ($1, $2, 'Stranger', 'student')", [elsewhere, stranger])
  for (const [of, by] of [
    [elsewhere, stranger],
    [institution, instructor],
  ])
    await owner.query(
      "insert into jar (institution_id, id, owner_id, code, title, kind, settings) select $1, gen_random_uuid(), $2, 'X-' || n, '', 'real', '{}' from generate_series(1, $3) n",
      [of, by, OTHER_JARS / 2],
    )
  await owner.query('analyze')

  await tell('sign in', everybody, async (who) => {
    who.headers = entered(await call(null, 'POST', '/sign-in', { login: who.login, password: who.password }))
  })
  const rowsOfJar = async (): Promise<number> => {
    await settled()
    const { rows } = await owner.query<{ read: string }>(
      "select coalesce(seq_tup_read, 0) + coalesce(idx_tup_fetch, 0) as read from pg_stat_user_tables where relname = 'jar'",
    )
    return Number(rows[0]?.read ?? 0)
  }
  const before = await rowsOfJar()
  await tell('open the shelf', everybody, async (who) => (await call(who, 'GET', '/jars')).text())
  console.log(`  the shelf read ${(((await rowsOfJar()) - before) / people).toFixed(1)} rows of jar a person, of ${OTHER_JARS + people}`)
  await tell('press a test on a secret unknown', everybody, async (who) => (await call(who, 'GET', `/jars/${who.jar}/seen/${who.entry}`)).text())
  await owner.end()
  console.log(`${failed.length} answers that should not be`)
  for (const line of failed.slice(0, 10)) console.log(`  ${line}`)
  exit = failed.length === 0 ? 0 : 1
} catch (error) {
  console.error(error)
  exit = 1
} finally {
  server.kill()
  cluster.destroy()
}
process.exit(exit)
