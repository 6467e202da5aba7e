import type { SourceId } from './sources'
import type { Stoichiometry } from './types'

/* What reactions are written as. They are worked with further up; their shapes stand here because the file of an ion brings its own. */

/** Conditions that must hold together. */
export interface When {
  /** Strong acid from which on, mol/L. */
  readonly from?: number
  /** Strong acid up to which, mol/L. */
  readonly upTo?: number
  readonly pHFrom?: number
  readonly pHUpTo?: number
  readonly above_C?: number
}

/** What is slow about a couple, and the rule that says so. Where several conditions are given, one is enough. */
export interface RedoxGate {
  readonly rule: string
  /** When its oxidised side takes part. */
  readonly oxidises?: readonly When[]
  /** When its reduced side does. */
  readonly reduces?: readonly When[]
  /** When it reacts with a couple that shares its own species: disproportionation. */
  readonly withItself?: readonly When[]
  /** Driving force it wants before anything is seen, V; `hot` from 60 °C on. */
  readonly overpotential_V?: { readonly cold: number; readonly hot: number }
  /** More force that its reduced side wants before it gives way, V. */
  readonly reluctant_V?: number
  /** At a solid's surface it is too slow at the temperatures of a test tube. */
  readonly notOnSolids?: boolean
  /** From this temperature on it is not too slow on metals. */
  readonly onMetalsAbove_C?: number
  /** Its reduced side gives two electrons at once: oxidants that take one, and ions that would become metal, pass it by. */
  readonly onlyInPairs?: boolean
  readonly passesBy?: Spared | readonly Spared[]
  /** More force that it wants where it falls apart with a couple of its own species, V. */
  readonly apart_V?: { readonly weakAcid: number; readonly strongAcid: number }
  /** It takes only what is open to air (see `openToAir`). */
  readonly onlyOpenToAir?: boolean
}

/** What an oxidised side does not take although it could: these couples, or all metals; from one strength of acid on and up to another, mol/L, where they are given. */
export interface Spared {
  readonly couples?: readonly string[]
  readonly metals?: boolean
  readonly from?: number
  readonly upTo?: number
  readonly below_C?: number
}

/**
 * A half-reaction, written as a reduction in components (water is left to the balance): ox + n e⁻ + protons → red. `inert` solids stand beside the solution at unit
 * activity, on either side.
 */
export interface Couple {
  readonly id: string
  readonly electrons: number
  readonly oxidised: Stoichiometry
  readonly reduced: Stoichiometry
  readonly inert?: { readonly oxidised?: Stoichiometry; readonly reduced?: Stoichiometry }
  /** The reduced side is a metal, or holds metal atoms bound to each other. */
  readonly metal?: boolean
  /** Standard potential of the half-reaction as written, V against hydrogen, 25 °C, activities on the molar scale. */
  readonly potential_V: number
  readonly gate?: RedoxGate
  /** Air oxidises its reduced side within minutes. */
  readonly openToAir?: boolean
  readonly source: SourceId
}

/**
 * A reaction that goes one way and is not a transfer of electrons between two couples: an acid that takes a molecule apart, an ester that forms. `takes` and `gives` are dissolved species (water
 * is left to the balance), `inert` solids stand beside the solution. It works on what is dissolved, unless `from` names a solid that itself turns.
 */
export interface Conversion {
  readonly id: string
  readonly rule: string
  readonly takes: Stoichiometry
  readonly gives: Stoichiometry
  readonly inert?: Readonly<Record<string, number>>
  /** What a chemist writes for it, where that is more than what it takes and gives: whole numbers by formula, less than none for what is used up. */
  readonly written?: Readonly<Record<string, number>>
  /** A solid that has to be there, and stays. */
  readonly over?: string
  /** Minutes the tube has to have stood since something was last put in. */
  readonly after_min?: number
  readonly when: readonly When[]
  /** The solid that turns: what it holds is taken from it, the rest from what is dissolved. */
  readonly solid?: string
  /** Share of what could react that does so in one operation; all unless said. */
  readonly share?: number
  /** What it makes is no sign of what it was made from: other things bring it far more often. */
  readonly noSign?: true
  /** How long it takes to be seen. */
  readonly speed: 'at-once' | 'seconds' | 'minutes'
  readonly source: SourceId
}

/** A named departure from equilibrium, with the balanced equation of what it does and where that is known from. */
export interface Rule {
  readonly id: string
  readonly says: string
  readonly equation: string
  readonly source: SourceId
}

/** A reaction of hot solids: whole numbers by formula, the temperature it sets in at, and what one sees of it besides its products. */
export interface DryReaction {
  readonly id: string
  /** Formula and whole number, of phases and (air's) oxygen. */
  readonly takes: readonly (readonly [formula: string, n: number])[]
  readonly gives: readonly (readonly [formula: string, n: number])[]
  readonly above_C: number
  /** Another phase that must be there and is not used up. */
  readonly beside?: string
  readonly shows?: readonly DrySign[]
  /** The salt melts in its own water as it goes. */
  readonly source: SourceId
}
/** What is seen of a reaction of hot solids besides its products. */
export type DrySign = 'crackles' | 'swells' | 'chars' | 'melts' | 'burnt sugar' | 'glows'

/** A reaction of hot solids in short: its equation, which is balanced where it is read, the temperature it sets in at, and what else there is to say of it. */
export type DryEquation = readonly [equation: string, above_C: number, more?: Partial<DryReaction>]
