import { describe, expect, test } from '@jest/globals'
import { stepSchema } from '../tube'
import { Runner } from './simulate'
import type { Percept } from './percept'

/**
 * What a tube is called in daylight, beside the names of the books. Sources: Vogel, 7th ed.; Cotton and Wilkinson, 5th ed.; CRC Handbook, colours of inorganic compounds; Merck Index. Each reference says what names of the
 * vocabulary a careful teacher would accept, and no other passes.
 */
type Reference = readonly [what: string, names: RegExp, sample: object, ...steps: readonly object[]]

const solution = (ions: Readonly<Record<string, number>>): object => ({ solution: { ions, mL: 10 } })
const LOOK = [{ do: 'take', into: 'A', mL: 2 }]
const add = (reagent: string, amount: object = { drops: 3 }): object => ({ do: 'add', to: 'A', reagent, ...amount })
const boil = (minutes = 3): object => ({ do: 'boil', vessel: 'A', minutes })
const look = (sample: object, steps: readonly object[]): Percept => {
  const runner = new Runner(sample as never)
  for (const step of [...LOOK, ...steps]) runner.step(stepSchema.parse(step))
  return runner.step(stepSchema.parse({ do: 'look', at: 'A' }))
}

const LIQUIDS: readonly Reference[] = [
  ['copper(II) sulfate 0.1 M', /^(pale |light )?blue$/, solution({ 'Cu^2+': 0.1, 'SO4^2-': 0.1 })],
  ['copper(II) sulfate 0.5 M', /^(light )?blue$/, solution({ 'Cu^2+': 0.5, 'SO4^2-': 0.5 })],
  ['copper(II) sulfate 0.01 M', /^(pale blue|colourless)$/, solution({ 'Cu^2+': 0.01, 'SO4^2-': 0.01 })],
  ['copper(II) chloride, concentrated', /green/, solution({ 'Cu^2+': 1, 'Cl^-': 6, 'H^+': 4 })],
  ['tetraamminecopper(II) 0.05 M', /^(very )?deep blue$|^blue$/, solution({ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }), add('NH3 conc', { mL: 1 })],
  ['tetraamminecopper(II) 5 mM', /blue$/, solution({ 'Cu^2+': 0.005, 'SO4^2-': 0.005 }), add('NH3 2 M', { mL: 1 })],
  ['nickel sulfate 0.1 M', /^(pale )?(blue-)?green$/, solution({ 'Ni^2+': 0.1, 'SO4^2-': 0.1 })],
  ['nickel sulfate 0.3 M', /^(pale )?(blue-)?green$/, solution({ 'Ni^2+': 0.3, 'SO4^2-': 0.3 })],
  ['nickel chloride 0.5 M', /^(pale )?(blue-)?green$/, solution({ 'Ni^2+': 0.5, 'Cl^-': 1 })],
  ['hexaamminenickel(II) 0.1 M', /^(light |pale )?blue$|^(pale )?violet$/, solution({ 'Ni^2+': 0.1, 'SO4^2-': 0.1 }), add('NH3 conc', { mL: 2 })],
  ['cobalt(II) nitrate 0.1 M', /^(pale )?pink$/, solution({ 'Co^2+': 0.1, 'NO3^-': 0.2 })],
  ['cobalt(II) chloride 0.3 M', /^pink$|^red$/, solution({ 'Co^2+': 0.3, 'Cl^-': 0.6 })],
  [
    'cobalt(II) in concentrated hydrochloric acid',
    /^(deep |very deep |light )?blue$/,
    solution({ 'Co^2+': 0.05, 'Cl^-': 0.1 }),
    add('HCl conc', { mL: 4 }),
  ],
  [
    'cobalt(II) with thiocyanate and acetone',
    /blue$/,
    solution({ 'Co^2+': 0.02, 'Cl^-': 0.04 }),
    add('NH4SCN sat', { mL: 2 }),
    add('acetone', { mL: 2 }),
  ],
  ['iron(II) sulfate 0.2 M', /^pale (blue-)?green$/, solution({ 'Fe^2+': 0.2, 'SO4^2-': 0.25, 'H^+': 0.1 })],
  ['iron(II) sulfate 0.5 M', /^pale (blue-)?green$|^green$/, solution({ 'Fe^2+': 0.5, 'SO4^2-': 0.55, 'H^+': 0.1 })],
  ['iron(III) chloride 0.1 M', /yellow|orange/, solution({ 'Fe^3+': 0.1, 'Cl^-': 0.4, 'H^+': 0.1 })],
  ['iron(III) nitrate 0.1 M in nitric acid', /^(pale yellow|colourless|pale violet)$/, solution({ 'Fe^3+': 0.1, 'NO3^-': 1.3, 'H^+': 1 })],
  ['iron(III) thiocyanate, 2 mM with 20 mM', /red$/, solution({ 'Fe^3+': 0.002, 'SCN^-': 0.02, 'K^+': 0.014, 'H^+': 0.1, 'Cl^-': 0.1 })],
  ['iron(III) thiocyanate, 0.1 M by drops', /red$/, solution({ 'Fe^3+': 0.1, 'Cl^-': 0.4, 'H^+': 0.1 }), add('KSCN 0.1 M', { mL: 1 })],
  [
    'iron(III) thiocyanate, much diluted',
    /^(orange|pale orange|red|pink|pale pink)$/,
    solution({ 'Fe^3+': 0.0002, 'Cl^-': 0.1006, 'H^+': 0.1 }),
    add('KSCN 0.1 M', { drops: 5 }),
  ],
  ['chromium(III) nitrate 0.03 M', /violet$/, solution({ 'Cr^3+': 0.03, 'NO3^-': 0.29, 'H^+': 0.2 })],
  ['chrome alum 0.1 M, cold', /violet$/, solution({ 'Cr^3+': 0.1, 'K^+': 0.1, 'SO4^2-': 0.2 })],
  ['chrome alum 0.1 M, boiled', /green$/, solution({ 'Cr^3+': 0.1, 'K^+': 0.1, 'SO4^2-': 0.2 }), boil(5)],
  ['potassium chromate 0.1 M', /^(deep )?yellow$/, solution({ 'CrO4^2-': 0.1, 'K^+': 0.2 })],
  ['potassium chromate 5 mM', /^(pale )?yellow$/, solution({ 'CrO4^2-': 0.005, 'K^+': 0.01 })],
  ['potassium dichromate 0.05 M', /^orange$/, solution({ 'CrO4^2-': 0.1, 'H^+': 0.1, 'K^+': 0.1 })],
  ['potassium dichromate 0.1 M in acid', /^orange$|red/, solution({ 'CrO4^2-': 0.2, 'H^+': 0.4, 'K^+': 0.2, 'NO3^-': 0.2 })],
  ['potassium dichromate 5 mM', /^(pale )?orange$|yellow$/, solution({ 'CrO4^2-': 0.01, 'H^+': 0.01, 'K^+': 0.01 })],
  ['chromate made acid', /orange/, solution({ 'CrO4^2-': 0.1, 'K^+': 0.2 }), add('H2SO4 1 M', { mL: 0.5 })],
  ['dichromate made alkaline', /yellow/, solution({ 'CrO4^2-': 0.1, 'H^+': 0.1, 'K^+': 0.1 }), add('NaOH 2 M', { mL: 0.5 })],
  [
    'dichromate reduced by sulfite in acid',
    /green$/,
    solution({ 'CrO4^2-': 0.05, 'H^+': 0.05, 'K^+': 0.05 }),
    add('H2SO4 1 M', { mL: 1 }),
    add('Na2SO3 0.5 M', { mL: 2 }),
  ],
  ['potassium permanganate 1 mM', /^(deep )?violet$|^pink$/, solution({ 'MnO4^-': 0.001, 'K^+': 0.001 })],
  ['potassium permanganate 20 mM', /violet$/, solution({ 'MnO4^-': 0.02, 'K^+': 0.02 })],
  ['potassium permanganate 0.05 mM', /^pale (pink|violet)$|^pink$/, solution({ 'MnO4^-': 0.00005, 'K^+': 0.00005 })],
  ['manganese(II) sulfate 0.2 M', /^(colourless|pale pink)$/, solution({ 'Mn^2+': 0.2, 'SO4^2-': 0.2 })],
  ['potassium hexacyanoferrate(II) 0.1 M', /^pale yellow$/, solution({ 'Fe(CN)6^4-': 0.1, 'K^+': 0.4 })],
  ['potassium hexacyanoferrate(III) 0.1 M', /yellow$|^orange$/, solution({ 'Fe(CN)6^3-': 0.1, 'K^+': 0.3 })],
  ['potassium hexacyanoferrate(III) 5 mM', /yellow$/, solution({ 'Fe(CN)6^3-': 0.005, 'K^+': 0.015 })],
  ['iodine in iodide 2.5 mM', /brown$|orange/, solution({ 'I^-': 0.05, 'K^+': 0.05 }), add('iodine solution', { mL: 0.1 })],
  ['iodine in iodide 25 mM', /brown|red/, solution({ 'K^+': 0.1, 'I^-': 0.1 }), add('iodine solution', { mL: 2 })],
  ['bromine water 0.05 M', /yellow|orange|brown/, solution({ 'Na^+': 0.01, 'NO3^-': 0.01 }), add('bromine water', { mL: 1 })],
  ['chlorine water', /^(pale (yellow|green)|colourless)$|^pale yellow/, solution({ 'Na^+': 0.01, 'NO3^-': 0.01 }), add('chlorine water', { mL: 2 })],
  ['zinc sulfate', /^colourless$/, solution({ 'Zn^2+': 0.2, 'SO4^2-': 0.2 })],
  ['lead nitrate', /^colourless$/, solution({ 'Pb^2+': 0.2, 'NO3^-': 0.4 })],
  ['aluminium sulfate', /^colourless$/, solution({ 'Al^3+': 0.1, 'SO4^2-': 0.15 })],
  ['silver nitrate', /^colourless$/, solution({ 'Ag^+': 0.1, 'NO3^-': 0.1 })],
  ['mercury(II) chloride', /^colourless$/, solution({ 'Hg^2+': 0.05, 'Cl^-': 0.1 })],
  ['cadmium sulfate', /^colourless$/, solution({ 'Cd^2+': 0.1, 'SO4^2-': 0.1 })],
  ['tetraiodomercurate(II)', /^(colourless|pale yellow)$/, solution({ 'Hg^2+': 0.02, 'NO3^-': 0.04 }), add('KI', { mL: 3 })],
  ['tetraiodobismuthate(III)', /orange|yellow/, solution({ 'Bi^3+': 0.01, 'NO3^-': 0.53, 'H^+': 0.5 }), add('KI', { mL: 3 })],
  ['bismuth with thiourea', /yellow$/, solution({ 'Bi^3+': 0.01, 'NO3^-': 0.53, 'H^+': 0.5 }), add('thiourea', { mL: 1 })],
  ['hydroxide of chromium in excess alkali', /green$/, solution({ 'Cr^3+': 0.05, 'NO3^-': 0.15 }), add('NaOH 6 M', { mL: 2 })],
  [
    'chromate made by peroxide in alkali',
    /yellow$/,
    solution({ 'Cr^3+': 0.02, 'NO3^-': 0.06 }),
    add('NaOH 2 M', { mL: 2 }),
    add('H2O2 3 %', { mL: 1 }),
    boil(2),
  ],
  ['permanganate by bismuthate', /violet|pink/, solution({ 'Mn^2+': 0.001, 'NO3^-': 2.002, 'H^+': 2 }), add('NaBiO3 solid', { mg: 50 })],
  ['iron(III) with fluoride', /^(colourless|pale yellow)$/, solution({ 'Fe^3+': 0.01, 'Cl^-': 0.04, 'H^+': 0.01 }), add('NaF 0.5 M', { mL: 1 })],
  [
    'copper with tartrate in alkali',
    /blue$/,
    solution({ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }),
    add('Rochelle salt', { mL: 2 }),
    add('NaOH 2 M', { mL: 1 }),
  ],
  ['iron(III) acetate', /red|brown|orange/, solution({ 'Fe^3+': 0.05, 'Cl^-': 0.15 }), add('sodium acetate', { mL: 0.3 })],
]

const SOLIDS: readonly Reference[] = [
  ['silver chloride', /^white|^off-white|^greyish white/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('HCl 2 M')],
  ['silver bromide', /^(pale yellow|off-white|buff|yellow)$/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('KBr')],
  ['silver iodide', /yellow$/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('KI')],
  ['silver chromate', /red|brown/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('K2CrO4')],
  ['silver phosphate', /yellow$/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('Na2HPO4')],
  ['silver oxide', /brown/, solution({ 'Ag^+': 0.05, 'NO3^-': 0.05 }), add('NaOH 2 M')],
  ['lead iodide', /yellow$/, solution({ 'Pb^2+': 0.05, 'NO3^-': 0.1 }), add('KI')],
  ['lead chromate', /yellow$/, solution({ 'Pb^2+': 0.05, 'NO3^-': 0.1 }), add('K2CrO4')],
  ['lead sulfide', /black|brown/, solution({ 'Pb^2+': 0.05, 'NO3^-': 0.1 }), add('Na2S')],
  ['cadmium sulfide', /yellow|orange/, solution({ 'Cd^2+': 0.05, 'SO4^2-': 0.05 }), add('Na2S')],
  ['zinc sulfide', /white/, solution({ 'Zn^2+': 0.05, 'SO4^2-': 0.05 }), add('Na2S')],
  ['manganese sulfide', /pink|buff|pale orange/, solution({ 'Mn^2+': 0.05, 'SO4^2-': 0.05 }), add('Na2S', { drops: 8 })],
  ['copper(II) hydroxide', /blue/, solution({ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }), add('NaOH 2 M', { drops: 6 })],
  ['copper(II) oxide, boiled', /black|dark brown/, solution({ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }), add('NaOH 2 M', { drops: 8 }), boil(3)],
  ['copper hexacyanoferrate(II)', /brown|red/, solution({ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }), add('K4Fe(CN)6')],
  ['iron(III) hydroxide', /brown/, solution({ 'Fe^3+': 0.05, 'Cl^-': 0.15 }), add('NaOH 2 M', { drops: 8 })],
  ['iron(II) hydroxide', /green/, solution({ 'Fe^2+': 0.05, 'SO4^2-': 0.05 }), add('NaOH 2 M', { drops: 6 })],
  ['Prussian blue', /blue/, solution({ 'Fe^3+': 0.05, 'Cl^-': 0.15 }), add('K4Fe(CN)6')],
  ['nickel hydroxide', /green/, solution({ 'Ni^2+': 0.05, 'SO4^2-': 0.05 }), add('NaOH 2 M', { drops: 6 })],
  [
    'nickel dimethylglyoxime',
    /red|pink/,
    solution({ 'Ni^2+': 0.05, 'SO4^2-': 0.05 }),
    add('NH3 2 M', { drops: 8 }),
    add('dimethylglyoxime', { mL: 1 }),
  ],
  ['cobalt hydroxide, cold', /blue|pink/, solution({ 'Co^2+': 0.05, 'Cl^-': 0.1 }), add('NaOH 2 M', { drops: 6 })],
  ['chromium(III) hydroxide', /green|grey/, solution({ 'Cr^3+': 0.05, 'NO3^-': 0.15 }), add('NH3 2 M', { drops: 10 })],
  ['manganese(II) hydroxide', /white|buff/, solution({ 'Mn^2+': 0.05, 'SO4^2-': 0.05 }), add('NaOH 2 M', { drops: 6 })],
  ['mercury(II) iodide', /red|orange/, solution({ 'Hg^2+': 0.05, 'NO3^-': 0.1 }), add('KI', { mL: 1.6 })],
  ['mercury(II) oxide', /yellow|orange/, solution({ 'Hg^2+': 0.05, 'NO3^-': 0.1 }), add('NaOH 2 M', { drops: 6 })],
  ['antimony sulfide', /orange|red/, solution({ 'Sb^3+': 0.03, 'Cl^-': 1.09, 'H^+': 1 }), add('H2S water', { mL: 1 })],
  ['arsenic sulfide', /yellow/, solution({ 'As(III)': 0.03, 'H^+': 1, 'Cl^-': 1 }), add('H2S water', { mL: 1 })],
  ['tin(II) sulfide', /brown/, solution({ 'Sn^2+': 0.03, 'Cl^-': 0.36, 'H^+': 0.3 }), add('H2S water', { mL: 1 })],
  ['barium chromate', /yellow/, solution({ 'Ba^2+': 0.05, 'Cl^-': 0.1 }), add('K2CrO4')],
]
const DRY: readonly (readonly [formula: string, step: object, part: 'flame' | 'hot' | 'cold', names: RegExp])[] = [
  ['NaCl', { do: 'flame' }, 'flame', /yellow|orange/],
  ['LiCl', { do: 'flame' }, 'flame', /red|pink/],
  ['KCl', { do: 'flame' }, 'flame', /violet|pink/],
  ['CaCl2.2H2O', { do: 'flame' }, 'flame', /red|orange/],
  ['SrCl2.6H2O', { do: 'flame' }, 'flame', /red/],
  ['BaCl2.2H2O', { do: 'flame' }, 'flame', /green/],
  ['CuCl2.2H2O', { do: 'flame' }, 'flame', /green|blue/],
  ['CuSO4.5H2O', { do: 'bead', flame: 'oxidising' }, 'hot', /green/],
  ['CuSO4.5H2O', { do: 'bead', flame: 'oxidising' }, 'cold', /blue/],
  ['CuSO4.5H2O', { do: 'bead', flame: 'reducing' }, 'cold', /red|brown/],
  ['FeCl3.6H2O', { do: 'bead', flame: 'oxidising' }, 'hot', /yellow|brown|orange/],
  ['FeSO4.7H2O', { do: 'bead', flame: 'reducing' }, 'cold', /green/],
  ['Cr2(SO4)3.18H2O', { do: 'bead', flame: 'oxidising' }, 'cold', /green/],
  ['Cr2(SO4)3.18H2O', { do: 'bead', flame: 'reducing' }, 'cold', /green/],
  ['CoCl2.6H2O', { do: 'bead', flame: 'oxidising' }, 'cold', /blue/],
  ['NiSO4.6H2O', { do: 'bead', flame: 'oxidising' }, 'cold', /brown/],
  ['NiSO4.6H2O', { do: 'bead', flame: 'reducing' }, 'cold', /grey/],
  ['MnSO4.H2O', { do: 'bead', flame: 'oxidising' }, 'cold', /violet|pink/],
  ['MnSO4.H2O', { do: 'bead', flame: 'reducing' }, 'cold', /colourless/],
]

describe('named references in daylight', () => {
  test('are at least eighty', () => expect(LIQUIDS.length + SOLIDS.length + DRY.length).toBeGreaterThanOrEqual(80))
  test.each(LIQUIDS)('%s', (_, names, sample, ...steps) => expect(look(sample, steps).solution?.colour.name).toMatch(names))
  test.each(SOLIDS)('%s', (_, names, sample, ...steps) => expect(look(sample, steps).deposit?.colour.name).toMatch(names))
  test.each(DRY)('%s, %j, %s', (formula, step, part, names) => {
    const percept = new Runner({ solids: [{ formula, mg: 100 }] }).step(stepSchema.parse(step))
    expect((part === 'flame' ? percept.flame?.colour : percept.bead?.[part])?.name).toMatch(names)
  })
})
