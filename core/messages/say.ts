import { IntlMessageFormat } from 'intl-messageformat'
import { EN } from './en'
import { message, type Message, type MessageId, type MessageValue } from './message'

/** Whether a catalogue has a message of this name. */
export const isMessageId = (id: string): id is MessageId => Object.hasOwn(EN, id)

const LOCALE = 'en-GB'
/** A catalogue: what is said under each id, as ICU messages. */
type Catalogue = Readonly<Record<string, string>>
/** Messages as they were read from a catalogue; those that are plain text stand as they are. */
const read = new WeakMap<Catalogue, Map<string, string | IntlMessageFormat>>()

function formatOf(catalogue: Catalogue, id: string): string | IntlMessageFormat {
  let formats = read.get(catalogue)
  if (!formats) read.set(catalogue, (formats = new Map<string, string | IntlMessageFormat>()))
  let format = formats.get(id)
  if (format === undefined) {
    const text = catalogue[id] ?? ''
    format = /[{'<]/.test(text) ? new IntlMessageFormat(text, LOCALE, undefined, { ignoreTag: true }) : text
    formats.set(id, format)
  }
  return format
}

/**
 * A message of some package's own catalogue, in words.
 * @throws FormatError where the message has a place for a value that is not given
 */
export function sayIn<T extends Catalogue>(catalogue: T, id: keyof T & string, values: Readonly<Record<string, MessageValue>> = {}): string {
  const format = formatOf(catalogue, id)
  if (typeof format === 'string') return format
  return String(format.format(Object.fromEntries(Object.entries(values).map(([name, value]) => [name, sayWhole(value)]))))
}

/** A message of the core in words. @throws FormatError as above */
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
