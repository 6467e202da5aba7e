import { expand, testById, TESTS } from '../catalogue'
import type { Percept } from '../perception'
import { RULES } from '../reactions'
import { AQUEOUS, GASES, REAGENTS, SALTS, SOLIDS, type Salt } from '../species'
import { vesselOf, type Step } from '../tube'
import { Simulations, type PerceptPack } from './hypotheses'
import { recipeOf, type Recipe, type TraceStep } from './trace'

const planned = new Map<string, readonly TraceStep[]>()

/** The steps of a catalogue test done in a fresh tube, as a notebook's trace would have them. */
export function stepsOfTest(id: string): readonly TraceStep[] {
  const known = planned.get(id)
  if (known) return known
  const flat: Step[] = []
  const steps = expand({ test: id, on: 'T' }, new Map(), testById).map(({ step, index }): TraceStep => {
    flat.push(step)
    return { entry: id, test: id, index, vessel: vesselOf(step), recipe: recipeOf(flat) }
  })
  planned.set(id, steps)
  return steps
}

let id: string | undefined

/** A short mark of the constants, salts and tests this program was built with: percepts made with others are not its own. FNV-1a, 53 bits of it. */
export function modelId(): string {
  if (id !== undefined) return id
  const text = JSON.stringify([AQUEOUS, SOLIDS, GASES, SALTS, RULES, REAGENTS, TESTS])
  let a = 0x811c9dc5
  let b = 0x01000193
  for (let i = 0; i < text.length; i++) {
    a = Math.imul(a ^ text.charCodeAt(i), 0x01000193)
    b = Math.imul(b ^ text.charCodeAt(i), 0x85ebca6b)
  }
  id = `${(a >>> 0).toString(16)}${(b >>> 0).toString(16)}`
  return id
}

/** Works out every catalogue test with every bench salt, or with some. All of them take some seconds: to be done when the app is built. */
export function packPercepts(sample_mg: number, salts: readonly Salt[] = SALTS): PerceptPack {
  const simulations = new Simulations(sample_mg)
  const recipes = new Map<string, Recipe>()
  for (const test of TESTS) for (const { recipe, index } of stepsOfTest(test.id)) if (index >= 0) recipes.set(recipe.key, recipe)
  const percepts: Percept[] = []
  const places = new Map<string, number>()
  const placeOf = (percept: Percept | null): number => {
    if (!percept) return -1
    // What no deduction reads is left out, so that many looks are one.
    const slim: Percept = { ...percept, step: 0, pH: null, temperature: 25, drops: 0 }
    const text = JSON.stringify(slim)
    let place = places.get(text)
    if (place === undefined) {
      place = percepts.push(slim) - 1
      places.set(text, place)
    }
    return place
  }
  const table = Object.fromEntries(
    salts.map((salt) => [
      salt.id,
      [...recipes.values()].map((recipe) => {
        const expectation = simulations.expect(salt, recipe)
        return expectation && ([placeOf(expectation.percept), placeOf(expectation.before)] as const)
      }),
    ]),
  )
  return { model: modelId(), sample_mg, recipes: [...recipes.keys()], percepts, table }
}
