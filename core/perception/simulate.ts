import { conversionById } from '../reactions'
import {
  newBench,
  drawnFrom,
  ofStep,
  onlyLooks,
  openJar,
  perform,
  StepError,
  type Bench,
  type Conditions,
  type Event,
  type Procedure,
  type Nothing,
  type Powder,
  type Sample,
  type Step,
  type Vessel,
} from '../tube'
import type { Heat, Speed } from '../vocabulary'
import { bulkOf, clarity, deposit, dryAppearance, layerColour, PATH_cm, solidsSeen, solutionColour, solutionLab } from './appearance'
import { COLOURLESS, colourDifference, labOfHex, nameColour, type Colour } from './colour'
import { equationsOf } from './equations'
import { residueOf, stagesOf } from './fire'
import { gasesOf } from './mouth'
import { SHOWN } from './shown'
import {
  compoundIn,
  groupsShown,
  organicAbsorbance,
  organicDissolved,
  organicEquations,
  organicFumes,
  organicHeat,
  organicLayers,
  organicRing,
  organicSoluble,
  organicSpeed,
  partsShown,
} from './organic'
import type { Bulk, GasPercept, LayerPercept, Percept, Percepts, Sight, Told } from './percept'
import { shownIn } from './signs'

/** Thrown when a procedure cannot be carried out; `path` is in the document. */
export class ProcedureError extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(`${path}: ${expected}`)
    this.name = 'ProcedureError'
  }
}

/**
 * Carries out a procedure and tells what a careful person would perceive, step by step.
 * @throws ProcedureError when a step cannot be done, with its place in the document
 */
export function simulate(procedure: Procedure, conditions: Conditions = {}): Percepts {
  const dropped = procedure.drop_mL === undefined ? conditions : { ...conditions, drop_mL: procedure.drop_mL }
  const percepts = run(procedure.sample, procedure.steps, dropped)
  return { format: 'foxing-percepts/1', ...(procedure.id === undefined ? {} : { id: procedure.id }), steps: percepts }
}

/** The same for a sample and steps without a document round them. @throws ProcedureError */
export function run(sample: Sample, steps: readonly Step[], conditions: Conditions = {}): Percept[] {
  const runner = new Runner(sample, conditions)
  return steps.map((step) => runner.step(step))
}

/** What a look at a vessel tells of what last happened in it. */
interface Happened {
  readonly sight: () => Pick<Sight, 'gases' | 'ring' | 'clouded'>
  readonly equations: () => readonly string[]
}

/** A value worked out when it is first asked for. */
export function once<T>(f: () => T): () => T {
  let wanting: (() => T) | null = f
  let known: T
  return () => {
    if (wanting) known = wanting()
    wanting = null
    return known
  }
}

/** What one step has to show, and what the model knows of it besides; each is worked out when it is asked for. */
export interface Unseen {
  readonly sight: () => Sight
  readonly told: () => Told
  /** Solid in the vessel, in numbers. */
  readonly bulk: () => Bulk | null
}

const happened = ({ sight, told }: Unseen, before: Happened | undefined): Happened => ({
  sight: once(() => {
    const { gases, ring, clouded } = sight()
    return { gases, ...(ring ? { ring } : {}), ...(clouded ? { clouded } : {}) }
  }),
  equations: once(() => (told().equations.length > 0 ? told().equations : (before?.equations() ?? []))),
})
const withLastChange = ({ sight, told, bulk }: Unseen, last: Happened): Unseen => ({
  bulk,
  sight: once(() => ({ ...sight(), ...last.sight() })),
  told: once(() => ({ ...told(), equation: last.equations()[0] ?? null, equations: last.equations() })),
})

/** A procedure carried out a step at a time, for when the next step depends on what was seen. */
export class Runner {
  private bench: Bench
  private count = 0
  /** What last happened in each vessel, for a look at it to tell. */
  private last: ReadonlyMap<string, Happened> = new Map()

  constructor(sample: Sample | Powder | Nothing, conditions: Conditions = {}) {
    try {
      this.bench = newBench(openJar(sample), conditions)
    } catch (error) {
      throw located(error, '')
    }
  }

  /** A second runner that goes on from here by itself. */
  fork(): Runner {
    const other = Object.create(Runner.prototype) as Runner
    other.bench = this.bench
    other.count = this.count
    other.last = this.last
    return other
  }

  step(step: Step): Percept {
    const { sight, told } = this.stepUnseen(step)
    return { ...sight(), ...told() }
  }

  /** Carries a step out; what there was to see is worked out when it is asked for. */
  stepUnseen(step: Step): Unseen {
    const count = ++this.count
    try {
      const { bench, event } = perform(this.bench, step)
      this.bench = bench
      const unseen = { sight: once(() => see(event, count)), told: once(() => tell(event)), bulk: once(() => bulkOf(event.after)) }
      const vessel = event.after.id
      const before = this.last.get(vessel)
      if (step.do === 'look') return before ? withLastChange(unseen, before) : unseen
      const last = new Map(this.last)
      // A portion begins with nothing having happened in it.
      if (step.do === 'take' && drawnFrom(step) !== null) this.last = (last.delete(vessel), last)
      else if (!onlyLooks(step)) this.last = last.set(vessel, happened(unseen, before))
      return unseen
    } catch (error) {
      throw located(error, `steps.${count - 1}.`)
    }
  }

  vessel(id: string): Vessel | undefined {
    return this.bench.vessels.get(id)
  }
}

function located(error: unknown, prefix: string): Error {
  if (error instanceof StepError) return new ProcedureError(prefix + error.path, error.expected)
  if (error instanceof Error && error.name === 'UnknownReagent') return new ProcedureError(`${prefix}reagent`, error.message)
  return error instanceof Error ? error : new Error(String(error))
}

/** What there is to see in one event, and what the model knows of it besides. */
export const perceive = (event: Event, count: number): Percept => ({ ...see(event, count), ...tell(event) })

function tell(event: Event): Told {
  const compound = event.roasted ? null : compoundIn(event.after)
  const equations = [...organicEquations(event), ...equationsOf(event)]
  return {
    shows: [...shownIn(event, solidsSeen(event.after)), ...groupsShown(event), ...partsShown(event, compound)],
    equation: equations[0] ?? null,
    equations,
  }
}

function see(event: Event, count: number): Sight {
  const { step, before, after } = event
  const seen = solidsSeen(after)
  const whole = deposit(seen)
  const own = ofStep(SHOWN, step, event)
  const residue = own.residue ?? residueOf(event)
  const soluble = organicSoluble(after)
  return {
    step: count,
    vessel: after.id,
    pH: after.contents ? Math.round(after.contents.pH * 100) / 100 : null,
    temperature: after.temperature,
    appearance: after.volume_mL > 0 ? null : dryAppearance(after),
    solution: after.contents ? { colour: solutionColour(after.contents, organicAbsorbance(after, PATH_cm)), clarity: clarity(seen) } : null,
    precipitates: seen.map(({ species, colour, habit, amount, rests }) => ({ species, colour, habit, amount, rests })),
    deposit: whole && { colour: whole.colour, habit: whole.habit, amount: whole.amount, rests: whole.rests },
    dissolved: organicDissolved(event) ?? dissolvedIn(before, after),
    ...(cloudedOnTheWay(event) ? { clouded: true } : {}),
    layers: [...layersOf(after), ...organicLayers(after)],
    gases: [...gasesOf(event), ...fumesOf(event)],
    papers: own.papers ?? [],
    ...(own.splint ? { splint: own.splint } : {}),
    ...(own.rod ? { rod: own.rod } : {}),
    ...(own.flame ? { flame: own.flame } : {}),
    ...(residue ? { residue } : {}),
    ...(event.roasted ? { stages: stagesOf(event.roasted), water: event.roasted.some((r) => r.evolved.some((e) => e.gas === 'H2O')) } : {}),
    ...(own.bead ? { bead: own.bead } : {}),
    ...(event.interface ? { ...ringOf(event.interface(), before), ...organicRing(event) } : {}),
    ...(soluble ? { soluble } : {}),
    ...('constant' in own ? { constant: own.constant ?? null } : {}),
    smell: own.smell ?? null,
    heat: organicHeat(event) ? 'hot' : heatOf(event),
    speed: organicSpeed(event) ?? speedOf(event),
    ...(event.drops === undefined ? {} : { drops: event.drops }),
  }
}

/** Acid fumes from a reaction in a solvent without water. */
const fumesOf = (event: Event): GasPercept[] =>
  organicFumes(event).map((species) => ({ species, vigour: 'slight', colour: COLOURLESS, smell: 'pungent, acid' }))

/** Shares of the gas at which one looks, the first bubbles among them, whether the liquid has clouded. */
const GLANCES = [0.001, 0.003, 0.01, 0.03, 0.1, 0.3]
/** Whether a solid stood in the liquid while gas was led in, and is gone at the end. */
const cloudedOnTheWay = ({ onTheWay, before, after }: Event): boolean =>
  onTheWay !== undefined &&
  solidsSeen(after).length === 0 &&
  solidsSeen(before).length === 0 &&
  GLANCES.some((share) => solidsSeen(onTheWay(share)).length > 0)

const mgPerMl = (vessel: Vessel): number => solidsSeen(vessel).reduce((sum, s) => sum + s.mgPerMl * vessel.volume_mL, 0)

function dissolvedIn(before: Vessel, after: Vessel): Percept['dissolved'] {
  const first = mgPerMl(before)
  if (first === 0 || !after.contents) return null
  const left = mgPerMl(after) / first
  if (left === 0) return 'yes'
  return left < 0.5 ? 'partly' : 'no'
}

function layersOf(vessel: Vessel): LayerPercept[] {
  if (!vessel.second) return []
  const { solvent } = vessel.second
  return [{ rests: solvent.density > 1 ? 'lower' : 'upper', colour: layerColour(vessel), solvent: solvent.name }]
}

/** A ring is seen where the meeting of the liquids is coloured as neither of them is. */
function ringOf(layers: readonly Vessel[], before: Vessel): { ring?: { colour: Colour } } {
  const above = (before.contents && solutionLab(before.contents)) ?? WATER_LAB
  let ring: Colour | undefined
  let most = RING_SEEN
  for (const { contents } of layers) {
    const lab = contents && solutionLab(contents)
    const difference = lab ? colourDifference(lab, above) : 0
    if (lab && difference > most) {
      most = difference
      ring = nameColour(lab, true)
    }
  }
  return ring ? { ring: { colour: ring } } : {}
}
const WATER_LAB = labOfHex('#ffffff')
/** A ring that differs less from the liquid over it is not seen (CIEDE2000). */
const RING_SEEN = 12

const SLOWNESS = ['at-once', 'seconds', 'minutes'] as const
/** How long the slowest of what went on takes to be seen. */
const speedOf = ({ after }: Event): Speed =>
  [...after.reacted.keys()]
    .map((key) => conversionById.get(key.replace('conversion:', ''))?.speed ?? 'at-once')
    .reduce<Speed>((slowest, s) => (SLOWNESS.indexOf(s) > SLOWNESS.indexOf(slowest as (typeof SLOWNESS)[number]) ? s : slowest), 'at-once')

/** Heat set free in mixing, from the enthalpies of the species formed; J for 1 mL of water and 1 K. */
function heatOf({ before, poured, after }: Event): Heat {
  if (!poured?.contents || !after.contents) return 'none'
  const joules = enthalpy(before) + enthalpy(poured) - enthalpy(after)
  const rise = joules / (4.18 * after.volume_mL)
  return rise > 20 ? 'hot' : rise > 4 ? 'warm' : 'none'
}

function enthalpy(vessel: Vessel): number {
  if (!vessel.contents) return 0
  const { chemistry, state, solids } = vessel.contents
  let sum = 0
  chemistry.aqueous.forEach((s, i) => (sum += s.enthalpy_kJ * (state.amounts[i] as number) * vessel.volume_mL))
  for (const { solid, mol } of solids) sum += solid.enthalpy_kJ * mol * 1000
  return sum
}
