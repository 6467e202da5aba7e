import { isMessageId, message, sayValue, type Message } from '../messages'
import type { Bulk, Percept, SeenColour, SeenLook } from '../perception'
import { degreeOf } from '../perception'
import type { Asked, EvidenceKind, Eyes } from '../vocabulary'
import type { Share } from './errors/words'

/** What a hypothesis would show, and what there was in the same vessel when it was last looked at, or else a step before. */
export interface Expectation {
  readonly percept: Percept
  readonly before: Percept | null
  /** Solid in the vessel, in numbers; null where there is none. Of percepts remembered from elsewhere it is not known. */
  readonly bulk?: Bulk | null
}

/** What is known of how much there is of everything: it is as supposed, or about so much, or nothing is known of it. */
export type Knowing = 'amounts' | 'nearly' | 'nothing'

/** A word for what is seen on a channel: whether it is denied, and the shade it has. */
export interface Reading {
  readonly value: string
  readonly negated?: boolean
  readonly degree?: string
}
/** The same as it was written down. */
export interface Written {
  readonly value: string
  readonly negated: boolean
  readonly degree?: string | undefined
}

/** What a channel is about: several channels may speak of one thing. */
export type Topic =
  | 'sample'
  | 'smell'
  | 'liquid'
  | 'precipitate'
  | 'gas'
  | 'paper'
  | 'mouth'
  | 'residue'
  | 'fire'
  | 'flame'
  | 'bead'
  | 'layer'
  | 'ring'
  | 'course'
  | 'constant'

/** A channel of observation: one thing to look at, the words for it, and how they are read, said and misjudged. */
export interface Channel<Id extends string = string> {
  readonly id: Id
  readonly label: string
  /** The words that may be written; null where the value is free. */
  readonly values: readonly string[] | null
  readonly of: Topic
  /** The property it tells of what it is about, where several things have it. */
  readonly property?: 'colour' | 'smell'
  /** What must have been done or looked at for it to be seen. */
  readonly evidence: EvidenceKind
  /** Whether it speaks plainly in a control; how much and of what habit is a matter of the portion. */
  readonly plain?: true
  /** What a quick and honest observer would write of a look: one word or several; nothing where there is nothing to say. Absent where nobody would by himself. */
  readonly read?: (look: SeenLook, asked: readonly Asked[]) => Reading | readonly Reading[] | null
  readonly say: (written: Written) => Message
  /** A channel of which the same is denied when it is denied here: "no blue" speaks of the whole tube. */
  readonly deniesToo?: string
  /** Whether what its words describe is there: of several looks they are of one where it is, if it is at any. Absent where they may as well say that nothing is. */
  readonly there?: (seen: Expectation) => boolean
  /** How likely a careful but fallible person is to write each word, the percept being known; null where it says nothing there. Absent where it never does. */
  readonly compare?: (seen: Expectation, eyes: Eyes, knowing: Knowing) => Share | null
}

export const defineChannel = <const Id extends string>(channel: Channel<Id>): Channel<Id> => channel

export const YES = ['yes', 'partly', 'no'] as const

/** A colour as it is written down: its family, and its shade. */
export function colourRead({ name, family }: SeenColour): Reading {
  const degree = degreeOf(name)
  return degree === undefined ? { value: family } : { value: family, degree }
}

/** The word itself, denied or not, with its shade. */
export const word = ({ value, negated, degree }: Written): Message =>
  message('seen.word', {
    not: negated ? message('seen.not') : '',
    degree: degree === undefined ? '' : message('seen.degree', { degree }),
    value: sayValue(value),
  })
/** A channel whose words are said in a phrase of their own, under `prefix`; denied, as a word. */
export const phrase =
  (prefix: string) =>
  (written: Written): Message => {
    const id = `${prefix}.${written.value}`
    return isMessageId(id) && !written.negated ? message(id) : word(written)
  }
/** Whether a yes-or-no channel was denied. */
export const isNo = ({ value, negated }: Written): boolean => negated || value === 'no'
