import { inertSolids as solids, solvents } from './data/inert'
import { agents } from './data/organic'
import { reagents as bottles } from './data/reagents'
import { oldStates, spoken } from './data/spoken'
import { withoutWater } from './dry'
import { molarMass, parseFormula, type Formula } from './formula'
import { DEFINED_IONS } from './ions/defined'
import { findSalt } from './formed'
import { COMPONENTS, inComponents, SALTS, type Salt } from './registry'
import type { AgentData, InertData, OrganicSolvent, ReagentData, SolventData } from './types'

const inertSolids: readonly InertData[] = [...solids, ...DEFINED_IONS.flatMap((ion) => ion.inert ?? [])]
const reagents: readonly ReagentData[] = [...bottles, ...DEFINED_IONS.flatMap((ion) => ion.reagents ?? [])]

/** A reagent at a strength, ready to pour: moles of components and of water in one litre. */
export interface Solution {
  readonly label: string
  readonly reagent: string
  readonly molarity: number
  /** mol/L by component index. */
  readonly totals: Float64Array
  /** mol of water in one litre. */
  readonly water: number
  readonly caution: string
  /** mol/L of molecules counted beside the ledger. */
  readonly agents?: Readonly<Record<string, number>>
  /** What it comes in, where that is not water. */
  readonly solvent?: OrganicSolvent
}

/** Thrown when a reagent's name or strength is not understood. */
export class UnknownReagent extends Error {
  constructor(
    readonly text: string,
    readonly expected: string,
  ) {
    super(`reagent "${text}" is not known: ${expected}`)
    this.name = 'UnknownReagent'
  }
}

export const REAGENTS: readonly ReagentData[] = reagents

/** The bench salt that a formula without its water names: what comes in the bottle of it. */
const hydrateOf = (formula: string): Salt | undefined => SALTS.find((salt) => withoutWater(salt.id).anhydrous === formula)

const byName = new Map<string, ReagentData>()
for (const r of reagents)
  for (const name of [r.id, r.name, r.formula, ...r.aliases]) if (!byName.has(name.toLowerCase())) byName.set(name.toLowerCase(), r)
for (const salt of SALTS) {
  const anhydrous = salt.id.replace(/\.\d*H2O$/, '')
  if (byName.has(anhydrous.toLowerCase())) continue
  const data: ReagentData = {
    id: anhydrous.toLowerCase(),
    name: salt.data.name.replace(/( \w+hydrate|, anhydrous)$/, ''),
    formula: anhydrous,
    aliases: [],
    supplies: salt.data.ions,
    strengths: [{ label: '0.1 M', molarity: 0.1 }],
    usual: '0.1 M',
    caution: '',
  }
  for (const name of [data.id, data.name, data.formula]) byName.set(name.toLowerCase(), data)
}

/** Metals of one usual oxidation state more than the name says: `copper sulfate` is copper(II) sulfate. */
const USUAL_STATE: Readonly<Record<string, string>> = {
  copper: 'II',
  nickel: 'II',
  cobalt: 'II',
  manganese: 'II',
  iron: 'III',
  mercury: 'II',
  tin: 'II',
  chromium: 'III',
}
/** A name as it might stand on the shelf, from what is said or written for it: each reading in turn, as written first. */
function readings(text: string): string[] {
  const plain = text
    .toLowerCase()
    .replace(/’/g, "'")
    .replace(/sulph/g, 'sulf')
    .replace(/aluminum/g, 'aluminium')
    .replace(/\bhydrogen (sulfate|carbonate|sulfite|phosphate)/g, 'hydrogen$1')
  const states = plain.replace(/\b[a-z]+ous\b|\b[a-z]+ic\b/g, (word) => oldStates[word]?.toLowerCase() ?? word)
  const bare = (name: string): string =>
    name
      .replace(/'s\b|(?<=[a-z]{3})s(?= (reagent|alloy|solution)\b)/g, '')
      .replace(/^(anhydrous|aqueous|aq\.?|fresh(ly made)?|saturated) /, '')
      .replace(/ (solution|soln\.?|reagent|aq\.?|crystals?|powder|pellets|granules|solid)$/, '')
  const withState = (name: string): string =>
    name.replace(/^([a-z]+) (?=[a-z])/, (whole, metal: string) => (USUAL_STATE[metal] ? `${metal}(${USUAL_STATE[metal].toLowerCase()}) ` : whole))
  const all = [text.toLowerCase(), plain, states, bare(plain), bare(states), withState(bare(states))]
  return [...new Set(all.flatMap((name) => [name, ...(spoken[name] === undefined ? [] : [spoken[name]])]))]
}

const STRENGTH = /^(.*?)[\s,]+(?:(\d+(?:\.\d+)?)\s*(M|mol\/L|%)|(conc(?:entrated)?|dil(?:ute)?|sat(?:urated)?)\.?)$/i

function strengthOf(data: ReagentData, text: string, amount: string | undefined, unit: string | undefined, word: string | undefined): number {
  if (amount !== undefined) {
    const value = Number(amount)
    const kept = data.strengths.find((s) => s.label === `${amount} ${unit ?? ''}`)
    if (kept) return kept.molarity
    // A per cent without more is grams in 100 mL of solution.
    return unit === '%' ? (value * 10) / molarMass(parseFormula(data.formula)) : value
  }
  const label = (word ?? data.usual).toLowerCase()
  const found = data.strengths.find((s) => s.label === label || label.startsWith(s.label.slice(0, 3)))
  const known = found ?? (word === undefined ? data.strengths[0] : undefined)
  if (!known)
    throw new UnknownReagent(
      text,
      `${data.name} is kept as ${data.strengths.map((s) => s.label).join(', ')}, or give a strength such as "${data.formula} 0.5 M"`,
    )
  return known.molarity
}

/** A strength that stands before the name, as it is often said: `conc. H2SO4`, `2 M NaOH`, `dilute nitric acid`. */
const STRENGTH_FIRST = /^(?:(conc(?:entrated)?|dil(?:ute)?|sat(?:urated)?)\.?|(\d+(?:\.\d+)?)\s*(M|mol\/L|%))\s+(.+)$/i
const strengthLast = (text: string): string =>
  text.replace(
    STRENGTH_FIRST,
    (_, word: string | undefined, amount: string | undefined, unit: string | undefined, name: string) =>
      `${name} ${word ?? `${amount ?? ''} ${unit ?? ''}`}`,
  )

const cache = new Map<string, Solution>()

/** The bottle a text names, and the strength it says; a phrase may mean both. */
function onShelf(text: string): { readonly data: ReagentData | undefined; readonly match: RegExpExecArray | null } {
  for (const whole of [text, spoken[text.toLowerCase()]]) {
    if (whole === undefined) continue
    const match = STRENGTH.exec(whole)
    for (const name of readings((match?.[1] ?? whole).trim())) {
      const inner = STRENGTH.exec(name)
      const data = byName.get(name.toLowerCase()) ?? (inner?.[1] === undefined ? undefined : byName.get(inner[1].toLowerCase()))
      if (data) return { data, match: match ?? (byName.has(name.toLowerCase()) ? null : inner) }
    }
  }
  return { data: undefined, match: null }
}

/**
 * Reads `NH3 2 M`, `HCl conc`, `barium nitrate`, `CuSO4 0.2 M`, `water`.
 * @throws UnknownReagent when the name or the strength is not understood
 */
export function findReagent(text: string): Solution {
  const key = text.trim()
  const known = cache.get(key)
  if (known) return known
  const { data, match } = onShelf(byName.has(key.toLowerCase()) ? key : strengthLast(key))
  if (!data) throw new UnknownReagent(text, 'give an id, a name or a formula from the catalogue, with a strength such as "2 M"')
  const molarity = strengthOf(data, text, match?.[2], match?.[3], match?.[4])
  const strong = data.strengths.find((s) => s.molarity === molarity && s.density !== undefined)
  const mass = molarity * molarMass(parseFormula(data.formula))
  const solution: Solution = {
    label: key,
    reagent: data.id,
    molarity,
    totals: totalsOf(data.supplies, molarity),
    water: data.solvent ? 0 : waterPerLitre(data, molarity, strong?.density === undefined ? 997 : strong.density * 1000 - mass),
    caution: data.caution,
    ...(data.agents ? { agents: Object.fromEntries(Object.entries(data.agents).map(([id, n]) => [id, n * molarity])) } : {}),
    ...(data.solvent ? { solvent: data.solvent } : {}),
  }
  cache.set(key, solution)
  return solution
}

function totalsOf(supplies: Readonly<Record<string, number>>, molarity: number): Float64Array {
  const totals = new Float64Array(COMPONENTS.length)
  for (const [component, n] of inComponents(supplies).terms) totals[component] = n * molarity
  return totals
}

/** Water is counted in components: NaOH = Na+ + H2O − H+, so a mole of it brings a mole of water besides its solvent. */
function waterPerLitre(data: ReagentData, molarity: number, solvent_g: number): number {
  const formula = parseFormula(data.formula)
  let oxygen = formula.atoms['O'] ?? 0
  for (const [species, n] of Object.entries(data.supplies)) oxygen -= n * (parseFormula(species).atoms['O'] ?? 0)
  const inFormula = data.id === 'water' ? 0 : oxygen
  return solvent_g / 18.015 + inFormula * molarity
}

export const waterSolution = (): Solution => findReagent('water')

export const AGENTS: readonly AgentData[] = agents
export const agentById: ReadonlyMap<string, AgentData> = new Map(agents.map((a) => [a.formula, a]))

export const SOLVENTS: readonly SolventData[] = solvents
/** A liquid that does not mix with water, by its id, name, formula or alias; undefined for anything else. */
export const findSolvent = (text: string): SolventData | undefined => {
  const names = readings(text.trim())
  return solvents.find((s) => [s.id, s.name, s.formula, ...s.aliases].some((n) => names.includes(n.toLowerCase())))
}
export const INERT_SOLIDS: readonly InertData[] = inertSolids
export const inertById: ReadonlyMap<string, InertData> = new Map(inertSolids.map((s) => [s.formula, s]))

/**
 * A reagent taken by the spatula: `NaCl solid`, `copper turnings`, `Na2CO3`.
 * @throws UnknownReagent when it is neither a bench salt nor a solid kept for its redox
 */
export function findSolid(
  text: string,
): { readonly formula: Formula } & ({ readonly salt: Salt } | { readonly inert: InertData } | { readonly agent: AgentData }) {
  const name = text.trim().replace(/[\s,]+(solid|powder|crystals|turnings|foil|dust|ribbon|filings|pellets|granules|wire)$/i, '')
  const names = new Set([...readings(name), ...readings(text.trim())].map((n) => n.toLowerCase()))
  const inert = inertSolids.find((s) => [s.formula, s.name, ...s.aliases].some((n) => names.has(n.toLowerCase())))
  if (inert) return { inert, formula: parseFormula(inert.formula) }
  const agent = agents.find((a) => a.name.toLowerCase() === name.toLowerCase())
  if (agent) return { agent, formula: parseFormula(agent.formula) }
  const known = [...names].flatMap((n) => byName.get(n) ?? []).at(0)
  let salt: Salt | undefined
  try {
    salt = findSalt(known?.formula ?? name) ?? hydrateOf(known?.formula ?? name)
  } catch {
    salt = undefined
  }
  if (!salt) throw new UnknownReagent(text, 'a bench salt in scope by its formula, such as "NaCl solid", or copper turnings')
  return { salt, formula: salt.formula }
}
