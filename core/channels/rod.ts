import { message, sayValue } from '../messages'
import { RODS } from '../vocabulary'
import { defineChannel } from './define'
import { table } from './errors/words'

export const rod = defineChannel({
  id: 'rod',
  label: 'rod or glass',
  values: RODS,
  of: 'mouth',
  evidence: 'rod',
  plain: true,
  read: ({ rod }) => rod && { value: rod },
  say: ({ value, negated }) =>
    negated
      ? message('seen.rod.no', { value: sayValue(value) })
      : value === 'unchanged'
        ? message('seen.rod.unchanged')
        : value === 'etched'
          ? message('seen.rod.etched')
          : message('seen.rod', { value: sayValue(value) }),
  compare: ({ percept }) => (percept.rod ? table({ [percept.rod]: 0.9 }, 0.03) : null),
})
