import type { Entry, WorksheetPart } from '@foxing/core'
import { useEffect, useRef } from 'react'
import { nextLook, pageOf, type Look, type PageRow } from '../../state/page'

/** A row that is being opened, as its own entries make it, and the look that a line is about; none where it asks for no look. */
export interface Opening {
  readonly row: PageRow
  readonly look: Look | undefined
}

/**
 * The row of a test that was begun and is not on the page yet: whoever types at once means it.
 * @param open the row that is open on the page, by its id
 */
export function useOpening(
  open: string | null,
  parts: readonly WorksheetPart[],
): {
  /** Told what writes the row's entries. */
  readonly begun: (written: Promise<readonly Entry[]>) => void
  /** The row, as soon as it is written, and the look after those that lines were typed for already; null where none is being opened. */
  readonly opening: () => Promise<Opening | null> | null
} {
  const pending = useRef<{ readonly since: string | null; readonly written: Promise<readonly Entry[]>; typed: number } | null>(null)
  useEffect(() => {
    // That another row was shut for it does not mean that it is there.
    if (open !== null && open !== pending.current?.since) pending.current = null
  }, [open])
  return {
    begun: (written) => {
      pending.current = { since: open, written, typed: 0 }
    },
    opening: () => {
      const now = pending.current
      if (!now) return null
      const before = now.typed++
      return now.written.then((entries) => {
        const row = pageOf(entries, parts).at(-1)
        const first = row ? nextLook(row) : -1
        return row ? { row, look: first < 0 ? undefined : row.looks[first + before] } : null
      })
    },
  }
}
