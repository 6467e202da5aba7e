import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, percent, vessel } from './define'

export const concentrate = defineOperation({
  schema: z.looseObject({ do: z.literal('concentrate'), vessel, toFraction: z.number().min(0.05).max(1) }),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  says: (step) => message('step.concentrate', { percent: percent(step.toFraction) }),
})
