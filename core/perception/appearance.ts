import { saltById } from '../species'
import type { Contents, Vessel } from '../tube'
import type { Amount, Clarity, Form, HabitWord, Rests } from '../vocabulary'
import { colourDifference, labOfHex, nameColour, type Colour, type Lab } from './colour'
import { absorptivity, colourThrough, WAVELENGTHS } from './spectrum'

/** Inner width of a test tube, cm: the path of light across it. */
const PATH_cm = 1.2
/** A liquid that differs by less from water in the same tube is called colourless (CIEDE2000). */
const COLOURLESS_WITHIN = 3

const WATER: Lab = { mode: 'lab65', l: 100, a: 0, b: 0 }
const colourless: Colour = { name: 'colourless', family: 'colourless', hex: '#ffffff' }

const spectra = new Map<string, Float64Array>()

/** Colour of the clear liquid, looked at across the tube by daylight. */
export function solutionColour(contents: Contents): Colour {
  const lab = solutionLab(contents)
  return lab === null || colourDifference(lab, WATER) < COLOURLESS_WITHIN ? colourless : nameColour(lab, true)
}

/** The same as a point in colour space; null where nothing in the liquid absorbs. */
export function solutionLab(contents: Contents): Lab | null {
  const absorbance = new Float64Array(WAVELENGTHS.length)
  let coloured = 0
  contents.chemistry.aqueous.forEach((species, i) => {
    const { spectrum } = species.data
    const c = contents.state.amounts[i] as number
    if (!spectrum || c < 1e-7) return
    coloured++
    let bands = spectra.get(species.id)
    if (!bands) spectra.set(species.id, (bands = absorptivity(spectrum.bands)))
    for (let k = 0; k < absorbance.length; k++) absorbance[k] = (absorbance[k] as number) + c * PATH_cm * (bands[k] as number)
  })
  return coloured > 0 ? colourThrough(absorbance) : null
}

/** What is the least the eye finds, mg of solid in 1 mL: a milky powder at once, a clear jelly only when there is more of it. */
const LEAST_SEEN: Readonly<Record<HabitWord, number>> = {
  curdy: 0.008,
  turbid: 0.008,
  powdery: 0.01,
  flocculent: 0.02,
  granular: 0.02,
  silky: 0.02,
  crystalline: 0.05,
  gelatinous: 0.04,
  oily: 0.05,
  mirror: 0.01,
}
const STEPS: readonly (readonly [atLeast: number, amount: Amount])[] = [
  [3, 'heavy'],
  [0.6, 'moderate'],
  [0.08, 'slight'],
  [0, 'trace'],
]

export interface SolidSeen {
  readonly species: string
  readonly colour: Colour
  readonly habit: HabitWord
  readonly amount: Amount
  readonly rests: Rests
  readonly mgPerMl: number
}

/** What a vessel's settling makes of a habit: curds and grains go down at once, jelly and fine powder hang until left to stand. */
const rest = (habit: HabitWord, settled: boolean): Rests =>
  settled || habit === 'curdy' || habit === 'granular' || habit === 'crystalline' ? 'settled' : 'suspended'

const issuedHabit: Readonly<Record<Form, HabitWord>> = { powder: 'powdery', crystals: 'crystalline', granules: 'granular', lumps: 'granular' }

/** The solids an eye can find, most first. */
export function solidsSeen(vessel: Vessel): SolidSeen[] {
  if (!vessel.contents) return []
  return vessel.contents.solids
    .map(({ solid, mg }) => {
      const form = vessel.asIssued.has(solid.id) ? saltById.get(solid.id)?.data.form : undefined
      const habit = form ? issuedHabit[form] : solid.data.habit
      const mgPerMl = mg / vessel.volume_mL
      return {
        species: solid.id,
        colour: nameColour(labOfHex(solid.data.colour.hex)),
        habit,
        amount: STEPS.find(([atLeast]) => mgPerMl >= atLeast)?.[1] ?? 'trace',
        rests: rest(habit, vessel.settled),
        mgPerMl,
      }
    })
    .filter((s) => s.mgPerMl >= LEAST_SEEN[s.habit])
    .sort((a, b) => b.mgPerMl - a.mgPerMl)
}

/** Several solids as one: their colours mixed by Kubelka and Munk's law channel by channel, the habit of the greatest. */
export function deposit(seen: readonly SolidSeen[]): Omit<SolidSeen, 'species'> | null {
  const [first, ...others] = seen
  if (!first) return null
  const total = seen.reduce((sum, s) => sum + s.mgPerMl, 0)
  const amount = STEPS.find(([atLeast]) => total >= atLeast)?.[1] ?? 'trace'
  if (others.length === 0) return { ...first, amount, mgPerMl: total }
  const channels = seen.map((s) => ({ share: s.mgPerMl / total, rgb: linear(s.colour.hex) }))
  const mixed = [0, 1, 2].map((k) => {
    const ratio = channels.reduce((sum, { share, rgb }) => sum + share * kubelkaMunk(rgb[k] ?? 1), 0)
    return 1 + ratio - Math.sqrt(ratio * ratio + 2 * ratio)
  })
  return { ...first, amount, mgPerMl: total, colour: nameColour(labOfHex(encode(mixed))) }
}

/** K/S from reflectance. Source: P. Kubelka, F. Munk, Z. techn. Phys. 12 (1931) 593. */
const kubelkaMunk = (reflectance: number): number => {
  const r = Math.min(0.995, Math.max(0.005, reflectance))
  return ((1 - r) * (1 - r)) / (2 * r)
}
const linear = (hex: string): number[] =>
  [1, 3, 5].map((at) => {
    const v = parseInt(hex.slice(at, at + 2), 16) / 255
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
  })
const encode = (rgb: readonly number[]): string =>
  `#${rgb
    .map((v) => Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)))
    .map((v) => Math.min(255, Math.max(0, v)).toString(16).padStart(2, '0'))
    .join('')}`

export function clarity(seen: readonly SolidSeen[]): Clarity {
  const hanging = seen.filter((s) => s.rests === 'suspended').reduce((sum, s) => sum + s.mgPerMl, 0)
  if (hanging >= 1) return 'opaque'
  return hanging > 0 ? 'cloudy' : 'clear'
}

/** The dry sample in a vessel: the colour of its salts together, the form of the most. */
export function dryAppearance(vessel: Vessel): { colour: Colour; form: Form } | null {
  const parts = [...vessel.dry].map(([id, mol]) => ({ salt: saltById.get(id), mol })).sort((a, b) => b.mol - a.mol)
  const main = parts[0]?.salt
  if (!main) return null
  const seen = parts.flatMap(({ salt, mol }) =>
    salt
      ? [
          {
            species: salt.id,
            colour: nameColour(labOfHex(salt.data.colour.hex)),
            habit: 'powdery' as const,
            amount: 'heavy' as const,
            rests: 'settled' as const,
            mgPerMl: mol,
          },
        ]
      : [],
  )
  const colour = deposit(seen)?.colour
  if (!colour) return null
  // Colourless crystals are called colourless, the powder of the same salt white.
  const named = main.data.colour.words === 'colourless' ? { ...colour, name: 'colourless', family: 'colourless' as const } : colour
  return { colour: named, form: main.data.form }
}
