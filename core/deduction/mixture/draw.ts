import { Runner } from '../../perception'
import { standTogether } from '../../schemes'
import { stepSchema } from '../../tube'
import type { Content } from '../hypotheses'
import { ACID, ANIONS_SOUGHT, balanced, CATIONS, isAlkali, partIons } from './parts'

/** A solution to work on, and what is in it. */
export interface Drawn {
  readonly content: Content
  readonly cations: readonly string[]
  readonly anions: readonly string[]
}

/** mol/L that ions are drawn between; alkalis and ammonium, twice as much. */
const BETWEEN = [0.02, 0.05] as const
/** Free acid in it, mol/L, where there is any. */
const ACIDITY = 0.3
const TRIES = 400

/** Whether nothing comes down, leaves or is oxidised when these stand in one solution. */
function keeps(content: Content): boolean {
  const runner = new Runner(content.jar ?? { solids: [] })
  const percept = runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
  return percept.deposit === null && percept.precipitates.length === 0 && percept.gases.length === 0 && (runner.vessel('A')?.reacted.size ?? 0) === 0
}

/**
 * A solution of so many cations and anions that can share it, in acid where acid drives nothing out.
 * @param random in [0, 1), seeded
 * @throws RangeError when none is found
 */
export function drawSolution(cations: number, anions: number, random: () => number, mL = 20): Drawn {
  const pick = (list: readonly string[]): string => list[Math.floor(random() * list.length)] ?? ''
  for (let k = 0; k < TRIES; k++) {
    const positive: string[] = []
    for (let n = 0; n < 40 && positive.length < cations; n++) {
      const next = pick(CATIONS)
      if (!positive.includes(next) && standTogether(positive, next)) positive.push(next)
    }
    const negative: string[] = []
    while (negative.length < anions) {
      const next = pick(ANIONS_SOUGHT)
      if (!negative.includes(next)) negative.push(next)
    }
    const strengths = [...positive, ...negative].map(
      (part) => [part, (BETWEEN[0] + random() * (BETWEEN[1] - BETWEEN[0])) * (isAlkali(part) ? 2 : 1)] as const,
    )
    for (const acid of [ACIDITY, 0]) {
      const ions = balanced([...strengths.flatMap(([part, n]) => partIons(part, n)), ...(acid > 0 ? partIons(ACID, acid) : [])], negative, positive)
      // Charge that no ion of the mixture makes up would bring another into it.
      if (!ions) continue
      const content: Content = { id: `drawn ${positive.join(' ')} ${negative.join(' ')}`, jar: { solution: { ions, mL } } }
      if (keeps(content)) return { content, cations: positive, anions: negative }
    }
  }
  throw new RangeError(`no solution of ${cations} cations and ${anions} anions found`)
}
