import { inFlame, inWater, onSolid, type Fact } from './fact'

const V = 'A. I. Vogel, G. Svehla, Qualitative Inorganic Analysis, 7th ed.'
const C = 'CRC Handbook of Chemistry and Physics, 95th ed.'
const M = 'G. Charlot, L’analyse qualitative et les réactions en solution, 4th ed.'

/** What a first practical course meets: twelve cations and six anions, alone, with the reagents of its bench. */
export const firstCourse: readonly Fact[] = [
  // Silver
  inWater('ag-hcl', V, 'Dilute hydrochloric acid precipitates silver white and curdy.', 'AgNO3', ['HCl 2 M x3', 'look'], {
    solid: 'white',
    species: 'AgCl',
    habit: 'curdy',
  }),
  inWater('ag-hcl-nh3', V, 'Silver chloride dissolves in ammonia.', 'AgNO3', ['HCl 2 M x3', 'NH3 conc x15', 'look'], {
    solid: null,
    solution: 'colourless',
  }),
  inWater(
    'ag-hcl-nh3-hno3',
    V,
    'Nitric acid brings silver chloride down again from ammonia.',
    'AgNO3',
    ['HCl 2 M x3', 'NH3 2 M x20', 'HNO3 2 M x30', 'look'],
    { solid: 'white', species: 'AgCl' },
  ),
  inWater('ag-hcl-boil', V, 'Silver chloride does not dissolve in boiling water.', 'AgNO3', ['HCl 2 M x3', 'water 2mL', 'boil', 'look'], {
    solid: 'white',
  }),
  inWater('ag-ki', V, 'Iodide precipitates silver yellow.', 'AgNO3', ['KI 0.1 M x10', 'look'], { solid: 'yellow', species: 'AgI' }),
  inWater('ag-ki-nh3', V, 'Silver iodide does not dissolve in ammonia.', 'AgNO3', ['KI 0.1 M x10', 'NH3 conc x15', 'look'], {
    solid: 'yellow',
    species: 'AgI',
  }),
  inWater('ag-naoh', V, 'Sodium hydroxide precipitates brown silver oxide, insoluble in excess.', 'AgNO3', ['NaOH 2 M x20', 'look'], {
    solid: 'brown',
    species: 'Ag2O',
  }),
  inWater('ag-nh3-first', V, 'A little ammonia precipitates brown silver oxide.', 'AgNO3', ['NH3 2 M x1', 'look'], {
    solid: 'brown',
    species: 'Ag2O',
  }),
  inWater('ag-nh3-excess', V, 'Silver oxide dissolves in excess ammonia.', 'AgNO3', ['NH3 2 M x20', 'look'], { solid: null }),
  inWater('ag-na2co3', V, 'Sodium carbonate precipitates yellowish white silver carbonate.', 'AgNO3', ['Na2CO3 0.1 M x10', 'look'], {
    solid: ['white', 'yellow'],
    species: 'Ag2CO3',
  }),
  // Lead
  inWater(
    'pb-hcl',
    V,
    'Dilute hydrochloric acid precipitates lead white from a solution that is not too dilute.',
    'Pb(NO3)2',
    ['HCl 2 M x5', 'look'],
    { solid: 'white', species: 'PbCl2' },
  ),
  inWater(
    'pb-hcl-hot',
    V,
    'Lead chloride dissolves in hot water.',
    'Pb(NO3)2',
    ['HCl 2 M x3', 'water 2mL', { do: 'boil', vessel: 'A', minutes: 1 }],
    { solid: null },
  ),
  inWater(
    'pb-hcl-nh3',
    V,
    'Ammonia does not dissolve lead chloride: it turns it into the white hydroxide or basic salt.',
    'Pb(NO3)2',
    ['HCl 2 M x3', 'NH3 conc x10', 'look'],
    { solid: 'white' },
  ),
  inWater('pb-h2so4', V, 'Dilute sulfuric acid precipitates lead sulfate, white.', 'Pb(NO3)2', ['H2SO4 1 M x5', 'look'], {
    solid: 'white',
    species: 'PbSO4',
  }),
  inWater(
    'pb-h2so4-ac',
    V,
    'Lead sulfate dissolves in concentrated ammonium acetate.',
    'Pb(NO3)2',
    ['H2SO4 1 M x2', 'ammonium acetate 3mL', 'look'],
    { solid: null },
  ),
  inWater('pb-ki', V, 'Iodide precipitates lead yellow.', 'Pb(NO3)2', ['KI 0.1 M x10', 'look'], { solid: 'yellow', species: 'PbI2' }),
  inWater(
    'pb-ki-hot',
    V,
    'Lead iodide dissolves in much boiling water to a colourless solution.',
    'Pb(NO3)2',
    ['KI 0.1 M x4', 'water 4mL', { do: 'boil', vessel: 'A', minutes: 1 }],
    { solid: null, solution: 'colourless' },
  ),
  inWater('pb-naoh-first', V, 'Sodium hydroxide precipitates white lead hydroxide.', 'Pb(NO3)2', ['NaOH 2 M x1', 'look'], { solid: 'white' }),
  inWater('pb-naoh-excess', V, 'Lead hydroxide dissolves in excess sodium hydroxide.', 'Pb(NO3)2', ['NaOH 2 M x30', 'look'], { solid: null }),
  inWater('pb-naoh-boil', V, 'The plumbate stays clear when boiled.', 'Pb(NO3)2', ['NaOH 2 M x30', 'boil', 'look'], { solid: null }),
  inWater('pb-nh3', V, 'Ammonia precipitates lead white, insoluble in excess.', 'Pb(NO3)2', ['NH3 2 M x20', 'look'], { solid: 'white' }),
  // Copper
  inWater('cu-aq', V, 'Copper(II) salts are blue in dilute solution.', 'CuSO4.5H2O', ['look'], { solution: 'blue', solid: null }),
  inWater('cu-nh3-first', V, 'A little ammonia precipitates a blue or bluish green basic salt.', 'CuSO4.5H2O', ['NH3 2 M x1', 'look'], {
    solid: 'blue',
  }),
  inWater('cu-nh3-excess', V, 'Excess ammonia gives an intensely blue solution.', 'CuSO4.5H2O', ['NH3 2 M x30', 'look'], {
    solid: null,
    solution: 'blue',
    shade: /deep/,
  }),
  inWater('cu-naoh', V, 'Sodium hydroxide precipitates blue copper(II) hydroxide.', 'CuSO4.5H2O', ['NaOH 2 M x10', 'look'], {
    solid: 'blue',
    species: 'Cu(OH)2',
  }),
  inWater('cu-naoh-boil', V, 'Copper(II) hydroxide turns black when boiled.', 'CuSO4.5H2O', ['NaOH 2 M x10', 'boil', 'look'], {
    solid: 'black',
    species: 'CuO',
  }),
  inWater('cu-k4', V, 'Hexacyanoferrate(II) precipitates copper reddish-brown.', 'CuSO4.5H2O', ['K4Fe(CN)6 0.1 M x5', 'look'], {
    solid: ['brown', 'red'],
    species: 'Cu2Fe(CN)6',
  }),
  inWater(
    'cu-ki',
    V,
    'Iodide precipitates white copper(I) iodide, and free iodine colours the liquid brown.',
    'CuSO4.5H2O',
    ['KI 0.1 M 2mL', 'look'],
    { species: 'CuI', solution: ['brown', 'orange', 'yellow'] },
  ),
  inWater('cu-na2co3', V, 'Sodium carbonate precipitates copper as a blue-green basic carbonate.', 'CuSO4.5H2O', ['Na2CO3 0.5 M x6', 'look'], {
    solid: ['green', 'blue'],
  }),
  inWater('cu-cl', C, 'Much chloride turns copper(II) solutions green.', 'CuSO4.5H2O', ['HCl conc x8', 'look'], { solution: 'green' }),
  // Iron(III)
  inWater('fe-aq', V, 'Iron(III) solutions are pale yellow to brown, and acid.', 'FeCl3.6H2O', ['look'], {
    solution: ['yellow', 'orange', 'brown'],
    pHBelow: 3,
  }),
  inWater('fe-nh3', V, 'Ammonia precipitates iron(III) reddish-brown and gelatinous, insoluble in excess.', 'FeCl3.6H2O', ['NH3 2 M x20', 'look'], {
    solid: 'brown',
    habit: 'gelatinous',
    species: 'Fe(OH)3',
  }),
  inWater(
    'fe-nh3-nh4cl',
    V,
    'Ammonium chloride does not stop ammonia from precipitating iron(III).',
    'FeCl3.6H2O',
    ['NH4Cl 5 M x10', 'NH3 2 M x20', 'look'],
    { solid: 'brown' },
  ),
  inWater('fe-naoh', V, 'Sodium hydroxide precipitates iron(III) reddish-brown, insoluble in excess.', 'FeCl3.6H2O', ['NaOH 2 M x30', 'look'], {
    solid: 'brown',
  }),
  inWater('fe-k4', V, 'Hexacyanoferrate(II) gives Prussian blue with iron(III).', 'FeCl3.6H2O', ['K4Fe(CN)6 0.1 M x5', 'look'], {
    solid: 'blue',
    species: 'KFeFe(CN)6',
  }),
  inWater('fe-ki', V, 'Iodide is oxidised by iron(III): brown iodine.', 'FeCl3.6H2O', ['KI 0.1 M 1mL', 'look'], {
    solution: ['brown', 'orange', 'yellow', 'red'],
  }),
  inWater('fe-acetate', V, 'Acetate gives iron(III) a reddish-brown colour.', 'FeCl3.6H2O', ['NaCH3COO 1 M x10', 'look'], {
    solution: ['red', 'brown', 'orange'],
  }),
  inWater(
    'fe-acetate-boil',
    V,
    'Boiled, the diluted iron(III) acetate comes down as a brownish red basic salt.',
    'FeCl3.6H2O',
    ['NaCH3COO 1 M x10', 'water 3mL', 'boil 2', 'look'],
    { solid: 'brown' },
  ),
  inWater(
    'fe-na2co3',
    V,
    'Sodium carbonate precipitates the hydroxide of iron(III), and carbon dioxide comes off.',
    'FeCl3.6H2O',
    ['Na2CO3 1 M x6', 'look'],
    { solid: 'brown', species: 'Fe(OH)3' },
  ),
  // Aluminium
  inWater('al-nh3', V, 'Ammonia precipitates aluminium white and gelatinous, hardly soluble in excess.', 'Al2(SO4)3.18H2O', ['NH3 2 M x20', 'look'], {
    solid: 'white',
    habit: 'gelatinous',
  }),
  inWater('al-nh3-nh4cl', V, 'So it does in the presence of ammonium chloride.', 'Al2(SO4)3.18H2O', ['NH4Cl 5 M x10', 'NH3 2 M x10', 'look'], {
    solid: 'white',
    species: 'Al(OH)3',
  }),
  inWater('al-naoh-first', V, 'A little sodium hydroxide precipitates aluminium hydroxide.', 'Al2(SO4)3.18H2O', ['NaOH 2 M x1', 'look'], {
    solid: 'white',
    species: 'Al(OH)3',
  }),
  inWater('al-naoh-excess', V, 'Aluminium hydroxide dissolves in excess sodium hydroxide.', 'Al2(SO4)3.18H2O', ['NaOH 2 M x20', 'look'], {
    solid: null,
  }),
  inWater(
    'al-aluminate-nh4cl',
    V,
    'Ammonium chloride brings aluminium hydroxide down again from the aluminate.',
    'Al2(SO4)3.18H2O',
    ['NaOH 2 M x10', 'NH4Cl 5 M x20', 'look'],
    { solid: 'white', species: 'Al(OH)3' },
  ),
  inWater('al-na2co3', V, 'Sodium carbonate precipitates aluminium hydroxide.', 'Al2(SO4)3.18H2O', ['Na2CO3 1 M x6', 'look'], { species: 'Al(OH)3' }),
  // Zinc
  inWater('zn-naoh-first', V, 'A little sodium hydroxide precipitates zinc white and gelatinous.', 'ZnSO4.7H2O', ['NaOH 2 M x1', 'look'], {
    solid: 'white',
    habit: 'gelatinous',
  }),
  inWater('zn-naoh-excess', V, 'Zinc hydroxide dissolves in excess sodium hydroxide.', 'ZnSO4.7H2O', ['NaOH 2 M x30', 'look'], { solid: null }),
  inWater('zn-naoh-boil', V, 'The zincate stays clear when boiled.', 'ZnSO4.7H2O', ['NaOH 2 M x30', 'boil', 'look'], { solid: null }),
  inWater('zn-nh3-first', V, 'A little ammonia precipitates zinc hydroxide.', 'ZnSO4.7H2O', ['NH3 2 M x1', 'look'], {
    solid: 'white',
    species: 'Zn(OH)2',
  }),
  inWater('zn-nh3-excess', V, 'Zinc hydroxide dissolves in excess ammonia.', 'ZnSO4.7H2O', ['NH3 2 M x40', 'look'], { solid: null }),
  inWater(
    'zn-nh4cl-nh3',
    V,
    'With enough ammonium chloride ammonia gives no precipitate with zinc.',
    'ZnSO4.7H2O',
    ['NH4Cl 5 M x10', 'NH3 2 M x2', 'look'],
    { solid: null },
  ),
  inWater('zn-k4', V, 'Hexacyanoferrate(II) precipitates zinc white.', 'ZnSO4.7H2O', ['K4Fe(CN)6 0.1 M x5', 'look'], { solid: 'white' }),
  inWater('zn-na2co3', V, 'Sodium carbonate precipitates a white basic carbonate of zinc.', 'ZnSO4.7H2O', ['Na2CO3 0.5 M x6', 'look'], {
    solid: 'white',
  }),
  // Barium, calcium
  inWater('ba-h2so4', V, 'Dilute sulfuric acid precipitates barium, white and fine.', 'BaCl2.2H2O', ['H2SO4 1 M x3', 'look'], {
    solid: 'white',
    species: 'BaSO4',
    habit: 'powdery',
  }),
  inWater('ba-h2so4-hcl', V, 'Barium sulfate does not dissolve in hydrochloric acid.', 'BaCl2.2H2O', ['H2SO4 1 M x3', 'HCl conc x20', 'look'], {
    solid: 'white',
  }),
  inWater('ba-caso4', V, 'Calcium sulfate water precipitates barium at once.', 'BaCl2.2H2O', ['gypsum water x10', 'look'], {
    solid: 'white',
    species: 'BaSO4',
  }),
  inWater('ca-caso4', V, 'Calcium sulfate water gives nothing with calcium.', 'CaCl2.2H2O', ['gypsum water x10', 'look'], { solid: null }),
  inWater(
    'ba-nh42co3',
    V,
    'Ammonium carbonate precipitates barium white.',
    'BaCl2.2H2O',
    ['NH4Cl 5 M x5', 'NH3 2 M x3', '(NH4)2CO3 1 M x8', 'look'],
    { solid: 'white', species: 'BaCO3' },
  ),
  inWater('ba-co3-acetic', V, 'Barium carbonate dissolves in acetic acid.', 'BaCl2.2H2O', ['Na2CO3 0.1 M x8', 'acetic acid 2 M x30', 'look'], {
    solid: null,
  }),
  inWater('ba-nh3', V, 'Ammonia free of carbonate gives no precipitate with barium.', 'BaCl2.2H2O', ['NH3 2 M x10', 'look'], { solid: null }),
  inWater(
    'ca-nh42co3',
    V,
    'Ammonium carbonate precipitates calcium white.',
    'CaCl2.2H2O',
    ['NH4Cl 5 M x5', 'NH3 2 M x3', '(NH4)2CO3 1 M x8', 'look'],
    { solid: 'white', species: 'CaCO3' },
  ),
  inWater('ca-h2so4-dilute', V, 'From dilute solutions sulfuric acid precipitates no calcium.', 'CaCl2.2H2O', ['water 4mL', 'H2SO4 1 M x2', 'look'], {
    solid: null,
  }),
  inWater(
    'ca-h2so4',
    V,
    'From strong solutions sulfuric acid precipitates calcium sulfate, white crystals.',
    'CaCl2.2H2O',
    ['H2SO4 3 M x10', 'look'],
    { solid: 'white', habit: 'crystalline' },
  ),
  inWater('ca-naoh', V, 'Sodium hydroxide precipitates calcium from solutions that are not too dilute.', 'CaCl2.2H2O', ['NaOH 2 M x20', 'look'], {
    solid: 'white',
    species: 'Ca(OH)2',
  }),
  // Magnesium
  inWater(
    'mg-naoh',
    V,
    'Sodium hydroxide precipitates magnesium white and gelatinous, insoluble in excess.',
    'MgSO4.7H2O',
    ['NaOH 2 M x20', 'look'],
    { solid: 'white', habit: 'gelatinous', species: 'Mg(OH)2' },
  ),
  inWater('mg-naoh-nh4cl', V, 'Magnesium hydroxide dissolves in ammonium salts.', 'MgSO4.7H2O', ['NaOH 2 M x3', 'NH4Cl 5 M x20', 'look'], {
    solid: null,
  }),
  inWater('mg-nh3', V, 'Ammonia precipitates a part of the magnesium.', 'MgSO4.7H2O', ['NH3 2 M x20', 'look'], {
    solid: 'white',
    species: 'Mg(OH)2',
  }),
  inWater(
    'mg-nh4cl-nh3',
    V,
    'With ammonium chloride ammonia gives no precipitate with magnesium.',
    'MgSO4.7H2O',
    ['NH4Cl 5 M x10', 'NH3 2 M x10', 'look'],
    { solid: null },
  ),
  inWater(
    'mg-nh42co3-nh4cl',
    V,
    'With ammonium salts ammonium carbonate gives no precipitate with magnesium.',
    'MgSO4.7H2O',
    ['NH4Cl 5 M x10', '(NH4)2CO3 1 M x5', 'look'],
    { solid: null },
  ),
  inWater('mg-na2co3', V, 'Sodium carbonate precipitates a white basic carbonate of magnesium.', 'MgSO4.7H2O', ['Na2CO3 1 M x10', 'look'], {
    solid: 'white',
  }),
  // Ammonium
  onSolid('nh4-naoh', V, 'Warmed with alkali, ammonium salts give off ammonia, known by its smell.', 'NH4Cl', 50, ['NaOH 2 M 1mL', 'warm', 'smell'], {
    smell: 'pungent, ammonia',
  }),
  onSolid('nh4-litmus', V, 'The gas turns moist red litmus blue.', '(NH4)2SO4', 50, ['NaOH 2 M 1mL', 'warm', 'hold red litmus paper'], {
    paper: 'blue',
  }),
  onSolid('nh4-none', V, 'A sodium salt gives nothing of the kind.', 'Na2SO4', 50, ['NaOH 2 M 1mL', 'warm', 'hold red litmus paper'], {
    paper: 'red',
  }),
  // Flames
  inFlame('flame-na', V, 'Sodium: an intense, lasting yellow.', 'Na2SO4', {}, { flame: ['yellow', 'orange'], lasts: 'steady' }),
  inFlame(
    'flame-na-cobalt',
    V,
    'Through cobalt glass the yellow of sodium is not seen.',
    'Na2SO4',
    { through: 'cobalt-glass' },
    { flame: 'colourless' },
  ),
  inFlame('flame-k', V, 'Potassium: lilac.', 'K2SO4', {}, { flame: 'violet' }),
  inFlame(
    'flame-k-cobalt',
    V,
    'Through cobalt glass the flame of potassium is crimson or violet.',
    'KNO3',
    { through: 'cobalt-glass' },
    { flame: ['violet', 'red', 'pink'] },
  ),
  inFlame('flame-ca', V, 'Calcium: brick red.', 'CaCl2.2H2O', {}, { flame: ['red', 'orange'] }),
  inFlame('flame-ba', V, 'Barium: yellowish green.', 'BaCl2.2H2O', {}, { flame: 'green' }),
  inFlame('flame-cu', V, 'Copper: blue-green.', 'CuCl2.2H2O', {}, { flame: ['green', 'blue'] }),
  inFlame('flame-mg', V, 'Magnesium gives the flame no colour.', 'MgSO4.7H2O', {}, { flame: 'colourless' }),
  inFlame(
    'flame-dirty',
    V,
    'A wire that was not cleaned flashes yellow with anything.',
    'MgSO4.7H2O',
    { cleaned: false },
    { flame: ['yellow', 'orange'], lasts: 'flash' },
  ),
  // Carbonate
  onSolid('co3-acid', V, 'Dilute acid makes carbonates effervesce with carbon dioxide.', 'CaCO3', 50, ['HCl 2 M 1mL'], {
    gas: 'CO2',
    vigour: 'brisk',
  }),
  onSolid(
    'co3-lime',
    V,
    'Carbon dioxide turns lime water milky.',
    'Na2CO3',
    30,
    ['HCl 2 M 1mL', { do: 'add', to: 'L', reagent: 'lime water', mL: 2 }, { do: 'bubble', from: 'A', through: 'L' }, { do: 'look', at: 'L' }],
    { solid: 'white', species: 'CaCO3' },
  ),
  onSolid(
    'co3-lime-long',
    V,
    'Much carbon dioxide clears the lime water again.',
    'Na2CO3',
    30,
    [
      { do: 'add', to: 'L', reagent: 'lime water', mL: 1 },
      { do: 'add', to: 'L', reagent: 'water', mL: 3 },
      { do: 'pass', gas: 'CO2', through: 'L', minutes: 10 },
      { do: 'look', at: 'L' },
    ],
    { solid: null },
  ),
  onSolid('co3-splint', V, 'A burning splint goes out in carbon dioxide.', 'Na2CO3', 100, ['HCl 2 M 2mL', 'hold burning'], { splint: 'goes-out' }),
  inWater('co3-mgso4', V, 'Magnesium sulfate precipitates carbonates in the cold.', 'Na2CO3', ['MgSO4 0.5 M x10', 'look'], { solid: 'white' }),
  inWater('hco3-mgso4', V, 'It gives nothing with hydrogencarbonates in the cold …', 'NaHCO3', ['MgSO4 0.5 M x10', 'look'], { solid: null }),
  inWater('hco3-mgso4-boil', V, '… but a white precipitate when boiled.', 'NaHCO3', ['MgSO4 0.5 M x10', 'boil 3', 'look'], { solid: 'white' }),
  inWater(
    'co3-agno3',
    V,
    'Silver nitrate precipitates carbonate; the precipitate dissolves in nitric acid.',
    'Na2CO3',
    ['AgNO3 0.1 M x5', 'HNO3 2 M x20', 'look'],
    { solid: null },
  ),
  inWater('co3-litmus', V, 'Carbonates of the alkalis turn red litmus blue.', 'Na2CO3', ['dip red litmus paper'], { paper: 'blue' }),
  // Sulfate, chloride, iodide
  inWater('so4-ba', V, 'Barium precipitates sulfate from acid, white and fine.', 'Na2SO4', ['HCl 2 M x3', 'BaCl2 0.1 M x5', 'look'], {
    solid: 'white',
    species: 'BaSO4',
    equation: 'Ba^2+ + SO4^2- -> BaSO4',
  }),
  inWater('so4-pb', V, 'Lead nitrate precipitates sulfate white.', 'Na2SO4', ['Pb(NO3)2 0.1 M x5', 'look'], { solid: 'white', species: 'PbSO4' }),
  inWater('cl-ag', V, 'Silver nitrate precipitates chloride white and curdy from nitric acid.', 'NaCl', ['HNO3 2 M x3', 'AgNO3 0.1 M x5', 'look'], {
    solid: 'white',
    habit: 'curdy',
    species: 'AgCl',
  }),
  inWater('cl-ag-nh3-dilute', V, 'Silver chloride dissolves in dilute ammonia.', 'NaCl', ['AgNO3 0.1 M x3', 'NH3 2 M x30', 'look'], { solid: null }),
  onSolid(
    'cl-h2so4',
    V,
    'Concentrated sulfuric acid drives hydrogen chloride off chlorides: pungent, and it reddens blue litmus.',
    'NaCl',
    50,
    ['H2SO4 conc 0.5mL', 'warm', 'hold blue litmus paper'],
    { paper: 'red' },
  ),
  onSolid('cl-h2so4-smell', V, 'Its fumes are pungent.', 'NaCl', 50, ['H2SO4 conc 0.5mL', 'warm', 'smell'], { smell: 'pungent, acid' }),
  inWater('i-ag', V, 'Silver nitrate precipitates iodide yellow.', 'KI', ['HNO3 2 M x3', 'AgNO3 0.1 M x5', 'look'], {
    solid: 'yellow',
    species: 'AgI',
  }),
  inWater('i-ag-nh3', V, 'Silver iodide does not dissolve in concentrated ammonia.', 'KI', ['AgNO3 0.1 M x5', 'NH3 conc x20', 'look'], {
    solid: 'yellow',
  }),
  inWater('i-pb', V, 'Lead nitrate precipitates iodide yellow.', 'KI', ['Pb(NO3)2 0.1 M x5', 'look'], { solid: 'yellow', species: 'PbI2' }),
  inWater('i-cu', V, 'Copper sulfate gives a brown mixture of copper(I) iodide and iodine.', 'KI', ['CuSO4 0.1 M 1mL', 'look'], {
    solution: ['brown', 'orange', 'yellow'],
    species: 'CuI',
  }),
  inWater('i-fe', V, 'Iron(III) sets iodine free.', 'KI', ['FeCl3 0.1 M 1mL', 'look'], { solution: ['brown', 'orange', 'yellow', 'red'] }),
  onSolid('i-h2so4', V, 'Concentrated sulfuric acid sets iodine free: violet vapour on warming.', 'KI', 50, ['H2SO4 conc 0.5mL', 'warm'], {
    gas: 'I2',
    gasColour: 'violet',
  }),
  onSolid('i-h2so4-starch', V, 'Its vapour turns starch iodide paper blue.', 'KI', 50, ['H2SO4 conc 0.5mL', 'warm', 'hold starch iodide paper'], {
    paper: ['blue', 'black'] as never,
  }),
  // Nitrate
  onSolid(
    'no3-cu',
    V,
    'Nitrates warmed with concentrated sulfuric acid and copper give brown fumes.',
    'KNO3',
    50,
    ['H2SO4 conc 0.5mL', 'copper turnings 50mg', 'warm'],
    { gas: 'NO2', gasColour: 'brown' },
  ),
  onSolid(
    'so4-cu',
    V,
    'Sulfates give no brown fumes with concentrated sulfuric acid and copper.',
    'K2SO4',
    50,
    ['H2SO4 conc 0.5mL', 'copper turnings 50mg', 'warm', 'hold starch iodide paper'],
    { paper: 'white' },
  ),
  // Acetate
  onSolid('ac-h2so4', V, 'Warmed with dilute sulfuric acid, acetates smell of vinegar.', 'NaCH3COO.3H2O', 100, ['H2SO4 1 M 1mL', 'warm', 'smell'], {
    smell: 'vinegar',
  }),
  inWater('ac-fecl3', V, 'Iron(III) chloride colours neutral acetate solutions reddish-brown.', 'NaCH3COO.3H2O', ['FeCl3 0.1 M x6', 'look'], {
    solution: ['red', 'brown', 'orange'],
  }),
  inWater('ac-fecl3-hcl', V, 'Hydrochloric acid takes the colour away, leaving yellow.', 'NaCH3COO.3H2O', ['FeCl3 0.1 M x6', 'HCl 2 M x20', 'look'], {
    solution: ['yellow', 'colourless'],
  }),
  inWater('ac-ag', V, 'Silver nitrate precipitates acetate from strong solutions only.', 'NaCH3COO.3H2O', ['AgNO3 0.1 M x5', 'look'], {
    solid: null,
  }),
  // Solubility
  onSolid('agcl-water', C, 'Silver chloride does not dissolve in water.', 'AgCl', 20, ['water 5mL', 'look'], { solid: 'white' }),
  onSolid('caco3-water', C, 'Calcium carbonate does not dissolve in water.', 'CaCO3', 20, ['water 5mL', 'look'], { solid: 'white' }),
  onSolid('baso4-hcl', C, 'Barium sulfate dissolves in no dilute acid.', 'BaSO4', 20, ['HNO3 2 M 5mL', 'boil', 'look'], { solid: 'white' }),
  onSolid('bacO3-hno3', C, 'Barium carbonate dissolves in nitric acid.', 'BaCO3', 20, ['HNO3 2 M 5mL', 'look'], { solid: null }),
  onSolid('alum-litmus', M, 'A solution of alum is acid to litmus.', 'KAl(SO4)2.12H2O', 100, ['water 5mL', 'dip blue litmus paper'], {
    paper: 'red',
  }),
  onSolid('nacl-litmus', M, 'A solution of common salt is neutral to litmus.', 'NaCl', 100, ['water 5mL', 'dip blue litmus paper'], {
    paper: 'blue',
  }),
]
