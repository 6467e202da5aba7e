import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const centrifuge = defineOperation({
  schema: z.looseObject({ do: z.literal('centrifuge'), vessel, liquidInto: vessel }),
  on: 'vessel',
  fills: 'liquidInto',
  effect: 'changes',
  moves: () => true,
  shows: () => [],
  says: (step) => message('step.centrifuge', { into: step.liquidInto }),
})
