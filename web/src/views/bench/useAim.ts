import { useEffect, useState } from 'react'
import { runsOf, unseen, type Look, type PageRow } from '../../state/page'

/** What one writes at: the open row, the run in it (the sample's, or a control beside it) and its look. */
export interface Aim {
  readonly openRow: PageRow | null
  readonly target: PageRow | null
  /** −1 where all is written of, and some of it is not on the page yet. */
  readonly lookAt: number
  readonly look: Look | undefined
  /** Ends the writing at a row. */
  readonly shut: (row: PageRow) => void
  /** Takes a row up again at one of its looks; what is open meanwhile waits for its turn. */
  readonly lookAgain: (row: PageRow, look: number) => void
  /** Aims at one look, or at whichever comes first again. */
  readonly aim: (at: { readonly row: string; readonly look: number } | null) => void
  /** Counts what one writes at as written, and goes on to the next look at once: a line is on the page only when it has been kept, and whoever types fast is not to write twice at one look. What is returned takes that back. */
  readonly taken: () => () => void
  /** Goes on to the next look, though nothing was written of this one. */
  readonly pass: () => void
  /** Passes a look over. */
  readonly skip: () => void
}

/**
 * @param rows of the page
 * @param mine whether a row is one's own to write in
 */
export function useAim(rows: readonly PageRow[], mine: (row: PageRow) => boolean, writable: boolean): Aim {
  const [closed, setClosed] = useState<ReadonlySet<string>>(new Set())
  const [aimed, setAimed] = useState<{ readonly row: string; readonly look: number } | null>(null)
  // A row taken up again: a tube that stood meanwhile, or words to be changed.
  const [again, setAgain] = useState<string | null>(null)
  // What a partner is at stays theirs to write in.
  const last = rows.findLast(mine)
  const reopened = rows.find((r) => r.id === again && mine(r) && r.looks.length > 0)
  const current = last && !closed.has(last.id) && unseen(last) ? last : null
  const openRow = writable ? (reopened ?? current) : null
  // The sample's run is written about first, then each control beside it.
  const runs = openRow ? runsOf(openRow) : []
  const [pending, setPending] = useState<ReadonlySet<string>>(new Set())
  useEffect(() => {
    const landed = rows.flatMap(runsOf).flatMap((run) => run.looks.flatMap((l, k) => (l.written.length > 0 ? [keyOf(run.id, k)] : [])))
    setPending((before) => (landed.some((key) => before.has(key)) ? new Set([...before].filter((key) => !landed.includes(key))) : before))
  }, [rows])
  const isFree = (run: PageRow, look: number): boolean => run.looks[look]?.written.length === 0 && !pending.has(keyOf(run.id, look))
  const freeOf = (run: PageRow): number => run.looks.findIndex((_, k) => isFree(run, k))
  const target = runs.find((r) => r.id === aimed?.row) ?? runs.find((r) => freeOf(r) >= 0) ?? openRow
  const isPending = runs.some((run) => run.looks.some((_, k) => pending.has(keyOf(run.id, k))))
  const unaimed = (run: PageRow): number => (isPending ? freeOf(run) : Math.max(0, freeOf(run)))
  const lookAt = target ? (aimed?.row === target.id ? aimed.look : unaimed(target)) : -1

  const shut = (row: PageRow): void => {
    setClosed(new Set([...closed, row.id]))
    setAgain(null)
  }
  const lookAgain = (row: PageRow, look: number): void => {
    if (openRow && openRow.id !== row.id) setClosed(new Set([...closed, openRow.id]))
    setAgain(row.id)
    setAimed({ row: row.id, look })
  }
  const after = (): readonly PageRow[] => (target ? runs.slice(runs.indexOf(target) + 1) : [])
  const pass = (): void => {
    const ahead = (target ? [target, ...after()] : []).flatMap((run) =>
      run.looks.flatMap((_, k) => (isFree(run, k) && (run !== target || k > lookAt) ? [{ row: run.id, look: k }] : [])),
    )
    setAimed(ahead[0] ?? null)
  }
  const taken: Aim['taken'] = () => {
    pass()
    if (!target || target.looks[lookAt]?.written.length !== 0) return () => undefined
    const key = keyOf(target.id, lookAt)
    setPending((before) => new Set([...before, key]))
    return () => setPending((before) => new Set([...before].filter((k) => k !== key)))
  }
  const skip = (): void => {
    if (!openRow || !target) return
    const [next] = after()
    if (lookAt + 1 < target.looks.length) setAimed({ row: target.id, look: lookAt + 1 })
    else if (next) setAimed({ row: next.id, look: Math.max(0, freeOf(next)) })
    else shut(openRow)
  }
  return { openRow, target, lookAt, look: target?.looks[lookAt], shut, lookAgain, aim: setAimed, taken, pass, skip }
}

const keyOf = (run: string, look: number): string => `${run} ${look}`
