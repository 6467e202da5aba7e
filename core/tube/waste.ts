import {
  agentById,
  COMPONENTS,
  dryPhase,
  findReagent,
  findSolvent,
  hasTrait,
  inertById,
  ionsWith,
  type IonTrait,
  parseFormula,
  UnknownReagent,
  type Solution,
} from '../species'
import { structureOf } from '../structure'
import type { Step } from './procedure'
import { emptyVessel, pour, settleEquilibrium, type Vessel } from './vessel'

/**
 * The jars what is left of a test goes into, those that must be kept apart from most first.
 * Source: the usual separation of laboratory waste (Vogel, waste from qualitative analysis); the local code goes first.
 */
export const WASTE_JARS = [
  'cyanide and sulfide, kept alkaline',
  'silver',
  'halogenated organic',
  'heavy metals',
  'oxidisers',
  'organic without halogens',
  'acids and alkalis, neutralised',
  'down the drain with water',
  'dry residues',
  'nothing',
] as const
export type WasteJar = (typeof WASTE_JARS)[number]

/** What a vessel holds that decides where it goes and what it must not meet. */
export const WASTE_TRAITS = [
  /** Free cyanide, thiocyanate, the cyano complexes. */
  'cyanide',
  /** Sulfide that acid frees, and what gives it. */
  'sulfide',
  'silver',
  'ammonia',
  'heavy-metal',
  'chromium-vi',
  'halogenated',
  'organic',
  'oxidiser',
  'hypohalite',
  'ammonium',
  'acid',
  'alkali',
  'liquid',
  'solid',
  'sodium',
  'broken-glass',
] as const
export type WasteTrait = (typeof WASTE_TRAITS)[number]
export type Holding = ReadonlySet<WasteTrait>

/** What is done before it goes there, by what asks for it. */
export const WASTE_CARES = {
  'make-alkaline': 'make it alkaline with sodium hydroxide first, in the hood',
  'make-acid-at-once': 'make it acid with dilute nitric acid at once: ammoniacal silver is never kept',
  'reduce-chromium': 'reduce it first: sulfuric acid and sodium hydrogensulfite, until it is green',
  'reduce-oxidiser': 'reduce it first: sodium hydrogensulfite or thiosulfate, until starch iodide paper stays white',
  'destroy-sodium':
    'what is left of the sodium: when quite cold, and no flame near, propan-2-ol drop by drop in the hood until no gas comes, only then water',
  'bring-down-silver':
    'bring the silver down at once with sodium sulfide, until nothing more comes: ammoniacal silver goes off on standing, and no acid may come to this jar',
  sharps: 'broken tubes go to the sharps',
} as const
export type WasteCare = keyof typeof WASTE_CARES

/** Where what is left goes. */
export interface Waste {
  readonly jar: WasteJar
  /** What is done first, in this order. */
  readonly first: readonly WasteCare[]
  /** Whether acid must never come to it: it would free hydrogen cyanide or hydrogen sulfide. */
  readonly noAcid: boolean
}

/** Elements whose salts are collected. Zinc, iron and manganese are not. */
const elementsOf = (formula: string): Readonly<Record<string, number>> => parseFormula(formula).atoms
/** Elements of the ions with a trait. */
const elementsWith = (trait: IonTrait): readonly string[] => [
  ...new Set(ionsWith(trait).flatMap((id) => Object.keys(elementsOf(id)).filter((element) => element !== 'H' && element !== 'O'))),
]
/** With those of reagents that are no ions of the scheme. */
const HEAVY = [...elementsWith('heavy-metal'), 'Mo', 'Zr', 'Ce']
/** Metals whose sulfides give no hydrogen sulfide with dilute acid. */
const KEEPS_SULFIDE = elementsWith('keeps-sulfide')
/* Of what is in bottles and not among the ions of the scheme. */
const SULFIDES: ReadonlySet<string> = new Set([...ionsWith('gives-sulfide'), 'S2^2-', 'CH3CSNH2'])
const CYANIDES: ReadonlySet<string> = new Set([...ionsWith('gives-cyanide'), 'CN^-', 'Fe(CN)5NO^2-'])
const OXIDISERS: ReadonlySet<string> = new Set([
  ...ionsWith('oxidising-waste'),
  'MnO4^2-',
  'ClO4^-',
  'ClO2',
  'ClO^-',
  'BrO^-',
  'IO3^-',
  'H2O2',
  'Cl2',
  'Br2',
  'CrO2Cl2',
  'Ce^4+',
])
const HYPOHALITES: ReadonlySet<string> = new Set(['Cl2', 'ClO^-', 'BrO^-', 'Br2'])
const OXIDISING_SOLIDS: ReadonlySet<string> = new Set(['MnO2', 'PbO2', 'NaBiO3'])
const ORGANICS: ReadonlySet<string> = new Set(['C2H5OH', 'CH3OH', 'C4H8O2', 'C3H9BO3', 'C3H6O'])

const hasElement = (formula: string, elements: readonly string[]): boolean => elements.some((e) => (elementsOf(formula)[e] ?? 0) > 0)
/** Whether a molecule holds carbon and a halogen. */
const isHalogenated = (atoms: Readonly<Record<string, number>>): boolean =>
  (atoms['C'] ?? 0) > 0 && ['F', 'Cl', 'Br', 'I'].some((halogen) => (atoms[halogen] ?? 0) > 0)

/** What each component of the ledger brings. */
const BRINGS: readonly (readonly WasteTrait[])[] = COMPONENTS.map((formula): readonly WasteTrait[] => [
  ...(CYANIDES.has(formula) ? (['cyanide'] as const) : []),
  ...(SULFIDES.has(formula) ? (['sulfide'] as const) : []),
  ...(hasElement(formula, ['Ag']) ? (['silver'] as const) : []),
  ...(hasElement(formula, HEAVY) ? (['heavy-metal'] as const) : []),
  ...(hasTrait(formula, 'chromium-vi') || formula === 'CrO2Cl2' ? (['chromium-vi'] as const) : []),
  ...(OXIDISERS.has(formula) ? (['oxidiser'] as const) : []),
  ...(HYPOHALITES.has(formula) ? (['hypohalite'] as const) : []),
  ...(ORGANICS.has(formula) ? (['organic'] as const) : []),
  ...(formula === 'NH4^+' ? (['ammonium'] as const) : []),
])

/** Less than this of something in a tube is a trace that clings to the glass, mol. */
const TRACE = 1e-7
/** Less of it in a liquid decides nothing, mol/L: about a part in a hundred thousand. */
const THIN = 1e-4
/** Less of an organic liquid than this decides nothing, mol/L. */
const THIN_ORGANIC = 0.05

/** What a vessel holds at the end, by its ledger. */
export function holdingOf(vessel: Vessel): Holding {
  const held = new Set<WasteTrait>()
  const litres = vessel.volume_mL / 1000
  const counts = (mol: number, thin = THIN): boolean => mol > TRACE && (litres === 0 || mol / litres > thin)
  const bring = (component: number, mol: number): void => {
    for (const trait of BRINGS[component] ?? []) if (counts(mol, trait === 'organic' ? THIN_ORGANIC : THIN)) held.add(trait)
  }
  const totals = Float64Array.from(vessel.totals)
  // Sulfide that a metal keeps from acid is the metal's.
  const keeping = (vessel.contents?.solids ?? []).filter(({ solid }) => hasElement(solid.data.formula, KEEPS_SULFIDE))
  for (const { solid, mol } of keeping)
    for (const [component, n] of solid.terms)
      if (SULFIDES.has(COMPONENTS[component] ?? '')) totals[component] = (totals[component] as number) - n * mol
  totals.forEach((mol, component) => {
    if (component > 0) bring(component, mol)
  })
  for (const [id, mol] of vessel.dry) {
    if (mol > TRACE) held.add('solid')
    for (const [component, n] of dryPhase(id)?.terms ?? []) bring(component, n * mol)
    for (const inert of Object.keys(dryPhase(id)?.data.inert ?? {})) bringInert(inert)
  }
  function bringInert(formula: string): void {
    held.add('solid')
    if (OXIDISING_SOLIDS.has(formula)) held.add('oxidiser')
    if (hasElement(inertById.get(formula)?.formula ?? formula, HEAVY)) held.add('heavy-metal')
    if (hasElement(formula, ['Ag'])) held.add('silver')
  }
  for (const [formula, mol] of vessel.inert) if (mol > TRACE) bringInert(formula)
  if (vessel.second) held.add(vessel.second.solvent.family === 'chlorinated' ? 'halogenated' : 'organic')
  const { organic } = vessel
  if (organic && !organic.ashed) {
    for (const [smiles, mol] of organic.compounds) if (mol > TRACE) held.add(isHalogenated(structureOf(smiles).atoms) ? 'halogenated' : 'organic')
    for (const [id, mol] of organic.agents) if (mol > TRACE) bringAgent(held, id.split('|')[0] ?? id)
    for (const [solvent, mL] of organic.solvents) if (mL > 0.01) held.add(solvent === 'dichloromethane' ? 'halogenated' : 'organic')
  }
  if (vessel.volume_mL > 0) {
    held.add('liquid')
    const pH = vessel.contents?.pH
    if (pH !== undefined && pH < 5) held.add('acid')
    if (pH !== undefined && pH > 9) held.add('alkali')
    if (pH !== undefined && pH > 8 && held.has('ammonium')) held.add('ammonia')
  }
  return held
}

/** Molecules of reagents, and what they and the unknown became. */
function bringAgent(held: Set<WasteTrait>, formula: string): void {
  if (formula === 'tar') {
    held.add('organic')
    return
  }
  const known = agentById.get(formula)?.formula ?? formula
  if (OXIDISERS.has(known)) held.add('oxidiser')
  let atoms: Readonly<Record<string, number>> = {}
  try {
    atoms = elementsOf(known)
  } catch {
    held.add('organic')
  }
  if (HEAVY.some((element) => (atoms[element] ?? 0) > 0)) held.add('heavy-metal')
  if ((atoms['C'] ?? 0) > 0) held.add(isHalogenated(atoms) ? 'halogenated' : 'organic')
}

/** What a step leaves besides what the vessels hold. */
export const leftBy = (steps: readonly Step[]): readonly WasteTrait[] =>
  steps.some((step) => step.do === 'fuse')
    ? steps.some((step) => step.do === 'fuse' && step.with !== 'zinc-carbonate')
      ? ['broken-glass', 'sodium']
      : ['broken-glass']
    : []

const union = (holdings: Iterable<Holding>): Set<WasteTrait> => {
  const all = new Set<WasteTrait>()
  for (const holding of holdings) for (const trait of holding) all.add(trait)
  return all
}

/** Where what holds all of this goes, the strictest jar of any that one of it would need. */
export function wasteFor(holdings: Iterable<Holding>): Waste {
  const held = union(holdings)
  const noAcid = held.has('cyanide') || held.has('sulfide')
  // Chlorine and ammonium within one tube: the oxidiser is destroyed, and what then is left has another jar.
  const isDestroyed = held.has('hypohalite') && (held.has('ammonium') || held.has('ammonia'))
  const jar: WasteJar = noAcid
    ? 'cyanide and sulfide, kept alkaline'
    : held.has('silver')
      ? 'silver'
      : held.has('halogenated')
        ? 'halogenated organic'
        : held.has('heavy-metal')
          ? 'heavy metals'
          : held.has('oxidiser') && !held.has('organic') && !isDestroyed
            ? 'oxidisers'
            : held.has('organic')
              ? 'organic without halogens'
              : held.has('acid') || held.has('alkali')
                ? 'acids and alkalis, neutralised'
                : held.has('liquid')
                  ? 'down the drain with water'
                  : held.has('solid')
                    ? 'dry residues'
                    : 'nothing'
  const first: WasteCare[] = []
  if (held.has('broken-glass')) first.push('sharps')
  if (held.has('sodium')) first.push('destroy-sodium')
  if (noAcid && held.has('acid')) first.push('make-alkaline')
  if (held.has('silver') && held.has('ammonia')) first.push(jar === 'silver' ? 'make-acid-at-once' : 'bring-down-silver')
  if (held.has('chromium-vi') && !noAcid) first.push('reduce-chromium')
  if (held.has('oxidiser') && jar !== 'oxidisers') first.push('reduce-oxidiser')
  return { jar, first, noAcid }
}

/** What would come of two wastes in one jar; null where nothing would. Source: the usual incompatibilities of laboratory waste. */
export const REACTIONS_IN_A_JAR = {
  'acid-frees-cyanide': 'acid frees hydrogen cyanide or hydrogen sulfide',
  'oxidiser-burns-organic': 'an oxidiser and something that burns heat up, and may go off',
  'chlorine-with-ammonia': 'hypochlorite or chlorine with ammonia gives chloramines',
  'oxidiser-with-cyanide': 'an oxidiser makes cyanogen chloride of cyanide, and heats up with sulfide',
  'silver-with-ammonia': 'ammoniacal silver goes off on standing',
} as const
export type JarReaction = keyof typeof REACTIONS_IN_A_JAR

export function reactionOf(a: Holding, b: Holding): JarReaction | null {
  const both = union([a, b])
  const has = (...all: readonly WasteTrait[]): boolean => all.every((trait) => both.has(trait))
  const cyanide = both.has('cyanide') || both.has('sulfide')
  if (cyanide && both.has('acid')) return 'acid-frees-cyanide'
  if (cyanide && both.has('oxidiser')) return 'oxidiser-with-cyanide'
  if (both.has('oxidiser') && (both.has('organic') || both.has('halogenated'))) return 'oxidiser-burns-organic'
  if (has('hypohalite', 'ammonium') || has('hypohalite', 'ammonia')) return 'chlorine-with-ammonia'
  if (has('silver', 'ammonia')) return 'silver-with-ammonia'
  return null
}

/** What is left of a waste once what is to be done first is done. */
export function cared(holding: Holding, { first }: Pick<Waste, 'first'>): Holding {
  const held = new Set(holding)
  const drop = (...gone: readonly WasteTrait[]): void => gone.forEach((trait) => held.delete(trait))
  for (const care of first) {
    if (care === 'make-alkaline') {
      drop('acid')
      held.add('alkali')
    }
    if (care === 'make-acid-at-once') {
      drop('ammonia', 'alkali')
      held.add('acid')
    }
    if (care === 'bring-down-silver') drop('silver')
    if (care === 'reduce-chromium') drop('chromium-vi')
    if (care === 'reduce-oxidiser') drop('oxidiser', 'hypohalite')
    if (care === 'destroy-sodium') drop('sodium')
    if (care === 'sharps') drop('broken-glass')
  }
  return held
}

/** What stands in each jar: what may be taken to be in it whatever else is. */
const STANDS_IN: Readonly<Partial<Record<WasteJar, Holding>>> = {
  'cyanide and sulfide, kept alkaline': new Set<WasteTrait>(['cyanide', 'sulfide', 'alkali', 'liquid']),
  silver: new Set<WasteTrait>(['silver', 'acid', 'liquid']),
  'halogenated organic': new Set<WasteTrait>(['halogenated', 'liquid']),
  'organic without halogens': new Set<WasteTrait>(['organic', 'liquid']),
  'heavy metals': new Set<WasteTrait>(['heavy-metal', 'acid', 'liquid']),
  oxidisers: new Set<WasteTrait>(['oxidiser', 'liquid']),
}
/** Why something may not go into a jar as it is; null where it may. */
export const refusedBy = (jar: WasteJar, holding: Holding): JarReaction | null => reactionOf(STANDS_IN[jar] ?? new Set(), holding)

/**
 * The jar a bottle's own contents go to.
 * @throws UnknownReagent where it is neither a liquid nor a solid on the shelf
 */
export function wasteOfReagent(text: string): Waste {
  const solvent = findSolvent(text)
  if (solvent) return wasteFor([new Set<WasteTrait>(['liquid', solvent.family === 'chlorinated' ? 'halogenated' : 'organic'])])
  let solution: Solution
  try {
    solution = findReagent(text)
  } catch (error) {
    if (error instanceof UnknownReagent) return wasteFor([new Set<WasteTrait>(['solid'])])
    throw error
  }
  return wasteFor([holdingOf(settleEquilibrium(pour(emptyVessel('bottle'), solution, 1)))])
}
