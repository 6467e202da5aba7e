import { message } from '../messages'
import type { Percept } from '../perception'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

const changed = (now: Percept, before: Percept): boolean =>
  now.solution?.colour.family !== before.solution?.colour.family ||
  (now.deposit === null) !== (before.deposit === null) ||
  now.deposit?.colour.family !== before.deposit?.colour.family ||
  now.gases.length > 0

export const change = defineChannel({
  id: 'change',
  label: 'change',
  values: YES,
  of: 'course',
  evidence: 'liquid',
  say: (written) => message(isNo(written) ? 'seen.change.none' : 'seen.change'),
  compare: ({ percept, before }) => (before ? yes(changed(percept, before) ? 0.95 : 0.05) : null),
})
