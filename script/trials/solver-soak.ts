import { celsius, chemistryOf, COMPONENTS, newState, solveSystem, type Chemistry, type State } from '@foxing/core'
import { randomFrom } from './random'

/**
 * Random tubes: one to eleven components besides hydrogen, each total drawn over eight decades, acid or alkaline, at four temperatures. Each is solved from nothing and again
 * from the state of another tube; both must end, agree, and conserve atoms, so that charge is conserved too (every species is charged as its components are).
 */
const count = Number(process.argv[2] ?? 100_000)
const seed = Number(process.argv[3] ?? 1)
const random = randomFrom(seed)
const amount = (): number => 10 ** (-7 + 8 * random())
const pick = (n: number): number => Math.floor(random() * n)

let failed = 0
let iterations = 0
let most = 0
let imbalance = 0
let disagreement = 0
const began = performance.now()
for (let k = 0; k < count; k++) {
  const totalOf = new Map<number, number>([[0, (random() < 0.5 ? -1 : 1) * amount()]])
  for (let n = 1 + pick(11); n > 0; n--) totalOf.set(1 + pick(COMPONENTS.length - 1), amount())
  const chemistry = chemistryOf([...totalOf.keys()], celsius([0, 25, 60, 100][pick(4)] ?? 25))
  const totals = Float64Array.from(chemistry.components, (global) => totalOf.get(global) ?? 0)
  const neighbour = Float64Array.from(totals, (t) => t * 10 ** (2 * random() - 1))
  const cold = newState(chemistry.system)
  const warm = newState(chemistry.system)
  try {
    solveSystem(chemistry.system, { totals, volume_L: 1, gasSpace: 0 }, cold)
    solveSystem(chemistry.system, { totals: neighbour, volume_L: 1, gasSpace: 0 }, warm)
    solveSystem(chemistry.system, { totals, volume_L: 1, gasSpace: 0 }, warm)
  } catch (error) {
    failed++
    console.log(String(error), JSON.stringify([...totalOf].map(([c, t]) => [COMPONENTS[c], t])), chemistry.temperature)
    continue
  }
  iterations += cold.iterations
  most = Math.max(most, cold.iterations)
  imbalance = Math.max(imbalance, worstBalance(chemistry, totals, cold))
  cold.amounts.forEach((n, i) => (disagreement = Math.max(disagreement, Math.abs(n - (warm.amounts[i] ?? 0)) / (n + 1e-12))))
}

function worstBalance(chemistry: Chemistry, totals: Float64Array, state: State): number {
  const held = new Float64Array(totals.length)
  const size = Float64Array.from(totals, Math.abs)
  const add = (terms: readonly (readonly [number, number])[], n: number): void => {
    for (const [component, a] of terms) {
      const j = chemistry.local[component] ?? 0
      held[j] = (held[j] ?? 0) + a * n
      size[j] = Math.max(size[j] ?? 0, Math.abs(a * n))
    }
  }
  chemistry.aqueous.forEach((s, i) => add(s.terms, state.amounts[i] ?? 0))
  chemistry.solids.forEach((s, p) => add(s.terms, state.phases[p] ?? 0))
  return Math.max(...held.map((h, j) => Math.abs(h - (totals[j] ?? 0)) / (size[j] ?? 1)))
}

console.log(
  `solver, seed ${seed}: ${count} random tubes, ${failed} failed; ${(iterations / count).toFixed(1)} iterations on average, ${most} at most;`,
)
console.log(
  `  worst imbalance of an atom ${imbalance.toExponential(1)}, worst difference between two ways to the same tube ${disagreement.toExponential(1)}; ${((performance.now() - began) / 1000).toFixed(0)} s`,
)
if (failed > 0) process.exitCode = 1
