import { FAMILIES, HABITS, type Observation } from '@foxing/core'

const NEIGHBOURS: Readonly<Record<string, readonly string[]>> = {
  white: ['colourless', 'grey', 'yellow'],
  colourless: ['white', 'yellow'],
  blue: ['green', 'violet'],
  green: ['blue', 'yellow'],
  yellow: ['orange', 'white', 'green'],
  orange: ['yellow', 'red', 'brown'],
  red: ['orange', 'brown', 'pink'],
  brown: ['red', 'orange', 'black'],
  violet: ['blue', 'pink'],
  black: ['brown', 'grey'],
  pink: ['red', 'violet'],
  grey: ['black', 'white'],
}

/** A neighbouring colour, a faint thing missed, sodium in the flame; or something plainly wrong. */
export function misreader(random: () => number, misread: number, wrong: number): (o: Observation) => Observation | null {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  return (o) => {
    const dice = random()
    if (dice < wrong) {
      if (o.channel.endsWith('colour') || o.channel.startsWith('paper.')) return { ...o, value: pick(FAMILIES) }
      if (o.channel === 'precipitate.habit') return { ...o, value: pick(HABITS) }
      return o.value === 'yes' || o.negated ? { ...o, negated: !o.negated, value: 'yes' } : null
    }
    if (dice > misread + wrong) return o
    if (o.channel === 'flame.colour') return { ...o, value: 'yellow' }
    if (o.channel.endsWith('colour')) return { ...o, value: pick(NEIGHBOURS[o.value] ?? FAMILIES) }
    if (o.channel === 'precipitate.amount' && (o.value === 'trace' || o.value === 'slight')) return null
    if (o.channel === 'precipitate.habit') return { ...o, value: pick(HABITS) }
    return o
  }
}
