import { expand, UnknownTest, type Volumes } from '../../catalogue'
import { apartFromControls, asAmended, isTest, type Case, type Entry, type Notebook, type Observation } from '../../notebook'
import { SAMPLE, vesselOf, type Step } from '../../tube'
import type { Eyes } from '../../vocabulary'
import { everyTest } from '../../schemes'
import { Course, type Recipe } from '../simulation/recipe'
import { asSaid } from './as-said'
import { amountsTo } from './recognise'
import { isShownIn } from './shown-in'

/** A step of the notebook, with what led up to it in its vessel. */
export interface TraceStep {
  readonly entry: string
  readonly test: string | null
  /** The test that free work amounts to by now, where it amounts to one. */
  readonly as?: string
  /** Place in its test, −1 for a preparation. */
  readonly index: number
  readonly vessel: string
  /** The step itself, its vessels as the notebook names them. */
  readonly step?: Step
  /** Every step that bears on what is seen here, in order, vessels renamed; the last is this step itself. */
  readonly recipe: Recipe
}

/** An observation with the steps it may speak of. */
export interface TraceObservation {
  readonly entry: string
  readonly observation: Observation
  readonly steps: readonly TraceStep[]
  /** Of what names no look: the steps it most likely speaks of, as people write of one look after another. */
  readonly likely?: readonly TraceStep[]
  /** Whether something else was written of the same thing, of the same look, later: it may have been seen in passing, between two looks. */
  readonly isPassing?: boolean
  /** The eyes that saw it; the usual ones, unless given. */
  readonly eyes?: Eyes
}

const passing = (traced: TraceObservation, later: readonly TraceObservation[]): boolean =>
  PASSING.has(traced.observation.channel) &&
  !traced.observation.negated &&
  later.some(
    ({ observation: { channel, value, negated, step }, steps: [first] }) =>
      channel === traced.observation.channel &&
      !negated &&
      value !== traced.observation.value &&
      step === traced.observation.step &&
      first !== undefined &&
      first.entry === traced.steps[0]?.entry,
  )
const PASSING: ReadonlySet<string> = new Set(['precipitate.colour', 'solution.colour'])

export interface Trace {
  readonly steps: readonly TraceStep[]
  readonly observations: readonly TraceObservation[]
  /** Ids of the tests done, in order. */
  readonly tests: readonly string[]
  readonly volumes: ReadonlyMap<string, number>
}

/** Thrown when the notebook names a test that is not known; `path` is in the document. */
export class NotebookError extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(`${path}: ${expected}`)
    this.name = 'NotebookError'
  }
}

/** A mixture's volume where the case gives none, mL. */
export const SOLUTION_mL = 20
/** Whether an entry tells that the sample is a solid: some of it was weighed out or dissolved, by a test or by itself, or it was seen to be crystals or a powder. */
function isOfSolid(entry: Entry): boolean {
  if ('saw' in entry) return entry.saw.channel === 'appearance.form' && !entry.saw.negated && entry.saw.value !== 'liquid'
  if (!('did' in entry)) return false
  const steps = isTest(entry.did) ? (everyTest.get(entry.did.test)?.steps ?? []) : [entry.did]
  return steps.some((step) => step.do === 'dissolve' || (step.do === 'take' && step.from === SAMPLE && step.mg !== undefined))
}
/** mL of the sample, where it is worked as a solution. A mixture is one unless its case, or what was done with it, says otherwise. */
export function liquidOf({ case: of, entries }: { readonly case?: Case; readonly entries: readonly Entry[] }): number | undefined {
  if (of?.kind !== 'mixture') return of?.sample.mL
  const { mL, form } = of.sample
  if (form === 'solid' || (mL === undefined && form === undefined && entries.some(isOfSolid))) return undefined
  return mL ?? SOLUTION_mL
}

/** What is seen in comparison with the look before. */
const COMPARING: ReadonlySet<string> = new Set(['precipitate.dissolves', 'fades'])
/** What was written of one test without naming its look, in order: each with how many changes of look went before. */
interface Reading {
  readonly told: { readonly observation: TraceObservation; readonly turn: number }[]
  readonly said: Set<string>
  turn: number
}
/** Takes up what is written next: what is said of a thing a second time, or in comparison with what was said before, is of a later look. */
function readOn(reading: Reading, observation: TraceObservation): void {
  const { channel, value } = observation.observation
  // That it does not dissolve is often said in passing: nothing need have been done between.
  const isLater = reading.said.has(channel) || (COMPARING.has(channel) && value !== 'no' && reading.said.size > 0)
  if (isLater) {
    reading.turn++
    reading.said.clear()
  }
  reading.said.add(channel)
  reading.told.push({ observation, turn: reading.turn })
}
/** People write of one look after another: with as many turns as looks each has its own, with fewer each may be one of some. */
function inOrderOf({ told, turn: last }: Reading): readonly TraceObservation[] {
  if (last === 0) return told.map(({ observation }) => observation)
  return told.map(({ observation, turn }) => {
    const looks = observation.steps.filter((s) => isShownIn(s, observation.observation.channel))
    const spare = Math.max(0, looks.length - 1 - last)
    const likely = looks.slice(Math.min(turn, looks.length - 1), turn + spare + 1)
    return likely.length > 0 && likely.length < looks.length ? { ...observation, likely } : observation
  })
}

/**
 * Reads the notebook into steps and observations.
 * @throws NotebookError for a test that is not in the catalogue
 */
export function traceOf(notebook: Pick<Notebook, 'entries'> & { readonly case?: Case }): Trace {
  const volumes: Volumes = new Map()
  const mL = liquidOf(notebook)
  if (mL !== undefined) volumes.set(SAMPLE, mL)
  const course = new Course()
  const steps: TraceStep[] = []
  const observations: TraceObservation[] = []
  const tests: string[] = []
  // The same thing of the same look is one sight, however often it is written.
  const sights = new Set<string>()
  const readings = new Map<string, Reading>()
  let last: TraceStep[] = []
  const worked = new Map<string, TraceStep[]>()
  const latest = new Map<string, TraceStep[]>()
  const places = new Map(notebook.entries.map((e, k) => [e.id, k]))
  // What a control shows is of something known, and no evidence of the jar.
  apartFromControls(asAmended(notebook)).own.forEach(({ entry, withdrawn }) => {
    const position = places.get(entry.id) ?? 0
    if (withdrawn) return
    if ('did' in entry) {
      last = []
      let done
      try {
        done = expand(entry.did, volumes, everyTest)
      } catch (error) {
        if (error instanceof UnknownTest) throw new NotebookError(`entries.${position}.did.test`, `a test of the catalogue, not "${error.test}"`)
        throw error
      }
      const touched = new Map<string, TraceStep[]>()
      for (const { step, index, test } of done) {
        const recipe = course.push(step)
        const as = test === null && index >= 0 ? amountsTo(recipe) : null
        const traced: TraceStep = { entry: entry.id, test, ...(as === null ? {} : { as }), index, vessel: vesselOf(step), step, recipe }
        steps.push(traced)
        if (index >= 0) last.push(traced)
        touched.set(traced.vessel, [...(touched.get(traced.vessel) ?? []), traced])
        const done = test ?? as
        if (done !== null && index >= 0 && tests.at(-1) !== done) tests.push(done)
      }
      for (const [vessel, traced] of touched) latest.set(vessel, traced)
      worked.set(entry.id, last)
    } else if ('saw' in entry) {
      const { vessel, of } = entry.saw
      const named = of === undefined ? undefined : worked.get(of)
      const own = named ?? last
      const about =
        vessel === undefined
          ? own
          : own.some((s) => s.vessel === vessel)
            ? own.filter((s) => s.vessel === vessel)
            : // On a wire, a spatula or in a capillary nothing is done in the tube that the row is named after.
              (latest.get(vessel) ?? named ?? [])
      const said = asSaid(entry.saw, about)
      const { channel, value, negated, degree, after, step } = said
      const sight = JSON.stringify([about[0]?.entry, vessel, step, channel, value, negated, degree, after])
      if (about.length > 0 && sights.has(sight)) return
      sights.add(sight)
      const observation: TraceObservation = { entry: entry.id, observation: said, steps: about, eyes: notebook.case?.colourVision ?? 'usual' }
      observations.push(observation)
      const work = about[0]?.entry
      if (work === undefined || entry.saw.step !== undefined || entry.saw.after !== undefined) return
      let reading = readings.get(work)
      if (!reading) readings.set(work, (reading = { told: [], said: new Set(), turn: 0 }))
      readOn(reading, observation)
    }
  })
  const ordered = new Map([...readings.values()].flatMap(inOrderOf).map((o) => [o.entry, o]))
  const told = observations.map((o) => ordered.get(o.entry) ?? o)
  return { steps, observations: told.map((o, k) => (passing(o, told.slice(k + 1)) ? { ...o, isPassing: true } : o)), tests, volumes }
}
