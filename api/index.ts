import { entrySchema, notebookSchema, seenSchema, type Seen } from '@foxing/core'
import { z } from 'zod'
import { get, nothing, post, remove } from './endpoint'
import {
  jarSchema,
  jarSummarySchema,
  label,
  namedSchema,
  openCodeSchema,
  openSessionSchema,
  placedEntrySchema,
  REVEALS,
  roleSchema,
  signatureSchema,
} from './shapes'

export * from './endpoint'
export * from './shapes'

const id = z.uuid()
const loginSchema = z.string().trim().min(3).max(200)
/** A password somebody chooses; whether it is a common one the server sees. */
const passwordSchema = z.string().min(10, 'ten letters or more').max(200)
const passwordSaidSchema = z.string().min(1).max(200)
const codeSchema = z.string().min(8).max(40)

/** Lines of a notebook as a whole document, and the place of a line among those of its device. */
const MOST_LINES = 8000
/** Characters of JSON one line may take, with all that its writer put into it; a picture comes on top. */
export const LARGEST_LINE = 12_000
export const sizeOfLine = (body: object): number => JSON.stringify({ ...body, picture: '' }).length

const everything = z.record(z.string(), z.unknown())

/** Every address of the API. */
export const endpoints = {
  door: get('/door', { answer: z.object({ demo: z.boolean(), cookie: z.boolean() }) }),
  signIn: post('/sign-in', { body: z.object({ login: loginSchema, password: passwordSaidSchema }), answer: nothing }),
  join: post('/join', {
    body: z.object({ code: codeSchema, name: z.string().trim().min(1).max(200), login: loginSchema, password: passwordSchema }),
    answer: nothing,
  }),
  resetPassword: post('/reset', { body: z.object({ code: codeSchema, password: passwordSchema }), answer: nothing }),
  signOut: post('/sign-out', { body: z.object({}), answer: nothing }),
  signOutEverywhere: post('/sign-out-everywhere', { body: z.object({}), answer: nothing }),

  me: get('/me', {
    answer: namedSchema.extend({
      role: roleSchema,
      institution: z.string(),
      sessions: z.number(),
      classes: z.array(namedSchema),
      /** What the server knows its own pages by. */
      csrf: z.string(),
    }),
  }),
  changePassword: post('/me/password', { body: z.object({ old: passwordSaidSchema, new: passwordSchema }), answer: nothing }),
  sessions: get('/me/sessions', { answer: z.object({ sessions: z.array(openSessionSchema) }) }),
  endSession: remove('/me/sessions/:session'),
  everything: get('/me/everything', { answer: everything }),
  erase: post('/me/erase', { body: z.object({ password: passwordSaidSchema }), answer: nothing }),
  useCode: post('/codes', { body: z.object({ code: codeSchema }), answer: z.object({ class: z.string().nullable(), jar: z.string().nullable() }) }),

  beginClass: post('/classes', {
    body: z.object({ id, name: z.string().trim().min(1).max(120) }),
    status: 201,
    answer: z.object({ id: z.string() }),
  }),
  class: get('/classes/:class', {
    answer: namedSchema.extend({ people: z.array(namedSchema.extend({ role: z.string() })), jars: z.array(jarSummarySchema) }),
  }),
  invite: post('/classes/:class/invitations', {
    body: z
      .object({
        role: roleSchema,
        uses: z.number().int().min(1).max(300).optional(),
        days: z.number().int().min(1).max(60).default(7),
      })
      .refine((wanted) => wanted.role === 'student' || (wanted.uses ?? 1) <= 3, {
        path: ['uses'],
        message: 'no more than three uses of a code that lets in others than students',
      }),
    status: 201,
    answer: z.object({ code: z.string(), role: roleSchema, uses: z.number(), days: z.number() }),
  }),
  codesOfClass: get('/classes/:class/invitations', { answer: z.object({ codes: z.array(openCodeSchema) }) }),
  takeBack: remove('/invitations/:code'),
  resetCode: post('/people/:person/reset', { body: z.object({}), status: 201, answer: z.object({ code: z.string() }) }),
  removeFromClass: remove('/classes/:class/people/:person'),
  issue: post('/classes/:class/issue', {
    // A field that is not known is refused: whoever writes one means something by it that would not be in the jar.
    body: z
      .strictObject({
        people: z.array(id).min(1).max(200),
        ...label,
        /** Leaves room for a number behind it. */
        code: label.code.max(20),
        /** The same for everybody: a bench salt by its formula, or a compound by its name; left out, each gets one drawn by itself. */
        holds: z.string().trim().max(200).optional(),
        reveal: z.enum(REVEALS).default('on conclusion'),
        revealOn: z.iso.datetime({ offset: true }).optional(),
      })
      .refine((issue) => (issue.reveal === 'on date') === (issue.revealOn !== undefined), {
        path: ['revealOn'],
        message: 'a date exactly where it is revealed on one',
      }),
    status: 201,
    answer: z.object({ jars: z.array(z.string()), seed: z.number().optional() }),
  }),

  jars: get('/jars', { answer: z.object({ jars: z.array(jarSummarySchema) }) }),
  openJar: post('/jars', {
    body: z.object({
      id,
      ...label,
      kind: z.enum(['real', 'simulated']),
      /** What a self-chosen practice was drawn by on the device it began on. */
      seed: z
        .number()
        .int()
        .nonnegative()
        .max(2 ** 40)
        .optional(),
    }),
    status: 201,
    answer: z.object({ id: z.string() }),
  }),
  importJar: post('/jars/import', {
    body: z.object({
      id,
      code: label.code,
      title: label.title,
      device: id,
      notebook: notebookSchema.refine((n) => new Set(n.entries.map((e) => e.id)).size === n.entries.length, {
        path: ['entries'],
        message: 'an id of its own for every entry',
      }),
    }),
    status: 201,
    answer: z.object({ id: z.string() }),
  }),
  /** A jar, with what was written in it after a place (`?after=`), or all of it. */
  jar: get('/jars/:jar', {
    answer: z.object({
      jar: jarSchema.extend({ partners: z.array(z.string()), writable: z.boolean() }),
      people: z.array(namedSchema),
      entries: z.array(placedEntrySchema),
      signatures: z.array(signatureSchema),
    }),
  }),
  entries: get('/jars/:jar/entries', { answer: z.object({ entries: z.array(placedEntrySchema) }) }),
  addEntries: post('/jars/:jar/entries', {
    body: z.object({
      device: id,
      entries: z
        .array(
          z.object({
            order: z
              .number()
              .int()
              .min(1)
              .max(10 * MOST_LINES),
            body: entrySchema
              .and(z.object({ id }))
              .refine((b) => sizeOfLine(b) <= LARGEST_LINE, `a line of no more than ${LARGEST_LINE} characters, all fields together`),
          }),
        )
        .min(1)
        .max(200),
    }),
    answer: z.object({ acknowledged: z.array(z.object({ id: z.string(), position: z.number(), order: z.number().optional() })) }),
  }),
  /** What an entry of work on a secret unknown showed. */
  seen: get('/jars/:jar/seen/:entry', { answer: seenSchema as z.ZodType<Seen, Seen> }),
  answer: get('/jars/:jar/answer', { answer: z.object({ formula: z.string(), name: z.string(), right: z.boolean().nullable() }) }),
  reveal: post('/jars/:jar/reveal', { body: z.object({}), answer: nothing }),
  share: post('/jars/:jar/partners', { body: z.object({}), status: 201, answer: z.object({ code: z.string() }) }),
  endPartnership: remove('/jars/:jar/partners/:person'),
  codesOfJar: get('/jars/:jar/codes', { answer: z.object({ codes: z.array(openCodeSchema) }) }),
  sign: post('/jars/:jar/signatures', { body: z.object({}), status: 201, answer: signatureSchema }),
  version: get('/jars/:jar/versions/:version', {
    answer: z.object({ document: everything, sha256: z.string(), intact: z.boolean() }),
  }),
  export: get('/jars/:jar/export', { answer: everything }),
}
export type Endpoints = typeof endpoints

/** Says that a jar has changed, as server-sent events; what changed is asked for. */
export const LIVE = '/jars/:jar/live'
