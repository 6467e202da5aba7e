import { chemistryOf, newState } from '../equilibrium'
import { COMPONENT_INDEX } from '../species'
import { GAS_CONSTANT_L_atm, kelvin, LN10, ROOM } from '../units'
import type { Vessel } from '../tube'
import { gasPressures } from '../tube'
import type { Paper } from '../vocabulary'
import { colourOfHex, type Colour } from './colour'

/**
 * A test paper is a very small vessel: a film of water on the fibre with a little acid or base in it (its own buffering), which takes up some of
 * the liquid it is dipped in, or of the gas it is held in, comes to equilibrium, and shows the colour its dye has there.
 */
interface PaperData {
  readonly paper: Paper
  /** Acid (positive) or base the film holds, mol. */
  readonly acid: number
  /** Colour by the film's pH: the first row whose limit is above it. */
  readonly colours: readonly (readonly [below: number, hex: string])[]
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

/** Litmus turns between pH 5 and 8. Source: Kolthoff. Universal paper: usual steps of a school strip. */
const PAPERS: readonly PaperData[] = [
  {
    paper: 'red litmus paper',
    acid: 1e-8,
    colours: [
      [6.6, RED],
      [7.4, PURPLE],
      [99, BLUE],
    ],
  },
  {
    paper: 'blue litmus paper',
    acid: -1e-8,
    colours: [
      [5.6, RED],
      [6.4, PURPLE],
      [99, BLUE],
    ],
  },
  {
    paper: 'universal indicator paper',
    acid: 0,
    colours: [
      [2.5, '#c8262a'],
      [4.5, '#ee8a2a'],
      [6, '#f2dc3c'],
      [8, '#6fb573'],
      [10, '#3f86cc'],
      [99, '#7d4fa8'],
    ],
  },
  { paper: 'lead acetate paper', acid: 0, colours: [[99, '#f8f8f6']] },
  { paper: 'acid dichromate paper', acid: 1e-6, colours: [[99, '#ee8a2a']] },
  { paper: 'starch iodide paper', acid: 0, colours: [[99, '#f8f8f6']] },
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

const colourAt = (data: PaperData, pH: number): Colour => {
  const row = data.colours.find(([below]) => pH < below) ?? data.colours[data.colours.length - 1]
  return colourOfHex(row?.[1] ?? '#f8f8f6')
}

/** pH of the film when these totals (mol, by global component) have come into it. */
function filmPH(data: PaperData, totals: Float64Array, volume_L: number): number {
  const held = Float64Array.from(totals)
  held[0] = (held[0] as number) + data.acid
  const counter = COMPONENT_INDEX.get(data.acid >= 0 ? 'Cl^-' : 'Na^+') ?? 0
  held[counter] = (held[counter] as number) + Math.abs(data.acid)
  const present: number[] = []
  for (let j = 1; j < held.length; j++) if ((held[j] as number) > 1e-16) present.push(j)
  const chemistry = chemistryOf(present, ROOM)
  const state = newState(chemistry.system)
  const local = Float64Array.from(chemistry.components, (global) => held[global] as number)
  chemistry.solver.solve({ totals: local, volume_L, gasSpace: 0 }, state)
  return -(state.lambda[0] as number) / LN10
}

const restingPH = (data: PaperData, size: number): number => filmPH(data, new Float64Array(size), FILM_L)

/** A strip dipped into a vessel; a dry strip is wetted by the liquid, so that dryness matters only for gases. */
export function dipPaper(paper: Paper, vessel: Vessel): PaperReading {
  const data = dataOf(paper)
  const drawn = vessel.volume_mL > 0 ? DRAWN_L / (vessel.volume_mL / 1000) : 0
  const totals = Float64Array.from(vessel.totals, (t) => t * drawn)
  const from = colourAt(data, restingPH(data, vessel.totals.length))
  return { paper, from, to: colourAt(data, filmPH(data, totals, FILM_L + DRAWN_L)) }
}

/** A strip held over a vessel. A dry one takes up nothing. */
export function holdPaper(paper: Paper, vessel: Vessel, dry: boolean): PaperReading {
  const data = dataOf(paper)
  const size = vessel.totals.length
  const from = colourAt(data, restingPH(data, size))
  const totals = new Float64Array(size)
  if (!dry) {
    for (const { gas, atm } of gasPressures(vessel)) {
      const mol = (Math.min(atm, 1) / (GAS_CONSTANT_L_atm * kelvin(ROOM))) * SWEPT_L
      for (const [component, n] of gas.terms) totals[component] = (totals[component] as number) + n * mol
    }
  }
  return { paper, from, to: dry ? from : colourAt(data, filmPH(data, totals, FILM_L)) }
}
