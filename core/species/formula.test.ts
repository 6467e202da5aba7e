import { describe, expect, test } from '@jest/globals'
import { FormulaError, molarMass, parseFormula } from './formula'

describe('formulae as people write them', () => {
  test.each([
    ['KAl(SO4)2.12H2O', { K: 1, Al: 1, S: 2, O: 20, H: 24 }, 0],
    ['CuSO4·5H2O', { Cu: 1, S: 1, O: 9, H: 10 }, 0],
    ['SO4^2-', { S: 1, O: 4 }, -2],
    ['SO42-', { S: 1, O: 4 }, -2],
    ['SO₄²⁻', { S: 1, O: 4 }, -2],
    ['Cu2+', { Cu: 1 }, 2],
    ['NH4+', { N: 1, H: 4 }, 1],
    ['Hg2^2+', { Hg: 2 }, 2],
    ['Fe(CN)6^4-', { Fe: 1, C: 6, N: 6 }, -4],
    ['NO3-', { N: 1, O: 3 }, -1],
    ['Ag(NH3)2^+', { Ag: 1, N: 2, H: 6 }, 1],
    ['[Cu(NH3)4]^2+', { Cu: 1, N: 4, H: 12 }, 2],
  ])('%s', (text, atoms, charge) => {
    const formula = parseFormula(text)
    expect(formula.atoms).toEqual(atoms)
    expect(formula.charge).toBe(charge)
  })

  test.each(['', 'Xx2', 'Cu(OH', 'CuSO4.', 'hello', '2'])('“%s” is refused with its text', (text) => {
    expect(() => parseFormula(text)).toThrow(FormulaError)
  })

  test('read again it is the same; what is none is none each time', () => {
    expect(parseFormula('KAl(SO4)2.12H2O')).toBe(parseFormula('KAl(SO4)2.12H2O'))
    for (let n = 0; n < 2; n++) expect(() => parseFormula('Xy3')).toThrow(/Xy3/)
  })
  test('molar mass of alum is that of the tables (474.39 g/mol for the potassium salt, CRC)', () => {
    expect(molarMass(parseFormula('KAl(SO4)2.12H2O'))).toBeCloseTo(474.38, 1)
  })
})
