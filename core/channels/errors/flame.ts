import type { FlamePercept } from '../../perception'
import type { Eyes, Family } from '../../vocabulary'
import type { Share } from './words'

/** How often sodium that is not the sample's colours a flame, whatever care was taken. */
const FOREIGN_SODIUM = 0.12
/** A strong yellow that lasts is seldom foreign: a finger's sodium is gone in a moment. */
const FOREIGN_AND_STRONG = 0.35
/** What usual eyes call a flame of each colour, beside its own: calcium's orange is brick red to many. Judged. */
const CALLED: Partial<Readonly<Record<Family, Partial<Readonly<Record<Family, number>>>>>> = {
  yellow: { yellow: 0.84, orange: 0.1, colourless: 0.03 },
  orange: { orange: 0.52, red: 0.3, yellow: 0.08, colourless: 0.04 },
  red: { red: 0.78, orange: 0.08, pink: 0.06, violet: 0.02, colourless: 0.04 },
  violet: { violet: 0.74, pink: 0.13, red: 0.02, blue: 0.02, colourless: 0.06 },
  pink: { pink: 0.6, violet: 0.16, red: 0.14, colourless: 0.06 },
  green: { green: 0.82, blue: 0.06, yellow: 0.03, colourless: 0.04 },
  blue: { blue: 0.76, green: 0.1, violet: 0.05, colourless: 0.04 },
  colourless: { colourless: 0.94 },
}
/** Potassium's violet through cobalt glass, which is crimson in many books. */
const THROUGH_GLASS: Partial<Readonly<Record<Family, number>>> = { violet: 0.5, red: 0.24, pink: 0.18, colourless: 0.05 }
/** Any other colour. */
const OTHER = 0.004
/** How often a red is called by a name that is kept for some metals, by what is seen: brick red is calcium's orange, crimson strontium's and lithium's red. */
const REDS: Readonly<Record<string, Partial<Readonly<Record<Family, number>>>>> = {
  brick: { orange: 0.6, red: 0.08, violet: 0.01 },
  crimson: { orange: 0.07, red: 0.6 },
}
const STRONG: ReadonlySet<string> = new Set(['deep', 'golden'])
/** How much seldomer a flame of another colour is called a strong yellow than a yellow. */
const CALLED_STRONG = 0.3

/** Flames that other eyes take for each other. */
const KIN: readonly (readonly Family[])[] = [
  ['yellow', 'orange'],
  ['orange', 'red'],
  ['violet', 'pink'],
  ['green', 'blue'],
]
const KIN_OF: Readonly<Record<Exclude<Eyes, 'usual'>, readonly (readonly Family[])[]>> = {
  protan: [['red', 'orange', 'yellow', 'green']],
  deutan: [['red', 'orange', 'yellow', 'green']],
  tritan: [
    ['blue', 'green'],
    ['violet', 'red', 'pink'],
  ],
}
function calledBy(eyes: Exclude<Eyes, 'usual'>, family: Family): (value: string) => number {
  const kin = [...new Set([...KIN, ...KIN_OF[eyes]].filter((k) => k.includes(family)).flatMap((k) => k.filter((f) => f !== family)))]
  return (value) => (value === family ? 0.85 - 0.09 * kin.length : kin.some((f) => f === value) ? 0.09 : value === 'colourless' ? 0.05 : OTHER)
}

/** The colour of a flame: fleeting, faint, and yellow more often than it should be. */
export const ofFlame = ({ colour: { family }, glass }: Pick<FlamePercept, 'colour' | 'glass'>, eyes: Eyes): Share => {
  const shares: Readonly<Record<string, number>> = (glass && family === 'violet' ? THROUGH_GLASS : CALLED[family]) ?? { [family]: 0.8 }
  const called = eyes === 'usual' ? (value: string): number => shares[value] ?? OTHER : calledBy(eyes, family)
  return (value, degree) => {
    const kept = eyes === 'usual' && value === 'red' ? REDS[degree ?? '']?.[family] : undefined
    const strong = value === 'yellow' && STRONG.has(degree ?? '')
    const own = (kept ?? called(value)) * (strong && family !== 'yellow' ? CALLED_STRONG : 1)
    return (1 - FOREIGN_SODIUM) * own + (value === 'yellow' ? FOREIGN_SODIUM * (strong ? FOREIGN_AND_STRONG : 1) : 0)
  }
}

/** How often a line in the spectroscope is noticed, and how often one is written that is not there: a neighbour's colour, or sodium, whose line nearly every flame has. */
export const LINE_NOTICED = 0.88
export const LINE_IMAGINED = 0.05
export const SODIUM_LINE_ANYWAY = 0.5
