import type { Band } from '../species'
import type { Lab } from './colour'

/** Wavelengths the eye is sampled at, nm. */
export const WAVELENGTHS = Float64Array.from({ length: 36 }, (_, i) => 380 + 10 * i)

/** CIE standard illuminant D65, relative power at 380, 390 … 730 nm. Source: CIE 15:2004. */
const D65 = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41, 104.05, 100, 96.33,
  95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61, 74.35, 61.6, 69.89,
]

const lobe = (x: number, mean: number, below: number, above: number): number => {
  const t = (x - mean) / (x < mean ? below : above)
  return Math.exp(-0.5 * t * t)
}

/** The 2° colour matching functions. Source: C. Wyman, P.-P. Sloan, P. Shirley, J. Computer Graphics Techniques 2 (2013) no. 2, multi-lobe fits. */
const matching = {
  x: (w: number): number => 1.056 * lobe(w, 599.8, 37.9, 31.0) + 0.362 * lobe(w, 442.0, 16.0, 26.7) - 0.065 * lobe(w, 501.1, 20.4, 26.2),
  y: (w: number): number => 0.821 * lobe(w, 568.8, 46.9, 40.5) + 0.286 * lobe(w, 530.9, 16.3, 31.1),
  z: (w: number): number => 1.217 * lobe(w, 437.0, 11.8, 36.0) + 0.681 * lobe(w, 459.0, 26.0, 13.8),
}

const weights = { x: weigh(matching.x), y: weigh(matching.y), z: weigh(matching.z) }
const white = { x: sum(weights.x), y: sum(weights.y), z: sum(weights.z) }

function weigh(f: (w: number) => number): Float64Array {
  return Float64Array.from(WAVELENGTHS, (w, i) => f(w) * (D65[i] ?? 0))
}
function sum(values: Float64Array): number {
  return values.reduce((a, b) => a + b, 0)
}

/** Absorptivity of some bands at WAVELENGTHS, L/(mol cm). */
export function absorptivity(bands: readonly Band[]): Float64Array {
  return Float64Array.from(WAVELENGTHS, (w) => {
    let total = 0
    for (const band of bands) {
      const offset = (1e7 / w - 1e7 / band.peak_nm) / band.width_cm
      total += band.absorptivity * Math.exp(-4 * Math.LN2 * offset * offset)
    }
    return total
  })
}

const labCurve = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : (24389 / 27 / 116) * t + 16 / 116)

/** The colour of daylight through an absorbance (decimal, at WAVELENGTHS), white being the light without it. */
export function colourThrough(absorbance: Float64Array): Lab {
  let x = 0
  let y = 0
  let z = 0
  for (let i = 0; i < WAVELENGTHS.length; i++) {
    const through = Math.exp(-Math.LN10 * (absorbance[i] as number))
    x += through * (weights.x[i] as number)
    y += through * (weights.y[i] as number)
    z += through * (weights.z[i] as number)
  }
  const fx = labCurve(x / white.x)
  const fy = labCurve(y / white.y)
  const fz = labCurve(z / white.z)
  return { mode: 'lab65', l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/** The colour of light made of single wavelengths, shown as bright as a lit page against a white of equal energy. */
export function colourOfLight(lines: readonly { readonly nm: number; readonly power: number }[]): Lab {
  let x = 0
  let y = 0
  let z = 0
  for (const { nm, power } of lines) {
    x += power * matching.x(nm)
    y += power * matching.y(nm)
    z += power * matching.z(nm)
  }
  const scale = LIT / Math.max((x + y + z) / 3, 1e-9)
  const fx = labCurve(x * scale)
  const fy = labCurve(y * scale)
  const fz = labCurve(z * scale)
  return { mode: 'lab65', l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}
/** How bright such light is to the eye, in the units of its powers: each wavelength by the eye's response to it. */
export const luminanceOf = (lines: readonly { readonly nm: number; readonly power: number }[]): number =>
  lines.reduce((sum, { nm, power }) => sum + power * matching.y(nm), 0)

/** Mean of the tristimulus values a flame is shown at. */
const LIT = 0.4

/** Tristimulus values of light of some power (at WAVELENGTHS) that has gone through an absorbance: what a camera or an eye gets under any lamp. */
export function tristimulus(power: ArrayLike<number>, absorbance?: Float64Array): readonly [x: number, y: number, z: number] {
  let x = 0
  let y = 0
  let z = 0
  WAVELENGTHS.forEach((nm, i) => {
    const light = (power[i] ?? 0) * Math.exp(-Math.LN10 * (absorbance?.[i] ?? 0))
    x += light * matching.x(nm)
    y += light * matching.y(nm)
    z += light * matching.z(nm)
  })
  return [x, y, z]
}
