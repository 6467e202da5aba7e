import { COUPLES, type Couple } from '../reactions'
import { inComponents } from '../species'
import { GAS_CONSTANT, kelvin, type Celsius } from '../units'
import type { Contents } from './vessel'

const FARADAY = 96485.33212
/** A component that is not there is taken at this activity: as good as absent, yet its couple has a potential. */
const TRACE = Math.log(1e-13)
/** A driving force below this is no reaction, V. */
const DRIVING_FORCE = 0.005
/** Less than this is as good as used up, mol. */
const LEAST = 1e-12
const MOST_REACTIONS = 12

interface Side {
  /** Pairs of component and coefficient. */
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  /** Those whose amount limits the reaction: all but the hydrogen ion. */
  readonly scarce: readonly (readonly [component: number, coefficient: number])[]
}
interface Prepared {
  readonly couple: Couple
  readonly oxidised: Side
  readonly reduced: Side
  readonly inert: readonly (readonly [solid: string, coefficient: number])[]
}

const side = (sum: Couple['oxidised']): Side => {
  const terms = [...inComponents(sum).terms]
  return { terms, scarce: terms.filter(([component]) => component !== 0) }
}
const PREPARED: readonly Prepared[] = COUPLES.map((couple) => ({
  couple,
  oxidised: side(couple.oxidised),
  reduced: side(couple.reduced),
  inert: Object.entries(couple.inert ?? {}),
}))
/** Components that only an oxidation or reduction can make or take: where no reductant's are there nothing can react. */
const REDUCTANTS = [...new Set(PREPARED.flatMap((p) => p.reduced.scarce.map(([component]) => component)))]

/** What redox works on: amounts, mol, and how to get the equilibrium for them. */
export interface Reacting {
  totals: Float64Array
  inert: Map<string, number>
  readonly temperature: Celsius
  /** Strong acid, mol/L. */
  readonly strongAcid: number
  /** Equilibrium of these totals. */
  readonly settle: (totals: Float64Array) => Contents
}

/** Whether anything that can be oxidised is there at all. */
export const mayReact = (totals: Float64Array, inert: ReadonlyMap<string, number>): boolean =>
  inert.size > 0 || REDUCTANTS.some((component) => (totals[component] as number) > LEAST)

/**
 * Lets couples react, the pair with the greatest driving force first, each to where its force is gone or something is used up. Changes `totals` and `inert`.
 * @returns the equilibrium at the end
 */
export function react(mix: Reacting, start: Contents): Contents {
  let contents = start
  const open = PREPARED.filter(
    ({ couple: { gate } }) => !gate || (mix.strongAcid >= (gate.from ?? -Infinity) && mix.strongAcid <= (gate.upTo ?? Infinity)),
  )
  const done = new Set<string>()
  for (let n = 0; n < MOST_REACTIONS; n++) {
    const pair = strongestPair(open, mix, contents, done)
    if (!pair) return contents
    done.add(`${pair.oxidant.couple.id} ${pair.reductant.couple.id}`)
    contents = carryOut(pair, mix)
  }
  return contents
}

interface Pair {
  readonly oxidant: Prepared
  readonly reductant: Prepared
}

function strongestPair(couples: readonly Prepared[], mix: Reacting, contents: Contents, done: ReadonlySet<string>): Pair | null {
  let best: Pair | null = null
  let most = DRIVING_FORCE
  for (const oxidant of couples) {
    if (!isThere(oxidant.oxidised, [], mix)) continue
    for (const reductant of couples) {
      if (oxidant.couple.gate?.notOnSolids && reductant.inert.length > 0) continue
      if (reductant === oxidant || !isThere(reductant.reduced, reductant.inert, mix) || done.has(`${oxidant.couple.id} ${reductant.couple.id}`))
        continue
      const force = potential(oxidant, contents, mix.temperature) - potential(reductant, contents, mix.temperature)
      if (force > most) {
        most = force
        best = { oxidant, reductant }
      }
    }
  }
  return best
}

const isThere = ({ scarce }: Side, inert: Prepared['inert'], { totals, inert: solids }: Reacting): boolean =>
  scarce.every(([component]) => (totals[component] as number) > LEAST) && inert.every(([solid]) => (solids.get(solid) ?? 0) > LEAST)

/** Nernst's equation, V. */
function potential({ couple, oxidised, reduced }: Prepared, contents: Contents, temperature: Celsius): number {
  const ln = ({ terms }: Side): number => terms.reduce((sum, [component, n]) => sum + n * lnActivity(contents, component), 0)
  return couple.potential_V + ((GAS_CONSTANT * kelvin(temperature)) / (couple.electrons * FARADAY)) * (ln(oxidised) - ln(reduced))
}

function lnActivity({ chemistry, state }: Contents, component: number): number {
  const local = chemistry.local[component] as number
  return local < 0 ? TRACE : Math.max(TRACE, state.lambda[local] as number)
}

/** Runs one pair to its end: by halving between nothing and all, where all would be too much. */
function carryOut({ oxidant, reductant }: Pair, mix: Reacting): Contents {
  const a = reductant.couple.electrons
  const b = oxidant.couple.electrons
  const change = new Map<number, number>()
  const count = (component: number, n: number): void => void change.set(component, (change.get(component) ?? 0) + n)
  for (const [c, n] of oxidant.oxidised.terms) count(c, -n * a)
  for (const [c, n] of oxidant.reduced.terms) count(c, n * a)
  for (const [c, n] of reductant.reduced.terms) count(c, -n * b)
  for (const [c, n] of reductant.oxidised.terms) count(c, n * b)
  const solids = new Map<string, number>()
  for (const [solid, n] of oxidant.inert) solids.set(solid, n * a)
  for (const [solid, n] of reductant.inert) solids.set(solid, (solids.get(solid) ?? 0) - n * b)
  let all = Infinity
  for (const [c, n] of change) if (n < 0 && c !== 0) all = Math.min(all, (mix.totals[c] as number) / -n)
  for (const [solid, n] of solids) if (n < 0) all = Math.min(all, (mix.inert.get(solid) ?? 0) / -n)
  const at = (extent: number): Float64Array => {
    const totals = Float64Array.from(mix.totals)
    for (const [c, n] of change) totals[c] = c === 0 ? (totals[c] as number) + n * extent : Math.max(0, (totals[c] as number) + n * extent)
    return totals
  }
  const force = (contents: Contents): number => potential(oxidant, contents, mix.temperature) - potential(reductant, contents, mix.temperature)
  let extent = all
  let contents = mix.settle(at(all))
  // What is used up wholly has no activity of its own to compare: a thousandth short of it tells which way it still goes.
  if (force(mix.settle(at(all * 0.999))) < 0) {
    let low = 0
    let high = all * 0.999
    for (let n = 0; n < 14; n++) {
      extent = (low + high) / 2
      contents = mix.settle(at(extent))
      if (force(contents) > 0) low = extent
      else high = extent
    }
  }
  mix.totals = at(extent)
  for (const [solid, n] of solids) mix.inert.set(solid, Math.max(0, (mix.inert.get(solid) ?? 0) + n * extent))
  return contents
}
