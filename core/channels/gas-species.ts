import { message } from '../messages'
import { GASES_NAMED } from '../vocabulary'
import { defineChannel, word } from './define'

export const gasSpecies = defineChannel({
  id: 'gas.species',
  label: 'gas, named',
  values: GASES_NAMED,
  of: 'gas',
  evidence: 'gas',
  say: (written) => message('seen.gas.species', { word: word(written) }),
  compare:
    ({ percept: { gases } }) =>
    (value) =>
      // Of several that come, one is named.
      gases.some((g) => g.species === value) ? 0.9 / gases.length : 0.008,
})
