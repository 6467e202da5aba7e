import { caseSchema, entrySchema } from '@foxing/core'
import { z } from 'zod'

/** Who somebody is at an institution. */
export const ROLES = ['student', 'instructor', 'technician', 'administrator'] as const
export const roleSchema = z.enum(ROLES)
export type Role = z.infer<typeof roleSchema>
/** Whether somebody may do what is for instructors. */
export const teaches = (role: Role | undefined): boolean => role === 'instructor' || role === 'administrator'

/** When a jar that was given out is opened. */
export const REVEALS = ['on conclusion', 'on date', 'by instructor'] as const
export type Reveal = (typeof REVEALS)[number]

/** Characters of JSON that what is said of a jar may take, a long worksheet among it. */
const LARGEST_CASE = 200_000

/** What a jar is opened with, by whoever opens it. */
export const label = {
  code: z.string().trim().min(1).max(24),
  title: z.string().trim().max(200).default(''),
  case: caseSchema
    .default(() => caseSchema.parse({}))
    .refine((settings) => JSON.stringify(settings).length <= LARGEST_CASE, `what is said of the jar in no more than ${LARGEST_CASE} characters`),
}

/** A jar as it stands on a shelf. */
export const jarSchema = z.object({
  id: z.string(),
  code: z.string(),
  title: z.string(),
  kind: z.enum(['real', 'simulated']),
  case: caseSchema,
  createdAt: z.string(),
  owner: z.string(),
  ownerName: z.string().nullable(),
  classId: z.string().nullable(),
  /** Given out by an instructor. */
  issued: z.boolean(),
  reveal: z.enum(REVEALS),
  revealOn: z.string().nullable(),
  /** The instructor, or the date, has opened it; a conclusion is looked for elsewhere. */
  opened: z.boolean(),
})
export type Jar = z.infer<typeof jarSchema>

/** The same with how far its work has got. */
export const jarSummarySchema = jarSchema.extend({ entries: z.number(), concluded: z.array(z.string()) })
export type JarSummary = z.infer<typeof jarSummarySchema>

export const namedSchema = z.object({ id: z.string(), name: z.string() })
export type Named = z.infer<typeof namedSchema>

/** An entry with its place in the notebook, its writer, and when the server took it, by its own clock. */
export const placedEntrySchema = z.object({
  body: entrySchema,
  device: z.string(),
  order: z.number(),
  position: z.number(),
  author: z.string().nullable(),
  received: z.string(),
})
export type PlacedEntry = z.infer<typeof placedEntrySchema>

export const signatureSchema = z.object({ version: z.number(), signedAt: z.string(), by: z.string().nullable(), sha256: z.string() })
export type Signature = z.infer<typeof signatureSchema>

/** A code that still lets somebody in; the code itself is told once, when it is made. */
export const openCodeSchema = z.object({ id: z.string(), role: z.string(), left: z.number(), until: z.string() })
export type OpenCode = z.infer<typeof openCodeSchema>

/** A device that is signed in. */
export const openSessionSchema = z.object({ id: z.string(), begun: z.string(), used: z.string(), own: z.boolean() })
export type OpenSession = z.infer<typeof openSessionSchema>

/** What the server says when it refuses, in its own words, and what can be done. */
export const refusalSchema = z.object({
  error: z.string(),
  todo: z.string().default(''),
  path: z.string().optional(),
  expected: z.string().optional(),
})
