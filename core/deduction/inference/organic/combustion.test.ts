import { beforeAll, describe, expect, test } from '@jest/globals'
import { run } from '../../../perception'
import { COMBUSTION, imbalance } from '../../../reactions'
import { builtOrganicPercepts } from '../../../../script/trials/percepts'
import { ReasoningSession } from '../..'
import { newBench, openJar, perform, stepSchema } from '../../../tube'

const session = new ReasoningSession()

// The structures of the library come with what was worked out ahead.
beforeAll(() => void session.takePercepts(builtOrganicPercepts()))

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

/** The tube itself after that heating: mol of the compound, what is left dry, and what each stage drove off. */
function burntOf(smiles: string) {
  const steps = [
    { do: 'take', from: 'sample', into: 'A', mg: 20 },
    { do: 'add', to: 'A', reagent: 'copper(II) oxide', mg: 400 },
    { do: 'ignite', vessel: 'A', heat: 'strongly' },
  ].map((step) => stepSchema.parse(step))
  let bench = newBench(openJar({ organic: { smiles, mg: 500 } }))
  let last: ReturnType<typeof perform>['event'] | undefined
  for (const step of steps) ({ bench, event: last } = perform(bench, step))
  if (!last?.after.organic) throw new Error('nothing was burnt')
  return { compounds: [...last.after.organic.compounds.values()].reduce((a, b) => a + b, 0), dry: last.after.dry, roasted: last.roasted ?? [] }
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
  test('the carbon of an organic salt that its metal keeps as carbonate does not leave', () => {
    const { compounds, dry, roasted } = burntOf('[Na+].[O-]C(=O)c1ccccc1')
    const [stage] = roasted
    const gas = (id: string): number => stage?.evolved.find((e) => e.gas === id)?.mol ?? 0
    const kept = dry.get('Na2CO3') ?? 0
    expect(kept).toBeCloseTo(compounds / 2, 9)
    expect(gas('CO2') + kept).toBeCloseTo(7 * compounds, 9)
    expect(gas('H2O')).toBeCloseTo(2.5 * compounds, 9)
    // Oxygen: of the compound and of the oxide that became copper, all of it in the gases and the carbonate.
    expect(2 * compounds + (dry.get('Cu') ?? 0)).toBeCloseTo(2 * gas('CO2') + gas('H2O') + 3 * kept, 9)
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
