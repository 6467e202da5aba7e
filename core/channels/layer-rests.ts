import { message } from '../messages'
import { defineChannel, word } from './define'
import { table } from './errors/words'
import { NO_LAYER } from './errors/layer'

export const layerRests = defineChannel({
  id: 'layer.rests',
  label: 'where the layer rests',
  values: ['upper', 'lower'],
  of: 'layer',
  evidence: 'liquid',
  read: ({ layer, soluble }, asked) =>
    // What has dissolved is no layer, whatever swims beside it.
    layer && !(soluble === 'yes' && asked.includes('solubility')) ? { value: layer.rests } : null,
  say: (written) => message('seen.layer.rests', { word: word(written) }),
  compare: ({ percept: { layers, soluble } }) => {
    if (!layers[0]) return soluble ? table({}, NO_LAYER) : null
    return soluble ? table({ [layers[0].rests]: 0.88 }, 0.12) : table({ [layers[0].rests]: 0.97 }, 0.03)
  },
})
