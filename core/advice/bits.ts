import type { Forecast } from './forecast'

/** An outcome a test may have, and how much of the probability gives it. */
export interface Chance {
  readonly outcome: number
  readonly mass: number
}

/**
 * Mutual information of the salt and the test's outcome, bits, with the error model between them. Salts that show the same words are taken as one, with the percepts of the first.
 */
export function expectedBits(forecast: Forecast, prospects: readonly Chance[]): number {
  if (prospects.length < 2) return 0
  const all = prospects.reduce((sum, { mass }) => sum + mass, 0)
  const given = prospects.map(({ outcome }) => {
    const row = prospects.map((written) => forecast.chance(outcome, written.outcome))
    const sum = row.reduce((a, b) => a + b, 0)
    return row.map((p) => (sum > 0 ? p / sum : 1 / prospects.length))
  })
  let bits = 0
  prospects.forEach((_, k) => {
    const marginal = prospects.reduce((sum, { mass }, i) => sum + (mass / all) * (given[i]?.[k] ?? 0), 0)
    prospects.forEach(({ mass }, i) => {
      const chance = given[i]?.[k] ?? 0
      if (mass > 0 && chance > 0 && marginal > 0) bits += (mass / all) * chance * Math.log2(chance / marginal)
    })
  })
  return Math.max(0, bits)
}
