import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const run = (args: readonly string[], input = ''): { status: number | null; out: string; err: string } => {
  const { status, stdout, stderr } = spawnSync('script/foxing', args, { input, encoding: 'utf8', maxBuffer: 1e8 })
  return { status, out: stdout, err: stderr }
}
const json = (text: string): Record<string, unknown> => JSON.parse(text) as Record<string, unknown>
const procedure = (id: string, more: object = {}): string =>
  JSON.stringify({
    format: 'foxing-procedure/1',
    id,
    sample: { solids: [{ formula: 'CuSO4.5H2O', mg: 200 }] },
    steps: [
      { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 },
      { do: 'look', at: 'OS' },
    ],
    ...more,
  })

describe('the command line', () => {
  test('simulate answers percepts with the document’s id', () => {
    const { status, out } = run(['simulate'], procedure('cu-1'))
    expect(status).toBe(0)
    expect(json(out)).toMatchObject({
      format: 'foxing-percepts/1',
      id: 'cu-1',
      steps: [{ step: 1 }, { step: 2, solution: { colour: { family: 'blue' } } }],
    })
  })
  test('sum answers with units and working; a name there is none of, and none at all, are refused', () => {
    const { status, out } = run(['sum', 'solution-from-solid'], JSON.stringify({ formula: 'CuSO4.5H2O', target_M: 0.1, volume_mL: 100 }))
    expect(status).toBe(0)
    expect(json(out)).toMatchObject({ mass_g: 2.5, working: [expect.stringContaining('g/mol'), expect.any(String)] })
    const lines = run(['sum', 'drops', '--lines'], '{"id":"a","drops":20}\n{"id":"b"}\n').out.trim().split('\n').map(json)
    expect(lines).toMatchObject([
      { id: 'a', volume_mL: 1 },
      { id: 'b', error: { path: 'drops' } },
    ])
    expect(run(['sum', 'guesswork'], '{}').err).toContain('at NAME')
    expect(run(['sum']).status).toBe(2)
    expect(run(['read', 'twice']).status).toBe(2)
  })
  test('a report as PDF begins as one; as a crate it reads back in as what it was, and other forms are refused', () => {
    const dir = mkdtempSync(join(tmpdir(), 'foxing-'))
    const as = (form: string, from: string): ReturnType<typeof run> => run(['report', '--as', form, '--in', from, '--out', join(dir, `x.${form}`)])
    const from = 'docs/notebooks/a-salt.json'
    expect(as('pdf', from).status).toBe(0)
    expect(readFileSync(join(dir, 'x.pdf')).subarray(0, 5).toString()).toBe('%PDF-')
    expect(as('eln', from).status).toBe(0)
    expect(run(['report', '--as', 'json', '--in', join(dir, 'x.eln')]).out).toBe(run(['report', '--as', 'json', '--in', from]).out)
    expect(as('docx', from).err).toContain('at --as: expected md, html, csv, json, pdf or eln')
    expect(run(['report', '--as', 'pdf', '--lines'], JSON.stringify({ format: 'foxing-notebook/1', entries: [] })).out).toContain(
      'text, with --lines',
    )
    rmSync(dir, { recursive: true })
  })
  test('key works a worksheet on its sample, part by part', () => {
    const sheet = {
      format: 'foxing-worksheet/1',
      id: 'w-1',
      sample: { solids: [{ formula: 'CuSO4.5H2O', mg: 500 }] },
      parts: [{ letter: 'A', steps: [{ test: 'barium-nitrate', on: 'A' }] }],
    }
    const { status, out } = run(['key'], JSON.stringify(sheet))
    expect(status).toBe(0)
    expect(json(out)).toMatchObject({ format: 'foxing-key/1', parts: [{ letter: 'A', observations: [{ vessel: 'A' }] }] })
    const { status: refused, err } = run(['key'], JSON.stringify({ ...sheet, parts: [{ steps: [{ do: 'weld', into: 'F' }] }] }))
    expect(refused).toBe(1)
    expect(err).toContain('parts.0.steps.0.do')
  })
  test('--lines answers one line a document, in order, a bad one with where and what', () => {
    const { status, out } = run(
      ['simulate', '--lines'],
      [procedure('a'), 'nonsense', procedure('c', { steps: [{ do: 'look', at: 'Q' }] }), procedure('d')].join('\n'),
    )
    expect(status).toBe(0)
    const answers = out.trim().split('\n').map(json)
    expect(answers).toHaveLength(4)
    expect(answers[0]).toMatchObject({ id: 'a' })
    expect(answers[1]).toMatchObject({ error: { path: '' } })
    expect(answers[2]).toMatchObject({ id: 'c', error: { path: 'steps.0.at' } })
    expect(answers[3]).toMatchObject({ id: 'd', format: 'foxing-percepts/1' })
  })
  test.each([
    ['an unknown step', procedure('x', { steps: [{ do: 'levitate', vessel: 'A' }] }), /steps\.0\.do/],
    ['a newer format', procedure('x', { format: 'foxing-procedure/2' }), /newer Foxing/],
    ['a negative mass', procedure('x', { sample: { solids: [{ formula: 'CuSO4.5H2O', mg: -1 }] } }), /sample\.solids\.0\.mg/],
    ['a salt nobody has', procedure('x', { sample: { solids: [{ formula: 'CuXe', mg: 1 }] } }), /sample\.solids\.0\.formula/],
  ])('%s exits 1 and says where', (_, document, message) => {
    const { status, err } = run(['simulate'], document)
    expect(status).toBe(1)
    expect(err).toMatch(message)
  })
  test.each([[[]], [['levitate']], [['simulate', '--frobnicate']]])('wrong usage %j exits 2', (args) => {
    expect(run(args).status).toBe(2)
  })
  test('read, deduce, advise and report answer the published forms', () => {
    expect(json(run(['read'], '{"text":"no ppt, flurb"}').out)).toEqual({
      observations: [{ channel: 'precipitate.present', value: 'yes', negated: true }],
      lines: [{ saw: { channel: 'precipitate.present', value: 'yes', negated: true } }],
      rest: ['flurb'],
    })
    const steps = json(run(['read'], '{"text":"1 mL soln + 3 dr 2M NaOH -> blue ppt; xs: insol","context":{"stock":"OS","vessels":["OS"]}}').out)
    expect(steps).toMatchObject({
      lines: [
        { did: { do: 'take', into: 'A', from: 'OS', mL: 1, assumed: ['into'] } },
        { did: { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 3 } },
        { saw: { channel: 'precipitate.present' } },
        { saw: { channel: 'precipitate.colour', value: 'blue' } },
        { did: { do: 'add', to: 'A', reagent: 'NaOH 2 M', until: 'excess' } },
        { saw: { channel: 'precipitate.dissolves', value: 'no' } },
      ],
      rest: [],
    })
    const notebook = JSON.stringify({ format: 'foxing-notebook/1', entries: [] })
    expect(Object.keys(json(run(['deduce'], notebook).out))).toEqual(['standings', 'formulae', 'conflicts'])
    expect(json(run(['advise'], notebook).out)).toMatchObject({ review: [], complete: false })
    expect(run(['report', '--as', 'md'], notebook).out).toMatch(/^# Notebook/)
    expect(json(run(['report', '--as', 'json'], notebook).out)).toHaveProperty('notebook.format', 'foxing-notebook/1')
  })
  test('the catalogue gives every constant a source, and reagents their strengths', () => {
    const catalogue = json(run(['catalogue']).out) as {
      species: { logK?: { source: string; unit: string } }[]
      sources: Record<string, string>
      reagents: { strengths: unknown[] }[]
    }
    for (const { logK } of catalogue.species) if (logK) expect(catalogue.sources[logK.source]).toBeDefined()
    expect(catalogue.reagents.every((r) => r.strengths.length > 0)).toBe(true)
  })
})
