import { bottleIn, shelfId } from './bottle'
import { FEW_DROPS, STREWN_mg } from './hand'
import { Left } from './left'
import { IN_HAND_NOUN, SOLID_NOUN, amountFields, dryPortion, type Act, type Said } from './said'
import { amountIn, type Amount } from './slots'

/** Pours, strews or leads in what is named. */
export function pour(
  { hand, until, minutes, tube }: Pick<Said, 'hand' | 'until' | 'minutes' | 'tube'>,
  reagent: string,
  form: 'liquid' | 'solid' | 'gas',
  amount: Amount | undefined,
): void {
  const to = tube ?? hand.inHand()
  if (form === 'gas') hand.do({ do: 'pass', gas: reagent, through: to, ...(minutes === undefined ? {} : { minutes }) })
  else if (until !== undefined) hand.do({ do: 'add', to, reagent, until })
  else {
    const said =
      amount ??
      (form === 'solid'
        ? { n: STREWN_mg, unit: 'mg' as const, isFilledIn: true as const }
        : { n: FEW_DROPS, unit: 'drops' as const, isFilledIn: true as const })
    hand.do({ do: 'add', to, reagent, ...amountFields(said) }, said.isFilledIn ? [said.unit] : [])
  }
}

/** "conc H2SO4, warm": so begins what is done. */
const STRENGTH_SAID = /\b(?:conc|dil|\d+(?:\.\d+)?\s?M)\b/i

export const add: Act = (said) => {
  const { left, hand, amount, before, after, until, times, isOfTube, isDosed } = said
  const dropwise = /\bdrop ?wise\b|\bdrop by drop\b/i.test(said.text)
  const isStrength = before === '' && after !== '' && STRENGTH_SAID.test(said.text)
  const verb =
    left.take(
      /\b(?:add(?:ed|ing)?|put|pour(?:ed)?|introduce[d]?|treat(?:ed)?|drop(?:ped)?|make|made|render(?:ed)?|brought|bring|acidif(?:y|ied)|neutrali[sz]e[d]?|basif(?:y|ied)|alkalif(?:y|ied)|alkalini[sz]e[d]?|dilute[d]?|dissolve[d]?)\b/i,
    ) !== null
  const told = verb || isDosed || before === '+' || dropwise || isStrength
  const hot = left.take(/\b(?:hot|boiling|warm)\b/i) !== null
  left.take(/\b(?:reagent|added|mixture|soln? until)\b/i)
  // Into what: what is in hand, the liquid that was drawn off, or a dry portion that is yet to be taken.
  const into = left.take(
    /\b(?:in)?to (?:the )?(?:(ppts?|precipitate|residue|mixture|above|it)|(filtrate|centrifugate|supernat\w+|liquid)|(salt|solid|sample|compound))\b/i,
  )
  left.take(/^(?:in|with)\b/i)
  const phrase = left.words
  const asSolid = amount?.unit === 'mg' || (/\(?s\)?$/.test(phrase) && / \(?s\)?$/.test(phrase))
  const bottle = bottleIn(phrase, asSolid)
  if (bottle === null) return false
  // A name alone may be something seen, or that after which it was seen.
  const isBare = !told && amount === undefined && until === undefined && said.minutes === undefined
  const isPoured = hand.poured.has(shelfId(bottle.reagent))
  if (!told && isPoured) return false
  if (
    isBare &&
    !isOfTube &&
    after !== '->' &&
    after !== ':' &&
    after !== '+' &&
    !(before === 'then' || (hand.steps.length > 0 && !said.isAnswered && after !== ''))
  )
    return false
  if (isBare && /^(?:water|steam|ammonia|chlorine|iodine|bromine|oxygen|hydrogen|acid)$/i.test(phrase) && before === ':') return false
  if (into?.[2] !== undefined && hand.liquid !== undefined) hand.vessel = hand.liquid
  if (into?.[3] !== undefined) dryPortion({ ...said, amount: undefined, tube: undefined })
  const n = times ?? 1
  const isSign = until === 'just-acidic' || until === 'just-basic'
  for (let k = 0; k < Math.min(n, 6); k++)
    pour(
      { ...said, until: isSign || amount === undefined ? until : until === 'excess' || until === 'dissolved' ? undefined : until },
      bottle.reagent,
      bottle.form,
      amount,
    )
  if (hot && bottle.form === 'liquid') hand.do({ do: 'warm', vessel: hand.vessel ?? '' }, ['minutes'])
  return true
}

export const toAcidOrAlkali =
  (until: 'just-acidic' | 'just-basic'): Act =>
  (said) =>
    add({ ...said, until, before: '+' })

/** Acid is taken back with alkali, alkali with acid. */
export const neutralise: Act = (said) => {
  const copy = new Left(said.left.words)
  const bottle = bottleIn(copy.words)
  if (!bottle) return false
  return add({
    ...said,
    until: /\b(?:HCl|HNO3|H2SO4|acid|HOAc|HAc|AcOH|CH3COOH)\b/i.test(bottle.reagent) ? 'just-acidic' : 'just-basic',
    before: '+',
  })
}

export const dilute: Act = (said) => {
  said.left.take(/\b(?:twice|double|volume)\b/i)
  if (said.left.words === '' || /^water$/i.test(said.left.words)) {
    const { hand, amount } = said
    hand.do({ do: 'add', to: said.tube ?? hand.inHand(), reagent: 'water', ...amountFields(amount ?? { n: 1, unit: 'mL' }) }, amount ? [] : ['mL'])
    return true
  }
  return add({ ...said, before: '+' })
}

const DISSOLVED_mL = 5

export const dissolve: Act = (said) => {
  const { left, hand, amount, until } = said
  const ppt = left.take(IN_HAND_NOUN) !== null
  const solid = left.take(SOLID_NOUN) !== null
  const hot = left.take(/\b(?:hot|warm|boiling)\b/i) !== null
  const second = amountIn(left)
  const phrase = left.words
  const bottle = bottleIn(phrase)
  if (bottle?.form !== 'liquid') return false
  const sample = amount?.unit === 'mg' || solid || (!ppt && hand.isDrySample)
  if (sample && !ppt) {
    const volume = second ?? (amount?.unit === 'mg' ? undefined : amount)
    const mL = volume?.unit === 'mL' ? volume.n : volume ? volume.n * 0.05 : DISSOLVED_mL
    const acid = /HNO3|nitric/i.test(bottle.reagent)
    hand.do(
      {
        do: 'dissolve',
        into: acid ? 'AS' : 'OS',
        in: bottle.reagent,
        mL,
        ...(amount?.unit === 'mg' ? { mg: amount.n } : {}),
        ...(hot ? { hot } : {}),
      },
      ['into', ...(volume ? [] : ['mL'])],
    )
    return true
  }
  if (!ppt && /^dissolved/i.test(said.text)) return false
  pour({ ...said, until: amount ? undefined : (until ?? 'dissolved') }, bottle.reagent, bottle.form, amount)
  if (hot) hand.do({ do: 'warm', vessel: hand.vessel ?? '' }, ['minutes'])
  return true
}

/** So much of the solid in so much of a liquid, without a verb: "0.1 g salt in 5 mL water". */
export const inWater: Act = (said) => {
  const { left, amount } = said
  if (amount?.unit !== 'mg' || !/\bin\b/.test(said.text) || !left.has(SOLID_NOUN)) return false
  return dissolve(said)
}
