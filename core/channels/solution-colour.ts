import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofColour, ofLiquid } from './errors/colour'

/** How often a liquid is called by the colour of what makes it cloudy. */
const LENT = 0.4

export const solutionColour = defineChannel({
  id: 'solution.colour',
  label: 'colour of the liquid',
  values: FAMILIES,
  of: 'liquid',
  property: 'colour',
  evidence: 'liquid',
  plain: true,
  read: ({ solution }) => solution && colourRead(solution.colour),
  say: (written) => message('seen.liquid', { word: word(written) }),
  deniesToo: 'precipitate.colour',
  compare: ({ percept: { solution, deposit } }, eyes, knowing) => {
    const liquid = solution && ofLiquid(solution.colour, eyes, knowing)
    if (!liquid || !deposit || solution.clarity === 'clear') return liquid
    // What floats in a liquid lends it its colour.
    const cloud = ofColour(deposit.colour, eyes)
    return (value) => Math.max(liquid(value), LENT * cloud(value))
  },
})
