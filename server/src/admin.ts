import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { codeHash, newCode } from './codes'

/**
 * Takes in an institution: makes it, with a first class, and prints a code by which its first instructor joins. No account is made here, and no password.
 * Usage: DATABASE_URL=<the owner's> node server/dist/admin.js "Name of the institution" "Name of the class"
 */
const url = process.env['DATABASE_URL']
const [institutionName, className] = process.argv.slice(2)
if (!url || !institutionName || !className) {
  process.stderr.write('usage: DATABASE_URL=<the owner’s> node server/dist/admin.js INSTITUTION CLASS\n')
  process.exit(2)
}
const client = new pg.Client({ connectionString: url })
await client.connect()
const [institution, classId, code] = [randomUUID(), randomUUID(), newCode()]
await client.query('begin')
await client.query('insert into institution (id, name) values ($1, $2)', [institution, institutionName])
await client.query('insert into class (institution_id, id, name) values ($1, $2, $3)', [institution, classId, className])
await client.query(
  `insert into invitation (institution_id, id, code_hash, role, class_id, expires_at, uses_left)
   values ($1, $2, $3, 'instructor', $4, now() + interval '7 days', 1)`,
  [institution, randomUUID(), codeHash(code), classId],
)
await client.query('commit')
await client.end()
process.stdout.write(`${institutionName} is taken in. Its first instructor joins with the code ${code}, within seven days.\n`)
