import { HABITS } from '../vocabulary'
import { defineChannel, word } from './define'
import { hasSolid, ofHabit, ofHabits, ofNothing } from './errors/precipitate'

export const precipitateHabit = defineChannel({
  id: 'precipitate.habit',
  label: 'habit of the precipitate',
  values: HABITS,
  of: 'precipitate',
  evidence: 'liquid',
  read: ({ precipitate }) => precipitate && { value: precipitate.habit },
  say: word,
  there: hasSolid,
  compare: ({ percept, bulk }, _, knowing) =>
    bulk && knowing === 'nearly' ? ofHabits(bulk) : percept.deposit ? ofHabit(percept.deposit.habit) : ofNothing(percept, HABITS),
})
