import type { Case, Entry } from '@foxing/core'
import { wrap, type Remote } from 'comlink'
import { useEffect, useState } from 'react'
import type { ReasoningWorker, Thought } from './reasoning.worker'

let remote: Remote<ReasoningWorker> | undefined
const reasoner = (): Remote<ReasoningWorker> =>
  (remote ??= wrap<ReasoningWorker>(new Worker(new URL('./reasoning.worker.ts', import.meta.url), { type: 'module' })))

/**
 * The worker's view of a notebook. While it thinks about a newer version the last answer stays; answers to older versions are dropped.
 */
export function useThought(notebookCase: Case | undefined, entries: readonly Entry[]): { thought: Thought | null; thinking: boolean } {
  const [answer, setAnswer] = useState<{ thought: Thought; of: readonly Entry[] } | null>(null)
  useEffect(() => {
    if (!notebookCase) return
    let stale = false
    void reasoner()
      .think({ case: notebookCase, entries: [...entries] })
      .then((thought) => {
        if (!stale) setAnswer({ thought, of: entries })
      })
    return () => {
      stale = true
    }
  }, [notebookCase, entries])
  return { thought: answer?.thought ?? null, thinking: answer?.of !== entries }
}
