import { message } from '../messages'
import { VIGOURS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const gasVigour = defineChannel({
  id: 'gas.vigour',
  label: 'vigour of the gas',
  values: VIGOURS,
  of: 'gas',
  evidence: 'gas',
  say: (written) => message('seen.gas.vigour', { word: word(written) }),
  compare: ({ percept }) => (percept.gases[0] ? table({ [percept.gases[0].vigour]: 0.7 }, 0.15) : null),
})
