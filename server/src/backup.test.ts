import { afterAll, beforeAll, expect, jest, test } from '@jest/globals'
import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { ask, entry, World } from './testing/world'

jest.setTimeout(60_000)

let world: World
const folder = mkdtempSync(join(tmpdir(), 'foxing-backup-'))
const restored = `restored_${randomUUID().slice(0, 8)}`
beforeAll(async () => {
  world = await World.make()
})
afterAll(async () => {
  rmSync(folder, { recursive: true })
  await world.owner.query(`drop database if exists ${restored} with (force)`)
  await world.end()
})

const run = (script: string, file: string, url: string): string =>
  execFileSync(`script/${script}`, [file], { env: { PATH: process.env['PATH'], OWNER_DATABASE_URL: url }, stdio: 'pipe' }).toString()

test('a back-up that is restored holds the notebooks, the walls between people, and nothing twice', async () => {
  const base = await world.serve()
  const institution = await world.institution()
  const ada = await world.person('Ada', institution, 'student')
  const jar = randomUUID()
  const lines = [entry({ note: 'kept' }), entry({ note: 'Ω 漢字 '.repeat(50) })]
  await ask(base, ada, 'POST', '/jars', { id: jar, code: 'B-1', kind: 'simulated' })
  await ask(base, ada, 'POST', `/jars/${jar}/entries`, { device: randomUUID(), entries: lines.map((body, k) => ({ order: k + 1, body })) })
  const file = join(folder, 'all')
  run('backup', file, world.url)
  await world.owner.query(`create database ${restored}`)
  const there = new URL(world.url)
  there.pathname = `/${restored}`
  run('restore', file, there.href)
  expect(() => run('restore', file, there.href)).toThrow(/not empty/)

  const owner = new pg.Client({ connectionString: there.href })
  await owner.connect()
  try {
    const { rows } = await owner.query<{ body: unknown }>('select body from entry where jar_id = $1 order by position', [jar])
    expect(rows.map((r) => r.body)).toEqual(lines)
    await owner.query('set role foxing_app')
    expect((await owner.query('select from jar')).rowCount).toBe(0)
    await expect(owner.query('select from secret')).rejects.toThrow(/permission denied/)
    await owner.query(
      "begin; select set_config('foxing.institution', '" + institution + "', true), set_config('foxing.person', '" + ada.who.person + "', true)",
    )
    expect((await owner.query('select from jar where id = $1', [jar])).rowCount).toBe(1)
  } finally {
    await owner.end()
  }
})
