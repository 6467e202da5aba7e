import { expand, FUSION_EXTRACT, type Test, type Volumes } from '../catalogue'
import { chanceOf, compoundNamed, liquidOf, type Believed } from '../deduction'
import { apartFromControls, asAmended, isTest, type Case, type Did, type Entry, type TestDone } from '../notebook'
import { everyTest, isOfWhatCameDown, type SchemeTest } from '../schemes'
import { notFusable, structureOf, type Structure } from '../structure'
import { SAMPLE, type StepInput } from '../tube'
import { momentsOf, type Moment } from './moments'
import { hasTrait, ION_IDS, ionName, IONS, ionsWith, type IonTrait } from '../species'

/** Something to stop at before a test: what could happen, with which ions, and what is asked for first. */
export interface StopGate {
  readonly id: string
  readonly says: string
  readonly asks: string
  /** Ions that make it dangerous; the gate stands where one of them may be there. */
  readonly ions: readonly string[]
  /** The same of an organic compound: whether it is one that makes the test dangerous. */
  readonly compound?: (structure: Structure) => boolean
  /** From this probability of a dangerous ion on it stands; from a trace of it on, unless said. */
  readonly standsFrom?: number
  /** From this probability on the test is not proposed at all; undefined where it may be done guarded. */
  readonly holdsFrom?: number
  readonly applies: (steps: readonly StepInput[]) => boolean
  /** What has to be answered before it opens; undefined where to have read it is enough. */
  readonly wants?: 'compound' | 'speck'
}

/** What somebody answers a gate with: the structure or name of the compound, that it is of no class that may not be fused, or that a speck was tried. It stands with the work in the notebook. */
export type GateAnswer = NonNullable<TestDone['gate']>

/** Strong acid from here on burns and spits, mol/L: hydrochloric, nitric and sulfuric acid as they come, and what is mixed or boiled down to as much. */
const CONCENTRATED_M = 7
/** Strong acid that drives weak acids out, mol/L. */
const STRONG_M = 0.05

const some = (steps: readonly StepInput[], is: (moment: Moment) => boolean): boolean => momentsOf(steps).some(is)
const isConcentrated = ({ strongAcid }: Moment): boolean => strongAcid >= CONCENTRATED_M
const isConcentratedSulfuric = (moment: Moment): boolean => isConcentrated(moment) && moment.sulfate >= CONCENTRATED_M / 2
const onSolid = ({ solid_mg }: Moment): boolean => solid_mg > 0
const does = (steps: readonly StepInput[], what: StepInput['do']): boolean => steps.some((s) => s.do === what)
/** Whether a vessel that was boiled down holds sulfuric acid that is strong by then, or made so. */
const boiledDownInAcid = (steps: readonly StepInput[]): boolean => does(steps, 'concentrate') && some(steps, isConcentratedSulfuric)
/** Whether sulfur dioxide destroyed what oxidises before. */
const reducedFirst = (steps: readonly StepInput[]): boolean => some(steps, ({ sulfurDioxide }) => sulfurDioxide > 0)
const fusesWithSodium = (steps: readonly StepInput[]): boolean => steps.some((s) => s.do === 'fuse' && s.with !== 'zinc-carbonate')
const HOOD = 'Goggles, gloves and the hood; a supervisor where the class says so.'

/** The names of the ions with a trait: one of them, or all. */
const oneOf = (trait: IonTrait): string => new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(ionsWith(trait).map(ionName))
const allOf = (trait: IonTrait): string => new Intl.ListFormat('en-GB').format(ionsWith(trait).map((id) => `${ionName(id)}s`))
const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** From here on an ion is likely enough to be warned of before anything is done. */
const LIKELY = 0.2

/** Source: the usual rules of the teaching laboratory; local codes and the supervisor come first. */
export const STOP_GATES: readonly StopGate[] = [
  {
    id: 'never-fused-with-sodium',
    says: 'Nitroalkanes, polynitro compounds, azides, diazo compounds, peroxides, chloroform, carbon tetrachloride and their like explode with sodium.',
    asks: 'Not fused with sodium while one of these is likely: zinc with sodium carbonate serves instead.',
    ions: [],
    compound: (structure) => notFusable(structure) !== null,
    holdsFrom: 0.04,
    applies: fusesWithSodium,
  },
  {
    id: 'sodium-metal',
    says: 'Sodium catches fire with water, and the hot tube may burst when it is plunged.',
    asks: `Dry sodium, no water near; the tube plunged under a gauze, away from every face; what is left is destroyed with propan-2-ol when cold. ${HOOD}`,
    ions: [],
    applies: fusesWithSodium,
    wants: 'compound',
  },
  {
    id: 'fusion-extract-with-acid',
    says: 'The extract of a fusion holds cyanide and sulfide: acid frees their gases.',
    asks: `A portion, never the whole. ${HOOD}`,
    ions: [],
    applies: (steps) => some(steps, ({ from, acid }) => from.has(FUSION_EXTRACT) && acid > STRONG_M),
  },
  {
    id: 'chlorate-or-permanganate-with-concentrated-acid',
    says: `A ${oneOf('explodes-with-acid')} explodes with concentrated acid.`,
    asks: 'Not done until they are ruled out: heat a speck dry for oxygen, look at the colour of the solution.',
    ions: ionsWith('explodes-with-acid'),
    holdsFrom: 0.003,
    applies: (steps) => some(steps, (moment) => onSolid(moment) && isConcentrated(moment)),
  },
  {
    id: 'chlorate-or-permanganate-boiled-down-with-concentrated-acid',
    says: `A solution of ${oneOf('explodes-with-acid')}, boiled down, goes off with concentrated sulfuric acid.`,
    asks: 'Not done while one of them is likely: look at the colour, seek the halogen with silver after reduction. Drops, goggles, a shield.',
    ions: ionsWith('explodes-with-acid'),
    holdsFrom: 0.1,
    // Not where sulfur dioxide destroys them first.
    applies: (steps) => boiledDownInAcid(steps) && !reducedFirst(steps),
  },
  {
    id: 'chromate-boiled-down-with-acid-and-alcohol',
    says: 'Chromate, boiled down and made acid with concentrated sulfuric acid, sets alcohol on fire.',
    asks: 'Not done while chromate is likely: a yellow solution that acid turns orange holds it. Reduce it first, or prove the anion another way.',
    ions: ionsWith('chromium-vi'),
    holdsFrom: 0.1,
    applies: (steps) => boiledDownInAcid(steps) && some(steps, ({ alcohol }) => alcohol > 0) && !reducedFirst(steps),
  },
  {
    id: 'nitrate-fused-with-organic-or-sulfide',
    says: 'Nitrate fused with something that burns can explode.',
    asks: 'Not done while an organic salt, sulfide, thiocyanate or hexacyanoferrate is likely.',
    ions: ionsWith('burns'),
    holdsFrom: 0.5,
    applies: (steps) => some(steps, ({ step, strewn }) => step.do === 'ignite' && (strewn.has('NO3^-') || strewn.has('ClO3^-'))),
  },
  {
    id: 'concentrated-acid-on-untested-solid',
    says: 'Concentrated acid on a solid nobody has tried spits.',
    asks: `A speck first, the mouth of the tube away from everybody. ${HOOD}`,
    ions: [],
    applies: (steps) => some(steps, (moment) => onSolid(moment) && isConcentrated(moment)),
    wants: 'speck',
  },
  {
    id: 'fluoride-with-acid',
    says: 'Fluoride with acid gives hydrogen fluoride.',
    asks: `A plastic dish, calcium gluconate gel at hand. ${HOOD}`,
    ions: ionsWith('gives-hydrogen-fluoride'),
    applies: (steps) => some(steps, ({ strongAcid }) => strongAcid > STRONG_M),
  },
  {
    id: 'cyanide-from-complexes',
    says: 'Hexacyanoferrate or thiocyanate with warm or concentrated acid gives hydrogen cyanide, carbon monoxide or carbonyl sulfide.',
    asks: `Never smelt. ${HOOD}`,
    ions: ionsWith('gives-cyanide'),
    applies: (steps) => some(steps, (moment) => isConcentrated(moment) || (moment.strongAcid > STRONG_M && moment.heat !== 'none')),
  },
  {
    id: 'oxalate-with-concentrated-acid',
    says: 'Oxalate with concentrated acid gives carbon monoxide.',
    asks: HOOD,
    ions: ionsWith('gives-carbon-monoxide'),
    applies: (steps) => some(steps, isConcentratedSulfuric),
  },
  {
    id: 'nitrate-heated-strongly',
    says: 'Nitrates, ammonium nitrate above all, are heated a speck at a time and never closed.',
    asks: 'Goggles and a shield; no more than the amount given.',
    ions: ionsWith('heated-with-care'),
    applies: (steps) => steps.some((s) => s.do === 'ignite' && s.heat !== 'gently'),
  },
  {
    id: 'oxidiser-on-charcoal',
    says: sentence(`${allOf('flares-on-charcoal')} flare on charcoal.`),
    asks: 'Heat the sample dry first; a speck, goggles, face away.',
    ions: ionsWith('flares-on-charcoal'),
    applies: (steps) => does(steps, 'charcoal'),
  },
  ...ION_IDS.flatMap((id) => {
    const { caution } = IONS[id]
    return caution ? [{ ...caution, ions: [id], standsFrom: LIKELY, applies: () => true }] : []
  }),
]

/** From this probability of a dangerous ion on a gate stands. */
export const WORTH_A_GATE = 0.003

/** A gate as it stands before a test: of what is feared, what can be where the test is done. */
function gateAt(gate: StopGate, test: Test): StopGate {
  if (!('separation' in test) || !isOfWhatCameDown(test as SchemeTest)) return gate
  return { ...gate, ions: gate.ions.filter((ion) => !hasTrait(ion, 'always-dissolved')) }
}

const standsAlways = (gate: StopGate): boolean => gate.ions.length === 0 && !gate.compound
/** Probability that the jar holds what a gate is there for. */
function chanceAt({ ions, compound }: StopGate, reasoning: Believed): number {
  if (!compound) return chanceOf(ions, reasoning)
  return reasoning.hypotheses.reduce((sum, { content: { jar } }, h) => {
    const smiles = jar && 'organic' in jar ? jar.organic.smiles : undefined
    return sum + (smiles !== undefined && compound(structureOf(smiles)) ? (reasoning.posterior[h] as number) : 0)
  }, 0)
}

/** The gates in front of a test, given what may be in the jar. */
export const gatesOf = (test: Test, reasoning: Believed): readonly StopGate[] =>
  STOP_GATES.filter(
    (gate) => gate.applies(test.steps) && (standsAlways(gate) || chanceAt(gateAt(gate, test), reasoning) >= (gate.standsFrom ?? WORTH_A_GATE)),
  )

/** The gate that keeps a test from being proposed at all; undefined where none does. */
export const heldBy = (test: Test, reasoning: Believed): StopGate | undefined =>
  STOP_GATES.find((gate) => gate.holdsFrom !== undefined && gate.applies(test.steps) && chanceAt(gateAt(gate, test), reasoning) >= gate.holdsFrom)

/** As much of a solid as a first try with concentrated acid takes, mg. */
export const SPECK_mg = 10

/** Whether some steps put concentrated acid on more of the solid than a speck. */
const onMoreThanASpeck = (steps: readonly StepInput[]): boolean => some(steps, (moment) => moment.solid_mg > SPECK_mg && isConcentrated(moment))
/** Whether a speck was tried so, in some steps of its own. */
const triesASpeck = (steps: readonly StepInput[]): boolean =>
  some(steps, (moment) => onSolid(moment) && isConcentrated(moment)) && !onMoreThanASpeck(steps)

/** The gates that stay shut before some steps until they are answered, given the steps of each piece of work before them, as it was done. */
export const shutBefore = (steps: readonly StepInput[], before: readonly (readonly StepInput[])[]): readonly StopGate[] =>
  STOP_GATES.filter(({ wants, applies }) =>
    wants === 'compound'
      ? applies(steps)
      : wants === 'speck' && onMoreThanASpeck(steps) && !before.some((earlier) => triesASpeck(earlier) || onMoreThanASpeck(earlier)),
  )

/** The classes that may not be melted with sodium, as they are asked for. Source: as for `notFusable`. */
export const NEVER_FUSED = [
  'a nitroalkane, or a compound with several nitro groups',
  'an azide, a diazo or a diazonium compound',
  'a peroxide',
  'a nitrate of an organic base',
  'chloroform, carbon tetrachloride, or another liquid with many halogens',
] as const

/**
 * Why a gate stays shut after an answer; null where it opens.
 * @throws UnreadStructure for a structure that cannot be read
 */
export function staysShut({ wants }: Pick<StopGate, 'wants'>, { compound, noneOfThese, speckTried }: GateAnswer): string | null {
  if (wants === undefined) return null
  if (wants === 'speck') return speckTried === true ? null : 'a speck is tried first'
  if (compound === undefined || compound.trim() === '')
    return noneOfThese === true ? null : 'the structure or the name of the compound, or that it is none of these'
  return notFusable(structureOf(compoundNamed(compound)?.smiles ?? compound))
}

/**
 * The gates that stay shut before the next piece of work in a notebook, until they are answered. What was answered once for the jar stays answered.
 * @throws UnknownTest for a test that is not in the catalogue
 */
export function gatesBefore(did: Did, notebook: { readonly case: Case; readonly entries: readonly Entry[] }): readonly StopGate[] {
  const volumes: Volumes = new Map()
  const mL = liquidOf(notebook)
  if (mL !== undefined) volumes.set(SAMPLE, mL)
  const stepsOf = (work: Did): StepInput[] => expand(work, volumes, everyTest).map(({ step }) => step)
  const answered: GateAnswer[] = []
  const before: StepInput[][] = []
  for (const { entry, withdrawn } of apartFromControls(asAmended({ entries: [...notebook.entries] })).own) {
    if (!('did' in entry) || withdrawn) continue
    if (isTest(entry.did) && entry.did.gate) answered.push(entry.did.gate)
    before.push(stepsOf(entry.did))
  }
  const opened = (gate: StopGate): boolean =>
    answered.some((answer) => {
      try {
        return staysShut(gate, answer) === null
      } catch {
        return false
      }
    })
  return shutBefore(stepsOf(did), before).filter((gate) => !opened(gate))
}
