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
