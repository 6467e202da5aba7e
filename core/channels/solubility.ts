import { defineChannel, YES } from './define'
import { sayDissolving } from './dissolving'
import { table } from './errors/words'

/** How often an organic compound is said to dissolve, by whether it does. */
const OF_COMPOUND = {
  yes: { yes: 0.9, partly: 0.08, no: 0.02 },
  partly: { yes: 0.25, partly: 0.5, no: 0.25 },
  no: { yes: 0.03, partly: 0.12, no: 0.85 },
} as const
/** The same of a salt, by what is left of it. */
const ALL_GONE = { yes: 0.95, partly: 0.04, no: 0.01 }
const LITTLE_LEFT = { no: 0.3, partly: 0.6, yes: 0.1 }
const MUCH_LEFT = { no: 0.85, partly: 0.13, yes: 0.02 }

export const solubility = defineChannel({
  id: 'solubility',
  label: 'dissolves',
  values: YES,
  of: 'liquid',
  evidence: 'liquid',
  read: ({ soluble }) => soluble && { value: soluble },
  say: sayDissolving,
  compare: ({ percept: { soluble, solution, deposit } }) =>
    soluble ? table(OF_COMPOUND[soluble], 0.01) : solution && table(!deposit ? ALL_GONE : deposit.amount === 'heavy' ? MUCH_LEFT : LITTLE_LEFT, 0.01),
})
