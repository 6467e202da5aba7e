import { isTest, type Did } from '../notebook'
import { findReagent } from '../species'
import { stepSchema, vesselOf, type Step } from '../tube'
import { STOCK, THIS, type Test } from './types'

/** A step really done, with where it came from. */
export interface Done {
  readonly step: Step
  /** Place among the steps of its test (or 0 for a free step); −1 for a preparation the test takes for granted. */
  readonly index: number
  readonly test: string | null
}

/** How a fresh stock is made, 0.1 g in 5 mL: as much as five tests need. */
const STOCK_STEP = { do: 'dissolve', into: STOCK, mg: 100, in: 'water', mL: 5 } as const

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
 * too little; on a filled tube it starts from what is there.
 * @param volumes updated to what the vessels hold afterwards
 * @throws UnknownTest
 */
export function expand(did: Did, volumes: Volumes, tests: ReadonlyMap<string, Test>): Done[] {
  if (!isTest(did)) {
    record(did, volumes)
    return [{ step: did, index: 0, test: null }]
  }
  const { on } = did
  const test = tests.get(did.test)
  if (!test) throw new UnknownTest(did.test)
  const filled = (volumes.get(on) ?? 0) > 0
  const done: Done[] = []
  test.steps.forEach((template, index) => {
    const step = place(stepSchema.parse(template), on)
    if (step.do === 'take' && filled) return
    const need = stockNeeded(step)
    if (need > 0 && (volumes.get(STOCK) ?? 0) < need - 1e-9) {
      const stock = stepSchema.parse(STOCK_STEP)
      record(stock, volumes)
      done.push({ step: stock, index: -1, test: test.id })
    }
    record(step, volumes)
    done.push({ step, index, test: test.id })
  })
  return done
}

function place(step: Step, on: string): Step {
  const put = (vessel: string): string => (vessel === THIS ? on : vessel)
  switch (step.do) {
    case 'take':
      return { ...step, into: put(step.into), from: put(step.from) }
    case 'dissolve':
    case 'dip':
      return { ...step, into: put(step.into) }
    case 'add':
      return { ...step, to: put(step.to) }
    case 'hold':
      return { ...step, over: put(step.over) }
    case 'smell':
    case 'look':
      return { ...step, at: put(step.at) }
    default:
      return { ...step, vessel: put(step.vessel) }
  }
}

const DROP = 0.05
const amountOf = (step: { mL?: number | undefined; drops?: number | undefined }): number => step.mL ?? (step.drops ?? 0) * DROP

function stockNeeded(step: Step): number {
  if (step.do === 'take' && step.from === STOCK) return amountOf(step)
  return step.do === 'dip' && step.into === STOCK ? 0.1 : 0
}

function record(step: Step, volumes: Volumes): void {
  const into = vesselOf(step)
  const now = volumes.get(into) ?? 0
  if (step.do === 'dissolve') volumes.set(into, now + step.mL)
  if (step.do === 'add') volumes.set(into, now + (amountOf(step) || 1))
  if (step.do === 'take') {
    volumes.set(into, now + (step.mg === undefined ? amountOf(step) : 1e-3))
    if (step.from !== 'sample') volumes.set(step.from, (volumes.get(step.from) ?? 0) - amountOf(step))
  }
}

/** Cautions of the reagents a test uses, each once. */
export const cautionsOf = (test: Test): string[] => {
  const lines = test.steps.flatMap((step) => ('reagent' in step && typeof step.reagent === 'string' ? [findReagent(step.reagent).caution] : []))
  return [...new Set(lines)].filter((line) => line !== '')
}

/** Whether a test wants a tube of its own; one that only makes or samples the stock is done in the stock. */
export const wantsTube = (test: Test): boolean => test.steps.some((step) => Object.values(step).includes(THIS))
