import { message } from '../messages'
import { SPLINTS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const splint = defineChannel({
  id: 'splint',
  label: 'splint',
  values: SPLINTS,
  of: 'mouth',
  evidence: 'splint',
  plain: true,
  read: ({ splint }) => splint && { value: splint },
  say: (written) => message('seen.splint', { word: word(written) }),
  compare: ({ percept }) => (percept.splint ? table({ [percept.splint]: 0.9 }, 0.03) : null),
})
