import { bottleIn } from './bottle'
import { IN_HAND_NOUN, LIQUID_NOUN, SOLID_NOUN, amountFields, nothingLeft, type Act } from './said'

/** Something done to a tube for a while. */
export const timed =
  (doing: 'warm' | 'boil' | 'stand' | 'shake'): Act =>
  (said) => {
    said.left.take(/\b(?:(?:hot )?water bath)\b/i)
    said.left.take(/\b(?:strongly|hot|bunsen|flame|liquid|soln|solution|mixture|ppt|contents|water bath|thoroughly|aside)\b/i)
    if (!nothingLeft(said)) return false
    const { hand, tube, minutes } = said
    const given = minutes ?? (doing === 'stand' ? STOOD_min : undefined)
    hand.do(
      { do: doing, vessel: tube ?? hand.inHand(), ...(given === undefined ? {} : { minutes: given }) },
      minutes === undefined && given !== undefined ? ['minutes'] : [],
    )
    return true
  }

/** Minutes that a tube is left to stand where nothing is said. */
const STOOD_min = 5

export const part =
  (doing: 'centrifuge' | 'filter'): Act =>
  (said) => {
    const { left, hand, text } = said
    left.take(IN_HAND_NOUN)
    const says = left.take(LIQUID_NOUN)
    left.take(/\bhot\b/i)
    if (!nothingLeft(said)) return false
    const vessel = said.tube !== undefined && !says && !/\b(?:in)?to\b/i.test(text) ? said.tube : hand.inHand()
    const into = vessel === said.tube ? undefined : said.tube
    hand.do({ do: doing, vessel, liquidInto: into ?? hand.newTube() }, into === undefined ? ['liquidInto'] : [])
    return true
  }

/** "centrifugate to C", said of the step before. */
export const liquidTo: Act = (said) => {
  const last = said.hand.steps.at(-1)
  if (said.tube === undefined || !nothingLeft(said) || said.isAnswered) return false
  if (last?.do !== 'centrifuge' && last?.do !== 'filter') return false
  said.hand.amend({ liquidInto: said.tube })
  return true
}

export const wash: Act = (said) => {
  const { left, hand, amount, times = 1 } = said
  left.take(IN_HAND_NOUN)
  left.take(SOLID_NOUN)
  const hot = left.take(/\b(?:hot|boiling|warm)\b/i) !== null
  left.take(/\b(?:cold|dist(?:illed)?|once|well)\b/i)
  const phrase = left.words
  const bottle = phrase === '' ? { reagent: 'water', form: 'liquid' } : bottleIn(phrase)
  if (bottle?.form !== 'liquid') return false
  const vessel = said.tube ?? hand.inHand()
  const mL = amount?.unit === 'mL' ? amount.n : amount?.unit === 'drops' ? amount.n * 0.05 : undefined
  for (let k = 0; k < Math.min(times, 6); k++)
    hand.do({ do: 'wash', vessel, with: bottle.reagent, ...(mL === undefined ? {} : { mL }), ...(hot ? { hot } : {}) }, [
      ...(phrase === '' ? ['with'] : []),
      ...(mL === undefined ? ['mL'] : []),
    ])
  return true
}

export const concentrate: Act = (said) => {
  said.left.take(/\b(?:vol(?:ume)?|soln|solution|down)\b/gi)
  if (said.fraction === undefined || !nothingLeft(said)) return false
  said.hand.do({ do: 'concentrate', vessel: said.tube ?? said.hand.inHand(), toFraction: said.fraction })
  return true
}

export const cool: Act = (said) => {
  const ice = /\bice\b/i.test(said.text)
  said.left.take(/\bice\b/i)
  said.left.take(/[- ]*(?:bath|water|salt|cold)\b/i)
  said.left.take(/\b(?:tap|under|bath|water|salt|room temp(?:erature)?|rt|filtrate|liquid)\b/gi)
  said.left.take(/\b(?:tap|under|water)\b/gi)
  if (!nothingLeft(said)) return false
  const vessel = /\b(?:filtrate|centrifugate|supernatant)\b/i.test(said.text)
    ? (said.hand.liquid ?? said.hand.inHand())
    : (said.tube ?? said.hand.inHand())
  said.hand.do({ do: 'cool', vessel, to: ice ? 'ice' : 'room' })
  return true
}

/** A tube shared out, in halves or thirds. */
export const split: Act = (said) => {
  const { left, hand, text } = said
  const parts = Number(
    /\b(\d)\b/.exec(text)?.[1] ??
      { two: 2, half: 2, halves: 2, three: 3, four: 4 }[/\b(two|halves|half|three|four)\b/i.exec(text)?.[1]?.toLowerCase() ?? 'two'],
  )
  left.take(/\b(?:\d|two|three|four|halves|half)\b/i)
  left.take(/\b(?:equal|parts?|portions?|tubes?)\b/gi)
  left.take(/\b(?:parts?|portions?)\b/gi)
  if (!nothingLeft(said)) return false
  const from = said.tube ?? hand.inHand()
  const mL = Math.round(((hand.holds(from) ?? 1) / parts) * 100) / 100
  for (let k = 1; k < parts; k++) hand.do({ do: 'take', into: hand.newTube(), from, mL, upTo: true }, ['into', 'mL'])
  hand.vessel = from
  return true
}

export const sodaExtract: Act = (said) => {
  const { left, hand, amount, after, before } = said
  const made = left.take(/\b(?:make|made|prepare[d]?)\b/i) !== null
  if (!nothingLeft(said) || !(made || (after === ':' && amount === undefined) || before === ':')) return false
  hand.do({ do: 'soda-extract', into: 'SE', ...(amount ? amountFields(amount) : {}) })
  return true
}
