import { SAMPLE } from '../../tube'
import { bottleIn } from './bottle'
import { STREWN_mg, type Hand } from './hand'
import { pour } from './into-the-tube'
import {
  DRY_PLACE,
  EXTRACT_NOUN,
  FUSION_NOUN,
  IN_HAND_NOUN,
  LIQUID_NOUN,
  SOLID_NOUN,
  STOCK_NOUN,
  amountFields,
  dryPortion,
  nothingLeft,
  type Act,
  type Said,
} from './said'
import { type Amount } from './slots'

const TAKEN = /\b(?:take|took|taken|transfer(?:red)?|pour(?:ed)?|pipette[d]?|remove[d]?|put|tried|try)\b/i

/** Some of one tube into another. */
function fromTube(said: Said): boolean {
  const { hand, text, amount, fraction } = said
  const from =
    /\b(?:of|from)\s+(?:tube\s+)?([A-Z])\b/.exec(text)?.[1] ??
    /^(?:half|a third)\s+([A-Z])\b/i.exec(text)?.[1] ??
    /^([A-Z])$/.exec(said.left.words)?.[1]
  const into = /\b(?:in)?to\s+(?:tube\s+)?([A-Z])\b/.exec(text)?.[1]
  if (from === undefined || !hand.isInUse(from) || (amount === undefined && fraction === undefined)) return false
  const left = said.left.copy()
  left.take(TAKEN)
  for (let k = 0; k < 2; k++) left.take(/(?:^|\s)(?:(?:in)?to |of |from )?(?:tube )?[A-Z](?=\s|$)/)
  if (left.words !== '') return false
  const mL = Math.round((hand.holds(from) ?? 1) * (fraction ?? 0.5) * 100) / 100
  hand.do({ do: 'take', into: into ?? hand.newTube(), from, ...(amount ? amountFields(amount) : { mL, upTo: true }) }, [
    ...(into === undefined ? ['into'] : []),
    ...(amount ? [] : ['mL']),
  ])
  return true
}

function fromLiquid(hand: Hand, from: string, amount: Amount): boolean {
  hand.do({ do: 'take', into: hand.newTube(), from, ...amountFields(amount) }, ['into'])
  return true
}

/** A portion of what it names, where that is the stock, an extract, the sample, or what stands in a tube. */
export const noun: Act = (said) => {
  if (fromTube(said)) return true
  const { left, hand, amount, after, text } = said
  const taken = left.take(TAKEN) !== null
  const goesOn =
    after === '+' ||
    amount !== undefined ||
    taken ||
    /\bportion\b/i.test(text) ||
    /\b(?:fresh|new|another)\b.*\b(?:solns?|solution|OS)\b/i.test(text) ||
    /\S\s+instead\b/i.test(text)
  if (!goesOn) return false
  // A bottle is no portion: "KI soln".
  const phrase = left.words
  const fusion = left.take(FUSION_NOUN) ?? (hand.isInUse('FE') ? left.take(/\bextract\b/i) : null)
  const extract = fusion ? null : (left.take(EXTRACT_NOUN) ?? left.take(/\bextract\b/i))
  if (extract ?? fusion) {
    if (!nothingLeft(said)) return false
    hand.portion(amount, fusion ? 'FE' : 'SE')
    return true
  }
  if (left.take(LIQUID_NOUN)) {
    const liquid = said.tube ?? hand.liquid ?? (hand.isInUse('B') ? 'B' : undefined)
    if (!nothingLeft(said) || liquid === undefined) return false
    if (amount) return fromLiquid(hand, liquid, amount)
    hand.vessel = liquid
    return true
  }
  if (left.take(IN_HAND_NOUN)) {
    if (!nothingLeft(said) || hand.vessel === undefined) return false
    if (said.tube !== undefined) hand.vessel = said.tube
    return true
  }
  if (bottleIn(phrase) === null && left.take(STOCK_NOUN)) {
    left.take(STOCK_NOUN)
    const bottle = nothingLeft(said) ? null : bottleIn(left.words)
    if (!nothingLeft(said) && bottle === null) return false
    hand.portion(bottle ? undefined : amount)
    if (bottle) pour(said, bottle.reagent, bottle.form, bottle.form === 'solid' ? { n: STREWN_mg, unit: 'mg', isFilledIn: true } : undefined)
    return true
  }
  const dry = left.take(DRY_PLACE)
  if (left.take(SOLID_NOUN) ?? (dry && amount)) {
    if (!nothingLeft(said)) return false
    if (amount?.unit === 'mg' || amount === undefined) dryPortion(said)
    else hand.portion(amount, SAMPLE)
    return true
  }
  // "10 mL OS" may leave nothing but the amount and a tube.
  return false
}
