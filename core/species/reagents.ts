import { inertSolids, solvents } from './data/inert'
import { agents } from './data/organic'
import { reagents } from './data/reagents'
import { molarMass, parseFormula, type Formula } from './formula'
import { COMPONENTS, findSalt, inComponents, SALTS, type Salt } from './registry'
import type { AgentData, InertData, OrganicSolvent, ReagentData, SolventData } from './types'

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

const cache = new Map<string, Solution>()

/**
 * Reads `NH3 2 M`, `HCl conc`, `barium nitrate`, `CuSO4 0.2 M`, `water`.
 * @throws UnknownReagent when the name or the strength is not understood
 */
export function findReagent(text: string): Solution {
  const key = text.trim()
  const known = cache.get(key)
  if (known) return known
  const match = STRENGTH.exec(key)
  const name = (match?.[1] ?? key).trim().toLowerCase()
  const data = byName.get(name)
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
  const name = text.trim().toLowerCase()
  return solvents.find((s) => [s.id, s.name, s.formula, ...s.aliases].some((n) => n.toLowerCase() === name))
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
  const name = text.trim().replace(/[\s,]+(solid|powder|crystals|turnings|foil)$/i, '')
  const inert = inertSolids.find((s) =>
    [s.formula, s.name, ...s.aliases].some((n) => n.toLowerCase() === name.toLowerCase() || n.toLowerCase() === text.trim().toLowerCase()),
  )
  if (inert) return { inert, formula: parseFormula(inert.formula) }
  const agent = agents.find((a) => a.name.toLowerCase() === name.toLowerCase())
  if (agent) return { agent, formula: parseFormula(agent.formula) }
  const known = byName.get(name.toLowerCase())
  let salt: Salt | undefined
  try {
    salt = findSalt(known?.formula ?? name)
  } catch {
    salt = undefined
  }
  if (!salt) throw new UnknownReagent(text, 'a bench salt in scope by its formula, such as "NaCl solid", or copper turnings')
  return { salt, formula: salt.formula }
}
