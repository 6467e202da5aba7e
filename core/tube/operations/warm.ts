import { message } from '../../messages/message'
import { defineOperation, sayTime, timed } from './define'

export const warm = defineOperation({
  schema: timed('warm'),
  on: 'vessel',
  effect: 'changes',
  shows: () => ['smell', 'gas', 'fire'],
  minutes: (step) => step.minutes ?? 1,
  says: (step) => message('step.warm', { time: sayTime(step.minutes) }),
})
