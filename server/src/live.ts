import type pg from 'pg'
import pgClient from 'pg'
import type { Logger } from 'pino'

/** How long changes are gathered before the other servers are told, ms: one notice for many lines, and none in the way of a commit. */
const GATHER = 40
const RETRY = 1000

type Heard = () => void

/**
 * Tells pages that a jar has changed, whichever server took the change. Notices carry ids alone: who may read the jar is asked again by whoever reads it.
 */
export class Live {
  private readonly listeners = new Map<string, Set<Heard>>()
  private readonly changedNow = new Set<string>()
  private timer: NodeJS.Timeout | undefined
  private client: pg.Client | undefined
  private closed = false
  private readonly open = new Set<() => void>()

  constructor(
    private readonly url: string,
    private readonly pool: pg.Pool,
    private readonly log: Logger,
  ) {}

  /** Begins to listen; goes on trying while the database is away. */
  async start(): Promise<void> {
    if (this.closed) return
    const client = new pgClient.Client({ connectionString: this.url })
    const again = (): void => {
      if (this.client !== client) return
      this.client = undefined
      setTimeout(() => void this.start(), RETRY).unref()
    }
    this.client = client
    client.on('error', again)
    client.on('end', again)
    client.on('notification', ({ payload }) => {
      for (const heard of this.listeners.get(payload ?? '') ?? []) heard()
    })
    try {
      await client.connect()
      await client.query('listen foxing')
      // What was told while nobody listened is not told again: everybody looks once.
      for (const jar of this.listeners.values()) for (const heard of jar) heard()
    } catch (error) {
      this.log.warn({ err: error }, 'not listening for changes')
      again()
    }
  }

  /** Calls `heard` whenever the jar changes; answers how to stop. */
  hear(institution: string, jar: string, heard: Heard): () => void {
    const key = `${institution}/${jar}`
    const all = this.listeners.get(key) ?? new Set()
    this.listeners.set(key, all.add(heard))
    return () => {
      all.delete(heard)
      if (all.size === 0) this.listeners.delete(key)
    }
  }

  /** Ends a page's waiting when the server stops; answers how to take that back. */
  whenHungUp(end: () => void): () => void {
    this.open.add(end)
    return () => this.open.delete(end)
  }

  /** Ends the waiting of every page: they ask again, and find another server. */
  hangUp(): void {
    for (const end of this.open) end()
    this.open.clear()
  }

  /** To be called once a change of the jar is committed. */
  changed(institution: string, jar: string): void {
    this.changedNow.add(`${institution}/${jar}`)
    this.timer ??= setTimeout(() => {
      this.timer = undefined
      const payloads = [...this.changedNow]
      this.changedNow.clear()
      this.pool
        .query({ name: 'tell', text: "select pg_notify('foxing', payload) from unnest($1::text[]) as payload", values: [payloads] })
        .catch((error: unknown) => this.log.warn({ err: error }, 'a change was not told'))
    }, GATHER)
  }

  get connected(): number {
    let count = 0
    for (const all of this.listeners.values()) count += all.size
    return count
  }

  async close(): Promise<void> {
    this.closed = true
    clearTimeout(this.timer)
    const { client } = this
    this.client = undefined
    await client?.end().catch(() => undefined)
  }
}
