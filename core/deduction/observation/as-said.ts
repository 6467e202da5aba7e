import { everyTest } from '../../schemes'
import type { Asked } from '../../vocabulary'
import type { Observation } from '../../notebook'
import { isShownIn, type Shown } from './shown-in'

/** Where a colour is seen when there is no liquid and nothing that came down: the first of these that is shown. */
const COLOURED = ['residue.cold', 'bead.cold', 'ring.colour', 'flame.colour'] as const
const OF_A_TUBE: ReadonlySet<string> = new Set(['solution.colour', 'precipitate.colour', 'appearance.colour'])

/** A step of a test, by its place there. */
interface Looked extends Shown {
  readonly index: number
}

const asksFor = ({ test, index }: Looked, asked: Asked): boolean => {
  const step = test === null ? undefined : everyTest.get(test)?.steps[index]
  return step !== undefined && 'asks' in step && step.asks.includes(asked)
}
/** Whether what is looked at is the sample as it goes into a liquid, and nothing was added since. */
function isOfSample(steps: readonly Looked[]): boolean {
  if (steps.some((step) => asksFor(step, 'solubility'))) return true
  const done = steps.map(({ recipe }) => recipe.steps.at(-1)?.do)
  return done.includes('dissolve') && !done.includes('add') && !done.includes('pass')
}

/**
 * An observation as it is meant where it was written: "dissolves", of the sample put into water, is no word about a precipitate; "green", of a mass out of the fire, none about a liquid; "milky", of lime water, is its
 * answer. Elsewhere as it is.
 * @param about the steps it may speak of
 */
export function asSaid(saw: Observation, about: readonly Looked[]): Observation {
  const steps = saw.step === undefined ? about : about.filter(({ index }) => index === saw.step)
  const { channel, value, negated } = saw
  if (channel === 'precipitate.dissolves' && saw.after === undefined && isOfSample(about)) return { ...saw, channel: 'solubility' }
  if (steps.length > 0 && OF_A_TUBE.has(channel) && !steps.some((step) => isShownIn(step, channel))) {
    const shown = COLOURED.find((other) => steps.some((step) => isShownIn(step, other)))
    if (shown !== undefined) return { ...saw, channel: shown }
  }
  const clouds = (channel === 'solution.clarity' && value === 'cloudy') || channel === 'precipitate.present'
  const looks = clouds ? steps.filter((step) => isShownIn(step, channel)) : []
  if (looks.length > 0 && looks.every((step) => asksFor(step, 'lime-water'))) {
    const clear = channel === 'precipitate.present' && (negated || value === 'no')
    return { ...saw, channel: 'lime-water', value: clear ? 'clear' : 'milky', negated: clear ? false : negated }
  }
  return saw
}
