import { logHenry, logK } from '../define'
import type { AqueousData, GasData } from '../types'

/** Sodium, potassium and ammonium: nothing of theirs precipitates here; ammonia leaves as a gas. */
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
