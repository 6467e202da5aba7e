import { alkaliAqueous, alkaliGases, alkaliSolids } from './data/alkali'
import { alkalineEarthAqueous, alkalineEarthSolids } from './data/alkaline-earth'
import { aluminiumAqueous, aluminiumSolids } from './data/aluminium'
import { anionAqueous, anionGases, anionSolids } from './data/anions'
import { antimonyAqueous, antimonySolids } from './data/antimony'
import { arsenicAqueous, arsenicComplexes, arsenicGases, arsenicSolids, molybdateAqueous, molybdateSolids } from './data/arsenic'
import { bismuthAqueous, bismuthSolids } from './data/bismuth'
import { cadmiumAqueous, cadmiumSolids } from './data/cadmium'
import { chromiumAqueous, chromiumSolids } from './data/chromium'
import { cobaltAqueous, cobaltSolids } from './data/cobalt'
import { copperAqueous, copperSolids } from './data/copper'
import { dithizoneAqueous, dithizoneSolids, extracts } from './data/dithizone'
import { ligandAqueous, ligandGases } from './data/ligands'
import { manganeseAqueous, manganeseSolids } from './data/manganese'
import { mercuryAqueous, mercurySolids } from './data/mercury'
import { nickelAqueous, nickelSolids } from './data/nickel'
import { thioacetamideAqueous } from './data/thioacetamide'
import { tinAqueous, tinSolids } from './data/tin'
import { silverAqueous, silverSolids } from './data/silver'
import { flames } from './data/flames'
import { ironAqueous, ironSolids } from './data/iron'
import { leadAqueous, leadSolids } from './data/lead'
import { waterAqueous, waterGases, waterSolids } from './data/water'
import { zincAqueous, zincSolids } from './data/zinc'
import { salts } from './data/salts'
import { parseFormula, type Formula } from './formula'
import { DEFINED_IONS } from './ions/defined'
import { ionsWith } from './ions/records'
import type { AqueousData, Constant, ExtractData, FlameData, GasData, SaltData, SolidData, Stoichiometry } from './types'

const aqueousData: readonly AqueousData[] = [
  ...waterAqueous,
  ...alkaliAqueous,
  ...silverAqueous,
  ...copperAqueous,
  ...aluminiumAqueous,
  ...alkalineEarthAqueous,
  ...ironAqueous,
  ...leadAqueous,
  ...zincAqueous,
  ...ligandAqueous,
  ...mercuryAqueous,
  ...bismuthAqueous,
  ...cadmiumAqueous,
  ...molybdateAqueous,
  ...arsenicAqueous,
  ...arsenicComplexes,
  ...antimonyAqueous,
  ...tinAqueous,
  ...chromiumAqueous,
  ...manganeseAqueous,
  ...cobaltAqueous,
  ...nickelAqueous,
  ...thioacetamideAqueous,
  ...dithizoneAqueous,
  ...anionAqueous,
  ...DEFINED_IONS.flatMap((ion) => ion.aqueous ?? []),
]
const solidData: readonly SolidData[] = [
  ...waterSolids,
  ...silverSolids,
  ...copperSolids,
  ...aluminiumSolids,
  ...alkalineEarthSolids,
  ...ironSolids,
  ...leadSolids,
  ...zincSolids,
  ...alkaliSolids,
  ...mercurySolids,
  ...bismuthSolids,
  ...cadmiumSolids,
  ...molybdateSolids,
  ...arsenicSolids,
  ...antimonySolids,
  ...tinSolids,
  ...chromiumSolids,
  ...manganeseSolids,
  ...cobaltSolids,
  ...nickelSolids,
  ...dithizoneSolids,
  ...anionSolids,
  ...DEFINED_IONS.flatMap((ion) => ion.solids ?? []),
]
const gasData: readonly GasData[] = [
  ...waterGases,
  ...alkaliGases,
  ...ligandGases,
  ...arsenicGases,
  ...anionGases,
  ...DEFINED_IONS.flatMap((ion) => ion.gases ?? []),
]

/** Components of the model: every other species is a combination of these and water, with one constant. */
export const COMPONENTS: readonly string[] = aqueousData.filter((s) => !s.from).map((s) => s.formula)
export const COMPONENT_INDEX: ReadonlyMap<string, number> = new Map(COMPONENTS.map((formula, index) => [formula, index]))

/** A species written in components: coefficients by component index, its constants added up. */
export interface Resolved {
  readonly id: string
  readonly formula: Formula
  /** Pairs of component index and coefficient, no zeros. */
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  /** Water molecules in the species, so that its atoms equal those of its terms plus this much water; may be negative. */
  readonly water: number
  /** Decimal logarithm at 25 °C, infinite dilution: components → species (solids and gases likewise). */
  readonly logK: number
  readonly enthalpy_kJ: number
}

const aqueousByFormula = new Map(aqueousData.map((s) => [s.formula, s]))

/** Writes any sum of species in components. @throws Error for a species that is not in the registry */
export function inComponents(sum: Stoichiometry): { terms: Map<number, number>; logK: number; enthalpy_kJ: number } {
  const terms = new Map<number, number>()
  let logK = 0
  let enthalpy_kJ = 0
  for (const [formula, coefficient] of Object.entries(sum)) {
    const index = COMPONENT_INDEX.get(formula)
    if (index !== undefined) {
      terms.set(index, (terms.get(index) ?? 0) + coefficient)
      continue
    }
    const species = aqueousByFormula.get(formula)
    if (!species?.from) throw new Error(`species ${formula} is not in the registry`)
    const inner = inComponents(species.from)
    logK += coefficient * (inner.logK + (species.logK?.value ?? 0))
    enthalpy_kJ += coefficient * (inner.enthalpy_kJ + (species.logK?.enthalpy_kJ ?? 0))
    for (const [component, n] of inner.terms) terms.set(component, (terms.get(component) ?? 0) + coefficient * n)
  }
  for (const [component, n] of terms) if (n === 0) terms.delete(component)
  return { terms, logK, enthalpy_kJ }
}

const componentFormulas = COMPONENTS.map(parseFormula)

function waterOf(formula: Formula, terms: ReadonlyMap<number, number>): number {
  let oxygen = formula.atoms['O'] ?? 0
  for (const [component, n] of terms) oxygen -= n * (componentFormulas[component]?.atoms['O'] ?? 0)
  return oxygen
}

function resolve(id: string, sum: Stoichiometry, sign: 1 | -1, constant: Constant | undefined, written = id): Resolved {
  const { terms, logK, enthalpy_kJ } = inComponents(sum)
  const formula = parseFormula(written)
  return {
    id,
    formula,
    terms: [...terms].sort((a, b) => a[0] - b[0]),
    water: waterOf(formula, terms),
    logK: logK + sign * (constant?.value ?? 0),
    enthalpy_kJ: enthalpy_kJ + sign * (constant?.enthalpy_kJ ?? 0),
  }
}

export interface AqueousSpecies extends Resolved {
  readonly data: AqueousData
}
export interface Solid extends Resolved {
  readonly data: SolidData
}
export interface Gas extends Resolved {
  readonly data: GasData
}
export interface Salt extends Resolved {
  readonly data: SaltData
}
export interface Extract extends Resolved {
  readonly data: ExtractData
}

/** Ions that stand beside a coloured one without touching what colours it: their pairs have its colour. */
const BYSTANDERS: ReadonlySet<string> = new Set(['H^+', ...ionsWith('stands-by')])
/** A pair of ions by its own colour, or by that of the one of them that has one. A proton on a dye is no bystander. */
function coloured(data: AqueousData): AqueousData {
  if (data.spectrum || !data.from) return data
  const owners = Object.keys(data.from)
    .flatMap((formula) => aqueousByFormula.get(formula) ?? [])
    .filter((s) => s.spectrum)
  const [owner] = owners
  const others = Object.keys(data.from).filter((formula) => formula !== owner?.formula)
  const isDye = (owner?.formula.match(/C\d/) ?? null) !== null
  if (!owner?.spectrum || owners.length > 1 || isDye || !others.every((formula) => BYSTANDERS.has(formula))) return data
  return { ...data, spectrum: owner.spectrum }
}

/** Every dissolved species; the first ones are the components, in order. */
export const AQUEOUS: readonly AqueousSpecies[] = [
  ...aqueousData.filter((s) => !s.from).map((data) => ({ ...resolve(data.formula, { [data.formula]: 1 }, 1, undefined), data })),
  ...aqueousData.filter((s) => s.from).map((data) => ({ ...resolve(data.formula, data.from ?? {}, 1, data.logK), data: coloured(data) })),
]
/** A solid's id: its formula, and its form where it has more than one. */
export const solidId = (data: SolidData): string => (data.form ? `${data.formula} (${data.form})` : data.formula)
/** Every solid that can form. `logK` is that of formation, the negative of dissolution. */
export const SOLIDS: readonly Solid[] = solidData.map((data) => ({ ...resolve(solidId(data), data.to, -1, data.logK, data.formula), data }))
/** Everything a second liquid takes up; `logK` is that of its form in water, the distribution constant apart. */
export const EXTRACTS: readonly Extract[] = extracts.map((data) => ({ ...resolve(data.formula, data.takes, 1, undefined), data }))
/** Every gas; `logK` from components to atm. */
export const GASES: readonly Gas[] = gasData.map((data) => ({
  ...resolve(data.formula, data.dissolvesAs, 1, data.logK),
  data,
}))
export const saltOfData = (data: SaltData): Salt => ({ ...resolve(data.formula, data.ions, 1, undefined), data })
export const SALTS: readonly Salt[] = [...salts, ...DEFINED_IONS.flatMap((ion) => ion.salts ?? [])].map(saltOfData)

export const solidById: ReadonlyMap<string, Solid> = new Map(SOLIDS.map((s) => [s.id, s]))
export const gasById: ReadonlyMap<string, Gas> = new Map(GASES.map((s) => [s.id, s]))
export const saltById: ReadonlyMap<string, Salt> = new Map(SALTS.map((s) => [s.id, s]))

/** A formula by its atoms and charge alone. @throws FormulaError for what is none */
export const canonical = (text: string): string => {
  const { atoms, charge } = parseFormula(text)
  const parts = Object.keys(atoms)
    .sort()
    .map((element) => `${element}${atoms[element] ?? 0}`)
  return `${parts.join('')}^${charge}`
}
const saltByAtoms = new Map(SALTS.map((s) => [canonical(s.id), s]))
/** Charged species by their atoms, and the neutral ones that are components (arsenic(III) acid); the first of two alike wins, which is the component. */
const ionByAtoms = new Map<string, string>()
for (const { data, formula } of AQUEOUS)
  if ((formula.charge !== 0 || !data.from) && !ionByAtoms.has(canonical(data.formula))) ionByAtoms.set(canonical(data.formula), data.formula)
/** Elements written with an oxidation state in place of an ion. */
const BY_STATE: Readonly<Record<string, string>> = {
  'As(III)': 'H3AsO3',
  'As(V)': 'AsO4^3-',
  'Sb(III)': 'Sb^3+',
  'Sb(V)': 'Sb(OH)6^-',
  'Sn(II)': 'Sn^2+',
  'Sn(IV)': 'Sn^4+',
  'Hg(I)': 'Hg2^2+',
  'Hg(II)': 'Hg^2+',
  'Fe(II)': 'Fe^2+',
  'Fe(III)': 'Fe^3+',
  'Cr(III)': 'Cr^3+',
  'Cr(VI)': 'CrO4^2-',
  'Mn(II)': 'Mn^2+',
  'Mn(VII)': 'MnO4^-',
  'Co(II)': 'Co^2+',
  'Co(III)': 'Co^3+',
  'Cu(I)': 'Cu^+',
  'Cu(II)': 'Cu^2+',
  ...Object.fromEntries(DEFINED_IONS.flatMap((ion) => Object.entries(ion.written ?? {}))),
}

/** The bench salt a formula names, however its hydrate dot or brackets are written; undefined if it is not in scope. */
export const listedSalt = (text: string): Salt | undefined => saltById.get(text) ?? saltByAtoms.get(canonical(text))
/** The dissolved species an ion's formula names, in any accepted notation, `As(III)` too; undefined if it is not in scope. */
export const findIon = (text: string): string | undefined => BY_STATE[text.trim()] ?? ionByAtoms.get(canonical(text))

/** What an ion is called. @throws Error for one that is not in the registry or has no name */
export function ionName(formula: string): string {
  const name = aqueousByFormula.get(formula)?.name
  if (!name) throw new Error(`${formula} has no name in the registry`)
  return name
}

/** Flame data by component index. */
export const FLAMES: ReadonlyMap<number, FlameData> = new Map(
  [...flames, ...DEFINED_IONS.flatMap((ion) => ion.flames ?? [])].map((f) => [COMPONENT_INDEX.get(f.ion) ?? -1, f]),
)
