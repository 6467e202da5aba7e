import type { Conversion, Couple, DryEquation, Rule } from '../reaction-types'
import type {
  AqueousData,
  BeadData,
  CharcoalData,
  CobaltData,
  FlameData,
  GasData,
  InertData,
  ReagentData,
  ResidueData,
  SaltData,
  SolidData,
} from '../types'
import type { Ion } from './ion'

/**
 * Everything that an ion brings, in one place: what it is, its species with their constants, its salts and bottles, how it looks in the fire, and what it does. A file beside this one holds
 * such a definition, and `defined.ts` lists it; nothing else is touched to add an ion. Every formula balances and every constant has a source, by the same tests as all others.
 */
export interface IonDefinition {
  readonly cations?: Readonly<Record<string, Ion>>
  readonly anions?: Readonly<Record<string, Ion>>
  readonly aqueous?: readonly AqueousData[]
  readonly solids?: readonly SolidData[]
  readonly gases?: readonly GasData[]
  /** Solids that only oxidation and reduction touch. */
  readonly inert?: readonly InertData[]
  readonly salts?: readonly SaltData[]
  readonly reagents?: readonly ReagentData[]
  /** What heating leaves; and what is known of the salts themselves when they are hot, by formula without water. */
  readonly residues?: readonly ResidueData[]
  readonly heated?: Readonly<Record<string, Pick<ResidueData, 'melts_C' | 'sublimes_C' | 'hot' | 'sublimate' | 'vapour'>>>
  readonly flames?: readonly FlameData[]
  readonly charcoal?: readonly CharcoalData[]
  readonly beads?: readonly BeadData[]
  readonly cobalt?: readonly CobaltData[]
  readonly couples?: readonly Couple[]
  readonly conversions?: readonly Conversion[]
  readonly dry?: readonly DryEquation[]
  readonly rules?: readonly Rule[]
  /** How its element in this state is written with a Roman number: `Tl(I)`. */
  readonly written?: Readonly<Record<string, string>>
}
