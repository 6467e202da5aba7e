import { condensations, hydrolyses } from './condensations'
import { parseEquation, type ParsedEquation } from './equation'
import { oxidations } from './oxidations'
import { substitutions } from './substitutions'
import type { OrganicRule } from './types'

export * from './equation'
export * from './types'

/** Every reaction of organic compounds, in the order they are let go. */
export const ORGANIC_RULES: readonly OrganicRule[] = [...substitutions, ...oxidations, ...condensations, ...hydrolyses]
export const organicById: ReadonlyMap<string, OrganicRule> = new Map(ORGANIC_RULES.map((rule) => [rule.id, rule]))

const parsed = new Map<string, ParsedEquation>()
export function equationOfRule(rule: OrganicRule): ParsedEquation {
  let equation = parsed.get(rule.id)
  if (!equation) parsed.set(rule.id, (equation = parseEquation(rule.equation)))
  return equation
}
