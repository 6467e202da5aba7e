import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour } from './errors/colour'
import { hasSolid, ofNothing } from './errors/precipitate'

export const precipitateColour = defineChannel({
  id: 'precipitate.colour',
  label: 'colour of the precipitate',
  values: FAMILIES,
  of: 'precipitate',
  property: 'colour',
  evidence: 'liquid',
  plain: true,
  read: ({ precipitate }) => precipitate && colourRead(precipitate.colour),
  say: word,
  there: hasSolid,
  compare: ({ percept, bulk }, eyes, knowing) => {
    const deposit = percept.deposit ?? (knowing === 'nearly' ? bulk : null)
    return deposit ? ofColour(deposit.colour, eyes) : ofNothing(percept, FAMILIES)
  },
})
