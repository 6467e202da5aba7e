import { z } from 'zod'
import { message } from '../../messages/message'
import { ADDED_min, defineOperation, vessel } from './define'

export const cool = defineOperation({
  schema: z.looseObject({ do: z.literal('cool'), vessel, to: z.enum(['room', 'ice']).default('room') }),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: () => ADDED_min,
  says: (step) => message('step.cool', { to: step.to }),
})
