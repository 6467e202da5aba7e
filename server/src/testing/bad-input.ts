import { ROUTES } from '../app'
import { ask, entry, type Person, type World } from './world'
import { Requests } from './requests'
import { randomUUID } from 'node:crypto'

export interface BadInput {
  readonly asked: number
  readonly byStatus: Readonly<Record<string, number>>
  /** Whatever was not answered as it should be. */
  readonly wrong: readonly string[]
}

/** Addresses that derive a password take a quarter of a second each; these are asked less often. */
const SLOW = ['/sign-in', '/join', '/me/password', '/me/erase']
/** These end what the others need, or do not end by themselves. */
const LEFT_OUT = ['/sign-out', '/sign-out-everywhere', '/jars/:jar/live', '/classes/:class/people/:person', '/jars/:jar/partners/:person']

/**
 * Sends many wrong requests as a student and as an instructor: every one is answered with success or a clear refusal, never as a failure of the server, and what is refused
 * leaves nothing behind.
 */
export async function sendBadInput(world: World, count: number, random: () => number): Promise<BadInput> {
  const base = await world.serve()
  const institution = await world.institution()
  const classId = await world.class(institution)
  const student = await world.person('Student', institution, 'student', [classId])
  const instructor = await world.person('Instructor', institution, 'instructor', [classId])
  const jar = randomUUID()
  const first = entry({ note: 'there' })
  await ask(base, student, 'POST', '/jars', { id: jar, code: 'B-1', kind: 'simulated' })
  await ask(base, student, 'POST', `/jars/${jar}/entries`, { device: randomUUID(), entries: [{ order: 1, body: first }] })
  const usual = ROUTES.filter((r) => !LEFT_OUT.includes(r.path) && !SLOW.includes(r.path))
  const ids = { jar, class: classId, person: student.who.person, entry: first.id }
  const often = new Requests(usual, random, ids)
  const seldom = new Requests(
    ROUTES.filter((r) => SLOW.includes(r.path)),
    random,
    ids,
  )
  const byStatus: Record<string, number> = {}
  const wrong: string[] = []
  let before = await world.everything()
  for (let k = 0; k < count; k++) {
    const request = (random() < 0.02 ? seldom : often).next()
    const who: Person = request.route.includes('/classes') || request.route.includes('reveal') ? instructor : student
    const about = `${request.route} ${request.path.slice(0, 80)} ${request.type} ${(request.body ?? '').slice(0, 300)}`
    try {
      const { status, body } = await ask(base, who, request.method, request.path, request.body, { 'content-type': request.type })
      byStatus[status] = (byStatus[status] ?? 0) + 1
      if (status >= 500) wrong.push(`${status}: ${about}`)
      const after = await world.everything()
      if (status >= 400) {
        if (typeof body['error'] !== 'string' || typeof body['todo'] !== 'string' || body['error'] === '')
          wrong.push(`${status} without words: ${about}`)
        if (JSON.stringify(after) !== JSON.stringify(before)) wrong.push(`${status} left something behind: ${about}`)
      }
      before = after
    } catch (error) {
      wrong.push(`no answer (${String(error)}): ${about}`)
    }
  }
  return { asked: count, byStatus, wrong }
}
