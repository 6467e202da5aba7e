import { complexes, logHenry, logK, solid } from '../define'
import type { AqueousData, GasData, SolidData } from '../types'

export const arsenicAqueous: readonly AqueousData[] = [
  { formula: 'H3AsO3', name: 'arsenic(III) acid' },
  { formula: 'H2AsO3^-', name: 'arsenite', from: { H3AsO3: 1, 'H^+': -1 }, logK: logK(-9.29, 'smith-martell', { dH: 27 }) },
  { formula: 'HAsO3^2-', from: { H3AsO3: 1, 'H^+': -2 }, logK: logK(-21.4, 'smith-martell') },
  { formula: 'AsO3^3-', from: { H3AsO3: 1, 'H^+': -3 }, logK: logK(-34.8, 'smith-martell') },
  {
    formula: 'AsS2^-',
    name: 'thioarsenite',
    from: { H3AsO3: 1, 'HS^-': 2, 'H^+': 1 },
    logK: logK(25.5, 'kolthoff', { note: 'set so that the sulfide dissolves in ammonium sulfide and stays in acid' }),
  },
  {
    formula: 'AsOS^-',
    name: 'oxothioarsenite',
    from: { H3AsO3: 1, 'HS^-': 1 },
    logK: logK(16.2, 'kolthoff', { note: 'set so that the sulfide dissolves in ammonium carbonate, which that of antimony does not' }),
  },
  { formula: 'AsO4^3-', name: 'arsenate', takesProtons: 2 },
  { formula: 'HAsO4^2-', name: 'hydrogenarsenate', from: { 'AsO4^3-': 1, 'H^+': 1 }, logK: logK(11.6, 'smith-martell', { dH: -18 }) },
  { formula: 'H2AsO4^-', name: 'dihydrogenarsenate', from: { 'AsO4^3-': 1, 'H^+': 2 }, logK: logK(18.36, 'smith-martell', { dH: -21 }) },
  { formula: 'H3AsO4', name: 'arsenic acid', from: { 'AsO4^3-': 1, 'H^+': 3 }, logK: logK(20.6, 'smith-martell', { dH: -14 }) },
  { formula: 'AsH3', name: 'arsine' },
]

export const arsenicGases: readonly GasData[] = [
  {
    formula: 'AsH3',
    name: 'arsine',
    dissolvesAs: { AsH3: 1 },
    logK: logHenry(2.05, 'sander', { dH: 18 }),
    smell: { word: 'garlic', threshold_atm: 5e-7 },
    colour: 'colourless',
    caution: 'Arsine: among the most poisonous of gases. Only in the hood, only traces, never smelt on purpose.',
    source: 'niosh',
  },
]

export const arsenicSolids: readonly SolidData[] = [
  solid('As2S3', 'arsenic(III) sulfide', { H3AsO3: 2, 'HS^-': 3, 'H^+': 3 }, -60.0, 'smith-martell', 'flocculent', '#f2d022', 'yellow', {
    note: 'amorphous; orpiment is some five units less soluble',
  }),
  solid('Ag3AsO3', 'silver arsenite', { 'Ag^+': 3, H3AsO3: 1, 'H^+': -3 }, 14.6, 'kolthoff', 'powdery', '#ecd75a', 'yellow'),
  solid('Ag3AsO4', 'silver arsenate', { 'Ag^+': 3, 'AsO4^3-': 1 }, -22.0, 'smith-martell', 'powdery', '#6a3a26', 'brown', { note: 'chocolate brown' }),
  solid('MgNH4AsO4.6H2O', 'magnesium ammonium arsenate', { 'Mg^2+': 1, 'NH4^+': 1, 'AsO4^3-': 1 }, -12.6, 'kolthoff', 'crystalline', '#f8f8f6', 'white'),
  solid('CuHAsO3', 'copper(II) hydrogenarsenite', { 'Cu^2+': 1, H3AsO3: 1, 'H^+': -2 }, 5.6, 'kolthoff', 'flocculent', '#7fb86a', 'green', {
    note: 'set so that it comes down from nearly neutral solution',
  }),
  solid('Cu3(AsO4)2', 'copper(II) arsenate', { 'Cu^2+': 3, 'AsO4^3-': 2 }, -35.1, 'crc', 'flocculent', '#8fcbb8', 'blue-green'),
  solid('FeAsO4', 'iron(III) arsenate', { 'Fe^3+': 1, 'AsO4^3-': 1 }, -20.2, 'crc', 'flocculent', '#e6e2c4', 'yellowish white'),
  solid('Pb3(AsO4)2', 'lead arsenate', { 'Pb^2+': 3, 'AsO4^3-': 2 }, -35.4, 'crc', 'powdery', '#f8f8f6', 'white'),
  solid('(NH4)3AsMo12O40', 'ammonium arsenomolybdate', { 'NH4^+': 3, 'AsO4^3-': 1, 'MoO4^2-': 12, 'H^+': 24 }, -132.5, 'feigl', 'crystalline', '#f0d23a', 'yellow', {
    note: 'set beside the phosphate, which comes down warm while this one wants boiling',
    gate: { rule: 'arsenomolybdate-only-hot', above_C: 75, source: 'vogel7' },
  }),
]

export const molybdateAqueous: readonly AqueousData[] = [
  { formula: 'MoO4^2-', name: 'molybdate', takesProtons: 1 },
  { formula: 'HMoO4^-', from: { 'MoO4^2-': 1, 'H^+': 1 }, logK: logK(4.24, 'smith-martell') },
  { formula: 'H2MoO4', from: { 'MoO4^2-': 1, 'H^+': 2 }, logK: logK(8.24, 'smith-martell') },
]

export const molybdateSolids: readonly SolidData[] = [
  solid('(NH4)3PMo12O40', 'ammonium phosphomolybdate', { 'NH4^+': 3, 'PO4^3-': 1, 'MoO4^2-': 12, 'H^+': 24 }, -136, 'feigl', 'crystalline', '#f2d01e', 'yellow', {
    note: 'set so that 1e-5 mol/L of phosphate shows in nitric acid, and alkali dissolves it',
  }),
]

export const arsenicComplexes: readonly AqueousData[] = [...complexes('Fe^3+', 'H2AsO4^-', [4.0], 'smith-martell')]
