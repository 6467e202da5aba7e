import type { ErrorRequestHandler } from 'express'
import { ZodError } from 'zod'

/** An answer other than success, with what was kept and what to do. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly todo: string,
  ) {
    super(message)
  }
}

const CONNECTION_LOST = new Set(['ECONNREFUSED', 'ECONNRESET', '57P01', '57P02', '57P03', '08006', '08003', '53300', '53100'])

const isBodyError = (error: unknown): error is Error & { status: number } =>
  error instanceof Error && 'status' in error && typeof error.status === 'number' && error.status >= 400 && error.status < 500

const lostConnection = (error: unknown): boolean => {
  if (typeof error !== 'object' || error === null) return false
  if ('code' in error && CONNECTION_LOST.has(String(error.code))) return true
  return 'message' in error && /Connection terminated|timeout exceeded when trying to connect/.test(String(error.message))
}

export const answerErrors: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error)
    return
  }
  if (error instanceof Refusal) {
    response.status(error.status).json({ error: error.message, todo: error.todo })
  } else if (error instanceof ZodError) {
    const [issue] = error.issues
    response.status(400).json({
      error: 'the request is not in the form expected',
      path: issue?.path.map(String).join('.'),
      expected: issue?.message,
      todo: 'Nothing was written. Correct it and send it again.',
    })
  } else if (lostConnection(error)) {
    request.log.error({ err: error }, 'database not reached')
    response
      .status(503)
      .json({ error: 'the database is not reached', todo: 'Nothing was written. What you wrote is kept on this device and is sent again.' })
  } else if (isBodyError(error)) {
    response
      .status(error.status)
      .json({ error: error.status === 413 ? 'the request is too large' : 'the request is not JSON', todo: 'Nothing was written.' })
  } else {
    request.log.error({ err: error }, 'request failed')
    response.status(500).json({
      error: 'something went wrong on the server',
      todo: 'What you wrote is kept on this device. Try again; if it stays, tell whoever runs the server.',
    })
  }
}
