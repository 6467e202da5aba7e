import { z } from 'zod'
import { message } from '../../messages/message'
import { positive } from '../sample'
import { ADDED_min, defineOperation, sayAmount, vessel } from './define'

/** Signs up to which a reagent is added. */
const UNTILS = ['just-basic', 'just-acidic', 'no-more-gas', 'no-more-precipitate', 'dissolved', 'excess'] as const
export type Until = (typeof UNTILS)[number]

export const add = defineOperation({
  schema: z.looseObject({
    do: z.literal('add'),
    to: vessel,
    reagent: z.string(),
    mL: positive.optional(),
    drops: positive.optional(),
    mg: positive.optional(),
    until: z.enum(UNTILS).optional(),
  }),
  on: 'to',
  effect: 'changes',
  shows: () => ['gas', 'ring'],
  minutes: () => ADDED_min,
  says: (step) => message('step.add', { reagent: step.reagent, amount: sayAmount(step) }),
})
