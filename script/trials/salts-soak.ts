import {
  caseSchema,
  followAdvice,
  FORMED_SALTS,
  inComponents,
  ionsOf,
  ReasoningSession,
  SALTS,
  Simulations,
  SOLIDS,
  type Content,
  type Salt,
} from '@foxing/core'
import { wilson } from './interval'
import { builtPercepts } from './percepts'
import { randomFrom } from './random'

/**
 * One salt, solid of the bench, solid of no list, or dissolved, worked by following the advice and writing down what there is to see. Solutions are drawn from outside the strengths they are weighed at: log-uniform, a third acidified.
 * Usage: salts-soak [how many of each] [seed] [listed|unlisted|solution]
 */
const count = Number(process.argv[2] ?? 20)
const seed = Number(process.argv[3] ?? 1)
const only = process.argv[4] ?? ''
const session = new ReasoningSession()
session.takePercepts(builtPercepts())

const VOLUME_mL = 20
const MOST = 30
const [WEAKEST, STRONGEST] = [0.005, 0.5]
const ACIDIFIED = 1 / 3
const ACID_molar = 0.3
const STRONG_ACIDS = ['Cl^-', 'NO3^-', 'SO4^2-']
const charge = (ion: string): number => (/\^(\d*)([+-])$/.exec(ion)?.[2] === '-' ? -1 : 1) * Number(/\^(\d*)[+-]$/.exec(ion)?.[1] || 1)

/** Whether nothing comes down of it at this strength, by the solubility products. */
function dissolves({ data }: Salt, molar: number): boolean {
  const totals = inComponents(data.ions).terms
  return !SOLIDS.some(({ terms, logK }) => {
    if (terms.some(([component]) => component !== 0 && !((totals.get(component) ?? 0) > 0))) return false
    if (terms.some(([component]) => component === 0)) return false
    return terms.reduce((sum, [component, n]) => sum + n * Math.log10(molar * (totals.get(component) as number)), logK) > 0
  })
}

interface Jar {
  readonly name: string
  readonly salt: Salt
  readonly content: Content
  readonly isSolution: boolean
}
const drawn = <T>(of: readonly T[], random: () => number): T => of[Math.floor(random() * of.length)] as T
function solution(random: () => number): Jar {
  for (;;) {
    const salt = drawn(SALTS, random)
    const molar = WEAKEST * (STRONGEST / WEAKEST) ** random()
    const wantsAcid = random() < ACIDIFIED
    if (!dissolves(salt, molar) || Object.values(salt.data.ions).some((n) => n < 0)) continue
    const ions: Record<string, number> = Object.fromEntries(Object.entries(salt.data.ions).map(([ion, n]) => [ion, n * molar]))
    const acid = wantsAcid ? STRONG_ACIDS.find((ion) => ion in ions) : undefined
    if (acid !== undefined) {
      ions['H^+'] = (ions['H^+'] ?? 0) + ACID_molar
      ions[acid] = (ions[acid] ?? 0) + ACID_molar / -charge(acid)
    }
    const name = `${salt.id} ${molar.toPrecision(2)} mol/L${acid === undefined ? '' : ', acid'}`
    return { name, salt, content: { id: name, jar: { solution: { ions, mL: VOLUME_mL } } }, isSolution: true }
  }
}
const solid = (salt: Salt): Jar => ({ name: salt.id, salt, content: salt, isSolution: false })
const KINDS: Readonly<Record<string, (random: () => number) => Jar>> = {
  listed: (random) => solid(drawn(SALTS, random)),
  unlisted: (random) => solid(drawn(FORMED_SALTS, random)),
  solution,
}

const median = (list: readonly number[], share = 0.5): number => [...list].sort((a, b) => a - b)[Math.floor(list.length * share)] ?? 0
for (const [kind, draw] of Object.entries(KINDS)) {
  if (only !== '' && kind !== only) continue
  const random = randomFrom(seed)
  const tests: number[] = []
  const ms: number[] = []
  let right = 0
  for (let n = 0; n < count; n++) {
    const { name, salt, content, isSolution } = draw(random)
    const began = performance.now()
    const settings = caseSchema.parse({ kind: 'salt', sample: isSolution ? { form: 'solution', mL: VOLUME_mL } : { mg: 500 } })
    const simulations = isSolution ? new Simulations(500, {}, VOLUME_mL) : new Simulations(500)
    const done = followAdvice(settings, { session, content, simulations }, MOST)
    const held = ionsOf(salt)
    const claimed = done.reasoning.standings.filter((s) => s.probability > 0.5).map((s) => s.species)
    const isRight = claimed.length === held.size && claimed.every((ion) => held.has(ion))
    if (isRight) right++
    else console.log(`  ${name}: ${claimed.join(' ') || 'nothing'} after ${done.tests.length} tests`)
    tests.push(done.tests.length)
    ms.push(performance.now() - began)
  }
  const [low, high] = wilson(right, count)
  console.log(
    `${kind}: every ion right and none wrong in ${right} of ${count} (${(100 * low).toFixed(0)} to ${(100 * high).toFixed(0)} %); tests: median ${median(tests)}, 95th percentile ${median(tests, 0.95)}; ${(median(ms) / 1000).toFixed(1)} s a jar, ${(median(ms, 0.95) / 1000).toFixed(1)} at most of 95 in 100`,
  )
}
