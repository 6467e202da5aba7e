import type { Amount, Clarity, Form, HabitWord, Heat, Paper, Rests, Rod, Smell, Speed, Splint, Vigour } from '../vocabulary'
import type { Colour } from './colour'
import type { FlamePercept } from './flame'

/** A residue, hot and cold, and what settled on the cold glass or the coal. */
export interface ResiduePercept {
  readonly hot: Colour
  readonly cold: Colour
  readonly species: readonly string[]
  readonly sublimate: { readonly colour: Colour; readonly species: readonly string[] } | null
  readonly melts: boolean
  readonly crackles: boolean
  readonly chars: boolean
  readonly swells: boolean
  readonly glows: boolean
}
export interface StagePercept {
  readonly stage: 'gently' | 'strongly'
  readonly gases: readonly string[]
  readonly water: boolean
  readonly melts: boolean
  readonly sublimate: Colour | null
  readonly hot: Colour
}
export interface BeadPercept {
  readonly hot: Colour
  readonly cold: Colour
  readonly clear: boolean
}

export interface PrecipitatePercept {
  readonly species: string
  readonly colour: Colour
  readonly habit: HabitWord
  readonly amount: Amount
  readonly rests: Rests
}

export interface GasPercept {
  readonly species: string
  readonly vigour: Vigour
  readonly colour: Colour
  readonly smell: Smell | null
}

export interface PaperPercept {
  readonly paper: Paper
  readonly from: Colour
  readonly to: Colour
}

export interface LayerPercept {
  readonly rests: 'upper' | 'lower'
  readonly colour: Colour
  readonly solvent: string
}

/** Solid in a liquid by how much there is of it, seen or not: by that it is known how near it comes to be called otherwise. */
export interface Bulk {
  readonly mgPerMl: number
  /** How many times what an eye just finds. */
  readonly found: number
  /** What it may be taken for, with shares. */
  readonly habits: readonly (readonly [habit: HabitWord, share: number])[]
  readonly colour: Colour
}

/** What there was to see after one step. */
export interface Sight {
  readonly step: number
  readonly vessel: string
  readonly pH: number | null
  readonly temperature: number
  /** The dry sample, where the vessel holds no liquid. */
  readonly appearance: { readonly colour: Colour; readonly form: Form } | null
  readonly solution: { readonly colour: Colour; readonly clarity: Clarity } | null
  readonly precipitates: readonly PrecipitatePercept[]
  /** The solid as one eye sees it: all of them together. */
  readonly deposit: { readonly colour: Colour; readonly habit: HabitWord; readonly amount: Amount; readonly rests: Rests } | null
  /** Whether the solid there was before this step has gone. */
  readonly dissolved: 'yes' | 'partly' | 'no' | null
  /** Gas that was led in brought down a solid that it took up again. */
  readonly clouded?: true
  /** A second liquid beside the water. */
  readonly layers: readonly LayerPercept[]
  readonly gases: readonly GasPercept[]
  readonly papers: readonly PaperPercept[]
  readonly splint?: Splint
  readonly rod?: Rod
  readonly flame?: FlamePercept
  /** After dry heating, charcoal or cobalt nitrate. */
  readonly residue?: ResiduePercept
  readonly stages?: readonly StagePercept[]
  /** Whether water gathers on the cold glass; dry heating only. */
  readonly water?: boolean
  readonly bead?: BeadPercept
  /** Where a heavy acid lies under the liquid. */
  readonly ring?: { readonly colour: Colour }
  /** Whether the organic unknown in the vessel is dissolved; absent where there is none, or no liquid. */
  readonly soluble?: 'yes' | 'partly' | 'no'
  /** A melting or a boiling point that was taken, °C; null where there is none to take. */
  readonly constant?: number | null
  readonly smell: Smell | null
  readonly heat: Heat
  readonly speed: Speed
  readonly drops?: number
}

/** What nobody sees, and the model knows. */
export interface Told {
  /** Ions that what is seen holds: in the solid, the gas, or the colour of the liquid. */
  readonly shows: readonly string[]
  readonly equation: string | null
  readonly equations: readonly string[]
}

/** Both, as `foxing-percepts/1` has them. */
export type Percept = Sight & Told

export interface Percepts {
  readonly format: 'foxing-percepts/1'
  readonly id?: string | number
  readonly steps: readonly Percept[]
}
