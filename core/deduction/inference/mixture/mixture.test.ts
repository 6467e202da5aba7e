import { beforeAll, describe, expect, test } from '@jest/globals'
import { caseSchema, observationSchema, type Entry } from '../../../notebook'
import { everyTest, type SchemeTest } from '../../../schemes'
import { ReasoningSession } from '../../session'
import type { Group } from '../../observation/tests-written'
import { drawSolution, practiceSolution } from './draw'
import { chanceOf } from '../standings'
import { ionsFound } from '.'
import { keepsTogether, shares } from './together'
import { ACID, dissolved, ionsOfParts, mixtureOf, type Parts } from './parts'
import { Scorer } from './scorer'
import { partsOf, settings, written } from './testing'
import { Simulations } from '../../simulation/simulations'
import { hasTrait, parseFormula } from '../../../species'
import { provenBy } from './proofs'

const session = new ReasoningSession()

/** How likely an ion is before any test: some are given out seldom. */
function asGivenOut(ion: string): number {
  if (ion === ACID) return 0.5
  const share = hasTrait(ion, 'seldom-given-out') ? 0.2 : hasTrait(ion, 'less-often-given-out') ? 0.4 : 1
  const odds = share * (ion.endsWith('+') ? 0.14 : 0.11)
  return odds / (1 + odds)
}

describe('a mixture as a solution', () => {
  const charge = (ions: Readonly<Record<string, number>>): number =>
    Object.entries(ions).reduce((sum, [ion, n]) => sum + n * parseFormula(ion).charge, 0)

  test.each([[['Cu^2+', 'SO4^2-']], [['Fe^3+', 'Ba^2+', 'NO3^-', ACID]], [['PO4^3-', 'H3BO3']], [['K^+', 'CrO4^2-', 'Cl^-']], [[]]])(
    '%j balances in charge',
    (parts) => {
      expect(charge(dissolved(partsOf(...parts)))).toBeCloseTo(0, 9)
    },
  )
  test('charge that is wanting is made up by an ion of the mixture where one can, else by one that shows nothing', () => {
    expect(Object.keys(dissolved(partsOf('Cu^2+', 'NO3^-')))).toEqual(['Cu^2+', 'NO3^-'])
    expect(Object.keys(dissolved(partsOf('Al^3+', 'PO4^3-')))).toContain('ClO4^-')
    expect(Object.keys(dissolved(partsOf('Cl^-')))).toContain('N(CH3)4^+')
  })
  test('free acid is no ion of the standings', () => {
    expect([...ionsOfParts(partsOf('Cu^2+', 'Cl^-', ACID))]).toEqual(['Cu^2+', 'Cl^-'])
  })
  test('its id tells how much there is of each, its label what', () => {
    const { id, label } = mixtureOf(
      new Map([
        ['Cu^2+', 'heavy'],
        ['Cl^-', 'trace'],
      ]),
      20,
    )
    expect([id, label]).toEqual(['Cu^2+ 52, Cl^- 10', 'Cu^2+ Cl^-'])
  })
})

describe('what can share a solution', () => {
  test.each([
    ['Ba^2+', 'SO4^2-', false, false],
    ['CO3^2-', 'K^+', true, false],
    ['CO3^2-', 'K^+', false, true],
    ['MnO4^-', 'SO3^2-', false, false],
    ['Fe^3+', 'I^-', true, false],
    ['Cu^2+', 'Fe^3+', true, true],
    ['Cl^-', 'NO3^-', true, true],
  ])('%s with %s, acid %s: %s', (a, b, acid, can) => {
    expect(shares(a, b, acid)).toBe(can)
    expect(shares(b, a, acid)).toBe(can)
  })
})

describe('the proofs of a separation', () => {
  const group = (test: string, ...said: readonly [channel: string, value: string][]): Group => ({
    entry: test,
    test,
    places: [],
    observations: said.map(([channel, value]) => ({ entry: test, steps: [], observation: observationSchema.parse({ channel, value }) })),
  })
  const copper = [...everyTest.values()].filter((t): t is SchemeTest => 'proof' in t).find((t) => t.proof?.ions.includes('Cu^2+'))
  test('speak for what showed their sign, against what did not, and of nothing that was not sought', () => {
    if (!copper?.proof) throw new Error('no proof of copper')
    const { channel, values } = copper.proof.sign
    expect([...provenBy([group(copper.id, [channel, values[0] ?? ''])]).shown]).toEqual(copper.proof.ions)
    expect([...provenBy([group(copper.id, ['change', 'no'])]).denied]).toEqual(copper.proof.ions)
    expect(provenBy([group('silver-nitrate', ['precipitate.colour', 'white'])])).toEqual({ shown: new Set(), denied: new Set() })
  })
  test('what they deny is taken out of a mixture, what they show put in; of the rest they say nothing', () => {
    if (!copper?.proof) throw new Error('no proof of copper')
    const { channel, values } = copper.proof.sign
    const ions = copper.proof.ions
    const reads = (...groups: Group[]): Scorer => {
      const scorer = new Scorer(new Simulations(0, {}, 20), {}, 20)
      scorer.takeUp(groups)
      return scorer
    }
    const held = partsOf(...ions, 'Zn^2+', ACID)
    const denied = reads(group(copper.id, ['change', 'no']))
    expect([...denied.undenied(held).keys()]).toEqual(['Zn^2+', ACID])
    expect(denied.proposed(held)).toEqual(denied.undenied(held))
    const shown = reads(group(copper.id, [channel, values[0] ?? '']))
    expect(shown.undenied(held)).toEqual(held)
    expect([...shown.proposed(partsOf('Zn^2+')).keys()].sort()).toEqual(['Zn^2+', ...ions].sort())
  })
})

test('what comes down pair by pair may keep as a whole, in other amounts', () => {
  const silver = (amount: 'trace' | 'middling', thiosulfate: 'middling' | 'heavy'): Parts =>
    new Map([
      ['Ag^+', amount],
      ['S2O3^2-', thiosulfate],
    ] as const)
  expect(shares('Ag^+', 'S2O3^2-', false)).toBe(false)
  expect(keepsTogether(silver('middling', 'middling'))).toBe(false)
  expect(keepsTogether(silver('trace', 'heavy'))).toBe(true)
})

describe('fluoride, boiled down with soda and driven out', () => {
  test.each([
    [['Al^3+', 'F^-', 'Cl^-'], 'milky drop'],
    [['Mg^2+', 'Al^3+', 'SO4^2-', 'PO4^3-', 'F^-', ACID], 'milky drop'],
    [['Mg^2+', 'Al^3+', 'SO4^2-', 'PO4^3-', ACID], 'unchanged'],
    [['Na^+', 'H4SiO4'], 'unchanged'],
    [['Fe^3+', 'NO3^-', 'Cl^-', ACID], 'unchanged'],
  ])('%j leaves the drop: %s', (parts, rod) => {
    const lines = written(partsOf(...parts), [['fluoride-from-solution', 'A']])
    expect(lines.flatMap((e) => ('saw' in e && e.saw.channel === 'rod' ? [e.saw.value] : []))).toEqual([rod])
  })
})

describe('solutions drawn to practise on', () => {
  test('the same seed draws the same; ions that react, or come down, are not drawn together', () => {
    expect(practiceSolution(41, {}).content).toEqual(practiceSolution(41, {}).content)
    for (let seed = 0; seed < 12; seed++) {
      const { cations, anions } = practiceSolution(seed, { maxCations: 3, maxAnions: 2 })
      expect(cations.length).toBeLessThanOrEqual(3)
      expect(anions.length).toBeLessThanOrEqual(2)
      expect(cations.includes('Ba^2+') && anions.includes('SO4^2-')).toBe(false)
      expect(cations.includes('NH4^+') && anions.includes('ClO3^-')).toBe(false)
      expect(anions.includes('SCN^-') && anions.includes('MnO4^-')).toBe(false)
    }
  })
  test('what cannot be had is said', () => {
    expect(() => drawSolution(30, 1, () => 0.5)).toThrow(RangeError)
  })
})

describe('what a few tests say of a mixture', () => {
  const truth = partsOf('Cu^2+', 'SO4^2-', 'Cl^-')
  let entries: Entry[]
  beforeAll(() => {
    entries = written(truth, [
      ['barium-nitrate', 'A'],
      ['silver-nitrate', 'B'],
    ])
  })
  test('nothing written: every ion as likely as before, none of them tested', () => {
    const { standings, each } = session.reason({ case: settings, entries: [] })
    expect(new Set(standings.map((s) => s.status))).toEqual(new Set(['untested']))
    for (const [ion, p] of each ?? []) expect([ion, p]).toEqual([ion, expect.closeTo(asGivenOut(ion), 6)])
  })
  test('two precipitates and a blue liquid: copper, sulfate and chloride, each by itself', () => {
    const { each = new Map<string, number>(), standings } = session.reason({ case: settings, entries })
    for (const ion of ['Cu^2+', 'SO4^2-', 'Cl^-']) expect(each.get(ion)).toBeGreaterThan(0.9)
    // A green liquid is sometimes called blue: nickel stays in play.
    expect(each.get('Ni^2+')).toBeGreaterThan(0.02)
    // Lead, barium and silver would have come down with what is there.
    for (const ion of ['Pb^2+', 'Ba^2+', 'Ag^+']) expect(each.get(ion)).toBeLessThan(0.05)
    // Nothing that was done speaks of ammonium.
    expect(each.get('NH4^+')).toBeCloseTo(0.14 / 1.14, 1)
    expect(standings.find((s) => s.species === 'SO4^2-')?.evidence.some((e) => e.weight > 0.5)).toBe(true)
  }, 120_000)
  test('the chance of one of several ions is not less than that of each', () => {
    const reasoning = session.reason({ case: settings, entries })
    expect(chanceOf(['Cu^2+', 'NH4^+'], reasoning)).toBeGreaterThanOrEqual(chanceOf(['Cu^2+'], reasoning))
    expect(chanceOf([], reasoning)).toBe(0)
  }, 120_000)
  test('thinking it through again explains no less', () => {
    const odd = written(partsOf('Hg^2+', 'I^-', 'K^+'), [
      ['silver-nitrate', 'A'],
      ['barium-nitrate', 'B'],
      ['iron-iii-chloride', 'C'],
    ])
    const fresh = (mL: number): typeof settings => caseSchema.parse({ kind: 'mixture', sample: { mL } })
    const fits = (deep: number, mL: number): number => {
      const { conflicts, trace } = session.reason({ case: fresh(mL), entries: odd }, { deep })
      return trace.observations.length - conflicts.length
    }
    expect(fits(2000, 22)).toBeGreaterThanOrEqual(fits(0, 23))
  }, 240_000)
  describe('a first answer', () => {
    const at = (mL: number): typeof settings => caseSchema.parse({ kind: 'mixture', sample: { mL } })
    /** The case after the first test was thought through. */
    const begun = (mL: number): typeof settings => {
      const second = entries.findIndex((e, k) => k > 0 && 'did' in e)
      session.reason({ case: at(mL), entries: entries.slice(0, second) })
      return at(mL)
    }
    test('takes few steps, and says of what the last test shows what thinking does', () => {
      const settled = begun(24)
      const before = session.reason({ case: settled, entries: [] }).simulations.made
      const { each = new Map<string, number>(), simulations } = session.reason({ case: begun(24), entries }, { atOnce: true })
      expect(simulations.made - before).toBeLessThan(600)
      expect(ionsFound(each).anions).toEqual(expect.arrayContaining(['SO4^2-', 'Cl^-']))
      for (const p of each.values()) expect(p >= 0 && p <= 1).toBe(true)
    }, 240_000)
    test('of an empty page it is the prior', () => {
      const { each = new Map<string, number>() } = session.reason({ case: at(25), entries: [] }, { atOnce: true })
      expect(each.size).toBeGreaterThan(40)
      for (const [ion, p] of each) expect([ion, p]).toEqual([ion, expect.closeTo(asGivenOut(ion), 6)])
    })
    test('leads thinking nowhere else: what follows ends where it does without', () => {
      const hasty = begun(26)
      session.reason({ case: hasty, entries }, { atOnce: true })
      const [after, without] = [session.reason({ case: hasty, entries }), session.reason({ case: begun(27), entries })]
      expect(ionsFound(after.each ?? new Map())).toEqual(ionsFound(without.each ?? new Map()))
    }, 240_000)
    test('is withdrawn with the line it was made of', () => {
      const amended = begun(28)
      session.reason({ case: amended, entries })
      const fewer = session.reason({ case: amended, entries: entries.slice(0, 2) }, { atOnce: true })
      expect(fewer.each?.get('Cl^-')).toBeLessThan(0.9)
    }, 240_000)
  })
  test('one observation misread leaves nothing impossible', () => {
    const at = entries.findIndex((e) => 'saw' in e && e.saw.channel === 'solution.colour')
    const misread = entries.map((e, k) => ('saw' in e && k === at ? { ...e, saw: { ...e.saw, value: 'violet' } } : e))
    const { each = new Map<string, number>() } = session.reason({ case: settings, entries: misread })
    expect(ionsFound(each).anions).toEqual(expect.arrayContaining(['SO4^2-', 'Cl^-']))
    expect(each.get('Cu^2+')).toBeGreaterThan(0)
  }, 120_000)
  test('lines that come one by one end where all of them at once do', () => {
    const grown = caseSchema.parse({ kind: 'mixture', sample: { mL: 21 } })
    for (let n = 1; n < entries.length; n++) session.reason({ case: grown, entries: entries.slice(0, n) })
    const [byLine, atOnce] = [session.reason({ case: grown, entries }), session.reason({ case: settings, entries })]
    expect(ionsFound(byLine.each ?? new Map())).toEqual(ionsFound(atOnce.each ?? new Map()))
  }, 240_000)
})
