import {
  compoundNamed,
  compoundOf,
  contentOf,
  drawCompound,
  drawSalt,
  findSalt,
  practiceSolution,
  readStructuresWith,
  type Case,
  type Content,
} from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'
import { z } from 'zod'

readStructuresWith(perceive)

/** A solution as it is sealed: mol/L of each ion, what it was made of, and how much there is. */
const solutionSchema = z.object({ ions: z.record(z.string(), z.number().positive()), parts: z.array(z.string()), mL: z.number().positive() })

/** What a seed puts into a practice jar of some kind: a salt's formula, a compound's SMILES, or a solution as JSON. */
export function drawnFor({ kind, maxCations, maxAnions, sample }: Case, seed: number): string {
  if (kind === 'organic') return drawCompound(seed)
  if (kind === 'salt') return drawSalt(seed)
  const { content, cations, anions } = practiceSolution(seed, { maxCations, maxAnions }, sample.mL)
  return JSON.stringify(
    solutionSchema.parse({ ...(content.jar && 'solution' in content.jar ? content.jar.solution : {}), parts: [...cations, ...anions] }),
  )
}

/** What a sealed text stands for. */
export interface Sealed {
  readonly content: Content
  /** As it is written: a formula, SMILES, or the ions of a solution. */
  readonly formula: string
  readonly name: string
  /** Whether what was concluded is what is in it. */
  readonly isSaid: (concluded: readonly string[]) => boolean
}

/**
 * Reads what is sealed in a jar: a salt by its formula, a compound by its SMILES, or a solution.
 * @throws RangeError where it is none of them
 */
export function sealedContent(text: string): Sealed {
  if (text.startsWith('{')) {
    const { ions, parts, mL } = solutionSchema.parse(JSON.parse(text))
    return {
      content: { id: text, jar: { solution: { ions, mL } } },
      formula: parts.join(' '),
      name: 'a solution',
      isSaid: (concluded) => parts.length === new Set(concluded).size && parts.every((ion) => concluded.includes(ion)),
    }
  }
  const salt = saltIn(text)
  if (salt)
    return { content: salt, formula: salt.id, name: salt.data.name, isSaid: (concluded) => concluded.some((said) => saltIn(said)?.id === salt.id) }
  const compound = compoundIn(text)
  if (!compound) throw new RangeError('a sealed sample is neither a bench salt, a compound of the library nor a solution')
  return {
    content: contentOf(text, compound.name),
    formula: compound.smiles,
    name: compound.name,
    isSaid: (concluded) => concluded.some((said) => compoundNamed(said)?.name === compound.name),
  }
}

/** What somebody writes to be put into a jar of some kind, as it is sealed; null for what no such jar can hold. */
export function sealable({ kind }: Pick<Case, 'kind'>, text: string): string | null {
  if (kind === 'organic') return (compoundNamed(text) ?? compoundIn(text))?.smiles ?? null
  return kind === 'salt' ? (saltIn(text)?.id ?? null) : null
}

function compoundIn(smiles: string): ReturnType<typeof compoundOf> {
  try {
    return compoundOf(smiles)
  } catch {
    return undefined
  }
}

function saltIn(text: string): ReturnType<typeof findSalt> {
  try {
    return findSalt(text)
  } catch {
    return undefined
  }
}
