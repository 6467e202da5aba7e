import { bands } from '../define'
import type { BeadData, CharcoalData, CobaltData } from '../types'

const metal = (ion: string, symbol: string, dH: number, dS: number, melts: number, boils: number, hex: string, words: string, more: Partial<CharcoalData> = {}): CharcoalData => ({
  ion,
  metal: symbol,
  oxide_kJ: dH,
  oxide_J: dS,
  melts_C: melts,
  boils_C: boils,
  colour: { hex, words, source: 'vogel7' },
  source: 'crc',
  ...more,
})
const WHITE = '#f4f4f1'

/**
 * What soda and charcoal do to a metal: enthalpy and entropy of forming its oxide from the metal, for one mole of oxygen (kJ, J/K), and where the metal melts and boils. Source: CRC Handbook,
 * standard thermodynamic properties and physical constants; colours of bead and crust: Vogel.
 */
export const charcoal: readonly CharcoalData[] = [
  metal('Ag^+', 'Ag', -61, -132, 962, 2162, '#e2e3e4', 'white, shining, malleable bead'),
  metal('Pb^2+', 'Pb', -434, -197, 327, 1749, '#8a8c90', 'grey, soft bead that marks paper', { crust: { hot: '#a8581e', cold: '#f0dc5a', words: 'yellow' } }),
  metal('Bi^3+', 'Bi', -382, -179, 271, 1564, '#a89a98', 'reddish-grey, brittle bead', { crust: { hot: '#b8581e', cold: '#f0d04a', words: 'orange-yellow' } }),
  metal('Sb^3+', 'Sb', -472, -180, 631, 1587, '#b4b6b8', 'white, brittle bead', { crust: { hot: WHITE, cold: WHITE, words: 'white' } }),
  metal('Sn^2+', 'Sn', -577, -204, 232, 2602, '#d4d6d8', 'white, malleable bead', { crust: { hot: '#f0e89a', cold: WHITE, words: 'white, near the bead' } }),
  metal('Sn^4+', 'Sn', -577, -204, 232, 2602, '#d4d6d8', 'white, malleable bead', { crust: { hot: '#f0e89a', cold: WHITE, words: 'white, near the bead' } }),
  metal('Cu^2+', 'Cu', -312, -186, 1085, 2562, '#b0623a', 'red scales'),
  metal('Cd^2+', 'Cd', -517, -197, 321, 767, '#8a8c8e', 'no bead', { crust: { hot: '#5a3218', cold: '#7a4a24', words: 'brown' } }),
  metal('Zn^2+', 'Zn', -697, -200, 420, 907, '#8a8c8e', 'no bead', { crust: { hot: '#f0e25a', cold: WHITE, words: 'yellow hot, white cold' } }),
  metal('Hg^2+', 'Hg', -182, -217, -39, 357, '#a4a6a8', 'no bead', { crust: { hot: '#a4a6a8', cold: '#a4a6a8', words: 'grey, driven off' } }),
  metal('Hg2^2+', 'Hg', -182, -217, -39, 357, '#a4a6a8', 'no bead', { crust: { hot: '#a4a6a8', cold: '#a4a6a8', words: 'grey, driven off' } }),
  metal('H3AsO3', 'As', -438, -190, 817, 615, '#8a8a88', 'no bead', { crust: { hot: WHITE, cold: WHITE, words: 'white, far from the assay' }, smell: 'garlic' }),
  metal('AsO4^3-', 'As', -438, -190, 817, 615, '#8a8a88', 'no bead', { crust: { hot: WHITE, cold: WHITE, words: 'white, far from the assay' }, smell: 'garlic' }),
  metal('Fe^2+', 'Fe', -544, -142, 1538, 2861, '#4a4a4c', 'grey powder, drawn by a magnet'),
  metal('Fe^3+', 'Fe', -549, -184, 1538, 2861, '#4a4a4c', 'grey powder, drawn by a magnet'),
  metal('Co^2+', 'Co', -476, -157, 1495, 2927, '#4c4c50', 'grey powder, drawn by a magnet'),
  metal('Ni^2+', 'Ni', -479, -189, 1455, 2913, '#5a5a58', 'grey powder, drawn by a magnet'),
  metal('Mn^2+', 'Mn', -770, -149, 1246, 2061, '#4a3226', 'brown infusible residue'),
  metal('Cr^3+', 'Cr', -756, -183, 1907, 2671, '#3f7a45', 'green infusible residue'),
  metal('Al^3+', 'Al', -1117, -209, 660, 2519, WHITE, 'white, infusible, glowing residue'),
  metal('Mg^2+', 'Mg', -1203, -217, 650, 1090, WHITE, 'white, infusible, glowing residue'),
  metal('Ca^2+', 'Ca', -1270, -212, 842, 1484, WHITE, 'white, infusible, glowing residue'),
  metal('Sr^2+', 'Sr', -1184, -193, 777, 1382, WHITE, 'white, infusible, glowing residue'),
  metal('Ba^2+', 'Ba', -1096, -184, 727, 1845, WHITE, 'white, infusible, glowing residue'),
]

const none = bands('vogel7')
/**
 * Metals dissolved in borax (and microcosmic) glass: the bands of the ion that each flame makes, hot and cold, or the colour of a glass clouded by metal. Band positions: Jørgensen; strengths set so
 * that a milligram gives the colours of the books.
 */
export const beads: readonly BeadData[] = [
  { ion: 'Cu^2+', oxidising: { hot: bands('jorgensen', [790, 26, 4200], [330, 170, 7000]), cold: bands('jorgensen', [800, 30, 5000]) }, reducing: { hot: none, cold: { clouded: '#8a2a1e' } } },
  { ion: 'Fe^3+', oxidising: { hot: bands('jorgensen', [370, 75, 8600]), cold: bands('jorgensen', [370, 24, 6200]) }, reducing: { hot: bands('jorgensen', [1000, 26, 9000], [370, 18, 6000]), cold: bands('jorgensen', [1000, 24, 9500], [370, 60, 7600]) } },
  { ion: 'Cr^3+', oxidising: { hot: bands('jorgensen', [440, 22, 4600], [640, 20, 3600]), cold: bands('jorgensen', [440, 22, 4200], [640, 24, 3600]) }, reducing: { hot: bands('jorgensen', [440, 22, 4600], [640, 22, 3600]), cold: bands('jorgensen', [440, 22, 4200], [640, 24, 3600]) } },
  { ion: 'Mn^2+', oxidising: { hot: bands('jorgensen', [522, 34, 5200]), cold: bands('jorgensen', [528, 38, 4600]) }, reducing: { hot: none, cold: none } },
  { ion: 'Co^2+', oxidising: { hot: bands('jorgensen', [540, 60, 1800], [595, 120, 1900], [645, 120, 1700]), cold: bands('jorgensen', [540, 60, 1800], [595, 120, 1900], [645, 120, 1700]) }, reducing: { hot: bands('jorgensen', [540, 60, 1800], [595, 120, 1900], [645, 120, 1700]), cold: bands('jorgensen', [540, 60, 1800], [595, 120, 1900], [645, 120, 1700]) } },
  {
    ion: 'Ni^2+',
    oxidising: { hot: bands('jorgensen', [500, 24, 4600], [580, 12, 4000]), cold: bands('jorgensen', [430, 40, 6600], [520, 12, 5000]) },
    reducing: { hot: { clouded: '#7c7c7a' }, cold: { clouded: '#6c6c6a' } },
    microcosmic: { hot: bands('jorgensen', [460, 40, 5600], [540, 12, 4600]), cold: bands('jorgensen', [420, 26, 4600]) },
  },
  ...(['Ag^+', 'Pb^2+', 'Bi^3+', 'Cd^2+', 'Zn^2+', 'Sb^3+', 'Sn^2+', 'Sn^4+'] as const).map(
    (ion): BeadData => ({
      ion,
      oxidising: { hot: ion === 'Pb^2+' || ion === 'Bi^3+' ? bands('vogel7', [350, 12, 5000]) : none, cold: none },
      reducing: ion === 'Zn^2+' || ion.startsWith('Sn') ? { hot: none, cold: none } : { hot: { clouded: '#8c8c8a' }, cold: { clouded: '#7c7c7a' } },
    }),
  ),
]
/** What counts as one of the above in the bead. */
export const beadAlias: Readonly<Record<string, string>> = { 'CrO4^2-': 'Cr^3+', 'Fe^2+': 'Fe^3+', 'MnO4^-': 'Mn^2+', 'MnO4^2-': 'Mn^2+', 'Cu^+': 'Cu^2+', 'Co^3+': 'Co^2+', 'Fe(CN)6^4-': 'Fe^3+', 'Fe(CN)6^3-': 'Fe^3+' }

/** Moistened with cobalt nitrate and made red hot again: the compound that a white residue makes. Source: Vogel. */
export const cobalt: readonly CobaltData[] = [
  { holds: 'Al^3+', product: 'CoAl2O4', colour: { hex: '#2a4fb0', words: 'blue', source: 'vogel7' } },
  { holds: 'Zn^2+', product: 'CoZnO2', colour: { hex: '#4f9a4a', words: 'green', source: 'vogel7' } },
  { holds: 'Mg^2+', product: 'CoMgO2', colour: { hex: '#e6a8b4', words: 'pink', source: 'vogel7' } },
  { holds: 'Sn^4+', product: 'Co2SnO4', colour: { hex: '#4fa08e', words: 'bluish green', source: 'vogel7' } },
  { holds: 'PO4^3-', product: 'NaCoPO4', colour: { hex: '#3a52b8', words: 'blue glass', source: 'vogel7' } },
  { holds: 'AsO4^3-', product: 'NaCoAsO4', colour: { hex: '#3f56b4', words: 'blue glass', source: 'vogel7' } },
  { holds: 'H3BO3', product: 'Co(BO2)2', colour: { hex: '#3648b0', words: 'blue glass', source: 'vogel7' } },
  { holds: 'H4SiO4', product: 'Co2SiO4', colour: { hex: '#3a50b8', words: 'blue glass', source: 'vogel7' } },
  { holds: 'Ca^2+', product: 'CoO', colour: { hex: '#8c8c8c', words: 'grey', source: 'vogel7' } },
  { holds: 'Sr^2+', product: 'CoO', colour: { hex: '#84868a', words: 'grey', source: 'vogel7' } },
  { holds: 'Ba^2+', product: 'CoO', colour: { hex: '#8c8880', words: 'grey', source: 'vogel7' } },
]
