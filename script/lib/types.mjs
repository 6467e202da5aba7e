import { spawnSync } from 'node:child_process'

const projects = [
  'core/tsconfig.json',
  'core/tsconfig.test.json',
  'cli/tsconfig.json',
  'server/tsconfig.json',
  'web/tsconfig.json',
  'e2e/tsconfig.json',
  'script/trials/tsconfig.json',
]
let failed = 0
for (const project of projects) {
  const { status } = spawnSync('node_modules/.bin/tsc', ['-p', project], { stdio: 'inherit' })
  if (status !== 0) failed++
}
process.exit(failed === 0 ? 0 : 1)
