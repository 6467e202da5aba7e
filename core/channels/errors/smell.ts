import { table, type Share } from './words'

/** Smells that many call no more than pungent. */
const SHARP = /^(pungent|choking|vinegar)/
export const ofSmell = (word: string): Share =>
  table(word === 'none' ? { none: 0.95 } : SHARP.test(word) ? { [word]: 0.72, pungent: 0.16, none: 0.1 } : { [word]: 0.88, none: 0.1 }, 0.02)
