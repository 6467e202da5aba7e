import {
  conversionById,
  conversionEquation,
  couplesOf,
  dryEquation,
  netIonicEquations,
  perElectron,
  writeEquation,
  type Change,
  type Ran,
} from '../reactions'
import { AQUEOUS, dryPhase, inComponents, solidById, type DryPhase, type Resolved } from '../species'
import { onlyMoves, type Contents, type Event, type Vessel } from '../tube'

/** Every equation of an event: oxidations first, the one that moved most leading, then what came down, dissolved or left without them. */
export function equationsOf(event: Event): string[] {
  if (event.roasted)
    return [
      ...new Set(event.roasted.flatMap((r) => [...r.reactions.map(dryEquation), ...[...r.sublimed.keys()].flatMap((id) => vapourOf(id) ?? [])])),
    ]
  if (onlyMoves(event.step)) return []
  const setting = { basic: (event.after.contents?.pH ?? 7) > 7, added: addedIn(event) }
  const written = [...event.after.reacted].filter(([, mol]) => mol > WORTH_TELLING).flatMap(([id]) => writtenOf(id) ?? [])
  return [...new Set([...written, ...netIonicEquations(changesOf(event), ranIn(event), setting).map((e) => e.text)])]
}

/** Less of it than this, mol/L, is none of what a reagent is made of; hydrogen and hydroxide ions and water go with everything. */
const MADE_OF = 1e-3
const addedIn = ({ poured }: Event): ReadonlySet<string> =>
  new Set(
    poured?.contents?.chemistry.aqueous
      .filter((s, i) => (poured.contents?.state.amounts[i] as number) > MADE_OF && !['H^+', 'OH^-'].includes(s.id))
      .map((s) => s.formula.text),
  )

/** A conversion that ran to less is not told, mol. */
const WORTH_TELLING = 2e-8

const conversionOf = (id: string): ReturnType<typeof conversionById.get> => conversionById.get(id.replace('conversion:', ''))

/** What a chemist writes for a conversion that is more than what it takes and gives. */
function writtenOf(id: string): string | null {
  const conversion = conversionOf(id)
  return conversion?.written ? conversionEquation(conversion).text : null
}

/** What ran in the tube in this operation, by electrons for an oxidation and by turns for a conversion. */
function ranIn({ after }: Event): Ran[] {
  return [...after.reacted].flatMap(([id, mol]): Ran[] => {
    const conversion = conversionOf(id)
    if (conversion) {
      const components = new Map<number, number>()
      for (const [sum, sign] of [
        [conversion.takes, -1],
        [conversion.gives, 1],
      ] as const)
        for (const [component, n] of inComponents(sum).terms) components.set(component, (components.get(component) ?? 0) + sign * n)
      return conversion.written ? [] : [{ id, components, inert: new Map(Object.entries(conversion.inert ?? {})), mol }]
    }
    const couples = couplesOf(id)
    if (!couples) return []
    const { components: sums, inert } = perElectron(couples)
    const components = new Map<number, number>()
    for (const [formula, n] of sums)
      for (const [component, m] of inComponents({ [formula]: n }).terms) components.set(component, (components.get(component) ?? 0) + m)
    return [{ id, components, inert, mol }]
  })
}

/** Share of what is there that an acid or base has to turn over by for it to be told by itself. */
const TURNED = 0.1

/** By how much each species is more, or less, than what was there and what was put in held, mol. */
function changesOf(event: Event): Change[] {
  const sums = new Map<Resolved, { species: Resolved; kind: Change['kind']; mol: number; notable: boolean }>()
  const count = (species: Resolved, kind: Change['kind'], mol: number, notable: boolean): void => {
    const known = sums.get(species)
    if (known) known.mol += mol
    else sums.set(species, { species, kind, mol, notable })
  }
  const countComponent = (component: number, mol: number): void => {
    const species = AQUEOUS[component]
    if (species) count(species, 'aqueous', mol, false)
  }
  const tally = (vessel: Vessel | undefined, sign: 1 | -1): void => {
    if (!vessel?.contents) return
    const { chemistry, state, solids }: Contents = vessel.contents
    chemistry.aqueous.forEach((species, i) => {
      const mol = (sign * (state.amounts[i] as number) * vessel.volume_mL) / 1000
      const { from, name } = species.data
      // Ion pairs and first complexes are not told apart in an equation: they count as the ions they are made of.
      if (from && !name) for (const [component, n] of species.terms) countComponent(component, n * mol)
      else count(species, 'aqueous', mol, isComplex(species))
    })
    for (const { solid, mol } of solids) count(solid, 'solid', sign * mol, true)
  }
  const { before, after } = event
  tally(before, -1)
  tally(event.poured, -1)
  tally(after, 1)
  for (const { gas, mol } of event.passed) count(gas, 'gas', -mol, true)
  for (const { gas, mol } of event.escaped) count(gas, 'gas', mol, true)
  if (after.volume_mL > 0)
    for (const [id, mol] of before.dry) {
      const wetted = mol - (after.dry.get(id) ?? 0)
      const phase = dryPhase(id)
      const solid = phase && asSolid(phase)
      if (solid) count(solid, 'solid', -wetted, true)
      else for (const [ion, n] of phase ? asIons(phase) : []) count(ion, 'aqueous', -n * wetted, false)
    }
  const left = new Map<Resolved, number>()
  after.contents?.chemistry.aqueous.forEach((s, i) => left.set(s, ((after.contents?.state.amounts[i] as number) * after.volume_mL) / 1000))
  return [...sums.values()].map((c) => {
    if (c.kind !== 'aqueous') return c
    const there = left.get(c.species) ?? 0
    return { ...c, notable: c.notable && c.mol >= 0.02 * there, turned: c.mol > TURNED * there }
  })
}

/** A metal with its ligands, not an acid or a base. */
const isComplex = ({ data, terms }: (typeof AQUEOUS)[number]): boolean =>
  data.from !== undefined && terms.filter(([component]) => component !== HYDROGEN).length > 1

/** A salt as the ions it is written with: the hydrogen of an acid salt on its anion. */
function asIons({ terms }: DryPhase): (readonly [ion: Resolved, n: number])[] {
  const protons = terms.find(([component]) => component === HYDROGEN)?.[1] ?? 0
  const acid = AQUEOUS.find(
    (s) =>
      protons > 0 &&
      s.terms.length === 2 &&
      s.terms.every(([c, n]) => (c === HYDROGEN ? n === protons : n === 1 && terms.some(([d, m]) => d === c && m === 1))),
  )
  return terms.flatMap(([component, n]) => {
    if (acid && component === HYDROGEN) return []
    const ion = acid?.terms.some(([c]) => c === component) ? acid : AQUEOUS[component]
    return ion ? [[ion, n] as const] : []
  })
}
const HYDROGEN = 0

const oxides = new Map<string, Resolved>()
/** What a solid's vapour is, where it falls apart as it goes and comes together where it is cold. */
const vapourOf = (id: string): string | null => {
  const vapour = dryPhase(id)?.data.vapour
  return vapour ? writeEquation(new Map([[id, -1], ...vapour.map((gas) => [gas, 1] as const)])) : null
}

/** A dry phase that an equation tells as the solid it is: one that the equilibrium knows, and oxides; undefined for a salt, which is told as its ions. */
function asSolid(phase: DryPhase): Resolved | undefined {
  const known = solidById.get(phase.id)
  if (known) return known
  if (phase.water >= 0 || !('OH^-' in phase.data.ions)) return undefined
  let oxide = oxides.get(phase.id)
  if (!oxide) oxides.set(phase.id, (oxide = { ...phase, logK: 0, enthalpy_kJ: 0 }))
  return oxide
}
