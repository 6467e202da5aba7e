import { isTest } from '../../notebook'
import type { TraceStep } from '../../deduction'
import {
  adding,
  amountOf,
  doing,
  history,
  isConcentratedAcid,
  pouredBefore,
  reagentId,
  wrote,
  type Claim,
  type ClaimRule,
  type WorkRule,
  boiling,
  changing,
  dropping,
  inserting,
  pouring,
  poursReagent,
} from './work'

const LIKELY = 0.3
const isPresent = ({ concluded }: Claim): boolean => concluded.claim !== 'absent'

/** Iron(II) under a layer of concentrated sulfuric acid: the ring is made by this step. */
const makesRing = (step: TraceStep): boolean => {
  const added = adding(step)
  return (
    added !== undefined &&
    isConcentratedAcid(added.reagent) &&
    reagentId(added.reagent) === 'sulfuric-acid' &&
    history(step).some((s) => s.do === 'add' && /iron-ii|FeSO4|ferrous/i.test(`${reagentId(s.reagent)} ${s.reagent}`))
  )
}
const cleared = (step: TraceStep, ...reagents: readonly string[]): boolean => pouredBefore(step).some((r) => reagents.includes(reagentId(r)))
const isChromylTry = (step: TraceStep): boolean => {
  const added = adding(step)
  return (
    added !== undefined &&
    isConcentratedAcid(added.reagent) &&
    history(step).some((s) => s.do === 'add' && s.mg !== undefined && /dichromate|K2Cr2O7/i.test(s.reagent))
  )
}

const OXIDISING_HALOGENS: ReadonlySet<string> = new Set(['chlorine-water', 'bromine-water'])
/** As much of it as takes a portion's iodine past the violet. */
const MUCH_OXIDANT_mL = 0.5

export const ANION_RULES: readonly WorkRule[] = [
  {
    id: 'brown-ring-disturbed',
    severity: 'spoils',
    undo: dropping((step) => ['shake', 'warm', 'boil'].includes(step.do)),
    applies: ({ steps, later }) =>
      steps.some(makesRing) &&
      later.some((s) => ['shake', 'warm', 'boil'].includes(doing(s)?.do ?? '')) &&
      !later
        .slice(
          0,
          later.findIndex((s) => ['shake', 'warm', 'boil'].includes(doing(s)?.do ?? '')),
        )
        .some((s) => doing(s)?.do === 'look'),
  },
  {
    id: 'brown-ring-while-hot',
    severity: 'weakens',
    undo: inserting(poursReagent('sulfuric-acid'), (vessel) => ({ do: 'cool', vessel, to: 'room' })),
    applies: ({ steps, page }) => steps.some((step) => makesRing(step) && (page.before(step)?.temperature ?? 25) > 40),
  },
  {
    id: 'nitrite-not-destroyed',
    severity: 'spoils',
    undo: inserting(
      (step) => step.do === 'add' && /iron-ii|FeSO4/i.test(`${reagentId(step.reagent)} ${step.reagent}`),
      pouring('sulfamic acid', 10),
      boiling(2),
      (vessel) => ({ do: 'cool', vessel, to: 'room' }),
    ),
    applies: ({ steps, page }) => page.chance('NO2^-') >= LIKELY && steps.some((step) => makesRing(step) && !cleared(step, 'sulfamic-acid', 'urea')),
  },
  {
    id: 'ring-with-coloured-anions',
    severity: 'spoils',
    applies: ({ steps, page }) => page.chance('Br^-', 'I^-', 'CrO4^2-', 'SCN^-') >= LIKELY && steps.some(makesRing),
  },
  {
    id: 'chromyl-chloride-wet',
    severity: 'spoils',
    applies: ({ did, steps, page }) => !isTest(did) && steps.some((step) => isChromylTry(step) && (page.before(step)?.volume_mL ?? 0) > 0.1),
  },
  {
    id: 'chromyl-chloride-of-heavy-metals',
    severity: 'weakens',
    applies: ({ steps, page }) => page.chance('Hg^2+', 'Hg2^2+', 'Ag^+', 'Pb^2+') >= LIKELY && steps.some(isChromylTry),
  },
  {
    id: 'oxidant-in-excess-for-layer',
    severity: 'spoils',
    undo: changing((step) =>
      poursReagent('chlorine-water', 'bromine-water')(step) && step.do === 'add' ? { do: 'add', to: step.to, reagent: step.reagent, drops: 2 } : step,
    ),
    applies: ({ did, steps, saw }) =>
      !isTest(did) &&
      wrote(saw, 'layer.colour', 'colourless') &&
      steps.some((step) => {
        const oxidant = step.recipe.steps.reduce(
          (sum, s) => sum + (s.do === 'add' && OXIDISING_HALOGENS.has(reagentId(s.reagent)) ? amountOf(s) : 0),
          0,
        )
        return oxidant >= MUCH_OXIDANT_mL
      }),
  },
]

const OXIDANTS = ['chlorine-water', 'bromine-water', 'potassium-permanganate'] as const
/** Whether one of these reagents went into what was looked at. */
const pouredIn = (steps: readonly TraceStep[], ...reagents: readonly string[]): boolean =>
  steps.some((s) => s.recipe.steps.some((p) => p.do === 'add' && reagents.includes(reagentId(p.reagent))))

const HALIDES = ['Cl^-', 'Br^-', 'I^-']
export const ANION_CLAIMS: readonly ClaimRule[] = [
  {
    id: 'molybdate-from-arsenate-or-silicate',
    severity: 'weakens',
    claims: (claim) => {
      const { concluded, cited, page } = claim
      if (!['PO4^3-', 'HPO4^2-', 'phosphate'].includes(concluded.species) || !isPresent(claim)) return false
      const byMolybdate = cited.length > 0 && cited.every(({ steps }) => pouredIn(steps, 'ammonium-molybdate'))
      return byMolybdate && page.chance('AsO4^3-', 'H4SiO4') >= 0.05
    },
  },
  {
    id: 'halide-by-silver-alone',
    severity: 'weakens',
    claims: (claim) => {
      const { concluded, cited, page } = claim
      if (!HALIDES.includes(concluded.species) || !['present', 'confirmed'].includes(concluded.claim)) return false
      const apart = page.seen.some(({ steps }) => pouredIn(steps, ...OXIDANTS) || (pouredIn(steps, 'silver-nitrate') && pouredIn(steps, 'ammonia')))
      const rivals = page.chance(...HALIDES.filter((h) => h !== concluded.species), 'SCN^-')
      return cited.length > 0 && cited.every(({ steps }) => pouredIn(steps, 'silver-nitrate')) && !apart && rivals >= 0.02
    },
  },
  {
    id: 'chloride-beside-other-halides',
    severity: 'weakens',
    claims: (claim) => {
      const { concluded, page } = claim
      if (concluded.species !== 'Cl^-' || concluded.claim === 'may be present') return false
      const others = page.entries.some(
        (e) => 'concluded' in e && ['Br^-', 'I^-', 'SCN^-'].includes(e.concluded.species) && ['present', 'confirmed'].includes(e.concluded.claim),
      )
      return others && !page.steps.some((s) => s.test === 'chloride-beside-bromide-and-iodide' || isChromylTry(s))
    },
  },
  {
    id: 'sulfur-anions-in-one-tube',
    severity: 'weakens',
    claims: ({ concluded, cited, page, entry }) => {
      const kin = ['SO3^2-', 'S^2-', 'HS^-', 'S2O3^2-']
      if (!kin.includes(concluded.species) || concluded.claim === 'absent') return false
      return page.entries.some(
        (e) =>
          e.id !== entry.id &&
          'concluded' in e &&
          kin.includes(e.concluded.species) &&
          e.concluded.species !== concluded.species &&
          e.concluded.claim !== 'absent' &&
          page.citedBy(e.concluded).some(({ steps }) => cited.some((c) => c.steps.some((s) => steps.includes(s)))),
      )
    },
  },
]
