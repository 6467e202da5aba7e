import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const filter = defineOperation({
  schema: z.looseObject({ do: z.literal('filter'), vessel, liquidInto: vessel }),
  on: 'vessel',
  fills: 'liquidInto',
  effect: 'changes',
  moves: () => true,
  shows: () => [],
  says: (step) => message('step.filter', { into: step.liquidInto }),
})
