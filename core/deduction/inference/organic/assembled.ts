import { ASSEMBLED, compoundOf, densityOf, dissolvesOff, FUSION_ELEMENTS, groupOf, structureOf, type SeenBody } from '../../../structure'
import type { Hypothesis } from '../../simulation/simulations'
import { BY_GROUPS, contentOf, EMBODIED, partsOf, UNLISTED } from './hypotheses'

/** Molecules that may be in the jar though no library has them, and how likely each is beforehand. */

export const elementsOf = (ions: ReadonlySet<string>): string => FUSION_ELEMENTS.filter((e) => ions.has(e)).join()

/** A molecule put together or like one of the library, with its set of elements, and its elements and groups. */
export type Molecule = Hypothesis & { readonly set: string; readonly kind: string; readonly ofLibrary?: boolean }
const kindOf = (ions: ReadonlySet<string>): string => [...ions].sort().join()

let assembled: readonly Molecule[] | undefined
/** All that were put together, as hypotheses; their priors are shared by kind (see `priorsOf`). Structures must be readable (see `readStructuresWith`). */
export function everyMolecule(): readonly Molecule[] {
  assembled ??= ASSEMBLED.map((smiles) => {
    const ions = partsOf(structureOf(smiles))
    return {
      ...{ content: contentOf(smiles, UNLISTED), ions, unlisted: true, byGroups: true, set: elementsOf(ions), kind: kindOf(ions) },
      prior: BY_GROUPS / ASSEMBLED.length,
    }
  })
  return assembled
}

/** How far constants of compounds that are alike lie apart, °C; this and what follows is judged, not fitted. */
const APART_C = { melts: 60, boils: 40 } as const
/** How much less likely a compound like another is where one is a liquid and one a solid. */
const UNLIKE_FORM = 0.2
/** The same for colour, by how many steps of this series they lie apart: what is orange has what makes it so, and so have most of its kind. */
const COLOURED: Readonly<Record<string, number>> = { colourless: 0, white: 0, 'pale yellow': 1, 'pale brown': 1, yellow: 2, orange: 2 }
const UNLIKE_COLOUR = [1, 0.35, 0.05] as const
const colouredOf = (word: string | undefined): number => COLOURED[word ?? ''] ?? 0
/** What is left where everything differs; and how much of that counts: a body alone hardly tells one kind of compound from another. */
const LEAST_NEAR = 0.002
const NEARLY = 0.5
/** How near a compound of the library comes to the body that was seen, as one that is like it would. */
function nearness(smiles: string, body: SeenBody): number {
  const own = compoundOf(smiles)
  const apart = (a: number | null | undefined, b: number | null, width: number): number =>
    a == null || b === null ? Math.exp(-0.5) : Math.exp(-0.5 * ((a - b) / width) ** 2)
  let near = apart(own?.melts_C, body.melts_C, APART_C.melts) * apart(own?.boils_C, body.boils_C, APART_C.boils)
  if ((own?.form === 'liquid') !== (body.form === 'liquid')) near *= UNLIKE_FORM
  near *= UNLIKE_COLOUR[Math.abs(colouredOf(own?.colour) - colouredOf(body.colour))] ?? 1
  return Math.max(LEAST_NEAR, near) ** NEARLY * plausible(smiles, body)
}

/**
 * How much less likely a molecule is where what is reckoned of its structure is not what was seen: whether it sinks; how it dissolves, by how many powers of ten the reckoning errs as a rule, and at least. Judged; the error
 * is that of the general solubility equation (S. H. Yalkowsky, Y. Ran, J. Chem. Inf. Comput. Sci. 41 (2001) 354), somewhat larger for what is no more than a class.
 */
const NOT_AS_RECKONED = { sinks: 0.35, decades: 0.8, least: 0.03 } as const
/** How well a molecule goes into the body that was seen, by what is reckoned of its structure. */
export function plausible(smiles: string, { sinks, dissolves }: SeenBody): number {
  const structure = structureOf(smiles)
  const off = dissolves === undefined ? 0 : dissolvesOff(structure, dissolves)
  const dissolving = Math.max(NOT_AS_RECKONED.least, Math.exp(-0.5 * (off / NOT_AS_RECKONED.decades) ** 2))
  return dissolving * (sinks !== undefined && densityOf(structure) > 1 !== sinks ? NOT_AS_RECKONED.sinks : 1)
}

/**
 * What is like a compound of the library, in the body that was seen: how it dissolves in one liquid and floats on another speaks in every test, and would count there time and again.
 * @param before hypotheses weighed before, those like a compound of the library among them
 */
export function alike(before: readonly Hypothesis[], body: SeenBody | undefined): readonly Molecule[] {
  // Without a body to be in, they are what was weighed before.
  if (!body) return []
  const like = before.filter((h) => h.unlisted === true && h.elementsOnly !== true)
  const smells = smellOf(before, like, body.smell)
  const near = like.map((h, k) => nearness(h.content.id, body) * (smells[k] ?? 0))
  const all = total(near)
  return like.map((h, k) => ({
    ...{ ...h, byGroups: true, set: elementsOf(h.ions), kind: kindOf(h.ions) },
    ...{ prior: (EMBODIED * (near[k] ?? 0)) / all, ofLibrary: true },
  }))
}
const total = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0)

/** A compound at random counts as much among those that share the groups of another as this share of one that has them all; judged. */
const BY_CHANCE = 0.01
const smelling = new WeakMap<readonly Hypothesis[], Map<string, readonly number[]>>()
/**
 * How often what is like each listed compound smells so: as often as compounds of the library do that share its groups, each by the square of the share of all their groups that both have.
 * @param named hypotheses, for which it is kept
 * @param like those of them that are like a compound of the library
 */
function smellOf(named: readonly Hypothesis[], like: readonly Hypothesis[], smell: string): readonly number[] {
  const kept = smelling.get(named) ?? new Map<string, readonly number[]>()
  smelling.set(named, kept)
  let known = kept.get(smell)
  if (!known) {
    const smells = like.map((h) => compoundOf(h.content.id)?.smell === smell)
    const groups = like.map((h) => groupsIn(h.ions))
    known = groups.map((own) => {
      const sharing = groups.map((other) => {
        const both = own.filter((part) => other.includes(part)).length
        const either = own.length + other.length - both
        return BY_CHANCE + (either === 0 ? 1 : (both / either) ** 2)
      })
      // What nothing smells of speaks for none.
      return (BY_CHANCE + total(sharing.filter((_, k) => smells[k]))) / (1 + total(sharing))
    })
    kept.set(smell, known)
  }
  return known
}

/** How much likelier each kind of molecule is in the body that was seen: as much as, on the mean, what is like a compound of the library with one of its groups. */
function inThisBody(like: readonly Molecule[]): (ions: ReadonlySet<string>) => number {
  const each = total(like.map((h) => h.prior)) / Math.max(1, like.length)
  const having = new Map<string, number[]>()
  for (const { ions, prior } of like) for (const part of ions) having.set(part, [...(having.get(part) ?? []), prior / each])
  return (ions) => {
    const met = groupsIn(ions).flatMap((part) => {
      const own = having.get(part)
      return own ? [total(own) / own.length] : []
    })
    return met.length > 0 ? total(met) / met.length : 1
  }
}

/** How half of the prior is shared by the number of groups beside aromatic rings: none, one, two, more; judged. */
const BY_NUMBER = [0.13, 0.5, 0.32, 0.05] as const
const RING = groupOf('arene').label
/** Groups, aromatic rings among them, without the elements. */
const groupsIn = (ions: ReadonlySet<string>): readonly string[] => [...ions].filter((part) => !FUSION_ELEMENTS.some((e) => e === part))

interface Kind {
  readonly ions: ReadonlySet<string>
  /** How many molecules were put together of it. */
  members: number
}
let kinds: ReadonlyMap<string, Kind> | undefined
function everyKind(): ReadonlyMap<string, Kind> {
  if (kinds) return kinds
  const all = new Map<string, Kind>()
  for (const { kind, ions } of everyMolecule()) {
    const known = all.get(kind)
    if (known) known.members++
    else all.set(kind, { ions, members: 1 })
  }
  return (kinds = all)
}

/** What one group less, one more, or another in the place of one, share of what is near a listed kind; judged. */
const FEWER = 0.3
const MORE = 0.35
const OTHER = 0.35

/** Shares of the kinds that are one group off a listed one: a salt of an acid has a metal, whatever else it has. */
function nearListed(listed: readonly Hypothesis[], odds: (part: string) => number): ReadonlyMap<string, number> {
  const keyOf = (groups: readonly string[]): string => [...groups].sort().join()
  const byGroups = new Map<string, string[]>()
  const every = new Set<string>()
  for (const [kind, { ions }] of everyKind()) {
    const groups = groupsIn(ions)
    for (const group of groups) every.add(group)
    byGroups.set(keyOf(groups), [...(byGroups.get(keyOf(groups)) ?? []), kind])
  }
  const met = new Map<string, { groups: readonly string[]; times: number }>()
  for (const { ions } of listed) {
    const groups = groupsIn(ions)
    met.set(keyOf(groups), { groups, times: (met.get(keyOf(groups))?.times ?? 0) + 1 })
  }
  const near = new Map<string, number>()
  for (const { groups, times } of met.values()) {
    const others = [...every].filter((group) => !groups.includes(group))
    const without = groups.map((out) => groups.filter((group) => group !== out))
    const moves = [
      { share: FEWER, to: without.map((left) => ({ key: keyOf(left), weight: 1 })) },
      { share: MORE, to: others.map((more) => ({ key: keyOf([...groups, more]), weight: odds(more) })) },
      { share: OTHER, to: without.flatMap((left) => others.map((other) => ({ key: keyOf([...left, other]), weight: odds(other) }))) },
    ]
    for (const { share, to } of moves) {
      const known = to.filter(({ key }) => byGroups.has(key))
      const all = total(known.map(({ weight }) => weight))
      for (const { key, weight } of known)
        for (const kind of byGroups.get(key) ?? [])
          near.set(kind, (near.get(kind) ?? 0) + (times * share * weight) / all / (byGroups.get(key)?.length ?? 1))
    }
  }
  const sum = Math.max(1e-12, total([...near.values()]))
  return new Map([...near].map(([kind, weight]) => [kind, weight / sum]))
}

/** How the prior is shared: by groups that come independently, by the kinds that are listed, and by those one group off. */
const SHARES = { independent: 0.35, listed: 0.35, near: 0.3 } as const

const shared = new WeakMap<readonly Hypothesis[], ReadonlyMap<string, number>>()
/**
 * The prior of each kind before its body was seen, no likelier for being put together on many skeletons. A part of it is shared as if groups came independently, each as often as in what the library lists, among kinds with
 * as many groups; a part among the kinds that the library has, since groups do come together, those of sugars for one; and a part among those that are one group off.
 */
function ofKinds(named: readonly Hypothesis[]): ReadonlyMap<string, number> {
  const known = shared.get(named)
  if (known) return known
  const listed = named.filter((h) => h.unlisted === false)
  const counts = new Map<string, number>()
  for (const { ions } of listed) for (const part of ions) counts.set(part, (counts.get(part) ?? 0) + 1)
  // One more on either side: what the library lacks is rare, not impossible.
  const odds = (part: string): number => ((counts.get(part) ?? 0) + 1) / (listed.length - (counts.get(part) ?? 0) + 1)
  const independent = [...everyKind()].map(([kind, { ions }]) => {
    const groups = groupsIn(ions)
    const number = Math.min(BY_NUMBER.length - 1, groups.filter((part) => part !== RING).length)
    return { kind, number, weight: groups.reduce((product, part) => product * odds(part), 1) }
  })
  const weights = BY_NUMBER.map((_, n) => total(independent.flatMap(({ number, weight }) => (number === n ? [weight] : []))))
  const ofLibrary = new Map<string, number>()
  for (const { ions } of listed) {
    const kind = kindOf(ions)
    if (everyKind().has(kind)) ofLibrary.set(kind, (ofLibrary.get(kind) ?? 0) + 1)
  }
  const met = Math.max(1, total([...ofLibrary.values()]))
  const near = nearListed(listed, odds)
  const priors = new Map(
    independent.map(({ kind, number, weight }) => {
      const independently = ((BY_NUMBER[number] ?? 0) * weight) / (weights[number] ?? 1)
      const asListed = (ofLibrary.get(kind) ?? 0) / met
      return [kind, SHARES.independent * independently + SHARES.listed * asListed + SHARES.near * (near.get(kind) ?? 0)] as const
    }),
  )
  shared.set(named, priors)
  return priors
}

/**
 * The prior of each molecule put together, by its kind.
 * @param named hypotheses, those that are listed among them
 * @param like what is like a listed compound, each with its prior in the body that was seen; nothing where none was
 */
export function priorsOf(named: readonly Hypothesis[], like: readonly Molecule[]): ReadonlyMap<string, number> {
  const likelier = inThisBody(like)
  const weights = [...ofKinds(named)].map(([kind, prior]) => {
    const { ions, members } = everyKind().get(kind) ?? { ions: new Set<string>(), members: 1 }
    return { kind, members, weight: prior * likelier(ions) }
  })
  const all = total(weights.map(({ weight }) => weight))
  return new Map(weights.map(({ kind, members, weight }) => [kind, (BY_GROUPS * weight) / all / members]))
}
