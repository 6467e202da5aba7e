import { useState } from 'react'
import { nextLook, runsOf, unseen, type Look, type PageRow } from '../../state/page'

/** What one writes at: the open row, the run in it (the sample's, or a control beside it) and its look. */
export interface Aim {
  readonly openRow: PageRow | null
  readonly target: PageRow | null
  readonly lookAt: number
  readonly look: Look | undefined
  /** Ends the writing at a row. */
  readonly shut: (row: PageRow) => void
  /** Takes a row up again at one of its looks; what is open meanwhile waits for its turn. */
  readonly lookAgain: (row: PageRow, look: number) => void
  /** Aims at one look, or at whichever comes first again. */
  readonly aim: (at: { readonly row: string; readonly look: number } | null) => void
  /** Looks after this one that nothing was written at yet. */
  readonly ahead: () => readonly { readonly row: string; readonly look: number }[]
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
  const target = runs.find((r) => r.id === aimed?.row) ?? runs.find((r) => nextLook(r) >= 0) ?? openRow
  const lookAt = target ? (aimed?.row === target.id ? aimed.look : Math.max(0, nextLook(target))) : -1

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
  const ahead: Aim['ahead'] = () =>
    target
      ? [target, ...after()].flatMap((run) =>
          run.looks.flatMap((l, k) => (l.written.length === 0 && (run !== target || k > lookAt) ? [{ row: run.id, look: k }] : [])),
        )
      : []
  const skip = (): void => {
    if (!openRow || !target) return
    const [next] = after()
    if (lookAt + 1 < target.looks.length) setAimed({ row: target.id, look: lookAt + 1 })
    else if (next) setAimed({ row: next.id, look: Math.max(0, nextLook(next)) })
    else shut(openRow)
  }
  return { openRow, target, lookAt, look: target?.looks[lookAt], shut, lookAgain, aim: setAimed, ahead, skip }
}
