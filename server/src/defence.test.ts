import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { networkOf } from './http/network'
import { hashingHere, isCommon } from './passwords'
import { rotateSecrets } from './rotate'
import { drawnFor } from './sealed'
import { caseSchema } from '@foxing/core'
import { Gone, Turns } from './services/turns'
import { csrfOf, newToken } from './sessions'
import { here } from './simulator'
import { ask, entry, World, type Answered, type Person } from './testing/world'

/** What somebody tries who wants more than is theirs, and what is to come of it. */
jest.setTimeout(60_000)

let world: World
let base: string
let institution: string
let classId: string
let ada: Person
let ben: Person
let eve: Person
let dean: Person
const drawn = jest.fn(here.draw)
const derived = jest.fn(hashingHere.proofOf)
const folder = mkdtempSync(join(tmpdir(), 'foxing-web-'))

beforeAll(async () => {
  world = await World.make()
  mkdirSync(join(folder, 'assets'))
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>page</title>')
  writeFileSync(join(folder, 'assets', 'here.js'), 'export {}')
  base = await world.serve({ simulator: { ...here, draw: drawn }, hashing: { ...hashingHere, proofOf: derived }, webRoot: folder })
  institution = await world.institution()
  classId = await world.class(institution)
  ada = await world.person('Ada', institution, 'student', [classId])
  ben = await world.person('Ben', institution, 'student', [classId])
  eve = await world.person('Eve', institution, 'instructor', [classId])
  dean = await world.person('Dean', institution, 'administrator')
})
afterAll(async () => {
  rmSync(folder, { recursive: true })
  await world.end()
})

const write = (who: Person, jar: string, entries: readonly object[], from = 1, device = who.who.person): Promise<Answered> =>
  ask(base, who, 'POST', `/jars/${jar}/entries`, { device, entries: entries.map((body, k) => ({ order: from + k, body })) })
const concluded = (species: string): object => entry({ concluded: { species, claim: 'present', citing: [] } })
async function issued(holds: string, to = ada, rule: object = {}): Promise<string> {
  const { body } = await ask(base, eve, 'POST', `/classes/${classId}/issue`, { people: [to.who.person], code: 'S-1', holds, ...rule })
  return (body['jars'] as string[])[0] ?? ''
}
async function newJar(who: Person, body: object = {}): Promise<string> {
  const id = randomUUID()
  expect((await ask(base, who, 'POST', '/jars', { id, code: 'T-1', kind: 'real', ...body })).status).toBe(201)
  return id
}

describe('a conclusion counts as it stood before the answer was known', () => {
  test('lines sent afterwards with earlier order numbers stand after it, and the first conclusion is what the instructor sees', async () => {
    const jar = await issued('KI')
    await write(ada, jar, [entry({ note: 'work' }), concluded('NaBr')], 40)
    expect((await ask(base, ada, 'GET', `/jars/${jar}/answer`)).body).toMatchObject({ formula: 'KI', right: false })
    await write(ada, jar, [entry({ did: { test: 'silver-nitrate', on: 'A' } }), concluded('KI')], 1)
    const { body } = await ask(base, eve, 'GET', `/jars/${jar}`)
    const entries = body['entries'] as { order: number; received: string; body: { note?: string; concluded?: { species: string } } }[]
    expect(entries.map((e) => e.order)).toEqual([40, 41, 42, 43])
    expect(entries[1]?.body.concluded?.species).toBe('NaBr')
    expect(entries.map((e) => e.received)).toEqual(entries.map((e) => e.received).toSorted())
    for (const who of [ada, eve]) expect((await ask(base, who, 'GET', `/jars/${jar}/answer`)).body['right']).toBe(false)
    const shelf = (await ask(base, eve, 'GET', `/classes/${classId}`)).body['jars'] as { id: string; concluded: string[] }[]
    expect(shelf.find((j) => j.id === jar)?.concluded).toEqual(['NaBr'])
  })
  test('nor does striking the first one out afterwards, or another device, help', async () => {
    const jar = await issued('KI')
    const wrong = concluded('NaBr') as { id: string }
    await write(ada, jar, [wrong])
    await ask(base, ada, 'GET', `/jars/${jar}/answer`)
    await write(ada, jar, [entry({ amended: { entry: wrong.id, with: { withdrawn: true } } }), concluded('KI')], 1, randomUUID())
    expect((await ask(base, eve, 'GET', `/jars/${jar}/answer`)).body['right']).toBe(false)
  })
  test('of several substances named before, the first counts; one struck out in time does not', async () => {
    const jar = await issued('KI')
    const first = concluded('NaBr') as { id: string }
    await write(ada, jar, [first, concluded('KI'), entry({ amended: { entry: first.id, with: { withdrawn: true } } })])
    expect((await ask(base, ada, 'GET', `/jars/${jar}/answer`)).body['right']).toBe(true)
    const guessed = await issued('KI')
    await write(ada, guessed, ['NaBr', 'KBr', 'KI'].map(concluded))
    expect((await ask(base, ada, 'GET', `/jars/${guessed}/answer`)).body['right']).toBe(false)
  })
  test('the instructor’s looking does not end the time for concluding', async () => {
    const jar = await issued('KI')
    await ask(base, eve, 'GET', `/jars/${jar}/answer`)
    await write(ada, jar, [concluded('KI')])
    expect((await ask(base, ada, 'GET', `/jars/${jar}/answer`)).body['right']).toBe(true)
  })
})

describe('nothing is worked out for somebody who has not proved who they are', () => {
  const token = newToken()
  const forged = (who: Person): Person => ({
    ...who,
    headers: { cookie: `foxing=${who.who.institution}.${who.who.person}.${token}`, 'x-foxing-page': csrfOf(token) },
  })
  test('a made-up session with a page token that fits it draws nothing, and is told that it is none', async () => {
    drawn.mockClear()
    for (const [path, body] of [
      [`/classes/${classId}/issue`, { people: [ada.who.person], code: 'X' }],
      ['/jars', { id: randomUUID(), code: 'X', kind: 'simulated', case: { kind: 'mixture' } }],
    ] as const)
      expect((await ask(base, forged(eve), 'POST', path, body)).status).toBe(401)
    expect((await ask(base, ada, 'POST', `/classes/${classId}/issue`, { people: [ada.who.person], code: 'X' })).status).toBe(403)
    expect((await ask(base, eve, 'POST', `/classes/${await world.class(institution)}/issue`, { people: [ada.who.person], code: 'X' })).status).toBe(
      404,
    )
    expect(drawn).not.toHaveBeenCalled()
  })
  test('not even what it sends is read', async () => {
    for (const body of ['{', { x: 'x'.repeat(5000) }, [[[[]]]]]) expect((await ask(base, forged(ada), 'POST', '/jars', body)).status).toBe(401)
    expect((await ask(base, ada, 'POST', '/jars', '{')).status).toBe(400)
  })
  test('no password is hashed for a code that is none, nor a long body read from a stranger', async () => {
    derived.mockClear()
    const wanted = { code: 'AAAA-AAAA-AAAA', name: 'X', login: `${randomUUID()}@x.example`, password: 'a long way to the sea' }
    expect((await ask(base, null, 'POST', '/join', wanted)).status).toBe(404)
    expect((await ask(base, null, 'POST', '/reset', { code: wanted.code, password: wanted.password })).status).toBe(404)
    expect((await ask(base, null, 'POST', '/sign-in', { login: 'x@x.example', password: 'x'.repeat(20_000) })).status).toBe(413)
    expect(derived).not.toHaveBeenCalled()
  })
  test('a page token of another session is refused, and counted', async () => {
    const mixed = { ...ada, headers: { ...ada.headers, 'x-foxing-page': ben.headers['x-foxing-page'] ?? '' } }
    expect((await ask(base, mixed, 'POST', '/jars', { id: randomUUID(), code: 'X', kind: 'real' })).status).toBe(403)
    expect(world.events.at(-1)).toMatchObject({ event: 'not from a page', about: { person: ada.who.person } })
  })
  test('a session that has just ended is not let on because it was there a moment ago', async () => {
    const gone = await world.person('Gone', institution, 'student', [classId])
    const jar = await newJar(gone)
    await world.owner.query('delete from session where person_id = $1', [gone.who.person])
    expect((await write(gone, jar, [entry({ note: 'x' })])).status).toBe(401)
    expect((await ask(base, gone, 'GET', '/jars')).status).toBe(401)
  })
})

describe('what a worksheet tells besides what it asks', () => {
  test('reaches no student, by whatever address', async () => {
    const told = 'the-secret-of-the-sheet'
    const worksheet = {
      title: 'w',
      holds: told,
      parts: [{ letter: 'A', steps: [{ test: 'silver-nitrate', on: 'A', expect: told }], key: { formula: told } }],
    }
    const jar = await issued('KI', ada, { case: { worksheet, sample: { mg: 500, solids: [told] } } })
    await world.owner.query('update jar set settings = $2 where id = $1', [jar, caseSchema.parse({ worksheet, secret: told })])
    for (const path of [`/jars/${jar}`, '/jars', `/jars/${jar}/export`, '/me/everything']) {
      const { status, text } = await ask(base, ada, 'GET', path)
      expect([path, status, text.includes(told)]).toEqual([path, 200, false])
    }
  })
})

describe('codes, sessions and partners can be taken back', () => {
  test('a partner who was removed cannot come back with the code', async () => {
    const jar = await newJar(ada)
    const { body } = await ask(base, ada, 'POST', `/jars/${jar}/partners`, {})
    expect((await ask(base, ben, 'POST', '/codes', { code: body['code'] })).status).toBe(200)
    expect((await ask(base, ada, 'DELETE', `/jars/${jar}/partners/${ben.who.person}`)).status).toBe(204)
    expect((await ask(base, ben, 'POST', '/codes', { code: body['code'] })).status).toBe(404)
    expect((await ask(base, ben, 'GET', `/jars/${jar}`)).status).toBe(404)
  })
  test('open codes of a class are listed to those who teach it, and taken back by them alone', async () => {
    const { body } = await ask(base, eve, 'POST', `/classes/${classId}/invitations`, { role: 'student' })
    const codes = (await ask(base, eve, 'GET', `/classes/${classId}/invitations`)).body['codes'] as { id: string; role: string; left: number }[]
    const made = codes.find((c) => c.left === 30)
    expect(made?.role).toBe('student')
    expect(JSON.stringify(codes)).not.toContain(String(body['code']))
    await ask(base, ada, 'DELETE', `/invitations/${made?.id ?? ''}`)
    expect(((await ask(base, eve, 'GET', `/classes/${classId}/invitations`)).body['codes'] as unknown[]).length).toBe(codes.length)
    await ask(base, eve, 'DELETE', `/invitations/${made?.id ?? ''}`)
    const joining = { code: body['code'], name: 'Late', login: `${randomUUID()}@x.example`, password: 'a long way to the sea' }
    expect((await ask(base, null, 'POST', '/join', joining)).status).toBe(404)
  })
  test('a code for more than students is for few, and one for administrators is theirs to give', async () => {
    const make = (who: Person, body: object): Promise<Answered> => ask(base, who, 'POST', `/classes/${classId}/invitations`, body)
    expect((await make(eve, { role: 'instructor', uses: 30 })).status).toBe(400)
    expect((await make(eve, { role: 'instructor' })).body).toMatchObject({ uses: 1 })
    expect((await make(eve, { role: 'administrator' })).status).toBe(403)
    expect((await make(dean, { role: 'administrator' })).status).toBe(201)
  })
  test('sessions are listed and ended one by one', async () => {
    const many = await world.person('Many', institution, 'student')
    await world.owner.query('insert into session (institution_id, person_id, token_hash) values ($1, $2, sha256($3))', [
      institution,
      many.who.person,
      randomUUID(),
    ])
    const list = async (): Promise<{ id: string; own: boolean }[]> => (await ask(base, many, 'GET', '/me/sessions')).body['sessions'] as never
    const other = (await list()).find((s) => !s.own)
    expect(await list()).toHaveLength(2)
    expect((await ask(base, ben, 'DELETE', `/me/sessions/${other?.id ?? ''}`)).status).toBe(204)
    expect(await list()).toHaveLength(2)
    expect((await ask(base, many, 'DELETE', `/me/sessions/${other?.id ?? ''}`)).status).toBe(204)
    expect((await list()).map((s) => s.own)).toEqual([true])
  })
})

describe('accounts', () => {
  const login = `${randomUUID()}@school.example`
  const password = 'a long way to the sea'
  const signIn = (word: string): Promise<number> => ask(base, null, 'POST', '/sign-in', { login, password: word }).then((a) => a.status)
  let odd = ''
  beforeAll(async () => {
    await ask(base, null, 'POST', '/join', { code: await world.code(institution, classId, 'student', eve), name: 'Odd', login, password })
    const { rows } = await world.owner.query<{ person_id: string }>('select person_id from credential where login = $1', [login])
    odd = rows[0]?.person_id ?? ''
  })
  test('an instructor gives a student of theirs a code that sets a new password, once; others are given none', async () => {
    for (const [who, person] of [
      [ben, odd],
      [eve, dean.who.person],
      [await world.person('Fay', institution, 'instructor', [await world.class(institution)]), odd],
    ] as const)
      expect((await ask(base, who, 'POST', `/people/${person}/reset`, {})).status).toBeGreaterThanOrEqual(403)
    const { body } = await ask(base, eve, 'POST', `/people/${odd}/reset`, {})
    const reset = (code: unknown, word: string): Promise<number> => ask(base, null, 'POST', '/reset', { code, password: word }).then((a) => a.status)
    expect(await reset(body['code'], 'password123')).toBe(400)
    expect(await reset(body['code'], 'another long way')).toBe(204)
    expect(await reset(body['code'], 'a third long way')).toBe(404)
    expect([await signIn(password), await signIn('another long way')]).toEqual([401, 204])
    expect((await ask(base, dean, 'POST', `/people/${eve.who.person}/reset`, {})).status).toBe(201)
    expect(
      (
        await ask(base, null, 'POST', '/join', {
          code: (await ask(base, eve, 'POST', `/people/${odd}/reset`, {})).body['code'],
          name: 'X',
          login: `${randomUUID()}@x.example`,
          password,
        })
      ).status,
    ).toBe(404)
  })
  test('somebody who leaves takes what is theirs; what was set and handed in stays, under no name', async () => {
    const cookie = (
      await fetch(`${base}/api/sign-in`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'x-forwarded-for': '192.0.2.9' },
        body: JSON.stringify({ login, password: 'another long way' }),
      })
    ).headers
      .getSetCookie()[0]
      ?.split(';')[0]
    const token = cookie?.split('.')[2] ?? ''
    const me: Person = {
      name: 'Odd',
      who: { institution, person: odd, tokenHash: Buffer.alloc(0) },
      headers: { cookie: cookie ?? '', 'x-foxing-page': csrfOf(token) },
    }
    const [handedIn, begun, own] = [await issued('KI', me), await issued('KI', me), await newJar(me)]
    for (const jar of [begun, own]) await write(me, jar, [entry({ note: 'mine' })])
    await write(me, handedIn, [concluded('KI')])
    expect((await ask(base, me, 'POST', '/me/erase', { password: 'another long way' })).status).toBe(204)
    expect(await signIn('another long way')).toBe(401)
    const shelf = (await ask(base, eve, 'GET', `/classes/${classId}`)).body as {
      jars: { id: string; ownerName: string; concluded: string[] }[]
      people: { name: string }[]
    }
    const kept = shelf.jars.filter((j) => [handedIn, begun, own].includes(j.id))
    expect(kept).toMatchObject([{ id: handedIn, ownerName: null, concluded: ['KI'] }])
    expect(shelf.people.map((p) => p.name)).not.toContain('Odd')
  })
  test('a class keeps an instructor', async () => {
    const other = await world.class(institution)
    const sole = await world.person('Sole', institution, 'instructor', [other])
    await world.person('Pupil', institution, 'student', [other])
    const answer = await ask(base, sole, 'DELETE', `/classes/${other}/people/${sole.who.person}`)
    expect([answer.status, answer.body['error']]).toEqual([409, 'a class needs an instructor'])
    const second = await world.person('Second', institution, 'instructor', [other])
    expect((await ask(base, second, 'DELETE', `/classes/${other}/people/${sole.who.person}`)).status).toBe(204)
  })
  test('an administrator sees every class of the institution, and none of another', async () => {
    expect((await ask(base, dean, 'GET', `/classes/${classId}`)).status).toBe(200)
    const elsewhere = await world.class(await world.institution())
    expect((await ask(base, dean, 'GET', `/classes/${elsewhere}`)).status).toBe(404)
  })
})

describe('nobody takes the room or the time of others', () => {
  test.each([
    ['lines', 8000],
    ['bytes', 24_000_000],
  ])('a jar that is full of %s is said to be, and nothing of what was sent is taken', async (what, most) => {
    const jar = await newJar(ada)
    await write(ada, jar, [entry({ note: 'first' })])
    await world.owner.query(`update usage set ${what} = $2 where jar_id = $1`, [jar, most])
    const answer = await write(ada, jar, [entry({ note: 'one' }), entry({ note: 'two' })], 2)
    expect(answer.status).toBe(413)
    expect(answer.body['error']).toContain(`${what} of a jar`)
    expect(answer.body['todo']).toMatch(/kept on this device/)
    expect((await ask(base, ada, 'GET', `/jars/${jar}`)).body['entries']).toHaveLength(1)
    // What is there already is acknowledged again all the same.
    const again = (await ask(base, ada, 'GET', `/jars/${jar}`)).body['entries'] as { body: object }[]
    expect(
      (
        await write(
          ada,
          jar,
          again.map((e) => e.body),
        )
      ).status,
    ).toBe(200)
  })
  test('what a jar takes is counted once, however often it is sent', async () => {
    const jar = await newJar(ada)
    const lines = [entry({ note: 'a' }), entry({ note: 'b' })]
    await Promise.all([1, 2, 3].map(() => write(ada, jar, lines)))
    const { rows } = await world.owner.query<{ lines: number }>('select lines from usage where jar_id = $1', [jar])
    expect(rows).toEqual([{ lines: 2 }])
  })
  test('a line with a long unknown field is refused, and says how long it may be', async () => {
    const answer = await write(ada, await newJar(ada), [{ ...entry({ note: 'x' }), mine: 'y'.repeat(20_000) }])
    expect([answer.status, answer.body['expected']]).toEqual([400, expect.stringMatching(/12000 characters/)])
  })
  test('people take turns: one with much waiting keeps another’s single piece waiting for one of them', async () => {
    const turns = new Turns(1, 50)
    const order: string[] = []
    const piece = (name: string) => () =>
      new Promise<void>((resolve) =>
        setTimeout(() => {
          order.push(name)
          resolve()
        }, 1),
      )
    await Promise.all([
      ...Array.from({ length: 20 }, (_, k) => turns.run('much', piece(`much ${k}`))),
      turns.run('one', piece('one')),
      turns.run('two', piece('two')),
    ])
    expect(order.indexOf('one')).toBeLessThan(3)
    expect(order.indexOf('two')).toBeLessThan(4)
    expect(order).toHaveLength(22)
  })
  test('more than may wait is refused, and what nobody waits for any more is not done', async () => {
    const turns = new Turns(1, 2)
    let release = (): void => undefined
    const held = turns.run('a', () => new Promise<void>((resolve) => (release = resolve)))
    const leaving = new AbortController()
    const work = jest.fn(() => Promise.resolve())
    const waiting = turns.run('a', work, leaving.signal)
    const second = turns.run('a', work)
    await expect(turns.run('a', work)).rejects.toMatchObject({ status: 429 })
    leaving.abort()
    await expect(waiting).rejects.toThrow(Gone)
    release()
    await Promise.all([held, second])
    expect(work).toHaveBeenCalledTimes(1)
  })
})

describe('jars drawn by a common seed before', () => {
  test('are drawn anew where nobody has begun; what was chosen, or begun, stays; no seed is left', async () => {
    const settings = caseSchema.parse({})
    const [untouched, begun, chosen] = [await issued('KI'), await issued('KI'), await issued('KI')]
    for (const [jar, seed, salt] of [
      [untouched, 77, drawnFor(settings, 77)],
      [begun, 78, drawnFor(settings, 78)],
      [chosen, 79, 'KI'],
    ])
      await world.owner.query('update secret set seed = $2, salt = $3 where jar_id = $1', [jar, seed, salt])
    await write(ada, begun, [entry({ note: 'begun' })])
    await rotateSecrets(world.url)
    const { rows } = await world.owner.query<{ jar_id: string; salt: string; seed: string | null }>(
      'select jar_id, salt, seed from secret where jar_id = any($1)',
      [[untouched, begun, chosen]],
    )
    const of = (jar: string): string | undefined => rows.find((r) => r.jar_id === jar)?.salt
    expect(rows.map((r) => r.seed)).toEqual([null, null, null])
    expect([of(begun), of(chosen)]).toEqual([drawnFor(settings, 78), 'KI'])
    // One draw in 218 gives the same again.
    if (of(untouched) === drawnFor(settings, 77)) throw new Error('drawn the same again: run the test once more')
  })
})

describe('what is no page', () => {
  test('a file that is not here is not here, and never a page in its place', async () => {
    for (const path of ['/assets/gone-1a2b.js', '/percepts.gone.gz', '/assets/x']) {
      const answer = await fetch(base + path)
      expect([path, answer.status, answer.headers.get('cache-control')]).toEqual([path, 404, 'no-store'])
      expect(answer.headers.get('content-type')).toMatch(/^text\/plain/)
    }
    expect((await fetch(`${base}/assets/here.js`)).headers.get('cache-control')).toMatch(/immutable/)
    const page = await fetch(`${base}/jar/1`)
    expect([page.status, page.headers.get('cache-control')]).toEqual([200, 'no-cache'])
  })
})

test.each([
  ['203.0.113.9', '203.0.113.9'],
  ['::ffff:203.0.113.9', '203.0.113.9'],
  ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
  ['2001:0db8:0001::9', '2001:db8:1:0::/64'],
  ['fe80::1%eth0', 'fe80:0:0:0::/64'],
  ['::1', '0:0:0:0::/64'],
])('%s is counted as %s', (address, network) => expect(networkOf(address)).toBe(network))

test.each([
  ['password', true],
  ['Password123!', true],
  ['dragondragon', true],
  ['abcdefghij', true],
  ['zzzzzzzzzzz', true],
  ['blotting paper', false],
  ['a long way to the sea', false],
])('the password "%s" is tried first: %s', (password, common) => expect(isCommon(password)).toBe(common))
