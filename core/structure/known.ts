import { COMPOUNDS, ROOM_C, type Compound } from './library'
import type { SeenBody, Structure } from './types'

/** Thrown for a structure that is needed before what reads structures was loaded, or that is none. */
export class UnreadStructure extends Error {
  constructor(
    readonly smiles: string,
    readonly expected: string,
  ) {
    super(expected)
    this.name = 'UnreadStructure'
  }
}

let reader: ((smiles: string) => Structure) | null = null
const known = new Map<string, Structure>()

/** Kept by the SMILES it was asked for by, and by its own. */
function keep(smiles: string, structure: Structure): void {
  known.set(smiles, structure)
  if (!known.has(structure.smiles)) known.set(structure.smiles, structure)
}

/** Lends the core something that reads SMILES: the package for it is large, so whoever needs it loads it (see the entry point `structure/perceive`). */
export function readStructuresWith(read: (smiles: string) => Structure): void {
  reader = read
}

/** Takes up structures perceived elsewhere, under the SMILES they were asked for by. */
export function takeStructures(perceived: Readonly<Record<string, Structure>>): void {
  for (const [smiles, structure] of Object.entries(perceived)) keep(smiles, structure)
}

/**
 * What a structure is made of.
 * @throws UnreadStructure where it cannot be read
 */
export function structureOf(smiles: string): Structure {
  let structure = known.get(smiles)
  if (structure) return structure
  structure = inItsBody(smiles)
  if (structure) {
    known.set(smiles, structure)
    return structure
  }
  if (!reader) throw new UnreadStructure(smiles, 'a structure that was perceived before; nothing that reads SMILES is loaded')
  try {
    structure = reader(smiles)
  } catch (error) {
    throw new UnreadStructure(smiles, error instanceof Error ? error.message : 'SMILES')
  }
  keep(smiles, structure)
  return structure
}

/** Bodies that compounds were seen in, by how they are written. */
const bodies = new Map<string, SeenBody>()
/**
 * The same chemistry in another body: a structure of which one compound was seen.
 * @returns the text to ask for it by
 */
export function seenAs(smiles: string, seen: SeenBody): string {
  const body = JSON.stringify(seen)
  bodies.set(body, seen)
  return `${smiles} ${body}`
}
function inItsBody(text: string): Structure | undefined {
  const at = text.indexOf(' ')
  const seen = at > 0 ? bodies.get(text.slice(at + 1)) : undefined
  return seen && { ...structureOf(text.slice(0, at)), smiles: text, seen }
}
/** Lets go of structures that are not asked for any more; they are perceived, or put in their bodies, anew where they are. */
export function forgetStructures(texts: Iterable<string>): void {
  for (const text of texts) known.delete(text)
}

/** A compound that somebody adds to those of the library. */
export interface OwnCompound {
  readonly name: string
  readonly smiles: string
  readonly melts_C?: number | null | undefined
  readonly boils_C?: number | null | undefined
}
const own = new Map<string, Compound>()
/** Takes up compounds beside those of the library; one that is in it stays as it is there. @throws UnreadStructure */
export function takeCompounds(compounds: readonly OwnCompound[]): void {
  for (const { name, smiles, melts_C = null, boils_C = null } of compounds) {
    const solid = melts_C !== null && melts_C > ROOM_C
    own.set(structureOf(smiles).code, {
      ...{ name, smiles, melts_C: solid ? melts_C : null, boils_C, hazards: [], smell: 'none', source: 'own' },
      ...(solid ? { colour: 'white', form: 'crystals' } : { colour: 'colourless', form: 'liquid' }),
    })
  }
}

/** Isomers stand together: only they need telling apart by their canonical codes, which take long to find. */
let isomers: ReadonlyMap<string, readonly Compound[]> | undefined
function byFormula(): ReadonlyMap<string, readonly Compound[]> {
  const found = new Map<string, Compound[]>()
  for (const c of COMPOUNDS) {
    const { formula } = structureOf(c.smiles)
    found.set(formula, [...(found.get(formula) ?? []), c])
  }
  return found
}
/** The compound with this structure, of the library or of those added to it. */
export function compoundOf(smiles: string): Compound | undefined {
  const structure = structureOf(smiles)
  if (structure.seen) return { name: smiles, smiles, hazards: [], source: 'own', ...structure.seen }
  isomers ??= byFormula()
  const among = isomers.get(structure.formula) ?? []
  return (
    among.find((c) => c.smiles === smiles) ??
    among.find((c) => structureOf(c.smiles).code === structure.code) ??
    (own.size > 0 ? own.get(structure.code) : undefined)
  )
}
