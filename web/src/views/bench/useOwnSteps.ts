import {
  gatesBefore,
  hintsOf,
  inHand,
  NotebookError,
  readProcedure,
  sayStep,
  type Entry,
  type GateAnswer,
  type ProcedureContext,
  type ReadStep,
  type StopGate,
  type Warning,
  type WorksheetPart,
} from '@foxing/core'
import { useMemo, useState } from 'react'
import type { LocalJar } from '../../state/local'
import type { Line } from '../../state/notebook'
import { pageOf, type PageRow } from '../../state/page'
import { reasoner } from '../../workers/useThought'
import type { Aim } from './useAim'
import type { LineReading } from './WritingLine'

interface Given {
  readonly jar: LocalJar | null
  readonly entries: readonly Entry[]
  readonly parts: readonly WorksheetPart[]
  /** The row that is open. */
  readonly target: PageRow | null
  readonly write: (lines: readonly Line[]) => Promise<readonly Entry[]>
  readonly lookAgain: Aim['lookAgain']
}

/** Steps that wait at a gate. */
interface Stopped {
  readonly title: string
  readonly gates: readonly StopGate[]
  readonly reading: LineReading
  /** The first of its steps that the gate stands before. */
  readonly at: number
  /** Told whether it was done, and kept; if not, the line is given back. */
  readonly end: (kept: boolean) => void
}

export interface OwnSteps {
  /** What a line tells of steps; null where it tells of none. */
  readonly read: (line: string) => LineReading | null
  /** Does what was read, and writes down what was seen of it; resolves to whether this device kept it. */
  readonly begin: (reading: LineReading) => Promise<boolean>
  readonly foresee: (steps: readonly ReadStep[]) => Promise<readonly Warning[]>
  readonly stopped: Stopped | null
  readonly goOn: (answer: GateAnswer) => void
  readonly leave: () => void
  /** The bench as steps that are done next find it. */
  readonly hand: ProcedureContext
  /** Takes a tube in hand: what is written next is done in it. */
  readonly hold: (tube: string) => void
  /** Half of a tube into a fresh one. */
  readonly halfOf: (tube: string) => LineReading
}

const NOTHING: ProcedureContext = {}
const LETTERS = [...'ABCDEFGHJKLMNPQRTUVWXYZ']
/** The first letter that no tube in use has. */
export const freeTube = (used: readonly string[]): string => LETTERS.find((letter) => !used.includes(letter)) ?? `T${used.length}`

/** Steps of one's own: read from the line or put together by touch, warned of, stopped at gates, and done. */
export function useOwnSteps({ jar, entries, parts, target, write, lookAgain }: Given): OwnSteps {
  const [stopped, setStopped] = useState<Stopped | null>(null)
  const [held, setHeld] = useState<{ readonly tube: string; readonly since: readonly Entry[] } | null>(null)
  const isHeld = held !== null && held.since === entries
  const vessel = isHeld ? held.tube : target?.test ? target.vessel : undefined
  const test = isHeld ? undefined : target?.test?.id
  const hand = useMemo(() => {
    if (!jar) return NOTHING
    try {
      return inHand(
        { case: jar.case, entries: [...entries] },
        { ...(vessel === undefined ? {} : { vessel }), ...(test === undefined ? {} : { test }) },
      )
    } catch (error) {
      // A notebook that names a test nobody knows is told so where it is thought through.
      if (error instanceof NotebookError) return NOTHING
      throw error
    }
  }, [jar, entries, vessel, test])

  const put = async ({ lines, rest }: LineReading, gate?: { readonly answer: GateAnswer; readonly at: number }): Promise<boolean> => {
    let of: string | undefined = target?.looks.at(-1)?.entry
    let place = -1
    const all: Line[] = []
    for (const line of lines)
      if ('did' in line) {
        of = crypto.randomUUID()
        place++
        all.push({ id: of, did: place === gate?.at ? { ...line.did, gate: gate.answer } : line.did })
      } else all.push({ saw: { ...line.saw, ...(of === undefined ? {} : { of }) } })
    const written = await write(all)
    if (written.length === 0) return false
    const row = pageOf([...entries, ...written], parts).find((r) => of !== undefined && r.entries.includes(of))
    if (rest.length > 0) await write([{ note: rest.join(' '), ...(row ? { about: row.id } : {}) }])
    if (row) lookAgain(row, row.looks.length - 1)
    return true
  }

  return {
    hand,
    stopped,
    read: (line) => {
      const reading = readProcedure(line, hand)
      return reading.lines.some((each) => 'did' in each) ? reading : null
    },
    begin: async (reading) => {
      const steps = reading.lines.flatMap((line) => ('did' in line ? [line.did] : []))
      if (jar) {
        const done: Entry[] = [...entries]
        for (const [at, did] of steps.entries()) {
          const gates = gatesBefore(did, { case: jar.case, entries: done })
          if (gates.length > 0) {
            return new Promise((end) => setStopped({ title: sayStep(did), gates, reading, at, end }))
          }
          done.push({ id: `draft ${at}`, at: '', did })
        }
      }
      return put(reading)
    },
    goOn: (answer) => {
      if (stopped) void put(stopped.reading, { answer, at: stopped.at }).then(stopped.end)
      setStopped(null)
    },
    leave: () => {
      stopped?.end(false)
      setStopped(null)
    },
    foresee: (steps) =>
      jar ? reasoner().foresee({ case: jar.case, entries: [...entries] }, steps, hintsOf(jar.case.hints, entries).hinted) : Promise.resolve([]),
    hold: (tube) => setHeld({ tube, since: entries }),
    halfOf: (tube) => ({
      lines: [{ did: { do: 'take', into: freeTube(hand.vessels ?? []), from: tube, mL: Math.max(0.1, (hand.holds?.[tube] ?? 1) / 2), upTo: true } }],
      rest: [],
    }),
  }
}
