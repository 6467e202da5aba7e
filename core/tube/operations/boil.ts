import { message } from '../../messages'
import { BOILING } from '../../units'
import { BOILED_mL, heat, STEAM_L } from '../heating'
import { defineOperation, sayTime, timed } from './define'

export const boil = defineOperation({
  schema: timed('boil'),
  on: 'vessel',
  effect: 'changes',
  shows: () => ['smell', 'gas'],
  minutes: (step) => step.minutes ?? 1,
  sweeps_L: STEAM_L,
  says: (step) => message('step.boil', { time: sayTime(step.minutes) }),
  changes: ({ conditions: { shift } }, { minutes = 1 }, vessel) => heat(vessel, BOILING, minutes, STEAM_L * minutes, BOILED_mL * minutes, shift),
})
