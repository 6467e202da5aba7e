import { z } from 'zod'
import { message } from '../../messages'
import { held } from '../jar'
import { pinch } from '../portions'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const boilingPoint = defineOperation({
  schema: z.looseObject({ do: z.literal('boiling-point'), of: vessel.default(SAMPLE) }),
  on: 'of',
  effect: 'looks',
  apart: true,
  shows: () => ['boiling-point'],
  says: () => message('step.boiling-point'),
  changes: (bench, step, vessel) => ({ after: step.of === SAMPLE ? pinch(bench) : held(vessel, 'from') }),
})
