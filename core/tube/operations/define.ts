import { z } from 'zod'
import { isMessageId, message, type Message, type MessageValue } from '../../messages'
import type { EvidenceKind } from '../../vocabulary'
import type { Bench, Done } from '../jar'
import type { Vessel } from '../vessel'
import { positive, type Known } from '../sample'

/** An operation's own fields: what it does, and what with. */
type Fields = z.ZodObject<{ do: z.ZodLiteral<string> }, z.core.$loose>
type StepOf<S extends Fields> = Known<z.infer<S>>
type FieldOf<S extends Fields> = Exclude<keyof StepOf<S>, 'do'> & string

/** Everything an operation is, but for what a person perceives of it and how its words are read. */
export interface Operation<S extends Fields = Fields> {
  readonly schema: S
  /** The field that names the vessel it acts on, whose state is to be seen after it. */
  readonly on: FieldOf<S>
  /** Fields that name other vessels: one it draws on, one it fills. */
  readonly draws?: FieldOf<S>
  readonly fills?: FieldOf<S>
  /** Whether it only looks at what is there; changes it, and is watched meanwhile; or changes it, for a look afterwards to tell. */
  readonly effect: 'looks' | 'watched' | 'changes'
  /** Whether it is done in a place of its own: on a wire, a spatula or in a capillary. */
  readonly apart?: true
  /** Whether no reaction is told of it: it moves what is there from tube to tube. */
  readonly moves?: (step: StepOf<S>) => boolean
  /** What an observation written of it may speak of. */
  readonly shows: (step: StepOf<S>) => readonly EvidenceKind[]
  /** Minutes it gives what reacts slowly among organic matter. */
  readonly minutes?: (step: StepOf<S>) => number
  /** Litres of vapour a minute that drive a gas off that was only just made. */
  readonly sweeps_L?: number
  readonly says: (step: StepOf<S>) => Message
  /**
   * What it makes of the vessel it acts on, and of others.
   * @throws StepError when it cannot be done on this bench
   * @throws UnknownReagent for a reagent that is not understood
   */
  readonly changes: (bench: Bench, step: StepOf<S>, vessel: Vessel) => Done
}

export const defineOperation = <S extends Fields>(operation: Operation<S>): Operation<S> => operation

/** A vessel's name, and minutes, as a step gives them. */
export const vessel = z.string().min(1).max(24)
export const minutes = z.number().positive().max(600).optional()
export const timed = <const Name extends string>(name: Name) => z.looseObject({ do: z.literal(name), vessel, minutes })
/** So much of the sample or of a liquid. */
export const amounts = { mg: positive.optional(), mL: positive.optional(), drops: positive.optional() }

/** Minutes in which a reagent is put in, for what reacts meanwhile. */
export const ADDED_min = 0.3

interface Amounts {
  readonly mg?: number | undefined
  readonly mL?: number | undefined
  readonly drops?: number | undefined
  readonly until?: string | undefined
}
/** A kilogram is not written in milligrams: from here on, mg, in grams. */
const IN_GRAMS = 100
export function sayAmount({ mL, drops, mg, until }: Amounts): Message {
  if (mL !== undefined) return message('amount.mL', { n: mL })
  if (drops !== undefined) return message('amount.drops', { n: drops })
  if (mg !== undefined) return mg >= IN_GRAMS ? message('amount.g', { n: mg / 1000 }) : message('amount.mg', { n: mg })
  if (until === undefined) return message('amount.none')
  const sign = `until.${until}`
  return message('amount.until', { sign: isMessageId(sign) ? message(sign) : until })
}
export const sayMass = (mg: number | undefined): Message => (mg === undefined ? message('amount.all') : sayAmount({ mg }))
export const sayTime = (time: number | undefined): Message => message('time.minutes', { n: time ?? 1 })
/** What a vessel is called: a jar or a stock by what is in it, any other by its letter or as given. */
export function sayVessel(name: string, otherwise: MessageValue = name): MessageValue {
  const id = `vessel.${name}`
  return isMessageId(id) ? message(id) : otherwise
}
export const yesNo = (is: boolean): string => (is ? 'yes' : 'no')
export const percent = (fraction: number): number => Math.round(fraction * 100)
