import { z } from 'zod'
import { asSeenBy, colourDifference, COLOUR_NAMES, labOfHex } from '../perception'
import { balance } from '../reactions'
import { parseFormula } from '../species'
import { HPA_IN_mmHg, NEAR_NORMAL_hPa, NORMAL_hPa, pressureCorrection, STEM, stemCorrection, YOUNG } from '../units'
import { EYES } from '../vocabulary'
import { defineSum, digits, positive, SumError } from './types'

/** Relative centrifugal force, in g, per centimetre and (turns in a minute) squared: 4π²/(60² × 980.665). */
const RCF = (4 * Math.PI ** 2) / (3600 * 980.665)

export const centrifuge = defineSum(
  'centrifuge',
  'Centrifuge',
  z.looseObject({ speed_rpm: positive.max(20_000), radius_mm: positive, tube_mL: positive.optional() }),
  { force_g: z.number(), balance: z.string() },
  ({ speed_rpm, radius_mm, tube_mL }) => {
    const force = RCF * (radius_mm / 10) * speed_rpm ** 2
    return {
      force_g: digits(force),
      balance: `Opposite it a like tube${tube_mL === undefined ? '' : ` with ${digits(tube_mL)} mL of water`}, weighed to within 0.1 g.`,
      working: [`RCF = 1.118 × 10⁻⁵ × ${radius_mm / 10} cm × (${speed_rpm} min⁻¹)² = ${digits(force)} g`],
    }
  },
)

export const meltingPoint = defineSum(
  'melting-point',
  'Melting point, corrected for the stem',
  z.looseObject({
    observed_C: z.number(),
    exposed_C: z.number().nonnegative().default(0),
    stem_C: z.number().default(25),
    candidates: z.array(z.looseObject({ name: z.string(), point_C: z.number() })).optional(),
  }),
  { corrected_C: z.number(), distances: z.array(z.looseObject({ name: z.string(), away_C: z.number() })) },
  ({ observed_C, exposed_C, stem_C, candidates = [] }) => {
    const correction = stemCorrection(observed_C, exposed_C, stem_C)
    const corrected = observed_C + correction
    return {
      corrected_C: digits(corrected, 4),
      distances: candidates
        .map(({ name, point_C }) => ({ name, away_C: digits(corrected - point_C) }))
        .sort((a, b) => Math.abs(a.away_C) - Math.abs(b.away_C)),
      working: [
        `correction = ${STEM} × ${exposed_C} (degrees of thread in the air) × (${observed_C} − ${stem_C}) = ${digits(correction, 2)} °C`,
        `${observed_C} + ${digits(correction, 2)} = ${digits(corrected, 4)} °C`,
      ],
    }
  },
)

export const boilingPoint = defineSum(
  'boiling-point',
  'Boiling point at the usual pressure',
  z.looseObject({
    observed_C: z.number(),
    pressure_hPa: positive.min(NEAR_NORMAL_hPa[0]).max(NEAR_NORMAL_hPa[1]),
    associated: z.boolean().default(false),
  }),
  { normal_C: z.number() },
  ({ observed_C, pressure_hPa, associated }) => {
    const lack = (NORMAL_hPa - pressure_hPa) * HPA_IN_mmHg
    const constant = associated ? YOUNG.associated : YOUNG.other
    const change = pressureCorrection(observed_C, pressure_hPa, associated)
    return {
      normal_C: digits(observed_C + change, 4),
      working: [
        `760 mmHg − ${digits(pressure_hPa * HPA_IN_mmHg)} mmHg = ${digits(lack)} mmHg`,
        `ΔT = ${constant} × ${digits(lack)} × (${observed_C} + 273) = ${digits(change, 2)} °C`,
      ],
    }
  },
)

/** From this difference on two colours side by side are told apart at a glance; under the lesser one hardly at all (CIEDE2000). */
const TOLD_APART = 6
const HARDLY = 2.5

const lab = (text: string, path: string) => {
  const hex = /^#[0-9a-f]{6}$/i.test(text) ? text : COLOUR_NAMES.find((c) => c.name === text.toLowerCase())?.hex
  if (!hex) throw new SumError(path, 'a colour as #rrggbb, or by a name of the catalogue, such as "pale blue"')
  return labOfHex(hex)
}

export const colours = defineSum(
  'colour-difference',
  'Two colours, as eyes see them',
  z.looseObject({ first: z.string(), second: z.string(), eyes: z.enum(EYES).default('usual') }),
  { difference: z.number(), toldApart: z.enum(['yes', 'side by side', 'no']) },
  ({ first, second, eyes }) => {
    const difference = colourDifference(asSeenBy(lab(first, 'first'), eyes), asSeenBy(lab(second, 'second'), eyes))
    const toldApart = difference >= TOLD_APART ? ('yes' as const) : difference >= HARDLY ? ('side by side' as const) : ('no' as const)
    return {
      difference: digits(difference),
      toldApart,
      working: [`CIEDE2000 of ${first} and ${second}${eyes === 'usual' ? '' : `, as ${eyes} eyes have them`} = ${digits(difference)}`],
    }
  },
)

/** Formulae that can be read. @throws SumError by their place */
const sideOf = (terms: readonly string[], path: string) =>
  terms.map((text, k) => {
    try {
      return parseFormula(text)
    } catch {
      throw new SumError(`${path}.${k}`, 'a formula such as SO4^2- or Ni(OH)2')
    }
  })

export const equation = defineSum(
  'equation',
  'Equation, balanced in atoms and charge',
  z.looseObject({ takes: z.array(z.string()).min(1).max(6), gives: z.array(z.string()).min(1).max(6) }),
  { equation: z.string(), takes: z.array(z.number()), gives: z.array(z.number()) },
  ({ takes, gives }) => {
    sideOf(takes, 'takes')
    sideOf(gives, 'gives')
    const numbers = balance(takes, gives)
    if (!numbers) throw new SumError('takes', 'formulae that balance in one way only: check them, or add what is missing (H2O, H^+, OH^-)')
    const write = (terms: readonly string[], from: number): string =>
      terms.map((t, k) => `${numbers[from + k] === 1 ? '' : `${numbers[from + k] ?? ''} `}${t}`).join(' + ')
    const text = `${write(takes, 0)} -> ${write(gives, takes.length)}`
    return {
      equation: text,
      takes: numbers.slice(0, takes.length),
      gives: numbers.slice(takes.length),
      working: ['each element, and the charge, counted on both sides', text],
    }
  },
)
