import { create } from 'zustand'
import { api, asApiError, type ApiError, type Jar } from './api'
import { local, type LocalDatabase, type LocalJar } from './local'
import { useSession } from './session'

interface SyncState {
  /** True while something is on its way. */
  readonly sending: boolean
  /** Why the last sending did not get through, where that is more than the server being away. */
  readonly problem: ApiError | null
}
export const useSync = create<SyncState>(() => ({ sending: false, problem: null }))

const RETRY_MS = 4000
const BATCH = 100
let retry: ReturnType<typeof setTimeout> | undefined
let again = false
let running: Promise<void> | null = null

/** Sends everything this device has and the server has not: jars first, then each jar's lines in the order written. Resolves when that is done or cannot be done now. */
export function flush(): Promise<void> {
  again = true
  running ??= (async () => {
    try {
      while (again) {
        again = false
        await sendOnce()
      }
    } finally {
      running = null
    }
  })()
  return running
}

async function sendOnce(): Promise<void> {
  clearTimeout(retry)
  if (useSession.getState().phase !== 'in') return
  const database = local()
  try {
    // One tab sends at a time; the others find it done.
    await navigator.locks.request(`foxing-send-${database.owner}`, () => sendAll(database))
    useSync.setState({ problem: null })
  } catch (error) {
    const problem = asApiError(error)
    if (problem.status === 401) {
      useSession.getState().ended()
      return
    }
    if (problem.status === 403)
      await useSession
        .getState()
        .ask()
        .catch(() => undefined)
    useSync.setState({ problem: problem.offline || problem.status === 403 ? null : problem })
    retry = setTimeout(() => void flush(), RETRY_MS)
  } finally {
    useSync.setState({ sending: false })
  }
}

/** Refusals that concern one jar and not who asks, or the server's being away: the others are sent all the same. */
const concernsOne = ({ offline, status }: ApiError): boolean => !offline && status >= 400 && status < 500 && ![401, 403, 429].includes(status)

/** @throws ApiError the first refusal of one jar, once all the others are sent */
async function sendAll(database: LocalDatabase): Promise<void> {
  const refused = new Map<string, ApiError>()
  const trying = async (jar: string, send: () => Promise<void>): Promise<void> => {
    try {
      await send()
    } catch (error) {
      const problem = asApiError(error)
      if (!concernsOne(problem)) throw error
      refused.set(jar, problem)
    }
  }
  for (const jar of await database.jars.where('saved').equals(0).sortBy('createdAt')) {
    useSync.setState({ sending: true })
    const { id, code, title, kind, seed } = jar
    await trying(id, async () => {
      await api.openJar({ id, code, title, kind, case: jar.case, ...(seed === null ? {} : { seed }) })
      await database.jars.update(id, { saved: 1, missing: false })
    })
  }
  for (;;) {
    const waiting = await database.waiting().toArray()
    const first = waiting.find((e) => !refused.has(e.jar))
    if (!first) break
    useSync.setState({ sending: true })
    const batch = waiting
      .filter((e) => e.jar === first.jar && e.device === first.device)
      .sort((a, b) => a.order - b.order)
      .slice(0, BATCH)
    await trying(first.jar, async () => {
      const acknowledged = await api.addEntries(
        first.jar,
        first.device,
        batch.map(({ order, body }) => ({ order, body })),
      )
      await database.transaction('rw', database.entries, async () => {
        for (const { id, position, order } of acknowledged) await database.acknowledge(first.jar, id, position, order)
      })
    })
  }
  const [problem] = refused.values()
  if (problem) throw problem
}

const fresh = { saved: 1, seed: null, partners: [], writable: true, people: [], signatures: [], counted: 0, concluded: [] } as const
const known = async (database: LocalDatabase, jar: Jar): Promise<LocalJar> => {
  const before = await database.jars.get(jar.id)
  return { ...fresh, ...before, ...jar, saved: 1, ...(before?.missing === undefined ? {} : { missing: false }) }
}

/**
 * Fetches the shelf. A jar that the server does not show any more is never deleted here: the server may have been restored to a state before it. One's own is sent once more, with every line of one's own;
 * of others it is said that it is missing.
 */
export async function pullShelf(): Promise<void> {
  const database = local()
  // A jar that reaches the server while the list is on its way is not in the list, and stays.
  const before = await database.jars.where('saved').equals(1).toArray()
  const jars = await api.jars()
  const there = new Set(jars.map((j) => j.id))
  // All of them at once: a shelf that fills jar by jar pushes down what stands below it each time.
  await database.transaction('rw', database.jars, async () => {
    const shown = await Promise.all(
      jars.map(async ({ entries: counted, concluded, ...jar }) => ({ ...(await known(database, jar)), counted, concluded })),
    )
    await database.jars.bulkPut(shown)
  })
  let again = false
  for (const jar of before) {
    if (there.has(jar.id)) continue
    if (jar.owner !== database.owner || jar.issued) {
      await database.jars.update(jar.id, { missing: true })
      continue
    }
    const mine = await database.entries.where('jar').equals(jar.id).toArray()
    await database.sendAgain(
      jar.id,
      mine.filter((e) => e.author === database.owner).map((e) => e.id),
    )
    await database.jars.update(jar.id, { saved: 0 })
    again = true
  }
  if (again) void flush()
}

/** Takes a jar that the server does not show any more off this device, because its reader says so. */
export async function forget(id: string): Promise<void> {
  const database = local()
  await database.transaction('rw', database.jars, database.entries, async () => {
    await database.jars.delete(id)
    await database.entries.where('jar').equals(id).delete()
  })
}

/**
 * Fetches a jar with its notebook, or with what came after a place in it. Only what is not here yet is put down: whoever draws the notebook is told of each thing that is. Lines of one's own
 * that the server had acknowledged and does not know, having been restored, are sent again.
 * @returns the last place there is now
 * @throws ApiError
 */
export async function pullJar(id: string, after = -1): Promise<number> {
  const database = local()
  const acknowledged = after < 0 ? (await database.entriesOf(id)).filter((e) => e.position !== null && e.author === database.owner) : []
  const { jar, people, entries, signatures } = await api.jar(id, after)
  await database.transaction('rw', database.jars, database.entries, async () => {
    const shown: LocalJar = { ...(await known(database, jar)), partners: jar.partners, writable: jar.writable, people, signatures }
    if (JSON.stringify(await database.jars.get(id)) !== JSON.stringify(shown)) await database.jars.put(shown)
    const here = await database.entries.bulkGet(entries.map(({ body }) => [id, body.id] as const))
    await database.entries.bulkPut(
      entries
        .filter(({ position, received }, k) => here[k]?.position !== position || here[k].received !== received)
        .map((entry) => ({ ...entry, jar: id, id: entry.body.id })),
    )
  })
  const there = new Set(entries.map((e) => e.body.id))
  const lost = acknowledged.filter((e) => !there.has(e.id)).map((e) => e.id)
  if (lost.length > 0) {
    await database.sendAgain(id, lost)
    void flush()
  }
  return entries.reduce((last, { position }) => Math.max(last, position), after)
}

/** Follows a jar that others write in, from a place on, until it is told to stop. */
export function follow(id: string, after: number): () => void {
  const stream = new EventSource(`/api/jars/${id}/live`)
  let reached = after
  stream.onmessage = () =>
    void pullJar(id, reached).then(
      (last) => (reached = Math.max(reached, last)),
      () => undefined,
    )
  return () => stream.close()
}

window.addEventListener('online', () => void flush())
