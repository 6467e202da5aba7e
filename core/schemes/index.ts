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
    { id: 'dissolved', title: 'dissolved', tests: ['solubility-in-water', 'litmus'] },
    { id: 'ammonium', title: 'ammonium', tests: ['ammonium-by-alkali'] },
    { id: 'anions', title: 'anions', tests: ['silver-nitrate', 'barium-nitrate'] },
    {
      id: 'cations',
      title: 'cations',
      tests: ['dilute-hydrochloric-acid', 'dilute-sulfuric-acid', 'sodium-hydroxide-to-excess', 'ammonia-to-excess'],
    },
    { id: 'proof', title: 'proof', tests: ['aluminate-and-ammonium-chloride'] },
  ],
  confirmations: 2,
  because: 'One salt: portions of one solution are tried with the group reagents; anions come first, since they decide what interferes.',
  sources: ['vogel7'],
}

export const SCHEMES: readonly Scheme[] = [PORTIONS]
