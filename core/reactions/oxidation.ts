import type { Couple } from '../species'
import { COUPLES } from './couples'

const coupleById: ReadonlyMap<string, Couple> = new Map(COUPLES.map((c) => [c.id, c]))

/** The two couples of a pair's id. */
export function couplesOf(pair: string): { oxidant: Couple; reductant: Couple } | undefined {
  const [a = '', b = ''] = pair.split(' | ')
  const oxidant = coupleById.get(a)
  const reductant = coupleById.get(b)
  return oxidant && reductant && { oxidant, reductant }
}

/** What one mole of electrons passing from the reductant to the oxidant does to each component and inert solid, mol; hydrogen included, water left out. */
export function perElectron({ oxidant, reductant }: { oxidant: Couple; reductant: Couple }): {
  components: Map<string, number>
  inert: Map<string, number>
} {
  const components = new Map<string, number>()
  const inert = new Map<string, number>()
  const tally = (into: Map<string, number>, sum: Readonly<Record<string, number>> | undefined, n: number): void => {
    for (const [formula, m] of Object.entries(sum ?? {})) into.set(formula, (into.get(formula) ?? 0) + n * m)
  }
  for (const [couple, sign] of [
    [oxidant, 1],
    [reductant, -1],
  ] as const) {
    tally(components, couple.reduced, sign / couple.electrons)
    tally(components, couple.oxidised, -sign / couple.electrons)
    tally(inert, couple.inert?.reduced, sign / couple.electrons)
    tally(inert, couple.inert?.oxidised, -sign / couple.electrons)
  }
  return { components, inert }
}
