import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const ignite = defineOperation({
  schema: z.looseObject({ do: z.literal('ignite'), vessel, heat: z.enum(['gently', 'strongly']).default('strongly') }),
  on: 'vessel',
  effect: 'watched',
  shows: () => ['gas', 'fire'],
  says: (step) => message('step.ignite', { heat: step.heat }),
})
