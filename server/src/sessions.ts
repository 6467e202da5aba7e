import { parse } from 'cookie'
import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto'
import type { Request, Response } from 'express'
import { z } from 'zod'
import { sha256 } from './passwords'

/** Who a request says it comes from. It is believed once the database has found the session. */
export interface Session {
  readonly institution: string
  readonly person: string
  /** SHA-256 of the token in the cookie; the token itself is kept nowhere but there. */
  readonly tokenHash: Buffer
  /** What a page has to send along with anything that changes something. */
  readonly csrf: string
}

const cookieSchema = z.tuple([z.uuid(), z.uuid(), z.string().regex(/^[\w-]{43}$/)])
const LONGEST_DAYS = 30

export class Cookies {
  private readonly name: string

  /** @param secure true where people reach the server by https */
  constructor(private readonly secure: boolean) {
    this.name = secure ? '__Host-foxing' : 'foxing'
  }

  read(request: Request): Session | null {
    const given = cookieSchema.safeParse(parse(request.headers.cookie ?? '')[this.name]?.split('.'))
    if (!given.success) return null
    const [institution, person, token] = given.data
    return { institution, person, tokenHash: sha256(token), csrf: csrfOf(token) }
  }

  give(response: Response, institution: string, person: string, token: string): void {
    response.cookie(this.name, `${institution}.${person}.${token}`, { ...this.attributes(), maxAge: LONGEST_DAYS * 86_400_000 })
  }

  take(response: Response): void {
    response.clearCookie(this.name, this.attributes())
  }

  private attributes() {
    return { httpOnly: true, secure: this.secure, sameSite: 'lax', path: '/' } as const
  }
}

export const newToken = (): string => randomBytes(32).toString('base64url')

export const csrfOf = (token: string): string => createHmac('sha256', token).update('page').digest('base64url')

/** Whether a request carries what only a page of this server can know. */
export function fromOwnPage(request: Request, session: Session): boolean {
  const given = Buffer.from(request.get('x-foxing-page') ?? '')
  const wanted = Buffer.from(session.csrf)
  return given.length === wanted.length && timingSafeEqual(given, wanted)
}
