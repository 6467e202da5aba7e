import { inWords } from '../messages'
import { forecastOf } from './forecast'
import { spokenFor } from './prospects'
import type { Test } from '../catalogue'
import type { Reasoning } from '../deduction'

/** The test that would best try to refute the likeliest salt, and the salts it would speak for instead. */
export interface Refutation {
  readonly claim: string
  readonly test: string
  readonly title: string
  readonly because: string
}

/** Hypotheses besides the likeliest that refutation looks at: those that stood up longest. */
const RIVALS = 12

/**
 * The undone test whose outcome, foretold by the likeliest salt, the rivals would hardest give: what is seen instead would refute it. Rivals count alike, whatever is left of their
 * probability: a claim is tried against what it has beaten, not only against what is still open.
 */
export function refutationOf(undone: readonly Test[], reasoning: Reasoning): Refutation | null {
  const order = [...reasoning.posterior.keys()].sort((a, b) => (reasoning.posterior[b] as number) - (reasoning.posterior[a] as number))
  const claim = reasoning.hypotheses[order[0] ?? -1]
  if (!claim || (reasoning.posterior[order[0] ?? -1] ?? 0) < 0.5) return null
  const spoken = spokenFor(reasoning)
  const rivals = order
    .slice(1)
    .filter((h) => spoken.has(h))
    .slice(0, RIVALS)
    .flatMap((h) => reasoning.hypotheses[h] ?? [])
  let best: { test: Test; against: string[] } | null = null
  for (const test of undone) {
    const forecast = forecastOf(test, reasoning.simulations)
    const foretold = forecast.outcomeOf(claim.content)
    const own = forecast.chance(foretold, foretold)
    const against = rivals.filter(({ content }) => forecast.chance(forecast.outcomeOf(content), foretold) < 0.1 * own)
    if (against.length > (best?.against.length ?? 0)) best = { test, against: [...new Set(against.map((r) => r.content.label ?? r.content.id))] }
  }
  if (!best) return null
  const named = best.against.slice(0, 3).join(', ')
  return {
    claim: claim.content.label ?? claim.content.id,
    test: best.test.id,
    title: best.test.title,
    because: inWords('advice.refutes', { claim: claim.content.label ?? claim.content.id, others: named, more: Math.max(0, best.against.length - 3) }),
  }
}
