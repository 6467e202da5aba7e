import { modelId, packPercepts, usePercepts, workOutResponders, type PerceptPack } from '@foxing/core'
import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

/** Where the build of the interface, and this program itself, keep what the tests show with every bench salt. */
const PLACES = ['../../web/public/percepts.json', './percepts.json'].map((path) => fileURLToPath(new URL(path, import.meta.url)))

function read(path: string): PerceptPack | null {
  try {
    return JSON.parse(readFileSync(path, 'utf8')) as PerceptPack
  } catch {
    return null
  }
}

let taken = false

/**
 * Takes up the percepts worked out ahead, once.
 * @param make whether to work them out, and keep them, where there are none: half a minute, which advice on an empty page would need anyway
 */
export function takePercepts(make: boolean): void {
  if (taken) return
  taken = true
  for (const place of PLACES) {
    const pack = read(place)
    if (pack?.model === modelId()) return void usePercepts(pack)
  }
  if (!make) return
  const pack = { ...packPercepts(500), responders: workOutResponders() }
  usePercepts(pack)
  try {
    writeFileSync(PLACES[1] ?? '', JSON.stringify(pack))
  } catch {
    // A place that cannot be written to costs the next run its half minute, nothing else.
  }
}
