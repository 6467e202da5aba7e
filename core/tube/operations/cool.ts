import { z } from 'zod'
import { message } from '../../messages'
import { celsius, ROOM } from '../../units'
import { held } from '../jar'
import { settleEquilibrium } from '../vessel'
import { ADDED_min, defineOperation, vessel } from './define'

export const cool = defineOperation({
  schema: z.looseObject({ do: z.literal('cool'), vessel, to: z.enum(['room', 'ice']).default('room') }),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: () => ADDED_min,
  says: (step) => message('step.cool', { to: step.to }),
  changes: ({ conditions }, step, vessel) => ({
    after: settleEquilibrium({ ...held(vessel, 'vessel'), temperature: step.to === 'ice' ? celsius(0) : ROOM }, conditions.shift),
  }),
})
