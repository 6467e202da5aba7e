import { describe, expect, test } from '@jest/globals'
import { builtPercepts } from '../../script/trials/percepts'
import { doTest } from '../advice'
import { Simulations, ReasoningSession } from '../deduction'
import { caseSchema, entrySchema, type Entry } from '../notebook'
import { findSalt } from '../species'
import { documentOf, inferencesFrom, sayInferences, sayInferencesInShort } from './document'
import { toCsv } from './csv'
import { toHtml } from './html'
import { toMarkdown, typeset } from './markdown'

const session = new ReasoningSession()

const settings = caseSchema.parse({})
session.takePercepts(builtPercepts())

function worked(): Entry[] {
  const salt = findSalt('CuCl2.2H2O')
  if (!salt) throw new Error('no salt')
  const worker = { content: salt, simulations: new Simulations(500) }
  const entries: Entry[] = []
  for (const test of ['flame-on-wire', 'solubility-in-water', 'silver-nitrate'])
    entries.push(...doTest(entries, test, worker, `e${entries.length}`, () => ''))
  const [saw] = entries.filter((e) => 'saw' in e)
  return [...entries, entrySchema.parse({ id: 'c', at: '', concluded: { species: 'CuCl2.2H2O', claim: 'confirmed', citing: [saw?.id ?? ''] } })]
}

describe('the report', () => {
  const entries = worked()
  const document = documentOf({ case: settings, entries }, 'Jar K-2', session)
  test('has a row for every test, its observations look by look, and the inference they earned', () => {
    expect(document.rows).toHaveLength(entries.filter((e) => 'did' in e).length)
    expect(document.rows.flatMap((r) => r.looks.flat())).toHaveLength(entries.filter((e) => 'saw' in e).length)
    expect(document.rows.flatMap((r) => r.inference).join()).toMatch(/Cu\^2\+ is indicated/)
  })
  test('says nothing of an ion that the test itself pours in', () => {
    const silver = document.rows.find((r) => r.test.includes('Silver nitrate'))
    expect(silver?.inference.length).toBeGreaterThan(0)
    expect(silver?.inference.join()).not.toMatch(/NH4|Ag\^|NO3/)
  })
  test('names all that a row speaks against in a line; where there is little room a line for each kind, cut short', () => {
    const reasoning = session.reason({ case: settings, entries })
    const saws = new Set(entries.flatMap((e) => ('saw' in e ? [e.id] : [])))
    expect(sayInferences(inferencesFrom(saws, reasoning)).find((l) => l.startsWith('no '))).toMatch(/^no \S+(, \S+){3,}$/)
    const short = sayInferencesInShort(inferencesFrom(saws, reasoning), 2)
    expect(short.find((l) => l.startsWith('no '))).toMatch(/^no \S+, \S+ and \d+ more$/)
    const indicated = inferencesFrom(saws, reasoning).filter(({ direction, grade }) => direction === 'for' && grade === 'clear')
    expect(indicated.length).toBeGreaterThan(1)
    expect(short[0]).toBe(`${indicated.map(({ species }) => species).join(', ')} indicated`)
    // Each cites the observations it rests on.
    for (const { entries: cited } of indicated) expect(cited.length > 0 && cited.every((id) => saws.has(id))).toBe(true)
  })
  test('cites rows by the number the reader counts', () => {
    expect(document.conclusions).toEqual([{ species: 'CuCl2.2H2O', claim: 'confirmed', citing: ['row 1'] }])
  })
  test('says what the record supports in sentences that cite rows', () => {
    const chloride = document.sentences.find((s) => s.startsWith('Cl^- '))
    expect(chloride).toMatch(/^Cl\^- (is (confirmed|present)|may be present): .*Silver nitrate.*gave precipitate, white.*\(row 3\)/)
    const copper = document.sentences.find((s) => s.startsWith('Cu^2+ '))
    expect(copper).toMatch(/Flame.*\(row 1\)/)
    // An ion is told by tests that show it: ammonia after the silver makes copper deep blue.
    expect(copper).toMatch(/deep blue \(row 3\)/)
    expect(document.sentences.find((s) => s.startsWith('Excluded'))).toMatch(/^Excluded \(rows 1 to 3\): .*I\^-/)
  })
  test('words a likely ion as the class words it', () => {
    const plain = documentOf({ case: caseSchema.parse({ school: { wording: 'plain' } }), entries }, 'Jar K-2', session)
    expect(plain.sentences.join()).not.toContain('is confirmed')
    expect(documentOf({ case: caseSchema.parse({ hints: 'none' }), entries }, 'Jar K-2', session).sentences).toEqual([])
  })
  test('tells the equations of what was seen', () => {
    expect(document.rows.flatMap((r) => r.equations)).toContain('Ag^+ + Cl^- -> AgCl')
  })
  test('says of a note about an observation which row that is in', () => {
    const about = entries.find((e) => 'saw' in e)
    const noted = [...entries, entrySchema.parse({ id: 'pic', at: '', note: 'picture of it', about: about?.id })]
    expect(documentOf({ case: settings, entries: noted }, 'F-07', session).notes.map((n) => n.text)).toContain('row 1: picture of it')
  })
  test('in Markdown is a table of three columns with formulae set as such', () => {
    const text = toMarkdown(document)
    expect(text.split('\n').filter((l) => l.startsWith('|'))).toHaveLength(document.rows.length + 2)
    expect(text).toContain('CuCl₂·2H₂O')
    expect(text).toContain('Ag⁺ + Cl⁻ → AgCl')
  })
  test('lets no text of a writer become markup', () => {
    const note = entrySchema.parse({ id: 'n', at: '', note: '<script>alert(1)</script> | **x**' })
    const text = toMarkdown(documentOf({ case: settings, entries: [note] }, '<b>', session))
    expect(text).not.toMatch(/<script|<b>/)
    expect(text).not.toContain('**x**')
  })
  test('of an empty notebook says so', () => {
    expect(toMarkdown(documentOf({ case: settings, entries: [] }, 'Empty', session))).toMatch(/nothing done yet[\s\S]*No conclusion has been written/)
  })
  test('shows how an amended observation was first written', () => {
    const amended = [
      entrySchema.parse({ id: 'd', at: '', did: { test: 'silver-nitrate', on: 'A' } }),
      entrySchema.parse({ id: 's', at: '', saw: { channel: 'precipitate.colour', value: 'yellow' } }),
      entrySchema.parse({ id: 'm', at: '', amended: { entry: 's', with: { value: 'white' } } }),
    ]
    expect(toMarkdown(documentOf({ case: settings, entries: amended }, 'x', session))).toContain('white (first written: yellow)')
  })
})

describe('other forms', () => {
  const document = documentOf({ case: settings, entries: worked() }, 'Jar K-2 <i>', session)
  test('HTML is a page of its own, formulae set, text escaped', () => {
    const page = toHtml(document)
    expect(page).toMatch(/^<!doctype html>/)
    expect(page).toContain('CuCl<sub>2</sub>·2H<sub>2</sub>O')
    expect(page).toContain('Ag<sup>+</sup> + Cl<sup>−</sup> → AgCl')
    expect(page).not.toContain('<i>')
    expect(page).not.toMatch(/<script|https?:/)
  })
  test('CSV has a line for every look, quoted as the standard asks, and no cell that a spreadsheet runs', () => {
    const note = documentOf(
      {
        case: settings,
        entries: [
          entrySchema.parse({ id: 'd', at: '=1+1', did: { test: 'silver-nitrate', on: 'A' } }),
          entrySchema.parse({ id: 's', at: '', saw: { channel: 'precipitate.colour', value: 'white' } }),
        ],
      },
      'x',
      session,
    )
    const lines = toCsv(note).split('\r\n')
    expect(lines[0]).toBe('row,time,test,steps,observation,inference')
    expect(lines[1]).toContain("'=1+1")
    const looks = document.rows.reduce((sum, r) => sum + Math.max(1, r.looks.length), 0)
    expect(toCsv(document).trim().split('\r\n')).toHaveLength(1 + looks + document.conclusions.length)
  })
  test('of a case without hints tells nothing that its writer did not write', () => {
    const hidden = documentOf({ case: caseSchema.parse({ hints: 'none' }), entries: worked() }, 'x', session)
    expect([hidden.standings, hidden.formulae, hidden.conflicts, hidden.rows.flatMap((r) => [...r.inference, ...r.equations])]).toEqual([
      [],
      [],
      [],
      [],
    ])
    expect(hidden.conclusions).toHaveLength(1)
  })
})

test.each([
  ['SO4^2-', 'SO₄²⁻'],
  ['2 NH3 + H2O -> x', '2 NH₃ + H₂O → x'],
  ['KAl(SO4)2.12H2O', 'KAl(SO₄)₂·12H₂O'],
])('%s is set as %s', (plain, set) => {
  expect(typeset(plain)).toBe(set)
})
