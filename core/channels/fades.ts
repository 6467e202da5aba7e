import { message } from '../messages'
import { defineChannel, YES } from './define'

export const fades = defineChannel({
  id: 'fades',
  label: 'fades',
  values: YES,
  of: 'course',
  evidence: 'liquid',
  say: ({ value, negated }) => message((negated ? value === 'yes' : value === 'no') ? 'seen.fades.none' : 'seen.fades'),
})
