import type { AqueousData, Band, Constant, Habit, KineticGate, SolidData, Spectrum, Stoichiometry } from './types'
import type { SourceId } from './sources'

interface Conditions {
  readonly dH?: number
  readonly I?: number
  readonly T?: number
  readonly note?: string
}

function constant(unit: string, value: number, source: SourceId, at: Conditions): Constant {
  return {
    value,
    unit,
    temperature_C: at.T ?? 25,
    ionicStrength: at.I ?? 0,
    enthalpy_kJ: at.dH,
    source,
    note: at.note,
  }
}

/** A decimal logarithm of an equilibrium constant on the molar scale, 25 °C and infinite dilution unless said; `dH` in kJ/mol. */
export const logK = (value: number, source: SourceId, at: Conditions = {}): Constant => constant('log10, molar scale', value, source, at)

/** Dissolved → gas, log10 of atm L/mol. */
export const logHenry = (value: number, source: SourceId, at: Conditions = {}): Constant => constant('log10, atm L/mol', value, source, at)

/** Absorption bands in short: peak nm, absorptivity L/(mol cm), full width at half height cm⁻¹. */
export const bands = (source: SourceId, ...of: readonly (readonly [peak: number, absorptivity: number, width: number])[]): Spectrum => ({
  bands: of.map(([peak_nm, absorptivity, width_cm]): Band => ({ peak_nm, absorptivity, width_cm })),
  source,
})

interface More extends Conditions {
  readonly name?: string
  readonly spectrum?: Spectrum
  readonly inert?: number
}
type Beta = number | readonly [beta: number, more: More] | null

const chargeOf = (ion: string): number => {
  const match = /\^(\d*)([+-])$/.exec(ion)
  return match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0
}
const bodyOf = (ion: string): string => ion.replace(/\^.*$/, '')
const written = (body: string, charge: number): string =>
  charge === 0 ? body : `${body}^${Math.abs(charge) === 1 ? '' : Math.abs(charge)}${charge > 0 ? '+' : '-'}`

/**
 * The complexes ML, ML₂ … of a metal and a ligand from their overall constants, in order; `null` leaves a step out. With `OH^-` the constants are those of
 * hydrolysis, M + n H₂O = M(OH)ₙ + n H⁺.
 */
export function complexes(metal: string, ligand: string, betas: readonly Beta[], source: SourceId, common: More = {}): AqueousData[] {
  const inner = bodyOf(ligand)
  const single = /^[A-Z][a-z]?$/.test(inner)
  return betas.flatMap((beta, k) => {
    if (beta === null) return []
    const n = k + 1
    const [value, own] = typeof beta === 'number' ? [beta, {}] : beta
    const { name, spectrum, inert, ...at }: More = { ...common, ...own }
    const group = n === 1 ? inner : single ? `${inner}${n}` : `(${inner})${n}`
    const from: Stoichiometry = ligand === 'OH^-' ? { [metal]: 1, 'H^+': -n } : { [metal]: 1, [ligand]: n }
    return [
      {
        formula: written(`${bodyOf(metal)}${group}`, chargeOf(metal) + n * chargeOf(ligand)),
        from,
        logK: logK(value, source, at),
        ...(name ? { name } : {}),
        ...(spectrum ? { spectrum } : {}),
        ...(inert === undefined ? {} : { inert }),
      },
    ]
  })
}

interface SolidMore extends Conditions {
  readonly gate?: KineticGate
  /** Tells two solids of one formula apart. */
  readonly form?: string
  readonly colourSource?: SourceId
}

/** A solid in short: its dissolution constant, habit, and colour as hex with the reference's words. */
export function solid(
  formula: string,
  name: string,
  to: Stoichiometry,
  value: number,
  source: SourceId,
  habit: Habit,
  hex: string,
  words: string,
  more: SolidMore = {},
): SolidData {
  const { gate, form, colourSource, ...at } = more
  return {
    formula,
    name,
    to,
    logK: logK(value, source, at),
    habit,
    colour: { hex, words, source: colourSource ?? 'vogel7' },
    ...(gate ? { gate } : {}),
    ...(form ? { form } : {}),
  }
}
