import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'

/** What percepts are worked out by: the chemistry, how it is seen, the tests, and what works through them. */
const FOLDERS = [
  'units',
  'vocabulary',
  'species',
  'reactions',
  'structure',
  'equilibrium',
  'tube',
  'perception',
  'channels',
  'notebook',
  'catalogue',
  'schemes',
]
const FILES = ['percept-pack.ts', 'work-out.ts', 'simulations.ts', 'recipe.ts', 'content.ts'].map((file) => `deduction/simulation/${file}`)
/** Packages of the registry that take part: their versions are in the lock file. */
const PACKAGES = ['node_modules/culori', 'node_modules/openchemlib']

const root = join(import.meta.dirname, '../..')

const sourcesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return entry.name === '__tests__' ? [] : sourcesIn(path)
    return /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name) ? [path] : []
  })

/** The files the stamp is made of. */
export const stampedFiles = () => {
  const core = join(root, 'core')
  return [...FOLDERS.flatMap((folder) => sourcesIn(join(core, folder))), ...FILES.map((file) => join(core, file))].sort()
}

/**
 * A stamp of the source and data that worked-out percepts depend on, so that those of another state are never taken for this one's.
 * @returns 16 hexadecimal digits of a SHA-256
 */
export function modelStamp() {
  const core = join(root, 'core')
  const hash = createHash('sha256')
  for (const path of stampedFiles()) {
    hash.update(relative(core, path))
    hash.update(readFileSync(path))
  }
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))
  for (const name of PACKAGES) hash.update(`${name} ${packages[name]?.version}`)
  return hash.digest('hex').slice(0, 16)
}

/** The constant under which the core finds it: for a test runner, and for a bundler, which wants it as source text. */
export const GLOBALS = { __MODEL_STAMP__: modelStamp() }
export const DEFINE = { __MODEL_STAMP__: JSON.stringify(GLOBALS.__MODEL_STAMP__) }
