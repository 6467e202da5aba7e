import type { Reading } from './shorthand'

/** The constants of a pure compound that a line may give, and what they are called in it. */
export type ConstantChannel = 'melting-point' | 'boiling-point'

const CALLED: readonly (readonly [ConstantChannel, RegExp])[] = [
  ['melting-point', /\b(m\.? ?p(t|\b)\.?|melting (point|range)|melt(s|ed)?\b( sharply)?)/i],
  ['boiling-point', /\b(b\.? ?p(t|\b)\.?|boiling (point|range)|boil(s|ed)?\b|distil(s|led)?\b( over)?)/i],
]
/** A number of degrees, or a range of two; between is kept, as the middle of it. */
const READING = /(-?\d+(?:[.,]\d+)?)(?:\s*(?:–|-|to|\.\.)\s*(\d+(?:[.,]\d+)?))?\s*(?:°|º|deg(?:rees)?)?\s*c?(elsius)?\b/i
const NONE =
  /^\W*(none|nil|no (sharp )?(melting|boiling|m\.?p\.?|b\.?p\.?)( ?(point|range))?|(does not|doesn['’]t|will not) (melt|boil)( at all)?|not found|(it is )?(a )?liquid|an oil)\W*$/i
/** Words that say nothing beside the number. */
const SAID =
  /\b(at|about|ca|approx(imately)?|sharply|sharp|found|observed|read|is|was|it|the|point|range|corr(ected)?|uncorr(ected)?|d|dec(omp|omposes|omposition)?|with|and)\b\.?/gi

const numberOf = (text: string): number => Number(text.replace(',', '.'))

/**
 * A melting or boiling point in a line: "121–123", "mp 122.5 °C", "boils at 78", "no melting point", "210 d". Null where the line gives none.
 * @param asked the constant that is looked for, where one is: a bare number is it then
 */
export function constantIn(line: string, asked?: ConstantChannel): Reading | null {
  const named = CALLED.find(([, called]) => called.test(line))
  const channel = asked ?? named?.[0]
  if (!channel || (asked === undefined && !/^\W*(m|b|distil)/i.test(line))) return null
  if (NONE.test(line)) return { observations: [{ channel, value: 'none' }], rest: [] }
  const found = READING.exec(line)
  if (!found?.[1]) return null
  const from = numberOf(found[1])
  const to = found[2] === undefined ? from : numberOf(found[2])
  // "122-4" is short for 122 to 124.
  const upper = to < from && found[2] !== undefined ? Number(`${String(Math.trunc(from)).slice(0, -found[2].length)}${found[2]}`) : to
  const value = Math.round(((from + Math.max(from, upper)) / 2) * 10) / 10
  const rest = CALLED.reduce((left, [, called]) => left.replace(called, ' '), line.replace(found[0], ' '))
    .replace(SAID, ' ')
    .split(/[\s,;:()]+/)
    .filter((word) => /[\p{L}\d]/u.test(word))
  return { observations: [{ channel, value: String(value) }], rest }
}
