import { celsius, chemistryOf, COMPONENTS, newState } from '@foxing/core'
import { LuDecomposition, Matrix } from 'ml-matrix'

const components = ['H^+', 'Cl^-', 'NO3^-', 'SO4^2-', 'Na^+', 'K^+', 'NH4^+', 'Ag^+', 'Cu^2+', 'Al^3+', 'Ba^2+', 'Ca^2+']
const tot: Record<string, number> = { 'H^+': -0.05, 'Cl^-': 0.05, 'NO3^-': 0.1, 'SO4^2-': 0.05, 'Na^+': 0.05, 'K^+': 0.01, 'NH4^+': 0.1, 'Ag^+': 0.02, 'Cu^2+': 0.02, 'Al^3+': 0.03, 'Ba^2+': 0.01, 'Ca^2+': 0.005 }
const chemistry = chemistryOf(components.map((c) => COMPONENTS.indexOf(c)), celsius(25))
console.log('species', chemistry.aqueous.length, 'solids', chemistry.solids.length)
const allowed = Uint8Array.from(chemistry.solids, (s) => s.data.gate ? 0 : 1)
const A = Float64Array.from(chemistry.components, (g) => tot[COMPONENTS[g] ?? ''] ?? 0)
const B = A.map((t, j) => j === 0 ? t - 0.002 : t * 0.95)
const state = newState(chemistry.system)
chemistry.solver.solve({ totals: A, volume_L: 1, gasSpace: 0, allowed }, state)
console.log(chemistry.solids.flatMap((s, p) => (state.phases[p] as number) > 0 ? [s.id] : []), state.iterations)
const m = new Matrix(12, 12); for (let i = 0; i < 12; i++) for (let j = 0; j < 12; j++) m.set(i, j, i === j ? 14 : Math.sin(i * 12 + j))
const rhs = Matrix.columnVector(Array.from({ length: 12 }, (_, i) => i + 1))
const time = (f: () => void, n: number) => { for (let i = 0; i < n / 5; i++) f(); let best = Infinity; for (let r = 0; r < 7; r++) { const t = performance.now(); for (let i = 0; i < n; i++) f(); best = Math.min(best, (performance.now() - t) / n) } return best * 1000 }
let flip = false
const lu = time(() => void new LuDecomposition(m).solve(rhs), 20000)
let its = 0, n = 0
const warm = time(() => { flip = !flip; chemistry.solver.solve({ totals: flip ? B : A, volume_L: 1, gasSpace: 0, allowed }, state); its += state.iterations; n++ }, 5000)
const wi = its / n; its = n = 0
const cold = time(() => { state.warm = false; chemistry.solver.solve({ totals: A, volume_L: 1, gasSpace: 0, allowed }, state); its += state.iterations; n++ }, 5000)
console.log({ lu, warm, cold, w: warm / lu, c: cold / lu, wi, ci: its / n })
