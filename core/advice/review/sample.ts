import { testById, THIS } from '../../catalogue'
import type { TraceStep } from '../../deduction'
import { isTest } from '../../notebook'
import { everyTest } from '../../schemes'
import type { Step } from '../../tube'
import {
  adding,
  addsReagent,
  adds,
  amountOf,
  doing,
  history,
  holds,
  pouredBefore,
  reagentId,
  sinceFirst,
  sinceLast,
  wrote,
  type WorkRule,
  dropping,
  instead,
  pours,
} from './work'

/** Ions that a precipitant of potassium takes for potassium. */
const POTASSIUM_PRECIPITANTS = ['sodium-cobaltinitrite', 'sodium-tetraphenylborate'] as const

const takesPortion = (test: string): boolean => everyTest.get(test)?.steps.some((step) => step.do === 'take' && step.into === THIS) === true
/** Whether a step of a test that no scheme has put something in. */
const pouredByItself = (step: TraceStep): boolean => step.test !== null && testById.has(step.test) && adding(step) !== undefined

const poursAmmonium = (step: Step): boolean =>
  (step.do === 'add' && holds(step.reagent, 'NH4^+')) || (step.do === 'dissolve' && holds(step.in, 'NH4^+'))
/** Boiled with an alkali for so long, a tube gives off no more ammonia, min. */
const UNTIL_NO_AMMONIA_min = 2
const addsAlkali = (step: Step): boolean => step.do === 'add' && ['sodium-hydroxide', 'sodium-carbonate'].includes(reagentId(step.reagent))
/** Whether steps drive ammonium salts off: ignited, or boiled with an alkali. */
function driveAmmoniumOff(steps: readonly Step[]): boolean {
  if (steps.some((step) => step.do === 'ignite')) return true
  const alkaline = sinceFirst(steps, addsAlkali) ?? []
  return alkaline.reduce((minutes, step) => minutes + (step.do === 'boil' ? (step.minutes ?? 1) : 0), 0) >= UNTIL_NO_AMMONIA_min
}
/** Whether an ammonium reagent went in and its salts were not driven off since. */
const ammoniumIsLeft = (steps: readonly Step[]): boolean => {
  const since = sinceLast(steps, poursAmmonium)
  return since !== undefined && !driveAmmoniumOff(since)
}

/** What a step takes of the sample: mL of a solution, mg of a solid. */
function usedBy(step: Step, isSolution: boolean): number {
  if (step.do !== 'dissolve' && step.do !== 'soda-extract' && !(step.do === 'take' && step.from === 'sample')) return 0
  if (!isSolution) return step.mg ?? 0
  return step.do === 'take' ? amountOf(step) : 0
}

export const SAMPLE_RULES: readonly WorkRule[] = [
  {
    id: 'tube-in-use',
    severity: 'spoils',
    // On a filled tube a test goes on from what is there, which is as it should be where a scheme, or free work, filled it.
    applies: ({ entry, did, steps: [first], page }) =>
      isTest(did) &&
      takesPortion(did.test) &&
      first !== undefined &&
      doing(first)?.do !== 'take' &&
      page.until(first).some((step) => step.vessel === first.vessel && step.entry !== entry.id && pouredByItself(step)),
  },
  {
    id: 'ammonium-sought-too-late',
    severity: 'spoils',
    undo: dropping(pours('NH4^+')),
    applies: ({ steps }) =>
      steps.some((step) => {
        const now = doing(step)
        const sought = (now?.do === 'hold' && now.paper === 'red litmus paper') || now?.do === 'smell' || addsReagent(step, 'nessler')
        const poured = pouredBefore(step)
        return sought && poured.some((r) => holds(r, 'NH4^+')) && (addsReagent(step, 'nessler') || poured.some((r) => holds(r, 'Na^+')))
      }),
  },
  {
    id: 'potassium-sought-with-ammonium',
    severity: 'spoils',
    undo: dropping(pours('NH4^+')),
    applies: ({ steps }) => steps.some((step) => addsReagent(step, ...POTASSIUM_PRECIPITANTS) && ammoniumIsLeft(history(step))),
  },
  {
    id: 'alkali-metal-sought-after-its-reagent',
    severity: 'spoils',
    applies: ({ steps, saw }) =>
      steps.some((step) => {
        const poured = pouredBefore(step)
        const now = doing(step)
        const inFlame = now?.do === 'flame' && now.from !== 'sample'
        if (inFlame && wrote(saw, 'flame.colour', 'yellow') && poured.some((r) => holds(r, 'Na^+'))) return true
        if (inFlame && wrote(saw, 'flame.colour', 'violet', 'pink') && poured.some((r) => holds(r, 'K^+'))) return true
        if (addsReagent(step, 'potassium-hexahydroxoantimonate') && poured.some((r) => holds(r, 'Na^+'))) return true
        return addsReagent(step, ...POTASSIUM_PRECIPITANTS) && poured.some((r) => holds(r, 'K^+'))
      }),
  },
  {
    id: 'whole-sample-used',
    severity: 'weakens',
    applies: ({ entry, did, page }) => {
      if (isTest(did)) return false
      const { sample_mL } = page.reasoning.simulations
      const all = sample_mL ?? page.notebook.case.sample.mg
      const taken = page.steps.flatMap((step) => {
        const now = step.test === null ? doing(step) : undefined
        const used = now === undefined ? 0 : usedBy(now, sample_mL !== undefined)
        return used > 0 ? [{ entry: step.entry, used }] : []
      })
      let sum = 0
      const crossing = taken.find(({ used }) => (sum += used) >= all)
      return crossing?.entry === entry.id
    },
  },
  {
    id: 'tap-water-with-silver',
    severity: 'spoils',
    undo: instead(['tap-water'], 'water'),
    applies: ({ steps }) => steps.some((step) => adds(step, 'Ag^+') && pouredBefore(step).some((r) => reagentId(r) === 'tap-water')),
  },
]
