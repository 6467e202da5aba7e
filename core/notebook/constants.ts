import { HPA_IN_mmHg, NEAR_NORMAL_hPa, NORMAL_hPa, pressureCorrection, ROOM, stemCorrection } from '../units'
import type { ObservationInput } from './schema'

/** The constants of a pure compound that a line may give. */
export type ConstantChannel = 'melting-point' | 'boiling-point'

const numberOf = (text: string): number => Number(text.replace(',', '.'))

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

function middleOf(first: string, second: string | undefined): number {
  const from = numberOf(first)
  const to = second === undefined ? from : numberOf(second)
  // "122-4" is short for 122 to 124.
  const upper = second !== undefined && to < from ? Number(`${String(Math.trunc(from)).slice(0, -second.length)}${second}`) : to
  return Math.round(((from + Math.max(from, upper)) / 2) * 10) / 10
}

/** The pressure a boiling point was read at, by its unit; and the thread of the thermometer that stood in the air, with how warm it was there. */
const AT_PRESSURE = /^[\s,;(]*(?:at|@|under|,)?\s*(\d+(?:[.,]\d+)?)\s*(mm ?hg|mm|torr|hpa|mbar|kpa|atm)\b\.?\)?/i
/** hPa in each unit; in all others that are read they are millimetres of mercury. */
const IN_hPa: Readonly<Record<string, number>> = { hpa: 1, mbar: 1, kpa: 10, atm: NORMAL_hPa }
const THREAD_OUT =
  /^[\s,;(]*(?:with\s+)?(\d+)\s*(?:°|º|deg(?:rees)?\b)?\s*(?:of\s+(?:the\s+)?)?(?:(?:stem|thread)\s+)?(?:exposed|out|in the air)\b(?:\s*(?:,|at)?\s*(\d+)\s*(?:°|º|deg(?:rees)?\b)?\s*c?\b)?\)?/i

/**
 * The reading as it would be at the usual pressure, or with the whole thread in the heat, where the line goes on to say what it was; null where it was read at so little pressure that nothing in a table can be set
 * beside it.
 */
function corrected(channel: ConstantChannel, read_C: number, line: string): { readonly value: number; readonly left: string } | null {
  const [said, exposed, stem] = THREAD_OUT.exec(line) ?? []
  if (said !== undefined)
    return { value: read_C + stemCorrection(read_C, Number(exposed), stem === undefined ? ROOM : Number(stem)), left: line.slice(said.length) }
  const [at, number, unit = ''] = (channel === 'boiling-point' ? AT_PRESSURE.exec(line) : null) ?? []
  if (at === undefined || number === undefined) return { value: read_C, left: line }
  const pressure_hPa = numberOf(number) * (IN_hPa[unit.toLowerCase()] ?? 1 / HPA_IN_mmHg)
  if (pressure_hPa < NEAR_NORMAL_hPa[0] || pressure_hPa > NEAR_NORMAL_hPa[1]) return null
  // Whether the liquid is an associated one is not known yet.
  return { value: read_C + pressureCorrection(read_C, pressure_hPa, false), left: line.slice(at.length) }
}

/**
 * A melting or boiling point that a line begins with, and what is left of the line: "121–123", "mp 122.5 °C", "boils at 78", "no melting point", "210 d"; "78 at 740 mmHg" and "180, 120 exposed at 50" are corrected. Null where it begins with none: "boiled 3 min" does not.
 * @param asked the constant that is looked for, where one is: a bare number is it then
 */
export function constantIn(line: string, asked?: ConstantChannel): { readonly observation: ObservationInput; readonly left: string } | null {
  if (asked && NONE.test(line)) return { observation: { channel: asked, value: 'none' }, left: '' }
  const tried = [...NAMED, ...(asked ? [[asked, BARE] as const] : [])]
  for (const [channel, pattern] of tried) {
    const found = pattern.exec(line)
    if (found?.[1] === undefined) continue
    const reading = corrected(channel, middleOf(found[1], found[2]), line.slice(found[0].length))
    if (!reading) return null
    const left = reading.left.replace(OF_IT, '').replace(/^[\s,;.)]+/, '')
    return { observation: { channel, value: String(Math.round(reading.value * 10) / 10) }, left }
  }
  return null
}
