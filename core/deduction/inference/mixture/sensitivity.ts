import { expand, isOnSolution, TESTS } from '../../../catalogue'
import { everyTest, SCHEMES, testsToDo, type Scheme } from '../../../schemes'
import { vesselOf } from '../../../tube'
import { Simulations, type Content } from '../../simulation/simulations'
import { observationsOf } from '../../observation/ideal-observer'
import { stepsOfTest } from '../../simulation/percept-pack'
import { Course } from '../../simulation/recipe'
import type { TraceStep } from '../../observation/trace'
import { ION_IDS, type IonId } from '../../../species'
import { ACID, balanced, mixtureOf, partIons, PARTS, SILENT, type Parts } from './parts'

/** For each test, the parts that change what is written of it when they are there by themselves: only of these does the test speak. */
export type Sensitivities = Readonly<Record<string, readonly string[]>>

/** For each test, the gases that come of each part by itself, much of it; of parts that give none, nothing. */
export type GasesOfParts = Readonly<Record<string, Readonly<Record<string, readonly string[]>>>>

/** Tests that a solution is put to, and schemes that take one apart. */
const ON_SOLUTIONS: readonly string[] = TESTS.filter(isOnSolution).map((t) => t.id)
const SEPARATING: readonly Scheme[] = SCHEMES.filter((s) => s.separations.length > 0)
/** A solution to do tests on, mL. */
const SOLUTION_mL = 20

/** What a careful observer writes of every test, done on this; of a scheme, as it goes on from what was seen. */
function wordsOf(content: Content, schemes: readonly Scheme[] = SEPARATING): Map<string, string> {
  const simulations = new Simulations(0)
  const words = new Map<string, string>()
  const doing = (
    id: string,
    on: string,
    volumes: Map<string, number>,
    course: Course,
  ): { step: TraceStep; said: ReturnType<typeof observationsOf> }[] =>
    expand({ test: id, on }, volumes, everyTest).map(({ step, index }) => {
      const traced: TraceStep = { entry: id, test: id, index, vessel: vesselOf(step), recipe: course.push(step) }
      return { step: traced, said: observationsOf([traced], (s) => simulations.expect(content, s.recipe)) }
    })
  const told = (done: ReturnType<typeof doing>) => done.flatMap(({ said }) => said.map((s) => s.observation))
  const write = (id: string, done: ReturnType<typeof doing>): void =>
    void words.set(
      id,
      told(done)
        .filter((o) => o.channel !== 'precipitate.amount')
        .map((o) => `${o.step ?? ''}${o.channel}${o.negated ? '!' : '='}${o.value} ${o.degree ?? ''}`)
        .join(),
    )
  for (const id of ON_SOLUTIONS) write(id, doing(id, 'T', new Map([['sample', SOLUTION_mL]]), new Course()))
  for (const scheme of schemes) {
    const volumes = new Map([['sample', SOLUTION_mL]])
    const course = new Course()
    const done = new Map<string, ReturnType<typeof told>>()
    for (;;) {
      const [next] = testsToDo(scheme, { done: (test) => done.has(test), told: (test) => done.get(test) ?? [] })
      if (!next) break
      const steps = doing(next.id, next.vessel, volumes, course)
      done.set(next.id, told(steps))
      write(next.id, steps)
    }
  }
  return words
}

/**
 * Which parts each test speaks of, worked out part by part, in acid and without. Some seconds of work: to be done when the app is built.
 * @param parts for a share of them; all, unless given
 */
export function workOutSensitivities(parts: readonly string[] = PARTS): Sensitivities {
  const answers = new Map<string, Set<string>>()
  for (const acid of [true, false]) {
    const ground: Parts = new Map(acid ? [[ACID, 'middling']] : [])
    const blank = wordsOf(mixtureOf(ground, SOLUTION_mL))
    for (const part of parts) {
      if (part === ACID) continue
      const found = wordsOf(mixtureOf(new Map([...ground, [part, 'middling']]), SOLUTION_mL))
      for (const id of new Set([...found.keys(), ...blank.keys()]))
        if (found.get(id) !== blank.get(id)) answers.set(id, (answers.get(id) ?? new Set()).add(part))
    }
  }
  return Object.fromEntries([...answers].map(([id, set]) => [id, [...set]]))
}

/** As strong as a solution of one salt usually comes, mol/L. */
const STRONG_molar = 0.4
/**
 * The same of each ion by itself in a strong solution, for single tests: there more comes down, and excess falls short. A minute of one processor.
 * @param ions for a share of them; all, unless given
 */
export function workOutStrong(ions: readonly IonId[] = ION_IDS): Sensitivities {
  const answers = new Map<string, string[]>()
  const blank = wordsOf(mixtureOf(new Map(), SOLUTION_mL), [])
  for (const ion of ions) {
    const jar = { solution: { ions: balanced(partIons(ion, STRONG_molar), [SILENT.anion], [SILENT.cation]) ?? {}, mL: SOLUTION_mL } }
    for (const [id, words] of wordsOf({ id: `strong ${ion}`, jar }, []))
      if (words !== blank.get(id)) answers.set(id, [...(answers.get(id) ?? []), ion])
  }
  return Object.fromEntries(answers)
}

/** The gases that come of each part by itself in the tests of the catalogue, done on a solution of it. */
export function workOutGases(parts: readonly string[] = PARTS): GasesOfParts {
  const made: Record<string, Record<string, readonly string[]>> = {}
  for (const part of parts) {
    const content = muchOf(part, SOLUTION_mL)
    const simulations = new Simulations(0, {}, SOLUTION_mL)
    for (const { id } of TESTS) {
      const gases = simulations.gasesOn(content, stepsOfTest(id, SOLUTION_mL))
      if (gases.length > 0) (made[id] ??= {})[part] = gases
    }
  }
  return made
}
/** As much of a part as there may be, by itself. */
export const muchOf = (part: string, mL: number): Content => mixtureOf(new Map([[part, 'heavy']]), mL)

const testsOf = (shares: readonly object[]): readonly string[] => [...new Set(shares.flatMap((share) => Object.keys(share)))]
/** Shares of the parts as one. */
export const mergeSensitivities = (shares: readonly Sensitivities[]): Sensitivities =>
  Object.fromEntries(testsOf(shares).map((test) => [test, shares.flatMap((share) => share[test] ?? [])] as const))
export const mergeGases = (shares: readonly GasesOfParts[]): GasesOfParts =>
  Object.fromEntries(testsOf(shares).map((test) => [test, Object.assign({}, ...shares.map((share) => share[test] ?? {})) as GasesOfParts[string]]))
