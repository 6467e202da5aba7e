import type { Shift } from '../equilibrium'
import { equationOfRule, isGeneric, ORGANIC_RULES, type OrganicRule, type Term } from '../reactions'
import { agentById, COMPONENT_INDEX, gasById, inComponents, inertById, solidById, type OrganicSolvent } from '../species'
import { NO_STRUCTURE, structureOf, type Structure } from '../structure'
import { ionise, LEAST, waterIn, withIons } from './ionising'
import type { OrganicMatter } from './matter'
import { madeAnew, concentration, settleEquilibrium, strongAcid, type Vessel } from './vessel'

const plus = (map: Map<string, number>, key: string, mol: number): void => void map.set(key, Math.max(0, (map.get(key) ?? 0) + mol))

/** All of something the rules made or took, whatever it was made of. */
function inAgents(agents: ReadonlyMap<string, number>, formula: string): number {
  let sum = agents.get(formula) ?? 0
  for (const [key, mol] of agents) if (key.startsWith(`${formula}|`)) sum += mol
  return sum
}

const resolved = new Map<string, Place>()
type Place =
  | { readonly kind: 'agent' | 'inert' | 'fume' | 'water' }
  | { readonly kind: 'ledger'; readonly terms: readonly (readonly [component: number, n: number])[] }

/** Where a species of a rule's equation stands. */
function placeOf(formula: string): Place {
  let place = resolved.get(formula)
  if (!place) resolved.set(formula, (place = workOutPlace(formula)))
  return place
}
function workOutPlace(formula: string): Place {
  if (formula === 'H2O') return { kind: 'water' }
  if (isGeneric(formula) || agentById.has(formula)) return { kind: 'agent' }
  if (inertById.has(formula)) return { kind: 'inert' }
  const solid = solidById.get(formula)
  if (solid) return { kind: 'ledger', terms: [...solid.terms] }
  try {
    return { kind: 'ledger', terms: [...inComponents({ [formula]: 1 }).terms] }
  } catch {
    return { kind: gasById.has(formula) ? 'fume' : 'agent' }
  }
}

/** How much of a term there is to react, mol of the term. */
function available(term: Term, vessel: Vessel, agents: ReadonlyMap<string, number>, solidsToo: boolean): number {
  const place = placeOf(term.formula)
  if (place.kind === 'water') return Infinity
  if (place.kind === 'inert') return vessel.inert.get(term.formula) ?? 0
  if (place.kind !== 'ledger') return inAgents(agents, term.formula)
  let most = Infinity
  for (const [component, n] of place.terms) {
    if (component === 0 || n <= 0) continue
    let mol = vessel.totals[component] as number
    if (!solidsToo) for (const { solid, mol: m } of vessel.contents?.solids ?? []) mol -= m * (solid.terms.find(([c]) => c === component)?.[1] ?? 0)
    most = Math.min(most, mol / n)
  }
  return Math.max(0, most)
}

/** Concentration from which on something counts as being there, mol/L. */
const PRESENT = 1e-4
function isThere(formula: string, vessel: Vessel, organic: OrganicMatter): boolean {
  if (formula === 'H2O') return waterIn(vessel) > 0.05
  if (inAgents(organic.agents, formula) > 0) return true
  const component = COMPONENT_INDEX.get(formula)
  if (component !== undefined && (vessel.totals[component] as number) > (PRESENT * vessel.volume_mL) / 1000) return true
  return concentration(vessel, formula) > PRESENT
}

function mayGo({ when }: OrganicRule, vessel: Vessel, organic: OrganicMatter): boolean {
  if (!when) return true
  const pH = vessel.contents?.pH ?? 7
  const wet = waterIn(vessel) > 0.05
  return (
    pH >= (when.pHFrom ?? -Infinity) &&
    pH <= (when.pHUpTo ?? Infinity) &&
    vessel.temperature >= (when.above_C ?? -Infinity) &&
    vessel.temperature <= (when.below_C ?? Infinity) &&
    (when.acidFrom === undefined || strongAcid(vessel.totals, vessel.volume_mL) >= when.acidFrom) &&
    (when.beside === undefined || isThere(when.beside, vessel, organic)) &&
    (when.without === undefined || !isThere(when.without, vessel, organic)) &&
    (when.dry === undefined || when.dry !== wet)
  )
}

/** Where a solvent makes up most of the liquid, it boils before water does, °C. Source: CRC Handbook. */
const BOILS_C: Readonly<Record<OrganicSolvent, number>> = { ethanol: 78, acetone: 56, dichloromethane: 40, ether: 35, hydrocarbon: 80, oil: 100 }
function reactingAt(vessel: Vessel): number {
  const most = [...(vessel.organic?.solvents ?? [])].find(([, mL]) => mL > vessel.volume_mL / 2)
  return most ? Math.min(vessel.temperature, BOILS_C[most[0]]) : vessel.temperature
}

/** Minutes until half of what can has reacted, at the vessel's temperature. */
export function halfLifeOf(rule: OrganicRule, structure: Structure, temperature: number): number {
  return rule.halfLife_min(structure) / (rule.per10K ?? 2) ** ((temperature - 25) / 10)
}

/** By the groups, which a compound has in common with itself in other bodies. */
const applying = new WeakMap<Structure['groups'], ReadonlyMap<OrganicRule, number>>()
/** The rules that a compound has places for, and how many. */
function rulesFor(structure: Structure): ReadonlyMap<OrganicRule, number> {
  let rules = applying.get(structure.groups)
  if (!rules) {
    rules = new Map(
      ORGANIC_RULES.flatMap((rule) => {
        const sites = rule.sites?.(structure) ?? 0
        return sites > 0 ? [[rule, sites] as const] : []
      }),
    )
    applying.set(structure.groups, rules)
  }
  return rules
}
/** Rules that only what was made or poured takes part in. */
const AMONG_REAGENTS: readonly OrganicRule[] = ORGANIC_RULES.filter((rule) => !rule.sites)
const ORDER: ReadonlyMap<OrganicRule, number> = new Map(ORGANIC_RULES.map((rule, place) => [rule, place]))
/** Every rule that may matter in a vessel, in the order they are let go. */
function rulesIn(organic: OrganicMatter): readonly OrganicRule[] {
  const all = new Set(organic.agents.size > 0 ? AMONG_REAGENTS : [])
  for (const smiles of organic.compounds.keys()) for (const rule of rulesFor(structureOf(smiles)).keys()) all.add(rule)
  return [...all].sort((a, b) => (ORDER.get(a) ?? 0) - (ORDER.get(b) ?? 0))
}

/** The organic matter and the ledger of a vessel while rules work on them. */
class Working {
  private readonly organic: OrganicMatter
  private readonly agents: Map<string, number>
  private readonly reacted: Map<string, number>
  private readonly happened: Map<string, number>
  private readonly fumes: Map<string, number>
  private readonly totals: Float64Array
  private readonly inert: Map<string, number>
  private any = false

  constructor(
    private readonly vessel: Vessel,
    organic: OrganicMatter,
    private readonly minutes: number,
  ) {
    this.organic = organic
    this.agents = new Map(organic.agents)
    this.reacted = new Map(organic.reacted)
    this.happened = new Map(organic.happened)
    this.fumes = new Map(organic.fumes)
    this.totals = Float64Array.from(vessel.totals)
    this.inert = new Map(vessel.inert)
  }

  /** The vessel after it, not yet at equilibrium; null where nothing went. */
  result(): Vessel | null {
    if (!this.any) return null
    const { agents, reacted, happened, fumes, totals, inert } = this
    return { ...this.vessel, totals, inert, organic: { ...this.organic, agents, reacted, happened, fumes } }
  }

  /** Lets one rule go with everything it finds. */
  apply(rule: OrganicRule): void {
    if (rule.sites) {
      this.withCompounds(rule)
      return
    }
    const [made] = equationOfRule(rule).takes.filter((t) => isGeneric(t.formula))
    if (made) this.withMade(rule, made.formula)
    else this.go(rule, NO_STRUCTURE, Infinity)
  }

  private withCompounds(rule: OrganicRule): void {
    for (const [smiles, mol] of this.organic.compounds) {
      const structure = structureOf(smiles)
      const sites = rulesFor(structure).get(rule) ?? 0
      if (sites > 0) this.go(rule, structure, sites * mol - (this.reacted.get(placesOf(rule, structure)) ?? 0))
    }
  }

  /** With what earlier rules made, by what they made it of. */
  private withMade(rule: OrganicRule, formula: string): void {
    for (const [made, mol] of [...this.agents]) {
      if (!made.startsWith(`${formula}|`)) continue
      const used = this.go(rule, structureOf(made.slice(formula.length + 1)), mol)
      this.agents.set(made, Math.max(0, mol - used))
    }
  }

  /** Lets a rule go with so many mol of places; says how many it took. */
  private go(rule: OrganicRule, structure: Structure, pool: number): number {
    const { takes, gives } = equationOfRule(rule)
    const perTurn = takes.find((t) => isGeneric(t.formula))?.n ?? 1
    const reagents = takes.filter((t) => !isGeneric(t.formula))
    const state = { ...this.vessel, totals: this.totals, inert: this.inert }
    let extent = pool / perTurn
    for (const term of reagents) extent = Math.min(extent, available(term, state, this.agents, rule.solidsToo ?? false) / term.n)
    extent *= 1 - 2 ** (-this.minutes / halfLifeOf(rule, structure, reactingAt(this.vessel)))
    if (!(extent > LEAST)) return 0
    this.any = true
    const taken = extent * perTurn
    plus(this.reacted, placesOf(rule, structure), taken)
    plus(this.happened, rule.id, taken)
    for (const term of reagents) this.change(term, -extent, structure)
    for (const term of gives) this.change(term, extent, structure)
    return taken
  }

  /** More or less of one species, wherever it stands. */
  private change({ formula, n }: Term, extent: number, { smiles }: Structure): void {
    const place = placeOf(formula)
    const mol = n * extent
    if (place.kind === 'inert') plus(this.inert, formula, mol)
    if (place.kind === 'fume') plus(this.fumes, formula, mol)
    if (place.kind === 'agent' && mol < 0) take(this.agents, formula, -mol)
    if (place.kind === 'agent' && mol > 0) plus(this.agents, isGeneric(formula) ? `${formula}|${smiles}` : formula, mol)
    if (place.kind !== 'ledger') return
    const { totals } = this
    for (const [component, k] of place.terms) {
      const now = (totals[component] as number) + k * mol
      totals[component] = component === 0 ? now : Math.max(0, now)
    }
  }
}

/** Where it is kept how many places of a compound a rule has taken. */
const placesOf = (rule: OrganicRule, { smiles }: Structure): string => `${rule.id}|${smiles}`

/** What one rule makes another may take: so many turns. */
const TURNS = 3

/** Lets every rule go for some minutes. Rules that feed on what others made come later in the list, or in the next turn. */
function react(vessel: Vessel, minutes: number, shift: Shift | undefined): Vessel {
  let now = vessel
  for (let turn = 0; turn < TURNS && now.organic; turn++) {
    const { organic } = now
    const working = new Working(now, organic, minutes)
    // A slow rule goes once in an operation.
    for (const rule of rulesIn(organic)) if (!organic.happened.has(rule.id) && mayGo(rule, now, organic)) working.apply(rule)
    const after = working.result()
    if (!after) return now
    now = settleEquilibrium(after, shift)
  }
  return now
}

function take(agents: Map<string, number>, formula: string, mol: number): void {
  let left = mol
  for (const [key, there] of agents) {
    if (key !== formula && !key.startsWith(`${formula}|`)) continue
    const some = Math.min(left, there)
    agents.set(key, there - some)
    left -= some
  }
}

/**
 * Lets the unknown in a vessel react, give its protons and dissolve.
 * @param minutes since the last operation began, at the vessel's temperature
 */
export function settleOrganic(vessel: Vessel, minutes: number, shift: Shift | undefined): Vessel {
  if (!vessel.organic) return vessel
  const fresh: Vessel = { ...vessel, organic: { ...vessel.organic, happened: new Map(), fumes: new Map() } }
  if (fresh.volume_mL <= 0) return fresh
  const ionised = ionise(withIons(fresh, shift), shift)
  const done = react(ionised, minutes, shift)
  if (done === ionised) return done
  return ionise(madeAnew(ionised.totals, done.totals) ? { ...done, exchanged: true } : done, shift)
}

/** Share of a compound that no reaction has yet taken, by the reaction that went furthest. */
export function unreacted({ organic }: Vessel, smiles: string): number {
  const mol = organic?.compounds.get(smiles) ?? 0
  if (!organic || mol <= 0) return 1
  const structure = structureOf(smiles)
  let furthest = 0
  for (const [rule, sites] of rulesFor(structure))
    furthest = Math.max(furthest, (organic.reacted.get(placesOf(rule, structure)) ?? 0) / (mol * sites))
  return Math.max(0, 1 - furthest)
}
