import { z } from 'zod'

const schema = z.object({
  DATABASE_URL: z.string().regex(/^postgres(ql)?:\/\//, 'an address such as postgresql://user@127.0.0.1:5432/foxing'),
  HOST: z.string().default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65535).default(8470),
  /** Folder of the built interface; left out where another server hands it out. */
  WEB_ROOT: z.string().optional(),
  /** Institution and person this server works for, as two ids with a slash between: there is no sign-in yet, so it serves one person on loopback. */
  FOXING_PERSON: z.string().regex(/^[0-9a-f-]{36}\/[0-9a-f-]{36}$/, 'two ids with a slash between'),
  LOG_LEVEL: z.enum(['debug', 'info', 'warn', 'error', 'silent']).default('info'),
})

export interface Config {
  readonly databaseUrl: string
  readonly host: string
  readonly port: number
  readonly webRoot: string | undefined
  readonly institution: string
  readonly person: string
  readonly logLevel: string
}

/** Thrown at start for an environment that will not do; names every variable that is wrong. */
export class ConfigError extends Error {}

const LOOPBACK = new Set(['127.0.0.1', '::1', 'localhost'])

/** @throws ConfigError */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const parsed = schema.safeParse(environment)
  if (!parsed.success) {
    const lines = parsed.error.issues.map((i) => `  ${i.path.join('.')}: ${i.message}`)
    throw new ConfigError(`the environment is not complete:\n${lines.join('\n')}`)
  }
  const e = parsed.data
  if (!LOOPBACK.has(e.HOST)) throw new ConfigError(`  HOST: ${e.HOST} is not loopback, and without sign-in nobody else may reach this server`)
  const [institution = '', person = ''] = e.FOXING_PERSON.split('/')
  return { databaseUrl: e.DATABASE_URL, host: e.HOST, port: e.PORT, webRoot: e.WEB_ROOT, institution, person, logLevel: e.LOG_LEVEL }
}
