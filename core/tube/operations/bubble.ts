import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const bubble = defineOperation({
  schema: z.looseObject({ do: z.literal('bubble'), from: vessel, through: vessel }),
  on: 'through',
  draws: 'from',
  effect: 'changes',
  shows: () => [],
  says: (step) => message('step.bubble', { through: step.through }),
})
