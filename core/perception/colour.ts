import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  modeLab65,
  modeLrgb,
  modeRgb,
  modeXyz65,
  useMode,
} from 'culori/fn'
import type { Eyes, Family } from '../vocabulary'

/** CIE 1976 L*a*b*, D65, 2° observer. */
export interface Lab {
  readonly mode: 'lab65'
  readonly l: number
  readonly a: number
  readonly b: number
}

/** A colour as the formats give it. */
export interface Colour {
  readonly name: string
  readonly family: Family
  readonly hex: string
}

/** What has no colour, by any light. */
export const COLOURLESS: Colour = { name: 'colourless', family: 'colourless', hex: '#ffffff' }

useMode(modeXyz65)
useMode(modeLrgb)
const toRgb = useMode(modeRgb)
const toLab = useMode(modeLab65)
const deltaE = differenceCiede2000()

export const labOfHex = (hex: string): Lab => {
  const lab = toLab(hex)
  if (!lab) throw new RangeError(`${hex} is not a colour`)
  return { mode: 'lab65', l: lab.l, a: lab.a, b: lab.b }
}

/** sRGB hex of a colour, out-of-gamut parts cut at the gamut. */
export function hexOfLab(lab: Lab): string {
  const rgb = toRgb(lab)
  const cut = (v: number): number => Math.min(1, Math.max(0, v))
  return formatHex({ mode: 'rgb', r: cut(rgb.r), g: cut(rgb.g), b: cut(rgb.b) })
}

/** How strong a colour deficiency is taken to be, 0 to 1: most who have one see with shifted, not missing, cones. */
const SEVERITY = 0.8
const SEEN_BY: Readonly<Record<Exclude<Eyes, 'usual'>, (colour: { mode: 'rgb'; r: number; g: number; b: number }) => { mode: 'rgb'; r: number; g: number; b: number }>> = {
  protan: filterDeficiencyProt(SEVERITY),
  deutan: filterDeficiencyDeuter(SEVERITY),
  tritan: filterDeficiencyTrit(SEVERITY),
}
/** A colour as these eyes have it. Source: Machado, Oliveira and Fernandes 2009, as computed by culori. */
export function asSeenBy(lab: Lab, eyes: Eyes): Lab {
  if (eyes === 'usual') return lab
  const { r, g, b } = toRgb(lab)
  const seen = toLab(SEEN_BY[eyes]({ mode: 'rgb', r, g, b }))
  return { mode: 'lab65', l: seen.l, a: seen.a, b: seen.b }
}

/** Difference of two colours as eyes see it, CIEDE2000. Source: CIE 142-2001, as computed by culori. */
export const colourDifference = (a: Lab, b: Lab): number => deltaE(a, b)

interface Anchor {
  readonly name: string
  readonly family: Family
  readonly hex: string
  /** Of clear liquids alone. */
  readonly liquid?: true
}

/**
 * Named anchors: a colour takes the name of the nearest. Chosen so that the plain names of the bench, not those of a paint chart, divide the
 * space; anchors of solutions are light seen through a tube, of solids light thrown back.
 */
const ANCHORS: readonly Anchor[] = (
  [
    ['white', 'white', '#f8f8f6'], ['off-white', 'white', '#efece2'], ['greyish white', 'white', '#e3e6e4'],
    ['grey', 'grey', '#9a9a98'], ['dark grey', 'grey', '#5c5c5c'], ['black', 'black', '#1e1c1b'],
    ['pale blue', 'blue', '#c2e1ee'], ['pale blue', 'blue', '#cbf8fd'], ['pale blue', 'blue', '#e0f6ff'], ['light blue', 'blue', '#8cc4e2'], ['blue', 'blue', '#3f86cc'], ['deep blue', 'blue', '#1f3fae'], ['deep blue', 'blue', '#2418e0'], ['very deep blue', 'blue', '#14206a'],
    ['pale blue-green', 'green', '#bfe9d6'], ['blue-green', 'green', '#4fb0a0'],
    ['pale green', 'green', '#cfe8cf'], ['green', 'green', '#6fb573'], ['deep green', 'green', '#1f7a3d'], ['yellow-green', 'green', '#b5cf5a'],
    ['pale yellow', 'yellow', '#f6f1b8'], ['pale yellow', 'yellow', '#fdfde2'], ['yellow', 'yellow', '#f2dc3c'], ['deep yellow', 'yellow', '#e6b800'],
    ['orange', 'orange', '#ee8a2a'], ['pale orange', 'orange', '#f6cfa0'],
    ['red', 'red', '#c8262a'], ['brick red', 'red', '#9c3b2c'], ['deep red', 'red', '#7a1418'],
    ['pale pink', 'pink', '#f6d6dc'], ['pink', 'pink', '#e88aa6'],
    ['pale violet', 'violet', '#d9cbe8'], ['violet', 'violet', '#7d4fa8'], ['deep violet', 'violet', '#46206e'],
    ['reddish brown', 'brown', '#7d2300'], ['reddish brown', 'brown', '#a8480a'], ['reddish brown', 'brown', '#6a1a00'], ['dark brown', 'brown', '#4b0500'],
    ['buff', 'brown', '#d8c39a'], ['light brown', 'brown', '#b08a5e'], ['brown', 'brown', '#6b4a33'], ['dark brown', 'brown', '#42291b'],
  ] satisfies [string, Family, string][]
).map(([name, family, hex]) => ({ name, family, hex }))

/** The same of liquids alone, that are called by another name than a powder of that shade: the dull violet of chromium(III), the blood red of thiocyanatoiron(III), the orange of dichromate. */
const LIQUID_ANCHORS: readonly Anchor[] = (
  [
    ['pale violet', 'violet', '#b1bacd'], ['violet', 'violet', '#8b9ab4'], ['violet', 'violet', '#4e6787'], ['deep violet', 'violet', '#1c3a54'],
    ['deep red', 'red', '#a00000'], ['deep red', 'red', '#7a0000'], ['deep red', 'red', '#5a0000'], ['deep red', 'red', '#4a0000'], ['deep red', 'red', '#2c0000'], ['dark brown', 'brown', '#3c0a00'], ['dark brown', 'brown', '#410200'],
    ['orange', 'orange', '#ff8f00'], ['pale yellow', 'yellow', '#fefff5'],
    ['pale blue', 'blue', '#f7ffff'], ['pale green', 'green', '#f8fffc'], ['pale pink', 'pink', '#fff6fc'], ['pale blue', 'blue', '#effeff'], ['pale blue', 'blue', '#e9feff'], ['light blue', 'blue', '#60f2ff'], ['blue', 'blue', '#00e4ff'],
    ['pale green', 'green', '#f0fef9'], ['pale green', 'green', '#dbfcf1'],
  ] satisfies [string, Family, string][]
).map(([name, family, hex]) => ({ name, family, hex, liquid: true }))

const anchors = [...ANCHORS, ...LIQUID_ANCHORS].map((anchor) => ({ ...anchor, lab: labOfHex(anchor.hex) }))

const named = new Map<string, Colour>()

/**
 * The plain name of a colour.
 * @param liquid a clear liquid, which is never called white
 */
export function nameColour(lab: Lab, liquid = false): Colour {
  const hex = hexOfLab(lab)
  const key = liquid ? `~${hex}` : hex
  const known = named.get(key)
  if (known) return known
  // Named as the hex would be, not as the point itself: two points that share a hex share a name, whichever came first.
  const shown = labOfHex(hex)
  let best = anchors[0]
  let least = Infinity
  for (const anchor of anchors) {
    if (liquid ? anchor.family === 'white' : anchor.liquid) continue
    const d = deltaE(shown, anchor.lab)
    if (d < least) {
      least = d
      best = anchor
    }
  }
  const colour: Colour = { name: best?.name ?? 'grey', family: best?.family ?? 'grey', hex }
  if (named.size > 5000) named.clear()
  named.set(key, colour)
  return colour
}

/** The shade a colour's name speaks of: `pale`, `deep`, or none. */
export function degreeOf(name: string): 'pale' | 'deep' | undefined {
  if (/^(pale|light|off)/.test(name)) return 'pale'
  return /^(very deep|deep|dark)/.test(name) ? 'deep' : undefined
}

export const colourOfHex = (hex: string): Colour => nameColour(labOfHex(hex))

/** The anchors of one name or family, for comparing a written word with a computed colour. Those of liquids alone only name: the palest of them would make every weak colour everybody's neighbour. */
export const anchorsFor = (word: string): readonly Lab[] =>
  anchors.filter((a) => !a.liquid && (a.name === word || a.family === word)).map((a) => a.lab)
export const COLOUR_NAMES: readonly { readonly name: string; readonly family: Family; readonly hex: string }[] = ANCHORS
