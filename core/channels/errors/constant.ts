import type { Share } from './words'

/** How far a melting and a boiling point are read from the true one, °C: the first for impurity and haste, the second for pressure and the thermometer's stem. */
export const MELTING_SPREAD_C = 2
export const BOILING_SPREAD_C = 3
/** A constant that is plainly off: a sample not dry, a bath heated too fast. */
const CONSTANT_OFF = 0.08
/** °C over which constants of all compounds spread, and those of compounds with the same groups. */
export const CONSTANT_RANGE_C = 300
const ALIKE_RANGE_C = 150

/** How likely a constant is to be read, for each degree. Undefined: the step was not such a reading. */
export function ofConstant(constant: number | null | undefined, spread: number): Share | null {
  if (constant === undefined) return null
  return (value) => {
    const read = Number(value)
    if (value === 'none' || !Number.isFinite(read)) return constant === null ? 0.95 : 0.03
    if (constant === null) return 0.05 / CONSTANT_RANGE_C
    const off = (read - constant) / spread
    return (1 - CONSTANT_OFF) * (Math.exp(-(off * off) / 2) / (spread * Math.sqrt(2 * Math.PI))) + CONSTANT_OFF / CONSTANT_RANGE_C
  }
}
/** The same of a compound in no library, of which it is known only whether it is a solid. */
export const constantUnlisted = (value: string, hasOne: boolean): number =>
  value === 'none' ? (hasOne ? 0.03 : 0.95) : (hasOne ? 0.95 : 0.05) / ALIKE_RANGE_C
