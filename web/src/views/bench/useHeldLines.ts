import { useEffect, useState } from 'react'

/** How long a test that was begun may take to open, ms; what was typed meanwhile is then a note like any other. */
const OPENS_WITHIN = 2000

/**
 * Lines written between beginning a test and its row's being there: whoever types at once means the test that was begun. They are held, and written when it has opened.
 * @param open the row that is open, by its id
 * @param writeAt writes a line at the open row's look
 * @param writeLoose writes it as a note of no row
 */
export function useHeldLines(
  open: string | null,
  writeAt: (line: string) => void,
  writeLoose: (line: string) => void,
): { begun: () => void; hold: (line: string) => boolean } {
  /** The row that was open when another test was begun, and what was typed since. */
  const [opening, setOpening] = useState<{ readonly since: string | null; readonly lines: readonly string[] } | null>(null)
  useEffect(() => {
    if (!opening) return
    const there = open !== null && open !== opening.since
    const settle = (): void => {
      setOpening(null)
      opening.lines.forEach(there ? writeAt : writeLoose)
    }
    if (there) {
      settle()
      return
    }
    const timer = setTimeout(settle, OPENS_WITHIN)
    return () => clearTimeout(timer)
    // What writes is made anew at every rendering.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [open, opening])
  return {
    begun: () => setOpening({ since: open, lines: [] }),
    hold: (line) => {
      if (opening) setOpening({ ...opening, lines: [...opening.lines, line] })
      return opening !== null
    },
  }
}
