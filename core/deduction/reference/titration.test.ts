import { describe, expect, test } from '@jest/globals'
import { fractionsOf, REFERENCE_REAGENTS, titration, USUAL_REAGENTS, withReagent } from './titration'
import { REFERENCE_IONS } from './pages'

describe('titrations of one ion', () => {
  test('zinc with alkali: the pH climbs with every drop, the hydroxide comes and goes (Vogel)', () => {
    const seen = titration('Zn^2+', 'NaOH 2 M')
    expect(seen).toHaveLength(31)
    for (let n = 2; n < seen.length; n++) expect(seen[n]?.pH ?? 0).toBeGreaterThanOrEqual((seen[n - 1]?.pH ?? 0) - 1e-6)
    expect(seen[2]?.solids).toEqual(['Zn(OH)2'])
    expect(seen.at(-1)?.solids).toEqual([])
  })
  test('copper with ammonia: first drops, excess and heat differ, each with its equation', () => {
    const row = withReagent('Cu^2+', 'NH3 2 M')
    expect(row?.first.look.precipitate?.colour.family).toBe('blue')
    expect(row?.excess.look.precipitate).toBeNull()
    expect(row?.excess.look.solution?.colour.family).toBe('blue')
    expect(row?.hot.solids).toEqual(['CuO'])
    expect(row?.first.equations).toContain('Cu^2+ + 2 NH3 + 2 H2O -> Cu(OH)2 + 2 NH4^+')
  })
  test('nothing is said to change where nothing is seen', () => {
    expect(withReagent('Na^+', 'HCl 2 M')?.changes).toBe(false)
    expect(withReagent('Ag^+', 'HCl 2 M')?.changes).toBe(true)
  })
  test('every ion there is a page for can be worked with every usual reagent', () => {
    for (const ion of REFERENCE_IONS) for (const reagent of USUAL_REAGENTS) expect(withReagent(ion, reagent)).not.toBeNull()
  })
  test('every bottle has a page', () => {
    expect(new Set(REFERENCE_REAGENTS.map((r) => r.id)).size).toBe(REFERENCE_REAGENTS.length)
    expect(REFERENCE_REAGENTS.length).toBeGreaterThan(70)
  })
})

describe('forms of an ion', () => {
  test.each(['Cu^2+', 'Zn^2+', 'Al^3+', 'Fe^3+', 'Pb^2+', 'PO4^3-'].filter((ion) => REFERENCE_IONS.includes(ion)))(
    '%s: the shares add up to the whole, at every pH',
    (ion) => {
      const { at, forms } = fractionsOf(ion, 'pH')
      at.forEach((_, k) => {
        const sum = forms.reduce((total, { share }) => total + (share[k] ?? 0), 0)
        expect(sum).toBeGreaterThan(0.95)
        expect(sum).toBeLessThan(1.001)
      })
    },
  )
  test('aluminium is free in acid, hydroxide near neutral, aluminate in alkali (Baes and Mesmer)', () => {
    const { at, forms } = fractionsOf('Al^3+', 'pH')
    const share = (form: string, pH: number): number => forms.find((f) => f.form === form)?.share[at.indexOf(pH)] ?? 0
    expect(share('Al^3+', 2)).toBeGreaterThan(0.9)
    expect(share('Al(OH)3', 7)).toBeGreaterThan(0.95)
    expect(share('Al(OH)4^-', 13)).toBeGreaterThan(0.95)
  })
  test('copper against ammonia ends as its tetraammine (Bjerrum)', () => {
    const { at, forms } = fractionsOf('Cu^2+', 'NH3')
    const last = (form: string): number => forms.find((f) => f.form === form)?.share.at(-1) ?? 0
    expect(at.at(-1)).toBeGreaterThan(0.5)
    expect(last('Cu(NH3)4^2+')).toBeGreaterThan(0.8)
  })
})
