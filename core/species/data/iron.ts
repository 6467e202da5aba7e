import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData, Spectrum } from '../types'

/** The hydrolysed ion and its chloro and acetato complexes absorb in the ultraviolet with tails far into the visible: yellow, brown, red. */
const tail = (absorptivity: number, width_cm: number, second?: { peak_nm: number; absorptivity: number; width_cm: number }): Spectrum => ({
  bands: [{ peak_nm: 340, absorptivity, width_cm }, ...(second ? [second] : [])],
  source: 'jorgensen',
})

export const ironAqueous: readonly AqueousData[] = [
  { formula: 'Fe^3+', name: 'iron(III)', spectrum: { bands: [{ peak_nm: 240, absorptivity: 4200, width_cm: 6500 }], source: 'jorgensen' } },
  { formula: 'FeOH^2+', from: { 'Fe^3+': 1, 'H^+': -1 }, logK: logK(-2.19, 'baes-mesmer', { dH: 43 }), spectrum: tail(2000, 6600) },
  { formula: 'Fe(OH)2^+', from: { 'Fe^3+': 1, 'H^+': -2 }, logK: logK(-5.67, 'baes-mesmer', { dH: 71 }), spectrum: tail(2200, 8000) },
  { formula: 'Fe(OH)3', from: { 'Fe^3+': 1, 'H^+': -3 }, logK: logK(-13.0, 'brown-ekberg', { dH: 104 }) },
  { formula: 'Fe(OH)4^-', from: { 'Fe^3+': 1, 'H^+': -4 }, logK: logK(-21.6, 'baes-mesmer', { dH: 133 }) },
  { formula: 'Fe2(OH)2^4+', from: { 'Fe^3+': 2, 'H^+': -2 }, logK: logK(-2.95, 'baes-mesmer', { dH: 56 }), spectrum: tail(5000, 7000) },
  { formula: 'FeCl^2+', from: { 'Fe^3+': 1, 'Cl^-': 1 }, logK: logK(1.48, 'smith-martell', { dH: 23 }), spectrum: tail(1900, 7200) },
  { formula: 'FeCl2^+', from: { 'Fe^3+': 1, 'Cl^-': 2 }, logK: logK(2.13, 'smith-martell'), spectrum: tail(2400, 7600) },
  { formula: 'FeCl4^-', from: { 'Fe^3+': 1, 'Cl^-': 4 }, logK: logK(-1.0, 'smith-martell'), spectrum: tail(6000, 6800) },
  { formula: 'FeSO4^+', from: { 'Fe^3+': 1, 'SO4^2-': 1 }, logK: logK(4.04, 'smith-martell', { dH: 25 }), spectrum: tail(1900, 5600) },
  { formula: 'Fe(SO4)2^-', from: { 'Fe^3+': 1, 'SO4^2-': 2 }, logK: logK(5.38, 'smith-martell', { dH: 19 }), spectrum: tail(2400, 5800) },
  {
    formula: 'FeCH3COO^2+',
    from: { 'Fe^3+': 1, 'CH3COO^-': 1 },
    logK: logK(4.0, 'smith-martell'),
    spectrum: tail(2400, 8000, { peak_nm: 475, absorptivity: 180, width_cm: 5200 }),
  },
  {
    formula: 'Fe(CH3COO)2^+',
    name: 'diacetatoiron(III)',
    from: { 'Fe^3+': 1, 'CH3COO^-': 2 },
    logK: logK(7.5, 'smith-martell'),
    spectrum: tail(2600, 8500, { peak_nm: 480, absorptivity: 380, width_cm: 5200 }),
  },
  {
    formula: 'Fe(CH3COO)3',
    name: 'iron(III) acetate',
    from: { 'Fe^3+': 1, 'CH3COO^-': 3 },
    logK: logK(9.6, 'smith-martell'),
    spectrum: tail(2600, 9000, { peak_nm: 480, absorptivity: 450, width_cm: 5200 }),
  },
  {
    formula: 'Fe3(OH)2(CH3COO)6^+',
    name: 'basic iron(III) acetate ion',
    from: { 'Fe^3+': 3, 'CH3COO^-': 6, 'H^+': -2 },
    logK: logK(32.6, 'vogel7', { note: 'no constant is known well; set so that cold acetate keeps iron(III) in solution and boiling brings it down, as the manual says' }),
    spectrum: tail(8000, 9000, { peak_nm: 480, absorptivity: 900, width_cm: 4600 }),
  },
  { formula: 'Fe^2+', name: 'iron(II)', spectrum: bands('jorgensen', [960, 1.1, 5000], [800, 0.6, 5400], [330, 1.8, 7600]) },
  { formula: 'FeOH^+', from: { 'Fe^2+': 1, 'H^+': -1 }, logK: logK(-9.5, 'baes-mesmer', { dH: 55 }) },
  { formula: 'FeSO4', from: { 'Fe^2+': 1, 'SO4^2-': 1 }, logK: logK(2.25, 'smith-martell', { dH: 13.5 }) },
  { formula: 'Fe(CN)6^4-', name: 'hexacyanoferrate(II)', spectrum: { bands: [{ peak_nm: 322, absorptivity: 320, width_cm: 6200 }], source: 'jorgensen' } },
  { formula: 'HFe(CN)6^3-', from: { 'Fe(CN)6^4-': 1, 'H^+': 1 }, logK: logK(4.28, 'smith-martell') },
  { formula: 'KFe(CN)6^3-', from: { 'Fe(CN)6^4-': 1, 'K^+': 1 }, logK: logK(2.35, 'smith-martell') },
  ...complexes('Fe^3+', 'SCN^-', [[3.02, { name: 'thiocyanatoiron(III)', dH: -6, spectrum: bands('jorgensen', [458, 4700, 5200]) }], [4.64, { spectrum: bands('jorgensen', [480, 9800, 5200]) }], [5.0, { spectrum: bands('jorgensen', [485, 14000, 5200]) }]], 'smith-martell'),
  ...complexes('Fe^3+', 'F^-', [6.04, 10.74, [13.74, { name: 'trifluoroiron(III)' }]], 'smith-martell', { dH: 11 }),
  ...complexes('Fe^3+', 'C2O4^2-', [[9.15, { spectrum: tail(900, 5600) }], [15.45, { spectrum: tail(900, 5600) }], [19.83, { name: 'trioxalatoiron(III)', spectrum: tail(900, 5400) }]], 'smith-martell'),
  { formula: 'FeHPO4^+', from: { 'Fe^3+': 1, 'PO4^3-': 1, 'H^+': 1 }, logK: logK(22.3, 'smith-martell') },
  { formula: 'FeC4H4O6^+', from: { 'Fe^3+': 1, 'C4H4O6^2-': 1 }, logK: logK(7.5, 'smith-martell'), spectrum: tail(1500, 7000) },
  { formula: 'Fe(OH)2C4H4O6^-', from: { 'Fe^3+': 1, 'C4H4O6^2-': 1, 'H^+': -2 }, logK: logK(6.5, 'vogel7', { note: 'set so that tartrate keeps the hydroxide from ammonia and alkali' }), spectrum: tail(900, 6500) },
  { formula: 'Fe(OH)3C4H4O6^2-', from: { 'Fe^3+': 1, 'C4H4O6^2-': 1, 'H^+': -3 }, logK: logK(-4.0, 'vogel7', { note: 'the same in strong alkali' }), spectrum: tail(900, 6500) },
  { formula: 'FeFe(CN)6', name: 'iron(III) hexacyanoferrate(III), dissolved', from: { 'Fe^3+': 1, 'Fe(CN)6^3-': 1 }, logK: logK(3.0, 'kolthoff'), spectrum: tail(6000, 9500) },
  ...complexes('Fe^2+', 'NH3', [1.4, 2.2], 'smith-martell'),
  ...complexes('Fe^2+', 'CH3COO^-', [1.4], 'smith-martell'),
  ...complexes('Fe^2+', 'C2O4^2-', [[4.1, { spectrum: tail(60, 6000) }], [6.2, { spectrum: tail(60, 6000) }]], 'smith-martell'),
]

export const ironSolids: readonly SolidData[] = [
  {
    formula: 'Fe(OH)3',
    name: 'iron(III) hydroxide',
    to: { 'Fe^3+': 1, 'H^+': -3 },
    logK: logK(4.0, 'baes-mesmer', { dH: -87, note: 'fresh; values from 3 (aged) to 5 are met' }),
    // Iron(III) by itself hydrolyses to clear yellow and brown liquids, which cloud on boiling or on standing for days.
    gate: { rule: 'a-hydroxide-wants-supersaturation', past: 1.2, source: 'baes-mesmer' },
    habit: 'gelatinous',
    colour: { hex: '#8c4a22', words: 'reddish-brown', source: 'vogel7' },
  },
  {
    formula: 'Fe(OH)2',
    name: 'iron(II) hydroxide',
    to: { 'Fe^2+': 1, 'H^+': -2 },
    logK: logK(12.9, 'baes-mesmer', { dH: -86 }),
    habit: 'gelatinous',
    colour: { hex: '#8fa58a', words: 'dirty green', source: 'vogel7' },
  },
  {
    formula: 'Fe4(Fe(CN)6)3',
    name: 'iron(III) hexacyanoferrate(II), Prussian blue',
    to: { 'Fe^3+': 4, 'Fe(CN)6^4-': 3 },
    logK: logK(-40.5, 'crc'),
    habit: 'flocculent',
    colour: { hex: '#142f7a', words: 'deep blue', source: 'vogel7' },
  },
  solid('FeS', 'iron(II) sulfide', { 'Fe^2+': 1, 'HS^-': 1, 'H^+': -1 }, -4.2, 'myers', 'flocculent', '#1e1e1e', 'black'),
  solid('FeCO3', 'iron(II) carbonate', { 'Fe^2+': 1, 'CO3^2-': 1 }, -10.3, 'smith-martell', 'flocculent', '#dfe3d2', 'white'),
  solid('FePO4', 'iron(III) phosphate', { 'Fe^3+': 1, 'PO4^3-': 1 }, -25.4, 'crc', 'flocculent', '#f0e8cc', 'yellowish white', { note: 'fresh: between the amorphous −24.5 and strengite’s −26.4, where iron comes down as phosphate from a hydrogenphosphate' }),
  solid('FeC2O4.2H2O', 'iron(II) oxalate', { 'Fe^2+': 1, 'C2O4^2-': 1 }, -6.5, 'crc', 'crystalline', '#ecdc6a', 'yellow'),
  solid('K2FeFe(CN)6', 'potassium iron(II) hexacyanoferrate(II)', { 'K^+': 2, 'Fe^2+': 1, 'Fe(CN)6^4-': 1 }, -13.5, 'kolthoff', 'flocculent', '#e6eff4', 'white', { note: 'turns blue as air oxidises it' }),
  solid('NaFeFe(CN)6', 'sodium iron(III) hexacyanoferrate(II), Prussian blue with sodium', { 'Na^+': 1, 'Fe^3+': 1, 'Fe(CN)6^4-': 1 }, -15.5, 'kolthoff', 'flocculent', '#16347f', 'deep blue', {
    note: 'set as that with potassium is, some hundred times more soluble',
  }),
  solid('KFeFe(CN)6', 'potassium iron(III) hexacyanoferrate(II), Prussian blue with potassium', { 'K^+': 1, 'Fe^3+': 1, 'Fe(CN)6^4-': 1 }, -17.5, 'kolthoff', 'flocculent', '#16347f', 'deep blue', {
    note: 'set by the sensitivity of the spot test, so that both pairs of iron and hexacyanoferrate give it although electrons could pass between them',
  }),
]
