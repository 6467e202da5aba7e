import { mergePacks, mergeResponders, modelId, packPercepts, PARTS, SALTS, workOutResponders, type PerceptPack } from '@foxing/core'
import { readFileSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'

/**
 * Writes the percepts worked out ahead, and which ions each test speaks of, to the file named, for the interface's worker to load. One made by the same model is left as it is. Every processor works out its share of the salts.
 */
const SAMPLE_MG = 500

interface Share {
  readonly each: number
  readonly from: number
}

function modelOf(path: string): string | null {
  try {
    const { model } = JSON.parse(readFileSync(path, 'utf8')) as { model?: string }
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

if (isMainThread) {
  const file = process.argv[2]
  if (file === undefined) throw new Error('the file to write is needed')
  if (modelOf(file) !== modelId()) {
    const each = Math.max(1, Math.min(8, availableParallelism()))
    const packs = await Promise.all(Array.from({ length: each }, (_, from) => work({ each, from })))
    writeFileSync(file, JSON.stringify({ ...mergePacks(packs), responders: mergeResponders(packs.map((p) => p.responders ?? {})) }))
  }
} else {
  // Dealt out one by one, since salts of one metal take equally long.
  const { each, from } = workerData as Share
  const dealt = <T>(all: readonly T[]): T[] => all.filter((_, k) => k % each === from)
  parentPort?.postMessage({ ...packPercepts(SAMPLE_MG, dealt(SALTS)), responders: workOutResponders(dealt(PARTS)) })
}
