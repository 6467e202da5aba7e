import { useState } from 'react'
import { asApiError } from '../state/api'

/** Runs what a button asks for, once at a time, and keeps what went wrong in words. */
export function useTask(): { busy: boolean; problem: string | null; run: (task: () => Promise<unknown>) => void } {
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const run = (task: () => Promise<unknown>): void => {
    setBusy(true)
    setProblem(null)
    task()
      .catch((error: unknown) => {
        const { message, todo } = asApiError(error)
        setProblem(`${message}. ${todo}`)
      })
      .finally(() => setBusy(false))
  }
  return { busy, problem, run }
}
