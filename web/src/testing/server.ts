import type { Entry } from '@foxing/core'
import { jarOf } from './jars'

/** What happens to one question on its way: it never gets there, its answer never comes back, something between the two refuses, or the session is over. */
export type Fate = 'answered' | 'lost' | 'answer lost' | 'refused' | 'signed out'

interface Placed {
  readonly body: Entry
  readonly device: string
  readonly order: number
  readonly position: number
  readonly received: string
  readonly author: string | null
}
interface Kept {
  readonly id: string
  readonly title?: string
}

/** When this server took an entry, by its clock, which stands still. */
export const RECEIVED = '2026-10-12T10:00:00.000Z'

/** The server as a device knows it, over a connection that fails: what it was sent once is there, and an entry it knows already is acknowledged again. */
export class Server {
  readonly jars = new Map<string, Kept>()
  readonly entries = new Map<string, Placed[]>()
  /** Fates of the next questions, in turn; after those all are answered. */
  fates: Fate[] = []
  /** Jars that have no room for another line. */
  readonly full = new Set<string>()
  me: { readonly id: string; readonly name: string } | null = null
  /** Questions that reached it. */
  asked = 0

  fetch = async (path: string, { method = 'GET', body }: { method?: string; body?: string } = {}): Promise<Response> => {
    await Promise.resolve()
    const fate = this.fates.shift() ?? 'answered'
    if (fate === 'lost') throw new TypeError('Failed to fetch')
    if (fate === 'refused') return new Response('upstream is away', { status: 502 })
    if (fate === 'signed out') return Response.json({ error: 'nobody is signed in', todo: 'Sign in again.' }, { status: 401 })
    this.asked++
    const answer = this.answer(`${method} ${decodeURI(path.replace('/api/', ''))}`, body === undefined ? undefined : (JSON.parse(body) as unknown))
    if (fate === 'answer lost') throw new TypeError('Failed to fetch')
    return answer
  }

  private answer(question: string, body: unknown): Response {
    if (question === 'GET door') return Response.json({ demo: true, cookie: this.me !== null })
    if (question === 'GET me')
      return this.me
        ? Response.json({ ...this.me, role: 'student', institution: 'Foxglove', sessions: 1, classes: [], csrf: 'page' })
        : this.unknown(401)
    if (question.startsWith('POST sign-')) return new Response(null, { status: 204 })
    if (question === 'POST jars') {
      const jar = body as Kept
      this.jars.set(jar.id, jar)
      return Response.json({ id: jar.id })
    }
    if (question === 'GET jars')
      return Response.json({ jars: [...this.jars.values()].map((jar) => ({ ...this.shown(jar), entries: this.of(jar.id).length, concluded: [] })) })
    const [, id = '', rest, after = -1] = /^\w+ jars\/([^/?]+)(?:\/(\w+))?(?:\?after=(\d+))?$/.exec(question) ?? []
    const jar = this.jars.get(id)
    if (!jar) return this.unknown(404)
    if (rest === 'entries' && this.full.has(id)) return Response.json({ error: 'there is no room for this', todo: 'It is kept.' }, { status: 413 })
    if (rest === 'entries')
      return Response.json({ acknowledged: this.take(id, body as { device: string; entries: { order: number; body: Entry }[] }) })
    return Response.json({
      jar: { ...this.shown(jar), partners: [], writable: true },
      people: [],
      entries: this.of(id).filter((e) => e.position > Number(after)),
      signatures: [],
    })
  }

  of = (jar: string): Placed[] => this.entries.get(jar) ?? []

  private take(jar: string, { device, entries }: { device: string; entries: { order: number; body: Entry }[] }): { id: string; position: number }[] {
    const kept = this.of(jar)
    this.entries.set(jar, kept)
    return entries.map(({ order, body }) => {
      const known = kept.find((e) => e.body.id === body.id)
      const position = known?.position ?? kept.length + 1
      if (!known) kept.push({ body, device, order, position, author: this.me?.id ?? null, received: RECEIVED })
      return { id: body.id, position }
    })
  }

  private readonly shown = (jar: Kept): object => ({ ...jarOf(jar.id, this.me?.id ?? ''), ...jar })
  private readonly unknown = (status: number): Response => Response.json({ error: 'there is no such thing', todo: '' }, { status })
}
