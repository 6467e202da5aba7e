import { bromate } from './bromate'
import { iodate } from './iodate'
import { thallium } from './thallium'
import type { IonDefinition } from './definition'
import { hydroxyAcids } from './hydroxy-acids'
import type { Ion } from './ion'

/** Ions that have a file of their own, in the order they are shown in, after the others. */
const DEFINITIONS = [hydroxyAcids, bromate, iodate, thallium] as const satisfies readonly IonDefinition[]

export const DEFINED_IONS: readonly IonDefinition[] = DEFINITIONS

/** The ions among them of one kind: their ids as literals. */
type IdOf<Kind extends 'cations' | 'anions', Definition = (typeof DEFINITIONS)[number]> =
  Definition extends Readonly<Record<Kind, infer Ions>> ? keyof Ions : never
/** The ions of one kind, of all definitions. */
function together<Kind extends 'cations' | 'anions'>(kind: Kind): Readonly<Record<IdOf<Kind>, Ion>> {
  return Object.fromEntries(DEFINED_IONS.flatMap((definition) => Object.entries(definition[kind] ?? {}))) as Record<IdOf<Kind>, Ion>
}

export const definedCations = together('cations')
export const definedAnions = together('anions')
