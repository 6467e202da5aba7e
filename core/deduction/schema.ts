import { z } from 'zod'

export const STATUSES = ['confirmed', 'likely', 'open', 'unlikely', 'excluded', 'untested'] as const
const probability = z.number().min(0).max(1)

/** What `deduce` answers. */
export const deductionSchema = z.looseObject({
  standings: z.array(
    z.looseObject({
      species: z.string(),
      charge: z.number().int(),
      probability,
      status: z.enum(STATUSES),
      evidence: z.array(z.looseObject({ entry: z.string(), weight: z.number(), because: z.string() })),
    }),
  ),
  formulae: z.array(z.looseObject({ formula: z.string(), probability, unlisted: z.literal(true).optional() })),
  conflicts: z.array(z.looseObject({ entry: z.string(), because: z.string() })),
})
