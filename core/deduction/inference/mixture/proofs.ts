import { everyTest, isSign, type SchemeTest } from '../../../schemes'
import type { Group } from '../../observation/tests-written'
import { PARTS } from './parts'

/** Parts that the proofs of a separation speak for, and those whose every proof was done and showed nothing. */
export interface Proven {
  readonly shown: ReadonlySet<string>
  readonly denied: ReadonlySet<string>
}

/**
 * What a chemist who works by the scheme would take to be there: a way for the search to begin, which the weighing of everything written then judges. A part with two proofs is shown by either.
 */
export function provenBy(groups: readonly Group[]): Proven {
  const shown = new Set<string>()
  const tried = new Set<string>()
  for (const { test, observations } of groups) {
    const done = test === null ? undefined : everyTest.get(test)
    const proof = done && 'separation' in done ? (done as SchemeTest).proof : undefined
    if (!proof) continue
    const seen = isSign(
      observations.map((o) => o.observation),
      proof.sign,
    )
    for (const ion of proof.ions) if (PARTS.includes(ion)) (seen ? shown : tried).add(ion)
  }
  return { shown, denied: new Set([...tried].filter((ion) => !shown.has(ion))) }
}
