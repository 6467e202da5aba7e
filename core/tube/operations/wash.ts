import { z } from 'zod'
import { message } from '../../messages/message'
import { positive } from '../sample'
import { defineOperation, vessel } from './define'

export const wash = defineOperation({
  schema: z.looseObject({ do: z.literal('wash'), vessel, with: z.string().default('water'), mL: positive.default(1), hot: z.boolean().optional() }),
  on: 'vessel',
  effect: 'changes',
  moves: () => true,
  shows: () => [],
  says: (step) => message('step.wash', { mL: step.mL, liquid: step.with }),
})
