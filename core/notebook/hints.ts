import { message, type Message } from '../messages'
import type { Case, Entry } from './schema'

/** How a hint was kept before it had a kind of its own: as a note that nobody but Foxing wrote. Notebooks of that time are read as they were. */
const KEPT_AS_NOTE = /^hint asked for, no\. (\d+)$/

/** Which hint of its notebook an entry is, counted from 1; null for any other entry. */
export function hintOf(entry: Entry): number | null {
  if ('hint' in entry) return entry.hint.number
  const kept = 'note' in entry ? KEPT_AS_NOTE.exec(entry.note) : null
  return kept ? Number(kept[1]) : null
}

/** A hint as a line of the notebook says it. */
export const hintMessage = (number: number): Message => message('hint.taken', { number })

/** Whether hints are to be seen. Each one asked for is a line of the notebook, so that it is counted wherever the notebook goes; it holds until the next line of work. */
export function hintsOf(hints: Case['hints'] | undefined, entries: readonly Entry[]): { hinted: boolean; asked: number } {
  const asked = entries.filter((entry) => hintOf(entry) !== null).length
  const last = entries.findLast((entry) => 'did' in entry || hintOf(entry) !== null)
  return { hinted: hints === 'open' || (hints === 'on request' && last !== undefined && !('did' in last)), asked }
}
