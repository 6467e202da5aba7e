import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { COUPLES, imbalance } from '../reactions'
import { COMPONENTS, parseFormula, SALTS } from '../species'
import { newBench, openJar, perform, type Bench } from './bench'
import { stepSchema, type StepInput } from './procedure'

const at = (formula: string): number => COMPONENTS.indexOf(formula)
function work(formula: string, ...steps: StepInput[]): Bench {
  const all: StepInput[] = [{ do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 }, { do: 'take', from: 'OS', into: 'A', mL: 1 }, ...steps]
  return all.reduce((bench, s) => perform(bench, stepSchema.parse(s)).bench, newBench(openJar({ solids: [{ formula, mg: 500 }] })))
}
const amount = (bench: Bench, component: string): number => bench.vessels.get('A')?.totals[at(component)] ?? NaN

/** Reducing power of what is in the tube, in moles of electrons: each couple's reduced side counts what it could give. */
const CAN_GIVE: Readonly<Record<string, number>> = { 'I^-': 1, 'Fe^2+': 1, 'Cu^+': 1, 'SO3^2-': 2, NO2: 1, 'NO2^-': 2 }
const electrons = (bench: Bench): number => {
  const vessel = bench.vessels.get('A')
  return Object.entries(CAN_GIVE).reduce((sum, [c, n]) => sum + n * (vessel?.totals[at(c)] ?? 0), 2 * (vessel?.inert.get('Cu') ?? 0))
}

describe('couples', () => {
  test.each(COUPLES.map((c) => [c.id, c] as const))('%s balances once water is put in', (_, { oxidised, reduced, inert, electrons: n }) => {
    const sum = new Map<string, number>()
    for (const [f, k] of Object.entries(oxidised)) sum.set(f, (sum.get(f) ?? 0) - k)
    for (const [f, k] of [...Object.entries(reduced), ...Object.entries(inert ?? {})]) sum.set(f, (sum.get(f) ?? 0) + k)
    const oxygen = [...sum].reduce((o, [f, k]) => o + k * (parseFormula(f).atoms['O'] ?? 0), 0)
    if (oxygen !== 0) sum.set('H2O', -oxygen)
    // What is left over must be just the electrons' charge.
    expect(Object.fromEntries(imbalance(sum))).toEqual({ charge: -n })
  })
})

describe('what the potentials say happens', () => {
  test('iron(III) takes iodide to iodine, and two irons make one iodine', () => {
    const bench = work('FeCl3.6H2O', { do: 'add', to: 'A', reagent: 'KI 1 M', drops: 10 })
    expect(amount(bench, 'I2')).toBeGreaterThan(1e-5)
    expect(amount(bench, 'Fe^2+')).toBeCloseTo(2 * amount(bench, 'I2'), 9)
  })
  test('copper(II) takes iodide to iodine because copper(I) iodide comes down', () => {
    const bench = work('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'KI 1 M', drops: 10 })
    expect(amount(bench, 'Cu^+')).toBeGreaterThan(0.99 * (amount(bench, 'Cu^+') + amount(bench, 'Cu^2+')))
  })
  test('chloride is safe from both', () => {
    expect(amount(work('FeCl3.6H2O', { do: 'boil', vessel: 'A' }), 'Fe^2+')).toBe(0)
    expect(amount(work('CuCl2.2H2O', { do: 'boil', vessel: 'A' }), 'Cu^+')).toBe(0)
  })
  test('dilute nitric acid leaves copper and iodide alone for the minute of a test, the strong acid does not', () => {
    const dilute = work('KI', { do: 'add', to: 'A', reagent: 'HNO3 2 M', drops: 20 })
    expect(amount(dilute, 'I2')).toBe(0)
    const strong = work('KI', { do: 'add', to: 'A', reagent: 'HNO3 conc', mL: 2 })
    expect(amount(strong, 'I2')).toBeGreaterThan(1e-5)
  })
  test('no electron is lost or made, whatever is mixed', () => {
    const reagents = ['KI 0.1 M', 'FeCl3 0.1 M', 'CuSO4 0.1 M', 'HCl 2 M', 'NaOH 2 M', 'NH3 2 M', 'AgNO3 0.1 M']
    fc.assert(
      fc.property(
        fc.constantFrom(...SALTS.filter((s) => !('CO3^2-' in s.data.ions)).map((s) => s.id)),
        fc.array(fc.tuple(fc.constantFrom(...reagents), fc.integer({ min: 1, max: 12 })), { minLength: 1, maxLength: 4 }),
        (salt, additions) => {
          let bench = work(salt)
          for (const [reagent, drops] of additions) {
            const before = electrons(bench)
            const poured = reagent.startsWith('KI') ? drops * 0.05 * 1e-4 : 0
            bench = perform(bench, stepSchema.parse({ do: 'add', to: 'A', reagent, drops })).bench
            expect(Math.abs(electrons(bench) - before - poured)).toBeLessThan(1e-10)
          }
        },
      ),
      { numRuns: 60, seed: 11 },
    )
  })
})

describe('gas', () => {
  test('a carbonate in acid bubbles until it presses no more than the air', () => {
    const bench = newBench(openJar({ solids: [{ formula: 'CaCO3', mg: 500 }] }))
    const { event } = perform(
      perform(bench, stepSchema.parse({ do: 'take', into: 'A', mg: 50 })).bench,
      stepSchema.parse({ do: 'add', to: 'A', reagent: 'HCl 2 M', mL: 2 }),
    )
    const gone = event.escaped.find((e) => e.gas.id === 'CO2')?.mol ?? 0
    expect(gone).toBeGreaterThan(3.5e-4)
    expect(gone).toBeLessThan(5e-4)
    expect(event.after.headspace.get('CO2')).toBeCloseTo(gone, 9)
  })
  test('what was led into lime water is there, and no longer in the tube it came from', () => {
    let bench = newBench(openJar({ solids: [{ formula: 'NaHCO3', mg: 500 }] }))
    for (const s of [
      { do: 'take', into: 'A', mg: 20 },
      { do: 'add', to: 'A', reagent: 'HCl 2 M', mL: 1 },
      { do: 'add', to: 'L', reagent: 'lime water', mL: 2 },
      { do: 'bubble', from: 'A', through: 'L' },
    ] as const)
      bench = perform(bench, stepSchema.parse(s)).bench
    expect(bench.vessels.get('A')?.headspace.size).toBe(0)
    expect(bench.vessels.get('L')?.contents?.solids.map((s) => s.solid.id)).toEqual(['CaCO3'])
  })
})

describe('parting solid and liquid', () => {
  test('centrifuging leaves the solid where it is and conserves everything', () => {
    const before = work('BaCl2.2H2O', { do: 'add', to: 'A', reagent: 'H2SO4 1 M', drops: 5 })
    const after = perform(before, stepSchema.parse({ do: 'centrifuge', vessel: 'A', liquidInto: 'B' })).bench
    const [solid, liquid] = [after.vessels.get('A'), after.vessels.get('B')]
    expect(solid?.contents?.solids.map((s) => s.solid.id)).toEqual(['BaSO4'])
    expect(liquid?.contents?.solids.filter((s) => s.mg > 1e-3)).toEqual([])
    before.vessels.get('A')?.totals.forEach((t, j) => expect((solid?.totals[j] ?? 0) + (liquid?.totals[j] ?? 0)).toBeCloseTo(t, 12))
  })
  test('washing takes the mother liquor away', () => {
    const made = work('BaCl2.2H2O', { do: 'add', to: 'A', reagent: 'H2SO4 1 M', drops: 5 }, { do: 'centrifuge', vessel: 'A', liquidInto: 'B' })
    const chloride = (bench: Bench): number => bench.vessels.get('A')?.totals[at('Cl^-')] ?? NaN
    expect(chloride(perform(made, stepSchema.parse({ do: 'wash', vessel: 'A', mL: 2 })).bench)).toBeLessThan(0.1 * chloride(made))
  })
  test('a soda extract holds the anion and leaves the heavy cation behind', () => {
    let bench = newBench(openJar({ solids: [{ formula: 'PbCl2', mg: 500 }] }))
    bench = perform(bench, stepSchema.parse({ do: 'soda-extract', into: 'SE', mg: 100 })).bench
    expect(bench.vessels.get('SE')?.totals[at('Cl^-')]).toBeGreaterThan(5e-4)
    expect(bench.vessels.get('SE')?.totals[at('Pb^2+')]).toBeLessThan(2e-5)
    expect(bench.vessels.get('SE-residue')?.totals[at('Pb^2+')]).toBeGreaterThan(3e-4)
  })
  test('boiling down keeps the salt and loses the water', () => {
    const bench = work('NaCl', { do: 'concentrate', vessel: 'A', toFraction: 0.25 })
    expect(bench.vessels.get('A')?.volume_mL).toBeCloseTo(0.25, 2)
    expect(amount(bench, 'Na^+')).toBeCloseTo(0.02 / 58.44, 7)
  })
})
