import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TESTS } from '../catalogue'
import { doSum, planOf, stretchesOf, SUMS, SumError } from '.'

const sum = (id: string, input: object): Record<string, unknown> => doSum(id, input) as Record<string, unknown>

describe('every sum', () => {
  test('the names of the contract are there, each with a shape to be published and its working shown', () => {
    const names =
      'drops dilution solution-from-solid neutralise acidity-for-sulfide precipitation ion-product fusion sample-budget bench-time centrifuge detection-limit class-totals colour-difference melting-point boiling-point equation'
    expect([...SUMS.map((s) => s.id)].sort()).toEqual(names.split(' ').sort())
  })
  test('a name there is no sum of, and what cannot be, are said by their place', () => {
    expect(() => doSum('nothing', {})).toThrow(SumError)
    expect(() => sum('dilution', { stock: 'HCl 2 M', target_M: 3, volume_mL: 10 })).toThrow(/target_M/)
    expect(() => sum('equation', { takes: ['H2'], gives: ['O2'] })).toThrow(SumError)
    expect(() => sum('ion-product', { solid: 'AgCl', ions_M: { 'Ag^+': 1e-3 } })).toThrow(/ions_M\.Cl\^-/)
  })
})

// Worked by hand from the formulae of the handbooks named.
describe.each([
  ['drops', { drops: 30 }, { volume_mL: 1.5, drop_mL: 0.05 }],
  ['drops', { volume_mL: 2, dropsInOne_mL: 25 }, { drops: 50 }],
  ['dilution', { stock: 'HCl conc', target_M: 2, volume_mL: 250 }, { stock_mL: 41.7, stock_M: 12 }],
  ['dilution', { mass_percent: 96, density_g_per_mL: 1.84, formula: 'H2SO4', target_M: 1, volume_mL: 100 }, { stock_M: 18, stock_mL: 5.55 }],
  ['solution-from-solid', { formula: 'CuSO4.5H2O', target_M: 0.1, volume_mL: 250 }, { mass_g: 6.24 }],
  ['solution-from-solid', { formula: 'AgNO3', target_M: 0.1, volume_mL: 100, purity_percent: 50 }, { mass_g: 3.4 }],
  ['centrifuge', { speed_rpm: 3000, radius_mm: 90 }, { force_g: 906 }],
  // Vogel's example of the exposed stem: 0.000154 × 120 × (180 − 50).
  ['melting-point', { observed_C: 180, exposed_C: 120, stem_C: 50 }, { corrected_C: 182.4 }],
  ['boiling-point', { observed_C: 78.0, pressure_hPa: 987, associated: true }, { normal_C: 78.69 }],
  ['equation', { takes: ['MnO4^-', 'C2O4^2-', 'H^+'], gives: ['Mn^2+', 'CO2', 'H2O'] }, { takes: [2, 5, 16], gives: [2, 10, 8] }],
  ['equation', { takes: ['Cr2O7^2-', 'Fe^2+', 'H^+'], gives: ['Cr^3+', 'Fe^3+', 'H2O'] }, { takes: [1, 6, 14], gives: [2, 6, 7] }],
  ['ion-product', { solid: 'AgCl', ions_M: { 'Ag^+': 0.001, 'Cl^-': 0.001 } }, { comesDown: true, ionProduct: 1e-6 }],
  ['ion-product', { solid: 'PbCl2', ions_M: { 'Pb^2+': 0.001, 'Cl^-': 0.01 } }, { comesDown: false }],
  ['fusion', { compound_mg: 25, timed: { lost_mL: 1, minutes: 2 } }, { sodium_mg: 100, target_mL: 3.3, boilDown_min: 13, portions: 3 }],
  ['colour-difference', { first: '#c8262a', second: '#1f7a3d' }, { toldApart: 'yes' }],
] as const)('%s %j', (id, input, expected) => {
  test('comes out as worked by hand', () => {
    expect(sum(id, input)).toMatchObject(expected)
    expect((sum(id, input)['working'] as string[]).length).toBeGreaterThan(0)
  })
})

describe('sums that ask the model', () => {
  const tube = { contents: [{ reagent: 'HCl 2 M', mL: 1 }], with: 'NaOH 2 M', towards: 'just-basic' }
  test('a millilitre of 2 M acid takes twenty drops of 2 M alkali, about; near the end single drops', () => {
    const first = sum('neutralise', tube)
    expect(first['expected_drops']).toBeGreaterThanOrEqual(20)
    expect(first['expected_drops']).toBeLessThanOrEqual(22)
    expect(first['nextDose_drops']).toBeGreaterThan(8)
    const curve = first['curve'] as { drops: number; pH: number }[]
    for (const [k, point] of curve.entries()) if (k > 0) expect(point.pH).toBeGreaterThanOrEqual((curve[k - 1]?.pH ?? 0) - 1e-6)
    const near = sum('neutralise', { ...tube, readings: [{ drops: 19, litmus: 'red' }] })
    expect(near['nextDose_drops']).toBe(1)
    expect(
      sum('neutralise', {
        ...tube,
        readings: [
          { drops: 20, litmus: 'red' },
          { drops: 21, litmus: 'blue' },
        ],
      })['nextDose_drops'],
    ).toBe(0)
    expect(() =>
      sum('neutralise', {
        ...tube,
        readings: [
          { drops: 20, litmus: 'red' },
          { drops: 8, litmus: 'blue' },
        ],
      }),
    ).toThrow(/readings/)
  })
  test('too much acid keeps cadmium up, too little brings zinc down', () => {
    const outside = (acid_M: number): string[] =>
      (sum('acidity-for-sulfide', { acid_M, volume_mL: 2 })['outside'] as { ion: string }[]).map((o) => o.ion)
    expect(outside(2)).toContain('Cd^2+')
    expect(outside(0.01)).toContain('Zn^2+')
    expect(sum('acidity-for-sulfide', { acid_M: 0.3, volume_mL: 2 })).toMatchObject({ add_mL: 0, water_mL: 0, outside: [] })
  })
  test('barium is taken out by an equal amount of sulfate and a little more; a limit out of reach is refused', () => {
    const found = sum('precipitation', { ion: 'Ba^2+', ion_M: 0.05, volume_mL: 1, reagent: 'H2SO4 1 M', limit_M: 1e-5 })
    expect(found['drops']).toBeGreaterThanOrEqual(1)
    expect(found['drops']).toBeLessThanOrEqual(3)
    expect(() => sum('precipitation', { ion: 'Na^+', ion_M: 0.05, volume_mL: 1, reagent: 'H2SO4 1 M', limit_M: 1e-5 })).toThrow(/limit_M/)
  })
  test('chloride is seen with silver down to less than a hundredth of a millimole, and not at nothing', () => {
    const { limit_M } = sum('detection-limit', { ion: 'Cl^-', test: 'silver-nitrate' }) as { limit_M: number }
    expect(limit_M).toBeLessThan(1e-3)
    expect(limit_M).toBeGreaterThan(1e-6)
  })
})

describe('work laid out', () => {
  test('the budget counts the solid and its share of the solution, and stops before the reserve', () => {
    const budget = sum('sample-budget', {
      have_mg: 200,
      tests: ['solubility-in-water', 'silver-nitrate', 'concentrated-sulfuric-acid', 'heat-strongly'],
    })
    expect(budget['used_mg']).toBeGreaterThan(100)
    expect(budget['stopBefore']).not.toBe('solubility-in-water')
  })
  test('class totals give every reagent a label, a stream of waste and a bottle for every few places', () => {
    const { reagents } = sum('class-totals', { tests: ['silver-nitrate', 'barium-nitrate'], places: 16 }) as {
      reagents: { reagent: string; total_mL: number; bottles: number; waste: string }[]
    }
    const silver = reagents.find((r) => r.reagent.startsWith('AgNO3'))
    expect(silver).toMatchObject({ bottles: 4, waste: 'silver' })
    expect(silver?.total_mL).toBeCloseTo(5 * 0.05 * 16 * 1.25, 1)
  })
  test('waits overlap: never longer than one after another, never shorter than the hands or the longest test need, and no hand or burner does two things at once', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...TESTS), { minLength: 1, maxLength: 7, selector: (t) => t.id }),
        fc.integer({ min: 1, max: 2 }),
        fc.integer({ min: 1, max: 2 }),
        (tests, hands, burners) => {
          const plan = planOf(tests, { hands, burners })
          const all = tests.map(stretchesOf)
          const busy = (of: (s: ReturnType<typeof stretchesOf>[number]) => boolean): number =>
            all.flat().reduce((total, s) => total + (of(s) ? s.minutes : 0), 0)
          const near = 0.6
          expect(plan.finish_min).toBeLessThanOrEqual(plan.inTurn_min + near)
          expect(plan.finish_min).toBeGreaterThanOrEqual(busy((s) => s.hands) / hands - near)
          expect(plan.finish_min).toBeGreaterThanOrEqual(Math.max(...all.map((s) => s.reduce((total, x) => total + x.minutes, 0))) - near)
          for (const [what, most] of [
            ['hands', hands],
            ['burner', burners],
          ] as const)
            for (const at of plan.timeline.filter((t) => t.what === what)) {
              const middle = (at.from_min + at.to_min) / 2
              expect(
                plan.timeline.filter((t) => t.what === what && t.from_min < middle - 0.15 && t.to_min > middle + 0.15).length,
              ).toBeLessThanOrEqual(most)
            }
        },
      ),
      { numRuns: 60 },
    )
  })
  test('the longest wait is begun first', () => {
    const waiting = TESTS.find((t) => t.id === 'potassium-antimonate')
    const quick = TESTS.find((t) => t.id === 'silver-nitrate')
    if (!waiting || !quick) throw new Error('no such tests')
    expect(planOf([quick, waiting], { hands: 1, burners: 1 }).first).toBe(waiting.id)
  })
})
