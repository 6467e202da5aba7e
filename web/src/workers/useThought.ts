import { meanwhile, type Advice, type Case, type Entry } from '@foxing/core'
import type { ReportDocument } from '@foxing/core/report'
import { wrap, type Remote } from 'comlink'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { ReasoningWorker, Thought } from './reasoning.worker'

const startWorker = (): Worker => new Worker(new URL('./reasoning.worker.ts', import.meta.url), { type: 'module' })
let remote: Remote<ReasoningWorker> | undefined
/** The one worker that reasons, started when it is first asked. */
export const reasoner = (): Remote<ReasoningWorker> => (remote ??= wrap<ReasoningWorker>(startWorker()))

/** An answer of the worker to a question. While it works on one the last answer stays; of the questions that come meanwhile only the newest is asked, and answers to older ones are dropped. An answer of null leaves the last one too: then it has ended, and still works. */
function useAnswer<T>(of: unknown, ask: (() => Promise<T | null>) | null): { answer: T | null; working: boolean; ended: boolean; failed: boolean } {
  const [heard, setHeard] = useState<{ of: unknown } | null>(null)
  const [failed, setFailed] = useState<{ of: unknown } | null>(null)
  const [answer, setAnswer] = useState<{ given: T; of: unknown } | null>(null)
  const busy = useRef<Promise<unknown>>(Promise.resolve())
  useEffect(() => {
    let stale = false
    busy.current = busy.current
      .then(async () => {
        const given = stale ? null : await ask?.()
        if (!stale && given !== null && given !== undefined) setAnswer({ given, of })
        if (!stale) setHeard({ of })
      })
      // A question that failed leaves the last answer, and the next one is asked all the same.
      .catch((error: unknown) => {
        console.error(error)
        if (!stale) setFailed({ of })
      })
    return () => {
      stale = true
    }
    // The question is what `of` says it is; the function that asks it is made anew at every rendering.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of])
  const lost = of !== undefined && failed?.of === of
  return { answer: answer?.given ?? null, working: answer?.of !== of && !lost, ended: heard?.of === of || lost, failed: lost }
}

/** How far a mixture that is to be left is thought through: not to be yet, meanwhile, or done. */
export type Through = 'not yet' | 'meanwhile' | 'done'

/**
 * A mixture that nothing more is worth doing on, thought through once more before it is concluded: by a worker of its own, so that the bench answers meanwhile, which is ended when the page changes.
 * @param of what the page is
 * @param parts what it is taken to hold when it would be left; null while it is not
 */
function useThroughThought(
  of: unknown,
  parts: Thought['parts'],
  asked: { case: Case; entries: Entry[] } | undefined,
): { answer: Thought | null; through: Through } {
  const [answer, setAnswer] = useState<{ given: Thought; of: unknown } | null>(null)
  const [ended, setEnded] = useState<{ of: unknown; through: Through } | null>(null)
  const isLeft = parts !== null
  useEffect(() => {
    if (!parts || !asked) return
    const aside = startWorker()
    let stale = false
    void wrap<ReasoningWorker>(aside)
      .through(asked, parts)
      .then((found) => (stale ? null : reasoner().takeUp(asked, found)))
      .then((given) => {
        if (stale) return
        if (given) setAnswer({ given, of })
        setEnded({ of, through: 'done' })
      })
      // What was thought before stands, and nobody is told otherwise.
      .catch((error: unknown) => {
        console.error(error)
        if (!stale) setEnded({ of, through: 'not yet' })
      })
      .finally(() => aside.terminate())
    return () => {
      stale = true
      aside.terminate()
    }
    // Of each page once, whatever comes of it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of, isLeft])
  const given = answer && answer.of === of ? answer.given : null
  return { answer: given, through: !isLeft ? 'not yet' : ended && ended.of === of ? ended.through : 'meanwhile' }
}

const NO_ADVICE: Advice = { next: [], review: [], refutation: null, held: [], complete: false }

/** The worker's view of a notebook. What the evidence comes to is there first, beside the advice of before; what to do next follows. */
export function useThought(
  notebookCase: Case | undefined,
  entries: readonly Entry[],
): { thought: Thought | null; thinking: boolean; failed: boolean; through: Through } {
  const compounds = JSON.stringify(notebookCase?.compounds ?? [])
  // Asked anew where the entries are others, or what the jar may hold is.
  const there = notebookCase !== undefined
  const of = useMemo(() => (there ? { entries, compounds } : undefined), [there, entries, compounds])
  const asked = notebookCase && { case: notebookCase, entries: [...entries] }
  const quick = useAnswer(of, asked ? () => reasoner().weigh(asked) : null)
  const whole = useAnswer(of, asked ? () => reasoner().think(asked) : null)
  const again = useAnswer(of, asked ? () => reasoner().sharpen(asked) : null)
  const first = again.working || !again.answer ? whole.answer : again.answer
  const isLeft = !whole.working && again.ended && first?.advice.complete === true
  const last = useThroughThought(of, isLeft ? first.parts : null, asked)
  const settled = last.answer ?? first
  // What was done since is not proposed again while the advice of before stands.
  const before = settled && whole.working ? { ...settled, advice: meanwhile(settled.advice, entries) } : settled
  const thought = whole.working && quick.answer ? { ...(before ?? { advice: NO_ADVICE, refutation: null, parts: null }), ...quick.answer } : before
  // A mixture is not called done before it was thought about again: what comes of that may well be a test.
  const isEarly = notebookCase?.kind === 'mixture' && !again.ended && thought?.advice.complete === true
  return {
    thought: isEarly ? { ...thought, advice: { ...thought.advice, complete: false } } : thought,
    thinking: whole.working || isEarly,
    failed: whole.failed,
    through: last.through,
  }
}

/** The notebook as a report's document. */
export function useReport(
  notebookCase: Case | undefined,
  entries: readonly Entry[],
  title: string,
): { document: ReportDocument | null; failed: boolean } {
  const { answer, failed } = useAnswer(
    notebookCase ? entries : undefined,
    notebookCase ? () => reasoner().report({ case: notebookCase, entries: [...entries] }, title) : null,
  )
  return { document: answer, failed }
}

/** A question about the chemistry itself, told apart by `key`. */
export const useReference = <T>(key: string, ask: (worker: Remote<ReasoningWorker>) => Promise<T>): T | null =>
  useAnswer(key, () => ask(reasoner())).answer
