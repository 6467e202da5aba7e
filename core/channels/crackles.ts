import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const crackles = defineChannel({
  id: 'crackles',
  label: 'crackling',
  values: YES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue }) => (residue?.crackles ? { value: 'yes' } : null),
  say: (written) => message(isNo(written) ? 'seen.crackles.none' : 'seen.crackles'),
  compare: ({ percept }) => (percept.residue ? yes(percept.residue.crackles ? 0.85 : 0.04) : null),
})
