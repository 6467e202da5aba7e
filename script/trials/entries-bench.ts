import { execFileSync, spawnSync } from 'node:child_process'
import { createHmac, randomBytes, randomUUID } from 'node:crypto'
import { rmSync, writeFileSync } from 'node:fs'
import { Agent, request } from 'node:http'
import { join } from 'node:path'
import pg from 'pg'
import { Cluster, freePort, ServerProcess } from './cluster'

/**
 * Entries acknowledged in a second with fifty clients, beside rows committed one at a time by pgbench with fifty clients, on the same PostgreSQL in the same run. Every answer
 * means a commit that is on the disk: fsync and synchronous_commit are on.
 */
const CLIENTS = 50
const SECONDS = Number(process.argv[2] ?? 6)
const SERVERS = Number(process.argv[3] ?? 1)
const BODY = {
  at: '2026-11-01T10:00:00Z',
  saw: { channel: 'precipitate.colour', value: 'white', negated: false, certainty: 'sure', vessel: 'B', step: 3 },
}

const dir = `/var/tmp/foxing-bench-${process.pid}`
const cluster = new Cluster(dir, await freePort(), null)
const servers: ServerProcess[] = []
const agent = new Agent({ keepAlive: true, maxSockets: CLIENTS })

const post = (base: string, path: string, headers: Readonly<Record<string, string>>, body: unknown): Promise<{ status: number; text: string }> =>
  new Promise((resolve, reject) => {
    const text = JSON.stringify(body)
    const sent = request(
      `${base}/api${path}`,
      { agent, method: 'POST', headers: { ...headers, 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) } },
      (response) => {
        let answer = ''
        response.setEncoding('utf8')
        response.on('data', (chunk: string) => (answer += chunk))
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text: answer }))
      },
    )
    sent.on('error', reject)
    sent.end(text)
  })

interface Writer {
  readonly base: string
  readonly jar: string
  readonly device: string
  readonly headers: Readonly<Record<string, string>>
  order: number
}

/** Every client sends `lines` at a time, one sending after another; gives lines acknowledged in a second. */
async function measure(writers: readonly Writer[], lines: number): Promise<number> {
  let acknowledged = 0
  const until = performance.now() + SECONDS * 1000
  await Promise.all(
    writers.map(async (w) => {
      while (performance.now() < until) {
        const entries = Array.from({ length: lines }, () => ({ order: (w.order++ % 5000) + 1, body: { id: randomUUID(), ...BODY } }))
        const { status } = await post(w.base, `/jars/${w.jar}/entries`, w.headers, { device: w.device, entries })
        if (status !== 200) throw new Error(`answered ${status}`)
        acknowledged += lines
      }
    }),
  )
  return acknowledged / SECONDS
}

/** A row of the same size, committed by itself. */
function pgbench(): number {
  const script = join(dir, 'row.sql')
  writeFileSync(script, 'insert into single_row (institution_id, jar_id, id) values (gen_random_uuid(), gen_random_uuid(), gen_random_uuid());\n')
  const out = execFileSync(
    join(cluster.bin, 'pgbench'),
    ['-n', '-c', String(CLIENTS), '-j', '2', '-M', 'prepared', '-T', String(SECONDS), '-f', script, cluster.ownerUrl],
    {
      stdio: ['ignore', 'pipe', 'ignore'],
    },
  ).toString()
  return Number(/tps = ([\d.]+)/.exec(out)?.[1] ?? NaN)
}

try {
  await cluster.start()
  const migrated = spawnSync(process.execPath, ['server/dist/migrate.js', 'server/migrations'], {
    env: { PATH: process.env['PATH'], DATABASE_URL: cluster.ownerUrl, FOXING_APP_PASSWORD: cluster.appPassword },
  })
  if (migrated.status !== 0) throw new Error(migrated.stderr.toString())
  for (let k = 0; k < SERVERS; k++) servers.push(new ServerProcess(await freePort(), cluster.appUrl))
  for (const server of servers) await server.start()
  const owner = new pg.Client({ connectionString: cluster.ownerUrl })
  await owner.connect()
  await owner.query(
    `create table single_row (institution_id uuid, jar_id uuid, id uuid, body jsonb default '${JSON.stringify(BODY)}', primary key (institution_id, jar_id, id))`,
  )
  const institution = randomUUID()
  await owner.query('insert into institution values ($1, $2)', [institution, 'Bench'])
  const writers: Writer[] = []
  for (let k = 0; k < CLIENTS; k++) {
    const [person, token] = [randomUUID(), randomBytes(32).toString('base64url')]
    await owner.query("insert into person values ($1, $2, 'Client', 'student')", [institution, person])
    await owner.query('insert into session (institution_id, person_id, token_hash) values ($1, $2, sha256($3::text::bytea))', [
      institution,
      person,
      token,
    ])
    const headers = {
      cookie: `foxing=${institution}.${person}.${token}`,
      'x-foxing-page': createHmac('sha256', token).update('page').digest('base64url'),
    }
    const base = servers[k % servers.length]?.base ?? ''
    const jar = randomUUID()
    const { status } = await post(base, '/jars', headers, { id: jar, code: `B-${k}`, kind: 'real' })
    if (status !== 201) throw new Error(`a jar was answered ${status}`)
    writers.push({ base, jar, device: randomUUID(), headers, order: 0 })
  }
  await owner.end()
  await measure(writers, 1)
  for (const w of writers) w.order = 0
  console.log(
    `entries acknowledged, ${CLIENTS} clients, ${SERVERS} server process${SERVERS === 1 ? '' : 'es'}, beside single-row commits by pgbench (aim: at least half):`,
  )
  for (const lines of [1, 10, 100]) {
    const rows = [pgbench()]
    for (const w of writers) w.order = 0
    const entries = await measure(writers, lines)
    rows.push(pgbench())
    const mean = rows.reduce((a, b) => a + b, 0) / rows.length
    console.log(
      `  ${lines === 1 ? 'one line a sending' : lines === 100 ? '100 lines a sending, as a page with a backlog sends' : `${lines} lines a sending`}: ${entries.toFixed(0)} a second; pgbench ${rows.map((r) => r.toFixed(0)).join(' and ')}; ratio ${(entries / mean).toFixed(2)}`,
    )
  }
} finally {
  for (const server of servers) server.kill()
  agent.destroy()
  cluster.destroy()
  rmSync(dir, { recursive: true, force: true })
}
process.exit(0)
