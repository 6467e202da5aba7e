import { describe, expect, test } from '@jest/globals'
import { ORGANIC_TESTS, TESTS, testById, type Test } from '../catalogue'
import { everyTest } from '../schemes'
import { expand } from '../catalogue'
import { asHypothesis } from '../deduction/inference/mixture/parts'
import { ionsOf, Simulations, ReasoningSession } from '../deduction'
import { Runner } from '../perception'
import { findSalt, gasById, SALTS, type Salt } from '../species'
import { heldBy, NEVER_FUSED, shutBefore, staysShut, sayGate, STOP_GATES } from './gates'
import { cautionsFor } from './cautions'
import { advise } from './next'
import { caseSchema } from '../notebook'
import { readStructuresWith } from '../structure'
import { perceive } from '../structure/perceive'
import type { StepInput } from '../tube'
import { builtPercepts } from '../../script/trials/percepts'

const session = new ReasoningSession()

readStructuresWith(perceive)
const pack = builtPercepts()
session.takePercepts(pack)
const simulations = new Simulations(500)
simulations.use(pack)
const certain = (
  salt: Salt,
): { hypotheses: { content: Salt; ions: ReadonlySet<string>; prior: number }[]; posterior: Float64Array; simulations: Simulations } => ({
  hypotheses: [{ content: salt, ions: ionsOf(salt), prior: 1 }],
  posterior: Float64Array.of(1),
  simulations,
})
const salt = (formula: string): Salt => findSalt(formula) ?? (SALTS[0] as Salt)
const testOf = (id: string): Test => everyTest.get(id) ?? (TESTS[0] as Test)

describe('stop gates', () => {
  test('keep concentrated acid away from a sample in which a chlorate is not ruled out', () => {
    const advice = advise({ case: caseSchema.parse({}), entries: [] }, session)
    expect(advice.next.map((p) => p.test)).not.toContain('concentrated-sulfuric-acid')
    expect(advice.held.find((h) => h.test === 'concentrated-sulfuric-acid')?.because).toMatch(/explodes/)
    expect(advice.held.find((h) => h.test === 'chromyl-chloride')).toBeDefined()
  })
  test.each([
    ['KClO3', 'concentrated-sulfuric-acid', true],
    ['KMnO4', 'sulfuric-acid-and-manganese-dioxide', true],
    ['NaCl', 'concentrated-sulfuric-acid', false],
    ['Na2C2O4', 'oxidising-fusion', true],
    ['MnSO4.H2O', 'oxidising-fusion', false],
    ['KClO3', 'borate-from-solution', true],
    ['NaCl', 'borate-from-solution', false],
    ['KMnO4', 'borate-after-reduction', false],
    ['K2CrO4', 'ester-from-solution', true],
    ['K2CrO4', 'borate-after-reduction', false],
    ['NaCl', 'ester-from-solution', false],
    ['KClO3', 'fluoride-from-solution', true],
    ['KMnO4', 'fluoride-from-solution', true],
    ['NaF', 'fluoride-from-solution', false],
    ['KMnO4', 'full-separation/borate-sought', true],
    ['KMnO4', 'full-separation/lead-sulfate', false],
    ['KClO3', 'full-separation-thioacetamide/lead-sulfate', false],
    ['KClO3', 'full-separation/organic-acids-sought', true],
    ['Na2C2O4', 'full-separation/organic-acids-sought', false],
  ])('%s and %s: held %s', (formula, id, held) => {
    expect(heldBy(testOf(id), certain(salt(formula))) !== undefined).toBe(held)
  })
  test.each([
    ['NaCl', 'concentrated-sulfuric-acid', /speck first/],
    ['NaF', 'concentrated-sulfuric-acid', /calcium gluconate/],
    ['NaF', 'dilute-sulfuric-acid-gases', /hydrogen fluoride/],
    ['K4Fe(CN)6.3H2O', 'dilute-sulfuric-acid-gases', /hydrogen cyanide/],
    ['Na2C2O4', 'concentrated-sulfuric-acid', /carbon monoxide/],
    ['NH4NO3', 'heat-strongly', /never closed/],
    ['KNO3', 'charcoal-cavity', /flare/],
  ])('%s, %s: is told first', (formula, id, line) => {
    expect(cautionsFor(testOf(id), certain(salt(formula)))[0]).toMatch(/^Stop: /)
    expect(cautionsFor(testOf(id), certain(salt(formula))).join(' ')).toMatch(line)
  })
  test('each says what happens and what is asked, in sentences', () => {
    expect(new Set(STOP_GATES.map((g) => g.id)).size).toBe(STOP_GATES.length)
    for (const gate of STOP_GATES) for (const line of Object.values(sayGate(gate))) expect(line).toMatch(/^[A-Z].*\.$/)
  })
})

describe('gates see what is in the tube, whatever it is called and however it came there', () => {
  const gates = (...steps: readonly StepInput[]): string[] =>
    STOP_GATES.filter((g) => g.standsFrom === undefined && g.applies(steps)).map((g) => g.id)
  const solid = { do: 'take', into: 'A', mg: 30 } as const
  const pour = (reagent: string, mL = 0.5): StepInput => ({ do: 'add', to: 'A', reagent, mL })
  test.each(['H2SO4 conc', 'sulfuric acid conc', 'H2SO4 18 M', 'concentrated sulfuric acid', 'conc. H2SO4', 'sulphuric acid conc', 'oil of vitriol'])(
    '%s on the solid is concentrated acid',
    (name) => {
      expect(gates(solid, pour(name))).toEqual(
        expect.arrayContaining([
          'concentrated-acid-on-untested-solid',
          'chlorate-or-permanganate-with-concentrated-acid',
          'oxalate-with-concentrated-acid',
        ]),
      )
    },
  )
  test.each(['HCl 12 M', 'HNO3 conc', 'aqua regia', 'concentrated hydrochloric acid'])(
    '%s on the solid spits, and makes no carbon monoxide of oxalate',
    (name) => {
      expect(gates(solid, pour(name))).toContain('concentrated-acid-on-untested-solid')
      expect(gates(solid, pour(name))).not.toContain('oxalate-with-concentrated-acid')
    },
  )
  test('a mixture made in the tube is as strong as what is in it', () => {
    expect(gates(solid, pour('H2SO4 1 M', 2))).not.toContain('concentrated-acid-on-untested-solid')
    expect(gates(solid, pour('water', 1), pour('H2SO4 conc', 2))).toContain('concentrated-acid-on-untested-solid')
    expect(gates(solid, pour('water', 5), pour('H2SO4 conc', 0.5))).not.toContain('concentrated-acid-on-untested-solid')
    const boiledDown: StepInput = { do: 'concentrate', vessel: 'A', toFraction: 0.1 }
    expect(gates({ do: 'take', into: 'A', mL: 1 }, pour('H2SO4 1 M', 2), boiledDown)).toContain(
      'chlorate-or-permanganate-boiled-down-with-concentrated-acid',
    )
    // Poured into one tube and taken to another, it is the same acid.
    expect(gates({ do: 'add', to: 'B', reagent: 'H2SO4 conc', mL: 2 }, { ...solid }, { do: 'take', into: 'A', from: 'B', mL: 1 })).toContain(
      'concentrated-acid-on-untested-solid',
    )
  })
  test('acetic acid is no strong acid, however much of it there is', () => {
    expect(gates(solid, pour('acetic acid conc', 2))).toEqual([])
  })
})

describe('gates that stay shut until they are answered', () => {
  const acidTest = testOf('concentrated-sulfuric-acid').steps
  const fusion = ORGANIC_TESTS.find((t) => t.steps.some((s) => s.do === 'fuse'))?.steps ?? []
  test('concentrated acid on more than a speck of a solid nobody has tried, until a speck was', () => {
    const ids = (...before: readonly (readonly StepInput[])[]): string[] => shutBefore(acidTest, before).map((g) => g.id)
    expect(ids()).toEqual(['concentrated-acid-on-untested-solid'])
    expect(
      ids([
        { do: 'take', into: 'A', mg: 5 },
        { do: 'add', to: 'A', reagent: 'H2SO4 18 M', drops: 2 },
      ]),
    ).toEqual([])
    expect(
      ids([
        { do: 'take', into: 'A', mg: 5 },
        { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 2 },
      ]),
    ).toHaveLength(1)
    expect(
      shutBefore(
        [
          { do: 'take', into: 'A', mg: 5 },
          { do: 'add', to: 'A', reagent: 'H2SO4 18 M', drops: 2 },
        ],
        [],
      ),
    ).toEqual([])
  })
  test.each([
    ['nitromethane', /nitroalkane/],
    ['C(Cl)(Cl)Cl', /chloroform/],
    ['O=[N+]([O-])c1cc([N+](=O)[O-])ccc1', /polynitro/],
    ['salicylic acid', null],
    ['', /structure or the name/],
  ])('the fusion with sodium asks what the compound is: %s', (compound, why) => {
    const [gate] = shutBefore(fusion, []).filter((g) => g.wants === 'compound')
    if (!gate) throw new Error('no gate stands before the fusion')
    if (why) expect(staysShut(gate, { compound })).toMatch(why)
    else expect(staysShut(gate, { compound })).toBeNull()
  })
  test('or that it is of no class that may not be fused, each of which is named; what cannot be read opens nothing', () => {
    const [gate] = shutBefore(fusion, []).filter((g) => g.wants === 'compound')
    if (!gate) throw new Error('no gate stands before the fusion')
    expect(staysShut(gate, { noneOfThese: true })).toBeNull()
    expect(NEVER_FUSED.join()).toMatch(/nitroalkane.*azide.*peroxide.*nitrate.*chloroform/)
    expect(() => staysShut(gate, { compound: 'not a structure (' })).toThrow()
  })
  test('the zinc variant asks nothing', () => {
    expect(shutBefore([{ do: 'fuse', into: 'F', with: 'zinc-carbonate' }], [])).toEqual([])
  })
})

describe('gases of a mixed solution', () => {
  const own = new Simulations(0, {}, 20)
  const chlorine = gasById.get('Cl2')?.data.caution ?? 'none'
  /** Whether chlorine is warned of where these may be there, each set with so much probability, and ions besides by themselves. */
  const warns = (wholes: readonly (readonly [parts: readonly string[], p: number])[], each: Readonly<Record<string, number>> = {}): boolean =>
    cautionsFor(testOf('molybdate-warm'), {
      hypotheses: wholes.map(([parts]) => asHypothesis(new Map(parts.map((part) => [part, 'heavy'] as const)), 20, 1)),
      posterior: Float64Array.from(wholes, ([, p]) => p),
      simulations: own,
      each: new Map(Object.entries(each)),
    }).includes(chlorine)
  const MADE = ['Na^+', 'Cl^-', 'MnO4^-'] as const

  test('chlorine that permanganate drives out of chloride is named where both are there, and where neither is by itself', () => {
    expect(chlorine).toMatch(/\w/)
    expect(warns([[MADE, 1]])).toBe(true)
    for (const alone of ['Cl^-', 'MnO4^-']) expect(warns([[['Na^+', alone], 1]])).toBe(false)
  })
  test('and where they stand together in a rival that is likely enough, though the best has one of them only', () => {
    const withRival = (p: number): boolean =>
      warns(
        [
          [['Na^+', 'Cl^-'], 1 - p],
          [MADE, p],
        ],
        { 'Cl^-': 1, 'MnO4^-': p },
      )
    expect([0.3, 0.06, 0.01].map(withRival)).toEqual([true, true, false])
  })
})

describe('gases that come of an ion by itself, worked out ahead', () => {
  const SOME = ['acid-gas-from-solution', 'chlorate-on-extract', 'iodide-in-acid', 'devarda', 'molybdate-warm', 'silver-nitrate']
  const IONS = ['CO3^2-', 'HS^-', 'NO2^-', 'NH4^+', 'MnO4^-', 'Na^+']
  const own = new Simulations(0, {}, 20)
  const cautions = (id: string, ion: string, gases: typeof pack.gases): string[] =>
    cautionsFor(testOf(id), {
      hypotheses: [asHypothesis(new Map([['K^+', 'middling']]), 20, 1)],
      posterior: Float64Array.of(1),
      simulations: own,
      each: new Map([[ion, 0.02]]),
      ...(gases ? { gases } : {}),
    })
  test.each(SOME)('%s: the same is said as where they are worked out on the spot', (id) => {
    for (const ion of IONS) expect([ion, cautions(id, ion, pack.gases)]).toEqual([ion, cautions(id, ion, undefined)])
  })
  test('some of these make a gas, and what is told of another ion is not told of them', () => {
    expect(Object.keys(pack.gases?.['acid-gas-from-solution'] ?? {})).toEqual(expect.arrayContaining(['CO3^2-', 'NO2^-']))
    expect(cautions('acid-gas-from-solution', 'HS^-', { 'acid-gas-from-solution': { 'HS^-': ['H2S'] } }).join()).toMatch(/hydrogen sulfide/i)
    expect(cautions('acid-gas-from-solution', 'Na^+', { 'acid-gas-from-solution': { 'HS^-': ['H2S'] } }).join()).not.toMatch(/hydrogen sulfide/i)
  })
})

const PRELIMINARY = TESTS.filter((t) => ['looked', 'dry', 'flame', 'acids', 'dissolved'].includes(t.stage))
/** One salt in eight; script/soak preliminary works them all. */
const SAMPLE = SALTS.filter((_, i) => i % 8 === 3)

describe('preliminary tests', () => {
  test.each(SAMPLE.map((s) => [s.id, s] as const))('%s goes through all of them, and every gas that comes has its caution', (formula, of) => {
    for (const t of PRELIMINARY) {
      const runner = new Runner({ solids: [{ formula, mg: 1000 }] })
      const said = cautionsFor(t, certain(of)).join('\n')
      const on = t.steps.some((s) => Object.values(s).includes('this')) ? 'A' : 'OS'
      for (const { step } of expand({ test: t.id, on }, new Map(), testById))
        for (const { species } of runner.step(step).gases)
          expect([t.id, species, said.includes(gasById.get(species)?.data.caution ?? '')]).toEqual([t.id, species, true])
    }
  })
})
