import {
  modelId,
  PACK_FILES,
  packFromLines,
  packToLines,
  readStructuresWith,
  workOutPack,
  type PackKind,
  type PerceptPack,
  ReasoningSession,
} from '@foxing/core'
import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { gunzipSync, gzipSync } from 'node:zlib'

/** What this program reasons in. */
export const session = new ReasoningSession()

/** Where the build of the interface, and this program itself, keep a file. */
const placesOf = (file: string): string[] => [`../../web/public/${file}`, `./${file}`].map((path) => fileURLToPath(new URL(path, import.meta.url)))

function read(path: string): PerceptPack | null {
  try {
    return packFromLines(gunzipSync(readFileSync(path)).toString('latin1'))
  } catch {
    return null
  }
}

const taken = new Set<PackKind>()

/**
 * Takes up the percepts worked out ahead, once.
 * @param make whether to work them out, and keep them, where there are none: a minute or two, which advice on an empty page would need anyway
 */
export function loadPercepts(kind: PackKind, make: boolean): void {
  if (taken.has(kind)) return
  taken.add(kind)
  const places = placesOf(PACK_FILES[kind])
  for (const place of places) {
    const pack = read(place)
    if (pack?.model === modelId(kind)) return void session.takePercepts(pack)
  }
  if (!make) return
  const pack = workOutPack(kind)
  session.takePercepts(pack)
  try {
    writeFileSync(places[1] ?? '', gzipSync(packToLines(pack)))
  } catch {
    // A place that cannot be written to costs the next run the same time again, nothing else.
  }
}

/** Loads what reads structures, which only organic unknowns need. */
export async function loadStructures(): Promise<void> {
  const { perceive } = await import('@foxing/core/structure/perceive')
  readStructuresWith(perceive)
}
