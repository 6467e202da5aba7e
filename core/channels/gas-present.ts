import { message } from '../messages'
import type { Percept } from '../perception'
import { defineChannel, isNo, YES } from './define'
import { yes } from './errors/words'

/** Bubbles are seen by nearly everybody, fumes without colour by some. */
function noticedGas({ gases }: Percept): number {
  if (gases.length === 0) return 0.03
  if (gases.some((g) => g.vigour !== 'slight')) return 0.97
  return gases.some((g) => g.colour.family !== 'colourless') ? 0.9 : 0.5
}

export const gasPresent = defineChannel({
  id: 'gas.present',
  label: 'gas',
  values: YES,
  of: 'gas',
  evidence: 'gas',
  plain: true,
  read: ({ gas, residue }, asked) => (gas ? { value: 'yes' } : asked.includes('gas') && !residue ? { value: 'yes', negated: true } : null),
  say: (written) => message(isNo(written) ? 'seen.gas.none' : 'seen.gas'),
  compare: ({ percept }) => yes(noticedGas(percept)),
})
