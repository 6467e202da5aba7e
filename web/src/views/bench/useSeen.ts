import type { Entry, Seen } from '@foxing/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { api, ApiError } from '../../state/api'
import type { LocalJar } from '../../state/local'
import { runsOf, type PageRow } from '../../state/page'
import { flush } from '../../state/sync'
import { reasoner } from '../../workers/useThought'

/** What each row of a simulated jar showed: worked out here where this device drew it, else asked for once the row has reached the server. */
export function useSeen(
  jar: LocalJar | null,
  entries: readonly Entry[],
  rows: readonly PageRow[],
  unsaved: ReadonlySet<string>,
): { seen: ReadonlyMap<string, Seen>; looking: string } {
  const [seen, setSeen] = useState<ReadonlyMap<string, Seen>>(new Map())
  const [looking, setLooking] = useState('Looking…')
  const [tries, setTries] = useState(0)
  const asked = useRef(new Set<string>())
  // What was amended or struck out changes what later steps show: all is looked at anew.
  const amended = useMemo(() => entries.filter((e) => 'amended' in e && changesWork(e.amended.entry, entries)).length, [entries])
  const looked = useRef(amended)
  useEffect(() => {
    if (jar === null) return
    const { seed } = jar
    if (looked.current !== amended) {
      looked.current = amended
      asked.current.clear()
    }
    for (const entry of rows.flatMap(runsOf).flatMap((row) => row.entries)) {
      if ((seed === null && unsaved.has(entry)) || asked.current.has(entry)) continue
      asked.current.add(entry)
      const answer = seed === null ? api.seen(jar.id, entry) : reasoner().seen({ case: jar.case, entries: [...entries] }, entry, seed)
      answer.then(
        (shown) => setSeen((s) => new Map(s).set(entry, shown)),
        (error: unknown) => {
          asked.current.delete(entry)
          // What takes long goes on from where it stopped when it is asked for again.
          if (error instanceof ApiError && (error.status === 503 || error.status === 429)) setTimeout(() => setTries((n) => n + 1), 1500)
          setLooking(
            error instanceof ApiError
              ? `${error.message}. ${error.offline ? 'This unknown is simulated on the server: your notes are kept here, and the work goes on when it is back.' : error.todo}`
              : 'The simulation did not answer; reload to look again.',
          )
        },
      )
    }
    if (rows.flatMap(runsOf).some((r) => unsaved.has(r.id))) void flush()
  }, [jar, entries, rows, unsaved, tries, amended])
  return { seen, looking }
}

/** Whether an entry is one of work. */
const changesWork = (id: string, entries: readonly Entry[]): boolean => entries.some((e) => e.id === id && 'did' in e)
