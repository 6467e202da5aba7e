import { describe, expect, test } from '@jest/globals'
import { AQUEOUS, COMPONENTS, findIon, listedSalt, GASES, SALTS, SOLIDS, type Resolved } from './registry'
import { findReagent, REAGENTS, UnknownReagent } from './reagents'
import { parseFormula } from './formula'
import { SOURCES } from './sources'

/** Atoms and charge of a species less those of its components and water; empty when the reaction that forms it balances. */
function leftOver(species: Resolved): Record<string, number> {
  const sum: Record<string, number> = { ...species.formula.atoms, charge: species.formula.charge }
  const take = (formula: string, n: number): void => {
    const { atoms, charge } = parseFormula(formula)
    for (const [element, count] of Object.entries(atoms)) sum[element] = (sum[element] ?? 0) - n * count
    sum['charge'] = (sum['charge'] ?? 0) - n * charge
  }
  for (const [component, n] of species.terms) take(COMPONENTS[component] ?? '', n)
  take('H2O', species.water)
  return Object.fromEntries(Object.entries(sum).filter(([, n]) => n !== 0))
}

describe('every reaction that forms a species balances in atoms and charge', () => {
  test.each([...AQUEOUS, ...SOLIDS, ...GASES, ...SALTS].map((s) => [s.id, s] as const))('%s', (_, species) => {
    expect(leftOver(species)).toEqual({})
    expect(Number.isInteger(species.water)).toBe(true)
  })
})

describe('constants', () => {
  test('each carries a unit, a temperature and a source that is listed', () => {
    const constants = [...AQUEOUS.flatMap((s) => s.data.logK ?? []), ...SOLIDS.map((s) => s.data.logK), ...GASES.map((s) => s.data.logK)]
    expect(constants.length).toBeGreaterThan(30)
    for (const c of constants) {
      expect(SOURCES[c.source]).toBeDefined()
      expect(c.unit).not.toBe('')
      expect(c.temperature_C).toBe(25)
      expect(Number.isFinite(c.value)).toBe(true)
    }
  })

  test.each([
    ['copper(II) ammines', ['CuNH3^2+', 'Cu(NH3)2^2+', 'Cu(NH3)3^2+', 'Cu(NH3)4^2+']],
    ['aluminium hydroxo complexes', ['AlOH^2+', 'Al(OH)2^+', 'Al(OH)3', 'Al(OH)4^-']],
    ['silver chloro complexes', ['AgCl', 'AgCl2^-', 'AgCl3^2-']],
    ['copper(II) chloro complexes', ['CuCl^+', 'CuCl2', 'CuCl3^-', 'CuCl4^2-']],
  ])('stepwise constants of %s fall (in hydroxo complexes to within the spread of the third)', (_, ids) => {
    const ligand = ids[0]?.includes('NH3') ? -9.244 : ids[0]?.includes('OH') ? -13.995 : 0
    const cumulative = ids.map((id, n) => (AQUEOUS.find((s) => s.id === id)?.logK ?? NaN) - (n + 1) * ligand)
    const steps = cumulative.map((beta, n) => beta - (cumulative[n - 1] ?? 0))
    for (let n = 1; n < steps.length; n++) expect(steps[n]).toBeLessThan((steps[n - 1] ?? 0) + 1)
  })
})

describe('names', () => {
  test('a salt is found however its hydrate is written', () => {
    expect(listedSalt('CuSO4·5H2O')?.id).toBe('CuSO4.5H2O')
    expect(listedSalt('Na2SO4.10H2O')?.data.name).toBe('sodium sulfate decahydrate')
    expect(listedSalt('MgBr2')).toBeUndefined()
  })

  test('an ion is found in every accepted notation', () => {
    for (const text of ['SO4^2-', 'SO42-', 'SO₄²⁻']) expect(findIon(text)).toBe('SO4^2-')
  })

  test.each([
    ['NH3 2 M', 2],
    ['HCl conc', 12],
    ['HNO3 dil', 2],
    ['H2SO4 dil', 1],
    ['h2so4 conc', 18],
    ['silver nitrate', 0.1],
    ['Ammonia', 2],
    ['CuSO4 0.2 M', 0.2],
    ['caustic soda', 2],
    ['water', 0],
  ])('reagent “%s” is %d M', (text, molarity) => {
    expect(findReagent(text).molarity).toBe(molarity)
  })

  test('a per cent strength is grams in 100 mL', () => {
    expect(findReagent('AgNO3 5 %').molarity).toBeCloseTo(50 / 169.87, 3)
  })

  test.each(['unobtainium', 'AgNO3 conc', ''])('reagent “%s” is refused, saying what is kept', (text) => {
    expect(() => findReagent(text)).toThrow(UnknownReagent)
  })

  test('ids of reagents are unique and every one can be poured', () => {
    expect(new Set(REAGENTS.map((r) => r.id)).size).toBe(REAGENTS.length)
    for (const r of REAGENTS) {
      const charge = [...Object.entries(r.supplies), ...Object.entries(r.agents ?? {})].reduce(
        (sum, [formula, n]) => sum + n * parseFormula(formula).charge,
        0,
      )
      expect([r.id, Math.abs(charge) < 1e-9]).toEqual([r.id, true])
    }
    for (const r of REAGENTS) for (const s of r.strengths) expect(findReagent(`${r.formula} ${s.label}`.trim()).totals.length).toBe(COMPONENTS.length)
  })

  test('a litre of a strong reagent weighs what its density says (water and solute together)', () => {
    const acid = findReagent('HCl conc')
    expect(acid.water * 18.015 + 12 * 36.46).toBeCloseTo(1180, 0)
  })
})
