import Dexie from 'dexie'
import { create } from 'zustand'
import { api, asApiError, speakFor, type Me } from './api'
import { guestNotebooks, local, NOBODY, takeAlong, openLocal } from './local'

/**
 * Who is at work. `asking` until it is known; `out`: nobody, and the door is shown; `guest`: nobody, with notebooks on this device; `in`: signed in; `ended`: the session is
 * over while work goes on, which is kept here until one has signed in again.
 */
type Phase = 'asking' | 'out' | 'guest' | 'in' | 'ended'

type Known = Omit<Me, 'csrf' | 'sessions'>

interface SessionState {
  readonly phase: Phase
  readonly me: Known | null
  readonly demo: boolean
  /** Notebooks that were written on this device without an account, of which whoever has signed in is asked whether they are theirs. */
  readonly found: number
  /** How many of these came along. */
  readonly broughtAlong: number
  /** Finds out who is at work; where the server is away, whoever was last. */
  begin: () => Promise<void>
  /** Asks the server who one is, and takes up its answer. @throws ApiError */
  ask: () => Promise<void>
  enter: (way: { login: string; password: string } | { code: string; name: string; login: string; password: string }) => Promise<void>
  /** Answers whether the notebooks that were found are one's own: then they come along, else they stay where they are, under nobody's name. */
  claim: (mine: boolean) => Promise<void>
  /** Goes on without an account. */
  stayOutside: () => void
  /** @param everywhere ends every session, not this one alone */
  leave: (everywhere?: boolean) => Promise<void>
  ended: () => void
}

const GUEST_KEY = 'foxing-guest'
const ME_KEY = 'foxing-me'

const lastKnown = (): Known | null => {
  try {
    return JSON.parse(localStorage.getItem(ME_KEY) ?? 'null') as Known | null
  } catch {
    return null
  }
}

export const useSession = create<SessionState>((set, get) => ({
  phase: 'asking',
  me: null,
  demo: false,
  found: 0,
  broughtAlong: 0,

  begin: async () => {
    const guest = localStorage.getItem(GUEST_KEY) !== null
    try {
      const door = await api.door()
      set({ demo: door.demo })
      if (door.cookie) {
        await get().ask()
        return
      }
      const known = lastKnown()
      if (known && !guest) {
        // The cookie is gone, but what was not sent is still here, under the person's own name.
        openLocal(known.id)
        if ((await local().unsent()) > 0) {
          set({ phase: 'ended', me: known })
          return
        }
      }
      openLocal(NOBODY)
      set({ phase: guest ? 'guest' : 'out', me: null })
    } catch (error) {
      const known = lastKnown()
      if (asApiError(error).status === 401) {
        if (known) openLocal(known.id)
        set(known && (await local().unsent()) > 0 ? { phase: 'ended', me: known } : { phase: guest ? 'guest' : 'out', me: null })
        return
      }
      // The server is away: whoever was last at this device goes on.
      openLocal(known?.id ?? NOBODY)
      set(known ? { phase: 'in', me: known } : { phase: guest ? 'guest' : 'out', me: null })
    }
  },

  ask: async () => {
    const { csrf, id, name, role, institution, classes } = await api.me()
    const me = { id, name, role, institution, classes }
    const { me: before } = get()
    speakFor(csrf)
    localStorage.setItem(ME_KEY, JSON.stringify(me))
    // What somebody wrote here without an account is not taken for this person's: on a shared device it may be anybody's.
    const found = localStorage.getItem(GUEST_KEY) === null ? 0 : await guestNotebooks()
    if (found === 0) localStorage.removeItem(GUEST_KEY)
    set({ found })
    openLocal(me.id)
    // Somebody else has come to this device: nothing of the one before may stay on the page.
    if (before && before.id !== me.id) window.location.assign('/')
    set({ phase: 'in', me })
  },

  enter: async (way) => {
    await ('code' in way ? api.join(way) : api.signIn(way.login, way.password))
    await get().ask()
  },

  claim: async (mine) => {
    const { me } = get()
    if (mine && me) set({ broughtAlong: await takeAlong(me.id) })
    localStorage.removeItem(GUEST_KEY)
    set({ found: 0 })
  },

  stayOutside: () => {
    localStorage.setItem(GUEST_KEY, 'yes')
    openLocal(NOBODY)
    set({ phase: 'guest', me: null })
  },

  leave: async (everywhere = false) => {
    await (everywhere ? api.signOutEverywhere() : api.signOut())
    localStorage.removeItem(ME_KEY)
    const mine = local()
    const left = await mine.unsent()
    openLocal(NOBODY)
    // What has reached the server needs no copy on a device that others may use next.
    if (left === 0) await Dexie.delete(mine.name)
    set({ phase: 'out', me: null })
  },

  ended: () => {
    if (get().phase === 'in') set({ phase: 'ended' })
  },
}))
