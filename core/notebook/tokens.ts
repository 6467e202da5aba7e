import { words, type Meaning } from './lexicon'

/** Words of a clause as the lexicon knows them. */

const LONGEST = 4

export interface Token {
  readonly text: string
  readonly meaning: Meaning | null
}

/** Longest known phrase first; a word with one letter slipped is taken for the only known word it can be. */
export function tokens(clause: string): Token[] {
  const parts = clause
    .split(/\s+/)
    // "golden-yellow" is two words, where it is not one of its own.
    .flatMap((w) => (words.has(w.toLowerCase()) ? [w] : w.split(/(?<=[a-z]{2})-(?=[a-z]{2})/i)))
    .filter((w) => w !== '' && !/^[-–:.=]+$/.test(w))
  const found: Token[] = []
  for (let i = 0; i < parts.length;) {
    let matched = 0
    for (let length = Math.min(LONGEST, parts.length - i); length > 0 && matched === 0; length--) {
      const text = parts.slice(i, i + length).join(' ')
      const meaning = words.get(text.toLowerCase().replace(/[.:!]+$/, '')) ?? words.get(text.toLowerCase())
      if (!meaning) continue
      found.push({ text, meaning })
      matched = length
    }
    if (matched === 0) {
      const text = parts[i] ?? ''
      found.push({ text, meaning: slipped(text.toLowerCase()) })
      matched = 1
    }
    i += matched
  }
  return found
}

/** Only long words, and only when one neighbour alone is a known word, so that a slip never turns into its opposite. */
function slipped(word: string): Meaning | null {
  if (word.length < 6) return null
  const near = [...words].filter(
    ([known]) => Math.abs(known.length - word.length) <= 1 && known.length >= 6 && !known.includes(' ') && oneEdit(word, known),
  )
  const meant = new Set(near.map(([, { is, value }]) => `${is} ${value}`))
  return meant.size === 1 ? (near[0]?.[1] ?? null) : null
}

function oneEdit(a: string, b: string): boolean {
  let i = 0
  while (i < a.length && i < b.length && a[i] === b[i]) i++
  let j = 0
  while (j < a.length - i && j < b.length - i && a[a.length - 1 - j] === b[b.length - 1 - j]) j++
  const left = a.length - i - j
  const right = b.length - i - j
  if (left <= 1 && right <= 1) return true
  return left === 2 && right === 2 && a[i] === b[i + 1] && a[i + 1] === b[i]
}
