import type { Expectation } from '../channels'
import type { Test } from '../catalogue'
import { once } from '../perception'
import {
  likelihoodAt,
  observationsOf,
  shownBy,
  stepsOfTest,
  type Content,
  type Simulations,
  type TraceObservation,
  type TraceStep,
} from '../deduction'

/** A way a test comes out, as a careful observer would write it down; amounts are left out, since they are judged too loosely to plan on. */
interface Outcome {
  readonly observations: readonly TraceObservation[]
  /** Places of its observations among all that the test can give. */
  readonly said: readonly number[]
  /** What is seen by the salt it was first met with, step by step: that salt speaks for all that show the same words. */
  readonly expected: ReadonlyMap<TraceStep, Expectation | null>
  readonly shows: () => ReadonlySet<string>
}

/**
 * What a test can come to, met salt by salt and remembered: none of it depends on a notebook, so that ranking the tests again after a line costs sums alone.
 */
export class Forecast {
  private readonly outcomes: Outcome[] = []
  private readonly ofSalt = new Map<string, number>()
  private readonly bySight = new Map<string, number>()
  private readonly byWords = new Map<string, number>()
  private readonly gases = new Map<string, readonly string[]>()
  /** The distinct observations of all outcomes, and the probability of each when an outcome is what there is. */
  private readonly sayings: TraceObservation[] = []
  private readonly sayingAt = new Map<string, number>()
  private readonly weights: number[][] = []
  private readonly chances: number[][] = []
  private readonly steps: readonly TraceStep[]

  constructor(
    test: Test,
    private readonly simulations: Simulations,
  ) {
    this.steps = stepsOfTest(test.id, simulations.sample_mL)
  }

  /** Which outcome a salt gives. */
  outcomeOf(content: Content): number {
    const known = this.ofSalt.get(content.id)
    if (known !== undefined) return known
    const expected = new Map(this.steps.map((step) => [step, this.simulations.expect(content, step.recipe)] as const))
    const sight = [...expected.values()].map((e) => (e ? markOf(e) : '')).join()
    let place = this.bySight.get(sight)
    if (place === undefined) this.bySight.set(sight, (place = this.met(expected)))
    this.ofSalt.set(content.id, place)
    return place
  }

  /** Whether an outcome comes with words at all. */
  saysAnything = (outcome: number): boolean => (this.outcomes[outcome]?.observations.length ?? 0) > 0

  private met(expected: Outcome['expected']): number {
    const seen = observationsOf(this.steps, (step) => expected.get(step) ?? null).filter(
      ({ observation }) => observation.channel !== 'precipitate.amount',
    )
    const texts = seen.map(({ observation: o }) => `${o.step ?? ''}${o.channel}=${String(o.negated)}${o.value}`)
    const words = texts.join()
    const known = this.byWords.get(words)
    if (known !== undefined) return known
    const observations = seen.map(({ step, observation }) => ({ entry: step.entry, observation, steps: [step] }))
    const said = observations.map((o, k) => {
      const text = `${texts[k] ?? ''}/${o.observation.degree ?? ''}`
      let at = this.sayingAt.get(text)
      if (at === undefined) this.sayingAt.set(text, (at = this.sayings.push(o) - 1))
      return at
    })
    const shows = once(() => new Set([...expected].flatMap(([step, e]) => (e && isLook(step) ? shownBy(e.percept) : []))))
    const place = this.outcomes.push({ observations, said, expected, shows }) - 1
    this.byWords.set(words, place)
    return place
  }

  /** Probability that just what the outcome `written` says is written when outcome `there` is what there is to see, each of its words by itself. */
  chance(there: number, written: number): number {
    const row = (this.chances[there] ??= [])
    return (row[written] ??= (this.outcomes[written]?.said ?? []).reduce((product, at) => product * this.weight(there, at), 1))
  }

  private weight(there: number, at: number): number {
    const row = (this.weights[there] ??= [])
    const known = row[at]
    if (known !== undefined) return known
    const { observation, steps } = this.sayings[at] as TraceObservation
    return (row[at] = likelihoodAt(observation, (steps[0] && this.outcomes[there]?.expected.get(steps[0])) ?? null))
  }

  /** Gases that come on the way with this salt. */
  gasesOf(content: Content): readonly string[] {
    let known = this.gases.get(content.id)
    if (!known) this.gases.set(content.id, (known = this.simulations.gasesOn(content, this.steps)))
    return known
  }

  /** Ions that show themselves in what is looked at, with this salt. */
  shownBy = (content: Content): ReadonlySet<string> => this.outcomes[this.outcomeOf(content)]?.shows() ?? new Set()
}

const isLook = (step: TraceStep): boolean =>
  step.index >= 0 &&
  ['look', 'hold', 'smell', 'flame', 'copper-wire', 'ignition'].includes(step.recipe.steps.at(-1)?.do ?? '') &&
  step.test !== 'appearance'

const marks = new WeakMap<Expectation, number>()
let marked = 0
/** Expectations that are one object are one sight. */
function markOf(expectation: Expectation): number {
  let mark = marks.get(expectation)
  if (mark === undefined) marks.set(expectation, (mark = ++marked))
  return mark
}

const forecasts = new WeakMap<Simulations, Map<string, Forecast>>()
/** The forecast of a test, kept as long as the simulations it is made from. */
export function forecastOf(test: Test, simulations: Simulations): Forecast {
  let known = forecasts.get(simulations)
  if (!known) forecasts.set(simulations, (known = new Map<string, Forecast>()))
  let forecast = known.get(test.id)
  if (!forecast) known.set(test.id, (forecast = new Forecast(test, simulations)))
  return forecast
}
