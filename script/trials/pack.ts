import { packPercepts } from '@foxing/core'
import { writeFileSync } from 'node:fs'

/** Writes the percepts worked out ahead, for the interface and the server to load. */
const began = performance.now()
const pack = packPercepts(500)
const text = JSON.stringify(pack)
writeFileSync(process.argv[2] ?? 'percepts.json', text)
console.log(`${pack.recipes.length} recipes, ${Object.keys(pack.table).length} salts, ${pack.percepts.length} different percepts, ${(text.length / 1e6).toFixed(1)} MB, ${((performance.now() - began) / 1000).toFixed(1)} s`)
