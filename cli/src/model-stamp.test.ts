import { describe, expect, test } from '@jest/globals'
import { existsSync, readFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { modelStamp, stampedFiles } from '../../script/lib/model-stamp.mjs'

const core = join(import.meta.dirname, '../../core')
const stamped = new Set(stampedFiles())

/** The file a module names, as the bundler finds it. */
const fileOf = (from: string, module: string): string =>
  [`${module}.ts`, join(module, 'index.ts')].map((name) => join(dirname(from), name)).find((path) => existsSync(path)) ?? ''
/** Every file of the core that one draws on for values, itself among them. */
function drawnOn(path: string, known = new Set<string>()): Set<string> {
  if (known.has(path)) return known
  known.add(path)
  for (const [, typeOnly, module = ''] of readFileSync(path, 'utf8').matchAll(/^(?:import|export) (type )?[^'"]*?from '(\.[^']+)'/gms))
    // How a thing is said changes nothing that is seen.
    if (!typeOnly && !/\/messages(\/|$)/.test(module)) drawnOn(fileOf(path, module), known)
  return known
}

describe('the stamp of worked-out percepts', () => {
  test.each(['perception/index.ts', 'tube/index.ts', 'catalogue/index.ts', 'schemes/index.ts'])('covers all that %s draws on', (root) => {
    const open = [...drawnOn(join(core, root))].filter((path) => !stamped.has(path)).map((path) => relative(core, path))
    expect(open).toEqual([])
  })
  test('covers what works percepts out, and no test', () => {
    expect(stamped.has(join(core, 'deduction/simulation/percept-pack.ts'))).toBe(true)
    expect([...stamped].filter((path) => path.endsWith('.test.ts'))).toEqual([])
  })
  test('is the one the tests themselves run under', () => {
    expect(modelStamp()).toMatch(/^[0-9a-f]{16}$/)
    expect((globalThis as { __MODEL_STAMP__?: string }).__MODEL_STAMP__).toBe(modelStamp())
  })
})
