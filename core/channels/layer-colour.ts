import { message } from '../messages'
import { FAMILIES } from '../vocabulary'
import { colourRead, defineChannel, word } from './define'
import { ofLiquid } from './errors/colour'
import { table } from './errors/words'
import { NO_LAYER } from './errors/layer'

export const layerColour = defineChannel({
  id: 'layer.colour',
  label: 'colour of the layer',
  values: FAMILIES,
  of: 'layer',
  property: 'colour',
  evidence: 'liquid',
  plain: true,
  read: ({ layer }) => layer && colourRead(layer.colour),
  say: (written) => message('seen.layer.colour', { word: word(written) }),
  compare: ({ percept }, eyes, knowing) =>
    percept.layers[0] ? ofLiquid(percept.layers[0].colour, eyes, knowing) : percept.soluble ? table({}, NO_LAYER) : null,
})
