import { parseFormula } from './formula'
import type { AqueousData, Band, Constant, GasData, Habit, KineticGate, ReagentData, SaltData, SolidData, Spectrum, Stoichiometry } from './types'
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

/** Colours of the usual goods. Source: The Merck Index. */
export const goods = (hex: string, words: string): SaltData['colour'] => ({ hex, words, source: 'merck' })
export const WHITE = goods('#f4f4f1', 'white')
export const COLOURLESS = goods('#eef1f1', 'colourless')

/** A bench salt in short: formula with its water, name, ions per formula unit, colour and form of the usual goods. */
export type SaltRow = [formula: string, name: string, ions: Stoichiometry, colour: SaltData['colour'], form: SaltData['form']]
export const salt = (...[formula, name, ions, colour, form]: SaltRow): SaltData => ({
  formula,
  name,
  ions,
  colour,
  form,
  water: waterIn(formula, ions),
})

/** Water in a formula unit beyond what its ions hold, mol; below none where the ions are written with more (an oxide as its hydroxide). */
function waterIn(formula: string, ions: Stoichiometry): number {
  let oxygen = parseFormula(formula).atoms['O'] ?? 0
  for (const [ion, n] of Object.entries(ions)) oxygen -= n * (parseFormula(ion).atoms['O'] ?? 0)
  return oxygen
}

/** A bottle in short: moles of species per mole, strengths (mol/L) by label, the usual one first. */
export function bottle(
  id: string,
  formula: string,
  aliases: readonly string[],
  supplies: Stoichiometry,
  strengths: Readonly<Record<string, number>>,
  caution = '',
): ReagentData {
  const labels = Object.entries(strengths)
  return {
    id,
    name: aliases[0] ?? id.replace(/-/g, ' '),
    formula,
    aliases,
    supplies,
    strengths: labels.map(([label, molarity]) => ({ label, molarity })),
    usual: labels[0]?.[0] ?? '',
    caution,
  }
}

/** A gas in short: log10 of its Henry constant (atm L/mol), enthalpy (kJ/mol), and what it is to the nose and the eye. */
export const gas = (
  formula: string,
  name: string,
  dissolvesAs: GasData['dissolvesAs'],
  henry: number,
  dH: number,
  smell: GasData['smell'],
  caution: string,
  more: Partial<GasData> = {},
): GasData => ({
  formula,
  name,
  dissolvesAs,
  logK: logHenry(henry, 'sander', { dH }),
  smell,
  colour: 'colourless',
  caution,
  source: 'niosh',
  ...more,
})
