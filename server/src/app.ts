import express, { type Express } from 'express'
import helmet from 'helmet'
import { join } from 'node:path'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import type { Database, Who } from './database'
import { answerErrors, Refusal } from './routes/errors'
import { jarRoutes } from './routes/jars'

interface Parts {
  readonly database: Database
  readonly who: Who
  readonly log: Logger
  readonly webRoot: string | undefined
  /** True once the server has begun to stop: readiness fails, so that no new work is sent here. */
  readonly stopping: () => boolean
}

export function createApp({ database, who, log, webRoot, stopping }: Parts): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          // Drawn tubes carry their colour in a style attribute; styles are not scripts.
          styleSrcAttr: ["'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.get('/healthz', (_request, response) => void response.json({ up: true }))
  app.get('/readyz', async (_request, response) => {
    const ready = !stopping() && (await database.ready())
    response.status(ready ? 200 : 503).json({ ready })
  })
  app.use(
    pinoHttp({
      logger: log,
      quietReqLogger: true,
      serializers: {
        req: (r: { method: string; url: string }) => ({ method: r.method, url: r.url }),
        res: (r: { statusCode: number }) => ({ status: r.statusCode }),
      },
    }),
  )
  app.use('/api', (request, _response, next) => {
    // A page of another site cannot send this type without asking first, which is never granted.
    if (request.method === 'POST' && !request.is('application/json')) throw new Refusal(415, 'send JSON', 'Nothing was written.')
    next()
  })
  app.use('/api', express.json({ limit: '1mb' }))
  app.get('/api/me', async (_request, response) => {
    const me = await database.as(who, async (client) => {
      const { rows } = await client.query<{ name: string; role: string; institution: string }>(
        'select p.name, p.role, i.name as institution from person p join institution i on i.id = p.institution_id where p.id = $1',
        [who.person],
      )
      return rows[0]
    })
    if (!me) throw new Refusal(503, 'this server has nobody to serve', 'Load the demo data, or set FOXING_PERSON to someone who is in the database.')
    response.json(me)
  })
  app.use('/api', jarRoutes(database, who))
  app.use('/api', (_request, _response, next) => next(new Refusal(404, 'there is nothing at this address', 'Check the address.')))
  if (webRoot !== undefined) {
    app.use('/assets', express.static(join(webRoot, 'assets'), { immutable: true, maxAge: '365d' }))
    app.use(express.static(webRoot, { index: false }))
    app.get('/{*path}', (_request, response) => response.sendFile('index.html', { root: webRoot, headers: { 'Cache-Control': 'no-cache' } }))
  }
  app.use(answerErrors)
  return app
}
