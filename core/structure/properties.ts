import type { GroupId } from './groups'
import { compoundOf } from './known'
import { NO_STRUCTURE, type Structure } from './types'

/** What can be told of a substance from its structure, where it has not been measured. */

const count = (s: Structure, ...groups: readonly GroupId[]): number => groups.reduce((sum, id) => sum + (s.groups[id] ?? 0), 0)
const has = (s: Structure, ...groups: readonly GroupId[]): boolean => count(s, ...groups) > 0

/** Relative volumes of atoms by their period. Source: G. S. Girolami, J. Chem. Educ. 71 (1994) 962. */
const VOLUMES: Readonly<Record<string, number>> = {
  H: 1,
  C: 2,
  N: 2,
  O: 2,
  F: 2,
  Na: 4,
  Mg: 4,
  Al: 4,
  Si: 4,
  P: 4,
  S: 4,
  Cl: 4,
  K: 5,
  Ca: 5,
  Zn: 5,
  Cu: 5,
  Br: 5,
  Ag: 7.5,
  Ba: 7.5,
  I: 7.5,
  Pb: 9,
}
/** Each of these makes a liquid a tenth denser, three tenths at most. */
const HOLDING: readonly GroupId[] = [
  'alcohol-primary',
  'alcohol-secondary',
  'alcohol-tertiary',
  'alcohol-benzylic',
  'alcohol-benzylic-tertiary',
  'phenol',
  'carboxylic-acid',
  'amide-primary',
  'amine-primary',
  'amine-secondary',
  'arylamine-primary',
  'arylamine-secondary',
  'sulfoxide',
  'sulfone',
]

/** g/mL of a liquid of which only that is known. */
const SUNK = 1.1
const AFLOAT = 0.85
/** Density estimated from the structure, g/mL, good to a twentieth or so. */
export function densityOf(structure: Structure): number {
  if (structure.seen?.sinks !== undefined) return structure.seen.sinks ? SUNK : AFLOAT
  const volume = Object.entries(structure.atoms).reduce((sum, [symbol, n]) => sum + n * (VOLUMES[symbol] ?? 5), 0)
  const denser = Math.min(0.3, 0.1 * (count(structure, ...HOLDING) + structure.rings))
  return (structure.molarMass / (5 * volume)) * (1 + denser)
}

/** Melting point of a solid of which no more is known, °C. */
const TAKEN_FOR = 100
/** °C; what is not in the library is taken for a solid from this molar mass on, or as a salt. */
const HEAVY = 180
/** Melting point in °C where it is a solid: the library's, or a guess that serves solubility alone. */
export function meltingPointOf(structure: Structure): number | null {
  if (structure.seen) return structure.seen.form === 'liquid' ? null : (structure.seen.melts_C ?? TAKEN_FOR)
  const known = compoundOf(structure.smiles)
  if (known) return known.melts_C
  if (structure.fragments > 1 || has(structure, 'amino-acid', 'acid-sulfonic')) return 220
  return structure.molarMass > HEAVY ? 90 : null
}

/** Boiling point in °C; null where it is not known or decomposes. */
export const boilingPointOf = (structure: Structure): number | null =>
  structure === NO_STRUCTURE ? null : (compoundOf(structure.smiles)?.boils_C ?? null)

/** An acid or a base group: its pKa (of the conjugate acid, for a base) and how many of them there are. */
export interface Ionises {
  readonly pKa: number
  readonly n: number
}

/** Acid groups, strongest first. Values are rounded for the group. Source: D. D. Perrin et al., pKa Prediction. */
export function acidsOf(s: Structure): readonly Ionises[] {
  const acids: Ionises[] = []
  const add = (pKa: number, n: number): void => void (n > 0 && acids.push({ pKa, n }))
  add(-1, count(s, 'acid-sulfonic'))
  const carboxyl = count(s, 'carboxylic-acid')
  const strong = has(s, 'acid-trihalo')
    ? 0.7
    : has(s, 'acid-oxalic')
      ? 1.3
      : has(s, 'acid-strengthened')
        ? 3.1
        : has(s, 'acid-formic')
          ? 3.75
          : has(s, 'acid-aromatic')
            ? has(s, 'nitro')
              ? 3.2
              : has(s, 'phenol-chelated')
                ? 3
                : 4.2
            : 4.8
  add(strong, Math.min(1, carboxyl))
  add(Math.max(4.5, strong + 1.2), carboxyl - 1)
  add(2.3, has(s, 'amino-acid') ? 1 : 0)
  add(4.1, count(s, 'enediol'))
  const phenols = count(s, 'phenol')
  const phenolPKa = has(s, 'phenol-dinitro')
    ? count(s, 'nitro') > 2
      ? 0.4
      : 4
    : has(s, 'phenol-nitro')
      ? 7.2
      : has(s, 'phenol-para-carbonyl')
        ? 8
        : has(s, 'phenol-chelated') && has(s, 'aldehyde')
          ? 8.4
          : count(s, 'Cl-aryl', 'Br-aryl', 'I-aryl') > 1
            ? 7
            : has(s, 'Cl-aryl', 'Br-aryl')
              ? 9.2
              : has(s, 'phenol-chelated')
                ? 11
                : 10
  add(phenolPKa, Math.min(1, phenols))
  add(phenolPKa + 1.8, phenols - 1)
  add(has(s, 'arene') && has(s, 'thiol') ? 6.6 : 10.6, count(s, 'thiol'))
  add(has(s, 'sulfone') || s.elements.includes('S') ? 1.8 : has(s, 'arene') ? 8.3 : 9.6, count(s, 'imide'))
  add(10.2, count(s, 'sulfonamide'))
  add(has(s, 'ester') ? 10.7 : 9, count(s, 'dicarbonyl-1-3'))
  add(s.atoms['C'] === 1 ? 10.2 : 8.6, count(s, 'nitro-aliphatic'))
  add(11, count(s, 'oxime'))
  add(has(s, 'arene') ? 4.7 : 10.6, count(s, 'ammonium'))
  return acids.sort((a, b) => a.pKa - b.pKa)
}

/** Basic groups, strongest first, by the pKa of what they make with a proton. */
export function basesOf(s: Structure): readonly Ionises[] {
  const bases: Ionises[] = []
  const add = (pKa: number, n: number): void => void (n > 0 && bases.push({ pKa, n }))
  const crowdedOut = has(s, 'ether') || has(s, 'alcohol-primary') ? 1.2 : 0
  const alkyl = has(s, 'arene') ? 9.4 : 10.7
  add(alkyl - crowdedOut, count(s, 'amine-primary'))
  add(11 - 2 * crowdedOut, count(s, 'amine-secondary'))
  add(10.5, count(s, 'amine-tertiary'))
  add(9.6, has(s, 'amino-acid') ? count(s, 'amino-acid') : 0)
  const poor = has(s, 'nitro')
    ? has(s, 'arylamine-poor-ortho')
      ? -0.3
      : has(s, 'arylamine-poor')
        ? 1
        : 2.5
    : has(s, 'arylamine-poor', 'arylamine-poor-ortho')
      ? 2.4
      : count(s, 'Br-aryl') > 2
        ? -1
        : has(s, 'arylamine-halogenated')
          ? 3.7
          : 4.7
  add(has(s, 'arylamine-diaryl') ? 0.8 : poor, count(s, 'arylamine-primary', 'arylamine-secondary'))
  add(has(s, 'arylamine-poor') ? 1.6 : 5.2, count(s, 'arylamine-tertiary'))
  add(5.2, count(s, 'pyridine'))
  add(5.2, count(s, 'hydrazine'))
  add(4.8, count(s, 'carboxylate'))
  add(0.2, count(s, 'urea'))
  return bases.sort((a, b) => b.pKa - a.pKa)
}

/** What no solvent of the ladder but water takes up: salts, zwitterions, sugars. */
export const clingsToWater = (s: Structure): boolean =>
  s.metals.length > 0 || has(s, 'amino-acid', 'acid-sulfonic', 'ammonium', 'ammonium-ion', 'guanidinium', 'sugar-ring') || count(s, 'polyol') > 2

/** g/L between which a compound must be of which it was seen how 30 mg went into a millilitre. */
const DISSOLVES_g_L = { yes: [32, Infinity], partly: [12, 28], no: [0, 9] } as const
/** g/L of one that was seen not to dissolve though its structure would have it: most that do not are well below the limit; judged. */
const HARDLY_g_L = 2
/** Solubility of the uncharged form in water at 25 °C, mol/L: as its structure has it, within what was seen of it. */
export function waterSolubilityOf(s: Structure): number {
  const reckoned = reckonedSolubility(s)
  if (s.seen?.dissolves === undefined) return reckoned
  const [least, most] = DISSOLVES_g_L[s.seen.dissolves]
  if (s.seen.dissolves === 'no' && reckoned * s.molarMass > most) return HARDLY_g_L / s.molarMass
  return Math.min(most / s.molarMass, Math.max(least / s.molarMass, reckoned))
}
/** How 30 mg of it go into a millilitre of water. */
export function dissolvesOf(s: Structure): 'yes' | 'partly' | 'no' {
  const g_L = waterSolubilityOf(s) * s.molarMass
  return g_L >= DISSOLVES_g_L.yes[0] ? 'yes' : g_L >= DISSOLVES_g_L.partly[0] ? 'partly' : 'no'
}
/** By how many powers of ten what is reckoned of how it dissolves lies off what was seen; 0 where it agrees. */
export function dissolvesOff(s: Structure, seen: keyof typeof DISSOLVES_g_L): number {
  const g_L = waterSolubilityOf(s) * s.molarMass
  const [least, most] = DISSOLVES_g_L[seen]
  return Math.max(0, Math.log10(least / g_L), Math.log10(g_L / most))
}
/** By the general solubility equation with increments for groups, fitted to the borderline compounds of the solubility classes. */
function reckonedSolubility(s: Structure): number {
  if (has(s, 'acid-sulfonic') && has(s, 'arylamine-primary')) return 0.06
  if (s.metals.length > 0 || has(s, 'ammonium', 'ammonium-ion', 'guanidinium', 'acid-sulfonic')) return (s.atoms['C'] ?? 0) > 14 ? 0.02 : 3
  const melts = meltingPointOf(s)
  const partition = s.logP + 0.9 * count(s, 'nitro')
  const carbons = s.atoms['C'] ?? 0
  const heteroatoms = (s.atoms['O'] ?? 0) + (s.atoms['N'] ?? 0)
  let logS = 1.1 - partition - (melts === null ? 0 : 0.01 * (melts - 25))
  if (heteroatoms === 0) logS -= 1.2
  logS -= 0.5 * count(s, 'arene')
  if (has(s, 'arene')) logS += Math.min(1.8, 0.75 * count(s, 'phenol')) - 0.4 * count(s, 'nitro')
  if (has(s, 'pyridine')) logS += 1
  if (has(s, 'carboxylic-acid') && !has(s, 'arene')) logS -= 0.4
  logS -= 0.7 * count(s, 'ester') * (has(s, 'lactone') ? 0 : 1)
  if (has(s, 'amino-acid') && has(s, 'phenol')) logS -= 1.8
  if (count(s, 'glycoside') > 2) logS = -1.6
  if (carbons > 11) logS -= 0.4
  return Math.min(20, 10 ** logS)
}
