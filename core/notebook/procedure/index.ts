import { onlyLooks, SAMPLE, stepSchema, vesselOf, type Step } from '../../tube'
import { readAt } from '../context'
import type { ObservationInput } from '../schema'
import { readShorthand } from '../shorthand'
import { readAct } from './acts'
import { Hand, type ProcedureContext, type ReadStep } from './hand'
import { alike, segmentsOf, type Segment } from './segments'

export type { ProcedureContext, ReadStep } from './hand'

/** What was done, or seen, in the order in which it was written. */
export type ReadLine = { readonly did: ReadStep } | { readonly saw: ObservationInput }

export interface ProcedureReading {
  readonly lines: readonly ReadLine[]
  /** Words not understood, in order. */
  readonly rest: readonly string[]
}

/** A tube's letter that stands before what is done with it. */
const TUBE_FIRST = /^(?:(?:in|to)\s+)?(?:tube\s+)?([A-Z])$|^(?:in|to)\s+(?:tube\s+)?([A-Z])\s+(.+)$|^tube\s+([A-Z])\s+(.+)$/
/** What the text before something not done says of all that follows in its sentence. */
const PLANNED = /\b(?:next|should|tomorrow|will|must|plan|todo|to do)\b/i
/** Joints at which something else is begun. */
const BEGINS: ReadonlySet<string> = new Set(['', ';', '.', 'then'])
/** An amount by itself. */
const DOSE = /^(?:about |ca )?(?:\d+(?:\.\d+)?|an?|one|two|three|four|five|six|ten|(?:a )?few)\s*(?:drops?|dr|gtts?|mL|cc|cm3)$/i
/** What somebody says was not done. */
const NOT_DONE = /\b(?:did not|didn'?t|never|forgot to|without)\s+(?:warm|heat|boil|add|shak|wash|cool|filter|spin|stir|acidif)/i
/** "in xs sol", "xs insol": more of the reagent, and what came of it. */
const IN_EXCESS = /^(?:in |with )?((?:slight )?(?:xs|excess)(?: reagent)?)\s+(?!NaOH|NH3|NH4OH|ammonia|alkali|HCl|acid)(.+)$/i

/**
 * Reads a line of what was done and seen: `1 mL soln + 3 dr 2M NaOH -> pale blue ppt; xs: insol; boil -> black`. What the line leaves open is filled in, and named in the step's `assumed`. Nothing is lost: what is not understood
 * is in `rest`.
 */
export function readProcedure(line: string, context: ProcedureContext = {}): ProcedureReading {
  const text = alike(line)
  const hand = new Hand(context)
  const lines: ReadLine[] = []
  const rest: string[] = []
  /** Pieces that were not acts, one after another: what was seen of the step before. */
  let seen: Segment[] = []
  let told = 0
  let isPlanned = false
  /** The tube that was named since the last step. */
  let tube: string | undefined
  /** The tube something was seen in; on a wire or a spatula it is none. */
  const tubeSeen = (step: Step | undefined): string | undefined => {
    if (tube !== undefined || step === undefined) return tube ?? hand.vessel
    const on = vesselOf(step)
    return on === SAMPLE ? undefined : on
  }
  /** Whether it is not known what the line goes on to add to. */
  let isUnclear = false
  /** Whether a tube was named just before. */
  let ofTube = false
  const takeUp = (): void => {
    if (hand.steps.length > told) tube = undefined
    for (const did of hand.steps.slice(told)) lines.push({ did })
    told = hand.steps.length
  }
  const answer = (): void => {
    const first = seen[0]
    const last = seen.at(-1)
    if (!first || !last) return
    seen = []
    const words = text.slice(first.start, last.end)
    const step = hand.steps.at(-1)
    const { observations, rest: left } = sightsIn(words, step)
    const vessel = tubeSeen(step)
    for (const saw of observations) lines.push({ saw: { ...(vessel === undefined ? {} : { vessel }), ...saw } })
    rest.push(...left)
  }
  const segments = segmentsOf(text)
  for (const [place, segment] of segments.entries()) {
    if (segment.before === '.' || segment.before === ';') {
      isPlanned = false
      isUnclear = false
    }
    const named = tubeOf(segment, hand)
    if (named.tube !== undefined) {
      answer()
      hand.vessel = named.tube
      tube = named.tube
    }
    if (named.text === '') {
      ofTube = true
      continue
    }
    const isAnswered = seen.length > 0 || (lines.length > 0 && told === hand.steps.length && 'saw' in (lines.at(-1) as ReadLine))
    const excess = IN_EXCESS.exec(named.text)
    const before = hand.steps.length
    const was = hand.steps.at(-1)
    if (!isPlanned && excess && hand.lastPoured() !== undefined && readAct(excess[1] as string, hand, { before: ',', after: '', isAnswered: true })) {
      answerBefore(before)
      takeUp()
      seen.push({ ...segment, start: segment.end - (excess[2] as string).length })
      continue
    }
    if (isUnclear && (segment.before === '+' || segment.before === ',')) {
      answer()
      rest.push(named.text)
      continue
    }
    const acted =
      !isPlanned &&
      !NOT_DONE.test(named.text) &&
      readAct(named.text, hand, {
        before: segment.before,
        after: segment.after,
        isAnswered,
        isOfTube: ofTube || named.tube !== undefined,
        isDosed: DOSE.test(segments[place + 1]?.text ?? ''),
      })
    ofTube = false
    const split = acted || isPlanned ? null : actThenSight(named.text, segment, hand)
    if (split !== null) {
      answerBefore(before)
      takeUp()
      if (split === '') continue
      seen.push({ ...segment, start: segment.end - split.length })
      continue
    }
    // To something that is not understood nothing is poured: what goes in stays text with it.
    if (!acted && segment.after === '+' && !isPlanned && seen.length === 0 && BEGINS.has(segment.before)) isUnclear = true
    if (!acted && !isPlanned && (isUnclear || isTold(named.text, segment))) {
      answer()
      rest.push(named.text)
      continue
    }
    if (acted) {
      answerBefore(before)
      if (hand.steps.length === before && hand.steps.at(-1) !== was && told === before)
        lines[lines.length - 1] = { did: hand.steps.at(-1) as ReadStep }
      takeUp()
    } else {
      if (PLANNED.test(named.text)) isPlanned = true
      if (isPlanned || NOT_DONE.test(named.text)) {
        answer()
        rest.push(named.text)
        continue
      }
      seen.push(named.text === segment.text ? segment : { ...segment, start: segment.end - named.text.length })
    }
  }
  answer()
  return { lines, rest }

  /** What was seen goes before the steps that were just read. */
  function answerBefore(count: number): void {
    if (seen.length === 0) return
    const later = hand.steps.splice(count)
    answer()
    hand.steps.push(...later)
  }
}

const ADDED = /^(?:add(?:ed|ing)?|put)\b/i
/** Whether a piece says that something goes in: where nobody knows what, it is kept as text, and not read as something seen. */
const isTold = (text: string, { before }: Segment): boolean => before === '+' || ADDED.test(text)
/** "+ NaOH white ppt": an act, and without a mark what came of it. @returns the words of that; null where it is no such piece */
function actThenSight(text: string, segment: Segment, hand: Hand): string | null {
  if (!isTold(text, segment)) return null
  const words = text.split(' ')
  for (let k = words.length - 1; k > 0; k--) {
    const sight = words.slice(k).join(' ')
    if (readShorthand(sight).observations.length === 0) continue
    if (readAct(words.slice(0, k).join(' '), hand, { before: segment.before, after: '->', isAnswered: false })) return sight
  }
  return null
}

/** The tube a piece names before anything else, and what it goes on with. */
function tubeOf({ text, after }: Segment, hand: Hand): { readonly tube?: string; readonly text: string } {
  const match = TUBE_FIRST.exec(text)
  if (!match) return { text }
  const tube = match[1] ?? match[2] ?? match[4] ?? ''
  const known = hand.isInUse(tube)
  if (match[1] !== undefined) return known || after === ':' ? { tube, text: '' } : { text }
  return known ? { tube, text: match[3] ?? match[5] ?? '' } : { text }
}

const FLAME = stepSchema.parse({ do: 'flame' })
const LOOK = stepSchema.parse({ do: 'look', at: 'A' })
/** What was seen, as words about the step before mean it. */
function sightsIn(words: string, step: Step | undefined): { readonly observations: readonly ObservationInput[]; readonly rest: readonly string[] } {
  if (!step) {
    const read = readShorthand(words)
    return read.observations.length > 0 || read.rest.length > 0 ? read : { observations: [], rest: [words] }
  }
  const isDry = step.do === 'take' && step.mg !== undefined
  // The wire is looked at in the flame.
  if (step.do === 'copper-wire') return readAt(words, FLAME, false)
  if (isDry || step.do === 'ignite' || (onlyLooks(step) && step.do !== 'hold' && step.do !== 'charcoal'))
    return readAt(step.do === 'ignite' ? words.replace(BARE_WATER, 'water drops') : words, step, isDry)
  if (step.do === 'hold') return step.rod === undefined ? readAt(words, step, false) : readAt(`rod: ${words}`, LOOK, false)
  if (step.do === 'charcoal') return onCharcoal(words, step)
  const { observations, rest } = readAt(words.replace(TWO_LAYERS, 'two layers form'), LOOK, false)
  const led = step.do === 'pass' && step.gas === 'H2S'
  return {
    observations: observations
      .flatMap(inTheLiquid)
      .flatMap((o) => (led && o.channel === 'solution.colour' && o.value !== 'colourless' ? comesDown(o) : [o])),
    rest,
  }
}
const TWO_LAYERS = /^(?:two|2) layers$/i
const METAL = /\b(?:(?:no|white|grey|gray|red|brown|yellow|soft|brittle|malleable|shiny)\s+)*metal(?:lic)? beads?\b|\b(?:no )?bead\b/gi
/** A bead of metal on the block is none of borax: it is kept as text. */
function onCharcoal(words: string, step: Step): { readonly observations: readonly ObservationInput[]; readonly rest: readonly string[] } {
  const beads = words.match(METAL) ?? []
  const { observations, rest } = readAt(words.replace(METAL, ''), step, false)
  return { observations, rest: [...beads, ...rest] }
}
const BARE_WATER = /\bwater\b(?! (?:drops?|vapou?r|given|of|cond))/i

/** No liquid is coloured by hydrogen sulfide: what is named is what came down. */
const comesDown = (o: ObservationInput): ObservationInput[] => [
  { ...o, channel: 'precipitate.present', value: 'yes', degree: undefined },
  { ...o, channel: 'precipitate.colour' },
]

/** Crystals that are seen in a liquid have come down. */
function inTheLiquid(o: ObservationInput, _: number, all: readonly ObservationInput[]): ObservationInput[] {
  const isOfCrystals = all.some(({ channel, value }) => channel === 'appearance.form' && value === 'crystals')
  if (o.channel === 'appearance.form' && o.value === 'crystals')
    return [
      { ...o, channel: 'precipitate.present', value: 'yes' },
      { ...o, channel: 'precipitate.habit', value: 'crystalline' },
    ]
  return o.channel === 'appearance.colour' && isOfCrystals ? [{ ...o, channel: 'precipitate.colour' }] : [o]
}

/** A written line as `foxing-reading-1` gives it: everything in order, and what was seen by itself. */
export interface WrittenReading extends ProcedureReading {
  readonly observations: readonly ObservationInput[]
}

/** Reads a text that may tell of steps, or only of what was seen: then each observation says after what. */
export function readWritten(text: string, context: ProcedureContext = {}): WrittenReading {
  const { lines, rest } = readProcedure(text, context)
  if (lines.some((line) => 'did' in line)) return { observations: lines.flatMap((line) => ('saw' in line ? [line.saw] : [])), lines, rest }
  const seen = readShorthand(text)
  return { observations: seen.observations, lines: seen.observations.map((saw) => ({ saw })), rest: seen.rest }
}
