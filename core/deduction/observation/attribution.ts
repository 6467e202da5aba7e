import { findReagent } from '../../species'
import { isShownIn } from './shown-in'
import type { TraceObservation, TraceStep } from './trace'

/** Steps an observation may speak of: the look it names, else those after what it names, else every one that shows its channel. */
export function attributedSteps({ observation, steps }: TraceObservation): readonly TraceStep[] {
  const after = observation.after === undefined ? [] : stepsAfter(observation.after, steps)
  if (observation.step !== undefined) {
    // Written at one look, it may already say what came of the next: "white ppt, sol xs NH3".
    const later = after.filter((s) => s.index >= (observation.step ?? 0) && isShownIn(s, observation.channel))
    if (later.length > 0) return later
    const named = steps.filter((s) => s.index === observation.step)
    if (named.length > 0) return named
  }
  const looks = (after.length > 0 ? after : steps).filter((s) => isShownIn(s, observation.channel))
  return looks.length > 0 ? looks : steps.slice(-1)
}

/** What a hand does while one waits. */
const WAITED: Readonly<Record<string, readonly string[]>> = { heating: ['warm', 'boil'], standing: ['stand'], cooling: ['cool'] }

/** Those after an addition of the named reagent, the last of them where excess is meant, or after heating. */
function stepsAfter(after: string, steps: readonly TraceStep[]): readonly TraceStep[] {
  const excess = after.startsWith('excess')
  const name = after.replace(/^excess ?/, '').replace(/^(dilute|concentrated|hot) /, '')
  let from = -1
  steps.forEach((s, i) => {
    const last = s.recipe.steps.at(-1)
    if (!last) return
    const waited = WAITED[name]?.includes(last.do) === true
    const gassed = name === 'hydrogen sulfide' && last.do === 'pass' && last.gas === 'H2S'
    const added = last.do === 'add' && (name === '' || reagentIs(last.reagent, name))
    if ((waited || gassed || added) && (from < 0 || excess)) from = i
  })
  if (from < 0) return []
  const later = steps.slice(from)
  const next = later.findIndex((s, i) => i > 0 && ['add', 'warm', 'boil'].includes(s.recipe.steps.at(-1)?.do ?? ''))
  return next < 0 ? later : later.slice(0, next)
}

/**
 * Of looks, in order, the places of those that a test may be ended at where nothing is seen: after the reagent it is named for, each; else the last. Nobody adds ammonia to silver nitrate that brought nothing down.
 */
export function endsOf({ steps }: TraceObservation, looks: readonly TraceStep[]): readonly number[] {
  const named = steps.find(({ test, recipe }) => {
    const last = recipe.steps.at(-1)
    return test !== null && last?.do === 'add' && isNamed(test, last.reagent)
  })
  const ends = [...looks.keys()].filter((place) => named !== undefined && (looks[place]?.index ?? -1) > named.index)
  return ends.length > 0 ? ends : [looks.length - 1]
}
/** Whether a test is called by a reagent. */
const isNamed = (test: string, reagent: string): boolean => {
  try {
    return test.includes(findReagent(reagent).reagent)
  } catch {
    return false
  }
}

function reagentIs(text: string, name: string): boolean {
  let reagent: string
  try {
    reagent = findReagent(text).reagent
  } catch {
    // A metal or another solid: known by what it is called.
    return text.toLowerCase().includes(name)
  }
  return reagent.replaceAll('-', ' ').replace(/ water$/, '') === name.replace(/ water$/, '') || (name === 'acid' && reagent.endsWith('-acid'))
}
