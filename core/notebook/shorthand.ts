import { CERTAINTIES, type Certainty } from '../vocabulary'
import { words, type Kind, type Meaning } from './lexicon'
import type { ObservationInput } from './schema'

/** What a line of bench shorthand was read as; every word not understood is in `rest`, in order. */
export interface Reading {
  readonly observations: readonly ObservationInput[]
  readonly rest: readonly string[]
}

const LONGEST = 4

interface Token {
  readonly text: string
  readonly meaning: Meaning | null
}

/** Longest known phrase first; a word with one letter slipped is taken for the only known word it can be. */
function tokens(clause: string): Token[] {
  const parts = clause.split(/\s+/).filter((w) => w !== '')
  const found: Token[] = []
  for (let i = 0; i < parts.length;) {
    let matched = 0
    for (let length = Math.min(LONGEST, parts.length - i); length > 0 && matched === 0; length--) {
      const text = parts.slice(i, i + length).join(' ')
      const meaning = words.get(text.toLowerCase().replace(/[.:]+$/, '')) ?? words.get(text.toLowerCase())
      if (!meaning) continue
      found.push({ text, meaning })
      matched = length
    }
    if (matched === 0) {
      const text = parts[i] ?? ''
      found.push({ text, meaning: slipped(text.toLowerCase()) })
      matched = 1
    }
    i += matched
  }
  return found
}

/** Only long words, and only when one neighbour alone is a known word, so that a slip never turns into its opposite. */
function slipped(word: string): Meaning | null {
  if (word.length < 6) return null
  const near = [...words].filter(
    ([known]) => Math.abs(known.length - word.length) <= 1 && known.length >= 6 && !known.includes(' ') && oneEdit(word, known),
  )
  return near.length === 1 ? (near[0]?.[1] ?? null) : null
}

function oneEdit(a: string, b: string): boolean {
  let i = 0
  while (i < a.length && i < b.length && a[i] === b[i]) i++
  let j = 0
  while (j < a.length - i && j < b.length - i && a[a.length - 1 - j] === b[b.length - 1 - j]) j++
  const left = a.length - i - j
  const right = b.length - i - j
  if (left <= 1 && right <= 1) return true
  return left === 2 && right === 2 && a[i] === b[i + 1] && a[i + 1] === b[i]
}

const VESSEL = /^([A-Z][A-Z0-9]?)\s*[:›>)]\s*(.+)$/

/**
 * Reads a line such as `wh curdy ppt, sol xs NH3` into observations. Nothing is lost: what is not understood is in `rest`.
 * A leading `B:` names the tube.
 */
export function readShorthand(line: string): Reading {
  const tube = VESSEL.exec(line.trim())
  const vessel = tube?.[1]
  const text = tube?.[2] ?? line
  const observations: ObservationInput[] = []
  const rest: string[] = []
  for (const clause of text.split(/[,;\n]|\bbut\b|\bthen\b|\.(?=\s|$)/)) {
    if (clause.trim() === '') continue
    const read = readClause(tokens(clause.replace(/(->|→|\?)/g, ' $1 ').trim()))
    // "precipitate, white" says once that there is one, "brisk effervescence" once how brisk.
    for (const o of read.observations) if (!observations.some((known) => JSON.stringify(known) === JSON.stringify(o))) observations.push(o)
    rest.push(...read.rest)
  }
  return { observations: vessel ? observations.map((o) => ({ ...o, vessel })) : observations, rest }
}

function readClause(list: readonly Token[]): Reading {
  const rest = list.filter((t) => !t.meaning).map((t) => t.text)
  const meanings = list.flatMap((t) => (t.meaning && t.meaning.is !== 'filler' ? [t.meaning] : []))
  const all = (kind: Kind): Meaning[] => meanings.filter((m) => m.is === kind)
  const has = (kind: Kind): boolean => meanings.some((m) => m.is === kind)
  const certainty: Certainty | undefined = CERTAINTIES.find((c) => c === all('certainty')[0]?.value)
  const observations: ObservationInput[] = []
  const after = afterWords(meanings)
  const write = (channel: string, value: string, negated: boolean, degree?: string, when?: string): void => {
    observations.push({
      channel,
      value,
      negated,
      ...(degree ? { degree } : {}),
      ...(when ? { after: when } : {}),
      ...(certainty ? { certainty } : {}),
    })
  }
  const say = (channel: string, value: string, negated = false, degree?: string): void => write(channel, value, negated, degree, after)
  const denied = has('not')
  const [paper] = all('paper')
  if (paper) {
    readPaper(paper.value, all('colour'), has('nothing') || denied, say)
    return { observations, rest }
  }
  if (has('flame')) {
    const seen = all('colour').at(-1)?.value ?? (has('nothing') || denied ? 'colourless' : undefined)
    if (seen !== undefined) say('flame.colour', seen, false, all('shade').at(-1)?.value)
    for (const lasts of all('lasts')) say('flame.lasts', lasts.value)
    return observations.length > 0 ? { observations, rest } : { observations, rest: list.map((t) => t.text) }
  }
  if (has('lime')) {
    const milky = all('clarity').some((c) => c.value === 'cloudy') || all('colour').some((c) => c.value === 'white')
    if (has('nothing') || denied || milky || has('clarity')) {
      say('lime-water', milky && !denied ? 'milky' : 'clear')
      return { observations, rest }
    }
  }
  const dry = readDry(all, denied, has('nothing'), say)
  if (dry) return { observations, rest }
  for (const channel of ['splint', 'rod'] as const) for (const { value } of all(channel)) say(channel, value, denied && value !== 'unchanged')
  if (has('nothing')) say('change', 'no')
  for (const smell of all('smell')) say('smell', smell.value, denied && smell.value !== 'none')
  const dissolves = all('dissolves')[0]
  const colour = all('colour').at(-1)
  const shade = all('shade').at(-1)?.value
  const habit = all('habit')[0]
  const amount = all('amount')[0]
  const ofLiquid = colour !== undefined && has('liquid')
  // No clear liquid is white, black or grey: such a colour without a noun is a solid's.
  const onlySolid = colour !== undefined && !ofLiquid && ['white', 'black', 'grey'].includes(colour.value) && !has('form') && !has('gas')
  const aboutSolid = has('precipitate') || habit !== undefined || onlySolid
  const described = (colour !== undefined && !ofLiquid) || habit !== undefined || amount !== undefined
  if (aboutSolid && (dissolves === undefined || described)) {
    // "white ppt sol in xs NH3": the ammonia belongs to the dissolving, not to the precipitate.
    const when = dissolves ? undefined : after
    const solidDenied = denied && !dissolves
    write('precipitate.present', 'yes', solidDenied, undefined, when)
    if (!solidDenied) {
      if (colour && !ofLiquid) write('precipitate.colour', colour.value, false, shade, when)
      if (habit) write('precipitate.habit', habit.value, false, undefined, when)
      if (amount) write('precipitate.amount', amount.value, false, undefined, when)
    }
  }
  if (dissolves) {
    say('precipitate.dissolves', denied ? (dissolves.value === 'no' ? 'yes' : 'no') : dissolves.value)
    if (colour && (ofLiquid || !aboutSolid)) say('solution.colour', colour.value, false, shade)
  } else if (aboutSolid) {
    // Everything in the clause was about the solid.
  } else if (has('form')) {
    for (const form of all('form')) say('appearance.form', form.value)
    if (colour) say('appearance.colour', colour.value, false, shade)
  } else if (has('gas') || has('vigour')) {
    readGas(all('gas'), all('vigour'), colour?.value, denied, say)
  } else if (colour) say('solution.colour', colour.value, denied, shade)
  for (const clarity of all('clarity')) {
    if (aboutSolid || (clarity.value === 'clear' && colour?.value === 'colourless' && dissolves)) continue
    say('solution.clarity', clarity.value, denied)
  }
  for (const heat of all('heat')) say('heat', heat.value, denied)
  if (observations.length === 0) return { observations, rest: list.map((t) => t.text) }
  return { observations, rest }
}

type Say = (channel: string, value: string, negated?: boolean, degree?: string) => void

/** Words about what dry heating, a bead, a ring or a layer showed; whether they were the clause's whole business. */
function readDry(all: (kind: Kind) => Meaning[], denied: boolean, nothing: boolean, say: Say): boolean {
  for (const { value } of all('dry')) if (value !== 'swells') say(value, 'yes', denied)
  const colour = all('colour').at(-1)?.value
  const shade = all('shade').at(-1)?.value
  const when = all('when').at(-1)?.value ?? 'cold'
  const [what] = (['residue', 'bead', 'sublimate', 'ring', 'layer'] as const).filter((kind) => all(kind).length > 0)
  if (!what) return all('dry').length > 0 && colour === undefined
  if (colour === undefined) {
    if ((what === 'sublimate' || what === 'ring') && (denied || nothing)) say(what === 'ring' ? 'ring.colour' : 'sublimate', 'colourless')
    else return false
    return true
  }
  const channel = { residue: `residue.${when}`, bead: `bead.${when}`, sublimate: 'sublimate', ring: 'ring.colour', layer: 'layer.colour' }[what]
  say(channel, colour, denied, shade)
  return true
}

function readPaper(paper: string, colours: readonly Meaning[], unchanged: boolean, say: Say): void {
  const own = paper.startsWith('red') ? 'red' : paper.startsWith('blue') ? 'blue' : null
  const turned = colours.at(-1)?.value ?? (own && !unchanged ? (own === 'red' ? 'blue' : 'red') : null)
  if (unchanged && own) say(`paper.${paper}`, own)
  else if (turned) say(`paper.${paper}`, turned)
}

function readGas(gases: readonly Meaning[], vigours: readonly Meaning[], colour: string | undefined, denied: boolean, say: Say): void {
  say('gas.present', 'yes', denied)
  if (denied) return
  for (const gas of gases) if (gas.value) say('gas.species', gas.value)
  for (const vigour of vigours) say('gas.vigour', vigour.value)
  if (colour) say('gas.colour', colour)
}

function afterWords(meanings: readonly Meaning[]): string | undefined {
  const reagents = meanings.flatMap((m) => (m.is === 'reagent' ? [m.value] : []))
  const excess = meanings.some((m) => m.is === 'excess')
  if (reagents.length === 0) return excess ? 'excess' : undefined
  return `${excess ? 'excess ' : ''}${reagents.join(' and ')}`
}
