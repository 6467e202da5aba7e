import { beforeAll, describe, expect, test } from '@jest/globals'
import { readStructuresWith } from '../structure'
import { perceive } from '../structure/perceive'
import { stepSchema, type Sample } from '../tube'
import type { Percept } from './percept'
import { run } from './simulate'

/*
 * What these do on a bench, in amounts no catalogue test uses. Sources: G. Svehla (rev.), Vogel's Qualitative Inorganic Analysis, 7th ed. (1996), at the ion named;
 * A. F. Holleman, N. Wiberg, Inorganic Chemistry (2001), for oxides and metals.
 */
const salt = (formula: string): Sample => ({ solids: [{ formula, mg: 500 }] })
const liquid = (ions: Record<string, number>): Sample => ({ solution: { ions, mL: 10 } })
const dissolved = (mg = 100, mL = 5): object => ({ do: 'dissolve', into: 'A', mg, mL })
const portion = (mL = 2): object => ({ do: 'take', into: 'A', mL })
const speck = { do: 'take', into: 'A', mg: 50 }
const add = (reagent: string, amount: object): object => ({ do: 'add', to: 'A', reagent, ...amount })
const look = { do: 'look', at: 'A' }
const wait = (minutes: number): object => ({ do: 'stand', vessel: 'A', minutes })
const warm = (minutes: number): object => ({ do: 'warm', vessel: 'A', minutes })
const ignited = { do: 'ignite', vessel: 'A' }
const splint = (kind: string): object => ({ do: 'hold', over: 'A', splint: kind })

const seen = (sample: Sample, ...steps: readonly object[]): Percept => {
  const last = run(
    sample,
    steps.map((step) => stepSchema.parse(step)),
  ).at(-1)
  if (!last) throw new Error('nothing was done')
  return last
}
const solids = ({ precipitates }: Percept): string[] => precipitates.map((p) => p.species)
const gases = (p: Percept): string[] => p.gases.map((g) => g.species)
const liquidOf = (p: Percept): string | undefined => p.solution?.colour.family

describe('solutions', () => {
  test.each([
    ['iron alum dissolves clear', salt('NH4Fe(SO4)2.12H2O'), dissolved(), 'yellow'],
    ['iron(III) chloride at 5 mmol/L is pale yellow', liquid({ 'Fe^3+': 0.005, 'Cl^-': 0.015 }), portion(), 'yellow'],
    ['copper acetate dissolves clear', salt('Cu(CH3COO)2.H2O'), dissolved(), 'blue'],
    ['copper sulfate at half a mole to the litre is blue', liquid({ 'Cu^2+': 0.5, 'SO4^2-': 0.5 }), portion(), 'blue'],
    ['copper chloride, weak, is blue and not green', salt('CuCl2.2H2O'), dissolved(30), 'blue'],
    ['nickel sulfate, weak, is green', salt('NiSO4.6H2O'), dissolved(60), 'green'],
  ] as const)('%s', (_, sample, step, colour) => {
    const percept = seen(sample, step, look)
    expect([liquidOf(percept), percept.solution?.clarity, solids(percept)]).toEqual([colour, 'clear', []])
  })
})

describe('what water brings down again', () => {
  test.each([
    ['bismuth in chloride', liquid({ 'Bi^3+': 0.05, 'Cl^-': 0.65, 'H^+': 0.5 }), 'BiOCl'],
    ['bismuth in nitrate, as the basic nitrate', liquid({ 'Bi^3+': 0.05, 'NO3^-': 0.65, 'H^+': 0.5 }), 'Bi2O2(OH)NO3'],
    ['antimony in chloride', liquid({ 'Sb^3+': 0.05, 'Cl^-': 1.15, 'H^+': 1 }), 'SbOCl'],
  ] as const)('%s', (_, sample, solid) => {
    expect(solids(seen(sample, portion(0.2), add('water', { mL: 8 }), look))).toEqual([solid])
  })
})

describe('solids from the jar', () => {
  test.each([
    ['CuO', 'black'],
    ['PbO', 'yellow'],
    ['HgO', 'red'],
    ['HgS', 'red'],
  ])('%s lies in water and is what it was', (formula, colour) => {
    const percept = seen(salt(formula), dissolved(), look)
    expect(percept.precipitates.map((p) => [p.species, p.colour.family])).toEqual([[formula, colour]])
  })
  test.each(['Al2O3', 'Cr2O3', 'Fe2O3'])('ignited %s lies in cold dilute acid', (formula) => {
    expect(solids(seen(salt(formula), speck, add('HCl 2 M', { mL: 2 }), look))).toEqual([formula])
  })
  test('iron(III) oxide goes into warm concentrated hydrochloric acid', () => {
    expect(solids(seen(salt('Fe2O3'), speck, add('HCl conc', { mL: 2 }), warm(5), look))).toEqual([])
  })
})

describe('metals', () => {
  test('copper in hot concentrated sulfuric acid gives sulfur dioxide', () => {
    const percept = seen(salt('NaCl'), add('Cu turnings', { mg: 100 }), add('H2SO4 conc', { mL: 2 }), { do: 'boil', vessel: 'A', minutes: 2 })
    expect(gases(percept)).toContain('SO2')
  })
  test('a strip of magnesium takes minutes to take the blue of copper away', () => {
    const blue = liquid({ 'Cu^2+': 0.1, 'SO4^2-': 0.1 })
    expect(liquidOf(seen(blue, portion(3), add('Mg ribbon', { mg: 30 })))).toBe('blue')
    const after = seen(blue, portion(3), add('Mg ribbon', { mg: 30 }), wait(5), look)
    expect([liquidOf(after), solids(after)]).toEqual(['colourless', ['Cu']])
  })
  test('mercury(I) nitrate keeps in nitric acid: hardly any of it falls apart', () => {
    const percept = seen(salt('Hg2(NO3)2.2H2O'), { do: 'dissolve', into: 'A', mg: 100, mL: 5, in: 'HNO3 2 M' }, look)
    expect(solids(percept)).toEqual([])
  })
})

describe('oxidising and reducing', () => {
  test('manganese dioxide takes peroxide apart: a glowing splint relights, and it stays', () => {
    const percept = seen(salt('MnO2'), speck, add('H2O2 3 %', { mL: 2 }), splint('glowing'))
    expect([percept.splint, solids(seen(salt('MnO2'), speck, add('H2O2 3 %', { mL: 2 }), look))]).toEqual(['relights', ['MnO2']])
  })
  test('acid peroxide frees iodine; without acid it hardly does', () => {
    expect(liquidOf(seen(salt('KI'), dissolved(), add('H2O2 3 %', { mL: 1 }), look))).toBe('colourless')
    expect(liquidOf(seen(salt('KI'), dissolved(), add('H2SO4 1 M', { mL: 1 }), add('H2O2 3 %', { mL: 1 }), look))).not.toBe('colourless')
  })
  test('arsenic acid frees iodine from iodide in strong acid', () => {
    expect(['brown', 'orange']).toContain(liquidOf(seen(salt('Na2HAsO4.7H2O'), dissolved(), add('HCl conc', { mL: 3 }), add('KI', { mL: 1 }), look)))
  })
  test('dichromate warmed with ethanol and acid goes green', () => {
    expect(liquidOf(seen(salt('K2Cr2O7'), dissolved(20), add('H2SO4 1 M', { mL: 1 }), add('ethanol', { mL: 1 }), warm(5), look))).toBe('green')
  })
  test('bromine in alkali makes black of green nickel hydroxide', () => {
    const percept = seen(salt('NiSO4.6H2O'), dissolved(50), add('NaOH 2 M', { mL: 1 }), add('bromine water', { mL: 1 }), look)
    expect(percept.precipitates.map((p) => p.colour.family)).toEqual(['black'])
  })
  test('manganese(II) and permanganate meet in brown dioxide', () => {
    expect(solids(seen(salt('MnSO4.H2O'), dissolved(50), add('KMnO4', { drops: 5 }), warm(2), look))).toEqual(['MnO2'])
  })
  test('silver thiosulfate is white at first and black in minutes', () => {
    const begun = [dissolved(20), add('AgNO3', { mL: 1 })]
    expect(solids(seen(salt('Na2S2O3.5H2O'), ...begun))).toEqual(['Ag2S2O3'])
    expect(solids(seen(salt('Na2S2O3.5H2O'), ...begun, wait(4), look))).toEqual(['Ag2S'])
  })
  test('white iron(II) hexacyanoferrate(II) blues in air', () => {
    const begun = [dissolved(), add('K4Fe(CN)6', { drops: 5 })]
    expect(seen(salt('FeSO4.7H2O'), ...begun).precipitates[0]?.colour.family).not.toBe('blue')
    expect(seen(salt('FeSO4.7H2O'), ...begun, { do: 'shake', vessel: 'A', minutes: 1 }, wait(5), look).precipitates[0]?.colour.family).toBe('blue')
  })
  test('hydrogen sulfide greens dichromate paper', () => {
    const percept = seen(salt('Na2S.9H2O'), speck, add('HCl 2 M', { mL: 1 }), { do: 'hold', over: 'A', paper: 'acid dichromate paper' })
    expect(percept.papers[0]?.to.family).toBe('green')
  })
})

test.each([
  ['sulfite', 'Na2SO3', 400, 'clear'],
  ['a little carbonate', 'Na2CO3', 10, 'cloudy'],
])('lime water and the gas of %s in acid', (_, formula, mg, clarity) => {
  const percept = seen(
    salt(formula),
    { do: 'take', into: 'A', mg },
    add('HCl 2 M', { mL: 3 }),
    warm(2),
    { do: 'add', to: 'B', reagent: 'lime water', mL: 1 },
    { do: 'bubble', from: 'A', through: 'B' },
    { do: 'look', at: 'B' },
  )
  expect([percept.solution?.clarity === 'clear' ? 'clear' : 'cloudy', percept.clouded ?? false]).toEqual([clarity, clarity === 'clear'])
})

describe('in the dry tube', () => {
  test('lead nitrate gives oxygen enough to relight a splint', () => {
    expect(seen(salt('Pb(NO3)2'), speck, ignited, splint('glowing')).splint).toBe('relights')
  })
  test('alum swells as it loses its water', () => {
    const percept = seen(salt('KAl(SO4)2.12H2O'), speck, ignited)
    expect([percept.residue?.swells, gases(percept)]).toEqual([true, expect.arrayContaining(['H2O'])])
  })
  test('thiocyanate burns to sulfur dioxide', () => {
    expect(gases(seen(salt('KSCN'), speck, ignited))).toContain('SO2')
  })
})

test('tartrate keeps iron up in alkali', () => {
  const percept = seen(liquid({ 'Fe^3+': 0.02, 'Cl^-': 0.06 }), portion(), add('Rochelle salt', { mL: 1 }), add('NaOH 2 M', { mL: 1 }), look)
  expect([solids(percept), percept.solution?.clarity]).toEqual([[], 'clear'])
})
test.each([
  ['KNO3', 'brown'],
  ['KI', undefined],
  ['KBr', undefined],
])('the ring under strong acid, of %s: %s', (formula, colour) => {
  const percept = seen(salt(formula), dissolved(), add('FeSO4 sat', { mL: 1 }), add('H2SO4 conc', { mL: 2 }))
  expect(percept.ring?.colour.family).toBe(colour)
})

/* Facts of the organic bench. Source: Vogel's Textbook of Practical Organic Chemistry, 5th ed. (1989); R. L. Shriner et al., The Systematic Identification of Organic Compounds, 8th ed. (2004). */
describe('organic', () => {
  beforeAll(() => readStructuresWith(perceive))
  const compound = (smiles: string): Sample => ({ organic: { smiles, mg: 1000 } })
  const some = { do: 'take', into: 'A', mg: 60 }
  test.each([
    ['acetaldehyde', 'CC=O'],
    ['glucose', 'OCC1OC(O)C(O)C(O)C1O'],
  ])('%s leaves silver as a mirror', (_, smiles) => {
    const percept = seen(compound(smiles), some, add('Tollens reagent', { mL: 2 }), warm(6), look)
    expect(percept.precipitates.map((p) => [p.species, p.habit])).toEqual([['Ag', 'mirror']])
  })
  test('a tertiary alcohol clouds at once in hydrochloric acid with zinc chloride, and parts as a layer', () => {
    const begun = [some, add('Lucas reagent', { mL: 2 })]
    expect(seen(compound('CC(C)(C)O'), ...begun).solution?.clarity).not.toBe('clear')
    expect(seen(compound('CC(C)(C)O'), ...begun, wait(15), look).layers.map((l) => l.rests)).toEqual(['upper'])
  })
  test.each([
    ['1-hexyne', 'CCCCC#C', 1],
    ['3-hexyne', 'CCC#CCC', 0],
  ])('%s and ammoniacal silver', (_, smiles, count) => {
    const percept = seen(compound(smiles), some, add('Tollens reagent', { mL: 2 }), look)
    expect(
      percept.precipitates.filter((p) => p.colour.family === 'white' || p.colour.family === 'grey' || p.colour.family === 'yellow'),
    ).toHaveLength(count)
  })
  test.each([
    [
      'after acid',
      [add('HCl 2 M', { mL: 1 }), { do: 'boil', vessel: 'A', minutes: 4 }, add('NaOH 2 M', { mL: 2 })],
      ['red', 'orange', 'brown', 'yellow'],
    ],
    ['without', [], []],
  ] as const)('sucrose and alkaline copper, %s', (_, before, colours) => {
    const percept = seen(
      compound('OCC1OC(OC2(CO)OC(CO)C(O)C2O)C(O)C(O)C1O'),
      some,
      add('water', { mL: 2 }),
      ...before,
      add('Benedict solution', { mL: 2 }),
      {
        do: 'boil',
        vessel: 'A',
        minutes: 4,
      },
    )
    const found = percept.precipitates.map((p) => p.colour.family as string)
    expect(found.length > 0 ? colours.some((c) => c === found[0]) : colours.length === 0).toBe(true)
  })
  test('aspirin gives iron(III) violet only when its ester is taken apart', () => {
    const aspirin = compound('CC(=O)Oc1ccccc1C(=O)O')
    const violet = (...steps: readonly object[]): boolean =>
      ['violet', 'purple'].includes(liquidOf(seen(aspirin, some, ...steps, add('FeCl3', { drops: 3 }), look)) ?? '')
    const boiled = [add('NaOH 2 M', { mL: 2 }), { do: 'boil', vessel: 'A', minutes: 5 }, add('HCl 2 M', { mL: 2 })]
    expect([violet(...boiled), violet(add('water', { mL: 4 }))]).toEqual([true, false])
  })
  test('an acetate among the organic salts reddens with iron(III)', () => {
    expect(['red', 'orange', 'brown']).toContain(
      liquidOf(seen(compound('CC(=O)[O-].[Na+]'), some, add('water', { mL: 3 }), add('FeCl3', { drops: 4 }), look)),
    )
  })
  test.each([
    ['benzamide', 'NC(=O)c1ccccc1'],
    ['aniline', 'Nc1ccccc1'],
  ])('%s fused with sodium, boiled with iron(II) in the ordinary way and made acid, is blue', (_, smiles) => {
    const percept = seen(
      compound(smiles),
      { do: 'fuse', into: 'B' },
      { do: 'take', from: 'B', into: 'A', mL: 2 },
      add('FeSO4 solid', { mg: 100 }),
      { do: 'boil', vessel: 'A', minutes: 2 },
      add('H2SO4 1 M', { mL: 3 }),
      look,
    )
    expect([percept.precipitates[0]?.colour.family, percept.solution?.colour.family]).toContain('blue')
  })
})

test.each([
  ['KBr', ['orange', 'brown', 'yellow', 'red']],
  ['KI', ['violet', 'purple', 'pink']],
])('what chlorine frees from %s goes into chloroform below', (formula, colours) => {
  const percept = seen(
    salt(formula),
    dissolved(),
    add('chlorine water', { drops: 6 }),
    add('chloroform', { mL: 1 }),
    { do: 'shake', vessel: 'A', minutes: 1 },
    look,
  )
  expect([percept.layers.map((l) => l.rests), colours]).toEqual([['lower'], expect.arrayContaining([percept.layers[0]?.colour.family])])
})
test.each([
  ['CaCl2.2H2O', 5, 'ammonium sulfate'],
  ['Sr(NO3)2', 4, 'calcium sulfate water'],
])('ethanol brings down the sulfate that water keeps: %s', (formula, mg, sulfate) => {
  const begun = [dissolved(mg), add(sulfate, { drops: 1 })]
  expect(solids(seen(salt(formula), ...begun, look))).toEqual([])
  expect(solids(seen(salt(formula), ...begun, add('ethanol', { mL: 8 }), look))).toHaveLength(1)
})
test('starch solution turns blue with the iodine that chlorine frees', () => {
  expect(['blue', 'black']).toContain(
    liquidOf(seen(salt('KI'), dissolved(20), add('chlorine water', { drops: 3 }), add('starch solution', { drops: 3 }), look)),
  )
})
test('phosphate comes down with molybdate in much nitric acid too', () => {
  const percept = seen(salt('Na2HPO4.12H2O'), dissolved(50, 2), add('HNO3 conc', { mL: 2 }), add('ammonium molybdate', { mL: 4 }), warm(3), look)
  expect(percept.precipitates.map((p) => p.colour.family)).toEqual(['yellow'])
})
test('of two metals in one flame the colour is that of one, not a blend', () => {
  const mixed: Sample = { solids: ['CaCl2.2H2O', 'BaCl2.2H2O'].map((formula) => ({ formula, mg: 200 })) }
  const alone = (formula: string): string | undefined => seen(salt(formula), { do: 'flame' }).flame?.colour.hex
  expect([alone('CaCl2.2H2O'), alone('BaCl2.2H2O')]).toContain(seen(mixed, { do: 'flame' }).flame?.colour.hex)
})
