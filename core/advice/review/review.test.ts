import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtPercepts } from '../../../script/trials/percepts'
import { TESTS } from '../../catalogue'
import { ionsOf, reason, usePercepts, type Hypothesis } from '../../deduction'
import { caseSchema, entrySchema, type Entry } from '../../notebook'
import { findSalt, SALTS } from '../../species'
import { vesselFor } from '../follow'
import { review, REVIEW_RULES } from '.'
import { SOUND, SPOILED, type Written } from './procedures'

beforeAll(() => {
  usePercepts(builtPercepts())
}, 300_000)

const settings = caseSchema.parse({})
const listed = (bodies: readonly object[]): Entry[] => bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
/** A spread of the bench, for what nothing is known of. */
const SPREAD = [
  'NaCl',
  'KNO3',
  'NH4Cl',
  'Na2CO3',
  'AgNO3',
  'Pb(NO3)2',
  'CuSO4.5H2O',
  'ZnSO4.7H2O',
  'Al(NO3)3.9H2O',
  'FeCl3.6H2O',
  'BaCl2.2H2O',
  'CaCO3',
  'MgSO4.7H2O',
  'CoCl2.6H2O',
  'KBr',
]
const hypotheses = (ids: readonly string[]): Hypothesis[] =>
  ids.map((id) => {
    const salt = findSalt(id)
    if (!salt) throw new RangeError(`${id} is no bench salt`)
    return { salt, ions: ionsOf(salt), prior: 1 / ids.length }
  })
const found = ({ entries, among }: Written): string[] => {
  const notebook = { case: settings, entries: listed(entries) }
  return [...new Set(review(notebook, reason(notebook, {}, hypotheses(among ?? SPREAD))).map((f) => f.finding))]
}

describe('procedures spoiled in one way', () => {
  test.each(SPOILED.map((p) => [p.finding, p.title, p] as const))('%s: %s', (finding, _, procedure) => {
    expect(found(procedure)).toEqual([finding])
  })
  test('there are sixty and more, and every rule but few is among them', () => {
    expect(SPOILED.length).toBeGreaterThanOrEqual(60)
    const ids = new Set(REVIEW_RULES.map((r) => r.finding))
    expect(SPOILED.filter((p) => !ids.has(p.finding))).toEqual([])
    expect(ids.size).toBe(REVIEW_RULES.length)
  })
})

describe('sound procedures raise nothing', () => {
  test.each(SOUND.map((p) => [p.title, p] as const))('%s', (_, procedure) => {
    expect(found(procedure)).toEqual([])
  })
  test('nor does any test of the catalogue', () => {
    for (const t of TESTS) {
      const entries = [
        { id: 'e0', at: '', did: { test: t.id, on: vesselFor(t.id, []) } },
        { id: 'e1', at: '', saw: { channel: 'precipitate.present' } },
      ]
      const notebook = { case: settings, entries: entries.map((e) => entrySchema.parse(e)) }
      expect([t.id, review(notebook, reason(notebook))]).toEqual([t.id, []])
    }
  })
  test('nor a word of what is withdrawn', () => {
    const [dry] = SPOILED.filter((p) => p.finding === 'dry-litmus')
    const entries = listed([...(dry?.entries ?? []), { amended: { entry: `e${(dry?.entries.length ?? 0) - 1}`, with: { withdrawn: true } } }])
    expect(review({ case: settings, entries }, reason({ case: settings, entries }))).toEqual([])
  })
})

test('every finding says what it does to the evidence, and the way back, in sentences', () => {
  for (const { effect, wayBack } of REVIEW_RULES) for (const line of [effect, wayBack]) expect(line).toMatch(/^[A-Z“].*[.”]$/)
  expect(SALTS.length).toBeGreaterThan(200)
})
