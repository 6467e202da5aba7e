import { ORGANIC_TESTS, type Stage } from '../catalogue'
import type { Scheme } from './types'

const ofStage = (...stages: readonly Stage[]): string[] => ORGANIC_TESTS.filter((t) => stages.includes(t.stage)).map((t) => t.id)

/** An organic compound: looked at and heated, fused for its elements, sorted by what dissolves it, then its groups. */
export const ORGANIC: Scheme = {
  id: 'organic',
  title: 'elements, then groups',
  stages: [
    { id: 'looked', title: 'looked', tests: ofStage('looked') },
    { id: 'constants', title: 'constants', tests: ofStage('constants') },
    { id: 'dry', title: 'flame', tests: ofStage('dry') },
    { id: 'elements', title: 'elements', tests: ofStage('elements') },
    { id: 'solubility', title: 'solubility', tests: ofStage('solubility class') },
    { id: 'groups', title: 'groups', tests: ofStage('functional groups') },
  ],
  separations: [],
  confirmations: 2,
  because: 'The elements decide which of some thirty tests of groups are worth doing.',
  sources: ['vogel-organic', 'shriner'],
}
