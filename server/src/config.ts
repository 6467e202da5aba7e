import { z } from 'zod'

const flag = z.enum(['yes', 'no'])
const schema = z.object({
  /** Of the login that owns nothing, foxing_app; migrations run with another. */
  DATABASE_URL: z.string().regex(/^postgres(ql)?:\/\//, 'an address such as postgresql://foxing_app:…@127.0.0.1:5432/foxing'),
  DATABASE_CONNECTIONS: z.coerce.number().int().min(1).max(200).default(10),
  HOST: z.string().default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65535).default(8470),
  /** Where people reach this server. Cookies are kept to https exactly when this begins with it. */
  PUBLIC_URL: z.url({ protocol: /^https?$/, error: 'an address such as https://foxing.school.example' }).optional(),
  /** How many proxies stand before this server, whose word on the caller's address is taken. */
  TRUST_PROXY: z.coerce.number().int().min(0).max(10).default(0),
  /** Folder of the built interface; left out where another server hands it out. */
  WEB_ROOT: z.string().optional(),
  /** A port of loopback where metrics are answered; none when left out. */
  METRICS_PORT: z.coerce.number().int().min(0).max(65535).optional(),
  /** Threads that simulate secret unknowns. */
  SIMULATORS: z.coerce.number().int().min(1).max(64).default(2),
  /** Threads that derive keys from passwords. */
  HASHERS: z.coerce.number().int().min(1).max(64).default(2),
  LOG_LEVEL: z.enum(['debug', 'info', 'warn', 'error', 'silent']).default('info'),
  /** Says on the sign-in page that this is the demo. */
  FOXING_DEMO: flag.default('no'),
})

export interface Config {
  readonly databaseUrl: string
  readonly connections: number
  readonly host: string
  readonly port: number
  readonly secure: boolean
  readonly trustProxy: number
  readonly webRoot: string | undefined
  readonly metricsPort: number | undefined
  readonly simulators: number
  readonly hashers: number
  readonly logLevel: string
  readonly demo: boolean
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
  const secure = e.PUBLIC_URL?.startsWith('https:') === true
  if (!LOOPBACK.has(e.HOST) && !secure)
    throw new ConfigError(
      `  HOST: ${e.HOST} is not loopback; passwords travel only by https, so set PUBLIC_URL to the https address of the proxy before it`,
    )
  return {
    databaseUrl: e.DATABASE_URL,
    connections: e.DATABASE_CONNECTIONS,
    host: e.HOST,
    port: e.PORT,
    secure,
    trustProxy: e.TRUST_PROXY,
    webRoot: e.WEB_ROOT,
    metricsPort: e.METRICS_PORT,
    simulators: e.SIMULATORS,
    hashers: e.HASHERS,
    logLevel: e.LOG_LEVEL,
    demo: e.FOXING_DEMO === 'yes',
  }
}
