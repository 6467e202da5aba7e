import { anionFacts, gasFacts, interferenceFacts } from './anions'
import { cationFacts } from './cations'
import { dryFacts } from './dry'
import type { Fact } from './fact'
import { firstCourse } from './first-course'
import { laterIons } from './later-ions'
import { conditionFacts, separationFacts } from './separations'

export { conditionFacts, dryFacts, gasFacts, anionFacts, interferenceFacts, separationFacts }
/** Every golden fact. */
export const allFacts: readonly Fact[] = [
  ...firstCourse,
  ...cationFacts,
  ...separationFacts,
  ...conditionFacts,
  ...dryFacts,
  ...gasFacts,
  ...anionFacts,
  ...interferenceFacts,
  ...laterIons,
]
