import { message } from '../messages'
import { defineChannel, word } from './define'
import { table } from './errors/words'

export const limeWater = defineChannel({
  id: 'lime-water',
  label: 'lime water',
  values: ['clear', 'milky', 'milky then clear'],
  of: 'liquid',
  evidence: 'liquid',
  plain: true,
  read: ({ precipitate, clouded }) => ({ value: precipitate ? 'milky' : clouded ? 'milky then clear' : 'clear' }),
  say: (written) => message('seen.lime-water', { word: word(written) }),
  compare: ({ percept }) =>
    percept.solution &&
    (percept.deposit
      ? table({ milky: percept.deposit.amount === 'trace' ? 0.5 : 0.92, 'milky then clear': 0.04 }, 0.04)
      : percept.clouded
        ? table({ 'milky then clear': 0.6, clear: 0.2, milky: 0.15 }, 0.05)
        : table({ clear: 0.94 }, 0.03)),
})
