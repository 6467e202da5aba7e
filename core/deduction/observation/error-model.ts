import type { Observation } from '../../notebook'
import { CHANNEL_BY_ID, CONSTANT_RANGE_C, isOf, type Expectation, type Knowing } from '../../channels'
import { degreeOf } from '../../perception'
import type { Eyes } from '../../vocabulary'
import { attributedSteps, endsOf } from './attribution'
import type { TraceObservation, TraceStep } from './trace'

/**
 * The error model: how likely a careful but fallible person is to write a value when the percept is known. Each channel gives a share to every value it
 * has words for; the person's stated certainty mixes that with chance, so that no one observation makes anything impossible.
 */
const CHANCE: Readonly<Record<Observation['certainty'], number>> = { sure: 0.02, fairly: 0.08, unsure: 0.3 }
/** A value no percept speaks for: as likely as any other the channel has. */
const neutral = (channel: string): number =>
  isOf(channel, 'constant') ? 1 / CONSTANT_RANGE_C : 1 / Math.max(2, CHANNEL_BY_ID.get(channel)?.values?.length ?? 10)

/** How the three shades a writer may name share out when the colour has one of them: neighbours are often taken for each other. */
const SHADES = ['pale', '', 'deep']
const SHADE_SHARE = [0.62, 0.26, 0.06]

/** For a colour written with its shade: how likely that shade is; 1 where none was written, which says nothing. */
function shadeShare({ channel, degree }: Observation, { percept }: Expectation): number {
  if (degree === undefined || !SHADES.includes(degree)) return 1
  const colour = { 'solution.colour': percept.solution, 'precipitate.colour': percept.deposit, 'appearance.colour': percept.appearance }[channel]
    ?.colour
  const written = SHADES.indexOf(degree)
  if (!colour || written < 0) return 1
  return SHADE_SHARE[Math.abs(written - SHADES.indexOf(degreeOf(colour.name) ?? ''))] ?? 0.06
}

/** How likely what is denied would be written of something else that the denial speaks of. */
function alsoDenied({ channel, value }: Observation, expectation: Expectation | null, eyes: Eyes, knowing: Knowing): number {
  const other = CHANNEL_BY_ID.get(CHANNEL_BY_ID.get(channel)?.deniesToo ?? '')
  if (!expectation || other?.there?.(expectation) !== true) return 0
  return other.compare?.(expectation, eyes, knowing)?.(value) ?? 0
}

/** Probability of one observation given one percept, by eyes of some kind; `knowing`: how well it is known how much there is of everything. */
export function likelihoodAt(observation: Observation, expectation: Expectation | null, eyes: Eyes = 'usual', knowing: Knowing = 'amounts'): number {
  const chance = CHANCE[observation.certainty]
  const flat = neutral(observation.channel)
  const share = expectation && CHANNEL_BY_ID.get(observation.channel)?.compare?.(expectation, eyes, knowing)
  const fitting = Math.max(
    share ? share(observation.value, observation.degree) : flat,
    observation.negated ? alsoDenied(observation, expectation, eyes, knowing) : 0,
  )
  const p = Math.min(1, fitting * (expectation ? shadeShare(observation, expectation) : 1))
  return (1 - chance) * (observation.negated ? 1 - p : p) + chance * (observation.negated ? 1 - flat : flat)
}

/** Whether a percept says anything of an observation at all: of what is described, where it is there. */
function isToldAt({ channel, negated }: Observation, expectation: Expectation | null, knowing: Knowing): boolean {
  const { compare, there } = CHANNEL_BY_ID.get(channel) ?? {}
  if (expectation === null || (compare?.(expectation, 'usual', knowing) ?? null) === null) return false
  return negated || there === undefined || there(expectation)
}

/** Probability of an observation by somebody, or of something, that nothing is known about. */
export const unknowing = ({ channel, negated }: Observation): number => (negated ? 1 - neutral(channel) : neutral(channel))

/** How often a whole test shows something else than the model says: a constant off, a bottle gone stale, a step not done as written. */
const MODEL_WRONG = 0.03

/**
 * The observations of one test together, by hypothesis: each by itself where the model holds, and where, for the whole test, it does not, as another sample at random would have it. What one cause spoils
 * then counts once, however many words were written about it. Each observation keeps its share of what the test says.
 * @param rows natural logarithms of the probability of each observation, by hypothesis; changed in place
 * @param otherwise natural logarithm of the probability of all of them where the model does not hold; their mean over the hypotheses, unless given
 * @param wrong how often the model does not hold
 * @returns `otherwise`, for hypotheses that are weighed later
 */
export function togetherInOneTest(rows: readonly Float64Array[], otherwise?: number, wrong = MODEL_WRONG): number {
  const said = Float64Array.from(rows[0] ?? [], (_, h) => rows.reduce((sum, row) => sum + (row[h] as number), 0))
  const without = otherwise ?? logOfMean(said)
  const astray = Math.log(wrong) + without
  said.forEach((log, h) => {
    const top = Math.max(log, astray)
    const both = top + Math.log(Math.exp(log + Math.log(1 - wrong) - top) + Math.exp(astray - top))
    const factor = log < 0 ? both / log : 1
    for (const row of rows) row[h] = (row[h] as number) * factor
  })
  return without
}

/** How often a colour that gave way to another was there between two looks only, and how likely any one then is. */
const IN_PASSING = 0.3
const A_COLOUR = 0.2
/** How often looks that are not named are written of one after another. */
const IN_ORDER = 0.8

/** Natural logarithm of a sum, and of a mean, of which logarithms are given. */
export function logOfSum(logs: Float64Array | readonly number[]): number {
  const top = Math.max(...logs)
  let sum = 0
  for (const log of logs) sum += Math.exp(log - top)
  return top + Math.log(sum)
}
export const logOfMean = (logs: Float64Array | readonly number[]): number => logOfSum(logs) - Math.log(logs.length)

/** Channels of which `colourless` says that there is none. */
const NONE_IF_COLOURLESS: ReadonlySet<string> = new Set(['ring.colour', 'flame.colour', 'layer.colour', 'sublimate'])
const NONE: ReadonlySet<string> = new Set(['none', 'no'])
/** Whether what was written is that nothing is to be seen. */
const isOfNothing = ({ channel, value, negated }: Observation): boolean =>
  negated || NONE.has(value) || (value === 'colourless' && NONE_IF_COLOURLESS.has(channel))

/** How likely what is written of a look is with a hypothesis. */
type Telling = (step: TraceStep) => number

/** How often a test of which nothing came is ended at the first look at which it may be. */
const ENDED_AT_ONCE = 0.8
/** That nothing was seen is said of all the looks up to the one after which nobody went on: any that a test may be ended at. */
function ofNothing(traced: TraceObservation, looks: readonly TraceStep[], telling: Telling): number {
  const [first = 0, ...later] = endsOf(traced, looks)
  const least = looks.map(telling).map((p, k, all) => Math.min(p, ...all.slice(0, k)))
  const at = (place: number): number => least[place] ?? 0
  if (later.length === 0) return at(first)
  return ENDED_AT_ONCE * at(first) + ((1 - ENDED_AT_ONCE) * later.reduce((sum, place) => sum + at(place), 0)) / later.length
}

/**
 * How likely an observation is, by the looks it may speak of. Who writes once of several looks writes of the one at which it was to be seen; that nothing was, of all up to the last.
 * @param expect what the hypothesis shows at a step
 */
export function likelihoodOf(
  traced: TraceObservation,
  looks: readonly TraceStep[],
  expect: (step: TraceStep) => Expectation | null,
  knowing: Knowing = 'amounts',
): number {
  const { observation, eyes } = traced
  const telling: Telling = (step) => likelihoodAt(observation, expect(step), eyes, knowing)
  // A look of which nothing can be said ("dissolves", or "curdy", where nothing had come down) is not the one that was written of, while there is another.
  const told = looks.length > 1 ? looks.filter((step) => isToldAt(observation, expect(step), knowing)) : looks
  const spoken = told.length > 0 ? told : looks
  return spoken.length > 1 && isOfNothing(observation) ? ofNothing(traced, spoken, telling) : Math.max(...spoken.map(telling))
}

/**
 * Probability of an observation under a hypothesis, at the look it decides by: mostly the one that is next in the order of writing.
 * @param expect what the hypothesis shows at a step
 */
export function likelihood(traced: TraceObservation, expect: (step: TraceStep) => Expectation | null, knowing: Knowing = 'amounts'): number {
  const looks = attributedSteps(traced)
  if (looks.length === 0) return neutral(traced.observation.channel)
  const anywhere = likelihoodOf(traced, looks, expect, knowing)
  const { likely = [] } = traced
  const p = likely.length > 0 ? IN_ORDER * likelihoodOf(traced, likely, expect, knowing) + (1 - IN_ORDER) * anywhere : anywhere
  return traced.isPassing ? (1 - IN_PASSING) * p + IN_PASSING * A_COLOUR : p
}
