import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { execFileSync } from 'node:child_process'
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'

const root = join(import.meta.dirname, '../..')
const { forbidden } = createRequire(import.meta.url)(join(root, '.dependency-cruiser.cjs')) as {
  forbidden: { name: string; to: { path?: string } }[]
}

/** For each rule, files of which one breaks it. */
const CANARIES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'no-cycles': {
    'core/tube/a.ts': "import type { B } from './b'\nexport interface A { b: B }\n",
    'core/tube/b.ts': "import type { A } from './a'\nexport interface B { a: A }\n",
  },
  'core-knows-no-face': { 'core/tube/face.ts': "import '../../web/src/view'\n", 'web/src/view.ts': 'export {}\n' },
  'api-knows-the-core-alone': { 'api/server.ts': "import '../server/src/main'\n", 'server/src/main.ts': 'export {}\n' },
  'core-stands-alone': { 'core/tube/node.ts': "import 'node:fs'\n" },
  'core-uses-few-packages': { 'core/tube/packages.ts': "import 'express'\n" },
  'faces-do-not-know-each-other': { 'web/src/other.ts': "import '../../server/src/main'\n", 'server/src/main.ts': 'export {}\n' },
  'a-part-is-used-by-its-index': { 'core/tube/inner.ts': "import '../species/inner'\n", 'core/species/inner.ts': 'export {}\n' },
  'faces-use-the-core-by-its-entry-points': { 'cli/src/inner.ts': "import '../../core/species/inner'\n" },
  'not-to-unresolvable': { 'core/tube/missing.ts': "import './nowhere'\n" },
}
/** A rule of the layers forbids a part what stands below it in the list: its canary imports the first of those. */
function canaryOf({ name, to }: (typeof forbidden)[number]): Readonly<Record<string, string>> {
  const known = CANARIES[name]
  if (known) return known
  const part = /^core-(\w+)-knows-only/.exec(name)?.[1] ?? ''
  const below = /\(([a-z]+)/.exec(to.path ?? '')?.[1] ?? ''
  return { [`core/${part}/layer.ts`]: `import '../${below}/index'\n`, [`core/${below}/index.ts`]: 'export {}\n' }
}

describe('each import rule refuses what it forbids', () => {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-canaries-'))
  const broken = new Set<string>()
  beforeAll(() => {
    for (const name of ['.dependency-cruiser.cjs', 'tsconfig.base.json', 'package.json']) cpSync(join(root, name), join(folder, name))
    symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'))
    for (const rule of forbidden)
      for (const [path, text] of Object.entries(canaryOf(rule))) {
        mkdirSync(dirname(join(folder, path)), { recursive: true })
        writeFileSync(join(folder, path), text)
      }
    let found: string
    try {
      found = execFileSync(
        join(root, 'node_modules/.bin/depcruise'),
        ['--config', '.dependency-cruiser.cjs', '-T', 'json', 'core', 'api', 'server', 'web', 'cli'],
        {
          cwd: folder,
          encoding: 'utf8',
        },
      )
    } catch (error) {
      found = (error as { stdout: string }).stdout
    }
    const { summary } = JSON.parse(found) as { summary: { violations: { rule: { name: string } }[] } }
    for (const { rule } of summary.violations) broken.add(rule.name)
  })
  afterAll(() => rmSync(folder, { recursive: true, force: true }))
  test.each(forbidden.map(({ name }) => name))('%s', (name) => expect([...broken]).toContain(name))
})
