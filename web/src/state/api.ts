import type { SampleCase } from './samples'
import { caseSchema, entrySchema, seenSchema, type Case, type Entry, type Notebook, type Seen } from '@foxing/core'
import { z } from 'zod'

export const REVEALS = ['on conclusion', 'on date', 'by instructor'] as const

const jarSchema = z.object({
  id: z.string(),
  code: z.string(),
  title: z.string(),
  kind: z.enum(['real', 'simulated']),
  case: caseSchema,
  createdAt: z.string(),
  owner: z.string(),
  ownerName: z.string().nullable(),
  classId: z.string().nullable(),
  issued: z.boolean(),
  reveal: z.enum(REVEALS),
  revealOn: z.string().nullable(),
  opened: z.boolean(),
})
export type Jar = z.infer<typeof jarSchema> & { readonly case: Case }
const summarySchema = jarSchema.extend({ entries: z.number(), concluded: z.array(z.string()) })
export type JarSummary = z.infer<typeof summarySchema>

const personSchema = z.object({ id: z.string(), name: z.string() })
export type Named = z.infer<typeof personSchema>

const placedSchema = z.object({
  body: entrySchema,
  device: z.string(),
  order: z.number(),
  position: z.number(),
  author: z.string().nullable(),
  received: z.string().optional(),
})

const signatureSchema = z.object({ version: z.number(), signedAt: z.string(), by: z.string().nullable(), sha256: z.string() })
export type Signature = z.infer<typeof signatureSchema>

const openedSchema = z.object({
  jar: jarSchema.extend({ partners: z.array(z.string()), writable: z.boolean() }),
  people: z.array(personSchema),
  entries: z.array(placedSchema),
  signatures: z.array(signatureSchema),
})

const meSchema = z.object({
  id: z.string(),
  name: z.string(),
  role: z.enum(['student', 'instructor', 'technician', 'administrator']),
  institution: z.string(),
  sessions: z.number(),
  classes: z.array(personSchema),
  csrf: z.string(),
})
export type Me = z.infer<typeof meSchema>

const classSchema = z.object({
  id: z.string(),
  name: z.string(),
  people: z.array(personSchema.extend({ role: z.string() })),
  jars: z.array(summarySchema),
})
export type Class = z.infer<typeof classSchema>

/** What the server said when it refused, in its own words; `offline` when it was not reached at all, or could not take it now. */
export class ApiError extends Error {
  constructor(
    message: string,
    readonly todo: string,
    readonly offline: boolean,
    readonly status: number,
  ) {
    super(message)
  }
}

const refusal = z.object({ error: z.string(), todo: z.string().default(''), path: z.string().optional(), expected: z.string().optional() })

/** What the server knows its own pages by; told with who one is. */
let page = ''
export const speakFor = (token: string): void => {
  page = token
}

type Method = 'GET' | 'POST' | 'DELETE'

async function call<T>(schema: z.ZodType<T>, path: string, body?: unknown, method: Method = body === undefined ? 'GET' : 'POST'): Promise<T> {
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...(method === 'GET' ? {} : { 'x-foxing-page': page }) },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
  } catch {
    throw new ApiError('the server is not reached', 'What you write is kept on this device and sent when it is back.', true, 0)
  }
  const answer: unknown = await response.json().catch(() => undefined)
  if (!response.ok) {
    const said = refusal.safeParse(answer)
    const where = said.success && said.data.expected ? `: ${said.data.path ?? ''} ${said.data.expected}` : ''
    throw new ApiError(
      said.success ? `${said.data.error}${where}` : `the server answered ${response.status}`,
      said.success ? said.data.todo : 'Try again.',
      response.status >= 502,
      response.status,
    )
  }
  const parsed = schema.safeParse(answer)
  if (!parsed.success) throw new ApiError('the server answered in a form this page does not know', 'Reload the page.', false, response.status)
  return parsed.data
}

const nothing = z.undefined()
const id = z.object({ id: z.string() })
const code = z.object({ code: z.string() })

export interface NewJar {
  readonly id: string
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly case: Case
  readonly seed?: number
}

export interface Issue {
  readonly people: readonly string[]
  readonly code: string
  readonly title: string
  readonly case: Pick<Case, 'hints'> & Partial<Pick<Case, 'kind' | 'worksheet'>> & SampleCase
  /** A bench salt by its formula, or a compound by its name; left out, each gets one drawn. */
  readonly holds?: string
  readonly reveal: (typeof REVEALS)[number]
  readonly revealOn?: string
}

const openCodesSchema = z.object({
  codes: z.array(z.object({ id: z.string(), role: z.string(), left: z.number(), until: z.string() })),
})
export type OpenCode = z.infer<typeof openCodesSchema>['codes'][number]
const sessionsSchema = z.object({ sessions: z.array(z.object({ id: z.string(), begun: z.string(), used: z.string(), own: z.boolean() })) })
export type OpenSession = z.infer<typeof sessionsSchema>['sessions'][number]

/** Whether somebody may do what is for instructors. */
export const teaches = (role: Me['role'] | undefined): boolean => role === 'instructor' || role === 'administrator'

export const api = {
  door: () => call(z.object({ demo: z.boolean(), cookie: z.boolean() }), '/door'),
  signIn: (login: string, password: string) => call(nothing, '/sign-in', { login, password }),
  join: (wanted: { code: string; name: string; login: string; password: string }) => call(nothing, '/join', wanted),
  signOut: () => call(nothing, '/sign-out', {}),
  signOutEverywhere: () => call(nothing, '/sign-out-everywhere', {}),
  me: () => call(meSchema, '/me'),
  changePassword: (old: string, fresh: string) => call(nothing, '/me/password', { old, new: fresh }),
  resetPassword: (given: string, password: string) => call(nothing, '/reset', { code: given, password }),
  sessions: async () => (await call(sessionsSchema, '/me/sessions')).sessions,
  endSession: (session: string) => call(nothing, `/me/sessions/${session}`, undefined, 'DELETE'),
  everything: () => call(z.record(z.string(), z.unknown()), '/me/everything'),
  erase: (password: string) => call(nothing, '/me/erase', { password }),
  useCode: (given: string) => call(z.object({ class: z.string().nullable(), jar: z.string().nullable() }), '/codes', { code: given }),

  class: (classId: string): Promise<Class> => call(classSchema, `/classes/${classId}`),
  beginClass: (classId: string, name: string) => call(id, '/classes', { id: classId, name }),
  invite: (classId: string, role: string) => call(code, `/classes/${classId}/invitations`, { role }),
  codesOfClass: async (classId: string) => (await call(openCodesSchema, `/classes/${classId}/invitations`)).codes,
  codesOfJar: async (jarId: string) => (await call(openCodesSchema, `/jars/${jarId}/codes`)).codes,
  takeBack: (invitation: string) => call(nothing, `/invitations/${invitation}`, undefined, 'DELETE'),
  resetCode: (person: string) => call(code, `/people/${person}/reset`, {}),
  removeFromClass: (classId: string, person: string) => call(nothing, `/classes/${classId}/people/${person}`, undefined, 'DELETE'),
  issue: (classId: string, issue: Issue) => call(z.object({ jars: z.array(z.string()) }), `/classes/${classId}/issue`, issue),
  reveal: (jar: string) => call(nothing, `/jars/${jar}/reveal`, {}),

  jars: async (): Promise<JarSummary[]> => (await call(z.object({ jars: z.array(summarySchema) }), '/jars')).jars,
  openJar: (jar: NewJar) => call(id, '/jars', jar),
  importJar: (sent: { id: string; code: string; title: string; device: string; notebook: Notebook }) => call(id, '/jars/import', sent),
  /** A jar, with what was written in it after a place, or all of it. */
  jar: (jarId: string, after = -1) => call(openedSchema, `/jars/${jarId}${after < 0 ? '' : `?after=${after}`}`),
  addEntries: async (jarId: string, device: string, entries: readonly { order: number; body: Entry }[]) =>
    (
      await call(
        z.object({ acknowledged: z.array(z.object({ id: z.string(), position: z.number(), order: z.number().optional() })) }),
        `/jars/${jarId}/entries`,
        {
          device,
          entries,
        },
      )
    ).acknowledged,
  seen: (jarId: string, entry: string): Promise<Seen> => call(seenSchema, `/jars/${jarId}/seen/${entry}`),
  answer: (jarId: string) => call(z.object({ formula: z.string(), name: z.string(), right: z.boolean().nullable() }), `/jars/${jarId}/answer`),
  share: (jarId: string) => call(code, `/jars/${jarId}/partners`, {}),
  endPartnership: (jarId: string, person: string) => call(nothing, `/jars/${jarId}/partners/${person}`, undefined, 'DELETE'),
  sign: (jarId: string): Promise<Signature> => call(signatureSchema, `/jars/${jarId}/signatures`, {}),
  version: (jarId: string, version: number) =>
    call(z.object({ document: z.record(z.string(), z.unknown()), sha256: z.string(), intact: z.boolean() }), `/jars/${jarId}/versions/${version}`),
}

export const asApiError = (error: unknown): ApiError =>
  error instanceof ApiError
    ? error
    : new ApiError(
        error instanceof Error ? error.message : 'something went wrong',
        'Reload the page; what was written is kept on this device.',
        false,
        0,
      )
