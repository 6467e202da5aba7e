import { logK } from '../define'
import type { AqueousData, SolidData } from '../types'

export const alkalineEarthAqueous: readonly AqueousData[] = [
  { formula: 'Ba^2+', name: 'barium' },
  { formula: 'BaOH^+', from: { 'Ba^2+': 1, 'H^+': -1 }, logK: logK(-13.47, 'baes-mesmer') },
  { formula: 'BaNO3^+', from: { 'Ba^2+': 1, 'NO3^-': 1 }, logK: logK(0.7, 'smith-martell') },
  { formula: 'BaSO4', from: { 'Ba^2+': 1, 'SO4^2-': 1 }, logK: logK(2.7, 'smith-martell') },
  { formula: 'Ca^2+', name: 'calcium' },
  { formula: 'CaOH^+', from: { 'Ca^2+': 1, 'H^+': -1 }, logK: logK(-12.85, 'baes-mesmer') },
  { formula: 'CaSO4', from: { 'Ca^2+': 1, 'SO4^2-': 1 }, logK: logK(2.36, 'smith-martell', { dH: 7 }) },
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
    formula: 'CaSO4.2H2O',
    name: 'calcium sulfate',
    to: { 'Ca^2+': 1, 'SO4^2-': 1 },
    logK: logK(-4.61, 'smith-martell', { dH: -0.5 }),
    habit: 'crystalline',
    colour: { hex: '#f6f6f3', words: 'white', source: 'vogel7' },
  },
  {
    formula: 'Ca(OH)2',
    name: 'calcium hydroxide',
    to: { 'Ca^2+': 1, 'H^+': -2 },
    logK: logK(22.8, 'smith-martell', { dH: -130 }),
    habit: 'powdery',
    colour: { hex: '#f6f6f3', words: 'white', source: 'vogel7' },
  },
]
