import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { defineChannel, word } from './define'
import { ofColour } from './errors/colour'
import { table } from './errors/words'

export const sublimate = defineChannel({
  id: 'sublimate',
  label: 'sublimate',
  values: FAMILIES,
  of: 'fire',
  evidence: 'fire',
  read: ({ residue }) => residue && { value: residue.sublimate?.family ?? 'colourless' },
  say: (written) =>
    written.value !== 'colourless'
      ? message('seen.sublimate', { word: word(written) })
      : message(written.negated ? 'seen.sublimate.some' : 'seen.sublimate.none'),
  compare: ({ percept: { residue } }, eyes) =>
    residue === undefined ? null : residue.sublimate ? ofColour(residue.sublimate.colour, eyes) : table({ colourless: 0.95 }, 0.005),
})
