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
    severity: 'spoils',
    applies: failed('blank'),
  },
  {
    id: 'known-does-not-show',
    severity: 'spoils',
    applies: failed('positive'),
  },
  {
    id: 'known-without-it-shows',
    severity: 'spoils',
    applies: failed('negative'),
  },
]
