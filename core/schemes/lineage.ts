import { THIS } from '../catalogue'
import { schemeById } from './every'
import type { SchemeTest } from './tests'
import type { Separation } from './types'

/** The vessel that a separation or a proof draws on: its own, or the one its portion is taken from. */
export function sourceOf({ separation, proof }: Pick<SchemeTest, 'separation' | 'proof'>): string {
  if (proof) return proof.from
  const taken = separation.steps.find((step) => step.do === 'take' && step.into === THIS)
  return taken && 'from' in taken ? (taken.from ?? 'sample') : separation.on
}

/** Whether what stands in a vessel before one of the separations came down in an earlier one, whichever of those that are only done at times were done. */
function cameDown(separations: readonly Separation[], vessel: string, before: number): boolean {
  let some = false
  for (let k = before - 1; k >= 0; k--) {
    const separation = separations[k] as Separation
    const { on, liquid, when, unless } = separation
    if (liquid === undefined || (liquid !== vessel && on !== vessel)) continue
    if (liquid === vessel && !cameDown(separations, sourceOf({ separation }), k)) return false
    some = true
    if (when === undefined && unless === undefined) break
  }
  return some
}

/** Whether a test of a scheme is done on what came down before and was parted from its liquid: nothing of the sample that stays dissolved is in it. */
export function isOfWhatCameDown({ scheme, separation, proof }: SchemeTest): boolean {
  const separations = schemeById.get(scheme)?.separations ?? []
  const at = separations.indexOf(separation)
  // A proof comes after its separation.
  return cameDown(separations, sourceOf({ separation, ...(proof ? { proof } : {}) }), proof ? at + 1 : at)
}
