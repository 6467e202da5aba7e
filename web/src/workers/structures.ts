import { wrap, type Remote } from 'comlink'
import type { StructureWorker } from './structure.worker'

let worker: Remote<StructureWorker> | null = null
/** What draws structures, started when the first is wanted. */
export function structures(): Remote<StructureWorker> {
  worker ??= wrap<StructureWorker>(new Worker(new URL('./structure.worker.ts', import.meta.url), { type: 'module' }))
  return worker
}
