import { solidById, type SourceId, type Stoichiometry } from '../species'
import type { When } from './couples'
import { imbalance, writeEquation, type Equation } from './equation'

/**
 * A reaction that goes one way and is not a transfer of electrons between two couples: an acid that takes a molecule apart, an ester that forms. `takes` and `gives` are dissolved species (water
 * is left to the balance), `inert` solids stand beside the solution. It works on what is dissolved, unless `from` names a solid that itself turns.
 */
export interface Conversion {
  readonly id: string
  readonly rule: string
  readonly takes: Stoichiometry
  readonly gives: Stoichiometry
  readonly inert?: Readonly<Record<string, number>>
  /** What a chemist writes for it, where that is more than what it takes and gives: whole numbers by formula, less than none for what is used up. */
  readonly written?: Readonly<Record<string, number>>
  /** A solid that has to be there, and stays. */
  readonly over?: string
  /** Minutes the tube has to have stood since something was last put in. */
  readonly after_min?: number
  readonly when: readonly When[]
  /** The solid that turns: what it holds is taken from it, the rest from what is dissolved. */
  readonly solid?: string
  /** Share of what could react that does so in one operation; all unless said. */
  readonly share?: number
  /** What it makes is no sign of what it was made from: other things bring it far more often. */
  readonly noSign?: true
  /** How long it takes to be seen. */
  readonly speed: 'at-once' | 'seconds' | 'minutes'
  readonly source: SourceId
}

const H = 'H^+'

export const CONVERSIONS: readonly Conversion[] = [
  {
    id: 'cyanide-takes-up-iron',
    rule: 'cyanide-takes-up-iron',
    takes: { 'Fe^2+': 1, 'CN^-': 6 },
    gives: { 'Fe(CN)6^4-': 1 },
    solid: 'Fe(OH)2',
    when: [{ pHFrom: 8.5, above_C: 60 }],
    speed: 'minutes',
    source: 'vogel-organic',
  },
  {
    id: 'thiosulfate-in-acid',
    rule: 'thiosulfate-falls-apart-in-acid',
    takes: { 'S2O3^2-': 1, [H]: 2 },
    gives: { SO2: 1 },
    inert: { S: 1 },
    when: [{ pHUpTo: 3 }],
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'silver-thiosulfate-darkens',
    rule: 'silver-thiosulfate-darkens',
    takes: { 'Ag^+': 2, 'S2O3^2-': 1 },
    gives: { 'Ag^+': 2, 'HS^-': 1, 'SO4^2-': 1, [H]: 1 },
    solid: 'Ag2S2O3',
    written: { Ag2S2O3: -1, H2O: -1, Ag2S: 1, 'SO4^2-': 1, 'H^+': 2 },
    // White, then yellow and brown, and black in some minutes.
    when: [{}],
    after_min: 0.5,
    share: 0.4,
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'silver-thiosulfate-black',
    rule: 'silver-thiosulfate-darkens',
    takes: { 'Ag^+': 2, 'S2O3^2-': 1 },
    gives: { 'Ag^+': 2, 'HS^-': 1, 'SO4^2-': 1, [H]: 1 },
    solid: 'Ag2S2O3',
    written: { Ag2S2O3: -1, H2O: -1, Ag2S: 1, 'SO4^2-': 1, 'H^+': 2 },
    when: [{}],
    after_min: 3,
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'peroxide-on-manganese-dioxide',
    rule: 'manganese-dioxide-takes-peroxide-apart',
    takes: { H2O2: 2 },
    gives: { O2: 1 },
    over: 'MnO2',
    when: [{}],
    speed: 'at-once',
    source: 'cotton',
  },
  {
    id: 'ferrocyanide-of-iron-in-air',
    rule: 'iron-ii-ferrocyanide-blues-in-air',
    takes: { 'Fe^2+': 4, O2: 1, [H]: 4 },
    gives: { 'Fe^3+': 4 },
    solid: 'K2FeFe(CN)6',
    written: { 'K2FeFe(CN)6': -4, O2: -1, 'H^+': -4, 'KFeFe(CN)6': 4, 'K^+': 4, H2O: 2 },
    when: [{ pHUpTo: 8 }],
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'dichromate-and-ethanol',
    rule: 'acid-dichromate-oxidises-alcohol',
    takes: { 'CrO4^2-': 4, C2H5OH: 3, [H]: 20 },
    gives: { 'Cr^3+': 4, CH3COOH: 3 },
    when: [{ from: 0.2, above_C: 45 }, { from: 1.5 }],
    speed: 'minutes',
    source: 'vogel-organic',
  },
  {
    id: 'lead-thiosulfate-darkens',
    rule: 'silver-thiosulfate-darkens',
    takes: { 'Pb^2+': 1, 'S2O3^2-': 1 },
    gives: { 'Pb^2+': 1, 'HS^-': 1, 'SO4^2-': 1, [H]: 1 },
    solid: 'PbS2O3',
    written: { PbS2O3: -1, H2O: -1, PbS: 1, 'SO4^2-': 1, 'H^+': 2 },
    when: [{ above_C: 90 }],
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'nitrous-acid',
    rule: 'nitrous-acid-gives-brown-fumes',
    takes: { 'NO2^-': 2, [H]: 2 },
    gives: { NO: 1, NO2: 1 },
    // In ice it keeps for as long as a diazotation takes.
    when: [{ pHUpTo: 2.6, above_C: 10 }],
    share: 0.6,
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'nitrite-and-ammonium',
    rule: 'nitrite-destroyed',
    takes: { 'NO2^-': 1, 'NH4^+': 1 },
    gives: { N2: 1 },
    when: [{ above_C: 80, pHUpTo: 8.5 }],
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'nitrite-and-sulfamate',
    rule: 'nitrite-destroyed',
    takes: { 'NO2^-': 1, 'NH2SO3^-': 1 },
    gives: { N2: 1, 'SO4^2-': 1 },
    when: [{ pHUpTo: 4 }],
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'nitrite-and-urea',
    rule: 'nitrite-destroyed',
    takes: { 'NO2^-': 2, [H]: 2, 'CO(NH2)2': 1 },
    gives: { N2: 2, CO2: 1 },
    when: [{ pHUpTo: 3 }],
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'nitrite-and-thiourea',
    rule: 'nitrite-destroyed',
    takes: { 'NO2^-': 1, 'SC(NH2)2': 1 },
    gives: { N2: 1, 'SCN^-': 1 },
    noSign: true,
    when: [{ pHUpTo: 5.5 }],
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'nitric-acid-hot',
    rule: 'nitric-acid-browns-hot',
    takes: { 'NO3^-': 4, [H]: 4 },
    gives: { NO2: 4, O2: 1 },
    when: [{ from: 14, above_C: 55 }],
    share: 0.25,
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'oxalate-in-sulfuric-acid',
    rule: 'concentrated-acid-takes-oxalate-apart',
    takes: { 'C2O4^2-': 1, [H]: 2 },
    gives: { CO: 1, CO2: 1 },
    when: [{ from: 14, above_C: 55 }],
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'tartrate-chars',
    rule: 'concentrated-acid-chars',
    takes: { 'C4H4O6^2-': 1, [H]: 2 },
    gives: { CO: 1, CO2: 1 },
    inert: { C: 2 },
    when: [{ from: 14, above_C: 55 }],
    share: 0.7,
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'citrate-chars',
    rule: 'concentrated-acid-chars',
    takes: { 'C6H5O7^3-': 1, [H]: 3 },
    gives: { CO: 1, CO2: 1 },
    inert: { C: 4 },
    when: [{ from: 14, above_C: 90 }],
    share: 0.3,
    speed: 'minutes',
    source: 'vogel7',
  },
  ...(
    [
      ['oxalate', 'C2O4^2-', 2, 2],
      ['tartrate', 'C4H4O6^2-', 4, 10],
      ['citrate', 'C6H5O7^3-', 6, 18],
    ] as const
  ).map(([name, anion, carbon, nitrate]): Conversion => ({
    id: `${name}-in-nitric-acid`,
    rule: 'nitric-acid-burns-organic-acids',
    takes: { [anion]: 1, 'NO3^-': nitrate, [H]: nitrate + (anion.endsWith('3-') ? 3 : 2) },
    gives: { CO2: carbon, NO2: nitrate },
    when: [{ from: 8, above_C: 90 }],
    share: 0.9,
    speed: 'minutes',
    source: 'vogel7',
  })),
  {
    id: 'hexacyanoferrate-in-acid',
    rule: 'hexacyanoferrate-gives-hydrogen-cyanide',
    takes: { 'Fe(CN)6^4-': 1, [H]: 6 },
    gives: { 'Fe^2+': 1, HCN: 6 },
    when: [{ pHUpTo: 1.5, upTo: 10, above_C: 80 }],
    share: 0.15,
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'hexacyanoferrate-iii-in-acid',
    rule: 'hexacyanoferrate-gives-hydrogen-cyanide',
    takes: { 'Fe(CN)6^3-': 1, [H]: 6 },
    gives: { 'Fe^3+': 1, HCN: 6 },
    when: [{ pHUpTo: 1.5, upTo: 10, above_C: 80 }],
    share: 0.15,
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'hexacyanoferrate-in-sulfuric-acid',
    rule: 'hexacyanoferrate-gives-carbon-monoxide',
    takes: { 'Fe(CN)6^4-': 1, [H]: 12 },
    gives: { 'Fe^2+': 1, CO: 6, 'NH4^+': 6 },
    when: [{ from: 10, above_C: 55 }],
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'hexacyanoferrate-iii-in-sulfuric-acid',
    rule: 'hexacyanoferrate-gives-carbon-monoxide',
    takes: { 'Fe(CN)6^3-': 1, [H]: 12 },
    gives: { 'Fe^3+': 1, CO: 6, 'NH4^+': 6 },
    when: [{ from: 10, above_C: 55 }],
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'thiocyanate-in-sulfuric-acid',
    rule: 'thiocyanate-gives-carbonyl-sulfide',
    takes: { 'SCN^-': 1, [H]: 2 },
    gives: { COS: 1, 'NH4^+': 1 },
    when: [{ from: 10 }],
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'chlorate-in-sulfuric-acid',
    rule: 'chlorate-explodes-in-concentrated-acid',
    takes: { 'ClO3^-': 3, [H]: 2 },
    gives: { ClO2: 2, 'ClO4^-': 1 },
    when: [{ from: 13 }],
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'chlorate-in-hydrochloric-acid',
    rule: 'chlorate-gives-yellow-gas-with-hydrochloric-acid',
    takes: { 'ClO3^-': 2, 'Cl^-': 2, [H]: 4 },
    gives: { ClO2: 2, Cl2: 1 },
    when: [
      { from: 4, upTo: 13 },
      { from: 1.5, upTo: 13, above_C: 55 },
    ],
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'chromyl-chloride',
    rule: 'chromyl-chloride-distils',
    takes: { 'CrO4^2-': 1, 'Cl^-': 2, [H]: 4 },
    gives: { CrO2Cl2: 1 },
    when: [{ from: 14 }],
    share: 0.6,
    speed: 'seconds',
    source: 'vogel7',
  },
  {
    id: 'chromyl-chloride-in-alkali',
    rule: 'chromyl-chloride-distils',
    takes: { CrO2Cl2: 1 },
    gives: { 'CrO4^2-': 1, 'Cl^-': 2, [H]: 4 },
    when: [{ upTo: 8 }],
    speed: 'at-once',
    source: 'vogel7',
  },
  {
    id: 'chlorine-in-alkali',
    rule: 'halogens-fall-apart-in-alkali',
    takes: { Cl2: 1 },
    gives: { 'ClO^-': 1, 'Cl^-': 1, [H]: 2 },
    when: [{ pHFrom: 4 }],
    speed: 'at-once',
    source: 'cotton',
  },
  {
    id: 'hypochlorite-in-acid',
    rule: 'halogens-fall-apart-in-alkali',
    takes: { 'ClO^-': 1, 'Cl^-': 1, [H]: 2 },
    gives: { Cl2: 1 },
    when: [{ pHUpTo: 1.5 }],
    speed: 'at-once',
    source: 'cotton',
  },
  {
    id: 'bromine-in-alkali',
    rule: 'halogens-fall-apart-in-alkali',
    takes: { Br2: 1 },
    gives: { 'BrO^-': 1, 'Br^-': 1, [H]: 2 },
    when: [{ pHFrom: 9 }],
    speed: 'at-once',
    source: 'cotton',
  },
  {
    id: 'hypobromite-in-acid',
    rule: 'halogens-fall-apart-in-alkali',
    takes: { 'BrO^-': 1, 'Br^-': 1, [H]: 2 },
    gives: { Br2: 1 },
    when: [{ pHUpTo: 5 }],
    speed: 'at-once',
    source: 'cotton',
  },
  {
    id: 'ethyl-acetate',
    rule: 'esters-form-in-concentrated-acid',
    takes: { CH3COOH: 1, C2H5OH: 1 },
    gives: { C4H8O2: 1 },
    when: [{ from: 3, above_C: 55 }],
    share: 0.6,
    speed: 'minutes',
    source: 'vogel7',
  },
  {
    id: 'methyl-borate',
    rule: 'esters-form-in-concentrated-acid',
    takes: { H3BO3: 1, CH3OH: 3 },
    gives: { C3H9BO3: 1 },
    when: [{ from: 3 }],
    share: 0.7,
    speed: 'seconds',
    source: 'vogel7',
  },
]

export const conversionById: ReadonlyMap<string, Conversion> = new Map(CONVERSIONS.map((c) => [c.id, c]))

/** The balanced equation of a conversion: what it takes and gives, with as much water as the oxygen asks. */
export function conversionEquation({ takes, gives, inert, written }: Conversion): Equation {
  if (written) {
    const coefficients = new Map(Object.entries(written))
    return { coefficients, text: writeEquation(coefficients, new Set(Object.keys(written).filter((f) => solidById.has(f)))) }
  }
  const coefficients = new Map<string, number>()
  const count = (sum: Stoichiometry, sign: 1 | -1): void => {
    for (const [formula, n] of Object.entries(sum)) coefficients.set(formula, (coefficients.get(formula) ?? 0) + sign * n)
  }
  count(takes, -1)
  count(gives, 1)
  count(inert ?? {}, 1)
  const water = -(imbalance(coefficients).get('O') ?? 0)
  if (water !== 0) coefficients.set('H2O', (coefficients.get('H2O') ?? 0) + water)
  return { coefficients, text: writeEquation(coefficients, new Set(Object.keys(inert ?? {}))) }
}
