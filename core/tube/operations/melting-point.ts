import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const meltingPoint = defineOperation({
  schema: z.looseObject({ do: z.literal('melting-point'), of: vessel.default(SAMPLE) }),
  on: 'of',
  effect: 'looks',
  apart: true,
  shows: () => ['melting-point'],
  says: () => message('step.melting-point'),
})
