import {
  caseSchema,
  doTest,
  entrySchema,
  findSalt,
  Simulations,
  type Case,
  type Entry,
  type Observation,
  type Salt,
  ReasoningSession,
} from '@foxing/core'
import { createHash, randomBytes } from 'node:crypto'
import pg from 'pg'
import { Database, type Who } from './database'
import { hashingHere, newSalt, verifierOf } from './passwords'
import { Appending } from './services/appending'
import { openJar, seal } from './services/jars'

/**
 * The demo world: a paper-conservation school that has inherited a cupboard of unlabelled jars from a closed bindery. People, places and codes are made up. What the
 * notebooks hold was seen by the model in the jar's salt, not typed in.
 */

/** The same name always gives the same id, so that loading twice changes nothing. */
function idOf(name: string): string {
  const hex = createHash('sha256').update(`foxing demo ${name}`).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

const INSTITUTION = idOf('Sallowfield')
const CLASS = idOf('Materials of paper')
/** Everybody at the school, with the name they sign in by. */
const PEOPLE = {
  'Odile Marchbank': { login: 'odile', role: 'student' },
  'Teodor Lisle': { login: 'teodor', role: 'student' },
  'Wren Abara': { login: 'wren', role: 'student' },
  'Ansel Quillby': { login: 'ansel', role: 'instructor' },
  'Mirjam Soot': { login: 'mirjam', role: 'technician' },
} as const
type Person = keyof typeof PEOPLE
const INSTRUCTOR: Person = 'Ansel Quillby'
const DOMAIN = 'sallowfield.example'
/** For the demo's made-up people alone; this file is not part of a server that people use. */
const PASSWORD = 'blotting paper'
const personId = (person: Person): string => idOf(person === 'Odile Marchbank' ? 'Odile' : person)
const DEVICE = idOf('device')

interface DemoJar {
  readonly owner: Person
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly salt: string
  readonly tests: readonly string[]
  readonly conclude?: string
  readonly notes?: readonly string[]
  readonly confirmations: number
  readonly hints?: Case['hints']
  /** Given out by the instructor, and opened by them. */
  readonly issued?: boolean
  /** A look that was written down wrongly: what was written in the place of what there was. */
  readonly slip?: { readonly test: string; readonly step: number; readonly wrote: readonly Partial<Observation>[] }
}

const JARS: readonly DemoJar[] = [
  {
    owner: 'Odile Marchbank',
    code: 'F-07',
    title: 'mordant shelf, cork stopper, label eaten away',
    kind: 'real',
    salt: '(NH4)2Cu(SO4)2.6H2O',
    tests: ['appearance', 'solubility-in-water', 'ammonia-to-excess', 'ammonium-by-alkali', 'flame-on-wire'],
    notes: ['Half a jar. Keep a third back for the spring class.'],
    confirmations: 2,
  },
  {
    owner: 'Odile Marchbank',
    code: 'M-12',
    title: 'from the sizing room, unlabelled',
    kind: 'simulated',
    salt: 'NH4Al(SO4)2.12H2O',
    tests: [],
    confirmations: 2,
  },
  {
    owner: 'Odile Marchbank',
    code: 'B-03',
    title: 'brown glass, “for marking cloth”',
    kind: 'real',
    salt: 'AgNO3',
    tests: [
      'appearance',
      'solubility-in-water',
      'litmus',
      'silver-nitrate',
      'barium-nitrate',
      'dilute-hydrochloric-acid',
      'ammonia-to-excess',
      'concentrated-sulfuric-acid-and-copper',
      'potassium-iodide-to-excess',
    ],
    conclude: 'AgNO3',
    confirmations: 2,
  },
  {
    owner: 'Odile Marchbank',
    code: 'W-21',
    title: 'white cake from the sizing tub; something does not add up',
    kind: 'real',
    salt: 'KAl(SO4)2.12H2O',
    tests: [
      'appearance',
      'solubility-in-water',
      'ammonium-chloride-and-ammonia',
      'barium-nitrate',
      'silver-nitrate',
      'aluminate-and-ammonium-chloride',
      'dilute-acid-on-solid',
    ],
    slip: {
      test: 'silver-nitrate',
      step: 3,
      wrote: [
        { channel: 'precipitate.colour', value: 'white' },
        { channel: 'precipitate.habit', value: 'curdy' },
      ],
    },
    confirmations: 2,
  },
  {
    owner: 'Odile Marchbank',
    code: 'G-05',
    title: 'pigment drawer, heavy white powder',
    kind: 'simulated',
    salt: 'BaSO4',
    tests: ['appearance', 'solubility-in-water'],
    confirmations: 1,
  },
  {
    owner: 'Odile Marchbank',
    code: 'L-18',
    title: 'lead glass jar; hints on request',
    kind: 'simulated',
    salt: 'Pb(CH3COO)2.3H2O',
    tests: [],
    confirmations: 2,
    hints: 'on request',
  },
  {
    owner: 'Odile Marchbank',
    code: 'C-02',
    title: 'bleach cupboard, for the spring test; no hints',
    kind: 'simulated',
    salt: 'KI',
    tests: [],
    confirmations: 2,
    hints: 'none',
    issued: true,
  },
  {
    owner: 'Teodor Lisle',
    code: 'I-09',
    title: 'iron-gall ink shelf, violet crystals',
    kind: 'real',
    salt: 'NH4Fe(SO4)2.12H2O',
    tests: ['appearance', 'solubility-in-water', 'sodium-hydroxide-to-excess', 'hexacyanoferrate-ii'],
    confirmations: 2,
  },
  {
    owner: 'Teodor Lisle',
    code: 'M-13',
    title: 'from the sizing room, second jar',
    kind: 'simulated',
    salt: 'Al2(SO4)3.18H2O',
    tests: [],
    confirmations: 2,
  },
  {
    owner: 'Wren Abara',
    code: 'D-30',
    title: 'deacidifying bench, chalky powder',
    kind: 'real',
    salt: 'Mg5(CO3)4(OH)2.4H2O',
    tests: [
      'appearance',
      'dilute-acid-on-solid',
      'solubility-in-water',
      'solubility-in-nitric-acid',
      'acid-solution-alkali',
      'acid-solution-carbonate',
    ],
    conclude: 'Mg5(CO3)4(OH)2.4H2O',
    confirmations: 1,
  },
]

const BEGAN = Date.parse('2026-10-12T09:00:00Z')

/** The entries of a notebook in which each test was done in turn and everything seen was written down. */
const reasoning = new ReasoningSession()

function entriesFor(jar: DemoJar, salt: Salt, settings: Case): Entry[] {
  const simulations = new Simulations(settings.sample.mg)
  const at = (n: number): string => new Date(BEGAN + n * 60_000).toISOString()
  const entries: Entry[] = []
  for (const test of jar.tests) {
    const slip = jar.slip?.test === test ? jar.slip : undefined
    const writes = (o: Observation): Observation | null => (slip?.step === o.step ? null : o)
    entries.push(...doTest(entries, test, { content: salt, simulations, writes }, `${jar.code} `, at))
    for (const wrong of slip?.wrote ?? [])
      entries.push(entrySchema.parse({ id: `${jar.code} ${entries.length}`, at: at(entries.length), saw: { step: slip?.step, ...wrong } }))
  }
  const write = (body: Record<string, unknown>): void =>
    void entries.push(entrySchema.parse({ id: `${jar.code} ${entries.length}`, at: at(entries.length), ...body }))
  for (const note of jar.notes ?? []) write({ note })
  if (jar.conclude) {
    const { standings } = reasoning.reason({ case: settings, entries })
    const citing = standings.filter((s) => s.probability > 0.5).flatMap((s) => s.evidence.filter((e) => e.weight >= 0.3).map((e) => idOf(e.entry)))
    write({ concluded: { species: jar.conclude, claim: 'confirmed', citing: [...new Set(citing)] } })
  }
  // The database's ids are uuids; the names they are made from stay the same from one loading to the next.
  return entries.map((entry) => ({ ...entry, id: idOf(entry.id) }))
}

/** Loads the demo's institution, people, class and jars; whatever is there already stays. */
async function load(ownerUrl: string, appUrl: string): Promise<void> {
  const owner = new pg.Client({ connectionString: ownerUrl })
  await owner.connect()
  const put = (sql: string, ...values: unknown[]): Promise<unknown> => owner.query(`${sql} on conflict do nothing`, values)
  await put('insert into institution (id, name) values ($1, $2)', INSTITUTION, 'Sallowfield School of Paper Conservation')
  await put('insert into class (institution_id, id, name) values ($1, $2, $3)', INSTITUTION, CLASS, 'Materials of paper, autumn')
  const sessions = new Map<Person, Who>()
  for (const [name, { login, role }] of Object.entries(PEOPLE) as [Person, (typeof PEOPLE)[Person]][]) {
    const salt = newSalt()
    const person = personId(name)
    await put('insert into person (institution_id, id, name, role) values ($1, $2, $3, $4)', INSTITUTION, person, name, role)
    await put(
      'insert into credential (institution_id, person_id, login, salt, verifier) values ($1, $2, $3, $4, $5)',
      INSTITUTION,
      person,
      `${login}@${DOMAIN}`,
      salt,
      verifierOf(await hashingHere.proofOf(PASSWORD, salt)),
    )
    await put('insert into membership (institution_id, class_id, person_id) values ($1, $2, $3)', INSTITUTION, CLASS, person)
    const tokenHash = randomBytes(32)
    await put('insert into session (institution_id, person_id, token_hash) values ($1, $2, $3)', INSTITUTION, person, tokenHash)
    sessions.set(name, { institution: INSTITUTION, person, tokenHash })
  }
  const database = new Database(appUrl, () => undefined)
  const appending = new Appending(database)
  const sessionOf = (person: Person): Who => {
    const session = sessions.get(person)
    if (!session) throw new Error(`${person} is not at the school`)
    return session
  }
  for (const jar of JARS) {
    const salt = findSalt(jar.salt)
    if (!salt) throw new Error(`${jar.salt} is not a bench salt`)
    const settings = caseSchema.parse({ kind: 'salt', school: { confirmations: jar.confirmations }, hints: jar.hints ?? 'open' })
    const id = idOf(`jar ${jar.code}`)
    const entries = entriesFor(jar, salt, settings)
    const who = sessionOf(jar.owner)
    if (jar.issued) await issue(database, sessionOf(INSTRUCTOR), { ...jar, id, case: settings, owner: who.person })
    else await database.as(who, (client) => openJar(client, who, { id, code: jar.code, title: jar.title, kind: jar.kind, case: settings }, jar.salt))
    if (entries.length > 0)
      await appending.append(
        who,
        id,
        DEVICE,
        entries.map((body, k) => ({ order: k + 1, body })),
      )
  }
  await database.close()
  await owner.query('delete from session where token_hash = any($1)', [[...sessions.values()].map((s) => s.tokenHash)])
  await owner.end()
}

const issue = (
  database: Database,
  instructor: Who,
  jar: { readonly id: string; readonly owner: string; readonly code: string; readonly title: string; readonly case: Case; readonly salt: string },
): Promise<void> =>
  database.as(instructor, async (client) => {
    const { rowCount } = await client.query(
      `insert into jar (institution_id, id, owner_id, code, title, kind, settings, class_id, issued_by, reveal)
       values ($1, $2, $3, $4, $5, 'simulated', $6, $7, $8, 'by instructor') on conflict do nothing`,
      [INSTITUTION, jar.id, jar.owner, jar.code, jar.title, jar.case, CLASS, instructor.person],
    )
    if (rowCount === 1) await seal(client, INSTITUTION, jar.id, jar.salt)
  })

const { OWNER_DATABASE_URL: ownerUrl, DATABASE_URL: appUrl } = process.env
if (!ownerUrl || !appUrl) throw new Error('OWNER_DATABASE_URL and DATABASE_URL are needed')
await load(ownerUrl, appUrl)
const others = Object.values(PEOPLE).filter((p) => p.login !== 'odile')
process.stdout.write(`Sign in as odile@${DOMAIN} (or ${others.map((p) => `${p.login}, ${p.role}`).join('; ')}), password: ${PASSWORD}\n`)
