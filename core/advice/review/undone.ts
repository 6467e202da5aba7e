import { lookAt, observationsFromLook, type Content, type Reasoning, type Recipe, type TraceStep } from '../../deduction'
import { STOCK } from '../../catalogue'
import { sayObservation, sayStep, type Notebook } from '../../notebook'

import { drawnFrom, isWatched, vesselOf, type Step } from '../../tube'
import { ruleOf, workFor } from './rules'

/** What the same work would have shown, the mistake undone: the work, and what there is to see, each sight with the salts that would give it. */
export interface Undone {
  /** The work itself, in order, vessels renamed. */
  readonly work: readonly Step[]
  readonly steps: readonly string[]
  readonly seen: readonly { readonly words: readonly string[]; readonly salts: readonly string[]; readonly probability: number }[]
}

/** Salts less likely than this are left out, and sights after so many. */
const LIKELY = 0.005
const MOST = 3

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
  jar?: Content,
): Undone | null {
  const work = workFor(notebook, reasoning, entry)
  const undo = ruleOf(finding)?.undo
  const last = work && [...work.steps, ...work.later].findLast((s) => s.recipe.steps.length > 0)
  if (!work || !undo || !last) return null
  const mended = [...undo(last.recipe.steps)]
  const final = mended.at(-1)
  if (!final) return null
  if (!isWatched(final)) mended.push({ do: 'look', at: vesselOf(final) })
  const traced: TraceStep = { entry, test: null, index: 0, vessel: last.vessel, recipe: recipe(mended) }
  const among = jar
    ? [{ content: jar, probability: 1 }]
    : reasoning.hypotheses
        .map(({ content }, h) => ({ content, probability: reasoning.posterior[h] as number }))
        .filter(({ probability }) => probability >= LIKELY)
        .sort((a, b) => b.probability - a.probability)
  const sights = new Map<string, { words: string[]; salts: string[]; probability: number }>()
  for (const { content, probability } of among) {
    const expectation = reasoning.simulations.expect(content, traced.recipe)
    if (!expectation) continue
    const words = [...new Set(observationsFromLook(lookAt(traced, expectation, [0, 0, 0])).map(sayObservation))]
    const sight = sights.get(words.join()) ?? { words, salts: [], probability: 0 }
    sight.salts.push(content.id)
    sight.probability += probability
    sights.set(words.join(), sight)
  }
  const seen = [...sights.values()].sort((a, b) => b.probability - a.probability).slice(0, MOST)
  return {
    work: mended,
    steps: mended.map((step) => sayStep(step.do === 'take' && drawnFrom(step) !== null ? { ...step, from: STOCK } : step)),
    seen,
  }
}
