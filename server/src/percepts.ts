import {
  mergeShares,
  modelId,
  PACK_FILES,
  packFromLines,
  packToLines,
  readStructuresWith,
  workOutPack,
  type PackKind,
  type PerceptPack,
} from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'
import { readFileSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'
import { gunzipSync, gzipSync } from 'node:zlib'

/** Writes what is worked out ahead to the directory named, for the interface's worker to load. Files made by the same model are left as they are. Every processor works out its share. */
interface Share {
  readonly kind: PackKind
  readonly each: number
  readonly from: number
}

function modelOf(path: string): string | null {
  try {
    return packFromLines(gunzipSync(readFileSync(path)).toString('latin1')).model
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
    const file = join(directory, PACK_FILES[kind])
    if (modelOf(file) === modelId(kind)) continue
    const each = Math.max(1, Math.min(8, availableParallelism()))
    const packs = await Promise.all(Array.from({ length: each }, (_, from) => work({ kind, each, from })))
    // Packed once here, not at each request.
    writeFileSync(file, gzipSync(packToLines(mergeShares(packs)), { level: 9 }))
  }
} else {
  // Dealt out one by one, since those of one family take equally long.
  const { kind, each, from } = workerData as Share
  parentPort?.postMessage(workOutPack(kind, (all) => all.filter((_, k) => k % each === from)))
}
