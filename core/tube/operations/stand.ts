import { message } from '../../messages/message'
import { defineOperation, sayTime, timed } from './define'

export const stand = defineOperation({
  schema: timed('stand'),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: (step) => step.minutes ?? 1,
  says: (step) => message('step.stand', { time: sayTime(step.minutes) }),
})
