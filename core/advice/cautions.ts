import { forecastOf } from './forecast'
import { gatesOf } from './gates'
import { spokenFor } from './prospects'
import { cautionsOf, type Test } from '../catalogue'
import { mixtureOf, type Content, type Reasoning } from '../deduction'
import { gasById } from '../species'

/** Every line a person must have read before the test: what to stop at, the reagents', and those of the gases it may make. */
export const cautionsFor = (test: Test, reasoning: Weighed): string[] => [
  ...new Set([...gatesOf(test, reasoning).map((gate) => `Stop: ${gate.says} ${gate.asks}`), ...cautionsOf(test), ...gasCautions(test, reasoning)]),
]

/** A gas that comes with less than this probability does not decide a caution. */
const WORTH_A_CAUTION = 0.005
/** Salts less likely than this decide no caution, all of them together. */
const NO_CAUTION = 1e-5

type Weighed = Pick<Reasoning, 'hypotheses' | 'posterior' | 'simulations' | 'each'>

/** Cautions of the gases that the test would make of what may be in the jar. */
function gasCautions(test: Test, weighed: Weighed): string[] {
  const chance = new Map<string, number>()
  // A step of a separation has no outcome by itself: what it makes depends on all that was done before.
  if ('vessel' in test) return []
  const forecast = forecastOf(test, weighed.simulations)
  for (const [content, mass] of contentsOf(weighed)) for (const gas of forecast.gasesOf(content)) chance.set(gas, (chance.get(gas) ?? 0) + mass)
  const made = [...chance].filter(([, p]) => p >= WORTH_A_CAUTION).map(([id]) => id)
  return made.flatMap((id) => gasById.get(id)?.data.caution ?? []).filter((line) => line !== '')
}

/** From this probability on a mixed solution is asked whole what gases it makes, since one ion may drive out what another alone would not. */
const WHOLE_FROM = 0.05

/** What may be in the jar, and how likely it is. Of a mixed solution these are its likeliest wholes, and each ion by itself, as much as there may be of it, that may be there besides. */
function contentsOf({ hypotheses, posterior, simulations, each }: Weighed): readonly (readonly [Content, number])[] {
  const [best] = hypotheses
  if (each && best && simulations.sample_mL !== undefined) {
    const besides = [...each].filter(([ion, p]) => p >= WORTH_A_CAUTION && !best.ions.has(ion))
    const wholes = hypotheses.flatMap((h, k) => (k > 0 && (posterior[k] ?? 0) >= WHOLE_FROM ? [[h.content, posterior[k] ?? 0] as const] : []))
    return [
      [best.content, 1],
      ...wholes,
      ...besides.map(([ion, p]) => [mixtureOf(new Map([[ion, 'heavy']]), simulations.sample_mL ?? 0), p] as const),
    ]
  }
  return [...spokenFor({ hypotheses, posterior })].flatMap(([h, mass]) => {
    const content = hypotheses[h]?.content
    return content && mass >= NO_CAUTION ? [[content, mass] as const] : []
  })
}
