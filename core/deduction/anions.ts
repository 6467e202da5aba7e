import { expand, TESTS, testById } from '../catalogue'
import { Runner, type Percept } from '../perception'
import { stepSchema, vesselOf, type Step } from '../tube'
import type { Expectation } from './hypotheses'
import { likelihoodAt } from './likelihood'
import { observationsOf } from './seen'
import { Course } from './recipe'
import type { TraceStep } from './trace'
import type { Observation } from '../notebook'

/** How an anion is put into a solution of sodium salts: ions for one of it, and the alkali that belongs to it. */
const AS_SODIUM_SALT: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  'CO3^2-': { 'CO3^2-': 1, 'Na^+': 2 },
  'SO3^2-': { 'SO3^2-': 1, 'Na^+': 2 },
  'S^2-': { 'HS^-': 1, 'OH^-': 1, 'Na^+': 2 },
  'S2O3^2-': { 'S2O3^2-': 1, 'Na^+': 2 },
  'NO2^-': { 'NO2^-': 1, 'Na^+': 1 },
  'CH3COO^-': { 'CH3COO^-': 1, 'Na^+': 1 },
  'F^-': { 'F^-': 1, 'Na^+': 1 },
  'Cl^-': { 'Cl^-': 1, 'Na^+': 1 },
  'Br^-': { 'Br^-': 1, 'Na^+': 1 },
  'I^-': { 'I^-': 1, 'Na^+': 1 },
  'NO3^-': { 'NO3^-': 1, 'Na^+': 1 },
  'C2O4^2-': { 'C2O4^2-': 1, 'Na^+': 2 },
  'SO4^2-': { 'SO4^2-': 1, 'Na^+': 2 },
  'PO4^3-': { 'HPO4^2-': 1, 'Na^+': 2 },
  'BO2^-': { H3BO3: 1, 'Na^+': 1, 'OH^-': 1 },
  'SiO3^2-': { H4SiO4: 1, 'Na^+': 2, 'OH^-': 2 },
  'CrO4^2-': { 'CrO4^2-': 1, 'Na^+': 2 },
  'MnO4^-': { 'MnO4^-': 1, 'Na^+': 1 },
  'ClO3^-': { 'ClO3^-': 1, 'Na^+': 1 },
  'SCN^-': { 'SCN^-': 1, 'Na^+': 1 },
  'Fe(CN)6^4-': { 'Fe(CN)6^4-': 1, 'Na^+': 4 },
  'Fe(CN)6^3-': { 'Fe(CN)6^3-': 1, 'Na^+': 3 },
  'AsO3^3-': { H3AsO3: 1, 'Na^+': 1, 'OH^-': 1 },
  'AsO4^3-': { 'HAsO4^2-': 1, 'Na^+': 2 },
}
/** Anions that solutions are searched for; protonation pairs count as one. */
export const ANIONS: readonly string[] = Object.keys(AS_SODIUM_SALT)

/** mmol of each anion in a millilitre. */
export const ANION_STRENGTH = 0.05

/** A solution of sodium salts, each anion 0.05 mol/L, made strongly enough alkaline that nothing leaves. */
export function anionSolution(anions: readonly string[]): { solution: { ions: Record<string, number>; mL: number } } {
  const ions: Record<string, number> = {}
  for (const anion of anions) for (const [ion, n] of Object.entries(AS_SODIUM_SALT[anion] ?? {})) ions[ion] = (ions[ion] ?? 0) + n * ANION_STRENGTH
  return { solution: { ions, mL: 50 } }
}

/** Whether they can stand together in such a solution: nothing oxidises anything, and nothing comes down. */
export function canShare(anions: readonly string[]): boolean {
  const runner = new Runner(anionSolution(anions))
  const percept = runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
  return percept.precipitates.length === 0 && (runner.vessel('A')?.reacted.size ?? 0) === 0
}

/** The tests of the scheme for anions in one solution, each on a portion of its own, in the catalogue's order. */
export const ANION_TESTS: readonly string[] = TESTS.filter(
  (t) => t.on.includes('solution') && (t.stage === 'anion tests' || ['molybdate-boiled', 'magnesia-mixture'].includes(t.id)),
).map((t) => t.id)

interface Planned {
  readonly test: string
  readonly steps: readonly { readonly trace: TraceStep; readonly step: Step }[]
}
const PLANS: readonly Planned[] = ANION_TESTS.map((test) => {
  const course = new Course()
  const steps = expand({ test, on: 'A' }, new Map([['A', 1]]), testById).map(({ step, index }) => ({
    step,
    trace: { entry: test, test, index, vessel: vesselOf(step), recipe: course.push(step) },
  }))
  return { test, steps }
})

type Looks = ReadonlyMap<TraceStep, Expectation>

const shown = new Map<string, Map<Planned, Looks>>()
/** What a test of the scheme shows with a set of anions; remembered. */
function looksOf(anions: readonly string[], plan: Planned): Looks {
  const key = [...anions].sort().join(' ')
  let known = shown.get(key)
  if (!known) shown.set(key, (known = new Map<Planned, Looks>()))
  let looks = known.get(plan)
  if (!looks) known.set(plan, (looks = work(anions, plan)))
  return looks
}

function work(anions: readonly string[], { steps }: Planned): Looks {
  const looks = new Map<TraceStep, Expectation>()
  const runner = new Runner(anionSolution(anions))
  runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
  const last = new Map<string, Percept>()
  for (const { trace, step } of steps) {
    const percept = runner.step(step)
    looks.set(trace, { percept, before: last.get(percept.vessel) ?? null })
    if (step.do === 'look') last.set(percept.vessel, percept)
  }
  return looks
}

/** One thing written, and the look it was written at. */
export interface Written {
  readonly step: TraceStep
  readonly observation: Observation
}

/** What a careful observer writes who works the scheme on a solution of these anions. */
export function workAnionScheme(anions: readonly string[]): readonly Written[] {
  return PLANS.flatMap((plan) => {
    const looks = looksOf(anions, plan)
    return observationsOf([...looks.keys()], (step) => looks.get(step) ?? null)
  })
}

export interface AnionSet {
  readonly anions: readonly string[]
  /** Decimal logarithm of how likely they make what was written. */
  readonly fit: number
}

/** How much less likely a set is, before any test, for each anion in it (decimal logarithm). */
const EACH = -1
/** Most anions a set is searched for. */
const MOST = 4
/** Sets that make what was written as likely as the best to within this, or are themselves as likely as the best, cannot be told from it. */
const ALIKE = 0.3

/** What was written, test by test, those first that ruled out the sets tried before. */
class Page {
  private readonly tests: { plan: Planned; written: Written[] }[]

  constructor(written: readonly Written[]) {
    this.tests = PLANS.map((plan) => ({ plan, written: written.filter(({ step }) => step.test === plan.test) })).filter((t) => t.written.length > 0)
  }

  /** The fit of a set; −∞ as soon as it is below the floor. */
  fitOf(anions: readonly string[], floor: number): number {
    let fit = 0
    for (const [place, { plan, written }] of this.tests.entries()) {
      const looks = looksOf(anions, plan)
      for (const { step, observation } of written) fit += Math.log10(likelihoodAt(observation, looks.get(step) ?? null))
      if (fit >= floor) continue
      const [killer] = this.tests.splice(place, 1)
      if (killer) this.tests.unshift(killer)
      return -Infinity
    }
    return fit
  }
}

/**
 * The sets of anions that explain what was written: a search that adds, drops and swaps one anion at a time from the best so far, over the same model that works the tests. Of sets that explain it
 * equally well the one of fewest anions comes first.
 * @returns the best first; further ones only where the tests in scope do not tell them from it
 */
export function anionSetsFor(written: readonly Written[], most = MOST): readonly AnionSet[] {
  const page = new Page(written)
  const tried = new Map<string, AnionSet>()
  let best: AnionSet = { anions: [], fit: -Infinity }
  const scoreOf = ({ anions, fit }: AnionSet): number => fit + EACH * anions.length
  const tryOut = (anions: readonly string[]): AnionSet => {
    const key = [...anions].sort().join(' ')
    let set = tried.get(key)
    if (!set) {
      // Neither as good as the best, nor as good but for the number of its anions.
      const floor = Math.min(scoreOf(best) - ALIKE - EACH * anions.length, best.fit - ALIKE)
      tried.set(key, (set = { anions: [...anions].sort(), fit: canShare(anions) ? page.fitOf(anions, floor) : -Infinity }))
    }
    return set
  }
  best = tryOut([])
  for (let round = 0; round < 12; round++) {
    const { anions } = best
    const others = ANIONS.filter((a) => !anions.includes(a))
    const neighbours = [
      ...(anions.length < most ? others.map((a) => [...anions, a]) : []),
      ...anions.map((a) => anions.filter((b) => b !== a)),
      ...anions.flatMap((a) => others.map((b) => [...anions.filter((c) => c !== a), b])),
    ]
    const before = best
    for (const neighbour of neighbours) {
      const set = tryOut(neighbour)
      if (scoreOf(set) > scoreOf(best)) best = set
    }
    if (best === before) break
  }
  const { fit } = best
  return [...tried.values()].filter((s) => s.fit > fit - ALIKE || scoreOf(s) > scoreOf(best) - ALIKE).sort((a, b) => scoreOf(b) - scoreOf(a))
}
