import { describe, expect, test } from '@jest/globals'
import { Runner, type Percept } from './index'
import { COMPONENT_INDEX } from '../species'
import { newBench, openJar, perform, stepSchema, type Bench } from '../tube'

/** Works steps in tube A on 1 mL of a solution of ions, mmol/mL. */
function worked(ions: Record<string, number>, ...steps: Record<string, unknown>[]): Bench {
  let bench = newBench(openJar({ solution: { ions, mL: 20 } }))
  for (const raw of [{ do: 'take', into: 'A', mL: 1 }, ...steps])
    bench = perform(bench, stepSchema.parse({ to: 'A', vessel: 'A', through: 'A', ...raw })).bench
  return bench
}
const held = (bench: Bench, ion: string, vessel = 'A'): number => bench.vessels.get(vessel)?.totals[COMPONENT_INDEX.get(ion) ?? -1] ?? 0
const strength = (bench: Bench, ion: string): number => (1000 * held(bench, ion)) / (bench.vessels.get('A')?.volume_mL ?? 1)
const seen = (ions: Record<string, number>, ...steps: Record<string, unknown>[]): Percept => {
  const runner = new Runner({ solution: { ions, mL: 20 } })
  const percepts = [{ do: 'take', into: 'A', mL: 1 }, ...steps, { do: 'look', at: 'A' }].map((raw) =>
    runner.step(stepSchema.parse({ to: 'A', vessel: 'A', through: 'A', ...raw })),
  )
  return percepts.at(-1) as Percept
}

describe('acids that distil', () => {
  test('hydrochloric acid boiled down ends near its constant-boiling strength (CRC: 6.1 M)', () => {
    const bench = worked({ 'K^+': 0.01, 'Cl^-': 0.01 }, { do: 'add', reagent: 'HCl conc', mL: 3 }, { do: 'concentrate', toFraction: 0.4 })
    expect(strength(bench, 'Cl^-')).toBeGreaterThan(5.5)
    expect(strength(bench, 'Cl^-')).toBeLessThan(6.6)
  })
  test('dilute acid loses water, not acid', () => {
    const before = worked({ 'H^+': 0.3, 'Cl^-': 0.3 })
    const after = worked({ 'H^+': 0.3, 'Cl^-': 0.3 }, { do: 'concentrate', toFraction: 0.5 })
    expect(held(after, 'Cl^-')).toBeGreaterThan(0.99 * held(before, 'Cl^-'))
    expect(after.vessels.get('A')?.volume_mL).toBeCloseTo(0.5, 2)
  })
  test('sulfuric acid fumed down drives nitric acid out, and lead sulfate comes down', () => {
    const fumed = [
      { do: 'add', reagent: 'HNO3 4 M', mL: 1 },
      { do: 'add', reagent: 'H2SO4 conc', drops: 3 },
      { do: 'concentrate', toFraction: 0.15 },
    ]
    expect(held(worked({ 'Pb^2+': 0.02, 'NO3^-': 0.04 }, ...fumed), 'NO3^-')).toBeLessThan(1e-5)
    expect(
      seen({ 'Pb^2+': 0.02, 'NO3^-': 0.04 }, ...fumed, { do: 'cool', to: 'room' }, { do: 'add', reagent: 'water', mL: 1 }).precipitates.map(
        (p) => p.species,
      ),
    ).toContain('PbSO4')
  })
})

describe('ignition', () => {
  test.each([
    ['chloride', { 'NH4^+': 0.2, 'K^+': 0.05, 'Cl^-': 0.25 }],
    ['nitrate', { 'NH4^+': 0.2, 'K^+': 0.05, 'NO3^-': 0.25 }],
    ['phosphate', { 'NH4^+': 0.2, 'Na^+': 0.1, 'PO4^3-': 0.1 }],
  ])('drives ammonium off its %s and leaves the fixed alkali', (_, ions) => {
    const bench = worked(ions, { do: 'ignite' })
    expect(held(bench, 'NH4^+')).toBe(0)
    expect(held(bench, 'K^+') + held(bench, 'Na^+')).toBeGreaterThan(4e-5)
  })
  test('free ammonia and carbonate leave before chloride, so that magnesium stays soluble', () => {
    const percept = seen(
      { 'Mg^2+': 0.02, 'Cl^-': 0.04 },
      { do: 'add', reagent: 'ammonium chloride', drops: 5 },
      { do: 'add', reagent: 'NH3 2 M', drops: 6 },
      { do: 'add', reagent: '(NH4)2CO3 1 M', drops: 4 },
      { do: 'ignite' },
      { do: 'add', reagent: 'water', mL: 1 },
    )
    expect(percept.precipitates).toEqual([])
    expect(percept.pH ?? 0).toBeLessThan(9)
  })
})

describe('thioacetamide', () => {
  const cadmium = { 'Cd^2+': 0.03, 'H^+': 0.3, 'NO3^-': 0.36 }
  test('gives its sulfide when boiled, hardly in the cold (Swift and Butler)', () => {
    const poured = { do: 'add', reagent: 'thioacetamide', drops: 10 }
    expect(['trace', 'slight', undefined]).toContain(seen(cadmium, poured, { do: 'stand', minutes: 5 }).deposit?.amount)
    const boiled = seen(cadmium, poured, { do: 'boil', minutes: 5 })
    expect(boiled.precipitates.map((p) => p.species)).toContain('CdS')
    expect(['moderate', 'heavy']).toContain(boiled.deposit?.amount)
  })
})

describe('procedures the equilibrium once did not end on', () => {
  test('sulfide used up by three metals while peroxide takes it away', () => {
    const percept = seen(
      { 'H^+': 0.3, 'Hg2^2+': 0.037, 'Al^3+': 0.043, 'Ba^2+': 0.045, 'K^+': 0.067, 'Cd^2+': 0.03, 'Cu^2+': 0.044, 'NO3^-': 0.808 },
      { do: 'add', reagent: '(NH4)2S 1 M', drops: 8 },
      { do: 'add', reagent: 'H2O2 3 %', drops: 18 },
    )
    expect(percept.deposit).not.toBeNull()
  })
  test('mercury and arsenic sulfides boiled in nitric acid', () => {
    const percept = seen(
      { 'H^+': 0.3, 'Ca^2+': 0.037, 'Ni^2+': 0.029, 'Fe^3+': 0.049, 'K^+': 0.054, H3AsO3: 0.041, 'Hg^2+': 0.044, 'NO3^-': 0.721 },
      { do: 'pass', gas: 'H2S', minutes: 4 },
      { do: 'add', reagent: 'HNO3 4 M', mL: 1 },
      { do: 'boil', minutes: 3 },
    )
    expect(percept.precipitates.map((p) => p.species)).toContain('HgS')
  })
})

describe('cobalt(III)', () => {
  test('its hydroxide, once in acid, goes to cobalt(II): water itself gives way', () => {
    const percept = seen(
      { 'Co^2+': 0.05, 'NO3^-': 0.1 },
      { do: 'add', reagent: 'NaOH 2 M', drops: 6 },
      { do: 'add', reagent: 'H2O2 3 %', drops: 3 },
      { do: 'boil', minutes: 3 },
      { do: 'add', reagent: 'H2SO4 1 M', mL: 1 },
      { do: 'boil', minutes: 2 },
    )
    expect(percept.solution?.colour.family).toMatch(/pink|red|violet|orange|colourless/)
    expect(percept.precipitates).toEqual([])
  })
})
