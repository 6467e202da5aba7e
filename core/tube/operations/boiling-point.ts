import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const boilingPoint = defineOperation({
  schema: z.looseObject({ do: z.literal('boiling-point'), of: vessel.default(SAMPLE) }),
  on: 'of',
  effect: 'looks',
  apart: true,
  shows: () => ['boiling-point'],
  says: () => message('step.boiling-point'),
})
