import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { ROUTES } from './app'
import { ask, entry, World, type Person } from './testing/world'

/**
 * Every address of the API, asked as everybody about what is Ada's. As in rows.test.ts, Ben is her partner in one jar and Eve teaches her class and gave her a secret unknown.
 */
const PEOPLE = ['nobody', 'ada', 'ben', 'cid', 'dot', 'eve', 'fay', 'gus', 'hal', 'ivy'] as const
type Name = (typeof PEOPLE)[number]
type Which = 'shared' | 'issued'

// A password takes a quarter of a second, on purpose, and here it is tried by everybody.
jest.setTimeout(30_000)

let world: World
let base: string
let people: Record<Name, Person | null>
let classId: string
const jars: Record<Which, string> = { shared: randomUUID(), issued: '' }
const work = entry({ did: { test: 'appearance', on: 'A' } })

beforeAll(async () => {
  world = await World.make()
  base = await world.serve()
  const [one, two] = [await world.institution(), await world.institution()]
  const [second, other] = [await world.class(one), await world.class(two)]
  classId = await world.class(one)
  people = {
    nobody: null,
    ada: await world.person('Ada', one, 'student', [classId]),
    ben: await world.person('Ben', one, 'student', [classId]),
    cid: await world.person('Cid', one, 'student', [classId]),
    dot: await world.person('Dot', one, 'student', [second]),
    eve: await world.person('Eve', one, 'instructor', [classId]),
    fay: await world.person('Fay', one, 'instructor', [second]),
    gus: await world.person('Gus', one, 'technician', [classId]),
    hal: await world.person('Hal', two, 'student', [other]),
    ivy: await world.person('Ivy', two, 'instructor', [other]),
  }
  const { ada, ben, eve } = people
  await ask(base, ada, 'POST', '/jars', { id: jars.shared, code: 'A-1', kind: 'real' })
  const { body: shared } = await ask(base, ada, 'POST', `/jars/${jars.shared}/partners`, {})
  expect((await ask(base, ben, 'POST', '/codes', { code: shared['code'] })).body).toEqual({ class: null, jar: jars.shared })
  const issued = await ask(base, eve, 'POST', `/classes/${classId}/issue`, {
    people: [ada?.who.person],
    code: 'S-1',
    holds: 'AgNO3',
    reveal: 'by instructor',
  })
  jars.issued = (issued.body['jars'] as string[])[0] ?? ''
  for (const jar of Object.values(jars))
    expect((await ask(base, ada, 'POST', `/jars/${jar}/entries`, { device: randomUUID(), entries: [{ order: 1, body: work }] })).status).toBe(200)
  await ask(base, ada, 'POST', `/jars/${jars.shared}/signatures`, {})
})
afterAll(() => world.end())

interface Case {
  /** The path asked, and what is sent. */
  readonly ask: () => readonly [path: string, body?: unknown]
  /** Who is answered, with which status; the others are refused. Null where everybody may, about themselves alone. */
  readonly allowed: Partial<Record<Name, number>> | null
  readonly about?: string
  /** Not asked by those of another institution, where the id is free. */
  readonly within?: true
}

const newEntry = (): unknown => ({ device: randomUUID(), entries: [{ order: 2, body: entry({ note: 'mine' }) }] })
const everyone = (status: number): Partial<Record<Name, number>> => Object.fromEntries(PEOPLE.filter((p) => p !== 'nobody').map((p) => [p, status]))

/** What each address is asked; the last ones change or end what the others need. */
const CASES: Readonly<Record<string, readonly Case[]>> = {
  'get /door': [{ ask: () => ['/door'], allowed: null }],
  'post /sign-in': [{ ask: () => ['/sign-in', { login: 'nobody@school.example', password: 'wrong' }], allowed: {} }],
  'post /join': [{ ask: () => ['/join', { code: 'AAAA-AAAA-AAAA', name: 'X', login: 'x@school.example', password: 'ten letters' }], allowed: {} }],
  'post /reset': [{ ask: () => ['/reset', { code: 'AAAA-AAAA-AAAA', password: 'ten letters' }], allowed: {} }],
  'get /me/sessions': [{ ask: () => ['/me/sessions'], allowed: everyone(200) }],
  // Of others' sessions nothing is ended: the id is looked for among one's own.
  'delete /me/sessions/:session': [{ ask: () => [`/me/sessions/${randomUUID()}`], allowed: everyone(204) }],
  'get /me': [{ ask: () => ['/me'], allowed: everyone(200) }],
  'get /me/everything': [{ ask: () => ['/me/everything'], allowed: everyone(200) }],
  'post /me/password': [{ ask: () => ['/me/password', { old: 'a wrong one', new: 'a new password' }], allowed: {} }],
  'post /me/erase': [{ ask: () => ['/me/erase', { password: 'a wrong one' }], allowed: {} }],
  'post /codes': [{ ask: () => ['/codes', { code: 'AAAA-AAAA-AAAA' }], allowed: {} }],
  'get /classes/:class': [{ ask: () => [`/classes/${classId}`], allowed: { eve: 200 } }],
  'post /classes': [
    { ask: () => ['/classes', { id: randomUUID(), name: 'Another' }], allowed: { eve: 201, fay: 201, ivy: 201 } },
    { ask: () => ['/classes', { id: classId, name: 'Taken over' }], allowed: { eve: 201 }, about: 'the id of one that is there', within: true },
  ],
  'post /classes/:class/invitations': [{ ask: () => [`/classes/${classId}/invitations`, { role: 'instructor' }], allowed: { eve: 201 } }],
  'get /classes/:class/invitations': [{ ask: () => [`/classes/${classId}/invitations`], allowed: { eve: 200 } }],
  'delete /invitations/:code': [{ ask: () => [`/invitations/${randomUUID()}`], allowed: everyone(204) }],
  'post /people/:person/reset': [{ ask: () => [`/people/${people.ada?.who.person ?? ''}/reset`, {}], allowed: { eve: 201 } }],
  'post /classes/:class/issue': [
    { ask: () => [`/classes/${classId}/issue`, { people: [people.ada?.who.person], code: 'X', holds: 'AgNO3' }], allowed: { eve: 201 } },
    {
      ask: () => [`/classes/${classId}/issue`, { people: [people.dot?.who.person], code: 'X', holds: 'AgNO3' }],
      allowed: {},
      about: 'somebody of another class',
    },
  ],
  'get /jars': [{ ask: () => ['/jars'], allowed: everyone(200) }],
  'post /jars': [
    { ask: () => ['/jars', { id: randomUUID(), code: 'N-1', kind: 'simulated' }], allowed: everyone(201) },
    // To the owner it is the same jar sent again, and Eve sees it as it is.
    {
      ask: () => ['/jars', { id: jars.issued, code: 'N-1', kind: 'simulated' }],
      allowed: { ada: 201, eve: 201 },
      about: 'the id of one that is there',
      within: true,
    },
  ],
  'post /jars/import': [
    {
      ask: () => [
        '/jars/import',
        { id: randomUUID(), code: 'I-1', device: randomUUID(), notebook: { format: 'foxing-notebook/1', entries: [work] } },
      ],
      allowed: everyone(201),
    },
    {
      ask: () => [
        '/jars/import',
        { id: jars.issued, code: 'I-1', device: randomUUID(), notebook: { format: 'foxing-notebook/1', entries: [entry({ note: 'x' })] } },
      ],
      allowed: { ada: 201 },
      within: true,
      about: 'into one that is there',
    },
  ],
  'get /jars/:jar/codes': [{ ask: () => [`/jars/${jars.shared}/codes`], allowed: { ada: 200, ben: 200 } }],
  'get /jars/:jar': [
    { ask: () => [`/jars/${jars.shared}`], allowed: { ada: 200, ben: 200 }, about: 'shared' },
    { ask: () => [`/jars/${jars.issued}`], allowed: { ada: 200, eve: 200 }, about: 'issued' },
  ],
  'get /jars/:jar/entries': [
    { ask: () => [`/jars/${jars.shared}/entries?after=0`], allowed: { ada: 200, ben: 200 }, about: 'shared' },
    { ask: () => [`/jars/${jars.issued}/entries`], allowed: { ada: 200, eve: 200 }, about: 'issued' },
  ],
  'post /jars/:jar/entries': [
    { ask: () => [`/jars/${jars.shared}/entries`, newEntry()], allowed: { ada: 200, ben: 200 }, about: 'shared' },
    { ask: () => [`/jars/${jars.issued}/entries`, newEntry()], allowed: { ada: 200 }, about: 'issued' },
  ],
  'get /jars/:jar/live': [],
  'get /jars/:jar/seen/:entry': [{ ask: () => [`/jars/${jars.issued}/seen/${work.id}`], allowed: { ada: 200, eve: 200 } }],
  'get /jars/:jar/answer': [{ ask: () => [`/jars/${jars.issued}/answer`], allowed: { eve: 200 } }],
  'post /jars/:jar/partners': [{ ask: () => [`/jars/${jars.shared}/partners`, {}], allowed: { ada: 201 } }],
  'post /jars/:jar/signatures': [{ ask: () => [`/jars/${jars.shared}/signatures`, {}], allowed: { ada: 201, ben: 201 } }],
  'get /jars/:jar/versions/:version': [{ ask: () => [`/jars/${jars.shared}/versions/1`], allowed: { ada: 200, ben: 200 } }],
  'get /jars/:jar/export': [
    { ask: () => [`/jars/${jars.shared}/export`], allowed: { ada: 200, ben: 200 }, about: 'shared' },
    { ask: () => [`/jars/${jars.issued}/export`], allowed: { ada: 200, eve: 200 }, about: 'issued' },
  ],
  'post /jars/:jar/reveal': [{ ask: () => [`/jars/${jars.issued}/reveal`, {}], allowed: { eve: 204 } }],
  'delete /jars/:jar/partners/:person': [
    { ask: () => [`/jars/${jars.shared}/partners/${people.ben?.who.person ?? ''}`], allowed: { ada: 204, ben: 404 } },
  ],
  'delete /classes/:class/people/:person': [{ ask: () => [`/classes/${classId}/people/${people.cid?.who.person ?? ''}`], allowed: { eve: 204 } }],
  'post /sign-out': [{ ask: () => ['/sign-out', {}], allowed: null }],
  'post /sign-out-everywhere': [{ ask: () => ['/sign-out-everywhere', {}], allowed: null }],
}
const NO_OTHER_SESSION = ['post /sign-out', 'post /sign-out-everywhere', 'get /door']

test('every address stands in this test', () => {
  expect(ROUTES.map((r) => `${r.method} ${r.path}`).sort()).toEqual(Object.keys(CASES).sort())
})

const table = Object.entries(CASES)
  .filter(([route]) => !NO_OTHER_SESSION.includes(route))
  .flatMap(([route, cases]) => cases.map((c) => [`${route}${c.about ? `, ${c.about}` : ''}`, route, c] as const))

describe('who is answered', () => {
  test.each(table)('%s', async (_, route, { ask: asked, allowed, within = false }) => {
    const asking = PEOPLE.filter((p) => !within || (p !== 'hal' && p !== 'ivy'))
    const method = route.split(' ')[0]?.toUpperCase() ?? ''
    // The refused first: what they try must leave nothing behind.
    const rows = await world.everything()
    const [path, body] = asked()
    for (const name of asking.filter((p) => !(allowed && p in allowed))) {
      const answer = await ask(base, people[name], method, path, body)
      expect({ name, status: answer.status, refused: [401, 403, 404, 409, 429].includes(answer.status) }).toMatchObject({ name, refused: true })
      if (name === 'nobody' && route !== 'post /join' && route !== 'post /reset') expect(answer.status).toBe(401)
      // A refusal is words for a person, and names nothing of what it keeps from them.
      expect(Object.keys(answer.body).sort()).toEqual(['error', 'todo'])
      expect(answer.text).not.toMatch(/AgNO3|S-1|A-1/)
    }
    expect(await world.everything()).toEqual(rows)
    for (const [name, status] of Object.entries(allowed ?? {}) as [Name, number][]) {
      const [path, body] = asked()
      expect({ name, status: (await ask(base, people[name], method, path, body)).status }).toEqual({ name, status })
    }
  })

  test('live changes are told to those who see the jar alone', async () => {
    for (const name of PEOPLE) {
      const stop = new AbortController()
      const answer = await fetch(`${base}/api/jars/${jars.issued}/live`, { headers: people[name]?.headers ?? {}, signal: stop.signal })
      expect({ name, status: answer.status }).toEqual({ name, status: name === 'ada' || name === 'eve' ? 200 : name === 'nobody' ? 401 : 404 })
      stop.abort()
      await answer.body?.cancel().catch(() => undefined)
    }
  })

  test.each(ROUTES.filter((r) => r.method !== 'get' && r.access !== 'anyone').map((r) => [`${r.method} ${r.path}`] as const))(
    '%s is not taken from a page of another site',
    async (route) => {
      const [method = '', path = ''] = route.split(' ')
      const filled = path.replace(/:\w+/g, () => randomUUID())
      const foreign = people.eve ? { ...people.eve, headers: { cookie: people.eve.headers['cookie'] ?? '' } } : null
      expect((await ask(base, foreign, method.toUpperCase(), filled, method === 'delete' ? undefined : {})).status).toBe(403)
      if (method === 'post') {
        const form = await ask(base, people.eve, 'POST', filled, 'a=1', { 'content-type': 'application/x-www-form-urlencoded' })
        expect(form.status).toBe(415)
      }
    },
  )
})
