import { seeded } from '../../species'
import { standTogether } from '../../schemes'
import type { Content } from '../hypotheses'
import { isSafe, keeps } from './together'
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
    if (positive.length < cations) continue
    const negative: string[] = []
    while (negative.length < anions) {
      const next = pick(ANIONS_SOUGHT)
      if (!negative.includes(next)) negative.push(next)
    }
    if (!isSafe([...positive, ...negative])) continue
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

/** Most cations and anions of a solution drawn to practise on, where its case says nothing. */
const USUAL = { cations: 4, anions: 3 } as const

/** A solution to practise on, the same for the same seed. */
export function practiceSolution(
  seed: number,
  { maxCations = USUAL.cations, maxAnions = USUAL.anions }: { maxCations?: number | undefined; maxAnions?: number | undefined },
  mL?: number,
): Drawn {
  const random = seeded(seed)
  const upTo = (most: number, least: number): number => least + Math.floor(random() * Math.max(1, most - least + 1))
  return drawSolution(upTo(maxCations, Math.min(2, maxCations)), upTo(maxAnions, 1), random, mL)
}
