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
    effect: 'Nitric acid oxidises hydrogen sulfide to sulfur: the pale cloud is no sulfide, and the sulfate it makes takes barium away.',
    wayBack: 'Evaporate nearly to dryness with hydrochloric acid, take it up in water, set the acidity, and pass the sulfide again.',
    severity: 'spoils',
    undo: instead(['nitric-acid'], 'HCl 0.5 M'),
    applies: ({ did, steps, page }) =>
      !isTest(did) && steps.some((step) => isSulfideStep(step) && standsUnboiled(history(step), isNitric) && (page.pHBefore(step) ?? 7) < 2),
  },
  {
    id: 'too-acid-for-sulfide',
    effect: 'In acid this strong cadmium, lead and tin stay in solution and turn up in a later group, or nowhere.',
    wayBack: 'Dilute with water, or add ammonia drop by drop, until the acid is about 0.3 mol/L, and pass the sulfide again.',
    severity: 'spoils',
    applies: ({ did, steps, page }) => !isTest(did) && steps.some((step) => isSulfideStep(step) && (page.pHBefore(step) ?? 7) < TOO_STRONG_pH),
  },
  {
    id: 'too-weakly-acid-for-sulfide',
    effect: 'In acid this weak zinc, cobalt and nickel sulfides come down with the second group.',
    wayBack: 'Add dilute hydrochloric acid to 0.3 mol/L and warm: zinc goes back; cobalt and nickel hardly. Better a fresh portion.',
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
    effect: 'Nothing set the acid: zinc, cobalt and nickel sulfides come down beside those of the second group, and the precipitate tells no group.',
    wayBack: 'Take a fresh portion, add dilute hydrochloric acid to about 0.3 mol/L, and pass the sulfide again.',
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
    effect: 'Hydrogen sulfide is still there: with ammonia the sulfides of the fourth group come down among the hydroxides of the third.',
    wayBack: 'Acidify, boil until lead acetate paper stays white, and add the ammonia again.',
    severity: 'spoils',
    undo: inserting(poursReagent('ammonia'), boiling(5)),
    applies: ({ steps, page }) =>
      steps.some((step) => forThirdGroup(step) && standsUnboiled(history(step), bringsSulfide) && (page.pHBefore(step) ?? 7) < 5),
  },
  {
    id: 'iron-not-oxidised',
    effect:
      'Sulfide has made iron(II) of iron(III), and ammonia with ammonium chloride leaves iron(II) partly up: iron is missed, or found again with the fourth group.',
    wayBack: 'Acidify, boil with a few drops of nitric acid until yellow, then ammonium chloride and ammonia.',
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
    effect: 'Without ammonium chloride the ammonia is strong enough to bring magnesium and manganese down with the third group.',
    wayBack: 'Acidify, add ammonium chloride (about 0.3 g to 2 mL), and make it just basic again.',
    severity: 'spoils',
    undo: inserting(poursReagent('ammonia'), pouring('NH4Cl 5 M', 5)),
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some(
        (step) =>
          forThirdGroup(step) &&
          !pouredBefore(step).some((r) => holds(r, 'NH4^+') && reagentId(r) !== 'ammonia') &&
          page.heldBefore(step, 'NH4^+') < ENOUGH_AMMONIUM &&
          // Much acid makes ammonium enough of the ammonia that takes it up.
          (page.pHBefore(step) ?? 0) > MUCH_ACID_pH,
      ),
  },
  {
    id: 'ammonia-in-great-excess',
    effect: 'So much ammonia keeps chromium and some aluminium in solution, and brings manganese down as it browns in air.',
    wayBack: 'Boil the excess off until the smell is faint, and filter at once.',
    severity: 'weakens',
    undo: changing((step) =>
      poursReagent('ammonia')(step) && step.do === 'add' ? { do: 'add', to: step.to, reagent: 'NH3 2 M', until: 'just-basic' } : step,
    ),
    applies: ({ did, steps, page }) =>
      !isTest(did) &&
      steps.some((step) => {
        const added = adding(step)
        if (!added || !forThirdGroup(step) || added.until !== undefined) return false
        const vessel = page.before(step)
        const mmol = amountOf(added) * (Number(/([\d.]+) ?M/.exec(added.reagent)?.[1]) || (added.reagent.includes('conc') ? 15 : 2))
        return vessel !== undefined && mmol / (vessel.volume_mL + amountOf(added)) > MUCH_AMMONIA
      }),
  },
  {
    id: 'interfering-anion-left',
    effect:
      'Phosphate, oxalate, fluoride or borate brings barium, strontium, calcium and magnesium down with the third group, or keeps iron and aluminium up.',
    wayBack:
      'Remove it before this group: oxalate by ignition, fluoride and borate by evaporating with hydrochloric acid, phosphate with zirconyl chloride.',
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
    effect: 'Without acetic acid strontium chromate comes down too: the yellow precipitate is not proof of barium.',
    wayBack: 'Add acetic acid and sodium acetate: what stays is barium chromate.',
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
    effect: 'Barium is still in this solution, and sulfate, gypsum water and oxalate take it for strontium or calcium.',
    wayBack: 'Bring barium down with chromate in acetic acid, part it, bring the rest down as carbonate again, and go on with that.',
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
    effect: 'Iron(III) colours thiocyanate red and hides the blue of cobalt.',
    wayBack: 'Add sodium fluoride until the red is gone, then the solvent again.',
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
    effect: 'Chloride takes up the bismuthate and the permanganate it makes: a colour that does not come says nothing.',
    wayBack: 'Boil to dryness with nitric acid, or use a portion in nitric acid alone.',
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
    effect: 'Iron(II) gives dimethylglyoxime a red of its own in ammonia: it may be taken for nickel.',
    wayBack: 'Oxidise the iron with a drop of peroxide and hold it with tartrate, then ammonia and dimethylglyoxime.',
    severity: 'weakens',
    applies: ({ steps, page }) => page.chance('Fe^2+') >= LIKELY && steps.some((step) => addsReagent(step, 'dimethylglyoxime')),
  },
]
