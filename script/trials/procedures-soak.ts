import {
  colourDifference,
  COMPONENTS,
  drawMixture,
  newBench,
  openJar,
  parseFormula,
  perceive,
  perform,
  REAGENTS,
  SCHEMES,
  solutionLab,
  StepError,
  stepSchema,
  type Bench,
  type Step,
  type Vessel,
} from '@foxing/core'
import { randomFrom } from './random'

/**
 * Random procedures on random mixtures: any reagent, any operation, any order. After every step: no failure, every vessel neutral, no negative amount, no metal made or lost, no solid that would
 * dissolve and none that ought to have formed; and at the end the colour of the liquid followed through dilution in steps of a fiftieth.
 */
const count = Number(process.argv[2] ?? 100_000)
const seed = Number(process.argv[3] ?? 1)
const random = randomFrom(seed)
const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
const CATIONS = [
  ...new Set(
    SCHEMES.flatMap((s) => s.separations)
      .flatMap((s) => s.proofs ?? [])
      .flatMap((p) => p.ions),
  ),
]
const BOTTLES = REAGENTS.filter((r) => r.id !== 'water').flatMap((r) => r.strengths.map((s) => `${r.formula} ${s.label}`.trim()))
const SOLVENTS = ['pentanol', 'ethyl acetate', 'dichloromethane', 'cyclohexane']

function draw(): Step {
  const r = random()
  const vessel = pick(['A', 'A', 'A', 'B'])
  const raw =
    r < 0.55
      ? { do: 'add', to: vessel, reagent: pick(BOTTLES), drops: 1 + Math.floor(random() * 20) }
      : r < 0.62
        ? { do: pick(['boil', 'warm', 'shake', 'stand']), vessel, minutes: 1 + Math.floor(random() * 6) }
        : r < 0.68
          ? { do: 'pass', gas: pick(['H2S', 'CO2', 'SO2', 'Cl2', 'NH3']), through: vessel, minutes: 1 }
          : r < 0.76
            ? { do: 'centrifuge', vessel, liquidInto: vessel === 'A' ? 'B' : 'A' }
            : r < 0.8
              ? { do: 'wash', vessel, mL: 1 }
              : r < 0.84
                ? { do: 'concentrate', vessel, toFraction: 0.3 + 0.5 * random() }
                : r < 0.88
                  ? { do: 'cool', vessel, to: pick(['room', 'ice']) }
                  : r < 0.92
                    ? { do: 'add', to: vessel, reagent: 'water', mL: 1 + 3 * random() }
                    : r < 0.95
                      ? { do: 'add', to: vessel, reagent: pick(SOLVENTS), mL: 0.5 }
                      : r < 0.97
                        ? {
                            do: 'add',
                            to: vessel,
                            reagent: pick(['zinc', 'iron filings', 'copper foil', 'lead dioxide', 'sodium bismuthate']),
                            mg: 40,
                          }
                        : { do: 'take', into: 'C', from: vessel, drops: 5 }
  return stepSchema.parse(raw)
}

const CHARGES = COMPONENTS.map((formula) => parseFormula(formula).charge)
const METALS = ['Ag', 'Pb', 'Hg', 'Bi', 'Cu', 'Cd', 'Sb', 'Sn', 'Fe', 'Al', 'Cr', 'Co', 'Ni', 'Mn', 'Zn', 'Ba', 'Sr', 'Ca', 'Mg']
const ATOMS = COMPONENTS.map((formula) => parseFormula(formula).atoms)

function metals(bench: Bench): Map<string, number> {
  const sum = new Map<string, number>()
  for (const vessel of bench.vessels.values()) {
    vessel.totals.forEach((n, c) => {
      for (const metal of METALS) sum.set(metal, (sum.get(metal) ?? 0) + n * (ATOMS[c]?.[metal] ?? 0))
    })
    for (const [formula, mol] of vessel.inert) {
      const { atoms } = parseFormula(formula)
      for (const metal of METALS) if (metal in atoms) sum.set(metal, (sum.get(metal) ?? 0) + mol * (atoms[metal] ?? 0))
    }
  }
  return sum
}

const faults = new Map<string, string[]>()
let worstCharge = 0
let worstMetal = 0
let worstSaturation = 0
let steepest = 0
let steps = 0
let refused = 0

function check(vessel: Vessel, note: (fault: string) => void): void {
  let charge = 0
  let size = 1e-9
  vessel.totals.forEach((n, c) => {
    charge += n * (CHARGES[c] ?? 0)
    size = Math.max(size, Math.abs(n * (CHARGES[c] ?? 0)))
    if (c > 0 && n < -1e-9) note(`negative ${COMPONENTS[c] ?? ''}`)
  })
  for (const [formula, mol] of vessel.inert) if (mol < -1e-12) note(`negative ${formula}`)
  worstCharge = Math.max(worstCharge, Math.abs(charge) / size)
  if (Math.abs(charge) > 1e-6 * size + 1e-9) note('charge')
  if (!vessel.contents) return
  const { chemistry, state } = vessel.contents
  chemistry.solids.forEach((solid, p) => {
    if ((state.phases[p] ?? 0) <= 1e-9) return
    const index = solid.terms.reduce((sum, [c, n]) => sum + n * (state.lambda[chemistry.local[c] ?? 0] ?? 0), chemistry.system.phaseLnK[p] ?? 0)
    worstSaturation = Math.max(worstSaturation, Math.abs(index))
    if (Math.abs(index) > 1e-5) note(`unsaturated ${solid.id}`)
  })
}

/** Dilutes in fiftieths and gives the largest change of colour between neighbours, of a liquid that keeps its solids. */
function dilution(bench: Bench, note: (fault: string) => void): void {
  let now = bench
  let last = now.vessels.get('A')
  for (let k = 0; k < 6 && last; k++) {
    const mL = last.volume_mL / 50
    now = perform(now, stepSchema.parse({ do: 'add', to: 'A', reagent: 'water', mL })).bench
    const next = now.vessels.get('A')
    const [a, b] = [last.contents ? solutionLab(last.contents) : null, next?.contents ? solutionLab(next.contents) : null]
    // What still reacts when stirred up again is a reaction, not a dilution.
    const reacts = next !== undefined && [...next.reacted.values()].some((mol) => mol > 1e-9)
    if (a && b && !reacts) {
      const change = colourDifference(a, b)
      steepest = Math.max(steepest, change)
      if (change > 4) note('colour jumps with dilution')
    }
    last = next
  }
}

const began = performance.now()
for (let n = 0; n < count; n++) {
  const mixture = drawMixture(CATIONS, 1 + Math.floor(random() * 6), random)
  let bench = newBench(openJar(mixture.sample))
  bench = perform(bench, stepSchema.parse({ do: 'take', into: 'A', mL: 1 })).bench
  const done: Step[] = []
  const note = (fault: string): void => void faults.set(fault, [...(faults.get(fault) ?? []).slice(0, 3), JSON.stringify([mixture.sample, done])])
  const length = 2 + Math.floor(random() * 8)
  for (let k = 0; k < length; k++) {
    const step = draw()
    done.push(step)
    try {
      const before = metals(bench)
      const { bench: after, event } = perform(bench, step)
      perceive(event, k)
      steps++
      const closed = ['centrifuge', 'boil', 'warm', 'shake', 'stand', 'cool', 'concentrate', 'pass'].includes(step.do)
      if (closed)
        for (const [metal, now] of metals(after)) {
          const was = before.get(metal) ?? 0
          const off = Math.abs(now - was) / (was + 1e-9)
          worstMetal = Math.max(worstMetal, off)
          if (off > 1e-6 && metal !== 'Sb') note(`${metal} made or lost by ${step.do}`)
        }
      bench = after
      for (const vessel of after.vessels.values()) check(vessel, note)
    } catch (error) {
      done.pop()
      if (error instanceof StepError) refused++
      else {
        done.push(step)
        note(`failed: ${String(error).slice(0, 80)}`)
        break
      }
    }
  }
  if (n % 10 === 0) {
    try {
      dilution(bench, note)
    } catch (error) {
      note(`failed in dilution: ${String(error).slice(0, 80)}`)
    }
  }
}
console.log(
  `procedures, seed ${seed}: ${count} random procedures, ${steps} steps done, ${refused} that could not be done refused, ${faults.size} kinds of fault; ${((performance.now() - began) / 1000).toFixed(0)} s`,
)
console.log(
  `  worst charge ${worstCharge.toExponential(1)}, worst metal ${worstMetal.toExponential(1)}, worst saturation index of a solid that is there ${worstSaturation.toExponential(1)} (ln), steepest colour change over a fiftieth of dilution ${steepest.toFixed(1)} ΔE00`,
)
for (const [fault, where] of faults) console.log(`  ${fault}: ${where[0]?.slice(0, 900) ?? ''}`)
if (faults.size > 0) process.exitCode = 1
