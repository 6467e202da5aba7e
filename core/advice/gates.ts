import { message, say, type Message, type MessageValue } from '../messages'
import { expand, FUSION_EXTRACT, type Test, type Volumes } from '../catalogue'
import { chanceOf, compoundNamed, liquidOf, type Believed } from '../deduction'
import { apartFromControls, asAmended, isTest, testDoneSchema, type Case, type Did, type Entry, type TestDone } from '../notebook'
import { everyTest, isOfWhatCameDown, type SchemeTest } from '../schemes'
import { notFusable, structureOf, type Structure } from '../structure'
import { SAMPLE, type StepInput } from '../tube'
import { momentsOf, type Moment } from './moments'
import { hasTrait, ION_IDS, ionName, IONS, ionsWith, type IonTrait } from '../species'

/** Something to stop at before a test: what could happen, with which ions, and what is asked for first. */
export interface StopGate {
  readonly id: string
  readonly says: Message
  readonly asks: Message
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
const HOOD = { hood: message('gate.hood') }

/** The names of the ions with a trait: one of them, or all. */
const oneOf = (trait: IonTrait): MessageValue => ({ list: ionsWith(trait).map(ionName), type: 'disjunction' })
const allOf = (trait: IonTrait): MessageValue => ({ list: ionsWith(trait).map((id) => `${ionName(id)}s`), type: 'conjunction' })

/** From here on an ion is likely enough to be warned of before anything is done. */
const LIKELY = 0.2

/** What could happen, and what is asked for first, in words. */
export const sayGate = ({ says, asks }: Pick<StopGate, 'says' | 'asks'>): { readonly says: string; readonly asks: string } => ({
  says: say(says),
  asks: say(asks),
})

/** The same as one paragraph. */
export const warningOf = (gate: Pick<StopGate, 'says' | 'asks'>): string => Object.values(sayGate(gate)).join(' ')

/** Source: the usual rules of the teaching laboratory; local codes and the supervisor come first. */
export const STOP_GATES: readonly StopGate[] = [
  {
    id: 'never-fused-with-sodium',
    says: message('gate.never-fused-with-sodium.says'),
    asks: message('gate.never-fused-with-sodium.asks'),
    ions: [],
    compound: (structure) => notFusable(structure) !== null,
    holdsFrom: 0.04,
    applies: fusesWithSodium,
  },
  {
    id: 'sodium-metal',
    says: message('gate.sodium-metal.says'),
    asks: message('gate.sodium-metal.asks', HOOD),
    ions: [],
    applies: fusesWithSodium,
    wants: 'compound',
  },
  {
    id: 'fusion-extract-with-acid',
    says: message('gate.fusion-extract-with-acid.says'),
    asks: message('gate.fusion-extract-with-acid.asks', HOOD),
    ions: [],
    applies: (steps) => some(steps, ({ from, acid }) => from.has(FUSION_EXTRACT) && acid > STRONG_M),
  },
  {
    id: 'chlorate-or-permanganate-with-concentrated-acid',
    says: message('gate.chlorate-or-permanganate-with-concentrated-acid.says', { ions: oneOf('explodes-with-acid') }),
    asks: message('gate.chlorate-or-permanganate-with-concentrated-acid.asks'),
    ions: ionsWith('explodes-with-acid'),
    holdsFrom: 0.003,
    applies: (steps) => some(steps, (moment) => onSolid(moment) && isConcentrated(moment)),
  },
  {
    id: 'chlorate-or-permanganate-boiled-down-with-concentrated-acid',
    says: message('gate.chlorate-or-permanganate-boiled-down-with-concentrated-acid.says', { ions: oneOf('explodes-with-acid') }),
    asks: message('gate.chlorate-or-permanganate-boiled-down-with-concentrated-acid.asks'),
    ions: ionsWith('explodes-with-acid'),
    holdsFrom: 0.1,
    // Not where sulfur dioxide destroys them first.
    applies: (steps) => boiledDownInAcid(steps) && !reducedFirst(steps),
  },
  {
    id: 'chromate-boiled-down-with-acid-and-alcohol',
    says: message('gate.chromate-boiled-down-with-acid-and-alcohol.says'),
    asks: message('gate.chromate-boiled-down-with-acid-and-alcohol.asks'),
    ions: ionsWith('chromium-vi'),
    holdsFrom: 0.1,
    applies: (steps) => boiledDownInAcid(steps) && some(steps, ({ alcohol }) => alcohol > 0) && !reducedFirst(steps),
  },
  {
    id: 'nitrate-fused-with-organic-or-sulfide',
    says: message('gate.nitrate-fused-with-organic-or-sulfide.says'),
    asks: message('gate.nitrate-fused-with-organic-or-sulfide.asks'),
    ions: ionsWith('burns'),
    holdsFrom: 0.5,
    applies: (steps) => some(steps, ({ step, strewn }) => step.do === 'ignite' && (strewn.has('NO3^-') || strewn.has('ClO3^-'))),
  },
  {
    id: 'concentrated-acid-on-untested-solid',
    says: message('gate.concentrated-acid-on-untested-solid.says'),
    asks: message('gate.concentrated-acid-on-untested-solid.asks', HOOD),
    ions: [],
    applies: (steps) => some(steps, (moment) => onSolid(moment) && isConcentrated(moment)),
    wants: 'speck',
  },
  {
    id: 'fluoride-with-acid',
    says: message('gate.fluoride-with-acid.says'),
    asks: message('gate.fluoride-with-acid.asks', HOOD),
    ions: ionsWith('gives-hydrogen-fluoride'),
    applies: (steps) => some(steps, ({ strongAcid }) => strongAcid > STRONG_M),
  },
  {
    id: 'cyanide-from-complexes',
    says: message('gate.cyanide-from-complexes.says'),
    asks: message('gate.cyanide-from-complexes.asks', HOOD),
    ions: ionsWith('gives-cyanide'),
    applies: (steps) => some(steps, (moment) => isConcentrated(moment) || (moment.strongAcid > STRONG_M && moment.heat !== 'none')),
  },
  {
    id: 'oxalate-with-concentrated-acid',
    says: message('gate.oxalate-with-concentrated-acid.says'),
    asks: message('gate.oxalate-with-concentrated-acid.asks', HOOD),
    ions: ionsWith('gives-carbon-monoxide'),
    applies: (steps) => some(steps, isConcentratedSulfuric),
  },
  {
    id: 'nitrate-heated-strongly',
    says: message('gate.nitrate-heated-strongly.says'),
    asks: message('gate.nitrate-heated-strongly.asks'),
    ions: ionsWith('heated-with-care'),
    applies: (steps) => steps.some((s) => s.do === 'ignite' && s.heat !== 'gently'),
  },
  {
    id: 'oxidiser-on-charcoal',
    says: message('gate.oxidiser-on-charcoal.says', { ions: allOf('flares-on-charcoal') }),
    asks: message('gate.oxidiser-on-charcoal.asks'),
    ions: ionsWith('flares-on-charcoal'),
    applies: (steps) => does(steps, 'charcoal'),
  },
  ...ION_IDS.flatMap((id) => {
    const { caution } = IONS[id]
    if (!caution) return []
    return [
      {
        id: caution,
        says: message(`gate.${caution}.says`),
        asks: message(`gate.${caution}.asks`),
        ions: [id],
        standsFrom: LIKELY,
        applies: () => true,
      },
    ]
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
  if (wants === 'speck') return speckTried === true ? null : say(message('gate.speck-first'))
  if (compound === undefined || compound.trim() === '') return noneOfThese === true ? null : say(message('gate.compound-wanted'))
  return notFusable(structureOf(compoundNamed(compound)?.smiles ?? compound))
}

/**
 * The gates that stay shut before the next piece of work in a notebook, until they are answered. What was answered once for the jar stays answered.
 * @throws UnknownTest for a test that is not in the catalogue
 */
/** What stands with a test, or a step of one's own, of the gate before it. */
function answerOf(did: Did): GateAnswer | undefined {
  if (isTest(did)) return did.gate
  const given = testDoneSchema.shape.gate.safeParse((did as { readonly gate?: unknown }).gate)
  return given.success ? given.data : undefined
}

export function gatesBefore(did: Did, notebook: { readonly case: Case; readonly entries: readonly Entry[] }): readonly StopGate[] {
  const volumes: Volumes = new Map()
  const mL = liquidOf(notebook)
  if (mL !== undefined) volumes.set(SAMPLE, mL)
  const stepsOf = (work: Did): StepInput[] => expand(work, volumes, everyTest).map(({ step }) => step)
  const answered: GateAnswer[] = []
  const before: StepInput[][] = []
  for (const { entry, withdrawn } of apartFromControls(asAmended({ entries: [...notebook.entries] })).own) {
    if (!('did' in entry) || withdrawn) continue
    const answer = answerOf(entry.did)
    if (answer) answered.push(answer)
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
