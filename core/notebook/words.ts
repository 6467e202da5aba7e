import { LINE_COLOURS } from '../vocabulary'
import { FUSED_mg, SODA_mg } from '../tube'
import type { Step } from '../tube'
import type { Observation } from './schema'

const count = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`
const amount = (step: { mg?: number | undefined; mL?: number | undefined; drops?: number | undefined; until?: string | undefined }): string => {
  if (step.mL !== undefined) return `${step.mL} mL`
  if (step.drops !== undefined) return count(step.drops, 'drop', 'drops')
  if (step.mg !== undefined) return step.mg >= 100 ? `${step.mg / 1000} g` : `${step.mg} mg`
  return step.until ? `until ${step.until.replaceAll('-', ' ')}` : ''
}
const time = (minutes: number | undefined): string => count(minutes ?? 1, 'minute', 'minutes')

/** What a jar or a stock is called. */
const FROM: Readonly<Record<string, string>> = {
  sample: 'the sample',
  OS: 'the solution',
  AS: 'the solution in nitric acid',
  SE: 'the soda extract',
  FE: 'the fusion extract',
  // Where a scheme seeks the anions that interfere.
  X1: 'the extract, made acid',
}

/** Where a test is done, as a row says it. */
export const placeOf = (vessel: string): string => ({ OS: 'stock solution', FE: 'fusion extract' })[vessel] ?? `tube ${vessel}`

/** A step in words, as one would write it in the first column. */
export function sayStep(step: Step): string {
  switch (step.do) {
    case 'take':
      return `take ${amount(step)} of ${FROM[step.from] ?? step.from}`
    case 'dissolve':
      return `dissolve ${step.mg === undefined ? 'all' : amount({ mg: step.mg })} in ${step.mL} mL of ${step.hot ? 'hot ' : ''}${step.in}`
    case 'add':
      return `add ${step.reagent}, ${amount(step)}`
    case 'shake':
      return 'shake'
    case 'stand':
      return `let stand ${time(step.minutes)}`
    case 'warm':
      return `warm in the bath ${time(step.minutes)}`
    case 'boil':
      return `boil ${time(step.minutes)}`
    case 'ignite':
      return `heat ${step.heat === 'gently' ? 'gently, dry' : 'to dryness, gently, then strongly'}`
    case 'cool':
      return step.to === 'ice' ? 'cool in ice' : 'cool'
    case 'dip':
      return `dip ${step.paper} into ${FROM[step.into] ?? 'it'}`
    case 'hold':
      if (step.rod) return step.rod === 'glass' ? 'lay a slip of glass over it' : `hold a rod wet with ${step.rod} over it`
      return `hold ${step.dry ? 'dry' : 'moist'} ${step.paper ?? (step.splint ? `${step.splint} splint` : '')} over it`
    case 'concentrate':
      return `boil down to ${Math.round(step.toFraction * 100)} %`
    case 'pass':
      return `pass ${step.gas} ${time(step.minutes)}`
    case 'bubble':
      return `lead the gas through ${step.through}`
    case 'centrifuge':
      return `centrifuge, the liquid into ${step.liquidInto}`
    case 'filter':
      return `filter, the liquid into ${step.liquidInto}`
    case 'wash':
      return `wash with ${step.mL} mL of ${step.with}`
    case 'soda-extract':
      if (step.mL !== undefined) return `boil ${amount(step)} of the sample with ${SODA_mg / 1000} g of sodium carbonate, filter`
      return `boil ${step.mg === undefined ? 'all' : amount({ mg: step.mg })} with three times as much sodium carbonate and water, filter`
    case 'flame':
      if (step.support === 'mouth') return 'light the vapour at the mouth'
      return `hold on a ${step.cleaned ? 'clean ' : ''}${step.support} in the flame${{ air: '', 'cobalt-glass': ', through cobalt glass', spectroscope: ', through a spectroscope' }[step.through]}`
    case 'bead':
      return `${step.flux === 'borax' ? 'borax' : 'microcosmic salt'} bead with ${step.mg === 1 ? 'a speck' : amount({ mg: step.mg })}, ${step.flame} flame`
    case 'charcoal':
      return `on charcoal with ${step.with}, in the reducing flame`
    case 'cobalt-nitrate':
      return 'moisten the residue with cobalt nitrate, heat strongly'
    case 'copper-wire':
      return 'on a copper wire heated till it gives no green, in the flame'
    case 'ignition':
      return 'a little on a spatula, into the flame, then heat strongly'
    case 'melting-point':
      return 'melting point, in a capillary'
    case 'boiling-point':
      return 'boiling point, a few drops in a tube'
    case 'fuse':
      return `fuse ${amount({ mg: step.sample_mg ?? FUSED_mg.sample })} with ${step.with === 'sodium' ? `${amount({ mg: step.sodium_mg ?? FUSED_mg.sodium })} of sodium` : 'zinc dust and sodium carbonate'}, ${step.heating === 'red' ? 'to redness' : 'gently'}, ${count(step.tubes, 'tube', 'tubes')} into ${step.water_mL} mL of water; boil down to ${Math.round(step.toFraction * 100)} %, filter`
    case 'smell':
      return 'smell, wafting'
    case 'look':
      return 'look'
  }
}

/** Whole sentences for yes-or-no channels, where "precipitate: yes" would be no way to write. */
const PLAIN: Readonly<Record<string, readonly [yes: string, no: string]>> = {
  'precipitate.present': ['precipitate', 'no precipitate'],
  'gas.present': ['gas', 'no gas'],
  change: ['changes', 'no change'],
}
const DENIED: Readonly<Record<string, string>> = { crackles: 'no crackling', melts: 'does not melt', chars: 'does not char' }
const DISSOLVES: Readonly<Record<string, string>> = { yes: 'dissolves', partly: 'dissolves partly', no: 'does not dissolve' }

/** An observation in words: `white precipitate`, `dissolves in excess ammonia`, `red litmus paper: blue`. */
export function sayObservation(observation: Pick<Observation, 'channel' | 'value' | 'negated' | 'degree' | 'after' | 'certainty' | 'when'>): string {
  const { channel, value, negated, degree, after, certainty, when } = observation
  const doubt = certainty === 'unsure' ? ' (?)' : certainty === 'fairly' ? ' (fairly sure)' : ''
  return `${body(channel, value, negated, degree)}${after ? afterWords(channel, after) : ''}${doubt}${when === undefined ? '' : `, seen at ${when.slice(11, 16)}`}`
}

/** Everything written at one look, in words: the lines of a spectroscope together, not one by one. */
export function sayTogether(observations: readonly Parameters<typeof sayObservation>[0][]): string {
  const lines = observations.filter((o) => o.channel === 'flame.line')
  const others = observations.filter((o) => o.channel !== 'flame.line').map(sayObservation)
  if (lines.length < 2) return observations.map(sayObservation).join(', ')
  const seen = lines.filter((o) => !o.negated).map((o) => o.value)
  const denied = lines.filter((o) => o.negated).map((o) => o.value)
  const all = seen.length + denied.length === LINE_COLOURS.length
  const none = all ? (seen.length === 0 ? 'no lines' : 'no others') : denied.length > 0 ? `no ${denied.join(', ')}` : ''
  return [seen.length > 0 ? `lines: ${seen.join(', ')}` : '', none]
    .filter((text) => text !== '')
    .concat(others)
    .join('; ')
}

const afterWords = (channel: string, after: string): string =>
  channel === 'precipitate.dissolves' && after !== 'heating' ? ` in ${after}` : ` after ${after}`

function body(channel: string, value: string, negated: boolean, degree: string | undefined): string {
  const plain = PLAIN[channel]
  if (plain) return negated || value === 'no' ? plain[1] : plain[0]
  if (channel === 'precipitate.dissolves') return DISSOLVES[negated ? (value === 'yes' ? 'no' : 'yes') : value] ?? value
  if (channel === 'solubility') return DISSOLVES[value] ?? value
  if (channel === 'melting-point') return value === 'none' ? 'no melting point' : `melts at ${value} °C`
  if (channel === 'boiling-point') return value === 'none' ? 'no boiling point' : `boils at ${value} °C`
  if (channel === 'ash') return negated || value === 'no' ? 'no ash' : 'ash left'
  if (channel === 'flame.sooty') return negated || value === 'no' ? 'burns clean' : 'sooty flame'
  const word = `${negated ? 'not ' : ''}${degree ? `${degree} ` : ''}${value}`
  if (channel.startsWith('paper.')) return `${channel.slice('paper.'.length)}: ${word}`
  if (channel === 'flame.colour') return value === 'colourless' ? 'flame not coloured' : `flame ${word}`
  if (channel === 'flame.line') return `${negated ? 'no ' : ''}${value} line`
  if (channel === 'flame.lasts') return { flash: 'a flash', brief: 'brief', steady: 'steady' }[value] ?? word
  if (channel === 'lime-water') return `lime water ${word}`
  if (negated && value === 'colourless' && (channel === 'sublimate' || channel === 'ring.colour'))
    return channel === 'sublimate' ? 'a sublimate' : 'a ring'
  if (channel === 'sublimate') return value === 'colourless' ? 'no sublimate' : `${word} sublimate`
  if (channel === 'ring.colour') return value === 'colourless' ? 'no ring' : `${word} ring`
  if (['crackles', 'melts', 'chars'].includes(channel)) return negated || value === 'no' ? (DENIED[channel] ?? channel) : channel
  if (channel === 'water') return negated || value === 'no' ? 'no water' : 'drops of water'
  if (channel.startsWith('residue.')) return `residue ${channel.slice(8)} ${word}`
  if (channel.startsWith('bead.')) return `bead ${channel.slice(5)} ${word}`
  if (channel === 'layer.colour') return `layer ${word}`
  if (channel === 'rod') return negated ? `no ${value}` : ({ unchanged: 'rod or glass unchanged', etched: 'glass etched' }[value] ?? value)
  if (channel === 'speed') return { 'at-once': 'at once', seconds: 'within seconds', minutes: 'after some minutes', slow: 'slowly' }[value] ?? word
  if (channel === 'fades') return (negated ? value === 'yes' : value === 'no') ? 'does not fade' : 'fades'
  if (channel === 'precipitate.rests')
    return { settled: 'settles', suspended: 'suspended', floating: 'floats', 'on-wall': 'on the wall' }[value] ?? word
  if (channel === 'splint') return `splint ${value.replaceAll('-', ' ')}`
  if (channel === 'gas.colour') return `gas ${word}`
  if (channel === 'smell') return value === 'none' ? 'no smell' : `smell: ${word}`
  const [what] = channel.split('.')
  if (what === 'solution') return `liquid ${word}`
  if (what === 'appearance') return word
  return what === 'precipitate' ? word : `${channel.replaceAll('.', ' ')}: ${word}`
}

/** Several observations of one look as one phrase: `precipitate, white, curdy`. */
export const sayObservations = (observations: readonly Parameters<typeof sayObservation>[0][]): string => observations.map(sayObservation).join(', ')
