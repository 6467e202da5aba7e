import { message } from '../messages'
import { defineChannel, isNo, YES } from './define'
import { NOTICED, noticed } from './errors/precipitate'
import { yes } from './errors/words'

export const precipitatePresent = defineChannel({
  id: 'precipitate.present',
  label: 'precipitate',
  values: YES,
  of: 'precipitate',
  evidence: 'liquid',
  plain: true,
  read: ({ precipitate, dissolves, solution }) => (precipitate ? { value: 'yes' } : solution && !dissolves ? { value: 'yes', negated: true } : null),
  say: (written) => message(isNo(written) ? 'seen.precipitate.none' : 'seen.precipitate'),
  compare: ({ percept, bulk }, _, knowing) =>
    percept.solution && yes(bulk && knowing === 'nearly' ? noticed(bulk) : NOTICED[percept.deposit?.amount ?? 'none']),
})
