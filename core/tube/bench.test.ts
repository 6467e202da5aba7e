import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { COMPONENTS, GASES, parseFormula, SALTS } from '../species'
import { perform } from './bench'
import { newBench, openJar, StepError, type Bench } from './jar'
import { procedureSchema, stepSchema, type Step, type StepInput } from './procedure'
import { concentration, type Vessel } from './vessel'

const step = (s: StepInput): Step => stepSchema.parse(s)

function work(formula: string, steps: readonly StepInput[]): Bench {
  return steps.reduce((bench, s) => perform(bench, step(s)).bench, newBench(openJar({ solids: [{ formula, mg: 500 }] })))
}
const vessel = (bench: Bench, id: string): Vessel => {
  const v = bench.vessels.get(id)
  if (!v) throw new Error(`no vessel ${id}`)
  return v
}
const DISSOLVE: StepInput = { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 }
const TAKE: StepInput = { do: 'take', from: 'OS', into: 'A', mL: 1 }

/** Elements that may leave a warm tube in a gas, or come in with the air. */
const VOLATILE = new Set(GASES.flatMap((g) => Object.keys(g.formula.atoms)))

/** mol of each element in all vessels together, water apart. */
const everything = (bench: Bench): Map<string, number> => {
  const sum = new Map<string, number>()
  const count = (formula: string, mol: number): void => {
    for (const [element, n] of Object.entries(parseFormula(formula).atoms)) sum.set(element, (sum.get(element) ?? 0) + n * mol)
  }
  for (const v of bench.vessels.values()) {
    v.totals.forEach((t, j) => count(COMPONENTS[j] ?? '', t))
    for (const [formula, mol] of v.inert) count(formula, mol)
  }
  return sum
}

describe('amounts', () => {
  test('a fifth of the solution holds a fifth of the salt', () => {
    const bench = work('NaCl', [DISSOLVE, TAKE])
    const whole = 0.1 / 58.44
    expect(vessel(bench, 'A').totals[COMPONENTS.indexOf('Na^+')]).toBeCloseTo(whole / 5, 8)
    expect(vessel(bench, 'OS').totals[COMPONENTS.indexOf('Na^+')]).toBeCloseTo((whole * 4) / 5, 8)
  })

  test.each([
    ['CrCl3·6H2O', 'NH3 2 M', 'just-basic', (pH: number) => pH > 7.5],
    ['FeCl3·6H2O', 'NaOH 2 M', 'just-basic', (pH: number) => pH > 7.5],
    ['Na2CO3', 'HCl 2 M', 'just-acidic', (pH: number) => pH < 6],
    ['Na2HPO4·12H2O', 'acetic acid 2 M', 'just-acidic', (pH: number) => pH < 6],
  ] as const)('%s with %s until %s: as many drops as one by one', (salt, reagent, until, isDone) => {
    const start = work(salt, [DISSOLVE, { ...TAKE, mL: 3 }])
    const { event } = perform(start, step({ do: 'add', to: 'A', reagent, until }))
    let bench = start
    let drops = 0
    do {
      bench = perform(bench, step({ do: 'add', to: 'A', reagent, drops: 1 })).bench
      drops++
    } while (drops < 80 && !isDone(vessel(bench, 'A').contents?.pH ?? 7))
    expect(event.drops).toBe(drops)
    expect(drops).toBeGreaterThan(1)
    // What bubbles off on the way does so in fewer portions: a hundredth of a unit at most.
    expect(Math.abs((event.after.contents?.pH ?? NaN) - (vessel(bench, 'A').contents?.pH ?? NaN))).toBeLessThan(0.01)
  })

  test('taking and pouring conserve every element, however they are ordered', () => {
    const reagents = ['NaOH 2 M', 'NH3 2 M', 'HCl 2 M', 'AgNO3', 'Ba(NO3)2', 'H2SO4 dil', 'ammonium chloride']
    const move = fc.oneof(
      fc.record({
        do: fc.constant('take' as const),
        from: fc.constantFrom('OS', 'A'),
        into: fc.constantFrom('A', 'B'),
        drops: fc.integer({ min: 1, max: 4 }),
      }),
      fc.record({ do: fc.constant('shake' as const), vessel: fc.constant('OS') }),
      fc.record({ do: fc.constant('warm' as const), vessel: fc.constant('OS') }),
    )
    fc.assert(
      fc.property(
        fc.constantFrom(...SALTS.map((s) => s.id)),
        fc.constantFrom(...reagents),
        fc.array(move, { maxLength: 6 }),
        (salt, reagent, moves) => {
          let bench = work(salt, [DISSOLVE, { do: 'add', to: 'OS', reagent, drops: 10 }, { ...TAKE, drops: 10, mL: undefined }])
          const before = everything(bench)
          for (const m of moves) if (!(m.do === 'take' && m.from === m.into)) bench = perform(bench, step(m)).bench
          const after = everything(bench)
          for (const [element, n] of before)
            if (!VOLATILE.has(element)) expect(Math.abs((after.get(element) ?? 0) - n)).toBeLessThan(1e-12 + 1e-9 * n)
        },
      ),
      { numRuns: 120, seed: 3 },
    )
  })

  test('two reagents in either order come to the same tube', () => {
    const one = work('AlCl3.6H2O', [
      DISSOLVE,
      TAKE,
      { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 4 },
      { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 6 },
    ])
    const other = work('AlCl3.6H2O', [
      DISSOLVE,
      TAKE,
      { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 6 },
      { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 4 },
    ])
    expect(vessel(one, 'A').contents?.pH).toBeCloseTo(vessel(other, 'A').contents?.pH ?? NaN, 8)
    expect(concentration(vessel(one, 'A'), 'Al(OH)4^-')).toBeCloseTo(concentration(vessel(other, 'A'), 'Al(OH)4^-'), 10)
  })
})

describe('heat', () => {
  test('boiling an ammonium salt with alkali drives ammonia off', () => {
    const start = work('NH4Cl', [DISSOLVE, TAKE, { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 10 }])
    const boiled = perform(start, step({ do: 'boil', vessel: 'A', minutes: 5 }))
    const j = COMPONENTS.indexOf('NH4^+')
    expect(boiled.event.after.totals[j]).toBeLessThan(0.3 * (vessel(start, 'A').totals[j] ?? 0))
    expect(boiled.event.escaped[0]?.gas.id).toBe('NH3')
    expect(boiled.event.after.volume_mL).toBeLessThan(vessel(start, 'A').volume_mL)
  })
  test('blue copper hydroxide turns to oxide only hot, and stays oxide when it has cooled', () => {
    const cold = work('CuSO4.5H2O', [DISSOLVE, TAKE, { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 10 }])
    expect(vessel(cold, 'A').contents?.solids.map((s) => s.solid.id)).toEqual(['Cu(OH)2'])
    const hot = perform(perform(cold, step({ do: 'boil', vessel: 'A' })).bench, step({ do: 'cool', vessel: 'A' })).bench
    expect(vessel(hot, 'A').contents?.solids.map((s) => s.solid.id)).toEqual(['CuO'])
  })
})

describe('signs to stop at', () => {
  test('ammonia until just basic stops on the first basic drop', () => {
    const start = work('NaHSO4.H2O', [DISSOLVE, TAKE])
    const { event } = perform(start, step({ do: 'add', to: 'A', reagent: 'NH3 2 M', until: 'just-basic' }))
    expect(event.after.contents?.pH).toBeGreaterThan(7.5)
    const oneLess = perform(start, step({ do: 'add', to: 'A', reagent: 'NH3 2 M', drops: (event.drops ?? 0) - 1 }))
    expect(oneLess.event.after.contents?.pH).toBeLessThanOrEqual(7.5)
  })
  test('silver chloride dissolves in ammonia after a while, and then no more is added', () => {
    const start = work('NaCl', [DISSOLVE, TAKE, { do: 'add', to: 'A', reagent: 'AgNO3', drops: 3 }])
    const { event } = perform(start, step({ do: 'add', to: 'A', reagent: 'NH3 2 M', until: 'dissolved' }))
    expect(event.drops).toBeGreaterThan(1)
    expect(event.drops).toBeLessThan(40)
  })
})

describe('what cannot be done is refused with its place', () => {
  test.each<[string, StepInput[], string]>([
    ['taking from an empty tube', [{ do: 'take', from: 'Z', into: 'A', mL: 1 }], 'from'],
    ['taking more than there is', [DISSOLVE, { do: 'take', from: 'OS', into: 'A', mL: 9 }], 'mL'],
    ['looking at nothing', [{ do: 'look', at: 'A' }], 'at'],
    ['adding no amount', [DISSOLVE, { do: 'add', to: 'OS', reagent: 'NaOH' }], 'drops'],
    ['holding nothing over a tube', [DISSOLVE, { do: 'hold', over: 'OS' }], 'hold'],
  ])('%s', (_, steps, path) => {
    const attempt = (): Bench => work('NaCl', steps)
    expect(attempt).toThrow(StepError)
    try {
      attempt()
    } catch (error) {
      expect(error instanceof StepError ? error.path : '').toBe(path)
    }
  })
  test('a solution whose charges do not balance', () => {
    expect(() => openJar({ solution: { ions: { 'Cu^2+': 0.1, 'Cl^-': 0.1 }, mL: 5 } })).toThrow(/charges that balance/)
  })
  test('a salt out of scope', () => {
    expect(() => openJar({ solids: [{ formula: 'UO2Cl2', mg: 100 }] })).toThrow(StepError)
  })
  test('a salt that is not among those of the bench is taken all the same, its water too', () => {
    expect(openJar({ solids: [{ formula: 'MgBr2', mg: 100 }] }).kind).toBe('solids')
    expect(openJar({ solids: [{ formula: 'SrBr2.6H2O', mg: 100 }] }).kind).toBe('solids')
  })
  test('a negative amount never gets past the door', () => {
    expect(procedureSchema.safeParse({ format: 'foxing-procedure/1', sample: { solids: [{ formula: 'NaCl', mg: -1 }] }, steps: [] }).success).toBe(
      false,
    )
  })
  test('unknown fields of a step are kept', () => {
    expect(stepSchema.parse({ do: 'look', at: 'A', mood: 'calm' })).toHaveProperty('mood', 'calm')
  })
})
