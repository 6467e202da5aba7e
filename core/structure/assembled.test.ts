import { beforeAll, describe, expect, test } from '@jest/globals'
import {
  ASSEMBLED,
  COMPOUNDS,
  compoundOf,
  groupOf,
  meltingPointOf,
  NAMED_GROUPS,
  notFusable,
  seenAs,
  structureOf,
  takeStructures,
  waterSolubilityOf,
  densityOf,
  forgetStructures,
} from './index'
import { builtOrganicPercepts } from '../../script/trials/percepts'

/** As they were perceived when the app was built: to read thousands anew takes a while. */
beforeAll(() => takeStructures(builtOrganicPercepts().structures ?? {}), 300_000)

describe('molecules put together of skeletons and groups', () => {
  test('are all structures, in their thousands, each written once', () => {
    expect(new Set(ASSEMBLED).size).toBe(ASSEMBLED.length)
    expect(ASSEMBLED.length).toBeGreaterThan(3000)
    expect(ASSEMBLED.filter((smiles) => (structureOf(smiles).atoms['C'] ?? 0) < 1)).toEqual([])
  })
  test('bear every named group but those that are not kept in a jar, most of them more than once', () => {
    const borne = new Map(NAMED_GROUPS.map((id) => [id, ASSEMBLED.filter((smiles) => structureOf(smiles).groups[id]).length]))
    const none = [...borne].filter(([, n]) => n === 0).map(([id]) => groupOf(id).kind)
    expect(new Set(none)).toEqual(new Set(['halide', 'nitrogen, other', 'ether']))
    expect([...borne.values()].filter((n) => n > 1).length).toBeGreaterThan(70)
  })
  test('hold the groups of nearly every compound of the library', () => {
    const setOf = (smiles: string): string => NAMED_GROUPS.filter((id) => structureOf(smiles).groups[id]).join()
    const sets = new Set(ASSEMBLED.map(setOf))
    const held = COMPOUNDS.filter((c) => sets.has(setOf(c.smiles)))
    expect(held.length / COMPOUNDS.length).toBeGreaterThan(0.9)
  })
  test('none has what would react with itself', () => {
    const acylating = ASSEMBLED.map(structureOf).filter(({ groups }) => groups['acid-chloride'] ?? groups['sulfonyl-chloride'])
    expect(acylating.length).toBeGreaterThan(20)
    expect(acylating.filter(({ groups }) => groups['amine-primary'] ?? groups['alcohol-primary'] ?? groups.thiol ?? groups.phenol)).toEqual([])
  })
})

describe('a compound that was seen', () => {
  const body = { form: 'crystals', colour: 'pale yellow', smell: 'sweet', melts_C: 71, boils_C: null, sinks: true, dissolves: 'no' } as const
  test('has the chemistry of its structure in the body that was seen', () => {
    const text = seenAs('CCCCO', body)
    const [seen, plain] = [structureOf(text), structureOf('CCCCO')]
    expect(seen.groups).toEqual(plain.groups)
    expect(seen.molarMass).toBe(plain.molarMass)
    expect(compoundOf(text)).toMatchObject({ colour: 'pale yellow', smell: 'sweet', form: 'crystals', melts_C: 71 })
    expect(meltingPointOf(seen)).toBe(71)
    expect(densityOf(seen)).toBeGreaterThan(1)
    expect(waterSolubilityOf(seen)).toBeLessThan(waterSolubilityOf(plain))
    expect(notFusable(seen)).toBe(notFusable(plain))
  })
  test('what dissolves half dissolves more than what does not, and less than what does', () => {
    const [yes, partly, no] = (['yes', 'partly', 'no'] as const).map((dissolves) =>
      waterSolubilityOf(structureOf(seenAs('CCCCO', { ...body, dissolves }))),
    )
    expect(yes).toBeGreaterThan(partly ?? NaN)
    expect(partly).toBeGreaterThan(no ?? NaN)
  })
  test('what was let go of is put in its body anew', () => {
    const text = seenAs('CCCCO', body)
    const before = structureOf(text)
    forgetStructures([text])
    expect(structureOf(text)).toEqual(before)
    expect(structureOf(text)).not.toBe(before)
  })
  test('the plain structure stays what the library says of it', () => {
    seenAs('OC(=O)c1ccccc1', body)
    expect(compoundOf('OC(=O)c1ccccc1')?.name).toBe('benzoic acid')
    expect(meltingPointOf(structureOf('OC(=O)c1ccccc1'))).toBe(122)
  })
})
