import { describe, expect, test } from '@jest/globals'
import { isMeant, meant, readAs } from '../__tests__/means'
import { PROCEDURE_LINES, type ProcedureLine } from '../__tests__/procedure-lines'
import { LINES_APART } from '../__tests__/procedure-lines-apart'
import { LINES_LATER } from '../__tests__/procedure-lines-later'
import { readProcedure, type ProcedureContext } from '.'

/** What is in hand where a line says nothing else: tube A, where there is one, and the stock solution. */
function handOf({ vessel, stock, vessels = ['A', 'OS'] }: NonNullable<ProcedureLine['context']> = {}): ProcedureContext {
  const held = vessel ?? (vessels.includes('A') ? 'A' : undefined)
  return { stock: stock ?? 'OS', vessels, ...(held === undefined ? {} : { vessel: held }) }
}
function readsAsMeant({ line, means, context }: ProcedureLine): { readonly steps: boolean; readonly kept: boolean } {
  const { lines, rest } = readProcedure(line, handOf(context))
  const { steps } = readAs(lines)
  const is = meant(means)
  return {
    steps: steps.length === is.steps.length && is.steps.every((step, k) => isMeant(steps[k], step)),
    kept: is.text.every((text) => rest.join(' ').includes(text.split(' ')[0] ?? '')),
  }
}
const misread = (all: readonly ProcedureLine[]): string[] => all.filter((each) => !readsAsMeant(each).steps).map(({ line }) => line)

describe('what people write of what they do', () => {
  test.each(PROCEDURE_LINES)('$line', (each) => {
    expect(readsAsMeant(each)).toEqual({ steps: true, kept: true })
  })
  test('lines of other hands, written before the reader', () => {
    expect(misread(LINES_APART).length).toBeLessThanOrEqual(3)
  })
  test('lines written when the reader stood', () => {
    expect(misread(LINES_LATER).length).toBeLessThanOrEqual(3)
  })
  test('nothing is lost: every line gives steps, sights or text', () => {
    for (const { line, context } of [...PROCEDURE_LINES, ...LINES_APART, ...LINES_LATER]) {
      const { lines, rest } = readProcedure(line, handOf(context))
      expect([line, lines.length + rest.length > 0]).toEqual([line, true])
    }
  })
})

describe('what is filled in', () => {
  const steps = (line: string, context?: ProcedureContext): unknown[] =>
    readProcedure(line, context).lines.flatMap((l) => ('did' in l ? [l.did] : []))

  test('a tube, and "a few drops", are marked', () => {
    expect(steps('soln + a few drops of KI', { vessels: ['A', 'OS'] })).toMatchObject([
      { do: 'take', into: 'B', from: 'OS', mL: 1, assumed: ['into', 'mL'] },
      { do: 'add', to: 'B', reagent: 'KI', drops: 3, assumed: ['drops'] },
    ])
  })
  test('what is written is not', () => {
    expect(steps('+ 5 dr KI', { vessel: 'A' })).toEqual([{ do: 'add', to: 'A', reagent: 'KI', drops: 5 }])
  })
  test('half of a tube whose volume is known', () => {
    expect(steps('half of A to B', { vessel: 'A', holds: { A: 3 } })).toMatchObject([{ do: 'take', from: 'A', into: 'B', mL: 1.5 }])
  })
  test('"same with" goes by what was done in the line before', () => {
    const before = [
      { do: 'take', into: 'A', from: 'OS', mL: 2 },
      { do: 'add', to: 'A', reagent: 'AgNO3', drops: 4 },
    ] as const
    expect(steps('same with BaCl2', { vessel: 'A', vessels: ['A', 'OS'], before })).toMatchObject([
      { do: 'take', into: 'B', from: 'OS', mL: 2 },
      { do: 'add', to: 'B', reagent: 'BaCl2', drops: 4 },
    ])
  })
  test('a reagent of the open test says after what something was seen', () => {
    expect(steps('AgNO3 -> white ppt', { vessel: 'A', poured: ['AgNO3'] })).toEqual([])
  })
  test.each(['+ 0 dr NaOH', '0 mL soln + KI', 'warm 0 min', 'evaporate to 9/1', 'borax bead, 500 mg', 'fuse 900 mg with Na', '+ NaOH, 0 drops'])(
    'what no step can be is kept as text, and nothing fails: %s',
    (line) => {
      const { lines, rest } = readProcedure(line, { vessel: 'A', stock: 'OS', vessels: ['A', 'OS'] })
      expect(lines.length + rest.length).toBeGreaterThan(0)
      expect(JSON.stringify(lines)).not.toMatch(/"(drops|mL|minutes)":0\b|"toFraction":9|"(mg|sample_mg)":[59]00/)
    },
  )
  test('to what is not understood nothing is added', () => {
    expect(steps('2 mL of the blue stuff + NaOH -> white', { vessel: 'A' })).toEqual([])
  })
})
