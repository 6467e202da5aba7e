import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtPercepts } from '../../script/trials/percepts'
import { ORGANIC_TESTS, TESTS } from '../catalogue'
import { contentOf, mixtureOf, Simulations, type Reasoning, ReasoningSession } from '../deduction'
import { caseSchema, entrySchema } from '../notebook'
import { vesselsOfSchemes } from '../schemes'
import { SALTS } from '../species'
import { readStructuresWith } from '../structure'
import { perceive } from '../structure/perceive'
import { doTest, followAdvice, thoughtThrough, vesselFor } from './follow'
import { worthDoing } from './mixture'
import { meanwhile } from './meanwhile'
import { cautionsFor } from './cautions'
import { advise, adviseFrom } from './next'
import { adviceSchema } from './schema'

const session = new ReasoningSession()

const settings = caseSchema.parse({})
const raise = (what: string): never => {
  throw new Error(what)
}

const simulations = new Simulations(500)
beforeAll(() => {
  const pack = builtPercepts()
  simulations.use(pack)
  expect(session.takePercepts(pack)).toBe(true)
  expect(session.takePercepts({ ...pack, model: 'another' })).toBe(false)
}, 300_000)

/** Whatever tells most for its cost, in whatever order. */
const quickest = caseSchema.parse({ school: { course: 'quickest' } })
/** One in twenty of the salts; script/soak advice works them all. */
const SAMPLE = SALTS.filter((_, i) => i % 20 === 1)

describe('following the advice, each look written down as it is', () => {
  test.each(SAMPLE.map((s) => [s.id, s] as const))(
    '%s is reached, or stands first in a set that no test splits',
    (id, salt) => {
      const { reasoning, tests } = followAdvice(quickest, { session, content: salt, simulations })
      expect(reasoning.formulae[0]?.formula).toBe(id)
      expect(tests.length).toBeLessThan(15)
      for (const ion of Object.keys(salt.data.ions)) {
        const standing = reasoning.standings.find((s) => s.species === ion)
        if (standing) expect(['confirmed', 'likely']).toContain(standing.status)
      }
    },
    60_000,
  )
})

test('advice of before, while there is no newer: what was done since is not proposed again, what was seen since changes nothing', () => {
  const settings = caseSchema.parse({ kind: 'salt', sample: { mg: 500 } })
  const advice = advise({ case: settings, entries: [] }, session)
  const [first, ...others] = advice.next
  if (!first) throw new Error('nothing is advised')
  const did = entrySchema.parse({ id: 'a', at: '', did: { test: first.test, on: 'A' } })
  const saw = entrySchema.parse({ id: 'b', at: '', saw: { vessel: 'A', channel: 'solution.colour', value: 'blue' } })
  expect(meanwhile(advice, [did, saw])).toEqual({ ...advice, next: others })
  expect(meanwhile(advice, [saw])).toEqual(advice)
  expect(others.length).toBeGreaterThan(0)
})

describe('advice', () => {
  test('on an empty page the first test is worth something, has its cautions and its reason, and the answer is in the published form', () => {
    const advice = advise({ case: settings, entries: [] }, session)
    expect(adviceSchema.safeParse(advice).error).toBeUndefined()
    expect(advice.complete).toBe(false)
    expect(advice.next[0]?.because).not.toBe('')
    expect(advice.next.every((p) => TESTS.some((t) => t.id === p.test))).toBe(true)
    expect(advice.next.find((p) => p.test === 'ammonium-by-alkali')?.cautions.join(' ')).toMatch(/hydroxide burns/)
  })
  test('a bench without silver nitrate is not told to use it', () => {
    const bench = caseSchema.parse({ reagents: ['HCl', 'NaOH', 'ammonia', 'barium nitrate', 'nitric acid'] })
    const { next } = advise({ case: bench, entries: [] }, session)
    expect(next.map((p) => p.test)).not.toContain('silver-nitrate')
    expect(next.map((p) => p.test)).toContain('barium-nitrate')
  })
  test('a test that would make a poisonous gas of what may be in the jar says so', () => {
    const reasoning = session.reason({ case: settings, entries: [] })
    const said = (id: string): string => cautionsFor(TESTS.find((t) => t.id === id) ?? raise(id), reasoning).join(' ')
    expect(said('concentrated-sulfuric-acid')).toMatch(/Hydrogen chloride[\s\S]*|Iodine vapour/)
    expect(said('concentrated-sulfuric-acid-and-copper')).toMatch(/Nitrogen dioxide/)
  })
  test('concentrated acid is not the first thing proposed on an untried sample', () => {
    expect(advise({ case: settings, entries: [] }, session).next[0]?.test).not.toMatch(/concentrated/)
  })
  test('a test done is not proposed again', () => {
    const entries = [entrySchema.parse({ id: 'a', at: '', did: { test: 'silver-nitrate', on: 'A' } })]
    expect(advise({ case: settings, entries }, session).next.map((p) => p.test)).not.toContain('silver-nitrate')
  })
  test('where nothing undone tells two salts apart, a test that was done is proposed once more, and not a third time', () => {
    const all = TESTS.map((t, k) => entrySchema.parse({ id: `t${k}`, at: '', did: { test: t.id, on: `T${k}` } }))
    const proposed = (entries: typeof all, likeliest: number): readonly string[] => {
      const reasoning = session.reason({ case: settings, entries })
      const chance: Readonly<Record<string, number>> = { NaCl: likeliest, NaBr: 1 - likeliest }
      const between = { ...reasoning, posterior: Float64Array.from(reasoning.hypotheses, (h) => chance[h.content.id] ?? 0) }
      return adviseFrom(between, { case: settings, entries }).next.map((p) => `${p.test}: ${p.because}`)
    }
    const next = proposed(all, 0.6)
    expect(next.length).toBeGreaterThan(0)
    expect(next.every((p) => p.includes('Once more'))).toBe(true)
    expect(next.some((p) => p.startsWith('silver-nitrate:'))).toBe(true)
    expect(proposed(all, 0.95).some((p) => p.includes('Once more'))).toBe(false)
    const twice = TESTS.map((t, k) => entrySchema.parse({ id: `u${k}`, at: '', did: { test: t.id, on: `U${k}` } }))
    expect(proposed([...all, ...twice], 0.6)).toEqual([])
  }, 120_000)
  test('no compound with bromine is named before chlorine was asked for beside it', () => {
    readStructuresWith(perceive)
    const organic = caseSchema.parse({ kind: 'organic' })
    const bromobenzene = { content: contentOf('Brc1ccccc1'), ions: new Set(['Br']), prior: 1, unlisted: false }
    const next = (left: readonly string[]): readonly string[] => {
      const others = ORGANIC_TESTS.filter((t) => !left.includes(t.id) && t.id !== 'sodium-fusion')
      const entries = ['sodium-fusion', ...others.map((t) => t.id)].map((id, k) =>
        entrySchema.parse({ id: `o${k}`, at: '', did: { test: id, on: id === 'sodium-fusion' ? 'FE' : `T${k}` } }),
      )
      return adviseFrom(session.reason({ case: organic, entries }, { hypotheses: [bromobenzene] }), { case: organic, entries }).next.map(
        (p) => p.test,
      )
    }
    expect(next(['chlorine-beside'])).toEqual(['chlorine-beside'])
    expect(next([])).toEqual([])
  }, 120_000)
  test('what is claimed of a mixture is not left because nothing is open: the sample is taken apart as far as its proof', () => {
    const mixture = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } })
    const entries = [{ id: 'e1', at: '', did: { test: 'litmus', on: 'OS' } }].map((e) => entrySchema.parse(e))
    const reasoning = session.reason({ case: mixture, entries })
    const [first] = reasoning.hypotheses
    if (!first) throw new Error('no hypothesis')
    const claiming = (...ions: string[]): string[] => {
      const all = { ...first, ions: new Set(ions) }
      const each = new Map([...(reasoning.each ?? [])].map(([ion]) => [ion, ions.includes(ion) ? 1 : 0]))
      return worthDoing({ ...reasoning, hypotheses: [all], each }, mixture, () => true, { most: 200 }).found.map(({ test: { id } }) => id)
    }
    const [antimony, magnesium] = [claiming('Sb^3+'), claiming('Mg^2+')]
    expect(antimony).toContain('full-separation-thioacetamide/group-2')
    expect(antimony).not.toContain('full-separation-thioacetamide/group-5')
    expect(magnesium).toContain('full-separation-thioacetamide/group-5')
    expect(claiming()).toEqual([])
  })
  test('a group of a mixture that came down is gone through to its end, however settled its ions seem; one that did not is passed over', () => {
    const mixture = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } })
    const proposed = (seen: boolean): readonly string[] => {
      const entries = [
        entrySchema.parse({ id: 'a', at: '', did: { test: 'full-separation-thioacetamide/group-3', on: 'III' } }),
        entrySchema.parse({ id: 'b', at: '', saw: { channel: 'precipitate.present', value: 'yes', negated: !seen } }),
      ]
      const reasoning = session.reason({ case: mixture, entries })
      const settled = { ...reasoning, each: new Map([...(reasoning.each ?? [])].map(([ion]) => [ion, 0])), hypotheses: [] }
      return worthDoing(settled, mixture, () => true, { most: 200 }).found.map(({ test: { id } }) => id)
    }
    const proofs = (ids: readonly string[]): readonly string[] => ids.filter((id) => id.includes('/peroxide-alkali/'))
    expect(proofs(proposed(true)).length).toBeGreaterThanOrEqual(2)
    expect(proofs(proposed(false))).toEqual([])
  })
  test('where a separation of a mixture is not to be done, nothing is proposed on what it would have filled', () => {
    const mixture = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } })
    const scheme = 'full-separation-thioacetamide'
    const black = { channel: 'precipitate.colour', value: 'black' }
    const entries = ['group-2', 'polysulfide'].flatMap((id, k) => [
      entrySchema.parse({ id: `d${k}`, at: '', did: { test: `${scheme}/${id}`, on: 'II' } }),
      entrySchema.parse({ id: `s${k}`, at: '', saw: black }),
    ])
    const reasoning = session.reason({ case: mixture, entries })
    const proposed = (without?: string): readonly string[] =>
      worthDoing(reasoning, mixture, ({ id }) => id !== `${scheme}/${without ?? ''}`, { most: 200 }).found.flatMap(({ test: { id } }) =>
        id.startsWith(scheme) ? [id.slice(scheme.length + 1)] : [],
      )
    const dependent = (ids: readonly string[]): readonly string[] => ids.filter((id) => /^(lead-sulfate|bismuth)/.test(id))
    expect(dependent(proposed())).toEqual(expect.arrayContaining(['lead-sulfate', 'bismuth-hydroxide']))
    expect(dependent(proposed('lead-sulfate'))).toEqual([])
    expect(dependent(proposed('mercury-sulfide'))).toEqual([])
    expect(proposed('lead-sulfate')).toEqual(expect.arrayContaining(['mercury-sulfide', 'sulfide-boiled-off', 'group-3']))
    expect(proposed('group-2')).toEqual(proposed())
  })
  test('of a mixture a test names the gas that any ion which may be there would make, and not of one that is not', () => {
    const reasoning = session.reason({ case: caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }), entries: [] })
    const acid = TESTS.find((t) => t.id === 'dilute-sulfuric-acid') ?? raise('no test')
    const said = (chance: number): string =>
      cautionsFor(acid, { ...reasoning, each: new Map([...(reasoning.each ?? [])].map(([ion]) => [ion, ion === 'NO2^-' ? chance : 0])) }).join(' ')
    expect(said(0.01)).toMatch(/nitrogen|nitrous/i)
    expect(said(0.001)).not.toMatch(/nitrogen|nitrous/i)
  })
  test('who waits for advice on a mixture has it before all tests are foreseen, and asked again the rest', () => {
    const notebook = { case: caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }), entries: [] }
    const reasoning = session.reason(notebook)
    const open = { ...reasoning, simulations: new Simulations(0, {}, 20) }
    const within = (steps?: number) => {
      const before = open.simulations.effort
      const { found, isWhole } = worthDoing(open, notebook.case, () => true, { most: 12, within: steps })
      return { tests: found.map((f) => f.test.id), isWhole, steps: open.simulations.effort - before }
    }
    const [first, second] = [within(20), within(20)]
    expect([first.isWhole, second.isWhole]).toEqual([false, false])
    expect(first.steps).toBeLessThan(80)
    const whole = within()
    expect(whole.isWhole).toBe(true)
    expect(whole.steps).toBeGreaterThan(0)
    expect([first, second].map(({ tests }) => tests.filter((id) => !id.includes('/')).length < whole.tests.length)).toEqual([true, true])
    // What was foreseen once costs nothing.
    expect(within(0)).toEqual({ tests: whole.tests, isWhole: true, steps: 0 })
  })
  test('a mixture is thought through again only while nothing is worth doing and that comes to something else', () => {
    const notebook = { case: caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }), entries: [] }
    const times = (isLeft: boolean, from?: Reasoning['hypotheses'][number]['parts']): number => {
      let n = 0
      thoughtThrough(session, notebook, from, () => n++ >= 0 && isLeft)
      return n
    }
    const { parts } = session.reason(notebook).hypotheses[0] ?? raise('no hypothesis')
    expect(times(false)).toBe(1)
    expect(times(true, parts)).toBe(1)
    expect(times(true, new Map([['Cu^2+', 'trace']]))).toBe(2)
  })
  test('a free tube is found beside those in use', () => {
    const entries = [entrySchema.parse({ id: 'a', at: '', did: { test: 'silver-nitrate', on: 'A' } })]
    expect(vesselFor('barium-nitrate', entries)).toBe('B')
    expect(vesselFor('solubility-in-water', entries)).toBe('OS')
  })
  test.each([
    [['I^-', 'SCN^-'], /^(red|brown|orange)$/, 'violet'],
    [['I^-'], /^yellow$/, 'violet'],
    [['SCN^-'], /^(red|brown)$/, 'colourless'],
  ])('iron(III) to spare tells thiocyanate beside plenty of iodide: %s', (parts, water, layer) => {
    const amounts = new Map<string, 'heavy' | 'middling'>([
      ['K^+', 'heavy'],
      ...parts.map((part) => [part, part === 'I^-' ? 'heavy' : 'middling'] as const),
    ])
    const worker = {
      content: mixtureOf(amounts, 20),
      settings: caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }),
      simulations: new Simulations(0, {}, 20),
    }
    const seen = doTest([], 'thiocyanate-beside-iodide', worker, 'e', () => '').flatMap((e) => ('saw' in e ? [e.saw] : []))
    const said = (channel: string): string | undefined => seen.find((o) => o.channel === channel)?.value
    expect(said('solution.colour')).toMatch(water)
    expect(said('layer.colour')).toBe(layer)
  })
  test('of sixty portions none stands in a vessel that a scheme works in or fills, and no two in one', () => {
    const given: string[] = []
    for (let n = 0; n < 60; n++) {
      const entries = given.map((on, k) => entrySchema.parse({ id: `e${k}`, at: '', did: { test: 'silver-nitrate', on } }))
      given.push(vesselFor('silver-nitrate', entries))
    }
    const own = vesselsOfSchemes()
    expect(['S', 'X', 'III', 'original'].map((name) => own.has(name))).toEqual([true, true, true, true])
    expect(given.filter((name) => own.has(name))).toEqual([])
    expect(new Set(given).size).toBe(60)
  })
})
