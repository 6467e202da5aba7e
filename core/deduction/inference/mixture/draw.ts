import { SALTS, streamOf, type Chance, type Salt } from '../../../species'
import { standTogether } from '../../../schemes'
import type { Case } from '../../../notebook'
import type { Content } from '../../simulation/simulations'
import { Runner } from '../../../perception'
import { stepSchema } from '../../../tube'
import { isSafe, keeps } from './together'
import { ACID, ANIONS_SOUGHT, balanced, CATIONS, isAlkali, isAnion, partIons } from './parts'

/** A solution to work on, and what is in it. */
export interface Drawn {
  readonly content: Content
  readonly cations: readonly string[]
  readonly anions: readonly string[]
}

/** How strong an ion is drawn, mol/L; alkalis and ammonium, twice as strong. */
export type Strength = (random: () => number) => number
/** As it is given out for practice. */
const USUAL_STRENGTH: Strength = (random) => 0.02 + 0.03 * random()
/** As alike at any power of ten, mol/L. */
export const anyBetween =
  (least: number, most: number): Strength =>
  (random) =>
    least * (most / least) ** random()
/** Free acid in it, mol/L, where there is any. */
const ACIDITY = 0.3
const TRIES = 400

/**
 * A solution of so many cations and anions that can share it, in acid where acid drives nothing out.
 * @param random in [0, 1), seeded
 * @throws RangeError when none is found
 */
export function drawSolution(cations: number, anions: number, random: () => number, mL = 20, strength = USUAL_STRENGTH): Drawn {
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
    const strengths = [...positive, ...negative].map((part) => [part, strength(random) * (isAlkali(part) ? 2 : 1)] as const)
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
  by: Chance,
  { maxCations = USUAL.cations, maxAnions = USUAL.anions }: { maxCations?: number | undefined; maxAnions?: number | undefined },
  mL?: number,
): Drawn {
  const random = streamOf(by)
  const upTo = (most: number, least: number): number => least + Math.floor(random() * Math.max(1, most - least + 1))
  return drawSolution(upTo(maxCations, Math.min(2, maxCations)), upTo(maxAnions, 1), random, mL)
}

/** Salts of a solid to practise on: no acid ones, and nothing whose ions are not sought in a mixture. */
const GROUND: readonly Salt[] = SALTS.filter((salt) => Object.keys(salt.data.ions).every((ion) => CATIONS.includes(ion) || isAnion(ion)))
/** Most salts ground together. */
const SALTS_TOGETHER = 4
/** Each salt's share of the whole is drawn between these, before they are made to fill it. */
const SHARE = [0.5, 1] as const

/** Whether as much of a solid as one dissolves, 20 mg in each mL, goes into water whole, and nothing comes down or leaves. */
function dissolves(content: Content): boolean {
  const runner = new Runner(content.jar ?? { solids: [] })
  const { deposit, gases } = runner.step(stepSchema.parse({ do: 'dissolve', into: 'A', mg: 100, in: 'water', mL: 5 }))
  return deposit === null && gases.length === 0
}

/**
 * A solid to practise on, salts ground together that dissolve in water together; the same for the same seed.
 * @throws RangeError when none is found
 */
export function practicePowder(
  by: Chance,
  { maxCations = USUAL.cations, maxAnions = USUAL.anions }: { maxCations?: number | undefined; maxAnions?: number | undefined },
  mg: number,
): Drawn {
  const random = streamOf(by)
  for (let k = 0; k < TRIES; k++) {
    const salts = Array.from({ length: 2 + Math.floor(random() * (SALTS_TOGETHER - 1)) }, () => GROUND[Math.floor(random() * GROUND.length)])
    const shares = salts.map(() => SHARE[0] + random() * (SHARE[1] - SHARE[0]))
    const all = shares.reduce((a, b) => a + b, 0)
    const ions = new Set(salts.flatMap((salt) => Object.keys(salt?.data.ions ?? {})))
    const [cations, anions] = [CATIONS.filter((ion) => ions.has(ion)), ANIONS_SOUGHT.filter((ion) => ions.has(ion))]
    if (cations.length < 2 || cations.length > maxCations || anions.length > maxAnions || !isSafe([...ions])) continue
    const solids = salts.flatMap((salt, n) => (salt ? [{ formula: salt.id, mg: (mg * (shares[n] ?? 0)) / all }] : []))
    const content: Content = { id: solids.map(({ formula, mg: n }) => `${formula} ${Math.round(n)} mg`).join(', '), jar: { solids } }
    if (new Set(salts).size === salts.length && dissolves(content)) return { content, cations, anions }
  }
  throw new RangeError('no salts that dissolve together found')
}

/** A mixture to practise on, in the form its case has. */
export const practiceMixture = (
  by: Chance,
  { maxCations, maxAnions, sample: { form, mg, mL } }: Pick<Case, 'maxCations' | 'maxAnions' | 'sample'>,
): Drawn => (form === 'solid' ? practicePowder(by, { maxCations, maxAnions }, mg) : practiceSolution(by, { maxCations, maxAnions }, mL))
