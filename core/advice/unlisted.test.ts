import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtOrganicPercepts } from '../../script/trials/percepts'
import {
  bodyWritten,
  contentOf,
  organicUnknowns,
  partsOf,
  Simulations,
  THROUGH_ALL,
  traceOf,
  UNLISTED,
  ReasoningSession,
  type Reasoning,
} from '../deduction'
import { caseSchema, entrySchema, type Entry } from '../notebook'
import { COMPOUNDS, structureOf } from '../structure'
import { adviseFrom, doTest } from './index'

const session = new ReasoningSession()

const settings = caseSchema.parse({ kind: 'organic' })
let simulations: Simulations
beforeAll(() => {
  const pack = builtOrganicPercepts()
  session.takePercepts(pack)
  simulations = new Simulations(500)
  simulations.use(pack)
}, 300_000)

/** What stands in the notebook when tests are done on a compound of the library. */
function workedOn(name: string, tests: readonly string[]): { smiles: string; entries: readonly Entry[] } {
  const smiles = COMPOUNDS.find((c) => c.name === name)?.smiles ?? ''
  const content = contentOf(smiles, name)
  let entries: readonly Entry[] = []
  for (const t of tests) entries = [...entries, ...doTest(entries, t, { content, settings, simulations }, 'e', () => '')]
  return { smiles, entries }
}
const BEFORE = ['organic-look', 'boiling-point', 'organic-in-water', 'sodium-fusion', 'nitrogen-blue', 'sulfur-lead', 'halogen-silver']

describe('what is taken for a compound of the library by its look alone', () => {
  test('has its elements asked for before anything is named', () => {
    const worked = workedOn('2-nitroaniline', ['organic-look', 'organic-in-hydrogencarbonate', 'organic-in-ether', 'organic-in-sulfuric-acid'])
    const among = organicUnknowns().filter((h) => h.content.id !== worked.smiles)
    const next = (entries: readonly Entry[]): string[] => {
      const notebook = { case: settings, entries: [...entries] }
      return adviseFrom(session.reason(notebook, { hypotheses: among }), notebook).next.map((p) => p.test)
    }
    // Orange crystals: azobenzene alone is left, and no test would tell it from anything.
    expect(next(worked.entries)).toEqual(['sodium-fusion'])
    const { entries } = workedOn('2-nitroaniline', [
      'organic-look',
      'organic-in-hydrogencarbonate',
      'organic-in-ether',
      'organic-in-sulfuric-acid',
      'sodium-fusion',
    ])
    expect(['nitrogen-blue', 'sulfur-lead', 'halogen-silver']).toContain(next(entries)[0])
  }, 120_000)
})

describe('a compound that is in no library', () => {
  const { believed, reasoning, entries } = {
    believed: new Map<string, number>(),
    reasoning: [] as Reasoning[],
    entries: [] as Entry[],
  }
  const asked: string[][] = []
  const byGroups = ({ hypotheses }: Reasoning): string[] =>
    hypotheses
      .filter((h) => h.byGroups)
      .map((h) => h.content.id)
      .sort()
  beforeAll(() => {
    const worked = workedOn('2-phenylethanol', [...BEFORE, 'ignition', 'chromic-acid', 'ceric-nitrate', 'lucas', 'iodoform', 'hydroxamate'])
    entries.push(...worked.entries)
    const among = organicUnknowns().filter((h) => h.content.id !== worked.smiles)
    // Nothing has stood up yet: without steps to spend there is nothing to ask.
    asked.push(byGroups(session.reason({ case: settings, entries: [...worked.entries] }, { hypotheses: among })))
    reasoning.push(session.reason({ case: settings, entries: [...worked.entries] }, { hypotheses: among, deep: THROUGH_ALL }))
    asked.push(byGroups(session.reason({ case: settings, entries: [...worked.entries] }, { hypotheses: among })))
    for (const { species, probability } of reasoning[0]?.standings ?? []) believed.set(species, probability)
  }, 120_000)
  test('is described by its groups, and named by none that is listed', () => {
    const truth = partsOf(structureOf('OCCc1ccccc1'))
    expect(
      [...believed]
        .filter(([, p]) => p > 0.5)
        .map(([part]) => part)
        .sort(),
    ).toEqual([...truth].sort())
    expect(reasoning[0]?.formulae[0]?.formula).toBe(UNLISTED)
  })
  test('molecules put together of groups stand for it, looking as it looks', () => {
    const [best] = (reasoning[0]?.hypotheses ?? []).filter((h) => h.byGroups)
    expect(best && structureOf(best.content.id).seen).toMatchObject({ form: 'liquid', boils_C: 219, dissolves: 'partly' })
  })
  test('what is like a listed compound stands for it in the body that was seen, the left-out one itself never', () => {
    const ids = (reasoning[0]?.hypotheses ?? []).filter((h) => h.byGroups).map((h) => h.content.id.split(' ')[0] ?? '')
    expect(ids.some((id) => COMPOUNDS.some((c) => c.smiles === id))).toBe(true)
    const code = structureOf('OCCc1ccccc1').code
    expect(ids.filter((id) => structureOf(id).code === code)).toEqual([])
  })
  test('advice foretells only a few of them', () => {
    const [first] = reasoning
    const made = first?.simulations.made ?? NaN
    if (first) adviseFrom(first, { case: settings, entries })
    expect((first?.simulations.made ?? NaN) - made).toBeLessThan(10_000)
  })
  test('where nothing but elements is asked, nothing is put together of groups', () => {
    const elements = organicUnknowns().filter((h) => h.elementsOnly)
    expect(byGroups(session.reason({ case: settings, entries: [...entries] }, { hypotheses: elements, deep: THROUGH_ALL }))).toEqual([])
  })
  test('a set of elements by itself tells the tests of groups as what was put together does, and does not die out under them', () => {
    const [first] = reasoning
    const bySet = (first?.hypotheses ?? []).flatMap((h, k) => (h.elementsOnly && h.ions.size === 0 ? [first?.posterior[k] ?? 0] : []))
    expect(bySet.length).toBeGreaterThan(0)
    expect(bySet.reduce((a, b) => a + b, 0)).toBeGreaterThan(5e-4)
  })
  test('without steps to spend only those that stood up before are asked', () => {
    const [before, after] = asked
    expect(before).toEqual([])
    expect(after?.length).toBeGreaterThan(0)
    expect(after).toEqual(reasoning[0] && byGroups(reasoning[0]))
  })
})

test('of two groups in one molecule both are found, though hundreds of molecules with one are likelier beforehand', () => {
  const chemistry = ['ignition', 'ferric-chloride-phenol', 'dinitrophenylhydrazine', 'bisulfite', 'hydroxamate', 'alkoxyl']
  const { smiles, entries } = workedOn('salicylaldehyde', [...BEFORE, ...chemistry])
  const among = organicUnknowns().filter((h) => h.content.id !== smiles)
  const { standings } = session.reason({ case: settings, entries: [...entries] }, { hypotheses: among, deep: THROUGH_ALL })
  const believed = new Map(standings.map((s) => [s.species, s.probability]))
  for (const part of partsOf(structureOf(smiles))) expect([part, (believed.get(part) ?? 0) > 0.5]).toEqual([part, true])
}, 120_000)

describe('a compound that may not be fused', () => {
  test('is looked for by its reactions once there are enough of them', () => {
    const { smiles, entries } = workedOn('1,3-dinitrobenzene', [
      'organic-look',
      'melting-point',
      'sodium-fusion',
      'ferrous-hydroxide',
      'hydroxamate',
      'tollens',
    ])
    const among = organicUnknowns().filter((h) => h.content.id !== smiles)
    const groups = (list: readonly Entry[]): number =>
      session.reason({ case: settings, entries: [...list] }, { hypotheses: among, deep: THROUGH_ALL }).hypotheses.filter((h) => h.byGroups).length
    expect(groups(entries)).toBe(0)
    const more = doTest([...entries], 'dinitrophenylhydrazine', { content: contentOf(smiles), settings, simulations }, 'f', () => '')
    expect(groups([...entries, ...more])).toBeGreaterThan(0)
  }, 120_000)
})

describe('the body of a compound as it was written', () => {
  const written = (...bodies: readonly object[]) =>
    bodyWritten(traceOf({ case: settings, entries: bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body })) }).observations)
  test('is nothing while nobody said whether it is a liquid', () => {
    expect(written({ did: { test: 'melting-point', on: 'A' } }, { saw: { channel: 'melting-point', value: '80' } })).toBeUndefined()
  })
  test('takes colour, shade, smell and constants from the lines that speak of it', () => {
    expect(
      written(
        { did: { test: 'organic-look', on: 'A' } },
        { saw: { channel: 'appearance.colour', value: 'yellow', degree: 'pale' } },
        { saw: { channel: 'appearance.form', value: 'crystals' } },
        { saw: { channel: 'smell', value: 'sweet' } },
        { did: { test: 'melting-point', on: 'B' } },
        { saw: { channel: 'melting-point', value: '80' } },
        { did: { test: 'organic-in-water', on: 'C' } },
        { saw: { channel: 'solubility', value: 'no' } },
      ),
    ).toEqual({ form: 'crystals', colour: 'pale yellow', smell: 'sweet', melts_C: 80, boils_C: null, dissolves: 'no' })
  })
  test('what a reaction smells of is no smell of its own', () => {
    const body = written(
      { did: { test: 'organic-look', on: 'A' } },
      { saw: { channel: 'appearance.form', value: 'liquid' } },
      { did: { test: 'carbylamine', on: 'B' } },
      { saw: { channel: 'smell', value: 'foul' } },
    )
    expect(body).toMatchObject({ form: 'liquid', smell: 'none', melts_C: null })
  })
})
