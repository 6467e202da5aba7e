import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'
import { table } from './errors/words'

export const ringColour = defineChannel({
  id: 'ring.colour',
  label: 'ring',
  values: FAMILIES,
  of: 'ring',
  property: 'colour',
  evidence: 'ring',
  plain: true,
  read: ({ ring }) => (ring ? colourRead(ring.colour) : { value: 'colourless' }),
  say: (written) =>
    written.value !== 'colourless' ? message('seen.ring', { word: word(written) }) : message(written.negated ? 'seen.ring.some' : 'seen.ring.none'),
  compare: ({ percept }, eyes) => (percept.ring ? ofColour(percept.ring.colour, eyes) : table({ colourless: 0.95 }, 0.005)),
})
