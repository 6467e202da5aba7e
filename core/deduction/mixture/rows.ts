import type { Group } from '../groups'
import type { Content, Simulations } from '../hypotheses'
import { likelihood, likelihoodAt, togetherInOneTest, unknowing } from '../likelihood'
import { stepsMeant } from '../meant'
import { observationsOf } from '../seen'

/** Natural logarithms of the probability of each observation of a group, with this in the jar. */
export function rowsOf(group: Group, content: Content, simulations: Simulations): readonly number[] {
  const rows = group.observations.map((o) => Float64Array.of(Math.log(likelihood(o, (step) => simulations.expect(content, step.recipe)))))
  // Of mixtures there are too many for a mean: where the model does not hold nothing is known.
  togetherInOneTest(
    rows,
    group.observations.reduce((sum, o) => sum + Math.log(unknowing(o.observation)), 0),
  )
  return rows.map((row) => row[0] as number)
}

/** By how much what was written of a test is less likely than what a careful observer would have written of this: near nothing where it is explained (natural logarithm). */
export function shortfallOf(group: Group, content: Content, simulations: Simulations): number {
  let short = 0
  for (const o of group.observations) {
    const [step] = stepsMeant(o)
    if (!step) continue
    const { observation, eyes } = o
    const expectation = simulations.expect(content, step.recipe)
    const said = observationsOf([step], () => expectation).find((w) => w.observation.channel === observation.channel)
    const ideal = said ? likelihoodAt(said.observation, expectation, eyes) : unknowing(observation)
    short += Math.max(0, Math.log(ideal / likelihoodAt(observation, expectation, eyes)))
  }
  return short
}
