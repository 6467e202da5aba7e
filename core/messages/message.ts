import type { EN } from './en'

/** The name of a message in the catalogues. */
export type MessageId = keyof typeof EN

/** The names between a beginning and an end of messages: of every finding, or of every gate. */
type Named<Begin extends string, End extends string, Id extends string = MessageId> = Id extends `${Begin}.${infer Name}.${End}` ? Name : never
export type FindingName = Named<'finding', 'effect'>
export type GateName = Named<'gate', 'says'>

/** What Foxing has to say, before it is said in any language: which message, and what stands in it. A value may be a message itself. */
export interface Message {
  readonly id: MessageId
  readonly values?: Readonly<Record<string, MessageValue>>
}
/** Several values as one, joined as the language joins them. */
interface List {
  readonly list: readonly MessageValue[]
  readonly type: 'conjunction' | 'disjunction'
}
export type MessageValue = string | number | Message | List

export const message = (id: MessageId, values?: Readonly<Record<string, MessageValue>>): Message => (values ? { id, values } : { id })
