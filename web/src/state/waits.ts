import { create } from 'zustand'
import { z } from 'zod'

/** A tube that boils or stands: seen from every view, kept over a reload and through sleep, since it is its end that is kept. */
const waitSchema = z.object({
  id: z.string(),
  jar: z.string(),
  code: z.string(),
  tube: z.string(),
  doing: z.string(),
  lookFor: z.string(),
  /** The row of the page, and the step of its test. */
  row: z.string(),
  step: z.number(),
  /** When it was begun and when it is over, ms since 1970. */
  from: z.number(),
  until: z.number(),
})
export type Waiting = z.infer<typeof waitSchema>

const KEY = 'foxing-waits'
const DAY = 24 * 3600 * 1000

function kept(): readonly Waiting[] {
  try {
    const found = z.array(waitSchema).safeParse(JSON.parse(localStorage.getItem(KEY) ?? '[]'))
    // What ended a day ago is nobody's any more.
    return found.success ? found.data.filter((w) => w.until > Date.now() - DAY) : []
  } catch {
    return []
  }
}

interface Waits {
  readonly list: readonly Waiting[]
  begin: (wait: Omit<Waiting, 'id' | 'from' | 'until'>, minutes: number) => void
  /** A minute more, from now where it is over. */
  more: (id: string) => void
  end: (id: string) => void
}

export const useWaits = create<Waits>((set, get) => {
  const keep = (list: readonly Waiting[]): void => {
    localStorage.setItem(KEY, JSON.stringify(list))
    set({ list })
  }
  // Another tab's waits are this one's too.
  window.addEventListener('storage', (event) => {
    if (event.key === KEY) set({ list: kept() })
  })
  return {
    list: kept(),
    begin: (wait, minutes) => {
      const now = Date.now()
      const others = get().list.filter((w) => w.row !== wait.row || w.step !== wait.step)
      keep([...others, { ...wait, id: crypto.randomUUID(), from: now, until: now + minutes * 60_000 }].sort((a, b) => a.until - b.until))
    },
    more: (id) => keep(get().list.map((w) => (w.id === id ? { ...w, until: Math.max(w.until, Date.now()) + 60_000 } : w))),
    end: (id) => keep(get().list.filter((w) => w.id !== id)),
  }
})

/** m:ss that are left, or that it is over by. */
export function clock(ms: number): string {
  const seconds = Math.ceil(Math.abs(ms) / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
