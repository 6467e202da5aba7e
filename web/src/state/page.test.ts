import { describe, expect, test } from '@jest/globals'
import {
  entrySchema,
  everyTest,
  observationSchema,
  readAt,
  sayObservation,
  attributedSteps,
  traceOf,
  type Entry,
  type Observation,
  type WorksheetPart,
} from '@foxing/core'
import { picturesOfChange } from '../ui/pictures'
import { nextLook, pageOf, readLine } from './page'

const entry = (id: string, body: object): Entry => entrySchema.parse({ id, at: '', ...body })
const did = (id: string, step: object, part?: string): Entry => entry(id, { did: { ...step, ...(part === undefined ? {} : { part }) } })

const PARTS: readonly WorksheetPart[] = [
  { letter: 'A', text: 'To 1 mL add silver nitrate.', steps: [] },
  { text: 'Boil it down.', steps: [] },
]

describe('a test of the catalogue on the page', () => {
  test('its steps name the tubes by their letters, and what is taken from one place at once is one portion', () => {
    const [row] = pageOf([did('1', { test: 'vinegar-beside-halides', on: 'C' })])
    expect(row?.steps.slice(0, 2)).toEqual(['take 3 mL of the solution', 'add H2SO4 1 M, 20 drops'])
    expect(row?.steps).toContain('centrifuge, the liquid into C-b')
    for (const id of everyTest.keys()) expect(pageOf([did('1', { test: id, on: 'C' })])[0]?.steps.join(' ')).not.toMatch(/\bthis\b/)
  })
})

describe('a worksheet on the page', () => {
  const take = { do: 'take', from: 'OS', into: 'B', mL: 1 }
  const add = { do: 'add', to: 'B', reagent: 'AgNO3 0.1 M', drops: 5 }
  test('what was done for one part is one row, looked at where the part says, with its cautions and waits', () => {
    const rows = pageOf(
      [did('1', take, 'A'), did('2', add, 'A'), did('3', { do: 'look', at: 'B' }, 'A'), did('4', { do: 'stand', vessel: 'B', minutes: 5 }, 'A')],
      PARTS,
    )
    expect(rows).toHaveLength(1)
    const [row] = rows
    expect(row?.title).toBe('To 1 mL add silver nitrate.')
    expect(row?.entries).toEqual(['1', '2', '3', '4'])
    expect(row?.looks.map((l) => [l.entry, l.prompt])).toEqual([['3', 'look at tube B, after: add AgNO3 0.1 M, 5 drops']])
    expect(row?.waits.map((w) => w.minutes)).toEqual([5])
    expect(row?.work?.steps).toHaveLength(4)
  })
  test('a part without a look is looked at when it is done', () => {
    const [row] = pageOf([did('1', take, 'B'), did('2', { do: 'boil', vessel: 'B', minutes: 3 }, 'B')], PARTS)
    expect(row?.title).toBe('Boil it down.')
    expect(row?.looks.map((l) => l.entry)).toEqual(['2'])
  })
  test('parts that overlap keep what was written of each, and a line goes to the step it was written at', () => {
    const begun = [
      did('1', take, 'A'),
      did('2', { do: 'look', at: 'B' }, 'A'),
      did('3', { do: 'look', at: 'OS' }, 'B'),
      did('4', { do: 'smell', at: 'B' }, 'A'),
    ]
    const [first] = pageOf(begun, PARTS)
    const look = first?.looks[1]
    if (!first || !look) throw new Error('no look')
    const { observations } = readLine('no smell', first, look)
    expect(observations[0]).toMatchObject({ of: '4', vessel: 'B', channel: 'smell' })
    const rows = pageOf([...begun, ...observations.map((saw, k) => entry(`s${k}`, { saw }))], PARTS)
    expect(rows.map((r) => [r.part, nextLook(r)])).toEqual([
      ['A', 0],
      ['B', 0],
    ])
    expect(rows[0]?.looks[1]?.written).toHaveLength(observations.length)
  })
  test('steps of one’s own in a tube are one row, each looked at as it goes', () => {
    const saw = entry('3', { saw: { channel: 'precipitate.present', of: '2', vessel: 'B' } })
    const rows = pageOf([did('1', take), did('2', add), saw, did('4', { do: 'boil', vessel: 'B' })])
    expect(rows.map((r) => [r.part, r.own, r.entries])).toEqual([[null, true, ['1', '2', '4']]])
    // What nothing was written of, and is gone by, is no look that waits.
    expect(rows[0]?.looks.map((l) => [l.entry, l.written.length])).toEqual([
      ['2', 1],
      ['4', 0],
    ])
  })
  test('a fresh portion, and another tube, are a row of their own; a tube taken up again goes on in its row', () => {
    const other = { do: 'take', from: 'OS', into: 'C', mL: 1 }
    const rows = pageOf([did('1', take), did('2', other), did('3', add), did('4', { do: 'dissolve', into: 'OS', mg: 100, mL: 5 })])
    expect(rows.map((r) => r.entries)).toEqual([['1', '3'], ['2'], ['4']])
  })
  test('steps in the tube of a test of the catalogue stand after it', () => {
    const rows = pageOf([did('1', { test: 'silver-nitrate', on: 'B' }), did('2', add)])
    expect(rows.map((r) => [r.test?.id ?? null, r.entries])).toEqual([
      ['silver-nitrate', ['1']],
      [null, ['2']],
    ])
  })
})

describe('what is written of one observation', () => {
  const begun = [
    did('1', { do: 'take', from: 'OS', into: 'B', mL: 1 }),
    entry('s1', { saw: { channel: 'precipitate.colour', value: 'white', of: '1' } }),
  ]
  const picture = 'data:image/png;base64,AAAA'
  test('a picture taken of it stands with it, one of the row with the row', () => {
    const [row] = pageOf([
      ...begun,
      entry('n1', { note: 'of the line', about: 's1', picture }),
      entry('n2', { note: 'of the row', about: '1', picture }),
    ])
    expect(row?.looks[0]?.written[0]?.pictures.map((n) => n.text)).toEqual(['of the line'])
    expect(row?.notes.map((n) => n.text)).toEqual(['of the row'])
  })
  test('how sure it is, and when it was seen, are changed later and keep the first version', () => {
    const change = entry('a1', { amended: { entry: 's1', with: { certainty: 'unsure', when: '2026-01-01T14:05:00+00:00' } } })
    const [row] = pageOf([...begun, change])
    expect(sayObservation(row?.looks[0]?.written[0]?.observation ?? { channel: '', value: '', negated: false, certainty: 'sure' })).toBe(
      'white (?), seen at 14:05',
    )
  })
})

describe('before and after, drawn of what was written at one look', () => {
  const read = (line: string): Observation[] => readAt(line, { do: 'look', at: 'B' }, false).observations.map((o) => observationSchema.parse(o))
  test('a precipitate that came and dissolved is there before and gone after', () => {
    const change = picturesOfChange(read('wh ppt, sol xs NH3'))
    expect(change?.before.solid).not.toBeNull()
    expect(change?.now.solid).toBeNull()
  })
  test('a liquid that changed its colour has the first before and the last after, each said in words', () => {
    const change = picturesOfChange([...read('soln lt blue'), ...read('deep blue')])
    expect(change?.before.liquid).not.toBe(change?.now.liquid)
    expect(change?.before.says).toContain('pale blue')
    expect(change?.now.says).toContain('deep blue')
  })
  test.each(['wh ppt', 'no ppt', 'wh curdy ppt, insol xs NH3', 'blue soln', 'brisk effv'])('“%s” tells of no change', (line) => {
    expect(picturesOfChange(read(line))).toBeNull()
  })
})

describe('a line written at a look', () => {
  const LINES: Readonly<Record<string, string>> = { 'melting-point': '122', 'boiling-point': '78', smell: 'no smell', hold: 'red', dip: 'red' }
  test.each([...everyTest.values()].filter((t) => !('vessel' in t)).map((t) => [t.id] as const))('of %s is of the step it is written at', (test) => {
    const begun = [did('before', { do: 'take', from: 'sample', into: 'A', mg: 20 }), entry('t', { did: { test, on: 'A' } })]
    const row = pageOf(begun).at(-1)
    if (!row) throw new Error('no row')
    for (const look of row.looks) {
      const { observations } = readLine(LINES[look.doing.do] ?? 'blue', row, look)
      expect(observations.length).toBeGreaterThan(0)
      const [observation, ...more] = observations
      const { observations: traced } = traceOf({ entries: [...begun, entry('s', { saw: observation })] })
      expect(traced[0] && attributedSteps(traced[0]).map((s) => [s.entry, s.index])).toEqual([['t', look.step]])
      expect(more.every((o) => o.vessel === observation?.vessel)).toBe(true)
    }
  })
})
