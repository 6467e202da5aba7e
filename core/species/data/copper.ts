import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData, Spectrum } from '../types'

/** Band positions and strengths of the d–d bands are those of the aqua ion and the ammines in the standard texts. */
const aqua: Spectrum = { bands: [{ peak_nm: 810, absorptivity: 12, width_cm: 4600 }], source: 'jorgensen' }
const ammine = (peak_nm: number, absorptivity: number): Spectrum => ({
  bands: [{ peak_nm, absorptivity, width_cm: 4800 }],
  source: 'bjerrum',
})
/** The chloro complexes keep a d–d band and add a charge-transfer band whose tail reaches the violet: hence green. */
const chloro = (absorptivity: number, chargeTransfer: number, peak_nm: number): Spectrum => ({
  bands: [
    { peak_nm: 860, absorptivity, width_cm: 4600 },
    { peak_nm, absorptivity: chargeTransfer, width_cm: 5200 },
  ],
  source: 'brugger',
})

export const copperAqueous: readonly AqueousData[] = [
  { formula: 'Cu^2+', name: 'copper(II)', spectrum: aqua },
  { formula: 'CuOH^+', from: { 'Cu^2+': 1, 'H^+': -1 }, logK: logK(-7.95, 'brown-ekberg', { dH: 36 }), spectrum: aqua },
  { formula: 'Cu(OH)2', from: { 'Cu^2+': 1, 'H^+': -2 }, logK: logK(-16.2, 'brown-ekberg') },
  { formula: 'Cu(OH)3^-', from: { 'Cu^2+': 1, 'H^+': -3 }, logK: logK(-26.6, 'brown-ekberg', { dH: 116 }) },
  {
    formula: 'Cu(OH)4^2-',
    name: 'tetrahydroxocuprate(II)',
    from: { 'Cu^2+': 1, 'H^+': -4 },
    logK: logK(-39.7, 'brown-ekberg', { dH: 172, note: 'enthalpy estimated: dissolving the hydroxide in alkali taken as thermoneutral' }),
    spectrum: { bands: [{ peak_nm: 640, absorptivity: 33, width_cm: 4800 }], source: 'jorgensen' },
  },
  { formula: 'Cu2(OH)2^2+', from: { 'Cu^2+': 2, 'H^+': -2 }, logK: logK(-10.43, 'brown-ekberg', { dH: 76 }), spectrum: aqua },
  { formula: 'CuNH3^2+', from: { 'Cu^2+': 1, NH3: 1 }, logK: logK(4.15, 'bjerrum', { dH: -23, I: 2 }), spectrum: ammine(745, 20) },
  { formula: 'Cu(NH3)2^2+', from: { 'Cu^2+': 1, NH3: 2 }, logK: logK(7.65, 'bjerrum', { dH: -46, I: 2 }), spectrum: ammine(680, 32) },
  { formula: 'Cu(NH3)3^2+', from: { 'Cu^2+': 1, NH3: 3 }, logK: logK(10.54, 'bjerrum', { dH: -69, I: 2 }), spectrum: ammine(640, 44) },
  {
    formula: 'Cu(NH3)4^2+',
    name: 'tetraamminecopper(II)',
    from: { 'Cu^2+': 1, NH3: 4 },
    logK: logK(12.67, 'bjerrum', { dH: -92, I: 2, note: 'the step constants of strong ammonia solutions, which is where the complex is met' }),
    spectrum: ammine(600, 54),
  },
  { formula: 'CuCl^+', from: { 'Cu^2+': 1, 'Cl^-': 1 }, logK: logK(0.3, 'smith-martell', { dH: 8 }), spectrum: chloro(18, 1100, 255) },
  { formula: 'CuCl2', from: { 'Cu^2+': 1, 'Cl^-': 2 }, logK: logK(-0.3, 'brugger', { dH: 18 }), spectrum: chloro(36, 1600, 275) },
  { formula: 'CuCl3^-', from: { 'Cu^2+': 1, 'Cl^-': 3 }, logK: logK(-2.3, 'brugger', { dH: 30 }), spectrum: chloro(65, 1000, 380) },
  { formula: 'CuCl4^2-', name: 'tetrachlorocuprate(II)', from: { 'Cu^2+': 1, 'Cl^-': 4 }, logK: logK(-4.6, 'brugger', { dH: 40 }), spectrum: chloro(90, 1300, 385) },
  { formula: 'CuCH3COO^+', from: { 'Cu^2+': 1, 'CH3COO^-': 1 }, logK: logK(2.2, 'smith-martell', { dH: 7 }), spectrum: { bands: [{ peak_nm: 770, absorptivity: 25, width_cm: 4800 }], source: 'jorgensen' } },
  { formula: 'Cu(CH3COO)2', from: { 'Cu^2+': 1, 'CH3COO^-': 2 }, logK: logK(3.6, 'smith-martell', { dH: 12 }), spectrum: { bands: [{ peak_nm: 740, absorptivity: 45, width_cm: 4800 }, { peak_nm: 360, absorptivity: 30, width_cm: 5000 }], source: 'jorgensen' } },
  { formula: 'CuCO3', from: { 'Cu^2+': 1, 'CO3^2-': 1 }, logK: logK(6.77, 'smith-martell'), spectrum: ammine(770, 35) },
  { formula: 'Cu(CO3)2^2-', from: { 'Cu^2+': 1, 'CO3^2-': 2 }, logK: logK(10.2, 'smith-martell'), spectrum: ammine(720, 45) },
  { formula: 'Cu^+', name: 'copper(I)' },
  { formula: 'CuCl2^-', from: { 'Cu^+': 1, 'Cl^-': 2 }, logK: logK(5.5, 'smith-martell') },
  { formula: 'CuI2^-', from: { 'Cu^+': 1, 'I^-': 2 }, logK: logK(8.9, 'smith-martell', { dH: -72, note: 'heat estimated: the solid dissolves in hot iodide little better than in cold' }) },
  { formula: 'CuSO4', from: { 'Cu^2+': 1, 'SO4^2-': 1 }, logK: logK(2.36, 'smith-martell', { dH: 8.8 }), spectrum: aqua },
  ...complexes('Cu^+', 'NH3', [5.9, [10.9, { name: 'diamminecopper(I)' }]], 'smith-martell'),
  ...complexes('Cu^+', 'SCN^-', [null, 11.0], 'smith-martell'),
  ...complexes('Cu^+', 'S2O3^2-', [10.3, [12.2, { name: 'bis(thiosulfato)cuprate(I)' }]], 'smith-martell'),
  ...complexes('Cu^2+', 'SCN^-', [[2.33, { spectrum: bands('jorgensen', [400, 600, 6500], [750, 30, 4800]) }], [3.65, { spectrum: bands('jorgensen', [420, 1200, 6500]) }]], 'smith-martell'),
  ...complexes('Cu^2+', 'C2O4^2-', [[6.2, { spectrum: ammine(750, 30) }], [10.2, { spectrum: ammine(700, 35) }]], 'smith-martell'),
  { formula: 'CuC4H4O6', from: { 'Cu^2+': 1, 'C4H4O6^2-': 1 }, logK: logK(3.4, 'smith-martell'), spectrum: ammine(750, 30) },
  { formula: 'Cu(OH)2C4H4O6^2-', from: { 'Cu^2+': 1, 'C4H4O6^2-': 1, 'H^+': -2 }, logK: logK(-7.4, 'vogel7', { dH: 55, note: 'set so that tartrate keeps the hydroxide from ammonia and alkali, and Fehling’s solution bears boiling' }), spectrum: ammine(675, 45) },
]

export const copperSolids: readonly SolidData[] = [
  {
    formula: 'Cu(OH)2',
    name: 'copper(II) hydroxide',
    to: { 'Cu^2+': 1, 'H^+': -2 },
    logK: logK(9.2, 'brown-ekberg', { dH: -60, note: 'freshly precipitated (9.3); the aged solid has 8.67' }),
    gate: { rule: 'a-hydroxide-wants-supersaturation', past: 0.6, source: 'kolthoff' },
    habit: 'gelatinous',
    colour: { hex: '#6fb4dc', words: 'blue', source: 'vogel7' },
  },
  {
    formula: 'Cu4(OH)6SO4',
    name: 'basic copper(II) sulfate',
    to: { 'Cu^2+': 4, 'SO4^2-': 1, 'H^+': -6 },
    logK: logK(17.6, 'wateq4f', { dH: -170, note: 'aged brochantite 15.3; raised for the fresh precipitate, so that 0.1 M copper sulfate stays clear' }),
    gate: { rule: 'a-hydroxide-wants-supersaturation', past: 2.5, source: 'kolthoff' },
    habit: 'flocculent',
    colour: { hex: '#a9d3e2', words: 'pale blue', source: 'vogel7' },
  },
  {
    formula: 'CuO',
    name: 'copper(II) oxide',
    to: { 'Cu^2+': 1, 'H^+': -2 },
    logK: logK(7.64, 'baes-mesmer', { dH: -64 }),
    habit: 'granular',
    colour: { hex: '#26221f', words: 'black', source: 'vogel7' },
    gate: { rule: 'copper-hydroxide-dehydrates-hot', above_C: 55, from: 'Cu(OH)2', source: 'clark' },
  },
  {
    formula: 'Cu2CO3(OH)2',
    name: 'basic copper(II) carbonate',
    to: { 'Cu^2+': 2, 'CO3^2-': 1, 'H^+': -2 },
    logK: logK(-5.1, 'wateq4f', { dH: -40, note: 'malachite has −5.8; raised for the fresh precipitate' }),
    habit: 'flocculent',
    colour: { hex: '#8fcbc0', words: 'blue-green', source: 'vogel7' },
  },
  {
    formula: 'CuI',
    name: 'copper(I) iodide',
    to: { 'Cu^+': 1, 'I^-': 1 },
    logK: logK(-11.96, 'smith-martell', { dH: 84 }),
    habit: 'powdery',
    colour: { hex: '#f3efe6', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Cu2Fe(CN)6',
    name: 'copper(II) hexacyanoferrate(II)',
    to: { 'Cu^2+': 2, 'Fe(CN)6^4-': 1 },
    logK: logK(-15.9, 'crc'),
    habit: 'flocculent',
    colour: { hex: '#7a2e1e', words: 'reddish-brown', source: 'vogel7' },
  },
  solid('CuS', 'copper(II) sulfide', { 'Cu^2+': 1, 'HS^-': 1, 'H^+': -1 }, -22.2, 'myers', 'flocculent', '#1c1b1b', 'black'),
  solid('Cu(SCN)2', 'copper(II) thiocyanate', { 'Cu^2+': 1, 'SCN^-': 2 }, -5.3, 'kolthoff', 'powdery', '#26221f', 'black', { note: 'set so that it comes down from strong thiocyanate' }),
  solid('CuSCN', 'copper(I) thiocyanate', { 'Cu^+': 1, 'SCN^-': 1 }, -13.4, 'smith-martell', 'powdery', '#f6f5f1', 'white'),
  solid('Cu2O', 'copper(I) oxide', { 'Cu^+': 2, 'H^+': -2 }, -1.6, 'baes-mesmer', 'powdery', '#a8412a', 'red'),
  solid('CuCl', 'copper(I) chloride', { 'Cu^+': 1, 'Cl^-': 1 }, -6.7, 'smith-martell', 'powdery', '#f6f6f3', 'white'),
  solid('CuC2O4', 'copper(II) oxalate', { 'Cu^2+': 1, 'C2O4^2-': 1 }, -9.4, 'crc', 'powdery', '#bcd8dc', 'pale blue'),
  solid('Cu3(PO4)2', 'copper(II) phosphate', { 'Cu^2+': 3, 'PO4^3-': 2 }, -36.9, 'crc', 'flocculent', '#9ed0da', 'pale blue'),
  solid('Cu3(Fe(CN)6)2', 'copper(II) hexacyanoferrate(III)', { 'Cu^2+': 3, 'Fe(CN)6^3-': 2 }, -27, 'kolthoff', 'flocculent', '#9a8a2a', 'yellow-green'),
]
