import { message } from '../messages'
import { VIGOURS } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

/** How often a gas of each vigour is called by each; one that is not there, by any. */
const CALLED = {
  slight: { slight: 0.65, brisk: 0.3, violent: 0.05 },
  brisk: { slight: 0.15, brisk: 0.7, violent: 0.15 },
  violent: { slight: 0.03, brisk: 0.37, violent: 0.6 },
} as const
const IMAGINED = 0.1

export const gasVigour = defineChannel({
  id: 'gas.vigour',
  label: 'vigour of the gas',
  values: VIGOURS,
  of: 'gas',
  evidence: 'gas',
  say: (written) => message('seen.gas.vigour', { word: word(written) }),
  // Who describes a gas where none comes has imagined it: no word is likelier then than where one does.
  there: ({ percept }) => percept.gases.length > 0,
  compare: ({ percept: { gases } }) => (gases[0] ? table(CALLED[gases[0].vigour], 0.01) : table({}, IMAGINED)),
})
