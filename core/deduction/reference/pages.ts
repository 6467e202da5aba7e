import { organicTestById, testById, TESTS } from '../../catalogue'
import type { Asked } from '../../vocabulary'
import { caseSchema, type Entry, type Observation } from '../../notebook'
import type { SeenLook } from '../../perception'
import { AQUEOUS, COMPONENTS, findSalt, hasTrait, SALTS, SOLIDS, type Salt } from '../../species'
import { COMPOUNDS } from '../../structure'
import { Simulations, type Content, type PerceptPack } from '../simulation/simulations'
import { contentOf } from '../inference/organic/hypotheses'
import { stepsOfTest } from '../simulation/percept-pack'
import { askedAt, lookAt, observationsFromLook, seenIn, worthALook } from '../observation/ideal-observer'

/** One way a test comes out: what there is to see look by look, the equations behind it, and what shows it: salts by formula, compounds by name. */
export interface Outcome {
  readonly looks: readonly { readonly asked: readonly Asked[]; readonly look: SeenLook; readonly lines?: readonly number[] }[]
  readonly equations: readonly string[]
  readonly salts: readonly string[]
}

/** What an ion shows in a test, shown on one salt of it. */
export interface IonInTest {
  readonly test: string
  readonly outcome: Outcome
}

const simulations = new Simulations(500)
export const takeForReference = (pack: PerceptPack): void => simulations.use(pack)

/** What a test is shown on: every bench salt, or every compound of the library, under the name it is asked for by. */
const shownOn = (test: string): readonly (readonly [name: string, content: Content])[] =>
  organicTestById.has(test) ? COMPOUNDS.map(({ name, smiles }) => [name, contentOf(smiles, name)] as const) : SALTS.map((s) => [s.id, s] as const)

function outcomeOf(test: string, name: string, content: Content): { outcome: Outcome; shows: ReadonlySet<string> } {
  const equations = new Set<string>()
  const shows = new Set<string>()
  const looks = stepsOfTest(test).flatMap((step) => {
    const expectation = simulations.expect(content, step.recipe)
    if (!expectation) return []
    for (const equation of expectation.percept.equations) equations.add(equation)
    if (!worthALook(step)) return []
    for (const ion of expectation.percept.shows) shows.add(ion)
    const lines = expectation.percept.flame?.lines ?? []
    return [{ asked: askedAt(step), look: lookAt(step, expectation, [0, 0, 0]), ...(lines.length > 0 ? { lines } : {}) }]
  })
  return { outcome: { looks, equations: [...equations], salts: [name] }, shows }
}

/** How a test comes out with every bench salt, or compound of the library, those that show the same together, the commonest outcome last. */
export function outcomesOfTest(test: string): Outcome[] {
  const byWords = new Map<string, Outcome & { salts: string[] }>()
  for (const [name, content] of shownOn(test)) {
    const { outcome } = outcomeOf(test, name, content)
    const words = JSON.stringify(
      outcome.looks.map(({ look }) => ({ ...look, precipitate: look.precipitate && { ...look.precipitate, amount: '' } })),
      (key, value: unknown) => (key === 'drawn' ? undefined : value),
    )
    const known = byWords.get(words)
    if (known) known.salts.push(name)
    else byWords.set(words, { ...outcome, salts: [name] })
  }
  return [...byWords.values()].sort((a, b) => a.salts.length - b.salts.length)
}

/** A salt to show an ion on: the plainest that dissolves, so that what is seen is the ion's own. */
export function saltFor(ion: string): Salt | undefined {
  const cation = ion.endsWith('+')
  const partners = cation ? ['NO3^-', 'Cl^-', 'SO4^2-', 'CH3COO^-', 'CO3^2-'] : ['Na^+', 'K^+', 'NH4^+', 'Ba^2+']
  const plain = SALTS.filter((s) => ion in s.data.ions && Object.keys(s.data.ions).length === 2)
  return partners.flatMap((partner) => plain.filter((s) => partner in s.data.ions))[0] ?? plain[0] ?? SALTS.find((s) => ion in s.data.ions)
}

/** Every test in which an ion itself shows: its solid, its gas, its colour. */
export function ionInTests(ion: string): { salt: string; tests: IonInTest[] } | null {
  const salt = saltFor(ion)
  if (!salt) return null
  const tests = TESTS.flatMap((test) => {
    const { outcome, shows } = outcomeOf(test.id, salt.id, salt)
    return shows.has(ion) ? [{ test: test.id, outcome }] : []
  })
  return { salt: salt.id, tests }
}

/** The constants that an ion's chemistry rests on: its complexes and its solids, each with value and source. */
export function constantsOf(ion: string): { reaction: string; value: number; unit: string; source: string; note: string | undefined }[] {
  const component = COMPONENTS.indexOf(ion)
  const holds = (terms: readonly (readonly [number, number])[]): boolean => terms.some(([c]) => c === component)
  const side = (sum: Readonly<Record<string, number>>): string =>
    Object.entries(sum)
      .map(([formula, n]) => `${n === 1 ? '' : `${n} `}${formula}`)
      .join(' + ')
  return [
    ...AQUEOUS.flatMap(({ data, terms }) =>
      data.from && data.logK && holds(terms)
        ? [
            {
              reaction: `${side(data.from)} -> ${data.formula}`,
              value: data.logK.value,
              unit: data.logK.unit,
              source: data.logK.source,
              note: data.logK.note,
            },
          ]
        : [],
    ),
    ...SOLIDS.flatMap(({ data, terms }) =>
      holds(terms)
        ? [
            {
              reaction: `${data.formula} (solid) -> ${side(data.to)}`,
              value: data.logK.value,
              unit: data.logK.unit,
              source: data.logK.source,
              note: data.logK.note,
            },
          ]
        : [],
    ),
  ]
}

/** Ions there are pages for: those the standings speak of. */
export const REFERENCE_IONS: readonly string[] = COMPONENTS.filter((ion) => saltFor(ion) !== undefined && ion !== 'H^+')
export const isReferenceTest = (id: string): boolean => testById.has(id)

/** What is written most often at a look. */
export interface Commonest {
  readonly look: SeenLook
  readonly observations: readonly Observation[]
  /** How many of the bench salts show it. */
  readonly salts: number
}

/**
 * What a look of a catalogue test shows most often among the bench salts, as it would be written, the commonest first.
 * @param most no more of them than this
 */
export function commonestAt(test: string, step: number, most: number): Commonest[] {
  const found = new Map<string, { look: SeenLook; observations: readonly Observation[]; salts: number }>()
  for (const { looks, salts } of outcomesOfTest(test)) {
    const here = looks.find(({ look }) => look.step === step)
    if (!here) continue
    // Amounts are the portion's, not the test's.
    const observations = observationsFromLook(here.look, here.asked).filter((o) => o.channel !== 'precipitate.amount')
    const key = observations.map((o) => `${o.channel} ${o.value} ${String(o.negated)}`).join()
    const known = found.get(key)
    if (known) known.salts += salts.length
    else if (observations.length > 0) found.set(key, { look: here.look, observations, salts: salts.length })
  }
  return [...found.values()].sort((a, b) => b.salts - a.salts).slice(0, most)
}

/** What of a look tells one result from another, amounts and shades aside. */
const tells = ({ solution, precipitate, gas, papers, flame, ring, residue, bead, rod, splint, layer, soluble }: SeenLook): string =>
  JSON.stringify([
    solution?.colour.family,
    precipitate?.colour.family,
    gas?.colour.family,
    papers.map((p) => p.to.family),
    flame?.colour.family,
    ring?.colour.family,
    residue && [residue.hot.family, residue.cold.family],
    bead && [bead.hot.family, bead.cold.family],
    rod,
    splint,
    layer?.colour.family,
    soluble,
  ])

const dangerous = new Set(COMPOUNDS.filter(({ hazards }) => hazards.length > 1).map(({ name }) => name))
/** Whether something is set out for a control only where nothing milder does. */
const unkind = (name: string, test: string): number =>
  Number(organicTestById.has(test) ? dangerous.has(name) : Object.keys(findSalt(name)?.data.ions ?? {}).some((ion) => hasTrait(ion, 'set-out-last')))
const MOST_KNOWN = 6

/** What may stand beside a run: salts, or compounds, that show something in the test, the commonest result first, and those that show no more than water does. The mildest come first. */
export function knownsFor(test: string): { readonly positive: readonly string[]; readonly negative: readonly string[] } {
  const outcomes = [...outcomesOfTest(test)].reverse()
  const names = new Map(shownOn(test))
  const did: Entry = { id: 'blank', at: '', did: { test, on: 'A', control: 'blank', beside: 'run' } }
  const water = seenIn({ case: caseSchema.parse({}), entries: [did] }, 'blank', { id: 'water' }, [0, 0, 0]).looks
  const signature = (looks: readonly SeenLook[]): string => looks.map(tells).join()
  const commonest = outcomes[0]?.looks.map(({ look }) => look) ?? []
  const nothing = signature(water.length === commonest.length && !organicTestById.has(test) ? water : commonest)
  const plainness = (name: string): number => names.get(name)?.id.length ?? name.length
  const named = (shows: boolean): string[] =>
    outcomes
      .filter(({ looks }) => (signature(looks.map(({ look }) => look)) !== nothing) === shows)
      .flatMap(({ salts }) => [...salts].sort((a, b) => unkind(a, test) - unkind(b, test) || plainness(a) - plainness(b)).slice(0, 2))
      .sort((a, b) => unkind(a, test) - unkind(b, test))
      .slice(0, MOST_KNOWN)
  return { positive: named(true), negative: named(false) }
}
