import { z } from 'zod'
import { message } from '../../messages/message'
import { positive } from '../sample'
import { ADDED_min, defineOperation, sayMass, vessel, yesNo } from './define'

export const dissolve = defineOperation({
  schema: z.looseObject({
    do: z.literal('dissolve'),
    into: vessel,
    mg: positive.optional(),
    in: z.string().default('water'),
    mL: positive,
    hot: z.boolean().default(false),
  }),
  on: 'into',
  effect: 'changes',
  moves: (step) => step.in === 'water',
  shows: () => [],
  minutes: () => ADDED_min,
  says: (step) => message('step.dissolve', { amount: sayMass(step.mg), mL: step.mL, hot: yesNo(step.hot), solvent: step.in }),
})
