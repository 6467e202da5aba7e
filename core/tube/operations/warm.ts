import { message } from '../../messages'
import { WARM } from '../../units'
import { heat } from '../heating'
import { defineOperation, sayTime, timed } from './define'

/** Litres of air that pass over a warm tube in a minute. */
const WARM_AIR_L = 0.01

export const warm = defineOperation({
  schema: timed('warm'),
  on: 'vessel',
  effect: 'changes',
  shows: () => ['smell', 'gas', 'fire'],
  minutes: (step) => step.minutes ?? 1,
  sweeps_L: WARM_AIR_L,
  says: (step) => message('step.warm', { time: sayTime(step.minutes) }),
  changes: ({ conditions: { shift } }, { minutes = 1 }, vessel) => heat(vessel, WARM, minutes, WARM_AIR_L * minutes, 0, shift),
})
