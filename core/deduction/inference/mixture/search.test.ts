import { describe, expect, test } from '@jest/globals'
import { entrySchema, observationSchema, type Entry } from '../../../notebook'
import { THOROUGH } from '../../session'
import { Simulations } from '../../simulation/simulations'
import { traceOf } from '../../observation/trace'
import { follow } from './incremental'
import { ionsFound, weighMixtures, type Searches } from '.'
import { ACID, type Parts } from './parts'
import { compositionOf, type Scorer } from './scorer'
import { AT_THE_BENCH, isThorough, ONE_LINE, settle, throughWith } from './search'
import { OF_HALIDES as speaks, partsOf, scalesOn, settings, written } from './testing'

const TESTS = Object.keys(speaks)
/** Steps enough to be at leisure, and not many more. */
const LEISURE = 9000
const truth = partsOf('Ni^2+', 'Cl^-', 'Br^-', ACID)
const astray = partsOf('Ni^2+', 'SCN^-', ACID)
/** A colour that no halide gives that layer here. */
const oddly = (value: string): Entry =>
  entrySchema.parse({ id: 'odd', at: '', saw: observationSchema.parse({ vessel: 'D', channel: 'layer.colour', value, step: 4 }) })
const stepsOf = (scorer: Scorer, work: () => void): number => {
  const before = scorer.effort
  work()
  return scorer.effort - before
}
const without = (parts: Parts): string => compositionOf(new Map([...parts].filter(([part]) => part !== ACID)))

describe('how long is thought', () => {
  test('at the bench no longer than its steps, and what is found by then is no worse than what was begun with', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const whole = scorer.whole(astray, until)
    let best = whole
    const steps = stepsOf(scorer, () => void ({ best } = settle(scorer, astray, until, 0)))
    // What is begun, the rivals of the best among it, is brought to its end.
    expect(steps).toBeLessThan(2 * AT_THE_BENCH)
    expect(best.score).toBeGreaterThanOrEqual(whole.score)
  }, 60_000)

  test('a line that is followed with no steps left leaves the mixture as it was', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const place = until - 1
    expect(scorer.explains(astray, place)).toBe(false)
    expect(scorer.within(0, () => follow(scorer, { parts: astray, place }))).toEqual(astray)
    expect(follow(scorer, { parts: astray, place })).not.toEqual(astray)
  }, 60_000)

  test('at leisure the wrong turn is found, and what was thought through with nothing else found is so only once', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const found = settle(scorer, astray, until, THOROUGH)
    expect(without(found.best.parts)).toBe(without(truth))
    // It came to something else: that has not been thought through itself.
    expect(throughWith(scorer, astray, found)).toBeUndefined()
    const again = settle(scorer, found.best.parts, until, THOROUGH)
    const through = throughWith(scorer, found.best.parts, again)
    expect(through?.composition).toBe(compositionOf(found.best.parts))
    expect(through?.short).toBeLessThan(12)
  }, 120_000)

  test('what was thought through is worth few steps as long as it explains what comes, and all of them where it does not', () => {
    const fresh = (): Scorer => scalesOn(truth, TESTS, speaks, [oddly('violet')]).scorer
    const { parts } = settle(fresh(), truth, TESTS.length, LEISURE).best
    const through = { composition: compositionOf(parts), short: 1000 }
    const [known, unknown, worse, another] = [through, undefined, { ...through, short: 0 }, { ...through, composition: 'Ni^2+' }].map((t) => {
      const scorer = fresh()
      return stepsOf(scorer, () => void settle(scorer, parts, TESTS.length, LEISURE, { through: t }))
    })
    expect(known).toBeLessThan((unknown ?? 0) / 2)
    expect([worse, another]).toEqual([unknown, unknown])
  }, 120_000)

  test('a round of thinking again that is out of steps leaves rivals the odds they had', () => {
    const { scorer, until } = scalesOn(truth, TESTS, speaks)
    const found = settle(scorer, truth, until, 0)
    const told = { ...found, rivals: found.rivals.map((rival) => ({ ...rival, score: found.best.score - 3.25 })) }
    const round = (steps: number): number[] =>
      scorer.within(steps, () => settle(scorer, found.best.parts, until, 500, { found: told }).rivals.map((rival) => found.best.score - rival.score))
    // Every part that may come or go had 3.25; what was never weighed is given up.
    expect(round(0).filter((odds) => Math.abs(odds - 3.25) < 1e-9).length).toBeGreaterThan(20)
    expect(round(20_000).filter((odds) => Math.abs(odds - 3.25) < 1e-9).length).toBe(0)
  }, 60_000)

  test.each([
    [0, false],
    [1500, false],
    [THOROUGH, true],
  ])('%d steps: at leisure %s', (steps, is) => expect(isThorough(steps)).toBe(is))
})

describe('a line that is thought about again and again', () => {
  test('costs no more than a line may in all, and says the same once that is spent', () => {
    const entries = [
      ...written(
        truth,
        TESTS.map((id, k) => [id, String.fromCharCode(65 + k)] as const),
      ),
      oddly('violet'),
    ]
    const simulations = new Simulations(0, {}, 20)
    const trace = traceOf({ case: settings, entries })
    const spent: number[] = []
    const searches: Searches = new WeakMap()
    const said = Array.from({ length: 8 }, (_, round) => {
      const before = simulations.effort
      const { each } = weighMixtures(settings, trace, simulations, speaks, searches, { deep: round === 0 ? 0 : 1000 })
      spent.push(simulations.effort - before)
      return each
    })
    // What is begun with the last of the steps is brought to its end.
    expect(spent.reduce((a, b) => a + b, 0)).toBeLessThan(1.4 * ONE_LINE)
    expect(spent.at(-1)).toBe(0)
    expect(said.at(-1)).toEqual(said.at(-2))
  }, 60_000)
})

describe('a notebook thought through at leisure, and read on', () => {
  const entries = written(
    truth,
    TESTS.map((id, k) => [id, String.fromCharCode(65 + k)] as const),
  )
  const simulations = new Simulations(0, {}, 20)
  const thought = (lines: Entry[]): { ions: string; steps: number } => {
    const before = simulations.made
    const { each } = weighMixtures(settings, traceOf({ case: settings, entries: lines }), simulations, speaks, new WeakMap(), { deep: THOROUGH })
    const { cations, anions } = ionsFound(each ?? new Map())
    return { ions: [...cations, ...anions].sort().join(' '), steps: simulations.made - before }
  }
  test('the second time says the same and costs next to nothing', () => {
    const first = thought(entries)
    expect(first.ions).toBe('Br^- Cl^- Ni^2+')
    const second = thought(entries)
    expect([second.ions, second.steps < 3000]).toEqual([first.ions, true])
  }, 120_000)
  test('what another search came to is gone on from, and left where the page speaks against it', () => {
    const from = (parts?: Parts): { ions: string; held: string; steps: number } => {
      const own = new Simulations(0, {}, 20)
      const { each, hypotheses } = weighMixtures(settings, traceOf({ case: settings, entries }), own, speaks, new WeakMap(), { from: parts })
      const { cations, anions } = ionsFound(each ?? new Map())
      return { ions: [...cations, ...anions].sort().join(' '), held: [...(hypotheses[0]?.parts ?? [])].sort().join(), steps: own.effort }
    }
    const first = thought(entries)
    const known = from(partsOf('Br^-', 'Cl^-', 'Ni^2+'))
    expect(known.ions).toBe(first.ions)
    expect(known.steps).toBeLessThan(from().steps)
    expect(from(partsOf('Cl^-', 'Cu^2+')).held).not.toContain('Cu^2+')
  }, 120_000)
})
