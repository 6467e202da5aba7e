import type { Colour } from '../../perception'
import type { Eyes, Family } from '../../vocabulary'
import type { Share } from './words'

/** How often sodium that is not the sample's colours a flame, whatever care was taken. */
const FOREIGN_SODIUM = 0.12
const FLAME_KIN: readonly (readonly Family[])[] = [
  ['yellow', 'orange'],
  ['orange', 'red'],
  ['violet', 'pink'],
  ['green', 'blue'],
]

/** Flames that other eyes take for each other besides. */
const FLAME_KIN_OF: Readonly<Record<Eyes, readonly (readonly Family[])[]>> = {
  usual: [],
  protan: [['red', 'orange', 'yellow', 'green']],
  deutan: [['red', 'orange', 'yellow', 'green']],
  tritan: [
    ['blue', 'green'],
    ['violet', 'red', 'pink'],
  ],
}

/** The colour of a flame: fleeting, faint, and yellow more often than it should be. */
export const ofFlame = ({ family }: Colour, eyes: Eyes): Share => {
  const kin = [...new Set([...FLAME_KIN, ...FLAME_KIN_OF[eyes]].filter((k) => k.includes(family)).flatMap((k) => k.filter((f) => f !== family)))]
  const usual = eyes === 'usual' ? 0.76 : 0.85 - 0.09 * kin.length
  return (value) => {
    const own = value === family ? usual : kin.some((f) => f === value) ? 0.09 : value === 'colourless' ? 0.05 : 0.01
    return (1 - FOREIGN_SODIUM) * own + (value === 'yellow' ? FOREIGN_SODIUM : 0)
  }
}

/** How often a line in the spectroscope is noticed, and how often one is written that is not there: a neighbour's colour, or sodium, whose line nearly every flame has. */
export const LINE_NOTICED = 0.88
export const LINE_IMAGINED = 0.05
export const SODIUM_LINE_ANYWAY = 0.5
