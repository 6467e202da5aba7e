import type { Case, Entry } from '@foxing/core'

/** How a line begins that says a hint was asked for. */
const HINT = 'hint asked for, no.'

export const isHint = (note: string): boolean => note.startsWith(HINT)
const asksHint = (entry: Entry): boolean => 'note' in entry && isHint(entry.note)

/** Whether hints are to be seen. Each one asked for is a line of the notebook, so that it is counted wherever the notebook goes; it holds until the next line of work. */
export function hintsOf(hints: Case['hints'] | undefined, entries: readonly Entry[]): { hinted: boolean; asked: number; nextHint: string } {
  const asked = entries.filter(asksHint).length
  const last = entries.findLast((e) => 'did' in e || asksHint(e))
  const hinted = hints === 'open' || (hints === 'on request' && last !== undefined && 'note' in last)
  return { hinted, asked, nextHint: `${HINT} ${asked + 1}` }
}
