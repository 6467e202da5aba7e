import { complexes, logK, solid } from '../define'
import type { AqueousData, SolidData } from '../types'

export const tinAqueous: readonly AqueousData[] = [
  { formula: 'Sn^2+', name: 'tin(II)' },
  ...complexes('Sn^2+', 'OH^-', [-3.8, -7.8, [-16.6, { name: 'trihydroxostannate(II)' }]], 'baes-mesmer'),
  { formula: 'Sn3(OH)4^2+', from: { 'Sn^2+': 3, 'H^+': -4 }, logK: logK(-6.8, 'baes-mesmer') },
  ...complexes('Sn^2+', 'Cl^-', [1.5, 2.3, [2.1, { name: 'trichlorostannate(II)' }], 1.5], 'smith-martell'),
  ...complexes('Sn^2+', 'SO4^2-', [2.0], 'smith-martell'),
  { formula: 'SnC2O4', from: { 'Sn^2+': 1, 'C2O4^2-': 1 }, logK: logK(6.5, 'smith-martell') },
  // No bare tin(IV) is met: the component is that of chloride solutions, where its potential is measured.
  { formula: 'Sn^4+', name: 'tin(IV)' },
  {
    formula: 'SnCl6^2-',
    name: 'hexachlorostannate(IV)',
    from: { 'Sn^4+': 1, 'Cl^-': 6 },
    logK: logK(2.0, 'kolthoff', { note: 'beside the formal ion of dilute hydrochloric acid' }),
  },
  { formula: 'Sn(OH)6^2-', name: 'hexahydroxostannate(IV)', from: { 'Sn^4+': 1, 'H^+': -6 }, logK: logK(-24.5, 'brown-ekberg') },
  {
    formula: 'SnS3^2-',
    name: 'thiostannate(IV)',
    from: { 'Sn^4+': 1, 'HS^-': 3, 'H^+': -3 },
    logK: logK(11.0, 'kolthoff', { note: 'set so that tin(IV) sulfide dissolves in ammonium sulfide' }),
  },
]

export const tinSolids: readonly SolidData[] = [
  solid('Sn(OH)2', 'tin(II) hydroxide', { 'Sn^2+': 1, 'H^+': -2 }, 2.6, 'baes-mesmer', 'gelatinous', '#f6f7f7', 'white', { note: 'hydrous; the oxide has 1.8' }),
  solid('SnS', 'tin(II) sulfide', { 'Sn^2+': 1, 'HS^-': 1, 'H^+': -1 }, -12.0, 'myers', 'flocculent', '#5a3420', 'brown'),
  solid('SnO2.2H2O', 'tin(IV) oxide, hydrated', { 'Sn^4+': 1, 'H^+': -4 }, -0.5, 'brown-ekberg', 'gelatinous', '#f6f7f7', 'white', {
    note: 'fresh; set so that 0.1 mol/L is clear in 1 mol/L hydrochloric acid and comes down when diluted and boiled',
    gate: { rule: 'tin-iv-hydrolyses-late', past: 4, source: 'brown-ekberg' },
  }),
  solid('SnS2', 'tin(IV) sulfide', { 'Sn^4+': 1, 'HS^-': 2, 'H^+': -2 }, -19.0, 'kolthoff', 'flocculent', '#d9b53a', 'yellow', {
    note: 'set so that it comes down from up to 2 mol/L hydrochloric acid',
  }),
  solid('Sn3(PO4)2', 'tin(II) phosphate', { 'Sn^2+': 3, 'PO4^3-': 2 }, -27, 'crc', 'flocculent', '#f8f8f6', 'white'),
]
