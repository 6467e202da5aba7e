import { message } from '../../messages/message'
import { defineOperation, timed } from './define'

export const shake = defineOperation({
  schema: timed('shake'),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: (step) => step.minutes ?? 1,
  says: () => message('step.shake'),
})
