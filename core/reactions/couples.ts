import type { SourceId, Stoichiometry } from '../species'

/** When a couple takes part, and the rule that says why. */
export interface RedoxGate {
  readonly rule: string
  /** Strong acid from which on it takes part, mol/L. */
  readonly from?: number
  /** Strong acid up to which it does. */
  readonly upTo?: number
  /** At a solid's surface it is too slow at the temperatures of a test tube. */
  readonly notOnSolids?: boolean
}

/**
 * A half-reaction, written as a reduction in components (water is left to the balance): ox + n e⁻ + protons → red. `inert` solids stand beside the solution at unit
 * activity, on the reduced side.
 */
export interface Couple {
  readonly id: string
  readonly electrons: number
  readonly oxidised: Stoichiometry
  readonly reduced: Stoichiometry
  readonly inert?: Stoichiometry
  /** Standard potential of the half-reaction as written, V against hydrogen, 25 °C, activities on the molar scale. */
  readonly potential_V: number
  readonly gate?: RedoxGate
  readonly source: SourceId
}

/** Couples met so far. Any two may be paired; none is written for another. */
export const COUPLES: readonly Couple[] = [
  { id: 'I2/I-', electrons: 2, oxidised: { I2: 1 }, reduced: { 'I^-': 2 }, potential_V: 0.621, source: 'crc' },
  { id: 'Fe3+/Fe2+', electrons: 1, oxidised: { 'Fe^3+': 1 }, reduced: { 'Fe^2+': 1 }, potential_V: 0.771, source: 'crc' },
  { id: 'Cu2+/Cu+', electrons: 1, oxidised: { 'Cu^2+': 1 }, reduced: { 'Cu^+': 1 }, potential_V: 0.159, source: 'crc' },
  { id: 'Cu2+/Cu', electrons: 2, oxidised: { 'Cu^2+': 1 }, reduced: {}, inert: { Cu: 1 }, potential_V: 0.34, source: 'crc' },
  {
    id: 'NO3-/NO2',
    electrons: 1,
    oxidised: { 'NO3^-': 1, 'H^+': 2 },
    reduced: { NO2: 1 },
    // 0.775 V to the gas; the dissolved molecule lies higher by its Henry constant.
    potential_V: 0.663,
    gate: { rule: 'nitrate-slow-in-dilute-acid', from: 6 },
    source: 'crc',
  },
  {
    id: 'NO2/NO2-',
    electrons: 1,
    oxidised: { NO2: 1 },
    reduced: { 'NO2^-': 1 },
    potential_V: 1.007,
    gate: { rule: 'nitrite-made-only-in-weak-acid', upTo: 1 },
    source: 'crc',
  },
  {
    id: 'SO4 2-/SO3 2-',
    electrons: 2,
    oxidised: { 'SO4^2-': 1, 'H^+': 2 },
    reduced: { 'SO3^2-': 1 },
    // 0.158 V to sulfurous acid, less what its two protons give.
    potential_V: -0.109,
    gate: { rule: 'sulfate-oxidises-only-concentrated', from: 16, notOnSolids: true },
    source: 'crc',
  },
]
