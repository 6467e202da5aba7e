import type { When } from '../reactions'
import type { Celsius } from '../units'

/** What a gate looks at: acid, mol/L, and temperature. */
interface Surroundings {
  readonly strongAcid: number
  readonly temperature: Celsius
}

/** Whether all that a gate's condition asks holds here. */
export const holdsTrue = (when: When, mix: Surroundings, pH: number): boolean =>
  mix.strongAcid >= (when.from ?? -Infinity) &&
  mix.strongAcid <= (when.upTo ?? Infinity) &&
  pH >= (when.pHFrom ?? -Infinity) &&
  pH <= (when.pHUpTo ?? Infinity) &&
  mix.temperature >= (when.above_C ?? -Infinity)
