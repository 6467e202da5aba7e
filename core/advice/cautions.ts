import { forecastOf } from './forecast'
import { gatesOf, warningOf } from './gates'
import { message, say } from '../messages'
import { spokenFor } from './prospects'
import { cautionsOf, type Test } from '../catalogue'
import { muchOf, type Content, type Reasoning } from '../deduction'
import { gasById } from '../species'

/** Every line a person must have read before the test: what to stop at, the reagents', and those of the gases it may make. */
export const cautionsFor = (test: Test, reasoning: Weighed): string[] => [
  ...new Set([
    ...gatesOf(test, reasoning).map((gate) => say(message('gate.stop', { warning: warningOf(gate) }))),
    ...cautionsOf(test),
    ...gasCautions(test, reasoning),
  ]),
]

/** A gas that comes with less than this probability does not decide a caution. */
const WORTH_A_CAUTION = 0.005
/** Salts less likely than this decide no caution, all of them together. */
const NO_CAUTION = 1e-5

type Weighed = Pick<Reasoning, 'hypotheses' | 'posterior' | 'simulations' | 'each' | 'gases'>

/** Cautions of the gases that the test would make of what may be in the jar. */
function gasCautions(test: Test, weighed: Weighed): string[] {
  const chance = new Map<string, number>()
  // A step of a separation has no outcome by itself: what it makes depends on all that was done before.
  if ('vessel' in test) return []
  const forecast = forecastOf(test, weighed.simulations)
  const count = (gases: readonly string[], mass: number): void => gases.forEach((gas) => chance.set(gas, (chance.get(gas) ?? 0) + mass))
  for (const [content, mass] of wholesOf(weighed)) count(forecast.gasesOf(content), mass)
  const known = weighed.gases && (weighed.gases[test.id] ?? {})
  for (const [ion, p] of besides(weighed)) count(known ? (known[ion] ?? []) : forecast.gasesOf(muchOf(ion, weighed.simulations.sample_mL ?? 0)), p)
  const made = [...chance].filter(([, p]) => p >= WORTH_A_CAUTION).map(([id]) => id)
  return made.flatMap((id) => gasById.get(id)?.data.caution ?? []).filter((line) => line !== '')
}

/** From this probability on a mixed solution is asked whole what gases it makes, since one ion may drive out what another alone would not. */
const WHOLE_FROM = 0.05

const isMixedSolution = ({ each, simulations }: Weighed): boolean => each !== undefined && simulations.sample_mL !== undefined

/** What may be in the jar, and how likely it is; of a mixed solution its likeliest wholes. */
function wholesOf(weighed: Weighed): readonly (readonly [Content, number])[] {
  const { hypotheses, posterior } = weighed
  if (isMixedSolution(weighed)) {
    const chanceAt = (k: number): number => (k === 0 ? 1 : (posterior[k] ?? 0))
    return hypotheses.flatMap((h, k) => (chanceAt(k) >= WHOLE_FROM ? [[h.content, chanceAt(k)] as const] : []))
  }
  return [...spokenFor(weighed)].flatMap(([h, mass]) => {
    const content = hypotheses[h]?.content
    return content && mass >= NO_CAUTION ? [[content, mass] as const] : []
  })
}

/** Ions that may be in a mixed solution besides what it most likely holds, and how likely: each is asked by itself, as much as there may be of it. */
const besides = (weighed: Weighed): readonly (readonly [ion: string, p: number])[] =>
  isMixedSolution(weighed)
    ? [...(weighed.each ?? [])].filter(([ion, p]) => p >= WORTH_A_CAUTION && weighed.hypotheses[0]?.ions.has(ion) === false)
    : []
