import { isOf } from '../../channels'
import type { TraceStep } from '../../deduction'
import { isTest, type Observation } from '../../notebook'
import type { Step } from '../../tube'
import { COMPONENTS, findReagent, ionsWith, SOLIDS } from '../../species'
import { adding, amountOf, denied, doing, history, reagentId, wrote, type WorkRule, appending, changing, poursReagent } from './work'

/** Ions whose solids wait to come down, by the gates of the solids themselves. */
const SLOW: readonly (readonly number[])[] = SOLIDS.filter((s) => s.data.gate?.after_min !== undefined).map((s) =>
  s.terms.map(([component]) => component),
)
const COMMON = new Set(['H^+', ...ionsWith('in-every-bottle')].map((ion) => COMPONENTS.indexOf(ion)))

/** Whether a reagent is one half of a solid that is slow to come. */
function isSlow(reagent: string): boolean {
  let totals: Float64Array
  try {
    totals = findReagent(reagent).totals
  } catch {
    return false
  }
  return SLOW.some((components) => components.some((c) => !COMMON.has(c) && (totals[c] ?? 0) > 1e-9))
}

const isAlkali = (step: TraceStep): boolean => {
  const added = adding(step)
  return added !== undefined && added.mg === undefined && ['sodium-hydroxide', 'ammonia', 'potassium-hydroxide'].includes(reagentId(added.reagent))
}
/** The base that was poured last. */
const lastAlkali = (steps: readonly Step[]): string => {
  const step = steps.findLast(poursReagent('sodium-hydroxide', 'ammonia', 'potassium-hydroxide'))
  return step?.do === 'add' ? step.reagent : 'NaOH 2 M'
}
/** mL of the same reagent in the tube by now. */
const sameSoFar = (step: TraceStep): number => {
  const id = reagentId(adding(step)?.reagent ?? '')
  return step.recipe.steps.reduce((sum, s) => sum + (s.do === 'add' && reagentId(s.reagent) === id ? amountOf(s) : 0), 0)
}
/** mL after which a base counts as in excess, on a portion of a millilitre; and as much as a first look allows. */
const EXCESS_mL = 0.5
const FIRST_LOOK_mL = 0.75

/** A portion as it was taken: nothing poured in before. */
const isFresh = (step: TraceStep): boolean =>
  !history(step).some((s) => s.do === 'add') && history(step).some((s) => s.do === 'take' && s.mg === undefined)

/** Clear, with nothing come down; the colour of an ammine tells by itself what was there. */
const isClear = (saw: readonly Observation[]): boolean => {
  const colour = saw.find((o) => o.channel === 'solution.colour' && !o.negated)?.value
  if (colour !== undefined && colour !== 'colourless') return false
  return denied(saw, 'precipitate.present') || (colour !== undefined && !saw.some((o) => isOf(o.channel, 'precipitate')))
}

export const READING_RULES: readonly WorkRule[] = [
  {
    id: 'no-excess-step',
    severity: 'weakens',
    undo: (steps) => appending((to) => ({ do: 'add', to, reagent: lastAlkali(steps), until: 'excess' }))(steps),
    applies: ({ did, steps, saw, last, later }) => {
      if (isTest(did) || last || !saw.some((o) => isOf(o.channel, 'precipitate') && !o.negated)) return false
      // Drop after drop it is still on its way there.
      const latest = later.at(-1)
      if (latest !== undefined && isAlkali(latest)) return false
      const goesOn = later.some((s) => isAlkali(s) && (adding(s)?.until !== undefined || amountOf(adding(s) ?? {}) >= 0.25))
      return !goesOn && steps.some((step) => isAlkali(step) && sameSoFar(step) < EXCESS_mL && adding(step)?.until === undefined)
    },
  },
  {
    id: 'excess-at-once',
    severity: 'weakens',
    undo: changing((step) =>
      step.do === 'add' && poursReagent('sodium-hydroxide', 'ammonia', 'potassium-hydroxide')(step)
        ? { do: 'add', to: step.to, reagent: step.reagent, drops: 3 }
        : step,
    ),
    applies: ({ did, steps, saw, later, last }) =>
      !isTest(did) &&
      // Before it is done nothing was seen of it yet.
      (isClear(saw) || (last && saw.length === 0)) &&
      // Alkali that is warmed for ammonia goes in at once on purpose.
      !later.some((s) => ['warm', 'boil', 'hold', 'smell'].includes(doing(s)?.do ?? '')) &&
      steps.some((step) => isAlkali(step) && isFresh(step) && (amountOf(adding(step) ?? {}) >= FIRST_LOOK_mL || adding(step)?.until === 'excess')),
  },
  {
    id: 'read-too-soon',
    severity: 'weakens',
    undo: appending((vessel) => ({ do: 'stand', vessel, minutes: 15 })),
    applies: ({ did, steps, saw, later, last }) =>
      !isTest(did) &&
      !last &&
      denied(saw, 'precipitate.present') &&
      !later.some((s) => ['stand', 'shake', 'warm', 'boil'].includes(doing(s)?.do ?? '')) &&
      steps.some((step) => {
        const added = adding(step)
        return added !== undefined && added.mg === undefined && isSlow(added.reagent)
      }),
  },
  {
    id: 'nothing-written',
    severity: 'note',
    applies: ({ did, saw, last, later, page, entry }) => {
      if (!isTest(did) || last || later.length > 0) return false
      const places = page.entries.filter((e) => 'did' in e).map((e) => e.id)
      // Somebody who writes up at the end of a stage is not nagged about the test before.
      return saw.length === 0 && places.length - places.indexOf(entry.id) > 3 && page.seen.length > 0
    },
  },
  {
    id: 'amount-without-precipitate',
    severity: 'weakens',
    applies: ({ saw }) => {
      const byStep = new Map<number | undefined, typeof saw>()
      for (const o of saw) byStep.set(o.step, [...(byStep.get(o.step) ?? []), o])
      return [...byStep.values()].some(
        (look) =>
          denied(look, 'precipitate.present') &&
          (wrote(look, 'precipitate.colour') || wrote(look, 'precipitate.habit')) &&
          !wrote(look, 'precipitate.present', 'yes'),
      )
    },
  },
]
