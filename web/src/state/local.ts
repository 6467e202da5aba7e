import type { Entry } from '@foxing/core'
import Dexie, { type EntityTable } from 'dexie'
import type { Jar } from './api'

/** An entry on this device. `order` is the order it was written in; `saved` tells whether the server has acknowledged it. */
export interface LocalEntry {
  readonly id: string
  readonly jar: string
  readonly order: number
  readonly body: Entry
  readonly saved: 0 | 1
}

/** What the device keeps: every entry before it is sent, and the jars last seen, so that a notebook opens without the server. */
class LocalDatabase extends Dexie {
  entries!: EntityTable<LocalEntry, 'id'>
  jars!: EntityTable<Jar, 'id'>

  constructor() {
    super('foxing')
    this.version(1).stores({ entries: 'id, jar, [jar+saved]', jars: 'id' })
  }
}

export const local = new LocalDatabase()

const DEVICE_KEY = 'foxing-device'
/** This device's own id, made once. */
export function deviceId(): string {
  const known = localStorage.getItem(DEVICE_KEY)
  if (known) return known
  const id = crypto.randomUUID()
  localStorage.setItem(DEVICE_KEY, id)
  return id
}
