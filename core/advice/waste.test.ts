import { describe, expect, test } from '@jest/globals'
import { ORGANIC_TESTS, TESTS, testById, expand, organicTestById } from '../catalogue'
import { ReasoningSession } from '../deduction'
import { caseSchema, entrySchema, type Case } from '../notebook'
import { Runner } from '../perception'
import { COMPONENTS, parseFormula, SALTS } from '../species'
import { COMPOUNDS, readStructuresWith } from '../structure'
import { perceive } from '../structure/perceive'
import {
  SAMPLE,
  stepSchema,
  type Step,
  cared,
  holdingOf,
  leftBy,
  reactionOf,
  refusedBy,
  wasteFor,
  wasteOfReagent,
  WASTE_JARS,
  WASTE_TRAITS,
  type Holding,
  type Vessel,
} from '../tube'
import { wasteOfWork } from './waste'

const session = new ReasoningSession()

readStructuresWith(perceive)

describe('the jar of a bottle', () => {
  test.each([
    ['H2SO4 1 M', 'acids and alkalis, neutralised'],
    ['NaOH 2 M', 'acids and alkalis, neutralised'],
    ['Na2S2O3 0.1 M', 'down the drain with water'],
    ['ammonium acetate', 'down the drain with water'],
    ['AgNO3 0.1 M', 'silver'],
    ['KSCN 0.1 M', 'cyanide and sulfide, kept alkaline'],
    ['K4Fe(CN)6 0.1 M', 'cyanide and sulfide, kept alkaline'],
    ['sodium nitroprusside', 'cyanide and sulfide, kept alkaline'],
    ['Na2S 0.1 M', 'cyanide and sulfide, kept alkaline'],
    ['thioacetamide', 'cyanide and sulfide, kept alkaline'],
    ['lead acetate', 'heavy metals'],
    ['BaCl2 0.1 M', 'heavy metals'],
    ['K2CrO4 0.1 M', 'heavy metals'],
    ['KMnO4 0.02 M', 'oxidisers'],
    ['dichloromethane', 'halogenated organic'],
    ['chloroform', 'halogenated organic'],
    ['aluminium chloride in chloroform', 'halogenated organic'],
    ['bromine in dichloromethane', 'halogenated organic'],
    ['silver nitrate in ethanol', 'silver'],
    ['sodium iodide in acetone', 'organic without halogens'],
    ['pentanol', 'organic without halogens'],
    ['ethanol', 'organic without halogens'],
  ])('%s goes to: %s', (reagent, jar) => expect(wasteOfReagent(reagent).jar).toBe(jar))
  test('no acid on the shelf goes where cyanide and sulfide stand, and none may', () => {
    for (const acid of ['HCl 2 M', 'HCl conc', 'HNO3 2 M', 'H2SO4 conc', 'acetic acid 2 M', 'aqua regia']) {
      expect(wasteOfReagent(acid).jar).not.toMatch(/cyanide/)
      expect(refusedBy('cyanide and sulfide, kept alkaline', new Set(['acid', 'liquid']))).toBe('acid-frees-cyanide')
    }
    expect(wasteOfReagent('K2CrO4 0.1 M').first).toEqual(['reduce-chromium'])
    expect(wasteOfReagent('bromine in dichloromethane').first).toEqual(['reduce-oxidiser'])
  })
})

/** Work from the sample on, and what stands in the vessels at its end. */
function work(sample: object, steps: readonly object[]): Vessel[] {
  const runner = new Runner(sample as never)
  const vessels = new Set<string>()
  for (const step of steps) {
    const done = runner.step(stepSchema.parse(step))
    if (done.vessel !== SAMPLE) vessels.add(done.vessel)
  }
  return [...vessels].flatMap((id) => runner.vessel(id) ?? [])
}
const wasteAfter = (sample: object, steps: readonly object[]): ReturnType<typeof wasteFor> =>
  wasteFor([new Set(leftBy(steps.map((s) => stepSchema.parse(s)))), ...work(sample, steps).map(holdingOf)])

describe('the jar of what is in the tube', () => {
  const fuse = { do: 'fuse', into: 'SF', sodium_mg: 60, sample_mg: 50, tubes: 2 }
  test('a fusion with sodium: cyanide, sharps, and what is left of the sodium first', () => {
    const waste = wasteAfter({ organic: { smiles: 'Nc1ccc(cc1)S(=O)(=O)N', mg: 500 } }, [fuse])
    expect(waste).toEqual({ jar: 'cyanide and sulfide, kept alkaline', first: ['sharps', 'destroy-sodium'], noAcid: true })
  })
  test('its extract made acid before it was boiled is made alkaline again first', () => {
    const steps = [fuse, { do: 'take', into: 'A', from: 'SF', mL: 1 }, { do: 'add', to: 'A', reagent: 'acetic acid 2 M', mL: 2 }]
    const [, tube] = work({ organic: { smiles: 'NC(N)=S', mg: 500 } }, steps)
    expect(wasteFor([holdingOf(tube as Vessel)])).toMatchObject({ jar: 'cyanide and sulfide, kept alkaline', first: ['make-alkaline'] })
  })
  test('a compound without nitrogen or sulfur leaves no cyanide', () => {
    expect(wasteAfter({ organic: { smiles: 'OC(=O)c1ccccc1O', mg: 500 } }, [fuse]).jar).toBe('acids and alkalis, neutralised')
  })
  test.each<[string, object, readonly object[], ReturnType<typeof wasteFor>]>([
    ['a look at a powder leaves nothing', { solids: [{ formula: 'NaCl', mg: 500 }] }, [], { jar: 'nothing', first: [], noAcid: false }],
    [
      'silver chloride in ammonia is made acid at once',
      { solids: [{ formula: 'KCl', mg: 500 }] },
      [
        { do: 'dissolve', into: 'A', mg: 20, mL: 1 },
        { do: 'add', to: 'A', reagent: 'AgNO3', drops: 3 },
        { do: 'add', to: 'A', reagent: 'NH3 2 M', mL: 1 },
      ],
      { jar: 'silver', first: ['make-acid-at-once'], noAcid: false },
    ],
    [
      'a chromate is reduced first',
      { solids: [{ formula: 'K2CrO4', mg: 500 }] },
      [{ do: 'dissolve', into: 'A', mg: 50, mL: 2 }],
      { jar: 'heavy metals', first: ['reduce-chromium'], noAcid: false },
    ],
    [
      'one that was reduced in the tube is a heavy metal',
      { solids: [{ formula: 'K2CrO4', mg: 500 }] },
      [
        { do: 'dissolve', into: 'A', mg: 20, mL: 2 },
        { do: 'add', to: 'A', reagent: 'H2SO4 1 M', mL: 1 },
        { do: 'add', to: 'A', reagent: 'Na2SO3 0.5 M', mL: 3 },
      ],
      { jar: 'heavy metals', first: [], noAcid: false },
    ],
    [
      'permanganate that was decolourised is no oxidiser any more',
      { solids: [{ formula: 'Na2C2O4', mg: 500 }] },
      [
        { do: 'dissolve', into: 'A', mg: 50, mL: 2 },
        { do: 'add', to: 'A', reagent: 'H2SO4 1 M', mL: 1 },
        { do: 'add', to: 'A', reagent: 'KMnO4', drops: 2 },
        { do: 'warm', vessel: 'A', minutes: 3 },
      ],
      { jar: 'acids and alkalis, neutralised', first: [], noAcid: false },
    ],
    [
      'copper sulfide keeps its sulfide from acid, zinc sulfide does not',
      { solids: [{ formula: 'ZnSO4.7H2O', mg: 500 }] },
      [
        { do: 'dissolve', into: 'A', mg: 50, mL: 2 },
        { do: 'add', to: 'A', reagent: 'Na2S 0.1 M', drops: 3 },
      ],
      { jar: 'cyanide and sulfide, kept alkaline', first: [], noAcid: true },
    ],
    [
      'iodine shaken out goes with the halogenated solvent',
      { solids: [{ formula: 'KI', mg: 500 }] },
      [
        { do: 'dissolve', into: 'A', mg: 20, mL: 2 },
        { do: 'add', to: 'A', reagent: 'dichloromethane', mL: 1 },
      ],
      { jar: 'halogenated organic', first: [], noAcid: false },
    ],
  ])('%s', (_, sample, steps, wanted) => expect(wasteAfter(sample, steps)).toEqual(wanted))
  test('copper sulfide by itself is a heavy metal', () => {
    const steps = [
      { do: 'dissolve', into: 'A', mg: 100, mL: 2 },
      { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 5 },
      { do: 'add', to: 'A', reagent: 'Na2S 0.1 M', drops: 3 },
    ]
    expect(wasteAfter({ solids: [{ formula: 'CuSO4.5H2O', mg: 500 }] }, steps)).toEqual({ jar: 'heavy metals', first: [], noAcid: false })
  })
})

describe('what would react within one tube is seen to first', () => {
  test.each([
    [['hypohalite', 'oxidiser', 'acid', 'ammonium', 'liquid'], 'acids and alkalis, neutralised', ['reduce-oxidiser']],
    [['sulfide', 'silver', 'ammonia', 'alkali', 'liquid'], 'cyanide and sulfide, kept alkaline', ['bring-down-silver']],
    [['silver', 'ammonia', 'alkali', 'liquid'], 'silver', ['make-acid-at-once']],
  ] as const)('%j: %s, %j', (held, jar, first) => {
    const waste = wasteFor([new Set(held)])
    expect(waste).toMatchObject({ jar, first })
    expect(refusedBy(waste.jar, cared(new Set(held), waste))).toBeNull()
  })
})

describe('what may not go into one jar', () => {
  const of = (...held: readonly (typeof WASTE_TRAITS)[number][]): Holding => new Set(held)
  test.each([
    [of('cyanide', 'alkali'), of('acid'), 'acid-frees-cyanide'],
    [of('sulfide', 'alkali'), of('acid', 'heavy-metal'), 'acid-frees-cyanide'],
    [of('oxidiser'), of('organic'), 'oxidiser-burns-organic'],
    [of('hypohalite', 'oxidiser'), of('ammonium'), 'chlorine-with-ammonia'],
    [of('silver', 'acid'), of('ammonia', 'alkali'), 'silver-with-ammonia'],
    [of('cyanide', 'alkali'), of('oxidiser'), 'oxidiser-with-cyanide'],
    [of('heavy-metal', 'acid'), of('acid'), null],
    [of('alkali'), of('acid'), null],
  ] as const)('%#', (a, b, reaction) => {
    expect(reactionOf(a, b)).toBe(reaction)
    expect(reactionOf(b, a)).toBe(reaction)
  })
})

/** What a ledger holds, told by elements alone, apart from the model's own list. */
function plainly(vessels: readonly Vessel[]): Set<string> {
  const found = new Set<string>()
  for (const vessel of vessels)
    vessel.totals.forEach((mol, component) => {
      const formula = COMPONENTS[component] ?? ''
      const litres = vessel.volume_mL / 1000
      if (component === 0 || mol < 1e-6 || (litres > 0 && mol / litres < 1e-3)) return
      const { atoms } = parseFormula(formula)
      for (const metal of ['Pb', 'Hg', 'Cd', 'As', 'Sb', 'Cr', 'Ba', 'Ni', 'Co', 'Ag']) if ((atoms[metal] ?? 0) > 0) found.add(metal)
      if (/^(Fe\()?CN|^SCN/.test(formula)) found.add('cyanide')
    })
  return found
}
/** Every test on every salt and compound, as `script/soak waste` asks; a sample otherwise. */
const whole = process.env['FOXING_WHOLE'] === '1'
const sampled = <T>(list: readonly T[], each: number, from: number): readonly T[] => (whole ? list : list.filter((_, k) => k % each === from % each))

describe.each([
  ['salts', sampled(SALTS, 9, 4).map((s) => ({ id: s.id, sample: { solids: [{ formula: s.id, mg: 500 }] } })), sampled(TESTS, 2, 0), testById],
  [
    'compounds',
    sampled(COMPOUNDS, 40, 7).map((c) => ({ id: c.name, sample: { organic: { smiles: c.smiles, mg: 500 } } })),
    ORGANIC_TESTS,
    organicTestById,
  ],
] as const)('over tests and %s, one in several', (_, contents, tests, byId) => {
  test.each(contents.map((c) => [c.id, c] as const))(
    '%s: what is left has a jar that takes it, and whatever must be kept apart is',
    (id, { sample }) => {
      for (const [n, of] of tests.entries()) {
        if (!whole && contents.length > 12 && (n + id.length) % 4 !== 0) continue
        const steps: Step[] = expand({ test: of.id, on: 'A' }, new Map(), byId).map((done) => done.step)
        let vessels: Vessel[]
        try {
          vessels = work(sample, steps)
        } catch {
          // Not every test can be done with everything.
          continue
        }
        const holdings = [new Set(leftBy(steps)), ...vessels.map(holdingOf)]
        const waste = wasteFor(holdings)
        expect(WASTE_JARS).toContain(waste.jar)
        const all: Holding = new Set(holdings.flatMap((h) => [...h]))
        // Each tube by itself goes into its own jar once what is to be done first is done; all together they are cared for as the strictest asks.
        for (const one of holdings) {
          const own = wasteFor([one])
          expect([id, of.id, own.jar, refusedBy(own.jar, cared(one, own))]).toEqual([id, of.id, own.jar, null])
        }
        const plain = plainly(vessels)
        if (plain.has('cyanide')) expect([id, of.id, waste.noAcid]).toEqual([id, of.id, true])
        if (plain.has('Ag')) expect([id, of.id, all.has('silver')]).toEqual([id, of.id, true])
        if (plain.size > 0)
          expect([id, of.id, ['acids and alkalis, neutralised', 'down the drain with water', 'dry residues', 'nothing'].includes(waste.jar)]).toEqual(
            [id, of.id, false],
          )
        if (vessels.length === 0) expect([id, of.id, waste.jar]).toEqual([id, of.id, 'nothing'])
      }
    },
  )
})

describe('what an unknown sample may hold', () => {
  const notebook = (of: Partial<Case>, ...did: readonly object[]): { case: Case; entries: ReturnType<typeof entrySchema.parse>[] } => ({
    case: caseSchema.parse(of),
    entries: did.map((d, k) => entrySchema.parse({ id: `e${k}`, at: '', ...d })),
  })
  test('before anything is known a portion goes where cyanide and sulfide go, because it may hold them', () => {
    const book = notebook({}, { did: { test: 'sodium-hydroxide-to-excess', on: 'A' } })
    expect(wasteOfWork(session.reason(book), new Set(['e0']))).toMatchObject({ noAcid: true, perhaps: true })
  })
  test('and no more once the record leaves one salt; without the record’s evidence it still does', () => {
    const book = notebook(
      {},
      { did: { test: 'appearance', on: 'A' } },
      { saw: { channel: 'appearance.colour', value: 'blue', of: 'e0' } },
      { did: { test: 'barium-nitrate', on: 'B' } },
      { saw: { channel: 'precipitate.colour', value: 'white', of: 'e2' } },
      { did: { test: 'ammonia-to-excess', on: 'C' } },
      { saw: { channel: 'solution.colour', value: 'blue', degree: 'deep', of: 'e4' } },
    )
    const reasoning = session.reason(book)
    expect(wasteOfWork(reasoning, new Set(['e4']))?.jar).toBe('heavy metals')
    expect(wasteOfWork(reasoning, new Set(['e4']), false)?.noAcid).toBe(true)
  })
  test('a flame leaves nothing', () => {
    expect(wasteOfWork(session.reason(notebook({}, { did: { test: 'flame-on-wire', on: 'A' } })), new Set(['e0']))?.jar).toBe('nothing')
    expect(wasteOfWork(session.reason(notebook({}, { did: { test: 'flame-on-wire', on: 'A' } })), new Set(['not begun']))).toBeNull()
  })
})
