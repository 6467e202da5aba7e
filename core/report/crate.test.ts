import { createHash } from 'node:crypto'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { ReasoningSession } from '../deduction'
import { notebookSchema, type Notebook } from '../notebook'
import { toBytes, toText } from './bytes'
import { crateOf, CrateError, notebookFromCrate } from './crate'
import { documentOf } from './document'
import { setRuns, toPdfContent } from './pdf'

const session = new ReasoningSession()

const sha256 = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')
const stationery = { sha256, now: '2026-10-12T10:00:00Z' }
const PIXEL = 'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='

const notebook = (more: object[] = []): Notebook =>
  notebookSchema.parse({
    format: 'foxing-notebook/1',
    id: 'K-2',
    mood: 'calm',
    entries: [
      { id: 'a', at: '2026-10-12T09:00:00Z', did: { test: 'silver-nitrate', on: 'A' } },
      { id: 'b', at: '2026-10-12T09:02:00Z', saw: { channel: 'precipitate.colour', value: 'white', of: 'a', step: 3, hand: 'left' } },
      ...more,
    ],
  })
const packed = async (of: Notebook): Promise<Record<string, Uint8Array>> =>
  Object.fromEntries(
    Object.entries(await crateOf(of, documentOf(of, 'Jar K-2', session), stationery)).map(([path, content]) => [path, toBytes(content)]),
  )

describe('a crate', () => {
  test('reads back in without loss, unknown fields and all', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.string({ maxLength: 80 }), { maxLength: 5 }), async (notes) => {
        const of = notebook(notes.map((note, k) => ({ id: `n${k}`, at: '', note })))
        expect(await notebookFromCrate(await packed(of), sha256)).toEqual(of)
      }),
      { seed: 8, numRuns: 20 },
    )
  })
  test('describes every file it holds, with its size and hash', async () => {
    const files = await packed(notebook([{ id: 'p', at: '', note: 'the tube', picture: PIXEL }]))
    const [at = ''] = Object.keys(files).filter((path) => path.endsWith('ro-crate-metadata.json'))
    const graph = (
      JSON.parse(toText(files[at] ?? new Uint8Array())) as { '@graph': { '@id': string; '@type': string; sha256?: string; contentSize?: number }[] }
    )['@graph']
    const described = graph.filter((node) => node['@type'] === 'File')
    expect(described).toHaveLength(Object.keys(files).length - 1)
    for (const { '@id': id, sha256: hash, contentSize } of described) {
      const bytes = files[`Jar-K-2/${id.slice(2)}`]
      expect(bytes?.length).toBe(contentSize)
      expect(hash).toBe(sha256(bytes ?? new Uint8Array()))
    }
    expect(described.some(({ '@id': id }) => id.endsWith('pictures/p.png'))).toBe(true)
  })
  test('a notebook changed since is refused, with its place', async () => {
    const files = await packed(notebook())
    const [path = ''] = Object.keys(files).filter((name) => name.endsWith('notebook.json'))
    files[path] = toBytes(toText(files[path] ?? new Uint8Array()).replace('white', 'black'))
    await expect(notebookFromCrate(files, sha256)).rejects.toThrow(/notebook\.json: expected the file its description gives the hash of/)
  })
  test('a zip of something else is refused', async () => {
    await expect(notebookFromCrate({ 'holiday.txt': toBytes('sun') }, sha256)).rejects.toBeInstanceOf(CrateError)
    await expect(notebookFromCrate({ 'x/ro-crate-metadata.json': toBytes('{"@graph":[]}') }, sha256)).rejects.toThrow(/notebook\.json/)
  })
})

describe('the page description', () => {
  test('sets formulae and keeps every letter', () => {
    expect(setRuns('Fe(CN)6^4- -> Na2SO4.10H2O')).toEqual([
      { text: 'Fe(CN)' },
      { text: '6', sub: true },
      { text: '4−', sup: true },
      { text: ' ' },
      { text: '→', font: 'Arrows' },
      { text: ' Na' },
      { text: '2', sub: true },
      { text: 'SO' },
      { text: '4', sub: true },
      { text: '·' },
      { text: '10H' },
      { text: '2', sub: true },
      { text: 'O' },
    ])
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(
          setRuns(text.replace(/[\^.>→-]/g, ''))
            .map((r) => r.text)
            .join(''),
        ).toBe(text.replace(/[\^.>→-]/g, ''))
      }),
    )
  })
  test('has a line of the table for each row, and the pictures', () => {
    const content = toPdfContent(documentOf(notebook(), 'Jar K-2', session), [{ text: 'the tube', image: PIXEL }])
    const table = content.content.find((node) => 'table' in node) as { table: { body: unknown[] } }
    expect(table.table.body).toHaveLength(2)
    expect(JSON.stringify(content)).toContain(PIXEL)
  })
})
