import type { Nothing, Powder, Sample } from '../../tube'
import type { Parts } from '../inference/mixture/amounts'

/** What may be in a jar. */
export interface Content {
  /** The formula of a salt, or the parts of a mixture. */
  readonly id: string
  /** What people call it, where that is not its id. */
  readonly label?: string
  /** What is put into the jar; absent for a bench salt by itself. */
  readonly jar?: Sample | Powder | Nothing
}

/** A possible content of the jar. */
export interface Hypothesis {
  readonly content: Content
  /** Ions it holds, as the standings name them. */
  readonly ions: ReadonlySet<string>
  readonly prior: number
  /** Of a mixture, its parts and how much there is of each: what a search may go on from. */
  readonly parts?: Parts
  /** How much there is of it, where it is one of several amounts of the same. */
  readonly amount?: string
  /** Whether it is a salt of two ions that is not among those of the bench. */
  readonly formed?: boolean
  /** Whether what it would show was taken from what is like it, and not worked out. */
  readonly unworked?: boolean
  /** Whether it stands for what is in no library, whose constants nobody knows. */
  readonly unlisted?: boolean
  /** Whether nothing is known of it but its elements: then only what comes of a fusion, and the copper wire, speaks of it. */
  readonly elementsOnly?: boolean
  /** Whether it stands for any compound with its groups, whatever else that looks like. */
  readonly byGroups?: boolean
}
