import { IntlMessageFormat } from 'intl-messageformat'
import { EN } from './en'
import { message, type Message, type MessageId, type MessageValue } from './message'

/** Whether a catalogue has a message of this name. */
export const isMessageId = (id: string): id is MessageId => Object.hasOwn(EN, id)

const LOCALE = 'en-GB'
/** Messages as they were read from the catalogue; those that are plain text stand as they are. */
const read = new Map<MessageId, string | IntlMessageFormat>()

function formatOf(id: MessageId): string | IntlMessageFormat {
  const known = read.get(id)
  if (known !== undefined) return known
  const text = EN[id]
  const made = /[{'<]/.test(text) ? new IntlMessageFormat(text, LOCALE, undefined, { ignoreTag: true }) : text
  read.set(id, made)
  return made
}

/**
 * A message in words.
 * @throws FormatError where the message has a place for a value that is not given
 */
export function say({ id, values = {} }: Message): string {
  const format = formatOf(id)
  if (typeof format === 'string') return format
  return String(format.format(Object.fromEntries(Object.entries(values).map(([name, value]) => [name, sayWhole(value)]))))
}

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
