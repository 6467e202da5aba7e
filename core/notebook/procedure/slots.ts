import type { Until } from '../../tube'
import type { Left } from './left'

/** So much of something, as written; filled in where only "a few drops" is said. */
export interface Amount {
  readonly n: number
  readonly unit: 'mL' | 'drops' | 'mg'
  readonly isFilledIn?: true
}

const NUMBER: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  half: 0.5,
}
const WORDS = Object.keys(NUMBER)
  .filter((word) => word !== 'a' && word !== 'an')
  .join('|')
const COUNT = `(?<![\\w.)])(\\d+(?:[.,]\\d+)?)(?:\\s*(?:-|–|to)\\s*(\\d+(?:[.,]\\d+)?))?|\\b(${WORDS})\\b`
const numberOf = (digits: string | undefined, upper: string | undefined, word: string | undefined): number =>
  word !== undefined ? (NUMBER[word.toLowerCase()] ?? 1) : Number((upper ?? digits ?? '1').replace(',', '.'))

const LIQUIDS: readonly (readonly [RegExp, Amount['unit'], number])[] = [
  [new RegExp(`(?:${COUNT})\\s*(?:more\\s+)?(?:drops?|dr|drps?|gtts?)\\b(?:\\s+(?:xs|excess))?(?:\\s+more)?`, 'i'), 'drops', 1],
  [new RegExp(`(?:${COUNT})\\s*(?:more\\s+)?(?:mls?|cc|cm3|cm³|millilit\\w+)\\b(?:\\s+more)?`, 'i'), 'mL', 1],
  [new RegExp(`(?:${COUNT})\\s*(?:mgs?|milligrams?)\\b`, 'i'), 'mg', 1],
  [new RegExp(`(?:${COUNT})\\s*(?:g|gm|gms|grams?)\\b`, 'i'), 'mg', 1000],
]
/** Amounts that are said without a number, and what they are taken for. */
const SAID: readonly (readonly [RegExp, Amount])[] = [
  [/\b(?:a )?(?:few|several|couple of) (?:drops?|dr)\b(?: more)?/i, { n: 3, unit: 'drops', isFilledIn: true }],
  [/\b(?:a |the )?(?:single )?(?:drop|dr)\b(?! ?wise| by)(?: more)?/i, { n: 1, unit: 'drops' }],
  [/\b(?:a )?(?:dropperful|pipetteful|squirt)\b/i, { n: 1, unit: 'mL', isFilledIn: true }],
  [/\b(?:an )?equal (?:vol(?:ume)?|amount)\b/i, { n: 1, unit: 'mL', isFilledIn: true }],
  [/\b(?:a )?pinch(?:es)?\b/i, { n: 50, unit: 'mg', isFilledIn: true }],
  [/\b(?:a )?(?:speck|grain|trace)\b/i, { n: 10, unit: 'mg', isFilledIn: true }],
  [/\b(?:a )?(?:small )?crystals? of\b/i, { n: 20, unit: 'mg', isFilledIn: true }],
  [/\b(?:a )?(?:spatula ?tip|micro ?spatula|spatula ?full)\b|\ba spatula(?= of)/i, { n: 50, unit: 'mg', isFilledIn: true }],
]

/** Takes an amount out of a piece of a line. Of a range, "2-3 drops", the upper end. */
export function amountIn(left: Left): Amount | undefined {
  // The first that is written is the one meant.
  const [first] = LIQUIDS.map((one) => ({ one, at: left.find(one[0]) }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)
  if (first) {
    const [pattern, unit, times] = first.one
    const match = left.take(pattern)
    if (match) return { n: Math.round(numberOf(match[1], match[2], match[3]) * times * 1000) / 1000, unit }
  }
  for (const [pattern, amount] of SAID) if (left.take(pattern)) return amount
  return undefined
}

/** The longest wait a step takes, min. */
const LONGEST_min = 600
const TIMES: readonly (readonly [RegExp, number])[] = [
  [new RegExp(`(?:for |about |ca |after )*(?:${COUNT}|\\ban?\\b|\\ba few\\b)\\s*(?:mins?|minutes?)\\b`, 'i'), 1],
  [new RegExp(`(?:for |about |ca |after )*(?:${COUNT}|\\ban?\\b)\\s*(?:s|secs?|seconds?)\\b`, 'i'), 1 / 60],
  [new RegExp(`(?:for |about |ca |after )*(?:${COUNT}|\\ban?\\b)\\s*(?:h|hrs?|hours?)\\b`, 'i'), 60],
]
/** Takes a time out of a piece of a line, min. */
export function minutesIn(left: Left): number | undefined {
  if (left.take(/\bover ?night\b/i)) return LONGEST_min
  for (const [pattern, minutes] of TIMES) {
    const match = left.take(pattern)
    if (match) return Math.min(LONGEST_min, Math.round(numberOf(match[1], match[2], match[3]) * minutes * 100) / 100)
  }
  return undefined
}

/** How often something is done. */
export function timesIn(left: Left): number | undefined {
  if (left.take(/\btwice\b/i)) return 2
  if (left.take(/\bthrice\b/i)) return 3
  const match = left.take(new RegExp(`(?:${COUNT})\\s*(?:x|×|times)(?=\\s|$)`, 'i'))
  return match ? numberOf(match[1], match[2], match[3]) : undefined
}

/** The sign up to which something is added. */
const SIGNS: readonly (readonly [RegExp, Until])[] = [
  [
    /\b(?:until|till?|to)\b[^,;]*\b(?:dissol\w+|clear)\b|\b(?:in )?(?:just enough|min(?:imum)?(?: amt| amount)|minimum|as little as possible)(?: of)?(?: to dissolve)?\b|\bto dissolve\b/i,
    'dissolved',
  ],
  [
    /\b(?:until|till?)\b(?:(?! then)[^,;])*\b(?:no (?:more|further)|stops?|stopped|ceases?|ceased|over)\b[^,;]*\b(?:ppt|precipitates?|pptn)\b(?: (?:forms?|comes down))?|\b(?:until|till?) (?:ppt|precipitation) (?:is )?complete/i,
    'no-more-precipitate',
  ],
  [
    /\b(?:until|till?)\b[^,;]*\b(?:no (?:more|further)|stops?|stopped|ceases?|ceased|over)\b(?:[^,;]*\b(?:fizz\w*|gas|bubbl\w*|eff\w*|co2)\b)?/i,
    'no-more-gas',
  ],
  [
    /\b(?:(?:until|till?|to)\b[^,;]*?)?\b(?:(?:just|faintly|slightly) )?(?:basic|alkaline|alk)\b(?: to litmus)?|\b(?:until|till?)\b[^,;]*\blitmus\b[^,;]*\bblue\b/i,
    'just-basic',
  ],
  [
    /\b(?:(?:until|till?|to)\b[^,;]*?)?\b(?:(?:just|faintly|slightly) )?acid(?:ic)?\b(?! (?:dichromate|\w+ate paper))(?: to litmus)?(?=\s|$)|\b(?:until|till?)\b[^,;]*\blitmus\b[^,;]*\bred\b/i,
    'just-acidic',
  ],
  [/\b(?:in |to |with )?(?:(?:slight|large|great|an) )?(?:excess|xss?)\b(?: of)?/i, 'excess'],
]
/** Words of an acid's own name, which are no sign. */
const ACID_NAME =
  /\b(?:acetic|nitric|hydrochloric|sul(?:f|ph)uric|oxalic|tartaric|phosphoric|sulfanilic|citric|formic|boric|perchloric|hydrobromic|sulfamic)\s+acid\b/i
export function untilIn(left: Left): Until | undefined {
  const namesAcid = left.has(ACID_NAME)
  for (const [pattern, until] of SIGNS) {
    if (until === 'just-acidic' && namesAcid && !left.has(/\b(?:until|till?|to|just)\b.*\bacid(?:ic)?\b(?! *$)|\b(?:until|till?) (?:just )?acid/i))
      continue
    if (left.take(pattern)) return until
  }
  return undefined
}

/** What part of a volume is left or taken. */
export function fractionIn(left: Left): number | undefined {
  if (left.take(/\b(?:to )?dryness\b/i)) return 0.05
  const gone = left.take(/\b(\d)\/(\d)\s+off\b/)
  if (gone) return Math.round((1 - Number(gone[1]) / Number(gone[2])) * 100) / 100
  const match = left.take(/\b(?:to )?(?:(\d)\/(\d)|(half)|(?:a |one )?(third)|(?:a |one )?(quarter))\b(?: (?:of )?(?:the |its )?(?:vol(?:ume)?))?/i)
  if (!match) return undefined
  if (match[3]) return 0.5
  if (match[4]) return 0.33
  if (match[5]) return 0.25
  return Math.round((Number(match[1]) / Number(match[2])) * 100) / 100
}
