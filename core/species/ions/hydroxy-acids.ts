import type { IonDefinition } from './definition'

/** Tartrate and citrate: their species stand among the ligands, since they are met as reagents too. */
export const hydroxyAcids = {
  anions: {
    'C4H4O6^2-': { aloneOnly: true, traits: ['burns'] },
    'C6H5O7^3-': { aloneOnly: true, traits: ['burns'] },
  },
} as const satisfies IonDefinition
