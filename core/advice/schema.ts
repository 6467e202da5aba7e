import { z } from 'zod'

/** What `advise` answers. */
export const adviceSchema = z.looseObject({
  next: z.array(
    z.looseObject({
      test: z.string(),
      title: z.string(),
      /** Of the course. */
      stage: z.string().optional(),
      bits: z.number().nonnegative(),
      minutes: z.number().positive(),
      cautions: z.array(z.string()),
      because: z.string(),
    }),
  ),
  review: z.array(
    z.looseObject({
      finding: z.string(),
      entry: z.string(),
      effect: z.string(),
      wayBack: z.string(),
      severity: z.enum(['note', 'weakens', 'spoils']),
      undoable: z.boolean(),
    }),
  ),
  refutation: z.looseObject({ claim: z.string(), test: z.string(), title: z.string(), because: z.string() }).nullable(),
  passedOver: z.array(z.looseObject({ test: z.string(), title: z.string(), stage: z.string(), because: z.string() })).optional(),
  held: z.array(z.looseObject({ test: z.string(), title: z.string(), because: z.string() })),
  complete: z.boolean(),
})
