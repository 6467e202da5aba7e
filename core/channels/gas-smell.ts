import { message } from '../messages'
import { SMELLS_WRITTEN } from '../vocabulary'
import { defineChannel, word } from './define'
import { ofSmell } from './errors/smell'

export const gasSmell = defineChannel({
  id: 'gas.smell',
  label: 'smell of the gas',
  values: SMELLS_WRITTEN,
  of: 'gas',
  property: 'smell',
  evidence: 'smell',
  say: (written) => message('seen.gas.smell', { word: word(written) }),
  compare: ({ percept }) => ofSmell(percept.gases.find((g) => g.smell)?.smell ?? percept.smell ?? 'none'),
})
