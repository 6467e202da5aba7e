import { z } from 'zod'
import { PAPERS } from '../vocabulary'

/**
 * A parsed document's type without the room left for unknown fields: those are kept in the value, but nothing inside the core reads them.
 */
export type Known<T> = T extends readonly (infer Item)[]
  ? Known<Item>[]
  : T extends object
    ? { [K in keyof T as string extends K ? (unknown extends T[K] ? never : K) : K]: Known<T[K]> }
    : T

const positive = z.number().positive()
const minutes = z.number().positive().max(600).optional()
const vessel = z.string().min(1).max(24)

/** A solid, a solution or an organic compound, as `foxing-procedure/1` gives it. */
export const sampleSchema = z.union([
  z.looseObject({
    solids: z
      .array(z.looseObject({ formula: z.string(), mg: positive }))
      .min(1)
      .max(12),
  }),
  z.looseObject({ solution: z.looseObject({ ions: z.record(z.string(), z.number().nonnegative()), mL: positive }) }),
  z.looseObject({ organic: z.looseObject({ smiles: z.string(), mg: positive }) }),
])
export type Sample = Known<z.infer<typeof sampleSchema>>

export const UNTILS = ['just-basic', 'just-acidic', 'no-more-gas', 'no-more-precipitate', 'dissolved', 'excess'] as const
export type Until = (typeof UNTILS)[number]

/** What is held in the flame: the sample on a wire or a splint, or the vapour at the mouth of the vessel, which is lit. */
export const SUPPORTS = ['wire', 'splint', 'mouth'] as const
export const FILTERS = ['air', 'cobalt-glass', 'spectroscope'] as const

export const FLUXES = ['borax', 'microcosmic'] as const
export const BEAD_FLAMES = ['oxidising', 'reducing'] as const

export const FUSED_WITH = ['sodium', 'zinc-carbonate'] as const
export const FUSION_HEATS = ['red', 'poor'] as const

const timed = <const Name extends string>(name: Name) => z.looseObject({ do: z.literal(name), vessel, minutes })

/** The operations this model carries out. */
export const stepSchema = z.discriminatedUnion('do', [
  z.looseObject({
    do: z.literal('take'),
    into: vessel,
    from: vessel.default('sample'),
    mg: positive.optional(),
    mL: positive.optional(),
    drops: positive.optional(),
    /** Of a fraction that holds less than is asked for most is taken, and a little kept. */
    upTo: z.boolean().optional(),
  }),
  z.looseObject({
    do: z.literal('dissolve'),
    into: vessel,
    mg: positive.optional(),
    in: z.string().default('water'),
    mL: positive,
    hot: z.boolean().default(false),
  }),
  z.looseObject({
    do: z.literal('add'),
    to: vessel,
    reagent: z.string(),
    mL: positive.optional(),
    drops: positive.optional(),
    mg: positive.optional(),
    until: z.enum(UNTILS).optional(),
  }),
  timed('shake'),
  timed('stand'),
  timed('warm'),
  timed('boil'),
  z.looseObject({ do: z.literal('ignite'), vessel, heat: z.enum(['gently', 'strongly']).default('strongly') }),
  z.looseObject({ do: z.literal('cool'), vessel, to: z.enum(['room', 'ice']).default('room') }),
  z.looseObject({ do: z.literal('concentrate'), vessel, toFraction: z.number().min(0.05).max(1) }),
  z.looseObject({ do: z.literal('pass'), gas: z.string(), through: vessel, minutes: z.number().positive().max(600).default(2) }),
  z.looseObject({ do: z.literal('bubble'), from: vessel, through: vessel }),
  z.looseObject({ do: z.literal('centrifuge'), vessel, liquidInto: vessel }),
  z.looseObject({ do: z.literal('filter'), vessel, liquidInto: vessel }),
  z.looseObject({ do: z.literal('wash'), vessel, with: z.string().default('water'), mL: positive.default(1) }),
  z.looseObject({ do: z.literal('soda-extract'), into: vessel, mg: positive.optional(), mL: positive.optional() }),
  z.looseObject({
    do: z.literal('flame'),
    from: vessel.default('sample'),
    support: z.enum(SUPPORTS).default('wire'),
    through: z.enum(FILTERS).default('air'),
    cleaned: z.boolean().default(true),
  }),
  z.looseObject({
    do: z.literal('bead'),
    from: vessel.default('sample'),
    flux: z.enum(FLUXES).default('borax'),
    flame: z.enum(BEAD_FLAMES).default('oxidising'),
    mg: positive.max(100).default(1),
  }),
  z.looseObject({ do: z.literal('charcoal'), from: vessel.default('sample'), with: z.string().default('Na2CO3') }),
  z.looseObject({ do: z.literal('copper-wire'), from: vessel.default('sample'), cleaned: z.boolean().default(true) }),
  z.looseObject({ do: z.literal('ignition'), from: vessel.default('sample'), cleaned: z.boolean().default(true) }),
  z.looseObject({
    do: z.literal('fuse'),
    into: vessel,
    with: z.enum(FUSED_WITH).default('sodium'),
    sodium_mg: positive.max(500).optional(),
    sample_mg: positive.max(500).optional(),
    tubes: z.number().int().min(1).max(4).default(1),
    water_mL: positive.max(100).default(10),
    toFraction: z.number().min(0.05).max(1).default(0.33),
    heating: z.enum(FUSION_HEATS).default('red'),
  }),
  z.looseObject({ do: z.literal('melting-point'), of: vessel.default('sample') }),
  z.looseObject({ do: z.literal('boiling-point'), of: vessel.default('sample') }),
  z.looseObject({ do: z.literal('cobalt-nitrate'), on: vessel.default('sample') }),
  z.looseObject({ do: z.literal('dip'), paper: z.enum(PAPERS), into: vessel, dry: z.boolean().default(false) }),
  z.looseObject({
    do: z.literal('hold'),
    over: vessel,
    paper: z.enum(PAPERS).optional(),
    splint: z.enum(['glowing', 'burning']).optional(),
    /** A rod wet with one of these, or a dry slip of glass. */
    rod: z.enum(['NH3 conc', 'HCl conc', 'water', 'glass']).optional(),
    dry: z.boolean().default(false),
  }),
  z.looseObject({ do: z.literal('smell'), at: vessel }),
  z.looseObject({ do: z.literal('look'), at: vessel }),
])
export type Step = Known<z.infer<typeof stepSchema>>
export type StepInput = Known<z.input<typeof stepSchema>>

export const procedureSchema = z.looseObject({
  format: z.literal('foxing-procedure/1'),
  id: z.union([z.string(), z.number()]).optional(),
  sample: sampleSchema,
  drop_mL: positive.max(0.2).optional(),
  steps: z.array(stepSchema).max(2000),
})
export type Procedure = Known<z.infer<typeof procedureSchema>>

/** What the sample itself is called where a step may name it as a vessel. */
export const SAMPLE = 'sample'

/** The vessel a step acts on, whose state is to be seen after it. */
export function vesselOf(step: Step): string {
  switch (step.do) {
    case 'take':
    case 'dissolve':
    case 'dip':
    case 'soda-extract':
    case 'fuse':
      return step.into
    case 'add':
      return step.to
    case 'hold':
      return step.over
    case 'smell':
    case 'look':
      return step.at
    case 'pass':
    case 'bubble':
      return step.through
    case 'flame':
    case 'bead':
    case 'charcoal':
    case 'copper-wire':
    case 'ignition':
      return step.from
    case 'melting-point':
    case 'boiling-point':
      return step.of
    case 'cobalt-nitrate':
      return step.on
    default:
      return step.vessel
  }
}

/** Other vessels a step draws on or fills, besides the one it acts on. */
export function otherVesselsOf(step: Step): readonly string[] {
  if (step.do === 'take' && step.from !== SAMPLE) return [step.from]
  if (step.do === 'bubble') return [step.from]
  return step.do === 'centrifuge' || step.do === 'filter' ? [step.liquidInto] : []
}

/** The step with every vessel it names named anew; the sample stays the sample. */
export function withVessels(step: Step, name: (vessel: string) => string): Step {
  const put = (vessel: string): string => (vessel === SAMPLE ? vessel : name(vessel))
  switch (step.do) {
    case 'take':
      return { ...step, from: put(step.from), into: put(step.into) }
    case 'dissolve':
    case 'dip':
    case 'soda-extract':
    case 'fuse':
      return { ...step, into: put(step.into) }
    case 'add':
      return { ...step, to: put(step.to) }
    case 'hold':
      return { ...step, over: put(step.over) }
    case 'smell':
    case 'look':
      return { ...step, at: put(step.at) }
    case 'pass':
      return { ...step, through: put(step.through) }
    case 'bubble':
      return { ...step, from: put(step.from), through: put(step.through) }
    case 'flame':
    case 'bead':
    case 'charcoal':
    case 'copper-wire':
    case 'ignition':
      return { ...step, from: put(step.from) }
    case 'melting-point':
    case 'boiling-point':
      return { ...step, of: put(step.of) }
    case 'cobalt-nitrate':
      return { ...step, on: put(step.on) }
    case 'centrifuge':
    case 'filter':
      return { ...step, vessel: put(step.vessel), liquidInto: put(step.liquidInto) }
    default:
      return { ...step, vessel: put(step.vessel) }
  }
}

/** Steps that only look at what is there and change nothing. */
export const onlyLooks = (step: Step): boolean =>
  [
    'look',
    'dip',
    'hold',
    'smell',
    'flame',
    'bead',
    'charcoal',
    'cobalt-nitrate',
    'copper-wire',
    'ignition',
    'melting-point',
    'boiling-point',
  ].includes(step.do)
