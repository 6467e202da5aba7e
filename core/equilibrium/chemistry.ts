import {
  AQUEOUS,
  COMPONENTS,
  EXTRACTS,
  GASES,
  SOLIDS,
  type AqueousSpecies,
  type Extract,
  type Gas,
  type Resolved,
  type Solid,
  type SolventFamily,
} from '../species'
import { celsius, GAS_CONSTANT, kelvin, LN10, type Celsius } from '../units'
import { atTemperature, buildShape, type Shape, type System } from './system'

/** The species that some components can make, and the shape of their system: the same at every temperature. */
interface Kinds {
  /** Global component index of each local one; hydrogen is always the first. */
  readonly components: readonly number[]
  /** Local index by global one, or -1. */
  readonly local: Int32Array
  readonly aqueous: readonly AqueousSpecies[]
  readonly gases: readonly Gas[]
  /** What a second liquid of this family takes up; its rows come after the gases'. */
  readonly extracts: readonly Extract[]
  readonly solids: readonly Solid[]
  readonly shape: Shape
  /** Places of the solids that form only where a gate stands open. */
  readonly gated: readonly number[]
  readonly solvent: SolventFamily | undefined
}

/** A system together with the chemistry its rows stand for. */
export interface Chemistry extends Kinds {
  readonly system: System
  readonly temperature: Celsius
  readonly shift: Shift | undefined
  /** Whether ligands that exchange slowly have done so. */
  readonly exchanged: boolean
}

const REFERENCE = kelvin(celsius(25))

/** ln K at a temperature by van ’t Hoff's equation with a constant enthalpy. */
export const lnKAt = (species: { readonly logK: number; readonly enthalpy_kJ: number }, temperature: Celsius): number =>
  species.logK * LN10 - ((species.enthalpy_kJ * 1000) / GAS_CONSTANT) * (1 / kelvin(temperature) - 1 / REFERENCE)

/**
 * Constants shifted together, to see what conclusions hang on: decimal logarithms added by species id. Deduction is tested on such
 * a model, so that the model is not its own judge.
 */
export type Shift = ReadonlyMap<string, number>

/** Species by the last of their components, so that only those that the components at hand can make are looked through. */
function byLastComponent<S extends Resolved>(all: readonly S[]): (components: readonly number[], local: Int32Array) => S[] {
  const placed = new Map<number, { species: S; place: number }[]>()
  all.forEach((species, place) => {
    const last = Math.max(0, ...species.terms.map(([component]) => component))
    placed.set(last, [...(placed.get(last) ?? []), { species, place }])
  })
  return (components, local) =>
    components
      .flatMap((component) => placed.get(component) ?? [])
      .filter(({ species }) => species.terms.every(([component]) => (local[component] as number) >= 0))
      .sort((a, b) => a.place - b.place)
      .map(({ species }) => species)
}
const aqueousOf = byLastComponent(AQUEOUS)
const gasesOf = byLastComponent(GASES)
const extractsOf = byLastComponent(EXTRACTS)
const solidsOf = byLastComponent(SOLIDS)

const cache = new Map<string, Chemistry>()
const kinds = new Map<string, Kinds>()
/** So many are remembered, some ten kilobytes each; then all are forgotten. */
const MOST_REMEMBERED = 5000
const shiftKeys = new WeakMap<Shift, number>()
let shifts = 0

function remembered<T>(known: Map<string, T>, key: string, make: () => T): T {
  const found = known.get(key)
  if (found !== undefined) return found
  const made = make()
  if (known.size > MOST_REMEMBERED) known.clear()
  known.set(key, made)
  return made
}

function keyOf(shift: Shift | undefined): number {
  if (!shift) return 0
  let which = shiftKeys.get(shift) ?? 0
  if (which === 0) shiftKeys.set(shift, (which = ++shifts))
  return which
}

/**
 * The chemistry of some components at a temperature, remembered.
 * @param present global component indices; hydrogen is added if missing
 * @param solvent the family of a second liquid, where there is one
 * @param exchanged whether ligands that exchange slowly have done so
 */
export function chemistryOf(present: readonly number[], temperature: Celsius, shift?: Shift, solvent?: SolventFamily, exchanged = true): Chemistry {
  const components = [...new Set([0, ...present])].sort((a, b) => a - b)
  const kind = `${components.join()}${solvent ?? ''}`
  return remembered(cache, `${kind}@${temperature}#${keyOf(shift)}${exchanged ? '' : 'c'}`, () => {
    const known = remembered(kinds, kind, () => kindsOf(components, solvent))
    const { aqueous, gases, extracts, solids, shape } = known
    const rows = [
      ...aqueous.map((s) => lnKAt(s, temperature) + shifted(shift, 'aqueous', s) + (exchanged ? 0 : (s.data.inert ?? 0) * LN10)),
      ...gases.map((s) => lnKAt(s, temperature) + shifted(shift, 'gas', s)),
      ...extracts.map((s) => lnKAt(s, temperature) + shifted(shift, 'extract', s) + ((solvent && s.data.logD[solvent]) ?? 0) * LN10),
    ]
    const phases = solids.map((s) => lnKAt(s, temperature) + shifted(shift, 'solid', s))
    const system = atTemperature(shape, rows, phases, temperature)
    return { ...known, system, temperature, shift, exchanged }
  })
}
const shifted = (shift: Shift | undefined, kind: string, { id }: Resolved): number => (shift?.get(`${kind}:${id}`) ?? 0) * LN10

function kindsOf(components: readonly number[], solvent: SolventFamily | undefined): Kinds {
  const local = new Int32Array(COMPONENTS.length).fill(-1)
  components.forEach((global, index) => (local[global] = index))
  const terms = (s: Resolved): [number, number][] => s.terms.map(([component, n]) => [local[component] as number, n])
  const aqueous = aqueousOf(components, local)
  const gases = gasesOf(components, local)
  const extracts = solvent ? extractsOf(components, local).filter((e) => e.data.logD[solvent] !== undefined) : []
  const solids = solidsOf(components, local)
  const shape = buildShape(
    components.length,
    [
      ...aqueous.map((s) => ({ terms: terms(s), charge: s.formula.charge, place: 0 as const })),
      ...gases.map((s) => ({ terms: terms(s), charge: 0, place: 1 as const })),
      ...extracts.map((s) => ({ terms: terms(s), charge: 0, place: 2 as const })),
    ],
    solids.map((s) => ({ terms: terms(s) })),
  )
  const gated = solids.flatMap((s, p) => (s.data.gate ? [p] : []))
  return { components, local, aqueous, gases, extracts, solids, shape, gated, solvent }
}
