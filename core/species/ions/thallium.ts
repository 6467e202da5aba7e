import { bottle, COLOURLESS, goods, logK, salt, solid, WHITE } from '../define'
import type { IonDefinition } from './definition'

const POISON = 'A thallium salt: very poisonous, also through the skin. Gloves, the hood, and every drop is collected.'

/**
 * Thallium(I): a heavy metal whose hydroxide and carbonate dissolve like those of the alkali metals and whose halides come down like those of silver and lead. Thallium(III), which
 * aqua regia and bromine water make of it, is left out.
 */
export const thallium = {
  cations: {
    'Tl^+': {
      aloneOnly: true,
      traits: ['heavy-metal', 'set-out-last', 'seldom-given-out'],
      caution: 'thallium-is-very-poisonous',
    },
  },
  aqueous: [
    { formula: 'Tl^+', name: 'thallium(I)' },
    { formula: 'TlCl', from: { 'Tl^+': 1, 'Cl^-': 1 }, logK: logK(0.5, 'smith-martell') },
    { formula: 'TlBr', from: { 'Tl^+': 1, 'Br^-': 1 }, logK: logK(0.9, 'smith-martell') },
    { formula: 'TlSCN', from: { 'Tl^+': 1, 'SCN^-': 1 }, logK: logK(0.7, 'smith-martell') },
    { formula: 'TlSO4^-', from: { 'Tl^+': 1, 'SO4^2-': 1 }, logK: logK(1.4, 'smith-martell') },
    { formula: 'TlS2O3^-', from: { 'Tl^+': 1, 'S2O3^2-': 1 }, logK: logK(1.9, 'smith-martell') },
  ],
  solids: [
    solid('TlCl', 'thallium(I) chloride', { 'Tl^+': 1, 'Cl^-': 1 }, -3.74, 'smith-martell', 'curdy', '#f7f7f3', 'white', { dH: 43 }),
    solid('TlBr', 'thallium(I) bromide', { 'Tl^+': 1, 'Br^-': 1 }, -5.44, 'smith-martell', 'curdy', '#f3efcf', 'pale yellow', { dH: 56 }),
    solid('TlI', 'thallium(I) iodide', { 'Tl^+': 1, 'I^-': 1 }, -7.23, 'smith-martell', 'powdery', '#f0d235', 'yellow', { dH: 73 }),
    solid('Tl2CrO4', 'thallium(I) chromate', { 'Tl^+': 2, 'CrO4^2-': 1 }, -12.01, 'smith-martell', 'powdery', '#f0d03a', 'yellow', { dH: 66 }),
    solid('TlSCN', 'thallium(I) thiocyanate', { 'Tl^+': 1, 'SCN^-': 1 }, -3.79, 'smith-martell', 'crystalline', '#f7f7f4', 'white', { dH: 45 }),
    solid('TlIO3', 'thallium(I) iodate', { 'Tl^+': 1, 'IO3^-': 1 }, -5.51, 'smith-martell', 'powdery', '#f7f7f4', 'white', { dH: 54 }),
    solid('TlBrO3', 'thallium(I) bromate', { 'Tl^+': 1, 'BrO3^-': 1 }, -3.78, 'smith-martell', 'crystalline', '#f7f7f4', 'white', { dH: 50 }),
    solid('Tl2S', 'thallium(I) sulfide', { 'Tl^+': 2, 'HS^-': 1, 'H^+': -1 }, -7.3, 'smith-martell', 'flocculent', '#211d1d', 'black', {
      note: '−21.2 to S2−, taken to HS− with the constant of the same table, 13.9',
    }),
    solid('Tl2C2O4', 'thallium(I) oxalate', { 'Tl^+': 2, 'C2O4^2-': 1 }, -3.96, 'crc', 'crystalline', '#f7f7f4', 'white', {
      note: 'from its solubility, 15 g/L',
    }),
    solid('Tl3PO4', 'thallium(I) phosphate', { 'Tl^+': 3, 'PO4^3-': 1 }, -7.2, 'crc', 'crystalline', '#f7f7f4', 'white', {
      note: 'from its solubility, 5 g/L',
    }),
    solid('Tl2CO3', 'thallium(I) carbonate', { 'Tl^+': 2, 'CO3^2-': 1 }, -2.3, 'crc', 'crystalline', '#f7f7f4', 'white', {
      note: 'from its solubility, 52 g/L',
    }),
    solid('Tl2SO4', 'thallium(I) sulfate', { 'Tl^+': 2, 'SO4^2-': 1 }, -3.0, 'crc', 'crystalline', '#f7f7f4', 'white', {
      dH: 33,
      note: 'from its solubility, 49 g/L, and the ion pair',
    }),
  ],
  inert: [
    {
      formula: 'Tl',
      name: 'thallium metal',
      aliases: ['Tl', 'thallium metal'],
      habit: 'flocculent',
      colour: { hex: '#55565a', words: 'grey', source: 'vogel7' },
      caution: POISON,
    },
  ],
  salts: [
    salt('TlNO3', 'thallium(I) nitrate', { 'Tl^+': 1, 'NO3^-': 1 }, COLOURLESS, 'crystals'),
    salt('Tl2SO4', 'thallium(I) sulfate', { 'Tl^+': 2, 'SO4^2-': 1 }, COLOURLESS, 'crystals'),
    salt('Tl2CO3', 'thallium(I) carbonate', { 'Tl^+': 2, 'CO3^2-': 1 }, WHITE, 'powder'),
    salt('TlCl', 'thallium(I) chloride', { 'Tl^+': 1, 'Cl^-': 1 }, WHITE, 'powder'),
    salt('TlI', 'thallium(I) iodide', { 'Tl^+': 1, 'I^-': 1 }, goods('#f0d235', 'yellow'), 'powder'),
  ],
  reagents: [bottle('thallium-i-nitrate', 'TlNO3', ['thallium(I) nitrate', 'thallous nitrate'], { 'Tl^+': 1, 'NO3^-': 1 }, { '0.1 M': 0.1 }, POISON)],
  residues: [
    {
      formula: 'Tl2O',
      name: 'thallium(I) oxide',
      ions: { 'Tl^+': 2, 'OH^-': 2 },
      colour: { hex: '#241f20', words: 'black', source: 'crc' },
      melts_C: 579,
    },
  ],
  heated: {
    TlNO3: { melts_C: 206 },
    Tl2SO4: { melts_C: 632 },
    Tl2CO3: { melts_C: 273 },
    TlCl: { melts_C: 430 },
    TlI: { melts_C: 441, hot: '#b8321e' },
  },
  dry: [
    ['Tl2CO3 -> Tl2O + CO2', 300],
    // As the nitrates of other heavy metals.
    ['TlNO3 -> Tl2O + NO2 + O2', 450],
  ],
  flames: [{ ion: 'Tl^+', lines: [{ nm: 535, strength: 260 }], lasts: 'brief', source: 'crc' }],
  charcoal: [
    {
      ion: 'Tl^+',
      metal: 'Tl',
      oxide_kJ: -357,
      oxide_J: -210,
      melts_C: 304,
      boils_C: 1473,
      colour: { hex: '#8e8f93', words: 'grey, soft bead', source: 'crc' },
      source: 'crc',
    },
  ],
  couples: [
    {
      id: 'Tl^+/Tl',
      electrons: 1,
      oxidised: { 'Tl^+': 1 },
      reduced: {},
      inert: { reduced: { Tl: 1 } },
      metal: true,
      potential_V: -0.336,
      gate: { rule: 'a-new-metal-wants-force', overpotential_V: { cold: 0.06, hot: 0.03 } },
      source: 'crc',
    },
  ],
  written: { 'Tl(I)': 'Tl^+' },
} as const satisfies IonDefinition
