import { entrySchema, type Concluded, type Did, type Entry, type ObservationInput } from '@foxing/core'
import { liveQuery, type Subscription } from 'dexie'
import equal from 'fast-deep-equal/es6'
import { create } from 'zustand'
import { asApiError, type ApiError } from './api'
import { local, type LocalEntry, type LocalJar } from './local'
import { useSession } from './session'
import { flush, follow, pullJar } from './sync'

/** What an entry says, before it has a time, and an id where another does not have to name it. */
export type Line =
  | { readonly id?: string; readonly did: Did }
  | { readonly saw: ObservationInput }
  | { readonly note: string; readonly about?: string; readonly picture?: string }
  | { readonly hint: { readonly number: number } }
  | { readonly concluded: Concluded }
  | { readonly amended: { readonly entry: string; readonly with: Record<string, string | number | boolean> } }

interface NotebookState {
  readonly id: string | null
  readonly jar: LocalJar | null
  readonly entries: readonly Entry[]
  /** Whether it is known to hold no line, here or on the server. */
  readonly bare: boolean
  /** Lines the server is known to have that are not on this device, while it is not reached. */
  readonly elsewhere: number
  /** When the server took each entry, by its own clock. */
  readonly received: ReadonlyMap<string, string>
  /** Who wrote which entry. */
  readonly authors: ReadonlyMap<string, string | null>
  readonly unsaved: ReadonlySet<string>
  /** Why it could not be opened. */
  readonly problem: Pick<ApiError, 'message' | 'todo'> | null
  /** That this device did not keep what was written last: apart from `problem`, since an opening that ends well says nothing of it. */
  readonly unkept: Pick<ApiError, 'message' | 'todo'> | null
  /** Opens a jar and follows it: what is written here, in another tab, or by a partner. */
  open: (id: string) => Promise<void>
  close: () => void
  /** Writes lines on this device, then sends them; resolves once they are kept here. Returns the entries, none where the device did not keep them. */
  write: (lines: readonly Line[]) => Promise<readonly Entry[]>
}

const CLOSED = {
  id: null,
  jar: null,
  entries: [],
  bare: false,
  elsewhere: 0,
  authors: new Map<string, string | null>(),
  received: new Map<string, string>(),
  unsaved: new Set<string>(),
  problem: null,
  unkept: null,
}
const AGAIN_MS = 4000
const NOT_KEPT = {
  message: 'This device did not keep what was written last',
  todo: 'Make room on it, or reload the page, and write it once more; what stands on the page is kept.',
}
let subscription: Subscription | undefined
let unfollow: (() => void) | undefined
let again: ReturnType<typeof setTimeout> | undefined

export const useNotebook = create<NotebookState>((set, get) => ({
  ...CLOSED,

  open: async (id) => {
    clearTimeout(again)
    if (get().id !== id) {
      get().close()
      set({ id })
      const database = local()
      subscription = liveQuery(async () => ({ jar: await database.jars.get(id), entries: await database.entriesOf(id) })).subscribe(
        ({ jar, entries }) => {
          if (get().id !== id) return
          const before = get()
          set({
            jar: kept(before.jar, jar ?? null),
            entries: keptEntries(before.entries, entries),
            received: kept(before.received, new Map(entries.flatMap((e) => (e.received === undefined ? [] : [[e.id, e.received] as const])))),
            authors: kept(before.authors, new Map(entries.map((e) => [e.id, e.author]))),
            unsaved: kept(before.unsaved, new Set(entries.filter((e) => e.position === null).map((e) => e.id))),
          })
        },
      )
    }
    if (useSession.getState().phase === 'guest') {
      set({ bare: true })
      if (!(await local().jars.get(id))) set({ problem: asApiError(new Error('there is no such jar on this device')) })
      return
    }
    try {
      await flush()
      const last = await pullJar(id)
      if (get().id !== id) return
      set({ problem: null, elsewhere: 0, bare: (await local().entriesOf(id)).length === 0 })
      unfollow?.()
      unfollow = follow(id, last)
    } catch (error) {
      const problem = asApiError(error)
      if (problem.status === 401) {
        useSession.getState().ended()
        return
      }
      if (get().id !== id) return
      // What is on the device is shown all the same, and what is not is said to be elsewhere.
      const [jar, here] = [await local().jars.get(id), await local().entriesOf(id)]
      const elsewhere = Math.max(0, (jar?.counted ?? 0) - here.filter((e) => e.position !== null).length)
      set({ problem: problem.offline && jar ? null : problem, elsewhere, bare: jar !== undefined && elsewhere === 0 })
      if (problem.offline) again = setTimeout(() => void get().open(id), AGAIN_MS)
    }
  },

  close: () => {
    clearTimeout(again)
    subscription?.unsubscribe()
    unfollow?.()
    subscription = unfollow = undefined
    set(CLOSED)
  },

  write: async (lines) => {
    const { id } = get()
    if (id === null || lines.length === 0) return []
    const at = new Date().toISOString()
    const fresh = lines.map((line) => entrySchema.parse({ id: crypto.randomUUID(), at, ...line }))
    try {
      await local().append(id, useSession.getState().me?.id ?? null, fresh)
    } catch (error) {
      console.error(error)
      set({ unkept: NOT_KEPT })
      return []
    }
    set({ unkept: null })
    void flush()
    return fresh
  },
}))

/** What there was where the same has come again, so that nothing is drawn anew for it. */
const kept = <T>(before: T, now: T): T => (equal(before, now) ? before : now)

/**
 * What is written never changes: what was there before is kept as it was, the list too where nothing has come to it. So nothing is thought out again because an entry has reached the
 * server, and whoever compares two states of a page has found most of it alike at once.
 */
function keptEntries(before: readonly Entry[], now: readonly LocalEntry[]): readonly Entry[] {
  const known = new Map(before.map((e) => [e.id, e]))
  const entries = now.map(({ id, body }) => known.get(id) ?? body)
  return before.length === entries.length && before.every((e, k) => e === entries[k]) ? before : entries
}
