import { spawnSync } from 'node:child_process'

// The core by itself, since it may use nothing of a browser or of Node; then all that runs in Node as one program, so that the types of the core are worked out once for all of it.
const projects = ['core/tsconfig.json', 'tsconfig.node.json', 'web/tsconfig.json', 'e2e/tsconfig.json']
let failed = 0
for (const project of projects) {
  const { status } = spawnSync('node_modules/.bin/tsc', ['-p', project], { stdio: 'inherit' })
  if (status !== 0) failed++
}
process.exit(failed === 0 ? 0 : 1)
