import { message, say, type Message } from '../messages'
import type { Shift } from '../equilibrium'
import {
  COMPONENTS,
  dryIon,
  dryPhase,
  findIon,
  findSalt,
  inComponents,
  molarMass,
  parseFormula,
  type Salt,
  type Solution,
  solidById,
} from '../species'
import { NO_STRUCTURE, structureOf, UnreadStructure, type Structure } from '../structure'
import { DROP_mL } from '../units'
import type { Sample } from './sample'
import type { RoastStage } from './roast'
import { NO_ORGANICS, withCompound } from './matter'
import { strongAcid, type Escaped, type Vessel } from './vessel'

/** The jar, as amounts. */
export type Jar =
  | { readonly kind: 'solids'; readonly salts: readonly { readonly phase: string; readonly mol: number; readonly mg: number }[] }
  | { readonly kind: 'solution'; readonly solution: Solution; readonly mL: number }
  | { readonly kind: 'organic'; readonly structure: Structure; readonly mg: number }

/** How the model departs from the nominal one: disturbed constants, other strengths, other drops. All of it optional. */
export interface Conditions {
  readonly shift?: Shift
  /** Factor on every reagent's strength. */
  readonly strength?: number
  readonly drop_mL?: number
}

/** The rack and the jar. Never changed: every step makes a new one. */
export interface Bench {
  readonly jar: Jar
  readonly vessels: ReadonlyMap<string, Vessel>
  readonly conditions: Conditions
}

/** So much of a gas. */
export type Passed = Pick<Escaped, 'gas' | 'mol'>

/** What another part said of why, as it said it. */
const asWritten = (text: string): Message => message('refusal.as-written', { text })

/** Thrown when a step cannot be done; `path` is relative to the step. */
export class StepError extends Error {
  constructor(
    readonly path: string,
    readonly reason: Message,
  ) {
    super(`${path}: expected ${say(reason)}`)
    this.name = 'StepError'
  }

  /** What would have done, in words. */
  get expected(): string {
    return say(this.reason)
  }
}

/** A powder of which the ions are supposed, mmol of each, and not what salts they stand in: `mg` of it hold them. Its charges balance. */
export interface Powder {
  readonly powder: { readonly ions: Readonly<Record<string, number>>; readonly mg: number }
}

/** Nothing in the place of an organic compound: the blank of a test, reagents and all. */
export interface Nothing {
  readonly nothing: true
}

/** @throws StepError when the sample is not one this version holds */
export function openJar(sample: Sample | Powder | Nothing): Jar {
  if ('nothing' in sample) return { kind: 'organic', structure: NO_STRUCTURE, mg: 1 }
  if ('powder' in sample) {
    const { ions, mg } = sample.powder
    const held = Object.entries(ions)
    const mass = held.reduce((sum, [ion, n]) => sum + n * molarMass(parseFormula(ion)), 0)
    return {
      kind: 'solids',
      salts: held.map(([ion, n]) => ({ phase: dryIon(ion), mol: n / 1000, mg: (mg * n * molarMass(parseFormula(ion))) / mass })),
    }
  }
  if ('solids' in sample) {
    return {
      kind: 'solids',
      salts: sample.solids.map(({ formula, mg }, i) => {
        const salt = saltNamed(formula, `sample.solids.${i}.formula`)
        return { phase: salt.id, mg, mol: mg / 1000 / molarMass(salt.formula) }
      }),
    }
  }
  if ('solution' in sample) {
    const { ions, mL } = sample.solution
    return { kind: 'solution', solution: solutionOf(ions), mL }
  }
  try {
    return { kind: 'organic', structure: structureOf(sample.organic.smiles), mg: sample.organic.mg }
  } catch (error) {
    if (error instanceof UnreadStructure) throw new StepError('sample.organic.smiles', asWritten(error.expected))
    throw error
  }
}

function saltNamed(formula: string, path: string): Pick<Salt, 'id' | 'formula'> {
  let salt: Salt | undefined
  try {
    salt = findSalt(formula)
  } catch (error) {
    throw new StepError(path, asWritten(error instanceof Error ? error.message : 'a formula'))
  }
  if (salt) return salt
  // A hydrate's salt without its water is another powder, of the same ions.
  const phase = dryPhase(formula)
  if (!phase) throw new StepError(path, message('refusal.salt', { formula }))
  return phase
}

function solutionOf(ions: Readonly<Record<string, number>>): Solution {
  const sum: Record<string, number> = {}
  let charge = 0
  for (const [text, n] of Object.entries(ions)) {
    let ion: string | undefined
    try {
      ion = findIon(text)
    } catch {
      ion = undefined
    }
    if (!ion) throw new StepError(`sample.solution.ions.${text}`, message('refusal.ion'))
    sum[ion] = (sum[ion] ?? 0) + n
    charge += n * chargeOf(ion)
  }
  const total = Object.values(ions).reduce((a, b) => a + b, 0)
  if (Math.abs(charge) > 1e-6 * Math.max(total, 1e-9))
    throw new StepError('sample.solution.ions', message('refusal.charges', { charge: charge.toPrecision(3) }))
  const totals = new Float64Array(COMPONENTS.length)
  for (const [component, n] of inComponents(sum).terms) totals[component] = n
  return { label: 'sample solution', reagent: 'sample', molarity: total, totals, water: 55.3, caution: '' }
}

const chargeOf = (ion: string): number => {
  const match = /\^(\d*)([+-])$/.exec(ion)
  return match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0
}

export const newBench = (jar: Jar, conditions: Conditions = {}): Bench => ({ jar, vessels: new Map(), conditions })

export interface Done {
  readonly after: Vessel
  readonly others?: readonly Vessel[]
  readonly poured?: Vessel
  readonly escaped?: readonly Escaped[]
  readonly passed?: readonly Passed[]
  readonly onTheWay?: (share: number) => Vessel
  readonly drops?: number
  readonly roasted?: readonly RoastStage[]
  readonly interface?: () => readonly Vessel[]
}

export function held(vessel: Vessel, path: string): Vessel {
  if (vessel.volume_mL === 0 && vessel.dry.size === 0 && vessel.headspace.size === 0 && !vessel.ignited && !vessel.roasted && !vessel.organic)
    throw new StepError(path, message('refusal.empty', { vessel: vessel.id }))
  return vessel
}

/** How much a step asks for, mL; drops are those of the case. */
export function volumeOf(bench: Bench, step: { mL?: number | undefined; drops?: number | undefined }): number | undefined {
  if (step.mL !== undefined) return step.mL
  return step.drops === undefined ? undefined : step.drops * (bench.conditions.drop_mL ?? DROP_mL)
}

/** Some of the solid sample into a vessel; it wets at once where there is liquid. */
export function putDry(vessel: Vessel, jar: Extract<Jar, { kind: 'solids' }>, mg: number): Vessel {
  const whole = jar.salts.reduce((sum, s) => sum + s.mg, 0)
  const dry = new Map(vessel.dry)
  for (const { phase, mol } of jar.salts) dry.set(phase, (dry.get(phase) ?? 0) + (mol * mg) / whole)
  const loaded = { ...vessel, dry }
  return vessel.volume_mL > 0 ? wetDry(loaded) : loaded
}

/** Some of an organic sample into a vessel. */
export const putCompound = (vessel: Vessel, { structure }: Extract<Jar, { kind: 'organic' }>, mg: number): Vessel => ({
  ...vessel,
  organic:
    structure === NO_STRUCTURE ? (vessel.organic ?? NO_ORGANICS) : withCompound(vessel.organic, structure.smiles, mg / 1000 / structure.molarMass),
})

/** Strong acid, mol/L, in which an ignited oxide goes into solution hot; none does in dilute acid, and some in no acid at all. Source: Vogel, insoluble residues; Cotton and Wilkinson. */
const RESISTS: ReadonlyMap<string, number> = new Map([
  ['Fe2O3', 6],
  ['Al2O3', Infinity],
  ['Cr2O3', Infinity],
  ['SnO2', Infinity],
])
const HOT_C = 55
/** Whether a dry phase lies in the liquid as it was: an ignited oxide, but for one that hot strong acid takes. */
function resists(id: string, vessel: Vessel): boolean {
  const from = RESISTS.get(id)
  return from !== undefined && (vessel.temperature < HOT_C || strongAcid(vessel.totals, vessel.volume_mL) < from)
}

/** Dry salts go into the ledger as soon as there is liquid; whether they dissolve is for the equilibrium to say. */
export function wetDry(vessel: Vessel): Vessel {
  if (vessel.dry.size === 0) return vessel
  const resisting = new Map([...vessel.dry].filter(([id]) => resists(id, vessel)))
  if (resisting.size === vessel.dry.size) return vessel
  const totals = Float64Array.from(vessel.totals)
  let { water } = vessel
  const asIssued = new Set(vessel.asIssued)
  const inert = new Map(vessel.inert)
  const aged = new Set(vessel.aged)
  for (const [id, mol] of vessel.dry) {
    if (resisting.has(id)) continue
    // A form that is never made in a tube, or only slowly, is there because it was put in.
    if (solidById.get(id)?.data.gate) aged.add(id)
    const phase = dryPhase(id)
    if (!phase) continue
    for (const [component, n] of phase.terms) totals[component] = (totals[component] as number) + n * mol
    for (const [solid, n] of Object.entries(phase.data.inert ?? {})) inert.set(solid, (inert.get(solid) ?? 0) + n * mol)
    water += phase.water * mol
    if (!vessel.roasted) asIssued.add(id)
  }
  return { ...vessel, totals, water, inert, aged, dry: resisting, asIssued, roasted: resisting.size > 0 && vessel.roasted }
}
