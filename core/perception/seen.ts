import {
  AMOUNTS,
  LINE_COLOURS,
  type Amount,
  type Clarity,
  type Family,
  type Form,
  type HabitWord,
  type Heat,
  type Lasts,
  type LineColour,
  type Paper,
  type Rests,
  type Rod,
  type Smell,
  type Splint,
  type Vigour,
} from '../vocabulary'
import { COLOUR_NAMES, type Colour } from './colour'
import { lineColour } from './flame'
import type { Percept } from './percept'

/** A colour as it may leave the server for a secret sample: its words, and a drawn colour that is coarse and varied on purpose. */
export interface SeenColour {
  readonly name: string
  readonly family: Family
  readonly drawn: string
}

/** One look, in words only: no species, equation, pH or exact colour. */
export interface SeenLook {
  /** Place of the step in its test. */
  readonly step: number
  readonly vessel: string
  readonly appearance: { readonly colour: SeenColour; readonly form: Form } | null
  readonly solution: { readonly colour: SeenColour; readonly clarity: Clarity } | null
  readonly precipitate: { readonly colour: SeenColour; readonly habit: HabitWord; readonly amount: Amount; readonly rests: Rests } | null
  readonly dissolves: 'yes' | 'partly' | 'no' | null
  /** A solid came and went while gas was led in. */
  readonly clouded?: true | undefined
  readonly layer: { readonly colour: SeenColour; readonly rests: 'upper' | 'lower' } | null
  readonly gas: { readonly colour: SeenColour; readonly vigour: Vigour; readonly smell: Smell | null } | null
  readonly papers: readonly { readonly paper: Paper; readonly from: SeenColour; readonly to: SeenColour }[]
  readonly flame: {
    readonly colour: SeenColour
    readonly lasts: Lasts
    readonly sooty: boolean
    /** Through a spectroscope: the colours lines are seen in; null without one. */
    readonly lines: readonly LineColour[] | null
  } | null
  readonly residue: {
    readonly hot: SeenColour
    readonly cold: SeenColour
    readonly sublimate: SeenColour | null
    readonly melts: boolean
    readonly crackles: boolean
    readonly chars: boolean
    readonly swells: boolean
    readonly ash: boolean
    readonly water: boolean
  } | null
  readonly bead: { readonly hot: SeenColour; readonly cold: SeenColour; readonly clear: boolean } | null
  readonly ring: { readonly colour: SeenColour } | null
  readonly splint: Splint | null
  readonly rod: Rod | null
  readonly soluble: 'yes' | 'partly' | 'no' | null
  /** A melting or boiling point, °C. */
  readonly constant: number | null
  readonly smell: Smell | null
  readonly heat: Heat
}

/** What one entry of work on a secret sample showed. */
export interface Seen {
  readonly format: 'foxing-seen/1'
  readonly entry: string
  readonly looks: readonly SeenLook[]
}

/** Steps of each of red, green and blue that a drawn colour is rounded to. */
const LEVELS = 11
/** Where red, green and blue stand in a hex. */
const CHANNELS = [1, 3, 5]
const level = (hex: string, at: number): number => parseInt(hex.slice(at, at + 2), 16) / 255

/**
 * Rounds a colour coarsely after shifting it by the case's own secret, so that the drawing cannot be measured.
 * @param jitter three numbers within ±1, fixed for a case
 */
export function drawn(hex: string, jitter: readonly [number, number, number]): string {
  // A white that was shifted channel by channel would look tinted.
  const grey = Math.max(...CHANNELS.map((at) => level(hex, at))) - Math.min(...CHANNELS.map((at) => level(hex, at))) < 0.06
  const channel = (at: number, own: number): string => {
    const shift = grey ? jitter[0] : own
    const value = (grey ? level(hex, 1) : level(hex, at)) + (shift * 0.5) / (LEVELS - 1)
    const rounded = Math.round(Math.min(1, Math.max(0, value)) * (LEVELS - 1)) / (LEVELS - 1)
    return Math.round(rounded * 255)
      .toString(16)
      .padStart(2, '0')
  }
  return `#${channel(1, jitter[0])}${channel(3, jitter[1])}${channel(5, jitter[2])}`
}

/** The colour a name is drawn in. */
const anchorOf = (name: string): string => COLOUR_NAMES.find((c) => c.name === name)?.hex ?? '#ffffff'

/** Whether the solid there was at an earlier look is gone by now; null where there was none. */
export function dissolvedSince(percept: Percept, before: Percept | null): 'yes' | 'partly' | 'no' | null {
  if (!before?.deposit) return null
  if (!percept.deposit) return 'yes'
  const fewer = AMOUNTS.indexOf(before.deposit.amount) - AMOUNTS.indexOf(percept.deposit.amount)
  return percept.dissolved === 'partly' || fewer > 1 ? 'partly' : 'no'
}

/** Reduces a percept to its words. */
export function seenLook(percept: Percept, before: Percept | null, step: number, jitter: readonly [number, number, number]): SeenLook {
  // Drawn from the name, not from the colour itself: what is sent then holds nothing that its words do not.
  const colour = ({ name, family }: Colour): SeenColour => ({
    name,
    family,
    drawn: family === 'colourless' ? '#ffffff' : drawn(anchorOf(name), jitter),
  })
  const { appearance, solution, deposit, gases } = percept
  // Of several the eye keeps the coloured one; steam is told apart as water.
  const gas = gases.find((g) => g.colour.family !== 'colourless') ?? gases.find((g) => g.species !== 'H2O')
  const [layer] = percept.layers
  return {
    step,
    vessel: percept.vessel,
    appearance: appearance && { colour: colour(appearance.colour), form: appearance.form },
    solution: solution && { colour: colour(solution.colour), clarity: solution.clarity },
    precipitate: deposit && { colour: colour(deposit.colour), habit: deposit.habit, amount: deposit.amount, rests: deposit.rests },
    dissolves: dissolvedSince(percept, before),
    ...(percept.clouded ? { clouded: true } : {}),
    layer: layer ? { colour: colour(layer.colour), rests: layer.rests } : null,
    gas: gas ? { colour: colour(gas.colour), vigour: gas.vigour, smell: gas.smell } : null,
    papers: percept.papers.map(({ paper, from, to }) => ({ paper, from: colour(from), to: colour(to) })),
    flame: percept.flame
      ? {
          colour: colour(percept.flame.colour),
          lasts: percept.flame.lasts,
          sooty: percept.flame.sooty,
          lines: percept.flame.spread ? LINE_COLOURS.filter((c) => percept.flame?.lines.some((nm) => lineColour(nm) === c)) : null,
        }
      : null,
    residue: percept.residue
      ? {
          hot: colour(percept.residue.hot),
          cold: colour(percept.residue.cold),
          sublimate: percept.residue.sublimate && colour(percept.residue.sublimate.colour),
          melts: percept.residue.melts,
          crackles: percept.residue.crackles,
          chars: percept.residue.chars,
          swells: percept.residue.swells,
          ash: percept.residue.species.length > 0,
          water: percept.water ?? false,
        }
      : null,
    bead: percept.bead ? { hot: colour(percept.bead.hot), cold: colour(percept.bead.cold), clear: percept.bead.clear } : null,
    ring: percept.ring ? { colour: colour(percept.ring.colour) } : null,
    splint: percept.splint ?? null,
    rod: percept.rod ?? null,
    soluble: percept.soluble ?? null,
    constant: percept.constant ?? null,
    smell: percept.smell,
    heat: percept.heat,
  }
}
