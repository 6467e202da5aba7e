/** Typed procedures, those that spoil and those that are sound: what the review says of each, and when. */
import { caseSchema, entrySchema, inHand, ReasoningSession, readProcedure, review, type Entry, type Notebook } from '@foxing/core'
import { SOUND, SPOILED, type Jar, type Typed } from '../../core/advice/review/__tests__/typed-procedures'
import { readStructuresWith } from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'

const CASES: Readonly<Record<Jar, unknown>> = {
  salt: { kind: 'salt', sample: { mg: 500 } },
  solution: { kind: 'salt', sample: { form: 'solution', mL: 20 } },
  mixture: { kind: 'mixture', sample: { form: 'solution', mL: 20 } },
  organic: { kind: 'organic', sample: { mg: 500 } },
}

/** The notebook after each line, as the bench would keep it. */
function* pages({ jar, lines }: Typed): Generator<{ readonly case: Notebook['case']; readonly entries: Entry[] }> {
  const settings = caseSchema.parse(CASES[jar])
  let entries: Entry[] = []
  for (const line of lines) {
    const { lines: read, rest } = readProcedure(line, inHand({ case: settings, entries }))
    const bodies = [...read, ...(rest.length > 0 ? [{ note: rest.join(' ') }] : [])]
    entries = [...entries, ...bodies.map((body, k) => entrySchema.parse({ id: `e${entries.length + k}`, at: '2026-01-01T00:00:00Z', ...body }))]
    yield { case: settings, entries }
  }
}

readStructuresWith(perceive)
const session = new ReasoningSession()
const isLoud = process.argv.includes('loud')
const half = process.argv.includes('unseen') ? 1 : process.argv.includes('seen') ? 0 : null
const those = <T>(all: readonly T[]): readonly T[] => (half === null ? all : all.filter((_, k) => k % 2 === half))

let spoken = 0
for (const spoiled of those(SPOILED)) {
  const said: string[] = []
  try {
    for (const page of pages(spoiled)) said.splice(0, said.length, ...review(page, session.reason(page)).map((f) => f.finding))
  } catch (error) {
    said.push(`threw ${(error as Error).message.slice(0, 100)}`)
  }
  const isSpoken = said.some((finding) => spoiled.finding.includes(finding))
  if (isSpoken) spoken++
  else if (isLoud) console.log(`  not: ${spoiled.name} (${spoiled.finding.join(', ')}): ${said.join(', ') || 'nothing'}`)
}
console.log(`spoken of with the right reason: ${spoken} of ${those(SPOILED).length}`)

let held = 0
let weakened = 0
for (const sound of those(SOUND)) {
  const said = new Map<string, string>()
  try {
    for (const page of pages(sound)) for (const { finding, severity } of review(page, session.reason(page))) said.set(finding, severity)
  } catch (error) {
    said.set(`threw ${(error as Error).message.slice(0, 100)}`, 'spoils')
  }
  const severities = [...said.values()]
  if (severities.includes('spoils')) held++
  if (severities.includes('weakens')) weakened++
  if (isLoud && said.size > 0) console.log(`  ${sound.name}: ${[...said].map(([finding, severity]) => `${finding} (${severity})`).join(', ')}`)
}
console.log(`sound ones held to be spoiled: ${held} of ${those(SOUND).length}, held to be weakened: ${weakened}`)
