import { parseFormula } from '../../species'

/** One species of an equation and how many of it. */
export interface Term {
  readonly formula: string
  readonly n: number
}
export interface ParsedEquation {
  readonly takes: readonly Term[]
  readonly gives: readonly Term[]
}

const side = (text: string): Term[] =>
  text.split(' + ').map((part) => {
    const match = /^(?:(\d+) )?(\S+)$/.exec(part.trim())
    if (!match?.[2]) throw new RangeError(`"${part}" is no term of an equation`)
    return { formula: match[2], n: Number(match[1] ?? 1) }
  })

/** Reads `RCHO + 2 Ag(NH3)2^+ + 3 OH^- -> RCOO^- + 2 Ag + 4 NH3 + 2 H2O`. @throws RangeError */
export function parseEquation(text: string): ParsedEquation {
  const [left, right] = text.split(' -> ')
  if (left === undefined || right === undefined) throw new RangeError(`"${text}" has no arrow`)
  return { takes: side(left), gives: side(right) }
}

const RADICAL = /R(?![a-z])(\d*)/
/** Whether a species of an equation bears the rest of the unknown. */
export const isGeneric = (formula: string): boolean => RADICAL.test(formula)

/** Atoms and charge of a species that may bear R, which counts as an atom of its own. */
export function genericAtoms(formula: string): ReadonlyMap<string, number> {
  let radicals = 0
  const rest = formula.replace(new RegExp(RADICAL, 'g'), (_, n: string) => {
    radicals += Number(n || 1)
    return ''
  })
  const atoms = new Map<string, number>(radicals > 0 ? [['R', radicals]] : [])
  const bare = rest.replace(/^\^/, 'H^')
  if (rest === '') return atoms
  const parsed = parseFormula(bare)
  for (const [element, n] of Object.entries(parsed.atoms)) atoms.set(element, n)
  if (bare !== rest) atoms.set('H', (atoms.get('H') ?? 1) - 1)
  atoms.set('charge', parsed.charge)
  return atoms
}

/** What an equation does not balance, R and charge included; empty when it does. */
export function genericImbalance({ takes, gives }: ParsedEquation): ReadonlyMap<string, number> {
  const sum = new Map<string, number>()
  const include = (terms: readonly Term[], sign: number): void => {
    for (const { formula, n } of terms) for (const [key, atoms] of genericAtoms(formula)) sum.set(key, (sum.get(key) ?? 0) + sign * n * atoms)
  }
  include(gives, 1)
  include(takes, -1)
  for (const [key, n] of sum) if (n === 0) sum.delete(key)
  return sum
}
