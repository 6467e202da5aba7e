import { anyBetween, caseSchema, drawSolution, followAdvice, ionsFound, practicePowder, Simulations, ReasoningSession, type Case } from '@foxing/core'
import { builtPercepts } from './percepts'
import { wilson } from './interval'
import { randomFrom } from './random'

const session = new ReasoningSession()

/**
 * Random solutions of two to six cations with one to four anions, or salts ground together, worked by following the advice: script/soak mixtures [of each size] [seed] [cations, or "solid" for these] [scheme] [first]. All of them are
 * drawn and those from the first on are worked, so that a long count may be done in parts. With WIDE=1 every ion is drawn from 3 mmol/L to 0.3 mol/L, and with KNOWN=1 it is known how many there are at most.
 */
const [count = '5', seed = '1', only = '', scheme = '', first = '0'] = process.argv.slice(2)
const isSolid = only === 'solid'
const sample = isSolid ? { mg: 500, form: 'solid' } : { mL: 20 }
const strength = process.env['WIDE'] ? anyBetween(0.003, 0.3) : undefined
const settingsFor = (cations: number, anions: number): Case =>
  caseSchema.parse({
    kind: 'mixture',
    sample,
    ...(scheme ? { school: { scheme } } : {}),
    ...(process.env['KNOWN'] ? { maxCations: cations, maxAnions: anions } : {}),
  })
session.takePercepts(builtPercepts())
for (const size of isSolid ? [4] : only ? [Number(only)] : [2, 3, 4, 5, 6]) {
  const random = randomFrom(Number(seed) + size)
  let right = 0
  const tests: number[] = []
  const began = Date.now()
  for (let n = 0; n < Number(count); n++) {
    const drawn = isSolid
      ? practicePowder(Number(seed) + n, {}, 500)
      : drawSolution(size, size === 1 ? 1 : 1 + Math.floor(random() * 4), random, 20, strength)
    if (n < Number(first)) continue
    const start = Date.now()
    const { reasoning, tests: done } = followAdvice(
      settingsFor(drawn.cations.length, drawn.anions.length),
      { session, content: drawn.content, simulations: isSolid ? new Simulations(500) : new Simulations(0, {}, 20) },
      90,
    )
    const found = ionsFound(reasoning.each ?? new Map())
    const missed = [...drawn.cations, ...drawn.anions].filter((ion) => ![...found.cations, ...found.anions].includes(ion))
    const wrong = [...found.cations, ...found.anions].filter((ion) => ![...drawn.cations, ...drawn.anions].includes(ion))
    tests.push(done.length)
    const isRight = missed.length + wrong.length === 0
    if (isRight) right++
    const said = isRight ? 'right' : `missed ${missed.join(' ') || '–'}; wrong ${wrong.join(' ') || '–'}`
    const held = [...drawn.cations, ...drawn.anions].join(' ')
    console.log(`  ${n}: ${held}: ${said}; ${done.length} tests, ${Math.round((Date.now() - start) / 1000)} s`)
    if (process.env['SHOW']) console.log(`    ${reasoning.hypotheses[0]?.content.id}\n    ${done.join(' ')}`)
  }
  const [low, high] = wilson(right, tests.length)
  tests.sort((a, b) => a - b)
  console.log(
    `mixtures of ${isSolid ? 'salts ground together, two to ' : ''}${size} cations, seed ${seed}: every ion right and none wrong in ${right} of ${tests.length} (${(100 * low).toFixed(0)} to ${(100 * high).toFixed(0)} %); tests: median ${tests[Math.floor(tests.length / 2)] ?? 0}, most ${tests.at(-1) ?? 0}; ${Math.round((Date.now() - began) / 1000)} s`,
  )
}
