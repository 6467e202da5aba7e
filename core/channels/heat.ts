import { message } from '../messages'
import { HEATS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const heat = defineChannel({
  id: 'heat',
  label: 'heat',
  values: HEATS,
  of: 'course',
  evidence: 'liquid',
  say: (written) => message('seen.heat', { word: word(written) }),
  compare: ({ percept }) => table({ [percept.heat]: 0.8 }, 0.1),
})
