import { SAMPLE, type StepInput, type Until } from '../../tube'
import { STREWN_mg, type Hand } from './hand'
import { type Left } from './left'
import { type Joint } from './segments'
import { type Amount } from './slots'

/** A piece of a line with its numbers and signs taken out, on its way to a step. */
export interface Said {
  readonly left: Left
  readonly hand: Hand
  readonly text: string
  readonly before: Joint
  readonly after: Joint
  /** Whether something was seen since the line's last step. */
  readonly isAnswered: boolean
  /** Whether the tube it is done in was named just before it. */
  readonly isOfTube: boolean
  readonly isDosed: boolean
  readonly amount: Amount | undefined
  readonly minutes: number | undefined
  readonly times: number | undefined
  readonly until: Until | undefined
  readonly fraction: number | undefined
  /** The tube it names. */
  readonly tube: string | undefined
}

/** Reads a piece as an act, and does it; false where it is none, and then nothing is done. */
export type Act = (said: Said) => boolean

export const amountFields = ({ n, unit }: Amount): Partial<Record<'mL' | 'drops' | 'mg', number>> => ({ [unit]: n })

export const nothingLeft = ({ left }: Said): boolean => left.words === ''

export const SOLID_NOUN = /\b(?:salt|solid|sample|substance|compound|unknown|powder)\b/i

export const DRY_PLACE = /\b(?:dry|ignition|hard glass)\b/i

export const IN_HAND_NOUN = /\b(?:ppts?|pptt|precipitates?|residue|above|mixture)\b/i

export const LIQUID_NOUN = /\b(?:filtrate|centrifugate|supernat(?:ant|e)|liquid|liquor|decantate)\b/i

export const STOCK_NOUN =
  /\b(?:OS|orig(?:inal)?(?: (?:soln?|solution))?|stock(?: (?:soln?|solution))?|stk|(?:(?:salt|sample|test|unknown) )?(?:solns?|solution)|(?:fresh|new|another)? ?portion|fresh|instead|another)\b/i

export const EXTRACT_NOUN = /\b(?:soda extract|sodium carbonate extract|SE)\b/

export const FUSION_NOUN = /\b(?:FE|LE|(?:[Ff]usion|[Ll]assaigne'?s?|[Ss]odium) extract)\b/

/** A dry portion, and what is done with it. */
export function dryPortion({ hand, amount, tube }: Said): string {
  const into = tube ?? hand.newTube()
  const said = amount ?? { n: STREWN_mg, unit: 'mg' as const, isFilledIn: true as const }
  hand.do({ do: 'take', into, from: SAMPLE, ...amountFields(said) }, [
    ...(tube === undefined ? ['into'] : []),
    ...(said.isFilledIn ? [said.unit] : []),
  ])
  return into
}

export const apart =
  (step: StepInput, spare: RegExp): Act =>
  (said) => {
    said.left.take(spare)
    said.left.take(SOLID_NOUN)
    if (!nothingLeft(said)) return false
    said.hand.do(step)
    return true
  }
