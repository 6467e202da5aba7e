import { SALTS } from './registry'

/** What something is drawn by: a seed, the same on every machine, or a source of numbers in [0, 1) that nobody can foretell. */
export type Chance = number | (() => number)

/** One of a list; neighbouring seeds pick far apart. */
export const pickedBy = <T>(list: readonly T[], by: Chance): T | undefined =>
  list[typeof by === 'number' ? mixed(by) % list.length : Math.floor(by() * list.length)]

/** The salt that is drawn, by formula. */
export const drawSalt = (by: Chance): string => pickedBy(SALTS, by)?.id ?? 'NaCl'

/**
 * The seed's bits well mixed, a whole number below 2³².
 * Source of the mixing: SplitMix64's finaliser (Steele, Lea, Flood 2014) in 32 bits, constants of MurmurHash3 (public domain).
 * @param seed a whole number from 0
 */
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

/** A stream of numbers in [0, 1) by a seed, or the source itself. */
export const streamOf = (by: Chance): (() => number) => (typeof by === 'number' ? seeded(by) : by)
