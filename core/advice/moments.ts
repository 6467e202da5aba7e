import { COMPONENTS, findReagent, findSolid, findSolvent, type Solution } from '../species'
import { DROP_mL } from '../units'
import { SAMPLE, strongAcid, vesselOf, type StepInput, ofStep, stepSchema, type Doing, type EachOperation } from '../tube'

/** What stands in a vessel after a step, as far as reagents and portions tell, whatever they are called and however they were mixed. */
export interface Moment {
  readonly step: StepInput
  readonly vessel: string
  /** mg of the solid sample in it. */
  readonly solid_mg: number
  /** Strong acid, mol/L: that of weak acids' anions taken off. */
  readonly strongAcid: number
  /** Sulfate, chloride and nitrate that came with reagents, mol/L. */
  readonly sulfate: number
  readonly chloride: number
  readonly nitrate: number
  /** Any acid at all that a reagent brought, mol/L of hydrogen. */
  readonly acid: number
  readonly alcohol: number
  readonly sulfurDioxide: number
  /** A portion from one of these stands in it. */
  readonly from: ReadonlySet<string>
  /** Solids that were strewn in, by the ions they are made of. */
  readonly strewn: ReadonlySet<string>
  readonly heat: 'none' | 'warm' | 'boiling' | 'strong'
}

interface Held {
  readonly totals: Float64Array
  readonly volume_mL: number
  readonly solid_mg: number
  readonly from: ReadonlySet<string>
  readonly strewn: ReadonlySet<string>
}
const EMPTY: Held = { totals: new Float64Array(COMPONENTS.length), volume_mL: 0, solid_mg: 0, from: new Set(), strewn: new Set() }
const at = (formula: string): number => COMPONENTS.indexOf(formula)
const [SULFATE, CHLORIDE, NITRATE, ETHANOL, METHANOL, SULFITE] = ['SO4^2-', 'Cl^-', 'NO3^-', 'C2H5OH', 'CH3OH', 'SO3^2-'].map(at) as [
  number,
  number,
  number,
  number,
  number,
  number,
]
/** mL that a step which names a sign instead of an amount is taken to add. */
const UNTIL_mL = 1

const amountOf = (step: { mL?: number | undefined; drops?: number | undefined }): number | undefined =>
  step.mL ?? (step.drops === undefined ? undefined : step.drops * DROP_mL)

function poured(held: Held, solution: Solution, mL: number): Held {
  const totals = held.totals.map((mol, j) => mol + ((solution.totals[j] as number) * mL) / 1000)
  return { ...held, totals, volume_mL: held.volume_mL + mL }
}
const scaled = (held: Held, share: number): Held => ({ ...held, totals: held.totals.map((mol) => mol * share), volume_mL: held.volume_mL * share })
const merged = (a: Held, b: Held): Held => ({
  totals: a.totals.map((mol, j) => mol + (b.totals[j] as number)),
  volume_mL: a.volume_mL + b.volume_mL,
  solid_mg: a.solid_mg + b.solid_mg,
  from: new Set([...a.from, ...b.from]),
  strewn: new Set([...a.strewn, ...b.strewn]),
})

/** A reagent as a solution; undefined for a solid, an organic liquid, and what is not known. */
function solutionOf(text: string): Solution | undefined {
  if (findSolvent(text)) return undefined
  try {
    return findReagent(text)
  } catch {
    return undefined
  }
}
function ionsOfSolid(text: string): readonly string[] {
  try {
    const solid = findSolid(text)
    return 'salt' in solid ? Object.keys(solid.salt.data.ions) : []
  } catch {
    return []
  }
}

const known = new WeakMap<readonly StepInput[], readonly Moment[]>()

/** Some steps, with what stands in each vessel after each of them. */
export function momentsOf(steps: readonly StepInput[]): readonly Moment[] {
  let moments = known.get(steps)
  if (!moments) known.set(steps, (moments = follow(steps)))
  return moments
}

/** What stands in each vessel, as steps are followed. */
class Rack {
  private readonly vessels = new Map<string, Held>()
  held(vessel: string): Held {
    return this.vessels.get(vessel) ?? EMPTY
  }
  put(vessel: string, held: Held): void {
    this.vessels.set(vessel, held)
  }
  /** What stands in a vessel, changed. */
  change(vessel: string, to: (before: Held) => Held): void {
    this.put(vessel, to(this.held(vessel)))
  }
}
type Following = (rack: Rack) => void
const nothing = (): Following => () => undefined
/** The liquid of a vessel into another; what is left in the solid's pores stays. */
const parted =
  (step: { readonly vessel: string; readonly liquidInto: string }): Following =>
  (rack) => {
    const before = rack.held(step.vessel)
    rack.change(step.liquidInto, (into) => merged(into, { ...before, solid_mg: 0 }))
    rack.put(step.vessel, { ...before, totals: before.totals.map((mol) => mol * IN_PORES), volume_mL: before.volume_mL * IN_PORES })
  }
/** Share of a liquid that its solid keeps when it is poured off. */
const IN_PORES = 0.03

const FOLLOWED: EachOperation<Following> = {
  take: (step) => (rack) => {
    const mL = amountOf(step) ?? 0
    const source = rack.held(step.from)
    const portion = step.from === SAMPLE || source.volume_mL === 0 ? { ...EMPTY, volume_mL: mL } : scaled(source, Math.min(1, mL / source.volume_mL))
    const solid_mg = step.from === SAMPLE ? (step.mg ?? 0) : 0
    rack.change(step.into, (before) => merged(before, { ...portion, solid_mg, from: new Set([step.from]), strewn: new Set() }))
  },
  dissolve: (step) => (rack) =>
    rack.change(step.into, (before) => {
      const solution = solutionOf(step.in)
      const put = { ...before, solid_mg: before.solid_mg + (step.mg ?? 0) }
      return solution ? poured(put, solution, step.mL) : put
    }),
  add: (step) => (rack) =>
    rack.change(step.to, (before) => {
      if (step.mg !== undefined) return { ...before, strewn: new Set([...before.strewn, ...ionsOfSolid(step.reagent)]) }
      const solution = solutionOf(step.reagent)
      return solution ? poured(before, solution, amountOf(step) ?? UNTIL_mL) : before
    }),
  shake: nothing,
  stand: nothing,
  warm: nothing,
  boil: nothing,
  ignite: nothing,
  cool: nothing,
  // Water goes, and the acid stays.
  concentrate: (step) => (rack) => rack.change(step.vessel, (before) => ({ ...before, volume_mL: before.volume_mL * step.toFraction })),
  pass: nothing,
  bubble: nothing,
  centrifuge: parted,
  filter: parted,
  wash: nothing,
  'soda-extract': nothing,
  flame: nothing,
  bead: nothing,
  charcoal: nothing,
  'copper-wire': nothing,
  ignition: nothing,
  fuse: nothing,
  'melting-point': nothing,
  'boiling-point': nothing,
  'cobalt-nitrate': nothing,
  dip: nothing,
  hold: nothing,
  smell: nothing,
  look: nothing,
}

/** How hot a vessel gets in the steps that heat it. */
const HEAT: Partial<Record<Doing, Moment['heat']>> = { warm: 'warm', boil: 'boiling', concentrate: 'boiling', ignite: 'strong' }

function follow(steps: readonly StepInput[]): Moment[] {
  const rack = new Rack()
  return steps.map((step): Moment => {
    const known = stepSchema.parse(step)
    const vessel = vesselOf(known)
    ofStep(FOLLOWED, known)(rack)
    const now = rack.held(vessel)
    const litres = now.volume_mL / 1000
    const molar = (component: number): number => (litres > 0 && component >= 0 ? (now.totals[component] as number) / litres : 0)
    return {
      step,
      vessel,
      solid_mg: now.solid_mg,
      strongAcid: litres > 0 ? strongAcid(now.totals, now.volume_mL) : 0,
      sulfate: molar(SULFATE),
      chloride: molar(CHLORIDE),
      nitrate: molar(NITRATE),
      acid: molar(0),
      alcohol: molar(ETHANOL) + molar(METHANOL),
      sulfurDioxide: molar(SULFITE),
      from: now.from,
      strewn: now.strewn,
      heat: HEAT[step.do] ?? 'none',
    }
  })
}
