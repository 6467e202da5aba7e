import { z } from 'zod'
import { message } from '../../messages'
import { held } from '../jar'
import { defineOperation, vessel } from './define'

export const smell = defineOperation({
  schema: z.looseObject({ do: z.literal('smell'), at: vessel }),
  on: 'at',
  effect: 'looks',
  shows: () => ['smell'],
  says: () => message('step.smell'),
  changes: (_, __, vessel) => ({ after: held(vessel, 'at') }),
})
