import type { ErrorRequestHandler } from 'express'
import type { Logger } from 'pino'
import { ZodError } from 'zod'
import { sayRefusal, type RefusalId, type RefusalValues } from '../messages'
import { SignedOut } from '../signed-out'

/** An answer other than success, with what was kept and what to do. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly id: RefusalId,
    readonly values: RefusalValues = {},
    /** Seconds after which asking again makes sense. */
    readonly after_s?: number,
  ) {
    super(sayRefusal(id, values).error)
  }
}

interface Answer {
  readonly status: number
  readonly error: string
  readonly todo: string
  readonly path?: string
  readonly expected?: string
}

const CONNECTION_LOST = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', '57P01', '57P02', '57P03', '08006', '08003', '53300', '53100', '53200'])

const codeOf = (error: unknown): string => (typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '')
const isBodyError = (error: unknown): error is Error & { status: number } =>
  error instanceof Error && 'status' in error && typeof error.status === 'number' && error.status >= 400 && error.status < 500
const lostConnection = (error: unknown): boolean =>
  CONNECTION_LOST.has(codeOf(error)) ||
  (error instanceof Error && /Connection terminated|timeout exceeded when trying to connect|No space left/.test(error.message))

/** What to answer to an error; null where nobody foresaw it. */
function answerTo(error: unknown): Answer | null {
  if (error instanceof Refusal) return { status: error.status, ...sayRefusal(error.id, error.values) }
  if (error instanceof SignedOut) return { status: 401, ...sayRefusal('signed-out') }
  if (error instanceof ZodError) {
    const [issue] = error.issues
    return {
      status: 400,
      ...sayRefusal('wrong-form'),
      ...(issue ? { path: issue.path.map(String).join('.'), expected: issue.message } : {}),
    }
  }
  if (lostConnection(error))
    return {
      status: 503,
      ...sayRefusal('no-database'),
    }
  // The database's own checks: 22 is a value that cannot be kept, 23 one that does not fit the others, 42501 a row that belongs to somebody else.
  if (codeOf(error).startsWith('22')) return { status: 400, ...sayRefusal('cannot-be-kept') }
  if (codeOf(error).startsWith('23')) return { status: 409, ...sayRefusal('does-not-fit') }
  if (codeOf(error) === 'FX001') return { status: 409, ...sayRefusal('class-needs-instructor') }
  if (codeOf(error) === '57014') return { status: 503, ...sayRefusal('database-slow') }
  if (codeOf(error) === '42501') return { status: 404, ...sayRefusal('nothing-to-change') }
  if (error instanceof URIError) return { status: 400, ...sayRefusal('address-unread') }
  if (isBodyError(error))
    return {
      status: error.status,
      ...sayRefusal(error.status === 413 ? 'too-large' : 'no-json'),
    }
  return null
}

export const answerErrors =
  (log: Logger): ErrorRequestHandler =>
  (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error)
      return
    }
    const answer = answerTo(error)
    if (!answer || answer.status >= 500) log.error({ err: error }, 'request failed')
    if (error instanceof Refusal && error.after_s !== undefined) response.setHeader('retry-after', error.after_s)
    const { status, ...body } = answer ?? {
      status: 500,
      ...sayRefusal('went-wrong'),
    }
    response.status(status).json(body)
  }
