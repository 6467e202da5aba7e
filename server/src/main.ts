import { createServer } from 'node:http'
import { createApp } from './app'
import { ConfigError, readConfig } from './config'
import { Database } from './database'
import { Appending } from './services/appending'
import { Live } from './live'
import { newLog } from './logging'
import { Metrics } from './metrics'
import { Cookies } from './sessions'
import { hashingThreads } from './passwords'
import { threads } from './simulator'

/** How long open requests may take to end before the server stops without them, ms. */
const GRACE = 8000

async function main(): Promise<void> {
  const config = readConfig(process.env)
  const log = newLog(config.logLevel)
  const database = new Database(config.databaseUrl, (err) => log.warn({ err }, 'idle connection lost'), config.connections)
  const live = new Live(config.databaseUrl, database.pool, log)
  const simulator = threads(new URL('./simulate.js', import.meta.url).href, config.simulators)
  const hashing = hashingThreads(new URL('./derive.js', import.meta.url).href, config.hashers)
  const metrics = new Metrics(database, live)
  let stopping = false
  const app = createApp({
    ...config,
    database,
    live,
    appending: new Appending(database, (entries) => metrics.acknowledged.inc(entries)),
    simulator,
    hashing,
    security: (event, about = {}) => {
      metrics.happened(event)
      log.info({ security: event, ...about }, 'security')
    },
    metrics,
    log,
    cookies: new Cookies(config.secure),
    stopping: () => stopping,
  })
  const server = createServer(app)
  // Longer than proxies keep theirs, so that none is closed under a request on its way.
  server.keepAliveTimeout = 75_000
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(config.port, config.host, resolve)
  })
  void live.start()
  const measured = config.metricsPort === undefined ? undefined : metrics.listen(config.metricsPort)
  const address = server.address()
  log.info({ host: config.host, port: typeof address === 'object' ? address?.port : config.port }, 'serving')

  const stop = (signal: string): void => {
    if (stopping) return
    stopping = true
    log.info({ signal }, 'stopping')
    const force = setTimeout(() => process.exit(1), GRACE)
    force.unref()
    measured?.close()
    server.close(() => {
      void Promise.all([live.close(), simulator.close(), hashing.close()])
        .then(() => database.close())
        .then(() => log.info('stopped'))
    })
    server.closeIdleConnections()
    // Pages that wait for changes hold their connection open for good; they come back by themselves. Whatever else is under way is given its time.
    live.hangUp()
    // A connection that falls idle once its answer is sent is closed, so that the last of them ends the server.
    setInterval(() => server.closeIdleConnections(), 100).unref()
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
