import { message } from '../messages'
import { CLARITIES } from '../vocabulary'
import { defineChannel, word } from './define'
import { table } from './errors/words'

/** How often a liquid of each clarity is called by each. */
const CALLED = {
  clear: { clear: 0.93, cloudy: 0.06, opaque: 0.01 },
  cloudy: { clear: 0.2, cloudy: 0.65, opaque: 0.15 },
  opaque: { clear: 0.03, cloudy: 0.4, opaque: 0.57 },
} as const

export const solutionClarity = defineChannel({
  id: 'solution.clarity',
  label: 'clarity of the liquid',
  values: CLARITIES,
  of: 'liquid',
  evidence: 'liquid',
  say: (written) => message('seen.liquid', { word: word(written) }),
  compare: ({ percept: { solution } }) => solution && table(CALLED[solution.clarity], 0.01),
})
