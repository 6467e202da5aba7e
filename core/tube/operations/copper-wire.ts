import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const copperWire = defineOperation({
  schema: z.looseObject({ do: z.literal('copper-wire'), from: vessel.default(SAMPLE), cleaned: z.boolean().default(true) }),
  on: 'from',
  effect: 'looks',
  apart: true,
  shows: () => ['flame'],
  says: () => message('step.copper-wire'),
})
