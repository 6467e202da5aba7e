import type { Step } from '@foxing/core'

/**
 * Notebooks written by hand from what one sees at the bench, not by the model: own amounts, own order, shorthand. They were written before the reasoning that has to conclude from them.
 * Every second one (`unseen`) is left out while that is worked on.
 */
export interface Written {
  readonly jar: string
  readonly of: 'solid' | 'solution' | 'mixture, solid' | 'mixture, solution' | 'compound'
  /** The ions it holds, as standings name them; of a compound its name. */
  readonly holds: readonly string[]
  /** A test of the catalogue by its id, or steps, and what was written after it, line by line. */
  readonly lines: readonly (readonly [done: string | readonly Partial<Step>[], ...saw: string[]])[]
  /** Place of a line, among `lines`, that is misread. */
  readonly misread?: number
}

const take = (mL: number): Partial<Step> => ({ do: 'take', from: 'OS', into: 'T', mL })
const drops = (reagent: string, n: number): Partial<Step> => ({ do: 'add', to: 'T', reagent, drops: n })
const pour = (reagent: string, mL: number): Partial<Step> => ({ do: 'add', to: 'T', reagent, mL })
const looked: Partial<Step> = { do: 'look', at: 'T' }
const boiled: Partial<Step> = { do: 'boil', vessel: 'T', minutes: 1 }

export const NOTEBOOKS: readonly Written[] = [
  {
    jar: 'copper sulfate, 0.1 mol/L',
    of: 'solution',
    holds: ['Cu^2+', 'SO4^2-'],
    lines: [
      ['flame-on-wire', 'flame green'],
      ['ammonia-to-excess', 'pale blue ppt', 'dissolves in excess, deep blue soln'],
      ['barium-chloride', 'white ppt'],
      ['silver-nitrate', 'no ppt'],
      ['hexacyanoferrate-ii', 'red-brown ppt'],
    ],
  },
  {
    jar: 'zinc chloride, 0.2 mol/L',
    of: 'solution',
    holds: ['Zn^2+', 'Cl^-'],
    lines: [
      ['flame-on-wire', 'no colour'],
      ['sodium-hydroxide-to-excess', 'white gelatinous ppt', 'dissolves in excess'],
      ['ammonia-to-excess', 'white ppt', 'dissolves in excess, colourless soln'],
      ['hydrogen-sulfide-in-ammonia', 'white ppt'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'lead nitrate, 0.1 mol/L',
    of: 'solution',
    holds: ['Pb^2+', 'NO3^-'],
    lines: [
      ['dilute-hydrochloric-acid', 'white ppt'],
      ['potassium-chromate', 'yellow ppt'],
      ['dilute-sulfuric-acid', 'white ppt'],
      ['brown-ring', 'brown ring'],
      ['silver-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'ammonium chloride, 0.15 mol/L',
    of: 'solution',
    holds: ['NH4^+', 'Cl^-'],
    lines: [
      ['litmus', 'blue litmus turns red'],
      ['ammonium-by-alkali', 'smell of ammonia', 'red litmus turns blue'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
      ['barium-chloride', 'no ppt'],
      ['sodium-hydroxide-to-excess', 'no ppt'],
      ['sodium-carbonate', 'no ppt'],
    ],
  },
  {
    jar: 'iron(III) chloride, 0.1 mol/L, some acid',
    of: 'solution',
    holds: ['Fe^3+', 'Cl^-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'red-brown ppt', 'does not dissolve in excess'],
      ['potassium-thiocyanate', 'blood red soln'],
      ['hexacyanoferrate-ii', 'dark blue ppt'],
      ['silver-nitrate', 'white ppt'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'barium chloride, 0.1 mol/L',
    of: 'solution',
    holds: ['Ba^2+', 'Cl^-'],
    lines: [
      ['flame-on-wire', 'apple green flame'],
      ['potassium-chromate', 'yellow ppt'],
      ['dilute-sulfuric-acid', 'white ppt'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
    ],
  },
  {
    jar: 'potassium iodide, 0.1 mol/L',
    of: 'solution',
    holds: ['K^+', 'I^-'],
    lines: [
      ['flame-through-cobalt-glass', 'flame lilac'],
      ['silver-nitrate', 'yellow ppt', 'does not dissolve'],
      ['lead-acetate', 'bright yellow ppt'],
      ['layer-test', 'violet layer'],
    ],
  },
  {
    jar: 'sodium carbonate, 0.2 mol/L',
    of: 'solution',
    holds: ['Na^+', 'CO3^2-'],
    lines: [
      ['flame-on-wire', 'intense yellow flame, lasting'],
      ['litmus', 'red litmus turns blue'],
      [[take(2), pour('HCl 2 M', 1), looked], 'brisk effervescence, colourless gas, no smell'],
      ['barium-chloride-neutral', 'white ppt', 'dissolves'],
    ],
  },
  {
    jar: 'magnesium sulfate, 0.15 mol/L',
    of: 'solution',
    holds: ['Mg^2+', 'SO4^2-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'white ppt', 'insoluble in excess'],
      ['ammonium-chloride-and-ammonia', 'no ppt'],
      ['disodium-hydrogenphosphate', 'white crystalline ppt'],
      ['barium-chloride', 'white ppt'],
      ['silver-nitrate', 'no ppt'],
      ['flame-on-wire', 'no colour'],
    ],
  },
  {
    jar: 'aluminium nitrate, 0.1 mol/L',
    of: 'solution',
    holds: ['Al^3+', 'NO3^-'],
    lines: [
      ['ammonia-to-excess', 'white gelatinous ppt', 'insoluble in excess'],
      ['sodium-hydroxide-to-excess', 'white gelatinous ppt', 'dissolves in excess'],
      ['aluminon', 'red lake'],
      ['brown-ring', 'brown ring'],
      ['barium-chloride', 'no ppt'],
      ['silver-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'nickel chloride, 0.1 mol/L',
    of: 'solution',
    holds: ['Ni^2+', 'Cl^-'],
    lines: [
      [[take(1), drops('NaOH 2 M', 6), looked], 'green ppt'],
      [[take(1), drops('NH3 2 M', 2), looked], 'green ppt'],
      ['dimethylglyoxime', 'rose red ppt'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'cobalt nitrate, 0.1 mol/L',
    of: 'solution',
    holds: ['Co^2+', 'NO3^-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'blue ppt'],
      ['thiocyanate-and-pentanol', 'blue layer'],
      ['brown-ring', 'brown ring'],
      ['silver-nitrate', 'no ppt'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'silver nitrate, 0.05 mol/L',
    of: 'solution',
    holds: ['Ag^+', 'NO3^-'],
    lines: [
      ['dilute-hydrochloric-acid', 'white curdy ppt', 'dissolves'],
      ['potassium-chromate', 'brick red ppt'],
      ['brown-ring', 'brown ring'],
      ['barium-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'calcium chloride, 0.2 mol/L',
    of: 'solution',
    holds: ['Ca^2+', 'Cl^-'],
    lines: [
      ['flame-on-wire', 'brick red flame'],
      ['ammonium-oxalate', 'white ppt', 'does not dissolve'],
      ['sodium-carbonate', 'white ppt'],
      ['silver-nitrate', 'white ppt', 'dissolves'],
    ],
  },
  {
    jar: 'manganese sulfate, 0.1 mol/L',
    of: 'solution',
    holds: ['Mn^2+', 'SO4^2-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'white ppt, turns brown', 'insoluble'],
      ['sodium-bismuthate', 'purple soln'],
      ['barium-chloride', 'white ppt'],
      ['silver-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'sodium thiosulfate, 0.1 mol/L',
    of: 'solution',
    holds: ['Na^+', 'S2O3^2-'],
    lines: [
      ['flame-on-wire', 'intense yellow flame'],
      ['acid-and-standing', 'pale yellow, cloudy', 'smell of burning sulfur'],
      ['silver-nitrate-standing', 'white ppt, then yellow, brown, black'],
      ['iodine-bleached', 'colour goes'],
    ],
  },
  {
    jar: 'potassium dichromate, 0.05 mol/L',
    of: 'solution',
    holds: ['K^+', 'CrO4^2-'],
    lines: [
      [[take(2), looked], 'orange soln'],
      [[take(2), drops('NaOH 2 M', 10), looked], 'yellow soln'],
      ['barium-chloride-neutral', 'yellow ppt'],
      ['silver-nitrate-neutral', 'brick red ppt'],
      ['flame-through-cobalt-glass', 'lilac flame'],
    ],
  },
  {
    jar: 'sodium phosphate, 0.1 mol/L',
    of: 'solution',
    holds: ['Na^+', 'PO4^3-'],
    lines: [
      ['flame-on-wire', 'intense yellow flame'],
      ['molybdate-warm', 'yellow ppt'],
      ['silver-nitrate-neutral', 'yellow ppt'],
      ['barium-chloride', 'no ppt'],
      ['magnesia-mixture', 'white crystalline ppt'],
    ],
  },
  {
    jar: 'iron(II) sulfate, 0.1 mol/L',
    of: 'solution',
    holds: ['Fe^2+', 'SO4^2-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'dirty green ppt', 'insoluble'],
      ['hexacyanoferrate-iii', 'dark blue ppt'],
      ['barium-chloride', 'white ppt'],
      ['silver-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'strontium nitrate, 0.1 mol/L',
    of: 'solution',
    holds: ['Sr^2+', 'NO3^-'],
    lines: [
      ['flame-on-wire', 'crimson flame'],
      ['sodium-carbonate', 'white ppt'],
      ['calcium-sulfate-water', 'white ppt'],
      ['brown-ring', 'brown ring'],
      ['silver-nitrate', 'no ppt'],
    ],
  },
  {
    jar: 'sodium nitrite, 0.1 mol/L',
    of: 'solution',
    holds: ['Na^+', 'NO2^-'],
    lines: [
      ['flame-on-wire', 'intense yellow flame'],
      ['iodide-in-acid', 'brown soln', 'violet layer'],
      ['nitrite-by-iron', 'brown soln'],
      ['permanganate-in-acid', 'decolourised'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'mercury(II) chloride, 0.05 mol/L',
    of: 'solution',
    holds: ['Hg^2+', 'Cl^-'],
    lines: [
      ['sodium-hydroxide-to-excess', 'yellow ppt', 'insoluble'],
      ['potassium-iodide-to-excess', 'scarlet ppt', 'dissolves in excess'],
      ['tin-ii-chloride', 'white ppt', 'grey'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
    ],
  },
  {
    jar: 'potassium bromide, 0.1 mol/L; barium chloride misread',
    of: 'solution',
    holds: ['K^+', 'Br^-'],
    lines: [
      ['flame-through-cobalt-glass', 'lilac flame'],
      ['silver-nitrate', 'pale yellow ppt', 'dissolves'],
      ['layer-test', 'orange layer'],
      ['barium-chloride', 'white ppt'],
      ['sodium-carbonate', 'no ppt'],
      ['ammonium-by-alkali', 'no smell'],
    ],
    misread: 3,
  },
  {
    jar: 'copper(II) chloride, 0.1 mol/L; hexacyanoferrate misread',
    of: 'solution',
    holds: ['Cu^2+', 'Cl^-'],
    lines: [
      ['ammonia-to-excess', 'pale blue ppt', 'deep blue soln'],
      ['hexacyanoferrate-ii', 'dark blue ppt'],
      ['sodium-hydroxide-to-excess', 'blue ppt', 'turns black'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
      ['barium-chloride', 'no ppt'],
    ],
    misread: 1,
  },
  // Solids that are no listed bench salts
  {
    jar: 'strontium bromide',
    of: 'solid',
    holds: ['Sr^2+', 'Br^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['flame-on-wire', 'crimson flame'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['silver-nitrate', 'pale yellow ppt', 'partly dissolves'],
      ['layer-test', 'orange-brown layer'],
      ['sodium-carbonate', 'white ppt'],
      ['calcium-sulfate-water', 'white ppt'],
    ],
  },
  {
    jar: 'potassium phosphate',
    of: 'solid',
    holds: ['K^+', 'PO4^3-'],
    lines: [
      ['appearance', 'white powder'],
      ['flame-through-cobalt-glass', 'lilac flame'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['litmus', 'red litmus turns blue'],
      ['molybdate-warm', 'yellow ppt'],
      ['silver-nitrate-neutral', 'yellow ppt'],
      ['ammonium-by-alkali', 'no smell'],
    ],
  },
  {
    jar: 'ammonium carbonate',
    of: 'solid',
    holds: ['NH4^+', 'CO3^2-'],
    lines: [
      ['appearance', 'white crystals'],
      ['smell-of-the-sample', 'smell of ammonia'],
      ['heat-strongly', 'nothing left'],
      ['dilute-acid-on-solid', 'brisk effervescence', 'lime water milky'],
      ['ammonium-by-alkali', 'smell of ammonia', 'red litmus turns blue'],
      ['flame-on-wire', 'no colour'],
    ],
  },
  {
    jar: 'calcium sulfide',
    of: 'solid',
    holds: ['Ca^2+', 'S^2-'],
    lines: [
      ['appearance', 'off-white powder'],
      ['flame-on-wire', 'brick red flame'],
      ['dilute-sulfuric-acid-warmed', 'smell of rotten eggs'],
      ['zinc-and-acid-on-solid', 'lead acetate paper black'],
      ['dilute-sulfuric-acid-gases', 'lead acetate paper blackens'],
    ],
  },
  {
    jar: 'zinc carbonate',
    of: 'solid',
    holds: ['Zn^2+', 'CO3^2-'],
    lines: [
      ['appearance', 'white powder'],
      ['heat-strongly', 'residue yellow hot, white cold'],
      ['dilute-acid-on-solid', 'effervescence', 'lime water milky'],
      ['solubility-in-water', 'does not dissolve'],
      ['cobalt-nitrate-on-residue', 'green mass'],
    ],
  },
  {
    jar: 'lithium nitrate',
    of: 'solid',
    holds: ['Li^+', 'NO3^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['flame-on-wire', 'crimson flame'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['brown-ring', 'brown ring'],
      ['sodium-carbonate', 'no ppt'],
      ['silver-nitrate', 'no ppt'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'cadmium bromide',
    of: 'solid',
    holds: ['Cd^2+', 'Br^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['hydrogen-sulfide-in-acid', 'yellow ppt'],
      ['ammonia-to-excess', 'white ppt', 'dissolves in excess'],
      ['sodium-hydroxide-to-excess', 'white ppt', 'insoluble'],
      ['layer-test', 'orange layer'],
      ['silver-nitrate', 'pale yellow ppt'],
    ],
  },
  {
    jar: 'barium thiocyanate',
    of: 'solid',
    holds: ['Ba^2+', 'SCN^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['flame-on-wire', 'apple green flame'],
      ['solubility-in-water', 'dissolves'],
      ['iron-iii-chloride', 'blood red soln'],
      ['dilute-sulfuric-acid', 'white ppt'],
      ['potassium-chromate', 'yellow ppt'],
    ],
  },
  // Listed solids
  {
    jar: 'lead carbonate',
    of: 'solid',
    holds: ['Pb^2+', 'CO3^2-'],
    lines: [
      ['appearance', 'white powder, heavy'],
      ['heat-strongly', 'residue brown hot, yellow cold'],
      ['solubility-in-water', 'does not dissolve'],
      ['solubility-in-nitric-acid', 'dissolves with effervescence'],
      ['acid-solution-sulfate', 'white ppt'],
      ['charcoal-cavity', 'grey metal bead, marks paper'],
    ],
  },
  {
    jar: 'copper sulfate pentahydrate',
    of: 'solid',
    holds: ['Cu^2+', 'SO4^2-'],
    lines: [
      ['appearance', 'blue crystals'],
      ['heat-gently', 'turns white, drops of water'],
      ['flame-on-wire', 'green flame'],
      ['solubility-in-water', 'dissolves, blue soln'],
      ['ammonia-to-excess', 'pale blue ppt', 'deep blue soln'],
      ['barium-chloride', 'white ppt'],
    ],
  },
  {
    jar: 'ammonium chloride',
    of: 'solid',
    holds: ['NH4^+', 'Cl^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['heat-strongly', 'white sublimate'],
      ['ammonia-by-rod', 'smell of ammonia', 'white fumes'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['silver-nitrate', 'white curdy ppt', 'dissolves'],
    ],
  },
  {
    jar: 'potassium nitrate; flame misread as yellow',
    of: 'solid',
    holds: ['K^+', 'NO3^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['flame-on-wire', 'yellow flame'],
      ['flame-through-cobalt-glass', 'lilac flame'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['brown-ring', 'brown ring'],
      ['silver-nitrate', 'no ppt'],
      ['barium-chloride', 'no ppt'],
      ['sodium-cobaltinitrite', 'yellow ppt'],
    ],
    misread: 1,
  },
  {
    jar: 'sodium sulfite',
    of: 'solid',
    holds: ['Na^+', 'SO3^2-'],
    lines: [
      ['appearance', 'white powder'],
      ['flame-on-wire', 'intense yellow flame'],
      ['dilute-sulfuric-acid-warmed', 'smell of burning sulfur'],
      ['dilute-sulfuric-acid-gases', 'dichromate paper turns green'],
      ['solubility-in-water', 'dissolves'],
      ['barium-chloride-neutral', 'white ppt', 'dissolves'],
      ['permanganate-in-acid', 'decolourised'],
    ],
  },
  {
    jar: 'zinc sulfate heptahydrate',
    of: 'solid',
    holds: ['Zn^2+', 'SO4^2-'],
    lines: [
      ['appearance', 'colourless crystals'],
      ['heat-strongly', 'drops of water', 'residue yellow hot, white cold'],
      ['solubility-in-water', 'dissolves, colourless soln'],
      ['sodium-hydroxide-to-excess', 'white ppt', 'dissolves in excess'],
      ['barium-chloride', 'white ppt'],
      ['hydrogen-sulfide-in-ammonia', 'white ppt'],
    ],
  },
  {
    jar: 'chromium(III) chloride',
    of: 'solid',
    holds: ['Cr^3+', 'Cl^-'],
    lines: [
      ['appearance', 'dark green crystals'],
      ['solubility-in-water', 'dissolves, green soln'],
      ['sodium-hydroxide-to-excess', 'grey-green ppt', 'dissolves in excess, green soln'],
      ['alkali-and-peroxide', 'yellow soln'],
      ['silver-nitrate', 'white curdy ppt'],
      ['barium-chloride', 'no ppt'],
    ],
  },
  {
    jar: 'sodium chloride, boiled down by mistake',
    of: 'solid',
    holds: ['Na^+', 'Cl^-'],
    lines: [
      ['appearance', 'white crystals'],
      ['heat-gently', 'crackles'],
      ['flame-on-wire', 'intense yellow flame'],
      [[{ do: 'dissolve', into: 'OS', mg: 200, in: 'water', mL: 10 }], 'dissolves'],
      [[take(2), drops('HNO3 2 M', 3), drops('AgNO3 0.1 M', 4), looked], 'white curdy ppt'],
      [[take(2), drops('HCl 2 M', 3), drops('BaCl2 0.1 M', 4), boiled, looked], 'no ppt'],
      ['concentrated-sulfuric-acid', 'misty fumes, pungent'],
    ],
  },
]

/** Those that may be looked at while the reasoning is worked on, and the others. */
export const SEEN = NOTEBOOKS.filter((_, place) => place % 2 === 0)
export const UNSEEN = NOTEBOOKS.filter((_, place) => place % 2 === 1)
