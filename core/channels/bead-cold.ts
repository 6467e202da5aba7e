import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'

export const beadCold = defineChannel({
  id: 'bead.cold',
  label: 'bead, cold',
  values: FAMILIES,
  of: 'bead',
  evidence: 'bead',
  plain: true,
  read: ({ bead }) => bead && colourRead(bead.cold),
  say: (written) => message('seen.bead.cold', { word: word(written) }),
  compare: ({ percept }, eyes) => (percept.bead ? ofColour(percept.bead.cold, eyes) : null),
})
