import { caseSchema, entrySchema, seenSchema, type Case, type Entry, type Seen } from '@foxing/core'
import { z } from 'zod'

const jarSchema = z.object({
  id: z.string(),
  code: z.string(),
  title: z.string(),
  kind: z.enum(['real', 'simulated']),
  case: caseSchema,
  createdAt: z.string(),
})
export type Jar = z.infer<typeof jarSchema> & { readonly case: Case }
const summarySchema = jarSchema.extend({ entries: z.number(), concluded: z.array(z.string()) })
export type JarSummary = z.infer<typeof summarySchema>

/** What the server said when it refused, in its own words; `offline` when it was not reached at all. */
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

const refusal = z.object({ error: z.string(), todo: z.string().default('') })

async function call<T>(schema: z.ZodType<T>, path: string, body?: unknown): Promise<T> {
  let response: Response
  try {
    response = await fetch(
      `/api${path}`,
      body === undefined ? {} : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
    )
  } catch {
    throw new ApiError('the server is not reached', 'What you write is kept on this device and sent when it is back.', true, 0)
  }
  const answer: unknown = await response.json().catch(() => null)
  if (!response.ok) {
    const said = refusal.safeParse(answer)
    throw new ApiError(
      said.success ? said.data.error : `the server answered ${response.status}`,
      said.success ? said.data.todo : 'Try again.',
      response.status >= 502,
      response.status,
    )
  }
  const parsed = schema.safeParse(answer)
  if (!parsed.success) throw new ApiError('the server answered in a form this page does not know', 'Reload the page.', false, response.status)
  return parsed.data
}

const meSchema = z.object({ name: z.string(), role: z.string(), institution: z.string() })
export type Me = z.infer<typeof meSchema>

export const api = {
  me: () => call(meSchema, '/me'),
  jars: async () => (await call(z.object({ jars: z.array(summarySchema) }), '/jars')).jars,
  openJar: (jar: { id: string; code: string; title: string; kind: 'real' | 'simulated'; case: { hints: Case['hints'] } }) =>
    call(z.object({ id: z.string() }), '/jars', jar),
  jar: (id: string): Promise<{ jar: Jar; entries: Entry[] }> => call(z.object({ jar: jarSchema, entries: z.array(entrySchema) }), `/jars/${id}`),
  addEntries: async (id: string, device: string, entries: readonly Entry[]) =>
    (await call(z.object({ acknowledged: z.array(z.string()) }), `/jars/${id}/entries`, { device, entries })).acknowledged,
  seen: (id: string, entry: string): Promise<Seen> => call(seenSchema, `/jars/${id}/seen/${entry}`),
  answer: (id: string) => call(z.object({ formula: z.string(), name: z.string(), right: z.boolean() }), `/jars/${id}/answer`),
}
