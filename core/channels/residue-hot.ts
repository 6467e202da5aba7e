import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'

export const residueHot = defineChannel({
  id: 'residue.hot',
  label: 'residue, hot',
  values: FAMILIES,
  of: 'residue',
  evidence: 'fire',
  plain: true,
  read: ({ residue }) => residue && colourRead(residue.hot),
  say: (written) => message('seen.residue.hot', { word: word(written) }),
  compare: ({ percept }, eyes) => (percept.residue ? ofColour(percept.residue.hot, eyes, ['white', 'colourless']) : null),
})
