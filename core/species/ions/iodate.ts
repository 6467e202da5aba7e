import { bottle, salt, solid, WHITE } from '../define'
import type { IonDefinition } from './definition'

/** Iodate: it frees iodine from iodide in acid, and makes salts that hardly dissolve. The ion, its silver and barium salts and its couple with iodine stand with those of iodine, which makes it. */
export const iodate = {
  anions: {
    'IO3^-': { aloneOnly: true, traits: ['strong-oxidiser', 'heated-with-care', 'flares-on-charcoal', 'oxidising-waste', 'seldom-given-out'] },
  },
  solids: [
    solid('Pb(IO3)2', 'lead iodate', { 'Pb^2+': 1, 'IO3^-': 2 }, -12.61, 'smith-martell', 'powdery', '#f8f8f6', 'white'),
    solid('Hg(IO3)2', 'mercury(II) iodate', { 'Hg^2+': 1, 'IO3^-': 2 }, -12.5, 'smith-martell', 'powdery', '#f8f8f6', 'white'),
    solid('Hg2(IO3)2', 'mercury(I) iodate', { 'Hg2^2+': 1, 'IO3^-': 2 }, -17.89, 'smith-martell', 'powdery', '#f6f4e4', 'yellowish white'),
    solid('Cu(IO3)2.H2O', 'copper(II) iodate', { 'Cu^2+': 1, 'IO3^-': 2 }, -7.13, 'smith-martell', 'crystalline', '#a8cfe0', 'pale blue'),
    solid('Sr(IO3)2', 'strontium iodate', { 'Sr^2+': 1, 'IO3^-': 2 }, -6.48, 'smith-martell', 'crystalline', '#f8f8f6', 'white'),
    solid('Ca(IO3)2.6H2O', 'calcium iodate', { 'Ca^2+': 1, 'IO3^-': 2 }, -6.15, 'smith-martell', 'crystalline', '#f8f8f6', 'white'),
    solid('KIO3', 'potassium iodate', { 'K^+': 1, 'IO3^-': 1 }, -1.0, 'crc', 'crystalline', '#f8f8f6', 'white', {
      dH: 28,
      note: 'soluble 92 g/L at 25 °C',
    }),
  ],
  salts: [
    salt('KIO3', 'potassium iodate', { 'K^+': 1, 'IO3^-': 1 }, WHITE, 'crystals'),
    salt('NaIO3', 'sodium iodate', { 'Na^+': 1, 'IO3^-': 1 }, WHITE, 'powder'),
  ],
  reagents: [
    bottle(
      'potassium-iodate',
      'KIO3',
      ['potassium iodate'],
      { 'K^+': 1, 'IO3^-': 1 },
      { '0.1 M': 0.1 },
      'An iodate oxidises: nothing that burns near the solid.',
    ),
  ],
  heated: { KIO3: { melts_C: 560 } },
  dry: [
    ['KIO3 -> KI + O2', 560],
    ['NaIO3 -> NaI + O2', 425],
  ],
} as const satisfies IonDefinition
