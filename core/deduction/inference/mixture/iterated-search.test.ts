import { describe, expect, test } from '@jest/globals'
import { unexplainedBy } from './restarts'
import { iteratedSearch } from './iterated-search'
import { followAgain } from './incremental'
import { ACID, carriersOf, dissolved, mixtureOf, type Parts } from './parts'
import type { Sensitivities } from './sensitivity'
import { OF_HALIDES as speaks, partsOf, scalesOn } from './testing'

/** Free acid apart, of which these tests say nothing. */
const ionsIn = (parts: Parts): string[] => [...parts.keys()].filter((part) => part !== ACID).sort()

describe('thinking a mixture through again', () => {
  const truth = partsOf('Ni^2+', 'Cl^-', 'Br^-', ACID)
  const { scorer, until } = scalesOn(truth, Object.keys(speaks), speaks)

  test('a thiocyanate that passes for two halides, and carries the charge for them, is seen through', () => {
    const astray = scorer.whole(partsOf('Ni^2+', 'SCN^-', ACID), until)
    expect(unexplainedBy(scorer, astray).length).toBeGreaterThan(0)
    const found = iteratedSearch(scorer, astray, 12_000)
    expect(found.score).toBeGreaterThan(astray.score + 2)
    expect(ionsIn(found.parts)).toEqual(ionsIn(truth))
  }, 120_000)

  test('what explains everything is left as it is, and costs next to nothing', () => {
    const right = scorer.whole(truth, until)
    const before = scorer.effort
    expect(ionsIn(iteratedSearch(scorer, right, 12_000).parts)).toEqual(ionsIn(truth))
    expect(scorer.effort - before).toBeLessThan(6000)
  }, 120_000)

  test('gone through from the first test once more, a wrong beginning is not held on to; what is right stays', () => {
    const astray = scorer.whole(partsOf('Ni^2+', 'SCN^-', ACID), until)
    const found = followAgain(scorer, astray, until)
    expect(found.score).toBeGreaterThan(astray.score + 2)
    expect(ionsIn(found.parts)).toEqual(ionsIn(truth))
    expect(followAgain(scorer, found, until).score).toBeGreaterThanOrEqual(found.score)
    // Cut short, it has nothing to say.
    expect(scorer.within(0, () => followAgain(scorer, astray, until))).toBe(astray)
  }, 120_000)

  test('how a change is weighed does not hang on what was weighed before it, or in which order', () => {
    const [fresh, used] = [scalesOn(truth, Object.keys(speaks), speaks).scorer, scalesOn(truth, Object.keys(speaks), speaks).scorer]
    const changed = partsOf('Ni^2+', 'Cl^-', ['I^-', 'trace'], ACID)
    for (const place of [3, 1]) used.partRows(changed, place)
    used.changed(used.whole(truth, until), partsOf('Ni^2+', 'Cl^-', ACID), ['Br^-'], -Infinity)
    const [one, other] = [fresh, used].map((s) => s.changed(s.whole(truth, until), changed, ['Br^-', 'I^-'], -Infinity))
    expect(one?.score).toBeCloseTo(other?.score ?? NaN, 9)
    expect(one?.logs).toEqual(other?.logs)
    expect(one?.score).toBeLessThan(fresh.whole(truth, until).score)
  }, 120_000)

  test('what cannot come up to the floor is given up, with fewer steps than it takes to weigh it to the end', () => {
    const worked = (floor: (score: number) => number): { score: number; steps: number } => {
      const own = scalesOn(truth, Object.keys(speaks), speaks).scorer
      const best = own.whole(truth, until)
      const before = own.effort
      const { score } = own.changed(best, partsOf('Ni^2+', 'SCN^-', 'I^-', ACID), ['Cl^-', 'Br^-', 'SCN^-', 'I^-'], floor(best.score))
      return { score: score - best.score, steps: own.effort - before }
    }
    const [toTheEnd, given] = [worked(() => -Infinity), worked((score) => score - 1)]
    expect(given.steps).toBeLessThan(toTheEnd.steps)
    for (const { score } of [toTheEnd, given]) expect(score).toBeLessThan(-1)
  }, 120_000)

  test('of a change no more is asked than so many steps take, those tests first that tell most for theirs', () => {
    const asked = (most?: number): { score: number; steps: number } => {
      const own = scalesOn(truth, Object.keys(speaks), speaks).scorer
      const best = own.whole(truth, until)
      const before = own.effort
      const { score } = own.changed(best, partsOf('Ni^2+', 'SCN^-', ACID), ['Cl^-', 'Br^-', 'SCN^-'], -Infinity, most)
      return { score: score - best.score, steps: own.effort - before }
    }
    const [all, some] = [asked(), asked(1)]
    expect(some.steps).toBeLessThan(all.steps)
    expect(some.steps).toBeGreaterThan(0)
    expect(some.score).not.toBe(all.score)
  }, 120_000)

  test('work is kept within its steps, and within those of the work it is part of; afterwards there is no limit', () => {
    const own = scalesOn(truth, Object.keys(speaks), speaks).scorer
    const best = own.whole(truth, until)
    const tried = (): number => own.changed(best, partsOf('Ni^2+', 'Cl^-', ACID), ['Br^-'], -Infinity).score
    expect(own.within(0, tried)).toBe(-Infinity)
    expect(own.within(0, () => own.within(1000, tried))).toBe(-Infinity)
    expect(own.within(0, () => own.tried(truth, 0))).toBe(-Infinity)
    expect(() =>
      own.within(0, () => {
        throw new Error('on the way')
      }),
    ).toThrow('on the way')
    expect(own.isExhausted).toBe(false)
    expect(own.within(1000, () => own.within(500, tried))).toBeLessThan(best.score)
    expect(tried()).toBeGreaterThan(-Infinity)
  }, 120_000)

  test('with no steps to spend it comes back with what it began with', () => {
    const astray = scorer.whole(partsOf('Ni^2+', 'SCN^-', ACID), until)
    expect(iteratedSearch(scorer, astray, 0).score).toBeGreaterThanOrEqual(astray.score)
  }, 120_000)
})

describe('some parts of a mixture, as a test that speaks of them alone sees them', () => {
  const whole = partsOf('Ni^2+', 'Cl^-', 'F^-', ACID)
  test('the charge is carried by what carries it in the whole, or in silence', () => {
    const told = partsOf('Ni^2+', 'F^-', ACID)
    expect(dissolved(told)['F^-']).toBeGreaterThan(0.3)
    expect(dissolved(told, { ...carriersOf(whole), anion: undefined })).toMatchObject({ 'F^-': 0.025 })
    expect(mixtureOf(told, 20).id).not.toBe(mixtureOf(told, 20, {}).id)
    expect(mixtureOf(partsOf('Ni^2+'), 20).id).toBe(mixtureOf(partsOf('Ni^2+'), 20, {}).id)
  })
  test('a test that does not speak of the carrier comes out as with all parts', () => {
    const speaks: Sensitivities = { 'calcium-chloride': ['F^-', 'SO4^2-', 'C2O4^2-'] }
    const { scorer } = scalesOn(whole, ['calcium-chloride'], speaks)
    const [all] = scorer.whole(whole, 1).logs
    const some = scorer.partRows(whole, 0).reduce((a, b) => a + b, 0)
    expect(some).toBeCloseTo(all ?? NaN, 1)
  })
})
