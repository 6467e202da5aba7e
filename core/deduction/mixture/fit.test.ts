import { describe, expect, test } from '@jest/globals'
import { beginnings, riddlesOf } from './beginnings'
import { amountsBetween, fitted, littleChanges, refined } from './fit'
import { ACID, type Parts } from './parts'
import { compositionOf } from './scales'
import { OF_HALIDES as speaks, partsOf, scalesOn } from './testing'

const TESTS = Object.keys(speaks)
const truth = partsOf('Ni^2+', 'Cl^-', 'Br^-', ACID)
const astray = partsOf('Ni^2+', 'SCN^-', ACID)

describe('what a search begins with again', () => {
  test('the riddles are tests that are not explained, the worst first; what explains everything has none', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    expect(riddlesOf(scales, scales.whole(truth, until))).toEqual([])
    const wrong = scales.whole(astray, until)
    const short = riddlesOf(scales, wrong).map((place) => scales.shortfallAt(astray, place))
    expect(short.length).toBeGreaterThan(0)
    expect(short).toEqual([...short].sort((a, b) => b - a))
    expect(short.every((s) => s > 0)).toBe(true)
  }, 60_000)
  test('among the beginnings are mixtures without the wrong part, and with each of those that are wanting', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    const tried = [...beginnings(scales, scales.whole(astray, until))].map(({ parts }) => parts)
    expect(tried.some((parts) => !parts.has('SCN^-'))).toBe(true)
    for (const part of ['Cl^-', 'Br^-']) expect(tried.some((parts) => parts.has(part))).toBe(true)
    // None of them is the mixture as it was.
    expect(tried.map((parts) => scales.contentOf(parts).id)).not.toContain(scales.contentOf(astray).id)
  }, 60_000)
})

describe('what a riddle’s test does not speak of by itself', () => {
  test.each([
    [true, 'is put in at leisure'],
    [false, 'is not while somebody waits'],
  ])(
    '%s: nickel, green in tests of halides, %s',
    (isThorough) => {
      const { scales, until } = scalesOn(partsOf(['Ni^2+', 'heavy'], 'Cl^-', 'Br^-', ACID), TESTS, speaks)
      scales.isThorough = isThorough
      const best = scales.whole(partsOf('Cl^-', 'Br^-', ACID), until)
      expect(Math.max(...riddlesOf(scales, best).map((place) => scales.shortfallAt(best.parts, place)))).toBeGreaterThan(3)
      const tried = [...beginnings(scales, best)].filter(({ changed }) => changed.join() === 'Ni^2+')
      expect(tried.length > 0).toBe(isThorough)
    },
    120_000,
  )
})

describe('the others fitted to a change', () => {
  test('what was changed stands, and nothing that was reached is worse than the change by itself', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    const best = scales.whole(astray, until)
    const change = { parts: partsOf('Ni^2+', 'SCN^-', 'Br^-', ACID), changed: ['Br^-'] }
    const reached = fitted(scales, change, best, 20_000)
    expect(reached.parts.has('Br^-')).toBe(true)
    expect(reached.score).toBeGreaterThanOrEqual(scales.whole(change.parts, until).score)
    expect(reached.logs).toEqual(scales.whole(reached.parts, until).logs)
  }, 60_000)
  test('by amounts alone nothing comes and nothing goes', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    const best = scales.whole(astray, until)
    const parts = partsOf('Ni^2+', 'SCN^-', ['Br^-', 'trace'], ACID)
    const reached = fitted(scales, { parts, changed: ['Br^-'] }, best, 20_000, 'amounts')
    expect(compositionOf(reached.parts)).toBe(compositionOf(parts))
    expect(reached.score).toBeGreaterThanOrEqual(scales.whole(parts, until).score)
  }, 60_000)
  test('with no steps for it the change is weighed and left as it is', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    const parts = partsOf('Ni^2+', 'SCN^-', 'Br^-', ACID)
    expect(fitted(scales, { parts, changed: ['Br^-'] }, scales.whole(astray, until), 0).parts).toEqual(parts)
  }, 60_000)
})

describe('a little more or less of each', () => {
  const much: Parts = new Map([...truth, ['Cl^-', 'trace'], ['Br^-', 'heavy']] as const)
  test.each([
    ['littleChanges', littleChanges],
    ['amountsBetween', amountsBetween],
  ])(
    '%s: never worse, and no change of that kind better than where it ends',
    (_, changesOf) => {
      const { scales, until } = scalesOn(truth, TESTS, speaks)
      const start = scales.whole(much, until)
      const end = refined(scales, start, changesOf)
      expect(end.score).toBeGreaterThanOrEqual(start.score)
      for (const { parts } of changesOf(end.parts)) expect(scales.whole(parts, until).score).toBeLessThanOrEqual(end.score + 1e-9)
      if (changesOf === amountsBetween) expect(compositionOf(end.parts)).toBe(compositionOf(much))
    },
    120_000,
  )
  test('with no steps left it stays where it is', () => {
    const { scales, until } = scalesOn(truth, TESTS, speaks)
    const start = scales.whole(much, until)
    expect(scales.within(0, () => refined(scales, start))).toBe(start)
  }, 60_000)
})
