import { beforeAll, describe, expect, test } from '@jest/globals'
import { run } from '../perception'
import { COMBUSTION, imbalance } from '../reactions'
import { builtOrganicPercepts } from '../../script/trials/percepts'
import { takePercepts } from '.'
import { stepSchema } from '../tube'

// The structures of the library come with what was worked out ahead.
beforeAll(() => void takePercepts(builtOrganicPercepts()))

/** So much of a compound heated red with copper oxide, the gas led into lime water: what the hot tube and the lime water show. */
function heated(smiles: string, oxide_mg = 400) {
  const steps = [
    { do: 'take', from: 'sample', into: 'A', mg: 20 },
    ...(oxide_mg > 0 ? [{ do: 'add', to: 'A', reagent: 'copper(II) oxide', mg: oxide_mg }] : []),
    { do: 'ignite', vessel: 'A', heat: 'strongly' },
    { do: 'add', to: 'B', reagent: 'lime water', mL: 2 },
    { do: 'bubble', from: 'A', through: 'B' },
    { do: 'look', at: 'B' },
  ].map((step) => stepSchema.parse(step))
  const percepts = run({ organic: { smiles, mg: 500 } }, steps)
  return { tube: percepts[oxide_mg > 0 ? 2 : 1], limeWater: percepts.at(-1) }
}

describe('carbon and hydrogen by copper oxide', () => {
  test.each([
    ['glucose', 'OCC1OC(O)C(O)C(O)C1O'],
    ['benzoic acid', 'OC(=O)c1ccccc1'],
    ['naphthalene', 'c1ccc2ccccc2c1'],
  ])('%s turns lime water milky and dews the tube; copper is left', (_, smiles) => {
    const { tube, limeWater } = heated(smiles)
    expect(tube?.water).toBe(true)
    expect(tube?.residue?.species).toContain('Cu')
    expect(tube?.gases.map((g) => g.species)).toContain('CO2')
    expect(tube?.equations).toEqual(COMBUSTION.map((r) => expect.stringMatching(r.gives.some(([f]) => f === 'CO2') ? /CO2/ : /H2O/)))
    expect(limeWater?.deposit?.colour.family).toBe('white')
  })
  test('tetrachloromethane has no hydrogen', () => {
    const { tube, limeWater } = heated('ClC(Cl)(Cl)Cl')
    expect(tube?.water).toBe(false)
    expect(limeWater?.deposit?.colour.family).toBe('white')
  })
  test('with too little oxide it chars, and without any nothing comes over', () => {
    expect(heated('c1ccc2ccccc2c1', 40).tube?.residue?.chars).toBe(true)
    expect(heated('c1ccc2ccccc2c1').tube?.residue?.chars).toBe(false)
    expect(heated('c1ccc2ccccc2c1', 0).limeWater?.deposit ?? null).toBeNull()
  })
  test('its reactions are balanced', () => {
    for (const { takes, gives } of COMBUSTION) {
      const coefficients = new Map([...takes.map(([f, n]) => [f, -n] as const), ...gives])
      expect(Object.fromEntries(imbalance(coefficients))).toEqual({})
    }
  })
})
