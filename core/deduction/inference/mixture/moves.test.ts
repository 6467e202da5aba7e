import { describe, expect, test } from '@jest/globals'
import {
  additions,
  anyOtherAmounts,
  crowded,
  everyAddition,
  inAnyAmount,
  otherAlkali,
  otherAmounts,
  otherCarriers,
  otherStates,
  pairs,
  pairsOut,
  removals,
  shifted,
  swaps,
  without,
} from './moves'
import { keepsTogether, shares } from './together'
import { ACID, CLASSES, dissolved, FINE_CLASSES, PARTS, type AmountClass, type Parts } from './parts'

const partsOf = (...parts: readonly string[]): Parts => new Map(parts.map((part) => [part, 'middling'] as const))
const named = (moves: readonly { readonly parts: Parts }[]): string[] => moves.map(({ parts }) => [...parts.keys()].sort().join(' ')).sort()

describe('steps from one mixture to another', () => {
  const held = partsOf('Cu^2+', 'SO4^2-', 'Cl^-')
  test('a part is put in once, and not where it would come down with what is there', () => {
    const put = additions(held, PARTS).map(({ changed }) => changed[0])
    expect(new Set(put).size).toBe(put.length)
    for (const part of ['Cu^2+', 'SO4^2-', 'Ba^2+', 'Pb^2+', 'Ag^+']) expect(put).not.toContain(part)
    for (const part of ['Zn^2+', 'NO3^-', 'K^+', ACID]) expect(put).toContain(part)
  })
  test('what only acid keeps up is tried as long as acid may be there', () => {
    expect(additions(partsOf('Fe^3+'), ['AsO4^3-']).length + additions(partsOf('Fe^3+', ACID), ['AsO4^3-']).length).toBeGreaterThan(0)
  })
  test('what could not stand beside one of them is put in where a third keeps the two apart', () => {
    const aluminium = partsOf('Ca^2+', 'Al^3+', 'Cl^-', ACID)
    expect(named(additions(aluminium, ['F^-']))).toEqual([])
    expect(named(everyAddition(aluminium, ['F^-', 'Ag^+']))).toEqual(['Al^3+ Ca^2+ Cl^- F^- acid'])
  })
  test('what carries the charge of two parts is not counted against them: fluoride stands beside what its plenty would bring down', () => {
    for (const cation of ['Sr^2+', 'Mg^2+', 'Co^2+', 'Na^+']) expect(shares('F^-', cation, true)).toBe(true)
    expect(shares('F^-', 'Ca^2+', true)).toBe(false)
    expect(shares('F^-', 'Ca^2+', false)).toBe(false)
  })
  test('in any amount that keeps, and in no other', () => {
    for (const beside of [partsOf('Ag^+', 'S2O3^2-'), partsOf('Mg^2+', 'Sn^2+', 'Cl^-', ACID), held, partsOf('Hg^2+', 'NO3^-')]) {
      const kept = PARTS.filter((part) => !beside.has(part)).flatMap((part) =>
        (['trace', 'middling', 'heavy'] as const)
          .filter((amount) => keepsTogether(new Map([...beside, [part, amount]])))
          .map((amount) => `${part} ${amount}`),
      )
      const tried = inAnyAmount(beside, PARTS).map(({ parts, changed: [part = ''] }) => `${part} ${parts.get(part) ?? ''}`)
      expect(tried).toEqual(expect.arrayContaining(kept))
    }
  }, 60_000)
  test('a part is taken out, or two of them', () => {
    expect(named(removals(held))).toEqual(['Cl^- Cu^2+', 'Cl^- SO4^2-', 'Cu^2+ SO4^2-'])
    expect(named(pairsOut(held))).toEqual(['Cl^-', 'Cu^2+', 'SO4^2-'])
    expect(without(held, 'Cl^-').size).toBe(2)
  })
  test('a little more or less of one, not beyond the ends', () => {
    const amounts = (amount: AmountClass): number => otherAmounts(new Map([['Cu^2+', amount]])).length
    expect([amounts('faint'), amounts('middling'), amounts('concentrated')]).toEqual([1, 2, 1])
  })
  test('between two classes lies a finer one; from there a coarse step leads to the nearest of the coarse ones', () => {
    const to = (amount: AmountClass, classes: readonly AmountClass[]): unknown[] =>
      otherAmounts(new Map([['Cu^2+', amount]]), undefined, classes).map(({ parts }) => parts.get('Cu^2+'))
    expect(to('middling', FINE_CLASSES)).toEqual(['modest', 'ample'])
    expect(to('ample', CLASSES)).toEqual(['middling', 'major'])
    expect(to('faint', FINE_CLASSES)).toEqual(['dilute'])
  })
  test('each class is a fifth to two thirds stronger than the one before, over the range that is given out', () => {
    const strengths = FINE_CLASSES.map((amount) => dissolved(new Map([['Cu^2+', amount]]))['Cu^2+'] ?? NaN)
    for (const [k, strength] of strengths.slice(1).entries()) {
      const times = strength / (strengths[k] ?? NaN)
      expect(times).toBeGreaterThan(1.15)
      expect(times).toBeLessThan(1.67)
    }
    expect(strengths[0]).toBeLessThan(0.005)
    expect(strengths.at(-1)).toBeGreaterThanOrEqual(0.3)
    for (const amount of CLASSES) expect(FINE_CLASSES).toContain(amount)
  })
  test('a part is tried in any amount, and what comes down but for a trace of it as a trace', () => {
    const amounts = (parts: Parts, part: string): unknown[] => inAnyAmount(parts, [part]).map((change) => change.parts.get(part))
    expect(amounts(held, 'Zn^2+')).toEqual(['trace', 'middling', 'heavy'])
    expect(amounts(held, 'Cu^2+')).toEqual([])
    expect(amounts(new Map([['S2O3^2-', 'heavy']]), 'Ag^+')).toContain('trace')
    expect(amounts(new Map([['S2O3^2-', 'minor']]), 'Ag^+')).not.toContain('heavy')
  })
  test('any other amount of one is tried, and each once', () => {
    const strong = new Map([...held, ['SO4^2-', 'large']] as const)
    const tried = anyOtherAmounts(strong).map(({ parts, changed: [part = ''] }) => `${part} ${parts.get(part) ?? ''}`)
    expect(new Set(tried).size).toBe(tried.length)
    // Sulfate stands between two classes: all of them are others.
    expect(tried.filter((t) => t.startsWith('SO4^2-'))).toHaveLength(CLASSES.length)
    expect(tried.filter((t) => t.startsWith('Cu^2+'))).toEqual(CLASSES.filter((c) => c !== 'middling').map((c) => `Cu^2+ ${c}`))
    expect(anyOtherAmounts(strong, partsOf('Cl^-')).every(({ changed }) => changed[0] === 'Cl^-')).toBe(true)
  })
  test('the whole is tried stronger and weaker, with the acid as it is or otherwise, never beyond the ends', () => {
    const strong = new Map([...partsOf(ACID, 'Cu^2+'), ['SO4^2-', 'concentrated']] as const)
    const tried = shifted(strong).map(({ parts }) => [parts.get('Cu^2+'), parts.get('SO4^2-'), parts.get(ACID)])
    expect(tried).toHaveLength(6)
    expect(tried).toContainEqual(['major', 'concentrated', 'middling'])
    expect(tried).toContainEqual(['minor', 'strong', 'major'])
    expect(shifted(held)).toHaveLength(2)
  })
  test('an exchange takes one out and puts another in; a pair is put in once, whichever is named first', () => {
    for (const { parts, changed } of swaps(held, ['Zn^2+', 'Br^-'])) {
      expect(parts.size).toBe(3)
      expect(changed).toHaveLength(2)
    }
    const two = named(pairs(held, ['Zn^2+', 'Br^-', 'K^+']))
    expect(new Set(two).size).toBe(two.length)
    expect(two).toHaveLength(3)
  })
  test('another anion takes the place of the one that carries the charge', () => {
    const carried = partsOf('Ni^2+', 'SCN^-', 'F^-', ACID)
    const tried = otherCarriers(carried)
    expect(tried.length).toBeGreaterThan(3)
    for (const { parts, changed } of tried) {
      expect(parts.has('SCN^-')).toBe(false)
      expect(parts.has('F^-')).toBe(true)
      expect(changed).toContain('SCN^-')
      expect(parts.size).toBe(carried.size)
    }
    expect(otherCarriers(partsOf('Ni^2+'))).toEqual([])
  })
  test('the alkali of two is brought by one, as much of it as a class can say', () => {
    const both = new Map([...partsOf('Mn^2+', 'NO3^-'), ['H3BO3', 'slight'], ['H3AsO3', 'minor']] as const)
    expect(otherAlkali(both).map(({ parts, changed }) => [parts.get('H3BO3'), parts.get('H3AsO3'), changed])).toEqual([
      [undefined, 'ample', ['H3BO3', 'H3AsO3']],
      ['ample', undefined, ['H3AsO3', 'H3BO3']],
    ])
    // Silicate brings twice as much for each of it.
    const silicate = otherAlkali(new Map([...partsOf('H4SiO4'), ['HS^-', 'trace']] as const))
    expect(silicate.map(({ parts }) => [...parts])).toEqual([[['HS^-', 'heavy']], [['H4SiO4', 'ample']]])
    for (const { parts } of otherAlkali(both)) {
      const alkali = (of: Parts): number => dissolved(of)['OH^-'] ?? 0
      expect(Math.abs(Math.log(alkali(parts) / alkali(both)))).toBeLessThan(0.15)
    }
    expect(otherAlkali(partsOf('H3AsO3', 'Cl^-', 'CO3^2-'))).toEqual([])
  })
  describe('elements in other states', () => {
    const tin = new Map([
      ...partsOf('Cd^2+', 'NO3^-'),
      ...([
        ['Sn^2+', 'minor'],
        ['Sn^4+', 'minor'],
        ['H3AsO3', 'middling'],
        ['AsO4^3-', 'major'],
      ] as const),
    ])
    const tried = otherStates(tin)
    test('two states of one are one, as much of it, and several elements change together', () => {
      const together = tried.find(({ parts }) => parts.has('Sn^2+') && !parts.has('Sn^4+') && parts.has('AsO4^3-') && !parts.has('H3AsO3'))
      expect([together?.parts.get('Sn^2+'), together?.parts.get('AsO4^3-')]).toEqual(['major', 'heavy'])
      expect(together?.changed).toEqual(expect.arrayContaining(['Sn^2+', 'Sn^4+', 'H3AsO3', 'AsO4^3-']))
    })
    test('each choice once, never the mixture itself, and nothing else is touched', () => {
      expect(tried).toHaveLength(3 * 3 - 1)
      expect(new Set(tried.map(({ parts }) => [...parts].sort().join())).size).toBe(tried.length)
      for (const { parts } of tried) expect([parts.get('Cd^2+'), parts.get('NO3^-')]).toEqual(['middling', 'middling'])
    })
    test('one state alone may be the other', () => {
      expect(named(otherStates(partsOf('Fe^2+', 'Cl^-')))).toEqual(['Cl^- Fe^3+'])
      expect(otherStates(partsOf('Zn^2+', 'Cl^-'))).toEqual([])
    })
  })
  test('what comes down pair by pair but keeps in other amounts is tried in those', () => {
    const tried = crowded(partsOf('S2O3^2-'), ['Ag^+'])
    expect(tried.map(({ parts }) => [parts.get('Ag^+'), parts.get('S2O3^2-')])).toEqual([['trace', 'heavy']])
  })
})
