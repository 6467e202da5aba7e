import { randomInt } from 'node:crypto'
import { sha256 } from './passwords'

/** Letters and figures that are not taken for one another when read aloud or from a board. */
const ALPHABET = 'ACDEFGHJKLMNPQRTUVWXY34679'
const LENGTH = 12

/** A code to let somebody in, as groups of four: 56 bits. */
export function newCode(): string {
  const letters = Array.from({ length: LENGTH }, () => ALPHABET[randomInt(ALPHABET.length)])
  return [0, 4, 8].map((from) => letters.slice(from, from + 4).join('')).join('-')
}

/** What is kept of a code; spaces, hyphens and case do not matter. */
export const codeHash = (code: string): Buffer => sha256(`code ${code.toUpperCase().replace(/[^A-Z0-9]/g, '')}`)
