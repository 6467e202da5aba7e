import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const aluminiumAqueous: readonly AqueousData[] = [
  { formula: 'Al^3+', name: 'aluminium' },
  { formula: 'AlOH^2+', from: { 'Al^3+': 1, 'H^+': -1 }, logK: logK(-5.0, 'nordstrom-may', { dH: 48.1 }) },
  { formula: 'Al(OH)2^+', from: { 'Al^3+': 1, 'H^+': -2 }, logK: logK(-10.1, 'nordstrom-may', { dH: 113 }) },
  { formula: 'Al(OH)3', from: { 'Al^3+': 1, 'H^+': -3 }, logK: logK(-16.8, 'nordstrom-may', { dH: 167 }) },
  { formula: 'Al(OH)4^-', name: 'tetrahydroxoaluminate', from: { 'Al^3+': 1, 'H^+': -4 }, logK: logK(-22.7, 'nordstrom-may', { dH: 177 }) },
  { formula: 'Al2(OH)2^4+', from: { 'Al^3+': 2, 'H^+': -2 }, logK: logK(-7.7, 'baes-mesmer', { dH: 77 }) },
  { formula: 'AlSO4^+', from: { 'Al^3+': 1, 'SO4^2-': 1 }, logK: logK(3.5, 'nordstrom-may', { dH: 9.6 }) },
  { formula: 'Al(SO4)2^-', from: { 'Al^3+': 1, 'SO4^2-': 2 }, logK: logK(5.0, 'nordstrom-may', { dH: 13 }) },
  ...complexes('Al^3+', 'F^-', [7.0, 12.6, 16.7, 19.1], 'smith-martell', { dH: 5 }),
  ...complexes('Al^3+', 'C2O4^2-', [7.3, 13.3, 17.1], 'smith-martell'),
  ...complexes('Al^3+', 'CH3COO^-', [2.8, 4.6], 'smith-martell'),
  { formula: 'AlHPO4^+', from: { 'Al^3+': 1, 'PO4^3-': 1, 'H^+': 1 }, logK: logK(19.5, 'smith-martell') },
  { formula: 'AlC4H4O6^+', from: { 'Al^3+': 1, 'C4H4O6^2-': 1 }, logK: logK(6.0, 'smith-martell') },
  { formula: 'Al(OH)2C4H4O6^-', from: { 'Al^3+': 1, 'C4H4O6^2-': 1, 'H^+': -2 }, logK: logK(0.5, 'vogel7', { note: 'set so that tartrate keeps the hydroxide from ammonia and alkali' }) },
  // Aluminon: the triammonium salt of aurintricarboxylic acid.
  { formula: 'C22H11O9^3-', name: 'aluminon', takesProtons: 1, spectrum: bands('feigl', [525, 9000, 4600]) },
  { formula: 'HC22H11O9^2-', from: { 'C22H11O9^3-': 1, 'H^+': 1 }, logK: logK(7.0, 'feigl'), spectrum: bands('feigl', [515, 3500, 5200]) },
]

export const aluminiumSolids: readonly SolidData[] = [
  {
    formula: 'Al(OH)3',
    name: 'aluminium hydroxide',
    to: { 'Al^3+': 1, 'H^+': -3 },
    logK: logK(9.7, 'nordstrom-may', { dH: -111, note: 'fresh gel within minutes, between microcrystalline gibbsite (9.35) and amorphous (10.8)' }),
    habit: 'gelatinous',
    colour: { hex: '#f1f3f4', words: 'white', source: 'vogel7' },
  },
  solid('AlPO4', 'aluminium phosphate', { 'Al^3+': 1, 'PO4^3-': 1 }, -19.4, 'crc', 'gelatinous', '#f4f5f5', 'white', { note: 'amorphous' }),
  solid('Al(OH)2C22H13O9', 'aluminon lake of aluminium hydroxide', { 'Al^3+': 1, 'C22H11O9^3-': 1 }, -22.8, 'feigl', 'flocculent', '#c8243c', 'red', { note: 'set by the sensitivity of the spot test' }),
  solid('Fe(OH)2C22H13O9', 'aluminon lake of iron(III) hydroxide', { 'Fe^3+': 1, 'C22H11O9^3-': 1 }, -28.5, 'feigl', 'flocculent', '#5a2a4a', 'violet-brown', { note: 'set as that of aluminium: iron(III) interferes' }),
  solid('Cr(OH)2C22H13O9', 'aluminon lake of chromium(III) hydroxide', { 'Cr^3+': 1, 'C22H11O9^3-': 1 }, -19.5, 'feigl', 'flocculent', '#b04a5a', 'red-brown', { note: 'ammonium carbonate takes it up, which that of aluminium resists' }),
]
