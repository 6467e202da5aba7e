import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, sayTime, vessel } from './define'

export const pass = defineOperation({
  schema: z.looseObject({ do: z.literal('pass'), gas: z.string(), through: vessel, minutes: z.number().positive().max(600).default(2) }),
  on: 'through',
  effect: 'changes',
  shows: () => [],
  says: (step) => message('step.pass', { gas: step.gas, time: sayTime(step.minutes) }),
})
