import { isTest } from '../../notebook'
import {
  adding,
  adds,
  addsReagent,
  amountOf,
  doing,
  history,
  holds,
  isAcid,
  isBase,
  isConcentratedAcid,
  pouredBefore,
  reagentId,
  solidTaken,
  type Work,
  type WorkRule,
  boiling,
  inserting,
  instead,
  pouring,
  pours,
} from './work'
import type { TraceStep } from '../../deduction'
import { inGroup, ionsWith } from '../../species'

/** The extract is soda: what was taken from it is alkaline with carbonate until acid goes in. */
const fromExtract = (step: TraceStep): boolean => step.recipe.steps.some((s) => s.do === 'soda-extract')
/** Tests that want silver without acid: thiosulfate is told by how its precipitate darkens. */
const NEUTRAL_ON_PURPOSE: ReadonlySet<string> = new Set(['silver-nitrate-standing'])
/** From this chance on an ion has to be reckoned with. */
const LIKELY = 0.3
/** From here on it is as likely as not. */
const EVEN = 0.5
const MAY_BE = 0.05
/** What chloride brings down, and sulfate. */
const SILVER_GROUP = inGroup('I')
const SULFATE_GROUP = ionsWith('insoluble-sulfate')
/** A speck, mg: a tenth of the usual half gram. */
const SPECK = 60

/** Acid poured on the precipitate afterwards mends a test that was begun without. */
export const acidifiedLater = (step: TraceStep, { steps, later }: Work): boolean =>
  [...steps.slice(steps.indexOf(step) + 1), ...later].some((next) => {
    const added = adding(next)
    return added !== undefined && added.mg === undefined && isAcid(added.reagent) && next.vessel === step.vessel
  })

const dissolvedFreelyIn = ({ did, steps }: Work, acid: string): boolean =>
  !isTest(did) &&
  steps.some((step) => {
    const now = doing(step)
    return now?.do === 'dissolve' && reagentId(now.in) === acid
  })

export const ACID_RULES: readonly WorkRule[] = [
  {
    id: 'silver-without-acid',
    severity: 'weakens',
    // A tube held neutral with acetate on purpose is tried for arsenite, arsenate or chromate, not for a halide.
    undo: inserting(pours('Ag^+'), pouring('HNO3 2 M', 5)),
    applies: (work) =>
      work.steps.some(
        (step) =>
          !NEUTRAL_ON_PURPOSE.has(step.test ?? '') &&
          adds(step, 'Ag^+') &&
          !pouredBefore(step).some((r) => isAcid(r) || holds(r, 'CH3COO^-')) &&
          !acidifiedLater(step, work),
      ),
  },
  {
    id: 'barium-without-acid',
    severity: 'weakens',
    undo: inserting(pours('Ba^2+'), pouring('HCl 2 M', 5)),
    applies: (work) =>
      !isTest(work.did) &&
      work.steps.some(
        (step) =>
          adds(step, 'Ba^2+') &&
          !fromExtract(step) &&
          !pouredBefore(step).some((r) => isAcid(r) || isBase(r) || holds(r, 'CH3COO^-')) &&
          !acidifiedLater(step, work),
      ),
  },
  {
    id: 'extract-not-acidified',
    severity: 'spoils',
    undo: inserting(pours('Ag^+', 'Ba^2+'), (to) => ({ do: 'add', to, reagent: 'HNO3 2 M', until: 'just-acidic' }), boiling(1)),
    applies: ({ steps }) =>
      steps.some((step) => fromExtract(step) && (adds(step, 'Ag^+') || adds(step, 'Ba^2+')) && !pouredBefore(step).some(isAcid)),
  },
  {
    id: 'wrong-acid-before-silver',
    severity: 'spoils',
    undo: instead(['hydrochloric-acid'], 'HNO3 2 M'),
    applies: ({ steps }) => steps.some((step) => adds(step, 'Ag^+') && pouredBefore(step).some((r) => isAcid(r) && holds(r, 'Cl^-'))),
  },
  {
    id: 'wrong-acid-before-barium',
    severity: 'spoils',
    undo: instead(['sulfuric-acid'], 'HNO3 2 M'),
    applies: ({ steps }) => steps.some((step) => adds(step, 'Ba^2+') && pouredBefore(step).some((r) => isAcid(r) && holds(r, 'SO4^2-'))),
  },
  {
    id: 'barium-chloride-with-silver-group',
    severity: 'spoils',
    undo: instead(['barium-chloride'], 'Ba(NO3)2 0.1 M'),
    // Before the drop falls it is enough that they may be there; an extract holds none of them.
    applies: ({ did, steps, page, last }) => {
      const isAcidified = steps.some((step) => adds(step, 'Ba^2+', 'Cl^-') && pouredBefore(step).some((r) => isAcid(r) && !holds(r, 'SO4^2-')))
      const least = last && isAcidified && !isTest(did) ? MAY_BE : EVEN
      return steps.some((step) => adds(step, 'Ba^2+', 'Cl^-') && (least === EVEN || !fromExtract(step))) && page.chance(...SILVER_GROUP) >= least
    },
  },
  {
    id: 'nitric-acid-makes-sulfate',
    severity: 'spoils',
    undo: (steps) => instead(['nitric-acid'], 'HCl 2 M')(instead(['barium-nitrate'], 'BaCl2 0.1 M')(steps)),
    applies: ({ did, steps, page, last }) => {
      const nitric = steps.filter((step) => adds(step, 'Ba^2+') && pouredBefore(step).some((r) => reagentId(r) === 'nitric-acid'))
      // Boiled with it, what may be there is made sulfate; cold and dilute it is what the book asks for.
      const isHot = !isTest(did) && last && nitric.some((step) => history(step).some((s) => s.do === 'boil' || s.do === 'warm'))
      return nitric.length > 0 && page.chance('SO3^2-', 'HS^-', 'S2O3^2-') >= (isHot ? MAY_BE : LIKELY)
    },
  },
  {
    id: 'concentrated-acid-untried',
    severity: 'weakens',
    applies: ({ steps, page }) =>
      steps.some((step) => {
        const added = adding(step)
        if (!added || !isConcentratedAcid(added.reagent) || solidTaken(step) <= SPECK) return false
        return !page
          .until(step)
          .slice(0, -1)
          .some((s) => {
            const earlier = adding(s)
            return earlier !== undefined && isConcentratedAcid(earlier.reagent) && solidTaken(s) > 0 && solidTaken(s) <= SPECK
          })
      }),
  },
  {
    id: 'concentrated-acid-on-oxidiser',
    severity: 'spoils',
    applies: ({ steps, page }) =>
      page.chance(...ionsWith('explodes-with-acid')) >= LIKELY &&
      steps.some((step) => {
        const added = adding(step)
        return added !== undefined && isConcentratedAcid(added.reagent) && solidTaken(step) > 0
      }),
  },
  {
    id: 'gas-counted-twice',
    severity: 'note',
    applies: ({ entry, steps, saw, page }) => {
      const concentrated = steps.some((step) => [...pouredBefore(step), adding(step)?.reagent ?? ''].some(isConcentratedAcid))
      if (!concentrated) return false
      const named = saw.filter((o) => o.channel === 'gas.species' && !o.negated).map((o) => o.value)
      return page.seen.some(
        ({ observation: o, steps: of }) =>
          o.channel === 'gas.species' &&
          !o.negated &&
          named.includes(o.value) &&
          of.length > 0 &&
          of.every((s) => s.entry !== entry.id && !pouredBefore(s).some(isConcentratedAcid)) &&
          of.some((s) => [...pouredBefore(s), adding(s)?.reagent ?? ''].some(isAcid)),
      )
    },
  },
  {
    id: 'hydrochloric-acid-as-solvent',
    severity: 'weakens',
    undo: instead(['hydrochloric-acid'], 'HNO3 2 M'),
    applies: (work) => dissolvedFreelyIn(work, 'hydrochloric-acid') && work.page.chance(...SILVER_GROUP) >= MAY_BE,
  },
  {
    id: 'sulfuric-acid-as-solvent',
    severity: 'weakens',
    undo: instead(['sulfuric-acid'], 'HNO3 2 M'),
    applies: (work) => dissolvedFreelyIn(work, 'sulfuric-acid') && work.page.chance(...SULFATE_GROUP) >= MAY_BE,
  },
  {
    id: 'acid-and-alkali-swamp-the-tube',
    severity: 'weakens',
    applies: ({ did, steps }) =>
      !isTest(did) &&
      steps.some((step) => {
        const added = adding(step)
        const before = history(step)
        // What is taken back with a base was too much of the acid; a first acid or base may yet be part of the test.
        const takesBack = added !== undefined && isBase(added.reagent) && before.some((s) => s.do === 'add' && isAcid(s.reagent))
        if (!added || isAcid(added.reagent) || (isBase(added.reagent) && !takesBack)) return false
        const portion = before.reduce((sum, s) => sum + (s.do === 'take' ? amountOf(s) : 0), 0)
        const poured = before.reduce((sum, s) => sum + (s.do === 'add' && (isAcid(s.reagent) || isBase(s.reagent)) ? amountOf(s) : 0), 0)
        return portion > 0 && !before.some((s) => s.do === 'concentrate') && poured >= 3 && poured >= 4 * portion
      }),
  },
  {
    id: 'oxidant-with-warm-hydrochloric-acid',
    severity: 'note',
    undo: instead(['hydrochloric-acid'], 'H2SO4 1 M'),
    applies: ({ did, steps }) =>
      !isTest(did) &&
      steps.some(
        (step) =>
          addsReagent(step, 'potassium-dichromate', 'potassium-permanganate') &&
          pouredBefore(step).some((r) => reagentId(r) === 'hydrochloric-acid') &&
          history(step).some((s) => s.do === 'boil' || s.do === 'warm'),
      ),
  },
]
