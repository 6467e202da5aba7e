import { logK } from '../define'
import type { AqueousData, SolidData } from '../types'

export const silverAqueous: readonly AqueousData[] = [
  { formula: 'Ag^+', name: 'silver' },
  { formula: 'AgOH', from: { 'Ag^+': 1, 'H^+': -1 }, logK: logK(-12.0, 'baes-mesmer') },
  { formula: 'Ag(OH)2^-', name: 'dihydroxoargentate(I)', from: { 'Ag^+': 1, 'H^+': -2 }, logK: logK(-24.0, 'baes-mesmer') },
  { formula: 'AgNH3^+', from: { 'Ag^+': 1, NH3: 1 }, logK: logK(3.31, 'smith-martell', { dH: -22 }) },
  { formula: 'Ag(NH3)2^+', name: 'diamminesilver', from: { 'Ag^+': 1, NH3: 2 }, logK: logK(7.22, 'smith-martell', { dH: -56 }) },
  { formula: 'AgCl', from: { 'Ag^+': 1, 'Cl^-': 1 }, logK: logK(3.31, 'smith-martell', { dH: -12 }) },
  { formula: 'AgCl2^-', from: { 'Ag^+': 1, 'Cl^-': 2 }, logK: logK(5.25, 'smith-martell', { dH: -16 }) },
  { formula: 'AgCl3^2-', from: { 'Ag^+': 1, 'Cl^-': 3 }, logK: logK(5.2, 'wateq4f', { note: 'taken below the sum of the earlier steps, as at high chloride' }) },
  { formula: 'AgI', from: { 'Ag^+': 1, 'I^-': 1 }, logK: logK(6.58, 'smith-martell') },
  { formula: 'AgI2^-', from: { 'Ag^+': 1, 'I^-': 2 }, logK: logK(11.7, 'smith-martell') },
  { formula: 'AgI3^2-', name: 'triiodoargentate(I)', from: { 'Ag^+': 1, 'I^-': 3 }, logK: logK(13.1, 'smith-martell') },
  { formula: 'AgCH3COO', from: { 'Ag^+': 1, 'CH3COO^-': 1 }, logK: logK(0.73, 'smith-martell') },
  { formula: 'AgSO4^-', from: { 'Ag^+': 1, 'SO4^2-': 1 }, logK: logK(1.3, 'smith-martell', { dH: 6 }) },
]

export const silverSolids: readonly SolidData[] = [
  {
    formula: 'AgCl',
    name: 'silver chloride',
    to: { 'Ag^+': 1, 'Cl^-': 1 },
    logK: logK(-9.75, 'smith-martell', { dH: 65.7 }),
    habit: 'curdy',
    colour: { hex: '#f7f7f4', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Ag2O',
    name: 'silver oxide',
    to: { 'Ag^+': 2, 'H^+': -2 },
    logK: logK(12.58, 'baes-mesmer', { dH: -44 }),
    habit: 'flocculent',
    colour: { hex: '#5a4030', words: 'brown', source: 'vogel7' },
  },
  {
    formula: 'Ag2SO4',
    name: 'silver sulfate',
    to: { 'Ag^+': 2, 'SO4^2-': 1 },
    logK: logK(-4.92, 'crc', { dH: 17 }),
    habit: 'crystalline',
    colour: { hex: '#f4f4f1', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'AgI',
    name: 'silver iodide',
    to: { 'Ag^+': 1, 'I^-': 1 },
    logK: logK(-16.07, 'smith-martell', { dH: 110 }),
    habit: 'curdy',
    colour: { hex: '#eee08a', words: 'yellow', source: 'vogel7' },
  },
  {
    formula: 'Ag2CO3',
    name: 'silver carbonate',
    to: { 'Ag^+': 2, 'CO3^2-': 1 },
    logK: logK(-11.09, 'smith-martell', { dH: 42 }),
    habit: 'powdery',
    colour: { hex: '#f4efc9', words: 'yellowish white', source: 'vogel7' },
  },
  {
    formula: 'AgCH3COO',
    name: 'silver acetate',
    to: { 'Ag^+': 1, 'CH3COO^-': 1 },
    logK: logK(-2.71, 'crc', { dH: 20 }),
    habit: 'crystalline',
    colour: { hex: '#f7f7f5', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Ag4Fe(CN)6',
    name: 'silver hexacyanoferrate(II)',
    to: { 'Ag^+': 4, 'Fe(CN)6^4-': 1 },
    logK: logK(-40.8, 'crc'),
    habit: 'flocculent',
    colour: { hex: '#f4f4ee', words: 'white', source: 'vogel7' },
  },
]
