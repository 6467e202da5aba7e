import { ATOMIC_MASS } from './elements'

/** A formula as written, taken apart. `atoms` counts each element, `charge` is in units of the elementary charge. */
export interface Formula {
  readonly text: string
  readonly atoms: Readonly<Record<string, number>>
  readonly charge: number
}

/** Thrown for text that is not a formula; `at` is the offending part. */
export class FormulaError extends Error {
  constructor(
    readonly text: string,
    readonly at: string,
  ) {
    super(`"${text}" is not a formula Foxing can read: "${at}" is not understood`)
    this.name = 'FormulaError'
  }
}

const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉'
const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹'

function plain(text: string): string {
  return text
    .trim()
    .replace(/[₀-₉]/g, (c) => String(SUBSCRIPTS.indexOf(c)))
    .replace(/([⁰¹²³⁴-⁹]*)([⁺⁻])/g, (_, digits: string, sign: string) => {
      const plainDigits = [...digits].map((c) => SUPERSCRIPTS.indexOf(c)).join('')
      return `^${plainDigits}${sign === '⁺' ? '+' : '-'}`
    })
    .replace(/−/g, '-')
    .replace(/·/g, '.')
}

function splitCharge(text: string): { body: string; charge: number } {
  const caret = /^(.*)\^\(?(\d*)([+-])\)?$/.exec(text)
  if (caret) return { body: caret[1] ?? '', charge: (caret[3] === '-' ? -1 : 1) * Number(caret[2] || 1) }
  const doubled = /^(.*?[A-Za-z0-9)\]])([+-]{2,})$/.exec(text)
  if (doubled) return { body: doubled[1] ?? '', charge: (doubled[2]?.startsWith('-') ? -1 : 1) * (doubled[2]?.length ?? 0) }
  const bare = /^(.*?)(\d*)([+-])$/.exec(text)
  if (!bare) return { body: text, charge: 0 }
  const sign = bare[3] === '-' ? -1 : 1
  const head = bare[1] ?? ''
  const digits = bare[2] ?? ''
  // Without a caret, "Cu2+" is copper(II) and "SO42-" is SO4 with two charges, but "NH4+" is NH4 with one:
  // a lone element's digits are its charge, after that the last digit of several is.
  if (/^[A-Z][a-z]?$/.test(head)) return { body: head, charge: sign * Number(digits || 1) }
  if (digits.length >= 2) return { body: head + digits.slice(0, -1), charge: sign * Number(digits.slice(-1)) }
  return { body: head + digits, charge: sign }
}

function addGroup(text: string, body: string, factor: number, atoms: Record<string, number>): void {
  let rest = body
  while (rest.length > 0) {
    const bracket = /^[([]/.test(rest) ? closing(text, rest) : null
    if (bracket) {
      const count = /^\d*/.exec(rest.slice(bracket + 1))?.[0] ?? ''
      addGroup(text, rest.slice(1, bracket), factor * Number(count || 1), atoms)
      rest = rest.slice(bracket + 1 + count.length)
      continue
    }
    const element = /^([A-Z][a-z]?)(\d*)/.exec(rest)
    if (!element?.[1] || !(element[1] in ATOMIC_MASS)) throw new FormulaError(text, rest)
    atoms[element[1]] = (atoms[element[1]] ?? 0) + factor * Number(element[2] || 1)
    rest = rest.slice(element[0].length)
  }
}

function closing(text: string, rest: string): number {
  let depth = 0
  for (let i = 0; i < rest.length; i++) {
    if (rest[i] === '(' || rest[i] === '[') depth++
    if (rest[i] === ')' || rest[i] === ']') depth--
    if (depth === 0) return i
  }
  throw new FormulaError(text, rest)
}

/**
 * Reads `KAl(SO4)2.12H2O`, `SO4^2-`, `SO42-`, `SO₄²⁻`, `Hg2^2+`, `e^-`.
 * @throws FormulaError when any part is not understood
 */
export function parseFormula(text: string): Formula {
  let known = read.get(text)
  if (!known) {
    // Formulae of the registry come up time and again; what people type in does not.
    if (read.size >= MOST_READ) read.clear()
    read.set(text, (known = readFormula(text)))
  }
  return known
}
const read = new Map<string, Formula>()
const MOST_READ = 4000

function readFormula(text: string): Formula {
  const { body, charge } = splitCharge(plain(text))
  const atoms: Record<string, number> = {}
  if (body === '') throw new FormulaError(text, text)
  for (const part of body.split('.')) {
    const leading = /^(\d*)(.+)$/.exec(part)
    if (!leading?.[2]) throw new FormulaError(text, part)
    addGroup(text, leading[2], Number(leading[1] || 1), atoms)
  }
  return { text, atoms, charge }
}

/** Molar mass, g/mol. */
export function molarMass(formula: Formula): number {
  let known = masses.get(formula)
  if (known === undefined) {
    known = Object.entries(formula.atoms).reduce((sum, [element, count]) => sum + count * (ATOMIC_MASS[element] ?? 0), 0)
    masses.set(formula, known)
  }
  return known
}
const masses = new WeakMap<Formula, number>()
