import {
  compoundNamed,
  compoundOf,
  drawCompound,
  drawSalt,
  heldCompound,
  heldSalt,
  heldSolution,
  practiceSolution,
  readStructuresWith,
  saltIn,
  type Case,
  type InJar,
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

/**
 * Reads what is sealed in a jar: a salt by its formula, a compound by its SMILES, or a solution.
 * @throws RangeError where it is none of them
 */
export function sealedContent(text: string): InJar {
  if (text.startsWith('{')) {
    const { ions, parts, mL } = solutionSchema.parse(JSON.parse(text))
    return heldSolution({ id: text, jar: { solution: { ions, mL } } }, parts)
  }
  const salt = saltIn(text)
  if (salt) return heldSalt(salt)
  const compound = compoundIn(text)
  if (!compound) throw new RangeError('a sealed sample is neither a bench salt, a compound of the library nor a solution')
  return heldCompound({ ...compound, smiles: text })
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
