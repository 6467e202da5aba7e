import { endpoints } from '@foxing/api'
import { caseSchema, withoutUnknown, type Case } from '@foxing/core'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import type { Client } from '../database'
import { Refusal } from '../http/errors'
import { forPeople, type Route } from '../http/route'
import { sealable } from '../sealed'
import { codesOf, makeCode } from '../services/invitations'
import { findJar, listJars, refuseFull, seal } from '../services/jars'

const noClass = (): Refusal => new Refusal(404, 'no-such-class')

/** @throws Refusal unless the one who asks teaches it */
async function classOf(client: Client, id: string): Promise<{ id: string; name: string }> {
  const { rows } = await client.query<{ id: string; name: string }>('select id, name from class where id = $1 and id in (select taught_classes())', [
    id,
  ])
  if (!rows[0]) throw noClass()
  return rows[0]
}

/** With what it is to hold sealed. */
const issueSchema = endpoints.issue.body.transform((issue, context) => {
  if (issue.holds === undefined) return { ...issue, holds: undefined }
  const holds = sealable(issue.case, issue.holds)
  if (holds !== null) return { ...issue, holds }
  context.addIssue({ code: 'custom', path: ['holds'], message: HOLDS[issue.case.kind] })
  return z.NEVER
})

/** What a jar of each kind may hold, in words. */
const HOLDS: Readonly<Record<Case['kind'], string>> = {
  salt: 'a bench salt by formula, such as Na2SO4.10H2O',
  organic: 'a compound of the library by name, such as salicylic acid, or as SMILES',
  mixture: 'nothing: a mixture is drawn for each',
}

export const classRoutes: readonly Route[] = [
  forPeople(endpoints.beginClass, {
    only: 'instructor',
    answer: ({ body, within }) =>
      within(async (client) => {
        const { rows } = await client.query<{ begun: boolean }>('select door.begin_class($1, $2) as begun', [body.id, body.name])
        if (rows[0]?.begun !== true) throw new Refusal(409, 'class-id-taken')
        return { id: body.id }
      }),
  }),
  forPeople(endpoints.class, {
    only: 'instructor',
    answer: ({ id, within }) =>
      within(async (client) => {
        const found = await classOf(client, id('class'))
        const { rows: people } = await client.query(
          `select p.id, p.name, p.role from membership m join person p on p.institution_id = m.institution_id and p.id = m.person_id
            where m.class_id = $1 order by p.role, p.name`,
          [found.id],
        )
        return { ...found, people, jars: await listJars(client, { classId: found.id }) }
      }),
  }),
  forPeople(endpoints.invite, {
    only: 'instructor',
    answer: ({ id, body, session, within, services }) =>
      within(async (client, role) => {
        const { id: classId } = await classOf(client, id('class'))
        if (body.role === 'administrator' && role !== 'administrator') throw new Refusal(403, 'for-administrators')
        const uses = body.uses ?? (body.role === 'student' ? 30 : 1)
        const code = await makeCode(client, session, { role: body.role, class: classId, days: body.days, uses })
        services.security('code made', { person: session.person, role: body.role })
        return { code, role: body.role, uses, days: body.days }
      }),
  }),
  forPeople(endpoints.codesOfClass, {
    only: 'instructor',
    answer: ({ id, within }) => within(async (client) => ({ codes: await codesOf(client, { class: (await classOf(client, id('class'))).id }) })),
  }),
  forPeople(endpoints.takeBack, {
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        await client.query('delete from invitation where id = $1', [id('code')])
        services.security('code taken back', { person: session.person })
      }),
  }),
  forPeople(endpoints.resetCode, {
    only: 'instructor',
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        const code = await makeCode(client, session, { role: 'reset', person: id('person'), days: 1, uses: 1 })
        services.security('reset code made', { person: session.person, for: id('person') })
        return { code }
      }),
  }),
  forPeople(endpoints.removeFromClass, {
    only: 'instructor',
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        const { id: classId } = await classOf(client, id('class'))
        services.security('removed from class', { person: session.person })
        await client.query('delete from membership where class_id = $1 and person_id = $2', [classId, id('person')])
      }),
  }),
  forPeople(endpoints.issue, {
    only: 'instructor',
    reads: issueSchema,
    answer: async ({ id, body, session, within, services, gone }) => {
      const wanted = id('class')
      const proved = await within(async (client, _role, by) => {
        await classOf(client, wanted)
        await refuseFull(client)
        return by
      })
      const { holds } = body
      // Each by itself: nothing that some of them hold tells of the others.
      const filled: string[] = []
      const drawFor = (): Promise<string> => services.simulator.draw(proved, { settings: body.case }, gone)
      while (filled.length < body.people.length) filled.push(holds ?? (await drawFor()))
      return within(async (client) => {
        const { id: classId } = await classOf(client, wanted)
        const jars: string[] = []
        for (const [k, person] of body.people.entries()) {
          const jar = randomUUID()
          const code = body.people.length === 1 ? body.code : `${body.code}-${String(k + 1).padStart(2, '0')}`
          await client.query(
            `insert into jar (institution_id, id, owner_id, code, title, kind, settings, class_id, issued_by, reveal, reveal_on)
             values ($1, $2, $3, $4, $5, 'simulated', $6, $7, $8, $9, $10)`,
            [
              session.institution,
              jar,
              person,
              code,
              body.title,
              withoutUnknown(caseSchema, body.case),
              classId,
              session.person,
              body.reveal,
              body.revealOn ?? null,
            ],
          )
          await seal(client, session.institution, jar, filled[k] ?? '')
          jars.push(jar)
        }
        // Pages of the version before expect a seed; there is none any more.
        return { jars, seed: 0 }
      })
    },
  }),
  forPeople(endpoints.reveal, {
    only: 'instructor',
    answer: ({ id, within, services, session }) =>
      within(async (client) => {
        const jar = await findJar(client, id('jar'))
        const { rowCount } = await client.query(
          'update jar set revealed_at = coalesce(revealed_at, now()) where id = $1 and class_id in (select taught_classes())',
          [jar.id],
        )
        if (rowCount === 0) throw new Refusal(409, 'not-given-out-by-you')
        services.live.changed(session.institution, jar.id)
      }),
  }),
]
