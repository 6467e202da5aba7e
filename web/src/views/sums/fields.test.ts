import { describe, expect, test } from '@jest/globals'
import { doSum, SUMS } from '../../../../core'
import { FORMS, inputOf, startOf, wordsOfField } from './fields'

describe('the forms of the sums', () => {
  test.each(SUMS.map((s) => [s.id] as const))('%s: what stands there at first works, and fills in nothing the sum does not know', (id) => {
    const fields = FORMS[id] ?? []
    expect(fields.length).toBeGreaterThan(0)
    const read = inputOf(fields, startOf(fields))
    expect(read).toHaveProperty('input')
    if (!('input' in read)) return
    expect(() => doSum(id, id === 'drops' ? { drops: 20 } : read.input)).not.toThrow()
  })
  test('lines are read as people write them; one that cannot be is said as it stands', () => {
    const tube = FORMS['neutralise'] ?? []
    const filled = { ...startOf(tube), contents: 'HCl conc, 3 drops\nwater 1 mL', readings: '8 red\n11: blue' }
    expect(inputOf(tube, filled)).toMatchObject({
      input: {
        contents: [
          { reagent: 'HCl conc', drops: 3 },
          { reagent: 'water', mL: 1 },
        ],
        readings: [
          { drops: 8, litmus: 'red' },
          { drops: 11, litmus: 'blue' },
        ],
      },
    })
    expect(inputOf(tube, { ...filled, readings: 'eight' })).toMatchObject({ path: 'readings', expected: expect.stringContaining('eight') })
    expect(inputOf(FORMS['drops'] ?? [], { drops: 'many' })).toMatchObject({ path: 'drops' })
    expect(inputOf(FORMS['drops'] ?? [], { drops: '1,5' })).toMatchObject({ input: { drops: 1.5 } })
  })
  test('a field is called by its words and its unit', () => {
    expect(['sodium_mg', 'left_M', 'molarMass_g_per_mol', 'stopBefore', 'expected_drops'].map(wordsOfField)).toEqual([
      'sodium, mg',
      'left, mol/L',
      'molar mass, g/mol',
      'stop before',
      'expected, drops',
    ])
  })
})
