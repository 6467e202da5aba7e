import {
  ASSEMBLED,
  askedOf,
  modelId,
  organicContents,
  ORGANIC_TESTS,
  packPercepts,
  readStructuresWith,
  structuresOf,
  takePercepts,
  workOutResponders,
  type PerceptPack,
} from '@foxing/core'
import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { gunzipSync, gzipSync } from 'node:zlib'

/** What was worked out ahead, for salts and for organic compounds: its file, and how it is made where there is none. */
const KINDS = {
  salts: { file: 'percepts.json.gz', make: (): PerceptPack => ({ ...packPercepts(500), responders: workOutResponders() }) },
  organic: {
    file: 'organic-percepts.json.gz',
    make: (): PerceptPack => ({
      ...packPercepts(500, organicContents(), ORGANIC_TESTS, askedOf),
      structures: structuresOf([...organicContents().map((c) => c.id), ...ASSEMBLED]),
    }),
  },
} as const

/** Where the build of the interface, and this program itself, keep a file. */
const placesOf = (file: string): string[] => [`../../web/public/${file}`, `./${file}`].map((path) => fileURLToPath(new URL(path, import.meta.url)))

function read(path: string): PerceptPack | null {
  try {
    return JSON.parse(gunzipSync(readFileSync(path)).toString()) as PerceptPack
  } catch {
    return null
  }
}

const taken = new Set<string>()

/**
 * Takes up the percepts worked out ahead, once.
 * @param make whether to work them out, and keep them, where there are none: half a minute, which advice on an empty page would need anyway
 */
export function loadPercepts(kind: keyof typeof KINDS, make: boolean): void {
  if (taken.has(kind)) return
  taken.add(kind)
  const places = placesOf(KINDS[kind].file)
  for (const place of places) {
    const pack = read(place)
    if (pack?.model === modelId(kind)) return void takePercepts(pack)
  }
  if (!make) return
  const pack = KINDS[kind].make()
  takePercepts(pack)
  try {
    writeFileSync(places[1] ?? '', gzipSync(JSON.stringify(pack)))
  } catch {
    // A place that cannot be written to costs the next run its half minute, nothing else.
  }
}

/** Loads what reads structures, which only organic unknowns need. */
export async function loadStructures(): Promise<void> {
  const { perceive } = await import('@foxing/core/structure/perceive')
  readStructuresWith(perceive)
}
