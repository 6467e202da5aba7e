import { endpoints, get, LARGEST_LINE, LIVE, nothing, sizeOfLine, teaches, type Jar } from '@foxing/api'
import { inOrder } from '@foxing/core'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import type { Client } from '../database'
import { Refusal } from '../http/errors'
import { forPeople, SENT, type Route } from '../http/route'
import { concludedBy, entriesOf, findJar, listJars, noJar, openJar, refuseFull, rowsOf } from '../services/jars'
import { secretOf } from '../services/secrets'
import { codesOf, makeCode } from '../services/invitations'
import { notebookOf, sign, signaturesOf, versionOf } from '../services/signing'

const id = z.uuid()
/** A line that says what was done. */
const doneSchema = z.object({ id: z.string(), did: z.looseObject({}) })
/** The place in a notebook after which it is asked for: all of it, unless given. */
const afterSchema = z.coerce.number().int().min(-1).max(Number.MAX_SAFE_INTEGER).default(-1)
/** @throws Refusal unless the jar is one's own or a partner's: an instructor reads, and does not write in a student's notebook */
const mineOf = async (client: Client, jarId: string): Promise<Jar> => {
  const jar = await findJar(client, jarId)
  const { rowCount } = await client.query('select from jar where id = $1 and (owner_id = current_person() or id in (select partnered_jars()))', [
    jarId,
  ])
  if (rowCount === 0) throw noJar()
  return jar
}

const HEARTBEAT = 25_000

export const jarRoutes: readonly Route[] = [
  forPeople(endpoints.jars, { answer: async ({ within }) => ({ jars: await within((client) => listJars(client, 'mine')) }) }),
  forPeople(endpoints.openJar, {
    answer: async ({ body, session, within, services, gone }) => {
      const proved = await within(async (client, _role, by) => (await refuseFull(client), by))
      const holds =
        body.kind === 'simulated'
          ? await services.simulator.draw(proved, { settings: body.case, ...(body.seed === undefined ? {} : { seed: body.seed }) }, gone)
          : null
      return within(async (client) => {
        await openJar(client, session, body, holds)
        return { id: (await findJar(client, body.id)).id }
      })
    },
  }),
  forPeople(endpoints.importJar, {
    largest: 8_000_000,
    answer: ({ body, session, within, services }) =>
      within(async (client) => {
        await openJar(client, session, { ...body, kind: 'real', case: body.notebook.case }, null)
        return { id: (await mineOf(client, body.id)).id }
      }).then(async (opened) => {
        // Entries of a document may have any ids; here they get uuids, and what cites them is made to follow.
        const ids = new Map(body.notebook.entries.map((e) => [e.id, id.safeParse(e.id).success ? e.id : randomUUID()]))
        const moved = (old: string): string => ids.get(old) ?? old
        const tooLong = body.notebook.entries.findIndex((e) => sizeOfLine(e) > LARGEST_LINE)
        if (tooLong >= 0) throw new Refusal(413, 'entry-too-long', { number: tooLong + 1, most: LARGEST_LINE })
        const entries = body.notebook.entries.map((e, k) => {
          const body = { ...e, id: moved(e.id) }
          if ('concluded' in body) body.concluded = { ...body.concluded, citing: body.concluded.citing.map(moved) }
          if ('amended' in body) body.amended = { ...body.amended, entry: moved(body.amended.entry) }
          if ('saw' in body && body.saw.of !== undefined) body.saw = { ...body.saw, of: moved(body.saw.of) }
          return { order: k + 1, body }
        })
        if (entries.length > 0) await services.appending.append(session, opened.id, body.device, entries)
        return opened
      }),
  }),
  forPeople(endpoints.jar, {
    answer: ({ id, query, session, within }) =>
      within(async (client) => {
        const after = afterSchema.parse(query('after'))
        const jar = await findJar(client, id('jar'))
        const { rows: people } = await client.query<{ id: string; name: string }>(
          `select p.id, p.name from person p where p.id = $2
             or p.id in (select person_id from partner where jar_id = $1) or p.id in (select author_id from entry where jar_id = $1)`,
          [jar.id, jar.owner],
        )
        const { rows: partners } = await client.query<{ person_id: string }>('select person_id from partner where jar_id = $1 order by 1', [jar.id])
        const writers = [jar.owner, ...partners.map((p) => p.person_id)]
        return {
          jar: { ...jar, partners: writers.slice(1), writable: writers.includes(session.person) },
          people,
          entries: await entriesOf(client, jar.id, after),
          signatures: await signaturesOf(client, jar.id),
        }
      }),
  }),
  forPeople(endpoints.entries, {
    answer: ({ id, query, within }) =>
      within(async (client) => {
        const after = afterSchema.parse(query('after'))
        return { entries: await entriesOf(client, (await findJar(client, id('jar'))).id, after) }
      }),
  }),
  forPeople(endpoints.addEntries, {
    async answer({ id, body, session, services }) {
      const acknowledged = await services.appending.append(session, id('jar'), body.device, body.entries)
      services.live.changed(session.institution, id('jar'))
      return { acknowledged: [...acknowledged] }
    },
  }),
  forPeople(get(LIVE, { answer: nothing }), {
    async answer({ id, session, within, services, request, response }) {
      const jarId = id('jar')
      const allowed = (): Promise<unknown> => within((client) => findJar(client, jarId))
      await allowed()
      response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' })
      response.write('retry: 2000\n\n')
      const stop = services.live.hear(session.institution, jarId, () => response.write('data: changed\n\n'))
      // Whoever has been signed out, or is a partner no more, hears no more.
      const heartbeat = setInterval(
        () =>
          void allowed().then(
            () => response.write(': here\n\n'),
            () => response.end(),
          ),
        HEARTBEAT,
      )
      const forget = services.live.whenHungUp(() => response.end())
      const end = (): void => {
        forget()
        clearInterval(heartbeat)
        stop()
      }
      request.on('close', end)
      response.on('close', end)
      return SENT
    },
  }),
  forPeople(endpoints.seen, {
    async answer({ id, within, services, gone }) {
      const [jarId, entryId] = [id('jar'), id('entry')]
      const { jar, entries, secret, proved } = await within(async (client, _role, by) => ({
        proved: by,
        jar: await findJar(client, jarId),
        entries: inOrder(await rowsOf(client, jarId)).map((e) => e.body),
        secret: await secretOf(client, jarId),
      }))
      if (!secret) throw new Refusal(409, 'real-jar.look')
      if (!entries.some((e) => doneSchema.safeParse(e).data?.id === entryId)) throw new Refusal(404, 'work-not-here')
      const simulated = await services.simulator.run(
        proved,
        { jar: jarId, notebook: { case: jar.case, entries }, entry: entryId, holds: secret.text, jitter: secret.jitter },
        gone,
      )
      if ('more' in simulated) throw new Refusal(503, 'takes-long', {}, 1)
      if ('problem' in simulated) throw new Refusal(409, 'cannot-be-done', { problem: simulated.problem })
      return simulated.seen
    },
  }),
  forPeople(endpoints.answer, {
    answer: ({ id, within }) =>
      within(async (client, role) => {
        const jar = await findJar(client, id('jar'))
        const isTaught =
          teaches(role) && (await client.query('select from jar where id = $1 and class_id in (select taught_classes())', [jar.id])).rowCount === 1
        const entries = await entriesOf(client, jar.id)
        if (!isTaught && !jar.opened && (jar.reveal !== 'on conclusion' || concludedBy(entries, null).length === 0)) throw notYet(jar)
        const { rows } = await client.query<{ known: Date | null }>('select door.tell_answer($1, $2) as known', [jar.id, isTaught])
        const concluded = concludedBy(entries, rows[0]?.known ?? null)
        const secret = await secretOf(client, jar.id)
        if (!secret) throw new Refusal(409, 'real-jar.answer')
        const { formula, name, isSaid } = secret
        return { formula, name, right: concluded.length === 0 ? null : isSaid(concluded) }
      }),
  }),
  forPeople(endpoints.share, {
    answer: ({ id, session, within }) =>
      within(async (client) => {
        const jar = await mineOf(client, id('jar'))
        if (jar.owner !== session.person) throw new Refusal(403, 'partners-jar')
        const code = await makeCode(client, session, { role: 'partner', jar: jar.id, days: 1, uses: 3 })
        return { code }
      }),
  }),
  forPeople(endpoints.endPartnership, {
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        const jar = await mineOf(client, id('jar'))
        await client.query('delete from partner where jar_id = $1 and person_id = $2', [jar.id, id('person')])
        // A code that is still good would let them in again.
        await client.query("delete from invitation where jar_id = $1 and role = 'partner'", [jar.id])
        services.security('partner removed', { person: session.person })
      }),
  }),
  forPeople(endpoints.codesOfJar, {
    answer: ({ id, within }) => within(async (client) => ({ codes: await codesOf(client, { jar: (await mineOf(client, id('jar'))).id }) })),
  }),
  forPeople(endpoints.sign, {
    answer: ({ id, session, within, services }) =>
      within(async (client) => sign(client, session, (await mineOf(client, id('jar'))).id)).then((signature) => {
        services.live.changed(session.institution, id('jar'))
        return signature
      }),
  }),
  forPeople(endpoints.version, {
    answer: ({ id, within, request }) =>
      within(async (client) => {
        const version = z.coerce.number().int().min(1).max(100_000).parse(request.params['version'])
        return versionOf(client, (await findJar(client, id('jar'))).id, version)
      }),
  }),
  forPeople(endpoints.export, { answer: ({ id, within }) => within((client) => notebookOf(client, id('jar'))) }),
]

function notYet(jar: Jar): Refusal {
  if (jar.reveal === 'on date') return new Refusal(409, 'opened-on-date', { date: jar.revealOn ?? 'a date' })
  if (jar.reveal === 'by instructor') return new Refusal(409, 'opened-by-instructor')
  return new Refusal(409, 'not-concluded')
}
