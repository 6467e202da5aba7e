import type { Shift } from '../equilibrium'
import { COMPONENT_INDEX, SOLIDS } from '../species'

/** What ethanol in the water does to the solubility of sulfates. */

const ETHANOL = COMPONENT_INDEX.get('C2H5OH') ?? -1
const SULFATE = COMPONENT_INDEX.get('SO4^2-') ?? -1
/** mL of a mole of ethanol. Source: CRC Handbook, 46.07 g/mol and 0.789 g/mL. */
const MOLE_mL = 58.4
/**
 * Decimal logarithm by which a sulfate's product falls from water to ethanol. Judged so that calcium sulfate is a hundredth as soluble in equal volumes, as it is brought down in analysis; each ion of two
 * charges feels the lower permittivity alike. Source: Vogel, calcium and strontium with sulfuric acid and ethanol.
 */
const FALLS = 8
/** Steps of the share that are told apart, so that constants are worked out once for each. */
const STEPS = 10
const SULFATES = SOLIDS.filter((s) => s.terms.some(([component, n]) => component === SULFATE && n > 0)).map((s) => `solid:${s.id}`)

const NONE: Shift = new Map()
const shifts = new WeakMap<Shift, Map<number, Shift>>()

/** The shift of constants in a liquid of these amounts: what is asked for, and what ethanol makes of the sulfates. */
export function inEthanol(totals: Float64Array, volume_mL: number, asked: Shift | undefined): Shift | undefined {
  const ethanol = totals[ETHANOL] as number
  if (!(ethanol > 0) || !((totals[SULFATE] as number) > 0)) return asked
  const step = Math.round(STEPS * Math.min(1, (ethanol * MOLE_mL) / volume_mL))
  if (step === 0) return asked
  const base = asked ?? NONE
  let known = shifts.get(base)
  if (!known) shifts.set(base, (known = new Map<number, Shift>()))
  let shift = known.get(step)
  if (!shift) known.set(step, (shift = new Map([...base, ...SULFATES.map((id) => [id, (base.get(id) ?? 0) + (FALLS * step) / STEPS] as const)])))
  return shift
}
