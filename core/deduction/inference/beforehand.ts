import { ionsWith, isUsual, parseFormula, SALTS, type Salt } from '../../species'
import type { Hypothesis } from '../simulation/content'
import { ionsOf } from '../simulation/simulations'

/** What is believed of a jar before any test: what is given out to be found often, and what seldom. All of it judged. */

const SELDOM: ReadonlySet<string> = new Set(ionsWith('seldom-given-out'))
const LESS_OFTEN: ReadonlySet<string> = new Set(ionsWith('less-often-given-out'))
const SELDOM_SHARE = 0.2
const LESS_OFTEN_SHARE = 0.4
/** How often a jar holds an ion, beside the usual. */
export const shareOfIon = (ion: string): number => (SELDOM.has(ion) ? SELDOM_SHARE : LESS_OFTEN.has(ion) ? LESS_OFTEN_SHARE : 1)
const shareOfIons = (ions: Iterable<string>): number => [...ions].reduce((share, ion) => share * shareOfIon(ion), 1)

/** How much less often a bench salt that no first course gives out is met, and one of two cations besides. */
const UNUSUAL_SHARE = 0.25
const DOUBLE_SHARE = 0.3
/** Whether a salt holds two cations. */
export const isDouble = (ions: Iterable<string>): boolean => [...ions].filter((ion) => parseFormula(ion).charge > 0).length > 1
/** How often a jar holds a bench salt, beside the usual ones. */
export function shareOfSalt(salt: Salt): number {
  const ions = ionsOf(salt)
  return shareOfIons(ions) * (isUsual(salt) ? 1 : UNUSUAL_SHARE * (isDouble(ions) ? DOUBLE_SHARE : 1))
}

/** How often a jar holds a salt that is not among those of the bench, beside others of the kind: of ions that are seldom met apart, the salt is seldomer than both. An acid salt is seldomer than the salt itself. */
const ACID_SALT_SHARE = 0.3
export function shareOfFormed(salt: Salt): number {
  const isAcid = (salt.data.ions['H^+'] ?? 0) > 0
  return shareOfIons(ionsOf(salt)) ** 2 * (isAcid ? ACID_SALT_SHARE : 1)
}

/** Every bench salt, as likely as it is given out. */
export function singleSalts(): readonly Hypothesis[] {
  const sum = SALTS.reduce((total, salt) => total + shareOfSalt(salt), 0)
  return SALTS.map((salt) => ({ content: salt, ions: ionsOf(salt), prior: shareOfSalt(salt) / sum }))
}
