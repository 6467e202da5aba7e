import { newBench, openJar, perform, SALTS, stepSchema, type Bench, type StepInput } from '@foxing/core'
import { randomFrom } from './random'

/** Random racks: the same additions in two orders come to the same tube. */
const count = Number(process.argv[2] ?? 100_000)
const seed = Number(process.argv[3] ?? 1)
const random = randomFrom(seed)
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
const REAGENTS = ['NaOH 2 M', 'NH3 2 M', 'HCl 2 M', 'HNO3 2 M', 'H2SO4 1 M', 'AgNO3 0.1 M', 'Ba(NO3)2 0.1 M', 'NH4Cl 5 M', 'water']

let worst = 0
let failed = 0
let passedOver = 0
const began = performance.now()
/** Gas that leaves on the way is an order that does matter: such racks are passed over. */
const escapes: string[] = []
const work = (start: Bench, steps: readonly StepInput[]): Bench =>
  steps.reduce((bench, s) => {
    const done = perform(bench, stepSchema.parse(s))
    escapes.push(...done.event.escaped.map((e) => e.gas.id))
    return done.bench
  }, start)
for (let k = 0; k < count; k++) {
  const start = work(newBench(openJar({ solids: [{ formula: pick(SALTS).id, mg: 200 }] })), [
    { do: 'dissolve', into: 'OS', mg: 20 + 100 * random(), in: 'water', mL: 5 },
    { do: 'take', from: 'OS', into: 'A', mL: 1 },
  ])
  const additions: StepInput[] = Array.from({ length: 2 + Math.floor(3 * random()) }, () => ({
    do: 'add',
    to: 'A',
    reagent: pick(REAGENTS),
    drops: 1 + Math.floor(20 * random()),
  }))
  escapes.length = 0
  try {
    const one = work(start, additions).vessels.get('A')?.contents
    const other = work(start, [...additions].reverse()).vessels.get('A')?.contents
    if (!one || !other) throw new Error('an empty tube')
    if (escapes.length > 0) {
      passedOver++
      continue
    }
    one.state.amounts.forEach((n, i) => (worst = Math.max(worst, Math.abs(n - (other.state.amounts[i] ?? 0)) / (n + 1e-12))))
  } catch (error) {
    failed++
    if (failed < 5) console.log(String(error), JSON.stringify(additions))
  }
}
console.log(
  `orders, seed ${seed}: ${count} racks of two to four additions, ${failed} failed, ${passedOver} passed over because gas left on the way; worst difference between one order and its reverse ${worst.toExponential(1)}; ${((performance.now() - began) / 1000).toFixed(0)} s`,
)
if (failed > 0) process.exitCode = 1
