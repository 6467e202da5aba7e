import { z } from 'zod'
import { codeHash } from '../codes'
import { Refusal } from '../http/errors'
import { forAnyone, forPeople, type Asked, type Route } from '../http/route'
import { changePassword, eraseMe, everythingOf, join, noCode, signIn, type Entered } from '../services/people'

const loginSchema = z.string().trim().min(3).max(200)
const passwordSchema = z.string().min(10, 'ten letters or more').max(200)
const nameSchema = z.string().trim().min(1).max(200)
const codeSchema = z.string().min(8).max(40)

const letIn = ({ services, response }: Asked<unknown>, entered: Entered): void =>
  services.cookies.give(response, entered.institution, entered.person, entered.token)

const addressOf = ({ request }: Asked<unknown>): string => request.ip ?? 'unknown'

const wrongPassword = (): Refusal =>
  new Refusal(403, 'that is not your password', 'Nothing was changed. After ten wrong ones you have to wait a quarter of an hour.')

export const peopleRoutes: readonly Route[] = [
  forAnyone({
    method: 'get',
    path: '/door',
    answer: ({ services, request }) => Promise.resolve({ demo: services.demo, cookie: services.cookies.read(request) !== null }),
  }),
  forAnyone({
    method: 'post',
    path: '/sign-in',
    body: z.object({ login: loginSchema, password: z.string().min(1).max(200) }),
    async answer(asked) {
      letIn(asked, await signIn(asked.services.database, asked.body.login, asked.body.password, addressOf(asked)))
    },
  }),
  forAnyone({
    method: 'post',
    path: '/join',
    body: z.object({ code: codeSchema, name: nameSchema, login: loginSchema, password: passwordSchema }),
    async answer(asked) {
      letIn(asked, await join(asked.services.database, asked.body, addressOf(asked)))
    },
  }),
  forPeople({
    method: 'post',
    path: '/sign-out',
    async answer({ services, session, within, response }) {
      await within((client) => client.query('delete from session where token_hash = $1', [session.tokenHash]))
      services.cookies.take(response)
    },
  }),
  forPeople({
    method: 'post',
    path: '/sign-out-everywhere',
    async answer({ services, within, response }) {
      await within((client) => client.query('delete from session where person_id = current_person()'))
      services.cookies.take(response)
    },
  }),
  forPeople({
    method: 'get',
    path: '/me',
    answer: ({ session, within }) =>
      within(async (client, role) => {
        const { rows } = await client.query<{ name: string; institution: string; sessions: number; classes: unknown[] | null }>(`
          select p.name, i.name as institution, (select count(*)::int from session) as sessions,
                 (select jsonb_agg(jsonb_build_object('id', c.id, 'name', c.name) order by c.name) from class c) as classes
            from person p join institution i on i.id = p.institution_id where p.id = current_person()`)
        return { id: session.person, role, csrf: session.csrf, ...rows[0], classes: rows[0]?.classes ?? [] }
      }),
  }),
  forPeople({
    method: 'post',
    path: '/me/password',
    body: z.object({ old: z.string().min(1).max(200), new: passwordSchema }),
    async answer({ session, within, body }) {
      if (!(await changePassword(within, session, body.old, body.new))) throw wrongPassword()
    },
  }),
  forPeople({ method: 'get', path: '/me/everything', answer: ({ within }) => within(everythingOf) }),
  forPeople({
    method: 'post',
    path: '/me/erase',
    body: z.object({ password: z.string().min(1).max(200) }),
    async answer({ services, within, body, response }) {
      if (!(await eraseMe(within, body.password))) throw wrongPassword()
      services.cookies.take(response)
    },
  }),
  forPeople({
    method: 'post',
    path: '/codes',
    body: z.object({ code: codeSchema }),
    async answer(asked) {
      const { body, within } = asked
      const used = await within(async (client) => {
        const { rows } = await client.query<{ class_id: string | null; jar_id: string | null }>('select * from door.use_code($1, $2)', [
          codeHash(body.code),
          addressOf(asked),
        ])
        return rows[0]
      })
      if (!used) throw noCode()
      return { class: used.class_id, jar: used.jar_id }
    },
  }),
]
