import { wrap, type Remote } from 'comlink'
import type { FilesWorker } from './files.worker'

let remote: Remote<FilesWorker> | undefined
/** The worker that makes and opens files, started when it is first asked. */
export const files = (): Remote<FilesWorker> =>
  (remote ??= wrap<FilesWorker>(new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' })))

/** SHA-256 as lower-case hex. */
export async function sha256(bytes: Uint8Array): Promise<string> {
  const hash = await crypto.subtle.digest('SHA-256', new Uint8Array(bytes))
  return Array.from(new Uint8Array(hash), (byte) => byte.toString(16).padStart(2, '0')).join('')
}
