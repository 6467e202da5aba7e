import { message, sayValue } from '../messages'
import { lineColour } from '../perception'
import { LINE_COLOURS } from '../vocabulary'
import { defineChannel } from './define'
import { LINE_IMAGINED, LINE_NOTICED, SODIUM_LINE_ANYWAY } from './errors/flame'

export const flameLine = defineChannel({
  id: 'flame.line',
  label: 'line in the spectroscope',
  values: LINE_COLOURS,
  of: 'flame',
  evidence: 'flame',
  read: ({ flame }) => (flame?.lines ? LINE_COLOURS.map((value) => ({ value, negated: !flame.lines?.includes(value) })) : null),
  say: ({ value, negated }) => message(negated ? 'seen.line.no' : 'seen.line', { value: sayValue(value) }),
  compare: ({ percept: { flame } }) =>
    flame?.spread
      ? (value) => (flame.lines.some((nm) => lineColour(nm) === value) ? LINE_NOTICED : value === 'yellow' ? SODIUM_LINE_ANYWAY : LINE_IMAGINED)
      : null,
})
