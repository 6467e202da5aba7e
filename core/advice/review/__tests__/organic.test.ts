import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtOrganicPercepts } from '../../../../script/trials/percepts'
import { ORGANIC_TESTS } from '../../../catalogue'
import { contentOf, partsOf, type Hypothesis, ReasoningSession } from '../../../deduction'
import { caseSchema, entrySchema, type Entry } from '../../../notebook'
import { structureOf } from '../../../structure'
import { gatesOf, heldBy } from '../../gates'
import { vesselFor } from '../../follow'
import { review } from '..'
import { ORGANIC_WORK_RULES } from '../organic'

const session = new ReasoningSession()

beforeAll(() => {
  session.takePercepts(builtOrganicPercepts())
}, 300_000)

const settings = caseSchema.parse({ kind: 'organic' })
type Body = Readonly<Record<string, unknown>>
const did = (step: Body): Body => ({ did: step })
const fuse = (more: Body = {}): Body => did({ do: 'fuse', into: 'FE', with: 'sodium', sodium_mg: 60, sample_mg: 50, tubes: 2, ...more })
const take = (mL = 0.5): Body => did({ do: 'take', from: 'FE', into: 'A', mL })
const add = (reagent: string, drops = 10): Body => did({ do: 'add', to: 'A', reagent, drops })
const iron = did({ do: 'add', to: 'A', reagent: 'FeSO4.7H2O solid', mg: 40 })
const boil = (minutes = 2): Body => did({ do: 'boil', vessel: 'A', minutes })
const look = (at = 'A'): Body => did({ do: 'look', at })
const saw = (channel: string, value: string): Body => ({ saw: { channel, value } })
const sample = did({ do: 'take', into: 'A', mg: 30 })

/** Some compounds, for what nothing is known of. */
const SOME = ['Nc1ccccc1', 'Clc1ccccc1', 'OC(=O)c1ccccc1', 'CC(C)=O', 'NC(N)=S', 'CCO'] as const
const hypotheses: () => readonly Hypothesis[] = () =>
  SOME.map((smiles) => ({ content: contentOf(smiles), ions: partsOf(structureOf(smiles)), prior: 1 / SOME.length }))
const listed = (bodies: readonly Body[]): Entry[] => bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
const found = (bodies: readonly Body[]): string[] => {
  const notebook = { case: settings, entries: listed(bodies) }
  return [...new Set(review(notebook, session.reason(notebook, { hypotheses: hypotheses() })).map((f) => f.finding))]
}

const SPOILED: readonly (readonly [finding: string, bodies: readonly Body[]])[] = [
  ['fusion-too-little-sodium', [fuse({ sodium_mg: 10 })]],
  ['fusion-too-much-sodium', [fuse({ sodium_mg: 300 })]],
  ['fusion-not-red', [fuse({ heating: 'poor' })]],
  ['fusion-extract-weak', [fuse({ tubes: 1, toFraction: 1 })]],
  ['extract-coloured-but-used', [fuse(), look('FE'), saw('solution.colour', 'brown'), take(), add('sodium nitroprusside', 2), look()]],
  ['extract-cloudy-but-used', [fuse(), look('FE'), saw('solution.clarity', 'cloudy'), take(), add('sodium nitroprusside', 2), look()]],
  [
    'extract-not-alkaline-but-used',
    [fuse(), did({ do: 'dip', paper: 'red litmus paper', into: 'FE' }), saw('paper.red litmus paper', 'red'), take(), look()],
  ],
  ['nitrogen-acid-before-the-boil', [fuse(), take(), iron, add('H2SO4 dil', 14), look()]],
  ['nitric-acid-in-the-nitrogen-test', [fuse(), take(), iron, boil(1), add('HNO3 dil', 14), look()]],
  ['silver-on-unboiled-extract', [fuse(), take(), add('HNO3 dil', 12), add('silver nitrate', 3), look()]],
  ['silver-on-unboiled-extract', [fuse(), take(), add('silver nitrate', 3), look()]],
  ['lead-without-acetic-acid', [fuse(), take(), add('lead acetate', 3), look()]],
  ['nitroprusside-in-acid', [fuse(), take(), add('acetic acid 2 M', 12), add('sodium nitroprusside', 2), look()]],
  [
    'layer-test-flooded-with-oxidant',
    [
      fuse(),
      take(),
      add('H2SO4 dil', 14),
      boil(3),
      did({ do: 'add', to: 'A', reagent: 'dichloromethane', mL: 0.5 }),
      add('chlorine water', 30),
      look(),
    ],
  ],
  ['copper-wire-not-clean', [did({ do: 'copper-wire', cleaned: false })]],
  [
    'ammoniacal-silver-left-standing',
    [sample, did({ do: 'add', to: 'A', reagent: 'Tollens reagent', mL: 1 }), look(), did({ do: 'stand', vessel: 'A', minutes: 60 })],
  ],
  [
    'nitro-test-read-late',
    [
      sample,
      did({ do: 'add', to: 'A', reagent: 'FeSO4 0.5 M', mL: 0.7 }),
      add('KOH conc', 8),
      did({ do: 'stand', vessel: 'A', minutes: 10 }),
      look(),
    ],
  ],
  ['hydroxamate-without-plain-iron', [did({ test: 'hydroxamate', on: 'A' }), saw('solution.colour', 'violet')]],
]

const SOUND: readonly (readonly [title: string, bodies: readonly Body[]])[] = [
  ['a good fusion', [fuse(), look('FE'), saw('solution.colour', 'colourless')]],
  ['more sodium than usual, three tubes', [fuse({ sodium_mg: 90, tubes: 3 })]],
  ['little compound, boiled far down', [fuse({ sample_mg: 20, sodium_mg: 25, toFraction: 0.2 })]],
  ['zinc and carbonate, which take no sodium', [fuse({ with: 'zinc-carbonate' })]],
  ['nitrogen as it should be', [fuse(), take(), iron, boil(1), add('H2SO4 dil', 14), look()]],
  ['nitrogen with hydrochloric acid, as some do', [fuse(), take(), iron, boil(3), add('HCl dil', 14), look()]],
  ['silver after the boil', [fuse(), take(), add('HNO3 dil', 12), boil(4), add('silver nitrate', 3), look()]],
  ['lead in acetic acid', [fuse(), take(), add('acetic acid 2 M', 12), add('lead acetate', 3), look()]],
  ['nitroprusside in the alkaline extract', [fuse(), take(), add('sodium nitroprusside', 2), look()]],
  [
    'chlorine water by drops, then much',
    [
      fuse(),
      take(),
      add('H2SO4 dil', 14),
      boil(3),
      did({ do: 'add', to: 'A', reagent: 'dichloromethane', mL: 0.5 }),
      add('chlorine water', 3),
      look(),
      add('chlorine water', 30),
      look(),
    ],
  ],
  ['a clean copper wire', [did({ do: 'copper-wire' })]],
  [
    'ammoniacal silver for some minutes',
    [sample, did({ do: 'add', to: 'A', reagent: 'Tollens reagent', mL: 1 }), look(), did({ do: 'stand', vessel: 'A', minutes: 5 }), look()],
  ],
  ['the nitro test read at once', [sample, did({ do: 'add', to: 'A', reagent: 'FeSO4 0.5 M', mL: 0.7 }), add('KOH conc', 8), look()]],
  [
    'a yellow compound, not a yellow extract',
    [sample, look(), saw('solution.colour', 'yellow'), fuse(), take(), add('sodium nitroprusside', 2), look()],
  ],
]

describe('organic procedures spoiled in one way', () => {
  test.each(SPOILED)('%s', (finding, bodies) => {
    expect(found(bodies)).toEqual([finding])
  })
  test('every rule but one that needs belief is among them', () => {
    const tried = new Set(SPOILED.map(([finding]) => finding))
    expect(ORGANIC_WORK_RULES.map((r) => r.id).filter((id) => !tried.has(id))).toEqual(['permanganate-with-easy-groups'])
  })
})

describe('sound organic procedures raise nothing', () => {
  test.each(SOUND)('%s', (_, bodies) => {
    expect(found(bodies)).toEqual([])
  })
  test('nor does any organic test of the catalogue', () => {
    for (const t of ORGANIC_TESTS) expect([t.id, found([did({ test: t.id, on: vesselFor(t.id, []) })])]).toEqual([t.id, []])
  })
})

describe('stop gates', () => {
  const believing = (smiles: string): Parameters<typeof gatesOf>[1] => ({
    hypotheses: [{ content: contentOf(smiles), ions: partsOf(structureOf(smiles)), prior: 1 }],
    posterior: Float64Array.of(1),
  })
  const fusion = ORGANIC_TESTS.find((t) => t.id === 'sodium-fusion')
  test.each([
    ['C[N+]([O-])=O', 'never-fused-with-sodium'],
    ['ClC(Cl)Cl', 'never-fused-with-sodium'],
    ['Nc1ccccc1', undefined],
  ])('the fusion of %s is kept back: %s', (smiles, gate) => {
    expect(fusion && heldBy(fusion, believing(smiles))?.id).toBe(gate)
  })
  test('sodium stops everybody, and acid on the extract', () => {
    const gates = (id: string): string[] =>
      ORGANIC_TESTS.filter((t) => t.id === id).flatMap((t) => gatesOf(t, believing('Nc1ccccc1')).map((g) => g.id))
    expect(gates('sodium-fusion')).toContain('sodium-metal')
    expect(gates('sulfur-lead')).toContain('fusion-extract-with-acid')
    expect(gates('sulfur-nitroprusside')).toEqual([])
  })
})
