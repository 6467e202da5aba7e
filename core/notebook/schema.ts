import { z } from 'zod'
import { stepSchema, type Known } from '../tube'
import { CERTAINTIES, EYES, isChannel } from '../vocabulary'

/** One thing seen, as written down. `value` is free text checked against the channel's words where it has any. */
export const observationSchema = z
  .looseObject({
    vessel: z.string().max(24).optional(),
    channel: z.string(),
    value: z.string().max(80).default('yes'),
    negated: z.boolean().default(false),
    degree: z.string().max(40).optional(),
    after: z.string().max(80).optional(),
    certainty: z.enum(CERTAINTIES).default('sure'),
    /** When it was seen, by the clock of the room with its offset, where that is not when it was written. */
    when: z.iso.datetime({ offset: true }).optional(),
    /** Which look of a catalogue test this belongs to, counted from 0 among its steps. */
    step: z.number().int().nonnegative().optional(),
    /** The line as it was typed, with the first observation read from it. */
    typed: z.string().max(400).optional(),
    /** The `did` entry this was seen of; the last one before it, where it is left out. */
    of: z.string().max(64).optional(),
  })
  .superRefine((observation, context) => {
    if (!isChannel(observation.channel))
      context.addIssue({ code: 'custom', path: ['channel'], message: 'a channel of the vocabulary (see "catalogue")' })
  })
export type Observation = Known<z.infer<typeof observationSchema>>
export type ObservationInput = Known<z.input<typeof observationSchema>>

/** A catalogue test done in the named tube: a new tube is filled from the sample as the test says, a filled one is used as it is. */
export const CONTROLS = ['positive', 'negative', 'blank'] as const
export const testDoneSchema = z.looseObject({
  test: z.string(),
  on: z.string().min(1).max(24),
  /** Done not on the sample but on something known, beside the run of the entry named: a salt that shows it, one that does not, or water. */
  control: z.enum(CONTROLS).optional(),
  beside: z.string().max(64).optional(),
  /** What was answered before a gate opened: what is fused, or that it is of no class that may not be; that a speck was tried. */
  gate: z
    .looseObject({ compound: z.string().max(400).optional(), noneOfThese: z.literal(true).optional(), speckTried: z.literal(true).optional() })
    .optional(),
  /** The salt in a positive or a negative control, by its formula. */
  holding: z.string().max(80).optional(),
})
export type TestDone = Known<z.infer<typeof testDoneSchema>>

export const didSchema = z.union([stepSchema, testDoneSchema])
export type Did = Known<z.infer<typeof didSchema>>

/** The part of a worksheet that something was done for, where it says one. */
export const partOf = (did: Did): string | null => ('part' in did && typeof did.part === 'string' ? did.part : null)

/** What a part of a worksheet may ask for. */
export const ASKS = ['observation', 'gas', 'conclusion'] as const
/** A lettered part of a worksheet: steps, or tests of the catalogue, as a notebook has them. */
export const worksheetPartSchema = z.looseObject({
  letter: z.string().min(1).max(8).optional(),
  text: z.string().max(2000).optional(),
  steps: z.array(didSchema).min(1).max(60),
  asks: z.array(z.enum(ASKS)).optional(),
  /** All the marks of the part, where its writer has settled them. */
  marks: z.number().nonnegative().max(1000).optional(),
})
export type WorksheetPart = Known<z.infer<typeof worksheetPartSchema>>
const parts = z.array(worksheetPartSchema).min(1).max(60)
export { parts as worksheetPartsSchema }
/** The letter of a part: its own, or the one its place gives it. */
export const letterOf = ({ letter }: Pick<WorksheetPart, 'letter'>, place: number): string => letter ?? String.fromCharCode(65 + (place % 26))

export const CLAIMS = ['may be present', 'present', 'confirmed', 'absent'] as const
export const concludedSchema = z.looseObject({
  species: z.string().min(1).max(80),
  claim: z.enum(CLAIMS),
  citing: z.array(z.string()).default([]),
  /** The part of a worksheet it was concluded from; without one it is said of the jar. */
  part: z.string().max(8).optional(),
})
export type Concluded = Known<z.infer<typeof concludedSchema>>

const head = {
  id: z.string().min(1).max(64),
  /** When it was written, by the device's clock. */
  at: z.string().max(40),
  /** When a server took it, by the server's clock. */
  received: z.iso.datetime().optional(),
}
/** A hint that was asked for, and taken: which of the notebook it is, counted from 1. */
export const hintSchema = z.looseObject({ number: z.number().int().positive().max(10_000) })

/** One line of the notebook: exactly one of did, saw, note, hint, concluded, amended. */
export const entrySchema = z.union([
  z.looseObject({ ...head, did: didSchema }),
  z.looseObject({ ...head, saw: observationSchema }),
  z.looseObject({
    ...head,
    note: z.string().max(4000),
    about: z.string().max(64).optional(),
    /** A small picture as a data URL; nothing of its file but its pixels. */
    picture: z
      .string()
      .max(64_000)
      .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/)
      .optional(),
  }),
  z.looseObject({ ...head, hint: hintSchema }),
  z.looseObject({ ...head, concluded: concludedSchema }),
  z.looseObject({ ...head, amended: z.looseObject({ entry: z.string(), with: z.record(z.string(), z.json()) }) }),
])
export type Entry = Known<z.infer<typeof entrySchema>>

export const HINTS = ['open', 'on request', 'none'] as const
export const COURSES = ['by-course', 'quickest'] as const
export const SCHOOL_WORDINGS = ['graded', 'plain'] as const
export const caseSchema = z.looseObject({
  kind: z.enum(['salt', 'mixture', 'organic']).default('salt'),
  school: z
    .looseObject({
      /** Independent positive tests that "confirmed" takes. */
      confirmations: z.number().int().min(1).max(3).default(2),
      wording: z.enum(SCHOOL_WORDINGS).default('graded'),
      spelling: z.enum(['iupac', 'british', 'american']).default('iupac'),
      /** The scheme a mixture is taken apart by, and the course one salt is worked by. */
      scheme: z.string().optional(),
      /** Whether one salt is worked in the order of the course, or by whatever tells most for its cost. */
      course: z.enum(COURSES).optional(),
    })
    .default({ confirmations: 2, wording: 'graded', spelling: 'iupac' }),
  maxCations: z.number().int().positive().max(6).optional(),
  maxAnions: z.number().int().positive().max(4).optional(),
  reagents: z.array(z.string()).optional(),
  /** What the class lets the worker see of standings and proposals. */
  hints: z.enum(HINTS).default('open'),
  colourVision: z.enum(EYES).default('usual'),
  /** mL where the sample is a solution, mg of a solid; of a mixture that says neither its form nor its volume, what is done with it tells. */
  sample: z
    .looseObject({ mg: z.number().positive().default(500), mL: z.number().positive().optional(), form: z.enum(['solid', 'solution']).optional() })
    .default({ mg: 500 }),
  drop_mL: z.number().positive().max(0.2).optional(),
  /** Compounds an organic jar may hold beside those of the library. */
  compounds: z
    .array(
      z.looseObject({
        name: z.string().min(1).max(80),
        smiles: z.string().min(1).max(400),
        melts_C: z.number().min(-200).max(600).nullable().optional(),
        boils_C: z.number().min(-200).max(800).nullable().optional(),
      }),
    )
    .max(100)
    .optional(),
  /** Lettered parts the work is to follow: a worksheet without its sample. */
  worksheet: z.looseObject({ title: z.string().max(200).optional(), parts }).optional(),
})
export type Case = Known<z.infer<typeof caseSchema>>

/** What a worksheet's file gives the person who works it; its sample, where it says one, is the instructor's. */
export const worksheetFileSchema = z.looseObject({ format: z.literal('foxing-worksheet/1'), title: z.string().max(200).optional(), parts })

export const notebookSchema = z.looseObject({
  format: z.literal('foxing-notebook/1'),
  id: z.union([z.string(), z.number()]).optional(),
  case: caseSchema.default(() => caseSchema.parse({})),
  entries: z.array(entrySchema).max(5000),
})
export type Notebook = Known<z.infer<typeof notebookSchema>>

/** What an entry says the whole jar holds; null for any other, and for what was concluded of one part of a worksheet. */
export const saidOfJar = (entry: Entry): Concluded | null => ('concluded' in entry && entry.concluded.part === undefined ? entry.concluded : null)

export const isTest = (did: Did): did is TestDone => 'test' in did
