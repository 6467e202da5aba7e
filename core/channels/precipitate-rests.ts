import { RESTS } from '../vocabulary'
import { defineChannel, phrase } from './define'
import { hasSolid, ofNothing } from './errors/precipitate'
import { table } from './errors/words'

export const precipitateRests = defineChannel({
  id: 'precipitate.rests',
  label: 'where the precipitate rests',
  values: RESTS,
  of: 'precipitate',
  evidence: 'liquid',
  say: phrase('seen.rests'),
  there: hasSolid,
  compare: ({ percept }) => (percept.deposit ? table({ [percept.deposit.rests]: 0.7 }, 0.1) : ofNothing(percept, RESTS)),
})
