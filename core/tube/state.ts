import type { Chemistry, Shift, State } from '../equilibrium'
import type { Solid, SolventData } from '../species'
import type { Celsius } from '../units'
import type { OrganicMatter } from './matter'

/** Everything a vessel holds. Never changed: every operation makes a new one. */
export interface Vessel {
  readonly id: string
  /** mol of each component, dissolved and solid together. */
  readonly totals: Float64Array
  /** mol of water, free and bound. */
  readonly water: number
  /** mL of liquid; 0 for a dry sample. */
  readonly volume_mL: number
  readonly temperature: Celsius
  /** Solids that formed through a gate now closed, or were there before: they stay until they dissolve. */
  readonly aged: ReadonlySet<string>
  /** Solids that came from the jar and have not been wholly dissolved: they keep the jar's form. */
  readonly asIssued: ReadonlySet<string>
  /** Dry salts not yet wetted, by salt id, mol. */
  readonly dry: ReadonlyMap<string, number>
  /** Solids that only oxidation or reduction touches, mol. */
  readonly inert: ReadonlyMap<string, number>
  /** Those of them that were put in by the spatula: nobody takes them for a precipitate. */
  readonly strewn: ReadonlySet<string>
  /** What is dry in it has been heated and no longer looks as it came from the jar. */
  readonly roasted: boolean
  /** Evaporated and ignited: dry, what is left of the salts stands in `totals` until liquid is poured on. */
  readonly ignited: boolean
  /** A second liquid that does not mix with the water; what it has taken up stands in `totals` too. */
  readonly second: { readonly solvent: SolventData; readonly volume_mL: number } | null
  /** Minutes it has been left to itself since something was last put in, as at room temperature: slow solids wait for it. */
  readonly rested_min: number
  /** Oxidations and reductions of the last operation: mol of electrons by pair of couples. */
  readonly reacted: ReadonlyMap<string, number>
  /** Gas that the last operation drove off, mol: what a delivery tube would lead away. */
  readonly headspace: ReadonlyMap<string, number>
  /** Metals among them in strips, turnings or wire: what they do takes minutes. */
  readonly coarse: ReadonlySet<string>
  /** Whether it has been hot, or a metal whose ligands exchange slowly was made in it by reduction: then its complexes are at equilibrium. */
  readonly exchanged: boolean
  readonly settled: boolean
  readonly contents: Contents | null
  /** An organic unknown, and the reagents' molecules that the ledger knows nothing of; null where there are none. */
  readonly organic: OrganicMatter | null
}

/** The equilibrium in a wet vessel, read by name. */
export interface Contents {
  readonly chemistry: Chemistry
  readonly state: State
  readonly pH: number
  readonly solids: readonly { readonly solid: Solid; readonly mol: number; readonly mg: number }[]
}

/** What redox works on: amounts, mol, and how to get the equilibrium for them. */
export interface Reacting {
  totals: Float64Array
  inert: Map<string, number>
  readonly temperature: Celsius
  /** Strong acid, mol/L. */
  readonly strongAcid: number
  readonly shift: Shift | undefined
  /** Minutes since something was last put in. */
  readonly rested_min: number
  /** Metals in strips, turnings or wire. */
  readonly coarse: ReadonlySet<string>
  /** Equilibrium of these totals. */
  readonly settle: (totals: Float64Array) => Contents
  /** Extent of each pair so far, mol of electrons, by the ids of its couples. */
  readonly extents: Map<string, number>
}
