import { colourDifference, labOfHex, nameColour, type Colour } from './colour'

/** Red, green and blue of a picture, 0 to 255, as a camera writes them (sRGB). */
export type Pixel = readonly [red: number, green: number, blue: number]

type Triple = readonly [number, number, number]
type Matrix = readonly [Triple, Triple, Triple]

const times = (m: Matrix, [a, b, c]: Triple): Triple => [
  m[0][0] * a + m[0][1] * b + m[0][2] * c,
  m[1][0] * a + m[1][1] * b + m[1][2] * c,
  m[2][0] * a + m[2][1] * b + m[2][2] * c,
]
/** Linear sRGB to XYZ and back. Source: IEC 61966-2-1. */
const TO_XYZ: Matrix = [
  [0.4124, 0.3576, 0.1805],
  [0.2126, 0.7152, 0.0722],
  [0.0193, 0.1192, 0.9505],
]
const FROM_XYZ: Matrix = [
  [3.2406, -1.5372, -0.4986],
  [-0.9689, 1.8758, 0.0415],
  [0.0557, -0.204, 1.057],
]
/** XYZ to sharpened cone responses and back. Source: K. M. Lam, the Bradford transform, as in CIE 159:2004. */
const TO_CONES: Matrix = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
]
const FROM_CONES: Matrix = [
  [0.9869929, -0.1470543, 0.1599627],
  [0.4323053, 0.5183603, 0.0492912],
  [-0.0085287, 0.0400428, 0.9684867],
]
const D65: Triple = [0.9505, 1, 1.089]
/** A white card throws back about this much of the light. */
const CARD = 0.9

const linear = (v: number): number => {
  const s = v / 255
  return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4
}
const encoded = (v: number): number => Math.round(255 * Math.min(1, Math.max(0, v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)))
const linearOf = ([r, g, b]: Pixel): Triple => [linear(r), linear(g), linear(b)]
const hexOf = (rgb: Triple): string =>
  `#${rgb
    .map(encoded)
    .map((v) => v.toString(16).padStart(2, '0'))
    .join('')}`

/** The middle of the pixels of a patch, channel by channel, so that glints and dust do not count. @throws RangeError for no pixels */
export function patchOf(pixels: readonly Pixel[]): Pixel {
  if (pixels.length === 0) throw new RangeError('a patch needs pixels')
  const middle = (channel: 0 | 1 | 2): number => [...pixels].map((p) => p[channel]).sort((a, b) => a - b)[Math.floor(pixels.length / 2)] ?? 0
  return [middle(0), middle(1), middle(2)]
}

/** Why a white card cannot be used, in words; null where it can. */
export function cardProblem(white: Pixel): string | null {
  if (Math.min(...white) < 60) return 'The card is too dark to correct by: mark a lit part of it, or take the picture again with more light.'
  if (Math.min(...white) >= 254)
    return 'The card is burnt out to pure white, so the light’s colour cannot be read from it: take the picture again, darker.'
  return null
}

/** The colour a patch would have by daylight, reckoned from how a white card came out beside it. `clear` where light shone through it, as through a liquid. */
export function correctedColour(sample: Pixel, white: Pixel, clear = false): Colour {
  const card = times(TO_CONES, times(TO_XYZ, linearOf(white)))
  const target = times(TO_CONES, D65)
  const seen = times(TO_CONES, times(TO_XYZ, linearOf(sample)))
  const scale = clear ? 1 : CARD
  const adapted: Triple = [(seen[0] / card[0]) * target[0] * scale, (seen[1] / card[1]) * target[1] * scale, (seen[2] / card[2]) * target[2] * scale]
  const hex = hexOf(times(FROM_XYZ, times(FROM_CONES, adapted)))
  return nameColour(labOfHex(hex), clear)
}

/** Difference of two colours as eyes see it, in words: CIEDE2000 with where the eye stops telling them apart. */
export function farApart(a: string, b: string): { readonly difference: number; readonly says: 'alike' | 'close' | 'different' } {
  const difference = colourDifference(labOfHex(a), labOfHex(b))
  return { difference, says: difference < 6 ? 'alike' : difference < 15 ? 'close' : 'different' }
}
