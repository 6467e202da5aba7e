import { describe, expect, test } from '@jest/globals'
import { rootBetween, type Tried } from './root'

/** Where a function is zero between two places, and how often it was asked. */
function sought(f: (x: number) => number, a: number, b: number, fine: number, most = 60): { root: number; asked: number } {
  let asked = 0
  const valueAt = (at: number): number => {
    asked++
    return f(at)
  }
  const ends: readonly [Tried, Tried] = [
    { at: a, value: f(a) },
    { at: b, value: f(b) },
  ]
  return { root: rootBetween(...ends, valueAt, (tried, other) => tried.value === 0 || Math.abs(tried.at - other.at) < fine, most), asked }
}

describe('the root of a function between two places', () => {
  test.each([
    ['straight', (x: number) => 3 * x - 1, 0, 1, 1 / 3],
    ['falling', (x: number) => 1 - x ** 3, 0, 5, 1],
    ['steep at one end', (x: number) => Math.log(x / 0.002), 1e-9, 1, 0.002],
    ['flat, then steep', (x: number) => x ** 9 - 1e-3, 0, 2, 1e-3 ** (1 / 9)],
    ['with a step', (x: number) => (x < 0.731 ? -1 : 2), 0, 1, 0.731],
  ])('%s', (_, f, a, b, root) => {
    const fine = 1e-6
    const found = sought(f, a, b, fine)
    expect(Math.abs(found.root - root)).toBeLessThan(2 * fine)
    expect(Math.abs(sought(f, b, a, fine).root - root)).toBeLessThan(2 * fine)
  })

  test('a smooth one takes a third of what halving does', () => {
    const { asked } = sought((x) => Math.exp(x) - 2, 0, 4, 1e-9)
    expect(asked).toBeLessThan(Math.log2(4 / 1e-9) / 3)
  })

  test('it ends after as many trials as are allowed', () => {
    expect(sought((x) => x - 0.3, 0, 1, 0, 3).asked).toBeLessThanOrEqual(3)
  })
})
