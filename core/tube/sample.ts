import { z } from 'zod'

/**
 * A parsed document's type without the room left for unknown fields: those are kept in the value, but nothing inside the core reads them.
 */
export type Known<T> = T extends readonly (infer Item)[]
  ? Known<Item>[]
  : T extends object
    ? { [K in keyof T as string extends K ? (unknown extends T[K] ? never : K) : K]: Known<T[K]> }
    : T

export const positive = z.number().positive()

/** What the sample itself is called where a step may name it as a vessel. */
export const SAMPLE = 'sample'

/** A solid, a solution or an organic compound, as `foxing-procedure/1` gives it. */
export const sampleSchema = z.union([
  z.looseObject({
    solids: z
      .array(z.looseObject({ formula: z.string(), mg: positive }))
      .min(1)
      .max(12),
  }),
  z.looseObject({ solution: z.looseObject({ ions: z.record(z.string(), z.number().nonnegative()), mL: positive }) }),
  z.looseObject({ organic: z.looseObject({ smiles: z.string(), mg: positive }) }),
])
export type Sample = Known<z.infer<typeof sampleSchema>>
