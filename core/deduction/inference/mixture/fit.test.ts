import { describe, expect, test } from '@jest/globals'
import { restarts, unexplainedBy } from './restarts'
import { amountsBetween, fitted, localMoves, refined } from './fit'
import { ACID, type Parts } from './parts'
import { compositionOf } from './scorer'
import { OF_HALIDES as speaks, partsOf, scalesOn } from './testing'

const TESTS = Object.keys(speaks)
const truth = partsOf('Ni^2+', 'Cl^-', 'Br^-', ACID)
const astray = partsOf('Ni^2+', 'SCN^-', ACID)

describe('what a search begins with again', () => {
  test('the riddles are tests that are not explained, the worst first; what explains everything has none', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    expect(unexplainedBy(scorer, scorer.whole(truth, until))).toEqual([])
    const wrong = scorer.whole(astray, until)
    const short = unexplainedBy(scorer, wrong).map((place) => scorer.shortfallAt(astray, place))
    expect(short.length).toBeGreaterThan(0)
    expect(short).toEqual([...short].sort((a, b) => b - a))
    expect(short.every((s) => s > 0)).toBe(true)
  }, 60_000)
  test('among the beginnings are mixtures without the wrong part, and with each of those that are wanting', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const tried = [...restarts(scorer, scorer.whole(astray, until))].map(({ parts }) => parts)
    expect(tried.some((parts) => !parts.has('SCN^-'))).toBe(true)
    for (const part of ['Cl^-', 'Br^-']) expect(tried.some((parts) => parts.has(part))).toBe(true)
    // None of them is the mixture as it was.
    expect(tried.map((parts) => scorer.contentOf(parts).id)).not.toContain(scorer.contentOf(astray).id)
  }, 60_000)
})

describe('what a riddle’s test does not speak of by itself', () => {
  test.each([
    [true, 'is put in at leisure'],
    [false, 'is not while somebody waits'],
  ])(
    '%s: nickel, green in tests of halides, %s',
    (isThorough) => {
      const { scorer, until } = scalesOn(partsOf(['Ni^2+', 'heavy'], 'Cl^-', 'Br^-', ACID), TESTS, speaks)
      scorer.isThorough = isThorough
      const best = scorer.whole(partsOf('Cl^-', 'Br^-', ACID), until)
      expect(Math.max(...unexplainedBy(scorer, best).map((place) => scorer.shortfallAt(best.parts, place)))).toBeGreaterThan(3)
      const tried = [...restarts(scorer, best)].filter(({ changed }) => changed.join() === 'Ni^2+')
      expect(tried.length > 0).toBe(isThorough)
    },
    120_000,
  )
})

describe('the others fitted to a change', () => {
  test('what was changed stands, and nothing that was reached is worse than the change by itself', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const best = scorer.whole(astray, until)
    const change = { parts: partsOf('Ni^2+', 'SCN^-', 'Br^-', ACID), changed: ['Br^-'] }
    const reached = fitted(scorer, change, best, 20_000)
    expect(reached.parts.has('Br^-')).toBe(true)
    expect(reached.score).toBeGreaterThanOrEqual(scorer.whole(change.parts, until).score)
    expect(reached.logs).toEqual(scorer.whole(reached.parts, until).logs)
  }, 60_000)
  test('by amounts alone nothing comes and nothing goes', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const best = scorer.whole(astray, until)
    const parts = partsOf('Ni^2+', 'SCN^-', ['Br^-', 'trace'], ACID)
    const reached = fitted(scorer, { parts, changed: ['Br^-'] }, best, 20_000, 'amounts')
    expect(compositionOf(reached.parts)).toBe(compositionOf(parts))
    expect(reached.score).toBeGreaterThanOrEqual(scorer.whole(parts, until).score)
  }, 60_000)
  test('with no steps for it the change is weighed and left as it is', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const parts = partsOf('Ni^2+', 'SCN^-', 'Br^-', ACID)
    expect(fitted(scorer, { parts, changed: ['Br^-'] }, scorer.whole(astray, until), 0).parts).toEqual(parts)
  }, 60_000)
})

describe('a little more or less of each', () => {
  const much: Parts = new Map([...truth, ['Cl^-', 'trace'], ['Br^-', 'heavy']] as const)
  test.each([
    ['littleChanges', localMoves],
    ['amountsBetween', amountsBetween],
  ])(
    '%s: never worse, and no change of that kind better than where it ends',
    (_, changesOf) => {
      const { scorer, until } = scalesOn(truth, TESTS, speaks)
      const start = scorer.whole(much, until)
      const end = refined(scorer, start, changesOf)
      expect(end.score).toBeGreaterThanOrEqual(start.score)
      for (const { parts } of changesOf(end.parts)) expect(scorer.whole(parts, until).score).toBeLessThanOrEqual(end.score + 1e-9)
      if (changesOf === amountsBetween) expect(compositionOf(end.parts)).toBe(compositionOf(much))
    },
    120_000,
  )
  test('with no steps left it stays where it is', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const start = scorer.whole(much, until)
    expect(scorer.within(0, () => refined(scorer, start))).toBe(start)
  }, 60_000)
})
