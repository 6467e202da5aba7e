import { bands, complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

/** Widths set so that daylight through it is violet, as the hexaaqua ion is seen. */
const aqua = bands('jorgensen', [408, 15.5, 4200], [568, 13.2, 3000])
/** One or two waters replaced, or a proton lost: the bands move to the red, and violet turns green. */
const green = bands('jorgensen', [428, 20, 4200], [608, 18, 3600])

export const chromiumAqueous: readonly AqueousData[] = [
  { formula: 'Cr^3+', name: 'chromium(III)', spectrum: aqua },
  ...complexes('Cr^3+', 'OH^-', [[-4.0, { dH: 38, spectrum: green }], [-9.7, { spectrum: green }], -16.8], 'baes-mesmer'),
  {
    formula: 'Cr(OH)4^-',
    name: 'tetrahydroxochromate(III)',
    from: { 'Cr^3+': 1, 'H^+': -4 },
    logK: logK(-26.6, 'baes-mesmer', { dH: 106, note: 'enthalpy set so that boiling throws the hydroxide down again from the alkaline solution' }),
    spectrum: bands('jorgensen', [425, 28, 4600], [600, 26, 4400]),
  },
  { formula: 'Cr2(OH)2^4+', from: { 'Cr^3+': 2, 'H^+': -2 }, logK: logK(-5.06, 'baes-mesmer'), inert: -3, spectrum: bands('jorgensen', [426, 40, 5000], [612, 30, 3600]) },
  ...complexes('Cr^3+', 'Cl^-', [[1.0, { spectrum: green }], [1.3, { spectrum: bands('jorgensen', [450, 28, 4400], [635, 22, 4200]) }]], 'kolthoff', {
    note: 'higher than at equilibrium: the chloro complexes of the green salt exchange over hours only',
  }),
  ...complexes('Cr^3+', 'SO4^2-', [[2.6, { dH: 30, inert: -3, spectrum: bands('jorgensen', [425, 22, 4600], [612, 17, 3600]) }]], 'smith-martell'),
  ...complexes('Cr^3+', 'CH3COO^-', [[4.6, { spectrum: green }], [7.1, { spectrum: green }]], 'smith-martell'),
  ...complexes('Cr^3+', 'F^-', [5.2, 9.0, 11.7], 'smith-martell'),
  { formula: 'Cr(OH)2C4H4O6^-', from: { 'Cr^3+': 1, 'C4H4O6^2-': 1, 'H^+': -2 }, logK: logK(-2.5, 'vogel7', { note: 'set so that tartrate keeps the hydroxide from ammonia and alkali' }), spectrum: green },
  { formula: 'Cr(OH)2C6H5O7^2-', from: { 'Cr^3+': 1, 'C6H5O7^3-': 1, 'H^+': -2 }, logK: logK(-1.5, 'vogel7', { note: 'set so that citrate keeps the hydroxide from ammonia' }), spectrum: green },
  ...complexes('Cr^3+', 'C2O4^2-', [[5.3, { spectrum: aqua }], [10.5, { spectrum: aqua }], [15.4, { spectrum: bands('jorgensen', [420, 97, 4400], [570, 75, 4200]) }]], 'smith-martell'),
  { formula: 'CrO4^2-', name: 'chromate', takesProtons: 1, spectrum: bands('jorgensen', [373, 4830, 4200]) },
  { formula: 'HCrO4^-', from: { 'CrO4^2-': 1, 'H^+': 1 }, logK: logK(6.51, 'smith-martell', { dH: -5 }), spectrum: bands('jorgensen', [352, 1600, 4600], [440, 190, 3600]) },
  { formula: 'Cr2O7^2-', name: 'dichromate', from: { 'CrO4^2-': 2, 'H^+': 2 }, logK: logK(14.56, 'smith-martell', { dH: -15 }), spectrum: bands('jorgensen', [352, 3200, 4600], [440, 480, 4300]) },
  {
    formula: 'CrO5',
    name: 'chromium peroxide',
    from: { 'CrO4^2-': 1, H2O2: 2, 'H^+': 2 },
    logK: logK(13.5, 'kolthoff', { note: 'set so that it forms in cold dilute acid with little peroxide' }),
    spectrum: bands('feigl', [600, 500, 4600]),
  },
]

export const chromiumSolids: readonly SolidData[] = [
  solid('Cr(OH)3', 'chromium(III) hydroxide', { 'Cr^3+': 1, 'H^+': -3 }, 11.8, 'brown-ekberg', 'gelatinous', '#8aa592', 'grey-green', {
    dH: -110,
    note: 'active, as first precipitated',
  }),
  solid('CrPO4', 'chromium(III) phosphate', { 'Cr^3+': 1, 'PO4^3-': 1 }, -22.6, 'crc', 'gelatinous', '#7fae86', 'green'),
  solid('BaCrO4', 'barium chromate', { 'Ba^2+': 1, 'CrO4^2-': 1 }, -9.93, 'smith-martell', 'powdery', '#f2d840', 'yellow', { dH: 25 }),
  solid('SrCrO4', 'strontium chromate', { 'Sr^2+': 1, 'CrO4^2-': 1 }, -4.65, 'crc', 'crystalline', '#f3dc50', 'yellow'),
  solid('PbCrO4', 'lead chromate', { 'Pb^2+': 1, 'CrO4^2-': 1 }, -13.0, 'smith-martell', 'powdery', '#f0b81a', 'yellow', { dH: 44 }),
  solid('Ag2CrO4', 'silver chromate', { 'Ag^+': 2, 'CrO4^2-': 1 }, -11.9, 'smith-martell', 'powdery', '#8f2c22', 'brownish red', { dH: 58 }),
  solid('Cu2CrO4(OH)2', 'basic copper(II) chromate', { 'Cu^2+': 2, 'CrO4^2-': 1, 'H^+': -2 }, 2.6, 'kolthoff', 'flocculent', '#8a5a2a', 'brown', {
    note: 'set so that neutral chromate throws it down',
  }),
]
