import type { Knowing } from '../../../channels'
import { likelihood, logOfMean, togetherInOneTest, unknowing } from '../../observation/error-model'
import type { Group } from '../../observation/tests-written'
import type { Trace } from '../../observation/trace'
import type { Hypothesis, Simulations } from '../../simulation/simulations'
import type { Weighing } from '../standings'
import { spokenOf, type Reach } from './reach'

/** A hypothesis with what it makes of each observation by itself: natural logarithms of probabilities, by place in the trace. */
export interface Column {
  readonly hypothesis: Hypothesis
  readonly logs: Float64Array
}

/** What a content makes of every observation. */
export const logsOf = ({ content }: Hypothesis, trace: Trace, simulations: Simulations, knowing: Knowing): Float64Array =>
  Float64Array.from(trace.observations, (o) => Math.log(likelihood(o, (step) => simulations.expect(content, step.recipe), knowing)))

/** What a stretch of a column comes to: the sum over the observations of one test. */
export const sumOver = (logs: Float64Array, { places }: Group): number => places.reduce((sum, place) => sum + (logs[place] as number), 0)

/**
 * Columns side by side, the observations of one test together as far as the model may not hold in it.
 * @param known how many of the first columns stand for what a test shows where the model does not hold: another sample at random; nothing is known of that, unless given
 */
export function asWeighing(
  trace: Trace,
  groups: readonly Group[],
  columns: readonly Column[],
  simulations: Simulations,
  reach: Reach,
  known = 0,
): Weighing {
  const alone = trace.observations.map((_, place) => Float64Array.from(columns, ({ logs }) => logs[place] as number))
  const table = alone.map((row) => row.slice())
  for (const group of groups)
    togetherInOneTest(
      group.places.map((place) => table[place] as Float64Array),
      known > 0
        ? logOfMean(columns.slice(0, known).map(({ logs }) => sumOver(logs, group)))
        : group.observations.reduce((sum, o) => sum + Math.log(unknowing(o.observation)), 0),
    )
  const hypotheses = columns.map(({ hypothesis }) => hypothesis)
  const total = Float64Array.from(hypotheses, ({ prior }, h) => table.reduce((sum, row) => sum + (row[h] as number), Math.log(prior)))
  const spoken = new Map(groups.flatMap((group) => group.observations.map((o) => [o, spokenOf(group, reach)] as const)))
  return { trace, simulations, hypotheses, table, alone, total, sensitivities: reach, speaks: (o, ion) => spoken.get(o)?.has(ion) ?? true }
}
