import { AQUEOUS, parseFormula, type Formula, type Resolved } from '../species'

/** A species and how much more (or less) of it there is after a change, mol. */
export interface Change {
  readonly species: Resolved
  readonly kind: 'aqueous' | 'solid' | 'gas'
  readonly mol: number
  /** A dissolved product worth an equation of its own. Solids and gases always are. */
  readonly notable: boolean
  /** An acid or base of which more than a little of what is there turned over. */
  readonly turned?: boolean
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
  for (let factor = 1; factor <= 60; factor++) {
    const scaled = [...coefficients].map(([f, n]) => [f, n * factor] as const)
    if (scaled.every(([, n]) => Math.abs(n - Math.round(n)) < 1e-6))
      return new Map(scaled.map(([f, n]) => [f, Math.round(n)] as const).filter(([, n]) => n !== 0))
  }
  return null
}

/** What ran in fixed proportions beside the equilibria, an oxidation or a conversion: what one mole of it makes (used up: below none) of components and of solids that stand outside the equilibrium. */
export interface Ran {
  readonly id: string
  readonly components: ReadonlyMap<number, number>
  readonly inert: ReadonlyMap<string, number>
  /** How much of it ran, mol. */
  readonly mol: number
}

type Part = { readonly change: Change } | { readonly ran: Ran }

/** Coefficient of a component in a species. */
const holds = (species: Resolved, component: number): number => species.terms.find(([c]) => c === component)?.[1] ?? 0

/** Share of what is needed that an acid or base has to have turned over to be named in place of the bare ion. */
const TURNED_OVER = 0.05
/** The same where electrons passed too. */
const TURNED_OVER_WITH_ELECTRONS = 0.4
/** How much less the forms of what a solid is made of count as the source of protons. */
const OWN = 0.5

/** An acid and the base it leaves, or an ion that is one by itself, and by how much it turned over, mol. */
interface Protons {
  readonly acid: Change
  readonly base: Change | undefined
  readonly turnover: number
}

/** An equation in the making: species with their coefficients, and what of each component is still to be accounted for. */
class Draft {
  private readonly coefficients = new Map<string, number>()
  private readonly open = new Map<number, number>()
  private readonly solids = new Set<string>()
  private target: Change | Ran | undefined
  private ranWithin = false
  /** Something in it came and went again. */
  passing = false

  constructor(
    private readonly changes: readonly Change[],
    private readonly ran: readonly Ran[],
    private readonly basic: boolean,
  ) {}

  private include({ species, kind }: Pick<Change, 'species' | 'kind'>, n: number): void {
    const { text } = species.formula
    if (kind === 'solid') this.solids.add(text)
    this.coefficients.set(text, (this.coefficients.get(text) ?? 0) + n)
    for (const [component, a] of species.terms) this.add(component, n * a)
  }
  private run(ran: Ran, n: number): void {
    this.ranWithin = true
    for (const [component, a] of ran.components) this.add(component, -n * a)
    for (const [solid, a] of ran.inert) {
      this.solids.add(solid)
      this.coefficients.set(solid, (this.coefficients.get(solid) ?? 0) + n * a)
    }
  }
  private add(component: number, n: number): void {
    const sum = (this.open.get(component) ?? 0) + n
    this.open.set(component, Math.abs(sum) < 1e-9 ? 0 : sum)
  }

  /** The equation of a change, or of what ran, told through what really changed most: each component is supplied by what lost, or taken up by what gained, most of it. */
  of(target: Part): Equation | null {
    this.target = 'ran' in target ? target.ran : target.change
    this.use(this.target, Math.sign(this.target.mol))
    for (let guard = 0; guard < MOST_PARTS; guard++) {
      const open = [...this.open].flatMap(([c, n]) => (c === HYDROGEN || n === 0 ? [] : [{ component: c, need: -n, from: this.sourceOf(c, -n) }]))
      // What another reaction makes or uses comes first: it brings needs of its own.
      const next = open.find(({ from }) => from && !('species' in from.part)) ?? open[0]
      if (!next) return this.withHydrogen()
      if (next.from) this.use(next.from.part, next.from.n)
      else {
        // Nothing changed that holds it: it came and went again, and is told as the bare ion.
        this.passing = true
        this.include({ species: AQUEOUS[next.component] as Resolved, kind: 'aqueous' }, next.need)
      }
    }
    return null
  }

  private use(part: Change | Ran, n: number): void {
    if ('species' in part) this.include(part, n)
    else this.run(part, n)
  }

  /** What supplied, or took up, most of a component; undefined where nothing did. */
  private sourceOf(component: number, need: number): { readonly part: Change | Ran; readonly n: number } | undefined {
    let best: { part: Change | Ran; n: number } | undefined
    let most = 0
    const offer = (part: Change | Ran, a: number, mol: number, direction: 1 | -1): void => {
      // Only in the direction it went.
      if (a === 0 || part === this.target || mol * need * a * direction <= 0) return
      // What merely passes through is told where little of it was there before or is left.
      const moved = Math.abs(mol * a) * ('species' in part ? 1 : PASSING)
      if (moved <= most) return
      most = moved
      best = { part, n: (direction * need) / a }
    }
    for (const change of this.changes) offer(change, holds(change.species, component), change.mol, 1)
    for (const ran of this.ran) offer(ran, ran.components.get(component) ?? 0, ran.mol, -1)
    return best
  }

  /** Protons are those of the acid or base that turned over most; where none did for a fair share of what is needed, the hydrogen ion of an acid liquid or the hydroxide of a basic one. */
  private withHydrogen(): Equation | null {
    if (this.ranWithin) this.inOneForm()
    const need = -(this.open.get(HYDROGEN) ?? 0)
    const found = need === 0 ? null : this.protonsFor(need)
    if (found?.base) {
      this.include(found.acid, need)
      this.include(found.base, -need)
    } else if (found) this.include(found.acid, need / holds(found.acid.species, HYDROGEN))
    else if (this.basic) this.coefficients.set('OH^-', (this.coefficients.get('OH^-') ?? 0) - need)
    else this.coefficients.set('H^+', (this.coefficients.get('H^+') ?? 0) + need)
    return this.finish()
  }

  private protonsFor(need: number): Protons | null {
    // Electrons that pass in acid take bare hydrogen ions with them, as everybody writes it.
    if (!this.target || (this.ranWithin && !this.basic)) return null
    const sign = Math.sign(need)
    const target = this.target
    const own = new Set('species' in target && target.kind === 'solid' ? target.species.terms.map(([component]) => component) : [])
    const least = (this.ranWithin ? TURNED_OVER_WITH_ELECTRONS : TURNED_OVER) * Math.abs(target.mol * need)
    let best: Protons | null = null
    const offer = (acid: Change, base: Change | undefined, turnover: number): void => {
      if (turnover > Math.max(least, best?.turnover ?? 0)) best = { acid, base, turnover }
    }
    // Forms of one component by how many protons each has.
    const forms = new Map<number, Map<number, Change>>()
    for (const change of this.changes) {
      if (change.kind !== 'aqueous') continue
      const { terms } = change.species
      const protons = holds(change.species, HYDROGEN)
      // Hydrogen ions are not set free in a basic liquid, nor hydroxide in an acid one.
      const isBare = terms.length === 1 && Math.abs(protons) === 1
      if (isBare && (need * protons < 0 || protons === (this.basic ? -1 : 1))) offer(change, undefined, change.mol * sign * protons)
      const others = terms.filter(([component]) => component !== HYDROGEN)
      const [component, n] = others[0] ?? []
      if (others.length !== 1 || component === undefined || n !== 1) continue
      const known = forms.get(component) ?? new Map<number, Change>()
      forms.set(component, known.set(protons, change))
    }
    for (const [component, known] of forms)
      for (const [protons, acid] of known) {
        const base = known.get(protons - 1)
        // What the solid itself is made of gives up protons only where nothing else does for nearly as much.
        if (base) offer(acid, base, Math.min(sign * acid.mol, -sign * base.mol) * (own.has(component) ? OWN : 1))
      }
    return best
  }

  /** Acid and base of one component on two sides cancel; where acid is set free beside both on the left, the base is what was taken. */
  private inOneForm(): void {
    for (const { acid, base } of this.acids()) {
      const [a, b] = [this.coefficients.get(acid) ?? 0, this.coefficients.get(base) ?? 0]
      const free = -(this.open.get(HYDROGEN) ?? 0)
      // So much of the acid is told as its anion.
      const n = a * b < 0 ? (Math.abs(a) < Math.abs(b) ? a : -b) : a < 0 && b < 0 && free > 0 ? -Math.min(free, -a) : 0
      if (n === 0) continue
      this.coefficients.set(acid, a - n)
      this.coefficients.set(base, b + n)
      this.add(HYDROGEN, -n)
    }
  }
  /** Monobasic acids among the changes, and their anions. */
  private acids(): { acid: string; base: string }[] {
    return this.changes.flatMap(({ species: { formula, terms }, kind }) => {
      const other = terms.find(([component]) => component !== HYDROGEN)
      if (kind !== 'aqueous' || terms.length !== 2 || other?.[1] !== 1 || !terms.some(([c, n]) => c === HYDROGEN && n === 1)) return []
      return [{ acid: formula.text, base: (AQUEOUS[other[0]] as Resolved).formula.text }]
    })
  }

  private finish(): Equation | null {
    let oxygen = 0
    for (const [formula, n] of this.coefficients) oxygen += n * (parseFormula(formula).atoms['O'] ?? 0)
    if (Math.abs(oxygen) > 1e-9) this.coefficients.set('H2O', (this.coefficients.get('H2O') ?? 0) - oxygen)
    const whole = wholeNumbers(this.coefficients)
    if (!whole || imbalance(whole).size > 0 || whole.size < 2) return null
    return { coefficients: whole, text: writeEquation(whole, this.solids) }
  }
}
/** How much less a thing counts as supplied by another reaction than by what was there. */
const PASSING = 1 / 3
/** Species in one equation at most. */
const MOST_PARTS = 10

/** A solid that changed by less is not worth an equation, mol. */
const WORTH_TELLING = 2e-8
/** What ran, or came down, to less than this share of the main thing is no part of what a chemist writes. */
const PART_OF_IT = 0.03

/** What a change happened in: whether the liquid is basic afterwards, and the formulae of what was put in. */
export interface Setting {
  readonly basic: boolean
  readonly added: ReadonlySet<string>
}

/**
 * Net ionic equations of a change: what ran, the one that what was put in took part in first, then the one that moved most, then each solid that formed or dissolved, then gases; where there is none of them the largest notable complex, and else the
 * acid or base that turned over most. Every equation returned is balanced in atoms and charge.
 */
export function netIonicEquations(changes: readonly Change[], ran: readonly Ran[], { basic, added }: Setting): Equation[] {
  const told = changes.filter((c) => Math.abs(c.mol) > WORTH_TELLING)
  const solids = told.filter((c) => c.kind === 'solid')
  const gases = told.filter((c) => c.kind === 'gas' && c.mol > 0)
  const dissolved = told.filter((c) => c.kind === 'aqueous' && c.notable && c.mol > 0)
  const largestOf = (of: readonly { readonly mol: number }[]): number => Math.max(0, ...of.map((c) => Math.abs(c.mol)))
  const [solid, running] = [largestOf(solids), largestOf(ran)]
  const main = Math.max(solid, running, largestOf(gases), largestOf(dissolved))
  const targets: Part[] = [
    ...ran
      .filter(({ mol }) => mol > Math.max(WORTH_TELLING, PART_OF_IT * main))
      .sort((a, b) => b.mol - a.mol)
      .map((r): Part => ({ ran: r })),
    ...solids
      .filter(({ mol }) => Math.abs(mol) > 0.02 * Math.max(solid, running))
      .sort((a, b) => Number(b.mol > 0) - Number(a.mol > 0) || Math.abs(b.mol) - Math.abs(a.mol))
      .map((change): Part => ({ change })),
    ...gases.map((change): Part => ({ change })),
  ]
  const most = (of: readonly Change[]): Part[] =>
    [...of]
      .sort((a, b) => b.mol - a.mol)
      .slice(0, 1)
      .map((change) => ({ change }))
  const alone =
    targets.length > 0
      ? targets
      : dissolved.length > 0
        ? most(dissolved)
        : most(told.filter((c) => c.kind === 'aqueous' && c.mol > 0 && c.turned === true))
  const drawn = alone.flatMap((target) => {
    const draft = new Draft(changes, ran, basic)
    const equation = draft.of(target)
    const takesAdded = 'ran' in target && [...(equation?.coefficients ?? [])].some(([formula, n]) => n < 0 && added.has(formula))
    return equation ? [{ equation, passing: draft.passing, takesAdded }] : []
  })
  const whole = drawn.filter((d) => !d.passing)
  const found = (whole.length > 0 ? whole : drawn).sort((a, b) => Number(b.takesAdded) - Number(a.takesAdded)).map((d) => d.equation)
  const seen = new Set<string>()
  return found.filter((e) => {
    const key = [...e.coefficients]
      .map(([f, n]) => `${f}${n}`)
      .sort()
      .join()
    return !seen.has(key) && seen.add(key)
  })
}
