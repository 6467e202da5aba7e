import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const smell = defineOperation({
  schema: z.looseObject({ do: z.literal('smell'), at: vessel }),
  on: 'at',
  effect: 'looks',
  shows: () => ['smell'],
  says: () => message('step.smell'),
})
