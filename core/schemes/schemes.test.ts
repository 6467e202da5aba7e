import { describe, expect, test } from '@jest/globals'
import { TESTS } from '../catalogue'
import { Runner } from '../perception'
import { CATION_PROOFS, drawn } from './testing'
import { parseFormula } from '../species'
import { stepSchema, type Step } from '../tube'
import {
  astray,
  claims,
  elementsIn,
  followScheme,
  FULL_SEPARATION,
  FULL_SEPARATION_THIOACETAMIDE,
  SCHEMES,
  SCHOOL,
  SULFIDE_FREE,
  type Scheme,
  type SchemeRun,
} from '.'

const mmol = (mixture: { sample: unknown }, ion: string): number =>
  ((mixture.sample as { solution: { ions: Record<string, number> } }).solution.ions[ion] ?? 0) * 1e-3

describe('schemes as data', () => {
  test.each(SCHEMES.map((s) => [s.id, s] as const))('%s names tests of the catalogue, and fractions that an earlier separation left', (_, scheme) => {
    const known = new Set(TESTS.map((t) => t.id))
    for (const stage of scheme.stages) for (const id of stage.tests) expect(known).toContain(id)
    const vessels = new Set<string>()
    const ids = new Set<string>()
    for (const separation of scheme.separations) {
      const takesFromJar = ['take', 'soda-extract'].includes(separation.steps[0]?.do ?? '')
      expect(takesFromJar || vessels.has(separation.on)).toBe(true)
      for (const earlier of [separation.when ?? [], separation.unless ?? []].flat()) expect(ids).toContain(earlier)
      vessels.add(separation.on)
      if (separation.liquid !== undefined) vessels.add(separation.liquid)
      for (const proof of separation.proofs ?? []) expect([...vessels, 'sample']).toContain(proof.from)
      ids.add(separation.id)
    }
  })
  test('the page of a single salt offers every test of the catalogue, the school-leaving one fewer', () => {
    const offered = new Set(SCHEMES[0]?.stages.flatMap((s) => s.tests))
    expect(TESTS.filter((t) => !offered.has(t.id)).map((t) => t.id)).toEqual([])
    expect(SCHOOL.stages.flatMap((s) => s.tests).length).toBeLessThan(30)
  })
})

describe.each([
  ['full separation, gas', FULL_SEPARATION, 0.9],
  ['full separation, thioacetamide', FULL_SEPARATION_THIOACETAMIDE, 0.85],
  ['sulfide-free', SULFIDE_FREE, 0.9],
] as const)('%s', (_, scheme, share) => {
  // script/soak schemes works hundreds; these are a seeded sample.
  const mixtures = drawn(scheme, 7, 7)
  const runs = mixtures.map((mixture) => ({ mixture, run: followScheme(scheme, mixture.sample) }))
  test('of a sample of mixtures of two to six cations nearly every one ends with each cation in its fraction', () => {
    const whole = runs.filter(({ mixture, run }) => astray(scheme, run, mixture.cations, (ion) => mmol(mixture, ion)).length === 0)
    expect(whole.length).toBeGreaterThanOrEqual(share * runs.length)
  })
  test('and its proofs name the cations that are there and no others', () => {
    const right = runs.filter(({ mixture, run }) => {
      const { missed, wrong } = claims(scheme, run, mixture.cations)
      return missed.length + wrong.length === 0
    })
    expect(right.length).toBeGreaterThanOrEqual(share * runs.length)
  })
})

/** Works the full separation on a solution with some steps changed. */
function worked(
  ions: Record<string, number>,
  change?: (step: Step, separation: string) => readonly Step[],
  scheme: Scheme = FULL_SEPARATION,
): SchemeRun {
  const charge = Object.entries(ions).reduce((sum, [ion, n]) => sum + n * parseFormula(ion).charge, 0)
  return followScheme(scheme, { solution: { ions: { ...ions, 'NO3^-': charge }, mL: 20 } }, {}, change)
}
/** Share of an element that a separation left in the solid. */
function kept(run: SchemeRun, separation: string, element: string): number {
  const parting = run.partings.find((p) => p.separation.id === separation)
  const down = parting?.solid.get(element) ?? 0
  return down / (down + (parting?.liquid.get(element) ?? 0))
}
const without =
  (separation: string, drop: (step: Step) => boolean) =>
  (step: Step, at: string): readonly Step[] =>
    at === separation && drop(step) ? [] : [step]
const pours =
  (reagent: RegExp) =>
  (step: Step): boolean =>
    step.do === 'add' && reagent.test(step.reagent)

describe('one condition left out', () => {
  test('too little acid before hydrogen sulfide brings zinc down with the second group; the right acid leaves it', () => {
    const ions = { 'Zn^2+': 0.03, 'Cu^2+': 0.02, 'H^+': 0.3 }
    expect(kept(worked(ions), 'group-2', 'Zn')).toBeLessThan(0.05)
    expect(
      kept(
        worked(
          ions,
          without('group-2', (s) => s.do === 'add' && s.reagent.includes('HCl') && s.drops === 6),
        ),
        'group-2',
        'Zn',
      ),
    ).toBeGreaterThan(0.3)
  })
  test('too much acid leaves cadmium in solution', () => {
    const ions = { 'Cd^2+': 0.03, 'H^+': 0.3 }
    const sour = (step: Step, at: string): readonly Step[] =>
      at === 'group-2' && step.do === 'add' && step.drops === 6 ? [{ ...step, reagent: 'HCl conc', drops: 14 }] : [step]
    expect(kept(worked(ions), 'group-2', 'Cd')).toBeGreaterThan(0.9)
    expect(kept(worked(ions, sour), 'group-2', 'Cd')).toBeLessThan(0.5)
  })
  test('iron(II) not oxidised is only partly taken by ammonia', () => {
    const ions = { 'Fe^2+': 0.03, 'H^+': 0.3 }
    expect(kept(worked(ions), 'group-3', 'Fe')).toBeGreaterThan(0.95)
    expect(kept(worked(ions, without('sulfide-boiled-off', pours(/HNO3/))), 'group-3', 'Fe')).toBeLessThan(0.6)
  })
  test('hydrogen sulfide not boiled off brings nickel and zinc down with the third group', () => {
    const ions = { 'Ni^2+': 0.03, 'Zn^2+': 0.03, 'H^+': 0.3 }
    // Nor is phosphate sought: sulfur from the sulfide would be taken for its yellow.
    const left = worked(ions, (step, at) =>
      (at === 'sulfide-boiled-off' && (step.do === 'boil' || pours(/HNO3/)(step))) || (at === 'phosphate-sought' && step.do === 'add') ? [] : [step],
    )
    expect(kept(worked(ions), 'group-3', 'Ni')).toBeLessThan(0.1)
    expect(kept(left, 'group-3', 'Ni')).toBeGreaterThan(0.5)
    expect(kept(left, 'group-3', 'Zn')).toBeGreaterThan(0.5)
  })
  test('phosphate left in brings barium down with the third group; removed, it leaves it', () => {
    const ions = { 'Ba^2+': 0.03, 'Fe^3+': 0.01, 'H2PO4^-': 0.04, 'H^+': 0.5 }
    const left = worked(ions, without('phosphate-removed', pours(/zirconyl/)))
    const run = worked(ions)
    expect(run.steps.some((s) => s.separation === 'phosphate-removed')).toBe(true)
    expect(kept(left, 'group-3', 'Ba')).toBeGreaterThan(0.5)
    expect(kept(run, 'group-3', 'Ba')).toBeLessThan(0.1)
    const shown = (of: SchemeRun): string[] => of.shown.filter((s) => s.seen).map((s) => s.ions[0] ?? '')
    expect(shown(run)).toEqual(expect.arrayContaining(['Ba^2+', 'Fe^3+']))
    expect(shown(left)).not.toContain('Ba^2+')
  })
  // Ions, what removes the anion, and where the wrong result shows without: an element, the separation it goes wrong at, and whether it is then in the solid.
  test.each([
    ['oxalate', { 'Ba^2+': 0.03, 'Zn^2+': 0.02, 'C2O4^2-': 0.04, 'H^+': 0.5 }, 'fumed-down', ['Ba', 'group-3', true]],
    ['fluoride', { 'Ca^2+': 0.03, 'Mg^2+': 0.03, 'Al^3+': 0.02, 'F^-': 0.14, 'H^+': 0.6 }, 'fumed-down', ['Ca', 'group-3', true]],
    ['tartrate', { 'Fe^3+': 0.02, 'Al^3+': 0.03, 'C4H4O6^2-': 0.08, 'H^+': 0.5 }, 'fumed-down', ['Fe', 'group-3', false]],
    ['citrate, held by chromium', { 'Fe^3+': 0.02, 'Cr^3+': 0.03, 'C6H5O7^3-': 0.08, 'H^+': 0.5 }, 'fumed-down', ['Fe', 'group-3', false]],
    ['silicate', { 'Fe^3+': 0.02, 'Ca^2+': 0.03, H4SiO4: 0.05, 'H^+': 0.5 }, 'silica-out', ['Si', 'group-1', true]],
  ] as const)('%s is found, and removed; left in, it leads astray', (_, ions, removal, [element, place, inSolid]) => {
    const cations = Object.keys(ions).filter((ion) => ion.endsWith('+') && ion !== 'H^+')
    for (const scheme of [FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE, SULFIDE_FREE]) {
      const run = worked(ions, undefined, scheme)
      expect(claims(scheme, run, cations)).toEqual({ missed: [], wrong: [] })
      if (scheme !== SULFIDE_FREE || removal === 'silica-out') expect(run.steps.some((s) => s.separation === removal)).toBe(true)
    }
    const blind = worked(ions, undefined, { ...FULL_SEPARATION, separations: FULL_SEPARATION.separations.filter((s) => !s.id.endsWith('-sought')) })
    expect(blind.steps.some((s) => s.separation === removal)).toBe(false)
    const astrayShare = inSolid ? kept(blind, place, element) : 1 - kept(blind, place, element)
    expect(astrayShare).toBeGreaterThan(0.25)
  })
  test('borate goes as its methyl ester', () => {
    const ions = { 'Ca^2+': 0.04, H3BO3: 0.15, 'H^+': 0.3 }
    const boron = (run: SchemeRun): number => run.partings.find((p) => p.separation.id === 'sulfur-spun-off')?.liquid.get('B') ?? 0
    const run = worked(ions)
    expect(boron(run)).toBeLessThan(0.01 * boron(worked(ions, (step, at) => (at === 'borate-removed' ? [] : [step]))))
    expect(run.shown.filter((s) => s.seen).map((s) => s.ions[0])).toEqual(['Ca^2+'])
  })
  test('where no phosphate shows, none is sought to be removed', () => {
    const { steps } = worked({ 'Ba^2+': 0.03, 'Fe^3+': 0.02, 'H^+': 0.3 })
    expect(steps.some((s) => s.separation === 'phosphate-removed')).toBe(false)
    expect(steps.some((s) => s.separation === 'sulfur-spun-off')).toBe(true)
  })
  test('without ammonium salts ammonia brings magnesium down', () => {
    const look = (nh4cl: boolean): readonly { species: string }[] => {
      const runner = new Runner({ solution: { ions: { 'Mg^2+': 0.05, 'Cl^-': 0.1 }, mL: 5 } })
      const steps = [
        { do: 'take', into: 'A', mL: 1 },
        ...(nh4cl ? [{ do: 'add', to: 'A', reagent: 'NH4Cl 5 M', drops: 10 }] : []),
        { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 10 },
        { do: 'look', at: 'A' },
      ]
      return steps.map((s) => runner.step(stepSchema.parse(s))).at(-1)?.precipitates ?? []
    }
    expect(look(false).map((p) => p.species)).toEqual(['Mg(OH)2'])
    expect(look(true)).toEqual([])
  })
  test('chromium and iron not washed out of the alkali leave it in the iron', () => {
    const ions = { 'Fe^3+': 0.03, 'Cr^3+': 0.04, 'H^+': 0.3 }
    const chromium = (run: SchemeRun): number => run.partings.find((p) => p.separation.id === 'peroxide-alkali')?.solid.get('Cr') ?? 0
    expect(
      chromium(
        worked(
          ions,
          without('peroxide-alkali', (s) => s.do === 'wash'),
        ),
      ),
    ).toBeGreaterThan(2 * chromium(worked(ions)))
  })
  test('lead strays into the second group, as everywhere', () => {
    const run = worked({ 'Pb^2+': 0.04, 'H^+': 0.3 })
    expect(kept(run, 'group-1', 'Pb')).toBeGreaterThan(0.3)
    expect(kept(run, 'group-1', 'Pb')).toBeLessThan(0.95)
    expect(run.shown.filter((s) => s.seen && s.ions.includes('Pb^2+')).map((s) => s.at)).toEqual(['lead-in-hot-water', 'lead-sulfate'])
  })
})

describe('single solutions on portions', () => {
  test.each(CATION_PROOFS)('%s first answers to the reagent of its group', (ion, group) => {
    expect(drawnGroup(ion)).toBe(group)
  })
})

/** The first of the group reagents, each on a fresh portion, that brings anything down. */
function drawnGroup(ion: string): string {
  const runner = new Runner({
    solution: { ions: { [ion]: 0.05, 'H^+': 0.2, 'NO3^-': 0.2 + 0.05 * Number(/\^(\d*)\+$/.exec(ion)?.[1] || 1) }, mL: 20 },
  })
  const reagents: readonly (readonly [string, readonly Record<string, unknown>[]])[] = [
    ['I', [{ do: 'add', reagent: 'HCl 2 M', drops: 5 }]],
    [
      'II',
      [
        { do: 'add', reagent: 'HCl 2 M', drops: 2 },
        { do: 'pass', gas: 'H2S', minutes: 3 },
      ],
    ],
    [
      'III',
      [
        { do: 'add', reagent: 'NH4Cl 5 M', drops: 12 },
        { do: 'add', reagent: 'NH3 2 M', until: 'just-basic' },
      ],
    ],
    [
      'IV',
      [
        { do: 'add', reagent: 'NH4Cl 5 M', drops: 5 },
        { do: 'add', reagent: 'NH3 2 M', drops: 8 },
        { do: 'add', reagent: '(NH4)2S 1 M', drops: 6 },
      ],
    ],
    [
      'V',
      [
        { do: 'add', reagent: 'NH4Cl 5 M', drops: 18 },
        { do: 'add', reagent: 'NH3 2 M', drops: 6 },
        { do: 'add', reagent: '(NH4)2CO3 1 M', drops: 8 },
      ],
    ],
  ]
  for (const [group, steps] of reagents) {
    const vessel = `G${group}`
    runner.step(stepSchema.parse({ do: 'take', into: vessel, mL: 1 }))
    for (const step of steps) runner.step(stepSchema.parse({ ...step, to: vessel, through: vessel, vessel }))
    if (runner.step(stepSchema.parse({ do: 'look', at: vessel })).precipitates.some((p) => p.species !== 'S')) return group
  }
  return 'VI'
}

test('an empty vessel holds no element', () => {
  expect(elementsIn(undefined).size).toBe(0)
})
