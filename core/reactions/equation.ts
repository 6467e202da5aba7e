import { parseFormula, type Formula, type Resolved } from '../species'

/** A species and how much more (or less) of it there is after a change, mol. */
export interface Change {
  readonly species: Resolved
  readonly kind: 'aqueous' | 'solid' | 'gas'
  readonly mol: number
  /** A dissolved product worth an equation of its own. Solids and gases always are. */
  readonly notable: boolean
}

/** A balanced equation: coefficients by formula, negative for what is used up, in smallest whole numbers. */
export interface Equation {
  readonly coefficients: ReadonlyMap<string, number>
  readonly text: string
}

const HYDROGEN = 0

/** Atoms and charge left over by some coefficients; all zero when balanced. */
export function imbalance(coefficients: ReadonlyMap<string, number>): Map<string, number> {
  const sum = new Map<string, number>()
  const count = (key: string, n: number): void => void sum.set(key, (sum.get(key) ?? 0) + n)
  for (const [formula, n] of coefficients) {
    const parsed: Formula = parseFormula(formula)
    for (const [element, atoms] of Object.entries(parsed.atoms)) count(element, n * atoms)
    count('charge', n * parsed.charge)
  }
  for (const [key, n] of sum) if (Math.abs(n) < 1e-9) sum.delete(key)
  return sum
}

/** Order on one side of an equation: solids, cations, neutral species, anions, and water last. */
const rankOf = (formula: string, solids: ReadonlySet<string>): number => {
  if (formula === 'H2O') return 4
  if (solids.has(formula)) return 0
  const { charge } = parseFormula(formula)
  return charge > 0 ? 1 : charge < 0 ? 3 : 2
}

/** `Ni^2+ + 2 NH3 + 2 H2O -> Ni(OH)2 + 2 NH4^+` */
export function writeEquation(coefficients: ReadonlyMap<string, number>, solids: ReadonlySet<string> = new Set()): string {
  const side = (sign: 1 | -1): string =>
    [...coefficients]
      .filter(([, n]) => n * sign > 0)
      .sort(([a], [b]) => rankOf(a, solids) - rankOf(b, solids))
      .map(([formula, n]) => (Math.abs(n) === 1 ? formula : `${Math.abs(n)} ${formula}`))
      .join(' + ')
  return `${side(-1)} -> ${side(1)}`
}

/** Smallest whole numbers in the same ratio, or null if there are none below the usual size. */
function wholeNumbers(coefficients: ReadonlyMap<string, number>): Map<string, number> | null {
  for (let factor = 1; factor <= 24; factor++) {
    const scaled = [...coefficients].map(([f, n]) => [f, n * factor] as const)
    if (scaled.every(([, n]) => Math.abs(n - Math.round(n)) < 1e-6))
      return new Map(scaled.map(([f, n]) => [f, Math.round(n)] as const).filter(([, n]) => n !== 0))
  }
  return null
}

class Draft {
  readonly coefficients = new Map<string, number>()
  private readonly held = new Map<number, number>()
  private readonly solids = new Set<string>()
  private water = 0

  include({ species, kind }: Pick<Change, 'species' | 'kind'>, n: number): void {
    const { text } = species.formula
    if (kind === 'solid') this.solids.add(text)
    this.coefficients.set(text, (this.coefficients.get(text) ?? 0) + n)
    for (const [component, a] of species.terms) this.held.set(component, (this.held.get(component) ?? 0) + n * a)
    this.water += n * species.water
  }
  left(component: number): number {
    const n = this.held.get(component) ?? 0
    return Math.abs(n) < 1e-9 ? 0 : n
  }
  open(): number | undefined {
    for (const component of this.held.keys()) if (component !== HYDROGEN && this.left(component) !== 0) return component
    return undefined
  }
  finish(): Equation | null {
    if (Math.abs(this.water) > 1e-9) this.coefficients.set('H2O', (this.coefficients.get('H2O') ?? 0) - this.water)
    const whole = wholeNumbers(this.coefficients)
    if (!whole || imbalance(whole).size > 0 || whole.size < 2) return null
    return { coefficients: whole, text: writeEquation(whole, this.solids) }
  }
}

/** Coefficient of a component in a species. */
const holds = (species: Resolved, component: number): number => species.terms.find(([c]) => c === component)?.[1] ?? 0

/**
 * The equation of one target's appearance or disappearance, told through the species that really changed most: each component is
 * supplied by the species that lost (or gained) most of it, hydrogen by the acid–base pair that turned over most.
 */
function equationOf(target: Change, changes: readonly Change[], basic: boolean): Equation | null {
  const draft = new Draft()
  const direction = target.mol > 0 ? 1 : -1
  draft.include(target, direction)
  const used = new Set([target.species.id])
  for (let guard = 0; guard < 8; guard++) {
    const component = draft.open()
    if (component === undefined) break
    const need = -draft.left(component)
    let best: Change | undefined
    let most = 0
    for (const change of changes) {
      const a = holds(change.species, component)
      if (a === 0 || used.has(change.species.id) || change.mol * need * a <= 0) continue
      const moved = Math.abs(change.mol * a)
      if (moved > most) {
        most = moved
        best = change
      }
    }
    if (!best) return null
    used.add(best.species.id)
    draft.include(best, need / holds(best.species, component))
  }
  if (draft.open() !== undefined) return null
  balanceHydrogen(draft, target, changes, basic)
  return draft.finish()
}

/**
 * Protons are supplied by the acid–base pair that turned over most; where none turned over a fair share of what is needed, by the
 * hydroxide ion of a basic liquid or the hydrogen ion of an acid one.
 */
function balanceHydrogen(draft: Draft, target: Change, changes: readonly Change[], basic: boolean): void {
  const need = -draft.left(HYDROGEN)
  if (need === 0) return
  const sign = Math.sign(need)
  const inTarget = new Set(target.species.terms.map(([component]) => component))
  let best: { readonly acid: Change; readonly base: Change | undefined } | undefined
  let most = 0.05 * Math.abs(target.mol * need)
  const offer = (acid: Change, base: Change | undefined, turnover: number): void => {
    if (turnover <= most) return
    most = turnover
    best = { acid, base }
  }
  for (const change of changes) {
    if (change.kind !== 'aqueous') continue
    const { terms } = change.species
    const proton = holds(change.species, HYDROGEN)
    if (terms.length === 1 && proton !== 0) offer(change, undefined, change.mol * sign * Math.sign(proton))
    const other = terms.find(([component]) => component !== HYDROGEN)
    if (terms.length !== 2 || Math.abs(proton) !== 1 || other?.[1] !== 1 || (inTarget.has(other[0]) && target.kind === 'solid')) continue
    const partner = changes.find((c) => c.kind === 'aqueous' && c.species.terms.length === 1 && c.species.terms[0]?.[0] === other[0])
    if (!partner) continue
    const [acid, base] = proton > 0 ? [change, partner] : [partner, change]
    offer(acid, base, Math.min(sign * acid.mol, -sign * base.mol))
  }
  const plain = changes.find((c) => c.species.id === (basic ? 'OH^-' : 'H^+'))
  const { acid, base } = best ?? { acid: plain, base: undefined }
  if (!acid) return
  if (base) {
    draft.include(acid, need)
    draft.include(base, -need)
  } else draft.include(acid, need / holds(acid.species, HYDROGEN))
}

/** A solid that changed by less is not worth an equation, mol. */
const WORTH_TELLING = 2e-8

/**
 * Net ionic equations of a change, the one that moved most first: each solid that formed or dissolved, then gases, then the largest notable complex.
 * Every equation returned is balanced in atoms and charge.
 * @param basic whether the liquid is basic afterwards
 */
export function netIonicEquations(changes: readonly Change[], basic: boolean): Equation[] {
  const largest = Math.max(...changes.filter((c) => c.kind === 'solid').map((c) => Math.abs(c.mol)), 0)
  const solids = changes
    .filter((c) => c.kind === 'solid' && Math.abs(c.mol) > Math.max(WORTH_TELLING, 0.02 * largest))
    .sort((a, b) => Number(b.mol > 0) - Number(a.mol > 0) || Math.abs(b.mol) - Math.abs(a.mol))
  const gases = changes.filter((c) => c.kind === 'gas' && c.mol > WORTH_TELLING)
  const complexes = changes
    .filter((c) => c.kind === 'aqueous' && c.notable && c.mol > WORTH_TELLING)
    .sort((a, b) => b.mol - a.mol)
    .slice(0, 1)
  const targets = [...solids, ...gases]
  const found = (targets.length > 0 ? targets : complexes).map((target) => equationOf(target, changes, basic)).filter((e) => e !== null)
  const seen = new Set<string>()
  return found.filter((e) => {
    const key = [...e.coefficients]
      .map(([f, n]) => `${f}${n}`)
      .sort()
      .join()
    return !seen.has(key) && seen.add(key)
  })
}
