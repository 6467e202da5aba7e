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
  there: ({ percept }) => percept.gases.length > 0,
  compare: ({ percept }, eyes) => {
    const coloured = percept.gases.find((g) => g.colour.family !== 'colourless') ?? percept.gases[0]
    if (!coloured) return table({ colourless: 0.3 }, 0.01)
    // Nobody calls a gas white that has no colour, as a liquid may be called.
    return coloured.colour.family === 'colourless' ? table({ colourless: 0.92 }, 0.01) : ofColour(coloured.colour, eyes)
  },
})
