import type { Colour, Percept } from '../../../perception'
import type { Reasoning } from '../standings'
import { stepsOfTest } from '../../simulation/percept-pack'

/** What a picture may be of: the test that shows it, and where in what is seen the colour is. */
const PICTURED = {
  'the sample': { test: 'appearance', colour: (p: Percept) => p.appearance?.colour },
  'its solution': { test: 'solubility-in-water', colour: (p: Percept) => p.solution?.colour },
  'its flame': { test: 'flame-on-wire', colour: (p: Percept) => p.flame?.colour },
  'its residue, cold': { test: 'heat-strongly', colour: (p: Percept) => p.residue?.cold },
  'its borax bead, cold': { test: 'borax-bead-oxidising', colour: (p: Percept) => p.bead?.cold },
} as const satisfies Record<string, { test: string; colour: (percept: Percept) => Colour | undefined }>
export type Pictured = keyof typeof PICTURED
export const PICTURES: readonly Pictured[] = Object.keys(PICTURED) as Pictured[]

/** The colour that a salt still in contention would show. */
export interface CandidateColour {
  readonly formula: string
  readonly probability: number
  readonly colour: Colour
}

/** Less likely salts are left out, and so are those beyond so many. */
const WORTH_COMPARING = 0.005
const MOST = 12

/** What each salt still in contention would show where the picture was taken, likeliest first. */
export function candidateColours(
  { hypotheses, posterior, simulations }: Pick<Reasoning, 'hypotheses' | 'posterior' | 'simulations'>,
  of: Pictured,
): CandidateColour[] {
  const { test, colour } = PICTURED[of]
  const steps = stepsOfTest(test)
  return hypotheses
    .map(({ content }, h) => ({ content, probability: posterior[h] as number }))
    .filter(({ probability }) => probability >= WORTH_COMPARING)
    .sort((a, b) => b.probability - a.probability)
    .slice(0, MOST)
    .flatMap(({ content, probability }) => {
      const shown = steps.flatMap(({ recipe }) => {
        const percept = simulations.expect(content, recipe)?.percept
        const found = percept && colour(percept)
        return found ? [found] : []
      })
      const last = shown.at(-1)
      return last ? [{ formula: content.id, probability, colour: last }] : []
    })
}
