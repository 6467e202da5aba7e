import {
  adviseAtOnce,
  adviseFrom,
  caseSchema,
  doTest,
  drawSolution,
  SHARPENING,
  Simulations,
  type Entry,
  type Reasoning,
  ReasoningSession,
} from '@foxing/core'
import { builtPercepts } from './percepts'
import { randomFrom } from './random'

const session = new ReasoningSession()

/** Tests of one mixture that are done and waited for. */
const TESTS_DONE = 25
const SEED = 7

const once = <T>(f: () => T): { readonly ms: number; readonly said: T } => {
  const began = performance.now()
  const said = f()
  return { ms: performance.now() - began, said }
}
const spread = (list: readonly number[]): string => {
  const sorted = [...list].sort((a, b) => a - b)
  return `median ${(sorted[Math.floor(sorted.length / 2)] ?? 0).toFixed(0)} ms, most ${(sorted.at(-1) ?? 0).toFixed(0)} ms`
}
const best = ({ hypotheses }: Reasoning): string => hypotheses[0]?.content.id ?? ''

/** What a person waits for at a mixture of six cations and four anions, worked by the advice, after each of its first tests: the answer, the ranking, and until thinking again comes to nothing else. */
export function mixtures(): void {
  session.takePercepts(builtPercepts())
  const settings = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 }, maxCations: 6, maxAnions: 4 })
  const { content, cations, anions } = drawSolution(6, 4, randomFrom(SEED))
  const worker = { content, settings, simulations: new Simulations(0, {}, 20) }
  let entries: Entry[] = []
  const waits = {
    answers: [] as number[],
    kept: 0,
    wholes: 0,
    further: [] as number[],
    thoughts: [] as number[],
    rankings: [] as number[],
    settled: [] as number[],
  }
  let next = adviseFrom(session.reason({ case: settings, entries }), { case: settings, entries }).next[0]
  for (let n = 0; n < TESTS_DONE && next; n++) {
    entries = [...entries, ...doTest(entries, next.test, worker, 'e', () => '')]
    const notebook = { case: settings, entries }
    const answer = once(() => session.reason(notebook, { atOnce: true }))
    const thought = once(() => session.reason(notebook))
    let reasoning = thought.said
    let settled = answer.ms + thought.ms
    for (let round = 0; round < SHARPENING.mixture.rounds; round++) {
      const again = once(() => session.reason(notebook, { deep: SHARPENING.mixture.steps }))
      settled += again.ms
      if (best(again.said) === best(reasoning)) continue
      reasoning = again.said
      break
    }
    const ranking = once(() => adviseAtOnce(reasoning, notebook))
    if (ranking.said.isWhole) waits.wholes++
    const further = once(() => adviseFrom(reasoning, notebook))
    waits.further.push(ranking.ms + further.ms)
    waits.answers.push(answer.ms)
    waits.thoughts.push(thought.ms)
    if (best(answer.said) === best(reasoning)) waits.kept++
    waits.rankings.push(ranking.ms)
    waits.settled.push(settled)
    next = further.said.next[0]
  }
  console.log(`a mixture of ${cations.length} cations and ${anions.length} anions, ${waits.answers.length} tests by the advice:`)
  console.log(
    `  first answer ${spread(waits.answers)} (aim 200), that of the end in ${waits.kept} of them; thought through ${spread(waits.thoughts)}; ranking ${spread(waits.rankings)} (aim 300), of all tests in ${waits.wholes} of them, in the others by ${spread(waits.further)}; settled ${spread(waits.settled)} (aim 3000)`,
  )
}
