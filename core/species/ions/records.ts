import { parseFormula } from '../formula'
import type { Stoichiometry } from '../types'
import { definedAnions, definedCations } from './defined'
import { EXPLOSIVE, FAMILIES, type Ion, type IonTrait, type SulfideGroup } from './ion'

export type { Ion, IonTrait, SulfideGroup } from './ion'

/**
 * What each ion is, once: what it goes into water as, where the schemes put it, which element in which state, and what is peculiar to it. Everything that lists ions by a property asks here.
 */

const cations = {
  'NH4^+': { groups: ['VI'], traits: ['alkali', 'in-every-bottle', 'stands-by'] },
  'Ag^+': { groups: ['I'], traits: ['keeps-halides', 'keeps-sulfide'] },
  'Pb^2+': { groups: ['I', 'IIA'], traits: ['heavy-metal', 'keeps-sulfide', 'set-out-last', 'insoluble-sulfate'] },
  'Hg2^2+': {
    groups: ['I'],
    state: ['mercury', 0],
    traits: ['less-often-given-out', 'keeps-halides', 'heavy-metal', 'keeps-sulfide', 'set-out-last'],
  },
  'Hg^2+': { groups: ['IIA'], state: ['mercury', 1], traits: ['keeps-halides', 'heavy-metal', 'keeps-sulfide', 'set-out-last'] },
  'Bi^3+': { groups: ['IIA'], traits: ['held-by-chloride', 'keeps-halides', 'heavy-metal', 'keeps-sulfide'] },
  'Cu^2+': { groups: ['IIA'], traits: ['colours-bead', 'heavy-metal', 'keeps-sulfide'] },
  'Cd^2+': { groups: ['IIA'], traits: ['heavy-metal', 'keeps-sulfide', 'set-out-last'] },
  'Sb^3+': { groups: ['IIB'], traits: ['held-by-chloride', 'heavy-metal', 'keeps-sulfide', 'set-out-last'] },
  'Sn^2+': { groups: ['IIB'], state: ['tin', 0], traits: ['held-by-chloride', 'heavy-metal', 'keeps-sulfide'] },
  'Sn^4+': { groups: ['IIB'], state: ['tin', 1], traits: ['less-often-given-out', 'held-by-chloride', 'heavy-metal', 'keeps-sulfide'] },
  'Fe^2+': { groups: ['III'], state: ['iron', 0], traits: ['colours-bead'] },
  'Fe^3+': { groups: ['III'], state: ['iron', 1], traits: ['colours-bead'] },
  'Al^3+': { groups: ['III'] },
  'Cr^3+': { groups: ['III'], state: ['chromium', 0], traits: ['colours-bead', 'heavy-metal'] },
  'Co^2+': { groups: ['IV'], traits: ['colours-bead', 'heavy-metal'] },
  'Ni^2+': { groups: ['IV'], traits: ['colours-bead', 'heavy-metal'] },
  'Mn^2+': { groups: ['IV'], state: ['manganese', 0], traits: ['colours-bead'] },
  'Zn^2+': { groups: ['IV'] },
  'Ba^2+': { groups: ['V'], traits: ['heavy-metal', 'insoluble-sulfate', 'stands-by'] },
  'Sr^2+': { groups: ['V'], traits: ['insoluble-sulfate', 'stands-by'] },
  'Ca^2+': { groups: ['V'], traits: ['insoluble-sulfate', 'stands-by'] },
  'Mg^2+': { groups: ['VI'], traits: ['stands-by'] },
  'Na^+': { groups: ['VI'], traits: ['alkali', 'in-every-bottle', 'stands-by'] },
  'K^+': { groups: ['VI'], traits: ['alkali', 'in-every-bottle', 'stands-by'] },
  'Li^+': { groups: ['VI'], traits: ['alkali', 'stands-by'] },
  ...definedCations,
} as const satisfies Readonly<Record<string, Ion>>

const anions = {
  'CO3^2-': { leaves: 1 },
  'SO3^2-': { leaves: 3, traits: ['less-often-given-out', 'holds-sulfur'] },
  'HS^-': { dissolvesAs: { 'HS^-': 1, 'OH^-': 1 }, leaves: 2, traits: ['kept-from-oxidisers', 'burns', 'gives-sulfide', 'holds-sulfur'] },
  'S2O3^2-': { traits: ['less-often-given-out', 'burns', 'holds-sulfur'] },
  'NO2^-': { carries: 10, leaves: 5, traits: ['less-often-given-out', 'explodes-with-ammonium', 'strong-oxidiser', 'flares-on-charcoal'] },
  'CH3COO^-': { carries: 3, leaves: 4, traits: ['kept-from-oxidisers', 'burns', 'in-every-bottle'] },
  'F^-': { carries: 9, leaves: 8, traits: ['less-often-given-out', 'gives-hydrogen-fluoride'] },
  'Cl^-': { carries: 2, leaves: 7, traits: ['in-every-bottle', 'falls-with-silver'] },
  'Br^-': { carries: 5, traits: ['less-often-given-out', 'falls-with-silver'] },
  'I^-': { carries: 7, leaves: 9, traits: ['falls-with-silver'] },
  'NO3^-': { carries: 1, leaves: 6, traits: ['in-every-bottle', 'heated-with-care', 'flares-on-charcoal', 'always-dissolved', 'stands-by'] },
  'C2O4^2-': { traits: ['less-often-given-out', 'kept-from-oxidisers', 'burns', 'gives-carbon-monoxide'] },
  'SO4^2-': { carries: 6, leaves: 10, traits: ['holds-sulfur', 'stands-by'] },
  'PO4^3-': { dissolvesAs: { 'HPO4^2-': 1 } },
  H3BO3: { dissolvesAs: { H3BO3: 1, 'OH^-': 1 } },
  H4SiO4: { dissolvesAs: { H4SiO4: 1, 'OH^-': 2 }, traits: ['less-often-given-out'] },
  'CrO4^2-': { state: ['chromium', 1], traits: ['colours-bead', 'strong-oxidiser', 'chromium-vi', 'heavy-metal', 'set-out-last'] },
  'MnO4^-': { state: ['manganese', 1], carries: 11, traits: ['less-often-given-out', ...EXPLOSIVE, 'colours-bead', 'set-out-last'] },
  'ClO3^-': { carries: 4, traits: ['less-often-given-out', ...EXPLOSIVE, 'set-out-last'] },
  'SCN^-': { carries: 8, traits: ['seldom-given-out', 'kept-from-oxidisers', 'burns', 'gives-cyanide', 'set-out-last', 'falls-with-silver'] },
  'Fe(CN)6^4-': { state: ['hexacyanoferrate', 0], traits: ['seldom-given-out', 'kept-from-oxidisers', 'burns', 'gives-cyanide', 'set-out-last'] },
  'Fe(CN)6^3-': { state: ['hexacyanoferrate', 1], traits: ['seldom-given-out', 'kept-from-oxidisers', 'burns', 'gives-cyanide', 'set-out-last'] },
  H3AsO3: {
    dissolvesAs: { H3AsO3: 1, 'OH^-': 1 },
    groups: ['IIB'],
    state: ['arsenic', 0],
    traits: ['seldom-given-out', 'heavy-metal', 'keeps-sulfide', 'set-out-last'],
  },
  'AsO4^3-': {
    dissolvesAs: { 'HAsO4^2-': 1 },
    groups: ['IIB'],
    state: ['arsenic', 1],
    traits: ['seldom-given-out', 'heavy-metal', 'keeps-sulfide', 'set-out-last'],
  },
  ...definedAnions,
} as const satisfies Readonly<Record<string, Ion>>

export type CationId = keyof typeof cations
export type AnionId = keyof typeof anions
export type IonId = CationId | AnionId

/** Every ion of the scheme, by what its component is called, cations first, each kind in the order it is shown in. */
export const IONS: Readonly<Record<IonId, Ion>> = { ...cations, ...anions }
export const CATION_IDS = Object.keys(cations) as readonly CationId[]
export const ANION_IDS = Object.keys(anions) as readonly AnionId[]
export const ION_IDS: readonly IonId[] = [...CATION_IDS, ...ANION_IDS]

/** The ions with a trait, in their order. */
export const ionsWith = (trait: IonTrait): readonly IonId[] => ION_IDS.filter((id) => IONS[id].traits?.includes(trait) === true)
export const hasTrait = (id: string, trait: IonTrait): boolean => id in IONS && IONS[id as IonId].traits?.includes(trait) === true
/** Cations, and arsenic's anions, of a group of the hydrogen sulfide scheme. */
export const inGroup = (group: SulfideGroup): readonly IonId[] => ION_IDS.filter((id) => IONS[id].groups?.includes(group) === true)

/** The ions that have a place in some order, by it. */
function inOrder(place: (ion: Ion) => number | undefined): readonly IonId[] {
  return ION_IDS.flatMap((id) => {
    const at = place(IONS[id])
    return at === undefined ? [] : [{ id, at }]
  })
    .sort((a, b) => a.at - b.at)
    .map(({ id }) => id)
}
/** Anions that make up a mixture's charge, the commonest first. */
export const CHARGE_CARRIERS: readonly IonId[] = inOrder((ion) => ion.carries)
/** Anions that leave when a residue is ignited, in the order they go. */
export const LEAVING: readonly IonId[] = inOrder((ion) => ion.leaves)

/** Elements in several states, each lowest state first. */
export const STATES: readonly (readonly IonId[])[] = FAMILIES.map((family) =>
  ION_IDS.filter((id) => IONS[id].state?.[0] === family).sort((a, b) => (IONS[a].state?.[1] ?? 0) - (IONS[b].state?.[1] ?? 0)),
)

/** What an ion goes into water as. */
export const dissolvesAs = (id: IonId): Stoichiometry => IONS[id].dissolvesAs ?? { [id]: 1 }

/** The same as a salt of sodium: with so much of it that the charges balance. */
export function asSodiumSalt(id: AnionId): Stoichiometry {
  const ions = dissolvesAs(id)
  const charge = Object.entries(ions).reduce((sum, [formula, n]) => sum + n * parseFormula(formula).charge, 0)
  return charge === 0 ? ions : { ...ions, 'Na^+': -charge }
}
