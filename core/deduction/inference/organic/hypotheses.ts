import type { Percept } from '../../../perception'
import { pickedBy, type Chance } from '../../../species'
import {
  COMPOUNDS,
  compoundOf,
  FUSION_ELEMENTS,
  groupOf,
  isUsualCompound,
  NAMED_GROUPS,
  structureOf,
  takeCompounds,
  type Compound,
  type FusionElement,
  type OwnCompound,
  type Structure,
} from '../../../structure'
import type { Content, Hypothesis } from '../../simulation/simulations'
import type { Recipe } from '../../simulation/recipe'

/** What an organic unknown may be: each compound of the library, a compound like it that is in none, and what the elements alone say. */

/** How the prior is shared: listed compounds, unlisted ones like them, what is put together of groups, and sets of elements of which nothing else is known. */
const LISTED = 0.5
const LIKE = 0.06
export const BY_GROUPS = 0.2
const UNLIKE = 0.05
/** The same of what is like a listed compound in all but its body. */
export const EMBODIED = 0.19
/** How much oftener a compound that courses give out is met than another of the library. */
const USUAL_SHARE = 4

/** What every compound that is in no library is called. */
export const UNLISTED = 'not in the library'

/** Mass of an organic jar, mg: what hypotheses are put to the test with. */
const JAR_mg = 500

/** Elements and groups, as the standings name them. */
export const partsOf = (structure: Structure): ReadonlySet<string> =>
  new Set<string>([
    ...structure.elements,
    ...NAMED_GROUPS.flatMap((id) => (structure.groups[id] === undefined ? [] : [groupOf(id).label ?? id])),
    ...structure.metals,
  ])

/** A fragment for each element, to stand for unlisted compounds of some set of them. */
const BEARERS: Readonly<Record<FusionElement, string>> = {
  N: 'CCCCCCN(C)C',
  S: 'CCCCSC',
  Cl: 'Clc1ccc(C)cc1',
  Br: 'Brc1ccc(C)cc1',
  I: 'Ic1ccc(C)cc1',
  P: 'CCOP(=O)(OCC)OCC',
}
/** The same where there is much of an element for the mass. */
const RICH: Readonly<Record<FusionElement, string>> = { N: 'NCCN', S: 'SCCS', Cl: 'ClCCCl', Br: 'BrCCBr', I: 'ICCCI', P: 'COP(C)(=O)OC' }
/** The same bound to oxygen, which takes the sodium, so that nitrogen and sulfur stay together. */
const OXIDISED: Partial<Readonly<Record<FusionElement, string>>> = { N: 'Cc1ccc(cc1)[N+]([O-])=O', S: 'Cc1ccc(cc1)S(O)(=O)=O' }
/** The same with so much oxygen for the mass that the sodium runs short. */
const MUCH_OXIDISED: Partial<Readonly<Record<FusionElement, string>>> = { N: 'NCC(O)=O', S: 'CS(O)(=O)=O' }
/** Molecules side by side that hold a set of elements between them. */
const bearing = (elements: readonly FusionElement[]): string => (elements.length === 0 ? 'CCCCCCCC' : elements.map((e) => BEARERS[e]).join('.'))
/** Much of the elements, little, and beside much oxygen, which takes the sodium: what stands beside their bearers. */
const DILUTED = ['', '.CCCCCCCCCCCCCCCCCCCCCCCCCCCCCC', '.OC(=O)C(O)=O.OC(=O)C(O)=O.OC(=O)C(O)=O'] as const
/** A set of elements in several proportions: alike, diluted, all of them rich, bound to oxygen, and with more, and much more, of one than of the others. */
const proportions = (elements: readonly FusionElement[]): readonly string[] => {
  const diluted = DILUTED.map((filler) => `${bearing(elements)}${filler}`)
  if (elements.length === 0) return diluted
  const joined = (bearers: Partial<Readonly<Record<FusionElement, string>>>): string => elements.map((e) => bearers[e] ?? BEARERS[e]).join('.')
  const bound = elements.some((e) => OXIDISED[e]) ? [joined(OXIDISED), joined(MUCH_OXIDISED)] : []
  const uneven = elements.length > 1 ? elements.flatMap((e) => [1, 2].map((n) => `${`${bearing(elements)}.`.repeat(n)}${RICH[e]}`)) : []
  return [...diluted, joined(RICH), ...bound, ...uneven]
}

/** Every set of the elements. */
const SETS: readonly (readonly FusionElement[])[] = Array.from({ length: 2 ** FUSION_ELEMENTS.length }, (_, bits) =>
  FUSION_ELEMENTS.filter((_, k) => (bits >> k) & 1),
)

export const contentOf = (smiles: string, label?: string): Content => ({
  id: smiles,
  label: label ?? compoundOf(smiles)?.name ?? smiles,
  jar: { organic: { smiles, mg: JAR_mg } },
})

let known: readonly Hypothesis[] | undefined

/** Everything an organic jar may hold. Structures must be readable (see `readStructuresWith`). */
export function organicUnknowns(): readonly Hypothesis[] {
  known ??= [...fromLibrary(), ...bySets()]
  return known
}

/** What an organic jar may hold beside that, by the case: each as likely beforehand as one of the library. */
export function ownUnknowns(compounds: readonly OwnCompound[]): readonly Hypothesis[] {
  takeCompounds(compounds)
  return compounds.map(({ name, smiles, melts_C, boils_C }) => ({
    // With another constant it is another content: what was worked out of it before does not hold.
    content: { ...contentOf(smiles, name), id: `${smiles} ${melts_C ?? ''} ${boils_C ?? ''}` },
    ions: partsOf(structureOf(smiles)),
    prior: LISTED / COMPOUNDS.length,
    unlisted: false,
  }))
}

const shareOf = (compound: Compound): number => (isUsualCompound(compound) ? USUAL_SHARE : 1)

function fromLibrary(): Hypothesis[] {
  const all = COMPOUNDS.reduce((sum, compound) => sum + shareOf(compound), 0)
  return COMPOUNDS.flatMap((compound) => {
    const { smiles, name } = compound
    const ions = partsOf(structureOf(smiles))
    const content = contentOf(smiles, name)
    return [
      { content, ions, prior: (LISTED * shareOf(compound)) / all, unlisted: false },
      { content: { ...content, label: UNLISTED }, ions, prior: LIKE / COMPOUNDS.length, unlisted: true },
    ]
  })
}

function bySets(): Hypothesis[] {
  return SETS.flatMap((elements) =>
    proportions(elements).map((smiles, _, all) => ({
      content: contentOf(smiles, UNLISTED),
      ions: new Set<string>(elements),
      prior: UNLIKE / SETS.length / all.length,
      unlisted: true,
      elementsOnly: true,
    })),
  )
}

/** The SMILES of everything an organic jar may hold, before any of it is read. */
export const organicSmiles = (): readonly string[] => [...COMPOUNDS.map((c) => c.smiles), ...SETS.flatMap(proportions)]

/** Every content hypotheses ask about, once. */
export const organicContents = (): readonly Content[] => [...new Map(organicUnknowns().map(({ content }) => [content.id, content])).values()]

let elementary: ReadonlySet<string> | undefined
/** Whether a recipe is ever asked of a content: of one known by its elements alone, only what comes of a fusion or the copper wire is. */
export function askedOf({ id }: Content, { steps }: Recipe): boolean {
  // A bearer that is a compound of the library too is asked everything.
  elementary ??= new Set(organicUnknowns().flatMap((h) => (h.elementsOnly && !compoundOf(h.content.id) ? [h.content.id] : [])))
  return !elementary.has(id) || tellsElements(steps)
}
/** Whether what is seen after these steps comes of a fusion, or of the copper wire. */
export const tellsElements = (steps: Recipe['steps']): boolean => steps.some((s) => s.do === 'fuse' || s.do === 'copper-wire')

/** The compound a seed draws to practise on, by its SMILES; the same on every machine. */
export const drawCompound = (by: Chance): string => pickedBy(COMPOUNDS, by)?.smiles ?? 'CCO'

/** A compound of the library by its name; undefined for any other text. */
export const compoundNamed = (text: string): Compound | undefined => COMPOUNDS.find((c) => c.name.toLowerCase() === text.trim().toLowerCase())

/** What was perceived of structures, by their SMILES, for a program that reads none itself. */
export const structuresOf = (smiles: readonly string[]): Readonly<Record<string, Structure>> =>
  Object.fromEntries(smiles.map((text) => [text, structureOf(text)]))

/** What a percept shows, with the elements that its ions speak of. */
export const shownBy = ({ shows }: Pick<Percept, 'shows'>): string[] => shows.flatMap((shown) => [shown, ...(ELEMENTS_OF[shown] ?? [])])

/** Elements that an ion seen in an extract speaks of. */
const ELEMENTS_OF: Readonly<Record<string, readonly string[]>> = {
  'F^-': [groupOf('fluoride').label ?? 'fluoride'],
  'CN^-': ['N'],
  'Fe(CN)6^4-': ['N'],
  'HS^-': ['S'],
  'S^2-': ['S'],
  'SCN^-': ['N', 'S'],
  'Cl^-': ['Cl'],
  'Br^-': ['Br'],
  'I^-': ['I'],
  'PO4^3-': ['P'],
}
