import { message } from '../messages'
import { defineChannel } from './define'
import { MELTING_SPREAD_C, ofConstant } from './errors/constant'

export const meltingPoint = defineChannel({
  id: 'melting-point',
  label: 'melting point, °C',
  values: null,
  of: 'constant',
  evidence: 'melting-point',
  read: ({ constant }) => ({ value: constant === null ? 'none' : String(constant) }),
  say: ({ value }) => (value === 'none' ? message('seen.melting-point.none') : message('seen.melting-point', { value })),
  compare: ({ percept }) => ofConstant(percept.constant, MELTING_SPREAD_C),
})
