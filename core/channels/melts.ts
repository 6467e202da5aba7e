import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const melts = defineChannel({
  id: 'melts',
  label: 'melting',
  values: YES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue }) => (residue?.melts ? { value: 'yes' } : null),
  say: (written) => message(isNo(written) ? 'seen.melts.none' : 'seen.melts'),
  compare: ({ percept }) => (percept.residue ? yes(percept.residue.melts ? 0.88 : 0.06) : null),
})
