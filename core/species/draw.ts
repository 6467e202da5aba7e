import { SALTS } from './registry'

/**
 * The salt a seed draws, by formula; the same on every machine. Neighbouring seeds give salts far apart.
 * Source of the mixing: SplitMix64's finaliser (Steele, Lea, Flood 2014) in 32 bits, constants of MurmurHash3 (public domain).
 * @param seed a whole number from 0
 */
export const drawSalt = (seed: number): string => SALTS[mixed(seed) % SALTS.length]?.id ?? 'NaCl'

/** The seed's bits well mixed, a whole number below 2³². */
export function mixed(seed: number): number {
  let h = (seed ^ Math.floor(seed / 2 ** 32)) >>> 0
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b)
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35)
  return (h ^ (h >>> 16)) >>> 0
}

/** Numbers in [0, 1) from a seed, the same on every machine: a linear congruence, good enough to draw samples by. Source of the constants: Numerical Recipes. */
export function seeded(start: number): () => number {
  let state = (start ^ Math.floor(start / 2 ** 32)) >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
}
