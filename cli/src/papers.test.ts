import { describe, expect, test } from '@jest/globals'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'

const root = join(import.meta.dirname, '../..')
const PAPERS = [
  ...['README.md', 'CONTRIBUTING.md', 'CHANGELOG.md'],
  ...readdirSync(join(root, 'docs')).flatMap((name) => (name.endsWith('.md') ? [`docs/${name}`] : [])),
]
const FOLDERS = /^(core|server|web|cli|e2e|script|docs)\//

/** Files and folders of the repository that a paper names: links as seen from it, and paths in code as seen from the root. */
function named(paper: string): string[] {
  const text = readFileSync(join(root, paper), 'utf8')
  const links = [...text.matchAll(/\]\(([^)#\s]+)[^)]*\)/g)].flatMap(([, to = '']) => (/^[a-z]+:/.test(to) ? [] : [join(dirname(paper), to)]))
  const paths = [...text.matchAll(/`([^`\s]+)`/g)].flatMap(([, path = '']) => (FOLDERS.test(path) && !/[*…<>]/.test(path) ? [path] : []))
  return [...links, ...paths]
}

describe.each(PAPERS)('%s', (paper) => {
  test('names files that are there', () => {
    expect(named(paper).filter((path) => !existsSync(join(root, path)))).toEqual([])
  })
})
test('README shows every picture that is kept', () => {
  const shown = new Set(named('README.md'))
  expect(readdirSync(join(root, 'docs/screenshots')).filter((name) => !shown.has(`docs/screenshots/${name}`))).toEqual([])
})
test('the first lines of README work as they stand', () => {
  const text = readFileSync(join(root, 'README.md'), 'utf8')
  for (const [, body = ''] of text.matchAll(/^echo '(\{[\s\S]*?\})' \| script\/foxing/gm)) expect(() => JSON.parse(body) as unknown).not.toThrow()
})

/** Rows of the table of what to touch: what is added, the paths that are named, and the tests that hold it. */
const ROWS = readFileSync(join(root, 'CONTRIBUTING.md'), 'utf8')
  .split('\n')
  .filter((line) => /^\| (an?|the) /.test(line))
  .map((line) => {
    const [added = '', touched = '', held = ''] = line.split(/(?<!\\)\|/).slice(1)
    const pathsIn = (cell: string): string[] => [...cell.matchAll(/`((?:core|api|server|web|cli)\/[^`]+)`/g)].map(([, path = '']) => path)
    return { added: added.trim(), touched: pathsIn(touched), held: pathsIn(held) }
  })
/** Files that a module draws on, itself among them; a test of the server reads its migrations as files. */
function drawnOn(path: string, known = new Set<string>()): Set<string> {
  if (known.has(path) || !existsSync(path)) return known
  known.add(path)
  const text = readFileSync(path, 'utf8')
  if (text.includes('migrations')) known.add(join(root, 'server/migrations/0001'))
  for (const [, module = ''] of text.matchAll(/from '([^']+)'/g)) {
    const base = module.startsWith('@foxing/')
      ? join(root, module.replace('@foxing/', ''))
      : module.startsWith('.')
        ? join(dirname(path), module)
        : null
    if (base === null) continue
    for (const file of [base, `${base}.ts`, `${base}.tsx`, join(base, 'index.ts')]) if (/\.tsx?$/.test(file) && existsSync(file)) drawnOn(file, known)
  }
  return known
}
describe('the table of what to touch', () => {
  test('has a row for each kind of thing', () => expect(ROWS.length).toBeGreaterThan(12))
  test.each(ROWS)('$added: what holds it runs what is to be touched', ({ touched, held }) => {
    // A row whose test is the thing itself names no other.
    if (held.length === 0) {
      expect(touched.every((path) => /__tests__|\.test\./.test(path))).toBe(true)
      return
    }
    const run = [...new Set(held.flatMap((path) => [...drawnOn(join(root, path))]))]
    for (const path of touched) expect([path, run.some((file) => file.startsWith(join(root, path)))]).toEqual([path, true])
  })
})
