import { davies, IONIC_STRENGTH_LIMIT, SALTING_OUT } from './activity'
import { ActiveSet } from './active-set'
import { MOST_SQUARED, type System } from './system'

/** What is in the vessel. Totals in mol by component; only the hydrogen total may be negative. */
export interface Totals {
  readonly totals: Float64Array
  readonly volume_L: number
  /** Gas space exchanging with the liquid, as volume / (R T) in mol/atm; 0 for none. */
  readonly gasSpace: number
  /** Volume of a second liquid over that of the water; nothing or 0 for none. */
  readonly secondLiquid?: number
  /** ln of the factor by which the first component's activity exceeds its concentration in strong acid, beyond the ionic strength's; 0 unless given. */
  readonly acidExcess?: number
  /** 1 where the pure phase may form; undefined lets all of them. */
  readonly allowed?: Uint8Array
}

/** The answer, and where the next solve starts from. Amounts are concentrations, mol/L of liquid (a gas: mol per litre of liquid). */
export interface State {
  readonly lambda: Float64Array
  readonly amounts: Float64Array
  readonly phases: Float64Array
  ionicStrength: number
  iterations: number
  /** False until a solve has filled it: the next one then starts cold. */
  warm: boolean
}

export const newState = (system: System): State => ({
  lambda: new Float64Array(system.components),
  amounts: new Float64Array(system.species),
  phases: new Float64Array(system.phases),
  ionicStrength: 0,
  iterations: 0,
  warm: false,
})

/** Where another solve of the same system is to start from. */
export const stateFrom = ({ lambda, amounts, phases, ionicStrength, warm }: State): State => ({
  lambda: lambda.slice(),
  amounts: new Float64Array(amounts.length),
  phases: phases.slice(),
  ionicStrength,
  iterations: 0,
  warm,
})

/** Thrown when the iteration does not end: the problem is convex, so this is a bug or an impossible total. */
export class EquilibriumError extends Error {
  constructor(
    message: string,
    readonly residual: number,
  ) {
    super(message)
    this.name = 'EquilibriumError'
  }
}

const TOLERANCE = 1e-11
/** Where a balance is the difference of large amounts, rounding may stop it short of the tolerance: once it no longer falls, this is near enough. */
const ROUNDING = 5e-9
/** How a phase that is there but not just saturated (in ln of its ion product) counts beside a balance that is off. */
const WALL_WEIGHT = 0.01
const SATURATION_TOLERANCE = 1e-10
/** Beyond this ratio of the two sides of a balance the step is taken in its logarithm. */
const FAR = 4
/**
 * From the last state; failing that, from a fresh guess; failing that too, the same with short steps. A start from a far-off state can lead Newton's method into
 * a corner where everything overflows, once in some hundred thousand random tubes. A component that solids hold but for some e⁻⁵⁰ of it leaves the Hessian next to singular, and the phases
 * change places for ever: the last attempts put a little of what there is of each component on the diagonal, which bends the way but not where it ends.
 */
const ATTEMPTS = [
  { warm: true, longest: 30, iterations: 60, ridge: 0 },
  { warm: false, longest: 30, iterations: 100, ridge: 0 },
  { warm: false, longest: 2, iterations: 400, ridge: 0 },
  { warm: false, longest: 30, iterations: 600, ridge: 1e-9 },
  { warm: false, longest: 30, iterations: 2000, ridge: 1e-6 },
]
/** A step this small changes no amount by much more than itself: it is taken whole, since the slope along it may be below rounding. */
const SAFE_STEP = 0.1
/** Halvings of the acidity range in a cold start: leaves about a third of a pH unit. */
const GUESSES = 6

let iterated = 0
/** Iterations made so far by every solver of this process: by their difference it is known what some chemistry cost, on whatever machine. */
export const iterationsSoFar = (): number => iterated

/** How large a system may be. */
type Room = Pick<System, 'components' | 'species' | 'phases'>

/**
 * Equilibrium as the convex problem: minimise Σ amounts − Σ totals·λ over λ, no pure phase supersaturated; the multipliers of
 * the saturated phases are their amounts. Newton's method, the steps far from the balance damped in the logarithm, the
 * phases by an active set; activity coefficients follow the ionic strength between steps and are frozen once it settles.
 * One work space serves every system, one solve at a time: thousands of systems are remembered, and one for each would take more
 * memory than all else that a solver needs.
 */
class Solver {
  private readonly total: Float64Array
  private readonly gradient: Float64Array
  private readonly positive: Float64Array
  private readonly negative: Float64Array
  private readonly shrink: Float64Array
  private readonly hessian: Float64Array
  private readonly step: Float64Array
  private readonly trial: Float64Array
  private readonly pull: Float64Array
  private readonly held: Float64Array
  /** By charge squared. */
  private readonly lnGamma = new Float64Array(MOST_SQUARED + 1)
  private readonly factor = new Float64Array(MOST_SQUARED + 1)
  /** ln K of each species with its activity coefficient, and the room it is in, taken in. */
  private readonly constant: Float64Array
  private readonly lnPlace = new Float64Array(3)
  private readonly active: ActiveSet
  private ionicStrength = 0
  private longest = 0
  private ridge = 0
  private acidExcess = 0

  private constructor(
    private system: System,
    private readonly room: Room,
  ) {
    const { components: m, species, phases } = room
    this.total = new Float64Array(m)
    this.gradient = new Float64Array(m)
    this.positive = new Float64Array(m)
    this.negative = new Float64Array(m)
    this.shrink = new Float64Array(m)
    this.hessian = new Float64Array(m * m)
    this.step = new Float64Array(m)
    this.trial = new Float64Array(m)
    this.pull = new Float64Array(m)
    this.held = new Float64Array(m)
    this.active = new ActiveSet(system, m, phases)
    this.constant = new Float64Array(species)
  }

  /** At work on this system: the last one, or one with more room where that has too little. */
  static on(system: System, last: Solver | undefined): Solver {
    const room = last?.room
    if (!last || !room || system.components > room.components || system.species > room.species || system.phases > room.phases)
      return new Solver(system, {
        components: Math.max(system.components, room?.components ?? 0),
        species: Math.max(system.species, room?.species ?? 0),
        phases: Math.max(system.phases, room?.phases ?? 0),
      })
    last.system = system
    return last
  }

  /** As `solveSystem` below. */
  solve(given: Totals, state: State): void {
    this.load(given)
    for (const { warm, longest, iterations, ridge } of ATTEMPTS) {
      if (warm && !state.warm) continue
      this.longest = longest
      this.ridge = ridge
      if (this.attempt(given, state, iterations)) return
      state.warm = false
    }
    throw new EquilibriumError('the equilibrium iteration did not end', this.balance(state))
  }

  private attempt(given: Totals, state: State, iterations: number): boolean {
    let kept = state.warm
    if (!state.warm) this.guess(state, given.allowed)
    else kept = this.makeFeasible(state, given.allowed)
    this.useActivities(state.ionicStrength)
    this.evaluate(state.lambda, state.amounts)
    this.active.reset(this.system, state.phases, given.allowed, kept)
    // A state that holds for these totals too needs no step.
    let frozen = kept && this.followActivities(state, Infinity)
    let last = Infinity
    for (let iteration = 1; iteration <= iterations; iteration++) {
      iterated++
      const worst = this.balance(state)
      const balanced = worst < TOLERANCE || (worst < ROUNDING && worst > 0.5 * last)
      last = worst
      if (balanced && frozen && this.active.settled) {
        state.iterations = iteration
        state.ionicStrength = this.ionicStrength
        state.warm = true
        return true
      }
      this.assemble(state.amounts)
      this.active.minimise(this.hessian, this.gradient, state.lambda, state.phases, this.step)
      frozen = this.followActivities(state, this.advance(state))
    }
    return false
  }

  private load(given: Totals): void {
    const { total } = this
    const { components } = this.system
    if (!(given.volume_L > 0)) throw new RangeError(`a volume must be above zero, not ${given.volume_L} L`)
    for (let j = 0; j < components; j++) {
      const t = (given.totals[j] as number) / given.volume_L
      if (!Number.isFinite(t) || (t <= 0 && j > 0)) throw new RangeError(`component ${j} has the impossible total ${given.totals[j] ?? 'none'} mol`)
      total[j] = t
    }
    this.acidExcess = given.acidExcess ?? 0
    this.lnPlace[0] = 0
    this.lnPlace[1] = given.gasSpace > 0 ? Math.log(given.gasSpace / given.volume_L) : -Infinity
    this.lnPlace[2] = given.secondLiquid ? Math.log(given.secondLiquid) : -Infinity
  }

  /**
   * Cold start by predominance: at a given acidity each component is cut down until no species holds more of it than there is and no
   * solid is supersaturated; the acidity is where the hydrogen balance of that picture changes sign.
   */
  private guess(state: State, allowed: Uint8Array | undefined): void {
    state.ionicStrength = 0.1
    this.useActivities(state.ionicStrength)
    let acid = 5
    let basic = -37
    for (let k = 0; k < GUESSES; k++) {
      const middle = (acid + basic) / 2
      if (this.predominance(middle, state, allowed) > 0) acid = middle
      else basic = middle
    }
    this.predominance((acid + basic) / 2, state, allowed)
  }

  /** Fills λ and the phases for one ln a(H+); returns hydrogen held less hydrogen present, mol/L. */
  private predominance(lambdaH: number, state: State, allowed: Uint8Array | undefined): number {
    const { components, species, start, columns, coefficients } = this.system
    const { lambda, amounts } = state
    const { total, constant } = this
    lambda[0] = lambdaH
    for (let j = 1; j < components; j++) lambda[j] = Math.log(total[j] as number)
    for (let i = components; i < species; i++) {
      let exponent = constant[i] as number
      let scarcest = Infinity
      let lowered = -1
      let coefficient = 1
      for (let k = start[i] as number; k < (start[i + 1] as number); k++) {
        const j = columns[k] as number
        const a = coefficients[k] as number
        exponent += a * (lambda[j] as number)
        if (j > 0 && (total[j] as number) / a < scarcest) {
          scarcest = (total[j] as number) / a
          lowered = j
          coefficient = a
        }
      }
      if (lowered < 0) continue
      const most = Math.log(scarcest)
      if (exponent > most) lambda[lowered] = (lambda[lowered] as number) - (exponent - most) / coefficient
    }
    state.phases.fill(0)
    this.makeFeasible(state, allowed)
    this.evaluate(lambda, amounts)
    let balance = -(total[0] as number)
    for (let i = 0; i < species; i++)
      for (let k = start[i] as number; k < (start[i + 1] as number); k++)
        if (columns[k] === 0) balance += (coefficients[k] as number) * (amounts[i] as number)
    const { phases, phaseStart, phaseColumns, phaseCoefficients } = this.system
    for (let p = 0; p < phases; p++)
      for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++)
        if (phaseColumns[k] === 0) balance += (phaseCoefficients[k] as number) * (state.phases[p] as number)
    return balance
  }

  /** Lowers components until no allowed phase is supersaturated: the active set then starts inside its walls. Returns whether none was. */
  private makeFeasible(state: State, allowed: Uint8Array | undefined): boolean {
    const s = this.system
    let none = true
    for (let p = 0; p < s.phases; p++) {
      if (allowed?.[p] === 0) continue
      let index = s.phaseLnK[p] as number
      let lowered = -1
      let coefficient = 1
      let scarcest = Infinity
      for (let k = s.phaseStart[p] as number; k < (s.phaseStart[p + 1] as number); k++) {
        const j = s.phaseColumns[k] as number
        const a = s.phaseCoefficients[k] as number
        index += a * (state.lambda[j] as number)
        if (j === 0 || a <= 0) continue
        const share = (this.total[j] as number) / a
        if (share < scarcest) {
          scarcest = share
          lowered = j
          coefficient = a
        }
      }
      if (index > SATURATION_TOLERANCE && lowered >= 0) {
        state.lambda[lowered] = (state.lambda[lowered] as number) - index / coefficient
        if (state.phases[p] === 0) state.phases[p] = scarcest
        none = false
      }
    }
    return none
  }

  private useActivities(ionicStrength: number): void {
    this.ionicStrength = ionicStrength
    const f = this.system.slope * davies(ionicStrength)
    const { lnGamma, constant, lnPlace } = this
    const { species, lnK, place, chargeSquared, squares } = this.system
    for (const z2 of squares) lnGamma[z2] = z2 === 0 ? SALTING_OUT * Math.min(ionicStrength, IONIC_STRENGTH_LIMIT) : -f * z2
    for (let i = 0; i < species; i++) {
      const where = place[i] as number
      constant[i] = (lnK[i] as number) + (where === 0 ? -(lnGamma[chargeSquared[i] as number] as number) : (lnPlace[where] as number))
    }
  }

  private evaluate(lambda: Float64Array, amounts: Float64Array): void {
    const { species, start, columns, coefficients } = this.system
    const { constant } = this
    for (let i = 0; i < species; i++) {
      let exponent = constant[i] as number
      const end = start[i + 1] as number
      for (let k = start[i] as number; k < end; k++) exponent += (coefficients[k] as number) * (lambda[columns[k] as number] as number)
      amounts[i] = Math.exp(exponent > 200 ? 200 : exponent)
    }
    if (this.acidExcess !== 0) amounts[0] = (amounts[0] as number) * Math.exp(-this.acidExcess)
  }

  /** Both sides of every balance, their difference the gradient; returns the worst relative difference, phases and their saturation included. */
  private balance(state: State): number {
    const { species, start, columns, coefficients, phases, phaseStart, phaseColumns, phaseCoefficients, phaseLnK, components } = this.system
    const { gradient, positive, negative, total } = this
    const { amounts } = state
    for (let j = 0; j < components; j++) {
      const t = total[j] as number
      positive[j] = t < 0 ? -t : 0
      negative[j] = t > 0 ? t : 0
      gradient[j] = -t
    }
    for (let i = 0; i < species; i++) {
      const n = amounts[i] as number
      const end = start[i + 1] as number
      for (let k = start[i] as number; k < end; k++) {
        const j = columns[k] as number
        const held = (coefficients[k] as number) * n
        gradient[j] = (gradient[j] as number) + held
        if (held > 0) positive[j] = (positive[j] as number) + held
        else negative[j] = (negative[j] as number) - held
      }
    }
    let worst = 0
    for (let p = 0; p < phases; p++) {
      const x = state.phases[p] as number
      if (x === 0) continue
      let index = phaseLnK[p] as number
      for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++) {
        const j = phaseColumns[k] as number
        index += (phaseCoefficients[k] as number) * (state.lambda[j] as number)
        const held = (phaseCoefficients[k] as number) * x
        if (held > 0) positive[j] = (positive[j] as number) + held
        else negative[j] = (negative[j] as number) - held
      }
      worst = Math.max(worst, WALL_WEIGHT * Math.abs(index))
    }
    for (let j = 0; j < components; j++) {
      const up = positive[j] as number
      const down = negative[j] as number
      const off = Math.abs(up - down) / (up + down)
      if (off > worst) worst = off
    }
    return worst
  }

  /** The Hessian Σ n a aᵀ, species of a component in far excess scaled down and scarce components weighted up, so that a far step is one in logarithms. */
  private assemble(amounts: Float64Array): void {
    const { components, species, pairStart, pairs, pairCoefficients, start, columns, coefficients } = this.system
    const { hessian, positive, negative, shrink } = this
    let far = false
    hessian.fill(0, 0, components * components)
    for (let j = 0; j < components; j++) {
      const up = positive[j] as number
      const down = negative[j] as number
      shrink[j] = 1
      if (up > FAR * down && down > 0) {
        shrink[j] = (up - down) / Math.log(up / down) / up
        far = true
      } else if (down > FAR * up) {
        hessian[j * components + j] = (down - up) / Math.log(down / Math.max(up, 1e-300)) - up
      }
    }
    for (let i = 0; i < species; i++) {
      let n = amounts[i] as number
      if (far) {
        let factor = 1
        for (let k = start[i] as number; k < (start[i + 1] as number); k++) {
          if ((coefficients[k] as number) > 0) factor = Math.min(factor, shrink[columns[k] as number] as number)
        }
        n *= factor
      }
      const end = pairStart[i + 1] as number
      for (let k = pairStart[i] as number; k < end; k++) {
        const at = pairs[k] as number
        hessian[at] = (hessian[at] as number) + (pairCoefficients[k] as number) * n
      }
    }
    if (this.ridge > 0)
      for (let j = 0; j < components; j++)
        hessian[j * components + j] = (hessian[j * components + j] as number) + this.ridge * ((positive[j] as number) + (negative[j] as number))
  }

  /**
   * Goes along the step, shortened until the slope along it has not turned up by more than half; returns the largest change of any λ. The
   * slope is that of the Lagrangian with the step's own amounts of the phases, summed component by component: a wall that rounding has left
   * a little ajar then weighs nothing.
   */
  private advance(state: State): number {
    const { step, trial, pull, total } = this
    const m = this.system.components
    let largest = 0
    for (let j = 0; j < m; j++) {
      largest = Math.max(largest, Math.abs(step[j] as number))
      pull[j] = -(total[j] as number)
    }
    let t = largest > this.longest ? this.longest / largest : 1
    if (largest >= SAFE_STEP) this.pullOfPhases(state.phases)
    const slope = largest < SAFE_STEP ? 0 : this.slopeAlong(state.amounts)
    for (let tries = 0; ; tries++) {
      for (let j = 0; j < m; j++) trial[j] = (state.lambda[j] as number) + t * (step[j] as number)
      this.evaluate(trial, state.amounts)
      if (largest < SAFE_STEP || tries >= 12) break
      const after = this.slopeAlong(state.amounts)
      if (after <= 0.5 * Math.abs(slope)) break
      // The slope is monotone along the step: the secant brackets the root, kept away from both ends.
      t *= Math.min(0.6, Math.max(0.1, slope / (slope - after)))
    }
    for (let j = 0; j < m; j++) state.lambda[j] = trial[j] as number
    if (t < 1) this.active.shorten(state.phases, t)
    return t * largest
  }

  private pullOfPhases(amounts: Float64Array): void {
    const { phases, phaseStart, phaseColumns, phaseCoefficients } = this.system
    const { pull } = this
    for (let p = 0; p < phases; p++) {
      const x = amounts[p] as number
      if (x === 0) continue
      for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++) {
        const j = phaseColumns[k] as number
        pull[j] = (pull[j] as number) + x * (phaseCoefficients[k] as number)
      }
    }
  }

  private slopeAlong(amounts: Float64Array): number {
    const { species, start, columns, coefficients, components } = this.system
    const { step, pull, held } = this
    for (let j = 0; j < components; j++) held[j] = pull[j] as number
    for (let i = 0; i < species; i++) {
      const n = amounts[i] as number
      const end = start[i + 1] as number
      for (let k = start[i] as number; k < end; k++) {
        const j = columns[k] as number
        held[j] = (held[j] as number) + (coefficients[k] as number) * n
      }
    }
    let slope = 0
    for (let j = 0; j < components; j++) slope += (step[j] as number) * (held[j] as number)
    return slope
  }

  /** Lets the activity coefficients follow the ionic strength; true once it no longer moves. */
  private followActivities(state: State, largest: number): boolean {
    const { species, chargeSquared, squares, place } = this.system
    const { amounts } = state
    let doubled = 0
    for (let i = 0; i < species; i++) doubled += (chargeSquared[i] as number) * (amounts[i] as number)
    const strength = Math.min(doubled / 2, IONIC_STRENGTH_LIMIT)
    const moved = Math.abs(strength - this.ionicStrength)
    if (moved <= 1e-8 * (strength + 1e-6)) return true
    if (largest > 3) return false
    const { factor, lnGamma } = this
    for (const z2 of squares) factor[z2] = lnGamma[z2] as number
    this.useActivities(strength)
    for (const z2 of squares) factor[z2] = Math.exp((factor[z2] as number) - (lnGamma[z2] as number))
    for (let i = 0; i < species; i++) if (place[i] === 0) amounts[i] = (amounts[i] as number) * (factor[chargeSquared[i] as number] as number)
    return false
  }
}

let solver: Solver | undefined

/**
 * Fills `state` with the equilibrium of `given` in a system.
 * @throws RangeError for totals that cannot be (a negative one other than the first component's, a volume not above zero)
 * @throws EquilibriumError when the iteration does not end
 */
export function solveSystem(system: System, given: Totals, state: State): void {
  solver = Solver.on(system, solver)
  solver.solve(given, state)
}
