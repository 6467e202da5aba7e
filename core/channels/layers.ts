import { message } from '../messages'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const layers = defineChannel({
  id: 'layers',
  label: 'liquids over one another',
  values: ['one', 'two'],
  of: 'layer',
  evidence: 'liquid',
  say: (written) => message('seen.layers', { word: word(written) }),
  compare: ({ percept }) => table({ [percept.layers[0] ? 'two' : 'one']: 0.95 }, 0.05),
})
