import type { ControlVerdict } from '../../deduction'
import type { Work, WorkRule } from './work'

const failed =
  (kind: ControlVerdict['kind']) =>
  ({ entry, page }: Work): boolean =>
    page.reasoning.discarded.get(entry.id)?.kind === kind

/** What the tubes beside the sample say of the run. */
export const CONTROL_RULES: readonly WorkRule[] = [
  {
    id: 'blank-not-blank',
    effect:
      'The blank, with water in place of the sample, shows what water cannot: a reagent, the water or the tube is contaminated. The run counts for nothing; it is kept with this reason.',
    wayBack: 'Clean tubes, fresh water, a fresh bottle: the blank first, and once it is blank the sample again beside it.',
    severity: 'spoils',
    applies: failed('blank'),
  },
  {
    id: 'known-does-not-show',
    effect:
      'The known positive beside it does not show what it must: the reagent has gone stale or a condition was missed, so that what the sample showed, or did not, says nothing. The run counts for nothing; it is kept with this reason.',
    wayBack: 'A fresh bottle, the conditions of the test once more, the known first; then the sample again beside it.',
    severity: 'spoils',
    applies: failed('positive'),
  },
  {
    id: 'known-without-it-shows',
    effect:
      'The known negative beside it shows what it must not: something in the bottles or the tubes answers for the sample. The run counts for nothing; it is kept with this reason.',
    wayBack: 'Clean tubes and fresh bottles; then known and sample again, side by side.',
    severity: 'spoils',
    applies: failed('negative'),
  },
]
