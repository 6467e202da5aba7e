import { tells } from '../../channels'
import { likelihoodAt } from '../../deduction'
import { findSalt, ionsWith, parseFormula } from '../../species'
import type { Claim, ClaimRule, Page } from './work'

const isPresent = ({ concluded }: Claim): boolean => concluded.claim === 'present' || concluded.claim === 'confirmed'

/** The ions of everything claimed to be there, formulae taken apart. */
function claimedIons(page: Page): Set<string> {
  const ions = new Set<string>()
  for (const e of page.entries) {
    if (!('concluded' in e) || e.concluded.claim === 'absent') continue
    const salt = findSalt(e.concluded.species)
    for (const ion of salt ? Object.keys(salt.data.ions) : [e.concluded.species]) ions.add(ion)
  }
  return ions
}
const chargeOf = (species: string): number => {
  try {
    return parseFormula(species).charge
  } catch {
    return 0
  }
}

/** Pairs that no clear solution holds: the salt is insoluble in water and in dilute acid, or they take each other apart. */
const APART: readonly (readonly [readonly string[], readonly string[]])[] = [
  [['Ag^+', 'Hg2^2+'], ionsWith('falls-with-silver')],
  [['Ba^2+', 'Pb^2+'], ['SO4^2-']],
  [['MnO4^-'], ['I^-', 'SO3^2-', 'HS^-', 'S2O3^2-', 'NO2^-', 'Fe^2+', 'C2O4^2-']],
  [['Sn^2+'], ['Hg^2+', 'Fe^3+', 'CrO4^2-', 'MnO4^-']],
]

/** From this likelihood on the blank shows it as well. */
const BLANK_TOO = 0.3

export const CLAIM_RULES: readonly ClaimRule[] = [
  {
    id: 'conclusion-without-step',
    severity: 'weakens',
    claims: ({ concluded }) => concluded.citing.length === 0,
  },
  {
    id: 'confirmed-without-confirmation',
    severity: 'weakens',
    claims: ({ concluded, standing, page }) =>
      concluded.claim === 'confirmed' && standing !== undefined && (page.reasoning.signs.get(standing.species)?.size ?? 0) === 0,
  },
  {
    id: 'one-positive-of-two',
    severity: 'note',
    claims: ({ concluded, standing, page }) => {
      const signs = standing ? (page.reasoning.signs.get(standing.species)?.size ?? 0) : 0
      return concluded.claim === 'confirmed' && signs > 0 && signs < page.notebook.case.school.confirmations
    },
  },
  {
    id: 'claimed-against-a-test',
    severity: 'spoils',
    claims: (claim) => isPresent(claim) && (claim.standing?.status === 'excluded' || claim.standing?.status === 'unlikely'),
  },
  {
    id: 'absent-but-untested',
    severity: 'weakens',
    claims: ({ concluded, standing }) => concluded.claim === 'absent' && standing?.status === 'untested',
  },
  {
    id: 'absent-but-likely',
    severity: 'spoils',
    claims: ({ concluded, standing }) => concluded.claim === 'absent' && (standing?.status === 'likely' || standing?.status === 'confirmed'),
  },
  {
    id: 'pair-cannot-share',
    severity: 'spoils',
    claims: (claim) => {
      const { concluded, page } = claim
      // A salt that does not dissolve may well be of such a pair.
      const dissolved = page.seen.some(({ observation: o }) => o.channel === 'solubility' && !o.negated && o.value === 'yes')
      if (!isPresent(claim) || !dissolved) return false
      const ions = claimedIons(page)
      return APART.some(
        ([some, others]) =>
          (some.includes(concluded.species) && others.some((o) => ions.has(o))) ||
          (others.includes(concluded.species) && some.some((s) => ions.has(s))),
      )
    },
  },
  {
    id: 'charges-do-not-balance',
    severity: 'weakens',
    claims: ({ concluded, page }) =>
      // A formula that is no bench salt, all of its parts being ions: “NaSO4”, say.
      findSalt(concluded.species) === undefined && concluded.claim !== 'absent' && unbalanced(concluded.species, page),
  },
  {
    id: 'hydrate-water-ignored',
    severity: 'note',
    claims: (claim) => {
      const salt = findSalt(claim.concluded.species)
      if (!salt || !isPresent(claim) || /H2O|\(OH\)|H[A-Z]/.test(salt.id)) return false
      return claim.page.seen.some(({ observation: o }) => o.channel === 'water' && !o.negated && o.value === 'yes')
    },
  },
  {
    id: 'colour-of-the-reagent',
    severity: 'spoils',
    claims: (claim) => {
      if (!isPresent(claim)) return false
      const told = claim.cited.filter(({ observation: o }) => !o.negated && !['no', 'none', 'colourless', 'clear'].includes(o.value))
      return (
        told.length > 0 &&
        told.every(({ observation, steps }) => {
          const step = steps.find((s) => observation.step === s.index) ?? steps.at(-1)
          const blank = step?.recipe.steps.some((s) => s.do === 'add') ? claim.page.blank(step) : null
          return blank !== null && tells(observation.channel, 'colour') && likelihoodAt(observation, blank) >= BLANK_TOO
        })
      )
    },
  },
]

/** Ions of one sign alone, once more than one is claimed and nothing is left to be done. */
function unbalanced(species: string, page: Page): boolean {
  const ions = [...claimedIons(page)]
  const last = page.entries.findLast((e) => 'concluded' in e && e.concluded.claim !== 'absent')
  if (!last || !('concluded' in last) || last.concluded.species !== species || ions.length < 2) return false
  const charges = ions.map(chargeOf)
  return charges.every((c) => c > 0) || charges.every((c) => c < 0)
}
