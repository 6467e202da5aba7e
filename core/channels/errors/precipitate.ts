import { AMOUNT_STEPS, type Bulk, type Percept } from '../../perception'
import { AMOUNTS, type Amount } from '../../vocabulary'
import { table, type Share } from './words'

/** Whether a solid lies in the liquid, seen or by a hair not. */
export const hasSolid = ({ percept, bulk }: { readonly percept: Percept; readonly bulk?: Bulk | null }): boolean =>
  percept.deposit !== null || bulk != null

/** What a precipitate is called, and whether it is noticed: by its name, or by how much there is of it. */

/** How often a precipitate of each amount is noticed; and how often one is "seen" where there is none. */
export const NOTICED: Readonly<Record<Amount | 'none', number>> = { none: 0.02, trace: 0.45, slight: 0.9, moderate: 0.98, heavy: 0.995 }

const HABIT_KIN: readonly (readonly string[])[] = [
  ['curdy', 'flocculent'],
  ['gelatinous', 'flocculent'],
  ['powdery', 'crystalline', 'granular', 'turbid'],
]
export const ofHabit =
  (habit: string): Share =>
  (value) =>
    value === habit ? 0.66 : HABIT_KIN.some((kin) => kin.includes(habit) && kin.includes(value)) ? 0.1 : 0.015

export const ofAmount =
  (amount: Amount): Share =>
  (value) => {
    const far = Math.abs(AMOUNTS.indexOf(amount) - AMOUNTS.findIndex((a) => a === value))
    return [0.6, 0.2, 0.05, 0.01][far] ?? 0.01
  }

/** How far a mass is misjudged by eye (natural logarithm). */
const MISJUDGED = 0.7
/** How often a precipitate is called by each amount, by how near its mass is to the next. */
export function ofMass({ mgPerMl }: Bulk): Share {
  const below = (mg: number): number => normalBelow(Math.log(mg / mgPerMl) / MISJUDGED)
  return (value) => {
    const at = AMOUNT_STEPS.findIndex(([, amount]) => amount === value)
    if (at < 0) return 0.01
    const upper = at === 0 ? 1 : below(AMOUNT_STEPS[at - 1]?.[0] ?? Infinity)
    return Math.max(0.01, upper - below(AMOUNT_STEPS[at]?.[0] ?? 0))
  }
}
/** The normal distribution. Source: the logistic approximation, within 0.01 (Bowling et al., J. Ind. Eng. Manag. 2 (2009) 114). */
const normalBelow = (z: number): number => 1 / (1 + Math.exp(-1.702 * z))
/** Of solids that lie together the habit of either may be written, the greater the likelier. */
export const ofHabits =
  ({ habits }: Bulk): Share =>
  (value) =>
    habits.reduce((sum, [habit, share]) => sum + share * ofHabit(habit)(value), 0)
/** How often a precipitate is noticed, by how many times what an eye just finds there is of it: a line through what is known of the four amounts. */
export const noticed = ({ found }: Bulk): number => Math.max(NOTICED.none, 1 / (1 + Math.exp(0.2 - 1.15 * Math.log(found))))

/**
 * Words about a precipitate where there is none: to name its colour is to say that it is there. Each of several such words counts less than the statement itself, since they are one mistake.
 */
const DESCRIBED_THOUGH_NONE = 0.25
export const ofNothing = ({ solution }: Percept, words: readonly string[]): Share | null =>
  solution && table({}, DESCRIBED_THOUGH_NONE / words.length)
