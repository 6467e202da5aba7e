import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { COMPONENTS } from '../species'
import { celsius } from '../units'
import { davies } from './activity'
import { chemistryOf, type Chemistry } from './chemistry'
import { newState, solveSystem, stateFrom, type State } from './solver'
import { buildSystem } from './system'

interface Solved {
  readonly chemistry: Chemistry
  readonly state: State
  readonly pH: number
  readonly totals: Float64Array
  concentration: (species: string) => number
  solid: (id: string) => number
}

/** Solves one litre of given totals, mol, all solids allowed unless named. */
function solve(given: Readonly<Record<string, number>>, temperature = 25, without: readonly string[] = [], warm?: State): Solved {
  const chemistry = chemistryOf(
    Object.keys(given).map((c) => COMPONENTS.indexOf(c)),
    celsius(temperature),
  )
  const totals = Float64Array.from(chemistry.components, (g) => given[COMPONENTS[g] ?? ''] ?? 0)
  const state = warm ?? newState(chemistry.system)
  const allowed = Uint8Array.from(chemistry.solids, (s) => (without.includes(s.id) ? 0 : 1))
  solveSystem(chemistry.system, { totals, volume_L: 1, gasSpace: 0, allowed }, state)
  return {
    chemistry,
    state,
    totals,
    pH: -(state.lambda[0] ?? 0) / Math.LN10,
    concentration: (species) => state.amounts[chemistry.aqueous.findIndex((s) => s.id === species)] ?? 0,
    solid: (id) => state.phases[chemistry.solids.findIndex((s) => s.id === id)] ?? 0,
  }
}

/** Largest relative error of any component's balance. */
function worstBalance({ chemistry, state, totals }: Solved): number {
  const held = new Float64Array(totals.length)
  const size = new Float64Array(totals.length)
  const add = (terms: readonly (readonly [number, number])[], amount: number): void => {
    for (const [component, n] of terms) {
      const j = chemistry.local[component] ?? 0
      held[j] = (held[j] ?? 0) + n * amount
      size[j] = (size[j] ?? 0) + Math.abs(n * amount)
    }
  }
  chemistry.aqueous.forEach((s, i) => add(s.terms, state.amounts[i] ?? 0))
  chemistry.solids.forEach((s, p) => add(s.terms, state.phases[p] ?? 0))
  return Math.max(...held.map((h, j) => Math.abs(h - (totals[j] ?? 0)) / Math.max(size[j] ?? 0, Math.abs(totals[j] ?? 0))))
}

const saturation = ({ chemistry, state }: Solved, p: number): number => {
  const solid = chemistry.solids[p]
  const lnK = chemistry.system.phaseLnK[p] ?? 0
  return (solid?.terms ?? []).reduce((sum, [c, n]) => sum + n * (state.lambda[chemistry.local[c] ?? 0] ?? 0), lnK)
}

describe('tubes with an answer in the textbook', () => {
  test('pure water is neutral', () => {
    expect(solve({ 'H^+': 0 }).pH).toBeCloseTo(7.0, 2)
  })
  test('0.1 M hydrochloric acid: pH 1.1 with activities (Kolthoff)', () => {
    expect(solve({ 'H^+': 0.1, 'Cl^-': 0.1 }).pH).toBeCloseTo(1.1, 1)
  })
  test('0.1 M ammonia: pH 11.1 (Vogel)', () => {
    expect(solve({ 'H^+': -0.1, 'NH4^+': 0.1 }).pH).toBeCloseTo(11.12, 1)
  })
  test('silver chloride in water: 1.3e-5 mol/L (CRC: 1.9 mg/L)', () => {
    const tube = solve({ 'Ag^+': 0.01, 'Cl^-': 0.01 })
    const dissolved = 0.01 - tube.solid('AgCl')
    expect(dissolved * 143.3 * 1000).toBeGreaterThan(1.5)
    expect(dissolved * 143.3 * 1000).toBeLessThan(2.4)
  })
  test('barium sulfate in water: 2.4 mg/L (CRC)', () => {
    const tube = solve({ 'Ba^2+': 0.01, 'SO4^2-': 0.01 })
    expect((0.01 - tube.solid('BaSO4')) * 233.4 * 1000).toBeCloseTo(2.9, 0)
  })
  test('silver sulfate in water: 8 g/L (CRC)', () => {
    const tube = solve({ 'Ag^+': 0.2, 'SO4^2-': 0.1 })
    const grams = (0.1 - tube.solid('Ag2SO4')) * 311.8
    expect(grams).toBeGreaterThan(6.5)
    expect(grams).toBeLessThan(9.5)
  })
  test('of two forms of the same solid only the less soluble is there; the other, when it alone may form', () => {
    const base = { 'Cu^2+': 0.1, 'SO4^2-': 0.1, 'Na^+': 0.5, 'H^+': -0.5 }
    const both = solve(base)
    expect(both.solid('CuO')).toBeCloseTo(0.1, 3)
    expect(both.solid('Cu(OH)2')).toBe(0)
    expect(solve(base, 25, ['CuO']).solid('Cu(OH)2')).toBeGreaterThan(0.099)
  })
  test('warm water ionises more: pKw 13.0 at 60 °C (CRC)', () => {
    expect(solve({ 'H^+': 0 }, 60).pH).toBeCloseTo(6.51, 1)
  })
})

describe('properties of any tube', () => {
  const amount = fc.double({ min: -7, max: 1, noNaN: true }).map((x) => 10 ** x)
  const tube = fc.record({
    held: fc.array(fc.record({ component: fc.integer({ min: 1, max: COMPONENTS.length - 1 }), amount }), { minLength: 1, maxLength: 11 }),
    hydrogen: fc.tuple(fc.boolean(), amount).map(([basic, x]) => (basic ? -x : x)),
    temperature: fc.constantFrom(0, 25, 60, 100),
  })
  const totalsOf = (t: { held: readonly { component: number; amount: number }[]; hydrogen: number }): Record<string, number> => ({
    'H^+': t.hydrogen,
    ...Object.fromEntries(t.held.map(({ component, amount: n }) => [COMPONENTS[component] ?? '', n])),
  })

  test('atoms and charge are conserved, nothing is negative, nothing is supersaturated', () => {
    fc.assert(
      fc.property(tube, (t) => {
        const solved = solve(totalsOf(t), t.temperature)
        expect(worstBalance(solved)).toBeLessThan(1e-9)
        expect(Math.min(...solved.state.amounts)).toBeGreaterThanOrEqual(0)
        solved.chemistry.solids.forEach((_, p) => {
          expect(solved.state.phases[p]).toBeGreaterThanOrEqual(0)
          expect(saturation(solved, p)).toBeLessThan(1e-7)
        })
      }),
      { numRuns: 1500, seed: 7 },
    )
  })

  test('the way to a composition leaves no mark: starting warm from another tube gives the same answer', () => {
    fc.assert(
      fc.property(tube, fc.double({ min: 0.01, max: 100, noNaN: true }), (t, factor) => {
        const totals = totalsOf(t)
        const cold = solve(totals, t.temperature)
        const other = solve({ ...totals, 'H^+': (totals['H^+'] ?? 0) * factor }, t.temperature)
        // Balances are closed to a part in 10¹¹ of what there is: what a nearly insoluble solid leaves dissolved is known no better.
        const largest = Math.max(...Object.values(totals).map(Math.abs))
        const warm = solve(totals, t.temperature, [], other.state)
        cold.state.amounts.forEach((n, i) => expect(Math.abs((warm.state.amounts[i] ?? 0) - n)).toBeLessThan(1e-6 * n + 1e-10 * largest))
      }),
      { numRuns: 400, seed: 8 },
    )
  })

  test('a state that holds already is found to hold without a step, and kept to the last figure', () => {
    fc.assert(
      fc.property(tube, (t) => {
        const { chemistry, state } = solve(totalsOf(t), t.temperature)
        const again = solve(totalsOf(t), t.temperature, [], stateFrom(state))
        expect(again.state.lambda).toEqual(state.lambda)
        expect(again.state.phases).toEqual(state.phases)
        expect([chemistry === again.chemistry, again.state.iterations]).toEqual([true, 1])
      }),
      { numRuns: 200, seed: 9 },
    )
  })

  test('what was solved before leaves no mark: the same to the last figure after other systems, larger and smaller', () => {
    fc.assert(
      fc.property(tube, tube, (t, other) => {
        const first = solve(totalsOf(t), t.temperature).state
        solve(totalsOf(other), other.temperature)
        expect(solve(totalsOf(t), t.temperature).state).toEqual(first)
      }),
      { numRuns: 200, seed: 10 },
    )
  })

  test('a solid that may no longer form is not kept because the state held with it', () => {
    const { state } = solve({ 'H^+': 0, 'Ba^2+': 0.01, 'SO4^2-': 0.01, 'Na^+': 0.02, 'Cl^-': 0.02 })
    const without = solve({ 'H^+': 0, 'Ba^2+': 0.01, 'SO4^2-': 0.01, 'Na^+': 0.02, 'Cl^-': 0.02 }, 25, ['BaSO4'], stateFrom(state))
    expect(without.solid('BaSO4')).toBe(0)
    expect(without.concentration('Ba^2+')).toBeGreaterThan(1e-3)
  })
})

describe('gas space', () => {
  test('ammonia shares itself between liquid and gas by its Henry constant', () => {
    const chemistry = chemistryOf([COMPONENTS.indexOf('NH4^+')], celsius(25))
    const totals = Float64Array.from(chemistry.components, (g) => (COMPONENTS[g] === 'NH4^+' ? 1e-4 : -1e-4))
    const state = newState(chemistry.system)
    const gasSpace = 0.1 / (0.082057 * 298.15)
    solveSystem(chemistry.system, { totals, volume_L: 1e-3, gasSpace }, state)
    const dissolved = state.amounts[chemistry.aqueous.findIndex((s) => s.id === 'NH3')] ?? 0
    const gas = (state.amounts[chemistry.aqueous.length] ?? 0) * 1e-3
    expect(gas / gasSpace / dissolved).toBeCloseTo(10 ** -1.77, 3)
  })
})

describe('what cannot be', () => {
  const chemistry = chemistryOf([COMPONENTS.indexOf('Na^+')], celsius(25))
  test.each([
    ['a negative total', [0, -0.1], 1],
    ['no volume', [0, 0.1], 0],
    ['not a number', [0, NaN], 1],
  ])('%s is refused', (_, totals, volume_L) => {
    const state = newState(chemistry.system)
    expect(() => solveSystem(chemistry.system, { totals: Float64Array.from(totals), volume_L, gasSpace: 0 }, state)).toThrow(RangeError)
  })
  test('a component with no species of its own is refused when the system is built', () => {
    expect(() => buildSystem(2, [{ terms: [[0, 1]], lnK: 0, charge: 1, place: 0 }], [], 25)).toThrow(/component 1/)
  })
})

describe('the solver by itself', () => {
  test('linearly dependent solids: A, B and AB with room for two; the least soluble pair is left', () => {
    const row = (terms: [number, number][], lnK: number) => ({ terms, lnK })
    const system = buildSystem(
      2,
      [
        { terms: [[0, 1]], lnK: 0, charge: 0, place: 0 },
        { terms: [[1, 1]], lnK: 0, charge: 0, place: 0 },
      ],
      [
        row([[0, 1]], 3),
        row([[1, 1]], 3),
        row(
          [
            [0, 1],
            [1, 1],
          ],
          7,
        ),
      ],
      25,
    )
    const state = newState(system)
    solveSystem(system, { totals: Float64Array.of(1, 2), volume_L: 1, gasSpace: 0 }, state)
    // A·B is more stable than A + B, so A is used up in AB and the rest of B stands beside it.
    expect(state.phases[0]).toBe(0)
    expect(state.phases[2]).toBeGreaterThan(0.9)
    expect(state.phases[1]).toBeGreaterThan(0.9)
  })

  test('Davies: log γ of a singly charged ion at 0.1 M is −0.107 (Davies 1962)', () => {
    expect(-0.509 * davies(0.1)).toBeCloseTo(-0.107, 2)
  })
})
