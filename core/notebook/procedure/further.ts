import { bottleIn } from './bottle'
import { TUBES, beadFields, flameFields } from './in-the-fire'
import { pour } from './into-the-tube'
import { amountFields, nothingLeft, type Act } from './said'
import { amountIn } from './slots'

/** "5 dr more", "in excess": of what was last poured into the tube. */
export const more: Act = (said) => {
  const { left, hand, amount, until, isAnswered, text, before } = said
  left.take(/\b(?:reagent|another|same|more)\b/i)
  if (!nothingLeft(said)) return false
  const last = hand.steps.at(-1)
  if (last && !isAnswered && amount && !/\bmore\b|\banother\b/i.test(text)) {
    const isOpen = (last.do === 'add' || last.do === 'take') && (last.assumed ?? []).some((key) => key === 'drops' || key === 'mL' || key === 'mg')
    if (isOpen) {
      hand.amend(amountFields(amount))
      return true
    }
    if (last.do === 'soda-extract') {
      hand.amend(amountFields(amount))
      return true
    }
  }
  if (
    last &&
    !isAnswered &&
    before !== 'then' &&
    until !== undefined &&
    amount === undefined &&
    last.do === 'add' &&
    (last.assumed ?? []).length > 0
  ) {
    hand.amend({ until })
    return true
  }
  const poured = hand.lastPoured(said.tube)
  if (poured === undefined || (amount === undefined && until === undefined && !/\bmore\b/i.test(text))) return false
  pour({ ...said, until: amount ? undefined : until }, poured, 'liquid', amount)
  return true
}

/** Minutes said of the step before. */
export const howLong: Act = (said) => {
  const last = said.hand.steps.at(-1)
  if (said.minutes === undefined || !nothingLeft(said) || said.isAnswered || !last) return false
  if (!['pass', 'warm', 'boil', 'stand', 'shake'].includes(last.do)) return false
  said.hand.amend({ minutes: said.minutes })
  return true
}

/** What is said more of a fusion, a flame, a bead or an extract. */
export const furtherOf: Act = (said) => {
  const { hand, left, amount, fraction, isAnswered, text, before, times } = said
  const last = hand.steps.at(-1)
  if (!last || isAnswered) return false
  if (last.do === 'fuse') {
    const tubes = /\b(\d|one|two|three|four) tubes?\b/i.exec(text)?.[1]
    if (tubes !== undefined) {
      hand.amend({ tubes: TUBES[tubes.toLowerCase()] ?? Number(tubes) })
      return true
    }
    const sodium = amount?.unit === 'mg' && left.has(/\b(?:sodium|Na)\b/) ? amountIn(left) : undefined
    if (amount?.unit === 'mg') {
      left.take(/\b(?:sodium|Na|compound|sample)\b/i)
      if (!nothingLeft(said)) return false
      hand.amend(sodium ? { sample_mg: amount.n, sodium_mg: sodium.n } : { [/\b(?:sodium|Na)\b/.test(text) ? 'sodium_mg' : 'sample_mg']: amount.n })
      return true
    }
    left.take(/\b(?:boil(?:ed)?|water|evaporate[d]?|filter(?:ed)?|heat(?:ed)?|red hot|red|only)\b/gi)
    left.take(/\b(?:water|heat(?:ed)?|only)\b/gi)
    if (!nothingLeft(said)) return false
    if (/\bgent/i.test(text)) hand.amend({ heating: 'poor' })
    else if (fraction !== undefined) hand.amend({ toFraction: fraction })
    else if (amount?.unit === 'mL') hand.amend({ water_mL: amount.n })
    else if (!/\b(?:filter|boil|red)/i.test(text)) return false
    return true
  }
  if (last.do === 'wash' && times !== undefined && amount === undefined) {
    if (!nothingLeft(said)) return false
    for (let k = 1; k < Math.min(times, 6); k++) hand.do(last, last.assumed)
    return true
  }
  if (last.do === 'dissolve') {
    if (before !== '->' || !/^(?:OS|AS|SE)$/.test(left.words)) return false
    hand.amend({ into: left.words })
    return true
  }
  if (last.do === 'flame') {
    const fields = flameFields(left)
    if (!nothingLeft(said)) return false
    hand.amend(fields)
    return true
  }
  if (last.do === 'bead') {
    const fields = { ...beadFields(left), ...(amount?.unit === 'mg' ? { mg: amount.n } : {}) }
    left.take(/\b(?:flame|cold)\b/i)
    if (!nothingLeft(said) || Object.keys(fields).length === 0) return false
    hand.amend(fields)
    return true
  }
  if (last.do === 'charcoal') {
    left.take(/\b(?:Na2CO3|soda|sodium carbonate)\b/i)
    return nothingLeft(said)
  }
  if (last.do === 'soda-extract') {
    left.take(/\b(?:boil(?:ed)?|filter(?:ed)?)\b/i)
    left.take(/\b(?:Na2CO3|soda|sodium carbonate|water)\b/i)
    if (!nothingLeft(said)) return false
    if (amount) hand.amend(amountFields(amount))
    return true
  }
  return false
}

/** The last portion's work once more, with another reagent. */
export const same: Act = (said) => {
  const { hand, left } = said
  left.take(/^(?:with|using)\b/i)
  const bottle = bottleIn(left.words)
  const began = hand.done.findLastIndex((step) => step.do === 'take')
  if (bottle === null || began < 0) return false
  const work = hand.done.slice(began).filter((step) => step.do === 'take' || step.do === 'add')
  const poured = work.findLastIndex((step) => step.do === 'add' && step.until !== 'excess')
  const [first] = work
  if (first?.do !== 'take' || poured < 0) return false
  const into = hand.newTube()
  hand.do({ ...first, into }, ['into'])
  for (const [k, step] of work.slice(0, poured + 1).entries())
    if (k > 0 && step.do === 'add') hand.do({ ...step, to: into, ...(k === poured ? { reagent: bottle.reagent } : {}) }, [])
  return true
}
