import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TESTS } from '../catalogue'
import { caseSchema, entrySchema, observationSchema, type Entry } from '../notebook'
import { SALTS, findSalt } from '../species'
import { run } from '../perception'
import { stepSchema } from '../tube'
import { CHANNELS } from '../channels'
import { ReasoningSession } from './session'
import { Simulations } from './simulation/simulations'
import { likelihoodAt } from './observation/error-model'
import { deductionSchema } from './schema'
import { seenIn } from './observation/ideal-observer'
import { recipeOf } from './simulation/recipe'
import { NotebookError, traceOf } from './observation/trace'

const session = new ReasoningSession()

const settings = caseSchema.parse({})
const entries = (...bodies: object[]): Entry[] => bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
const saw = (channel: string, value: string, more: object = {}): object => ({ saw: { channel, value, ...more } })
const about = (list: Entry[]) => session.deduce({ case: settings, entries: list })
const standing = (list: Entry[], ion: string) => about(list).standings.find((s) => s.species === ion)

describe('standings', () => {
  test('nothing written: every ion untested, every salt as likely as it is given out', () => {
    const { standings, formulae, conflicts } = about([])
    expect(new Set(standings.map((s) => s.status))).toEqual(new Set(['untested']))
    expect(formulae).toHaveLength(SALTS.length)
    const of = (formula: string): number => formulae.find((f) => f.formula === formula)?.probability ?? 0
    expect(formulae.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9)
    for (const { formula } of formulae) expect(of(formula)).toBeLessThanOrEqual(of('NaCl'))
    expect(of('KNO3')).toBeCloseTo(of('NaCl'), 9)
    // Of no first course; of two cations besides; and of an ion that is hardly ever given out.
    expect(of('KNO2') / of('KNO3')).toBeCloseTo(0.25 * 0.4, 9)
    expect(of('(NH4)2Zn(SO4)2.6H2O') / of('ZnSO4.7H2O')).toBeCloseTo(0.25 * 0.3, 9)
    expect(of('TlNO3') / of('KNO3')).toBeCloseTo(0.25 * 0.2, 9)
    expect(conflicts).toEqual([])
  })
  test('a white curdy precipitate with acid silver nitrate that goes into ammonia, permanganate not bleached and no iodine from iodide speak for chloride', () => {
    const list = entries(
      { did: { test: 'silver-nitrate', on: 'A' } },
      saw('precipitate.colour', 'white', { step: 3 }),
      saw('precipitate.habit', 'curdy', { step: 3 }),
      saw('precipitate.dissolves', 'yes', { step: 5 }),
      { did: { test: 'permanganate-in-acid', on: 'B' } },
      saw('solution.colour', 'violet', { step: 3 }),
      saw('solution.colour', 'violet', { step: 5 }),
      // Silver iodate is white and curdy too; iodate would free iodine here.
      { did: { test: 'iodide-in-acid', on: 'C' } },
      saw('layer.colour', 'colourless', { step: 4 }),
    )
    const chloride = standing(list, 'Cl^-')
    expect(chloride?.probability).toBeGreaterThan(0.9)
    expect(chloride?.evidence.some((e) => e.weight > 0.3)).toBe(true)
    expect(chloride?.status).toBe('likely')
  })
  test('one positive does not confirm where the class asks for two; where it asks for one it does', () => {
    const list = entries(
      { did: { test: 'ammonium-by-alkali', on: 'A' } },
      saw('paper.red litmus paper', 'blue', { step: 3 }),
      saw('smell', 'pungent, ammonia', { step: 4 }),
    )
    expect(standing(list, 'NH4^+')?.status).toBe('likely')
    const lenient = session.deduce({ case: caseSchema.parse({ school: { confirmations: 1 } }), entries: list })
    expect(lenient.standings.find((s) => s.species === 'NH4^+')?.status).toBe('confirmed')
  })
  test('what is written twice of one look speaks once; of another look, or done again, it speaks again', () => {
    const silver = (on: string): object => ({ did: { test: 'silver-nitrate', on } })
    const curdy = (step: number): object[] => [saw('precipitate.colour', 'white', { step }), saw('precipitate.habit', 'curdy', { step })]
    const once = about(entries(silver('A'), ...curdy(3)))
    expect(about(entries(silver('A'), ...curdy(3), ...curdy(3), ...curdy(3)))).toEqual(once)
    expect(about(entries(silver('A'), ...curdy(3), ...curdy(5)))).not.toEqual(once)
    expect(traceOf({ entries: entries(silver('A'), ...curdy(3), silver('B'), ...curdy(3)) }).observations).toHaveLength(4)
    // Struck out, the first leaves the second to speak.
    const struck = entries(silver('A'), ...curdy(3), ...curdy(3), { amended: { entry: 'e1', with: { withdrawn: true } } })
    expect(traceOf({ entries: struck }).observations.map((o) => o.entry)).toEqual(['e2', 'e3'])
  })
  test('one wrong observation makes nothing impossible', () => {
    const list = entries({ did: { test: 'silver-nitrate', on: 'A' } }, saw('precipitate.present', 'yes', { negated: true, step: 3 }))
    expect(standing(list, 'Cl^-')?.probability).toBeGreaterThan(0.0005)
  })
  test('evidence against has negative weight and names its entry', () => {
    const list = entries({ did: { test: 'barium-nitrate', on: 'A' } }, saw('precipitate.present', 'yes', { negated: true }))
    const sulfate = standing(list, 'SO4^2-')
    expect(sulfate?.evidence[0]).toMatchObject({ entry: 'e1' })
    expect(sulfate?.evidence[0]?.weight).toBeLessThan(-0.5)
  })
  test('an unsure observation weighs less than a sure one', () => {
    const weight = (certainty: string) =>
      Math.abs(
        standing(entries({ did: { test: 'barium-nitrate', on: 'A' } }, saw('precipitate.present', 'yes', { certainty })), 'SO4^2-')?.evidence[0]
          ?.weight ?? 0,
      )
    expect(weight('unsure')).toBeLessThan(weight('fairly'))
    expect(weight('fairly')).toBeLessThan(weight('sure'))
  })
  test('a contradiction is shown with the observation that does not fit', () => {
    const blue = [
      saw('solution.colour', 'blue', { degree: 'pale' }),
      { did: { test: 'ammonia-to-excess', on: 'B' } },
      saw('solution.colour', 'blue', { degree: 'deep', step: 4 }),
    ]
    const list = entries(
      { did: { test: 'solubility-in-water', on: 'OS' } },
      ...blue,
      { did: { test: 'appearance', on: 'C' } },
      saw('appearance.colour', 'blue'),
      saw('appearance.form', 'crystals'),
      { did: { test: 'sodium-hydroxide-to-excess', on: 'D' } },
      saw('precipitate.colour', 'red', { step: 2 }),
    )
    expect(about(list).conflicts.map((c) => c.entry)).toContain('e8')
  })
  test('a test that is not in the catalogue is refused by its place', () => {
    expect(() => about(entries({ note: 'x' }, { did: { test: 'magic', on: 'A' } }))).toThrow(NotebookError)
    expect(() => about(entries({ note: 'x' }, { did: { test: 'magic', on: 'A' } }))).toThrow(/entries\.1\.did\.test/)
  })
  test('the answer is in the published form, and probabilities are probabilities', () => {
    const answer = about(entries({ did: { test: 'silver-nitrate', on: 'A' } }, saw('precipitate.colour', 'white')))
    expect(deductionSchema.safeParse(answer).error).toBeUndefined()
    expect(session.reason({ case: settings, entries: [] }).posterior.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
  })
  test('the order in which two tubes are worked does not matter', () => {
    const one = [{ did: { test: 'silver-nitrate', on: 'A' } }, saw('precipitate.colour', 'white', { step: 3 })]
    const two = [{ did: { test: 'barium-nitrate', on: 'B' } }, saw('precipitate.present', 'yes', { negated: true, step: 3 })]
    const forward = about(entries(...one, ...two)).formulae
    const backward = about(entries(...two, ...one)).formulae
    for (const f of forward) expect(backward.find((b) => b.formula === f.formula)?.probability).toBeCloseTo(f.probability, 9)
  })
})

describe('the error model', () => {
  const simulations = new Simulations(500)
  const steps = traceOf({ entries: entries(...TESTS.map((t, i) => ({ did: { test: t.id, on: `T${i}` } }))) }).steps
  test('eyes that hardly tell red from green make less of the difference, and keep that of blue and yellow', () => {
    const fire = (formula: string, value: string, eyes: 'usual' | 'deutan'): number => {
      const recipe = recipeOf([stepSchema.parse({ do: 'flame' })])
      const salt = findSalt(formula)
      if (!salt) throw new Error('no salt')
      return likelihoodAt(observationSchema.parse({ channel: 'flame.colour', value }), new Simulations(500).expect(salt, recipe), eyes)
    }
    expect(fire('SrCl2.6H2O', 'green', 'deutan')).toBeGreaterThan(3 * fire('SrCl2.6H2O', 'green', 'usual'))
    const liquid = (formula: string, value: string, eyes: 'usual' | 'deutan'): number => {
      const recipe = recipeOf([stepSchema.parse({ do: 'dissolve', into: 'A', mg: 100, mL: 5 }), stepSchema.parse({ do: 'look', at: 'A' })])
      const salt = findSalt(formula)
      if (!salt) throw new Error('no salt')
      return likelihoodAt(observationSchema.parse({ channel: 'solution.colour', value }), new Simulations(500).expect(salt, recipe), eyes)
    }
    expect(liquid('NiSO4.6H2O', 'brown', 'deutan')).toBeGreaterThan(liquid('NiSO4.6H2O', 'brown', 'usual'))
    expect(liquid('CuSO4.5H2O', 'yellow', 'deutan')).toBeLessThan(0.02)
    // A case that says nothing of eyes has the usual ones.
    const list = entries({ did: { test: 'flame-on-wire', on: 'A' } }, saw('flame.colour', 'green'))
    expect(session.reason({ case: caseSchema.parse({ colourVision: 'deutan' }), entries: list }).trace.observations[0]?.eyes).toBe('deutan')
    expect(traceOf({ entries: list }).observations[0]?.eyes).toBe('usual')
  })
  test('where amounts are not known, a colour between two is less of a mistake, and its own name still the likeliest', () => {
    const recipe = recipeOf([stepSchema.parse({ do: 'dissolve', into: 'A', mg: 100, mL: 5 }), stepSchema.parse({ do: 'look', at: 'A' })])
    const salt = findSalt('K2CrO4')
    if (!salt) throw new Error('no salt')
    const called = (value: string, knowing: 'amounts' | 'nothing'): number =>
      likelihoodAt(observationSchema.parse({ channel: 'solution.colour', value }), simulations.expect(salt, recipe), 'usual', knowing)
    expect(called('orange', 'nothing')).toBeGreaterThan(1.5 * called('orange', 'amounts'))
    expect(called('yellow', 'nothing')).toBeGreaterThan(called('orange', 'nothing'))
  })
  test('every probability lies strictly between nothing and everything, and the words of a channel share one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SALTS),
        fc.constantFrom(...steps),
        fc.constantFrom(...CHANNELS.filter((c) => c.values)),
        (salt, step, channel) => {
          const expectation = simulations.expect(salt, step.recipe)
          const shares = (channel.values ?? []).map((value) => likelihoodAt(observationSchema.parse({ channel: channel.id, value }), expectation))
          for (const p of shares) {
            expect(p).toBeGreaterThan(0)
            expect(p).toBeLessThan(1)
          }
          // Of lines in the spectroscope several are seen side by side, each with a probability of its own.
          if (channel.id !== 'flame.line') expect(shares.reduce((a, b) => a + b, 0)).toBeLessThan(1.6)
        },
      ),
      { numRuns: 300, seed: 2 },
    )
  })
})

describe('recipes', () => {
  const parse = (list: object[]) => list.map((s) => stepSchema.parse(s))
  const A = [
    { do: 'dissolve', into: 'OS', mg: 100, mL: 5 },
    { do: 'take', from: 'OS', into: 'A', mL: 1 },
    { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 3 },
  ]
  test('the same work in another tube is the same recipe, whatever was done beside it', () => {
    const elsewhere = [
      A[0],
      { do: 'take', from: 'OS', into: 'X', mL: 2 },
      { do: 'add', to: 'X', reagent: 'NaOH 2 M', drops: 3 },
      { do: 'take', from: 'OS', into: 'B', mL: 1 },
      { do: 'add', to: 'B', reagent: 'HCl 2 M', drops: 3 },
    ]
    expect(recipeOf(parse(elsewhere as object[])).key).toBe(recipeOf(parse(A)).key)
  })
  test('a longer recipe goes on from where a shorter one stopped', () => {
    const salt = findSalt('CuSO4.5H2O')
    if (!salt) throw new Error('no salt')
    const fresh = new Simulations(500)
    const all = parse(A)
    fresh.expect(salt, recipeOf(all.slice(0, -1)))
    const before = fresh.made
    fresh.expect(salt, recipeOf(all))
    expect(fresh.made - before).toBe(1)
    fresh.forget([salt.id])
    fresh.expect(salt, recipeOf(all))
    expect(fresh.made - before).toBe(1 + all.length)
  })
  test('what the model knows besides what is seen is told when it is asked for, also of a state that was forgotten', () => {
    const salt = findSalt('CuSO4.5H2O')
    if (!salt) throw new Error('no salt')
    const all = parse([...A.slice(0, 2), { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 6 }, { do: 'look', at: 'A' }])
    const seen = run({ solids: [{ formula: salt.id, mg: 500 }] }, all)
    const fresh = new Simulations(500)
    const last = fresh.expect(salt, recipeOf(all))?.percept
    const before = fresh.made
    fresh.forget([salt.id])
    expect(last?.equations).toEqual(seen.at(-1)?.equations)
    expect(last?.equations).not.toEqual([])
    expect(last?.shows).toEqual(seen.at(-1)?.shows)
    expect(fresh.made - before).toBe(all.length)
    // Written out it is whole.
    const writtenOut = (percept: object | undefined): unknown => JSON.parse(JSON.stringify({ ...percept, step: 0, vessel: 'A' }))
    expect(writtenOut(last)).toEqual(writtenOut(seen.at(-1)))
  })
  test('what was poured into the stock is part of what comes out of it', () => {
    const acidified = [A[0], { do: 'add', to: 'OS', reagent: 'HNO3 2 M', drops: 3 }, ...A.slice(1)]
    expect(recipeOf(parse(acidified as object[])).key).not.toBe(recipeOf(parse(A)).key)
  })
})

test('what a known jar shows is the looks of the test alone', () => {
  const salt = findSalt('NH4Cl')
  if (!salt) throw new Error('no salt')
  const seen = seenIn({ case: settings, entries: entries({ did: { test: 'ammonium-by-alkali', on: 'A' } }) }, 'e0', salt, [0, 0, 0])
  expect(seen.looks.map((l) => l.papers[0]?.to.family ?? l.smell)).toEqual(['blue', 'pungent, ammonia'])
})

test('what was worked out before leaves no mark: a colour is judged alike whichever look came first', () => {
  const colour = (family: 'colourless', hex: string) => ({ name: family, family, hex })
  const judge = (hex: string) =>
    likelihoodAt(observationSchema.parse({ channel: 'solution.colour', value: 'blue' }), {
      percept: { solution: { colour: colour('colourless', hex), clarity: 'clear' } },
      before: null,
    } as never)
  const white = judge('#ffffff')
  judge('#eef1f1')
  expect(judge('#ffffff')).toBe(white)
  expect(judge('#dfe9f1')).toBeGreaterThan(white)
})
