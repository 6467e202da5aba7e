import { complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

const THERMONEUTRAL = 'enthalpy estimated: dissolving the hydroxide in alkali taken as thermoneutral'

export const zincAqueous: readonly AqueousData[] = [
  { formula: 'Zn^2+', name: 'zinc' },
  { formula: 'ZnOH^+', from: { 'Zn^2+': 1, 'H^+': -1 }, logK: logK(-8.96, 'baes-mesmer', { dH: 55 }) },
  { formula: 'Zn(OH)2', from: { 'Zn^2+': 1, 'H^+': -2 }, logK: logK(-17.8, 'brown-ekberg') },
  { formula: 'Zn(OH)3^-', from: { 'Zn^2+': 1, 'H^+': -3 }, logK: logK(-28.1, 'brown-ekberg', { dH: 136, note: THERMONEUTRAL }) },
  { formula: 'Zn(OH)4^2-', name: 'tetrahydroxozincate', from: { 'Zn^2+': 1, 'H^+': -4 }, logK: logK(-40.5, 'brown-ekberg', { dH: 192, note: THERMONEUTRAL }) },
  { formula: 'ZnNH3^2+', from: { 'Zn^2+': 1, NH3: 1 }, logK: logK(2.21, 'smith-martell', { dH: -13, I: 2 }) },
  { formula: 'Zn(NH3)2^2+', from: { 'Zn^2+': 1, NH3: 2 }, logK: logK(4.5, 'smith-martell', { dH: -27, I: 2 }) },
  { formula: 'Zn(NH3)3^2+', from: { 'Zn^2+': 1, NH3: 3 }, logK: logK(6.86, 'smith-martell', { dH: -42, I: 2 }) },
  { formula: 'Zn(NH3)4^2+', name: 'tetraamminezinc', from: { 'Zn^2+': 1, NH3: 4 }, logK: logK(9.2, 'smith-martell', { dH: -62, I: 2 }) },
  { formula: 'ZnCl^+', from: { 'Zn^2+': 1, 'Cl^-': 1 }, logK: logK(0.4, 'smith-martell', { dH: 5 }) },
  { formula: 'ZnSO4', from: { 'Zn^2+': 1, 'SO4^2-': 1 }, logK: logK(2.34, 'smith-martell', { dH: 6 }) },
  { formula: 'ZnCH3COO^+', from: { 'Zn^2+': 1, 'CH3COO^-': 1 }, logK: logK(1.58, 'smith-martell') },
  ...complexes('Zn^2+', 'SCN^-', [1.33, 1.9], 'smith-martell'),
  ...complexes('Zn^2+', 'C2O4^2-', [4.9, 7.6], 'smith-martell'),
]

export const zincSolids: readonly SolidData[] = [
  {
    formula: 'Zn(OH)2',
    name: 'zinc hydroxide',
    to: { 'Zn^2+': 1, 'H^+': -2 },
    logK: logK(12.2, 'baes-mesmer', { dH: -80, note: 'fresh; the stable form has 11.4' }),
    habit: 'gelatinous',
    colour: { hex: '#f3f4f4', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Zn5(CO3)2(OH)6',
    name: 'basic zinc carbonate',
    to: { 'Zn^2+': 5, 'CO3^2-': 2, 'H^+': -6 },
    logK: logK(8.9, 'wateq4f'),
    habit: 'flocculent',
    colour: { hex: '#f7f7f5', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Zn2Fe(CN)6',
    name: 'zinc hexacyanoferrate(II)',
    to: { 'Zn^2+': 2, 'Fe(CN)6^4-': 1 },
    logK: logK(-15.4, 'crc'),
    habit: 'flocculent',
    colour: { hex: '#f1f3ee', words: 'white', source: 'vogel7' },
  },
  solid('ZnS', 'zinc sulfide', { 'Zn^2+': 1, 'HS^-': 1, 'H^+': -1 }, -8.2, 'myers', 'flocculent', '#f6f6f3', 'white', { note: 'between wurtzite (−8.6) and what falls first' }),
  solid('ZnC2O4', 'zinc oxalate', { 'Zn^2+': 1, 'C2O4^2-': 1 }, -8.8, 'smith-martell', 'crystalline', '#f8f8f6', 'white'),
  solid('Zn3(PO4)2', 'zinc phosphate', { 'Zn^2+': 3, 'PO4^3-': 2 }, -35.3, 'smith-martell', 'flocculent', '#f8f8f6', 'white'),
  solid('Zn3(Fe(CN)6)2', 'zinc hexacyanoferrate(III)', { 'Zn^2+': 3, 'Fe(CN)6^3-': 2 }, -22, 'kolthoff', 'powdery', '#e0b44a', 'yellow-orange'),
]
