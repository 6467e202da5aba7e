import { parseFormula } from './formula'
import { ANION_IDS, CATION_IDS, dissolvesAs, hasTrait, type AnionId } from './ions'
import { canonical, inComponents, ionName, listedSalt, SALTS, saltOfData, solidById, type Salt } from './registry'
import type { SaltData, Stoichiometry } from './types'

/** A part of a salt as a formula writes it: the symbol, its charge, and what it brings into water. */
interface Part {
  readonly symbol: string
  readonly name: string
  readonly charge: number
  readonly ions: Stoichiometry
}

const symbolOf = (ion: string): string => ion.replace(/\^.*$/, '')
const chargeOf = (ion: string): number => parseFormula(ion).charge
const plain = (ion: string): Part => ({ symbol: symbolOf(ion), name: ionName(ion), charge: chargeOf(ion), ions: { [ion]: 1 } })
/** An anion with hydrogen left on it. */
const acid = (symbol: string, name: string, ion: string, hydrogens: number): Part => ({
  symbol,
  name,
  charge: chargeOf(ion) + hydrogens,
  ions: { [ion]: 1, 'H^+': hydrogens },
})

/** Sulfide stands in a solid as such, and in water as hydrogensulfide. */
const SULFIDE: Part = { symbol: 'S', name: 'sulfide', charge: -2, ions: dissolvesAs('HS^-') }
const HYDROXIDE: Part = { symbol: 'OH', name: 'hydroxide', charge: -1, ions: { 'OH^-': 1 } }
const ACID_ANIONS: readonly Part[] = [
  acid('HCO3', 'hydrogencarbonate', 'CO3^2-', 1),
  acid('HSO3', 'hydrogensulfite', 'SO3^2-', 1),
  acid('HSO4', 'hydrogensulfate', 'SO4^2-', 1),
  acid('HC2O4', 'hydrogenoxalate', 'C2O4^2-', 1),
  acid('HPO4', 'hydrogenphosphate', 'PO4^3-', 1),
  acid('H2PO4', 'dihydrogenphosphate', 'PO4^3-', 2),
]
const CATIONS: readonly Part[] = CATION_IDS.map(plain)
/** Acids that are not ions in water stand in salts of many kinds, which are listed where they are met. */
const isIon = (id: AnionId): boolean => chargeOf(id) < 0
const ANIONS: readonly Part[] = [...ANION_IDS.filter((id) => isIon(id) && id !== 'HS^-').map(plain), SULFIDE, HYDROXIDE]

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))
const written = ({ symbol }: Part, n: number): string => {
  const isGroup = /[A-Z].*[A-Z]|\d/.test(symbol)
  return n === 1 ? symbol : isGroup ? `(${symbol})${n}` : `${symbol}${n}`
}

/** Anions whose own colour a salt has, whatever metal it is of. */
const COLOURING: ReadonlySet<string> = new Set(['CrO4^2-', 'MnO4^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-'])
/** Anions that leave a metal its own colour, the likeliest first. */
const PLAIN_ANIONS = ['NO3^-', 'SO4^2-', 'Cl^-', 'CH3COO^-'] as const
const isOfTwo = ({ data: { ions } }: Salt, one: string, other: string): boolean => Object.keys(ions).length === 2 && one in ions && other in ions
/** The colour of the listed salt that comes nearest: of the same coloured anion and an alkali, or of the same metal and a plain anion; a precipitate's own where it is one. */
function colourOf(formula: string, cation: string, anion: string): SaltData['colour'] {
  const fallen = solidById.get(formula)
  if (fallen) return fallen.data.colour
  const near = COLOURING.has(anion)
    ? SALTS.find((salt) => anion in salt.data.ions && Object.keys(salt.data.ions).every((ion) => ion === anion || hasTrait(ion, 'alkali')))
    : PLAIN_ANIONS.flatMap((by) => SALTS.find((salt) => isOfTwo(salt, cation, by)) ?? [])[0]
  return near?.data.colour ?? { hex: '#f4f4f1', words: 'white', source: 'judged' }
}

function formed(cation: Part, anion: Part): SaltData {
  const common = divisor(cation.charge, -anion.charge)
  const [m, n] = [-anion.charge / common, cation.charge / common]
  const formula = written(cation, m) + written(anion, n)
  const ions: Record<string, number> = {}
  for (const [part, count] of [[cation, m] as const, [anion, n] as const])
    for (const [ion, k] of Object.entries(part.ions)) ions[ion] = (ions[ion] ?? 0) + k * count
  const [metal = ''] = Object.keys(cation.ions)
  const [acidRest = ''] = Object.keys(anion.ions)
  return {
    formula,
    name: `${cation.name} ${anion.name}`,
    ions,
    water: 0,
    colour: colourOf(formula, metal, acidRest),
    form: solidById.has(formula) ? 'powder' : 'crystals',
  }
}

const HYDROGEN_SALTS: readonly Part[] = CATIONS.filter((part) => Object.keys(part.ions).some((ion) => hasTrait(ion, 'alkali')))

/** What a salt is of, however much of it and with whatever water: its components in proportion. */
function compositionOf({ ions }: SaltData): string {
  const terms = [...inComponents(ions).terms].filter(([, n]) => n !== 0)
  const least = Math.min(...terms.map(([, n]) => Math.abs(n)))
  return terms
    .map(([component, n]) => `${component} ${(n / least).toFixed(2)}`)
    .sort()
    .join()
}
const LISTED: ReadonlySet<string> = new Set(SALTS.map(({ data }) => compositionOf(data)))

/** What nobody has in a jar: it falls apart as it forms. */
const NO_SOLID: ReadonlySet<string> = new Set(['NH4OH', 'AgOH', 'Hg(OH)2', 'Hg2(OH)2'])

/** Every salt of one cation and one anion that is not among the bench salts, with or without water: acid salts of alkalis among them. */
export const FORMED_SALTS: readonly Salt[] = [
  ...CATIONS.flatMap((cation) => ANIONS.map((anion) => formed(cation, anion))),
  ...HYDROGEN_SALTS.flatMap((cation) => ACID_ANIONS.map((anion) => formed(cation, anion))),
]
  .filter((data) => !LISTED.has(compositionOf(data)) && !listedSalt(data.formula) && !NO_SOLID.has(data.formula))
  .map(saltOfData)

const byAtoms = new Map(FORMED_SALTS.map((salt) => [canonical(salt.id), salt]))
const hydrates = new Map<string, Salt>()

/** A hydrate of a salt that has none among the bench salts. */
function hydrateOf(text: string): Salt | undefined {
  const match = /^(.*)[.·](\d*)H2O$/.exec(text.trim())
  const base = match && (listedSalt(match[1] ?? '') ?? byAtoms.get(canonical(match[1] ?? '')))
  if (!match || !base || base.data.water > 0) return undefined
  const water = Number(match[2] || 1)
  const formula = `${base.id}.${water}H2O`
  let known = hydrates.get(formula)
  if (!known) hydrates.set(formula, (known = saltOfData({ ...base.data, formula, name: `${base.data.name}, with water`, water })))
  return known
}

/** The salt a formula names, of the bench or formed of two ions, however its hydrate dot or brackets are written; undefined if it is neither. @throws FormulaError for what is no formula */
export const findSalt = (text: string): Salt | undefined => listedSalt(text) ?? byAtoms.get(canonical(text)) ?? hydrateOf(text)

/** Whether a salt is one of the bench. */
export const isListed = ({ id }: Pick<Salt, 'id'>): boolean => listedSalt(id) !== undefined
