import { expect, test } from '@jest/globals'
import { inHand, ReasoningSession } from '../../../deduction'
import { caseSchema, entrySchema, readProcedure, type Entry, type Notebook } from '../../../notebook'
import { readStructuresWith } from '../../../structure'
import { perceive } from '../../../structure/perceive'
import { review } from '..'
import { SOUND, SPOILED, type Jar, type Typed } from './typed-procedures'

readStructuresWith(perceive)

const CASES: Readonly<Record<Jar, unknown>> = {
  salt: { kind: 'salt', sample: { mg: 500 } },
  solution: { kind: 'salt', sample: { form: 'solution', mL: 20 } },
  mixture: { kind: 'mixture', sample: { form: 'solution', mL: 20 } },
  organic: { kind: 'organic', sample: { mg: 500 } },
}

/** The notebook after each line, as the bench would keep it. */
function pages({ jar, lines }: Typed): { readonly case: Notebook['case']; readonly entries: Entry[] }[] {
  const settings = caseSchema.parse(CASES[jar])
  let entries: Entry[] = []
  return lines.map((line) => {
    const { lines: read } = readProcedure(line, inHand({ case: settings, entries }))
    entries = [...entries, ...read.map((body, k) => entrySchema.parse({ id: `e${entries.length + k}`, at: '', ...body }))]
    return { case: settings, entries }
  })
}
const session = new ReasoningSession()
const found = (page: ReturnType<typeof pages>[number]) => review(page, session.reason(page))

/** One in so many, by place: all of them run in the soak. */
const EVERY = 5
const some = <T>(all: readonly T[]): readonly T[] => all.filter((_, k) => k % EVERY === 0)

test.each(some(SPOILED).map((typed) => [typed.name, typed] as const))('spoken of when it is typed: %s', (_, typed) => {
  const last = pages(typed).at(-1)
  expect(last ? found(last).map(({ finding }) => finding) : []).toEqual(
    expect.arrayContaining([expect.stringMatching(new RegExp(`^(${typed.finding.join('|')})$`))]),
  )
})
test.each(some(SOUND).map((typed) => [typed.name, typed] as const))('sound, though unusual: %s', (_, typed) => {
  for (const page of pages(typed)) expect(found(page).filter(({ severity }) => severity === 'spoils')).toEqual([])
})
