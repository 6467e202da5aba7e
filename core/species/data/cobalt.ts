import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

const aqua = bands('jorgensen', [510, 4.8, 3400])
const ammine = bands('jorgensen', [490, 10, 4200])
const tetrahedral = (absorptivity: number): ReturnType<typeof bands> => bands('jorgensen', [630, absorptivity, 2600], [685, 0.7 * absorptivity, 1400])

export const cobaltAqueous: readonly AqueousData[] = [
  { formula: 'Co^2+', name: 'cobalt(II)', spectrum: aqua },
  ...complexes('Co^2+', 'OH^-', [[-9.65, { spectrum: aqua }], -18.8, -31.5, [-46.3, { name: 'tetrahydroxocobaltate(II)', spectrum: tetrahedral(150) }]], 'baes-mesmer'),
  ...complexes('Co^2+', 'NH3', [[2.11, { spectrum: aqua }], [3.74, { spectrum: aqua }], [4.79, { spectrum: ammine }], [5.55, { spectrum: ammine }], [5.73, { name: 'pentaamminecobalt(II)', spectrum: ammine }], 5.11], 'bjerrum', { I: 2 }),
  ...complexes('Co^2+', 'SO4^2-', [[2.36, { dH: 6, spectrum: aqua }]], 'smith-martell'),
  {
    formula: 'CoCl4^2-',
    name: 'tetrachlorocobaltate(II)',
    from: { 'Co^2+': 1, 'Cl^-': 4 },
    logK: logK(-3.6, 'cotton', { dH: 50, note: 'effective, for hydrochloric acid above 6 mol/L, where the solution is blue' }),
    spectrum: tetrahedral(560),
  },
  ...complexes('Co^2+', 'SCN^-', [[1.7, { spectrum: aqua }], null, null, [1.6, { name: 'tetrathiocyanatocobaltate(II)', spectrum: bands('jorgensen', [620, 1700, 2400]) }]], 'smith-martell'),
  ...complexes('Co^2+', 'CH3COO^-', [[1.46, { spectrum: aqua }]], 'smith-martell'),
  ...complexes('Co^2+', 'C2O4^2-', [[4.7, { spectrum: aqua }], [6.9, { spectrum: aqua }]], 'smith-martell'),
  { formula: 'Co^3+', name: 'cobalt(III)' },
  ...complexes('Co^3+', 'NH3', [null, null, null, null, null, [35.2, { name: 'hexaamminecobalt(III)', spectrum: bands('jorgensen', [475, 60, 4200], [340, 55, 4000]) }]], 'bjerrum', { I: 2 }),
  ...complexes('Co^3+', 'NO2^-', [null, null, null, null, null, [38.0, { name: 'hexanitrocobaltate(III)', spectrum: bands('jorgensen', [480, 210, 4600], [350, 3000, 5000]) }]], 'kolthoff', {
    note: 'set so that nitrite and acetic acid make it and mineral acid destroys it',
  }),
  { formula: 'C10H4NO8S2^3-', name: 'nitroso-R', takesProtons: 1, spectrum: bands('feigl', [372, 9000, 5200], [430, 1500, 4200]) },
  { formula: 'HC10H4NO8S2^2-', from: { 'C10H4NO8S2^3-': 1, 'H^+': 1 }, logK: logK(6.9, 'smith-martell'), spectrum: bands('feigl', [370, 8000, 5200]) },
  {
    formula: 'Co(C10H4NO8S2)3^7-',
    name: 'cobalt nitroso-R complex',
    from: { 'Co^2+': 1, 'C10H4NO8S2^3-': 3 },
    logK: logK(18, 'feigl', { note: 'the ligand itself oxidises the cobalt; counted as of cobalt(II), set by the sensitivity of the test' }),
    spectrum: bands('feigl', [425, 35000, 5200], [500, 15000, 4600]),
  },
]

export const cobaltSolids: readonly SolidData[] = [
  // Two forms: the blue basic one falls first in the cold and turns pink.
  solid('Co(OH)2', 'cobalt(II) hydroxide', { 'Co^2+': 1, 'H^+': -2 }, 13.7, 'baes-mesmer', 'flocculent', '#4a74b8', 'blue', { form: 'blue', dH: -90 }),
  solid('Co(OH)2', 'cobalt(II) hydroxide', { 'Co^2+': 1, 'H^+': -2 }, 12.9, 'baes-mesmer', 'flocculent', '#e0a0a8', 'pink', {
    form: 'pink',
    dH: -90,
    gate: { rule: 'cobalt-hydroxide-turns-pink', after_min: 4, from: 'Co(OH)2 (blue)', source: 'vogel7' },
  }),
  solid('Co(OH)3', 'cobalt(III) hydroxide', { 'Co^3+': 1, 'H^+': -3 }, -2.5, 'baes-mesmer', 'flocculent', '#2f241f', 'brown-black'),
  solid('CoS', 'cobalt(II) sulfide', { 'Co^2+': 1, 'HS^-': 1, 'H^+': -1 }, -7.4, 'smith-martell', 'flocculent', '#1f1d1d', 'black', { form: 'fresh' }),
  solid('CoS', 'cobalt(II) sulfide', { 'Co^2+': 1, 'HS^-': 1, 'H^+': -1 }, -11.7, 'smith-martell', 'flocculent', '#1f1d1d', 'black', {
    form: 'aged',
    gate: { rule: 'nickel-and-cobalt-sulfides-age', after_min: 2, from: 'CoS (fresh)', source: 'kolthoff' },
  }),
  solid('CoCO3', 'basic cobalt(II) carbonate', { 'Co^2+': 1, 'CO3^2-': 1 }, -9.98, 'smith-martell', 'flocculent', '#c78fb0', 'violet-pink'),
  solid('Co3(PO4)2', 'cobalt(II) phosphate', { 'Co^2+': 3, 'PO4^3-': 2 }, -34.7, 'crc', 'flocculent', '#8a6fc0', 'violet'),
  solid('CoC2O4.2H2O', 'cobalt(II) oxalate', { 'Co^2+': 1, 'C2O4^2-': 1 }, -8.6, 'smith-martell', 'crystalline', '#e6b3b8', 'pink', {
    gate: { rule: 'oxalate-comes-slowly', after_min: 3, source: 'vogel7' },
  }),
  solid('Co2Fe(CN)6', 'cobalt(II) hexacyanoferrate(II)', { 'Co^2+': 2, 'Fe(CN)6^4-': 1 }, -14.7, 'crc', 'flocculent', '#7fa07a', 'grey-green'),
  solid('Co3(Fe(CN)6)2', 'cobalt(II) hexacyanoferrate(III)', { 'Co^2+': 3, 'Fe(CN)6^3-': 2 }, -26, 'kolthoff', 'flocculent', '#8a2a2a', 'brown-red'),
  solid('K2NaCo(NO2)6', 'potassium sodium hexanitrocobaltate(III)', { 'K^+': 2, 'Na^+': 1, 'Co^3+': 1, 'NO2^-': 6 }, -48.6, 'smith-martell', 'crystalline', '#f0c52a', 'yellow'),
  solid('(NH4)2NaCo(NO2)6', 'ammonium sodium hexanitrocobaltate(III)', { 'NH4^+': 2, 'Na^+': 1, 'Co^3+': 1, 'NO2^-': 6 }, -48.3, 'smith-martell', 'crystalline', '#f0c52a', 'yellow'),
  solid('K3Co(NO2)6', 'potassium hexanitrocobaltate(III)', { 'K^+': 3, 'Co^3+': 1, 'NO2^-': 6 }, -46.0, 'kolthoff', 'crystalline', '#efc023', 'yellow', {
    note: 'set beside the sodium double salt',
  }),
]
