import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { stepSchema, type Step } from '../tube'
import { readAt } from './context'
import { readShorthand } from './shorthand'
import type { ObservationInput } from './schema'

/** Lines of the handbook with their meaning, as it has them: `| line | channel = shade value after … · … |`. */
const LINES = readFileSync(new URL('../../docs/shorthand.md', import.meta.url), 'utf8')
  .split('\n')
  .flatMap((row) => {
    const [, line, meaning] = /^\| `(.+?)` +\| (.+?) +\|$/.exec(row) ?? []
    return line === undefined || meaning === undefined ? [] : [{ line, meaning: meaning.split(' · ') }]
  })

const DOUBT = { unsure: ' (unsure)', fairly: ' (fairly)', sure: '' }
const say = (o: ObservationInput): string =>
  `${o.vessel ? `${o.vessel}: ` : ''}${o.negated ? 'not ' : ''}${o.channel} = ${o.degree ? `${o.degree} ` : ''}${o.value ?? 'yes'}${o.after ? ` after ${o.after}` : ''}${DOUBT[o.certainty ?? 'sure']}`
const readAs = (line: string): string[] => {
  const { observations, rest } = readShorthand(line)
  return [...observations.map(say), ...(rest.length > 0 ? [`text: ${rest.join(' ')}`] : [])]
}

/** What is denied, or said not to have dissolved, turned round. */
const opposite = (said: string): string =>
  said.startsWith('not ')
    ? said.slice(4)
    : said.includes('dissolves = yes')
      ? said.replace('= yes', '= no')
      : said.includes('dissolves = no')
        ? said.replace('= no', '= yes')
        : `not ${said}`

describe('lines people write', () => {
  test('there are enough of them, each once', () => {
    expect(LINES.length).toBeGreaterThanOrEqual(250)
    expect(new Set(LINES.map((l) => l.line)).size).toBe(LINES.length)
  })
  test.each(LINES)('$line', ({ line, meaning }) => {
    expect(readAs(line).sort()).toEqual([...meaning].sort())
  })
  test.each(LINES)('$line: never the opposite', ({ line, meaning }) => {
    const read = readAs(line)
    for (const said of meaning) expect(read).not.toContain(opposite(said))
  })
})

describe('at any step that is looked at', () => {
  const STEPS: readonly Step[] = [
    { do: 'look', at: 'A' },
    { do: 'smell', at: 'A' },
    { do: 'ignite', vessel: 'A' },
    { do: 'bead' },
    { do: 'hold', over: 'A', paper: 'red litmus paper' },
    { do: 'ignition' },
    { do: 'flame' },
    { do: 'flame', through: 'spectroscope' },
  ].map((step) => stepSchema.parse(step))
  test.each([true, false])('no line of those people write is lost, the vessel dry: %p', (dry) => {
    for (const { line } of LINES)
      for (const step of STEPS) {
        const { observations, rest } = readAt(line, step, dry)
        expect([line, step.do, observations.length + rest.length > 0]).toEqual([line, step.do, true])
      }
  })
})

test('what was seen through glass, where the step looks at the bare flame, keeps that as text', () => {
  const through = (glass: 'air' | 'cobalt-glass'): unknown =>
    readAt('lilac thru cobalt glass', stepSchema.parse({ do: 'flame', from: 'sample', support: 'wire', through: glass }), false)
  expect(through('air')).toMatchObject({ observations: [{ channel: 'flame.colour', value: 'violet' }], rest: ['thru cobalt glass'] })
  expect(through('cobalt-glass')).toMatchObject({ observations: [{ channel: 'flame.colour', value: 'violet' }], rest: [] })
})

describe('the twenty commonest, against paper', () => {
  const rows = readFileSync(new URL('../../docs/at-the-bench.md', import.meta.url), 'utf8')
    .split('\n')
    .flatMap((row) => {
      const [, line, keys, typing, pen, strokes, penning] =
        /^\| `(.+?)` +\| (\d+) +\| ([\d.]+) +\| .+? +\| .+? +\| (.+?) +\| (\d+) +\| ([\d.]+) +\|$/.exec(row) ?? []
      return line === undefined
        ? []
        : [{ line, keys: Number(keys), typing: Number(typing), pen: pen ?? '', strokes: Number(strokes), penning: Number(penning) }]
    })
  test('there are twenty, and the line is no longer than the pen’s for all of them together', () => {
    expect(rows).toHaveLength(20)
    const sum = (of: 'keys' | 'strokes'): number => rows.reduce((all, row) => all + row[of], 0)
    expect(sum('keys')).toBeLessThan(sum('strokes'))
  })
  test.each(rows)('$line is counted rightly, and says what the pen does', ({ line, keys, typing, pen, strokes, penning }) => {
    expect(keys).toBe(line.length + 1)
    expect(strokes).toBe(pen.length)
    // What a key and a letter take, and what the machine adds, s: as the page says.
    expect(typing).toBeCloseTo(0.28 * keys + 0.1, 1)
    expect(penning).toBeCloseTo(0.39 * strokes, 1)
    expect(readShorthand(line).rest).toEqual([])
    // The pen's words, read in their turn, are the same observations.
    expect(readAs(line).sort()).toEqual(readAs(pen).sort())
  })
})
