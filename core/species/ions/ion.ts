import type { GateName } from '../../messages/message'
import type { Stoichiometry } from '../types'

/** What may be peculiar to an ion. */
export type IonTrait =
  /** Ammonium and the alkali metals: they answer only when there is much of them. */
  | 'alkali'
  /** Stays in solution in acid chloride alone. */
  | 'held-by-chloride'
  /** Keeps chloride, bromide or cyanide so fast that they do not react. */
  | 'keeps-halides'
  /** Stands in so many bottles that it marks none of them. */
  | 'in-every-bottle'
  /** Explodes with concentrated acid. */
  | 'explodes-with-acid'
  /** Its ammonium salt goes off. */
  | 'explodes-with-ammonium'
  /** Oxidises cyanides, sulfide and organic anions it stands with. */
  | 'strong-oxidiser'
  /** Is never dissolved together with a strong oxidiser. */
  | 'kept-from-oxidisers'
  /** Burns when it is fused with nitrate. */
  | 'burns'
  /** Gives oxygen, or goes off, when it is heated strongly. */
  | 'heated-with-care'
  /** Makes charcoal flare. */
  | 'flares-on-charcoal'
  /** Goes to the waste as an oxidiser. */
  | 'oxidising-waste'
  /** Hardly ever given out to be found: poisonous, or of little use. */
  | 'seldom-given-out'
  /** Given out to be found less often than most, since fewer schemes have a test of it. */
  | 'less-often-given-out'
  | 'chromium-vi'
  /** Colours a bead of borax. */
  | 'colours-bead'
  /** Gives hydrogen fluoride with acid. */
  | 'gives-hydrogen-fluoride'
  /** Gives hydrogen cyanide, or worse, with hot or strong acid. */
  | 'gives-cyanide'
  | 'gives-sulfide'
  /** Gives carbon monoxide with concentrated acid. */
  | 'gives-carbon-monoxide'
  /** All its normal salts dissolve, so that none is in a washed precipitate. Source: Vogel, solubilities; silver nitrite and acetate do not. */
  | 'always-dissolved'
  /** Holds sulfur that charcoal turns to sulfide. */
  | 'holds-sulfur'
  /** Its element is collected as a heavy metal. */
  | 'heavy-metal'
  /** Its silver salt stays in dilute acid. */
  | 'falls-with-silver'
  /** Its sulfate is insoluble, or nearly so. */
  | 'insoluble-sulfate'
  /** Stands beside a coloured ion without touching what colours it. */
  | 'stands-by'
  /** Its sulfide gives no hydrogen sulfide with dilute acid. */
  | 'keeps-sulfide'
  /** Poisonous or violent: set out for a control only where nothing milder does. */
  | 'set-out-last'

/** Analytical groups of cations: of the hydrogen sulfide scheme. */
export type SulfideGroup = 'I' | 'IIA' | 'IIB' | 'III' | 'IV' | 'V' | 'VI'

/** Elements that are met in several states, in the order in which a search turns them over. */
export const FAMILIES = ['tin', 'iron', 'mercury', 'chromium', 'manganese', 'arsenic', 'hexacyanoferrate'] as const

export interface Ion {
  /** What it goes into water as, for each of it, with the alkali it brings; itself unless said. */
  readonly dissolvesAs?: Stoichiometry
  /** Groups of the hydrogen sulfide scheme it is found in. */
  readonly groups?: readonly SulfideGroup[]
  /** An element in several states, lowest first: the family, and its place there. */
  readonly state?: readonly [family: (typeof FAMILIES)[number], place: number]
  /** Its place among the anions that make up a mixture's charge, the commonest first. */
  readonly carries?: number
  /** Its place among the anions that leave with ammonium or hydrogen when a residue is ignited. */
  readonly leaves?: number
  /** Whether single-salt jars alone hold it: no mixture is searched for it, and none is drawn with it. */
  readonly aloneOnly?: true
  readonly traits?: readonly IonTrait[]
  /** What is shown before every test as soon as this ion is likely, by the name of its messages: poisons that the usual gates do not cover. */
  readonly caution?: GateName
}

/** What chlorate and permanganate have in common. */
export const EXPLOSIVE = [
  'explodes-with-acid',
  'explodes-with-ammonium',
  'strong-oxidiser',
  'heated-with-care',
  'flares-on-charcoal',
  'oxidising-waste',
  'always-dissolved',
] as const satisfies readonly IonTrait[]
