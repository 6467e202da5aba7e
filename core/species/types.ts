import type { Formula } from './formula'
import type { Smell } from '../vocabulary'
import type { SourceId } from './sources'

/** A number of the literature with everything needed to use it and to question it. */
export interface Constant {
  readonly value: number
  readonly unit: string
  readonly temperature_C: number
  /** mol/L; 0 means extrapolated to infinite dilution. */
  readonly ionicStrength: number
  /** Enthalpy of the same reaction, kJ/mol; where none is known the constant is taken as it stands at every temperature. */
  readonly enthalpy_kJ: number | undefined
  readonly source: SourceId
  readonly note: string | undefined
}

/** One absorption band: Gaussian in wavenumber. */
export interface Band {
  readonly peak_nm: number
  /** Molar absorptivity at the peak, L/(mol cm). */
  readonly absorptivity: number
  /** Full width at half height, cm⁻¹. */
  readonly width_cm: number
}

export interface Spectrum {
  readonly bands: readonly Band[]
  readonly source: SourceId
}

export type Stoichiometry = Readonly<Record<string, number>>

/** A dissolved species, formed from other species (`from`) with the constant `logK`; a component has neither. */
export interface AqueousData {
  readonly formula: string
  readonly from?: Stoichiometry
  readonly logK?: Constant
  readonly spectrum?: Spectrum
  readonly name?: string
  /**
   * Of a complex whose metal exchanges its ligands over hours in the cold: the decimal logarithm by which it falls short where the liquid has been neither hot nor made the metal's ion by reduction.
   */
  readonly inert?: number
  /** Protons this component takes up before an acid is strong beside it; for the anions of weak acids. */
  readonly takesProtons?: number
}

/**
 * A gas in equilibrium with the dissolved species it `dissolvesAs`; `logK` for dissolved → gas, atm per product of mol/L. `inWater` is what fresh water turns it into where that is not
 * the same thing; `visible_atm` the pressure at which a coloured gas is seen in a tube.
 */
export interface GasData {
  readonly formula: string
  readonly name: string
  readonly dissolvesAs: Stoichiometry
  readonly inWater?: Stoichiometry
  readonly visible_atm?: number
  readonly logK: Constant
  readonly smell: { readonly word: Smell; readonly threshold_atm: number } | null
  readonly colour: string
  readonly caution: string
  readonly source: SourceId
}

export type Habit = 'curdy' | 'gelatinous' | 'flocculent' | 'crystalline' | 'granular' | 'powdery' | 'silky' | 'oily' | 'mirror' | 'turbid'

/** Why a solid that equilibrium would allow does not always form: the rule's name, and what opens the gate. Several are needed together. */
export interface KineticGate {
  readonly rule: string
  /** The temperature above which it forms. */
  readonly above_C?: number
  /** Minutes of standing at room temperature before it forms; warm and boiling liquid are quicker (see `restOf`). */
  readonly after_min?: number
  /** The id of the solid it turns from: without that there it does not form at all. */
  readonly from?: string
  /** How far the liquid has to be past saturation before the first of it comes, as a decimal logarithm of its product. */
  readonly past?: number
  /** It is never made in a tube: it is there because it was put in. */
  readonly issued?: true
  readonly source: SourceId
}

/** A solid that can precipitate. `to` and `logK` are its dissolution: solid = Σ to. */
export interface SolidData {
  readonly formula: string
  readonly name: string
  readonly to: Stoichiometry
  readonly logK: Constant
  readonly habit: Habit
  /** Colour of the freshly made solid seen wet in a tube, as sRGB hex, with the reference's own words for it. */
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
  readonly gate?: KineticGate
  /** Tells two solids of one formula apart; part of the id. */
  readonly form?: string
}

/** A salt as it comes in a jar. */
export interface SaltData {
  readonly formula: string
  readonly name: string
  readonly ions: Stoichiometry
  readonly water: number
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
  readonly form: 'crystals' | 'powder' | 'granules' | 'lumps'
}

/** A solid as it is in a hot tube: what it is made of when wetted, its colours, and where it melts or goes off. */
export interface ResidueData {
  readonly formula: string
  readonly name: string
  /** Dissolved species it turns into when wetted. */
  readonly ions: Stoichiometry
  /** Solids of the redox kind it holds besides. */
  readonly inert?: Readonly<Record<string, number>>
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
  /** Colour hot, where it differs. */
  readonly hot?: string
  readonly melts_C?: number
  readonly sublimes_C?: number
  readonly sublimate?: string
  /** Gases its vapour consists of, where it falls apart as it goes. */
  readonly vapour?: readonly string[]
}

/** What a metal's compounds do before the blowpipe on charcoal. */
export interface CharcoalData {
  readonly ion: string
  readonly metal: string
  /** Enthalpy, kJ, and entropy, J/K, of forming the oxide with one mole of oxygen. */
  readonly oxide_kJ: number
  readonly oxide_J: number
  readonly melts_C: number
  readonly boils_C: number
  /** Of the metal, or of what is left where none is made. */
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
  /** Crust on the coal where vapour burns and settles. */
  readonly crust?: { readonly hot: string; readonly cold: string; readonly words: string }
  readonly smell?: Smell
  readonly source: SourceId
}

/** A glass coloured by its bands, or clouded by metal. */
export type BeadLook = Spectrum | { readonly clouded: string }
export interface BeadData {
  readonly ion: string
  readonly oxidising: { readonly hot: BeadLook; readonly cold: BeadLook }
  readonly reducing: { readonly hot: BeadLook; readonly cold: BeadLook }
  /** In microcosmic salt's glass, oxidising flame, where it differs. */
  readonly microcosmic?: { readonly hot: BeadLook; readonly cold: BeadLook }
}

/** What a residue that holds some ion makes with cobalt oxide. */
export interface CobaltData {
  readonly holds: string
  readonly product: string
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
}

export interface ReagentStrength {
  readonly label: string
  readonly molarity: number
  /** g/mL, for the water that comes along; strong solutions only. */
  readonly density?: number
}

export interface ReagentData {
  readonly id: string
  readonly name: string
  readonly formula: string
  readonly aliases: readonly string[]
  /** Moles of each species per mole of reagent; empty for water. */
  readonly supplies: Stoichiometry
  readonly strengths: readonly ReagentStrength[]
  readonly usual: string
  readonly caution: string
  /** Molecules it brings that take part in no equilibrium of the water, per mole of reagent. */
  readonly agents?: Stoichiometry
  /** What it is dissolved in, where that is not water. */
  readonly solvent?: OrganicSolvent
}

/** Liquids that organic reagents come in; `oil` is one that is its own solvent. */
export type OrganicSolvent = 'ethanol' | 'acetone' | 'dichloromethane' | 'ether' | 'hydrocarbon' | 'oil'

/** A molecule of a reagent that is counted beside the ledger. */
export interface AgentData {
  readonly formula: string
  readonly name: string
  readonly spectrum?: Spectrum
}

/** What an ion's element gives a flame. `strength` is brightness to the eye, relative. */
export interface FlameData {
  readonly ion: string
  readonly lines: readonly { readonly nm: number; readonly strength: number }[]
  readonly lasts: 'flash' | 'brief' | 'steady'
  readonly source: SourceId
}

/** A solid that forms and dissolves only by oxidation or reduction: metals, sulfur, the higher oxides. */
export interface InertData {
  readonly formula: string
  readonly name: string
  readonly aliases: readonly string[]
  readonly habit: Habit
  readonly colour: { readonly hex: string; readonly words: string; readonly source: SourceId }
  readonly caution: string
}

/** How a dissolved species goes into a second liquid, and what it looks like there. */
export interface ExtractData {
  /** The dissolved species, or the sum of them, that the second liquid takes up. */
  readonly formula: string
  readonly takes: Stoichiometry
  /** Decimal logarithm of concentration in the second liquid over the product of those in water, by solvent family. */
  readonly logD: Readonly<Partial<Record<SolventFamily, number>>>
  readonly spectrum?: Spectrum
  readonly source: SourceId
}

/** Solvents that behave alike: ethers and esters, alcohols, chlorinated, hydrocarbons. */
export type SolventFamily = 'ether' | 'alcohol' | 'chlorinated' | 'hydrocarbon'

/** A liquid that does not mix with water. */
export interface SolventData {
  readonly id: string
  readonly name: string
  readonly formula: string
  readonly aliases: readonly string[]
  readonly family: SolventFamily
  /** g/mL: heavier than water it is the lower layer. */
  readonly density: number
  /** Among organic matter it is a reagent too, found in the catalogue under the same name. */
  readonly takesPart?: boolean
  readonly caution: string
}

export interface Described<T> {
  readonly data: T
  readonly formula: Formula
}
