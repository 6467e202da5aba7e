import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const water = defineChannel({
  id: 'water',
  label: 'water drops',
  values: YES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue }) => (residue?.water ? { value: 'yes' } : null),
  say: (written) => message(isNo(written) ? 'seen.water.none' : 'seen.water'),
  compare: ({ percept }) => (percept.water === undefined ? null : yes(percept.water ? 0.93 : 0.06)),
})
