import { entrySchema, inOrder, notebookSchema } from '@foxing/core'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { teaches, type Client } from '../database'
import { Refusal } from '../http/errors'
import { forPeople, SENT, type Route } from '../http/route'
import { concludedBy, entriesOf, findJar, label, listJars, noJar, openJar, refuseFull, rowsOf, type Jar } from '../services/jars'
import { secretOf } from '../services/secrets'
import { codesOf, makeCode } from '../services/invitations'
import { notebookOf, sign, signaturesOf, versionOf } from '../services/signing'

const id = z.uuid()
const newJarSchema = z.object({
  id,
  ...label,
  kind: z.enum(['real', 'simulated']),
  /** What a self-chosen practice was drawn by on the device it began on. */
  seed: z
    .number()
    .int()
    .nonnegative()
    .max(2 ** 40)
    .optional(),
})
/** Lines of a notebook as a whole document, and the place of a line among those of its device. */
const MOST = 8000
/** Characters of JSON one line may take, with all that its writer put into it; a picture comes on top. */
const LARGEST_LINE = 12_000
const sizeOf = (body: object): number => JSON.stringify({ ...body, picture: '' }).length
const newEntriesSchema = z.object({
  device: id,
  entries: z
    .array(
      z.object({
        order: z
          .number()
          .int()
          .min(1)
          .max(10 * MOST),
        body: entrySchema
          .and(z.object({ id }))
          .refine((b) => sizeOf(b) <= LARGEST_LINE, `a line of no more than ${LARGEST_LINE} characters, all fields together`),
      }),
    )
    .min(1)
    .max(200),
})
/** A line that says what was done. */
const doneSchema = z.object({ id: z.string(), did: z.looseObject({}) })
/** The place in a notebook after which it is asked for: all of it, unless given. */
const afterSchema = z.coerce.number().int().min(-1).max(Number.MAX_SAFE_INTEGER).default(-1)
const importSchema = z.object({
  id,
  code: label.code,
  title: label.title,
  device: id,
  notebook: notebookSchema.refine((n) => new Set(n.entries.map((e) => e.id)).size === n.entries.length, {
    path: ['entries'],
    message: 'an id of its own for every entry',
  }),
})

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
  forPeople({ method: 'get', path: '/jars', answer: async ({ within }) => ({ jars: await within((client) => listJars(client, 'mine')) }) }),
  forPeople({
    method: 'post',
    path: '/jars',
    status: 201,
    body: newJarSchema,
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
  forPeople({
    method: 'post',
    path: '/jars/import',
    status: 201,
    largest: 8_000_000,
    body: importSchema,
    answer: ({ body, session, within, services }) =>
      within(async (client) => {
        await openJar(client, session, { ...body, kind: 'real', case: body.notebook.case }, null)
        return { id: (await mineOf(client, body.id)).id }
      }).then(async (opened) => {
        // Entries of a document may have any ids; here they get uuids, and what cites them is made to follow.
        const ids = new Map(body.notebook.entries.map((e) => [e.id, id.safeParse(e.id).success ? e.id : randomUUID()]))
        const moved = (old: string): string => ids.get(old) ?? old
        const tooLong = body.notebook.entries.findIndex((e) => sizeOf(e) > LARGEST_LINE)
        if (tooLong >= 0)
          throw new Refusal(
            413,
            `entry ${tooLong + 1} of the document is too long`,
            `The jar was opened, and holds no line yet. A line may take ${LARGEST_LINE} characters.`,
          )
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
  forPeople({
    method: 'get',
    path: '/jars/:id',
    answer: ({ id, query, session, within }) =>
      within(async (client) => {
        const after = afterSchema.parse(query('after'))
        const jar = await findJar(client, id('id'))
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
  forPeople({
    method: 'get',
    path: '/jars/:id/entries',
    answer: ({ id, query, within }) =>
      within(async (client) => {
        const after = afterSchema.parse(query('after'))
        return { entries: await entriesOf(client, (await findJar(client, id('id'))).id, after) }
      }),
  }),
  forPeople({
    method: 'post',
    path: '/jars/:id/entries',
    body: newEntriesSchema,
    async answer({ id, body, session, services }) {
      const acknowledged = await services.appending.append(session, id('id'), body.device, body.entries)
      services.live.changed(session.institution, id('id'))
      return { acknowledged }
    },
  }),
  forPeople({
    method: 'get',
    path: '/jars/:id/live',
    async answer({ id, session, within, services, request, response }) {
      const jarId = id('id')
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
  forPeople({
    method: 'get',
    path: '/jars/:id/seen/:entry',
    async answer({ id, within, services, gone }) {
      const [jarId, entryId] = [id('id'), id('entry')]
      const { jar, entries, secret, proved } = await within(async (client, _role, by) => ({
        proved: by,
        jar: await findJar(client, jarId),
        entries: inOrder(await rowsOf(client, jarId)).map((e) => e.body),
        secret: await secretOf(client, jarId),
      }))
      if (!secret) throw new Refusal(409, 'this jar is real', 'Do the test at the bench and write down what you see.')
      if (!entries.some((e) => doneSchema.safeParse(e).data?.id === entryId))
        throw new Refusal(404, 'that work has not reached the server', 'Wait for the notebook to be saved, then look again.')
      const simulated = await services.simulator.run(
        proved,
        { jar: jarId, notebook: { case: jar.case, entries }, entry: entryId, holds: secret.text, jitter: secret.jitter },
        gone,
      )
      if ('more' in simulated)
        throw new Refusal(
          503,
          'this takes long to work out: very much was done in these tubes',
          'What was written is kept. Ask again: it goes on from where it stopped.',
          1,
        )
      if ('problem' in simulated) throw new Refusal(409, simulated.problem, 'The entry is kept; write an amendment to correct it.')
      return simulated.seen
    },
  }),
  forPeople({
    method: 'get',
    path: '/jars/:id/answer',
    answer: ({ id, within }) =>
      within(async (client, role) => {
        const jar = await findJar(client, id('id'))
        const isTaught =
          teaches(role) && (await client.query('select from jar where id = $1 and class_id in (select taught_classes())', [jar.id])).rowCount === 1
        const entries = await entriesOf(client, jar.id)
        if (!isTaught && !jar.opened && (jar.reveal !== 'on conclusion' || concludedBy(entries, null).length === 0)) throw notYet(jar)
        const { rows } = await client.query<{ known: Date | null }>('select door.tell_answer($1, $2) as known', [jar.id, isTaught])
        const concluded = concludedBy(entries, rows[0]?.known ?? null)
        const secret = await secretOf(client, jar.id)
        if (!secret) throw new Refusal(409, 'this jar is real', 'Only the person who filled it knows.')
        const { formula, name, isSaid } = secret
        return { formula, name, right: concluded.length === 0 ? null : isSaid(concluded) }
      }),
  }),
  forPeople({
    method: 'post',
    path: '/jars/:id/partners',
    status: 201,
    body: z.object({}),
    answer: ({ id, session, within }) =>
      within(async (client) => {
        const jar = await mineOf(client, id('id'))
        if (jar.owner !== session.person) throw new Refusal(403, 'this jar is your partner’s', 'Only they can share it.')
        const code = await makeCode(client, session, { role: 'partner', jar: jar.id, days: 1, uses: 3 })
        return { code }
      }),
  }),
  forPeople({
    method: 'delete',
    path: '/jars/:id/partners/:person',
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        const jar = await mineOf(client, id('id'))
        await client.query('delete from partner where jar_id = $1 and person_id = $2', [jar.id, id('person')])
        // A code that is still good would let them in again.
        await client.query("delete from invitation where jar_id = $1 and role = 'partner'", [jar.id])
        services.security('partner removed', { person: session.person })
      }),
  }),
  forPeople({
    method: 'get',
    path: '/jars/:id/codes',
    answer: ({ id, within }) => within(async (client) => ({ codes: await codesOf(client, { jar: (await mineOf(client, id('id'))).id }) })),
  }),
  forPeople({
    method: 'post',
    path: '/jars/:id/signatures',
    status: 201,
    body: z.object({}),
    answer: ({ id, session, within, services }) =>
      within(async (client) => sign(client, session, (await mineOf(client, id('id'))).id)).then((signature) => {
        services.live.changed(session.institution, id('id'))
        return signature
      }),
  }),
  forPeople({
    method: 'get',
    path: '/jars/:id/versions/:version',
    answer: ({ id, within, request }) =>
      within(async (client) => {
        const version = z.coerce.number().int().min(1).max(100_000).parse(request.params['version'])
        return versionOf(client, (await findJar(client, id('id'))).id, version)
      }),
  }),
  forPeople({ method: 'get', path: '/jars/:id/export', answer: ({ id, within }) => within((client) => notebookOf(client, id('id'))) }),
]

function notYet(jar: Jar): Refusal {
  if (jar.reveal === 'on date') return new Refusal(409, `this jar is opened on ${jar.revealOn ?? 'a date'}`, 'Until then, go on with the work.')
  if (jar.reveal === 'by instructor') return new Refusal(409, 'this jar is opened by your instructor', 'Ask them when you have handed in.')
  return new Refusal(409, 'nothing has been concluded yet', 'Write your conclusion first; the jar is opened then.')
}
