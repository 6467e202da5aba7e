import { entrySchema, type Concluded, type Did, type Entry, type ObservationInput } from '@foxing/core'
import { create } from 'zustand'
import { api, ApiError, type Jar } from './api'
import { deviceId, local } from './local'

/** What an entry says, before it has an id and a time. */
export type Line =
  | { readonly did: Did }
  | { readonly saw: ObservationInput }
  | { readonly note: string; readonly about?: string }
  | { readonly concluded: Concluded }
  | { readonly amended: { readonly entry: string; readonly with: Record<string, string | boolean> } }

export type Saving = 'saved' | 'saving' | 'kept here'

interface NotebookState {
  readonly jar: Jar | null
  readonly entries: readonly Entry[]
  readonly unsaved: ReadonlySet<string>
  readonly saving: Saving
  readonly problem: ApiError | null
  open: (id: string) => Promise<void>
  /** Writes lines on this device, then sends them; resolves once they are kept here. Returns the entries. */
  write: (lines: readonly Line[]) => Promise<readonly Entry[]>
  /** Sends what has not been acknowledged; resolves when there is nothing left or the server is away. */
  flush: () => Promise<void>
}

const RETRY_MS = 4000
let retry: ReturnType<typeof setTimeout> | undefined
let flushing: Promise<void> | null = null

export const useNotebook = create<NotebookState>((set, get) => ({
  jar: null,
  entries: [],
  unsaved: new Set(),
  saving: 'saved',
  problem: null,

  open: async (id) => {
    if (get().jar?.id !== id) set({ jar: null, entries: [], unsaved: new Set(), problem: null })
    const kept = await local.entries.where('jar').equals(id).sortBy('order')
    const cached = await local.jars.get(id)
    if (cached) set({ jar: cached, entries: kept.map((k) => k.body), unsaved: new Set(kept.filter((k) => k.saved === 0).map((k) => k.id)) })
    try {
      const { jar, entries } = await api.jar(id)
      await local.jars.put(jar)
      await local.entries.bulkPut(entries.map((body, order) => ({ id: body.id, jar: id, order, body, saved: 1 as const })))
      const known = new Set(entries.map((e) => e.id))
      const waiting = (await local.entries.where('jar').equals(id).sortBy('order')).filter((k) => !known.has(k.id))
      set({ jar, entries: [...entries, ...waiting.map((k) => k.body)], unsaved: new Set(waiting.map((k) => k.id)), problem: null })
      await get().flush()
    } catch (error) {
      const problem = asApiError(error)
      set({ problem: cached && problem.offline ? null : problem, saving: get().unsaved.size > 0 || problem.offline ? 'kept here' : 'saved' })
    }
  },

  write: async (lines) => {
    const { jar, entries } = get()
    if (!jar || lines.length === 0) return []
    const at = new Date().toISOString()
    const fresh = lines.map((line) => entrySchema.parse({ id: crypto.randomUUID(), at, ...line }))
    await local.entries.bulkPut(fresh.map((body, k) => ({ id: body.id, jar: jar.id, order: entries.length + k, body, saved: 0 as const })))
    set((s) => ({ entries: [...s.entries, ...fresh], unsaved: new Set([...s.unsaved, ...fresh.map((e) => e.id)]) }))
    void get().flush()
    return fresh
  },

  flush: () => {
    flushing ??= send(set, get).finally(() => {
      flushing = null
    })
    return flushing
  },
}))

type Set_ = (partial: Partial<NotebookState> | ((s: NotebookState) => Partial<NotebookState>)) => void

async function send(set: Set_, get: () => NotebookState): Promise<void> {
  clearTimeout(retry)
  for (;;) {
    const { jar } = get()
    if (!jar) return
    const waiting = await local.entries.where({ jar: jar.id, saved: 0 }).sortBy('order')
    if (waiting.length === 0) {
      set({ saving: 'saved' })
      return
    }
    set({ saving: 'saving' })
    try {
      const batch = waiting.slice(0, 100)
      const acknowledged = new Set(
        await api.addEntries(
          jar.id,
          deviceId(),
          batch.map((w) => w.body),
        ),
      )
      await local.entries.bulkPut(batch.filter((w) => acknowledged.has(w.id)).map((w) => ({ ...w, saved: 1 as const })))
      set((s) => ({ unsaved: new Set([...s.unsaved].filter((id) => !acknowledged.has(id))) }))
    } catch (error) {
      set({ saving: 'kept here', problem: asApiError(error).offline || asApiError(error).status === 503 ? null : asApiError(error) })
      retry = setTimeout(() => void get().flush(), RETRY_MS)
      return
    }
  }
}

const asApiError = (error: unknown): ApiError =>
  error instanceof ApiError
    ? error
    : new ApiError(
        error instanceof Error ? error.message : 'something went wrong',
        'Reload the page; what was written is kept on this device.',
        false,
        0,
      )

window.addEventListener('online', () => void useNotebook.getState().flush())
