import { Runner } from '../../perception'
import { seeded } from '../../species'
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

/** What is never brought together: it may go off, or give hydrogen cyanide. */
const NEVER: readonly (readonly [readonly string[], readonly string[]])[] = [
  [['NH4^+'], ['ClO3^-', 'NO2^-', 'MnO4^-']],
  [
    ['ClO3^-', 'MnO4^-', 'CrO4^2-', 'NO2^-'],
    ['SCN^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'HS^-', 'CH3COO^-', 'C2O4^2-'],
  ],
]
const isSafe = (parts: readonly string[]): boolean => !NEVER.some(([a, b]) => parts.some((p) => a.includes(p)) && parts.some((p) => b.includes(p)))

/** Whether nothing comes down, leaves or is oxidised when these stand in one solution. */
function keeps(content: Content): boolean {
  const runner = new Runner(content.jar ?? { solids: [] })
  return [
    { do: 'take', into: 'A', mL: 1 },
    { do: 'add', to: 'A', reagent: 'water', drops: 1 },
    { do: 'warm', vessel: 'A', minutes: 1 },
  ].every((step) => {
    const { deposit, gases, precipitates } = runner.step(stepSchema.parse(step))
    const quiet = deposit === null && precipitates.length === 0 && gases.length === 0
    return quiet && (runner.vessel('A')?.reacted.size ?? 0) === 0
  })
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
