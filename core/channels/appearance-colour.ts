import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'

export const appearanceColour = defineChannel({
  id: 'appearance.colour',
  label: 'colour of the sample',
  values: FAMILIES,
  of: 'sample',
  property: 'colour',
  evidence: 'sample',
  read: ({ appearance }) => appearance && colourRead(appearance.colour),
  say: word,
  compare: ({ percept }, eyes) => percept.appearance && ofColour(percept.appearance.colour, eyes, ['white', 'colourless']),
})
