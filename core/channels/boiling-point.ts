import { message } from '../messages'
import { defineChannel } from './define'
import { BOILING_SPREAD_C, ofConstant } from './errors/constant'

export const boilingPoint = defineChannel({
  id: 'boiling-point',
  label: 'boiling point, °C',
  values: null,
  of: 'constant',
  evidence: 'boiling-point',
  read: ({ constant }) => ({ value: constant === null ? 'none' : String(constant) }),
  say: ({ value }) => (value === 'none' ? message('seen.boiling-point.none') : message('seen.boiling-point', { value })),
  compare: ({ percept }) => ofConstant(percept.constant, BOILING_SPREAD_C),
})
