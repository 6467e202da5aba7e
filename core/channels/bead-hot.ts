import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'

export const beadHot = defineChannel({
  id: 'bead.hot',
  label: 'bead, hot',
  values: FAMILIES,
  of: 'bead',
  evidence: 'bead',
  plain: true,
  read: ({ bead }) => bead && colourRead(bead.hot),
  say: (written) => message('seen.bead.hot', { word: word(written) }),
  compare: ({ percept }, eyes) => (percept.bead ? ofColour(percept.bead.hot, eyes) : null),
})
