import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

const aqua = bands('jorgensen', [394, 5.2, 4200], [700, 2.1, 4200])
const some = bands('jorgensen', [380, 5.6, 4300], [640, 3.4, 4200])
const many = bands('jorgensen', [357, 6.3, 4300], [580, 5.0, 4300])

export const nickelAqueous: readonly AqueousData[] = [
  { formula: 'Ni^2+', name: 'nickel', spectrum: aqua },
  ...complexes('Ni^2+', 'OH^-', [[-9.86, { spectrum: aqua }], -19.0, -30.0, -44.0], 'baes-mesmer'),
  ...complexes('Ni^2+', 'NH3', [[2.8, { spectrum: aqua }], [5.04, { spectrum: some }], [6.77, { spectrum: some }], [7.96, { spectrum: many }], [8.71, { spectrum: many }], [8.74, { name: 'hexaamminenickel', dH: -87, spectrum: many }]], 'bjerrum', { I: 2, dH: -50 }),
  ...complexes('Ni^2+', 'SO4^2-', [[2.32, { dH: 6, spectrum: aqua }]], 'smith-martell'),
  ...complexes('Ni^2+', 'CH3COO^-', [[1.43, { spectrum: aqua }]], 'smith-martell'),
  ...complexes('Ni^2+', 'SCN^-', [[1.8, { spectrum: aqua }]], 'smith-martell'),
  ...complexes('Ni^2+', 'C2O4^2-', [[5.16, { spectrum: aqua }], [7.6, { spectrum: some }]], 'smith-martell'),
  // Dimethylglyoxime with one proton of its oximes gone.
  { formula: 'C4H7N2O2^-', name: 'dimethylglyoximate', takesProtons: 1 },
  { formula: 'C4H8N2O2', name: 'dimethylglyoxime', from: { 'C4H7N2O2^-': 1, 'H^+': 1 }, logK: logK(10.6, 'smith-martell') },
  { formula: 'Fe(C4H7N2O2)2', name: 'iron(II) dimethylglyoxime', from: { 'Fe^2+': 1, 'C4H7N2O2^-': 2 }, logK: logK(14.0, 'feigl', { note: 'set by the interference the spot test names' }), spectrum: bands('feigl', [512, 9000, 3400], [425, 6000, 4600]) },
  { formula: 'Co(C4H7N2O2)2', name: 'cobalt(II) dimethylglyoxime', from: { 'Co^2+': 1, 'C4H7N2O2^-': 2 }, logK: logK(15.0, 'smith-martell'), spectrum: bands('feigl', [400, 3000, 6500], [470, 700, 5000]) },
]

export const nickelSolids: readonly SolidData[] = [
  solid('Ni(OH)2', 'nickel hydroxide', { 'Ni^2+': 1, 'H^+': -2 }, 12.9, 'baes-mesmer', 'gelatinous', '#a6d3a0', 'green', { dH: -90, note: 'fresh; aged 10.8' }),
  solid('NiS', 'nickel sulfide', { 'Ni^2+': 1, 'HS^-': 1, 'H^+': -1 }, -5.5, 'smith-martell', 'flocculent', '#1f1d1d', 'black', { form: 'fresh' }),
  solid('NiS', 'nickel sulfide', { 'Ni^2+': 1, 'HS^-': 1, 'H^+': -1 }, -12.3, 'smith-martell', 'flocculent', '#1f1d1d', 'black', {
    form: 'aged',
    gate: { rule: 'nickel-and-cobalt-sulfides-age', after_min: 2, from: 'NiS (fresh)', source: 'kolthoff' },
  }),
  solid('NiCO3', 'basic nickel carbonate', { 'Ni^2+': 1, 'CO3^2-': 1 }, -8.2, 'smith-martell', 'flocculent', '#aed9ac', 'green'),
  solid('Ni3(PO4)2', 'nickel phosphate', { 'Ni^2+': 3, 'PO4^3-': 2 }, -31.3, 'crc', 'flocculent', '#a9d6a4', 'green'),
  solid('NiC2O4.2H2O', 'nickel oxalate', { 'Ni^2+': 1, 'C2O4^2-': 1 }, -9.4, 'smith-martell', 'crystalline', '#c4dcc0', 'pale green', {
    gate: { rule: 'oxalate-comes-slowly', after_min: 5, source: 'vogel7' },
  }),
  solid('Ni2Fe(CN)6', 'nickel hexacyanoferrate(II)', { 'Ni^2+': 2, 'Fe(CN)6^4-': 1 }, -14.9, 'crc', 'flocculent', '#b6d8b0', 'pale green'),
  solid('Ni3(Fe(CN)6)2', 'nickel hexacyanoferrate(III)', { 'Ni^2+': 3, 'Fe(CN)6^3-': 2 }, -24, 'kolthoff', 'flocculent', '#b0903a', 'yellow-brown'),
  solid('Ni(C4H7N2O2)2', 'nickel dimethylglyoxime', { 'Ni^2+': 1, 'C4H7N2O2^-': 2 }, -23.66, 'smith-martell', 'flocculent', '#d8283c', 'red'),
]
