import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const cobaltNitrate = defineOperation({
  schema: z.looseObject({ do: z.literal('cobalt-nitrate'), on: vessel.default(SAMPLE) }),
  on: 'on',
  effect: 'looks',
  shows: () => ['fire'],
  says: () => message('step.cobalt-nitrate'),
})
