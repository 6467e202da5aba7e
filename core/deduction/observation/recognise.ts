import { expand, TESTS, type Test, type Volumes } from '../../catalogue'
import { everyTest } from '../../schemes'
import { findReagent, UnknownReagent } from '../../species'
import { SAMPLE, type EachOperation, ofStep } from '../../tube'
import { Course, type Recipe } from '../simulation/recipe'

/** A step by what it does, and how much of something it brings, mL; null for what changes nothing of a test. */
interface Deed {
  readonly what: string
  readonly mL?: number
}

const DROP_mL = 0.05
const bottle = (reagent: string): string => {
  try {
    const { reagent: id, molarity } = findReagent(reagent)
    return molarity >= STRONG_M && id.endsWith('-acid') ? `${id}, strong` : id
  } catch (error) {
    if (error instanceof UnknownReagent) return reagent.toLowerCase()
    throw error
  }
}
/** From here on an acid is another reagent than the dilute one, mol/L. */
const STRONG_M = 7
const nothing = (): null => null
const heat = (): Deed => ({ what: 'heat' })
const part = (): Deed => ({ what: 'part' })

const DEEDS: EachOperation<Deed | null> = {
  take: (step) => (step.from === SAMPLE && step.mg !== undefined ? { what: 'solid' } : { what: 'portion' }),
  // A stock is what portions are taken of.
  dissolve: (step) => (step.in === 'water' ? null : { what: `dissolved in ${bottle(step.in)}` }),
  add: (step) => {
    const mL = step.mL ?? (step.drops === undefined ? undefined : step.drops * DROP_mL)
    return { what: `add ${bottle(step.reagent)}`, ...(mL === undefined ? {} : { mL }) }
  },
  shake: nothing,
  stand: nothing,
  warm: heat,
  boil: heat,
  ignite: () => ({ what: 'ignite' }),
  cool: nothing,
  concentrate: () => ({ what: 'concentrate' }),
  pass: (step) => ({ what: `pass ${step.gas}` }),
  bubble: () => ({ what: 'bubble' }),
  centrifuge: part,
  filter: part,
  wash: nothing,
  'soda-extract': () => ({ what: 'extract' }),
  flame: (step) => ({ what: `flame ${step.through}` }),
  bead: (step) => ({ what: `bead ${step.flux} ${step.flame}` }),
  charcoal: () => ({ what: 'charcoal' }),
  'copper-wire': () => ({ what: 'copper wire' }),
  ignition: () => ({ what: 'ignition' }),
  fuse: () => ({ what: 'fuse' }),
  'melting-point': () => ({ what: 'melting point' }),
  'boiling-point': () => ({ what: 'boiling point' }),
  'cobalt-nitrate': () => ({ what: 'cobalt nitrate' }),
  dip: (step) => ({ what: `dip ${step.paper}` }),
  hold: (step) => ({ what: `hold ${step.paper ?? step.splint ?? step.rod ?? ''}` }),
  smell: nothing,
  look: nothing,
}

/** What a recipe comes to: its deeds in order, what is done twice running once. */
function deedsOf({ steps }: Recipe): Deed[] {
  const deeds: Deed[] = []
  for (const step of steps) {
    const deed = ofStep(DEEDS, step)
    const last = deeds.at(-1)
    if (!deed) continue
    if (last?.what !== deed.what) deeds.push(deed)
    else if (last.mL !== undefined || deed.mL !== undefined) deeds[deeds.length - 1] = { what: last.what, mL: (last.mL ?? 0) + (deed.mL ?? 0) }
  }
  return deeds
}
const keyOf = (deeds: readonly Deed[]): string => deeds.map(({ what }) => what).join(' · ')

interface Known {
  readonly test: string
  readonly deeds: readonly Deed[]
}
let known: ReadonlyMap<string, readonly Known[]> | undefined
/** What each test of the catalogue comes to when it is done, on a solid and on a solution. */
function knownDeeds(): ReadonlyMap<string, readonly Known[]> {
  if (known) return known
  const all = new Map<string, Known[]>()
  for (const test of TESTS) {
    const deeds = deedsOf(recipeOfTest(test))
    if (deeds.length > 1 || (deeds[0] !== undefined && ALONE.test(deeds[0].what)))
      all.set(keyOf(deeds), [...(all.get(keyOf(deeds)) ?? []), { test: test.id, deeds }])
  }
  return (known = all)
}
/** What is a test by itself, with nothing before it. */
const ALONE = /^(flame|bead|charcoal|copper wire|ignition|cobalt nitrate)/

/** The recipe of what a test's tube went through by its end. */
function recipeOfTest(test: Test): Recipe {
  const course = new Course()
  const volumes: Volumes = new Map()
  let last: Recipe = { key: '', steps: [] }
  for (const { step } of expand({ test: test.id, on: 'A' }, volumes, everyTest)) {
    const recipe = course.push(step)
    if (ofStep(DEEDS, step) !== null) last = recipe
  }
  return last
}

/** How many times more or less of a reagent still makes the same test. */
const ALIKE = 6

/** The test of the catalogue that work done freely amounts to, by what was done and in what order; null where it amounts to none. */
export function amountsTo(recipe: Recipe): string | null {
  const deeds = deedsOf(recipe)
  const found = knownDeeds().get(keyOf(deeds)) ?? []
  const isAlike = (a: Deed | undefined, b: Deed): boolean =>
    a?.mL === undefined || b.mL === undefined || (a.mL <= ALIKE * b.mL && b.mL <= ALIKE * a.mL)
  return found.find((one) => deeds.every((deed, k) => isAlike(one.deeds[k], deed)))?.test ?? null
}
