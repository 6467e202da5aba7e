import type { SourceId } from '../species'

/** A way of working, as data: the order of its stages, and what counts as shown. */
export interface Scheme {
  readonly id: string
  readonly title: string
  readonly stages: readonly { readonly id: string; readonly title: string; readonly tests: readonly string[] }[]
  /** Independent positive tests a confirmed ion takes; a class may set another number. */
  readonly confirmations: number
  readonly because: string
  readonly sources: readonly SourceId[]
}

/** Group reagents on portions of one solution, anions first: the default for a single salt. */
export const PORTIONS: Scheme = {
  id: 'portions',
  title: 'by group reagents on portions',
  stages: [
    { id: 'looked', title: 'looked', tests: ['appearance'] },
    { id: 'flame', title: 'flame', tests: ['flame-on-wire', 'flame-through-cobalt-glass'] },
    { id: 'ammonium', title: 'ammonium', tests: ['ammonium-by-alkali', 'ammonium-by-soda'] },
    {
      id: 'acids',
      title: 'acids',
      tests: [
        'dilute-acid-on-solid',
        'carbon-dioxide-by-splint',
        'dilute-sulfuric-acid-warmed',
        'concentrated-sulfuric-acid',
        'concentrated-sulfuric-acid-and-copper',
      ],
    },
    { id: 'dissolved', title: 'dissolved', tests: ['solubility-in-water', 'litmus', 'solubility-in-nitric-acid'] },
    {
      id: 'anions',
      title: 'anions',
      tests: [
        'silver-nitrate',
        'barium-nitrate',
        'barium-chloride',
        'lead-nitrate',
        'iron-iii-chloride',
        'magnesium-sulfate',
        'calcium-chloride',
        'copper-sulfate',
        'silver-nitrate-on-extract',
        'barium-nitrate-on-extract',
      ],
    },
    {
      id: 'groups',
      title: 'groups',
      tests: [
        'dilute-hydrochloric-acid',
        'dilute-hydrochloric-acid-hot',
        'ammonium-chloride-and-ammonia',
        'ammonium-carbonate',
        'dilute-sulfuric-acid',
        'calcium-sulfate-water',
        'sodium-carbonate',
      ],
    },
    { id: 'bases', title: 'bases', tests: ['sodium-hydroxide-to-excess', 'ammonia-to-excess'] },
    {
      id: 'proof',
      title: 'proof',
      tests: ['aluminate-and-ammonium-chloride', 'magnesium-hydroxide-in-ammonium-chloride', 'hexacyanoferrate-ii', 'potassium-iodide-to-excess'],
    },
    {
      id: 'residue',
      title: 'residue',
      tests: [
        'ammonia-on-solid',
        'alkali-on-solid',
        'hot-water-on-solid',
        'ammonium-acetate-on-solid',
        'acid-solution-ammonia',
        'acid-solution-alkali',
        'acid-solution-chloride',
        'acid-solution-sulfate',
        'acid-solution-carbonate',
        'acid-solution-hexacyanoferrate-ii',
      ],
    },
  ],
  confirmations: 2,
  because: 'One salt: portions of one solution are tried with the group reagents; anions come first, since they decide what interferes.',
  sources: ['vogel7'],
}

export const SCHEMES: readonly Scheme[] = [PORTIONS]
