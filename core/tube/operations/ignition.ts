import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const ignition = defineOperation({
  schema: z.looseObject({ do: z.literal('ignition'), from: vessel.default(SAMPLE), cleaned: z.boolean().default(true) }),
  on: 'from',
  effect: 'looks',
  apart: true,
  shows: () => ['flame', 'fire'],
  says: () => message('step.ignition'),
})
