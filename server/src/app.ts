import compression from 'compression'
import express, { type Express } from 'express'
import helmet from 'helmet'
import { join } from 'node:path'
import { answerErrors, Refusal } from './http/errors'
import { logRequests } from './logging'
import { routerOf, type Route, type Services } from './http/route'
import type { Metrics } from './metrics'
import { classRoutes } from './routes/classes'
import { jarRoutes } from './routes/jars'
import { peopleRoutes } from './routes/people'

/** Every address of the API. */
export const ROUTES: readonly Route[] = [...peopleRoutes, ...classRoutes, ...jarRoutes]

export interface Parts extends Services {
  readonly metrics?: Metrics
  readonly webRoot: string | undefined
  readonly secure: boolean
  readonly trustProxy: number
  /** True once the server has begun to stop: readiness fails, so that no new work is sent here. */
  readonly stopping: () => boolean
}

export function createApp({ metrics, webRoot, secure, trustProxy, stopping, ...services }: Parts): Express {
  const app = express()
  app.disable('x-powered-by')
  app.set('trust proxy', trustProxy)
  app.set('query parser', 'simple')
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
      strictTransportSecurity: secure ? { maxAge: 31_536_000 } : false,
    }),
  )
  app.get('/healthz', (_request, response) => void response.json({ up: true }))
  app.get('/readyz', async (_request, response) => {
    const ready = !stopping() && (await services.database.ready())
    response.status(ready ? 200 : 503).json({ ready })
  })
  if (metrics) app.use(metrics.watch)
  app.use(logRequests(services.log))
  app.use('/api', (_request, response, next) => {
    response.setHeader('cache-control', 'no-store')
    next()
  })
  app.use('/api', routerOf(ROUTES, services))
  app.use('/api', (_request, _response, next) => next(new Refusal(404, 'no-such-address')))
  if (webRoot !== undefined) {
    app.use(compression())
    app.use('/assets', express.static(join(webRoot, 'assets'), { immutable: true, maxAge: '365d' }))
    app.use(express.static(webRoot, { index: false, setHeaders: (response) => void response.setHeader('Cache-Control', 'no-cache') }))
    // A file that is not here, of another version perhaps, is no page: whoever kept a page in its place would have a page for a script.
    app.get(
      /^\/assets\/|\.\w+$/,
      (_request, response) => void response.status(404).setHeader('Cache-Control', 'no-store').type('text/plain').send('not here\n'),
    )
    app.get('/{*path}', (_request, response) => response.sendFile('index.html', { root: webRoot, headers: { 'Cache-Control': 'no-cache' } }))
  }
  app.use(answerErrors(services.log))
  return app
}
