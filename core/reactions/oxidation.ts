import { COMPONENTS, inComponents, parseFormula, type Resolved } from '../species'
import { COUPLES, type Couple } from './couples'
import { imbalance, writeEquation, type Equation } from './equation'

/** How the components of a reaction are really met in this tube. */
export interface Guises {
  /** The dissolved form most of a component has. */
  readonly dissolved: (component: string) => Resolved
  /** The solid most of what is used up came from, or most of what is made went into; undefined where it is in solution. */
  readonly solid: (component: string, made: boolean) => Resolved | undefined
  readonly basic: boolean
}

const coupleById: ReadonlyMap<string, Couple> = new Map(COUPLES.map((c) => [c.id, c]))

/** The two couples of a pair's id. */
export function couplesOf(pair: string): { oxidant: Couple; reductant: Couple } | undefined {
  const [a = '', b = ''] = pair.split(' | ')
  const oxidant = coupleById.get(a)
  const reductant = coupleById.get(b)
  return oxidant && reductant && { oxidant, reductant }
}

/** What one mole of electrons passing from the reductant to the oxidant does to each component and inert solid, mol; hydrogen included, water left out. */
export function perElectron({ oxidant, reductant }: { oxidant: Couple; reductant: Couple }): {
  components: Map<string, number>
  inert: Map<string, number>
} {
  const components = new Map<string, number>()
  const inert = new Map<string, number>()
  const tally = (into: Map<string, number>, sum: Readonly<Record<string, number>> | undefined, n: number): void => {
    for (const [formula, m] of Object.entries(sum ?? {})) into.set(formula, (into.get(formula) ?? 0) + n * m)
  }
  for (const [couple, sign] of [
    [oxidant, 1],
    [reductant, -1],
  ] as const) {
    tally(components, couple.reduced, sign / couple.electrons)
    tally(components, couple.oxidised, -sign / couple.electrons)
    tally(inert, couple.inert?.reduced, sign / couple.electrons)
    tally(inert, couple.inert?.oxidised, -sign / couple.electrons)
  }
  return { components, inert }
}

/** The balanced equation of a pair, told through the forms its components have; null where no whole numbers are found. */
export function oxidationEquation(pair: { oxidant: Couple; reductant: Couple }, guises: Guises): Equation | null {
  const { components, inert } = perElectron(pair)
  const sum = new Map<string, number>()
  const left = new Map<number, number>()
  const solids = new Set<string>()
  const include = (formula: string, n: number): void => void sum.set(formula, (sum.get(formula) ?? 0) + n)
  const put = (species: Resolved, n: number): void => {
    include(species.formula.text, n)
    for (const [c, m] of species.terms) left.set(c, (left.get(c) ?? 0) - n * m)
  }
  for (const [formula, n] of components) {
    const c = [...inComponents({ [formula]: 1 }).terms.keys()][0] ?? 0
    left.set(c, (left.get(c) ?? 0) + n)
  }
  for (const [formula, n] of inert) {
    include(formula, n)
    solids.add(formula)
  }
  for (const [formula, n] of components) {
    if (formula === 'H^+' || n === 0) continue
    const solid = guises.solid(formula, n > 0)
    const species = solid ?? guises.dissolved(formula)
    if (solid) solids.add(solid.formula.text)
    const held = species.terms.find(([c]) => COMPONENTS[c] === formula)?.[1] ?? 1
    put(species, n / held)
  }
  for (const [c, n] of [...left]) if (c !== 0 && Math.abs(n) > 1e-9) put(guises.dissolved(COMPONENTS[c] ?? ''), n)
  const hydrogen = left.get(0) ?? 0
  if (guises.basic) include('OH^-', -hydrogen)
  else include('H^+', hydrogen)
  let oxygen = 0
  for (const [formula, n] of sum) oxygen += n * (parseFormula(formula).atoms['O'] ?? 0)
  include('H2O', -oxygen)
  return inWholeNumbers(sum, solids)
}

function inWholeNumbers(sum: ReadonlyMap<string, number>, solids: ReadonlySet<string>): Equation | null {
  for (let factor = 1; factor <= 60; factor++) {
    const scaled = [...sum].map(([f, n]) => [f, n * factor] as const)
    if (!scaled.every(([, n]) => Math.abs(n - Math.round(n)) < 1e-6)) continue
    const coefficients = new Map(scaled.map(([f, n]) => [f, Math.round(n)] as const).filter(([, n]) => n !== 0))
    return imbalance(coefficients).size === 0 && coefficients.size > 1 ? { coefficients, text: writeEquation(coefficients, solids) } : null
  }
  return null
}
