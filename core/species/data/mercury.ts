import { complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const mercuryAqueous: readonly AqueousData[] = [
  { formula: 'Hg^2+', name: 'mercury(II)' },
  ...complexes('Hg^2+', 'OH^-', [-3.4, -6.17, -21.1], 'baes-mesmer'),
  ...complexes('Hg^2+', 'Cl^-', [7.3, [14.0, { name: 'mercury(II) chloride' }], 15.0, [15.6, { name: 'tetrachloromercurate(II)' }]], 'smith-martell', { dH: -50 }),
  ...complexes('Hg^2+', 'I^-', [12.87, 23.82, 27.6, [29.83, { name: 'tetraiodomercurate(II)', dH: -185 }]], 'smith-martell', { dH: -100 }),
  ...complexes('Hg^2+', 'NH3', [8.8, [17.5, { name: 'diamminemercury(II)' }], 18.5, 19.3], 'smith-martell', { dH: -50, I: 2 }),
  ...complexes('Hg^2+', 'SCN^-', [9.1, 17.26, 19.97, [21.8, { name: 'tetrathiocyanatomercurate(II)' }]], 'smith-martell'),
  ...complexes('Hg^2+', 'CH3COO^-', [5.6, 9.3], 'smith-martell'),
  ...complexes('Hg^2+', 'SO4^2-', [1.34, 2.4], 'smith-martell'),
  ...complexes('Hg^2+', 'C2O4^2-', [9.66], 'smith-martell'),
  {
    formula: 'HgS2^2-',
    name: 'dithiomercurate(II)',
    from: { 'Hg^2+': 1, 'HS^-': 2, 'H^+': -2 },
    logK: logK(25.4, 'smith-martell', { note: 'mercury(II) sulfide dissolves in sodium sulfide with alkali, not in ammonium sulfide' }),
  },
  { formula: 'Hg2^2+', name: 'mercury(I)' },
  { formula: 'Hg2OH^+', from: { 'Hg2^2+': 1, 'H^+': -1 }, logK: logK(-5.0, 'baes-mesmer') },
]

export const mercurySolids: readonly SolidData[] = [
  solid('HgO', 'mercury(II) oxide', { 'Hg^2+': 1, 'H^+': -2 }, 2.5, 'baes-mesmer', 'powdery', '#eebf3f', 'yellow', { dH: -25 }),
  solid('HgS', 'mercury(II) sulfide', { 'Hg^2+': 1, 'HS^-': 1, 'H^+': -1 }, -38.8, 'myers', 'flocculent', '#1f1c1c', 'black'),
  solid('HgI2', 'mercury(II) iodide', { 'Hg^2+': 1, 'I^-': 2 }, -28.4, 'smith-martell', 'powdery', '#e0431f', 'scarlet', { dH: 105 }),
  solid('HgNH2Cl', 'mercury(II) amidochloride', { 'Hg^2+': 1, 'NH4^+': 1, 'Cl^-': 1, 'H^+': -2 }, -4.3, 'kolthoff', 'flocculent', '#f8f8f6', 'white', {
    note: 'set so that ammonia throws it down from mercury(II) chloride and much ammonium chloride takes some of it up',
  }),
  solid('Hg2ONH2NO3', 'basic mercury(II) amidonitrate', { 'Hg^2+': 2, 'NH4^+': 1, 'NO3^-': 1, 'H^+': -4 }, 0.2, 'kolthoff', 'flocculent', '#f8f8f6', 'white', {
    note: 'set as the chloride is; no constant is known well',
  }),
  solid('Hg2ONH2I', 'basic mercury(II) amidoiodide', { 'Hg^2+': 2, 'NH4^+': 1, 'I^-': 1, 'H^+': -4 }, -17.5, 'kolthoff', 'flocculent', '#b8621f', 'brown', {
    note: 'set so that alkaline tetraiodomercurate(II) shows 1e-5 mol/L of ammonium, as its sensitivity is given',
  }),
  solid('Hg2Cl2', 'mercury(I) chloride', { 'Hg2^2+': 1, 'Cl^-': 2 }, -17.9, 'smith-martell', 'powdery', '#f8f8f6', 'white', { dH: 98 }),
  solid('Hg2I2', 'mercury(I) iodide', { 'Hg2^2+': 1, 'I^-': 2 }, -28.3, 'smith-martell', 'powdery', '#9aa23a', 'green'),
  solid('Hg2SO4', 'mercury(I) sulfate', { 'Hg2^2+': 1, 'SO4^2-': 1 }, -6.13, 'smith-martell', 'crystalline', '#f6f6f2', 'white'),
  solid('Hg2CrO4', 'mercury(I) chromate', { 'Hg2^2+': 1, 'CrO4^2-': 1 }, -8.7, 'crc', 'powdery', '#9a3a22', 'brown'),
  solid('Hg2CO3', 'mercury(I) carbonate', { 'Hg2^2+': 1, 'CO3^2-': 1 }, -16.05, 'crc', 'powdery', '#e8dca0', 'yellow'),
  solid('Hg(SCN)2', 'mercury(II) thiocyanate', { 'Hg^2+': 1, 'SCN^-': 2 }, -19.6, 'smith-martell', 'crystalline', '#f6f6f4', 'white'),
  solid('HgCo(SCN)4', 'cobalt tetrathiocyanatomercurate(II)', { 'Hg^2+': 1, 'Co^2+': 1, 'SCN^-': 4 }, -27.6, 'feigl', 'crystalline', '#2446a8', 'deep blue', {
    note: 'set so that it forms in dilute acid, as the test is given',
  }),
  solid('HgZn(SCN)4', 'zinc tetrathiocyanatomercurate(II)', { 'Hg^2+': 1, 'Zn^2+': 1, 'SCN^-': 4 }, -28.4, 'feigl', 'crystalline', '#f6f6f4', 'white', {
    note: 'as the cobalt salt',
  }),
]
