import type { Passed } from './jar'
import type { Step } from './procedure'
import type { RoastStage } from './roast'
import type { Escaped, Vessel } from './vessel'

/** What happened in a step, for perception to look at. */
export interface Event {
  readonly step: Step
  readonly before: Vessel
  readonly after: Vessel
  /** What was poured in, at equilibrium by itself in its own volume; undefined where nothing was. */
  readonly poured: Vessel | undefined
  readonly escaped: readonly Escaped[]
  /** Gas led in that the liquid kept, mol. */
  readonly passed: readonly Passed[]
  /** The vessel at so large a share of the gas that was led in, worked out when it is asked for. */
  readonly onTheWay: ((share: number) => Vessel) | undefined
  /** Where a heavy acid was let run under a liquid: the two as they meet, worked out when it is looked at. */
  readonly interface: (() => readonly Vessel[]) | undefined
  /** What dry heating did, stage by stage; undefined where nothing was heated dry. */
  readonly roasted: readonly RoastStage[] | undefined
  /** Drops added, where the step asked for a sign instead of an amount. */
  readonly drops: number | undefined
}
