import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const flameSooty = defineChannel({
  id: 'flame.sooty',
  label: 'sooty flame',
  values: YES,
  of: 'flame',
  evidence: 'flame',
  read: ({ flame }) => flame && { value: flame.sooty ? 'yes' : 'no' },
  say: (written) => message(isNo(written) ? 'seen.sooty.none' : 'seen.sooty'),
  compare: ({ percept }) => (percept.flame ? yes(percept.flame.sooty ? 0.9 : 0.06) : null),
})
