import { logK } from '../define'
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
]
