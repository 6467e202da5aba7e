import { describe, expect, test } from '@jest/globals'
import { perceive } from '../../structure/perceive'
import { readStructuresWith } from '../../structure'
import { modelId, packFromLines, packToLines, type PackKind } from './percept-pack'
import { mergeShares, workOutPack } from './work-out'

readStructuresWith(perceive)
/** Of each list the first two, or one of them. */
const few =
  (from: number, step: number) =>
  <T>(all: readonly T[]): T[] =>
    all.slice(0, 2).filter((_, k) => k % step === from)

describe.each(['salts', 'organic'] satisfies PackKind[])('what is worked out ahead of %s', (kind) => {
  const whole = workOutPack(kind, few(0, 1))
  test('in shares, put together, is what is worked out at once', () => {
    const shares = [workOutPack(kind, few(0, 2)), workOutPack(kind, few(1, 2))]
    const merged = mergeShares(shares)
    expect(Object.keys(merged.table).sort()).toEqual(Object.keys(whole.table).sort())
    const shown = (pack: typeof whole, content: string): unknown =>
      pack.table[content]?.map((pair) => pair?.map((place) => pack.percepts[place] ?? null))
    for (const content of Object.keys(whole.table)) expect(shown(merged, content)).toEqual(shown(whole, content))
    expect(merged.structures).toEqual(whole.structures)
    const sorted = (sensitivities: Readonly<Record<string, readonly string[]>> = {}): unknown =>
      Object.fromEntries(Object.entries(sensitivities).map(([id, parts]) => [id, [...parts].sort()]))
    expect(sorted(merged.sensitivities)).toEqual(sorted(whole.sensitivities))
    expect(merged.gases).toEqual(whole.gases)
    expect(() => mergeShares([])).toThrow(RangeError)
  })
  test('is marked as this program’s own, and holds what its jars need', () => {
    expect(whole.model).toBe(modelId(kind))
    expect(whole.percepts.length).toBeGreaterThan(20)
    expect(Object.keys(whole).filter((k) => ['sensitivities', 'gases', 'structures'].includes(k))).toEqual(
      kind === 'salts' ? ['sensitivities', 'gases'] : ['structures'],
    )
  })
  test('is read from its lines as it was, in plain ASCII', () => {
    const lines = packToLines(whole)
    expect(lines).toMatch(/^[ -~\n]+$/)
    expect(lines.split('\n')).toHaveLength(whole.percepts.length + 1)
    const back = packFromLines(lines)
    expect(back.percepts.map((text) => JSON.parse(text) as unknown)).toEqual(whole.percepts.map((text) => JSON.parse(text) as unknown))
    expect({ ...back, percepts: [] }).toEqual({ ...whole, percepts: [] })
  })
})

test('what is no file of percepts is refused', () => {
  expect(() => packFromLines('')).toThrow(SyntaxError)
  expect(() => packFromLines('<!doctype html>\n<p>')).toThrow(SyntaxError)
})
