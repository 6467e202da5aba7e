import { z } from 'zod'
import { expand, STOCK, testById, type Test } from '../catalogue'
import { findReagent } from '../species'
import { ofStep, stepSchema, wasteOfReagent, type EachOperation } from '../tube'
import { sampleTaken } from './taken'
import { defineSum, digits, positive, SumError } from './types'

const DROP_mL = 0.05
/** mg of the sample in a millilitre of the usual solution: 0.1 g in 5 mL. */
const STOCK_mg_per_mL = 20

function testOf(id: string, path: string): Test {
  const test = testById.get(id)
  if (!test) throw new SumError(path, 'a test of the catalogue, by its id')
  return test
}

/** mg of the sample that a test uses, its share of the stock solution counted as the solid in it. */
function usedBy(test: Test): number {
  return expand({ test: test.id, on: 'T' }, new Map([[STOCK, 1e9]]), testById).reduce((sum, { step, index }) => {
    if (index < 0) return 'mg' in step && typeof step.mg === 'number' ? sum + step.mg : sum
    const ofStock = step.do === 'take' && step.from === STOCK ? (step.mL ?? (step.drops ?? 0) * DROP_mL) * STOCK_mg_per_mL : 0
    return sum + ofStock + sampleTaken(step)
  }, 0)
}

export const sampleBudget = defineSum(
  'sample-budget',
  'Sample: what each test uses, and what is left',
  z.looseObject({ have_mg: positive, tests: z.array(z.string()).min(1).max(200), reserve_percent: z.number().min(0).max(90).default(20) }),
  {
    used_mg: z.number(),
    left_mg: z.number(),
    lines: z.array(z.looseObject({ test: z.string(), uses_mg: z.number(), left_mg: z.number(), within: z.boolean() })),
    stopBefore: z.string().nullable(),
  },
  ({ have_mg, tests, reserve_percent }) => {
    const reserve = (have_mg * reserve_percent) / 100
    let left = have_mg
    let stopBefore: string | null = null
    const lines = tests.map((id, k) => {
      const uses = usedBy(testOf(id, `tests.${k}`))
      left -= uses
      const within = left >= reserve - 1e-9
      if (!within) stopBefore ??= id
      return { test: id, uses_mg: digits(uses), left_mg: digits(left), within }
    })
    return {
      used_mg: digits(have_mg - left),
      left_mg: digits(left),
      lines,
      stopBefore,
      working: [`${reserve_percent} % of ${have_mg} mg kept back: ${digits(reserve)} mg`, `a millilitre of the solution holds ${STOCK_mg_per_mL} mg`],
    }
  },
)

/** One stretch of a test: hands busy, a burner or bath taken, or only the clock. */
export interface Stretch {
  readonly minutes: number
  readonly hands: boolean
  readonly burner: boolean
}
/** Minutes of hands for a step that is no wait. */
const HANDS_ON = 0.4

/** A wait after a step: how long, and whether it takes a burner or a bath. */
type Wait = Pick<Stretch, 'minutes' | 'burner'>
const no = (): Wait => ({ minutes: 0, burner: false })
const heated = (step: { readonly minutes?: number | undefined }): Wait => ({ minutes: Math.max(step.minutes ?? 0, 1), burner: true })
const WAITS: EachOperation<Wait> = {
  take: no,
  dissolve: no,
  add: no,
  shake: no,
  stand: (step) => ({ minutes: Math.max(step.minutes ?? 0, 1), burner: false }),
  warm: heated,
  boil: heated,
  ignite: () => heated({}),
  cool: () => ({ minutes: 2, burner: false }),
  concentrate: () => heated({}),
  pass: no,
  bubble: no,
  centrifuge: () => ({ minutes: 1, burner: false }),
  filter: no,
  wash: no,
  'soda-extract': no,
  flame: no,
  bead: no,
  charcoal: no,
  'copper-wire': no,
  ignition: no,
  fuse: no,
  'melting-point': no,
  'boiling-point': no,
  'cobalt-nitrate': no,
  dip: no,
  hold: no,
  smell: no,
  look: no,
}

/** A test as stretches of hands and waits, in order. */
export const stretchesOf = (test: Test): Stretch[] =>
  test.steps.reduce<Stretch[]>((list, template) => {
    const { minutes, burner } = ofStep(WAITS, stepSchema.parse(template))
    const last = list.at(-1)
    const before: Stretch[] = last?.hands
      ? [...list.slice(0, -1), { ...last, minutes: last.minutes + HANDS_ON }]
      : [...list, { minutes: HANDS_ON, hands: true, burner: false }]
    return minutes > 0 ? [...before, { minutes, hands: false, burner }] : before
  }, [])

interface Placed {
  readonly test: string
  readonly from_min: number
  readonly to_min: number
  readonly what: 'hands' | 'burner' | 'wait'
}
export interface Plan {
  readonly finish_min: number
  readonly inTurn_min: number
  readonly first: string | null
  readonly timeline: readonly Placed[]
}

/** What is still to wait for after a stretch: what waits longest is begun first. */
const waitsAfter = (stretches: readonly Stretch[], from: number): number => stretches.slice(from).reduce((sum, s) => sum + s.minutes, 0)

/**
 * Tests laid out on the hands and burners there are, waits overlapped: whenever hands are free they take up the test with most still to come that is ready for them.
 * @param hands how many people work, each on one thing at a time
 */
export function planOf(tests: readonly Test[], { hands, burners }: { readonly hands: number; readonly burners: number }): Plan {
  const jobs = tests.map((test) => ({ test: test.id, stretches: stretchesOf(test), next: 0, ready: 0 }))
  const free = { hands: new Array<number>(hands).fill(0), burner: new Array<number>(burners).fill(0) }
  const timeline: Placed[] = []
  for (;;) {
    const open = jobs.filter((job) => job.next < job.stretches.length)
    if (open.length === 0) break
    const starts = open.map((job) => {
      const stretch = job.stretches[job.next] as Stretch
      const pool = stretch.hands ? free.hands : stretch.burner ? free.burner : null
      return { job, stretch, pool, at: Math.max(job.ready, pool ? Math.min(...pool) : 0) }
    })
    const soonest = Math.min(...starts.map((s) => s.at))
    // Of what can begin now: a wait needs nobody, and of the rest what has most to come.
    const [{ job, stretch, pool, at } = starts[0] as (typeof starts)[number]] = starts
      .filter((s) => s.at <= soonest + 1e-9)
      .sort(
        (a, b) =>
          Number(a.stretch.hands) - Number(b.stretch.hands) || waitsAfter(b.job.stretches, b.job.next) - waitsAfter(a.job.stretches, a.job.next),
      )
    const to = at + stretch.minutes
    if (pool) pool[pool.indexOf(Math.min(...pool))] = to
    timeline.push({ test: job.test, from_min: digits(at), to_min: digits(to), what: stretch.hands ? 'hands' : stretch.burner ? 'burner' : 'wait' })
    job.ready = to
    job.next++
  }
  return {
    finish_min: digits(Math.max(0, ...timeline.map((t) => t.to_min))),
    inTurn_min: digits(jobs.reduce((sum, job) => sum + waitsAfter(job.stretches, 0), 0)),
    first: timeline[0]?.test ?? null,
    timeline,
  }
}

export const benchTime = defineSum(
  'bench-time',
  'Bench time: waits overlapped',
  z.looseObject({
    tests: z.array(z.string()).min(1).max(60),
    hands: z.number().int().min(1).max(6).default(1),
    burners: z.number().int().min(1).max(12).default(1),
  }),
  {
    finish_min: z.number(),
    inTurn_min: z.number(),
    first: z.string().nullable(),
    timeline: z.array(z.looseObject({ test: z.string(), from_min: z.number(), to_min: z.number(), what: z.enum(['hands', 'burner', 'wait']) })),
  },
  ({ tests, hands, burners }) => {
    const plan = planOf(
      tests.map((id, k) => testOf(id, `tests.${k}`)),
      { hands, burners },
    )
    return {
      ...plan,
      timeline: plan.timeline.map((t) => ({ ...t })),
      working: [
        `one after another ${plan.inTurn_min} min`,
        `on ${hands} pair${hands > 1 ? 's' : ''} of hands and ${burners} burner${burners > 1 ? 's' : ''}, waits overlapped, ${plan.finish_min} min`,
      ],
    }
  },
)

export const classTotals = defineSum(
  'class-totals',
  'Class totals: reagents to set out',
  z.looseObject({
    tests: z.array(z.string()).min(1).max(200),
    places: z.number().int().positive().max(500),
    spare_percent: z.number().min(0).max(200).default(25),
    bottle_mL: positive.default(50),
    share: z.number().int().positive().default(4),
  }),
  {
    reagents: z.array(z.looseObject({ reagent: z.string(), total_mL: z.number(), bottles: z.number(), label: z.string(), waste: z.string() })),
    solids: z.array(z.looseObject({ reagent: z.string(), total_g: z.number() })),
  },
  ({ tests, places, spare_percent, bottle_mL, share }) => {
    const liquids = new Map<string, number>()
    const solids = new Map<string, number>()
    tests.forEach((id, k) => {
      for (const step of testOf(id, `tests.${k}`).steps) {
        if (step.do === 'dissolve' && step.in !== undefined) liquids.set(step.in, (liquids.get(step.in) ?? 0) + step.mL)
        if (!('reagent' in step) || typeof step.reagent !== 'string') continue
        if (step.mg !== undefined) solids.set(step.reagent, (solids.get(step.reagent) ?? 0) + step.mg)
        // Until it turns: a millilitre, about.
        else liquids.set(step.reagent, (liquids.get(step.reagent) ?? 0) + (step.mL ?? (step.drops === undefined ? 1 : step.drops * DROP_mL)))
      }
    })
    const factor = places * (1 + spare_percent / 100)
    const sharers = Math.ceil(places / share)
    return {
      reagents: [...liquids]
        .map(([reagent, mL]) => ({
          reagent,
          total_mL: digits(mL * factor),
          bottles: Math.max(sharers, Math.ceil((mL * factor) / bottle_mL)),
          label: labelOf(reagent),
          waste: wasteOfReagent(reagent).jar,
        }))
        .sort((a, b) => b.total_mL - a.total_mL),
      solids: [...solids].map(([reagent, mg]) => ({ reagent, total_g: digits((mg * factor) / 1000) })),
      working: [
        `each amount × ${places} places × ${1 + spare_percent / 100}`,
        `a bottle of ${bottle_mL} mL for every ${share} places: ${sharers}, or as many as the amount fills`,
      ],
    }
  },
)

const read = (text: string): ReturnType<typeof findReagent> | null => {
  try {
    return findReagent(text)
  } catch {
    return null
  }
}
function labelOf(text: string): string {
  const caution = read(text)?.caution ?? ''
  return caution ? `${text}. ${caution}` : text
}
/** Sodium for a fusion: so many times the compound's mass, and no more than a small pea of it. Source: Vogel's Practical Organic Chemistry, sodium fusion. */
const SODIUM_RATIO = 4
const SODIUM_mg = [60, 120] as const
const PORTION_mL = 1
const PAID_FOR = ['nitrogen', 'sulfur by nitroprusside', 'sulfur by lead acetate', 'halogen with silver', 'halogen by layer', 'phosphate', 'reserve']

export const fusion = defineSum(
  'fusion',
  'Fusion with sodium: masses, water, boiling down',
  z.looseObject({
    compound_mg: positive.max(200),
    water_mL: positive.max(50).default(10),
    toFraction: positive.max(1).default(0.33),
    timed: z.looseObject({ lost_mL: positive, minutes: positive }).optional(),
  }),
  {
    sodium_mg: z.number(),
    target_mL: z.number(),
    boilDown_min: z.number().nullable(),
    portions: z.number(),
    paysFor: z.array(z.string()),
    says: z.string(),
  },
  ({ compound_mg, water_mL, toFraction, timed }) => {
    const wanted = compound_mg * SODIUM_RATIO
    const sodium = Math.min(SODIUM_mg[1], Math.max(SODIUM_mg[0], wanted))
    if (wanted > SODIUM_mg[1] * 2)
      throw new SumError('compound_mg', `no more than ${Math.floor((SODIUM_mg[1] * 2) / SODIUM_RATIO)} mg for one tube: split it into two`)
    const target = water_mL * toFraction
    const boil = timed ? ((water_mL - target) * timed.minutes) / timed.lost_mL : null
    const portions = Math.floor(target / PORTION_mL)
    return {
      sodium_mg: digits(sodium),
      target_mL: digits(target),
      boilDown_min: boil === null ? null : digits(boil, 2),
      portions,
      paysFor: PAID_FOR.slice(0, portions),
      says:
        portions < 4 ? 'Too little extract for every element: fuse a second tube into the same dish.' : 'Enough for every element, with a reserve.',
      working: [
        `sodium about ${SODIUM_RATIO} times the compound, ${SODIUM_mg[0]} to ${SODIUM_mg[1]} mg a tube`,
        `${water_mL} mL × ${toFraction} = ${digits(target)} mL, portions of ${PORTION_mL} mL`,
        ...(timed && boil !== null
          ? [`(${water_mL} − ${digits(target)}) mL × ${timed.minutes} min / ${timed.lost_mL} mL = ${digits(boil, 2)} min`]
          : []),
      ],
    }
  },
)
