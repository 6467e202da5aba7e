import { COUPLES, netIonicEquations, type Change } from '../reactions'
import { AQUEOUS, COMPONENTS, FLAMES, saltById, solidById, type Resolved } from '../species'
import {
  concentration,
  gasesOver,
  newBench,
  onlyLooks,
  openJar,
  perform,
  SAMPLE,
  StepError,
  type Bench,
  type Conditions,
  type Contents,
  type Event,
  type Procedure,
  type Sample,
  type Step,
  type Vessel,
} from '../tube'
import type { Heat, Smell, Splint, Vigour } from '../vocabulary'
import { clarity, deposit, dryAppearance, solidsSeen, solutionColour, type SolidSeen } from './appearance'
import { colourOfHex, type Colour } from './colour'
import { flameOf } from './flame'
import { dipPaper, holdPaper } from './papers'
import type { GasPercept, PaperPercept, Percept, Percepts } from './percept'

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

/** A procedure carried out a step at a time, for when the next step depends on what was seen. */
export class Runner {
  private bench: Bench
  private count = 0
  /** What last happened in each vessel, for a look at it to tell. */
  private last = new Map<string, Pick<Percept, 'equations' | 'gases'>>()

  constructor(sample: Sample, conditions: Conditions = {}) {
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
    other.last = new Map(this.last)
    return other
  }

  step(step: Step): Percept {
    this.count++
    try {
      const { bench, event } = perform(this.bench, step)
      this.bench = bench
      return this.withLastChange(perceive(event, this.count), step)
    } catch (error) {
      throw located(error, `steps.${this.count - 1}.`)
    }
  }

  private withLastChange(percept: Percept, step: Step): Percept {
    const { vessel, equations, gases } = percept
    if (step.do === 'look') {
      const last = this.last.get(vessel)
      return last ? { ...percept, equation: last.equations[0] ?? null, equations: last.equations, gases: last.gases } : percept
    }
    if (step.do === 'take' && step.from !== SAMPLE) this.last.delete(vessel)
    else if (!onlyLooks(step)) {
      const before = this.last.get(vessel)
      this.last.set(vessel, { equations: equations.length > 0 ? equations : (before?.equations ?? []), gases })
    }
    return percept
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

/** What there is to see in one event. */
export function perceive(event: Event, count: number): Percept {
  const { step, before, after } = event
  const seen = solidsSeen(after)
  const whole = deposit(seen)
  const equations = netIonicEquations(changesOf(event), (after.contents?.pH ?? 7) > 7).map((e) => e.text)
  const gases = gasesOf(event)
  const papers = papersOf(event)
  const splint = splintOf(event)
  const smoke = smokeOf(event)
  const flame = step.do === 'flame' ? flameOf(after, step) : undefined
  return {
    step: count,
    vessel: after.id,
    pH: after.contents ? Math.round(after.contents.pH * 100) / 100 : null,
    temperature: after.temperature,
    appearance: after.volume_mL > 0 ? null : dryAppearance(after),
    solution: after.contents ? { colour: solutionColour(after.contents), clarity: clarity(seen) } : null,
    precipitates: seen.map(({ species, colour, habit, amount, rests }) => ({ species, colour, habit, amount, rests })),
    deposit: whole && { colour: whole.colour, habit: whole.habit, amount: whole.amount, rests: whole.rests },
    dissolved: dissolvedIn(before, after),
    layers: [],
    gases,
    papers,
    ...(splint ? { splint } : {}),
    ...(smoke ? { smoke } : {}),
    ...(flame ? { flame } : {}),
    smell: step.do === 'smell' ? smellOf(after) : null,
    heat: heatOf(event),
    speed: 'at-once',
    ...(event.drops === undefined ? {} : { drops: event.drops }),
    shows: shownIn(event, seen),
    equation: equations[0] ?? null,
    equations,
  }
}

/** Components that oxidation or reduction turns into each other. */
const COUNTERPARTS: ReadonlyMap<number, readonly number[]> = counterparts()
function counterparts(): Map<number, number[]> {
  const map = new Map<number, number[]>()
  for (const { oxidised, reduced } of COUPLES) {
    const both = [...Object.keys(oxidised), ...Object.keys(reduced)].map((f) => COMPONENTS.indexOf(f)).filter((c) => c > 0)
    for (const a of both) map.set(a, [...(map.get(a) ?? []), ...both.filter((b) => b !== a)])
  }
  return map
}

/** Components (hydrogen apart) of everything that makes a sign: seen solids, noticed gases, the species that colour the liquid. */
function shownIn({ step, after, escaped }: Event, seen: readonly SolidSeen[]): string[] {
  const held: Resolved[] = seen.flatMap((s) => solidById.get(s.species) ?? [])
  held.push(...escaped.filter(({ atm }) => atm >= NOTICED_atm).map(({ gas }) => gas))
  if (step.do === 'hold' || step.do === 'smell')
    held.push(
      ...gasesOver(after)
        .filter(({ atm }) => atm > SMOKE_atm)
        .map(({ gas }) => gas),
    )
  const looksIn = step.do !== 'hold' && step.do !== 'dip' && step.do !== 'smell' && step.do !== 'flame'
  if (looksIn && after.contents && solutionColour(after.contents).family !== 'colourless') {
    // A complex's colour is a sign of the ion that is coloured by itself, and of what is bound to it where most of that ion is so bound.
    const { chemistry, state } = after.contents
    const total = new Map<number, number>()
    const coloured = chemistry.aqueous.flatMap((s, i) => {
      const c = state.amounts[i] as number
      const [owner] = s.data.spectrum ? s.terms.filter(([component]) => AQUEOUS[component]?.data.spectrum) : []
      if (!owner || c < 1e-4) return []
      total.set(owner[0], (total.get(owner[0]) ?? 0) + c * owner[1])
      return [{ species: s, owner: owner[0], held: c * owner[1] }]
    })
    for (const { species, owner, held: share } of coloured)
      held.push(...(share > 0.3 * (total.get(owner) ?? 0) ? [species] : AQUEOUS.slice(owner, owner + 1)))
  }
  for (const id of step.do === 'flame' ? [] : after.dry.keys()) {
    const { terms = [] } = saltById.get(id) ?? {}
    held.push(...terms.flatMap(([component]) => (AQUEOUS[component]?.data.spectrum ? [AQUEOUS[component]] : [])))
  }
  if (step.do === 'flame') {
    const { lines } = flameOf(after, step)
    const lit = [...FLAMES].filter(([, data]) => data.lines.some((l) => lines.includes(l.nm)))
    held.push(...lit.flatMap(([component]) => AQUEOUS[component] ?? []))
  }
  const shown = new Set(held.flatMap((s) => s.terms.map(([component]) => component)).filter((component) => component !== 0))
  // Iodine is a sign of iodide, brown fumes are one of nitrate: what a couple makes speaks for what it was made from.
  for (const component of [...shown]) for (const other of COUNTERPARTS.get(component) ?? []) shown.add(other)
  return [...shown].sort((a, b) => a - b).map((component) => COMPONENTS[component] ?? '')
}

const mgPerMl = (vessel: Vessel): number => solidsSeen(vessel).reduce((sum, s) => sum + s.mgPerMl * vessel.volume_mL, 0)

function dissolvedIn(before: Vessel, after: Vessel): Percept['dissolved'] {
  const first = mgPerMl(before)
  if (first === 0 || !after.contents) return null
  const left = mgPerMl(after) / first
  if (left === 0) return 'yes'
  return left < 0.5 ? 'partly' : 'no'
}

function changesOf(event: Event): Change[] {
  const sums = new Map<string, { species: Resolved; kind: Change['kind']; mol: number; notable: boolean }>()
  const count = (species: Resolved, kind: Change['kind'], mol: number, notable: boolean): void => {
    const key = `${kind}:${species.id}`
    const known = sums.get(key)
    if (known) known.mol += mol
    else sums.set(key, { species, kind, mol, notable })
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
      else count(species, 'aqueous', mol, from !== undefined)
    })
    for (const { solid, mol } of solids) count(solid, 'solid', sign * mol, true)
  }
  const { step, before, after } = event
  if (
    step.do === 'take' ||
    (step.do === 'dissolve' && step.in === 'water') ||
    step.do === 'centrifuge' ||
    step.do === 'filter' ||
    step.do === 'wash' ||
    onlyLooks(step)
  )
    return []
  tally(before, -1)
  tally(event.poured, -1)
  tally(after, 1)
  for (const { gas, mol } of event.escaped) count(gas, 'gas', mol, true)
  if (after.volume_mL > 0) {
    for (const [id, mol] of before.dry) for (const [component, n] of saltById.get(id)?.terms ?? []) countComponent(component, -n * mol)
  }
  return [...sums.values()].map((c) => (c.kind === 'aqueous' && c.mol < 0.02 * amountOf(after, c.species.id) ? { ...c, notable: false } : c))
}

const amountOf = (vessel: Vessel, formula: string): number => (concentration(vessel, formula) * vessel.volume_mL) / 1000

/** A gas that leaves is noticed when its pressure over the liquid is at least this, atm. */
const NOTICED_atm = 2e-3
/** Gas given off for each mL of liquid, mL: from here on it is brisk, and violent. */
const BRISK = 2
const VIOLENT = 40
const MOLAR_mL = 24465

function gasesOf(event: Event): GasPercept[] {
  return event.escaped
    .filter(({ atm, mol }) => atm >= NOTICED_atm && mol > 1e-7)
    .map(({ gas, atm, mol }) => ({
      species: gas.id,
      vigour: vigourOf((mol * MOLAR_mL) / Math.max(event.after.volume_mL, 0.1), atm),
      colour: atm < (gas.data.visible_atm ?? Infinity) ? { name: 'colourless', family: 'colourless', hex: '#ffffff' } : colourOfHex(gas.data.colour),
      smell: gas.data.smell && atm > gas.data.smell.threshold_atm ? gas.data.smell.word : null,
    }))
}

const vigourOf = (perMl: number, atm: number): Vigour => (atm < 1 || perMl < BRISK ? 'slight' : perMl < VIOLENT ? 'brisk' : 'violent')

function papersOf({ step, after }: Event): PaperPercept[] {
  if (step.do === 'dip') return [dipPaper(step.paper, after)]
  if (step.do === 'hold' && step.paper) return [holdPaper(step.paper, after, step.dry)]
  return []
}

/** The smell that most outdoes its threshold. */
function smellOf(vessel: Vessel): Smell {
  let word: Smell = 'none'
  let most = 1
  for (const { gas, atm } of gasesOver(vessel)) {
    const times = gas.data.smell ? atm / gas.data.smell.threshold_atm : 0
    if (gas.data.smell && times > most) {
      most = times
      word = gas.data.smell.word
    }
  }
  return word
}

/** A splint goes out where carbon dioxide has driven out a good part of the air. */
const CHOKES_atm = 0.1
function splintOf({ step, after }: Event): Splint | undefined {
  if (step.do !== 'hold' || !step.splint) return undefined
  if (step.splint === 'glowing') return 'goes-out'
  return gasesOver(after).some(({ gas, atm }) => gas.id === 'CO2' && atm > CHOKES_atm) ? 'goes-out' : 'burns-on'
}

/** White smoke where ammonia meets hydrogen chloride: each a part in ten thousand of air is enough to see. */
const SMOKE_atm = 1e-4
/** What a rod dipped in one smokes in. */
const SMOKES: Readonly<Record<'HCl conc' | 'NH3 conc', string>> = { 'HCl conc': 'NH3', 'NH3 conc': 'HCl' }

function smokeOf({ step, after }: Event): Colour | undefined {
  if (step.do !== 'hold' || !step.rod) return undefined
  const partner = SMOKES[step.rod]
  return gasesOver(after).some(({ gas, atm }) => gas.id === partner && atm > SMOKE_atm) ? colourOfHex('#f8f8f6') : undefined
}

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
