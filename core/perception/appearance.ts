import { dryPhase, inAir, inertById, isDryIon, molarMass, parseFormula, saltById, type SaltData } from '../species'
import { structureOf } from '../structure'
import { concentration, secondLiquidHolds, type Contents, type Vessel } from '../tube'
import type { Amount, Clarity, Form, HabitWord, Rests } from '../vocabulary'
import type { Bulk } from './percept'
import { colourDifference, labOfHex, nameColour, COLOURLESS, type Colour, type Lab } from './colour'
import { organicSolids, sampleLook } from './organic'
import { absorptivity, colourThrough, WAVELENGTHS } from './spectrum'

/** Inner width of a test tube, cm: the path of light across it. */
export const PATH_cm = 1.2
/** A liquid that differs by less from water in the same tube is called colourless (CIEDE2000). */
const COLOURLESS_WITHIN = 3

const WATER: Lab = { mode: 'lab65', l: 100, a: 0, b: 0 }

const spectra = new Map<string, Float64Array>()

/**
 * Colour of the clear liquid, looked at across the tube by daylight.
 * @param besides absorbance across the tube of what the equilibrium knows nothing of
 */
export function solutionColour(contents: Contents, besides?: Float64Array | null): Colour {
  const lab = solutionLab(contents, besides)
  return lab === null || colourDifference(lab, WATER) < COLOURLESS_WITHIN ? COLOURLESS : nameColour(lab, true)
}

/** The same as a point in colour space; null where nothing in the liquid absorbs. */
export function solutionLab(contents: Contents, besides?: Float64Array | null): Lab | null {
  const absorbance = besides ? Float64Array.from(besides) : new Float64Array(WAVELENGTHS.length)
  let coloured = besides ? 1 : 0
  contents.chemistry.aqueous.forEach((species, i) => {
    const { spectrum } = species.data
    const c = contents.state.amounts[i] as number
    if (!spectrum || c < 1e-7) return
    coloured++
    let bands = spectra.get(species.id)
    if (!bands) spectra.set(species.id, (bands = absorptivity(spectrum.bands)))
    for (let k = 0; k < absorbance.length; k++) absorbance[k] = (absorbance[k] as number) + c * PATH_cm * (bands[k] as number)
  })
  return coloured > 0 ? throughTube(absorbance) : null
}

/** A liquid darker than this (CIE lightness) is not judged through the tube but where it is thinner: at the meniscus, tilted, against the wall. */
const TOO_DARK = 10
function throughTube(absorbance: Float64Array): Lab {
  const lab = colourThrough(absorbance)
  if (lab.l >= TOO_DARK) return lab
  // Just as thin as it takes, so that nothing jumps while a liquid pales.
  let thin = 0
  let thick = 1
  for (let n = 0; n < 14; n++) {
    const middle = (thin + thick) / 2
    if (colourThrough(absorbance.map((a) => a * middle)).l < TOO_DARK) thick = middle
    else thin = middle
  }
  return colourThrough(absorbance.map((a) => a * thin))
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
/** From so many mg in 1 mL on a precipitate is called by each amount. */
export const AMOUNT_STEPS: readonly (readonly [atLeast: number, amount: Amount])[] = [
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

const issuedHabit: Readonly<Record<SaltData['form'], HabitWord>> = {
  powder: 'powdery',
  crystals: 'crystalline',
  granules: 'granular',
  lumps: 'granular',
}

/** Silver as it lies on glass. */
const MIRROR = '#b9bcbf'
/** From its ammine, which gives it up slowly, silver grows on the glass; from its free ion it falls as grey flocks. Source: Vogel. */
const silvers = (vessel: Vessel): boolean => vessel.organic !== null && (vessel.contents?.pH ?? 0) > 8 && concentration(vessel, 'NH3') > AMMINE_M
const AMMINE_M = 1e-3

/** Solids of the equilibrium, and those that oxidation or reduction made; what was strewn in by hand is no precipitate. */
function solidsOf(vessel: Vessel): Omit<SolidSeen, 'amount' | 'rests'>[] {
  const settled = (vessel.contents?.solids ?? []).map(({ solid, mg }) => {
    const issued = vessel.asIssued.has(solid.id) ? saltById.get(solid.id)?.data : undefined
    return {
      species: solid.data.formula,
      colour: nameColour(labOfHex((issued ?? solid.data).colour.hex)),
      habit: issued ? issuedHabit[issued.form] : solid.data.habit,
      mgPerMl: mg / vessel.volume_mL,
    }
  })
  const formed = [...vessel.inert].flatMap(([formula, mol]) => {
    const data = inertById.get(formula)
    if (!data || vessel.strewn.has(formula)) return []
    const mg = mol * molarMass(parseFormula(formula)) * 1000
    const mirror = formula === 'Ag' && silvers(vessel)
    return [
      {
        species: formula,
        colour: nameColour(labOfHex(mirror ? MIRROR : data.colour.hex)),
        habit: mirror ? ('mirror' as const) : data.habit,
        mgPerMl: mg / vessel.volume_mL,
      },
    ]
  })
  // What no liquid has taken up lies there as the powder it was.
  const resisting = [...vessel.dry].flatMap(([id, mol]) => {
    const phase = dryPhase(id)
    if (!phase || vessel.volume_mL === 0) return []
    const mg = mol * molarMass(phase.formula) * 1000
    return [{ species: id, colour: nameColour(labOfHex(phase.data.colour.hex)), habit: 'powdery' as const, mgPerMl: mg / vessel.volume_mL }]
  })
  return [...settled, ...formed, ...resisting, ...organicSolids(vessel)]
}

/** The solids an eye can find, most first. */
export function solidsSeen(vessel: Vessel): SolidSeen[] {
  if (!vessel.contents) return []
  return solidsOf(vessel)
    .filter((s) => s.mgPerMl >= LEAST_SEEN[s.habit])
    .map((s) => ({
      ...s,
      amount: AMOUNT_STEPS.find(([atLeast]) => s.mgPerMl >= atLeast)?.[1] ?? ('trace' as const),
      rests: rest(s.habit, vessel.settled),
    }))
    .sort((a, b) => b.mgPerMl - a.mgPerMl)
}

/** All solid in a liquid, whether an eye finds it or not; null where there is none to speak of. */
export function bulkOf(vessel: Vessel): Bulk | null {
  if (!vessel.contents) return null
  const found = solidsOf(vessel).map((s) => ({ ...s, times: s.mgPerMl / LEAST_SEEN[s.habit] }))
  const most = found.reduce((a, b) => Math.max(a, b.times), 0)
  if (most < HARDLY_THERE) return null
  const seen = most < 1 ? found : found.filter((s) => s.times >= 1)
  // Of several the greatest is taken for all, and of two as great either.
  const weights = seen.reduce((sum, s) => sum + s.mgPerMl ** 2, 0)
  return {
    mgPerMl: seen.reduce((sum, s) => sum + s.mgPerMl, 0),
    found: most,
    habits: seen.map((s) => [s.habit, s.mgPerMl ** 2 / weights] as const),
    colour: mixedColour(seen.map((s) => ({ hex: s.colour.hex, share: s.mgPerMl }))),
  }
}
/** A solid of which there is less than this share of what an eye finds is not there. */
const HARDLY_THERE = 0.05

/** The second liquid's colour, by what it has taken up. */
export function layerColour(vessel: Vessel): Colour {
  const absorbance = new Float64Array(WAVELENGTHS.length)
  let coloured = false
  for (const { extract, molar } of secondLiquidHolds(vessel)) {
    const { spectrum } = extract.data
    if (!spectrum || molar < 1e-8) continue
    coloured = true
    const key = `second:${extract.id}`
    let bands = spectra.get(key)
    if (!bands) spectra.set(key, (bands = absorptivity(spectrum.bands)))
    for (let k = 0; k < absorbance.length; k++) absorbance[k] = (absorbance[k] as number) + molar * PATH_cm * (bands[k] as number)
  }
  const lab = coloured ? throughTube(absorbance) : null
  return lab === null || colourDifference(lab, WATER) < COLOURLESS_WITHIN ? COLOURLESS : nameColour(lab, true)
}

/** Several solids as one: their colours mixed by Kubelka and Munk's law channel by channel, the habit of the greatest. */
export function deposit(seen: readonly SolidSeen[]): Omit<SolidSeen, 'species'> | null {
  const [first, ...others] = seen
  if (!first) return null
  const total = seen.reduce((sum, s) => sum + s.mgPerMl, 0)
  const amount = AMOUNT_STEPS.find(([atLeast]) => total >= atLeast)?.[1] ?? 'trace'
  if (others.length === 0) return { ...first, amount, mgPerMl: total }
  return { ...first, amount, mgPerMl: total, colour: mixedColour(seen.map((s) => ({ hex: s.colour.hex, share: s.mgPerMl }))) }
}

/** Colour of solids ground together, by their shares. */
export function mixedColour(parts: readonly { readonly hex: string; readonly share: number }[]): Colour {
  const [first, ...others] = parts
  if (others.length === 0) return nameColour(labOfHex(first?.hex ?? '#ffffff'))
  const total = parts.reduce((sum, p) => sum + p.share, 0)
  const mixed = [0, 1, 2].map((k) => {
    const ratio = parts.reduce((sum, { share, hex }) => sum + (share / total) * kubelkaMunk(linear(hex)[k] ?? 1), 0)
    return 1 + ratio - Math.sqrt(ratio * ratio + 2 * ratio)
  })
  return nameColour(labOfHex(encode(mixed)))
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

/** The dry sample in a vessel: the colour of its salts together, the form of the most; powder once it has been heated. */
export function dryAppearance(vessel: Vessel): { colour: Colour; form: Form } | null {
  const [smiles] = vessel.organic?.ashed === false ? vessel.organic.compounds.keys() : []
  if (smiles !== undefined) return sampleLook(structureOf(smiles))
  // What salts these ions stand in nobody knows, nor then how they look.
  if ([...vessel.dry.keys()].some(isDryIon)) return null
  const parts = [...vessel.dry].flatMap(([id, mol]) => {
    const phase = dryPhase(id)
    return phase ? [{ phase, mol }] : []
  })
  parts.sort((a, b) => b.mol - a.mol)
  const main = parts[0]?.phase
  if (!main) return null
  const colour = mixedColour(parts.map(({ phase, mol }) => ({ hex: phase.data.colour.hex, share: mol })))
  // Colourless crystals are called colourless, the powder of the same salt white; with another salt's colour on them they are neither.
  const isPlain = main.data.colour.words === 'colourless' && colour.family === 'white'
  const named = isPlain ? { ...colour, name: 'colourless', family: 'colourless' as const } : colour
  return { colour: named, form: vessel.roasted ? 'powder' : (aired(vessel, main.data.formula) ?? main.form) }
}

/** Moisture of the air of the room, %. */
const ROOM_HUMIDITY = 50
/** Minutes after which what the air does to a salt can be seen. */
const SEEN_AFTER_min = 10

/** What the air has made of a salt that was left to it; undefined for one that keeps. */
function aired({ rested_min }: Vessel, formula: string): Form | undefined {
  const { takesUpAbove, givesOffBelow } = inAir[formula] ?? {}
  if (rested_min < SEEN_AFTER_min) return undefined
  if (takesUpAbove !== undefined && takesUpAbove < ROOM_HUMIDITY) return 'moist'
  return givesOffBelow !== undefined && givesOffBelow > ROOM_HUMIDITY ? 'bloom' : undefined
}
