import { SOLIDS, type SourceId } from '../species'

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
]

export const ruleById: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.id, rule]))

/** Every rule a solid's gate names, so that a gate without a rule is found by a test. */
export const gateRules = (): readonly string[] => SOLIDS.flatMap((s) => (s.data.gate ? [s.data.gate.rule] : []))
export { RULES }
