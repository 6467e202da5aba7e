import { LASTS } from '../vocabulary'
import { defineChannel, phrase } from './define'
import { table } from './errors/words'

export const flameLasts = defineChannel({
  id: 'flame.lasts',
  label: 'flame lasts',
  values: LASTS,
  of: 'flame',
  evidence: 'flame',
  read: ({ flame }) => (flame && flame.colour.family !== 'colourless' ? { value: flame.lasts } : null),
  say: phrase('seen.lasts'),
  compare: ({ percept }) => (percept.flame ? table({ [percept.flame.lasts]: 0.7 }, 0.15) : null),
})
