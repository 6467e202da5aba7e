import { lookAt, observationsFromLook, type Reasoning, type Recipe, type TraceStep } from '../../deduction'
import { sayObservation, sayStep, type Notebook } from '../../notebook'
import type { Salt } from '../../species'
import { onlyLooks, vesselOf, type Step } from '../../tube'
import { ruleOf, workFor } from './rules'

/** What the same work would have shown, the mistake undone: the work, and what there is to see with each salt that may be in the jar. */
export interface Undone {
  readonly steps: readonly string[]
  readonly seen: readonly { readonly formula: string; readonly probability: number; readonly words: readonly string[] }[]
}

/** Salts less likely than this are left out, and after so many. */
const LIKELY = 0.1
const MOST = 3

const WATCHED: ReadonlySet<Step['do']> = new Set(['flame', 'bead', 'charcoal', 'cobalt-nitrate', 'ignite'])
const recipe = (steps: readonly Step[]): Recipe => ({ key: JSON.stringify(steps), steps })

/**
 * Works an entry that a finding is about once more, with the mistake undone.
 * @param jar what is in the jar, where that is known; the salts that are likeliest otherwise
 * @returns null where there is no such finding at that entry, or nothing done would mend it
 */
export function undone(
  notebook: Pick<Notebook, 'case' | 'entries'>,
  reasoning: Reasoning,
  finding: string,
  entry: string,
  jar?: Salt,
): Undone | null {
  const work = workFor(notebook, reasoning, entry)
  const undo = ruleOf(finding)?.undo
  const last = work && [...work.steps, ...work.later].findLast((s) => s.recipe.steps.length > 0)
  if (!work || !undo || !last) return null
  const mended = [...undo(last.recipe.steps)]
  const final = mended.at(-1)
  if (!final) return null
  if (!onlyLooks(final) && !WATCHED.has(final.do)) mended.push({ do: 'look', at: vesselOf(final) })
  const traced: TraceStep = { entry, test: null, index: 0, vessel: last.vessel, recipe: recipe(mended) }
  const among = jar
    ? [{ salt: jar, probability: 1 }]
    : reasoning.hypotheses
        .map(({ salt }, h) => ({ salt, probability: reasoning.posterior[h] as number }))
        .filter(({ probability }) => probability >= LIKELY)
        .sort((a, b) => b.probability - a.probability)
        .slice(0, MOST)
  const seen = among.flatMap(({ salt, probability }) => {
    const expectation = reasoning.simulations.expect(salt, traced.recipe)
    if (!expectation) return []
    const words = observationsFromLook(lookAt(traced, expectation, [0, 0, 0])).map(sayObservation)
    return [{ formula: salt.id, probability, words: [...new Set(words)] }]
  })
  return { steps: mended.map(sayStep), seen }
}
