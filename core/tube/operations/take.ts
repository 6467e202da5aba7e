import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { ADDED_min, amounts, defineOperation, sayAmount, sayVessel, vessel } from './define'

export const take = defineOperation({
  schema: z.looseObject({
    do: z.literal('take'),
    into: vessel,
    from: vessel.default(SAMPLE),
    ...amounts,
    /** Of a fraction that holds less than is asked for most is taken, and a little kept. */
    upTo: z.boolean().optional(),
  }),
  on: 'into',
  draws: 'from',
  effect: 'changes',
  moves: () => true,
  shows: () => ['sample'],
  minutes: () => ADDED_min,
  says: (step) => message('step.take', { amount: sayAmount(step), from: sayVessel(step.from) }),
})
