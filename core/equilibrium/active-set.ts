import type { System } from './system'

const VIOLATED = 1e-10
const DEPENDENT = 1e-9
/** A wall this little ajar after a step is closed. */
const AJAR = 1e-12

/**
 * The quadratic problem of one Newton step: minimise ½ dᵀH d + gᵀd with no allowed phase supersaturated after it. Solved on its dual by the
 * active-set method of Lawson and Hanson (Solving Least Squares Problems, 1974, ch. 23): multipliers (amounts of solid) stay
 * non-negative, and each exchange lowers the objective, so it cannot cycle. Where phases are linearly dependent the one that is more
 * supersaturated enters and the one whose amount first falls to nothing leaves; the order of listing breaks a tie.
 */
export class ActiveSet {
  /** True when the last step changed neither the set of phases nor needed one that is missing. */
  settled = false
  private m = 0
  private readonly lower: Float64Array
  private readonly reduced: Float64Array
  private readonly wall: Float64Array
  private readonly free: Uint8Array
  private readonly inSet: Uint8Array
  private readonly set: Int32Array
  private size = 0
  /** Row q is L⁻¹ a of the q-th phase in the set. */
  private readonly rows: Float64Array
  private readonly gram: Float64Array
  private readonly solution: Float64Array
  private readonly before: Float64Array
  private readonly correction: Float64Array

  /** Its room is for systems of so many components and phases at most. */
  constructor(
    private system: System,
    m: number,
    k: number,
  ) {
    this.lower = new Float64Array(m * m)
    this.reduced = new Float64Array(m)
    this.wall = new Float64Array(k)
    this.free = new Uint8Array(k)
    this.inSet = new Uint8Array(k)
    this.set = new Int32Array(k)
    this.rows = new Float64Array((m + 2) * m)
    this.gram = new Float64Array((m + 2) * (m + 2))
    this.solution = new Float64Array(m + 2)
    this.before = new Float64Array(k)
    this.correction = new Float64Array(m)
  }

  /** Starts from the phases that are there, leaving out those that may not form; `kept` where they are as they were at an equilibrium, and no other is wanted. */
  reset(system: System, phases: Float64Array, allowed: Uint8Array | undefined, kept: boolean): void {
    this.system = system
    this.m = system.components
    this.size = 0
    this.settled = kept
    for (let p = 0; p < this.system.phases; p++) {
      this.free[p] = allowed ? (allowed[p] as number) : 1
      this.inSet[p] = 0
      if (!((phases[p] as number) > 0)) phases[p] = 0
      else if (this.free[p] === 1 && this.size < this.m) {
        this.set[this.size++] = p
        this.inSet[p] = 1
      } else {
        phases[p] = 0
        this.settled = false
      }
    }
  }

  /** After a shortened step the amounts moved only that far; a phase that has left stays gone. */
  shorten(phases: Float64Array, t: number): void {
    for (let q = 0; q < this.size; q++) {
      const p = this.set[q] as number
      phases[p] = (this.before[p] as number) + t * ((phases[p] as number) - (this.before[p] as number))
    }
    this.settled = false
  }

  /** Writes the step into `step` and the phases' amounts into `phases`; `hessian` holds the lower triangle and is kept. */
  minimise(hessian: Float64Array, gradient: Float64Array, lambda: Float64Array, phases: Float64Array, step: Float64Array): void {
    for (let p = 0; p < this.system.phases; p++) this.before[p] = phases[p] as number
    this.factor(hessian)
    this.settled = true
    for (let j = 0; j < this.m; j++) this.reduced[j] = gradient[j] as number
    this.forward(this.reduced, 0)
    for (let p = 0; p < this.system.phases; p++) if (this.free[p] === 1) this.wall[p] = -this.saturation(p, lambda)
    for (let q = 0; q < this.size; q++) this.loadRow(q)
    for (let guard = 0; guard < 4 * this.system.phases + 8; guard++) {
      this.amounts(phases)
      this.direction(phases, step)
      for (let pass = 0; pass < 4 && this.refine(phases, step) > AJAR; pass++);
      const entering = this.mostViolated(step)
      if (entering < 0) return
      this.enter(entering, phases)
      this.settled = false
    }
  }

  private saturation(p: number, lambda: Float64Array): number {
    const { phaseStart, phaseColumns, phaseCoefficients, phaseLnK } = this.system
    let index = phaseLnK[p] as number
    for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++)
      index += (phaseCoefficients[k] as number) * (lambda[phaseColumns[k] as number] as number)
    return index
  }

  /** Cholesky, H = L Lᵀ, with a ridge far below every diagonal for components bound without remainder. */
  private factor(hessian: Float64Array): void {
    const { m, lower } = this
    for (let i = 0; i < m; i++) {
      const row = i * m
      for (let j = 0; j <= i; j++) {
        const other = j * m
        let sum = hessian[row + j] as number
        for (let k = 0; k < j; k++) sum -= (lower[row + k] as number) * (lower[other + k] as number)
        if (i === j) {
          const floor = 1e-15 * (hessian[row + i] as number) + 1e-300
          lower[row + i] = Math.sqrt(sum > floor ? sum : floor)
        } else lower[row + j] = sum / (lower[other + j] as number)
      }
    }
  }

  /** x ← L⁻¹ x in place, x starting at `offset`. */
  private forward(x: Float64Array, offset: number): void {
    const { m, lower } = this
    for (let i = 0; i < m; i++) {
      const row = i * m
      let sum = x[offset + i] as number
      for (let k = 0; k < i; k++) sum -= (lower[row + k] as number) * (x[offset + k] as number)
      x[offset + i] = sum / (lower[row + i] as number)
    }
  }

  private loadRow(q: number): void {
    const { phaseStart, phaseColumns, phaseCoefficients } = this.system
    const { rows, m } = this
    const p = this.set[q] as number
    const offset = q * m
    rows.fill(0, offset, offset + m)
    for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++)
      rows[offset + (phaseColumns[k] as number)] = phaseCoefficients[k] as number
    this.forward(rows, offset)
  }

  private dot(q: number, r: number): number {
    const { rows, m } = this
    let sum = 0
    for (let k = 0; k < m; k++) sum += (rows[q * m + k] as number) * (rows[r * m + k] as number)
    return sum
  }

  /** Cholesky of the set's Gram matrix; returns the first position that depends on those before it, or the size. */
  private factorGram(): number {
    const { gram, size } = this
    const width = this.m + 2
    for (let i = 0; i < size; i++)
      for (let j = 0; j <= i; j++) {
        let sum = this.dot(i, j)
        const scale = sum
        for (let k = 0; k < j; k++) sum -= (gram[i * width + k] as number) * (gram[j * width + k] as number)
        if (i === j) {
          if (sum <= DEPENDENT * DEPENDENT * scale || sum <= 0 || i >= this.m) return i
          gram[i * width + i] = Math.sqrt(sum)
        } else gram[i * width + j] = sum / (gram[j * width + j] as number)
      }
    return size
  }

  private solveGram(count: number): void {
    const { gram, solution } = this
    const width = this.m + 2
    for (let i = 0; i < count; i++) {
      let sum = solution[i] as number
      for (let k = 0; k < i; k++) sum -= (gram[i * width + k] as number) * (solution[k] as number)
      solution[i] = sum / (gram[i * width + i] as number)
    }
    for (let i = count - 1; i >= 0; i--) {
      let sum = solution[i] as number
      for (let k = i + 1; k < count; k++) sum -= (gram[k * width + i] as number) * (solution[k] as number)
      solution[i] = sum / (gram[i * width + i] as number)
    }
  }

  /** Multipliers of the set, none negative: phases whose amount runs out on the way leave. */
  private amounts(phases: Float64Array): void {
    const { solution, set } = this
    for (;;) {
      const independent = this.factorGram()
      if (independent < this.size) {
        this.exchange(independent, phases)
        continue
      }
      for (let q = 0; q < this.size; q++) {
        let sum = this.wall[set[q] as number] as number
        for (let k = 0; k < this.m; k++) sum += (this.rows[q * this.m + k] as number) * (this.reduced[k] as number)
        solution[q] = -sum
      }
      this.solveGram(this.size)
      let t = 1
      let leaving = -1
      for (let q = 0; q < this.size; q++) {
        if ((solution[q] as number) > 0) continue
        const now = phases[set[q] as number] as number
        const reach = now / (now - (solution[q] as number))
        if (!(reach >= t)) {
          t = Number.isFinite(reach) ? reach : 0
          leaving = q
        }
      }
      if (leaving < 0 && t === 1) for (let q = 0; q < this.size; q++) if ((solution[q] as number) <= 0) leaving = q
      for (let q = 0; q < this.size; q++) {
        const p = set[q] as number
        phases[p] = Math.max(0, (phases[p] as number) + t * ((solution[q] as number) - (phases[p] as number)))
      }
      if (leaving < 0) return
      this.leave(leaving, phases)
    }
  }

  /** The phase at `q` is a combination of those before it: its amount grows at their cost until one is used up, which leaves. */
  private exchange(q: number, phases: Float64Array): void {
    const { solution, set } = this
    const count = Math.min(q, this.m)
    for (let r = 0; r < count; r++) solution[r] = this.dot(q, r)
    this.solveGram(count)
    let t = Infinity
    let leaving = q
    for (let r = 0; r < count; r++) {
      const share = solution[r] as number
      if (share <= DEPENDENT) continue
      const reach = (phases[set[r] as number] as number) / share
      if (reach < t) {
        t = reach
        leaving = r
      }
    }
    if (leaving !== q) {
      for (let r = 0; r < count; r++) {
        const p = set[r] as number
        phases[p] = Math.max(0, (phases[p] as number) - t * (solution[r] as number))
      }
      const p = set[q] as number
      phases[p] = (phases[p] as number) + t
    }
    this.leave(leaving, phases)
  }

  private leave(q: number, phases: Float64Array): void {
    const p = this.set[q] as number
    phases[p] = 0
    this.inSet[p] = 0
    this.size--
    for (let r = q; r < this.size; r++) {
      this.set[r] = this.set[r + 1] as number
      this.rows.copyWithin(r * this.m, (r + 1) * this.m, (r + 2) * this.m)
    }
    this.settled = false
  }

  private enter(p: number, phases: Float64Array): void {
    phases[p] = 0
    this.inSet[p] = 1
    this.set[this.size] = p
    this.size++
    this.loadRow(this.size - 1)
  }

  private direction(phases: Float64Array, step: Float64Array): void {
    const { m, lower } = this
    for (let j = 0; j < m; j++) step[j] = -(this.reduced[j] as number)
    for (let q = 0; q < this.size; q++) {
      const x = phases[this.set[q] as number] as number
      for (let j = 0; j < m; j++) step[j] = (step[j] as number) - x * (this.rows[q * m + j] as number)
    }
    for (let i = m - 1; i >= 0; i--) {
      let sum = step[i] as number
      for (let k = i + 1; k < m; k++) sum -= (lower[k * m + i] as number) * (step[k] as number)
      step[i] = sum / (lower[i * m + i] as number)
    }
  }

  /**
   * Takes out what rounding has left between the step and the walls it is to end at, by the factors already at hand. A component almost all bound in a solid leaves much, so that one
   * pass may not be enough; returns how far off the step was before this one.
   */
  private refine(phases: Float64Array, step: Float64Array): number {
    const { m, lower, rows, solution, set, correction } = this
    const { phaseStart, phaseColumns, phaseCoefficients } = this.system
    if (this.size === 0) return 0
    let worst = 0
    for (let q = 0; q < this.size; q++) {
      const p = set[q] as number
      let left = this.wall[p] as number
      for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++)
        left -= (phaseCoefficients[k] as number) * (step[phaseColumns[k] as number] as number)
      solution[q] = left
      worst = Math.max(worst, Math.abs(left))
    }
    this.solveGram(this.size)
    correction.fill(0, 0, m)
    for (let q = 0; q < this.size; q++) {
      const y = solution[q] as number
      const p = set[q] as number
      phases[p] = Math.max(0, (phases[p] as number) - y)
      for (let j = 0; j < m; j++) correction[j] = (correction[j] as number) + y * (rows[q * m + j] as number)
    }
    for (let i = m - 1; i >= 0; i--) {
      let sum = correction[i] as number
      for (let k = i + 1; k < m; k++) sum -= (lower[k * m + i] as number) * (correction[k] as number)
      correction[i] = sum / (lower[i * m + i] as number)
      step[i] = (step[i] as number) + (correction[i] as number)
    }
    return worst
  }

  private mostViolated(step: Float64Array): number {
    const { phaseStart, phaseColumns, phaseCoefficients, phases } = this.system
    let worst = VIOLATED
    let entering = -1
    for (let p = 0; p < phases; p++) {
      if (this.free[p] === 0 || this.inSet[p] === 1) continue
      let over = -(this.wall[p] as number)
      for (let k = phaseStart[p] as number; k < (phaseStart[p + 1] as number); k++)
        over += (phaseCoefficients[k] as number) * (step[phaseColumns[k] as number] as number)
      if (over > worst) {
        worst = over
        entering = p
      }
    }
    return entering
  }
}
