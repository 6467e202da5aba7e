import { caseSchema, doTest, entrySchema, findSalt, reason, Simulations, type Case, type Entry, type Salt } from '@foxing/core'
import { createHash } from 'node:crypto'
import pg from 'pg'
import { Database, type Who } from './database'
import { addEntries, openJar } from './services/jars'

/**
 * The demo world: a paper-conservation school that has inherited a cupboard of unlabelled jars from a closed bindery. People, places and codes are made up. What the
 * notebooks hold was seen by the model in the jar's salt, not typed in.
 */

/** The same name always gives the same id, so that loading twice changes nothing. */
function idOf(name: string): string {
  const hex = createHash('sha256').update(`foxing demo ${name}`).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

export const DEMO: Who = { institution: idOf('Sallowfield'), person: idOf('Odile') }
const DEVICE = idOf('device')

interface DemoJar {
  readonly code: string
  readonly title: string
  readonly kind: 'real' | 'simulated'
  readonly salt: string
  readonly tests: readonly string[]
  readonly conclude?: string
  readonly notes?: readonly string[]
  readonly confirmations: number
}

const JARS: readonly DemoJar[] = [
  {
    code: 'F-07',
    title: 'mordant shelf, cork stopper, label eaten away',
    kind: 'real',
    salt: '(NH4)2Cu(SO4)2.6H2O',
    tests: ['appearance', 'solubility-in-water', 'ammonia-to-excess', 'ammonium-by-alkali'],
    notes: ['Half a jar. Keep a third back for the spring class.'],
    confirmations: 1,
  },
  { code: 'M-12', title: 'from the sizing room, unlabelled', kind: 'simulated', salt: 'NH4Al(SO4)2.12H2O', tests: [], confirmations: 2 },
  {
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
      'ammonium-by-alkali',
      'dilute-sulfuric-acid',
    ],
    conclude: 'AgNO3',
    confirmations: 2,
  },
]

const BEGAN = Date.parse('2026-10-12T09:00:00Z')

/** The entries of a notebook in which each test was done in turn and everything seen was written down. */
function entriesFor(jar: DemoJar, salt: Salt, settings: Case): Entry[] {
  const worker = { salt, simulations: new Simulations(settings.sample.mg) }
  const at = (n: number): string => new Date(BEGAN + n * 60_000).toISOString()
  const entries: Entry[] = []
  for (const test of jar.tests) entries.push(...doTest(entries, test, worker, `${jar.code} `, at))
  const write = (body: Record<string, unknown>): void =>
    void entries.push(entrySchema.parse({ id: `${jar.code} ${entries.length}`, at: at(entries.length), ...body }))
  for (const note of jar.notes ?? []) write({ note })
  if (jar.conclude) {
    const { standings } = reason({ case: settings, entries })
    const citing = standings.filter((s) => s.probability > 0.5).flatMap((s) => s.evidence.filter((e) => e.weight >= 0.3).map((e) => idOf(e.entry)))
    write({ concluded: { species: jar.conclude, claim: 'confirmed', citing: [...new Set(citing)] } })
  }
  // The database's ids are uuids; the names they are made from stay the same from one loading to the next.
  return entries.map((entry) => ({ ...entry, id: idOf(entry.id) }))
}

/** Loads the demo's institution, student and jars with the owner's rights; whatever is there already stays. */
async function load(url: string): Promise<void> {
  const owner = new pg.Client({ connectionString: url })
  await owner.connect()
  await owner.query('insert into institution (id, name) values ($1, $2) on conflict do nothing', [
    DEMO.institution,
    'Sallowfield School of Paper Conservation',
  ])
  await owner.query("insert into person (institution_id, id, name, role) values ($1, $2, $3, 'student') on conflict do nothing", [
    DEMO.institution,
    DEMO.person,
    'Odile Marchbank',
  ])
  await owner.end()
  const database = new Database(url, () => undefined)
  for (const jar of JARS) {
    const salt = findSalt(jar.salt)
    if (!salt) throw new Error(`${jar.salt} is not a bench salt`)
    const settings = caseSchema.parse({ kind: 'salt', school: { confirmations: jar.confirmations } })
    const id = idOf(`jar ${jar.code}`)
    const entries = entriesFor(jar, salt, settings)
    await database.as(DEMO, async (client) => {
      await openJar(client, DEMO, { id, code: jar.code, title: jar.title, kind: jar.kind, case: settings }, 7, jar.salt)
      if (entries.length > 0) await addEntries(client, DEMO.institution, id, DEVICE, entries)
    })
  }
  await database.close()
}

const url = process.env['DATABASE_URL']
if (!url) throw new Error('DATABASE_URL is needed')
await load(url)
process.stdout.write(`FOXING_PERSON=${DEMO.institution}/${DEMO.person}\n`)
