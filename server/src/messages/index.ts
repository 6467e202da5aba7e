import { sayIn } from '@foxing/core'
import { EN } from './en'

/** Why a request was refused, by name. */
export type RefusalId = keyof typeof EN extends infer Id ? (Id extends `${infer Name}.error` ? Name : never) : never
export type RefusalValues = Readonly<Record<string, string | number>>

/** A refusal in words: what is the matter, and what was kept and what to do. */
export const sayRefusal = (id: RefusalId, values: RefusalValues = {}): { readonly error: string; readonly todo: string } => ({
  error: sayIn(EN, `${id}.error`, values),
  todo: sayIn(EN, `${id}.todo`, values),
})
