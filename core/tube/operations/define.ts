import { z } from 'zod'
import { message, type Message, type MessageValue } from '../../messages/message'
import type { EvidenceKind } from '../../vocabulary'
import { positive, type Known } from '../sample'

/** An operation's own fields: what it does, and what with. */
type Fields = z.ZodObject<{ do: z.ZodLiteral<string> }, z.core.$loose>
type StepOf<S extends Fields> = Known<z.infer<S>>
type FieldOf<S extends Fields> = Exclude<keyof StepOf<S>, 'do'> & string

/**
 * What an operation is: what is said to do it, the vessels it touches, what it gives to see, how it is written. What it makes of a vessel is chemistry, which whoever only reads and writes notebooks has no need
 * of, and stands in `changes.ts`; what is perceived of it in `perception/shown.ts`. The compiler asks for both.
 */
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
  readonly says: (step: StepOf<S>) => Message
}

export const defineOperation = <S extends Fields>(operation: Operation<S>): Operation<S> => operation

/** A vessel's name, and minutes, as a step gives them. */
export const vessel = z.string().min(1).max(24)
const minutes = z.number().positive().max(600).optional()
export const timed = <const Name extends string>(name: Name) => z.looseObject({ do: z.literal(name), vessel, minutes })
/** So much of the sample or of a liquid. */
export const amounts = { mg: positive.optional(), mL: positive.optional(), drops: positive.optional() }

/** Minutes in which a reagent is put in, for what reacts meanwhile. */
export const ADDED_min = 0.3

interface Amounts {
  readonly mg?: number | undefined
  readonly mL?: number | undefined
  readonly drops?: number | undefined
  readonly until?: 'just-basic' | 'just-acidic' | 'no-more-gas' | 'no-more-precipitate' | 'dissolved' | 'excess' | undefined
}
/** From so many milligrams on a mass is written in grams. */
const IN_GRAMS = 100
export function sayAmount({ mL, drops, mg, until }: Amounts): Message {
  if (mL !== undefined) return message('amount.mL', { n: mL })
  if (drops !== undefined) return message('amount.drops', { n: drops })
  if (mg !== undefined) return mg >= IN_GRAMS ? message('amount.g', { n: mg / 1000 }) : message('amount.mg', { n: mg })
  if (until === undefined) return message('amount.none')
  return message('amount.until', { sign: message(`until.${until}`) })
}
export const sayMass = (mg: number | undefined): Message => (mg === undefined ? message('amount.all') : sayAmount({ mg }))
export const sayTime = (time: number | undefined): Message => message('time.minutes', { n: time ?? 1 })
/** Jars and stocks, which are called by what is in them. */
const NAMED = ['sample', 'OS', 'AS', 'SE', 'FE', 'X1'] as const
/** What a vessel is called: a jar or a stock by what is in it, any other by its letter or as given. */
export function sayVessel(name: string, otherwise: MessageValue = name): MessageValue {
  const known = NAMED.find((one) => one === name)
  return known === undefined ? otherwise : message(`vessel.${known}`)
}
export const yesNo = (is: boolean): string => (is ? 'yes' : 'no')
export const percent = (fraction: number): number => Math.round(fraction * 100)
