import { createServer } from 'node:http'
import { pino } from 'pino'
import { createApp } from './app'
import { ConfigError, readConfig } from './config'
import { Database } from './database'

/** How long open requests may take to end before the server stops without them, ms. */
const GRACE = 8000

async function main(): Promise<void> {
  const config = readConfig(process.env)
  const log = pino({ level: config.logLevel, base: null })
  const database = new Database(config.databaseUrl, (err) => log.warn({ err }, 'idle connection lost'))
  let stopping = false
  const app = createApp({ database, who: config, log, webRoot: config.webRoot, stopping: () => stopping })
  const server = createServer(app)
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(config.port, config.host, resolve)
  })
  const address = server.address()
  log.info({ host: config.host, port: typeof address === 'object' ? address?.port : config.port }, 'serving')

  const stop = (signal: string): void => {
    if (stopping) return
    stopping = true
    log.info({ signal }, 'stopping')
    const force = setTimeout(() => process.exit(1), GRACE)
    force.unref()
    server.close(() => {
      void database.close().then(() => log.info('stopped'))
    })
    server.closeIdleConnections()
  }
  process.on('SIGTERM', () => stop('SIGTERM'))
  process.on('SIGINT', () => stop('SIGINT'))
}

main().catch((error: unknown) => {
  process.stderr.write(
    error instanceof ConfigError ? `${error.message}\n` : `could not start: ${error instanceof Error ? error.message : String(error)}\n`,
  )
  process.exitCode = 1
})
