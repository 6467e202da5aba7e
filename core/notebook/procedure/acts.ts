import { ZodError } from 'zod'
import { furtherOf, howLong, more, same } from './further'
import { type Hand } from './hand'
import { bead, flame, fuse, ignite } from './in-the-fire'
import { add, dilute, dissolve, inWater, neutralise, toAcidOrAlkali } from './into-the-tube'
import { Left } from './left'
import { dip, held, pass, smell } from './over-the-tube'
import { noun } from './portion'
import { LIQUID_NOUN, apart, nothingLeft, type Act, type Said } from './said'
import { type Joint } from './segments'
import { amountIn, fractionIn, minutesIn, timesIn, untilIn } from './slots'
import { concentrate, cool, liquidTo, part, sodaExtract, split, timed, wash } from './to-the-tube'

/** What was not done, or is not yet. */
const UNREAL =
  /\b(?:not|n't|didn'?t|don'?t|doesn'?t|never|forgot|should|would|could|will|shall|must|next|tomorrow|think|ask|want|plan|need|needs|if|broke|again\?|maybe|no (?!more|further))\b/i

const TUBE = /\b(?:(?:in|into|to|of|from|on) (?:tube )?|tube )([A-Z])\b(?!\d|\()/

/** What stands around a piece of a line. */
export interface Around {
  readonly before: Joint
  readonly after: Joint
  readonly isAnswered: boolean
  readonly isOfTube?: boolean
  /** Whether an amount of it follows. */
  readonly isDosed?: boolean
}

/** Reads one piece of a line; what it does is done at once. */
export function readAct(text: string, hand: Hand, { before, after, isAnswered, isOfTube = false, isDosed = false }: Around): boolean {
  if (UNREAL.test(text.replace(/\b(?:until|till?)\b.*|\bnot (?:cleaned|red)\b/i, '')) || /\?\s*$/.test(text)) return false
  const left = new Left(text)
  const until = untilIn(left)
  const fraction = /\b(?:half|third|quarter|dryness|\d\/\d)\b/i.test(text) ? fractionIn(left) : undefined
  const amount = amountIn(left)
  const times = timesIn(left)
  const minutes = minutesIn(left)
  const named = left.take(TUBE) ?? (before !== ':' || hand.isInUse(text) ? left.take(/(?<=^[a-z]{3,}\s)([A-LNP-Z])(?=$|\s)/) : null)
  const tube = named?.[1] === 'I' || named?.[1] === 'O' ? undefined : named?.[1]
  const said: Said = { left, hand, text, before, after, isAnswered, isOfTube, isDosed, amount, minutes, times, until, fraction, tube }
  const steps = [...hand.steps]
  try {
    return ACTS.some(([pattern, act]) => {
      const copy = left.copy()
      const match = pattern === null ? true : copy.take(pattern)
      return match !== null && act({ ...said, left: copy })
    })
  } catch (error) {
    // No drops at all, or boiled down to more than there is: what no step can be stays text.
    if (!(error instanceof ZodError)) throw error
    hand.steps.splice(0, Infinity, ...steps)
    return false
  }
}

/** Acts by the word that says them, the most particular first; without a word, a name of a bottle. */
const ACTS: readonly (readonly [RegExp | null, Act])[] = [
  [/\b(?:same|ditto|likewise|repeat(?:ed)?) (?:test )?(?=with|using)/i, same],
  [null, furtherOf],
  [/\b(?:na |sodium )?(?:fuse[d]?|fusion)\b(?! extract)|\blassaigne'?s?\b(?= (?:extract (?:made|prepared)|test))/i, fuse],
  [/\b(?:soda|sodium carbonate) extract\b/i, sodaExtract],
  [/\bbeilstein(?: test)?\b|\bcopper wire(?: test)?\b/i, apart({ do: 'copper-wire' }, /\btest\b/i)],
  [/\b(?:ignition|burn(?:t|ed)?)(?: test)?(?= on (?:a )?spatula| on spatula)/i, apart({ do: 'ignition' }, /\bspatula\b/i)],
  [
    /\b(?:light|lit|set fire to)\b(?= it\b|$)/i,
    (said) => (nothingLeft(said) ? (said.hand.do({ do: 'flame', from: said.hand.inHand(), support: 'mouth' }), true) : false),
  ],
  [/\bbead(?: test)?\b/i, bead],
  [/\b(?:flame test|flame)\b(?: again)?/i, flame],
  [/\b(?:heat(?:ed)? on )?charcoal(?: block)?(?: cavity)?(?: test)?\b/i, apart({ do: 'charcoal' }, /\b(?:Na2CO3|soda|sodium carbonate)\b/i)],
  [
    /\b(?:Co\(NO3\)2|cobalt nitrate)(?: test)?\b(?=.*\b(?:residue|ash|mass)\b)/i,
    apart({ do: 'cobalt-nitrate' }, /\b(?:residue|ash|(?:white )?mass)\b/i),
  ],
  [/\b(?:dip(?:ped)?|test(?:ed)?|check(?:ed)?)\b(?=.*\b(?:litmus|paper)\b)/i, dip],
  [/\b(?:hold|held)\b/i, held],
  [/(?=.*\b(?:over|mouth|held|into|in)\b)(?=.*\b(?:litmus|paper|splint)\b)/i, held],
  [/(?=\bgas (?:passed|led|bubbled) (?:in)?to\b)|\b(?:pass(?:ed)?|bubble[d]?|saturate[d]?|lead|led)\b/i, (said) => pass(said)],
  [/\b(?:smell|smelt|sniff(?:ed)?|waft(?:ed)?)\b/i, smell],
  [/\bwash(?:ed)?\b/i, wash],
  [/\b(?:spin|spun|centrifuge[d]?|ctfg(?:d|ed)?|cfg)\b/i, part('centrifuge')],
  [/\bdecant(?:ed)?\b/i, part('centrifuge')],
  [/\bfilter(?:ed)?\b/i, part('filter')],
  [
    /\b(?:(?:pour(?:ed)?|draw|drew|run|ran|siphon(?:ed)?) off)\b(?=.*\b(?:liquid|supernat|liquor))/i,
    (said) => (said.left.take(LIQUID_NOUN), liquidTo(said) || (said.hand.vessel !== undefined && part('centrifuge')(said))),
  ],
  [LIQUID_NOUN, liquidTo],
  [/\b(?:evap(?:orate[d]?)?|concentrate[d]?|boil(?:ed)?|reduce[d]?)\b(?: down)?/i, concentrate],
  [
    /\b(?:boil(?:ed)?|simmer(?:ed)?|reflux(?:ed)?|heat(?:ed)? to boiling|bring to the boil|bring boil)\b(?: off \w+)?(?: (?:to )?(?:expel|drive off|remove) \w+)?|\bheat(?:ed)?\b(?= boiling)/i,
    (said) => {
      said.left.take(/\bboiling\b/i)
      said.left.take(/\b(?:expel|drive|remove) \w+\b|\b(?:H2S|CO2|gas)\b/i)
      return timed('boil')(said)
    },
  ],
  [/\b(?:ignite[d]?|roast(?:ed)?|dry heat)\b/i, ignite],
  [
    /\b(?:salt|solid|sample|substance) (?:was )?(?:strongly )?heated\b|\b(?:heat(?:ed)?|strongly heated)\b(?=.*\b(?:dry|salt|solid|sample|substance|strongly)\b)/i,
    ignite,
  ],
  [/^strongly$/i, ignite],
  [
    /\bheat(?:ed)?\b/i,
    (said) =>
      said.hand.isDrySample && said.hand.vessel !== undefined && !said.hand.done.some((s) => s.do === 'add') ? ignite(said) : timed('warm')(said),
  ],
  [/\b(?:(?:re)?warm(?:ed)?|(?:re)?heat(?:ed)?|water bath|hot water bath|gentle heat)\b/i, timed('warm')],
  [/\b(?:cool(?:ed)?|chill(?:ed)?|ice bath|ice)\b/i, cool],
  [/\b(?:leave|left|allow(?:ed)?)(?: it)?(?: to)? stand\b|\b(?:stand(?:ing)?|stood|leave|left|wait(?:ed)?|set aside|kept)\b/i, timed('stand')],
  [/\b(?:shake|shaken|shook|mix(?:ed)?|stir(?:red)?|agitate[d]?|swirl(?:ed)?)\b/i, timed('shake')],
  [/\b(?:split|divide[d]?|halve[d]?)\b/i, split],
  [/\bdilute[d]?\b(?=$|.*\bwater\b| to)/i, dilute],
  [/\bacidif(?:y|ied)\b/i, toAcidOrAlkali('just-acidic')],
  [/\b(?:basif(?:y|ied)|alkali(?:f(?:y|ied)|ni[sz]e[d]?))\b/i, toAcidOrAlkali('just-basic')],
  [/\bneutrali[sz]e[d]?\b/i, neutralise],
  [/^dissolve[d]?\b/i, dissolve],
  [/\bdissolve[d]?\b(?=.*\b(?:salt|solid|sample)\b)/i, dissolve],
  [null, inWater],
  [null, more],
  [null, howLong],
  [null, noun],
  [null, add],
]
