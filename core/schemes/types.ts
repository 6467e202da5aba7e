import type { TestStep } from '../catalogue'
import type { SourceId } from '../species'

/** A way of working, as data: the order of its stages, its separations where it takes mixtures apart, and what counts as shown. */
export interface Scheme {
  readonly id: string
  readonly title: string
  /** Tests of the catalogue in their order, for work on portions of one solution. */
  /** Tests that a sheet of the course has everybody do, in their order: what else its stages hold is for what these leave open. */
  readonly usual?: readonly string[]
  readonly stages: readonly { readonly id: string; readonly title: string; readonly tests: readonly string[] }[]
  /** For mixtures: one solution taken apart step by step; empty where nothing is separated. */
  readonly separations: readonly Separation[]
  /** Independent positive signs a confirmed ion takes; a class may set another number. */
  readonly confirmations: number
  readonly because: string
  readonly sources: readonly SourceId[]
}

/**
 * One step of taking a mixture apart, done in the vessel `on`: what comes down stays there, the liquid goes on into another. Steps name the vessel as `this`, others by their own name.
 */
export interface Separation {
  readonly id: string
  readonly title: string
  readonly on: string
  /** Only done where a solid was seen in this earlier separation, or in one of these: a group that did not come down is not worked. */
  readonly when?: string | readonly string[]
  /** Only done where no solid was seen in this earlier separation. */
  readonly unless?: string
  /** What has to be seen for its solid to count, where any solid would not do. */
  readonly cameDown?: Sign
  readonly steps: readonly TestStep[]
  /** Where the liquid goes; absent where nothing is parted (a solid is dissolved, a gas boiled off). */
  readonly liquid?: string
  /** Cations that stay behind in `on` as solid; all others go with the liquid. */
  readonly keeps: readonly string[]
  /** Cations it is done for, where it is done on a portion of its own and cares for no others. */
  readonly concerns?: readonly string[]
  /** Cations that chemistry lets go both ways here, and why. */
  readonly strays?: Readonly<Record<string, string>>
  /** Conditions on which it rests, in words. */
  readonly relies?: readonly string[]
  readonly proofs?: readonly Proof[]
  /** Cautions beyond those of the reagents, for what the step makes. */
  readonly cautions?: readonly string[]
  readonly because: string
}

/** How a cation is shown in its fraction: on a portion, or on the vessel itself where nothing is taken. */
export interface Proof {
  /** Cations it stands for: oxidation states that the scheme has made one are named together. */
  readonly ions: readonly string[]
  readonly from: string
  /** mL of the portion; absent for a look at the vessel itself, and where the whole of it is used. */
  readonly portion_mL?: number
  readonly steps: readonly TestStep[]
  readonly sign: Sign
}

/** What counts as seen, in the words of the notebook. */
export interface Sign {
  readonly channel: 'precipitate.colour' | 'precipitate.habit' | 'solution.colour' | 'layer.colour' | 'flame.colour' | 'flame.line' | 'paper'
  readonly values: readonly string[]
  /** Values of the channel that must not be seen with them. */
  readonly without?: readonly string[]
}

/** Whether a separation is left out, by which earlier ones brought something down. */
export function leftOut({ when, unless }: Separation, cameDown: ReadonlySet<string>): boolean {
  if (unless !== undefined && cameDown.has(unless)) return true
  return when !== undefined && ![when].flat().some((earlier) => cameDown.has(earlier))
}
