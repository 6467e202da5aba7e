import { z } from 'zod'
import type { EvidenceKind } from '../vocabulary'
import type { Message } from '../messages/message'
import { OPERATIONS } from './operations'
import type { Operation } from './operations/define'
import { positive, SAMPLE, sampleSchema, type Known } from './sample'

type SchemasOf<T extends readonly { readonly schema: unknown }[]> = { -readonly [K in keyof T]: T[K]['schema'] }

/** A step: one of the operations, with what it is done to and with. */
export const stepSchema = z.discriminatedUnion('do', OPERATIONS.map(({ schema }) => schema) as unknown as SchemasOf<typeof OPERATIONS>)
export type Step = Known<z.infer<typeof stepSchema>>
export type StepInput = Known<z.input<typeof stepSchema>>
/** What is done in a step. */
export type Doing = Step['do']
/** The steps of one operation. */
export type StepOf<D extends Doing> = Extract<Step, { do: D }>

export const procedureSchema = z.looseObject({
  format: z.literal('foxing-procedure/1'),
  id: z.union([z.string(), z.number()]).optional(),
  sample: sampleSchema,
  drop_mL: positive.max(0.2).optional(),
  steps: z.array(stepSchema).max(2000),
})
export type Procedure = Known<z.infer<typeof procedureSchema>>

/** An operation as whatever works through all of them sees it: of any step, which is its own. */
type AnyOperation = Pick<Operation, 'effect' | 'apart'> & {
  readonly on: string
  readonly draws?: string
  readonly fills?: string
  readonly schema: { readonly shape: { readonly do: { readonly value: Doing } } }
  readonly moves?: (step: Step) => boolean
  readonly shows: (step: Step) => readonly EvidenceKind[]
  readonly minutes?: (step: Step) => number
  readonly says: (step: Step) => Message
}
const BY_NAME: ReadonlyMap<string, AnyOperation> = new Map(
  (OPERATIONS as unknown as readonly AnyOperation[]).map((operation) => [operation.schema.shape.do.value, operation]),
)
/** Every operation's name, in the order of the list. */
export const DOINGS: readonly Doing[] = [...BY_NAME.keys()] as Doing[]

export function operationOf({ do: doing }: Pick<Step, 'do'>): AnyOperation {
  const operation = BY_NAME.get(doing)
  if (!operation) throw new Error(`no operation is called ${doing}`)
  return operation
}

type Named = Readonly<Record<string, string>>
const named = (step: Step, field: string): string => (step as unknown as Named)[field] as string

/** The vessel a step acts on, whose state is to be seen after it. */
export const vesselOf = (step: Step): string => named(step, operationOf(step).on)

/** The vessel a step draws on; null where it draws on none, or on the sample. */
export function drawnFrom(step: Step): string | null {
  const { draws } = operationOf(step)
  const from = draws === undefined ? SAMPLE : named(step, draws)
  return from === SAMPLE ? null : from
}
/** The vessel that is filled besides, where the liquid is parted from its solid. */
export function filledBy(step: Step): string | null {
  const { fills } = operationOf(step)
  return fills === undefined ? null : named(step, fills)
}

/** Other vessels a step draws on or fills, besides the one it acts on. */
export const otherVesselsOf = (step: Step): readonly string[] => [drawnFrom(step), filledBy(step)].filter((vessel) => vessel !== null)

/** The step with every vessel it names named anew; the sample stays the sample. */
export function withVessels(step: Step, name: (vessel: string) => string): Step {
  const { on, draws, fills } = operationOf(step)
  const renamed: Record<string, string> = {}
  for (const field of [draws, on, fills]) {
    if (field === undefined) continue
    const vessel = named(step, field)
    renamed[field] = vessel === SAMPLE ? vessel : name(vessel)
  }
  return { ...step, ...renamed }
}

/** Steps that only look at what is there and change nothing. */
export const onlyLooks = (step: Pick<Step, 'do'>): boolean => operationOf(step).effect === 'looks'
/** Steps that are looked at as they are done. */
export const isWatched = (step: Pick<Step, 'do'>): boolean => operationOf(step).effect !== 'changes'
/** Whether a step is done in a place of its own, on a wire, a spatula or in a capillary. */
export const isApart = (step: Pick<Step, 'do'>): boolean => operationOf(step).apart === true
/** Whether a step only moves what is there from tube to tube, or looks at it. */
export const onlyMoves = (step: Step): boolean => onlyLooks(step) || operationOf(step).moves?.(step) === true
/** What an observation written of a step may speak of. */
export const evidenceOf = (step: Step): readonly EvidenceKind[] => operationOf(step).shows(step)
/** Minutes that a step gives what reacts slowly among organic matter. */
export const minutesOf = (step: Step): number => operationOf(step).minutes?.(step) ?? 0
/** What a part above makes of each operation: the compiler lists what a new one still needs there. */
export type EachOperation<Result, Given extends readonly unknown[] = []> = { readonly [D in Doing]: (step: StepOf<D>, ...given: Given) => Result }
/** The entry of such a table for a step. */
export const ofStep = <Result, Given extends readonly unknown[]>(table: EachOperation<Result, Given>, step: Step, ...given: Given): Result =>
  (table[step.do] as (step: Step, ...given: Given) => Result)(step, ...given)

/** A step, as one would write it in the first column. */
export const messageOf = (step: Step): Message => operationOf(step).says(step)
