import type { Request, RequestHandler, Response } from 'express'
import { Router } from 'express'
import type { Logger } from 'pino'
import { z, type ZodType } from 'zod'
import type { Client, Database, Role } from '../database'
import type { Live } from '../live'
import type { Appending } from '../services/appending'
import type { Simulator } from '../simulator'
import { fromOwnPage, type Cookies, type Session } from '../sessions'
import { SignedOut } from '../database'
import { Refusal } from './errors'

/** What every route may use. */
export interface Services {
  readonly database: Database
  readonly cookies: Cookies
  readonly live: Live
  readonly appending: Appending
  readonly simulator: Simulator
  readonly log: Logger
  readonly demo: boolean
}

/** A request with its parts checked. */
export interface Asked<B> {
  readonly body: B
  /** A part of the path, which is an id. */
  readonly id: (name: string) => string
  readonly query: (name: string) => string | undefined
  readonly services: Services
  readonly request: Request
  readonly response: Response
}

/** A request of somebody who says who they are; `within` is where that is proved and the work is done. */
export interface Signed<B> extends Asked<B> {
  readonly session: Session
  readonly within: <T>(work: (client: Client, role: Role) => Promise<T>) => Promise<T>
}

/** One address of the API: who may ask, what has to be sent, and what is answered. `undefined` is an empty answer, `SENT` one that was sent already. */
export type Route = {
  readonly method: 'get' | 'post' | 'delete'
  readonly path: string
  readonly status?: number
} & (
  | { readonly access: 'anyone'; readonly body?: ZodType; readonly answer: (asked: Asked<never>) => Promise<unknown> }
  | { readonly access: 'signed in' | 'instructor'; readonly body?: ZodType; readonly answer: (asked: Signed<never>) => Promise<unknown> }
)

export const SENT = Symbol('sent')

/** A route for anyone at all. */
export const forAnyone = <B = undefined>(route: {
  readonly method: Route['method']
  readonly path: string
  readonly status?: number
  readonly body?: ZodType<B>
  readonly answer: (asked: Asked<B>) => Promise<unknown>
}): Route => ({ ...route, access: 'anyone' })

/** A route for people who are signed in, or for instructors alone. */
export const forPeople = <B = undefined>(route: {
  readonly method: Route['method']
  readonly path: string
  readonly status?: number
  readonly only?: 'instructor'
  readonly body?: ZodType<B>
  readonly answer: (asked: Signed<B>) => Promise<unknown>
}): Route => ({ ...route, access: route.only ?? 'signed in' })

/** The deepest a body may be nested; nothing that is sent honestly comes near. */
const DEEPEST = 24

/** @throws Refusal for a body nested deeper than any that is expected */
export function refuseDeep(body: unknown): void {
  let level: unknown[] = [body]
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > DEEPEST) throw new Refusal(400, 'the request is nested too deeply', 'Nothing was written.')
    level = level.flatMap((node): unknown[] => (typeof node === 'object' && node !== null ? Object.values(node) : []))
  }
}

const idSchema = z.uuid('an id')

function handlerOf(route: Route, services: Services): RequestHandler {
  return async (request, response) => {
    const changes = route.method !== 'get'
    if (changes && request.get('sec-fetch-site') === 'cross-site')
      throw new Refusal(403, 'this came from a page of another site', 'Nothing was written. Open Foxing itself and try there.')
    if (route.method === 'post' && !request.is('application/json')) throw new Refusal(415, 'send JSON', 'Nothing was written.')
    refuseDeep(request.body)
    const asked = (): Asked<never> => ({
      body: (route.body ? route.body.parse(request.body) : undefined) as never,
      id: (name) => idSchema.parse(request.params[name]),
      query: (name) => {
        const value = request.query[name]
        return typeof value === 'string' ? value : undefined
      },
      services,
      request,
      response,
    })
    let answer: unknown
    if (route.access === 'anyone') answer = await route.answer(asked())
    else {
      const session = services.cookies.read(request)
      if (!session) throw new SignedOut()
      if (changes && !fromOwnPage(request, session))
        throw new Refusal(403, 'this did not come from a page of Foxing', 'Nothing was written. Reload the page and try again.')
      const within: Signed<never>['within'] = (work) =>
        services.database.as(session, async (client, role) => {
          if (route.access === 'instructor' && role !== 'instructor')
            throw new Refusal(403, 'this is for instructors', 'Nothing was written. Ask the instructor of your class.')
          return work(client, role)
        })
      answer = await route.answer({ ...asked(), session, within })
    }
    if (answer === SENT) return
    if (answer === undefined) response.status(route.status ?? 204).end()
    else response.status(route.status ?? 200).json(answer)
  }
}

/** The routes as a router of Express. */
export function routerOf(routes: readonly Route[], services: Services): Router {
  const router = Router()
  for (const route of routes) router[route.method](route.path, handlerOf(route, services))
  return router
}
