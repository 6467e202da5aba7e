import { boilingPoint, centrifuge, colours, equation, meltingPoint } from './figures'
import { dilution, drops, solutionFromSolid } from './liquids'
import { acidityForSulfide, detectionLimit, ionProduct, neutralise, precipitation } from './tube'
import { SumError, type Sum } from './types'
import { benchTime, classTotals, fusion, sampleBudget } from './work'

export { SumError, type Sum } from './types'
export * from './at-the-bench'
export { planOf, stretchesOf, type Plan, type Stretch } from './work'

/** All sums, in the order of the work. */
export const SUMS: readonly Sum[] = [
  drops,
  dilution,
  solutionFromSolid,
  neutralise,
  acidityForSulfide,
  precipitation,
  ionProduct,
  fusion,
  sampleBudget,
  benchTime,
  centrifuge,
  detectionLimit,
  classTotals,
  colours,
  meltingPoint,
  boilingPoint,
  equation,
]
export const sumById: ReadonlyMap<string, Sum> = new Map(SUMS.map((s) => [s.id, s]))

/**
 * A sum, worked.
 * @throws SumError for a name there is no sum of, and for what cannot be
 */
export function doSum(id: string, input: unknown): unknown {
  const sum = sumById.get(id)
  if (!sum) throw new SumError('NAME', `one of ${SUMS.map((s) => s.id).join(', ')}`)
  return sum.run(input)
}
