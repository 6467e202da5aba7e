import { bands, complexes, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const manganeseAqueous: readonly AqueousData[] = [
  // The spin-forbidden bands are so weak that only strong solutions look pink.
  { formula: 'Mn^2+', name: 'manganese(II)', spectrum: bands('jorgensen', [401, 0.03, 1200], [530, 0.025, 3200]) },
  ...complexes('Mn^2+', 'OH^-', [-10.59, -22.2, -34.8], 'baes-mesmer'),
  ...complexes('Mn^2+', 'NH3', [1.0, 1.54], 'smith-martell'),
  ...complexes('Mn^2+', 'SO4^2-', [2.26], 'smith-martell', { dH: 14 }),
  ...complexes('Mn^2+', 'Cl^-', [0.6], 'smith-martell'),
  ...complexes('Mn^2+', 'C2O4^2-', [3.95, 5.3], 'smith-martell'),
  ...complexes('Mn^2+', 'CH3COO^-', [1.4], 'smith-martell'),
  { formula: 'MnO4^-', name: 'permanganate', spectrum: bands('cotton', [526, 2400, 3600], [546, 900, 1400], [310, 1700, 5000]) },
  { formula: 'MnO4^2-', name: 'manganate', spectrum: bands('cotton', [606, 1550, 3600], [439, 1100, 3600]) },
]

export const manganeseSolids: readonly SolidData[] = [
  solid('Mn(OH)2', 'manganese(II) hydroxide', { 'Mn^2+': 1, 'H^+': -2 }, 15.3, 'baes-mesmer', 'gelatinous', '#f4f1ec', 'white', { dH: -98 }),
  solid('MnS', 'manganese(II) sulfide', { 'Mn^2+': 1, 'HS^-': 1, 'H^+': -1 }, 3.2, 'myers', 'flocculent', '#eebfa6', 'pale pink'),
  solid('MnCO3', 'manganese(II) carbonate', { 'Mn^2+': 1, 'CO3^2-': 1 }, -9.8, 'smith-martell', 'powdery', '#f5f0ea', 'white'),
  solid('MnHPO4', 'manganese(II) hydrogenphosphate', { 'Mn^2+': 1, 'PO4^3-': 1, 'H^+': 1 }, -25.3, 'crc', 'flocculent', '#f5ece8', 'white'),
  solid('MnNH4PO4.H2O', 'manganese ammonium phosphate', { 'Mn^2+': 1, 'NH4^+': 1, 'PO4^3-': 1 }, -12.3, 'kolthoff', 'silky', '#f0d9d4', 'pale pink'),
  solid('MnC2O4.2H2O', 'manganese(II) oxalate', { 'Mn^2+': 1, 'C2O4^2-': 1 }, -6.8, 'smith-martell', 'crystalline', '#f5eeec', 'white', {
    gate: { rule: 'oxalate-comes-slowly', after_min: 5, source: 'vogel7' },
  }),
  solid('Mn2Fe(CN)6', 'manganese(II) hexacyanoferrate(II)', { 'Mn^2+': 2, 'Fe(CN)6^4-': 1 }, -12.1, 'crc', 'powdery', '#f4f4ee', 'white'),
  solid('Mn3(Fe(CN)6)2', 'manganese(II) hexacyanoferrate(III)', { 'Mn^2+': 3, 'Fe(CN)6^3-': 2 }, -19.5, 'kolthoff', 'powdery', '#9a6a3a', 'brown'),
]
