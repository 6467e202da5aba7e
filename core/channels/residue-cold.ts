import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'

export const residueCold = defineChannel({
  id: 'residue.cold',
  label: 'residue, cold',
  values: FAMILIES,
  of: 'residue',
  evidence: 'fire',
  plain: true,
  read: ({ residue }) => residue && colourRead(residue.cold),
  say: (written) => message('seen.residue.cold', { word: word(written) }),
  compare: ({ percept }, eyes) => (percept.residue ? ofColour(percept.residue.cold, eyes, ['white', 'colourless']) : null),
})
