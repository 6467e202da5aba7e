import Dexie from 'dexie'
import { IDBKeyRange, indexedDB } from 'fake-indexeddb'

/**
 * As much of a browser as the state of the pages asks for, to be imported before it: storage, a window that events reach, locks that are taken in turn, and streams that say what a test has them say. Databases are kept in memory.
 */
class Storage {
  private readonly kept = new Map<string, string>()
  getItem = (key: string): string | null => this.kept.get(key) ?? null
  setItem = (key: string, value: string): void => void this.kept.set(key, value)
  removeItem = (key: string): void => void this.kept.delete(key)
  clear = (): void => this.kept.clear()
}

Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange })

let turn: Promise<unknown> = Promise.resolve()
const locks = {
  request: <T>(_: string, work: () => Promise<T>): Promise<T> => {
    const mine = turn.then(work)
    turn = mine.catch(() => undefined)
    return mine
  },
}

export const visited: string[] = []
const page = Object.assign(new EventTarget(), { location: { assign: (to: string): void => void visited.push(to) } })
/** Streams that were opened, the last one last. */
export const streams: Stream[] = []
class Stream {
  onmessage: (() => void) | null = null
  constructor() {
    streams.push(this)
  }
  close = (): void => undefined
}

for (const [name, value] of Object.entries({ localStorage: new Storage(), window: page, navigator: { locks }, EventSource: Stream }))
  Object.defineProperty(globalThis, name, { value, configurable: true, writable: true })
