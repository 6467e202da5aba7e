import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofLiquid } from './errors/colour'

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
  compare: ({ percept }, eyes, knowing) => percept.solution && ofLiquid(percept.solution.colour, eyes, knowing),
})
