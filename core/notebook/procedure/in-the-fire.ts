import { SAMPLE } from '../../tube'
import { type Left } from './left'
import { DRY_PLACE, IN_HAND_NOUN, LIQUID_NOUN, SOLID_NOUN, dryPortion, nothingLeft, type Act } from './said'
import { amountIn } from './slots'

export const ignite: Act = (said) => {
  const { left, hand, text } = said
  const gently = /\bgent/i.test(text) && !/strong/i.test(text)
  const dry = left.take(DRY_PLACE) !== null || /\bdry heat\b/i.test(text)
  const solid = left.take(SOLID_NOUN) !== null || /\b(?:salt|solid|sample|substance) (?:was )?(?:strongly )?heated/i.test(text)
  left.take(/\bstrongly\b/i)
  if (!nothingLeft(said)) return false
  const held = said.tube ?? hand.vessel
  const begun = hand.steps.at(-1)
  // A tube that holds nothing but dry sample is heated as it is.
  const isDryInHand = begun !== undefined ? begun.do === 'take' && begun.mg !== undefined : held !== undefined && hand.isDrySample && !solid && !dry
  const vessel = isDryInHand && held !== undefined ? held : solid || dry || said.amount ? dryPortion(said) : (held ?? dryPortion(said))
  hand.do({ do: 'ignite', vessel, ...(gently ? { heat: 'gently' as const } : {}) })
  return true
}

/** The wire, and through what it was looked at. */
export function flameFields(left: Left): Record<string, unknown> {
  const fields: Record<string, unknown> = {}
  if (left.take(/\b(?:through |thru )?(?:cobalt|blue|co) glass\b/i)) fields['through'] = 'cobalt-glass'
  else if (left.take(/\b(?:through |thru |by )?(?:a )?spectroscope\b/i)) fields['through'] = 'spectroscope'
  if (left.take(/\bnot cleaned\b|\buncleaned\b|\bdirty\b/i)) fields['cleaned'] = false
  if (left.take(/\b(?:soaked |wooden |wood )?splint\b/i)) fields['support'] = 'splint'
  left.take(/\b(?:pt|platinum|ni-?cr|nichrome)\b/i)
  left.take(/\bwire\b/i)
  left.take(/\b(?:conc\w* )?HCl(?: conc\w*)?\b/i)
  left.take(/\b(?:clean(?:ed)?|loop|bunsen|conc\w*)\b/i)
  return fields
}

export const flame: Act = (said) => {
  const { left, hand } = said
  const fields = flameFields(left)
  const from = left.take(IN_HAND_NOUN) || left.take(LIQUID_NOUN) ? (hand.vessel ?? SAMPLE) : (said.tube ?? SAMPLE)
  left.take(SOLID_NOUN)
  left.take(/\btest\b/i)
  if (!nothingLeft(said)) return false
  hand.do({ do: 'flame', from, ...fields })
  return true
}

export function beadFields(left: Left): Record<string, unknown> {
  const fields: Record<string, unknown> = {}
  if (left.take(/\bmicrocosmic(?: salt)?\b|\bphosphate\b/i)) fields['flux'] = 'microcosmic'
  if (left.take(/\b(?:reducing|red|reduc)(?: flame)?\b/i)) fields['flame'] = 'reducing'
  else if (left.take(/\b(?:oxidi[sz]ing|ox|oxid)(?: flame)?\b/i)) fields['flame'] = 'oxidising'
  return fields
}

export const bead: Act = (said) => {
  const fields = beadFields(said.left)
  said.left.take(/\bborax\b/i)
  said.left.take(/\b(?:flame|cold|test)\b/i)
  if (!nothingLeft(said)) return false
  const mg = said.amount?.unit === 'mg' ? { mg: said.amount.n } : {}
  said.hand.do({ do: 'bead', from: said.tube ?? SAMPLE, ...fields, ...mg })
  return true
}

export const TUBES: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4 }

export const fuse: Act = (said) => {
  const { left, hand, amount } = said
  const poor = left.take(/\b(?:gently|poor(?:ly)?|not red)\b/i) !== null || /\bgent/i.test(said.text)
  const sodium = left.take(/\b(?:sodium|Na|zinc(?: and sodium)? carbonate|Zn[-/ ]?(?:dust )?(?:and )?Na2CO3)\b(?: metal| sodium)?/i)?.[0] ?? ''
  const second = amountIn(left)
  const tubes = left.take(/\b(\d|one|two|three|four) tubes?\b/i)?.[1]?.toLowerCase()
  left.take(/\bonly\b/i)
  left.take(/\b(?:lassaigne'?s?|extract|prepared|made|test|compound|sample|heated|heat|red hot|ignition)\b/gi)
  left.take(/\b(?:extract|prepared|made|heated|mg)\b/i)
  if (!nothingLeft(said)) return false
  const masses = second ? { sample_mg: amount?.n, sodium_mg: second.n } : amount?.unit === 'mg' ? { sample_mg: amount.n } : {}
  hand.do({
    do: 'fuse',
    into: 'FE',
    with: /zinc|zn/i.test(sodium) ? 'zinc-carbonate' : 'sodium',
    ...masses,
    ...(tubes === undefined ? {} : { tubes: TUBES[tubes] ?? Number(tubes) }),
    ...(poor ? { heating: 'poor' } : {}),
  })
  return true
}
