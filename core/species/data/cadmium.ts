import { complexes, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const cadmiumAqueous: readonly AqueousData[] = [
  { formula: 'Cd^2+', name: 'cadmium' },
  ...complexes('Cd^2+', 'OH^-', [-10.08, -20.35, -33.3, -47.35], 'baes-mesmer'),
  ...complexes('Cd^2+', 'NH3', [2.65, 4.75, 6.19, [7.12, { name: 'tetraamminecadmium', dH: -53 }]], 'smith-martell', { dH: -30 }),
  ...complexes('Cd^2+', 'Cl^-', [1.98, 2.6, 2.4, [1.7, { name: 'tetrachlorocadmate' }]], 'smith-martell', { dH: 1 }),
  ...complexes('Cd^2+', 'I^-', [2.28, 3.92, 5.0, [6.0, { name: 'tetraiodocadmate' }]], 'smith-martell'),
  ...complexes('Cd^2+', 'SO4^2-', [2.46], 'smith-martell', { dH: 10 }),
  ...complexes('Cd^2+', 'CH3COO^-', [1.93, 3.15], 'smith-martell'),
  ...complexes('Cd^2+', 'SCN^-', [1.89, 2.78], 'smith-martell'),
]

export const cadmiumSolids: readonly SolidData[] = [
  solid('Cd(OH)2', 'cadmium hydroxide', { 'Cd^2+': 1, 'H^+': -2 }, 14.0, 'baes-mesmer', 'gelatinous', '#f6f7f7', 'white', { dH: -95, note: 'fresh; aged 13.65' }),
  solid('CdS', 'cadmium sulfide', { 'Cd^2+': 1, 'HS^-': 1, 'H^+': -1 }, -13.1, 'myers', 'flocculent', '#f0c020', 'yellow', { dH: 10 }),
  solid('CdCO3', 'cadmium carbonate', { 'Cd^2+': 1, 'CO3^2-': 1 }, -11.6, 'smith-martell', 'powdery', '#f8f8f6', 'white'),
  solid('CdC2O4', 'cadmium oxalate', { 'Cd^2+': 1, 'C2O4^2-': 1 }, -7.86, 'smith-martell', 'crystalline', '#f8f8f6', 'white'),
  solid('Cd2Fe(CN)6', 'cadmium hexacyanoferrate(II)', { 'Cd^2+': 2, 'Fe(CN)6^4-': 1 }, -17.4, 'crc', 'flocculent', '#f4f4ee', 'white'),
  solid('Cd3(PO4)2', 'cadmium phosphate', { 'Cd^2+': 3, 'PO4^3-': 2 }, -32.6, 'crc', 'flocculent', '#f8f8f6', 'white'),
]
