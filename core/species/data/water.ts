import { logHenry, logK } from '../define'
import type { AqueousData, GasData, SolidData } from '../types'

/** Water, the anions of acids, what they form with the proton, and the gases they leave as. */
export const waterAqueous: readonly AqueousData[] = [
  { formula: 'H^+', name: 'hydrogen ion' },
  { formula: 'OH^-', name: 'hydroxide ion', from: { 'H^+': -1 }, logK: logK(-13.995, 'smith-martell', { dH: 55.8 }) },
  { formula: 'Cl^-', name: 'chloride' },
  { formula: 'NO3^-', name: 'nitrate' },
  { formula: 'SO4^2-', name: 'sulfate' },
  { formula: 'HSO4^-', from: { 'SO4^2-': 1, 'H^+': 1 }, logK: logK(1.99, 'smith-martell', { dH: 22 }) },
  { formula: 'CO3^2-', name: 'carbonate', takesProtons: 2 },
  { formula: 'HCO3^-', name: 'hydrogencarbonate', from: { 'CO3^2-': 1, 'H^+': 1 }, logK: logK(10.329, 'smith-martell', { dH: -14.7 }) },
  { formula: 'CO2', name: 'carbon dioxide', from: { 'CO3^2-': 1, 'H^+': 2 }, logK: logK(16.681, 'smith-martell', { dH: -23.8 }) },
  { formula: 'CH3COO^-', name: 'acetate', takesProtons: 1 },
  { formula: 'CH3COOH', name: 'acetic acid', from: { 'CH3COO^-': 1, 'H^+': 1 }, logK: logK(4.757, 'smith-martell', { dH: 0.4 }) },
  { formula: 'I^-', name: 'iodide' },
  {
    formula: 'I2',
    name: 'iodine',
    // The band of iodine in water; brown in hydrogen-bonding solvents.
    spectrum: { bands: [{ peak_nm: 460, absorptivity: 746, width_cm: 5600 }], source: 'cotton' },
  },
  {
    formula: 'I3^-',
    name: 'triiodide',
    from: { 'I^-': 1, I2: 1 },
    logK: logK(2.85, 'smith-martell', { dH: -17 }),
    spectrum: { bands: [{ peak_nm: 353, absorptivity: 26400, width_cm: 4600 }, { peak_nm: 440, absorptivity: 1000, width_cm: 11000 }], source: 'cotton' },
  },
  { formula: 'SO3^2-', name: 'sulfite', takesProtons: 2 },
  { formula: 'HSO3^-', name: 'hydrogensulfite', from: { 'SO3^2-': 1, 'H^+': 1 }, logK: logK(7.18, 'smith-martell', { dH: 3.7 }) },
  { formula: 'SO2', name: 'sulfur dioxide', from: { 'SO3^2-': 1, 'H^+': 2 }, logK: logK(9.04, 'smith-martell', { dH: 21.5 }) },
  { formula: 'NO2^-', name: 'nitrite', takesProtons: 1 },
  { formula: 'HNO2', name: 'nitrous acid', from: { 'NO2^-': 1, 'H^+': 1 }, logK: logK(3.15, 'smith-martell', { dH: -7.5 }) },
  { formula: 'NO2', name: 'nitrogen dioxide' },
]

export const waterGases: readonly GasData[] = [
  {
    formula: 'CO2',
    name: 'carbon dioxide',
    dissolvesAs: { CO2: 1 },
    logK: logHenry(1.47, 'sander', { dH: 19.4 }),
    smell: null,
    colour: 'colourless',
    caution: '',
    source: 'sander',
  },
  {
    formula: 'CH3COOH',
    name: 'acetic acid vapour',
    dissolvesAs: { CH3COOH: 1 },
    logK: logHenry(-3.65, 'sander', { dH: 52 }),
    // Noticed at some tenths of a part in a million; three parts for a hurried sniff.
    smell: { word: 'vinegar', threshold_atm: 3e-6 },
    colour: 'colourless',
    caution: '',
    source: 'niosh',
  },
  {
    formula: 'HCl',
    name: 'hydrogen chloride',
    dissolvesAs: { 'H^+': 1, 'Cl^-': 1 },
    logK: logHenry(-6.3, 'sander', { dH: 74.8 }),
    smell: { word: 'pungent, acid', threshold_atm: 2e-5 },
    colour: 'colourless',
    caution: 'Hydrogen chloride: choking fumes. In the hood.',
    source: 'niosh',
  },
  {
    formula: 'SO2',
    name: 'sulfur dioxide',
    dissolvesAs: { SO2: 1 },
    logK: logHenry(-0.09, 'sander', { dH: 26 }),
    smell: { word: 'choking, burning sulfur', threshold_atm: 2e-6 },
    colour: 'colourless',
    caution: 'Sulfur dioxide: poisonous, choking. In the hood.',
    source: 'niosh',
  },
  {
    formula: 'I2',
    name: 'iodine vapour',
    dissolvesAs: { I2: 1 },
    logK: logHenry(-0.48, 'sander', { dH: 40 }),
    smell: { word: 'iodine', threshold_atm: 3e-6 },
    colour: '#8d3fa0',
    visible_atm: 2e-4,
    caution: 'Iodine vapour: hurts eyes and lungs. In the hood.',
    source: 'niosh',
  },
  {
    formula: 'NO2',
    name: 'nitrogen dioxide',
    dissolvesAs: { NO2: 1 },
    inWater: { 'H^+': 1, 'NO3^-': 0.5, 'NO2^-': 0.5 },
    logK: logHenry(1.9, 'sander', { dH: 21 }),
    smell: { word: 'pungent, nitrous', threshold_atm: 1e-6 },
    colour: '#8f5f2e',
    visible_atm: 5e-3,
    caution: 'Nitrogen dioxide: brown, poisonous, harm comes hours later. In the hood, a small amount only.',
    source: 'niosh',
  },
]

export const waterSolids: readonly SolidData[] = [
  {
    formula: 'I2',
    name: 'iodine',
    to: { I2: 1 },
    logK: logK(-2.88, 'crc', { dH: 22 }),
    habit: 'crystalline',
    colour: { hex: '#2a2430', words: 'black', source: 'vogel7' },
  },
]
