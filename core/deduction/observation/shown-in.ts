import { CHANNEL_BY_ID } from '../../channels'
import { evidenceOf } from '../../tube'
import type { Recipe } from '../simulation/recipe'

/** A step of a test, or one done freely, with what led up to it. */
export interface Shown {
  readonly test: string | null
  readonly recipe: Recipe
}
/** Whether a step shows what a channel is about; looked at as it goes, free work shows all that is in the tube. */
export function isShownIn(step: Shown, channel: string): boolean {
  const last = step.recipe.steps.at(-1)
  const evidence = CHANNEL_BY_ID.get(channel)?.evidence ?? 'liquid'
  return last !== undefined && (evidenceOf(last).includes(evidence) || (evidence === 'liquid' && step.test === null))
}
