import { lnKAt, rootBetween, type Tried } from '../equilibrium'
import { COUPLES, type Couple, type Spared, type When } from '../reactions'
import { AQUEOUS, inComponents, SOLIDS, type Resolved } from '../species'
import { GAS_CONSTANT, kelvin, LN10, WARM } from '../units'
import type { Contents, Reacting } from './state'
import { holdsTrue } from './when'

const FARADAY = 96485.33212
/** A product that is not there yet is taken as so much of it, mol/L, shared out among the forms it would have. */
const TRACE = Math.log(1e-6)
/** A driving force below this is no reaction, V. */
const DRIVING_FORCE = 0.005
/** Less than this is as good as used up, mol. */
const LEAST = 1e-12
const MOST_REACTIONS = 24
/** A pair may come up again when others have changed what it works in. */
const MOST_TURNS = 2
/** A reaction that stops before this share of all it could do is none. */
const WORTH_IT = 1e-4
/** A reaction's extent is found to this share of all it could do, or until this little force is left, V; in no more trials. */
const FINE_ENOUGH = 1 / 4096
const NO_FORCE = 5e-4
const MOST_TRIED = 14
/** Before that it is guessed so often from what the totals say, each guess found to so many halvings. */
const MOST_GUESSED = 5
const HALVINGS = 20
/** What is used up wholly has no activity of its own to compare: this far it is still asked. */
const NEARLY_ALL = 0.999
const logit = (share: number): number => Math.log(share / (1 - share))
const expit = (at: number): number => 1 / (1 + Math.exp(-at))

interface Side {
  /** Pairs of component and coefficient. */
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  /** Those whose amount limits the reaction: all but the hydrogen ion. */
  readonly scarce: readonly (readonly [component: number, coefficient: number])[]
  readonly inert: readonly (readonly [solid: string, coefficient: number])[]
}
interface Prepared {
  readonly couple: Couple
  readonly oxidised: Side
  readonly reduced: Side
}

const side = (sum: Couple['oxidised'], inert: Readonly<Record<string, number>> | undefined): Side => {
  const terms = [...inComponents(sum).terms]
  return { terms, scarce: terms.filter(([component]) => component !== 0), inert: Object.entries(inert ?? {}) }
}
const PREPARED: readonly Prepared[] = COUPLES.map((couple) => ({
  couple,
  oxidised: side(couple.oxidised, couple.inert?.oxidised),
  reduced: side(couple.reduced, couple.inert?.reduced),
}))
/** Components that something can be reduced from, and those that can be oxidised: without one of each, and no solid, nothing reacts. */
const OXIDANTS = [...new Set(PREPARED.flatMap((p) => p.oxidised.scarce.map(([component]) => component)))]
const REDUCTANTS = [...new Set(PREPARED.flatMap((p) => p.reduced.scarce.map(([component]) => component)))]

/** Whether anything that can be oxidised, and anything that can be reduced, is there at all. */
export const mayReact = (totals: Float64Array, inert: ReadonlyMap<string, number>): boolean =>
  inert.size > 0 ||
  (REDUCTANTS.some((component) => (totals[component] as number) > LEAST) && OXIDANTS.some((component) => (totals[component] as number) > LEAST))

interface Pair {
  readonly oxidant: Prepared
  readonly reductant: Prepared
  /** Force the pair wants before it moves, V. */
  readonly threshold: number
}
const pairId = (oxidant: Couple, reductant: Couple): string => `${oxidant.id} | ${reductant.id}`

/**
 * Lets couples react, the pair with the greatest driving force first, each to where its force is gone or something is used up. Changes `totals`, `inert` and `extents`.
 * @returns the equilibrium at the end
 */
export function react(mix: Reacting, start: Contents): Contents {
  let contents = start
  const turns = new Map<string, number>()
  for (let n = 0; n < MOST_REACTIONS; n++) {
    const pair = strongestPair(mix, contents, turns)
    if (!pair) return contents
    const id = pairId(pair.oxidant.couple, pair.reductant.couple)
    const moved = carryOut(pair, mix, contents)
    turns.set(id, moved ? (turns.get(id) ?? 0) + 1 : MOST_TURNS)
    if (moved) contents = moved
  }
  return contents
}

const open = (conditions: readonly When[] | undefined, mix: Reacting, pH: number): boolean =>
  conditions === undefined || conditions.some((when) => holdsTrue(when, mix, pH))

function strongestPair(mix: Reacting, contents: Contents, turns: ReadonlyMap<string, number>): Pair | null {
  let best: Pair | null = null
  let most = 0
  const oxidants = PREPARED.filter((p) => isThere(p.oxidised, mix) && open(p.couple.gate?.oxidises, mix, contents.pH))
  if (oxidants.length === 0) return null
  const reductants = PREPARED.filter((p) => isThere(p.reduced, mix) && open(p.couple.gate?.reduces, mix, contents.pH))
  if (reductants.length === 0) return null
  const given = reductants.map((p) => potential(p, contents, mix))
  for (const oxidant of oxidants) {
    const taken = potential(oxidant, contents, mix)
    for (const [place, reductant] of reductants.entries()) {
      const apart = taken - (given[place] as number)
      if (apart - DRIVING_FORCE <= most || oxidant === reductant || !allows(oxidant, reductant, mix, contents.pH)) continue
      if (turns.size > 0 && (turns.get(pairId(oxidant.couple, reductant.couple)) ?? 0) >= MOST_TURNS) continue
      const slow = overpotential(oxidant, mix) + overpotential(reductant, mix) + (reductant.couple.gate?.reluctant_V ?? 0)
      // What falls apart by itself has no other to wait for, unless its gate speaks of that too.
      const threshold = DRIVING_FORCE + (sharesSpecies(oxidant, reductant) ? apartForce(oxidant, mix) : slow)
      if (apart - threshold > most) {
        most = apart - threshold
        best = { oxidant, reductant, threshold }
      }
    }
  }
  return best
}

/** Strong acid from which on the greater of the two forces holds, mol/L. */
const STRONGLY_ACID = 0.2
const apartForce = ({ couple: { gate } }: Prepared, mix: Reacting): number =>
  gate?.apart_V?.[mix.strongAcid >= STRONGLY_ACID ? 'strongAcid' : 'weakAcid'] ?? 0

const overpotential = ({ couple: { gate } }: Prepared, mix: Reacting): number =>
  gate?.overpotential_V?.[mix.temperature >= WARM ? 'hot' : 'cold'] ?? 0

/** What two couples' kinds say of each other: air takes only what is open to it, surfaces are slow for some, a species that falls apart may be kept from it. */
function allows(oxidant: Prepared, reductant: Prepared, mix: Reacting, pH: number): boolean {
  const { gate } = oxidant.couple
  const onHotMetal = gate?.onMetalsAbove_C !== undefined && reductant.couple.metal === true && mix.temperature >= gate.onMetalsAbove_C
  if (gate?.notOnSolids && reductant.reduced.inert.length > 0 && !onHotMetal) return false
  if (gate?.onlyOpenToAir && !reductant.couple.openToAir) return false
  if (gate?.passesBy && [gate.passesBy].flat().some((spared) => passes(spared, reductant, mix))) return false
  if (reductant.couple.gate?.onlyInPairs && (oxidant.couple.electrons === 1 || oxidant.couple.metal)) return false
  if (gate?.withItself && sharesSpecies(oxidant, reductant)) return open(gate.withItself, mix, pH)
  return true
}

const passes = ({ from = -Infinity, upTo = Infinity, below_C = Infinity, metals, couples }: Spared, { couple }: Prepared, mix: Reacting): boolean =>
  mix.strongAcid >= from &&
  mix.strongAcid < upTo &&
  mix.temperature < below_C &&
  ((metals === true && couple.metal === true) || couples?.includes(couple.id) === true)

/** Whether the two are the halves of a disproportionation: what one is made from the other is made to. */
const sharesSpecies = (oxidant: Prepared, reductant: Prepared): boolean =>
  oxidant.oxidised.scarce.some(([c]) => reductant.reduced.scarce.some(([d]) => c === d))

const isThere = ({ scarce, inert }: Side, { totals, inert: solids }: Reacting): boolean =>
  (scarce.length > 0 || inert.length > 0 || totals[0] !== 0) &&
  scarce.every(([component]) => (totals[component] as number) > LEAST) &&
  inert.every(([solid]) => (solids.get(solid) ?? 0) > LEAST)

/** Nernst's equation, V. */
function potential({ couple, oxidised, reduced }: Prepared, contents: Contents, mix: Reacting): number {
  const ln = lnActivities(oxidised, contents, mix) - lnActivities(reduced, contents, mix)
  return couple.potential_V + ((GAS_CONSTANT * kelvin(mix.temperature)) / (couple.electrons * FARADAY)) * ln
}

function lnActivities({ terms }: Side, contents: Contents, mix: Reacting): number {
  let sum = 0
  for (const [component, n] of terms) sum += n * lnActivity(contents, component, mix)
  return sum
}

function lnActivity(contents: Contents, component: number, mix: Reacting): number {
  const { chemistry, state } = contents
  const local = chemistry.local[component] as number
  return local < 0 ? traceActivity(contents, component, mix) : (state.lambda[local] as number)
}

/** Species and solids by a component they hold once, or at all. */
const FORMS = new Map<number, readonly Resolved[]>()
const PHASES = new Map<number, readonly Resolved[]>()
const formsOf = (component: number): readonly Resolved[] => {
  let known = FORMS.get(component)
  if (!known) FORMS.set(component, (known = AQUEOUS.filter((s) => s.terms.some(([c, n]) => c === component && n === 1))))
  return known
}
const phasesOf = (component: number): readonly Resolved[] => {
  let known = PHASES.get(component)
  if (!known) PHASES.set(component, (known = SOLIDS.filter((s) => !s.data.gate && s.terms.some(([c, n]) => c === component && n > 0))))
  return known
}

/** ln activity a component would have if a trace of it were made here: shared among its complexes, and no more than its solids leave dissolved. */
function traceActivity({ chemistry, state }: Contents, component: number, mix: Reacting): number {
  const others = (s: Resolved): number | null => {
    let sum = lnKAt(s, mix.temperature) + (mix.shift?.get(`aqueous:${s.id}`) ?? 0) * LN10
    for (const [c, n] of s.terms) {
      if (c === component) continue
      const local = chemistry.local[c] as number
      if (local < 0) return null
      sum += n * (state.lambda[local] as number)
    }
    return sum
  }
  let forms = 0
  for (const s of formsOf(component)) {
    const exponent = others(s)
    if (exponent !== null) forms += Math.exp(Math.min(exponent, 600))
  }
  let ln = TRACE - Math.log(Math.max(forms, 1))
  for (const s of phasesOf(component)) {
    const exponent = others(s)
    const n = s.terms.find(([c]) => c === component)?.[1] ?? 1
    if (exponent !== null) ln = Math.min(ln, -exponent / n)
  }
  return ln
}

const FIRST = logit(WORTH_IT)
const LAST = logit(NEARLY_ALL)
/**
 * Where a force that falls with the reaction is gone, as the logit of the share of all it could do: FIRST where it never was, LAST where it lasts.
 * @param inStep the force, but for a constant, if every activity kept in step with its total: the constant is learned from each trial, and most often two are enough
 * @param known the force somewhere, if it is known beforehand
 * @returns the place tried last
 */
function whereSpent(forceAt: (place: number) => number, inStep: (place: number) => number, known: Tried | null): Tried {
  let low = null as Tried | null
  let high = null as Tried | null
  let last = known
  for (let n = 0; n < MOST_GUESSED; n++) {
    const at: number = last ? guessed(last, inStep, low?.at ?? FIRST, high?.at ?? LAST) : LAST
    if (at === low?.at || at === high?.at) break
    last = { at, value: forceAt(at) }
    if (last.value > 0) low = last
    else high = last
    if (Math.abs(last.value) < NO_FORCE || low?.at === LAST || high?.at === FIRST) return last
    if (low && high && expit(high.at) - expit(low.at) < FINE_ENOUGH) return last
  }
  high ??= { at: LAST, value: forceAt(LAST) }
  if (high.value >= 0) return high
  low ??= { at: FIRST, value: forceAt(FIRST) }
  if (low.value <= 0) return low
  // The force goes about as the logarithm of what is made over what is left: on that scale it is nearly straight.
  const near = (tried: Tried, other: Tried): boolean => Math.abs(tried.value) < NO_FORCE || Math.abs(expit(tried.at) - expit(other.at)) < FINE_ENOUGH
  const at = rootBetween(low, high, forceAt, near, MOST_TRIED)
  return { at, value: 0 }
}

/** Where the force would be gone between two places, were it what it is where it was tried, and all activities in step with their totals. */
function guessed(tried: Tried, inStep: (place: number) => number, from: number, to: number): number {
  const wanted = inStep(tried.at) - tried.value
  if (inStep(from) <= wanted) return from
  if (inStep(to) >= wanted) return to
  let [low, high] = [from, to]
  for (let n = 0; n < HALVINGS; n++) {
    const middle = (low + high) / 2
    if (inStep(middle) > wanted) low = middle
    else high = middle
  }
  return (low + high) / 2
}

const HYDROGEN = 'H+/H2'
/** A strip loses this share of what is left of it in a minute; and of any metal so much in water, where hydrogen creeps. */
const STRIP_RATE = 0.25
const CREEP = 0.02
const CREEPS_FROM_pH = 4
const ACID_SPENT_pH = 5.5
const FIRST_MOMENT_min = 0.25

/** How much of a metal may still react in this operation, mol; undefined where nothing but what it meets limits it. */
function paceOf(oxidant: Prepared, reductant: Prepared, mix: Reacting, pH: number): (metal: string) => number | undefined {
  const creeps = oxidant.couple.id === HYDROGEN && pH >= CREEPS_FROM_pH && pH < 11 && mix.temperature < 90
  return (metal) => {
    if (!reductant.reduced.inert.some(([solid]) => solid === metal)) return undefined
    const here = mix.inert.get(metal) ?? 0
    const strip = mix.coarse.has(metal)
    if (!strip && !creeps) return undefined
    let gone = 0
    for (const [pair, electrons] of mix.extents) {
      const [, of = ''] = pair.split(' | ')
      const couple = METALS.get(of)
      if (couple?.metal === metal) gone += (electrons / couple.electrons) * couple.atoms
    }
    const share = strip ? 1 - Math.exp(-STRIP_RATE * (FIRST_MOMENT_min + mix.rested_min)) : 1
    return Math.max(0, (here + gone) * share * (creeps ? CREEP : 1) - gone)
  }
}
/** Of each couple that a metal dissolves by: the metal, its atoms, and the electrons they give. */
const METALS = new Map(
  PREPARED.flatMap(({ couple, reduced }) =>
    reduced.inert.map(([metal, atoms]) => [couple.id, { metal, atoms, electrons: couple.electrons }] as const),
  ),
)

/** Runs one pair to its end, sought between nothing and all where all would be too much. Null, and nothing changed, where it would not move. */
function carryOut({ oxidant, reductant, threshold }: Pair, mix: Reacting, start: Contents): Contents | null {
  const a = reductant.couple.electrons
  const b = oxidant.couple.electrons
  const change = new Map<number, number>()
  const solids = new Map<string, number>()
  const count = <K>(of: Map<K, number>, key: K, n: number): void => void of.set(key, (of.get(key) ?? 0) + n)
  const tally = ({ terms, inert }: Side, n: number): void => {
    for (const [c, m] of terms) count(change, c, m * n)
    for (const [solid, m] of inert) count(solids, solid, m * n)
  }
  tally(oxidant.oxidised, -a)
  tally(oxidant.reduced, a)
  tally(reductant.reduced, -b)
  tally(reductant.oxidised, b)
  let all = Infinity
  for (const [c, n] of change) if (n < 0 && c !== 0) all = Math.min(all, (mix.totals[c] as number) / -n)
  for (const [solid, n] of solids) if (n < 0) all = Math.min(all, (mix.inert.get(solid) ?? 0) / -n)
  // A strip of metal is eaten away over minutes, by as much as its face allows.
  const mayLose = paceOf(oxidant, reductant, mix, start.pH)
  for (const [solid, n] of solids) if (n < 0) all = Math.min(all, (mayLose(solid) ?? Infinity) / -n)
  if (all < LEAST) return null
  // A metal in water is limited by nothing that is counted; so much acid at most as the metal itself could use is what is asked.
  if (!Number.isFinite(all)) return null
  const at = (extent: number): Float64Array => {
    const totals = mix.totals.slice()
    for (const [c, n] of change) totals[c] = c === 0 ? (totals[c] as number) + n * extent : Math.max(0, (totals[c] as number) + n * extent)
    return totals
  }
  // Hydrogen comes of acid: with that used up the metal is skinned over.
  const spentAt_pH = oxidant.couple.id === HYDROGEN && start.pH < CREEPS_FROM_pH ? ACID_SPENT_pH : Infinity
  const force = (contents: Contents): number =>
    contents.pH > spentAt_pH ? -1 : potential(oxidant, contents, mix) - potential(reductant, contents, mix) - threshold + DRIVING_FORCE
  let extent = 0
  let contents = start
  const forceAt = (place: number): number => {
    extent = all * expit(place)
    contents = mix.settle(at(extent))
    return force(contents)
  }
  const scale = (GAS_CONSTANT * kelvin(mix.temperature)) / (a * b * FARADAY)
  const changing = [...change].filter(([c, n]) => c !== 0 && n !== 0)
  const inStep = (place: number): number =>
    scale * changing.reduce((sum, [c, n]) => sum - n * Math.log((mix.totals[c] as number) + n * all * expit(place)), 0)
  const isKnown = changing.every(([c]) => (mix.totals[c] as number) > LEAST)
  const spent = whereSpent(forceAt, inStep, isKnown ? { at: -Infinity, value: force(start) } : null)
  if (spent.at === FIRST && spent.value <= 0) return null
  if (spent.at === LAST && spent.value >= 0) contents = mix.settle(at((extent = all)))
  mix.totals = at(extent)
  for (const [solid, n] of solids) {
    const left = Math.max(0, (mix.inert.get(solid) ?? 0) + n * extent)
    if (left > LEAST) mix.inert.set(solid, left)
    else mix.inert.delete(solid)
  }
  count(mix.extents, pairId(oxidant.couple, reductant.couple), extent * a * b)
  return contents
}
