import { entrySchema, type Concluded, type Did, type Entry, type ObservationInput } from '@foxing/core'
import { liveQuery, type Subscription } from 'dexie'
import { create } from 'zustand'
import { asApiError, type ApiError } from './api'
import { local, type LocalJar } from './local'
import { useSession } from './session'
import { flush, follow, pullJar } from './sync'

/** What an entry says, before it has an id and a time. */
export type Line =
  | { readonly did: Did }
  | { readonly saw: ObservationInput }
  | { readonly note: string; readonly about?: string; readonly picture?: string }
  | { readonly concluded: Concluded }
  | { readonly amended: { readonly entry: string; readonly with: Record<string, string | boolean> } }

interface NotebookState {
  readonly id: string | null
  readonly jar: LocalJar | null
  readonly entries: readonly Entry[]
  /** Whether it is known to hold no line, here or on the server. */
  readonly bare: boolean
  /** Who wrote which entry. */
  readonly authors: ReadonlyMap<string, string | null>
  readonly unsaved: ReadonlySet<string>
  /** Why it could not be opened, or that a line was not kept. */
  readonly problem: Pick<ApiError, 'message' | 'todo'> | null
  /** Opens a jar and follows it: what is written here, in another tab, or by a partner. */
  open: (id: string) => Promise<void>
  close: () => void
  /** Writes lines on this device, then sends them; resolves once they are kept here. Returns the entries, none where the device did not keep them. */
  write: (lines: readonly Line[]) => Promise<readonly Entry[]>
}

const CLOSED = { id: null, jar: null, entries: [], bare: false, authors: new Map<string, string | null>(), unsaved: new Set<string>(), problem: null }
const NOT_KEPT = {
  message: 'This device did not keep what was written last',
  todo: 'Make room on it, or reload the page, and write it once more; what stands on the page is kept.',
}
let subscription: Subscription | undefined
let unfollow: (() => void) | undefined

export const useNotebook = create<NotebookState>((set, get) => ({
  ...CLOSED,

  open: async (id) => {
    if (get().id !== id) {
      get().close()
      set({ id })
      const database = local()
      subscription = liveQuery(async () => ({ jar: await database.jars.get(id), entries: await database.entriesOf(id) })).subscribe(
        ({ jar, entries }) => {
          if (get().id !== id) return
          set({
            jar: jar ?? null,
            entries: sameEntries(
              get().entries,
              entries.map((e) => e.body),
            ),
            authors: new Map(entries.map((e) => [e.id, e.author])),
            unsaved: new Set(entries.filter((e) => e.position === null).map((e) => e.id)),
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
      await pullJar(id)
      if (get().id !== id) return
      set({ problem: null, bare: (await local().entriesOf(id)).length === 0 })
      unfollow?.()
      unfollow = follow(id)
    } catch (error) {
      const problem = asApiError(error)
      if (problem.status === 401) {
        useSession.getState().ended()
        return
      }
      // What is on the device is shown all the same.
      set({ problem: problem.offline && (await local().jars.get(id)) ? null : problem, bare: true })
    }
  },

  close: () => {
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
      set({ problem: NOT_KEPT })
      return []
    }
    if (get().problem === NOT_KEPT) set({ problem: null })
    void flush()
    return fresh
  },
}))

/** The list there was where nothing has changed, so that nothing is thought out again because an entry has reached the server. */
function sameEntries(before: readonly Entry[], now: readonly Entry[]): readonly Entry[] {
  return before.length === now.length && before.every((e, k) => e.id === now[k]?.id) ? before : now
}
