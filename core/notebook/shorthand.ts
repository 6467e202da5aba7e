import { CERTAINTIES, HABITS, type Certainty } from '../vocabulary'
import type { ObservationInput } from './schema'

/** What a line of bench shorthand was read as; every word not understood is in `rest`, in order. */
export interface Reading {
  readonly observations: readonly ObservationInput[]
  readonly rest: readonly string[]
}

/** What a word or phrase stands for. Several may make one observation: "white" and "curdy" describe the precipitate they stand beside. */
type Kind =
  | 'colour'
  | 'shade'
  | 'habit'
  | 'amount'
  | 'precipitate'
  | 'liquid'
  | 'clarity'
  | 'dissolves'
  | 'excess'
  | 'reagent'
  | 'gas'
  | 'vigour'
  | 'smell'
  | 'paper'
  | 'heat'
  | 'form'
  | 'nothing'
  | 'not'
  | 'certainty'
  | 'arrow'
  | 'flame'
  | 'lasts'
  | 'lime'
  | 'splint'
  | 'filler'
interface Meaning {
  readonly is: Kind
  /** The vocabulary's word; empty where the kind says it all. */
  readonly value: string
}

const words = new Map<string, Meaning>()
const define = ({ is, value = '' }: { is: Kind; value?: string }, ...spellings: string[]): void => {
  for (const spelling of spellings) words.set(spelling, { is, value })
}

define({ is: 'colour', value: 'white' }, 'white', 'wh', 'wht', 'milky white', 'snow white', 'chalky')
define({ is: 'colour', value: 'colourless' }, 'colourless', 'colorless', 'clless', 'cless', 'col less', 'no colour', 'no color', 'water white')
define({ is: 'colour', value: 'grey' }, 'grey', 'gray', 'gry')
define({ is: 'colour', value: 'black' }, 'black', 'blk', 'blackish')
define({ is: 'colour', value: 'red' }, 'red', 'brick red', 'brick-red', 'reddish', 'crimson', 'scarlet')
define({ is: 'colour', value: 'orange' }, 'orange', 'or')
define({ is: 'colour', value: 'yellow' }, 'yellow', 'yel', 'yell', 'ylw', 'yellowish', 'canary', 'cream', 'creamy', 'straw')
define({ is: 'colour', value: 'green' }, 'green', 'grn', 'gn', 'greenish', 'apple green')
define({ is: 'colour', value: 'blue' }, 'blue', 'bl', 'blu', 'bluish', 'blueish', 'azure', 'sky blue', 'royal blue', 'inky blue')
define({ is: 'colour', value: 'violet' }, 'violet', 'purple', 'mauve', 'vio')
define({ is: 'colour', value: 'pink' }, 'pink', 'pinkish', 'rose')
define({ is: 'colour', value: 'brown' }, 'brown', 'brn', 'br', 'brownish', 'buff', 'tan', 'chocolate')
define({ is: 'colour', value: 'green' }, 'blue green', 'blue-green', 'bluish green', 'turquoise')
define({ is: 'shade', value: 'pale' }, 'pale', 'lt', 'light', 'faint', 'faintly', 'v pale', 'very pale')
define({ is: 'shade', value: 'deep' }, 'deep', 'dk', 'dark', 'intense', 'bright', 'strong')
for (const habit of HABITS) define({ is: 'habit', value: habit }, habit)
define({ is: 'habit', value: 'gelatinous' }, 'gel', 'gelat', 'gelatin', 'jelly', 'jelly-like', 'jelly like', 'slimy')
define({ is: 'habit', value: 'crystalline' }, 'cryst', 'xtal', 'xtalline', 'needles', 'crystalline needles')
define({ is: 'habit', value: 'curdy' }, 'curds', 'cheesy', 'curdled')
define({ is: 'habit', value: 'flocculent' }, 'floc', 'flocks', 'flaky', 'fluffy')
define({ is: 'habit', value: 'powdery' }, 'powd', 'fine', 'finely divided')
define({ is: 'habit', value: 'granular' }, 'grainy', 'gritty', 'specks')
define({ is: 'amount', value: 'trace' }, 'trace', 'tr', 'traces')
define({ is: 'amount', value: 'slight' }, 'slight', 'sl', 'a little', 'little', 'some', 'slightly')
define({ is: 'amount', value: 'moderate' }, 'moderate', 'mod', 'fair')
define({ is: 'amount', value: 'heavy' }, 'heavy', 'thick', 'dense', 'much', 'lots', 'copious', 'lots of', 'bulky')
define(
  { is: 'precipitate' },
  'ppt',
  'ppts',
  'pptn',
  'pcpt',
  'precip',
  'precipitate',
  'precipitation',
  'solid',
  'deposit',
  'ppt forms',
  'ppt formed',
  'sediment',
)
define({ is: 'liquid' }, 'soln', 'solution', 'liquid', 'liq', 'filtrate', 'supernatant', 'sn')
define({ is: 'clarity', value: 'clear' }, 'clear')
define({ is: 'clarity', value: 'cloudy' }, 'cloudy', 'turbid', 'turbidity', 'hazy', 'milky', 'opalescent', 'cloudiness')
define({ is: 'clarity', value: 'opaque' }, 'opaque')
define(
  { is: 'dissolves', value: 'yes' },
  'sol',
  'soluble',
  'dissolves',
  'dissolved',
  'dissolve',
  'goes',
  'disappears',
  'clears',
  'redissolves',
  'diss',
  'dissolving',
)
define(
  { is: 'dissolves', value: 'partly' },
  'partly sol',
  'partly soluble',
  'partially sol',
  'partially soluble',
  'sparingly sol',
  'sl sol',
  'slightly soluble',
  'partly dissolves',
  'partially dissolves',
  'dissolves partly',
  'part sol',
)
define(
  { is: 'dissolves', value: 'no' },
  'insol',
  'insoluble',
  'does not dissolve',
  "doesn't dissolve",
  'doesnt dissolve',
  'not sol',
  'not soluble',
  'undissolved',
  'stays',
  'remains',
  'persists',
  'ins',
)
define({ is: 'excess' }, 'xs', 'excess', 'in xs', 'in excess', 'ex', 'exc')
for (const [value, ...spellings] of [
  ['ammonia', 'nh3', 'ammonia', 'nh4oh', 'amm', 'ammonium hydroxide'],
  ['sodium hydroxide', 'naoh', 'sodium hydroxide', 'alkali', 'caustic soda', 'caustic'],
  ['hydrochloric acid', 'hcl', 'hydrochloric acid'],
  ['nitric acid', 'hno3', 'nitric acid'],
  ['sulfuric acid', 'h2so4', 'sulfuric acid', 'sulphuric acid'],
  ['acid', 'acid', 'acids'],
  ['water', 'water', 'h2o', 'aq'],
  ['silver nitrate', 'agno3', 'silver nitrate'],
  ['barium nitrate', 'ba(no3)2', 'barium nitrate'],
  ['barium chloride', 'bacl2', 'barium chloride'],
  ['acetic acid', 'acetic acid', 'hoac', 'ch3cooh'],
  ['potassium iodide', 'ki', 'potassium iodide'],
  ['lead nitrate', 'pb(no3)2', 'lead nitrate'],
  ['sodium carbonate', 'na2co3', 'sodium carbonate', 'soda'],
  ['ammonium carbonate', '(nh4)2co3', 'ammonium carbonate'],
  ['potassium hexacyanoferrate ii', 'k4fe(cn)6', 'ferrocyanide'],
  ['heating', 'warming', 'heating', 'boiling', 'on warming', 'on heating', 'on boiling', 'when hot', 'heat', 'boil'],
  ['ammonium chloride', 'nh4cl', 'ammonium chloride'],
] as const)
  define({ is: 'reagent', value }, ...spellings)
define({ is: 'gas' }, 'gas', 'fumes', 'bubbles', 'gas evolved', 'gas given off')
define({ is: 'gas', value: 'NH3' }, 'ammonia gas', 'nh3 gas', 'ammonia evolved', 'nh3 evolved', 'nh3 given off', 'ammonia given off')
define({ is: 'vigour', value: 'slight' }, 'slow bubbles', 'few bubbles')
define({ is: 'vigour', value: 'brisk' }, 'effervescence', 'eff', 'effv', 'effervesces', 'fizz', 'fizzes', 'fizzing', 'brisk')
define({ is: 'vigour', value: 'violent' }, 'violent', 'vigorous')
define(
  { is: 'smell', value: 'pungent, ammonia' },
  'smells of ammonia',
  'smell of ammonia',
  'ammonia smell',
  'ammoniacal smell',
  'smells of nh3',
  'smell of nh3',
  'nh3 smell',
  'pungent',
  'pungent smell',
  'pungent odour',
  'ammoniacal',
  'ammoniacal odour',
)
define({ is: 'smell', value: 'none' }, 'no smell', 'odourless', 'odorless', 'no odour', 'no odor')
define({ is: 'paper', value: 'red litmus paper' }, 'red litmus', 'red litmus paper', 'rl', 'moist red litmus', 'damp red litmus')
define({ is: 'paper', value: 'blue litmus paper' }, 'blue litmus', 'blue litmus paper', 'moist blue litmus', 'damp blue litmus')
define({ is: 'paper', value: 'universal indicator paper' }, 'ui paper', 'universal indicator', 'universal indicator paper', 'ph paper')
define({ is: 'smell', value: 'vinegar' }, 'vinegar', 'vinegary', 'smells of vinegar', 'smell of vinegar', 'vinegar smell', 'acetic smell')
define({ is: 'smell', value: 'pungent, acid' }, 'acid fumes', 'choking acid', 'pungent acid', 'acrid')
define({ is: 'smell', value: 'choking, burning sulfur' }, 'burning sulfur', 'burning sulphur', 'smells of burning sulfur')
define({ is: 'smell', value: 'pungent, nitrous' }, 'nitrous fumes', 'nitrous')
define({ is: 'flame' }, 'flame', 'flm', 'flame test')
define({ is: 'lasts', value: 'flash' }, 'flash', 'flashes', 'flashing')
define({ is: 'lasts', value: 'brief' }, 'brief', 'briefly', 'short', 'fleeting', 'transient')
define({ is: 'lasts', value: 'steady' }, 'steady', 'lasting', 'persistent')
define({ is: 'lime' }, 'lime water', 'limewater', 'lw', 'lime')
define({ is: 'splint', value: 'goes-out' }, 'splint out', 'splint goes out', 'puts out splint', 'extinguished', 'splint extinguished', 'goes out')
define({ is: 'splint', value: 'relights' }, 'splint relights', 'relights')
define({ is: 'splint', value: 'pops' }, 'pops', 'pop', 'squeaky pop')
define({ is: 'splint', value: 'burns-on' }, 'splint burns on', 'burns on', 'splint burns')
define({ is: 'paper', value: 'starch iodide paper' }, 'starch iodide', 'starch iodide paper', 'starch-iodide', 'ski paper', 'ki starch')
define({ is: 'paper', value: 'acid dichromate paper' }, 'dichromate paper', 'acid dichromate paper')
define({ is: 'paper', value: 'lead acetate paper' }, 'lead acetate paper', 'pbac paper')
define({ is: 'gas', value: 'CO2' }, 'co2', 'carbon dioxide')
define({ is: 'gas', value: 'NO2' }, 'no2', 'nitrogen dioxide')
define({ is: 'colour', value: 'violet' }, 'lilac', 'crimson violet')
define({ is: 'colour', value: 'yellow' }, 'golden yellow', 'golden')
define({ is: 'colour', value: 'orange' }, 'orange red', 'orange-red')
define({ is: 'colour', value: 'brown' }, 'red brown', 'red-brown', 'reddish brown', 'reddish-brown', 'rusty')
define({ is: 'heat', value: 'warm' }, 'gets warm', 'warms', 'becomes warm', 'tube warm')
define({ is: 'heat', value: 'hot' }, 'gets hot', 'becomes hot', 'tube hot')
define({ is: 'form', value: 'crystals' }, 'crystals', 'xtals')
define({ is: 'form', value: 'powder' }, 'powder')
define(
  { is: 'nothing' },
  'no change',
  'nc',
  'no rxn',
  'no reaction',
  'nothing',
  'nothing happens',
  'no visible change',
  'unchanged',
  'no observable change',
  'n c',
  'no effect',
)
define({ is: 'not' }, 'no', 'not', 'none', 'without', 'never')
define({ is: 'certainty', value: 'unsure' }, '?', 'perhaps', 'maybe', 'possibly', 'not sure', 'unsure')
define({ is: 'certainty', value: 'fairly' }, 'probably', 'i think', 'fairly sure')
define({ is: 'arrow' }, '->', '→', 'turns', 'to', 'turned', 'becomes', 'goes to', 'changes to', 'turning', 'turn')
define(
  { is: 'filler' },
  'giving',
  'gives',
  'a',
  'an',
  'the',
  'of',
  'in',
  'with',
  'and',
  'is',
  'was',
  'forms',
  'formed',
  'form',
  'seen',
  'given',
  'on',
  'at',
  'once',
  'then',
  'it',
  'paper',
  'adding',
  'obtained',
  'obs',
  'there',
  'evolved',
  'off',
  '&',
  'when',
  'added',
  'more',
  'stays the same',
  'still',
  'immediately',
  'immed',
)

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
  for (const splint of all('splint')) say('splint', splint.value, denied)
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
