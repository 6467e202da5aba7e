import { modelId, packPercepts } from '@foxing/core'
import { readFileSync, writeFileSync } from 'node:fs'

/**
 * Writes the percepts worked out ahead to the file named, for the interface's worker to load. One made by the same model is left as it is.
 */
const file = process.argv[2]
if (file === undefined) throw new Error('the file to write is needed')

function modelOf(path: string): string | null {
  try {
    const { model } = JSON.parse(readFileSync(path, 'utf8')) as { model?: string }
    return model ?? null
  } catch {
    return null
  }
}

if (modelOf(file) !== modelId()) writeFileSync(file, JSON.stringify(packPercepts(500)))
