import { FORMS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

/** Fine crystals are a powder to one and crystals to another; and the same salt is sold as either. */
const FINE: Readonly<Record<string, string>> = { crystals: 'powder', powder: 'crystals' }

export const appearanceForm = defineChannel({
  id: 'appearance.form',
  label: 'form of the sample',
  values: FORMS,
  of: 'sample',
  evidence: 'sample',
  read: ({ appearance }) => appearance && { value: appearance.form },
  say: word,
  compare: ({ percept: { appearance } }) => appearance && table({ [FINE[appearance.form] ?? '']: 0.15, [appearance.form]: 0.7 }, 0.05),
})
