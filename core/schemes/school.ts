import type { Scheme } from './types'

/** Sodium hydroxide and ammonia compared on portions, with few other reagents: school-leaving practicals. */
export const SCHOOL: Scheme = {
  id: 'alkali-and-ammonia',
  title: 'by sodium hydroxide and ammonia',
  usual: [
    'appearance',
    'flame-on-wire',
    'flame-through-cobalt-glass',
    'solubility-in-water',
    'litmus',
    'sodium-hydroxide-to-excess',
    'ammonium-by-alkali',
    'ammonia-to-excess',
    'dilute-acid-on-solid',
    'silver-nitrate',
    'barium-chloride',
    'iron-iii-chloride',
  ],
  stages: [
    { id: 'looked', title: 'looked', tests: ['appearance', 'solubility-in-water', 'litmus'] },
    { id: 'flame', title: 'flame', tests: ['flame-on-wire', 'flame-through-cobalt-glass', 'flame-through-spectroscope'] },
    { id: 'alkali', title: 'alkali', tests: ['sodium-hydroxide-to-excess', 'ammonium-by-alkali'] },
    { id: 'ammonia', title: 'ammonia', tests: ['ammonia-to-excess'] },
    {
      id: 'anions',
      title: 'anions',
      tests: ['dilute-acid-on-solid', 'carbon-dioxide-by-splint', 'silver-nitrate', 'barium-nitrate', 'barium-chloride', 'iron-iii-chloride'],
    },
    {
      id: 'proof',
      title: 'proof',
      tests: [
        'aluminate-and-ammonium-chloride',
        'potassium-iodide-to-excess',
        'dilute-hydrochloric-acid',
        'dilute-sulfuric-acid',
        'ammonium-oxalate',
        'potassium-chromate',
        'hexacyanoferrate-ii',
        'hexacyanoferrate-iii',
        'potassium-thiocyanate',
        'alkali-and-peroxide',
      ],
    },
  ],
  separations: [],
  confirmations: 1,
  because: 'What a drop of alkali brings down, its colour, and whether more of it, or ammonia, takes it up again, tells the common cations apart.',
  sources: ['vogel7'],
}
