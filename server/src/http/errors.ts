import type { ErrorRequestHandler } from 'express'
import type { Logger } from 'pino'
import { ZodError } from 'zod'
import { SignedOut } from '../signed-out'

/** An answer other than success, with what was kept and what to do. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly todo: string,
    /** Seconds after which asking again makes sense. */
    readonly after_s?: number,
  ) {
    super(message)
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
  if (error instanceof Refusal) return { status: error.status, error: error.message, todo: error.todo }
  if (error instanceof SignedOut)
    return { status: 401, error: 'you are not signed in', todo: 'What you wrote is kept on this device, and is sent once you have signed in again.' }
  if (error instanceof ZodError) {
    const [issue] = error.issues
    return {
      status: 400,
      error: 'the request is not in the form expected',
      ...(issue ? { path: issue.path.map(String).join('.'), expected: issue.message } : {}),
      todo: 'Nothing was written. Correct it and send it again.',
    }
  }
  if (lostConnection(error))
    return {
      status: 503,
      error: 'the database cannot take this now',
      todo: 'Nothing was written. What you wrote is kept on this device and is sent again.',
    }
  // The database's own checks: 22 is a value that cannot be kept, 23 one that does not fit the others, 42501 a row that belongs to somebody else.
  if (codeOf(error).startsWith('22'))
    return { status: 400, error: 'a value in the request cannot be kept', todo: 'Nothing was written. Take out characters that cannot be printed.' }
  if (codeOf(error).startsWith('23'))
    return { status: 409, error: 'this does not fit what is there already', todo: 'Nothing was written. Reload and try again.' }
  if (codeOf(error) === 'FX001')
    return { status: 409, error: 'a class needs an instructor', todo: 'Nothing was changed. Let another instructor into the class first.' }
  if (codeOf(error) === '57014') return { status: 503, error: 'this took the database too long', todo: 'Nothing was written. Try again in a while.' }
  if (codeOf(error) === '42501') return { status: 404, error: 'there is nothing here for you to change', todo: 'Nothing was written.' }
  if (error instanceof URIError) return { status: 400, error: 'the address cannot be read', todo: 'Nothing was written. Check the address.' }
  if (isBodyError(error))
    return {
      status: error.status,
      error: error.status === 413 ? 'the request is too large' : 'the request is not JSON',
      todo: 'Nothing was written.',
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
      error: 'something went wrong on the server',
      todo: 'What you wrote is kept on this device. Try again; if it stays, tell whoever runs the server.',
    }
    response.status(status).json(body)
  }
