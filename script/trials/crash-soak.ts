import { createHmac, randomBytes, randomUUID } from 'node:crypto'
import { spawnSync } from 'node:child_process'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { Cluster, freePort, offClock, ServerProcess, sleep } from './cluster'
import { randomFrom } from './random'

/**
 * Twenty clients write while servers, the database or both are killed, the disk is full, the clock is two hours off, one version after the other is put in the place of the running one, or
 * the database is restored to what it was some seconds ago. After each round every entry that was acknowledged must be there once and as it was written; at the end everything must be there, in each device's order.
 * Usage: crash-soak [rounds] [seed]
 */
/** Another built version of this tree, for a deploy in which two versions serve side by side. */
const older = process.env['FOXING_OLDER']
const rounds = Number(process.argv[2] ?? 50)
const seed = Number(process.argv[3] ?? 1)
const CLIENTS = 20
const FAULTS = ['server', 'database', 'both', 'full disk', 'clock', 'deploy', 'restore'] as const
type Fault = (typeof FAULTS)[number]

interface Line {
  readonly order: number
  readonly body: { readonly id: string; readonly at: string; readonly note: string }
}

/** What a page does: keeps every line until it is acknowledged, and sends the oldest ones first, again and again. */
class Client {
  readonly jar = randomUUID()
  readonly device = randomUUID()
  readonly written: Line[] = []
  readonly acknowledged = new Map<string, number>()
  failures = 0
  private running = true

  constructor(
    readonly name: number,
    private readonly bases: readonly string[],
    private readonly headers: Readonly<Record<string, string>>,
    private readonly random: () => number,
  ) {}

  write(): void {
    const order = this.written.length + 1
    // Each device's own clock is off by up to two hours.
    const at = new Date(Date.now() + (this.name / CLIENTS - 0.5) * 4 * 3_600_000).toISOString()
    this.written.push({ order, body: { id: randomUUID(), at, note: `client ${this.name} line ${order}` } })
  }

  private async post(path: string, body: unknown): Promise<Response> {
    const base = this.bases[Math.floor(this.random() * this.bases.length)] ?? ''
    return fetch(`${base}/api${path}`, {
      method: 'POST',
      headers: { ...this.headers, 'content-type': 'application/json' },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(8000),
    })
  }

  async open(): Promise<void> {
    const answer = await this.post('/jars', { id: this.jar, code: `S-${this.name}`, kind: 'real' })
    if (!answer.ok) throw new Error(`a jar was not opened: ${answer.status}`)
  }

  /** Sends one batch of what waits; true when nothing waits any more. */
  async send(): Promise<boolean> {
    const batch = this.written.filter((l) => !this.acknowledged.has(l.body.id)).slice(0, 20)
    if (batch.length === 0) return true
    try {
      const answer = await this.post(`/jars/${this.jar}/entries`, { device: this.device, entries: batch })
      if (!answer.ok) throw new Error(String(answer.status))
      const { acknowledged } = (await answer.json()) as { acknowledged: { id: string; position: number }[] }
      for (const { id, position } of acknowledged) this.acknowledged.set(id, position)
    } catch {
      this.failures++
      await sleep(50)
    }
    return false
  }

  /** What a page does that sees a server without lines it had acknowledged: they are sent once more. */
  async compare(): Promise<void> {
    for (let tries = 0; tries < 100; tries++)
      try {
        const answer = await fetch(`${this.bases[tries % this.bases.length] ?? ''}/api/jars/${this.jar}/entries`, {
          headers: this.headers,
          signal: AbortSignal.timeout(8000),
        })
        if (!answer.ok) throw new Error(String(answer.status))
        const there = new Set(((await answer.json()) as { entries: { body: { id: string } }[] }).entries.map((e) => e.body.id))
        for (const id of [...this.acknowledged.keys()]) if (!there.has(id)) this.acknowledged.delete(id)
        return
      } catch {
        await sleep(100)
      }
    throw new Error('a notebook could not be asked for')
  }

  private pausing = Promise.resolve()
  private begun = 0
  /** Nothing is sent while this is done, and nothing is under way. */
  async still(during: () => Promise<void>): Promise<void> {
    let done = (): void => undefined
    this.pausing = new Promise((resolve) => (done = resolve))
    while (this.begun > 0) await sleep(10)
    await during()
    done()
  }

  async work(): Promise<void> {
    while (this.running) {
      await this.pausing
      this.write()
      this.begun++
      await this.send()
      this.begun--
      await sleep(this.random() * 10)
    }
  }
  stop(): void {
    this.running = false
  }
}

const random = randomFrom(seed)

const cluster = new Cluster(join(tmpdir(), `foxing-crash-${process.pid}`), await freePort(), 150)
const servers: ServerProcess[] = []
const wrong: string[] = []
const tally: Record<string, number> = {}
let exit = 0
try {
  await cluster.start()
  const migrated = spawnSync(process.execPath, ['server/dist/migrate.js', 'server/migrations'], {
    env: { PATH: process.env['PATH'], DATABASE_URL: cluster.ownerUrl, FOXING_APP_PASSWORD: cluster.appPassword },
  })
  if (migrated.status !== 0) throw new Error(migrated.stderr.toString())
  for (let k = 0; k < 2; k++) servers.push(new ServerProcess(await freePort(), cluster.appUrl))
  for (const server of servers) await server.start()

  const owner = async <T>(work: (client: pg.Client) => Promise<T>): Promise<T> => {
    const client = new pg.Client({ connectionString: cluster.ownerUrl })
    client.on('error', () => undefined)
    await client.connect()
    try {
      return await work(client)
    } finally {
      await client.end()
    }
  }
  const institution = randomUUID()
  const clients = await owner(async (client) => {
    await client.query('insert into institution values ($1, $2)', [institution, 'Soak'])
    const made: Client[] = []
    for (let k = 0; k < CLIENTS; k++) {
      const [person, token] = [randomUUID(), randomBytes(32).toString('base64url')]
      await client.query("insert into person values ($1, $2, 'Client', 'student')", [institution, person])
      await client.query('insert into session (institution_id, person_id, token_hash) values ($1, $2, sha256($3::text::bytea))', [
        institution,
        person,
        token,
      ])
      const page = createHmac('sha256', token).update('page').digest('base64url')
      const headers = { cookie: `foxing=${institution}.${person}.${token}`, 'x-foxing-page': page }
      made.push(
        new Client(
          k,
          servers.map((s) => s.base),
          headers,
          randomFrom(seed * 1000 + k),
        ),
      )
    }
    return made
  })
  for (const client of clients) await client.open()

  /** Every acknowledged entry there once, as written, in its place; nothing there that nobody wrote. */
  const check = async (when: string): Promise<void> => {
    const found = new Map<string, { id: string; position: string; device_order: string; note: string }[]>()
    // What is acknowledged before the look must be in it.
    const promises = clients.map((client) => new Map(client.acknowledged))
    await owner(async (c) => {
      for (const { jar } of clients)
        found.set(
          jar,
          (
            await c.query<{ id: string; position: string; device_order: string; note: string }>(
              "select id, position, device_order, body->>'note' as note from entry where jar_id = $1 order by position",
              [jar],
            )
          ).rows,
        )
    })
    for (const [k, client] of clients.entries()) {
      const promised = promises[k] ?? new Map<string, number>()
      const rows = found.get(client.jar) ?? []
      const there = new Map(rows.map((r) => [r.id, r]))
      if (there.size !== rows.length) wrong.push(`${when}: client ${client.name} has an entry twice`)
      for (const [id, position] of promised)
        if (Number(there.get(id)?.position) !== position) wrong.push(`${when}: client ${client.name} was promised ${id} at ${position}`)
      const lines = new Map(client.written.map((l) => [l.body.id, l]))
      for (const row of rows) if (lines.get(row.id)?.body.note !== row.note) wrong.push(`${when}: client ${client.name} never wrote ${row.note}`)
      const orders = rows.map((r) => Number(r.device_order))
      if (orders.some((o, k) => k > 0 && o <= (orders[k - 1] ?? 0))) wrong.push(`${when}: client ${client.name} out of order`)
    }
  }

  const working = clients.map((c) => c.work())
  const began = Date.now()
  for (let round = 1; round <= rounds; round++) {
    const possible = FAULTS.filter((f) => (f !== 'full disk' || cluster.small) && (f !== 'clock' || offClock))
    const fault: Fault = possible[(round - 1) % possible.length] ?? 'server'
    tally[fault] = (tally[fault] ?? 0) + 1
    await sleep(150 + random() * 350)
    const clock = fault === 'clock' ? (round % 2 === 0 ? '+2h' : '-2h') : undefined
    if (fault === 'full disk') {
      cluster.fill()
      await sleep(700)
      cluster.empty()
    }
    const killsDatabase = ['database', 'both', 'clock'].includes(fault)
    const killsServers = ['server', 'both', 'clock'].includes(fault)
    if (killsDatabase) cluster.kill()
    if (killsServers) for (const server of servers) server.kill()
    if (fault === 'deploy')
      for (const [k, server] of servers.entries()) {
        await server.end()
        // Where another version is given, one of the two goes to it and the next time back, so that both versions serve the same notebooks between.
        if (k === 0 && older) server.deploy((tally['deploy'] ?? 0) % 2 === 1 ? older : '.')
        await server.start()
      }
    if (fault === 'restore') {
      const kept = await cluster.keep()
      await sleep(700)
      // The lines since then are gone with the database; pages compare, and send them again.
      for (const server of servers) server.kill()
      await cluster.restore(kept)
      for (const server of servers) await server.start()
      await Promise.all(clients.map((client) => client.still(() => client.compare())))
    }
    await sleep(random() * 200)
    // A database that the full disk has ended is started again; one that lives is left alone.
    if (fault === 'full disk') {
      const alive = await owner((c) => c.query('select 1')).then(
        () => true,
        () => false,
      )
      if (!alive) {
        cluster.kill()
        await cluster.start()
      }
    } else if (killsDatabase) await cluster.start(clock)
    if (killsServers) for (const server of servers) await server.start(clock)
    await sleep(300)
    await check(`round ${round}, ${fault}`)
    process.stderr.write(`${((Date.now() - began) / 1000).toFixed(0)} s, round ${round}, ${fault}: ${wrong.length} wrong\n`)
  }
  for (const client of clients) client.stop()
  await Promise.all(working)
  for (const client of clients) for (let tries = 0; tries < 200 && !(await client.send()); tries++);
  await check('at the end')
  const written = clients.reduce((sum, c) => sum + c.written.length, 0)
  const acknowledged = clients.reduce((sum, c) => sum + c.acknowledged.size, 0)
  const failures = clients.reduce((sum, c) => sum + c.failures, 0)
  if (acknowledged !== written) wrong.push(`at the end ${written - acknowledged} entries were never acknowledged`)
  const faults = Object.entries(tally).map(([name, count]) => `${name} ${count}`)
  console.log(
    `crashes, seed ${seed}: ${rounds} rounds (${faults.join(', ')}), ${CLIENTS} clients, 2 servers; ${written} entries written, ${acknowledged} acknowledged, ${failures} sendings failed and were repeated; ${wrong.length} wrong; ${((Date.now() - began) / 1000).toFixed(0)} s`,
  )
  if (!cluster.small) console.log('  the disk was not filled: making a small one takes root')
  if (!offClock) console.log('  the clock was not turned: faketime is not installed')
  for (const line of wrong.slice(0, 20)) console.log(`  ${line}`)
  exit = wrong.length === 0 ? 0 : 1
} finally {
  for (const server of servers) server.kill()
  cluster.destroy()
}
process.exit(exit)
