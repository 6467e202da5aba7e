import type { RequestHandler } from 'express'
import { pino, type DestinationStream, type Logger } from 'pino'

/** What a log may say of an error: what it was and where, never the values it was about, which may be somebody's words. */
function plainError(error: unknown): Record<string, unknown> {
  if (!(error instanceof Error)) return { type: typeof error }
  const code = 'code' in error && typeof error.code === 'string' ? error.code : undefined
  const at = error.stack
    ?.split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 6)
    .map((line) => line.trim())
  return { type: error.name, code, at }
}

/** One line of JSON an event, without personal data or secrets. */
export const newLog = (level: string, to?: DestinationStream): Logger =>
  pino({ level, base: null, serializers: { err: plainError } }, ...(to ? ([to] as const) : []))

/** Says of every request what was asked, what came of it and how long it took; the query, which may hold anything, is left out. */
export const logRequests =
  (log: Logger): RequestHandler =>
  (request, response, next) => {
    const began = performance.now()
    response.once('finish', () => {
      const failed = response.statusCode >= 500
      if (!failed && !log.isLevelEnabled('debug')) return
      const line = {
        method: request.method,
        path: request.originalUrl.split('?')[0],
        status: response.statusCode,
        ms: Math.round(performance.now() - began),
      }
      if (failed) log.error(line, 'request')
      else log.debug(line, 'request')
    })
    next()
  }
