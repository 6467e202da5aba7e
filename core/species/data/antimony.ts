import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const antimonyAqueous: readonly AqueousData[] = [
  { formula: 'Sb^3+', name: 'antimony(III)' },
  { formula: 'Sb(OH)2^+', name: 'antimonyl', from: { 'Sb^3+': 1, 'H^+': -2 }, logK: logK(1.0, 'baes-mesmer', { note: 'the bare ion is not known; it is taken as hydrolysed in 1 mol/L acid' }) },
  { formula: 'Sb(OH)3', from: { 'Sb^3+': 1, 'H^+': -3 }, logK: logK(-0.4, 'baes-mesmer') },
  { formula: 'Sb(OH)4^-', name: 'tetrahydroxoantimonate(III)', from: { 'Sb^3+': 1, 'H^+': -4 }, logK: logK(-12.2, 'baes-mesmer') },
  ...complexes('Sb^3+', 'Cl^-', [2.8, 4.2, 5.4, [6.0, { name: 'tetrachloroantimonate(III)' }]], 'smith-martell', {
    note: 'relative to the bare ion of this model, so that antimony(III) chloride is clear in 2 mol/L acid and clouds when diluted',
  }),
  ...complexes('Sb^3+', 'I^-', [null, null, null, [9.5, { name: 'tetraiodoantimonate(III)', spectrum: bands('feigl', [420, 4000, 5600]) }]], 'feigl'),
  { formula: 'SbC4H4O6^+', name: 'antimony tartrate', from: { 'Sb^3+': 1, 'C4H4O6^2-': 1 }, logK: logK(12.6, 'kolthoff', { note: 'set so that tartrate keeps diluted antimony in solution' }) },
  {
    formula: 'SbS2^-',
    name: 'thioantimonite',
    from: { 'Sb^3+': 1, 'HS^-': 2, 'H^+': -2 },
    logK: logK(23.1, 'kolthoff', { note: 'set so that the sulfide dissolves in ammonium sulfide and in alkali, not in ammonium carbonate' }),
  },
  { formula: 'Sb(OH)6^-', name: 'hexahydroxoantimonate(V)' },
  { formula: 'SbCl6^-', name: 'hexachloroantimonate(V)', from: { 'Sb(OH)6^-': 1, 'H^+': 6, 'Cl^-': 6 }, logK: logK(1.5, 'kolthoff', { note: 'set so that it forms in strong hydrochloric acid' }) },
  { formula: 'C28H31N2O3^+', name: 'rhodamine B', spectrum: bands('feigl', [555, 90000, 1300]) },
]

export const antimonySolids: readonly SolidData[] = [
  solid('Sb2O3', 'antimony(III) oxide, hydrated', { 'Sb^3+': 2, 'H^+': -6 }, -5.6, 'baes-mesmer', 'powdery', '#f8f8f6', 'white', { note: 'fresh; the mineral has −8.5' }),
  solid('SbOCl', 'antimony oxychloride', { 'Sb^3+': 1, 'Cl^-': 1, 'H^+': -2 }, -7.0, 'crc', 'powdery', '#f9f9f7', 'white'),
  solid('Sb2S3', 'antimony(III) sulfide', { 'Sb^3+': 2, 'HS^-': 3, 'H^+': -3 }, -56.2, 'smith-martell', 'flocculent', '#e2661a', 'orange', {
    note: 'amorphous orange; stibnite is several units less soluble',
  }),
  solid('NaSb(OH)6', 'sodium hexahydroxoantimonate(V)', { 'Na^+': 1, 'Sb(OH)6^-': 1 }, -4.9, 'crc', 'crystalline', '#f8f8f6', 'white', {
    dH: 20,
    gate: { rule: 'antimonate-comes-slowly', after_min: 2, source: 'vogel7' },
  }),
  solid('C28H31N2O3SbCl6', 'rhodamine B hexachloroantimonate(V)', { 'C28H31N2O3^+': 1, 'Sb(OH)6^-': 1, 'H^+': 6, 'Cl^-': 6 }, -9.5, 'feigl', 'flocculent', '#5b2a8c', 'violet', {
    note: 'set by the sensitivity of the spot test',
  }),
]
