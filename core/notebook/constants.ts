import type { ObservationInput } from './schema'

/** The constants of a pure compound that a line may give. */
export type ConstantChannel = 'melting-point' | 'boiling-point'

/** What they are called where a number follows. */
const CALLED: readonly (readonly [ConstantChannel, string])[] = [
  ['melting-point', 'm\\.? ?p(?:t|\\b)\\.?|melting (?:point|range)|melt(?:s|ed)(?: sharply)? at'],
  ['boiling-point', 'b\\.? ?p(?:t|\\b)\\.?|boiling (?:point|range)|(?:boil(?:s|ed)|distil(?:s|led))(?: over)? at'],
]
const BETWEEN = '[\\s:=]*(?:(?:is|was|at|of|about|around|ca|approx(?:imately)?|found|observed|melts|melted|boils|boiled|sharply)\\b\\.?[\\s:=]*)*'
/** Degrees, or a range of two. A number of minutes, drops or millilitres is none. */
const DEGREES =
  '(-?\\d+(?:[.,]\\d+)?)(?:\\s*(?:–|-|to|\\.\\.)\\s*(\\d+(?:[.,]\\d+)?))?(?![\\d.]*\\s*(?:min|sec|s\\b|h\\b|drops?|m?l\\b|m?g\\b|times|layers?))\\s*(?:°|º|deg(?:rees)?\\b)?\\s*(?:c(?:elsius)?\\b)?'
const NAMED = CALLED.map(([channel, called]) => [channel, new RegExp(`^\\W*(?:${called})${BETWEEN}${DEGREES}`, 'i')] as const)
const BARE = new RegExp(`^[^\\w-]*${BETWEEN}${DEGREES}`, 'i')
const NONE =
  /^\W*(none|nil|no (sharp )?(melting|boiling|m\.?p\.?|b\.?p\.?)( ?(point|range))?|(does not|doesn['’]t|will not) (melt|boil)( at all)?|not found|(it is )?(a )?liquid|an oil)\W*$/i
/** What is said of the reading itself. */
const OF_IT = /^[\s,;(]*(?:sharp(?:ly)?|(?:un)?corr(?:ected)?|d(?:ec(?:omp(?:oses|osition)?)?)?|with decomposition)\b\.?\)?/i

const numberOf = (text: string): number => Number(text.replace(',', '.'))
function middleOf(first: string, second: string | undefined): number {
  const from = numberOf(first)
  const to = second === undefined ? from : numberOf(second)
  // "122-4" is short for 122 to 124.
  const upper = second !== undefined && to < from ? Number(`${String(Math.trunc(from)).slice(0, -second.length)}${second}`) : to
  return Math.round(((from + Math.max(from, upper)) / 2) * 10) / 10
}

/**
 * A melting or boiling point that a line begins with, and what is left of the line: "121–123", "mp 122.5 °C", "boils at 78", "no melting point", "210 d". Null where it begins with none: "boiled 3 min" does not.
 * @param asked the constant that is looked for, where one is: a bare number is it then
 */
export function constantIn(line: string, asked?: ConstantChannel): { readonly observation: ObservationInput; readonly left: string } | null {
  if (asked && NONE.test(line)) return { observation: { channel: asked, value: 'none' }, left: '' }
  const tried = [...NAMED, ...(asked ? [[asked, BARE] as const] : [])]
  for (const [channel, pattern] of tried) {
    const found = pattern.exec(line)
    if (found?.[1] === undefined) continue
    const left = line
      .slice(found[0].length)
      .replace(OF_IT, '')
      .replace(/^[\s,;.)]+/, '')
    return { observation: { channel, value: String(middleOf(found[1], found[2])) }, left }
  }
  return null
}
