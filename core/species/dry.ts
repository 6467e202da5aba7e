import { beadAlias, beads, charcoal, cobalt } from './data/fire'
import { anhydrousColours, heated as heatedSalts, residues } from './data/residues'
import { findSalt } from './formed'
import { FormulaError, molarMass, parseFormula, type Formula } from './formula'
import { DEFINED_IONS } from './ions/defined'
import { COMPONENT_INDEX, inComponents, SALTS } from './registry'
import type { BeadData, CharcoalData, CobaltData, ResidueData } from './types'

const heated: typeof heatedSalts = { ...heatedSalts, ...Object.fromEntries(DEFINED_IONS.flatMap((ion) => Object.entries(ion.heated ?? {}))) }

/** A dry phase: a bench salt, its anhydrous form, or what heating leaves. `terms` are the components it brings when wetted, `inert` the redox solids. */
export interface DryPhase {
  readonly id: string
  readonly formula: Formula
  readonly data: ResidueData
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  /** Water it gives (or takes, below none) when wetted, mol. */
  readonly water: number
  /** Colourless crystals by the look of the dry salt. */
  readonly form: 'crystals' | 'powder' | 'granules' | 'lumps'
}

/** A hydrate's formula without its water, and how much it has. */
export function withoutWater(formula: string): { readonly anhydrous: string; readonly water: number } {
  const match = /^(.*)[.·](\d*)H2O$/.exec(formula)
  return match ? { anhydrous: match[1] ?? formula, water: Number(match[2] || 1) } : { anhydrous: formula, water: 0 }
}

function waterOf(data: ResidueData): number {
  let oxygen = parseFormula(data.formula).atoms['O'] ?? 0
  for (const [ion, n] of Object.entries(data.ions)) oxygen -= n * (parseFormula(ion).atoms['O'] ?? 0)
  for (const [solid, n] of Object.entries(data.inert ?? {})) oxygen -= n * (parseFormula(solid).atoms['O'] ?? 0)
  return oxygen
}

const phase = (data: ResidueData, form: DryPhase['form']): DryPhase => ({
  id: data.formula,
  formula: parseFormula(data.formula),
  data,
  terms: [...inComponents(data.ions).terms],
  water: waterOf(data),
  form,
})

const phases = new Map<string, DryPhase>()
for (const salt of SALTS) phases.set(salt.id, phase({ ...salt.data, ...heated[salt.id] }, salt.data.form))
for (const salt of SALTS) {
  const { anhydrous, water } = withoutWater(salt.id)
  if (water === 0 || phases.has(anhydrous)) continue
  const colour = anhydrousColours[anhydrous]
  const data: ResidueData = {
    formula: anhydrous,
    name: salt.data.name.replace(/ \w+hydrate$/, ', anhydrous'),
    ions: salt.data.ions,
    colour: colour ? { hex: colour[0], words: colour[1], source: 'crc' } : { hex: '#f4f4f1', words: 'white', source: 'crc' },
    ...heated[anhydrous],
  }
  phases.set(anhydrous, phase(data, 'powder'))
}
for (const data of [...residues, ...DEFINED_IONS.flatMap((ion) => ion.residues ?? [])])
  if (!phases.has(data.formula)) phases.set(data.formula, phase(data, 'powder'))

/** Every dry phase by its formula: bench salts first. */
export const DRY_PHASES: ReadonlyMap<string, DryPhase> = phases
export const dryPhase = (id: string): DryPhase | undefined => phases.get(id) ?? ionPhase(id) ?? saltPhase(id)

/** How an ion of a powder is named among dry phases, where it is not known what salts it stands in. */
const ION = 'ion '
export const dryIon = (ion: string): string => `${ION}${ion}`
export const isDryIon = (id: string): boolean => id.startsWith(ION)
const ionPhases = new Map<string, DryPhase>()
function ionPhase(id: string): DryPhase | undefined {
  if (!isDryIon(id)) return undefined
  let known = ionPhases.get(id)
  if (!known) {
    const ion = id.slice(ION.length)
    const colour = { hex: '#f4f4f1', words: 'white', source: 'crc' } as const
    ionPhases.set(id, (known = { ...phase({ formula: ion, name: ion, ions: { [ion]: 1 }, colour }, 'powder'), id }))
  }
  return known
}

const formedPhases = new Map<string, DryPhase | undefined>()
/** A salt that is not of the bench as a dry phase. */
function saltPhase(id: string): DryPhase | undefined {
  if (formedPhases.has(id)) return formedPhases.get(id)
  const salt = saltIfAny(id)
  const made = salt && phase(salt.data, salt.data.form)
  formedPhases.set(id, made)
  return made
}
function saltIfAny(id: string): ReturnType<typeof findSalt> {
  try {
    return findSalt(id)
  } catch (error) {
    if (error instanceof FormulaError) return undefined
    throw error
  }
}
/** g/mol of a dry phase. */
export const dryMass = (id: string): number => molarMass(parseFormula(id))

/** What metals do on charcoal, in beads and with cobalt, by component index. */
const indexed = <T>(of: readonly T[], ion: (t: T) => string): ReadonlyMap<number, T> => new Map(of.map((t) => [COMPONENT_INDEX.get(ion(t)) ?? -1, t]))
export const CHARCOAL: ReadonlyMap<number, CharcoalData> = indexed([...charcoal, ...DEFINED_IONS.flatMap((ion) => ion.charcoal ?? [])], (t) => t.ion)
export const COBALT: ReadonlyMap<number, CobaltData> = indexed([...cobalt, ...DEFINED_IONS.flatMap((ion) => ion.cobalt ?? [])], (t) => t.holds)
const glass = indexed([...beads, ...DEFINED_IONS.flatMap((ion) => ion.beads ?? [])], (t) => t.ion)
export const BEADS: ReadonlyMap<number, BeadData> = new Map([
  ...glass,
  ...Object.entries(beadAlias).flatMap(([ion, as]) => {
    const data = glass.get(COMPONENT_INDEX.get(as) ?? -1)
    return data ? [[COMPONENT_INDEX.get(ion) ?? -1, data] as const] : []
  }),
])
