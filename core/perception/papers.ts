import { COMPONENT_INDEX, inComponents } from '../species'
import { concentration, emptyVessel, gasesOver, settleEquilibrium, type Vessel } from '../tube'
import { GAS_CONSTANT_L_atm, kelvin, ROOM } from '../units'
import type { Paper } from '../vocabulary'
import { alkylIodideOver, amineOver } from './organic'
import { colourOfHex, type Colour } from './colour'

/**
 * A test paper is a very small vessel: a film of water on the fibre with a little acid or base in it (its own buffering), which takes up some of
 * the liquid it is dipped in, or of the gas it is held in, comes to equilibrium, and shows the colour its dye has there.
 */
interface PaperData {
  readonly paper: Paper
  /** Acid (positive) or base the film holds, mol. */
  readonly acid: number
  /** What else is on the fibre, mol. */
  readonly holds?: Readonly<Record<string, number>>
  /** It keeps what it showed when only a little gas had come: more may bleach it. */
  readonly keeps?: boolean
  /** Colour of the film, and of what the gases swept into it (mol, by formula) do to its dye. */
  readonly colour: (wet: Vessel, swept: ReadonlyMap<string, number>) => string
}

/** Film of water on the moist end of a strip, L. */
const FILM_L = 1e-5
/** Liquid that a dipped strip draws up, L. */
const DRAWN_L = 2e-5
/** How much gas a moist strip takes up from the mouth of a tube in half a minute, L of gas: diffusion, 0.23 cm²/s over about 1 cm, half a cm² of paper, ammonia in air. Source: CRC diffusion coefficients. */
const SWEPT_L = 3.5e-3

const RED = '#c8484c'
const PURPLE = '#8a5a9a'
const BLUE = '#4a7ac4'

const PAPER_WHITE = '#f8f8f6'

/** Chlorine in the film from which a dye is bleached, mol/L; bromine bleaches slowly and is left out. */
const BLEACHES = 2e-3
const bleached = (wet: Vessel): boolean => ['Cl2', 'HClO', 'ClO^-', 'ClO2'].reduce((sum, f) => sum + concentration(wet, f), 0) > BLEACHES

/** Colour by the film's pH: the first row whose limit is above it; white where the dye is bleached. */
const byPH =
  (...rows: readonly (readonly [below: number, hex: string])[]) =>
  (wet: Vessel): string =>
    bleached(wet) ? PAPER_WHITE : ((rows.find(([below]) => (wet.contents?.pH ?? 7) < below) ?? rows[rows.length - 1])?.[1] ?? PAPER_WHITE)

/** Iodine in the film from which starch is seen to turn blue, mol/L. Source: Kolthoff, sensitivity of starch. */
const STARCH_SEES = 1e-5
/** Lead sulfide on a strip from which brown, and black, are seen, mol. Source: Feigl, about a microgram on a spot. */
const LEAD_BROWN = 1e-9
const LEAD_BLACK = 1.2e-8
/** Dichromate on a strip, mol: three times as much sulfur dioxide turns all of it. */
const DICHROMATE = 1e-8

/** Litmus turns between pH 5 and 8. Source: Kolthoff. Universal paper: usual steps of a school strip. */
const PAPERS: readonly PaperData[] = [
  { paper: 'red litmus paper', acid: 1e-8, colour: byPH([6.6, RED], [7.4, PURPLE], [99, BLUE]) },
  { paper: 'blue litmus paper', acid: -1e-8, colour: byPH([5.6, RED], [6.4, PURPLE], [99, BLUE]) },
  {
    paper: 'universal indicator paper',
    acid: 0,
    colour: byPH([2.5, '#c8262a'], [4.5, '#ee8a2a'], [6, '#f2dc3c'], [8, '#6fb573'], [10, '#3f86cc'], [99, '#7d4fa8']),
  },
  {
    paper: 'lead acetate paper',
    acid: 0,
    holds: { 'Pb^2+': 5e-8, 'CH3COO^-': 1e-7 },
    colour: (wet) => {
      const black = (wet.contents?.solids ?? []).find((s) => s.solid.id === 'PbS')?.mol ?? 0
      return black > LEAD_BLACK ? '#2a2018' : black > LEAD_BROWN ? '#7a5636' : PAPER_WHITE
    },
  },
  // Rule dichromate-by-sulfur-dioxide.
  {
    paper: 'acid dichromate paper',
    acid: 1e-6,
    colour: (_, swept) => ((swept.get('SO2') ?? 0) + (swept.get('H2S') ?? 0) > 1.5 * DICHROMATE ? '#5d9a55' : '#ee8a2a'),
  },
  {
    paper: 'starch iodide paper',
    acid: 0,
    keeps: true,
    holds: { 'K^+': 1e-7, 'I^-': 1e-7 },
    colour: (wet) => (concentration(wet, 'I2') + concentration(wet, 'I3^-') > STARCH_SEES ? '#1b1f3a' : PAPER_WHITE),
  },
  // Mercury(II) iodide out of the vapour of an alkyl iodide; hydrogen iodide and sulfide are held back by a plug wet with lead acetate.
  {
    paper: 'mercury(II) nitrate paper',
    acid: 1e-7,
    holds: { 'Hg^2+': 5e-8, 'NO3^-': 1e-7 },
    colour: (_, swept) => ((swept.get('CH3I') ?? 0) > 0 ? '#ee6a2c' : PAPER_WHITE),
  },
]
const byName = new Map(PAPERS.map((p) => [p.paper, p]))

export interface PaperReading {
  readonly paper: Paper
  readonly from: Colour
  readonly to: Colour
}

function dataOf(paper: Paper): PaperData {
  const data = byName.get(paper)
  if (!data) throw new Error(`no such paper: ${paper}`)
  return data
}

/** The film on the fibre as a vessel of its own, with what has come into it. */
function film(data: PaperData, taken: Float64Array, volume_L: number): Vessel {
  const totals = Float64Array.from(taken)
  const put = (formula: string, mol: number): void => {
    const component = COMPONENT_INDEX.get(formula) ?? 0
    totals[component] = (totals[component] as number) + mol
  }
  put('H^+', data.acid)
  put(data.acid >= 0 ? 'Cl^-' : 'Na^+', Math.abs(data.acid))
  for (const [formula, mol] of Object.entries(data.holds ?? {})) put(formula, mol)
  return settleEquilibrium({ ...emptyVessel('film'), totals, volume_mL: volume_L * 1000, water: volume_L * 55 })
}

const nothing = (size: number): Float64Array => new Float64Array(size)
const colourOf = (data: PaperData, wet: Vessel, swept: ReadonlyMap<string, number>): Colour => colourOfHex(data.colour(wet, swept))

/** A strip dipped into a vessel; a dry strip is wetted by the liquid, so that dryness matters only for gases. */
export function dipPaper(paper: Paper, vessel: Vessel): PaperReading {
  const data = dataOf(paper)
  const drawn = vessel.volume_mL > 0 ? DRAWN_L / (vessel.volume_mL / 1000) : 0
  const totals = Float64Array.from(vessel.totals, (t) => t * drawn)
  const from = colourOf(data, film(data, nothing(totals.length), FILM_L), new Map())
  return { paper, from, to: colourOf(data, film(data, totals, FILM_L + DRAWN_L), new Map()) }
}

/** A strip held over a vessel. A dry one takes up nothing. */
export function holdPaper(paper: Paper, over: Vessel, dry: boolean): PaperReading {
  // The vapour of an amine does to a moist paper what ammonia does.
  const amine = amineOver(over)
  const vessel = amine > 0 ? { ...over, headspace: new Map(over.headspace).set('NH3', amine) } : over
  const data = dataOf(paper)
  const totals = nothing(vessel.totals.length)
  const from = colourOf(data, film(data, totals, FILM_L), new Map())
  if (dry) return { paper, from, to: from }
  for (const share of data.keeps ? DOSES : [1]) {
    const to = swept(data, vessel, share)
    if (to.hex !== from.hex || share === 1) return { paper, from, to }
  }
  return { paper, from, to: from }
}

/** Shares of the gas that have come when a paper that keeps its colour is looked at. */
const DOSES = [3e-4, 3e-3, 3e-2, 1]

/** The film's colour once a share of the gas in the mouth of the tube has gone into it. */
function swept(data: PaperData, vessel: Vessel, share: number): Colour {
  const totals = nothing(vessel.totals.length)
  const taken = new Map<string, number>()
  for (const { gas, atm } of gasesOver(vessel)) {
    const mol = (Math.min(atm, 1) / (GAS_CONSTANT_L_atm * kelvin(ROOM))) * SWEPT_L * share
    taken.set(gas.id, mol)
    const terms = gas.data.inWater ? [...inComponents(gas.data.inWater).terms] : gas.terms
    for (const [component, n] of terms) totals[component] = (totals[component] as number) + n * mol
  }
  const iodide = alkylIodideOver(vessel)
  if (iodide > 0) taken.set('CH3I', iodide * share)
  return colourOf(data, film(data, totals, FILM_L), taken)
}
