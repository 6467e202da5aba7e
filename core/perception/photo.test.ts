import { describe, expect, test } from '@jest/globals'
import { AQUEOUS, SOLIDS } from '../species'
import { colourDifference, labOfHex, nameColour } from './colour'
import { cardProblem, correctedColour, farApart, patchOf, type Pixel } from './photo'
import { absorptivity, colourThrough, tristimulus, WAVELENGTHS } from './spectrum'

/** Lamps: daylight, a tungsten bulb (Planck, 2856 K) and a white LED of 4000 K (a blue peak and a broad phosphor). */
const planck = (nm: number, kelvin: number): number => 1e15 / (nm ** 5 * (Math.exp(1.4388e7 / (nm * kelvin)) - 1))
const bell = (nm: number, at: number, width: number): number => Math.exp(-0.5 * ((nm - at) / width) ** 2)
const LAMPS: Readonly<Record<string, Float64Array>> = {
  daylight: Float64Array.from(WAVELENGTHS, (nm) => planck(nm, 6500)),
  tungsten: Float64Array.from(WAVELENGTHS, (nm) => planck(nm, 2856)),
  LED: Float64Array.from(WAVELENGTHS, (nm) => 0.75 * bell(nm, 452, 11) + bell(nm, 585, 62)),
}

const encode = (v: number): number => Math.round(255 * Math.min(1, Math.max(0, v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)))
/** A camera that balances nothing: tristimulus values to sRGB at an exposure that leaves the card just unclipped, in whole steps, a little noisy. */
function camera([x, y, z]: readonly [number, number, number], exposure: number, noise: number): Pixel {
  const rgb = [3.2406 * x - 1.5372 * y - 0.4986 * z, -0.9689 * x + 1.8758 * y + 0.0415 * z, 0.0557 * x - 0.204 * y + 1.057 * z]
  const [r = 0, g = 0, b = 0] = rgb.map((v) => Math.min(255, Math.max(0, encode(v * exposure) + noise)))
  return [r, g, b]
}

let state = 7
const random = (): number => {
  state = (Math.imul(state, 1103515245) + 12345) >>> 0
  return state / 2 ** 32
}

/** Coloured liquids in a tube, by species and strength, drawn with a seed. */
const coloured = AQUEOUS.filter((s) => s.data.spectrum)
const cases = Array.from({ length: 200 }, (_, n) => {
  const species = coloured[Math.floor(random() * coloured.length)]
  const bands = absorptivity(species?.data.spectrum?.bands ?? [])
  const peak = Math.max(...bands)
  // As pale to as deep as people look at: an absorbance of 0.15 to 2 at the strongest visible band.
  const strength = (0.15 * 13 ** random()) / Math.max(peak, 1e-9)
  return { lamp: Object.keys(LAMPS)[n % 3] ?? 'daylight', id: species?.id ?? '', absorbance: bands.map((a) => a * strength) }
})

describe('a colour read off a picture', () => {
  test('has the right name in at least 95 of 100 pictures under three lamps', () => {
    let right = 0
    const wrong: string[] = []
    for (const { lamp, id, absorbance } of cases) {
      const power = LAMPS[lamp] ?? new Float64Array(WAVELENGTHS.length)
      const lit = tristimulus(power)
      const exposure = 0.8 / Math.max(3.2406 * lit[0] - 1.5372 * lit[1] - 0.4986 * lit[2], lit[1])
      const card = camera(lit, exposure, 0)
      const sample = camera(tristimulus(power, absorbance), exposure, Math.round(random() * 2 - 1))
      const found = correctedColour(sample, card, true)
      const lab = colourThrough(absorbance)
      const truth = nameColour(lab, true)
      // Where a colour lies between two names, either is right.
      const near = colourDifference(labOfHex(found.hex), lab) < 6
      if (found.family === truth.family || near) right++
      else wrong.push(`${id} ${lamp}: ${truth.name} read as ${found.name}`)
    }
    expect([wrong.slice(0, 12), right / cases.length >= 0.95]).toEqual([expect.any(Array), true])
  })
  test('is far better corrected than as the camera wrote it', () => {
    let before = 0
    let after = 0
    for (const { absorbance } of cases.slice(0, 60)) {
      const power = LAMPS['tungsten'] ?? new Float64Array(0)
      const lit = tristimulus(power)
      const exposure = 0.8 / Math.max(3.2406 * lit[0] - 1.5372 * lit[1] - 0.4986 * lit[2], lit[1])
      const raw = camera(tristimulus(power, absorbance), exposure, 0)
      const lab = colourThrough(absorbance)
      before += colourDifference(labOfHex(`#${raw.map((v) => v.toString(16).padStart(2, '0')).join('')}`), lab)
      after += colourDifference(labOfHex(correctedColour(raw, camera(lit, exposure, 0), true).hex), lab)
    }
    expect(after).toBeLessThan(0.5 * before)
  })
  test('of solids comes back under a coloured light to within what an eye calls alike', () => {
    for (const { data } of SOLIDS.slice(0, 40)) {
      const [r, g, b] = [1, 3, 5].map((at) => parseInt(data.colour.hex.slice(at, at + 2), 16)) as unknown as [number, number, number]
      const dimmed = (v: number, by: number): number => encode((v / 255) ** 2.2 * by)
      const found = correctedColour([dimmed(r, 0.9), dimmed(g, 0.8), dimmed(b, 0.6)], [dimmed(242, 0.9), dimmed(242, 0.8), dimmed(242, 0.6)])
      expect([data.formula, colourDifference(labOfHex(found.hex), labOfHex(data.colour.hex)) < 8]).toEqual([data.formula, true])
    }
  })
  test('cannot be had from a card in the dark or burnt out, and says what to do', () => {
    expect(cardProblem([30, 28, 25])).toMatch(/more light/)
    expect(cardProblem([255, 255, 255])).toMatch(/darker/)
    expect(cardProblem([230, 210, 180])).toBeNull()
  })
  test('is taken from the middle of a patch, so that a glint does not count', () => {
    expect(
      patchOf([
        [10, 20, 30],
        [12, 22, 32],
        [255, 255, 255],
      ]),
    ).toEqual([12, 22, 32])
    expect(() => patchOf([])).toThrow(RangeError)
  })
  test.each([
    ['#3f86cc', '#4084c8', 'alike'],
    ['#3f86cc', '#8cc4e2', 'different'],
  ])('%s and %s are %s', (a, b, says) => {
    expect(farApart(a, b).says).toBe(says)
  })
})
