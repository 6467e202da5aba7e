import { z } from 'zod'
import { message } from '../../messages'
import { addTo, UNTILS } from '../adding'
import { positive } from '../sample'
import { ADDED_min, defineOperation, sayAmount, vessel } from './define'

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
  changes: addTo,
})
