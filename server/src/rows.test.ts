import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { codeHash } from './codes'
import { openJar, seal } from './services/jars'
import { entry, World, type Person } from './testing/world'

/**
 * The last wall: what the application's own role can read and write, whoever it says it is. Ada is a student with a jar she shares with Ben, a practice jar, and a secret
 * unknown from Eve, who teaches her class. Everybody else is somebody from whom a row of hers is to be kept.
 */
const PEOPLE = ['ada', 'ben', 'cid', 'dot', 'eve', 'fay', 'gus', 'hal', 'ivy'] as const
type Name = (typeof PEOPLE)[number]

let world: World
let people: Record<Name, Person>
const ids = {
  shared: randomUUID(),
  practice: randomUUID(),
  issued: randomUUID(),
  invitation: randomUUID(),
  note: randomUUID(),
  class: '',
  institution: '',
}

beforeAll(async () => {
  world = await World.make()
  const [one, two] = [await world.institution(), await world.institution()]
  const [first, second, other] = [await world.class(one), await world.class(one), await world.class(two)]
  ids.class = first
  ids.institution = one
  people = {
    ada: await world.person('Ada', one, 'student', [first]),
    ben: await world.person('Ben, her partner', one, 'student', [first]),
    cid: await world.person('Cid of the same class', one, 'student', [first]),
    dot: await world.person('Dot of another class', one, 'student', [second]),
    eve: await world.person('Eve, who teaches', one, 'instructor', [first]),
    fay: await world.person('Fay, who teaches another class', one, 'instructor', [second]),
    gus: await world.person('Gus, technician', one, 'technician', [first]),
    hal: await world.person('Hal of another institution', two, 'student', [other]),
    ivy: await world.person('Ivy, who teaches there', two, 'instructor', [other]),
  }
  const { ada, ben, eve } = people
  const jar = { title: '', case: { kind: 'salt' } as never }
  await world.database.as(ada.who, async (client) => {
    await openJar(client, ada.who, { ...jar, id: ids.shared, code: 'A-1', kind: 'real' }, null)
    await openJar(client, ada.who, { ...jar, id: ids.practice, code: 'P-1', kind: 'simulated' }, 'AgNO3')
    for (const [id, of] of [
      [ids.note, ids.shared],
      [randomUUID(), ids.practice],
    ])
      await client.query('insert into entry (institution_id, jar_id, id, device, device_order, author_id, body) values ($1, $2, $3, $3, 1, $4, $5)', [
        one,
        of,
        id,
        ada.who.person,
        { ...entry({ note: 'hers' }), id },
      ])
    await client.query(
      "insert into signature (institution_id, jar_id, version, person_id, document, sha256) values ($1, $2, 1, $3, '{}', repeat('0', 64))",
      [one, ids.shared, ada.who.person],
    )
    await client.query(
      "insert into invitation (institution_id, id, code_hash, role, jar_id, created_by, expires_at, uses_left) values ($1, $2, $3, 'partner', $4, $5, now() + interval '1 day', 1)",
      [one, ids.invitation, codeHash(randomUUID()), ids.shared, ada.who.person],
    )
  })
  await world.database.as(eve.who, async (client) => {
    await client.query(
      "insert into jar (institution_id, id, owner_id, code, title, kind, settings, class_id, issued_by, reveal) values ($1, $2, $3, 'S-1', '', 'simulated', '{}', $4, $5, 'by instructor')",
      [one, ids.issued, ada.who.person, first, eve.who.person],
    )
    await seal(client, one, ids.issued, 'AgNO3')
  })
  await world.owner.query('insert into usage (institution_id, jar_id, lines) values ($1, $2, 1)', [one, ids.shared])
  await world.owner.query('insert into partner (institution_id, jar_id, person_id) values ($1, $2, $3)', [one, ids.shared, ben.who.person])
  await world.owner.query('insert into credential (institution_id, person_id, login, salt, verifier) values ($1, $2, $3, $4, $5)', [
    one,
    ada.who.person,
    `${randomUUID()}@school.example`,
    Buffer.alloc(16),
    Buffer.alloc(32),
  ])
  await world.owner.query(
    "insert into attempt values ('00000000-0000-0000-0000-000000000000', $1, date_trunc('hour', now()), 1) on conflict do nothing",
    [Buffer.alloc(32)],
  )
})
afterAll(() => world.end())

/** How many of Ada's rows each person reads; those not named read none. Null where the role may not read the table at all. */
const READERS: Readonly<
  Record<string, { readonly of: () => [sql: string, ...values: unknown[]]; readonly read: Partial<Record<Name, number>> | null }>
> = {
  institution: { of: () => ['id = $1', ids.institution], read: { ada: 1, ben: 1, cid: 1, dot: 1, eve: 1, fay: 1, gus: 1 } },
  class: { of: () => ['id = $1', ids.class], read: { ada: 1, ben: 1, cid: 1, eve: 1, gus: 1 } },
  person: { of: () => ['id = $1', people.ada.who.person], read: { ada: 1, ben: 1, eve: 1 } },
  membership: { of: () => ['person_id = $1', people.ada.who.person], read: { ada: 1, eve: 1 } },
  session: { of: () => ['person_id = $1', people.ada.who.person], read: { ada: 1 } },
  jar: { of: () => ['owner_id = $1', people.ada.who.person], read: { ada: 3, ben: 1, eve: 1 } },
  entry: { of: () => ['author_id = $1', people.ada.who.person], read: { ada: 2, ben: 1 } },
  partner: { of: () => ['jar_id = $1', ids.shared], read: { ada: 1, ben: 1 } },
  signature: { of: () => ['jar_id = $1', ids.shared], read: { ada: 1, ben: 1 } },
  invitation: { of: () => ['id = $1', ids.invitation], read: { ada: 1 } },
  secret: { of: () => ['true'], read: null },
  credential: { of: () => ['true'], read: null },
  attempt: { of: () => ['true'], read: null },
  decoy: { of: () => ['true'], read: null },
  failure: { of: () => ['true'], read: null },
  familiar: { of: () => ['true'], read: null },
  usage: { of: () => ['jar_id = $1', ids.shared], read: { ada: 1, ben: 1 } },
  migration: { of: () => ['true'], read: null },
}

/** Ways to write at what is Ada's, by table. `mine` are those who may, by a right of their own. */
const WRITES: readonly { readonly name: string; readonly sql: () => [sql: string, ...values: unknown[]]; readonly mine?: readonly Name[] }[] = [
  { name: 'rename the institution', sql: () => ["update institution set name = 'x' where id = $1", ids.institution] },
  { name: 'rename a class', sql: () => ["update class set name = 'x' where id = $1", ids.class] },
  { name: 'begin a class past the door', sql: () => ["insert into class values ($1, $2, 'x')", ids.institution, randomUUID()] },
  { name: 'rename a person', sql: () => ["update person set name = 'x' where id = $1", people.ada.who.person] },
  { name: 'make oneself an instructor', sql: () => ["update person set role = 'instructor'"] },
  { name: 'delete a person', sql: () => ['delete from person where id = $1', people.ada.who.person] },
  {
    name: 'take a person out of a class',
    sql: () => ['delete from membership where class_id = $1 and person_id = $2', ids.class, people.ada.who.person],
    mine: ['ada', 'eve'],
  },
  { name: 'put a person into a class', sql: () => ['insert into membership values ($1, $2, $3)', ids.institution, ids.class, people.hal.who.person] },
  {
    name: 'begin a session for her',
    sql: () => ['insert into session values ($1, $2, $3)', ids.institution, people.ada.who.person, Buffer.alloc(32, 1)],
  },
  { name: 'end her session', sql: () => ['delete from session where person_id = $1', people.ada.who.person], mine: ['ada'] },
  { name: 'use her session', sql: () => ['update session set seen_at = now() where person_id = $1', people.ada.who.person], mine: ['ada'] },
  { name: 'change her password', sql: () => ['update credential set verifier = $1', Buffer.alloc(32)] },
  { name: 'forget attempts', sql: () => ['delete from attempt'] },
  { name: 'forget wrong passwords', sql: () => ['delete from failure'] },
  { name: 'become familiar', sql: () => ["insert into familiar values ($1, 'x', now())", ids.institution] },
  { name: 'make room for oneself', sql: () => ['update usage set lines = 0'] },
  { name: 'have known the answer earlier', sql: () => ['update jar set answered_at = now() where id = $1', ids.issued] },
  { name: 'change the decoy', sql: () => ["update decoy set secret = 'x'"] },
  {
    name: 'put a jar on her shelf',
    sql: () => [
      "insert into jar (institution_id, id, owner_id, code, title, kind, settings) values ($1, $2, $3, 'x', '', 'real', '{}')",
      ids.institution,
      randomUUID(),
      people.ada.who.person,
    ],
    mine: ['ada'],
  },
  {
    name: 'give out an unknown in her class',
    sql: () => [
      "insert into jar (institution_id, id, owner_id, code, title, kind, settings, class_id, issued_by) values ($1, $2, $3, 'x', '', 'simulated', '{}', $4, current_person())",
      ids.institution,
      randomUUID(),
      people.ada.who.person,
      ids.class,
    ],
    mine: ['eve'],
  },
  { name: 'take her jar', sql: () => ['update jar set owner_id = current_person() where id = $1', ids.shared] },
  { name: 'reveal her unknown', sql: () => ['update jar set revealed_at = now() where id = $1', ids.issued], mine: ['eve'] },
  { name: 'delete her jar', sql: () => ['delete from jar where id = $1', ids.shared] },
  {
    name: 'write in her notebook',
    sql: () => [
      'insert into entry (institution_id, jar_id, id, device, device_order, author_id, body) values ($1, $2, $3, $3, 1, current_person(), $4)',
      ids.institution,
      ids.shared,
      randomUUID(),
      {},
    ],
    mine: ['ada', 'ben'],
  },
  {
    name: 'write in her name',
    sql: () => [
      'insert into entry (institution_id, jar_id, id, device, device_order, author_id, body) values ($1, $2, $3, $3, 1, $4, $5)',
      ids.institution,
      ids.shared,
      randomUUID(),
      people.ada.who.person,
      {},
    ],
    mine: ['ada'],
  },
  { name: 'change an entry', sql: () => ["update entry set body = '{}' where id = $1", ids.note] },
  { name: 'delete an entry', sql: () => ['delete from entry where id = $1', ids.note] },
  { name: 'become her partner', sql: () => ['insert into partner values ($1, $2, current_person())', ids.institution, ids.practice] },
  { name: 'end a partnership', sql: () => ['delete from partner where jar_id = $1', ids.shared], mine: ['ada', 'ben'] },
  { name: 'read what is sealed', sql: () => ['update secret set seed = seed where jar_id = $1', ids.issued] },
  { name: 'seal something else', sql: () => ["insert into secret values ($1, $2, 'NaCl', 1)", ids.institution, ids.shared], mine: ['ada'] },
  {
    name: 'sign for her',
    sql: () => [
      "insert into signature (institution_id, jar_id, version, person_id, document, sha256) values ($1, $2, 9, $3, '{}', repeat('1', 64))",
      ids.institution,
      ids.shared,
      people.ada.who.person,
    ],
    mine: ['ada'],
  },
  { name: 'change what is signed', sql: () => ["update signature set document = '{}'"] },
  { name: 'delete what is signed', sql: () => ['delete from signature'] },
  {
    name: 'invite to her jar',
    sql: () => [
      "insert into invitation (institution_id, id, code_hash, role, jar_id, created_by, expires_at, uses_left) values ($1, $2, $3, 'partner', $4, current_person(), now(), 1)",
      ids.institution,
      randomUUID(),
      codeHash(randomUUID()),
      ids.shared,
    ],
    mine: ['ada'],
  },
  {
    name: 'invite to her class',
    sql: () => [
      "insert into invitation (institution_id, id, code_hash, role, class_id, created_by, expires_at, uses_left) values ($1, $2, $3, 'instructor', $4, current_person(), now(), 1)",
      ids.institution,
      randomUUID(),
      codeHash(randomUUID()),
      ids.class,
    ],
    mine: ['eve'],
  },
  { name: 'take back a code to her jar', sql: () => ['delete from invitation where id = $1', ids.invitation], mine: ['ada'] },
  {
    name: 'make a code for her password',
    sql: () => [
      "insert into invitation (institution_id, id, code_hash, role, person_id, created_by, expires_at, uses_left) values ($1, $2, $3, 'reset', $4, current_person(), now(), 1)",
      ids.institution,
      randomUUID(),
      codeHash(randomUUID()),
      people.ada.who.person,
    ],
    mine: ['eve'],
  },
  {
    name: 'make a code for administrators',
    sql: () => [
      "insert into invitation (institution_id, id, code_hash, role, class_id, created_by, expires_at, uses_left) values ($1, $2, $3, 'administrator', $4, current_person(), now(), 1)",
      ids.institution,
      randomUUID(),
      codeHash(randomUUID()),
      ids.class,
    ],
  },
  { name: 'make an invitation last', sql: () => ["update invitation set expires_at = 'infinity'"] },
]

describe('every table', () => {
  test('has the institution in its key, row-level security, a policy or no right at all, and stands in this test', async () => {
    const { rows } = await world.owner.query<{ name: string; secured: boolean; key: string[] }>(`
      select c.relname as name, c.relrowsecurity as secured,
             array(select a.attname::text from pg_index i join pg_attribute a on a.attrelid = c.oid and a.attnum = any(i.indkey)
                    where i.indrelid = c.oid and i.indisprimary) as key
        from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'`)
    expect(rows.map((r) => r.name).sort()).toEqual(Object.keys(READERS).sort())
    for (const { name, secured, key } of rows) {
      // The list of migrations is the database's own and belongs to nobody.
      if (name === 'migration') continue
      expect({ name, secured, keyed: key.includes(name === 'institution' ? 'id' : 'institution_id') }).toEqual({ name, secured: true, keyed: true })
    }
  })

  test('belongs to another role than the application’s', async () => {
    const { rows } = await world.owner.query(
      "select from pg_class where relowner = 'foxing_app'::regrole union all select from pg_proc where proowner = 'foxing_app'::regrole",
    )
    expect(rows).toEqual([])
  })

  test.each(Object.keys(READERS))('%s is read by those it concerns alone', async (table) => {
    const { of, read } = READERS[table] ?? { of: () => ['true'] as [string], read: null }
    const [condition, ...values] = of()
    for (const name of PEOPLE) {
      const look = world.database.as(people[name].who, (client) => client.query(`select from ${table} where ${condition}`, values))
      if (read === null) await expect(look).rejects.toThrow(/permission denied/)
      else expect({ name, rows: (await look).rowCount }).toEqual({ name, rows: read[name] ?? 0 })
    }
  })

  test('shows nothing at all to nobody', async () => {
    for (const [table, { read }] of Object.entries(READERS)) {
      if (read === null) continue
      expect({ table, rows: (await world.database.pool.query(`select from ${table}`)).rowCount }).toEqual({ table, rows: 0 })
    }
  })

  test('what is sealed is read by the simulator for those who see the jar, and by nobody else', async () => {
    const read: Record<string, number | null> = {}
    for (const name of PEOPLE)
      read[name] = await world.database.as(people[name].who, async (client) => {
        await client.query('set local role foxing_simulator')
        return (await client.query('select salt from secret where jar_id = any($1)', [[ids.issued, ids.practice, ids.shared]])).rowCount
      })
    expect(read).toEqual({ ada: 2, ben: 0, cid: 0, dot: 0, eve: 1, fay: 0, gus: 0, hal: 0, ivy: 0 })
  })
})

describe('nobody can', () => {
  test.each(WRITES)('$name', async ({ sql, mine = [] }) => {
    const before = await world.everything()
    const [text, ...values] = sql()
    for (const name of PEOPLE) {
      // Rolled back in any case, so that one person's right does not change what the next one finds.
      const undone = new Error('undone')
      const tried = world.database
        .as(people[name].who, async (client) => {
          const { rowCount } = await client.query(text, values)
          throw Object.assign(undone, { rowCount })
        })
        .catch((error: unknown) => (error === undone ? (undone as Error & { rowCount: number }).rowCount : String(error)))
      const outcome = await tried
      if (mine.includes(name)) expect({ name, outcome }).toEqual({ name, outcome: 1 })
      else
        expect({ name, refused: outcome === 0 || /permission denied|row-level security/.test(String(outcome)), outcome }).toMatchObject({
          name,
          refused: true,
        })
    }
    expect(await world.everything()).toEqual(before)
  })
})
