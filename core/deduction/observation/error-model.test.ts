import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { observationSchema, type Observation } from '../../notebook'
import { COLOUR_NAMES, AMOUNT_STEPS, type Bulk, colourDifference, colourOfHex, labOfHex, nameColour } from '../../perception'
import { AMOUNTS, CERTAINTIES, FAMILIES, type Amount } from '../../vocabulary'
import type { Expectation } from '../../channels'
import { likelihood, likelihoodAt, logOfMean, logOfSum, togetherInOneTest, unknowing } from './error-model'

/** A liquid with nothing in it, and what a test adds to that. */
const PLAIN = {
  solution: { colour: colourOfHex('#ffffff'), clarity: 'clear' },
  deposit: null,
  gases: [],
  layers: [],
  papers: [],
  smell: null,
  heat: 'none',
}
const seeing = (what: object): Expectation => ({ percept: { ...PLAIN, ...what }, before: null }) as unknown as Expectation
const COLOURLESS = { name: 'colourless', family: 'colourless', hex: '#ffffff' }
const precipitate = (amount: Amount, hex = '#f8f8f6'): Expectation =>
  seeing({ deposit: { colour: colourOfHex(hex), habit: 'curdy', amount, rests: 'settled' } })
const wrote = (channel: string, value: string, more: object = {}): Observation => observationSchema.parse({ channel, value, ...more })
const of = (channel: string, value: string, seen: Expectation, more: object = {}): number => likelihoodAt(wrote(channel, value, more), seen)

const channels = [
  'precipitate.colour',
  'precipitate.amount',
  'precipitate.habit',
  'precipitate.present',
  'smell',
  'gas.present',
  'solution.clarity',
] as const
const values = {
  'precipitate.colour': FAMILIES,
  'precipitate.amount': AMOUNTS,
  'precipitate.habit': ['curdy', 'powdery'],
  'precipitate.present': ['yes', 'no'],
  smell: ['none', 'vinegar'],
  'gas.present': ['yes', 'no'],
  'solution.clarity': ['clear', 'opaque'],
}
const anyWritten = fc.constantFrom(...channels).chain((channel) => fc.constantFrom(...values[channel]).map((value) => [channel, value] as const))
const anySeen = fc.oneof(
  fc.constant(seeing({})),
  fc.constantFrom(...AMOUNTS).chain((amount) => fc.constantFrom(...COLOUR_NAMES).map(({ hex }) => precipitate(amount, hex))),
  fc.constant(seeing({ smell: 'vinegar' })),
)

/** A liquid with so much of a solid in it, of which an eye finds that many mg in 1 mL at the least. */
const withSolid = (mgPerMl: number, least = 0.01, habits: Bulk['habits'] = [['curdy', 1]]): Expectation => {
  const found = mgPerMl / least
  const amount = AMOUNT_STEPS.find(([from]) => mgPerMl >= from)?.[1] ?? 'trace'
  return { ...(found < 1 ? seeing({}) : precipitate(amount)), bulk: { mgPerMl, found, habits, colour: colourOfHex('#f8f8f6') } }
}
const nearly = (channel: string, value: string, seen: Expectation): number => likelihoodAt(wrote(channel, value), seen, 'usual', 'nearly')

describe('of a solid of which it is known about how much there is', () => {
  test.each(AMOUNT_STEPS.slice(0, -1))('%d mg in 1 mL may as well be called by the lesser amount as %s', (from, amount) => {
    const lesser = AMOUNTS[AMOUNTS.indexOf(amount) - 1] ?? ''
    const [over, under] = [from * 1.001, from * 0.999].map((mg) => withSolid(mg))
    for (const seen of [over, under]) {
      if (!seen) throw new Error('no solid')
      expect(nearly('precipitate.amount', amount, seen) / nearly('precipitate.amount', lesser, seen)).toBeCloseTo(1, 1)
    }
    // As it is supposed, the one name is as good as right and the other wrong.
    expect(of('precipitate.amount', amount, over as Expectation)).toBeGreaterThan(2 * of('precipitate.amount', lesser, over as Expectation))
  })
  test('the farther from where the next amount begins, the likelier its own name; a hair more of it changes nothing by much', () => {
    const calledModerate = (mg: number): number => nearly('precipitate.amount', 'moderate', withSolid(mg))
    expect(calledModerate(1.34)).toBeGreaterThan(calledModerate(0.8))
    expect(calledModerate(1.34)).toBeGreaterThan(calledModerate(2.5))
    fc.assert(
      fc.property(fc.double({ min: -4, max: 3, noNaN: true }), fc.constantFrom(...AMOUNTS), (log, amount) => {
        const [less, more] = [log, log + 0.02].map((ln) => nearly('precipitate.amount', amount, withSolid(Math.exp(ln))))
        expect(Math.abs(Math.log((less ?? NaN) / (more ?? NaN)))).toBeLessThan(0.1)
      }),
      { numRuns: 300, seed: 7 },
    )
  })
  test('more of it is noticed oftener, with no leap where an eye begins to find it', () => {
    fc.assert(
      fc.property(fc.double({ min: -7, max: 2, noNaN: true }), (log) => {
        const [less, more] = [log, log + 0.05].map((ln) => nearly('precipitate.present', 'yes', withSolid(Math.exp(ln))))
        expect(more).toBeGreaterThanOrEqual(less ?? NaN)
        expect((more ?? NaN) - (less ?? NaN)).toBeLessThan(0.03)
      }),
      { numRuns: 300, seed: 8 },
    )
    for (const [mg, amount] of [
      [0.01, 'trace'],
      [0.08, 'slight'],
      [0.6, 'moderate'],
    ] as const)
      expect(nearly('precipitate.present', 'yes', withSolid(mg))).toBeCloseTo(of('precipitate.present', 'yes', precipitate(amount)), 1)
  })
  test('what an eye just misses is described as what it is; what there is hardly any of, as nothing', () => {
    const missed = withSolid(0.009)
    expect(missed.percept.deposit).toBeNull()
    expect(nearly('precipitate.colour', 'white', missed)).toBeGreaterThan(2 * of('precipitate.colour', 'white', missed))
    expect(nearly('precipitate.colour', 'white', { ...missed, bulk: null })).toBe(of('precipitate.colour', 'white', missed))
  })
  test('of two solids either habit may be written, that of the greater the likelier', () => {
    const both = withSolid(1, 0.01, [
      ['powdery', 0.7],
      ['gelatinous', 0.3],
    ])
    const [powder, jelly, curds] = ['powdery', 'gelatinous', 'mirror'].map((habit) => nearly('precipitate.habit', habit, both))
    expect(powder).toBeGreaterThan(jelly ?? NaN)
    expect(jelly).toBeGreaterThan(4 * (curds ?? NaN))
  })
})

describe('one observation', () => {
  test('written and its opposite share one, by anybody, of anything', () => {
    fc.assert(
      fc.property(anyWritten, anySeen, fc.constantFrom(...CERTAINTIES), ([channel, value], seen, certainty) => {
        const [as, not] = [false, true].map((negated) => of(channel, value, seen, { certainty, negated }))
        expect((as ?? 0) + (not ?? 0)).toBeCloseTo(1, 12)
        expect(Math.min(as ?? 0, not ?? 0)).toBeGreaterThan(0)
      }),
      { numRuns: 500, seed: 3 },
    )
  })
  test('who is less sure is nearer to saying nothing, whichever way it goes', () => {
    fc.assert(
      fc.property(anyWritten, anySeen, ([channel, value], seen) => {
        const flat = unknowing(wrote(channel, value))
        const [sure, fairly, unsure] = CERTAINTIES.map((certainty) => Math.abs(of(channel, value, seen, { certainty }) - flat))
        expect(sure).toBeGreaterThanOrEqual(fairly ?? NaN)
        expect(fairly).toBeGreaterThanOrEqual(unsure ?? NaN)
      }),
      { numRuns: 500, seed: 4 },
    )
  })
  test('of which nothing is known, it is as likely as any other of its channel', () => {
    for (const negated of [false, true]) {
      const observation = wrote('precipitate.amount', 'slight', { negated })
      expect(likelihoodAt(observation, null)).toBeCloseTo(unknowing(observation), 12)
      // A percept that says nothing on that channel either.
      expect(likelihoodAt(observation, seeing({ solution: null }))).toBeCloseTo(unknowing(observation), 12)
    }
  })
  test('that may speak of several looks speaks of the one that shows it; that nothing was seen, of all of them', () => {
    const steps = ['a', 'b'].map((key, index) => ({ entry: 'e', test: 't', index, vessel: 'B', recipe: { key, steps: [{ do: 'smell', at: 'B' }] } }))
    const traced = (among: readonly unknown[]) => ({ observation: wrote('smell', 'vinegar'), steps: among, eyes: 'usual' }) as never
    const seen = (step: { recipe: { key: string } }): Expectation => seeing({ smell: step.recipe.key === 'a' ? 'vinegar' : 'none' })
    const one = (k: number): number => likelihood(traced([steps[k]]), seen)
    expect(one(0)).toBeGreaterThan(10 * one(1))
    for (const order of [steps, [...steps].reverse()]) expect(likelihood(traced(order), seen as never)).toBe(one(0))
    const nothing = (among: readonly unknown[]) => ({ observation: wrote('smell', 'none'), steps: among, eyes: 'usual' }) as never
    const none = (k: number): number => likelihood(nothing([steps[k]]), seen)
    expect(none(1)).toBeGreaterThan(5 * none(0))
    for (const order of [steps, [...steps].reverse()]) expect(likelihood(nothing(order), seen as never)).toBe(none(0))
    expect(likelihood(traced([]), seen as never)).toBeCloseTo(unknowing(wrote('smell', 'vinegar')), 12)
  })
})

describe('what is seen is written so, or as its neighbour', () => {
  test.each(COLOUR_NAMES.map(({ name, hex, family }) => [`${name} ${hex}`, hex, family] as const))(
    '%s is most likely called by its own family',
    (_, hex, family) => {
      const called = FAMILIES.map((word) => [word, of('precipitate.colour', word, precipitate('heavy', hex))] as const)
      expect(called.reduce((a, b) => (b[1] > a[1] ? b : a))[0]).toBe(family)
      expect(called.reduce((sum, [, p]) => sum + p, 0)).toBeLessThan(1.2)
    },
  )
  test('of two wrong words for a colour the one whose nearest shade lies nearer is no less likely', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 0xffffff }),
        fc.constantFrom(...FAMILIES.slice(1)),
        fc.constantFrom(...FAMILIES.slice(1)),
        (rgb, one, other) => {
          const hex = `#${rgb.toString(16).padStart(6, '0')}`
          const colour = nameColour(labOfHex(hex))
          fc.pre(one !== colour.family && other !== colour.family)
          const far = (word: string): number =>
            Math.min(...COLOUR_NAMES.filter(({ family }) => family === word).map((a) => colourDifference(labOfHex(colour.hex), labOfHex(a.hex))))
          const [near, further] = far(one) <= far(other) ? [one, other] : [other, one]
          const seen = seeing({ deposit: { colour, habit: 'curdy', amount: 'heavy', rests: 'settled' } })
          // Of what is as good as white a colour is called pale.
          const more = { degree: 'pale' }
          expect(of('precipitate.colour', near, seen, more)).toBeGreaterThanOrEqual(of('precipitate.colour', further, seen, more) - 1e-12)
        },
      ),
      { numRuns: 300, seed: 5 },
    )
  })
  test('white is called pale yellow oftener than yellow, and yellow by no shade less often', () => {
    const [white, yellow] = ['#f8f8f6', '#f0d235'].map((hex) =>
      seeing({ deposit: { colour: colourOfHex(hex), habit: 'curdy', amount: 'heavy', rests: 'settled' } }),
    )
    if (!white || !yellow) throw new Error('no colour')
    const share = (seen: Expectation): number =>
      of('residue.cold', 'yellow', { percept: { ...seen.percept, residue: { cold: seen.percept.deposit?.colour } } } as never)
    const shaded = (seen: Expectation): number =>
      of('residue.cold', 'yellow', { percept: { ...seen.percept, residue: { cold: seen.percept.deposit?.colour } } } as never, { degree: 'pale' })
    expect(shaded(white)).toBeGreaterThan(2 * share(white))
    expect(share(yellow)).toBe(shaded(yellow))
  })
  test('a strong yellow flame that lasts is sodium, brick red is calcium, crimson strontium', () => {
    const flame = (hex: string, lasts = 'steady'): Expectation =>
      seeing({ flame: { colour: hex === '' ? COLOURLESS : colourOfHex(hex), lines: [], lasts, sooty: false } })
    const [none, amber, crimson] = [flame('', 'brief'), flame('#e8762a'), flame('#c8262a')]
    const called = (seen: Expectation, value: string, degree: string): number => of('flame.colour', value, seen, { degree })
    expect(of('flame.colour', 'yellow', none)).toBeGreaterThan(2 * called(none, 'yellow', 'golden'))
    expect(called(amber, 'red', 'brick')).toBeGreaterThan(4 * called(crimson, 'red', 'brick'))
    expect(called(crimson, 'red', 'crimson')).toBeGreaterThan(4 * called(amber, 'red', 'crimson'))
  })
  test('a gas that is described where none comes was imagined: no word is likelier than where one does', () => {
    const gas = (vigour: string): Expectation => seeing({ gases: [{ species: 'CO2', vigour, colour: COLOURLESS, smell: null }] })
    for (const vigour of ['slight', 'brisk', 'violent'] as const)
      expect(of('gas.vigour', vigour, gas(vigour))).toBeGreaterThan(3 * of('gas.vigour', vigour, seeing({})))
    expect(of('gas.colour', 'colourless', gas('brisk'))).toBeGreaterThan(2 * of('gas.colour', 'colourless', seeing({})))
  })
  test('"no blue" denies a blue precipitate as well as a blue liquid', () => {
    const blue = seeing({ deposit: { colour: colourOfHex('#1f3fa0'), habit: 'powdery', amount: 'heavy', rests: 'suspended' } })
    const denied = { negated: true }
    expect(of('solution.colour', 'blue', seeing({}), denied)).toBeGreaterThan(2 * of('solution.colour', 'blue', blue, denied))
  })
  test('an amount is taken for its neighbour sooner than for the one beyond', () => {
    for (const amount of AMOUNTS) {
      const at = AMOUNTS.indexOf(amount)
      const called = AMOUNTS.map((word) => of('precipitate.amount', word, precipitate(amount)))
      for (const [k, p] of called.entries())
        for (const [l, q] of called.entries()) if (Math.abs(k - at) < Math.abs(l - at)) expect(p).toBeGreaterThan(q)
    }
  })
  test('the more comes down the likelier it is noticed, and hardly anybody sees one where there is none', () => {
    const noticed = [seeing({}), ...AMOUNTS.map((amount) => precipitate(amount))].map((seen) => of('precipitate.present', 'yes', seen))
    expect([...noticed].sort((a, b) => a - b)).toEqual(noticed)
    expect(noticed[0]).toBeLessThan(0.05)
    expect(noticed.at(-1)).toBeGreaterThan(0.95)
  })
  test('one kind of habit is taken for its kin sooner than for another kind', () => {
    const called = ['curdy', 'flocculent', 'crystalline'].map((word) => of('precipitate.habit', word, precipitate('heavy')))
    expect([...called].sort((a, b) => b - a)).toEqual(called)
  })
  test('a shade written with the colour counts for the shade it has, less for the next, least for the far one', () => {
    const blue = COLOUR_NAMES.find(({ name }) => name === 'pale blue')
    const seen = seeing({ solution: { colour: blue, clarity: 'clear' } })
    const shades = ['pale', undefined, 'deep'].map((degree) => of('solution.colour', 'blue', seen, degree ? { degree } : {}))
    expect(shades[0]).toBeLessThan(shades[1] ?? NaN)
    expect(shades[0]).toBeGreaterThan(2 * (shades[2] ?? NaN))
  })
  test('a melting point is read within a few degrees, either way; far off it is not impossible; none is none', () => {
    const seen = seeing({ constant: 122 })
    const read = (value: string, at = seen): number => of('melting-point', value, at)
    expect(read('121')).toBeCloseTo(read('123'), 12)
    const nearer = [122, 124, 127, 140].map((C) => read(String(C)))
    expect([...nearer].sort((a, b) => b - a)).toEqual(nearer)
    expect(read('200')).toBeGreaterThan(0)
    expect(read('none', seeing({ constant: null }))).toBeGreaterThan(20 * read('none'))
  })
})

describe('what was written of one test, together', () => {
  const rowsOf = (...rows: number[][]): Float64Array[] => rows.map((row) => Float64Array.from(row, Math.log))
  const sums = (rows: readonly Float64Array[]): number[] => [...(rows[0] ?? [])].map((_, h) => rows.reduce((sum, row) => sum + (row[h] ?? 0), 0))

  test('however many words contradict a hypothesis, they cost it no more than one spoiled test does', () => {
    for (const words of [2, 5, 20]) {
      const rows = rowsOf(...Array.from({ length: words }, () => [0.9, 0.01]))
      togetherInOneTest(rows)
      const [fits = 0, contradicted = 0] = sums(rows)
      expect(fits - contradicted).toBeGreaterThan(2)
      expect(fits - contradicted).toBeLessThan(-Math.log(0.03) + 1.5)
    }
  })
  test('the order of hypotheses by it stays, each word keeps its share, and nothing depends on the order of words', () => {
    const p = fc.double({ min: 0.001, max: 0.999, noNaN: true })
    fc.assert(
      fc.property(fc.array(fc.tuple(p, p, p), { minLength: 1, maxLength: 6 }), (words) => {
        const rows = rowsOf(...words)
        const before = sums(rows)
        const shares = rows.map((row) => (row[0] ?? 0) / (before[0] ?? 1))
        const other = rowsOf(...words).reverse()
        expect(togetherInOneTest(rows)).toBeCloseTo(togetherInOneTest(other), 9)
        const after = sums(rows)
        expect(sums(other)).toEqual(after.map((v) => expect.closeTo(v, 9) as unknown))
        for (const [a, b] of [
          [0, 1],
          [1, 2],
          [0, 2],
        ] as const)
          if ((before[a] ?? 0) > (before[b] ?? 0) + 1e-9) expect(after[a]).toBeGreaterThanOrEqual((after[b] ?? 0) - 1e-12)
        rows.forEach((row, k) => expect((row[0] ?? 0) / (after[0] ?? 1)).toBeCloseTo(shares[k] ?? NaN, 9))
      }),
      { numRuns: 300, seed: 6 },
    )
  })
  test('a model that is never wrong changes nothing', () => {
    const rows = rowsOf([0.9, 0.2], [0.5, 0.1])
    togetherInOneTest(rows, undefined, 0)
    expect(sums(rows).map(Math.exp)).toEqual([expect.closeTo(0.45, 12), expect.closeTo(0.02, 12)])
  })
})

describe('sums of what is given as logarithms', () => {
  test('of numbers too small to be written out', () => {
    expect(logOfSum([-2000, -2000])).toBeCloseTo(-2000 + Math.LN2, 9)
    expect(logOfMean(Float64Array.of(-1500, -1500, -1500))).toBeCloseTo(-1500, 9)
    expect(logOfSum([0, -Infinity])).toBe(0)
  })
  test('are those of the numbers', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1e-6, max: 100, noNaN: true }), { minLength: 1, maxLength: 20 }), (list) => {
        const total = list.reduce((a, b) => a + b, 0)
        expect(Math.exp(logOfSum(list.map(Math.log))) / total).toBeCloseTo(1, 9)
        expect(Math.exp(logOfMean(list.map(Math.log))) / (total / list.length)).toBeCloseTo(1, 9)
      }),
      { numRuns: 200, seed: 7 },
    )
  })
})
