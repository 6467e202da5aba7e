import { COMPOUNDS, type Compound } from './library'
import type { Structure } from './types'

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
  if (!reader) throw new UnreadStructure(smiles, 'a structure that was perceived before; nothing that reads SMILES is loaded')
  try {
    structure = reader(smiles)
  } catch (error) {
    throw new UnreadStructure(smiles, error instanceof Error ? error.message : 'SMILES')
  }
  keep(smiles, structure)
  return structure
}

let byStructure: ReadonlyMap<string, Compound> | undefined
/** The library's compound with this structure, if it has one. */
export function compoundOf(smiles: string): Compound | undefined {
  byStructure ??= new Map(COMPOUNDS.map((c) => [structureOf(c.smiles).code, c]))
  return byStructure.get(structureOf(smiles).code)
}
