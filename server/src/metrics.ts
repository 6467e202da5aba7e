import type { RequestHandler } from 'express'
import { createServer, type Server } from 'node:http'
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import type { Database } from './database'
import type { Live } from './live'
import { SECURITY_EVENTS, type SecurityEvent } from './security'

/** What can be counted without knowing anybody: requests by route and outcome, lines acknowledged, connections. */
export class Metrics {
  readonly registry = new Registry()
  private readonly requests = new Histogram({
    name: 'foxing_request_seconds',
    help: 'How long requests took, by route and status.',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.02, 0.05, 0.1, 0.3, 1, 3],
    registers: [this.registry],
  })
  readonly acknowledged = new Counter({ name: 'foxing_entries_acknowledged_total', help: 'Entries acknowledged.', registers: [this.registry] })

  private readonly events = new Counter({
    name: 'foxing_security_events_total',
    help: 'What bears on security, by kind.',
    labelNames: ['event'],
    registers: [this.registry],
  })

  constructor(database: Database, live: Live) {
    collectDefaultMetrics({ register: this.registry })
    const connections = new Gauge({
      name: 'foxing_database_connections',
      help: 'Connections to the database, and requests waiting for one.',
      labelNames: ['state'],
      registers: [this.registry],
      collect() {
        connections.set({ state: 'open' }, database.pool.totalCount)
        connections.set({ state: 'idle' }, database.pool.idleCount)
        connections.set({ state: 'waiting' }, database.pool.waitingCount)
      },
    })
    for (const event of SECURITY_EVENTS) this.events.inc({ event }, 0)
    const pages = new Gauge({
      name: 'foxing_live_pages',
      help: 'Pages that are told of changes.',
      registers: [this.registry],
      collect() {
        pages.set(live.connected)
      },
    })
  }

  readonly happened = (event: SecurityEvent): void => this.events.inc({ event })

  /** Takes the time of every request. Paths stand as their pattern, without ids. */
  readonly watch: RequestHandler = (request, response, next) => {
    const began = performance.now()
    response.once('finish', () => {
      const { route } = request as { route?: { path?: unknown } }
      const path = typeof route?.path === 'string' ? route.path : 'other'
      this.requests.observe({ method: request.method, route: path, status: response.statusCode }, (performance.now() - began) / 1000)
    })
    next()
  }

  /** Answers them on a port of loopback, away from the people's own. */
  listen(port: number): Server {
    return createServer((_request, response) => {
      void this.registry.metrics().then((text) => response.setHeader('content-type', this.registry.contentType).end(text))
    }).listen(port, '127.0.0.1')
  }
}
