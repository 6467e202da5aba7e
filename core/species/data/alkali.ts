import { logHenry, logK, solid } from '../define'
import type { AqueousData, GasData, SolidData } from '../types'

/** The alkali metals and ammonium; ammonia leaves as a gas. */
export const alkaliAqueous: readonly AqueousData[] = [
  { formula: 'Na^+', name: 'sodium' },
  { formula: 'NaSO4^-', from: { 'Na^+': 1, 'SO4^2-': 1 }, logK: logK(0.7, 'smith-martell', { dH: 5 }) },
  { formula: 'K^+', name: 'potassium' },
  { formula: 'KSO4^-', from: { 'K^+': 1, 'SO4^2-': 1 }, logK: logK(0.85, 'smith-martell', { dH: 5 }) },
  { formula: 'NaCH3COO', from: { 'Na^+': 1, 'CH3COO^-': 1 }, logK: logK(-0.1, 'smith-martell') },
  { formula: 'NaCO3^-', from: { 'Na^+': 1, 'CO3^2-': 1 }, logK: logK(1.27, 'smith-martell', { dH: -20 }) },
  { formula: 'NH4^+', name: 'ammonium' },
  { formula: 'NH3', name: 'ammonia', from: { 'NH4^+': 1, 'H^+': -1 }, logK: logK(-9.244, 'smith-martell', { dH: 52.0 }) },
  { formula: 'NH4SO4^-', from: { 'NH4^+': 1, 'SO4^2-': 1 }, logK: logK(1.03, 'smith-martell') },
  { formula: 'Li^+', name: 'lithium' },
  { formula: 'LiSO4^-', from: { 'Li^+': 1, 'SO4^2-': 1 }, logK: logK(0.64, 'smith-martell') },
  { formula: 'B(C6H5)4^-', name: 'tetraphenylborate' },
]

export const alkaliGases: readonly GasData[] = [
  {
    formula: 'NH3',
    name: 'ammonia',
    dissolvesAs: { NH3: 1 },
    logK: logHenry(-1.77, 'sander', { dH: 34 }),
    // Odour is noticed at some 5 to 50 ppm by volume; 30 ppm is taken for a hurried sniff.
    smell: { word: 'pungent, ammonia', threshold_atm: 3e-5 },
    colour: 'colourless',
    caution: 'Ammonia: pungent, irritates eyes and lungs. Waft, do not inhale; use the hood.',
    source: 'niosh',
  },
]

export const alkaliSolids: readonly SolidData[] = [
  solid('Li2CO3', 'lithium carbonate', { 'Li^+': 2, 'CO3^2-': 1 }, -3.1, 'crc', 'crystalline', '#f8f8f6', 'white', {
    dH: -18,
    gate: { rule: 'lithium-salts-come-slowly', after_min: 2, source: 'vogel7' },
  }),
  solid('Li3PO4', 'lithium phosphate', { 'Li^+': 3, 'PO4^3-': 1 }, -10.5, 'crc', 'crystalline', '#f8f8f6', 'white', {
    gate: { rule: 'lithium-salts-come-slowly', after_min: 5, source: 'vogel7' },
  }),
  solid('LiF', 'lithium fluoride', { 'Li^+': 1, 'F^-': 1 }, -2.77, 'crc', 'gelatinous', '#f8f8f6', 'white'),
  solid('KB(C6H5)4', 'potassium tetraphenylborate', { 'K^+': 1, 'B(C6H5)4^-': 1 }, -7.65, 'smith-martell', 'flocculent', '#f8f8f6', 'white'),
  solid('NH4B(C6H5)4', 'ammonium tetraphenylborate', { 'NH4^+': 1, 'B(C6H5)4^-': 1 }, -7.0, 'kolthoff', 'flocculent', '#f8f8f6', 'white'),
  solid('AgB(C6H5)4', 'silver tetraphenylborate', { 'Ag^+': 1, 'B(C6H5)4^-': 1 }, -13.2, 'kolthoff', 'flocculent', '#f6f6f4', 'white'),
  solid('KHC4H4O6', 'potassium hydrogentartrate', { 'K^+': 1, 'H^+': 1, 'C4H4O6^2-': 1 }, -7.8, 'crc', 'crystalline', '#f8f8f6', 'white', {
    dH: 35,
    gate: { rule: 'tartrate-comes-slowly', after_min: 2, source: 'vogel7' },
  }),
]
