import { message } from '../../messages/message'
import { defineOperation, sayTime, timed } from './define'

export const boil = defineOperation({
  schema: timed('boil'),
  on: 'vessel',
  effect: 'changes',
  shows: () => ['smell', 'gas'],
  minutes: (step) => step.minutes ?? 1,
  says: (step) => message('step.boil', { time: sayTime(step.minutes) }),
})
