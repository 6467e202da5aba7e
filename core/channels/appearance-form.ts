import { FORMS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const appearanceForm = defineChannel({
  id: 'appearance.form',
  label: 'form of the sample',
  values: FORMS,
  of: 'sample',
  evidence: 'sample',
  read: ({ appearance }) => appearance && { value: appearance.form },
  say: word,
  compare: ({ percept }) => percept.appearance && table({ [percept.appearance.form]: 0.82 }, 0.06),
})
