import {
  ASSEMBLED,
  askedOf,
  mergeGases,
  mergePacks,
  mergeResponders,
  modelId,
  organicContents,
  ORGANIC_TESTS,
  packPercepts,
  PARTS,
  readStructuresWith,
  SALTS,
  structuresOf,
  workOutGases,
  workOutResponders,
  type PerceptPack,
} from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'
import { readFileSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'
import { gunzipSync, gzipSync } from 'node:zlib'

/**
 * Writes the percepts worked out ahead to the directory named, for the interface's worker to load: what the tests show with every bench salt, which ions each speaks of, and what gases come of each ion; and what those of organic compounds show with
 * every compound. Files made by the same model are left as they are. Every processor works out its share.
 */
const SAMPLE_MG = 500
const FILES = { salts: 'percepts.json.gz', organic: 'organic-percepts.json.gz' } as const
type Kind = keyof typeof FILES

interface Share {
  readonly kind: Kind
  readonly each: number
  readonly from: number
}

function modelOf(path: string): string | null {
  try {
    const { model } = JSON.parse(gunzipSync(readFileSync(path)).toString()) as { model?: string }
    return model ?? null
  } catch {
    return null
  }
}

const work = (share: Share): Promise<PerceptPack> =>
  new Promise((resolve, reject) => {
    const worker = new Worker(fileURLToPath(import.meta.url), { workerData: share })
    worker.once('message', resolve)
    worker.once('error', reject)
  })

readStructuresWith(perceive)
if (isMainThread) {
  const directory = process.argv[2]
  if (directory === undefined) throw new Error('the directory to write to is needed')
  for (const kind of ['salts', 'organic'] as const) {
    const file = join(directory, FILES[kind])
    if (modelOf(file) === modelId(kind)) continue
    const each = Math.max(1, Math.min(8, availableParallelism()))
    const packs = await Promise.all(Array.from({ length: each }, (_, from) => work({ kind, each, from })))
    const merged = mergePacks(packs)
    // What was perceived of the compounds' structures goes with them, so that nothing that reads structures need be loaded.
    const besides =
      kind === 'salts'
        ? { responders: mergeResponders(packs.map((p) => p.responders ?? {})), gases: mergeGases(packs.map((p) => p.gases ?? {})) }
        : { structures: structuresOf([...organicContents().map((c) => c.id), ...ASSEMBLED]) }
    // Packed once here, not at each request.
    writeFileSync(file, gzipSync(JSON.stringify({ ...merged, ...besides }), { level: 9 }))
  }
} else {
  // Dealt out one by one, since those of one family take equally long.
  const { kind, each, from } = workerData as Share
  const dealt = <T>(all: readonly T[]): T[] => all.filter((_, k) => k % each === from)
  parentPort?.postMessage(
    kind === 'salts'
      ? { ...packPercepts(SAMPLE_MG, dealt(SALTS)), responders: workOutResponders(dealt(PARTS)), gases: workOutGases(dealt(PARTS)) }
      : packPercepts(SAMPLE_MG, dealt(organicContents()), ORGANIC_TESTS, askedOf),
  )
}
