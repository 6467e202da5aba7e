import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { defineChannel, word } from './define'
import { ofColour } from './errors/colour'
import { table } from './errors/words'

export const gasColour = defineChannel({
  id: 'gas.colour',
  label: 'colour of the gas',
  values: FAMILIES,
  of: 'gas',
  property: 'colour',
  evidence: 'gas',
  plain: true,
  read: ({ gas }) => (gas && gas.colour.family !== 'colourless' ? { value: gas.colour.family } : null),
  say: (written) => message('seen.gas.colour', { word: word(written) }),
  compare: ({ percept }, eyes) => {
    const coloured = percept.gases.find((g) => g.colour.family !== 'colourless') ?? percept.gases[0]
    return coloured ? ofColour(coloured.colour, eyes) : table({ colourless: 0.9 }, 0.01)
  },
})
