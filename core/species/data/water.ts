import { logK } from '../define'
import type { AqueousData, GasData, SolidData } from '../types'

/** Water, the strong acids' anions, and what they form with the proton. */
export const waterAqueous: readonly AqueousData[] = [
  { formula: 'H^+', name: 'hydrogen ion' },
  { formula: 'OH^-', name: 'hydroxide ion', from: { 'H^+': -1 }, logK: logK(-13.995, 'smith-martell', { dH: 55.8 }) },
  { formula: 'Cl^-', name: 'chloride' },
  { formula: 'NO3^-', name: 'nitrate' },
  { formula: 'SO4^2-', name: 'sulfate' },
  { formula: 'HSO4^-', from: { 'SO4^2-': 1, 'H^+': 1 }, logK: logK(1.99, 'smith-martell', { dH: 22 }) },
]

export const waterGases: readonly GasData[] = []
export const waterSolids: readonly SolidData[] = []
