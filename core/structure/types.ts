import type { Smell } from '../vocabulary'
import type { GroupId } from './groups'

/** The elements a sodium fusion can be asked about; fluorine is perceived too, and shows in none of its tests but its own. */
export const FUSION_ELEMENTS = ['N', 'S', 'Cl', 'Br', 'I', 'P'] as const
export type FusionElement = (typeof FUSION_ELEMENTS)[number]

/** What a structure is made of, perceived from its connection table; a salt's ions and a mixture's compounds count together. */
export interface Structure {
  readonly smiles: string
  /** Canonical code of the constitution: the structure's identity. */
  readonly code: string
  /** Hill formula of the whole. */
  readonly formula: string
  readonly atoms: Readonly<Record<string, number>>
  /** g/mol */
  readonly molarMass: number
  readonly elements: readonly FusionElement[]
  /** How many of each group; those it has none of are left out. */
  readonly groups: Readonly<Partial<Record<GroupId, number>>>
  /** Ions and molecules of it that are not bound to each other. */
  readonly fragments: number
  /** Decimal logarithm of the octanol–water partition coefficient, summed over atoms of the largest fragment. */
  readonly logP: number
  /** Rings of the largest fragment. */
  readonly rings: number
  /** Metal ions in it, as the salt scheme names them. */
  readonly metals: readonly string[]
  /** What one such compound was seen to be like, where that is known otherwise than from a library. */
  readonly seen?: SeenBody
}

/** What is seen of a compound by itself, whatever it may be. */
export interface SeenBody {
  readonly form: 'liquid' | 'crystals' | 'powder'
  /** In plain words, as a library has it. */
  readonly colour: string
  readonly smell: Smell
  /** °C; null where it was not taken, or there is none. */
  readonly melts_C: number | null
  readonly boils_C: number | null
  /** Whether it rests under water; undefined where that was not seen. */
  readonly sinks?: boolean
  /** Whether a little dissolves in water; undefined where that was not tried. */
  readonly dissolves?: 'yes' | 'partly' | 'no'
}

/** What reagents' molecules do among themselves has no structure of the unknown to ask. */
export const NO_STRUCTURE: Structure = {
  smiles: '',
  code: '',
  formula: '',
  atoms: {},
  molarMass: 1,
  elements: [],
  groups: {},
  fragments: 0,
  logP: 0,
  rings: 0,
  metals: [],
}
