import { findIon, findSalt, type Salt } from '../../species'
import { compoundNamed, contentOf } from '../inference/organic/hypotheses'
import type { Dissolved } from '../inference/salt/draw'
import type { Compound } from '../../structure'
import type { Content } from '../simulation/simulations'

/** What a simulated jar holds, and what says so. */
export interface InJar {
  readonly content: Content
  /** As it is written: a formula, SMILES, or the ions of a solution. */
  readonly formula: string
  readonly name: string
  /** Whether what was concluded, in the order it was, is what is in it. Of one substance the first that was named counts; of a mixture all that was. */
  readonly isSaid: (concluded: readonly string[]) => boolean
}

/** A bench salt by any spelling of its formula; undefined for any other text. */
export function saltIn(text: string): Salt | undefined {
  try {
    return findSalt(text)
  } catch {
    return undefined
  }
}

/** The first of several that names a substance and not an ion of it. */
const firstWhole = (concluded: readonly string[]): string => concluded.find((said) => !isIon(said)) ?? ''
function isIon(text: string): boolean {
  try {
    return findIon(text) !== undefined
  } catch {
    return false
  }
}

export const heldSalt = (salt: Salt): InJar => ({
  content: salt,
  formula: salt.id,
  name: salt.data.name,
  isSaid: (concluded) => saltIn(firstWhole(concluded))?.id === salt.id,
})

/** The same dissolved: how much water it came with, nobody can tell. */
export const heldDissolved = ({ salt, molar, content }: Dissolved): InJar => ({
  content,
  formula: salt.id,
  name: `${salt.data.name}, ${molar} mol/L`,
  isSaid: (concluded) => {
    const said = saltIn(firstWhole(concluded))
    return said !== undefined && ionsKey(said) === ionsKey(salt)
  },
})
const ionsKey = ({ data: { ions } }: Salt): string => JSON.stringify(Object.entries(ions).sort())

export const heldCompound = ({ smiles, name }: Pick<Compound, 'smiles' | 'name'>): InJar => ({
  content: contentOf(smiles, name),
  formula: smiles,
  name,
  isSaid: (concluded) => compoundNamed(concluded[0] ?? '')?.name === name,
})

/** A mixture of some ions, in solution or as salts ground together: all of them, and no other, say it. */
export const heldMixture = (content: Content, parts: readonly string[]): InJar => ({
  content,
  formula: parts.join(' '),
  name: content.jar && 'solids' in content.jar ? content.jar.solids.map(({ formula }) => formula).join(' with ') : 'a solution',
  isSaid: (concluded) => parts.length === new Set(concluded).size && parts.every((ion) => concluded.includes(ion)),
})
