import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const charcoal = defineOperation({
  schema: z.looseObject({ do: z.literal('charcoal'), from: vessel.default(SAMPLE), with: z.string().default('Na2CO3') }),
  on: 'from',
  effect: 'looks',
  shows: () => ['fire'],
  says: (step) => message('step.charcoal', { with: step.with }),
})
