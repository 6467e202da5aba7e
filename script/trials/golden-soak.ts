import {
  caseSchema,
  entrySchema,
  findSalt,
  observationSchema,
  SALTS,
  stepSchema,
  withVessels,
  type Entry,
  type Observation,
  type Step,
  ReasoningSession,
} from '@foxing/core'
import { writeFileSync } from 'node:fs'
import type { Expected, Fact } from '../../cli/golden/__tests__/fact'
import { firstCourse } from '../../cli/golden/__tests__/first-course'
import { misreader } from './misread'
import { randomFrom } from './random'
import { Reliability } from './reliability'

const session = new ReasoningSession()

/**
 * Deduction from what the books say is seen, not from what the model shows: all facts there are of one salt, written as a notebook of work done freely, each in a tube of its own. Then what is claimed after each fact,
 * in several orders, beside what was in the salt: as the books have it, and with one observation in twenty misread and one in fifty plain wrong.
 */
const orders = Number(process.argv[2] ?? 6)
const seed = Number(process.argv[3] ?? 1)

const first = (word: string | readonly string[]): string => (typeof word === 'string' ? word : (word[0] ?? ''))

/** The observations a fact's expectation stands for; a field that no channel has is left out. */
function observations(expected: Expected, steps: readonly Step[], vessel: string): Record<string, unknown>[] {
  const seen: Record<string, unknown>[] = []
  const say = (channel: string, value: string, negated = false): void => void seen.push({ channel, value, negated, vessel })
  if (expected.solid === null) say('precipitate.present', 'yes', true)
  else if (expected.solid !== undefined) say('precipitate.colour', first(expected.solid))
  if (expected.habit !== undefined) say('precipitate.habit', first(expected.habit))
  if (expected.solution !== undefined) say('solution.colour', first(expected.solution))
  if (expected.gasColour !== undefined) say('gas.colour', first(expected.gasColour))
  else if (typeof expected.gas === 'string') say('gas.present', 'yes')
  if (expected.smell !== undefined) say('smell', expected.smell)
  if (expected.splint !== undefined) say('splint', expected.splint)
  if (expected.flame !== undefined) say('flame.colour', first(expected.flame))
  if (expected.lasts !== undefined) say('flame.lasts', expected.lasts)
  const last = steps.at(-1)
  if (expected.paper !== undefined && last && (last.do === 'hold' || last.do === 'dip') && last.paper)
    say(`paper.${last.paper}`, first(first(expected.paper)))
  return seen
}

function notebookOf(facts: readonly Fact[], read: (o: Observation) => Observation | null = (o) => o): Entry[] {
  const entries: Entry[] = []
  const write = (body: Record<string, unknown>): void => void entries.push(entrySchema.parse({ id: `g${entries.length}`, at: '', ...body }))
  facts.forEach((fact, k) => {
    const steps = (fact.procedure['steps'] as unknown[]).map((s) => withVessels(stepSchema.parse(s), (v) => `${v}${k}`))
    for (const step of steps) write({ did: step })
    const last = steps.at(-1)
    const vessel = last && 'at' in last ? last.at : last?.do === 'flame' ? 'sample' : `A${k}`
    for (const said of observations(fact.expect, steps, vessel)) {
      const saw = read(observationSchema.parse(said))
      if (saw) write({ saw })
    }
  })
  return entries
}

const bySalt = new Map<string, Fact[]>()
for (const fact of firstCourse) {
  const { solids } = fact.procedure['sample'] as { solids: { formula: string }[] }
  const id = findSalt(solids[0]?.formula ?? '')?.id ?? ''
  bySalt.set(id, [...(bySalt.get(id) ?? []), fact])
}
let ions = 0
let right = 0
let wrong = 0
for (const [salt, facts] of bySalt) {
  const own = SALTS.find((s) => s.id === salt)
  if (!own || facts.length < 2) continue
  const { standings, formulae } = session.reason({ case: caseSchema.parse({}), entries: notebookOf(facts) })
  const ionsOf = Object.keys(own.data.ions).filter((ion) => ion !== 'H^+' && ion !== 'OH^-')
  for (const ion of ionsOf) {
    ions++
    const p = standings.find((s) => s.species === ion)?.probability ?? 0
    if (p > 0.5) right++
    else if (p < 0.01) wrong++
  }
  const place = formulae.findIndex((f) => f.formula === salt)
  console.log(
    `  ${salt.padEnd(20)} ${String(facts.length).padStart(2)} facts: place ${place + 1} (${((formulae[place]?.probability ?? 0) * 100).toFixed(0)} %), first ${formulae[0]?.formula ?? ''}`,
  )
}
console.log(
  `golden: of ${ions} ions in ${bySalt.size} salts ${right} stand above a half from the books' facts alone, ${wrong} are wrongly excluded; the others are left open by facts that do not reach them`,
)

function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const left = [...list]
  return list.map(() => left.splice(Math.floor(random() * left.length), 1)[0] as T)
}

function calibration(title: string, misread: number, plainWrong: number, file: string): void {
  const random = randomFrom(seed)
  const reliability = new Reliability()
  for (const [salt, facts] of bySalt) {
    const own = SALTS.find((s) => s.id === salt)
    if (!own) continue
    const held = new Set(Object.keys(own.data.ions))
    for (let order = 0; order < orders; order++) {
      const inOrder = shuffled(facts, random)
      const entries = notebookOf(inOrder, misreader(random, misread, plainWrong))
      for (let n = 1; n <= entries.length; n++) {
        // What was written of a fact is claimed of when all of it is.
        if (!('saw' in (entries[n - 1] ?? {})) || 'saw' in (entries[n] ?? {})) continue
        const { standings } = session.reason({ case: caseSchema.parse({}), entries: entries.slice(0, n) })
        for (const { species, probability } of standings) reliability.add(probability, held.has(species))
      }
    }
  }
  console.log(`${title}, each salt in ${orders} orders, seed ${seed}`)
  console.log(reliability.table().join('\n'))
  writeFileSync(file, reliability.plot(title, `every ion after each fact, ${bySalt.size} salts, ${orders} orders`))
}
calibration('facts of the books', 0, 0, 'docs/reliability-golden.svg')
calibration('facts of the books, 5 % misread, 2 % wrong', 0.05, 0.02, 'docs/reliability-golden-misread.svg')
