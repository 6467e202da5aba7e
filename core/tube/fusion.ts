import { COMPONENT_INDEX, COMPONENTS, findReagent, inComponents, saltById, type Stoichiometry } from '../species'
import type { Structure } from '../structure'
import { NO_ORGANICS } from './matter'
import { FUSED_mg } from './operations/fuse'
import type { StepOf } from './procedure'
import { emptyVessel, pour, settleEquilibrium, type Vessel } from './vessel'

type Fuse = StepOf<'fuse'>

const SODIUM_g_mol = 22.99

const groups = (s: Structure, ...ids: readonly (keyof Structure['groups'])[]): number => ids.reduce((sum, id) => sum + (s.groups[id] ?? 0), 0)

/**
 * Share of each element that a good fusion turns into its ion. Nitrogen bound to nitrogen or oxygen partly leaves as gas; sulfonic sulfur holds on longer. Shares are those at which the tests' known behaviour comes out: no
 * source gives yields. Source for the order: Vogel; Shriner.
 */
const YIELD = { amine: 0.4, nitro: 0.25, paired: 0.12, sulfur: 0.75, sulfonic: 0.55, halogen: 0.9, phosphorus: 0.3 }
/** What a fusion that never got red reaches of it. */
const POOR = 0.18
/** What zinc and sodium carbonate reach of it, and sodium under the same. Source: Middleton. */
const BY_ZINC = 0.6
/** Share that stays in the tube of a compound that boils below this, °C, before the sodium has it. */
const VOLATILE_C = 80
const VOLATILE_SHARE = 0.55

/** Sodium atoms that a molecule can bind: one for each halogen and nitrogen, two for sulfur and oxygen, three for phosphorus. */
function sodiumWanted({ atoms }: Structure): number {
  const n = (symbol: string): number => atoms[symbol] ?? 0
  return n('Cl') + n('Br') + n('I') + n('F') + n('N') + 2 * n('S') + 2 * n('O') + 3 * n('P')
}

/** Sodium by mass of the compound below which it runs short. */
const ENOUGH_SODIUM = 0.7
/** mg of compound for each mL of extract below which faint tests fail. */
const WEAK_mg_mL = 6

/** What is wrong with a fusion, by how it was done: after it a test that shows nothing proves nothing. */
export type FusionFault = 'little sodium' | 'not red' | 'weak extract'
export const FUSION_FAULTS: Readonly<Record<FusionFault, (fuse: Fuse) => boolean>> = {
  'little sodium': (fuse) => fuse.with === 'sodium' && (fuse.sodium_mg ?? FUSED_mg.sodium) < ENOUGH_SODIUM * (fuse.sample_mg ?? FUSED_mg.sample),
  'not red': (fuse) => fuse.heating === 'poor',
  'weak extract': (fuse) => ((fuse.sample_mg ?? FUSED_mg.sample) * fuse.tubes) / (fuse.water_mL * fuse.toFraction) < WEAK_mg_mL,
}
export const isFaulty = (fuse: Fuse): boolean => Object.values(FUSION_FAULTS).some((fault) => fault(fuse))

/** What a fusion leaves to dissolve, mol, and how much soot and tar. */
export interface Fused {
  readonly ions: Stoichiometry
  /** Sodium beyond what the compound took, mol. */
  readonly sodium: number
  /** Phosphorus that leaves as phosphine when the tube is plunged, mol. */
  readonly phosphine: number
  /** Tar that browns the extract, mg. */
  readonly tar_mg: number
  /** Sodium over what the compound wants. */
  readonly ratio: number
}

/** One tube heated with one compound. */
function fuseOnce(structure: Structure, mol: number, step: Fuse, boils_C: number | null): Fused {
  const { atoms } = structure
  const atomsOf = (symbol: string): number => (atoms[symbol] ?? 0) * mol
  const sodium = (step.sodium_mg ?? FUSED_mg.sodium) / 1000 / SODIUM_g_mol
  const wanted = sodiumWanted(structure) * mol
  const ratio = wanted > 0 ? sodium / wanted : 10
  const kept = boils_C !== null && boils_C < VOLATILE_C ? VOLATILE_SHARE : 1
  const heat = step.heating === 'poor' ? POOR : 1
  const zinc = step.with === 'zinc-carbonate'
  const reached = heat * kept * (zinc ? BY_ZINC : Math.min(1, ratio))
  const nitrogen =
    groups(structure, 'azo', 'hydrazine', 'azide', 'diazonium') > 0
      ? YIELD.paired
      : groups(structure, 'nitro', 'nitroso', 'oxime', 'nitrate-ion') > 0
        ? YIELD.nitro
        : YIELD.amine
  let cyanide = atomsOf('N') * nitrogen * reached
  let sulfide = atomsOf('S') * (groups(structure, 'acid-sulfonic', 'sulfone', 'sulfonamide') > 0 ? YIELD.sulfonic : YIELD.sulfur) * reached
  // With sodium to spare thiocyanate is taken apart; short of it, cyanide and sulfide stay together.
  const short = zinc ? 0 : Math.min(1, Math.max(0, (1.25 - ratio) / 0.5, step.heating === 'poor' ? 0.7 : 0))
  const thiocyanate = short * Math.min(cyanide, sulfide)
  cyanide -= thiocyanate
  sulfide -= thiocyanate
  const halogen = (symbol: string): number => atomsOf(symbol) * YIELD.halogen * Math.min(1, reached * (step.heating === 'poor' ? 1.6 : 1))
  const phosphorus = atomsOf('P') * reached
  const carbon_mg = atomsOf('C') * 12_011
  return {
    ions: {
      'CN^-': cyanide,
      'HS^-': zinc ? 0 : sulfide,
      'SCN^-': thiocyanate,
      'Cl^-': halogen('Cl'),
      'Br^-': halogen('Br'),
      'I^-': halogen('I'),
      'F^-': halogen('F'),
      'PO4^3-': phosphorus * YIELD.phosphorus,
    },
    sodium: zinc ? 0 : sodium,
    phosphine: phosphorus * (1 - YIELD.phosphorus) * 0.5,
    tar_mg: carbon_mg * (step.heating === 'poor' ? 0.06 : ratio < 0.8 && !zinc ? 0.02 : 0),
    ratio,
  }
}

/** mol/L of carbonate from the zinc variant's mixture, in the extract. */
const CARBONATE_MOLAR = 0.3

/**
 * The extract of a fusion: what dissolves when the hot tubes are broken in water, boiled down and filtered.
 * @param mol of the compound in each tube
 */
export function extractOf(
  into: Vessel,
  structure: Structure,
  mol: number,
  boils_C: number | null,
  step: Fuse,
): { extract: Vessel; fused: Fused; residue: Vessel } {
  const fused = fuseOnce(structure, mol, step, boils_C)
  const { tubes } = step
  const volume = step.water_mL * step.toFraction
  const totals = new Float64Array(COMPONENTS.length)
  let charge = 0
  for (const [ion, n] of Object.entries(fused.ions)) {
    if (n <= 0) continue
    for (const [component, k] of inComponents({ [ion]: 1 }).terms) totals[component] = (totals[component] as number) + k * n * tubes
    charge += (ion.includes('3-') ? 3 : 1) * n * tubes
  }
  const hydroxide = step.with === 'sodium' ? Math.max(0, fused.sodium * tubes - charge) * 0.95 : 0
  const carbonate = step.with === 'zinc-carbonate' ? (CARBONATE_MOLAR * volume) / 1000 : 0
  const sodium = charge + hydroxide + 2 * carbonate
  const put = (component: string, n: number): void => {
    const at = COMPONENT_INDEX.get(component)
    if (at !== undefined) totals[at] = (totals[at] as number) + n
  }
  put('Na^+', sodium)
  put('CO3^2-', carbonate)
  // H+ counts hydroxide as its lack.
  totals[0] = (totals[0] as number) - hydroxide
  // An extract that was there before is thrown away.
  const poured = pour(emptyVessel(into.id), findReagent('water'), volume)
  const tar = (fused.tar_mg * tubes) / 1000 / 12.011
  const organic = tar > 0 ? { ...NO_ORGANICS, agents: new Map([['tar', tar]]) } : null
  const extract = settleEquilibrium({ ...poured, totals, organic, settled: true })
  return { extract, fused, residue: residueOf(`${into.id}-residue`, structure, mol * tubes, step) }
}

/** What the zinc variant leaves on the filter: sulfur as zinc sulfide, in an excess of zinc. */
function residueOf(id: string, { atoms }: Structure, mol: number, step: Fuse): Vessel {
  const empty = emptyVessel(id)
  if (step.with !== 'zinc-carbonate') return empty
  const sulfide = (atoms['S'] ?? 0) * mol * YIELD.sulfur * BY_ZINC * (step.heating === 'poor' ? POOR : 1)
  const totals = new Float64Array(COMPONENTS.length)
  for (const [component, k] of inComponents({ 'Zn^2+': 1, 'HS^-': 1, 'H^+': -1 }).terms) totals[component] = k * sulfide
  const inert = new Map([['Zn', 2e-4]])
  return settleEquilibrium({ ...pour(empty, findReagent('water'), 0.5), totals, inert, strewn: new Set(['Zn']) })
}

/** Salts that the metals of an organic salt are left as when it is burnt. */
const ASHES: Readonly<Record<string, readonly [salt: string, perMetal: number]>> = {
  'Na^+': ['Na2CO3', 0.5],
  'K^+': ['K2CO3', 0.5],
  'Li^+': ['Li2CO3', 0.5],
  'Ca^2+': ['CaCO3', 1],
  'Ba^2+': ['BaCO3', 1],
  'Mg^2+': ['MgO', 1],
  'Zn^2+': ['ZnO', 1],
  'Cu^2+': ['CuO', 1],
  'Pb^2+': ['PbO', 1],
  'Al^3+': ['Al2O3', 0.5],
  'Fe^3+': ['Fe2O3', 0.5],
}

/** The ash of some of a compound, as dry salts, mol. */
export function ashOf(structure: Structure, mol: number): ReadonlyMap<string, number> {
  const ash = new Map<string, number>()
  for (const metal of structure.metals) {
    const symbol = metal.replace(/\^.*/, '')
    const left = ASHES[metal]
    if (left && saltById.has(left[0])) ash.set(left[0], left[1] * (structure.atoms[symbol] ?? 0) * mol)
  }
  return ash
}
