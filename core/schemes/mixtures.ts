import type { Sample } from '../tube'
import { hasTrait, inGroup, ionsWith, parseFormula } from '../species'

/** A solution of several cations for a scheme to take apart. */
export interface Mixture {
  readonly cations: readonly string[]
  readonly sample: Sample
}

/** Cations that one solution does not hold together: they precipitate, or oxidise each other. */
const APART: readonly (readonly [readonly string[], readonly string[]])[] = [
  // The chloride that antimony and tin need brings the first group down.
  [inGroup('I'), ionsWith('held-by-chloride')],
  [['Sn^2+'], ['Fe^3+', 'Cu^2+', 'Hg^2+', 'Bi^3+', 'Sb^3+', 'H3AsO3', 'Sn^4+']],
  [['Fe^2+'], ['Ag^+', 'Hg2^2+', 'Hg^2+', 'Fe^3+']],
  [['Hg2^2+'], ['Hg^2+', 'Fe^3+', 'H3AsO3', 'Ag^+']],
  [['H3AsO3'], ['Ag^+', 'Pb^2+', 'AsO4^3-']],
  [['AsO4^3-'], ['Ag^+', 'Pb^2+', 'Bi^3+', 'Sn^2+', 'Sn^4+']],
]
/** Whether a cation can stand in one solution with those chosen already. */
export const standTogether = (chosen: readonly string[], next: string): boolean =>
  !APART.some(([a, b]) => (a.includes(next) && chosen.some((c) => b.includes(c))) || (b.includes(next) && chosen.some((c) => a.includes(c))))

/** Cations that want chloride, and much acid, to stay in solution. */
const IN_CHLORIDE: readonly string[] = ionsWith('held-by-chloride')
/** mmol in each mL of a cation: enough for every proof, not so much that volumes swamp the tube; the alkalis and ammonium more. */
const USUAL_M = [0.02, 0.05] as const
const ALKALI_M = [0.05, 0.1] as const

/**
 * A mixture of `size` of the given cations that can share a solution, as nitrates in acid, or as chlorides where one of them asks for it.
 * @param random in [0, 1), seeded
 */
export function drawMixture(cations: readonly string[], size: number, random: () => number): Mixture {
  const chosen: string[] = []
  const left = [...cations]
  while (chosen.length < size && left.length > 0) {
    const [next = ''] = left.splice(Math.floor(random() * left.length), 1)
    if (standTogether(chosen, next)) chosen.push(next)
  }
  const chloride = chosen.some((c) => IN_CHLORIDE.includes(c))
  const ions: Record<string, number> = { 'H^+': chloride ? 1 : 0.3 }
  for (const cation of chosen) {
    const [low, high] = hasTrait(cation, 'alkali') ? ALKALI_M : USUAL_M
    ions[cation] = Number((low + random() * (high - low)).toFixed(3))
  }
  const charge = Object.entries(ions).reduce((sum, [ion, n]) => sum + n * parseFormula(ion).charge, 0)
  ions[chloride ? 'Cl^-' : 'NO3^-'] = charge
  return { cations: chosen, sample: { solution: { ions, mL: 20 } } }
}
