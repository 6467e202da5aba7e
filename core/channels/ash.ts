import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

export const ash = defineChannel({
  id: 'ash',
  label: 'ash left',
  values: YES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue }) => residue && { value: residue.ash ? 'yes' : 'no' },
  say: (written) => message(isNo(written) ? 'seen.ash.none' : 'seen.ash'),
  compare: ({ percept }) => (percept.residue ? yes(percept.residue.species.length > 0 ? 0.95 : 0.03) : null),
})
