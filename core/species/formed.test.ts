import { describe, expect, test } from '@jest/globals'
import { parseFormula } from './formula'
import { findSalt, FORMED_SALTS, isListed } from './formed'
import { SALTS } from './registry'

describe('salts that two ions form', () => {
  test('are as many as their ions allow, each once, and none of the bench', () => {
    expect(FORMED_SALTS.length).toBeGreaterThan(500)
    expect(new Set(FORMED_SALTS.map((s) => s.id)).size).toBe(FORMED_SALTS.length)
    expect(FORMED_SALTS.filter(isListed)).toEqual([])
    expect(SALTS.every(isListed)).toBe(true)
  })
  test('hold the atoms of their ions, water and the hydrogen of hydroxide apart, and no charge', () => {
    for (const { id, formula, data } of FORMED_SALTS) {
      expect(formula.charge).toBe(0)
      const sum: Record<string, number> = {}
      for (const [ion, n] of Object.entries(data.ions))
        for (const [atom, m] of Object.entries(parseFormula(ion).atoms)) sum[atom] = (sum[atom] ?? 0) + n * m
      for (const atom of new Set([...Object.keys(sum), ...Object.keys(formula.atoms)])) {
        if (atom === 'H' || atom === 'O') continue
        expect([id, atom, formula.atoms[atom]]).toEqual([id, atom, sum[atom]])
      }
      const charge = Object.entries(data.ions).reduce((all, [ion, n]) => all + n * parseFormula(ion).charge, 0)
      expect([id, charge]).toEqual([id, 0])
    }
  })
  test.each([
    ['SrBr2', 'strontium bromide', 'white'],
    ['K3PO4', 'potassium phosphate', 'colourless'],
    ['CaS', 'calcium sulfide', 'colourless'],
    ['Ag3PO4', 'silver phosphate', 'yellow'],
    ['NH4MnO4', 'ammonium permanganate', 'dark violet'],
    ['Ni(SCN)2', 'nickel thiocyanate', 'green'],
  ])('%s is %s, %s', (formula, name, colour) => {
    expect([findSalt(formula)?.data.name, findSalt(formula)?.data.colour.words]).toEqual([name, colour])
  })
  test('are found however they are written, with water too; what two ions do not form is not', () => {
    expect(findSalt('Sr(Br)2')?.id).toBe('SrBr2')
    expect(findSalt('SrBr2·6H2O')?.data.water).toBe(6)
    expect(findSalt('UO2Cl2')).toBeUndefined()
    expect(() => findSalt('Sr(Br2')).toThrow()
  })
})
