import {
  AQUEOUS,
  caseSchema,
  followAdvice,
  GASES,
  ionsOf,
  PORTIONS,
  SALTS,
  Simulations,
  SOLIDS,
  doTest,
  type Conditions,
  type Entry,
  ReasoningSession,
} from '@foxing/core'
import { writeFileSync } from 'node:fs'
import { builtPercepts } from './percepts'
import { wilson } from './interval'
import { misreader } from './misread'
import { Reliability } from './reliability'
import { randomFrom } from './random'

const session = new ReasoningSession()

/**
 * Every bench salt, worked by following the advice: noise-free beside a fixed full scheme; with observations misread; and with percepts that come from a model other than the one
 * that reasons: constants shifted, strengths and drops off.
 */
const runs = Number(process.argv[2] ?? 3)
const seed = Number(process.argv[3] ?? 1)
/** Only trials whose name holds this. */
const only = process.argv[4] ?? ''
const settings = caseSchema.parse({})
const pack = builtPercepts()
session.takePercepts(pack)
const FULL = PORTIONS.stages.filter((s) => s.id !== 'residue').flatMap((s) => s.tests)

function share(right: number, of: number): string {
  const [low, high] = wilson(right, of)
  return `${right} of ${of} = ${((100 * right) / of).toFixed(1)} % (${(100 * low).toFixed(1)} to ${(100 * high).toFixed(1)})`
}

const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0

/** Right is: the salt stands first, or among those that stand as high as the first and that no test of the scope tells apart. */
function isRight(formulae: readonly { formula: string; probability: number }[], salt: string): boolean {
  const top = formulae[0]?.probability ?? 0
  return formulae.some((f) => f.formula === salt && f.probability > 0.8 * top)
}

/** Trials whose reliability is kept as a plot. */
const PLOTTED: Readonly<Record<string, string>> = {
  '5 % misread and 2 % plain wrong': 'docs/reliability.svg',
  'percepts of a disturbed model, 5 % misread': 'docs/reliability-disturbed.svg',
}

function trial(name: string, repeats: number, simulations: (random: () => number) => Simulations, misread: number, wrong: number): void {
  if (!name.includes(only)) return
  const random = randomFrom(seed)
  const counts: number[] = []
  let right = 0
  let of = 0
  const missed: string[] = []
  const reliability = new Reliability()
  for (let r = 0; r < repeats; r++) {
    const sims = simulations(random)
    for (const salt of SALTS) {
      const { reasoning, tests } = followAdvice(
        settings,
        { session, content: salt, simulations: sims, writes: misreader(random, misread, wrong) },
        40,
        (made) => {
          const ions = ionsOf(salt)
          for (const { species, probability } of made.standings) reliability.add(probability, ions.has(species))
        },
      )
      counts.push(tests.length)
      of++
      if (isRight(reasoning.formulae, salt.id)) right++
      else missed.push(`${salt.id}→${reasoning.formulae[0]?.formula ?? ''}`)
    }
  }
  console.log(`${name}: right ${share(right, of)}; tests: median ${median(counts)}, most ${Math.max(...counts)}`)
  if (misread + wrong > 0) console.log(`  ions, after each test:\n${reliability.table().join('\n')}`)
  const file = PLOTTED[name]
  if (file !== undefined)
    writeFileSync(file, reliability.plot(name, `every ion after each test, ${SALTS.length} salts, ${repeats === 1 ? 'once' : `${repeats} times`}`))
  if (missed.length > 0) console.log(`  missed: ${missed.join(', ')}`)
}

function fixedScheme(): void {
  const simulations = new Simulations(500)
  simulations.use(pack)
  let right = 0
  // Every test of the catalogue on a salt takes long to reason about; one salt in eight shows what it comes to.
  const some = SALTS.filter((_, i) => i % 8 === 0)
  for (const salt of some) {
    let entries: Entry[] = []
    for (const test of FULL) entries = [...entries, ...doTest(entries, test, { content: salt, simulations }, 'e', () => '')]
    if (isRight(session.reason({ case: settings, entries }).formulae, salt.id)) right++
  }
  console.log(`fixed full scheme, ${FULL.length} tests each: right ${share(right, some.length)}`)
}

const nominal = new Simulations(500)
nominal.use(pack)
const disturbed = (random: () => number): Simulations => {
  const shift = new Map<string, number>()
  const off = (scale: number): number => scale * (2 * random() - 1)
  for (const s of AQUEOUS) if (s.data.from) shift.set(`aqueous:${s.id}`, off(0.3))
  for (const s of SOLIDS) shift.set(`solid:${s.id}`, off(0.3))
  for (const s of GASES) shift.set(`gas:${s.id}`, off(0.3))
  const conditions: Conditions = { shift, strength: 1 + off(0.2), drop_mL: 0.05 * (1 + off(0.3)) }
  return new Simulations(500, conditions)
}
console.log(`deduction, seed ${seed}, ${SALTS.length} salts`)
trial('noise-free', 1, () => nominal, 0, 0)
if (only === '') fixedScheme()
trial('5 % misread', runs, () => nominal, 0.05, 0)
trial('5 % misread and 2 % plain wrong', runs, () => nominal, 0.05, 0.02)
trial('percepts of a disturbed model', runs, disturbed, 0, 0)
trial('percepts of a disturbed model, 5 % misread', runs, disturbed, 0.05, 0)
