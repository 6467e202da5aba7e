import { bottle, COLOURLESS, salt, solid, WHITE } from '../define'
import type { IonDefinition } from './definition'
import { EXPLOSIVE } from './ion'

const OXIDISER = 'A bromate: poisonous, oxidises; no concentrated acid, nothing that burns.'

/** Bromate: it oxidises in acid only, iodide and bromide within seconds, and falls apart in concentrated sulfuric acid. */
export const bromate = {
  anions: { 'BrO3^-': { aloneOnly: true, traits: [...EXPLOSIVE, 'set-out-last', 'seldom-given-out'] } },
  aqueous: [{ formula: 'BrO3^-', name: 'bromate' }],
  solids: [
    solid('AgBrO3', 'silver bromate', { 'Ag^+': 1, 'BrO3^-': 1 }, -4.26, 'crc', 'crystalline', '#f7f7f4', 'white', { dH: 41 }),
    solid('Ba(BrO3)2.H2O', 'barium bromate', { 'Ba^2+': 1, 'BrO3^-': 2 }, -5.11, 'crc', 'crystalline', '#f8f8f6', 'white', { dH: 52 }),
    solid('Pb(BrO3)2.H2O', 'lead bromate', { 'Pb^2+': 1, 'BrO3^-': 2 }, -5.1, 'crc', 'crystalline', '#f8f8f6', 'white'),
    solid('Hg2(BrO3)2', 'mercury(I) bromate', { 'Hg2^2+': 1, 'BrO3^-': 2 }, -9.9, 'vogel7', 'crystalline', '#f6f5e6', 'pale yellow', {
      note: 'from fairly strong solutions; solubility estimated',
    }),
  ],
  salts: [
    salt('KBrO3', 'potassium bromate', { 'K^+': 1, 'BrO3^-': 1 }, WHITE, 'crystals'),
    salt('NaBrO3', 'sodium bromate', { 'Na^+': 1, 'BrO3^-': 1 }, COLOURLESS, 'crystals'),
  ],
  reagents: [bottle('potassium-bromate', 'KBrO3', ['potassium bromate'], { 'K^+': 1, 'BrO3^-': 1 }, { '0.1 M': 0.1 }, OXIDISER)],
  heated: { KBrO3: { melts_C: 350 }, NaBrO3: { melts_C: 381 } },
  dry: [
    ['KBrO3 -> KBr + O2', 370],
    ['NaBrO3 -> NaBr + O2', 381],
  ],
  couples: [
    {
      id: 'BrO3-/Br2',
      electrons: 10,
      oxidised: { 'BrO3^-': 2, 'H^+': 12 },
      reduced: { Br2: 1 },
      // 1.482 V to the liquid.
      potential_V: 1.478,
      gate: { rule: 'bromate-wants-acid', oxidises: [{ pHUpTo: 2.5 }], reduces: [], overpotential_V: { cold: 0.12, hot: 0.08 } },
      source: 'crc',
    },
  ],
  conversions: [
    {
      id: 'bromate-in-sulfuric-acid',
      rule: 'bromate-falls-apart-in-concentrated-acid',
      takes: { 'BrO3^-': 4, 'H^+': 4 },
      gives: { Br2: 2, O2: 5 },
      when: [{ from: 10 }],
      speed: 'seconds',
      source: 'vogel7',
    },
  ],
  rules: [
    {
      id: 'bromate-wants-acid',
      says: 'Bromate oxidises in acid only; there it frees iodine and bromine within seconds.',
      equation: 'BrO3^- + 5 Br^- + 6 H^+ -> 3 Br2 + 3 H2O',
      source: 'vogel7',
    },
    {
      id: 'bromate-falls-apart-in-concentrated-acid',
      says: 'Concentrated sulfuric acid makes bromine and oxygen of a bromate, with violence when it is warm.',
      equation: '4 BrO3^- + 4 H^+ -> 2 Br2 + 5 O2 + 2 H2O',
      source: 'vogel7',
    },
  ],
} as const satisfies IonDefinition
