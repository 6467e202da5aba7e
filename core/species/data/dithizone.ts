import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, ExtractData, SolidData } from '../types'

/** Dithizone, nearly insoluble in water, and the neutral chelates that a second liquid takes up. */
export const dithizoneAqueous: readonly AqueousData[] = [
  { formula: 'C13H11N4S^-', name: 'dithizonate', takesProtons: 1, spectrum: bands('feigl', [470, 20000, 4600]) },
  { formula: 'C13H12N4S', name: 'dithizone', from: { 'C13H11N4S^-': 1, 'H^+': 1 }, logK: logK(4.5, 'smith-martell'), spectrum: bands('feigl', [620, 33000, 2600], [450, 20000, 4600]) },
  ...(
    [
      ['Pb^2+', 14.5],
      ['Zn^2+', 12.3],
      ['Cu^2+', 22.0],
      ['Cd^2+', 13.0],
      ['Hg^2+', 40.0],
    ] as const
  ).flatMap(([metal, beta]) => complexes(metal, 'C13H11N4S^-', [null, beta], 'feigl', { note: 'set by the pH from which the chelate is extracted' })),
]

export const dithizoneSolids: readonly SolidData[] = [
  solid('C13H12N4S', 'dithizone', { 'C13H11N4S^-': 1, 'H^+': 1 }, -10.2, 'feigl', 'powdery', '#2c3a34', 'dark green'),
]

const red = bands('feigl', [520, 65000, 3600])

export const extracts: readonly ExtractData[] = [
  {
    formula: 'I2',
    takes: { I2: 1 },
    logD: { chlorinated: 2.0, hydrocarbon: 1.55, ether: 2.3, alcohol: 2.3 },
    spectrum: bands('cotton', [515, 900, 3400]),
    source: 'kolthoff',
  },
  {
    formula: 'Br2',
    takes: { Br2: 1 },
    logD: { chlorinated: 1.45, hydrocarbon: 1.2, ether: 1.5 },
    spectrum: bands('cotton', [415, 210, 6200], [480, 60, 5200]),
    source: 'kolthoff',
  },
  {
    formula: 'CrO5',
    takes: { CrO5: 1 },
    logD: { ether: 2.2, alcohol: 2.0 },
    spectrum: bands('feigl', [600, 500, 4600]),
    source: 'feigl',
  },
  {
    formula: '(NH4)2Co(SCN)4',
    takes: { 'Co(SCN)4^2-': 1, 'NH4^+': 2 },
    logD: { alcohol: 2.6, ether: 1.8 },
    spectrum: bands('jorgensen', [620, 1700, 2400]),
    source: 'feigl',
  },
  {
    formula: 'Fe(SCN)3',
    takes: { 'Fe(SCN)3': 1 },
    logD: { ether: 2.0, alcohol: 2.0 },
    spectrum: bands('jorgensen', [490, 15000, 5600]),
    source: 'kolthoff',
  },
  {
    formula: 'C13H12N4S',
    takes: { C13H12N4S: 1 },
    logD: { chlorinated: 5.0, hydrocarbon: 3.6 },
    spectrum: bands('feigl', [605, 40000, 2600], [450, 20000, 4600]),
    source: 'feigl',
  },
  ...['Pb', 'Zn', 'Cu', 'Cd', 'Hg'].map((metal): ExtractData => ({
    formula: `${metal}(C13H11N4S)2`,
    takes: { [`${metal}(C13H11N4S)2`]: 1 },
    logD: { chlorinated: 5.5, hydrocarbon: 3.5 },
    spectrum: metal === 'Hg' ? bands('feigl', [490, 70000, 3600]) : red,
    source: 'feigl',
  })),
]
