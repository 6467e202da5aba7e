import type { SourceId } from '../../species'
import type { Structure } from '../../structure'

/** What a reaction of an organic compound asks of the tube. */
export interface OrganicWhen {
  readonly pHFrom?: number
  readonly pHUpTo?: number
  readonly above_C?: number
  /** Below this temperature only. */
  readonly below_C?: number
  /** Strong acid from which on, mol/L. */
  readonly acidFrom?: number
  /** Something that must be there and is not used up, by its formula. */
  readonly beside?: string
  /** Something in whose presence it does not go. */
  readonly without?: string
  /** Only where no water has been poured in, or only where some has. */
  readonly dry?: boolean
}

/**
 * A reaction of a functional group as a named rule. The equation is its stoichiometry: R is whatever the group sits on, and what bears no R stands in the tube's own ledger or among the reagents' molecules.
 */
export interface OrganicRule {
  readonly id: string
  /** What happens, in a sentence. */
  readonly says: string
  readonly equation: string
  /** Places of a molecule that react, none where it has no such group. Left out where only what an earlier reaction made takes part. */
  readonly sites?: (structure: Structure) => number
  /** Minutes until half has reacted at 25 °C with the reagent in use; Infinity where a surrounding blocks it. */
  readonly halfLife_min: (structure: Structure) => number
  readonly when?: OrganicWhen
  /** Factor on the rate for each 10 °C. */
  readonly per10K?: number
  /** Whether solids that hold the reagent react too. */
  readonly solidsToo?: boolean
  readonly source: SourceId
}

export const defineOrganic = (rule: OrganicRule): OrganicRule => rule

/** How much of a group a structure has. */
export const count = (structure: Structure, ...groups: readonly (keyof Structure['groups'])[]): number =>
  groups.reduce((sum, id) => sum + (structure.groups[id] ?? 0), 0)
export const has = (structure: Structure, ...groups: readonly (keyof Structure['groups'])[]): boolean => count(structure, ...groups) > 0
