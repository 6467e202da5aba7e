import { logK } from '../define'
import type { AqueousData, SolidData } from '../types'

const white = { hex: '#f8f8f6', words: 'white', source: 'vogel7' } as const

export const alkalineEarthAqueous: readonly AqueousData[] = [
  { formula: 'Ba^2+', name: 'barium' },
  { formula: 'BaOH^+', from: { 'Ba^2+': 1, 'H^+': -1 }, logK: logK(-13.47, 'baes-mesmer') },
  { formula: 'BaNO3^+', from: { 'Ba^2+': 1, 'NO3^-': 1 }, logK: logK(0.7, 'smith-martell') },
  { formula: 'BaSO4', from: { 'Ba^2+': 1, 'SO4^2-': 1 }, logK: logK(2.7, 'smith-martell') },
  { formula: 'BaCO3', from: { 'Ba^2+': 1, 'CO3^2-': 1 }, logK: logK(2.71, 'wateq4f', { dH: 15 }) },
  { formula: 'BaHCO3^+', from: { 'Ba^2+': 1, 'CO3^2-': 1, 'H^+': 1 }, logK: logK(11.31, 'wateq4f') },
  { formula: 'BaCH3COO^+', from: { 'Ba^2+': 1, 'CH3COO^-': 1 }, logK: logK(1.07, 'smith-martell') },
  { formula: 'Ca^2+', name: 'calcium' },
  { formula: 'CaOH^+', from: { 'Ca^2+': 1, 'H^+': -1 }, logK: logK(-12.85, 'baes-mesmer') },
  { formula: 'CaSO4', from: { 'Ca^2+': 1, 'SO4^2-': 1 }, logK: logK(2.36, 'smith-martell', { dH: 7 }) },
  { formula: 'CaCO3', from: { 'Ca^2+': 1, 'CO3^2-': 1 }, logK: logK(3.22, 'smith-martell', { dH: 15 }) },
  { formula: 'CaHCO3^+', from: { 'Ca^2+': 1, 'CO3^2-': 1, 'H^+': 1 }, logK: logK(11.44, 'smith-martell', { dH: -4 }) },
  { formula: 'CaCH3COO^+', from: { 'Ca^2+': 1, 'CH3COO^-': 1 }, logK: logK(1.18, 'smith-martell') },
  { formula: 'Mg^2+', name: 'magnesium' },
  { formula: 'MgOH^+', from: { 'Mg^2+': 1, 'H^+': -1 }, logK: logK(-11.44, 'baes-mesmer', { dH: 66 }) },
  { formula: 'MgSO4', from: { 'Mg^2+': 1, 'SO4^2-': 1 }, logK: logK(2.26, 'smith-martell', { dH: 6 }) },
  { formula: 'MgCO3', from: { 'Mg^2+': 1, 'CO3^2-': 1 }, logK: logK(2.98, 'smith-martell', { dH: 11 }) },
  { formula: 'MgHCO3^+', from: { 'Mg^2+': 1, 'CO3^2-': 1, 'H^+': 1 }, logK: logK(11.4, 'smith-martell', { dH: -12 }) },
  { formula: 'MgCH3COO^+', from: { 'Mg^2+': 1, 'CH3COO^-': 1 }, logK: logK(1.27, 'smith-martell') },
]

export const alkalineEarthSolids: readonly SolidData[] = [
  {
    formula: 'BaSO4',
    name: 'barium sulfate',
    to: { 'Ba^2+': 1, 'SO4^2-': 1 },
    logK: logK(-9.98, 'smith-martell', { dH: 26.3 }),
    habit: 'powdery',
    colour: { hex: '#fafaf8', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'BaCO3',
    name: 'barium carbonate',
    to: { 'Ba^2+': 1, 'CO3^2-': 1 },
    logK: logK(-8.56, 'smith-martell', { dH: 2.9 }),
    habit: 'powdery',
    colour: white,
  },
  {
    formula: 'CaSO4.2H2O',
    name: 'calcium sulfate',
    to: { 'Ca^2+': 1, 'SO4^2-': 1 },
    logK: logK(-4.61, 'smith-martell', { dH: -0.5 }),
    habit: 'crystalline',
    colour: white,
  },
  {
    formula: 'CaCO3',
    name: 'calcium carbonate',
    to: { 'Ca^2+': 1, 'CO3^2-': 1 },
    logK: logK(-8.48, 'smith-martell', { dH: -9.6 }),
    habit: 'powdery',
    colour: white,
  },
  {
    formula: 'Ca(OH)2',
    name: 'calcium hydroxide',
    to: { 'Ca^2+': 1, 'H^+': -2 },
    logK: logK(22.8, 'smith-martell', { dH: -130 }),
    habit: 'powdery',
    colour: white,
  },
  {
    formula: 'Mg(OH)2',
    name: 'magnesium hydroxide',
    to: { 'Mg^2+': 1, 'H^+': -2 },
    logK: logK(17.6, 'baes-mesmer', { dH: -114, note: 'fresh; brucite has 16.8' }),
    habit: 'gelatinous',
    colour: white,
  },
  {
    formula: 'Mg5(CO3)4(OH)2.4H2O',
    name: 'basic magnesium carbonate',
    to: { 'Mg^2+': 5, 'CO3^2-': 4, 'H^+': -2 },
    logK: logK(-5.6, 'wateq4f', { dH: -220, note: 'the mineral has −10.7; raised so that hydrogencarbonate gives nothing in the cold' }),
    habit: 'flocculent',
    colour: white,
  },
]
