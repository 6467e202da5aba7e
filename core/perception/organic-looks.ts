import type { Band } from '../species'
import type { Structure } from '../structure'
import type { HabitWord, Smell } from '../vocabulary'

/** How something that organic rules made is seen. */
export type Look =
  | {
      readonly is: 'solid'
      readonly hex: string
      readonly habit: HabitWord
      /** g/mol */
      readonly grams: number
      /** mg that a millilitre keeps dissolved before anything is seen. */
      readonly kept?: number
      /** Minutes left to stand after which its drops have run together to a layer on top. */
      readonly parts_min?: number
    }
  | { readonly is: 'dye'; readonly bands: readonly Band[] }
  | { readonly is: 'oil'; readonly hex: string; readonly heavy: boolean }
  | { readonly is: 'smell'; readonly word: Smell }

const has = (s: Structure, ...groups: readonly (keyof Structure['groups'])[]): boolean => groups.some((g) => (s.groups[g] ?? 0) > 0)

const solid = (hex: string, habit: HabitWord, grams = 250): Look => ({ is: 'solid', hex, habit, grams })
const dye = (...bands: readonly (readonly [peak_nm: number, absorptivity: number, width_cm: number])[]): Look => ({
  is: 'dye',
  bands: bands.map(([peak_nm, absorptivity, width_cm]) => ({ peak_nm, absorptivity, width_cm })),
})
const oil = (hex: string, heavy: boolean): Look => ({ is: 'oil', hex, heavy })

const WHITE = '#f4f4f0'
const YELLOW = '#f2cf3c'

/** Colour of phenols and enols with iron(III), by what stands round the hydroxyl. Sources: Vogel, Shriner; Feigl. */
function ironColour(s: Structure): Look {
  if (has(s, 'dicarbonyl-1-3') && !has(s, 'phenol')) return dye([500, 1300, 6000])
  if (has(s, 'phenol-catechol'))
    return (s.groups.phenol ?? 0) > 2 || has(s, 'carboxylic-acid')
      ? dye([560, 3000, 9000], [440, 1500, 7000])
      : dye([690, 260, 4600], [410, 120, 4200])
  if (has(s, 'phenol-hydroquinone')) return dye([430, 700, 9000])
  if (has(s, 'phenol-chelated')) return dye([525, 1600, 5600])
  if (has(s, 'phenol-para-carbonyl')) return dye([500, 350, 6000])
  if (has(s, 'phenol-nitro')) return dye([490, 250, 6000])
  if (has(s, 'phenol-fused')) return dye([590, 500, 7000])
  if (has(s, 'carbon-benzylic')) return dye([580, 900, 6000])
  return dye([550, 1000, 6000])
}

/** Colour of phthaleins in alkali. */
function phthaleinColour(s: Structure, pH: number): Look {
  if (has(s, 'phenol-resorcinol')) return dye([478, 30_000, 3200])
  if (pH < 8.5) return dye([400, 20, 4000])
  if (has(s, 'phenol-catechol')) return dye([605, 12_000, 3500])
  if (has(s, 'phenol-fused')) return dye([650, 12_000, 3200])
  if (has(s, 'phenol-hydroquinone')) return dye([560, 3000, 4000])
  return (s.groups['carbon-benzylic'] ?? 0) > 1 ? dye([596, 20_000, 3300]) : dye([548, 22_000, 2600], [512, 12_000, 3000])
}

/** Hydrazones are the redder the further the carbonyl group's conjugation reaches. */
const hydrazone = (s: Structure): Look =>
  solid(has(s, 'carbonyl-extended', 'dicarbonyl-1-2', 'quinone') ? '#c4402a' : has(s, 'carbonyl-conjugated') ? '#e07528' : YELLOW, 'crystalline', 300)

/** Tribromo compounds fall where the ring is not kept in solution by more hydroxyls or by an acid group. */
const bromoCompound = (s: Structure): Look | null =>
  has(s, 'activated-place')
    ? (s.groups.phenol ?? 0) > 1 || has(s, 'acid-sulfonic')
      ? null
      : solid(has(s, 'arylamine-poor', 'phenol-nitro') ? '#f0e6c0' : '#f6f3e6', 'flocculent', 110)
    : null

/** Triarylmethyl cations of what chloroform has joined: the further the ring reaches the longer the waves they take. Source: Shriner for the colours; the bands are set to show them. */
function tritylColour(s: Structure): Look {
  if ((s.groups['arene-fused'] ?? 0) > 2) return dye([650, 22, 3600], [430, 22, 4200])
  if (has(s, 'arene-fused')) return dye([610, 22, 4200])
  return has(s, 'biaryl') ? dye([530, 20, 3600]) : dye([465, 22, 4600])
}

/** What is kept track of, by its formula in the rules' equations. */
export const LOOKS: Readonly<Record<string, (s: Structure, pH: number) => Look | null>> = {
  RBr: bromoCompound,
  RCl: () => ({ is: 'solid', hex: WHITE, habit: 'turbid', grams: 100, kept: 15, parts_min: 8 }),
  RCCAg: () => solid('#efece2', 'flocculent', 200),
  RO: (s) => (has(s, 'phenol', 'arylamine-primary') ? solid('#5c3d22', 'flocculent', 120) : null),
  'ROCe^3+': () => dye([490, 12, 5000]),
  R2CC6H4N4O4: hydrazone,
  R2C22H23N3SO5: () => dye([540, 700, 2800], [502, 350, 3000]),
  'RCHOHSO3^-': () => solid(WHITE, 'crystalline', 220),
  'RCONHOFe^2+': () => dye([525, 1000, 5500]),
  'ROFe^2+': ironColour,
  'RCOOFe^2+': (s) => (has(s, 'arene') ? solid('#d8b48c', 'flocculent', 200) : dye([470, 900, 5200])),
  RN2C10H7O: () => solid('#d8431f', 'flocculent', 300),
  R2NNO: () => oil('#f0d860', true),
  R2NRNO: (_, pH) => (pH > 7 ? solid('#3c8a50', 'flocculent', 150) : dye([430, 3000, 7000])),
  RNHSO2C6H5: (_, pH) => (pH > 9.5 ? null : solid(WHITE, 'crystalline', 240)),
  R2NSO2C6H5: () => solid(WHITE, 'oily', 250),
  RNC: () => ({ is: 'smell', word: 'foul' }),
  RC14H13N4: (s) => ({ is: 'solid', hex: '#f0c030', habit: 'silky', grams: 350, kept: has(s, 'glycoside') ? 40 : 4 }),
  R2CC6H6N2: () => solid('#f2e7b0', 'crystalline', 220),
  RC25H20O4: () => dye([555, 9000, 4500]),
  ROHI2: () => dye([600, 30_000, 7000]),
  R2N2H2Cu: () => dye([540, 140, 5200]),
  R2C2O4Cu: () => dye([620, 60, 5200]),
  RNC9H4O2: () => dye([430, 300, 4600]),
  'RC9H11N^+': (s) => (has(s, 'pyrrole-open') ? dye([545, 60, 2600]) : dye([495, 25, 3400])),
  'RNC9H12N^+': () => dye([435, 16, 3200]),
  R2C8H6O4: phthaleinColour,
  'R3C^+': tritylColour,
  R2S2Pb: () => solid('#f0dc3a', 'flocculent', 400),
  'RSFe(CN)5NO^3-': () => dye([525, 3000, 5000]),
  'RCOCH2Fe(CN)5NO^3-': () => dye([490, 2500, 5000]),
  RNH2: (s) => ({ is: 'smell', word: has(s, 'amide-anilide') || has(s, 'arene') ? 'aromatic' : 'fishy' }),
  CHI3: () => solid('#f2e24a', 'powdery', 394),
  C18H9NO4: () => dye([570, 9000, 4200]),
  NaBr: () => solid(WHITE, 'granular', 103),
  NaCl: () => solid(WHITE, 'granular', 58),
  C6H5SO2Cl: () => oil('#fbfbf6', true),
  CHCl3: () => oil('#ffffff', true),
  tar: () => dye([380, 90, 11_000]),
}
