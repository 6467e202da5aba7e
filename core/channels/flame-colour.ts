import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofFlame } from './errors/flame'

export const flameColour = defineChannel({
  id: 'flame.colour',
  label: 'flame',
  values: FAMILIES,
  of: 'flame',
  property: 'colour',
  evidence: 'flame',
  plain: true,
  read: ({ flame, residue }) => {
    if (!flame) return null
    if (!residue) return { value: flame.colour.family }
    return flame.colour.family === 'colourless' ? null : colourRead(flame.colour)
  },
  say: (written) =>
    written.value === 'colourless'
      ? message(written.negated ? 'seen.flame.some' : 'seen.flame.none')
      : message('seen.flame', { word: word(written) }),
  compare: ({ percept }, eyes) => (percept.flame ? ofFlame(percept.flame, eyes) : null),
})
