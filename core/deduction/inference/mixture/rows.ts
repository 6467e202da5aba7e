import type { Group } from '../../observation/tests-written'
import type { Content, Simulations } from '../../simulation/simulations'
import { likelihood, likelihoodAt, likelihoodOf, logOfMean, togetherInOneTest, unknowing } from '../../observation/error-model'
import { attributedSteps } from '../../observation/attribution'
import { observationsOf } from '../../observation/ideal-observer'
import type { Expectation } from '../../../channels'
import type { TraceStep } from '../../observation/trace'
import { groundOf, hangsOnSalts } from './ground-salts'

/** What a group is asked of: a powder of which the ions are supposed, where what was seen hangs on its salts, as each of the salts it may be ground of; else the content itself. */
function askedOf({ observations }: Group, content: Content): readonly Content[] {
  const states = observations.some((o) => o.steps.some(({ recipe }) => hangsOnSalts(recipe.steps))) ? groundOf(content) : []
  return states.length > 0 ? states : [content]
}

/** Natural logarithms of the probability of each observation of a group, with this in the jar. */
export function rowsOf(group: Group, content: Content, simulations: Simulations): readonly number[] {
  const states = askedOf(group, content).map((state) => rowsWith(group, state, simulations))
  const sums = states.map(sum)
  const [first = []] = states
  if (states.length === 1) return first
  // One way is as good as another; each observation keeps its share of what the test says with the best of them.
  const best = states[sums.indexOf(Math.max(...sums))] ?? first
  const factor = sum(best) < 0 ? logOfMean(sums) / sum(best) : 1
  return best.map((row) => row * factor)
}
export const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0)

function rowsWith(group: Group, content: Content, simulations: Simulations): readonly number[] {
  const rows = group.observations.map((o) => Float64Array.of(Math.log(likelihood(o, (step) => simulations.expect(content, step.recipe), 'nearly'))))
  // Of mixtures there are too many for a mean: where the model does not hold nothing is known.
  togetherInOneTest(
    rows,
    group.observations.reduce((sum, o) => sum + Math.log(unknowing(o.observation)), 0),
  )
  return rows.map((row) => row[0] as number)
}

/** By how much what was written of a test is less likely than what a careful observer would have written of this: near nothing where it is explained (natural logarithm). */
export const shortfallOf = (group: Group, content: Content, simulations: Simulations): number =>
  Math.min(...askedOf(group, content).map((state) => shortfallWith(group, state, simulations)))

function shortfallWith(group: Group, content: Content, simulations: Simulations): number {
  let short = 0
  for (const o of group.observations) {
    const { observation, eyes, likely: looks = attributedSteps(o) } = o
    if (looks.length === 0) continue
    const expect = (step: TraceStep): Expectation | null => simulations.expect(content, step.recipe)
    const told = observationsOf(looks, expect).filter((w) => w.observation.channel === observation.channel)
    const ideal = told.map((w) => likelihoodAt(w.observation, expect(w.step), eyes, 'nearly')).concat(told.length > 0 ? [] : unknowing(observation))
    const p = likelihoodOf(o, looks, expect, 'nearly')
    short += Math.max(0, Math.log(Math.min(...ideal) / p))
  }
  return short
}
