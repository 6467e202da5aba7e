import { compoundOf, contentOf, drawCompound, drawSalt, findSalt, readStructuresWith, type Case, type Content } from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'

readStructuresWith(perceive)

/** What a seed puts into a practice jar of some kind: a salt's formula, or a compound's SMILES. */
export const drawnFor = ({ kind }: Pick<Case, 'kind'>, seed: number): string => (kind === 'organic' ? drawCompound(seed) : drawSalt(seed))

/** What a sealed text stands for. */
export interface Sealed {
  readonly content: Content
  /** As it is written: a formula, or SMILES. */
  readonly formula: string
  readonly name: string
}

/**
 * Reads what is sealed in a jar: a salt by its formula, or a compound by its SMILES.
 * @throws RangeError where it is neither
 */
export function sealedContent(text: string): Sealed {
  const salt = saltIn(text)
  if (salt) return { content: salt, formula: salt.id, name: salt.data.name }
  const compound = compoundOf(text)
  if (!compound) throw new RangeError('a sealed sample is neither a bench salt nor a compound of the library')
  return { content: contentOf(text, compound.name), formula: compound.smiles, name: compound.name }
}

function saltIn(text: string): ReturnType<typeof findSalt> {
  try {
    return findSalt(text)
  } catch {
    return undefined
  }
}
