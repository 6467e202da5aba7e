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
