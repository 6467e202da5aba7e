import { SPEEDS } from '../vocabulary'
import { defineChannel, phrase } from './define'

export const speed = defineChannel({
  id: 'speed',
  label: 'how fast',
  values: SPEEDS,
  of: 'course',
  evidence: 'liquid',
  say: phrase('seen.speed'),
})
