import { type Paper } from '../../vocabulary'
import { gasIn } from './bottle'
import { type Left } from './left'
import { nothingLeft, type Act } from './said'

const PAPER_NAMES: readonly (readonly [RegExp, Paper])[] = [
  [/\b(?:moist |damp )?red litmus(?: paper)?\b/i, 'red litmus paper'],
  [/\b(?:moist |damp )?blue litmus(?: paper)?\b/i, 'blue litmus paper'],
  [/\b(?:pH|universal(?: indicator)?) paper\b/i, 'universal indicator paper'],
  [/\b(?:lead acetate|Pb\s?ac(?:etate)?|Pb\(OAc\)2) paper\b/i, 'lead acetate paper'],
  [/\b(?:moist )?(?:acid(?:ified)? )?(?:dichromate|K2Cr2O7) paper\b/i, 'acid dichromate paper'],
  [/\b(?:moist )?(?:starch[- ]iodide|KI[- ]starch) paper\b/i, 'starch iodide paper'],
  [/\b(?:mercury\(II\) nitrate|mercuric nitrate) paper\b/i, 'mercury(II) nitrate paper'],
]

const paperIn = (left: Left): Paper | undefined => {
  for (const [pattern, paper] of PAPER_NAMES) if (left.take(pattern)) return paper
  return undefined
}

/** A paper, a splint or a rod over a tube, or a paper in it. */
export const held: Act = (said) => {
  const { left, hand } = said
  const dry = left.take(/\bdry\b/i) !== null
  const paper = paperIn(left)
  const splint = left.take(/\b(glowing|burning|lit) splint\b/i)
  const rod = left.take(/\b(?:glass )?rod\b(?: (?:wet|dipped))?/i)
    ? (left.take(/\b(?:conc\w*\s+)?(HCl|NH3|NH4OH|ammonia)\b(?: conc\w*)?/i)?.[1] ?? '')
    : undefined
  left.take(/\b(?:mouth|held|hold|above|gas|vapours?|moist|damp)\b/gi)
  left.take(/\b(?:mouth|above|moist|damp)\b/gi)
  if (!nothingLeft(said) || (!paper && !splint && rod === undefined)) return false
  const over = said.tube ?? hand.inHand()
  const what = paper
    ? { paper, ...(dry ? { dry } : {}) }
    : splint
      ? { splint: splint[1]?.toLowerCase() === 'glowing' ? ('glowing' as const) : ('burning' as const) }
      : { rod: rod === '' ? ('water' as const) : /hcl/i.test(rod ?? '') ? ('HCl conc' as const) : ('NH3 conc' as const) }
  hand.do({ do: 'hold', over, ...what })
  return true
}

export const dip: Act = (said) => {
  const paper = paperIn(said.left) ?? (said.left.take(/\blitmus\b/i) ? ('blue litmus paper' as const) : undefined)
  if (!paper || !nothingLeft(said)) return false
  said.hand.do({ do: 'dip', paper, into: said.tube ?? said.hand.inHand() })
  return true
}

export const smell: Act = (said) => {
  if (!nothingLeft(said)) return false
  said.hand.do({ do: 'smell', at: said.tube ?? said.hand.inHand() })
  return true
}

export const pass: Act = (said) => {
  const { left, hand, minutes } = said
  left.take(/\bthrough\b/i)
  if (left.has(/\bgas\b/i) && left.take(/\b(?:lime ?water|lw)\b/i)) {
    left.take(/\b(?:evolved )?gas\b/i)
    left.take(/\b(?:passed|led|bubbled)\b/i)
    if (!nothingLeft(said)) return false
    const from = hand.inHand()
    const through = said.tube ?? hand.newTube()
    hand.do({ do: 'add', to: through, reagent: 'lime water', mL: 2 }, ['to', 'mL'])
    hand.do({ do: 'bubble', from, through })
    hand.vessel = from
    return true
  }
  const gas = gasIn(left.words)
  if (gas === undefined) return false
  hand.do({ do: 'pass', gas, through: said.tube ?? hand.inHand(), ...(minutes === undefined ? {} : { minutes }) })
  return true
}
