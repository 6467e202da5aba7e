import type { IonDefinition } from './definition'

/** Tartrate and citrate: their species stand among the ligands, since they are met as reagents too. */
export const hydroxyAcids = {
  anions: {
    'C4H4O6^2-': { aloneOnly: true, traits: ['burns', 'less-often-given-out'] },
    'C6H5O7^3-': { aloneOnly: true, traits: ['burns', 'less-often-given-out'] },
  },
} as const satisfies IonDefinition
