import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { procedureSchema, stepSchema, type StepInput } from '../tube'
import { colourDifference, colourOfHex, degreeOf, labOfHex } from './colour'
import type { Percept } from './percept'
import { perceptsSchema, seenSchema } from './schema'
import { drawn, seenLook } from './seen'
import { ProcedureError, Runner, simulate } from './simulate'
import { absorptivity, colourThrough, WAVELENGTHS } from './spectrum'

const DISSOLVE: StepInput = { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 }
const TAKE: StepInput = { do: 'take', from: 'OS', into: 'A', mL: 1 }

function see(formula: string, ...steps: StepInput[]): Percept {
  const procedure = procedureSchema.parse({
    format: 'foxing-procedure/1',
    sample: { solids: [{ formula, mg: 500 }] },
    steps: [DISSOLVE, TAKE, ...steps],
  })
  const last = simulate(procedure).steps.at(-1)
  if (!last) throw new Error('no percept')
  return last
}
const look: StepInput = { do: 'look', at: 'A' }

describe('solid in numbers', () => {
  /** Chloride of this strength with silver nitrate, looked at. */
  const silver = (molar: number) => {
    const runner = new Runner({ solution: { ions: { 'Na^+': molar, 'Cl^-': molar }, mL: 20 } })
    const steps: StepInput[] = [
      { do: 'take', into: 'A', mL: 1 },
      { do: 'add', to: 'A', reagent: 'silver nitrate', drops: 3 },
    ]
    const last = steps.map((step) => runner.stepUnseen(stepSchema.parse(step))).at(-1)
    return { bulk: last?.bulk() ?? null, deposit: last?.sight().deposit ?? null }
  }
  test('is there before an eye finds it, and not where there is hardly any', () => {
    const [much, faint, hardly] = [1e-2, 5e-5, 1e-6].map(silver)
    expect(much?.deposit?.habit).toBe('curdy')
    expect(much?.bulk?.found).toBeGreaterThan(10)
    // Silver chloride: 143.3 g/mol.
    expect(much?.bulk?.mgPerMl).toBeGreaterThan(1)
    expect(much?.bulk?.mgPerMl).toBeLessThan(1.44)
    expect(much?.bulk?.habits).toEqual([['curdy', 1]])
    expect(faint?.deposit).toBeNull()
    expect(faint?.bulk?.found).toBeGreaterThan(0.1)
    expect(faint?.bulk?.found).toBeLessThan(1)
    expect(hardly?.bulk).toBeNull()
  })
  test('of what is handed out it is no part', () => {
    expect(see('NaCl', { do: 'add', to: 'A', reagent: 'silver nitrate', drops: 2 })).not.toHaveProperty('bulk')
  })
})

describe('colour from spectra', () => {
  test('light through nothing is white', () => {
    const lab = colourThrough(new Float64Array(WAVELENGTHS.length))
    expect(lab.l).toBeCloseTo(100, 6)
    expect(Math.hypot(lab.a, lab.b)).toBeLessThan(1e-6)
  })
  test('a band in the red leaves blue-green light, one in the blue leaves yellow', () => {
    const through = (peak_nm: number) => colourThrough(absorptivity([{ peak_nm, absorptivity: 1, width_cm: 4000 }]))
    expect(through(650).b).toBeLessThan(-5)
    expect(through(440).b).toBeGreaterThan(20)
  })
  test('diluting a coloured solution pales it without a jump', () => {
    const bands = absorptivity([{ peak_nm: 600, absorptivity: 54, width_cm: 4800 }])
    let before = colourThrough(bands.map((b) => b * 0.1))
    for (let c = 0.098; c > 1e-6; c *= 0.98) {
      const now = colourThrough(bands.map((b) => b * c))
      expect(now.l).toBeGreaterThanOrEqual(before.l)
      expect(colourDifference(now, before)).toBeLessThan(2)
      before = now
    }
  })
  test.each([
    ['#f8f8f6', 'white'],
    ['#1e1c1b', 'black'],
    ['#f2dc3c', 'yellow'],
    ['#3f86cc', 'blue'],
    ['#6b4a33', 'brown'],
  ])('%s is called %s', (hex, family) => {
    expect(colourOfHex(hex).family).toBe(family)
  })
  test('shades are read off a name', () => {
    expect([degreeOf('pale blue'), degreeOf('deep red'), degreeOf('green')]).toEqual(['pale', 'deep', undefined])
  })
})

describe('golden facts of the tube (Vogel, Qualitative Inorganic Analysis)', () => {
  test('copper sulfate is blue in water and deep blue in excess ammonia', () => {
    expect(see('CuSO4.5H2O', look).solution?.colour.family).toBe('blue')
    const drop = see('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 1 }, look)
    expect(drop.deposit?.colour.family).toBe('blue')
    const excess = see('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 30 }, look)
    expect(excess.deposit).toBeNull()
    expect(excess.solution?.colour.name).toMatch(/deep blue/)
  })
  test('chloride turns copper green', () => {
    expect(see('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'HCl conc', drops: 8 }, look).solution?.colour.family).toBe('green')
  })
  test('silver chloride is white and curdy, and goes back into ammonia', () => {
    const made = see('NaCl', { do: 'add', to: 'A', reagent: 'AgNO3', drops: 5 }, look)
    expect(made.precipitates[0]).toMatchObject({ species: 'AgCl', colour: { family: 'white' }, habit: 'curdy' })
    expect(made.equation).toBe('Ag^+ + Cl^- -> AgCl')
    expect(
      see('NaCl', { do: 'add', to: 'A', reagent: 'AgNO3', drops: 5 }, { do: 'add', to: 'A', reagent: 'NH3 conc', drops: 10 }, look).precipitates,
    ).toEqual([])
  })
  test('aluminium hydroxide is a white jelly that dissolves in excess alkali but not in ammonia', () => {
    const jelly = see('Al2(SO4)3.18H2O', { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 1 }, look)
    expect(jelly.deposit).toMatchObject({ habit: 'gelatinous', colour: { family: 'white' } })
    expect(see('Al2(SO4)3.18H2O', { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 20 }, look).deposit).toBeNull()
    expect(see('Al2(SO4)3.18H2O', { do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 30 }, look).deposit?.habit).toBe('gelatinous')
  })
  test('blue copper hydroxide goes black when boiled', () => {
    expect(see('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 10 }, { do: 'boil', vessel: 'A' }, look).deposit?.colour.family).toBe(
      'black',
    )
  })
  test('ammonium with warm alkali: pungent, and moist red litmus turns blue; a dry one does not', () => {
    const steps: StepInput[] = [
      { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 10 },
      { do: 'warm', vessel: 'A' },
    ]
    const paper = (dry: boolean) => see('NH4Cl', ...steps, { do: 'hold', over: 'A', paper: 'red litmus paper', dry }).papers[0]?.to.family
    expect(paper(false)).toBe('blue')
    expect(paper(true)).toBe('red')
    expect(see('NH4Cl', ...steps, { do: 'smell', at: 'A' }).smell).toBe('pungent, ammonia')
    expect(see('NaCl', ...steps, { do: 'smell', at: 'A' }).smell).toBe('none')
  })
  test('a rod dipped in hydrochloric acid smokes over ammonia, one dipped in ammonia over hydrogen chloride', () => {
    const alkali: StepInput[] = [
      { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 10 },
      { do: 'warm', vessel: 'A' },
    ]
    expect(see('NH4Cl', ...alkali, { do: 'hold', over: 'A', rod: 'HCl conc' }).rod).toBe('white smoke')
    expect(see('NaCl', ...alkali, { do: 'hold', over: 'A', rod: 'HCl conc' }).rod).toBe('unchanged')
    const acid: StepInput[] = [
      { do: 'take', into: 'B', mg: 50 },
      { do: 'add', to: 'B', reagent: 'H2SO4 conc', mL: 0.5 },
    ]
    expect(see('NaCl', ...acid, { do: 'hold', over: 'B', rod: 'NH3 conc' }).rod).toBe('white smoke')
    expect(see('Na2SO4', ...acid, { do: 'hold', over: 'B', rod: 'NH3 conc' }).rod).toBe('unchanged')
  })
  test('a hydrogensulfate reddens blue litmus, sodium sulfate does not', () => {
    const dip: StepInput = { do: 'dip', paper: 'blue litmus paper', into: 'A' }
    expect(see('NaHSO4.H2O', dip).papers[0]?.to.family).toBe('red')
    expect(see('Na2SO4', dip).papers[0]?.to.family).toBe('blue')
  })
  test('strong acid on strong alkali gets hot', () => {
    expect(see('NaCl', { do: 'add', to: 'A', reagent: 'NaOH 2 M', mL: 1 }, { do: 'add', to: 'A', reagent: 'HCl conc', drops: 10 }).heat).not.toBe(
      'none',
    )
    expect(see('NaCl', { do: 'add', to: 'A', reagent: 'water', mL: 1 }).heat).toBe('none')
  })
})

describe('the documents', () => {
  test('percepts are in the published form', () => {
    const procedure = procedureSchema.parse({
      format: 'foxing-procedure/1',
      id: 7,
      sample: { solids: [{ formula: 'AgNO3', mg: 100 }] },
      steps: [DISSOLVE, TAKE, look],
    })
    const percepts = simulate(procedure)
    expect(perceptsSchema.safeParse(percepts).error).toBeUndefined()
    expect(percepts.steps.map((s) => s.step)).toEqual([1, 2, 3])
    expect(percepts.id).toBe(7)
  })
  test('a step that cannot be done is refused by its place in the document', () => {
    const procedure = procedureSchema.parse({
      format: 'foxing-procedure/1',
      sample: { solids: [{ formula: 'AgNO3', mg: 100 }] },
      steps: [DISSOLVE, { do: 'look', at: 'Q' }],
    })
    expect(() => simulate(procedure)).toThrow(ProcedureError)
    expect(() => simulate(procedure)).toThrow(/steps\.1\.at/)
  })
})

describe('what may leave the server of a secret sample', () => {
  const percept = see('CuSO4.5H2O', { do: 'add', to: 'A', reagent: 'NaOH 2 M', drops: 5 }, look)
  test('words alone: no species, equation, pH or exact colour', () => {
    const seen = seenLook(percept, null, 3, [0.3, -0.2, 0.5])
    const text = JSON.stringify({ format: 'foxing-seen/1', entry: 'e', looks: [seen] })
    expect(seenSchema.safeParse(JSON.parse(text)).error).toBeUndefined()
    for (const secret of ['Cu', 'OH', '->', String(percept.pH), percept.deposit?.colour.hex ?? '#']) expect(text).not.toContain(secret)
  })
  test('a field that should not be there is an error', () => {
    const seen = { ...seenLook(percept, null, 3, [0, 0, 0]), pH: 9 }
    expect(seenSchema.safeParse({ format: 'foxing-seen/1', entry: 'e', looks: [seen] }).success).toBe(false)
  })
  test('the drawn colour has few levels, and a grey stays grey whatever the secret shift', () => {
    const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
    const shift = fc.double({ min: -1, max: 1, noNaN: true })
    const levels = new Set<string>()
    fc.assert(
      fc.property(hex, fc.tuple(shift, shift, shift), (colour, jitter) => {
        const out = drawn(colour, jitter)
        for (const at of [1, 3, 5]) levels.add(out.slice(at, at + 2))
        expect(out).toMatch(/^#[0-9a-f]{6}$/)
      }),
      { seed: 5 },
    )
    expect(levels.size).toBeLessThanOrEqual(11)
    expect(colourOfHex(drawn('#f1f3f4', [0.9, -0.9, 0.4])).family).toMatch(/white|grey/)
    expect(colourDifference(labOfHex(drawn('#3f86cc', [0, 0, 0])), labOfHex('#3f86cc'))).toBeLessThan(8)
  })
})
