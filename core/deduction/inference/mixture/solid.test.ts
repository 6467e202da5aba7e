import { describe, expect, test } from '@jest/globals'
import { caseSchema, entrySchema, type Entry } from '../../../notebook'
import { Runner } from '../../../perception'
import { dryPhase, inComponents, molarMass, parseFormula } from '../../../species'
import { stepSchema } from '../../../tube'
import { ReasoningSession } from '../../session'
import { groupsOf } from '../../observation/tests-written'
import { Simulations, type Content } from '../../simulation/simulations'
import { observationsOf, seenIn } from '../../observation/ideal-observer'
import { liquidOf, SOLUTION_mL, traceOf } from '../../observation/trace'
import { everyAddition, otherAmounts, pairsOut, removals, shifted, swaps } from './moves'
import { practiceMixture, practicePowder } from './draw'
import { groundOf, hangsOnSalts } from './ground-salts'
import { ionsFound } from '.'
import { ACID, DRY, massOf, mixtureOf, PARTS, type AmountClass, type Parts } from './parts'
import { Scorer } from './scorer'

const session = new ReasoningSession()

const solid = caseSchema.parse({ kind: 'mixture', sample: { mg: 500, form: 'solid' } })
const dry = (...parts: readonly (string | readonly [string, AmountClass])[]): Parts =>
  new Map([[DRY, 'middling'] as const, ...parts.map((part) => (typeof part === 'string' ? ([part, 'middling'] as const) : part))])
const did = (id: string, step: Record<string, unknown>): Entry => entrySchema.parse({ id, at: '', did: step })

/** Notebook lines of these tests, done on some salts by a careful observer. */
function written(content: Content, tests: readonly string[]): Entry[] {
  const simulations = new Simulations(500)
  const entries: Entry[] = []
  for (const [k, id] of tests.entries()) {
    entries.push(did(`d${k}`, { test: id, on: String.fromCharCode(65 + k) }))
    const steps = traceOf({ case: solid, entries }).steps.filter((s) => s.entry === `d${k}`)
    for (const { observation } of observationsOf(steps, (step) => simulations.expect(content, step.recipe)))
      entries.push(entrySchema.parse({ id: `s${entries.length}`, at: '', saw: observation }))
  }
  return entries
}

describe('a powder of which the ions are supposed', () => {
  /** mg in a jar of this salt with as many mmol of it as the powder holds. */
  const mg = molarMass(parseFormula('CuSO4.5H2O')) * 0.5
  const steps = [
    { do: 'dissolve', into: 'OS', mg: 50, in: 'water', mL: 5 },
    { do: 'take', from: 'OS', into: 'A', mL: 1 },
    { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 3 },
    { do: 'look', at: 'A' },
  ]
  const seen = (runner: Runner): unknown => steps.map((step) => runner.step(stepSchema.parse(step))).at(-1)
  const powder = { powder: { ions: { 'Cu^2+': 0.5, 'SO4^2-': 0.5 }, mg } }
  test('once it is wet, it is as the salt is', () => {
    const own = seen(new Runner({ solids: [{ formula: 'CuSO4.5H2O', mg }] })) as { precipitates: { species: string }[] }
    const supposed = seen(new Runner(powder)) as { precipitates: { species: string }[] }
    expect(supposed.precipitates.map((p) => p.species)).toEqual(own.precipitates.map((p) => p.species))
    expect(supposed.precipitates).toHaveLength(1)
  })
  test('how it looks dry, and what fire does to it, is not foretold', () => {
    const runner = new Runner(powder)
    runner.step(stepSchema.parse({ do: 'take', into: 'A', mg: 50 }))
    expect(runner.step(stepSchema.parse({ do: 'look', at: 'A' })).appearance).toBeNull()
    expect(() => runner.step(stepSchema.parse({ do: 'ignite', vessel: 'A' }))).toThrow()
  })
  test('its flame is that of its ions', () => {
    const flame = new Runner({ powder: { ions: { 'Na^+': 1, 'Cl^-': 1 }, mg: 60 } }).step(stepSchema.parse({ do: 'flame' })).flame
    expect(flame?.colour.family).toBe('yellow')
  })
})

describe('the salts that a powder may be ground of', () => {
  const powder = (...parts: readonly string[]): Content => mixtureOf(dry(...parts), 20)
  const componentsOf = (content: Content): Map<number, number> => {
    const held = new Map<number, number>()
    if (content.jar && 'solids' in content.jar)
      for (const { formula, mg } of content.jar.solids) {
        const phase = dryPhase(formula)
        for (const [c, n] of phase?.terms ?? []) held.set(c, (held.get(c) ?? 0) + (n * mg) / molarMass(phase?.formula ?? parseFormula(formula)))
      }
    return held
  }
  test('hold most of its ions between them, and no more of any than it does', () => {
    for (const parts of [
      ['Cu^2+', 'Na^+', 'SO4^2-', 'Cl^-'],
      ['NH4^+', 'Zn^2+', 'CO3^2-', 'Br^-'],
      ['Pb^2+', 'K^+', 'NO3^-'],
    ] as const) {
      const content = powder(...parts)
      const ions = content.jar && 'powder' in content.jar ? inComponents(content.jar.powder.ions).terms : new Map<number, number>()
      const states = groundOf(content)
      expect(states.length).toBeGreaterThan(0)
      expect(new Set(states.map(({ id }) => id)).size).toBe(states.length)
      for (const state of states) {
        const held = componentsOf(state)
        for (const [c, mmol] of held) if (c !== 0) expect(mmol).toBeLessThanOrEqual((ions.get(c) ?? 0) * 1.001)
        expect(held.size).toBeGreaterThanOrEqual(parts.length - 1)
      }
      expect(groundOf(content)).toBe(states)
    }
  })
  test('are none for a solution, for salts that are known, and for ions of which the bench has no salt together', () => {
    expect(groundOf(mixtureOf(new Map([['Cu^2+', 'middling']]), 20))).toEqual([])
    expect(groundOf({ id: 'NaCl', jar: { solids: [{ formula: 'NaCl', mg: 500 }] } })).toEqual([])
    expect(groundOf(powder('Fe(CN)6^3-'))).toEqual([])
  })
  test.each([
    [
      true,
      [
        { do: 'take', from: 'sample', into: 'A', mg: 20 },
        { do: 'look', at: 'A' },
      ],
    ],
    [
      true,
      [
        { do: 'take', from: 'sample', into: 'A', mg: 50 },
        { do: 'ignite', vessel: 'A', heat: 'gently' },
      ],
    ],
    [false, [{ do: 'flame', from: 'sample', support: 'wire' }]],
    [
      false,
      [
        { do: 'take', from: 'sample', into: 'A', mg: 20 },
        { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 5 },
        { do: 'look', at: 'A' },
      ],
    ],
  ])('%s: what is seen hangs on them', (does, steps) => {
    expect(hangsOnSalts(steps.map((step) => stepSchema.parse(step)))).toBe(does)
  })
})

describe('whether a mixture is a solid', () => {
  const mixture = caseSchema.parse({ kind: 'mixture' })
  const saw = (value: string): Entry => entrySchema.parse({ id: 's', at: '', saw: { channel: 'appearance.form', value } })
  test.each([
    ['nothing done', mixture, [], SOLUTION_mL],
    ['a portion taken', mixture, [did('a', { do: 'take', into: 'A', mL: 1 })], SOLUTION_mL],
    ['some weighed out', mixture, [did('a', { do: 'take', into: 'A', mg: 50 })], undefined],
    ['some dissolved', mixture, [did('a', { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 })], undefined],
    ['seen to be crystals', mixture, [saw('crystals')], undefined],
    ['seen to be liquid', mixture, [saw('liquid')], SOLUTION_mL],
    ['said by its case', solid, [], undefined],
    ['a volume given', caseSchema.parse({ kind: 'mixture', sample: { mL: 12 } }), [did('a', { do: 'take', into: 'A', mg: 50 })], 12],
  ] as const)('%s', (_, of, entries, mL) => {
    expect(liquidOf({ case: of, entries })).toBe(mL)
  })
})

describe('the parts of a solid', () => {
  const held = dry('Ba^2+', 'Cl^-')
  test('need not share a solution: barium stands beside sulfate', () => {
    const put = everyAddition(held, PARTS).map(({ changed }) => changed[0])
    expect(put).toContain('SO4^2-')
    expect(put).not.toContain(ACID)
    expect(put).not.toContain(DRY)
  })
  test('that it is a solid is never changed', () => {
    const moves = [...removals(held), ...pairsOut(held), ...otherAmounts(held), ...shifted(held), ...swaps(held, ['K^+', 'Br^-'])]
    expect(moves.length).toBeGreaterThan(8)
    for (const { parts, changed } of moves) {
      expect(parts.get(DRY)).toBe('middling')
      expect(changed.filter((part) => part === DRY && changed.length < 3)).toEqual([])
    }
  })
  test('twice as much of everything is the same solid', () => {
    const amounts = (amount: AmountClass): Content => mixtureOf(dry(['Cu^2+', amount], ['SO4^2-', amount]), 20)
    const perMg = ({ jar }: Content): number => (jar && 'powder' in jar ? (jar.powder.ions['Cu^2+'] ?? 0) / jar.powder.mg : NaN)
    expect(perMg(amounts('heavy')) / perMg(amounts('minor'))).toBeCloseTo(1, 0)
    expect(massOf(new Map([['Cu^2+', 'heavy']]))).toBe(0)
  })
  test('ions beyond what the case says there are rule it out', () => {
    const of = (maxCations?: number): number =>
      new Scorer(new Simulations(500), {}, 20, { isSolid: true, maxCations }).whole(dry('Cu^2+', 'Zn^2+', 'Cl^-'), 0).score
    expect(of()).toBe(of(2))
    expect(of(2) - of(1)).toBeGreaterThan(100)
  })
  test('where no more may be there, each ion is tried in place of one of its kind; else none is', () => {
    const exchanges = (known: { maxCations?: number; maxAnions?: number }): string[] =>
      new Scorer(new Simulations(500), {}, 20, { isSolid: true, ...known })
        .exchanges(dry('Cu^2+', 'Zn^2+', 'Cl^-'))
        .map(({ parts }) => [...parts.keys()].sort().join(' '))
    expect(exchanges({})).toEqual([])
    expect(exchanges({ maxCations: 3, maxAnions: 2 })).toEqual([])
    const cations = exchanges({ maxCations: 2 })
    expect(cations).toEqual(expect.arrayContaining(['Cd^2+ Cl^- Cu^2+ dry', 'Cl^- Ni^2+ Zn^2+ dry']))
    for (const held of cations) expect(held).toMatch(/Cl\^- /)
    expect(exchanges({ maxAnions: 1 })).toContain('Cu^2+ SO4^2- Zn^2+ dry')
  })
})

test('common salt with blue vitriol in it is blue, and by itself colourless', () => {
  const look = (...solids: { formula: string; mg: number }[]): string | undefined => {
    const runner = new Runner({ solids })
    runner.step(stepSchema.parse({ do: 'take', into: 'A', mg: 50 }))
    return runner.step(stepSchema.parse({ do: 'look', at: 'A' })).appearance?.colour.family
  }
  expect(look({ formula: 'NaCl', mg: 250 }, { formula: 'CuSO4.5H2O', mg: 250 })).toBe('blue')
  expect(look({ formula: 'NaCl', mg: 250 }, { formula: 'KNO3', mg: 250 })).toBe('colourless')
})

describe('a solid looked at and heated', () => {
  const ground = (...formulae: string[]): Content => ({ id: formulae.join(), jar: { solids: formulae.map((formula) => ({ formula, mg: 250 })) } })
  /** By how much likelier what was written is of one powder than of another (natural logarithm), these tests alone. */
  function apart(content: Content, tests: readonly string[], right: Parts, wrong: Parts): number {
    const scorer = new Scorer(new Simulations(500), {}, 20, { isSolid: true })
    const groups = groupsOf(traceOf({ case: solid, entries: written(content, tests) }))
    scorer.takeUp(groups)
    const said = (parts: Parts): number => scorer.whole(parts, groups.length).logs.reduce((a, b) => a + b, 0)
    return said(right) - said(wrong)
  }
  test.each([
    ['brown fumes speak of nitrate', ['Pb(NO3)2', 'KCl'], ['heat-strongly'], ['Pb^2+', 'K^+', 'NO3^-', 'Cl^-'], ['Pb^2+', 'K^+', 'CO3^2-', 'Cl^-']],
    [
      'a blue powder speaks of copper',
      ['CuSO4.5H2O', 'NaCl'],
      ['appearance'],
      ['Cu^2+', 'Na^+', 'SO4^2-', 'Cl^-'],
      ['Zn^2+', 'Na^+', 'SO4^2-', 'Cl^-'],
    ],
    [
      'a white sublimate speaks of ammonium',
      ['NH4Cl', 'Na2SO4'],
      ['heat-strongly'],
      ['NH4^+', 'Na^+', 'SO4^2-', 'Cl^-'],
      ['K^+', 'Na^+', 'SO4^2-', 'Cl^-'],
    ],
    [
      'yellow hot and white cold speaks of zinc',
      ['ZnO', 'NaCl'],
      ['heat-strongly'],
      ['Zn^2+', 'Na^+', 'CO3^2-', 'Cl^-'],
      ['Mg^2+', 'Na^+', 'CO3^2-', 'Cl^-'],
    ],
  ] as const)('%s', (_, salts, tests, right, wrong) => {
    expect(apart(ground(...salts), tests, dry(...right), dry(...wrong))).toBeGreaterThan(0.9)
  })
})

describe('salts ground together', () => {
  test('the same seed draws the same, of salts that dissolve together, no more ions than asked for', () => {
    expect(practicePowder(7, {}, 500).content).toEqual(practicePowder(7, {}, 500).content)
    for (let seed = 0; seed < 8; seed++) {
      const { content, cations, anions } = practiceMixture(seed, { ...solid, maxCations: 3, maxAnions: 2 })
      expect(cations.length).toBeGreaterThan(1)
      expect(cations.length).toBeLessThanOrEqual(3)
      expect(anions.length).toBeLessThanOrEqual(2)
      const [look] = seenIn({ case: solid, entries: [did('a', { test: 'solubility-in-water', on: 'OS' })] }, 'a', content, [0, 0, 0]).looks
      expect(look).toBeDefined()
    }
  })
  test('blue vitriol and common salt are told by their ions, from the solid on', () => {
    const content: Content = {
      id: 'vitriol and salt',
      jar: {
        solids: [
          { formula: 'CuSO4.5H2O', mg: 250 },
          { formula: 'NaCl', mg: 250 },
        ],
      },
    }
    const entries = written(content, ['solubility-in-water', 'flame-on-wire', 'barium-nitrate', 'silver-nitrate', 'ammonia-to-excess'])
    expect(entries.some((e) => 'saw' in e)).toBe(true)
    const { each = new Map<string, number>() } = session.reason({ case: solid, entries })
    const { cations, anions } = ionsFound(each)
    expect(cations).toContain('Cu^2+')
    expect(anions).toEqual(expect.arrayContaining(['SO4^2-', 'Cl^-']))
    for (const ion of ['Ag^+', 'Fe^3+', 'I^-']) expect(each.get(ion)).toBeLessThan(0.1)
  }, 120_000)
})
