import {
  adviseFrom,
  caseSchema,
  celsius,
  chemistryOf,
  COMPONENTS,
  COMPOUNDS,
  contentOf,
  doTest,
  findSalt,
  newState,
  solveSystem,
  packPercepts,
  stepsOfTest,
  FULL_SEPARATION,
  followScheme,
  newBench,
  openJar,
  perceive,
  perform,
  SALTS,
  Simulations,
  stepSchema,
  type Entry,
  ReasoningSession,
} from '@foxing/core'
import { LuDecomposition, Matrix } from 'ml-matrix'
import { perceive as perceiveStructure } from '../../core/structure/perceive'
import { mixtures } from './mixtures-bench'
import { builtOrganicPercepts } from './percepts'

const session = new ReasoningSession()

/** Shortest of seven runs of the mean time of a call, µs. */
function time(calls: number, f: () => void): number {
  for (let i = 0; i < calls / 4; i++) f()
  let best = Infinity
  for (let run = 0; run < 7; run++) {
    const began = performance.now()
    for (let i = 0; i < calls; i++) f()
    best = Math.min(best, (performance.now() - began) / calls)
  }
  return best * 1000
}

/** A tube of twelve components that holds three solids, mol in a litre. */
const TUBE: Readonly<Record<string, number>> = {
  'H^+': -0.05,
  'Cl^-': 0.05,
  'NO3^-': 0.1,
  'SO4^2-': 0.05,
  'Na^+': 0.05,
  'K^+': 0.01,
  'NH4^+': 0.1,
  'Ag^+': 0.02,
  'Cu^2+': 0.02,
  'Al^3+': 0.03,
  'Ba^2+': 0.01,
  'Ca^2+': 0.005,
}

function solver(): void {
  const chemistry = chemistryOf(
    Object.keys(TUBE).map((c) => COMPONENTS.indexOf(c)),
    celsius(25),
  )
  const allowed = Uint8Array.from(chemistry.solids, (s) => (s.data.gate ? 0 : 1))
  const totals = Float64Array.from(chemistry.components, (global) => TUBE[COMPONENTS[global] ?? ''] ?? 0)
  const withDrop = (added: Readonly<Record<string, number>>): Float64Array =>
    totals.map((t, j) => (t + (added[COMPONENTS[chemistry.components[j] ?? -1] ?? ''] ?? 0) * 0.05) / 1.05)
  const drops = { 'of 0.1 M silver nitrate': withDrop({ 'Ag^+': 0.1, 'NO3^-': 0.1 }), 'of 2 M sodium hydroxide': withDrop({ 'H^+': -2, 'Na^+': 2 }) }
  const state = newState(chemistry.system)
  const solve = (t: Float64Array): void => solveSystem(chemistry.system, { totals: t, volume_L: 1, gasSpace: 0, allowed }, state)
  solve(totals)
  const solids = chemistry.solids.filter((_, p) => (state.phases[p] ?? 0) > 0).map((s) => s.id)

  const matrix = new Matrix(Array.from({ length: 12 }, (_, i) => Array.from({ length: 12 }, (_, j) => (i === j ? 14 : Math.sin(12 * i + j)))))
  const right = Matrix.columnVector(Array.from({ length: 12 }, (_, i) => i + 1))
  const lu = time(20_000, () => void new LuDecomposition(matrix).solve(right))
  const cold = time(3000, () => {
    state.warm = false
    solve(totals)
  })
  console.log(
    `solver: ${chemistry.components.length} components, ${chemistry.aqueous.length} species, solids ${solids.join(' ')}; a 12×12 LU solve by ml-matrix takes ${lu.toFixed(1)} µs`,
  )
  console.log(`  cold: ${cold.toFixed(0)} µs = ${(cold / lu).toFixed(1)} of it (aim 20)`)
  for (const [name, other] of Object.entries(drops)) {
    let odd = false
    const warm = time(3000, () => {
      odd = !odd
      solve(odd ? other : totals)
    })
    console.log(`  warm, a drop ${name} more or less in a millilitre: ${warm.toFixed(0)} µs = ${(warm / lu).toFixed(1)} of it (aim 6)`)
  }
}

/** Standings and ranking after six tests on one salt: what a person waits for at the bench. */
function deduction(): void {
  const settings = caseSchema.parse({})
  const salt = findSalt('ZnSO4.7H2O')
  if (!salt) throw new Error('no salt')
  const worker = { content: salt, simulations: new Simulations(500) }
  let entries: Entry[] = []
  for (const test of ['appearance', 'solubility-in-water', 'flame-on-wire', 'silver-nitrate', 'barium-nitrate', 'ammonia-to-excess'])
    entries = [...entries, ...doTest(entries, test, worker, 'e', () => '')]
  const once = (f: () => unknown): number => {
    const began = performance.now()
    f()
    return performance.now() - began
  }
  const notebook = { case: settings, entries }
  const cold = once(() => session.reason(notebook))
  const again = once(() => session.reason(notebook))
  const coldRanking = once(() => adviseFrom(session.reason(notebook), notebook))
  const preliminary = ['heat-strongly', 'dilute-acid-on-solid', 'flame-on-wire', 'borax-bead-oxidising']
  const overAll = (test: string, simulations: Simulations): number =>
    once(() => SALTS.forEach((s) => stepsOfTest(test).forEach((step) => simulations.expect(s, step.recipe))))
  const fresh = preliminary.map((test) => `${test} ${overAll(test, new Simulations(500)).toFixed(0)}`)
  let pack = packPercepts(500, [])
  const packing = once(() => (pack = packPercepts(500)))
  session.takePercepts(pack)
  const ahead = new Simulations(500)
  ahead.use(pack)
  const packed = preliminary.map((test) => `${test} ${overAll(test, ahead).toFixed(1)}`)
  const times = Array.from({ length: 9 }, () => once(() => session.reason(notebook))).sort((a, b) => a - b)
  const rankings = Array.from({ length: 9 }, () => once(() => adviseFrom(session.reason(notebook), notebook))).sort((a, b) => a - b)
  console.log(`deduction, one salt of ${SALTS.length}, six tests, ${entries.length} lines:`)
  console.log(`  standings: cold ${cold.toFixed(0)} ms, at once again ${again.toFixed(0)} ms, remembered ${(times[4] ?? 0).toFixed(0)} ms (aim 50)`)
  console.log(`  one preliminary test over all of them, ms: cold ${fresh.join(', ')}; with the percepts of the build ${packed.join(', ')} (aim 300)`)
  console.log(
    `  ranking of every test: cold ${coldRanking.toFixed(0)} ms, remembered ${(rankings[4] ?? 0).toFixed(0)} ms with the standings (aim 300); percepts of all tests worked out ahead in ${(packing / 1000).toFixed(1)} s`,
  )
}

/** An organic compound: structures read, and what a person waits for after a test, with the percepts of the build. */
function organic(): void {
  const read = (): void => COMPOUNDS.forEach(({ smiles }) => void perceiveStructure(smiles))
  const once = (f: () => unknown): number => {
    const began = performance.now()
    f()
    return performance.now() - began
  }
  const first = once(read)
  const reading = Math.min(...Array.from({ length: 5 }, () => once(read)))
  const pack = builtOrganicPercepts()
  session.takePercepts(pack)
  const settings = caseSchema.parse({ kind: 'organic' })
  const { smiles = '', name } = COMPOUNDS.find((c) => c.name === 'salicylic acid') ?? {}
  const simulations = new Simulations(500)
  simulations.use(pack)
  const worker = { content: contentOf(smiles, name), settings, simulations }
  let entries: Entry[] = []
  for (const test of ['organic-look', 'melting-point', 'ignition', 'sodium-fusion', 'nitrogen-blue', 'sulfur-lead'])
    entries = [...entries, ...doTest(entries, test, worker, 'e', () => '')]
  const notebook = { case: settings, entries }
  const median = (f: () => unknown): number => Array.from({ length: 9 }, () => once(f)).sort((a, b) => a - b)[4] ?? 0
  const cold = once(() => session.reason(notebook))
  const standings = median(() => session.reason(notebook))
  const reasoning = session.reason(notebook)
  const coldRanking = once(() => adviseFrom(reasoning, notebook))
  const ranking = median(() => adviseFrom(reasoning, notebook))
  console.log(
    `organic compounds, ${COMPOUNDS.length} in the library, ${entries.length} lines of ${new Set(entries.flatMap((e) => ('did' in e ? [e.id] : []))).size} tests:`,
  )
  console.log(`  structures of all of them perceived: first time ${first.toFixed(0)} ms, again ${reading.toFixed(0)} ms (aim 100)`)
  console.log(
    `  standings: first time ${cold.toFixed(0)} ms, then ${standings.toFixed(0)} ms (aim 100); ranking of tests: first time ${coldRanking.toFixed(0)} ms, then ${ranking.toFixed(0)} ms (aim 100)`,
  )
}

/** A six-cation mixture by the scheme's own steps, and single operations by the number of components in the tube. */
function operations(): void {
  const sample = {
    solution: {
      ions: { 'Ag^+': 0.03, 'Cu^2+': 0.03, 'Fe^3+': 0.03, 'Ni^2+': 0.03, 'Ba^2+': 0.03, 'Mg^2+': 0.03, 'H^+': 0.3, 'NO3^-': 0.66 },
      mL: 20,
    },
  }
  const { steps } = followScheme(FULL_SEPARATION, sample)
  const done = (n: number): void => {
    let bench = newBench(openJar(sample))
    for (const { step } of steps.slice(0, n)) {
      const { bench: after, event } = perform(bench, step)
      bench = after
      perceive(event, 1)
    }
  }
  const forty = time(3, () => done(40)) / 1000
  const all = time(1, () => done(steps.length)) / 1000
  console.log(`six cations taken apart by the full separation, each step with what is seen:`)
  console.log(
    `  its first forty operations ${forty.toFixed(0)} ms (aim 50); all ${steps.length} of them ${all.toFixed(0)} ms, ${((1000 * steps.length) / all).toFixed(0)} operations a second on one core`,
  )
  const cations = ['Ag^+', 'Cu^2+', 'Fe^3+', 'Ni^2+', 'Ba^2+', 'Mg^2+', 'Zn^2+', 'Al^3+', 'Co^2+', 'Ca^2+', 'Mn^2+', 'Cd^2+']
  const line = [1, 2, 4, 6, 9, 12].map((n) => {
    const ions: Record<string, number> = { 'H^+': 0.3 }
    for (const ion of cations.slice(0, n)) ions[ion] = 0.02
    ions['NO3^-'] = 0.3 + cations.slice(0, n).reduce((sum, ion) => sum + 0.02 * Number(/\^(\d*)\+$/.exec(ion)?.[1] || 1), 0)
    const start = perform(newBench(openJar({ solution: { ions, mL: 20 } })), stepSchema.parse({ do: 'take', into: 'A', mL: 1 })).bench
    let bench = start
    let drops = 0
    const one = stepSchema.parse({ do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 1 })
    const each = time(60, () => {
      if (drops++ % 30 === 0) bench = start
      const { bench: after, event } = perform(bench, one)
      bench = after
      perceive(event, 1)
    })
    return `${n + 3}: ${each.toFixed(0)} µs`
  })
  console.log(`  a drop of ammonia, by the components in the tube: ${line.join(', ')}`)
}

solver()
operations()
deduction()
mixtures()
organic()
