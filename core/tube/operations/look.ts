import { z } from 'zod'
import { message } from '../../messages/message'
import { defineOperation, vessel } from './define'

export const look = defineOperation({
  schema: z.looseObject({ do: z.literal('look'), at: vessel }),
  on: 'at',
  effect: 'looks',
  shows: () => ['gas', 'ring', 'sample', 'liquid'],
  says: () => message('step.look'),
})
