import { z } from 'zod'
import { message } from '../../messages'
import { gasById } from '../../species'
import { absorb } from '../absorbing'
import { StepError } from '../jar'
import { defineOperation, sayTime, vessel } from './define'

/** mol of gas that bubbles through in a minute from a generator or a cylinder, three bubbles a second. */
const PASSED_mol = 1e-3

export const pass = defineOperation({
  schema: z.looseObject({ do: z.literal('pass'), gas: z.string(), through: vessel, minutes: z.number().positive().max(600).default(2) }),
  on: 'through',
  effect: 'changes',
  shows: () => [],
  says: (step) => message('step.pass', { gas: step.gas, time: sayTime(step.minutes) }),
  changes: ({ conditions }, step, vessel) => {
    const gas = gasById.get(step.gas)
    if (!gas) throw new StepError('gas', `one of ${[...gasById.keys()].join(', ')}`)
    return absorb(vessel, new Map([[gas.id, PASSED_mol * step.minutes]]), conditions.shift)
  },
})
