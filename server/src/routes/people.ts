import { endpoints, type Named } from '@foxing/api'
import { codeHash } from '../codes'
import { Refusal } from '../http/errors'
import { forAnyone, forPeople, type Asked, type Route } from '../http/route'
import { isCommon } from '../passwords'
import { changePassword, eraseMe, everythingOf, join, noCode, resetPassword, signIn, type Entered } from '../services/people'
import { networkOf } from '../http/network'

/** A password that is not tried first by whoever guesses. */
const isUncommon = (password: string): boolean => !isCommon(password)
const uncommon = (field: string): { readonly path: string[]; readonly message: string } => ({
  path: [field],
  message: 'a password that is not among those that are tried first: several words that do not belong together are good',
})

const letIn = ({ services, response }: Pick<Asked<unknown>, 'services' | 'response'>, entered: Entered): void =>
  services.cookies.give(response, entered.institution, entered.person, entered.token)

const addressOf = ({ request }: Pick<Asked<unknown>, 'request'>): string => networkOf(request.ip)

const wrongPassword = (): Refusal => new Refusal(403, 'wrong-password')

export const peopleRoutes: readonly Route[] = [
  forAnyone(endpoints.door, {
    answer: ({ services, request }) => Promise.resolve({ demo: services.demo, cookie: services.cookies.read(request) !== null }),
  }),
  forAnyone(endpoints.signIn, {
    async answer(asked) {
      const { database, hashing, security } = asked.services
      try {
        const entered = await signIn(database, hashing, asked.body.login, asked.body.password, addressOf(asked))
        security('signed in', { person: entered.person })
        letIn(asked, entered)
      } catch (error) {
        if (error instanceof Refusal) security(error.status === 401 ? 'sign-in refused' : 'sign-in has to wait')
        throw error
      }
    },
  }),
  forAnyone(endpoints.join, {
    reads: endpoints.join.body.refine((body) => isUncommon(body.password), uncommon('password')),
    async answer(asked) {
      const { database, hashing, security } = asked.services
      try {
        const entered = await join(database, hashing, asked.body, addressOf(asked))
        security('joined', { person: entered.person })
        letIn(asked, entered)
      } catch (error) {
        if (error instanceof Refusal) security('code refused')
        throw error
      }
    },
  }),
  forAnyone(endpoints.resetPassword, {
    reads: endpoints.resetPassword.body.refine((body) => isUncommon(body.password), uncommon('password')),
    async answer(asked) {
      const { database, hashing, security } = asked.services
      try {
        await resetPassword(database, hashing, asked.body.code, asked.body.password, addressOf(asked))
        security('password reset by code')
      } catch (error) {
        if (error instanceof Refusal) security('code refused')
        throw error
      }
    },
  }),
  forPeople(endpoints.signOut, {
    async answer({ services, session, within, response }) {
      await within((client) => client.query('delete from session where token_hash = $1', [session.tokenHash]))
      services.cookies.take(response)
    },
  }),
  forPeople(endpoints.signOutEverywhere, {
    async answer({ services, within, response }) {
      await within((client) => client.query('delete from session where person_id = current_person()'))
      services.cookies.take(response)
    },
  }),
  forPeople(endpoints.me, {
    answer: ({ session, within }) =>
      within(async (client, role) => {
        const { rows } = await client.query<{ name: string; institution: string; sessions: number; classes: Named[] | null }>(`
          select p.name, i.name as institution, (select count(*)::int from session) as sessions,
                 (select jsonb_agg(jsonb_build_object('id', c.id, 'name', c.name) order by c.name) from class c) as classes
            from person p join institution i on i.id = p.institution_id where p.id = current_person()`)
        const [me] = rows
        if (!me) throw new Error('whoever is signed in is not at their institution')
        return { ...me, id: session.person, role, csrf: session.csrf, classes: me.classes ?? [] }
      }),
  }),
  forPeople(endpoints.changePassword, {
    reads: endpoints.changePassword.body.refine((body) => isUncommon(body.new), uncommon('new')),
    async answer({ session, within, body, services }) {
      const done = await changePassword(within, services.hashing, session, body.old, body.new)
      services.security(done ? 'password changed' : 'password change refused', { person: session.person })
      if (!done) throw wrongPassword()
    },
  }),
  forPeople(endpoints.sessions, {
    answer: ({ session, within }) =>
      within(async (client) => {
        const { rows } = await client.query<{ id: string; created_at: Date; seen_at: Date; own: boolean }>(
          'select id, created_at, seen_at, token_hash = $1 as own from session where person_id = current_person() order by seen_at desc',
          [session.tokenHash],
        )
        return { sessions: rows.map((s) => ({ id: s.id, begun: s.created_at.toISOString(), used: s.seen_at.toISOString(), own: s.own })) }
      }),
  }),
  forPeople(endpoints.endSession, {
    answer: ({ id, session, within, services }) =>
      within(async (client) => {
        await client.query('delete from session where person_id = current_person() and id = $1', [id('session')])
        services.security('session ended by its owner', { person: session.person })
      }),
  }),
  forPeople(endpoints.everything, { answer: ({ within }) => within(everythingOf) }),
  forPeople(endpoints.erase, {
    async answer({ services, session, within, body, response }) {
      if (!(await eraseMe(within, services.hashing, body.password))) throw wrongPassword()
      services.security('account erased', { person: session.person })
      services.cookies.take(response)
    },
  }),
  forPeople(endpoints.useCode, {
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
