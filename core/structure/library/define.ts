import type { SourceId } from '../../species'
import type { Smell } from '../../vocabulary'

/** Dangers a bottle's label would warn of: flammable, corrosive, toxic, harmful or irritant, suspected carcinogen, explosive when dry or heated, lachrymator. */
export const HAZARDS = {
  F: 'flammable',
  C: 'corrosive',
  T: 'toxic',
  X: 'harmful or irritant',
  K: 'suspected carcinogen',
  E: 'may explode when dry or heated',
  L: 'makes eyes water',
} as const
export type Hazard = keyof typeof HAZARDS

/** A compound of the library: what cannot be read from its structure. Elements and groups are never written here. */
export interface Compound {
  readonly name: string
  readonly smiles: string
  /** °C; null where it is a liquid at room temperature or decomposes without melting. */
  readonly melts_C: number | null
  /** °C at 1013 hPa; null where it is not distilled. */
  readonly boils_C: number | null
  readonly hazards: readonly Hazard[]
  /** In plain words; colourless liquids and white solids unless said. */
  readonly colour: string
  readonly form: 'liquid' | 'crystals' | 'powder'
  readonly smell: Smell
  readonly source: SourceId
}

interface More {
  readonly colour?: string
  readonly smell?: Smell
  readonly form?: 'crystals' | 'powder'
}
type Row = readonly [name: string, smiles: string, melts_C: number | null, boils_C: number | null, hazards: string, more?: More]

/** Room temperature for solid or liquid, °C. */
export const ROOM_C = 22

const isHazard = (letter: string): letter is Hazard => letter in HAZARDS

/** A family of the library, each row a compound; the source is where its melting and boiling point are from. */
export const compounds = (source: SourceId, rows: readonly Row[]): readonly Compound[] =>
  rows.map(([name, smiles, melts_C, boils_C, hazards, more = {}]) => {
    const solid = melts_C !== null && melts_C > ROOM_C
    return {
      name,
      smiles,
      melts_C: solid ? melts_C : null,
      boils_C,
      hazards: [...hazards].filter(isHazard),
      colour: more.colour ?? (solid ? 'white' : 'colourless'),
      form: solid ? (more.form ?? 'crystals') : 'liquid',
      smell: more.smell ?? 'none',
      source,
    }
  })
