import { describe, expect, test } from '@jest/globals'
import { stepSchema } from '../tube'
import { Runner } from './simulate'
import type { Percept } from './percept'
import { seenLook } from './seen'

/** What the last of some steps shows, on so many mg of a salt in tube A. */
function last(formula: string, mg: number, ...steps: Record<string, unknown>[]): Percept {
  const runner = new Runner({ solids: [{ formula, mg }] })
  const percepts = [{ do: 'take', into: 'A', mg }, ...steps].map((raw) =>
    runner.step(stepSchema.parse({ to: 'A', vessel: 'A', over: 'A', at: 'A', ...raw })),
  )
  return percepts.at(-1) as Percept
}
const HEAT = { do: 'ignite' }
const add = (reagent: string, mL: number): Record<string, unknown> => ({ do: 'add', reagent, mL })

describe('the vapour at the mouth, lit', () => {
  const ester = [add('methanol', 1), add('H2SO4 conc', 0.4), { do: 'flame', from: 'A', support: 'mouth' }]
  test.each([
    ['borax', 'Na2B4O7.10H2O', 'green'],
    ['copper sulfate, whose copper does not leave', 'CuSO4.5H2O', 'colourless'],
    ['sodium chloride', 'NaCl', 'colourless'],
  ])('of %s is %s', (_, formula, family) => {
    expect(last(formula, 50, add('water', 0.3), ...ester).flame?.colour.family).toBe(family)
  })
})

describe('borate beside what oxidises', () => {
  const solution = (ions: Record<string, number>): Percept => {
    const runner = new Runner({ solution: { ions, mL: 10 } })
    const steps = [
      { do: 'take', into: 'A', mL: 1 },
      add('SO2 water', 2),
      { do: 'boil', minutes: 2 },
      { do: 'concentrate', toFraction: 0.2 },
      add('methanol', 1),
      add('H2SO4 conc', 0.4),
      { do: 'flame', from: 'A', support: 'mouth' },
    ]
    return steps.map((raw) => runner.step(stepSchema.parse({ to: 'A', vessel: 'A', ...raw }))).at(-1) as Percept
  }
  test.each([
    ['permanganate', { 'K^+': 0.05, 'MnO4^-': 0.05 }],
    ['chlorate', { 'K^+': 0.05, 'ClO3^-': 0.05 }],
    ['chromate', { 'K^+': 0.1, 'CrO4^2-': 0.05 }],
  ])('after sulfur dioxide it is found beside %s, and not where there is none', (_, ions) => {
    expect(solution({ ...ions, H3BO3: 0.03 }).flame?.colour.family).toBe('green')
    expect(solution(ions).flame?.colour.family).toBe('colourless')
  })
})

describe('a spectroscope', () => {
  const linesOf = (solids: readonly (readonly [string, number])[], through: 'air' | 'spectroscope'): readonly number[] => {
    const runner = new Runner({ solids: solids.map(([formula, mg]) => ({ formula, mg })) })
    return runner.step(stepSchema.parse({ do: 'flame', from: 'sample', through })).flame?.lines ?? []
  }
  test('shows the lines that sodium hides from the eye', () => {
    const both = [
      ['NaCl', 90],
      ['KCl', 10],
    ] as const
    expect(linesOf(both, 'air')).not.toContain(404)
    expect(linesOf(both, 'spectroscope')).toEqual(expect.arrayContaining([404, 589, 694]))
  })
  test('says its lines, not the colour of the flame, and shows none of a salt that has none', () => {
    const percept = new Runner({ solids: [{ formula: 'SrCl2.6H2O', mg: 50 }] }).step(
      stepSchema.parse({ do: 'flame', from: 'sample', through: 'spectroscope' }),
    )
    expect(seenLook(percept, null, 0, [0, 0, 0]).flame?.lines).toEqual(['blue', 'orange', 'red', 'crimson'])
    expect(linesOf([['MgCl2.6H2O', 50]], 'spectroscope')).toEqual([])
  })
})

describe('a splint', () => {
  test.each<[string, number, Record<string, unknown>[], string, string]>([
    ['oxygen relights a glowing one', 200, [HEAT], 'KNO3', 'relights'],
    ['so does dinitrogen oxide', 200, [HEAT], 'NH4NO3', 'relights'],
    ['carbon dioxide does not', 200, [HEAT], 'NaHCO3', 'goes-out'],
    ['nor does air', 50, [HEAT], 'NaCl', 'goes-out'],
  ])('%s', (_, mg, steps, formula, splint) => {
    expect(last(formula, mg, ...steps, { do: 'hold', splint: 'glowing' }).splint).toBe(splint)
  })
  test.each<[string, Record<string, unknown>[], string, string]>([
    ['hydrogen pops', [{ do: 'add', reagent: 'zinc dust', mg: 60 }, add('HCl 2 M', 2)], 'NaCl', 'pops'],
    ['carbon dioxide puts it out', [add('HCl 2 M', 1.5)], 'Na2CO3', 'goes-out'],
    ['in air it burns on', [add('water', 1)], 'NaCl', 'burns-on'],
  ])('burning: %s', (_, steps, formula, splint) => {
    expect(last(formula, 80, ...steps, { do: 'hold', splint: 'burning' }).splint).toBe(splint)
  })
  test('lights carbon monoxide with a blue flame, and leaves carbon dioxide dark', () => {
    expect(last('Na2C2O4', 100, HEAT, { do: 'hold', splint: 'burning' }).flame?.colour.family).toBe('blue')
    expect(last('NaHCO3', 100, HEAT, { do: 'hold', splint: 'burning' }).flame).toBeUndefined()
  })
})

describe('papers', () => {
  test('chlorine turns litmus white, hydrogen chloride turns it red', () => {
    const chlorine = last(
      'NaCl',
      30,
      { do: 'add', reagent: 'MnO2', mg: 50 },
      add('H2SO4 conc', 0.5),
      { do: 'warm' },
      { do: 'hold', paper: 'blue litmus paper' },
    )
    expect(chlorine.papers[0]?.to.family).toBe('white')
    const acid = last('NaCl', 30, add('H2SO4 conc', 0.5), { do: 'hold', paper: 'blue litmus paper' })
    expect(acid.papers[0]?.to.family).toBe('red')
  })
  test('a dry one shows nothing', () => {
    const dry = last('NH4Cl', 40, add('NaOH 2 M', 1), { do: 'warm' }, { do: 'hold', paper: 'red litmus paper', dry: true })
    expect(dry.papers[0]?.to.family).toBe('red')
  })
  test('starch iodide keeps its blue though more chlorine would bleach it', () => {
    const paper = last(
      'NaCl',
      60,
      { do: 'add', reagent: 'MnO2', mg: 90 },
      add('H2SO4 conc', 1),
      { do: 'warm' },
      { do: 'hold', paper: 'starch iodide paper' },
    )
    expect(paper.papers[0]?.to.family).toBe('blue')
  })
})

describe('a smell', () => {
  test.each([
    ['NH4HCO3', 'pungent, ammonia'],
    ['Na2S.9H2O', 'rotten eggs'],
    ['NaCl', 'none'],
    ['KNO3', 'none'],
  ])('of %s as it is: %s', (formula, word) => {
    expect(last(formula, 100, { do: 'smell' }).smell).toBe(word)
  })
})

describe('a ring', () => {
  const ring = (formula: string): string | undefined => {
    const runner = new Runner({ solids: [{ formula, mg: 500 }] })
    const steps = [
      { do: 'dissolve', into: 'OS', mg: 100, mL: 5 },
      { do: 'take', from: 'OS', into: 'A', mL: 1 },
      { do: 'add', to: 'A', reagent: 'FeSO4 sat', mL: 1 },
      { do: 'add', to: 'A', reagent: 'H2SO4 conc', mL: 1 },
      { do: 'look', at: 'A' },
    ]
    return steps.map((s) => runner.step(stepSchema.parse(s))).at(-1)?.ring?.colour.family
  }
  test('is brown with nitrate, and is still there when it is looked at', () => {
    expect(ring('KNO3')).toBe('brown')
  })
  test.each(['NaCl', 'Na2SO4', 'NaCH3COO.3H2O'])('is none with %s', (formula) => {
    expect(ring(formula)).toBeUndefined()
  })
})
