import { z } from 'zod'
import { Runner, type Percept } from '../perception'
import { COMPONENT_INDEX, molarMass, parseFormula, SOLIDS } from '../species'
import { expand, testById } from '../catalogue'
import { stepSchema, type StepInput, type Vessel } from '../tube'
import { defineSum, digits, positive, SumError } from './types'

/** What stands in a tube, as it was poured together. */
const contents = z
  .array(z.looseObject({ reagent: z.string(), drops: positive.optional(), mL: positive.optional() }))
  .min(1)
  .max(12)

/** A jar that nothing is taken from. */
const EMPTY = { solution: { ions: {}, mL: 1 } }
const doing = (runner: Runner, step: StepInput): Percept => runner.step(stepSchema.parse(step))

function filled(given: z.output<typeof contents>, drop_mL: number): Runner {
  const runner = new Runner(EMPTY, { drop_mL })
  given.forEach(({ reagent, drops, mL }, k) => {
    if ((drops === undefined) === (mL === undefined)) throw new SumError(`contents.${k}`, 'either drops or mL')
    try {
      doing(runner, { do: 'add', to: 'A', reagent, ...(drops === undefined ? { mL } : { drops }) })
    } catch (error) {
      throw new SumError(`contents.${k}.reagent`, error instanceof Error ? error.message : 'a reagent')
    }
  })
  return runner
}

const litmus = z.enum(['red', 'blue'])
const TOWARDS = ['just-basic', 'just-acidic'] as const
/** Far off, this share of what is left is poured at once; nearer than this many drops, one by one. */
const BOLD = 0.6
const NEAR = 3
/** Drops tried beyond the expected end for the curve. */
const BEYOND = 6
const MOST_DROPS = 400

export const neutralise = defineSum(
  'neutralise',
  'Neutralising, drop by drop',
  z.looseObject({
    contents,
    with: z.string(),
    towards: z.enum(TOWARDS),
    drop_mL: positive.max(0.2).default(0.05),
    readings: z.array(z.looseObject({ drops: z.number().int().nonnegative(), litmus })).default([]),
  }),
  {
    expected_drops: z.number(),
    between_drops: z.tuple([z.number(), z.number()]),
    nextDose_drops: z.number(),
    says: z.string(),
    curve: z.array(z.looseObject({ drops: z.number(), pH: z.number() })),
  },
  ({ contents: poured, with: reagent, towards, drop_mL, readings }) => {
    const start = filled(poured, drop_mL)
    const done = doing(start.fork(), { do: 'add', to: 'A', reagent, until: towards })
    const expected = done.drops ?? 0
    if (expected >= MOST_DROPS) throw new SumError('with', 'a reagent that can bring the tube there within some tubes of liquid')
    const curve: { drops: number; pH: number }[] = []
    const last = expected + BEYOND
    const stride = Math.max(1, Math.round(last / 60))
    const runner = start.fork()
    for (let drops = stride; drops <= last; drops += stride)
      curve.push({ drops, pH: doing(runner, { do: 'add', to: 'A', reagent, drops: stride }).pH ?? 7 })
    const there = towards === 'just-basic' ? 'blue' : 'red'
    const before = Math.max(0, ...readings.filter((r) => r.litmus !== there).map((r) => r.drops))
    const after = Math.min(Infinity, ...readings.filter((r) => r.litmus === there).map((r) => r.drops))
    if (after <= before) throw new SumError('readings', 'litmus that turns once: it was the end colour before it was the other')
    // Where the readings go beyond what was expected the bottle or the tube was otherwise: as far again as it was off.
    const estimate = Math.min(after, Math.max(expected, before + 1, before >= expected ? Math.ceil(before * 1.1) : 0))
    const left = estimate - before
    const dose = Number.isFinite(after) && after - before <= 1 ? 0 : left <= NEAR ? 1 : Math.max(1, Math.floor(left * BOLD))
    const says = Number.isFinite(after)
      ? after - before <= 1
        ? `It turned at drop ${after}: there.`
        : `It turned somewhere from ${before + 1} to ${after}: next time drop by drop from ${before}; if too much went in, take a drop of the other back.`
      : left <= NEAR
        ? 'Near: one drop, mix, a fresh spot of litmus.'
        : `About ${left} to go: ${dose}, mix, a fresh spot of litmus.`
    return {
      expected_drops: expected,
      between_drops: [before, Number.isFinite(after) ? after : Math.max(last, before + 1)] as [number, number],
      nextDose_drops: dose,
      says,
      curve,
      working: [
        `litmus is ${there} from about drop ${expected} by the equilibrium in the tube`,
        `read so far: not yet at ${before}, there at ${after}`,
      ],
    }
  },
)

/** mol of a component that stands dissolved in a vessel. */
function dissolved(vessel: Vessel | undefined, component: number): number {
  const all = vessel?.totals[component] ?? 0
  const down = (vessel?.contents?.solids ?? []).reduce((sum, { solid, mol }) => sum + mol * (solid.terms.find(([c]) => c === component)?.[1] ?? 0), 0)
  return Math.max(0, all - down)
}
function componentOf(ion: string, path: string): number {
  const component = COMPONENT_INDEX.get(ion)
  if (component === undefined || component === 0) throw new SumError(path, 'an ion of the catalogue, such as Ba^2+')
  return component
}

/** A clear solution of one ion with an anion or a cation that shows nothing. */
function solutionOf(ion: string, ion_M: number, acid_M = 0, anion = 'NO3^-'): Runner {
  const { charge } = parseFormula(ion)
  const counter = charge * ion_M + acid_M
  const ions = {
    [ion]: ion_M,
    ...(acid_M > 0 ? { 'H^+': acid_M } : {}),
    ...(counter > 0 ? { [anion]: counter } : counter < 0 ? { 'Na^+': -counter } : {}),
  }
  return new Runner({ solution: { ions, mL: 20 } })
}

/** Ions that hydrogen sulfide ought to bring down from 0.3 M acid, and such as it ought not to. */
const FALL = ['Cd^2+', 'Pb^2+', 'Cu^2+']
const STAY = ['Zn^2+', 'Co^2+', 'Ni^2+', 'Fe^2+', 'Mn^2+']
const ASTRAY = 0.1
const SAMPLE_M = 0.02

export const acidityForSulfide = defineSum(
  'acidity-for-sulfide',
  'Acidity before hydrogen sulfide',
  z.looseObject({
    acid_M: z.number().nonnegative(),
    volume_mL: positive,
    low_M: positive.default(0.25),
    high_M: positive.default(0.35),
    with: z.string().default('HCl 2 M'),
    with_M: positive.default(2),
  }),
  {
    add_mL: z.number(),
    water_mL: z.number(),
    says: z.string(),
    outside: z.array(z.looseObject({ ion: z.string(), what: z.string(), share: z.number() })),
  },
  ({ acid_M, volume_mL, low_M, high_M, with: acid, with_M }) => {
    const aim = (low_M + high_M) / 2
    const add = acid_M < low_M ? (volume_mL * (aim - acid_M)) / (with_M - aim) : 0
    if (add < 0) throw new SumError('with_M', `an acid stronger than the ${digits(aim)} mol/L aimed at`)
    const water = acid_M > high_M ? (volume_mL * acid_M) / aim - volume_mL : 0
    const outside = [...FALL, ...STAY].flatMap((ion) => {
      const runner = solutionOf(ion, SAMPLE_M, Math.max(acid_M, 0.001), 'Cl^-')
      doing(runner, { do: 'take', into: 'A', mL: 2 })
      doing(runner, { do: 'pass', gas: 'H2S', through: 'A', minutes: 4 })
      const component = componentOf(ion, 'ion')
      const vessel = runner.vessel('A')
      const up = dissolved(vessel, component) / (vessel?.totals[component] ?? 1)
      if (FALL.includes(ion)) return up > ASTRAY ? [{ ion, what: 'stays up in part', share: digits(up, 2) }] : []
      return 1 - up > ASTRAY ? [{ ion, what: 'comes down with it', share: digits(1 - up, 2) }] : []
    })
    return {
      add_mL: digits(add),
      water_mL: digits(water),
      says:
        add > 0 ? `Add ${digits(add)} mL of ${acid}.` : water > 0 ? `Dilute with ${digits(water)} mL of water.` : 'Within the window: pass the gas.',
      outside,
      working: [
        `window ${low_M} to ${high_M} mol/L, aimed at ${digits(aim)}`,
        add > 0
          ? `${volume_mL} mL × (${digits(aim)} − ${acid_M}) / (${with_M} − ${digits(aim)}) = ${digits(add)} mL`
          : `${volume_mL} mL × ${acid_M} / ${digits(aim)} − ${volume_mL} mL = ${digits(water)} mL`,
        `as it stands now, ions of ${SAMPLE_M} mol/L each by itself, by equilibrium with the gas`,
      ],
    }
  },
)

export const precipitation = defineSum(
  'precipitation',
  'Group reagent, so that little is left in solution',
  z.looseObject({
    ion: z.string(),
    ion_M: positive.max(2),
    volume_mL: positive,
    acid_M: z.number().nonnegative().default(0),
    reagent: z.string(),
    limit_M: positive,
    drop_mL: positive.max(0.2).default(0.05),
  }),
  {
    drops: z.number(),
    reagent_mL: z.number(),
    left_M: z.number(),
    precipitated_percent: z.number(),
    curve: z.array(z.looseObject({ drops: z.number(), left_M: z.number() })),
  },
  ({ ion, ion_M, volume_mL, acid_M, reagent, limit_M, drop_mL }) => {
    const component = componentOf(ion, 'ion')
    const runner = solutionOf(ion, ion_M, acid_M)
    doing(runner, { do: 'take', into: 'A', mL: volume_mL })
    const all = ion_M * volume_mL * 1e-3
    const curve: { drops: number; left_M: number }[] = []
    let least = Infinity
    for (let drops = 0; drops <= MOST_DROPS; drops += 1) {
      const vessel = runner.vessel('A')
      const left = dissolved(vessel, component) / ((vessel?.volume_mL ?? 1) / 1000)
      curve.push({ drops, left_M: digits(left) })
      if (left <= limit_M)
        return {
          drops,
          reagent_mL: digits(drops * drop_mL),
          left_M: digits(left),
          precipitated_percent: digits(100 * (1 - dissolved(vessel, component) / all), 4),
          curve,
          working: [
            `drop by drop, the equilibrium worked out after each, complexes and the common ion included`,
            `after ${drops} drops ${digits(left)} mol/L of ${ion} are left, below ${limit_M}`,
          ],
        }
      least = Math.min(least, left)
      if (drops > 40 && left > 3 * least) break
      try {
        doing(runner, { do: 'add', to: 'A', reagent, mL: drop_mL })
      } catch (error) {
        throw new SumError('reagent', error instanceof Error ? error.message : 'a reagent')
      }
    }
    throw new SumError('limit_M', `a limit that this reagent reaches: the least it leaves is about ${digits(least, 2)} mol/L`)
  },
)

export const ionProduct = defineSum(
  'ion-product',
  'Solubility product against ion product',
  z.looseObject({ solid: z.string(), ions_M: z.record(z.string(), positive) }),
  { ionProduct: z.number(), solubilityProduct: z.number(), comesDown: z.boolean() },
  ({ solid, ions_M }) => {
    const found = SOLIDS.find((s) => s.data.formula === solid)
    if (!found) throw new SumError('solid', 'a solid of the catalogue, such as AgCl')
    const parts = Object.entries(found.data.to).map(([ion, n]) => {
      const free = ions_M[ion]
      if (free === undefined) throw new SumError(`ions_M.${ion}`, `the free concentration of ${ion}`)
      return { ion, n, free }
    })
    const product = parts.reduce((all, { n, free }) => all * free ** n, 1)
    const constant = 10 ** found.data.logK.value
    const power = (n: number): string => (n === 1 ? '' : `^${n}`)
    return {
      ionProduct: digits(product),
      solubilityProduct: digits(constant),
      comesDown: product > constant,
      working: [
        `Q = ${parts.map(({ ion, n }) => `[${ion}]${power(n)}`).join(' × ')} = ${digits(product)}`,
        `K = ${digits(constant)} (${found.data.logK.source}); ${product > constant ? 'Q > K: it comes down' : 'Q < K: it stays dissolved'}`,
      ],
    }
  },
)

/** What of a percept tells that something is there. */
const marks = (p: Percept): string =>
  JSON.stringify([
    p.solution?.colour.family,
    p.solution?.clarity === 'clear',
    p.deposit && [p.deposit.colour.family, p.deposit.amount === 'trace' ? 'trace' : 'seen'],
    p.layers.map((l) => l.colour.family),
    p.gases.length > 0,
    p.papers.map((x) => x.to.family),
    p.flame?.colour.family,
  ])

export const detectionLimit = defineSum(
  'detection-limit',
  'The least that a test still shows',
  z.looseObject({ ion: z.string(), test: z.string(), from_M: positive.default(0.1) }),
  { limit_M: z.number(), dilution: z.number(), limit_mg_per_L: z.number() },
  ({ ion, test, from_M }) => {
    componentOf(ion, 'ion')
    if (!testById.has(test)) throw new SumError('test', 'a test of the catalogue, by its id')
    const look = (ion_M: number): string => {
      const runner = ion_M > 0 ? solutionOf(ion, ion_M) : new Runner({ solution: { ions: { 'Na^+': 1e-6, 'NO3^-': 1e-6 }, mL: 20 } })
      return expand({ test, on: 'T' }, new Map([['sample', 20]]), testById)
        .map(({ step }) => marks(runner.step(step)))
        .join()
    }
    const blank = look(0)
    if (look(from_M) === blank) throw new SumError('test', `a test that shows ${ion} at ${from_M} mol/L`)
    let shows = from_M
    let hidden = from_M / 1e6
    if (look(hidden) !== blank) shows = hidden
    while (shows / hidden > 1.1) {
      const middle = Math.sqrt(shows * hidden)
      if (look(middle) === blank) hidden = middle
      else shows = middle
    }
    return {
      limit_M: digits(shows, 2),
      dilution: digits(from_M / shows, 2),
      limit_mg_per_L: digits(shows * molarMass(parseFormula(ion)) * 1000, 2),
      working: [`${ion} diluted from ${from_M} mol/L until ${testById.get(test)?.title ?? test} looks like water`],
    }
  },
)
