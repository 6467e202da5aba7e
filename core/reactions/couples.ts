import type { SourceId, Stoichiometry } from '../species'

/** Conditions that must hold together. */
export interface When {
  /** Strong acid from which on, mol/L. */
  readonly from?: number
  /** Strong acid up to which, mol/L. */
  readonly upTo?: number
  readonly pHFrom?: number
  readonly pHUpTo?: number
  readonly above_C?: number
}

/** What is slow about a couple, and the rule that says so. Where several conditions are given, one is enough. */
export interface RedoxGate {
  readonly rule: string
  /** When its oxidised side takes part. */
  readonly oxidises?: readonly When[]
  /** When its reduced side does. */
  readonly reduces?: readonly When[]
  /** When it reacts with a couple that shares its own species: disproportionation. */
  readonly withItself?: readonly When[]
  /** Driving force it wants before anything is seen, V; `hot` from 60 °C on. */
  readonly overpotential_V?: { readonly cold: number; readonly hot: number }
  /** More force that its reduced side wants before it gives way, V. */
  readonly reluctant_V?: number
  /** At a solid's surface it is too slow at the temperatures of a test tube. */
  readonly notOnSolids?: boolean
  /** From this temperature on it is not too slow on metals. */
  readonly onMetalsAbove_C?: number
  /** Its reduced side gives two electrons at once: oxidants that take one, and ions that would become metal, pass it by. */
  readonly onlyInPairs?: boolean
  readonly passesBy?: Spared | readonly Spared[]
  /** More force that it wants where it falls apart with a couple of its own species, V. */
  readonly apart_V?: { readonly weakAcid: number; readonly strongAcid: number }
  /** It takes only what is open to air (see `openToAir`). */
  readonly onlyOpenToAir?: boolean
}

/** What an oxidised side does not take although it could: these couples, or all metals; from one strength of acid on and up to another, mol/L, where they are given. */
export interface Spared {
  readonly couples?: readonly string[]
  readonly metals?: boolean
  readonly from?: number
  readonly upTo?: number
  readonly below_C?: number
}

/**
 * A half-reaction, written as a reduction in components (water is left to the balance): ox + n e⁻ + protons → red. `inert` solids stand beside the solution at unit
 * activity, on either side.
 */
export interface Couple {
  readonly id: string
  readonly electrons: number
  readonly oxidised: Stoichiometry
  readonly reduced: Stoichiometry
  readonly inert?: { readonly oxidised?: Stoichiometry; readonly reduced?: Stoichiometry }
  /** The reduced side is a metal, or holds metal atoms bound to each other. */
  readonly metal?: boolean
  /** Standard potential of the half-reaction as written, V against hydrogen, 25 °C, activities on the molar scale. */
  readonly potential_V: number
  readonly gate?: RedoxGate
  /** Air oxidises its reduced side within minutes. */
  readonly openToAir?: boolean
  readonly source: SourceId
}

const NEVER: readonly When[] = []
const H = 'H^+'
/** What nitric acid burns only when it is concentrated and hot, by a rule of its own (`nitric-acid-burns-organic-acids`). */
const ORGANIC = { couples: ['CO2/C2O4 2-'] }

/** A metal and its ion. A new phase wants a little force to begin. */
const metal = (element: string, ion: string, electrons: number, potential_V: number, gate?: Partial<RedoxGate>): Couple => ({
  id: `${ion}/${element}`,
  electrons,
  oxidised: { [ion]: 1 },
  reduced: {},
  inert: { reduced: { [element]: 1 } },
  metal: true,
  potential_V,
  gate: { rule: 'a-new-metal-wants-force', overpotential_V: { cold: 0.06, hot: 0.03 }, ...gate },
  source: 'crc',
})

/** Couples met so far. Any two may be paired; none is written for another. */
export const COUPLES: readonly Couple[] = [
  {
    id: 'I2/I-',
    electrons: 2,
    oxidised: { I2: 1 },
    reduced: { 'I^-': 2 },
    potential_V: 0.621,
    // Boiled, iodine leaves copper(I) iodide, or iron(II), and does not oxidise them again as it goes; nor does it take nitrite, which frees it.
    gate: { rule: 'iodine-leaves', passesBy: { couples: ['Cu2+/Cu+', 'Fe3+/Fe2+', 'NO3-/NO2-'] } },
    source: 'crc',
  },
  {
    id: 'Fe3+/Fe2+',
    electrons: 1,
    oxidised: { 'Fe^3+': 1 },
    reduced: { 'Fe^2+': 1 },
    potential_V: 0.771,
    openToAir: true,
    // Prussian blue and the red thiocyanate form, and keep: within them iron(III) takes no electron.
    gate: { rule: 'iron-iii-keeps-its-partners', passesBy: { couples: ['Fe(CN)6 3-/4-', 'SO4 2-+CN-/SCN-'] } },
    source: 'crc',
  },
  { id: 'Cu2+/Cu+', electrons: 1, oxidised: { 'Cu^2+': 1 }, reduced: { 'Cu^+': 1 }, potential_V: 0.159, source: 'crc' },
  metal('Cu', 'Cu^2+', 2, 0.34, { overpotential_V: { cold: 0, hot: 0 } }),
  metal('Cu', 'Cu^+', 1, 0.521, { overpotential_V: { cold: 0, hot: 0 } }),
  {
    id: 'NO3-/NO2',
    electrons: 1,
    oxidised: { 'NO3^-': 1, [H]: 2 },
    reduced: { NO2: 1 },
    // 0.775 V to the gas; the dissolved molecule lies higher by its Henry constant.
    potential_V: 0.663,
    gate: { rule: 'nitrate-slow-in-dilute-acid', oxidises: [{ from: 6 }], reduces: [{ from: 6 }], passesBy: ORGANIC },
    source: 'crc',
  },
  {
    id: 'NO3-/NO',
    electrons: 3,
    oxidised: { 'NO3^-': 1, [H]: 4 },
    reduced: { NO: 1 },
    // 0.957 V to the gas.
    potential_V: 0.903,
    gate: {
      rule: 'nitrate-slow-in-dilute-acid',
      oxidises: [{ from: 1, upTo: 6, above_C: 55 }],
      reduces: NEVER,
      passesBy: ORGANIC,
      overpotential_V: { cold: 0.15, hot: 0.1 },
    },
    source: 'crc',
  },
  {
    id: 'NO2/NO2-',
    electrons: 1,
    oxidised: { NO2: 1 },
    reduced: { 'NO2^-': 1 },
    potential_V: 1.007,
    gate: { rule: 'nitrite-made-only-in-weak-acid', oxidises: [{ upTo: 1 }], reduces: [{ upTo: 1 }] },
    source: 'crc',
  },
  {
    id: 'NO2-/NO',
    electrons: 1,
    oxidised: { 'NO2^-': 1, [H]: 2 },
    reduced: { NO: 1 },
    // 0.983 V for the acid and the gas.
    potential_V: 1.008,
    gate: { rule: 'nitrite-only-in-acid', oxidises: [{ pHUpTo: 5.5 }], reduces: NEVER, withItself: [{ above_C: 10, pHUpTo: 2.6 }, { above_C: 55 }] },
    source: 'crc',
  },
  {
    id: 'SO4 2-/SO3 2-',
    electrons: 2,
    oxidised: { 'SO4^2-': 1, [H]: 2 },
    reduced: { 'SO3^2-': 1 },
    // 0.158 V to sulfurous acid, less what its two protons give.
    potential_V: -0.109,
    gate: {
      rule: 'sulfate-oxidises-only-concentrated',
      oxidises: [{ from: 13 }],
      notOnSolids: true,
      onMetalsAbove_C: 80,
      // In strong acid sulfur dioxide leaves iodine alone; in dilute acid and in water the force is far greater.
      reluctant_V: 0.5,
    },
    source: 'crc',
  },
  {
    id: 'SO3 2-/S',
    electrons: 4,
    oxidised: { 'SO3^2-': 1, [H]: 6 },
    reduced: {},
    inert: { reduced: { S: 1 } },
    potential_V: 0.584,
    gate: {
      rule: 'sulfur-is-slow',
      oxidises: [{ pHUpTo: 4, upTo: 10 }],
      passesBy: { metals: true },
      reduces: NEVER,
      withItself: NEVER,
      overpotential_V: { cold: 0.15, hot: 0.15 },
    },
    source: 'crc',
  },
  {
    id: 'SO4 2-/S',
    electrons: 6,
    oxidised: { 'SO4^2-': 1, [H]: 8 },
    reduced: {},
    inert: { reduced: { S: 1 } },
    potential_V: 0.357,
    gate: { rule: 'sulfur-is-slow', oxidises: NEVER, reduces: [{ from: 6, above_C: 90 }] },
    source: 'crc',
  },
  {
    id: 'S/HS-',
    electrons: 2,
    oxidised: { [H]: 1 },
    reduced: { 'HS^-': 1 },
    inert: { oxidised: { S: 1 } },
    // 0.144 V to hydrogen sulfide, less what its proton gives.
    potential_V: -0.063,
    gate: { rule: 'sulfur-is-slow', oxidises: [{ pHFrom: 8 }], overpotential_V: { cold: 0.05, hot: 0.02 } },
    source: 'crc',
  },
  {
    id: 'S2 2-/HS-',
    electrons: 2,
    oxidised: { 'S2^2-': 1, [H]: 2 },
    reduced: { 'HS^-': 2 },
    // Sulfur goes into sulfide: S + HS- = S2 2- + H+, log K −8.6 for chains of all lengths together.
    potential_V: 0.191,
    gate: { rule: 'sulfur-is-slow' },
    source: 'kolthoff',
  },
  {
    id: 'S/S2 2-',
    electrons: 2,
    oxidised: {},
    reduced: { 'S2^2-': 1 },
    inert: { oxidised: { S: 2 } },
    potential_V: -0.317,
    gate: { rule: 'sulfur-is-slow', oxidises: [{ pHFrom: 8 }] },
    source: 'kolthoff',
  },
  {
    id: 'S4O6 2-/S2O3 2-',
    electrons: 2,
    oxidised: { 'S4O6^2-': 1 },
    reduced: { 'S2O3^2-': 2 },
    potential_V: 0.08,
    gate: { rule: 'tetrathionate-is-slow', oxidises: NEVER },
    source: 'crc',
  },
  {
    id: 'CO2/C2O4 2-',
    electrons: 2,
    oxidised: { 'CO3^2-': 2, [H]: 4 },
    reduced: { 'C2O4^2-': 1 },
    potential_V: 0.343,
    gate: {
      rule: 'oxalate-oxidised-only-warm',
      oxidises: NEVER,
      reduces: [{ above_C: 55, pHUpTo: 3, upTo: 13 }],
      overpotential_V: { cold: 1.2, hot: 0.9 },
    },
    source: 'crc',
  },
  {
    id: 'Cl2/Cl-',
    electrons: 2,
    oxidised: { Cl2: 1 },
    reduced: { 'Cl^-': 2 },
    potential_V: 1.396,
    gate: { rule: 'chloride-oxidised-only-in-strong-acid', reduces: [{ from: 4 }, { from: 0.8, above_C: 55 }] },
    source: 'crc',
  },
  {
    id: 'Br2/Br-',
    electrons: 2,
    oxidised: { Br2: 1 },
    reduced: { 'Br^-': 2 },
    potential_V: 1.087,
    gate: { rule: 'bromide-oxidised-in-acid', reduces: [{ pHUpTo: 7 }] },
    source: 'crc',
  },
  {
    id: 'ClO-/Cl-',
    electrons: 2,
    oxidised: { 'ClO^-': 1, [H]: 2 },
    reduced: { 'Cl^-': 1 },
    // 1.482 V for the acid.
    potential_V: 1.705,
    gate: { rule: 'halogens-fall-apart-in-alkali', reduces: NEVER, withItself: NEVER, overpotential_V: { cold: 0.2, hot: 0.1 } },
    source: 'crc',
  },
  {
    id: 'BrO-/Br-',
    electrons: 2,
    oxidised: { 'BrO^-': 1, [H]: 2 },
    reduced: { 'Br^-': 1 },
    // 1.331 V for the acid, whose proton gives 0.256 V.
    potential_V: 1.587,
    gate: { rule: 'halogens-fall-apart-in-alkali', reduces: NEVER, withItself: NEVER, overpotential_V: { cold: 0.2, hot: 0.1 } },
    source: 'crc',
  },
  {
    id: 'NiOOH/Ni2+',
    electrons: 1,
    oxidised: { [H]: 3 },
    reduced: { 'Ni^2+': 1 },
    inert: { oxidised: { NiOOH: 1 } },
    potential_V: 2.05,
    gate: { rule: 'nickel-to-black-oxide-only-in-alkali', oxidises: [{ pHUpTo: 4 }], reduces: [{ pHFrom: 11 }] },
    source: 'vogel7',
  },
  {
    id: 'IO-/I2',
    electrons: 2,
    oxidised: { 'IO^-': 2, [H]: 4 },
    reduced: { I2: 1 },
    // 1.439 V for the acid.
    potential_V: 2.069,
    gate: { rule: 'halogens-fall-apart-in-alkali', oxidises: [{ pHUpTo: 8 }], reduces: [{ pHFrom: 8 }] },
    source: 'crc',
  },
  {
    id: 'IO3-/I2',
    electrons: 10,
    oxidised: { 'IO3^-': 2, [H]: 12 },
    reduced: { I2: 1 },
    potential_V: 1.195,
    // In cold alkali iodine stops at hypoiodite for minutes.
    gate: { rule: 'iodine-goes-on-to-iodate', reluctant_V: 0.1, oxidises: [{ pHUpTo: 5 }], reduces: [{ above_C: 70 }, { pHUpTo: 8 }] },
    source: 'crc',
  },
  {
    id: 'ClO3-/Cl-',
    electrons: 6,
    oxidised: { 'ClO3^-': 1, [H]: 6 },
    reduced: { 'Cl^-': 1 },
    potential_V: 1.451,
    gate: { rule: 'chlorate-is-slow', oxidises: [{ from: 0.05, upTo: 8 }], reduces: NEVER, overpotential_V: { cold: 0.9, hot: 0.45 } },
    source: 'crc',
  },
  {
    id: 'ClO3-/Cl- in alkali',
    electrons: 6,
    oxidised: { 'ClO3^-': 1, [H]: 6 },
    reduced: { 'Cl^-': 1 },
    potential_V: 1.451,
    gate: { rule: 'chlorate-is-slow', oxidises: [{ pHFrom: 10, above_C: 55 }], reduces: NEVER, overpotential_V: { cold: 1.6, hot: 1.5 } },
    source: 'crc',
  },
  {
    id: 'ClO2/Cl-',
    electrons: 5,
    oxidised: { ClO2: 1, [H]: 4 },
    reduced: { 'Cl^-': 1 },
    potential_V: 1.51,
    gate: { rule: 'chlorate-is-slow', reduces: NEVER, oxidises: [{ upTo: 8 }], overpotential_V: { cold: 0.4, hot: 0.4 } },
    source: 'crc',
  },
  {
    id: 'NO3-/NO2-',
    electrons: 2,
    oxidised: { 'NO3^-': 1, [H]: 2 },
    reduced: { 'NO2^-': 1 },
    // 0.94 V for nitrous acid.
    potential_V: 0.847,
    gate: { rule: 'nitrite-taken-up-to-nitrate-in-acid', oxidises: NEVER, reduces: [{ pHUpTo: 5 }] },
    source: 'crc',
  },
  {
    id: 'NO3-/NH4+',
    electrons: 8,
    oxidised: { 'NO3^-': 1, [H]: 10 },
    reduced: { 'NH4^+': 1 },
    potential_V: 0.875,
    gate: { rule: 'metals-in-alkali-make-ammonia', oxidises: [{ pHFrom: 12 }], reduces: NEVER, overpotential_V: { cold: 0.8, hot: 0.75 } },
    source: 'crc',
  },
  {
    id: 'NO2-/NH4+',
    electrons: 6,
    oxidised: { 'NO2^-': 1, [H]: 8 },
    reduced: { 'NH4^+': 1 },
    potential_V: 0.897,
    gate: { rule: 'metals-in-alkali-make-ammonia', oxidises: [{ pHFrom: 12 }], reduces: NEVER, overpotential_V: { cold: 0.8, hot: 0.75 } },
    source: 'crc',
  },
  {
    id: 'SO3 2-/HS-',
    electrons: 6,
    oxidised: { 'SO3^2-': 1, [H]: 7 },
    reduced: { 'HS^-': 1 },
    // 0.347 V for the acids.
    potential_V: 0.367,
    gate: {
      rule: 'metals-in-acid-make-hydrogen-sulfide',
      oxidises: [{ pHUpTo: 2, upTo: 8 }],
      reduces: NEVER,
      withItself: NEVER,
      overpotential_V: { cold: 0.55, hot: 0.5 },
    },
    source: 'crc',
  },
  {
    id: 'SO4 2-/S2O3 2-',
    electrons: 8,
    oxidised: { 'SO4^2-': 2, [H]: 10 },
    reduced: { 'S2O3^2-': 1 },
    potential_V: 0.29,
    gate: {
      rule: 'strong-oxidants-take-thiosulfate-to-sulfate',
      oxidises: NEVER,
      reduces: [{ pHUpTo: 12 }],
      overpotential_V: { cold: 0.55, hot: 0.4 },
    },
    source: 'crc',
  },
  {
    id: 'SO4 2-+CN-/SCN-',
    electrons: 6,
    oxidised: { 'SO4^2-': 1, 'CN^-': 1, [H]: 8 },
    reduced: { 'SCN^-': 1 },
    // ΔG of formation: thiocyanate 92.7, cyanide 172.4, sulfate −744.5 kJ/mol.
    potential_V: 0.62,
    gate: {
      rule: 'thiocyanate-oxidised-by-strong-oxidants',
      oxidises: NEVER,
      reduces: [{ pHUpTo: 4 }],
      overpotential_V: { cold: 0.5, hot: 0.3 },
      reluctant_V: 0.1,
    },
    source: 'crc',
  },
  {
    id: 'Sb/SbH3',
    electrons: 3,
    oxidised: { [H]: 3 },
    reduced: { SbH3: 1 },
    inert: { oxidised: { Sb: 1 } },
    potential_V: -0.54,
    gate: { rule: 'arsine-by-nascent-hydrogen', oxidises: [{ from: 0.3 }], reduces: NEVER },
    source: 'crc',
  },
  { id: 'Fe(CN)6 3-/4-', electrons: 1, oxidised: { 'Fe(CN)6^3-': 1 }, reduced: { 'Fe(CN)6^4-': 1 }, potential_V: 0.358, source: 'crc' },
  {
    id: 'H2O2/H2O',
    electrons: 2,
    oxidised: { H2O2: 1, [H]: 2 },
    reduced: {},
    potential_V: 1.776,
    gate: {
      rule: 'peroxide-falls-apart-hot-and-alkaline',
      // Chloride it takes in concentrated acid alone: in dilute, slowly enough for none to be seen. The bound between is judged; no source gives one.
      // Iodine it leaves as iodine, and thiocyanate in the cold.
      passesBy: [
        { couples: ['MnO4-/Mn2+', 'MnO4-/MnO2', 'IO3-/I2'] },
        { couples: ['Cl2/Cl-'], upTo: 4 },
        { couples: ['SO4 2-+CN-/SCN-'], below_C: 50 },
        // Iodide it oxidises in acid; in water it takes an hour.
        { couples: ['I2/I-'], upTo: 1e-5 },
      ],
      reduces: NEVER,
      withItself: [{ above_C: 80, pHFrom: 7 }],
    },
    source: 'crc',
  },
  {
    id: 'O2/H2O2',
    electrons: 2,
    oxidised: { O2: 1, [H]: 2 },
    reduced: { H2O2: 1 },
    // 0.695 V from the gas.
    potential_V: 0.78,
    gate: { rule: 'peroxide-gives-way-to-strong-oxidants', oxidises: NEVER, overpotential_V: { cold: 0.62, hot: 0.3 } },
    source: 'crc',
  },
  {
    id: 'O2/H2O',
    electrons: 4,
    oxidised: { O2: 1, [H]: 4 },
    reduced: {},
    // 1.229 V from the gas.
    potential_V: 1.272,
    gate: { rule: 'air-oxidises-in-alkali', oxidises: [{ pHFrom: 7.5 }], reduces: [{ pHUpTo: 7, upTo: 12 }], reluctant_V: 0.55, onlyOpenToAir: true },
    source: 'crc',
  },
  {
    id: 'Cr(VI)/Cr3+',
    electrons: 3,
    oxidised: { 'CrO4^2-': 1, [H]: 8 },
    reduced: { 'Cr^3+': 1 },
    // 1.36 V for the dichromate ion.
    potential_V: 1.504,
    gate: {
      rule: 'chromium-iii-oxidised-in-alkali',
      oxidises: [{ pHUpTo: 3 }],
      // In concentrated acid chloride becomes chromyl chloride instead.
      passesBy: { couples: ['Cl2/Cl-'], from: 13 },
      reduces: [
        { pHFrom: 9, above_C: 50 },
        { from: 6, above_C: 90 },
      ],
    },
    source: 'crc',
  },
  {
    id: 'MnO4-/Mn2+',
    electrons: 5,
    oxidised: { 'MnO4^-': 1, [H]: 8 },
    reduced: { 'Mn^2+': 1 },
    potential_V: 1.507,
    gate: { rule: 'permanganate-to-dioxide-unless-acid', oxidises: [{ pHUpTo: 4 }], reduces: [{ from: 0.5, upTo: 13 }] },
    source: 'crc',
  },
  {
    id: 'MnO4-/MnO2',
    electrons: 3,
    oxidised: { 'MnO4^-': 1, [H]: 4 },
    reduced: {},
    inert: { reduced: { MnO2: 1 } },
    potential_V: 1.695,
    gate: { rule: 'permanganate-to-dioxide-unless-acid', oxidises: [{ pHFrom: 4 }], reduces: [{ from: 0.5, upTo: 13 }] },
    source: 'crc',
  },
  {
    id: 'MnO2/Mn2+',
    electrons: 2,
    oxidised: { [H]: 4 },
    reduced: { 'Mn^2+': 1 },
    inert: { oxidised: { MnO2: 1 } },
    potential_V: 1.224,
    gate: { rule: 'manganese-ii-to-dioxide-only-in-alkali', oxidises: [{ pHUpTo: 4 }], reduces: [{ pHFrom: 6.5 }, { pHFrom: 3.5, above_C: 50 }] },
    openToAir: true,
    source: 'crc',
  },
  {
    id: 'NaBiO3/Bi3+',
    electrons: 2,
    oxidised: { [H]: 6 },
    reduced: { 'Bi^3+': 1, 'Na^+': 1 },
    inert: { oxidised: { NaBiO3: 1 } },
    potential_V: 1.9,
    gate: { rule: 'bismuthate-wants-acid', oxidises: [{ from: 0.3 }], reduces: NEVER },
    source: 'feigl',
  },
  {
    id: 'PbO2/Pb2+',
    electrons: 2,
    oxidised: { [H]: 4 },
    reduced: { 'Pb^2+': 1 },
    inert: { oxidised: { PbO2: 1 } },
    potential_V: 1.455,
    gate: { rule: 'lead-dioxide-wants-hot-acid', oxidises: [{ from: 1, above_C: 55 }], reduces: [{ pHFrom: 9 }] },
    source: 'crc',
  },
  {
    id: 'Co3+/Co2+',
    electrons: 1,
    oxidised: { 'Co^3+': 1 },
    reduced: { 'Co^2+': 1 },
    potential_V: 1.92,
    openToAir: true,
    source: 'crc',
  },
  {
    id: 'As(V)/As(III)',
    electrons: 2,
    oxidised: { 'AsO4^3-': 1, [H]: 5 },
    reduced: { H3AsO3: 1 },
    // 0.560 V for the acids.
    potential_V: 1.169,
    gate: {
      rule: 'arsenic-v-slow-to-be-reduced',
      oxidises: [{ from: 3.5 }, { from: 0.8, above_C: 70 }, { from: 0.15, above_C: 95 }],
      onlyInPairs: true,
    },
    source: 'crc',
  },
  {
    id: 'As(III)/As',
    electrons: 3,
    oxidised: { H3AsO3: 1, [H]: 3 },
    reduced: {},
    inert: { reduced: { As: 1 } },
    potential_V: 0.248,
    gate: { rule: 'a-new-metal-wants-force', oxidises: [{ from: 0.3 }], overpotential_V: { cold: 0.08, hot: 0.04 } },
    source: 'crc',
  },
  {
    id: 'As/AsH3',
    electrons: 3,
    oxidised: { [H]: 3 },
    reduced: { AsH3: 1 },
    inert: { oxidised: { As: 1 } },
    // −0.225 V to the gas.
    potential_V: -0.265,
    gate: { rule: 'arsine-by-nascent-hydrogen', oxidises: [{ from: 0.3 }], reduces: NEVER },
    source: 'crc',
  },
  {
    id: 'H3PO4/PH3',
    electrons: 8,
    oxidised: { 'PO4^3-': 1, [H]: 11 },
    reduced: { PH3: 1 },
    // −0.263 V from phosphoric acid to the gas: −0.276, −0.454 and −0.063 V through phosphorous acid and phosphorus, by their electrons; brought to phosphate ion and dissolved gas.
    potential_V: -0.118,
    gate: { rule: 'phosphate-is-never-reduced', oxidises: NEVER },
    source: 'crc',
  },
  {
    id: 'Sb(V)/Sb(III)',
    electrons: 2,
    oxidised: { 'Sb(OH)6^-': 1, [H]: 6 },
    reduced: { 'Sb^3+': 1 },
    potential_V: 0.68,
    gate: { rule: 'antimony-v-slow-to-be-reduced', oxidises: [{ from: 0.8 }], onlyInPairs: true },
    source: 'crc',
  },
  metal('Sb', 'Sb^3+', 3, 0.23),
  {
    id: 'Sn4+/Sn2+',
    electrons: 2,
    oxidised: { 'Sn^4+': 1 },
    reduced: { 'Sn^2+': 1 },
    potential_V: 0.15,
    gate: { rule: 'tin-iv-slow-to-be-reduced', overpotential_V: { cold: 0.02, hot: 0.02 }, oxidises: [{ pHUpTo: 3 }] },
    source: 'crc',
  },
  metal('Sn', 'Sn^2+', 2, -0.1375, {
    rule: 'iron-stops-at-tin-ii',
    // Stannite keeps for an hour in the cold, and darkens when it is warmed.
    withItself: [{ above_C: 50 }],
    overpotential_V: { cold: 0.35, hot: 0.35 },
  }),
  metal('Bi', 'Bi^3+', 3, 0.317),
  {
    id: 'Hg2+/Hg2 2+',
    electrons: 2,
    oxidised: { 'Hg^2+': 2 },
    reduced: { 'Hg2^2+': 1 },
    metal: true,
    potential_V: 0.911,
    gate: { rule: 'calomel-resists-mild-oxidants', reluctant_V: 0.15, overpotential_V: { cold: 0.08, hot: 0.08 } },
    source: 'smith-martell',
  },
  {
    id: 'Hg2 2+/Hg',
    electrons: 2,
    oxidised: { 'Hg2^2+': 1 },
    reduced: {},
    inert: { reduced: { Hg: 2 } },
    metal: true,
    potential_V: 0.796,
    // In clear nitric acid solution a hundredth part falls apart, and no drop of metal is seen.
    gate: { rule: 'mercury-i-keeps', apart_V: { weakAcid: 0.05, strongAcid: 0.08 } },
    source: 'smith-martell',
  },
  metal('Ag', 'Ag^+', 1, 0.7996, {
    overpotential_V: { cold: 0.1, hot: 0.05 },
    passesBy: [{ couples: ['SO4 2-/SO3 2-'], below_C: 90 }, { couples: ['S4O6 2-/S2O3 2-', 'SO4 2-/S2O3 2-'] }],
  }),
  metal('Pb', 'Pb^2+', 2, -0.126),
  metal('Cd', 'Cd^2+', 2, -0.403),
  metal('Ni', 'Ni^2+', 2, -0.257),
  metal('Co', 'Co^2+', 2, -0.28),
  metal('Fe', 'Fe^2+', 2, -0.447),
  metal('Zn', 'Zn^2+', 2, -0.762),
  metal('Al', 'Al^3+', 3, -1.662, { rule: 'aluminium-is-skinned-with-oxide', reduces: [{ pHUpTo: 3 }, { pHFrom: 11 }] }),
  metal('Mg', 'Mg^2+', 2, -2.372, { rule: 'magnesium-slow-in-cold-water', reduces: [{ pHUpTo: 9.5 }, { above_C: 90 }] }),
  {
    id: 'H+/H2',
    electrons: 2,
    oxidised: { [H]: 2 },
    reduced: { H2: 1 },
    // 0 V to the gas.
    potential_V: -0.092,
    gate: {
      rule: 'hydrogen-wants-force',
      // Not from concentrated sulfuric acid, whose sulfate takes the electrons.
      oxidises: [{ upTo: 10 }],
      reduces: NEVER,
      // In water that is neither acid nor alkaline a skin of hydroxide stops all but magnesium.
      passesBy: {
        couples: ['Zn^2+/Zn', 'Fe^2+/Fe', 'Al^3+/Al', 'Cd^2+/Cd', 'Sn^2+/Sn', 'Pb^2+/Pb', 'Ni^2+/Ni', 'Co^2+/Co'],
        from: -0.003,
        upTo: 1e-4,
      },
      overpotential_V: { cold: 0.25, hot: 0.2 },
    },
    source: 'crc',
  },
]
