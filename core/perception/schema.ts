import { z } from 'zod'
import {
  AMOUNTS,
  CLARITIES,
  FAMILIES,
  FORMS,
  HABITS,
  HEATS,
  LASTS,
  LINE_COLOURS,
  PAPERS,
  RESTS,
  RODS,
  SMELLS,
  SPEEDS,
  SPLINTS,
  VIGOURS,
} from '../vocabulary'
import type { Seen } from './seen'

const hex = z.string().regex(/^#[0-9a-f]{6}$/)
const colour = z.looseObject({ name: z.string(), family: z.enum(FAMILIES), hex })
const dissolved = z.enum(['yes', 'partly', 'no']).nullable()
const solid = { habit: z.enum(HABITS), amount: z.enum(AMOUNTS), rests: z.enum(RESTS) }

const residue = z.looseObject({
  hot: colour,
  cold: colour,
  species: z.array(z.string()),
  sublimate: z.looseObject({ colour, species: z.array(z.string()) }).nullable(),
  melts: z.boolean(),
  crackles: z.boolean(),
  chars: z.boolean(),
  swells: z.boolean(),
  glows: z.boolean(),
})

const perceptSchema = z.looseObject({
  step: z.number().int().positive(),
  vessel: z.string(),
  pH: z.number().nullable(),
  temperature: z.number(),
  appearance: z.looseObject({ colour, form: z.enum(FORMS) }).nullable(),
  solution: z.looseObject({ colour, clarity: z.enum(CLARITIES) }).nullable(),
  precipitates: z.array(z.looseObject({ species: z.string(), colour, ...solid })),
  deposit: z.looseObject({ colour, ...solid }).nullable(),
  dissolved,
  clouded: z.literal(true).optional(),
  layers: z.array(z.looseObject({ rests: z.enum(['upper', 'lower']), colour, solvent: z.string() })),
  gases: z.array(z.looseObject({ species: z.string(), vigour: z.enum(VIGOURS), colour, smell: z.enum(SMELLS).nullable() })),
  papers: z.array(z.looseObject({ paper: z.enum(PAPERS), from: colour, to: colour })),
  splint: z.enum(SPLINTS).optional(),
  rod: z.enum(RODS).optional(),
  flame: z
    .looseObject({
      colour,
      lines: z.array(z.number()),
      lasts: z.enum(LASTS),
      sooty: z.boolean(),
      spread: z.boolean().optional(),
      glass: z.boolean().optional(),
    })
    .optional(),
  residue: residue.optional(),
  stages: z
    .array(
      z.looseObject({
        stage: z.enum(['gently', 'strongly']),
        gases: z.array(z.string()),
        water: z.boolean(),
        melts: z.boolean(),
        sublimate: colour.nullable(),
        hot: colour,
      }),
    )
    .optional(),
  water: z.boolean().optional(),
  bead: z.looseObject({ hot: colour, cold: colour, clear: z.boolean() }).optional(),
  ring: z.looseObject({ colour }).optional(),
  soluble: z.enum(['yes', 'partly', 'no']).optional(),
  constant: z.number().nullable().optional(),
  smell: z.enum(SMELLS).nullable(),
  heat: z.enum(HEATS),
  speed: z.enum(SPEEDS),
  drops: z.number().int().optional(),
  shows: z.array(z.string()),
  equation: z.string().nullable(),
  equations: z.array(z.string()),
})

/** `foxing-percepts/1`, one entry a step. */
export const perceptsSchema = z.looseObject({
  format: z.literal('foxing-percepts/1'),
  id: z.union([z.string(), z.number()]).optional(),
  steps: z.array(perceptSchema),
})

const seenColour = z.object({ name: z.string(), family: z.enum(FAMILIES), drawn: hex })

/** `foxing-seen/1`: strict, so that a field that should not leave the server is an error and not an extra. */
export const seenSchema: z.ZodType<Seen> = z.strictObject({
  format: z.literal('foxing-seen/1'),
  entry: z.string(),
  looks: z.array(
    z.strictObject({
      step: z.number().int().nonnegative(),
      vessel: z.string(),
      appearance: z.strictObject({ colour: seenColour, form: z.enum(FORMS) }).nullable(),
      solution: z.strictObject({ colour: seenColour, clarity: z.enum(CLARITIES) }).nullable(),
      precipitate: z.strictObject({ colour: seenColour, ...solid }).nullable(),
      dissolves: dissolved,
      clouded: z.literal(true).optional(),
      layer: z.strictObject({ colour: seenColour, rests: z.enum(['upper', 'lower']) }).nullable(),
      gas: z.strictObject({ colour: seenColour, vigour: z.enum(VIGOURS), smell: z.enum(SMELLS).nullable() }).nullable(),
      papers: z.array(z.strictObject({ paper: z.enum(PAPERS), from: seenColour, to: seenColour })),
      flame: z
        .strictObject({ colour: seenColour, lasts: z.enum(LASTS), sooty: z.boolean(), lines: z.array(z.enum(LINE_COLOURS)).readonly().nullable() })
        .nullable(),
      residue: z
        .strictObject({
          hot: seenColour,
          cold: seenColour,
          sublimate: seenColour.nullable(),
          melts: z.boolean(),
          crackles: z.boolean(),
          chars: z.boolean(),
          swells: z.boolean(),
          ash: z.boolean(),
          water: z.boolean(),
        })
        .nullable(),
      bead: z.strictObject({ hot: seenColour, cold: seenColour, clear: z.boolean() }).nullable(),
      ring: z.strictObject({ colour: seenColour }).nullable(),
      splint: z.enum(SPLINTS).nullable(),
      rod: z.enum(RODS).nullable(),
      soluble: z.enum(['yes', 'partly', 'no']).nullable(),
      constant: z.number().nullable(),
      smell: z.enum(SMELLS).nullable(),
      heat: z.enum(HEATS),
    }),
  ),
})
