import { describe, expect, test } from '@jest/globals'
import { TESTS } from '../../catalogue'
import { findSalt, SALTS, SOURCES } from '../../species'
import { Simulations } from '../simulation/simulations'
import { mergePacks, modelId, packPercepts, stepsOfTest } from '../simulation/percept-pack'
import { commonestAt, constantsOf, ionInTests, outcomesOfTest, REFERENCE_IONS, takeForReference } from './pages'
import { builtPercepts } from '../../../script/trials/percepts'

takeForReference(builtPercepts())

describe('the reference, computed', () => {
  test('every ion has a page with a test that shows it, and constants with sources', () => {
    for (const ion of REFERENCE_IONS) {
      expect(ionInTests(ion)?.tests.length).toBeGreaterThan(0)
      for (const c of constantsOf(ion)) expect(Object.keys(SOURCES)).toContain(c.source)
    }
  })
  test('the outcomes of a test share the bench salts out, each to one', () => {
    const outcomes = outcomesOfTest('potassium-iodide-to-excess')
    expect(outcomes.flatMap((o) => o.salts).sort()).toEqual(SALTS.map((s) => s.id).sort())
    const lead = outcomes.find((o) => o.salts.includes('Pb(NO3)2'))
    expect(lead?.looks[0]?.look.precipitate?.colour.family).toBe('yellow')
    expect(lead?.equations).toContain('Pb^2+ + 2 I^- -> PbI2')
  })
})

describe('percepts worked out ahead', () => {
  test('are those that are worked out on the spot', () => {
    const some = ['CuSO4.5H2O', 'Pb(NO3)2', 'CaCO3', 'KI'].flatMap((id) => findSalt(id) ?? [])
    const pack = packPercepts(500, some)
    expect(pack.model).toBe(modelId('salts'))
    const ahead = new Simulations(500)
    ahead.use(pack)
    const fresh = new Simulations(500)
    for (const salt of some) {
      for (const t of TESTS)
        for (const step of stepsOfTest(t.id)) {
          if (step.index < 0) continue
          const [a, b] = [ahead.expect(salt, step.recipe), fresh.expect(salt, step.recipe)]
          expect([a?.percept.solution, a?.percept.deposit, a?.percept.gases, a?.percept.papers, a?.before?.deposit]).toEqual([
            b?.percept.solution,
            b?.percept.deposit,
            b?.percept.gases,
            b?.percept.papers,
            b?.before?.deposit,
          ])
        }
    }
  })
  test('in shares, put together, are those worked out at once', () => {
    const some = ['NaCl', 'KCl', 'CuO', 'NaNO3'].flatMap((id) => findSalt(id) ?? [])
    const whole = packPercepts(500, some)
    const merged = mergePacks([packPercepts(500, some.slice(0, 2)), packPercepts(500, some.slice(2))])
    expect(merged).toEqual(whole)
    expect(() => mergePacks([])).toThrow(RangeError)
    expect(() => mergePacks([whole, { ...whole, sample_mg: 300 }])).toThrow(RangeError)
  })
  test('of another sample mass are left alone', () => {
    const other = new Simulations(300)
    other.use({ model: modelId('salts'), sample_mg: 500, recipes: [], percepts: [], table: {} })
    const salt = findSalt('NaCl')
    const step = stepsOfTest('appearance').at(-1)
    expect(salt && step && other.expect(salt, step.recipe)?.percept.appearance?.form).toBe('crystals')
  })
})

describe('what is written most often', () => {
  test.each(
    TESTS.filter((t) => t.stage === 'anion tests')
      .slice(0, 6)
      .map((t) => [t.id, t] as const),
  )('%s', (id, one) => {
    one.steps.forEach((step, k) => {
      if (step.for === undefined) return
      const common = commonestAt(id, k, 6)
      expect(common.length).toBeGreaterThan(0)
      expect(common.map((c) => c.salts)).toEqual(common.map((c) => c.salts).sort((a, b) => b - a))
      for (const { observations } of common) for (const o of observations) expect(o.step).toBe(k)
    })
  })
})
