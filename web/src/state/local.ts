import { inOrder, type Entry } from '@foxing/core'
import Dexie, { type Collection, type Table } from 'dexie'
import type { Jar, Named, Signature } from './api'

/** An entry on this device. Its place is null until the server has acknowledged it. */
export interface LocalEntry {
  readonly jar: string
  readonly id: string
  readonly device: string
  readonly order: number
  readonly position: number | null
  /** 1 where it has no place yet, else 0 or absent: what waits is found without looking through all there is. */
  readonly waiting?: 0 | 1
  readonly author: string | null
  /** When the server took it, by its own clock; absent until that is heard of. */
  readonly received?: string
  readonly body: Entry
}

const WAITING = { position: null, waiting: 1 } as const

/** A jar on this device, with what was last known of it. */
export interface LocalJar extends Jar {
  /** Whether the server has it. */
  readonly saved: 0 | 1
  /** What a self-chosen practice was drawn by: the device can simulate it alone. */
  readonly seed: number | null
  readonly partners: readonly string[]
  readonly writable: boolean
  readonly people: readonly Named[]
  readonly signatures: readonly Signature[]
  /** How far its work had got when the shelf was last fetched. */
  readonly counted: number
  readonly concluded: readonly string[]
  /** The server does not show it any more, and what is here is kept. */
  readonly missing?: boolean
}

/** What the device keeps for one person, or for nobody in particular: entries before they are sent, and the jars last seen, so that a notebook opens without the server. */
export class LocalDatabase extends Dexie {
  entries!: Table<LocalEntry, [jar: string, id: string]>
  jars!: Table<LocalJar, string>

  constructor(readonly owner: string) {
    super(`foxing-${owner}`)
    this.version(1).stores({ entries: '[jar+id], jar, [jar+device+order]', jars: 'id, saved' })
    this.version(2)
      .stores({ entries: '[jar+id], jar, [jar+device+order], waiting' })
      .upgrade(async (change) => {
        const entries = change.table<LocalEntry>('entries')
        const waiting = await entries.filter((e) => e.position === null).toArray()
        await entries.bulkPut(waiting.map((e) => ({ ...e, ...WAITING })))
      })
  }

  /** Entries of a jar in the notebook's one order. */
  async entriesOf(jar: string): Promise<LocalEntry[]> {
    return inOrder(await this.entries.where('jar').equals(jar).toArray())
  }

  /** Keeps new lines, numbered after all that this device has written for the jar. Two tabs take turns. */
  async append(jar: string, author: string | null, bodies: readonly Entry[]): Promise<void> {
    await this.transaction('rw', this.entries, async () => {
      const last = await this.entries.where('[jar+device+order]').between([jar, deviceId(), Dexie.minKey], [jar, deviceId(), Dexie.maxKey]).last()
      const from = (last?.order ?? 0) + 1
      await this.entries.bulkPut(bodies.map((body, k) => ({ jar, id: body.id, device: deviceId(), order: from + k, ...WAITING, author, body })))
    })
  }

  /** Entries that have not reached the server. */
  waiting(): Collection<LocalEntry, [jar: string, id: string]> {
    return this.entries.where('waiting').equals(1)
  }

  /** An entry has reached the server, at this place of the notebook and of what its device wrote. */
  async acknowledge(jar: string, id: string, position: number, order?: number): Promise<void> {
    await this.entries.update([jar, id], { position, waiting: 0, ...(order === undefined ? {} : { order }) })
  }

  /** The server does not know these of a jar (any more): they are to be sent, again. */
  async sendAgain(jar: string, ids: readonly string[]): Promise<void> {
    await this.transaction('rw', this.entries, async () => {
      for (const id of ids) await this.entries.update([jar, id], WAITING)
    })
  }

  /** How much has not reached the server. */
  async unsent(): Promise<number> {
    return (await this.waiting().count()) + (await this.jars.where('saved').equals(0).count())
  }
}

export const NOBODY = 'nobody'

let current = new LocalDatabase(NOBODY)
/** The database of whoever is at work. */
export const local = (): LocalDatabase => current
export function openLocal(owner: string): LocalDatabase {
  if (current.owner !== owner) {
    current.close()
    current = new LocalDatabase(owner)
  }
  return current
}

/** How many notebooks were written here without an account. */
export async function guestNotebooks(): Promise<number> {
  const nobodys = new LocalDatabase(NOBODY)
  try {
    return await nobodys.jars.count()
  } finally {
    nobodys.close()
  }
}

/** Takes along what was written without an account: it becomes the person's, not yet sent. */
export async function takeAlong(owner: string): Promise<number> {
  const from = new LocalDatabase(NOBODY)
  const jars = await from.jars.toArray()
  const entries = await from.entries.toArray()
  const to = openLocal(owner)
  await to.transaction('rw', to.jars, to.entries, async () => {
    await to.jars.bulkPut(jars.map((jar) => ({ ...jar, owner, saved: 0 as const })))
    await to.entries.bulkPut(entries.map((entry) => ({ ...entry, author: owner, ...WAITING })))
  })
  from.close()
  await Dexie.delete(`foxing-${NOBODY}`)
  return jars.length
}

const DEVICE_KEY = 'foxing-device'
/** This device's own id, made once. */
export function deviceId(): string {
  const known = localStorage.getItem(DEVICE_KEY)
  if (known) return known
  const id = crypto.randomUUID()
  localStorage.setItem(DEVICE_KEY, id)
  return id
}
