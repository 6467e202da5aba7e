import type { CDPSession } from '@playwright/test'

interface HeapUsage {
  /** What is in use, garbage that was not yet collected included, bytes. */
  readonly usedSize: number
  /** What the heap has taken of the system, bytes. */
  readonly totalSize: number
  /** What typed arrays and such hold outside the heap, bytes. */
  readonly backingStorageSize?: number
}

/** Each worker of a page, asked what memory it takes. */
export interface WorkersMemory {
  /** Memory of the workers there are now, heap and buffers, by the name of their file: what is in use, and what was taken of the system. */
  readonly now: () => Promise<readonly { readonly worker: string; readonly used_MB: number; readonly taken_MB: number }[]>
}

/** Watches the workers of a page; to be begun before they are. */
export async function watchWorkers(session: CDPSession): Promise<WorkersMemory> {
  const workers = new Map<string, string>()
  const asked = new Map<number, (usage: HeapUsage | null) => void>()
  let next = 0
  session.on('Target.attachedToTarget', ({ sessionId, targetInfo: { type, url } }) => {
    if (type === 'worker') workers.set(sessionId, (url.split('/').at(-1) ?? url).replace(/[-.].*/, ''))
  })
  session.on('Target.detachedFromTarget', ({ sessionId }) => workers.delete(sessionId))
  session.on('Target.receivedMessageFromTarget', ({ message }) => {
    const { id, result } = JSON.parse(message) as { id?: number; result?: HeapUsage }
    if (id !== undefined) asked.get(id)?.(result ?? null)
  })
  await session.send('Target.setAutoAttach', { autoAttach: true, waitForDebuggerOnStart: false, flatten: false })
  const ask = (sessionId: string): Promise<HeapUsage | null> => {
    const id = ++next
    const answer = new Promise<HeapUsage | null>((resolve) => asked.set(id, resolve))
    return session
      .send('Target.sendMessageToTarget', { sessionId, message: JSON.stringify({ id, method: 'Runtime.getHeapUsage' }) })
      .then(() => answer)
      .catch(() => null)
      .finally(() => asked.delete(id))
  }
  return {
    now: async () => {
      const usages = await Promise.all([...workers].map(async ([sessionId, worker]) => ({ worker, usage: await ask(sessionId) })))
      return usages.flatMap(({ worker, usage }) => {
        if (!usage) return []
        const { usedSize, totalSize, backingStorageSize = 0 } = usage
        return [{ worker, used_MB: (usedSize + backingStorageSize) / 1e6, taken_MB: (totalSize + backingStorageSize) / 1e6 }]
      })
    },
  }
}
