import { isTest } from '../../notebook'
import type { TraceStep } from '../../deduction'
import {
  adding,
  adds,
  addsReagent,
  amountOf,
  bringsSulfide,
  doing,
  history,
  holds,
  isAcid,
  isBase,
  isParted,
  pouredBefore,
  reagentId,
  sinceLast,
  standsUnboiled,
  type Page,
  type WorkRule,
  boiling,
  changing,
  inserting,
  instead,
  pouring,
  poursReagent,
} from './work'
import { acidifiedLater } from './acids'
import type { Step } from '../../tube'

const LIKELY = 0.3
const MAY_BE = 0.05
/** What sets an acidity between that of acids and of bases. */
const BUFFERS: readonly string[] = ['ammonium-acetate', 'sodium-acetate']
/** pH beyond which the acid is too weak for the second group alone, and below which it is too strong for the last of it. */
const TOO_WEAK_pH = 1.3
const TOO_STRONG_pH = -0.15
/** pH from which on sulfide is brought in for the fourth group, on purpose. */
const AMMONIACAL_pH = 6
/** mol/L of ammonium that keeps magnesium and manganese up. */
const ENOUGH_AMMONIUM = 0.05
/** pH below which an acid, taken up with ammonia, leaves ammonium enough. */
const MUCH_ACID_pH = 0
/** mol/L of ammonia that begins to take aluminium and chromium up again, and to bring down what should stay. */
const MUCH_AMMONIA = 1.5

const isSulfideStep = (step: TraceStep): boolean => {
  const now = doing(step)
  return now !== undefined && bringsSulfide(now)
}
const isNitric = (s: Step): boolean => poursReagent('nitric-acid')(s) || (s.do === 'dissolve' && reagentId(s.in) === 'nitric-acid')
const oxidises = (s: Step): boolean => s.do === 'add' && ['nitric-acid', 'hydrogen-peroxide', 'bromine-water'].includes(reagentId(s.reagent))

/** Ammonia that goes into a liquid freed of the sulfide group, or in which sulfide brought nothing down from acid: the third group is meant. */
const forThirdGroup = (step: TraceStep): boolean =>
  addsReagent(step, 'ammonia') && history(step).some(bringsSulfide) && (isParted(step) || pouredBefore(step).some(isAcid))
/** Ammonia after ammonium chloride, or just enough of it to a bare portion of a mixture: the third group is meant there, too, where no sulfide went before. */
const meansThirdGroup = (step: TraceStep, page: Page): boolean => {
  if (forThirdGroup(step)) return true
  const poured = pouredBefore(step)
  return (
    addsReagent(step, 'ammonia') &&
    (poured.some((reagent) => reagentId(reagent) === 'ammonium-chloride') ||
      (page.notebook.case.kind === 'mixture' && poured.length === 0 && adding(step)?.until === 'just-basic'))
  )
}
/** Sulfide as hydrogen sulfide, which is weak where nothing sets the acid. */
const isAcidSulfide = (step: TraceStep): boolean => {
  const now = doing(step)
  return now?.do === 'pass' ? now.gas === 'H2S' : addsReagent(step, 'hydrogen-sulfide-water', 'thioacetamide')
}
/** A liquid or solid of the fifth group, brought down as carbonate and taken up in acetic acid. */
const inFifthGroup = (step: TraceStep): boolean => {
  const poured = pouredBefore(step).map(reagentId)
  return isParted(step) && poured.includes('acetic-acid') && (poured.includes('ammonium-carbonate') || poured.includes('sodium-carbonate'))
}

export const GROUP_RULES: readonly WorkRule[] = [
  {
    id: 'nitric-acid-before-sulfide',
    severity: 'spoils',
    undo: instead(['nitric-acid'], 'HCl 0.5 M'),
    applies: ({ did, steps, page }) =>
      !isTest(did) && steps.some((step) => isSulfideStep(step) && standsUnboiled(history(step), isNitric) && (page.pHBefore(step) ?? 7) < 2),
  },
  {
    id: 'too-acid-for-sulfide',
    severity: 'spoils',
    applies: ({ did, steps, page }) => !isTest(did) && steps.some((step) => isSulfideStep(step) && (page.pHBefore(step) ?? 7) < TOO_STRONG_pH),
  },
  {
    id: 'too-weakly-acid-for-sulfide',
    severity: 'spoils',
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some((step) => {
        // The base it was made basic with shows that the fourth group is meant.
        const now = doing(step)
        const acidSource = (now?.do === 'add' && ['hydrogen-sulfide-water', 'thioacetamide'].includes(reagentId(now.reagent))) || now?.do === 'pass'
        const pH = page.pHBefore(step)
        const acidified = pouredBefore(step).some((r) => ['hydrochloric-acid', 'sulfuric-acid', 'acetic-acid'].includes(reagentId(r)))
        const basic = sinceLast(history(step), poursReagent('hydrochloric-acid'))?.some(
          (s) => s.do === 'add' && ['ammonia', 'ammonium-acetate', 'sodium-acetate'].includes(reagentId(s.reagent)),
        )
        return isSulfideStep(step) && acidSource && acidified && basic !== true && pH !== undefined && pH > TOO_WEAK_pH && pH < AMMONIACAL_pH
      }),
  },
  {
    id: 'sulfide-without-acid',
    severity: 'spoils',
    undo: inserting(bringsSulfide, pouring('HCl 2 M', 4)),
    applies: (work) =>
      !isTest(work.did) &&
      work.steps.some(
        (step) =>
          isAcidSulfide(step) &&
          !pouredBefore(step).some((r) => isAcid(r) || isBase(r) || BUFFERS.includes(reagentId(r))) &&
          !acidifiedLater(step, work),
      ),
  },
  {
    id: 'sulfide-not-boiled-off',
    severity: 'spoils',
    undo: inserting(poursReagent('ammonia'), boiling(5)),
    applies: ({ steps, page }) =>
      steps.some((step) => forThirdGroup(step) && standsUnboiled(history(step), bringsSulfide) && (page.pHBefore(step) ?? 7) < 5),
  },
  {
    id: 'iron-not-oxidised',
    severity: 'weakens',
    undo: inserting(poursReagent('ammonia'), pouring('HNO3 conc', 2), boiling(1)),
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some(
        (step) =>
          forThirdGroup(step) &&
          (page.pHBefore(step) ?? 7) < 5 &&
          !standsUnboiled(history(step), bringsSulfide) &&
          !(sinceLast(history(step), bringsSulfide) ?? []).some(oxidises),
      ),
  },
  {
    id: 'ammonium-chloride-left-out',
    severity: 'spoils',
    undo: inserting(poursReagent('ammonia'), pouring('NH4Cl 5 M', 5)),
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some(
        (step) =>
          meansThirdGroup(step, page) &&
          !pouredBefore(step).some((r) => holds(r, 'NH4^+') && reagentId(r) !== 'ammonia') &&
          page.heldBefore(step, 'NH4^+') < ENOUGH_AMMONIUM &&
          // Much acid makes ammonium enough of the ammonia that takes it up.
          (page.pHBefore(step) ?? 0) > MUCH_ACID_pH,
      ),
  },
  {
    id: 'ammonia-in-great-excess',
    severity: 'weakens',
    undo: changing((step) =>
      poursReagent('ammonia')(step) && step.do === 'add' ? { do: 'add', to: step.to, reagent: 'NH3 2 M', until: 'just-basic' } : step,
    ),
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some((step) => {
        const added = adding(step)
        if (!added || !meansThirdGroup(step, page) || added.until !== undefined) return false
        const vessel = page.before(step)
        const mmol = amountOf(added) * (Number(/([\d.]+) ?M/.exec(added.reagent)?.[1]) || (added.reagent.includes('conc') ? 15 : 2))
        return vessel !== undefined && mmol / (vessel.volume_mL + amountOf(added)) > MUCH_AMMONIA
      }),
  },
  {
    id: 'interfering-anion-left',
    severity: 'spoils',
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      page.chance('PO4^3-', 'C2O4^2-', 'F^-', 'H3BO3') >= LIKELY &&
      steps.some(
        (step) =>
          forThirdGroup(step) &&
          (page.pHBefore(step) ?? 7) < 5 &&
          !history(step).some(
            (s) => s.do === 'ignite' || (s.do === 'add' && ['zirconyl-chloride', 'ammonium-molybdate'].includes(reagentId(s.reagent))),
          ),
      ),
  },
  {
    id: 'chromate-without-acetic-acid',
    severity: 'weakens',
    undo: inserting(poursReagent('potassium-chromate'), pouring('acetic acid 2 M', 5), pouring('sodium acetate 1 M', 5)),
    applies: (work) =>
      !isTest(work.did) &&
      work.steps.some((step) => {
        const poured = pouredBefore(step).map(reagentId)
        const carbonates = isParted(step) && poured.includes('ammonium-carbonate')
        const bare = !poured.some((id) => isAcid(id)) && !acidifiedLater(step, work) && work.page.chance('Sr^2+') >= MAY_BE
        return addsReagent(step, 'potassium-chromate') && (carbonates || bare) && !poured.some((id) => id === 'acetic-acid' || BUFFERS.includes(id))
      }),
  },
  {
    id: 'barium-not-removed',
    severity: 'spoils',
    applies: ({ did, steps }) =>
      !isTest(did) &&
      steps.some(
        (step) =>
          inFifthGroup(step) &&
          (adds(step, 'SO4^2-') || adds(step, 'C2O4^2-')) &&
          !addsReagent(step, 'sulfuric-acid') &&
          !pouredBefore(step).some((r) => ['potassium-chromate', 'potassium-dichromate'].includes(reagentId(r))),
      ),
  },
  {
    id: 'iron-masks-cobalt',
    severity: 'spoils',
    undo: inserting(poursReagent('ammonium-thiocyanate', 'potassium-thiocyanate'), pouring('NaF 0.5 M', 10)),
    applies: ({ steps, page }) =>
      page.chance('Fe^3+') >= LIKELY &&
      steps.some((step) => {
        const now = adding(step)
        const solvent = now !== undefined && /pentanol|acetone|ether|isoamyl|amyl/i.test(now.reagent)
        const poured = pouredBefore(step).map(reagentId)
        return solvent && poured.some((id) => id.endsWith('thiocyanate')) && !poured.some((id) => id.includes('fluoride'))
      }),
  },
  {
    id: 'chloride-in-bismuthate-test',
    severity: 'spoils',
    undo: instead(['hydrochloric-acid'], 'HNO3 2 M'),
    applies: ({ did, steps }) =>
      !isTest(did) &&
      steps.some((step) => {
        const now = adding(step)
        return now !== undefined && /bismuthate|NaBiO3|PbO2|lead dioxide/i.test(now.reagent) && pouredBefore(step).some((r) => holds(r, 'Cl^-'))
      }),
  },
  {
    id: 'iron-ii-with-dimethylglyoxime',
    severity: 'weakens',
    applies: ({ steps, page }) => page.chance('Fe^2+') >= LIKELY && steps.some((step) => addsReagent(step, 'dimethylglyoxime')),
  },
]
