import type { Request, RequestHandler, Response } from 'express'
import express, { Router } from 'express'
import type { Logger } from 'pino'
import { z, type ZodType } from 'zod'
import { teaches, type Endpoint, type Given, type IdsIn, type PathOf, type Read, type Role } from '@foxing/api'
import type { Client, Database, Proved } from '../database'
import type { Live } from '../live'
import type { Appending } from '../services/appending'
import type { Simulator } from '../simulator'
import { fromOwnPage, type Cookies, type Session } from '../sessions'
import { SignedOut } from '../signed-out'
import type { Hashing } from '../passwords'
import type { SecurityEvent } from '../security'
import { Refusal } from './errors'
import { Recent } from './recent'

/** What every route may use. */
export interface Services {
  readonly database: Database
  readonly cookies: Cookies
  readonly live: Live
  readonly appending: Appending
  readonly simulator: Simulator
  readonly hashing: Hashing
  /** Told what bears on security, without anybody's words. */
  readonly security: (event: SecurityEvent, about?: Readonly<Record<string, string>>) => void
  readonly log: Logger
  readonly demo: boolean
}

/** A request with its parts checked. */
export interface Asked<B, Id extends string = string> {
  readonly body: B
  /** A part of the path, which is an id. */
  readonly id: (name: Id) => string
  readonly query: (name: string) => string | undefined
  readonly services: Services
  readonly request: Request
  readonly response: Response
}

/** A request of somebody who says who they are; `within` is where that is proved and the work is done. */
export interface Signed<B, Id extends string = string> extends Asked<B, Id> {
  readonly session: Session
  readonly within: <T>(work: (client: Client, role: Role, proved: Proved) => Promise<T>) => Promise<T>
  /** Aborted when whoever asked does not wait any more. */
  readonly gone: AbortSignal
}

/** What a route answers instead where it was sent already. */
export const SENT = Symbol('sent')

/** One address of the API, answered: who may ask, and what is done. */
export type Route = Endpoint & {
  /** The most a body may take, bytes. */
  readonly largest?: number | undefined
} & (
    | { readonly access: 'anyone'; readonly does: (asked: Asked<never>) => Promise<unknown> }
    | { readonly access: 'signed in' | 'instructor'; readonly does: (asked: Signed<never>) => Promise<unknown> }
  )

/** What an endpoint must be answered with: its own shape, or nothing where that is nothing. */
type Due<E extends Endpoint> =
  (undefined extends Given<E> ? Promise<void> : Promise<Given<E>>) | Promise<typeof SENT | (undefined extends Given<E> ? undefined : Given<E>)>
interface Answers<Takes, E extends Endpoint> {
  readonly largest?: number
  readonly answer: (asked: Takes) => Due<E>
}
/** The body read more narrowly than the endpoint says, by what only the server knows. */
interface Narrowly<B> {
  readonly reads?: ZodType<B>
}

/** A route for anyone at all. */
export const forAnyone = <E extends Endpoint, B = Read<E>>(
  endpoint: E,
  { reads, answer, largest }: Answers<Asked<B, IdsIn<PathOf<E>>>, E> & Narrowly<B>,
): Route => ({ ...endpoint, body: reads ?? endpoint.body, largest, does: answer, access: 'anyone' })

/** A route for people who are signed in, or for instructors alone. */
export const forPeople = <E extends Endpoint, B = Read<E>>(
  endpoint: E,
  { reads, answer, largest, only }: Answers<Signed<B, IdsIn<PathOf<E>>>, E> & Narrowly<B> & { readonly only?: 'instructor' },
): Route => ({ ...endpoint, body: reads ?? endpoint.body, largest, does: answer, access: only ?? 'signed in' })

/** The deepest a body may be nested; nothing that is sent honestly comes near. */
const DEEPEST = 24

/** @throws Refusal for a body nested deeper than any that is expected */
function refuseDeep(body: unknown): void {
  let level: unknown[] = [body]
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > DEEPEST) throw new Refusal(400, 'nested-too-deeply')
    level = level.flatMap((node): unknown[] => (typeof node === 'object' && node !== null ? Object.values(node) : []))
  }
}

const idSchema = z.uuid('an id')

/** What a body may take where a route says nothing else, bytes. */
const USUAL_BODY = 1_000_000
/** The same for somebody of whom nothing is known. */
const STRANGERS_BODY = 10_000

const recent = new Recent()

/** Reads the body as JSON, once it is known that somebody may send one. */
function bodyOf(largest: number): (request: Request, response: Response) => Promise<void> {
  const read: RequestHandler = express.json({ limit: largest })
  return (request, response) =>
    new Promise((resolve, reject) => {
      const done = (error?: unknown): void => {
        if (error instanceof Error) reject(error)
        else resolve()
      }
      void read(request, response, done)
    })
}

/** In this order: where a request comes from, who sends it, whether they may, what it says; and only then what it asks for. */
function handlerOf(route: Route, services: Services): RequestHandler {
  const readBody = bodyOf(route.largest ?? (route.access === 'anyone' ? STRANGERS_BODY : USUAL_BODY))
  const changes = route.method !== 'get'

  const prove = async (session: Session): Promise<void> => {
    const key = `${route.access} ${session.institution} ${session.person} ${session.tokenHash.toString('base64')}`
    if (recent.has(key)) return
    await services.database.as(session, (_client, role) => {
      refuseOthers(role)
      return Promise.resolve()
    })
    recent.add(key)
  }
  const refuseOthers = (role: Role): void => {
    if (route.access === 'instructor' && !teaches(role)) throw new Refusal(403, 'for-instructors')
  }
  const asked = async (request: Request, response: Response): Promise<Asked<never>> => {
    if (route.method === 'post') {
      if (!request.is('application/json')) throw new Refusal(415, 'not-json')
      await readBody(request, response)
      refuseDeep(request.body)
    }
    return {
      body: (route.method === 'post' ? route.body.parse(request.body) : undefined) as never,
      id: (name) => idSchema.parse(request.params[name]),
      query: (name) => {
        const value = request.query[name]
        return typeof value === 'string' ? value : undefined
      },
      services,
      request,
      response,
    }
  }
  const answerOf = async (request: Request, response: Response): Promise<unknown> => {
    if (changes && request.get('sec-fetch-site') === 'cross-site') throw new Refusal(403, 'other-site')
    if (route.access === 'anyone') return route.does(await asked(request, response))
    const session = services.cookies.read(request)
    if (!session) throw new SignedOut()
    await prove(session)
    if (changes && !fromOwnPage(request, session)) {
      services.security('not from a page', { person: session.person })
      throw new Refusal(403, 'not-from-page')
    }
    const gone = new AbortController()
    response.on('close', () => gone.abort())
    const within: Signed<never>['within'] = (work) =>
      services.database.as(session, async (client, role, proved) => {
        refuseOthers(role)
        return work(client, role, proved)
      })
    return route.does({ ...(await asked(request, response)), session, within, gone: gone.signal })
  }
  return async (request, response) => {
    const answer = await answerOf(request, response)
    if (answer === SENT || response.destroyed) return
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
