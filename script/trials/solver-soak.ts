import { celsius, chemistryOf, COMPONENTS, newState, type Chemistry, type State } from '@foxing/core'

const count = Number(process.argv[2] ?? 100_000)
let seed = Number(process.argv[3] ?? 1)
const random = (): number => {
  seed = (seed + 0x6d2b79f5) | 0
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32
}
const amount = (): number => 10 ** (-7 + 8 * random())
let failed = 0
let iterations = 0
let worst = 0
const hist: number[] = []
const t0 = performance.now()
for (let k = 0; k < count; k++) {
  const n = 1 + Math.floor(random() * 11)
  const given: Record<string, number> = { 'H^+': (random() < 0.5 ? -1 : 1) * amount() }
  for (let i = 0; i < n; i++) given[COMPONENTS[1 + Math.floor(random() * (COMPONENTS.length - 1))] ?? ''] = amount()
  const T = [0, 25, 60, 100][Math.floor(random() * 4)] ?? 25
  const chemistry = chemistryOf(Object.keys(given).map((c) => COMPONENTS.indexOf(c)), celsius(T))
  const totals = Float64Array.from(chemistry.components, (g) => given[COMPONENTS[g] ?? ''] ?? 0)
  const state = newState(chemistry.system)
  try {
    chemistry.solver.solve({ totals, volume_L: 1, gasSpace: 0 }, state)
    iterations += state.iterations
    hist[state.iterations] = (hist[state.iterations] ?? 0) + 1
  } catch (e) {
    failed++
    if (failed < 6) console.log(String(e), JSON.stringify(given), T)
  }
  // from another warm
  const other = newState(chemistry.system)
  const t2 = totals.slice()
  t2[0] = (t2[0] as number) * 10 ** (4 * random() - 2)
  try {
    chemistry.solver.solve({ totals: t2, volume_L: 1, gasSpace: 0 }, other)
    chemistry.solver.solve({ totals, volume_L: 1, gasSpace: 0 }, other)
    for (let i = 0; i < state.amounts.length; i++) {
      const a = state.amounts[i] as number, b = other.amounts[i] as number
      const d = Math.abs(a - b) / (a + 1e-12)
      if (d > worst) { worst = d; if (d > 1e-5) console.log('differs', d, chemistry.aqueous[i]?.id, JSON.stringify(given), T) }
    }
  } catch (e) {
    failed++
    if (failed < 6) console.log('warm', String(e), JSON.stringify(given), T)
  }
}
console.log({ count, failed, mean: iterations / count, worst, ms: performance.now() - t0, max: hist.length - 1 })
