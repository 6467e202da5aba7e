import { describe, expect, test } from '@jest/globals'
import { TESTS } from '../catalogue'
import { traceOf } from '../deduction'
import { entrySchema, type Entry } from '../notebook'
import { vesselFor } from './follow'
import { review, REVIEW_RULES } from './review'

const entries = (...bodies: object[]): Entry[] => bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
const found = (...bodies: object[]): string[] => {
  const list = entries(...bodies)
  return review(list, traceOf({ entries: list })).map((f) => f.finding)
}
const did = (step: object): object => ({ did: step })
const TAKE = [did({ do: 'dissolve', into: 'OS', mg: 100, mL: 5 }), did({ do: 'take', from: 'OS', into: 'A', mL: 1 })]
const add = (reagent: string, drops = 5): object => did({ do: 'add', to: 'A', reagent, drops })
const white = { saw: { channel: 'precipitate.colour', value: 'white' } }
const ppt = { saw: { channel: 'precipitate.present', value: 'yes' } }

describe('procedures spoiled in one way', () => {
  test.each<[string, object[]]>([
    [
      'ammonium-sought-too-late',
      [...TAKE, add('NH4Cl 5 M'), add('NaOH 2 M', 20), did({ do: 'warm', vessel: 'A' }), did({ do: 'hold', over: 'A', paper: 'red litmus paper' })],
    ],
    ['ammonium-sought-too-late', [...TAKE, add('NH3 2 M'), add('NaOH 2 M', 20), did({ do: 'warm', vessel: 'A' }), did({ do: 'smell', at: 'A' })]],
    ['silver-without-acid', [...TAKE, add('AgNO3 0.1 M'), ppt, white]],
    ['silver-without-acid', [...TAKE, add('silver nitrate'), ppt]],
    ['wrong-acid-before-silver', [...TAKE, add('HCl 2 M'), add('AgNO3 0.1 M'), ppt]],
    ['wrong-acid-before-barium', [...TAKE, add('H2SO4 1 M'), add('BaCl2 0.1 M'), ppt]],
    [
      'extract-not-acidified',
      [did({ do: 'soda-extract', into: 'SE', mg: 100 }), did({ do: 'take', from: 'SE', into: 'A', mL: 1 }), add('Ba(NO3)2 0.1 M'), ppt],
    ],
    ['no-excess-step', [...TAKE, add('NaOH 2 M', 3), ppt, did({ do: 'take', from: 'OS', into: 'B', mL: 1 })]],
    ['no-excess-step', [...TAKE, add('NH3 2 M', 2), ppt, did({ do: 'take', from: 'OS', into: 'B', mL: 1 })]],
    [
      'dry-litmus',
      [...TAKE, add('NaOH 2 M', 20), did({ do: 'warm', vessel: 'A' }), did({ do: 'hold', over: 'A', paper: 'red litmus paper', dry: true })],
    ],
    ['flame-without-cleaning', [did({ do: 'flame', cleaned: false })]],
  ])('%s', (finding, work) => {
    expect(found(...work)).toContain(finding)
  })
})

describe('sound procedures raise nothing', () => {
  test('no test of the catalogue does', () => {
    for (const t of TESTS) {
      const list = entries({ did: { test: t.id, on: vesselFor(t.id, []) } }, ppt)
      expect(review(list, traceOf({ entries: list }))).toEqual([])
    }
  })
  test.each<[string, object[]]>([
    ['silver nitrate after nitric acid', [...TAKE, add('HNO3 2 M'), add('AgNO3 0.1 M'), ppt]],
    ['acid poured on the silver precipitate afterwards', [...TAKE, add('AgNO3 0.1 M'), ppt, add('HNO3 2 M'), ppt]],
    ['barium after hydrochloric acid', [...TAKE, add('HCl 2 M'), add('BaCl2 0.1 M'), ppt]],
    [
      'alkali to excess, and then on',
      [...TAKE, add('NaOH 2 M', 2), ppt, add('NaOH 2 M', 20), ppt, did({ do: 'take', from: 'OS', into: 'B', mL: 1 })],
    ],
    [
      'excess asked for by its sign',
      [...TAKE, did({ do: 'add', to: 'A', reagent: 'NH3 2 M', until: 'excess' }), ppt, did({ do: 'take', from: 'OS', into: 'B', mL: 1 })],
    ],
    [
      'ammonium on the untouched sample',
      [
        did({ do: 'take', into: 'A', mg: 50 }),
        add('NaOH 2 M', 20),
        did({ do: 'warm', vessel: 'A' }),
        did({ do: 'hold', over: 'A', paper: 'red litmus paper' }),
      ],
    ],
    ['a first drop, more still to come', [...TAKE, add('NaOH 2 M', 1), ppt]],
    ['a clean wire', [did({ do: 'flame' })]],
    ['an ammine warmed, nothing sought', [...TAKE, add('NH3 2 M', 20), did({ do: 'warm', vessel: 'A' })]],
  ])('%s', (_, work) => {
    expect(found(...work)).toEqual([])
  })
})

test('every rule says what it does to the evidence and the way back', () => {
  for (const rule of REVIEW_RULES) {
    expect(rule.effect.length).toBeGreaterThan(30)
    expect(rule.wayBack.length).toBeGreaterThan(30)
  }
  expect(new Set(REVIEW_RULES.map((r) => r.id)).size).toBe(REVIEW_RULES.length)
})
