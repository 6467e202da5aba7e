import { isOf } from '../channels'
import type { Step } from '../tube'
import { LINE_COLOURS, type Asked } from '../vocabulary'
import { constantIn } from './constants'
import { readShorthand, type Reading } from './shorthand'
import { NOUN_SMELLS } from './lexicon'
import type { ObservationInput } from './schema'

/** A step that is looked at, and what the look asks for. */
type Looked = Step & { readonly asks?: readonly Asked[] }

/**
 * Reads a line written while a certain step is being looked at: a bare colour belongs to the paper held over the tube, to the sample that lies there dry, or to the
 * liquid, as the step says.
 * @param dry whether the vessel looked at holds no liquid
 */
export function readAt(line: string, step: Looked, dry: boolean): Reading {
  const reading = readIn(line, step, dry)
  // What speaks of nothing that can be seen here stays as text.
  return reading.observations.length > 0 || reading.rest.length > 0 || line.trim() === '' ? reading : { observations: [], rest: [line.trim()] }
}

function readIn(line: string, step: Looked, dry: boolean): Reading {
  if (step.do === 'flame' && step.through === 'spectroscope') return linesIn(line)
  const constant = step.do === 'melting-point' || step.do === 'boiling-point' ? constantIn(line, step.do) : null
  if (constant) return { observations: [constant.observation], rest: constant.left.split(/[\s,;:()]+/).filter((word) => word !== '') }
  const smelling = step.do === 'smell' ? smellWords(line) : null
  if (step.do === 'flame') {
    const reading = readShorthand(/\bflame\b/i.test(line) ? line : `flame ${line}`)
    // The step looks at the bare flame: that it was looked at otherwise is not lost.
    const glass = step.through === 'air' ? THROUGH_GLASS.exec(line) : null
    return glass ? { ...reading, rest: [...reading.rest, glass[0]] } : reading
  }
  if (smelling) return smelling
  const reading = readShorthand(line)
  if (step.do === 'ignite' || step.do === 'charcoal' || step.do === 'cobalt-nitrate' || step.do === 'bead')
    return { ...reading, observations: reading.observations.flatMap((o) => inTheFire(o, step.do === 'bead' ? 'bead' : 'residue')) }
  if ((step.do === 'dip' || step.do === 'hold') && step.paper) return { ...reading, observations: onPaper(reading.observations, step.paper) }
  if (step.do === 'ignition') return { ...reading, observations: reading.observations.flatMap(onTheSpatula) }
  if (step.asks?.includes('solubility')) return solubilityIn(line)
  if (dry) return { ...reading, observations: reading.observations.flatMap(onDrySample) }
  return reading
}

const THROUGH_GLASS = /\b((through|thru) )?(cobalt|blue|co) glass\b/i

/** Longer names first: "far red" holds "red". */
const LINES = [...LINE_COLOURS].sort((a, b) => b.length - a.length)
const LINE = new RegExp(`\\b(${LINES.join('|')})\\b`, 'g')
/** What a line is called that everybody knows. */
const KNOWN_LINES: readonly (readonly [RegExp, string])[] = [[/\b(d|sodium|na) lines?\b/g, 'yellow']]
const DENIES = /\b(no|not|without|neither|nor)\b/
const ABSENT = /\b(absent|missing|not seen|not there)\b/
/**
 * "crimson, yellow", "yellow line only", "no red or green", "no lines": through a spectroscope every colour is a line. What denies one denies all that follow it in its clause; "only" denies those not
 * named.
 */
function linesIn(line: string): Reading {
  const text = KNOWN_LINES.reduce((left, [called, colour]) => left.replace(called, colour), line.toLowerCase())
  if (/^\s*(no lines?|nothing|none|nil|no change)[\s.!]*$/.test(text))
    return { observations: LINE_COLOURS.map((value) => ({ channel: 'flame.line', value, negated: true })), rest: [] }
  const seen = new Map<string, boolean>()
  for (const clause of text.split(/[,;.]|\band\b|\bbut\b/)) {
    const denied = ABSENT.test(clause) ? 0 : (DENIES.exec(clause)?.index ?? Infinity)
    for (const { 0: colour, index } of clause.matchAll(LINE)) seen.set(colour, index < denied)
  }
  const only = seen.size > 0 && /\bonly\b/.test(text)
  const observations = LINE_COLOURS.flatMap((value): ObservationInput[] => {
    const there = seen.get(value) ?? (only ? false : undefined)
    return there === undefined ? [] : [{ channel: 'flame.line', value, ...(there ? {} : { negated: true }) }]
  })
  const said = /^(lines?|bands?|and|or|but|nor|neither|no|not|without|a|the|at|in|only|seen|there|absent|missing)$/
  const rest = text
    .replace(LINE, ' ')
    .split(/[\s,;:.&+/]+/)
    .filter((word) => word !== '' && !said.test(word))
  return { observations, rest }
}

/** "ammonia", "nh3", "nothing": at a smell they are the whole answer. */
function smellWords(line: string): Reading | null {
  const text = line.trim().toLowerCase()
  if (/^(ammonia|nh3|ammoniacal|amm)[.! ]*$/.test(text)) return { observations: [{ channel: 'smell', value: 'pungent, ammonia' }], rest: [] }
  if (/^(vinegar|acetic)[.! ]*$/.test(text)) return { observations: [{ channel: 'smell', value: 'vinegar' }], rest: [] }
  if (/^(acid|hcl|acrid|choking)[.! ]*$/.test(text)) return { observations: [{ channel: 'smell', value: 'pungent, acid' }], rest: [] }
  if (/^(none|no|nothing|nil|no change|nc)[.! ]*$/.test(text)) return { observations: [{ channel: 'smell', value: 'none' }], rest: [] }
  const named = NOUN_SMELLS.find((noun) => noun === text.replace(/^of /, '').replace(/[.! ]+$/, ''))
  if (named) return { observations: [{ channel: 'smell', value: named }], rest: [] }
  return null
}

/** What comes out of the fire is a residue or a bead, and a bare colour is its own, cold. */
function inTheFire(o: ObservationInput, what: 'residue' | 'bead'): ObservationInput[] {
  if (o.channel === 'precipitate.present') return []
  if (o.channel === 'residue.hot') return [{ ...o, channel: `${what}.hot` }]
  if (o.channel === 'residue.cold') return [{ ...o, channel: `${what}.cold` }]
  return ['solution.colour', 'precipitate.colour', 'appearance.colour'].includes(o.channel) ? [{ ...o, channel: `${what}.cold` }] : [o]
}

/** "soluble", "insol", "floats, immiscible", "two layers": said of the sample itself, not of something that came down. */
function solubilityIn(line: string): Reading {
  const reading = readShorthand(line.replace(/\b(two|separate|a second|forms a|an oily) layers?\b/gi, 'immiscible'))
  // Where it rests, "sinks", is said of the sample; a precipitate by itself is one.
  const brought = !reading.observations.some((o) => o.channel === 'precipitate.rests')
  const observations = reading.observations.flatMap((o): ObservationInput[] => {
    const { channel, value = 'yes', certainty } = o
    if (channel === 'precipitate.dissolves') return [{ channel: 'solubility', value, ...(certainty ? { certainty } : {}) }]
    if (channel === 'change') return [{ ...o, channel: 'solubility' }]
    return channel === 'precipitate.rests' || (channel === 'precipitate.present' && !brought) ? [] : [o]
  })
  return { ...reading, observations }
}

/** How it burns, and what is left of it: a bare colour is the flame's, and what is left is ash. */
function onTheSpatula(o: ObservationInput): ObservationInput[] {
  if (o.channel === 'solution.colour') return [{ ...o, channel: 'flame.colour' }]
  if (isOf(o.channel, 'residue') || o.channel === 'precipitate.colour') {
    if (o.value === 'black') return [{ channel: 'chars', value: 'yes' }]
    return [{ channel: 'ash', value: 'yes', negated: o.value === 'colourless' }]
  }
  return isOf(o.channel, 'precipitate') || o.channel === 'solution.clarity' ? [] : [o]
}

function onPaper(observations: readonly ObservationInput[], paper: string): ObservationInput[] {
  const channel = `paper.${paper}`
  const own = paper.startsWith('red') ? 'red' : paper.startsWith('blue') ? 'blue' : null
  let said = observations.some((o) => o.channel === channel)
  return observations.flatMap((o): ObservationInput[] => {
    if (o.channel === 'change' && own && !said) {
      said = true
      return [{ channel, value: own }]
    }
    if ((o.channel === 'solution.colour' || o.channel === 'precipitate.colour') && !said) {
      said = true
      return [{ ...o, channel }]
    }
    return o.channel === 'precipitate.present' ? [] : [o]
  })
}

/** Of a dry sample there is no liquid and no precipitate: the words are about the solid itself. */
function onDrySample(o: ObservationInput): ObservationInput[] {
  if (o.channel === 'solution.colour' || o.channel === 'precipitate.colour') return [{ ...o, channel: 'appearance.colour' }]
  if (o.channel === 'precipitate.habit') {
    if (o.value === 'crystalline') return [{ ...o, channel: 'appearance.form', value: 'crystals' }]
    if (o.value === 'powdery') return [{ ...o, channel: 'appearance.form', value: 'powder' }]
    return []
  }
  return o.channel === 'precipitate.present' || o.channel === 'precipitate.amount' || o.channel === 'solution.clarity' ? [] : [o]
}
