import { dissolvedSince, type Percept } from '../perception'
import { defineChannel, YES } from './define'
import { sayDissolving } from './dissolving'
import { table } from './errors/words'

/** How often a precipitate that dissolves, partly dissolves or stays is said to do each. */
const CALLED = {
  yes: { yes: 0.85, partly: 0.12, no: 0.03 },
  partly: { yes: 0.3, partly: 0.55, no: 0.15 },
  no: { yes: 0.02, partly: 0.08, no: 0.9 },
} as const
/** The same where what was there is gone, and something else lies there now. */
const ANOTHER = { yes: 0.5, partly: 0.15, no: 0.35 }
const isAnother = ({ precipitates }: Percept, before: Percept | null): boolean =>
  before?.precipitates.every(({ species }) => !precipitates.some((p) => p.species === species)) === true

export const precipitateDissolves = defineChannel({
  id: 'precipitate.dissolves',
  label: 'precipitate dissolves',
  values: YES,
  of: 'precipitate',
  evidence: 'liquid',
  plain: true,
  read: ({ precipitate, dissolves }) => dissolves && { value: precipitate ? dissolves : 'yes' },
  say: sayDissolving,
  compare: ({ percept, before }) => {
    const state = dissolvedSince(percept, before)
    return state && table(state === 'no' && isAnother(percept, before) ? ANOTHER : CALLED[state], 0.01)
  },
})
