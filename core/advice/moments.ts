import { COMPONENTS, findReagent, findSolid, findSolvent, type Solution } from '../species'
import { DROP_mL } from '../units'
import { SAMPLE, strongAcid, vesselOf, type StepInput } from '../tube'

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

function follow(steps: readonly StepInput[]): Moment[] {
  const vessels = new Map<string, Held>()
  const held = (id: string): Held => vessels.get(id) ?? EMPTY
  return steps.map((step): Moment => {
    const vessel = 'do' in step ? vesselOf(step as never) : ''
    const before = held(vessel)
    if (step.do === 'take') {
      const from = step.from ?? SAMPLE
      const mL = amountOf(step) ?? 0
      const source = held(from)
      const portion = from === SAMPLE || source.volume_mL === 0 ? { ...EMPTY, volume_mL: mL } : scaled(source, Math.min(1, mL / source.volume_mL))
      vessels.set(vessel, merged(before, { ...portion, solid_mg: from === SAMPLE ? (step.mg ?? 0) : 0, from: new Set([from]), strewn: new Set() }))
    } else if (step.do === 'dissolve') {
      const solution = solutionOf(step.in ?? 'water')
      const put = { ...before, solid_mg: before.solid_mg + (step.mg ?? 0) }
      vessels.set(vessel, solution ? poured(put, solution, step.mL) : put)
    } else if (step.do === 'add') {
      const mL = amountOf(step)
      const solution = step.mg === undefined ? solutionOf(step.reagent) : undefined
      if (solution) vessels.set(vessel, poured(before, solution, mL ?? UNTIL_mL))
      else if (step.mg !== undefined) vessels.set(vessel, { ...before, strewn: new Set([...before.strewn, ...ionsOfSolid(step.reagent)]) })
    } else if (step.do === 'concentrate') {
      // Water goes, and the acid stays.
      vessels.set(vessel, { ...before, volume_mL: before.volume_mL * step.toFraction })
    } else if (step.do === 'centrifuge' || step.do === 'filter') {
      vessels.set(step.liquidInto, merged(held(step.liquidInto), { ...before, solid_mg: 0 }))
      vessels.set(vessel, { ...before, totals: before.totals.map((mol) => mol * 0.03), volume_mL: before.volume_mL * 0.03 })
    }
    const now = held(vessel)
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
      heat: step.do === 'warm' ? 'warm' : step.do === 'boil' || step.do === 'concentrate' ? 'boiling' : step.do === 'ignite' ? 'strong' : 'none',
    }
  })
}
