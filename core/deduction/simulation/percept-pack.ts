import { expand, ORGANIC_TESTS, TESTS, type Test } from '../../catalogue'
import type { Percept } from '../../perception'
import { SALTS } from '../../species'
import { SAMPLE, vesselOf } from '../../tube'
import { Simulations, type Content, type PerceptPack } from './simulations'
import { Course, type Recipe } from './recipe'
import type { TraceStep } from '../observation/trace'
import { everyTest } from '../../schemes'

const planned = new Map<string, readonly TraceStep[]>()

/**
 * The steps of a catalogue test done in a fresh tube, as a notebook's trace would have them.
 * @param sample_mL set where the sample is a solution
 */
export function stepsOfTest(id: string, sample_mL?: number): readonly TraceStep[] {
  const key = `${id} ${sample_mL ?? ''}`
  const known = planned.get(key)
  if (known) return known
  const course = new Course()
  const steps = expand({ test: id, on: 'T' }, new Map(sample_mL === undefined ? [] : [[SAMPLE, sample_mL]]), everyTest).map(
    ({ step, index }): TraceStep => ({ entry: id, test: id, index, vessel: vesselOf(step), recipe: course.push(step) }),
  )
  planned.set(key, steps)
  return steps
}

/** What percepts were worked out of: the bench salts, or organic compounds. */
export type PackKind = 'salts' | 'organic'
/** The files that packs are kept in, a JSON document a line, gzipped. */
export const PACK_FILES: Readonly<Record<PackKind, string>> = { salts: 'percepts.jsonl.gz', organic: 'organic-percepts.jsonl.gz' }

/** Put in by what bundles or tests the core: a stamp of all source and data that percepts depend on. */
declare const __MODEL_STAMP__: string

/** A mark of the program that percepts are made with: those made with another are not its own. */
export const modelId = (kind: PackKind): string => `${kind}-${__MODEL_STAMP__}`

/** Whether a pack was made with this program's own model. */
export const isOwn = ({ model }: Pick<PerceptPack, 'model'>): boolean => model === modelId('salts') || model === modelId('organic')

/** Texts kept once each, and the place of one among them. */
function interned(): { texts: string[]; placeOf: (text: string) => number } {
  const texts: string[] = []
  const places = new Map<string, number>()
  return {
    texts,
    placeOf: (text) => {
      let place = places.get(text)
      if (place === undefined) places.set(text, (place = texts.push(text) - 1))
      return place
    },
  }
}

/** Percepts kept once each, as JSON, and the place of one among them; −1 for none. */
function internedPercepts(): { texts: string[]; placeOf: (percept: Percept | null) => number } {
  const { texts, placeOf: placeOfText } = interned()
  // What was there before one look is what was seen at another.
  const known = new WeakMap<Percept, number>()
  const placeOf = (percept: Percept | null): number => {
    if (!percept) return -1
    const before = known.get(percept)
    if (before !== undefined) return before
    // What no deduction reads is left out, so that many looks are one.
    const slim: Percept = { ...percept, step: 0, pH: null, temperature: 25, drops: 0 }
    const place = placeOfText(JSON.stringify(slim))
    known.set(percept, place)
    return place
  }
  return { texts, placeOf }
}

/** Works out every test of some with every content of some, bench salts and their catalogue unless given. All of them take a minute: to be done when the app is built. `asked` leaves out what nobody will ask of a content. */
export function packPercepts(
  sample_mg: number,
  contents: readonly Content[] = SALTS,
  tests: readonly Test[] = TESTS,
  asked: (content: Content, recipe: Recipe) => boolean = () => true,
): PerceptPack {
  const simulations = new Simulations(sample_mg)
  const recipes = new Map<string, Recipe>()
  for (const test of tests) for (const { recipe } of stepsOfTest(test.id)) recipes.set(recipe.key, recipe)
  const { texts: percepts, placeOf } = internedPercepts()
  const table = Object.fromEntries(
    contents.map((content) => [
      content.id,
      [...recipes.values()].map((recipe) => {
        const expectation = asked(content, recipe) ? simulations.expect(content, recipe) : null
        return expectation && ([placeOf(expectation.percept), placeOf(expectation.before)] as const)
      }),
    ]),
  )
  return { model: modelId(tests === ORGANIC_TESTS ? 'organic' : 'salts'), sample_mg, recipes: [...recipes.keys()], percepts, table }
}

/**
 * Packs of different salts as one.
 * @throws RangeError for none, or for packs of different models, sample masses or recipes
 */
export function mergePacks(packs: readonly PerceptPack[]): PerceptPack {
  const [first] = packs
  const madeFor = ({ model, sample_mg, recipes }: PerceptPack): string => JSON.stringify([model, sample_mg, recipes])
  if (!first || packs.some((pack) => madeFor(pack) !== madeFor(first))) throw new RangeError('packs of one model, sample mass and set of recipes')
  const { texts: percepts, placeOf } = interned()
  const table = Object.fromEntries(
    packs.flatMap((pack) => {
      const moved = pack.percepts.map(placeOf)
      const to = (place: number): number => moved[place] ?? -1
      return Object.entries(pack.table).map(([salt, pairs]) => [salt, pairs.map((pair) => pair && ([to(pair[0]), to(pair[1])] as const))] as const)
    }),
  )
  return { ...first, percepts, table }
}

/** A pack as it is kept in a file: what it holds beside its percepts in the first line, then a percept a line. In ASCII, so that a program that read it keeps a byte a character. */
export const packToLines = ({ percepts, ...besides }: PerceptPack): string =>
  [JSON.stringify(besides), ...percepts].join('\n').replace(/[^ -~\n]/g, (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`)

/** What `packToLines` wrote. @throws SyntaxError for what is no such file */
export function packFromLines(text: string): PerceptPack {
  const [besides = '', ...percepts] = text.split('\n')
  return { ...(JSON.parse(besides) as Omit<PerceptPack, 'percepts'>), percepts }
}
