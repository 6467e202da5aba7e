import { seeded } from '../species'
import { drawMixture, type Mixture } from './mixtures'
import type { Scheme } from './types'

/** Cations whose group a single solution shows, in the usual groups. */
export const CATION_PROOFS: readonly (readonly [string, string])[] = [
  ['Ag^+', 'I'],
  ['Pb^2+', 'I'],
  ['Hg2^2+', 'I'],
  ['Hg^2+', 'II'],
  ['Cu^2+', 'II'],
  ['Cd^2+', 'II'],
  ['Fe^3+', 'III'],
  ['Al^3+', 'III'],
  ['Cr^3+', 'III'],
  ['Co^2+', 'IV'],
  ['Ni^2+', 'IV'],
  ['Mn^2+', 'IV'],
  ['Zn^2+', 'IV'],
  ['Ba^2+', 'V'],
  ['Sr^2+', 'V'],
  ['Ca^2+', 'V'],
  ['Mg^2+', 'VI'],
  ['Na^+', 'VI'],
  ['K^+', 'VI'],
]

/** Mixtures of two to six of the cations that a scheme seeks. */
export function drawn(scheme: Scheme, count: number, seed: number): Mixture[] {
  const random = seeded(seed)
  const cations = [...new Set(scheme.separations.flatMap((s) => s.proofs ?? []).flatMap((p) => p.ions))]
  return Array.from({ length: count }, () => drawMixture(cations, 2 + Math.floor(random() * 5), random))
}
