import { AMOUNTS } from '../vocabulary'
import { defineChannel, word } from './define'
import { hasSolid, ofAmount, ofMass, ofNothing } from './errors/precipitate'

export const precipitateAmount = defineChannel({
  id: 'precipitate.amount',
  label: 'amount of precipitate',
  values: AMOUNTS,
  of: 'precipitate',
  evidence: 'liquid',
  read: ({ precipitate }) => precipitate && { value: precipitate.amount },
  say: word,
  there: hasSolid,
  compare: ({ percept, bulk }, _, knowing) =>
    bulk && knowing === 'nearly' ? ofMass(bulk) : percept.deposit ? ofAmount(percept.deposit.amount) : ofNothing(percept, AMOUNTS),
})
