import { anchorsFor, asSeenBy, colourDifference, labOfHex, type Colour, type Lab } from '../../perception'
import { FAMILIES, type Eyes, type Family } from '../../vocabulary'
import type { Knowing } from '../define'
import type { Share } from './words'

/** A difference (CIEDE2000) at which two colours are confused about one time in three. */
const CONFUSED_AT = 9
/** The same of a coloured liquid where it is not known how much there is of what colours it: what is seen may lie between that of two amounts. */
const CONFUSED_IN_ANY_AMOUNT = 14
const familyShares = new Map<string, ReadonlyMap<string, number>>()

/** How the families share the naming of a colour. */
function colourShares(colour: Colour, eyes: Eyes, confusedAt: number): ReadonlyMap<string, number> {
  // The same light is named otherwise in a liquid than on a solid, so the hex alone does not tell.
  const key = `${eyes}${confusedAt}${colour.family}${colour.hex}`
  const known = familyShares.get(key)
  if (known) return known
  const lab = asSeenBy(labOfHex(colour.hex), eyes)
  const distanceTo = (other: Lab): number => colourDifference(lab, asSeenBy(other, eyes))
  const raw = new Map<string, number>()
  for (const family of FAMILIES) {
    const nearest = family === 'colourless' ? distanceTo(WATER) : Math.min(...anchorsFor(family).map(distanceTo))
    // The name the model gives is the likeliest; the others by how near their nearest shade is.
    const distance = family === colour.family ? 0 : Math.max(4, nearest)
    raw.set(family, Math.exp(-((distance / confusedAt) ** 2)) + 0.002)
  }
  const sum = [...raw.values()].reduce((a, b) => a + b, 0)
  const shares = new Map([...raw].map(([family, share]) => [family, share / sum] as const))
  familyShares.set(key, shares)
  return shares
}

const WATER = labOfHex('#ffffff')
/** Who calls what is white by a colour says that it is pale: how much seldomer by the colour alone. */
const COLOURED_OUTRIGHT = 0.35
const BARE: ReadonlySet<string> = new Set(['white', 'colourless', 'grey'])

export const ofColour = (colour: Colour, eyes: Eyes, alike: readonly Family[] = []): Share => {
  const shares = colourShares(colour, eyes, CONFUSED_AT)
  return (value, degree) => {
    const family = FAMILIES.find((f) => f === value)
    if (!family) return 1 / FAMILIES.length
    const outright = BARE.has(colour.family) && !BARE.has(family) && degree !== 'pale' ? COLOURED_OUTRIGHT : 1
    const own = (shares.get(family) ?? 0) * outright
    // Words that mean the same thing to many (a colourless crystal, a white one) share what they have.
    return alike.includes(family) ? alike.reduce((sum, f) => sum + (shares.get(f) ?? 0), 0) / alike.length : own
  }
}

/** A liquid's colour; where its amounts are not known, what is colourless still is, and what is coloured may be more or less so. */
export const ofLiquid = (colour: Colour, eyes: Eyes, knowing: Knowing): Share => {
  const known = ofColour(colour, eyes)
  if (knowing !== 'nothing' || colour.family === 'colourless') return known
  const shares = colourShares(colour, eyes, CONFUSED_IN_ANY_AMOUNT)
  return (value) => shares.get(value) ?? known(value)
}
