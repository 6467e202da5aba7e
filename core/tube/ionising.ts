import { rootBetween, type Shift } from '../equilibrium'
import { COMPONENT_INDEX, type OrganicSolvent } from '../species'
import { acidsOf, basesOf, clingsToWater, structureOf, waterSolubilityOf, type Structure } from '../structure'
import { concentration, settleEquilibrium, strongAcid, type Vessel } from './vessel'

/** How an organic unknown gives and takes protons, and how much of it is dissolved by what. */

const solventVolume = ({ organic }: Vessel): number => [...(organic?.solvents ?? [])].reduce((sum, [, mL]) => sum + mL, 0)
/** mL of water and what mixes into it. */
export const waterIn = (vessel: Vessel): number => Math.max(0, vessel.volume_mL - solventVolume(vessel))

/** Less than this is not worth turning, mol. */
export const LEAST = 1e-9

/** Concentrated acid takes up what has oxygen or nitrogen to hold a proton, or a double bond; mol/L of strong acid. */
const STRONG_ACID = 12
/** mol/L of a salt of the unknown that water holds at most, by its carbons: soaps are sparing. */
const saltSolubility = (carbons: number): number => (carbons > 14 ? 0.03 : carbons > 11 ? 0.2 : 2)

/** mol/L of ethanol by itself. */
const PURE_ETHANOL = 17
/** What an organic solvent of the ladder takes up, mol/L. */
const IN_SOLVENT = 1.5

/** Protons given and taken by the unknown, and how much of each compound is dissolved. */
export function ionise(vessel: Vessel, shift: Shift | undefined): Vessel {
  const { organic } = vessel
  if (!organic || vessel.volume_mL <= 0) return vessel
  const water = waterIn(vessel)
  const parts = [...organic.compounds].map(([smiles, mol]) => {
    const structure = structureOf(smiles)
    return { smiles, mol, structure, acids: acidsOf(structure), bases: basesOf(structure), neutral: waterSolubilityOf(structure) }
  })
  const was = organic.reacted.get(PROTONS) ?? 0
  let now = vessel
  let given = was
  if (water > 0.05 && parts.some((p) => p.acids.length + p.bases.length > 0)) {
    const wanted = (pH: number): number => parts.reduce((sum, p) => sum + protonsGiven(p, pH, water), 0)
    // Protons given fall with rising acidity.
    const most = parts.reduce((sum, p) => sum + p.mol * (p.acids.reduce((n, a) => n + a.n, 0) + p.bases.reduce((n, b) => n + b.n, 0)), 0)
    const at = (x: number): Vessel => {
      const totals = Float64Array.from(vessel.totals)
      totals[0] = (totals[0] as number) + (x - was)
      return settleEquilibrium({ ...vessel, totals }, shift)
    }
    const missing = (x: number): number => {
      now = at(x)
      given = x
      return wanted(now.contents?.pH ?? 7) - x
    }
    const first = missing(was)
    const isClose = (f: number, x: number): boolean => Math.abs(f) < NEAR_ENOUGH * Math.abs(x) + LEAST
    if (!isClose(first, was)) {
      const end = first > 0 ? most : -most
      rootBetween({ at: was, value: first }, { at: end, value: missing(end) }, missing, ({ at: x, value }) => isClose(value, x), MOST_TRIED)
    }
  }
  const pH = now.contents?.pH ?? 7
  const acid = strongAcid(now.totals, now.volume_mL)
  const dissolved = new Map(parts.map((p) => [p.smiles, p.mol > 0 ? Math.min(1, capacity(p, pH, acid, vessel, water) / p.mol) : 1]))
  const reacted = new Map(organic.reacted).set(PROTONS, given)
  return { ...now, organic: { ...(now.organic ?? organic), dissolved, reacted } }
}
const PROTONS = 'protons given'
/** Share of the protons given within which it is known how many they are. */
const NEAR_ENOUGH = 0.01
const MOST_TRIED = 20

interface Part {
  readonly mol: number
  readonly structure: Structure
  readonly acids: ReturnType<typeof acidsOf>
  readonly bases: ReturnType<typeof basesOf>
  readonly neutral: number
}

/** How much more of it dissolves because it is ionised: a factor on the uncharged form. */
function ionisedFactor({ acids, bases }: Part, pH: number): { minus: number; plus: number } {
  const [acid] = acids
  const [base] = bases
  return { minus: acid ? 10 ** Math.min(12, pH - acid.pKa) : 0, plus: base ? 10 ** Math.min(12, base.pKa - pH) : 0 }
}
const dissolvedMolar = (part: Part, pH: number): number => {
  const { minus, plus: up } = ionisedFactor(part, pH)
  const salt = saltSolubility(part.structure.atoms['C'] ?? 0)
  return part.neutral + Math.min(salt, part.neutral * (minus + up))
}

function protonsGiven(part: Part, pH: number, water: number): number {
  const share = Math.min(part.mol, (dissolvedMolar(part, pH) * water) / 1000)
  const from = part.acids.reduce((sum, { pKa, n }) => sum + n / (1 + 10 ** (pKa - pH)), 0)
  const to = part.bases.reduce((sum, { pKa, n }) => sum + n / (1 + 10 ** (pH - pKa)), 0)
  return share * (from - to)
}

function capacity(part: Part, pH: number, acid: number, vessel: Vessel, water: number): number {
  const { structure } = part
  const solvents = vessel.organic?.solvents ?? new Map<OrganicSolvent, number>()
  if (acid > STRONG_ACID && waterIn(vessel) > 0) return inStrongAcid(structure) ? part.mol : 0
  let mol = (dissolvedMolar(part, pH) * water) / 1000
  // Ethanol mixed into the water stands in the ledger.
  if (!clingsToWater(structure)) mol += (IN_SOLVENT * water * Math.min(1, concentration(vessel, 'C2H5OH') / PURE_ETHANOL)) / 1000
  for (const [solvent, mL] of solvents) if (!clingsToWater(structure) && solvent !== 'oil') mol += (IN_SOLVENT * mL) / 1000
  return mol
}

/** Oxygen, nitrogen, a double bond, a ring that is easily sulfonated: what cold concentrated sulfuric acid takes up. */
function inStrongAcid({ atoms, groups }: Structure): boolean {
  const basic = (atoms['O'] ?? 0) + (atoms['N'] ?? 0) - 2 * (groups.nitro ?? 0) - (groups.nitro ?? 0)
  return basic > 0 || (groups.nitro ?? 0) === 0
    ? basic > 0 ||
        (groups.alkene ?? 0) + (groups.alkyne ?? 0) > 0 ||
        (groups.thiol ?? 0) + (groups.sulfide ?? 0) > 0 ||
        (groups['alcohol-benzylic-tertiary'] ?? 0) > 0
    : true
}

/** Inorganic ions of a salt, which go into the ledger as soon as there is liquid, by mol of the salt. */
const ionsIn = ({ groups, metals, atoms }: Structure): readonly (readonly [ion: string, n: number])[] => [
  ...metals.map((metal) => [metal, atoms[metal.replace(/\^.*/, '')] ?? 0] as const),
  ['Cl^-', groups['chloride-ion'] ?? 0],
  ['NH4^+', groups['ammonium-ion'] ?? 0],
  ['NO3^-', groups['nitrate-ion'] ?? 0],
]

/** The inorganic ions of what is new in a vessel, in its ledger. */
export function withIons(vessel: Vessel, shift: Shift | undefined): Vessel {
  const { organic } = vessel
  if (!organic) return vessel
  const reacted = new Map(organic.reacted)
  const totals = Float64Array.from(vessel.totals)
  let any = false
  for (const [smiles, mol] of organic.compounds) {
    const key = `ions|${smiles}`
    const fresh = mol - (reacted.get(key) ?? 0)
    if (!(fresh > LEAST)) continue
    reacted.set(key, mol)
    for (const [ion, n] of ionsIn(structureOf(smiles))) {
      const component = COMPONENT_INDEX.get(ion)
      if (component === undefined || n <= 0) continue
      totals[component] = (totals[component] as number) + n * fresh
      any = true
    }
  }
  return any ? settleEquilibrium({ ...vessel, totals, organic: { ...organic, reacted } }, shift) : vessel
}
