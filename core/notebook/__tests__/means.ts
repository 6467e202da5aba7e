import { findReagent, findSolid, findSolvent } from '../../species'
import type { ReadLine } from '../procedure'

/** What a line means, in the notation of the lists, as texts that can be compared; what the list leaves open, `undefined`, is not. */
export interface Meant {
  readonly steps: readonly Readonly<Record<string, string | undefined>>[]
  readonly seen: readonly string[]
  readonly text: readonly string[]
}

const bottle = (name: string): string => {
  const plain = name.replace(/ solid$/, '')
  const solvent = findSolvent(plain)
  if (solvent) return solvent.id
  for (const find of [
    () => {
      if (plain !== name) throw new Error('a solid')
      const { reagent, molarity } = findReagent(name)
      return `${reagent} ${molarity.toPrecision(2)}`
    },
    () => {
      const solid = findSolid(plain)
      return 'inert' in solid ? solid.inert.formula : 'salt' in solid ? solid.salt.id.replace(/\.\d*H2O$/, '') : plain.toLowerCase()
    },
  ])
    try {
      return find()
    } catch {
      continue
    }
  return name.toLowerCase()
}

const AMOUNT = /^(\d+(?:\.\d+)?)(mL|dr|mg|min)$/
const amountIn = (words: readonly string[]): string | undefined => words.find((word) => AMOUNT.test(word) || word.startsWith('until:'))

function meantStep(item: string): Readonly<Record<string, string | undefined>> {
  const inBrackets = /\[(.+?)\]/.exec(item)?.[1]
  const words = item
    .replace(/\[.+?\]/, '')
    .split(/\s+/)
    .filter((word) => word !== '')
  const [doing = '', a = ''] = words
  const amount = amountIn(words)
  switch (doing) {
    case 'take':
      return { do: 'take', into: a, from: words[2], amount }
    case 'add':
      return { do: 'add', to: a, reagent: inBrackets === undefined ? a : bottle(inBrackets), amount }
    case 'spin':
    case 'filter': {
      const [vessel, liquidInto] = a.split('>')
      return { do: doing === 'spin' ? 'centrifuge' : 'filter', vessel, liquidInto }
    }
    case 'bubble': {
      const [from, through] = a.split('>')
      return { do: 'bubble', from, through }
    }
    case 'wash':
      return {
        do: 'wash',
        vessel: a,
        with: inBrackets === undefined ? 'water' : bottle(inBrackets),
        hot: words[2] === 'hot-water' ? 'true' : 'false',
        amount,
      }
    case 'pass':
      return { do: 'pass', through: a, gas: words[2], minutes: amount }
    case 'cool':
      return { do: 'cool', vessel: a, to: words[2] }
    case 'concentrate':
      return { do: 'concentrate', vessel: a, toFraction: words[2] }
    case 'hold':
      return { do: 'hold', over: a, what: words.slice(2).join(' ') }
    case 'dip':
      return { do: 'dip', into: a, what: words.slice(2).join(' ') }
    case 'flame':
      return { do: 'flame', from: a, support: words[2], through: words[3] ?? 'air' }
    case 'bead':
      return { do: 'bead', from: a, flux: words[2], flame: words[3] }
    case 'dissolve':
      return {
        do: 'dissolve',
        into: a,
        in: bottle(words[3] ?? 'water'),
        mg: words.find((w) => w.endsWith('mg')),
        mL: words.find((w) => w.endsWith('mL')),
        hot: String(words.includes('hot')),
      }
    case 'soda-extract':
      return { do: 'soda-extract', into: a, amount }
    case 'fuse': {
      const of = (key: string): string | undefined => words.find((w) => w.startsWith(`${key}:`))?.split(':')[1]
      return { do: 'fuse', into: a, with: words[2], tubes: of('tubes'), water: of('water'), to: of('to'), sample: of('sample'), sodium: of('sodium') }
    }
    case 'smell':
      return { do: 'smell', at: a }
    case 'charcoal':
    case 'copper-wire':
    case 'ignition':
    case 'cobalt-nitrate':
      return { do: doing, from: a }
    default:
      return { do: doing, vessel: a, minutes: amount }
  }
}

const SHORT: Readonly<Record<string, string>> = { ppt: 'precipitate', sol: 'solution' }
/** `ppt=yes`, `C/!ppt.colour=pale blue`, as channel and value. */
function meantSight(item: string): string {
  const bare = item.replace(/^[A-Z]\//, '')
  const denied = bare.startsWith('!')
  const [left = '', value = ''] = bare.replace('!', '').split('=')
  const [kind = '', ...more] = left.split('.')
  const channel = left === 'ppt' ? 'precipitate.present' : left === 'gas' ? 'gas.present' : [SHORT[kind] ?? kind, ...more].join('.')
  return `${denied ? 'not ' : ''}${channel}=${value}`
}

export function meant(means: string): Meant {
  const items = means.split(' · ')
  return {
    steps: items.filter((item) => !item.startsWith('?') && !item.includes('=')).map(meantStep),
    seen: items.filter((item) => !item.startsWith('?') && item.includes('=')).map(meantSight),
    text: items.filter((item) => item.startsWith('?')).map((item) => item.slice(1)),
  }
}

/** What was read, in the same notation. */
export function readAs(lines: readonly ReadLine[]): Omit<Meant, 'text'> {
  return {
    steps: lines.flatMap((line) => ('did' in line ? [stepRead(line.did as unknown as Readonly<Record<string, unknown>>)] : [])),
    seen: lines.flatMap((line) =>
      'saw' in line
        ? [`${line.saw.negated ? 'not ' : ''}${line.saw.channel}=${line.saw.degree ? `${line.saw.degree} ` : ''}${line.saw.value ?? 'yes'}`]
        : [],
    ),
  }
}

function stepRead(step: Readonly<Record<string, unknown>>): Readonly<Record<string, string | undefined>> {
  const text = (key: string): string | undefined => {
    const value = step[key]
    return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean' ? String(value) : undefined
  }
  const amount =
    step['until'] !== undefined
      ? `until:${text('until')}`
      : step['mL'] !== undefined
        ? `${text('mL')}mL`
        : step['drops'] !== undefined
          ? `${text('drops')}dr`
          : step['mg'] !== undefined
            ? `${text('mg')}mg`
            : undefined
  const minutes = step['minutes'] === undefined ? undefined : `${text('minutes')}min`
  const doing = text('do')
  const all: Record<string, string | undefined> = Object.fromEntries(Object.keys(step).map((key) => [key, text(key)]))
  if (doing === 'add')
    return { ...all, reagent: step['mg'] !== undefined ? bottle(`${text('reagent')} solid`) : bottle(text('reagent') ?? ''), amount }
  if (doing === 'wash')
    return { ...all, with: text('with') === 'water' ? 'water' : bottle(text('with') ?? ''), hot: String(step['hot'] === true), amount }
  if (doing === 'hold')
    return {
      ...all,
      what: step['paper'] !== undefined ? text('paper') : step['splint'] !== undefined ? `${text('splint')} splint` : `rod ${text('rod')}`,
    }
  if (doing === 'dip') return { ...all, what: text('paper') }
  if (doing === 'dissolve')
    return {
      ...all,
      in: bottle(text('in') ?? ''),
      mg: step['mg'] === undefined ? undefined : `${text('mg')}mg`,
      mL: `${text('mL')}mL`,
      hot: String(step['hot'] === true),
    }
  if (doing === 'fuse') return { ...all, water: text('water_mL'), to: text('toFraction'), sample: text('sample_mg'), sodium: text('sodium_mg') }
  if (doing === 'cobalt-nitrate') return { ...all, from: text('on') }
  return { ...all, amount, minutes }
}

/** Whether a step that was read is the one that is meant, in all that the list says. */
export const isMeant = (
  read: Readonly<Record<string, string | undefined>> | undefined,
  step: Readonly<Record<string, string | undefined>>,
): boolean => read !== undefined && Object.entries(step).every(([key, value]) => value === undefined || read[key] === value)
