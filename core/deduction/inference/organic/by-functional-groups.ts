import { isOf } from '../../../channels'
import { compoundOf, forgetStructures, seenAs, type SeenBody } from '../../../structure'
import type { Group } from '../../observation/tests-written'
import type { Hypothesis, Simulations } from '../../simulation/simulations'
import { logOfSum, togetherInOneTest } from '../../observation/error-model'
import { alike, elementsOf, everyMolecule, plausible, priorsOf, type Molecule } from './assembled'
import { contentOf, tellsElements, UNLISTED } from './hypotheses'
import type { Stage } from '../../../catalogue'
import type { Observation } from '../../../notebook'
import { everyTest, isFusion } from '../../../schemes'
import { SMELLS } from '../../../vocabulary'
import type { TraceObservation } from '../../observation/trace'

/**
 * What is in no library and unlike anything in it, described by its groups: molecules put together of skeletons and groups, weighed like any other. There are thousands, so they are asked about only once a fusion has
 * settled the elements, or there are reactions enough without one, test by test, and those that fall behind are left.
 */

/** A set of elements with less than this is left out. */
const LIVE_SET = 0.02
/** No more molecules than this are begun with: those of the likeliest sets. */
const MOST = 6000
/** After so many tests of groups they are asked about though no extract was. */
const REACTIONS = 4
/** One that falls this far behind the best of them is left, as are all of them this far behind the best there is (natural logarithm); and how many are kept at most, on the way and in the end. */
const BEHIND = 12
const ALL_BEHIND = 18
const KEPT_ON_THE_WAY = 700
const KEPT = 100
/** Steps simulated to ask one molecule one test, about. */
const STEPS = 8

/** One test's observations, with what they came to for the hypotheses weighed before. */
export interface Said {
  readonly group: Group
  /** Natural logarithm of the probability of all of them, by hypothesis. */
  readonly sums: Float64Array
  /** As `togetherInOneTest` takes them. */
  readonly otherwise: number
  readonly wrong: number | undefined
}

/** A molecule with what each observation (by its place in the notebook) says of it, together with the others of its test and alone. */
export interface ByGroups {
  readonly hypothesis: Hypothesis
  /** Place of the hypothesis that stands for its elements. */
  readonly bySet: number
  readonly together: ReadonlyMap<number, number>
  readonly alone: ReadonlyMap<number, number>
}

interface Candidate extends ByGroups {
  readonly smiles: string
  /** Its elements and groups. */
  readonly kind: string
  readonly together: Map<number, number>
  readonly alone: Map<number, number>
  total: number
}

/** Whether a test speaks of elements alone: then the hypotheses of elements say what it means. Fluorine is none of those, and is a group. */
export const ofElements = ({ test, observations }: Group): boolean =>
  test !== 'fluorine-zirconium' && observations.every((o) => o.steps.some(({ recipe }) => tellsElements(recipe.steps)))

/** Colours a compound by itself is called, by the family and shade that were written. */
const COLOURS: Readonly<Record<string, string>> = {
  ...{ white: 'white', colourless: 'colourless', yellow: 'yellow', 'pale yellow': 'pale yellow', 'deep yellow': 'yellow', orange: 'orange' },
  ...{ brown: 'pale brown', 'pale brown': 'pale brown' },
}

/**
 * What was written of the compound by itself. A molecule that stands for it is taken to look so: chemistry alone then tells them apart.
 * Undefined as long as nobody said whether it is a liquid.
 */
export function bodyWritten(observations: readonly TraceObservation[]): SeenBody | undefined {
  const written = (stage: Stage, channel: string, test?: string): Observation | undefined =>
    observations.find(({ observation: o, steps: [step] }) => {
      const known = everyTest.get(step?.test ?? '')
      return o.channel === channel && !o.negated && known?.stage === stage && (test === undefined || known.id === test)
    })?.observation
  const form = written('looked', 'appearance.form')?.value
  if (form === undefined) return undefined
  const colour = written('looked', 'appearance.colour')
  const smell = SMELLS.find((s) => s === written('looked', 'smell')?.value)
  const constant = (channel: string): number | null => {
    const read = Number(written('constants', channel)?.value ?? 'none')
    return Number.isFinite(read) ? read : null
  }
  const rests = written('solubility class', 'layer.rests', IN_WATER)?.value
  const dissolved = written('solubility class', 'solubility', IN_WATER)?.value
  return {
    form: form === 'liquid' || form === 'crystals' ? form : 'powder',
    colour: COLOURS[`${colour?.degree ?? ''} ${colour?.value ?? ''}`.trim()] ?? COLOURS[colour?.value ?? ''] ?? 'colourless',
    smell: smell ?? 'none',
    ...{ melts_C: constant('melting-point'), boils_C: constant('boiling-point') },
    ...(rests === undefined ? {} : { sinks: rests === 'lower' }),
    ...(dissolved === 'yes' || dissolved === 'partly' || dissolved === 'no' ? { dissolves: dissolved } : {}),
  }
}
const IN_WATER = 'organic-in-water'

/** Whether a test asks about the body of a compound alone, which any other with its groups may have. */
const isOfBody = ({ observations: [first] }: Group): boolean => {
  const test = everyTest.get(first?.steps[0]?.test ?? '')
  return test?.stage === 'looked' || test?.id === IN_WATER
}

/** Whether a test says the same of all that stand in the body that was seen. */
const saysAlike = (group: Group): boolean => isOfBody(group) || everyTest.get(group.test ?? '')?.stage === 'constants'

/**
 * Sets of elements that the tests of elements left open, the likeliest first, each with a hypothesis that stands for it and the natural logarithm of what those tests say: that of its compounds which tells them best, since
 * how much sodium a molecule takes, how far it chars and how much of each element it gives is not known of what was put together.
 */
function liveSets(before: readonly Hypothesis[], elemental: readonly Said[]): ReadonlyMap<string, { readonly h: number; readonly log: number }> {
  const bySet = new Map<string, { logs: number[]; h: number; log: number }>()
  const all = before.map(({ ions, prior }, h) => {
    const said = elemental.reduce((sum, { sums }) => sum + (sums[h] as number), 0)
    const key = elementsOf(ions)
    const set = bySet.get(key) ?? { logs: [], h, log: said }
    set.logs.push(Math.log(prior) + said)
    bySet.set(key, said > set.log ? { ...set, h, log: said } : set)
    return Math.log(prior) + said
  })
  const least = logOfSum(all) + Math.log(LIVE_SET)
  const sets = [...bySet].flatMap(([key, { logs, h, log }]) => (logOfSum(logs) < least ? [] : [{ key, h, log, mass: logOfSum(logs) }]))
  return new Map(sets.sort((a, b) => b.mass - a.mass).map(({ key, h, log }) => [key, { h, log }] as const))
}

/** Those that have not fallen behind, and no more than so many. */
function ahead(candidates: readonly Candidate[], leader: number, most: number): Candidate[] {
  const best = Math.max(...candidates.map((c) => c.total))
  if (best < leader - ALL_BEHIND) return []
  return likeliestOfEachKind(
    candidates.filter((c) => c.total > best - BEHIND),
    most,
  )
}

/** How much further down each isomer of a kind stands than the one before it, where room is short (natural logarithm, times that of its place): those that come out alike do not crowd out other groups. */
const CROWDED = 2
/** No more than so many, the likeliest of many kinds first. */
function likeliestOfEachKind(candidates: readonly Candidate[], most: number): Candidate[] {
  const likeliest = [...candidates].sort((a, b) => b.total - a.total)
  if (likeliest.length <= most) return likeliest
  const met = new Map<string, number>()
  const ranked = likeliest.map((candidate) => {
    const place = (met.get(candidate.kind) ?? 0) + 1
    met.set(candidate.kind, place)
    return { candidate, at: candidate.total - CROWDED * Math.log(place) }
  })
  return ranked
    .sort((a, b) => b.at - a.at)
    .slice(0, most)
    .map(({ candidate }) => candidate)
}

/** The molecules of these sets of elements, as far as there are not too many. */
function moleculesOf(sets: readonly string[], every: readonly Molecule[]): readonly Molecule[] {
  let taken: readonly Molecule[] = []
  for (const set of sets) {
    const more = every.filter((molecule) => molecule.set === set)
    if (taken.length + more.length > MOST) break
    taken = [...taken, ...more]
  }
  return taken
}

/** The body that molecules were last asked about in. */
const embodied = new WeakMap<Simulations, string>()
/** In another body they are asked everything anew: what was worked out in the one before is let go of. */
function letGo(simulations: Simulations, body: SeenBody | undefined, alike: readonly Molecule[]): void {
  const now = body ? JSON.stringify(body) : ''
  const before = embodied.get(simulations)
  embodied.set(simulations, now)
  if (before === undefined || before === now) return
  const ids =
    before === '' ? everyMolecule().map((m) => m.content.id) : [...everyMolecule(), ...alike].map(({ content: { id } }) => `${id} ${before}`)
  simulations.forget(ids)
  if (before !== '') forgetStructures(ids)
}

/** Molecules that stood up when all were last gone through, by their structures: the next line is asked of them first. */
const standing = new WeakMap<Simulations, ReadonlySet<string>>()

/**
 * The molecules that stand up beside what was weighed before; none while the elements are open.
 * @param before hypotheses weighed before, those that stand for elements alone among them
 * @param said what each test said of those
 * @param tell probability of an observation (by its place in the notebook) for a molecule
 * @param deep steps that may be simulated, about, to go through all of them; with none, only those that stood up before are looked at
 */
export function weighByGroups(
  before: readonly Hypothesis[],
  said: readonly Said[],
  tell: (hypothesis: Hypothesis, place: number) => number,
  simulations: Simulations,
  deep: number,
): readonly ByGroups[] {
  // Where nothing but elements is asked, groups are not.
  if (before.every((h) => h.elementsOnly)) return []
  if (deep === 0 && !standing.has(simulations)) return []
  const elemental = said.filter(({ group }) => ofElements(group))
  // A copper wire settles nothing; what may not be fused is known by its reactions alone.
  const extracted = elemental.some(({ group }) => group.test !== 'beilstein' && !isFusion(group.test))
  if (!extracted && said.filter(({ group }) => everyTest.get(group.test ?? '')?.stage === 'functional groups').length < REACTIONS) return []
  const sets = liveSets(before, elemental)
  const body = bodyWritten(said.flatMap(({ group }) => group.observations))
  const likeThem = alike(before, body)
  const among = moleculesOf([...sets.keys()], [...likeThem, ...everyMolecule()])
  const priors = priorsOf(before, likeThem)
  letGo(simulations, body, likeThem)
  const begin = (molecules: typeof among): Candidate[] =>
    molecules.flatMap((molecule): Candidate[] => {
      const set = sets.get(molecule.set)
      // One that the library has is thought of already, with what is known of it.
      if (!set || (!molecule.ofLibrary && compoundOf(molecule.content.id))) return []
      const content = body ? contentOf(seenAs(molecule.content.id, body), UNLISTED) : molecule.content
      const fits = body && !molecule.ofLibrary ? plausible(molecule.content.id, body) : 1
      const prior = molecule.ofLibrary ? molecule.prior : (priors.get(molecule.kind) ?? 0)
      const hypothesis = { ...molecule, prior, content }
      const log = Math.log(prior * fits) + set.log
      return [{ hypothesis, smiles: molecule.content.id, kind: molecule.kind, together: new Map(), alone: new Map(), total: log, bySet: set.h }]
    })
  // What tells most is asked first, while there are many to ask; of the body, which all of them have alike, last: it would leave the likeliest beforehand alone to be asked.
  const others = said
    .filter((test) => !elemental.includes(test))
    .sort((a, b) => Number(saysAlike(a.group)) - Number(saysAlike(b.group)) || tellingOf(b) - tellingOf(a))
  const leaders = leadersOf(before, elemental, others)
  const goThrough = (molecules: typeof among, most: number): readonly Candidate[] => {
    const until = simulations.made + most
    let candidates = begin(molecules)
    for (const [k, test] of others.entries()) {
      // Where there are more than can be asked, the likeliest of each kind are.
      candidates = likeliestOfEachKind(candidates, Math.max(KEPT, (until - simulations.made) / STEPS))
      for (const candidate of candidates) weighOne(candidate, test, tell)
      candidates = ahead(candidates, leaders[k] ?? 0, KEPT_ON_THE_WAY)
    }
    return ahead(candidates, leaders.at(-1) ?? 0, KEPT)
  }
  const all = deep > 0 ? goThrough(among, deep) : null
  if (all) standing.set(simulations, new Set(all.map((c) => c.smiles)))
  const known = standing.get(simulations)
  return (
    all ??
    (known
      ? goThrough(
          among.filter((m) => known.has(m.content.id)),
          Infinity,
        )
      : [])
  )
}

/** How much better the best explains a test than they do on the whole (natural logarithm). */
const tellingOf = ({ sums, otherwise }: Said): number => Math.max(...sums) - otherwise

/** The best of what was weighed before, by the tests of elements and after each of the others: natural logarithm. */
function leadersOf(before: readonly Hypothesis[], elemental: readonly Said[], others: readonly Said[]): readonly number[] {
  const logs = Float64Array.from(before, (h) => Math.log(h.prior))
  const add = ({ sums }: Said): void => sums.forEach((log, h) => (logs[h] = (logs[h] ?? 0) + log))
  elemental.forEach(add)
  return others.map((test) => {
    add(test)
    return Math.max(...logs)
  })
}

function weighOne(candidate: Candidate, { group, otherwise, wrong }: Said, tell: (hypothesis: Hypothesis, place: number) => number): void {
  const { places, observations } = group
  const ofBody = isOfBody(group)
  const rows = places.map((place, k) => {
    // That its solution turns litmus is chemistry, whatever body it is in.
    const isBody = ofBody && !isOf(observations[k]?.observation.channel ?? '', 'paper')
    return Float64Array.of(isBody ? otherwise / places.length : Math.log(tell(candidate.hypothesis, place)))
  })
  rows.forEach((row, k) => candidate.alone.set(places[k] as number, row[0] as number))
  togetherInOneTest(rows, otherwise, wrong)
  rows.forEach((row, k) => {
    candidate.together.set(places[k] as number, row[0] as number)
    candidate.total += row[0] as number
  })
}
