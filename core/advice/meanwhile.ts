import { isTest, type Entry } from '../notebook'
import type { Advice } from './next'

/** Advice that was given before some of these entries, until there is newer: what was done since is not proposed again. */
export function meanwhile(advice: Advice, entries: readonly Entry[]): Advice {
  const done = new Set(entries.flatMap((entry) => ('did' in entry && isTest(entry.did) ? [entry.did.test] : [])))
  return { ...advice, next: advice.next.filter(({ test }) => !done.has(test)) }
}
