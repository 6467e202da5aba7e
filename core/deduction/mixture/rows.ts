import type { Group } from '../groups'
import type { Content, Simulations } from '../hypotheses'
import { likelihood, togetherInOneTest, unknowing } from '../likelihood'

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
