import type { SampleCase } from './samples'
import {
  addressOf,
  endpoints,
  refusalSchema,
  type Answered,
  type Endpoint,
  type Endpoints,
  type IdsIn,
  type JarSummary,
  type OpenCode,
  type OpenSession,
  type PathOf,
  type Sent,
} from '@foxing/api'
import type { Case, Entry, Notebook } from '@foxing/core'

export { REVEALS, ROLES, teaches } from '@foxing/api'
export type { Jar, JarSummary, Named, OpenCode, OpenSession, Signature } from '@foxing/api'
export type Me = Answered<Endpoints['me']>
export type Class = Answered<Endpoints['class']>

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

/** What the server knows its own pages by; told with who one is. */
let page = ''
export const speakFor = (token: string): void => {
  page = token
}

interface Asks<E extends Endpoint> {
  /** What stands for the names in the path. */
  readonly ids?: Readonly<Record<IdsIn<PathOf<E>>, string | number>>
  readonly query?: Readonly<Record<string, string | number>>
  readonly body?: Sent<E>
}

/**
 * Asks the server.
 * @throws ApiError where it refuses, is not reached, or answers in a form that is not known
 */
async function call<E extends Endpoint>({ method, path, answer }: E, { ids, query, body }: Asks<E> = {}): Promise<Answered<E>> {
  const search = query ? `?${new URLSearchParams(Object.entries(query).map(([name, value]) => [name, String(value)])).toString()}` : ''
  const sends = method === 'post'
  let response: Response
  try {
    response = await fetch(`/api${addressOf(path, ids)}${search}`, {
      method: method.toUpperCase(),
      headers: { ...(sends ? { 'content-type': 'application/json' } : {}), ...(method === 'get' ? {} : { 'x-foxing-page': page }) },
      ...(sends ? { body: JSON.stringify(body ?? {}) } : {}),
    })
  } catch {
    throw new ApiError('the server is not reached', 'What you write is kept on this device and sent when it is back.', true, 0)
  }
  const said: unknown = await response.json().catch(() => undefined)
  if (!response.ok) {
    const refused = refusalSchema.safeParse(said)
    const where = refused.success && refused.data.expected ? `: ${refused.data.path ?? ''} ${refused.data.expected}` : ''
    throw new ApiError(
      refused.success ? `${refused.data.error}${where}` : `the server answered ${response.status}`,
      refused.success ? refused.data.todo : 'Try again.',
      response.status >= 502,
      response.status,
    )
  }
  const parsed = answer.safeParse(said)
  if (!parsed.success) throw new ApiError('the server answered in a form this page does not know', 'Reload the page.', false, response.status)
  return parsed.data as Answered<E>
}

export type NewJar = Sent<Endpoints['openJar']> & { readonly case: Case }

/** What an instructor gives out. `holds` is a bench salt by its formula, or a compound by its name; left out, each gets one drawn. */
export type Issue = Omit<Sent<Endpoints['issue']>, 'case'> & {
  readonly case: Pick<Case, 'hints'> & Partial<Pick<Case, 'kind' | 'worksheet'>> & SampleCase
}

export const api = {
  door: () => call(endpoints.door),
  signIn: (login: string, password: string) => call(endpoints.signIn, { body: { login, password } }),
  join: (body: Sent<Endpoints['join']>) => call(endpoints.join, { body }),
  signOut: () => call(endpoints.signOut),
  signOutEverywhere: () => call(endpoints.signOutEverywhere),
  me: () => call(endpoints.me),
  changePassword: (old: string, fresh: string) => call(endpoints.changePassword, { body: { old, new: fresh } }),
  resetPassword: (code: string, password: string) => call(endpoints.resetPassword, { body: { code, password } }),
  sessions: async (): Promise<OpenSession[]> => (await call(endpoints.sessions)).sessions,
  endSession: (session: string) => call(endpoints.endSession, { ids: { session } }),
  everything: () => call(endpoints.everything),
  erase: (password: string) => call(endpoints.erase, { body: { password } }),
  useCode: (code: string) => call(endpoints.useCode, { body: { code } }),

  class: (id: string): Promise<Class> => call(endpoints.class, { ids: { class: id } }),
  beginClass: (id: string, name: string) => call(endpoints.beginClass, { body: { id, name } }),
  invite: (id: string, role: Sent<Endpoints['invite']>['role']) => call(endpoints.invite, { ids: { class: id }, body: { role } }),
  codesOfClass: async (id: string): Promise<OpenCode[]> => (await call(endpoints.codesOfClass, { ids: { class: id } })).codes,
  codesOfJar: async (jar: string): Promise<OpenCode[]> => (await call(endpoints.codesOfJar, { ids: { jar } })).codes,
  takeBack: (code: string) => call(endpoints.takeBack, { ids: { code } }),
  resetCode: (person: string) => call(endpoints.resetCode, { ids: { person } }),
  removeFromClass: (id: string, person: string) => call(endpoints.removeFromClass, { ids: { class: id, person } }),
  issue: (id: string, issue: Issue) => call(endpoints.issue, { ids: { class: id }, body: issue as Sent<Endpoints['issue']> }),
  reveal: (jar: string) => call(endpoints.reveal, { ids: { jar } }),

  jars: async (): Promise<JarSummary[]> => (await call(endpoints.jars)).jars,
  openJar: (body: NewJar) => call(endpoints.openJar, { body }),
  importJar: (body: { id: string; code: string; title: string; device: string; notebook: Notebook }) => call(endpoints.importJar, { body }),
  /** A jar, with what was written in it after a place, or all of it. */
  jar: (jar: string, after = -1) => call(endpoints.jar, { ids: { jar }, ...(after < 0 ? {} : { query: { after } }) }),
  addEntries: async (jar: string, device: string, entries: readonly { order: number; body: Entry }[]) =>
    (await call(endpoints.addEntries, { ids: { jar }, body: { device, entries: [...entries] } })).acknowledged,
  seen: (jar: string, entry: string) => call(endpoints.seen, { ids: { jar, entry } }),
  answer: (jar: string) => call(endpoints.answer, { ids: { jar } }),
  share: (jar: string) => call(endpoints.share, { ids: { jar } }),
  endPartnership: (jar: string, person: string) => call(endpoints.endPartnership, { ids: { jar, person } }),
  sign: (jar: string) => call(endpoints.sign, { ids: { jar } }),
  version: (jar: string, version: number) => call(endpoints.version, { ids: { jar, version } }),
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
