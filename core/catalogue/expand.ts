import { isTest, type Did } from '../notebook'
import { COMPONENT_INDEX, findReagent, findSolid, findSolvent, gasById, type Solution } from '../species'
import { filledBy, isApart, ofStep, SAMPLE, stepSchema, vesselOf, withVessels, type EachOperation, type Step } from '../tube'
import { ACID_STOCK, EXTRACT, FUSION_EXTRACT, STOCK, THIS, type Test, type TestStep } from './types'

/** A step really done, with where it came from. */
export interface Done {
  readonly step: Step
  /** Place among the steps of its test (or 0 for a free step); −1 for a preparation the test takes for granted. */
  readonly index: number
  readonly test: string | null
}

/** How a stock is made where a test wants one that is not there, 0.1 g for 5 mL: as much as five tests need. */
const PREPARATIONS: ReadonlyMap<string, readonly Step[]> = new Map(
  [
    { do: 'dissolve', into: STOCK, mg: 100, in: 'water', mL: 5 } as const,
    { do: 'dissolve', into: ACID_STOCK, mg: 100, in: 'HNO3 2 M', mL: 5 } as const,
    { do: 'soda-extract', into: EXTRACT, mg: 100 } as const,
    { do: 'fuse', into: FUSION_EXTRACT, sodium_mg: 60, sample_mg: 50, tubes: 2, water_mL: 10, toFraction: 0.33 } as const,
  ].map((step) => [step.into, [stepSchema.parse(step)]]),
)

/** The same from a sample that is a solution itself. */
const FROM_SOLUTION: ReadonlyMap<string, readonly Step[]> = new Map(
  [
    [{ do: 'take', into: STOCK, mL: 5 } as const],
    [{ do: 'take', into: ACID_STOCK, mL: 4 } as const, { do: 'add', to: ACID_STOCK, reagent: 'HNO3 conc', mL: 0.5 } as const],
    [{ do: 'soda-extract', into: EXTRACT, mL: 5 } as const],
  ].map((steps) => [steps[0] && 'into' in steps[0] ? steps[0].into : '', steps.map((step) => stepSchema.parse(step))]),
)

/** What a rack holds, as far as expanding tests needs to know: mL in each vessel. */
export type Volumes = Map<string, number>

/** Thrown for a test that is not in the catalogue. */
export class UnknownTest extends Error {
  constructor(readonly test: string) {
    super(`test "${test}" is not in the catalogue`)
    this.name = 'UnknownTest'
  }
}

/**
 * The steps of a `did`, real vessels in place of the catalogue's. A test on an empty tube takes its own portion, from a stock made first where there is none or
 * too little; on a filled tube it starts from what is there. A free step that draws on a stock nobody made takes it for granted likewise.
 * @param volumes updated to what the vessels hold afterwards; where the sample itself is a solution it stands among them
 * @throws UnknownTest
 */
export function expand(did: Did, volumes: Volumes, tests: ReadonlyMap<string, Test>): Done[] {
  if (!isTest(did)) {
    const done = preparing(did, volumes, (wanted, held) => held === undefined && wanted > 0).map((step) => ({ step, index: -1, test: null }))
    record(did, volumes)
    return [...done, { step: did, index: 0, test: null }]
  }
  const { on } = did
  const test = tests.get(did.test)
  if (!test) throw new UnknownTest(did.test)
  const filled = (volumes.get(on) ?? 0) > 0
  const done: Done[] = []
  test.steps.forEach((template, index) => {
    const step = withVessels(stepSchema.parse(ofLiquid(template, test, volumes)), (vessel) => placed(vessel, on))
    if (step.do === 'take' && filled && step.into === on) return
    for (const preparation of preparing(step, volumes, (wanted, held = 0) => held < wanted - 1e-9))
      done.push({ step: preparation, index: -1, test: test.id })
    record(step, volumes)
    done.push({ step, index, test: test.id })
  })
  return done
}

/** mL of a solution that stand for a portion of a solid. */
const PORTION_mL = 1
/** A portion of the sample as it is taken where that is a solution. */
const ofLiquid = (step: TestStep, test: Test, volumes: Volumes): TestStep =>
  step.do === 'take' && step.mg !== undefined && volumes.has(SAMPLE) && test.on.includes('solution') && (step.from ?? SAMPLE) === SAMPLE
    ? { ...step, mg: undefined, mL: PORTION_mL }
    : step

/** Makes the stock that a step draws on, where it is wanting: the steps of that, done. */
function preparing(step: Step, volumes: Volumes, isWanting: (wanted: number, held: number | undefined) => boolean): readonly Step[] {
  const { stock, mL } = wants(step)
  if (!isWanting(mL, volumes.get(stock))) return []
  const steps = (volumes.has(SAMPLE) ? FROM_SOLUTION : PREPARATIONS).get(stock) ?? []
  for (const preparation of steps) record(preparation, volumes)
  return steps
}

/** The tube a test is done in stands for itself; a second one that the test needs is named after it. */
export const placed = (vessel: string, on: string): string =>
  vessel === THIS ? on : vessel.startsWith(`${THIS}-`) ? `${on}${vessel.slice(THIS.length)}` : vessel

const DROP = 0.05
const amountOf = (step: { mL?: number | undefined; drops?: number | undefined }): number => step.mL ?? (step.drops ?? 0) * DROP

/** What a step draws from a stock, mL. */
function wants(step: Step): { stock: string; mL: number } {
  if (step.do === 'take') return { stock: step.from, mL: amountOf(step) }
  return step.do === 'dip' ? { stock: step.into, mL: 0.1 } : { stock: '', mL: 0 }
}

/** What is written of the vessel a step acts on: mL before, and after. */
type Recorded = (before: number) => number
const same = (): Recorded => (before) => before
const plus =
  (mL: number): Recorded =>
  (before) =>
    before + mL
/** What boiling with soda leaves of 5 mL of water. */
const EXTRACT_mL = 4.8
/** What stays in the pores of a solid, and what a few drops up to a sign come to, mL. */
const IN_PORES_mL = 0.1
const UNTIL_mL = 1
/** What a dry portion counts for, so that its tube is not taken for an empty one, mL. */
const DRY_mL = 1e-3

const VOLUMES: EachOperation<Recorded> = {
  take: (step) => plus(step.mg === undefined ? amountOf(step) : DRY_mL),
  dissolve: (step) => plus(step.mL),
  add: (step) => plus(amountOf(step) || UNTIL_mL),
  shake: same,
  stand: same,
  warm: same,
  boil: same,
  ignite: same,
  cool: same,
  concentrate: (step) => (before) => before * step.toFraction,
  pass: same,
  bubble: same,
  centrifuge: () => (before) => Math.min(before, IN_PORES_mL),
  filter: () => (before) => Math.min(before, IN_PORES_mL),
  wash: same,
  'soda-extract': () => plus(EXTRACT_mL),
  flame: same,
  bead: same,
  charcoal: same,
  'copper-wire': same,
  ignition: same,
  fuse: (step) => () => step.water_mL * step.toFraction,
  'melting-point': same,
  'boiling-point': same,
  'cobalt-nitrate': same,
  dip: same,
  hold: same,
  smell: same,
  look: same,
}

function record(step: Step, volumes: Volumes): void {
  const on = vesselOf(step)
  const before = volumes.get(on) ?? 0
  const after = ofStep(VOLUMES, step)(before)
  if (after !== before || volumes.has(on)) volumes.set(on, after)
  const filled = filledBy(step)
  if (filled !== null) volumes.set(filled, (volumes.get(filled) ?? 0) + before)
  if (step.do === 'take' && step.from !== SAMPLE) volumes.set(step.from, (volumes.get(step.from) ?? 0) - amountOf(step))
}

/** What a step pours or strews: the bottle's id as the shelf knows it, its caution, and the solution where it is one. */
interface Poured {
  readonly id: string
  readonly caution: string
  readonly solution: Solution | null
}
function pouredBy(step: TestStep): Poured | null {
  if (step.do === 'dissolve' && step.in !== undefined) {
    const solution = findReagent(step.in)
    return { id: solution.reagent, caution: '', solution }
  }
  if (!('reagent' in step) || typeof step.reagent !== 'string') return null
  if (step.mg !== undefined) {
    const solid = findSolid(step.reagent)
    return { id: step.reagent, caution: 'inert' in solid ? solid.inert.caution : '', solution: null }
  }
  const solvent = findSolvent(step.reagent)
  if (solvent) return { id: solvent.id, caution: solvent.caution, solution: null }
  const solution = findReagent(step.reagent)
  return { id: solution.reagent, caution: solution.caution, solution }
}
const pouredIn = (test: Pick<Test, 'steps'>): Poured[] => test.steps.flatMap((step) => pouredBy(step) ?? [])

/** Cautions of the reagents a test uses and the gases it passes, each once. */
export const cautionsOf = (test: Test): string[] => {
  const passed = test.steps.flatMap((step) => (step.do === 'pass' ? (gasById.get(step.gas)?.data.caution ?? []) : []))
  return [...new Set([...pouredIn(test).map((p) => p.caution), ...passed, ...(test.cautions ?? [])])].filter((line) => line !== '')
}

/** Whether a test wants a tube of its own; one that only makes or samples the stock is done in the stock. */
export const wantsTube = (test: Test): boolean => test.steps.some((step) => Object.values(step).includes(THIS) || isApart(step))

/** Whether a test is the fusion that the extract for the elements comes of. */
export const makesFusionExtract = (test: Pick<Test, 'steps'>): boolean =>
  test.steps.some((step) => step.do === 'fuse' && step.into === FUSION_EXTRACT)

/** Whether the test itself pours the ion in, so that seeing it proves nothing. */
export const brings = (test: Test, ion: string): boolean => {
  const component = COMPONENT_INDEX.get(ion)
  return component !== undefined && pouredIn(test).some(({ solution }) => (solution?.totals[component] ?? 0) > 0)
}

/** Reagents a test pours or strews, as ids. */
export const reagentsOf = (test: Pick<Test, 'steps'>): string[] => [...new Set(pouredIn(test).map((p) => p.id))]

/** From this strength on a reagent burns at once, mol/L. */
const STRONG = 5
/**
 * How much care a test takes, in minutes of a beginner's time: a strong acid or alkali, heat, a hood.
 */
export function careOf(test: Test): number {
  const strong = pouredIn(test).filter(({ solution, caution }) => caution !== '' && (solution?.molarity ?? 0) > STRONG).length
  const heated = test.steps.some((step) => step.do === 'boil' || step.do === 'warm') ? 1 : 0
  return 2 * strong + heated + 2 * (test.cautions?.length ?? 0)
}
