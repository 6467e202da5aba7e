import { message } from '../messages'
import { SMELLS_WRITTEN } from '../vocabulary'
import { defineChannel, word } from './define'
import { ofSmell } from './errors/smell'

export const smell = defineChannel({
  id: 'smell',
  label: 'smell',
  values: SMELLS_WRITTEN,
  of: 'smell',
  property: 'smell',
  evidence: 'smell',
  read: ({ smell, residue }) => (smell && !(residue && smell === 'none') ? { value: smell } : null),
  say: (written) =>
    written.value === 'none' ? message(written.negated ? 'seen.smell.some' : 'seen.smell.none') : message('seen.smell', { word: word(written) }),
  compare: ({ percept }) => ofSmell(percept.smell ?? percept.gases.find((g) => g.smell)?.smell ?? 'none'),
})
