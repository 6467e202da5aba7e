import { logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

/** No enthalpy is known well: taken so that the hydroxide dissolves in alkali without heat, as others of its kind nearly do. */
const THERMONEUTRAL = 'enthalpy estimated: dissolving the hydroxide in alkali taken as thermoneutral'

export const leadAqueous: readonly AqueousData[] = [
  { formula: 'Pb^2+', name: 'lead' },
  { formula: 'PbOH^+', from: { 'Pb^2+': 1, 'H^+': -1 }, logK: logK(-7.6, 'baes-mesmer') },
  { formula: 'Pb(OH)2', from: { 'Pb^2+': 1, 'H^+': -2 }, logK: logK(-17.1, 'baes-mesmer') },
  { formula: 'Pb(OH)3^-', name: 'trihydroxoplumbate(II)', from: { 'Pb^2+': 1, 'H^+': -3 }, logK: logK(-28.1, 'baes-mesmer', { dH: 118, note: THERMONEUTRAL }) },
  { formula: 'Pb4(OH)4^4+', from: { 'Pb^2+': 4, 'H^+': -4 }, logK: logK(-20.9, 'baes-mesmer', { dH: 86 }) },
  { formula: 'PbNO3^+', from: { 'Pb^2+': 1, 'NO3^-': 1 }, logK: logK(1.17, 'smith-martell', { dH: -2 }) },
  { formula: 'PbCl^+', from: { 'Pb^2+': 1, 'Cl^-': 1 }, logK: logK(1.55, 'smith-martell', { dH: 4 }) },
  { formula: 'PbCl2', from: { 'Pb^2+': 1, 'Cl^-': 2 }, logK: logK(2.2, 'smith-martell', { dH: 8 }) },
  { formula: 'PbCl3^-', from: { 'Pb^2+': 1, 'Cl^-': 3 }, logK: logK(1.8, 'smith-martell', { dH: 10 }) },
  { formula: 'PbCl4^2-', from: { 'Pb^2+': 1, 'Cl^-': 4 }, logK: logK(1.4, 'smith-martell', { dH: 15 }) },
  { formula: 'PbI^+', from: { 'Pb^2+': 1, 'I^-': 1 }, logK: logK(1.94, 'smith-martell') },
  { formula: 'PbI2', from: { 'Pb^2+': 1, 'I^-': 2 }, logK: logK(3.2, 'smith-martell') },
  { formula: 'PbI3^-', from: { 'Pb^2+': 1, 'I^-': 3 }, logK: logK(3.9, 'smith-martell') },
  { formula: 'PbI4^2-', name: 'tetraiodoplumbate(II)', from: { 'Pb^2+': 1, 'I^-': 4 }, logK: logK(4.5, 'smith-martell') },
  { formula: 'PbSO4', from: { 'Pb^2+': 1, 'SO4^2-': 1 }, logK: logK(2.75, 'smith-martell') },
  { formula: 'PbCO3', from: { 'Pb^2+': 1, 'CO3^2-': 1 }, logK: logK(6.6, 'smith-martell') },
  { formula: 'PbCH3COO^+', from: { 'Pb^2+': 1, 'CH3COO^-': 1 }, logK: logK(2.68, 'smith-martell') },
  { formula: 'Pb(CH3COO)2', name: 'lead acetate, undissociated', from: { 'Pb^2+': 1, 'CH3COO^-': 2 }, logK: logK(4.08, 'smith-martell') },
]

export const leadSolids: readonly SolidData[] = [
  {
    formula: 'PbCl2',
    name: 'lead chloride',
    to: { 'Pb^2+': 1, 'Cl^-': 2 },
    logK: logK(-4.78, 'smith-martell', { dH: 22.6 }),
    habit: 'crystalline',
    colour: { hex: '#f7f7f5', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'PbI2',
    name: 'lead iodide',
    to: { 'Pb^2+': 1, 'I^-': 2 },
    logK: logK(-8.1, 'smith-martell', { dH: 63 }),
    habit: 'crystalline',
    colour: { hex: '#f2cf1e', words: 'yellow', source: 'vogel7' },
  },
  {
    formula: 'PbSO4',
    name: 'lead sulfate',
    to: { 'Pb^2+': 1, 'SO4^2-': 1 },
    logK: logK(-7.79, 'smith-martell', { dH: 12 }),
    habit: 'powdery',
    colour: { hex: '#f9f9f7', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'PbCO3',
    name: 'lead carbonate',
    to: { 'Pb^2+': 1, 'CO3^2-': 1 },
    logK: logK(-13.13, 'smith-martell', { dH: 24 }),
    habit: 'powdery',
    colour: { hex: '#f9f9f7', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Pb3(CO3)2(OH)2',
    name: 'basic lead carbonate',
    to: { 'Pb^2+': 3, 'CO3^2-': 2, 'H^+': -2 },
    logK: logK(-18.0, 'wateq4f'),
    habit: 'powdery',
    colour: { hex: '#f9f9f7', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Pb(OH)2',
    name: 'lead hydroxide',
    to: { 'Pb^2+': 1, 'H^+': -2 },
    logK: logK(13.0, 'baes-mesmer', { dH: -62, note: 'fresh hydroxide, near the red oxide’s 12.7' }),
    habit: 'flocculent',
    colour: { hex: '#f6f6f4', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'PbO',
    name: 'lead(II) oxide',
    to: { 'Pb^2+': 1, 'H^+': -2 },
    logK: logK(12.6, 'baes-mesmer'),
    habit: 'powdery',
    colour: { hex: '#e8c04a', words: 'yellow', source: 'vogel7' },
    gate: { rule: 'oxide-as-it-was-put-in', issued: true, source: 'vogel7' },
  },
  {
    formula: 'Pb2Fe(CN)6',
    name: 'lead hexacyanoferrate(II)',
    to: { 'Pb^2+': 2, 'Fe(CN)6^4-': 1 },
    logK: logK(-18.0, 'kolthoff'),
    habit: 'powdery',
    colour: { hex: '#f7f7f4', words: 'white', source: 'vogel7' },
  },
  solid('PbS', 'lead sulfide', { 'Pb^2+': 1, 'HS^-': 1, 'H^+': -1 }, -13.5, 'myers', 'flocculent', '#201d1d', 'black'),
  solid('PbC2O4', 'lead oxalate', { 'Pb^2+': 1, 'C2O4^2-': 1 }, -10.5, 'crc', 'powdery', '#f8f8f6', 'white'),
  solid('Pb3(PO4)2', 'lead phosphate', { 'Pb^2+': 3, 'PO4^3-': 2 }, -43.5, 'crc', 'powdery', '#f8f8f6', 'white'),
  solid('Pb(SCN)2', 'lead thiocyanate', { 'Pb^2+': 1, 'SCN^-': 2 }, -4.7, 'crc', 'crystalline', '#f6f6f2', 'white'),
  solid('PbF2', 'lead fluoride', { 'Pb^2+': 1, 'F^-': 2 }, -7.44, 'crc', 'crystalline', '#f8f8f6', 'white'),
]
