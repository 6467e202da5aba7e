import { SOLIDS, type SourceId } from '../species'
import { COUPLES } from './couples'

/** A named departure from equilibrium, with the balanced equation of what it does and where that is known from. */
export interface Rule {
  readonly id: string
  readonly says: string
  readonly equation: string
  readonly source: SourceId
}

const RULES: readonly Rule[] = [
  {
    id: 'copper-hydroxide-dehydrates-hot',
    says: 'Blue copper(II) hydroxide is the less stable solid, but turns into black oxide only when its liquid is hot.',
    equation: 'Cu(OH)2 -> CuO + H2O',
    source: 'clark',
  },
  {
    id: 'nitrate-slow-in-dilute-acid',
    says: 'Nitrate oxidises copper and iodide only in strong acid; in dilute acid at room temperature nothing is seen.',
    equation: 'Cu + 2 NO3^- + 4 H^+ -> Cu^2+ + 2 NO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'nitrite-made-only-in-weak-acid',
    says: 'In strong acid nitrous and nitric acid make nitrogen dioxide, so that this is what leaves.',
    equation: 'NO2^- + NO3^- + 2 H^+ -> 2 NO2 + H2O',
    source: 'cotton',
  },
  {
    id: 'sulfate-oxidises-only-concentrated',
    says: 'Sulfuric acid oxidises iodide only when it is concentrated and has hardly any water; copper it leaves alone until it is heated far beyond a water bath.',
    equation: '2 I^- + SO4^2- + 4 H^+ -> I2 + SO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'dichromate-by-sulfur-dioxide',
    says: 'Acid dichromate paper turns green in sulfur dioxide.',
    equation: 'Cr2O7^2- + 3 SO2 + 2 H^+ -> 2 Cr^3+ + 3 SO4^2- + H2O',
    source: 'vogel7',
  },
]

export const ruleById: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.id, rule]))

/** Every rule that a gate names, so that a gate without a rule is found by a test. */
export const gateRules = (): readonly string[] => [...SOLIDS.flatMap((s) => s.data.gate?.rule ?? []), ...COUPLES.flatMap((c) => c.gate?.rule ?? [])]
export { RULES }
