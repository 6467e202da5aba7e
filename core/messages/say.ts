import { IntlMessageFormat } from 'intl-messageformat'
import { EN } from './en'
import { message, type Message, type MessageId, type MessageValue } from './message'

/** Whether a catalogue has a message of this name. */
export const isMessageId = (id: string): id is MessageId => Object.hasOwn(EN, id)

const LOCALE = 'en-GB'
/** A catalogue: what is said under each id, as ICU messages. */
type Catalogue = Readonly<Record<string, string>>
/** A message without counting or choosing: text and the names of what stands between, by turns. Most are, and are said thousands of times while a notebook is thought about. */
type Plain = readonly string[]
const PLAIN = /^[^{}'<]*(\{\w+\}[^{}'<]*)*$/
const PLACE = /\{(\w+)\}/
/** Messages as they were read from a catalogue. */
const read = new WeakMap<Catalogue, Map<string, Plain | IntlMessageFormat>>()

function formatOf(catalogue: Catalogue, id: string): Plain | IntlMessageFormat {
  let formats = read.get(catalogue)
  if (!formats) read.set(catalogue, (formats = new Map<string, Plain | IntlMessageFormat>()))
  let format = formats.get(id)
  if (format === undefined) {
    const text = catalogue[id] ?? ''
    format = PLAIN.test(text) ? text.split(PLACE) : new IntlMessageFormat(text, LOCALE, undefined, { ignoreTag: true })
    formats.set(id, format)
  }
  return format
}

/**
 * A message of some package's own catalogue, in words.
 * @throws Error where the message has a place for a value that is not given
 */
export function sayIn<T extends Catalogue>(catalogue: T, id: keyof T & string, values: Readonly<Record<string, MessageValue>> = {}): string {
  const format = formatOf(catalogue, id)
  if (!(format instanceof IntlMessageFormat)) return putTogether(format, values)
  return String(format.format(Object.fromEntries(Object.entries(values).map(([name, value]) => [name, sayWhole(value)]))))
}

function putTogether(plain: Plain, values: Readonly<Record<string, MessageValue>>): string {
  let said = plain[0] ?? ''
  for (let k = 1; k < plain.length; k += 2) {
    const name = plain[k] ?? ''
    const value = values[name]
    if (value === undefined) throw new Error(`the message has a place for "${name}", and nothing to put there`)
    said += `${sayWhole(value)}${plain[k + 1] ?? ''}`
  }
  return said
}

/** A message of the core in words. @throws Error as above */
export const say = ({ id, values }: Message): string => sayIn(EN, id, values)

/** The same, given its id and values. */
export const inWords = (id: MessageId, values?: Readonly<Record<string, MessageValue>>): string => sayIn(EN, id, values)

/** A value in words; a number stays one, for the message to count by. */
function sayWhole(value: MessageValue): string | number {
  if (typeof value !== 'object') return value
  if ('id' in value) return say(value)
  return new Intl.ListFormat(LOCALE, { type: value.type }).format(value.list.map((one) => String(sayWhole(one))))
}

/** One of the catalogue's texts, as it is written there: for whoever lists or checks them. */
export const MESSAGE_TEXTS: Readonly<Record<MessageId, string>> = EN

/** A word of the vocabulary, or whatever else was written in its place. */
export function sayValue(value: string): MessageValue {
  const id = `word.${value}`
  return isMessageId(id) ? message(id) : value
}
