import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

/** The iodo and thiourea complexes absorb in the violet: orange, yellow. */
const orange = bands('jorgensen', [460, 4800, 6000])

export const bismuthAqueous: readonly AqueousData[] = [
  { formula: 'Bi^3+', name: 'bismuth' },
  ...complexes('Bi^3+', 'OH^-', [-1.09, -4.0, -8.9, -21.8], 'baes-mesmer'),
  { formula: 'Bi6(OH)12^6+', from: { 'Bi^3+': 6, 'H^+': -12 }, logK: logK(0.33, 'baes-mesmer') },
  ...complexes('Bi^3+', 'Cl^-', [3.5, 5.5, 7.1, [8.1, { name: 'tetrachlorobismuthate(III)' }]], 'smith-martell'),
  ...complexes('Bi^3+', 'NO3^-', [1.7, 2.5], 'smith-martell'),
  ...complexes('Bi^3+', 'SO4^2-', [3.0, 4.4], 'smith-martell'),
  ...complexes('Bi^3+', 'I^-', [3.63, null, null, [15.0, { name: 'tetraiodobismuthate(III)', spectrum: orange }], 16.8], 'smith-martell'),
  ...complexes('Bi^3+', 'CH3COO^-', [3.5, 6.2], 'smith-martell'),
  ...complexes('Bi^3+', 'SC(NH2)2', [null, null, [8.2, { name: 'tris(thiourea)bismuth(III)', spectrum: bands('feigl', [400, 5000, 4200]) }]], 'smith-martell'),
  { formula: 'BiC4H4O6^+', from: { 'Bi^3+': 1, 'C4H4O6^2-': 1 }, logK: logK(8.3, 'smith-martell') },
  { formula: 'SC(NH2)2', name: 'thiourea' },
]

export const bismuthSolids: readonly SolidData[] = [
  solid('Bi(OH)3', 'bismuth hydroxide', { 'Bi^3+': 1, 'H^+': -3 }, 4.6, 'baes-mesmer', 'flocculent', '#f8f8f6', 'white', { note: 'fresh; the oxide has 3.46' }),
  solid('BiOCl', 'bismuth oxychloride', { 'Bi^3+': 1, 'Cl^-': 1, 'H^+': -2 }, -7.0, 'smith-martell', 'powdery', '#f9f9f7', 'white'),
  solid('BiONO3', 'basic bismuth nitrate', { 'Bi^3+': 1, 'NO3^-': 1, 'H^+': -2 }, -1.8, 'crc', 'powdery', '#f9f9f7', 'white'),
  solid('Bi2O2(OH)NO3', 'basic bismuth nitrate of much water', { 'Bi^3+': 2, 'NO3^-': 1, 'H^+': -5 }, -4.5, 'vogel7', 'powdery', '#f9f9f7', 'white', {
    note: 'set so that bismuth stays clear in 0.5 M nitric acid and clouds when that is poured into much water',
  }),
  solid('Bi2S3', 'bismuth sulfide', { 'Bi^3+': 2, 'HS^-': 3, 'H^+': -3 }, -58.1, 'smith-martell', 'flocculent', '#3a241a', 'brown-black'),
  solid('BiI3', 'bismuth iodide', { 'Bi^3+': 1, 'I^-': 3 }, -18.1, 'smith-martell', 'powdery', '#2a211f', 'black'),
  solid('BiOI', 'bismuth oxyiodide', { 'Bi^3+': 1, 'I^-': 1, 'H^+': -2 }, -12.0, 'crc', 'powdery', '#c8501e', 'orange', { gate: { rule: 'bismuth-iodide-turns-orange', from: 'BiI3', source: 'vogel7' } }),
  solid('BiPO4', 'bismuth phosphate', { 'Bi^3+': 1, 'PO4^3-': 1 }, -23, 'crc', 'powdery', '#f9f9f7', 'white'),
  solid('(BiO)2CrO4', 'bismuthyl chromate', { 'Bi^3+': 2, 'CrO4^2-': 1, 'H^+': -4 }, -13.5, 'kolthoff', 'powdery', '#e8b820', 'yellow', {
    note: 'set so that it forms from weakly acid chromate and dissolves in mineral acid',
  }),
]
