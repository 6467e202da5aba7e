import { isMessageId, message, type Message } from '../messages'
import type { Written } from './define'

/** Whether something dissolves, in words: denied, that it does or does not. */
export function sayDissolving({ value, negated }: Written): Message {
  const id = `seen.dissolves.${negated ? (value === 'yes' ? 'no' : 'yes') : value}`
  return isMessageId(id) ? message(id) : message('seen.as-written', { value })
}
