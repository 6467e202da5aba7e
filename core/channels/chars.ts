import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const chars = defineChannel({
  id: 'chars',
  label: 'charring',
  values: YES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue, flame }) =>
    // On a spatula, where it burns as well, that it does not is written too.
    residue && (flame || residue.chars) ? { value: residue.chars ? 'yes' : 'no' } : null,
  say: (written) => message(isNo(written) ? 'seen.chars.none' : 'seen.chars'),
  compare: ({ percept }) => (percept.residue ? yes(percept.residue.chars ? 0.88 : 0.04) : null),
})
