import { caseSchema, followAdvice, SALTS, Simulations, ReasoningSession } from '@foxing/core'
import { builtPercepts } from './percepts'

const session = new ReasoningSession()

/** Every bench salt worked by following the advice, each look written down as it is: what is left at the end, and after how many tests. */
const settings = caseSchema.parse({})
const pack = builtPercepts()
session.takePercepts(pack)
const simulations = new Simulations(500)
simulations.use(pack)
const counts: number[] = []
let wrong = 0
for (const salt of SALTS) {
  const { reasoning, tests } = followAdvice(settings, { session, content: salt, simulations })
  counts.push(tests.length)
  const left = reasoning.formulae.filter((f) => f.probability > 0.05)
  if (left[0]?.formula !== salt.id) wrong++
  const open = reasoning.standings.filter((s) => s.probability > 0.5 && s.status !== 'confirmed').map((s) => s.species)
  console.log(
    `  ${salt.id.padEnd(24)} ${String(tests.length).padStart(2)} tests  ${left.map((f) => `${f.formula} ${f.probability.toFixed(2)}`).join(', ')}${open.length > 0 ? `  (likely, not confirmed by two signs: ${open.join(' ')})` : ''}`,
  )
}
counts.sort((a, b) => a - b)
console.log(
  `advice: ${SALTS.length} salts, ${wrong} ended on another salt; median ${counts[Math.floor(counts.length / 2)] ?? 0} tests, most ${counts.at(-1) ?? 0}`,
)
if (wrong > 0) process.exitCode = 1
