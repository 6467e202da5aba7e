import {
  compoundNamed,
  compoundOf,
  drawCompound,
  drawSalt,
  heldCompound,
  heldSalt,
  heldMixture,
  practiceMixture,
  readStructuresWith,
  saltIn,
  type Case,
  type Chance,
  type InJar,
} from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'
import { randomInt } from 'node:crypto'
import { z } from 'zod'

readStructuresWith(perceive)

/** A solution as it is sealed: mol/L of each ion, what it was made of, and how much there is. */
const solutionSchema = z.object({ ions: z.record(z.string(), z.number().positive()), parts: z.array(z.string()), mL: z.number().positive() })
/** A solid as it is sealed: mg of each salt, and what ions they are made of. */
const solidSchema = z.object({ solids: z.array(z.object({ formula: z.string(), mg: z.number().positive() })), parts: z.array(z.string()) })

/** Numbers in [0, 1) from the system's generator: 48 bits each, which nobody can foretell from others. */
const unforeseen = (): number => randomInt(2 ** 48 - 1) / (2 ** 48 - 1)

/** What is drawn for a jar of some kind, by a seed or by the system's generator: a salt's formula, a compound's SMILES, or a mixture as JSON. */
export function drawnFor(settings: Case, by: Chance = unforeseen): string {
  if (settings.kind === 'organic') return drawCompound(by)
  if (settings.kind === 'salt') return drawSalt(by)
  const { content, cations, anions } = practiceMixture(by, settings)
  const parts = [...cations, ...anions]
  const { jar } = content
  return JSON.stringify(
    jar && 'solids' in jar
      ? solidSchema.parse({ ...jar, parts })
      : solutionSchema.parse({ ...(jar && 'solution' in jar ? jar.solution : {}), parts }),
  )
}

/**
 * Reads what is sealed in a jar: a salt by its formula, a compound by its SMILES, or a mixture.
 * @throws RangeError where it is none of them
 */
export function sealedContent(text: string): InJar {
  if (text.startsWith('{')) {
    const mixture = z.union([solutionSchema, solidSchema]).parse(JSON.parse(text))
    const jar = 'solids' in mixture ? { solids: mixture.solids } : { solution: { ions: mixture.ions, mL: mixture.mL } }
    return heldMixture({ id: text, jar }, mixture.parts)
  }
  const salt = saltIn(text)
  if (salt) return heldSalt(salt)
  const compound = compoundIn(text)
  if (!compound) throw new RangeError('a sealed sample is neither a bench salt, a compound of the library nor a mixture')
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
