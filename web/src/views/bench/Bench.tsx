import {
  hintsOf,
  asAmended,
  cautionsOf,
  letterOf,
  observationsFromLook,
  observationSchema,
  everyTest,
  staysShut,
  gatesBefore,
  type GateAnswer,
  type StopGate,
  vesselFor,
  type Finding,
  type Observation,
  type Step,
  type Undone,
  type WorksheetPart,
} from '@foxing/core'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useParams } from 'react-router'
import { useNotebook } from '../../state/notebook'
import { looseNotes, nextLook, pageOf, readLine, type Control, type PageRow } from '../../state/page'
import { useOwnCompounds, withOwn } from '../../state/compounds'
import { useSession } from '../../state/session'
import { useWaits } from '../../state/waits'
import { Frame } from '../../ui/Frame'
import { useSame } from '../../ui/useSame'
import { reasoner, useThought } from '../../workers/useThought'
import { About, Actions } from './Actions'
import { Answer } from './Answer'
import { Concluded, type Claim } from './Concluded'
import { Contention } from './Contention'
import { Course } from './Course'
import { GateForm } from './GateForm'
import { useOwnSteps } from './useOwnSteps'
import { NoHints } from './NoHints'
import { OpeningPage } from './OpeningPage'
import { useAim } from './useAim'
import { useOnce } from './useOnce'
import { useJumps, useWaitOver } from './useJumps'
import { useOpening } from './useOpening'
import { useSeen } from './useSeen'
import { Conclude, Pencil } from './Pencil'
import { Picker } from './Picker'
import { OpenRow } from './OpenRow'
import { COLUMNS, Row, shownAt } from './Row'
import { ConcludePart, NextPart } from './Parts'
import { Fractions } from './Fractions'
import { Rack } from './Rack'
import { Tray } from './Tray'
import { WritingLine, type LineReading } from './WritingLine'

/** Work one jar: the page in the middle grows downwards. */
export function Bench() {
  const { id = '' } = useParams()
  const { jar, entries, authors, unsaved, problem, unkept, bare, elsewhere, open, close, write } = useNotebook()
  const me = useSession((s) => s.me?.id ?? null)
  const phase = useSession((s) => s.phase)
  // Opened again, too, once one has signed in again.
  useEffect(() => void open(id), [id, open, phase])
  useEffect(() => close, [close])
  useEffect(() => {
    if (jar) document.title = `${jar.code} · Foxing`
  }, [jar])

  const parts = useMemo(() => jar?.case.worksheet?.parts ?? [], [jar])
  const rows = useMemo(() => pageOf(entries, parts), [entries, parts])
  const mine = (row: PageRow): boolean => (authors.get(row.id) ?? me) === me
  const nameOf = (row: PageRow): string | null =>
    mine(row) ? null : (jar?.people.find((p) => p.id === authors.get(row.id))?.name ?? 'somebody who has left')
  const writable = jar?.writable !== false
  const { openRow, target, lookAt, look, shut, lookAgain, aim, taken, pass, skip } = useAim(rows, mine, writable)

  // With a finger as the only pointer the picker is open from the start.
  const [picking, setPicking] = useState(() => window.matchMedia('(pointer: coarse)').matches)
  const [doing, setDoing] = useState(false)
  // On a phone the standings are a page of their own.
  const [aside, setAside] = useState(false)
  const { seen, looking } = useSeen(jar?.kind === 'simulated' ? jar : null, entries, rows, unsaved)
  const own = useOwnCompounds((s) => s.list)
  const { thought, thinking, failed, through } = useThought(jar ? withOwn(jar.case, own) : undefined, entries)
  const chances = useMemo(() => (thought ? new Map(thought.standings.map((s) => [s.species, s.probability])) : null), [thought])
  const done = useMemo(() => new Set(rows.flatMap((r) => (r.test ? [r.test.id] : []))), [rows])
  const where = useCallback(
    (entry: string): string =>
      `row ${rows.findIndex((r) => r.entries.includes(entry) || r.looks.some((l) => l.written.some((w) => w.id === entry))) + 1}`,
    [rows],
  )

  useWaitOver(rows, lookAgain)
  const { begun, opening } = useOpening(openRow?.id ?? null, parts)
  const once = useOnce(entries)
  const beginWith = (lines: Parameters<typeof write>[0]): void =>
    once(() => {
      if (openRow) shut(openRow)
      const written = write(lines)
      begun(written)
      return written
    })
  /** A test that waits at a gate. */
  const [stopped, setStopped] = useState<{ readonly test: string; readonly gates: readonly StopGate[] } | null>(null)
  const begin = (test: string): void => {
    const did = { test, on: vesselFor(test, entries) }
    const gates = jar ? gatesBefore(did, { case: jar.case, entries }) : []
    if (gates.length > 0) setStopped({ test, gates })
    else beginWith([{ did }])
  }
  const beginStopped = (test: string, gate: GateAnswer): void => {
    setStopped(null)
    beginWith([{ did: { test, on: vesselFor(test, entries), gate } }])
  }
  const beginPart = (part: WorksheetPart, letter: string): void => beginWith(part.steps.map((did) => ({ did: { ...did, part: letter } })))
  const setBeside = (row: PageRow, kind: Control['kind'], holding?: string): void => {
    if (!row.test) return
    aim(null)
    const on = vesselFor(row.test.id, entries)
    const did = { test: row.test.id, on, control: kind, beside: row.id, ...(holding === undefined ? {} : { holding }) }
    once(() => write([{ did }]))
  }
  /** Resolves to whether this device kept it. */
  const save = async (observations: readonly Observation[], rest: readonly string[]): Promise<boolean> => {
    if (!target) return false
    const lines = linesOf(observations, rest, target)
    if (observations.length === 0) {
      pass()
      return isKept(write(lines))
    }
    const giveBack = taken()
    const kept = await isKept(write(lines))
    if (!kept) giveBack()
    return kept
  }
  const ownSteps = useOwnSteps({ jar, entries, parts, target, write, lookAgain })
  const read = (line: string): LineReading => {
    const told = ownSteps.read(line)
    if (told) return told
    if (!target || !look) return { lines: [], rest: [line] }
    const { observations, rest } = readLine(line, target, look)
    return { lines: observations.map((saw) => ({ saw })), rest }
  }
  const writeLine = async (line: string, reading: LineReading): Promise<boolean> => {
    if (reading.lines.some((l) => 'did' in l)) return ownSteps.begin(reading)
    const coming = opening()
    if (coming) {
      const there = await coming
      if (!there) return isKept(write([{ note: line }]))
      const { observations, rest } = there.look ? readLine(line, there.row, there.look) : { observations: [], rest: [line] }
      return isKept(write(linesOf(observations, rest, there.row)))
    }
    if (!target || !look) return isKept(write([{ note: line }]))
    const { observations, rest } = readLine(line, target, look)
    return save(observations, rest)
  }
  const shown = look ? shownAt(look, seen) : undefined
  const asSeen = (): void => {
    if (shown)
      void save(
        observationsFromLook(shown, look?.asks).map((o) => observationSchema.parse({ ...o, of: look?.entry })),
        [],
      )
  }
  const claims = useMemo(
    (): Claim[] =>
      asAmended({ entries: [...entries] }).flatMap(({ entry, withdrawn }) =>
        'concluded' in entry && !withdrawn ? [{ id: entry.id, ...entry.concluded }] : [],
      ),
    [entries],
  )
  // What was concluded of one part stands with it, and ends nothing.
  const concluded = claims.filter((c) => partOfClaim(c) === null)
  const mixed = jar?.case.kind === 'mixture'
  // While a tube stands the next may be begun.
  const waits = useWaits((s) => s.list)
  const standing = openRow !== null && waits.some((w) => w.row === openRow.id)
  const conclude = (claims: readonly string[], claim: 'present' | 'confirmed'): void => {
    const likely = thought?.standings.filter((s) => s.probability > 0.5) ?? []
    const citing = (ions: typeof likely): string[] => [...new Set(ions.flatMap((s) => s.evidence.filter((e) => e.weight >= 0.3).map((e) => e.entry)))]
    once(() =>
      write(
        claims.map((species) => ({ concluded: { species, claim, citing: citing(mixed ? likely.filter((s) => s.species === species) : likely) } })),
      ),
    )
  }
  const { hinted, asked } = hintsOf(jar?.case.hints, entries)
  const findingsOf = (entry: string): Finding[] => (hinted ? (thought?.advice.review.filter((f) => f.entry === entry) ?? []) : [])
  const undo = ({ finding, entry }: Finding): Promise<Undone | null> =>
    jar
      ? reasoner().undone({ case: jar.case, entries: [...entries] }, finding, entry, jar.kind === 'simulated' ? jar.seed : null)
      : Promise.resolve(null)
  const idle = openRow === null && !thinking && thought !== null
  const complete = thought?.advice.complete === true
  // Nothing is put into a person's mouth that may be thought better of in a minute.
  const firm = complete && through !== 'meanwhile'
  // The same functions from line to line, so that rows in which nothing changed need not be drawn anew.
  const lookingAgain = useSame((row: PageRow) => lookAgain(row, Math.max(0, nextLook(row))))
  const undoing = useSame(undo)
  const wasteOf = useSame((of: readonly string[]) =>
    jar ? reasoner().waste({ case: jar.case, entries: [...entries] }, of, hinted) : Promise.reject(new Error('no jar')),
  )
  useJumps()

  if (!jar) return <OpeningPage problem={problem} />
  return (
    <Frame
      about={<About jar={jar} />}
      actions={<Actions jar={jar} unsaved={unsaved.size} elsewhere={elsewhere} writable={writable} onAside={() => setAside(true)} />}
    >
      {[unkept, problem].map(
        (wrong) =>
          wrong && (
            <p key={wrong.message} role="alert" className="border-b border-rule bg-sheet px-5 py-2">
              <strong>{wrong.message}.</strong> {wrong.todo}
            </p>
          ),
      )}
      {elsewhere > 0 && (
        <p role="status" className="border-b border-rule bg-sheet px-5 py-2">
          <strong>{elsewhere === 1 ? 'One line' : `${elsewhere} lines`} of this notebook are on the server, which is not reached.</strong> They come
          by themselves once it is back. What you write meanwhile is kept here, and stands after them.
        </p>
      )}
      <div className="flex min-h-0 flex-1">
        <Course rows={rows} of={jar.case} entries={entries} />
        <main className="flex min-w-0 flex-1 flex-col overflow-auto bg-sheet" aria-label="notebook page">
          <div className={`${COLUMNS} sticky top-0 z-[1] border-b border-ink bg-sheet px-5 py-2 text-sm text-faint`} aria-hidden>
            <span className="max-md:hidden md:pl-8">test</span>
            <span className="max-md:hidden">observation</span>
            <span className="max-md:hidden">inference</span>
          </div>
          {mixed && <Fractions entries={entries} chances={hinted ? chances : null} />}
          {looseNotes(entries).map(({ id: entry, note }) => (
            <p key={entry} className="px-5 py-2 md:pl-13 text-faint">
              note: {note}
            </p>
          ))}
          <h2 className="sr-only">tests</h2>
          <ol>
            {rows.map((row, i) =>
              row === openRow ? (
                <OpenRow
                  key={row.id}
                  row={row}
                  number={i + 1}
                  target={target?.id ?? row.id}
                  at={lookAt}
                  seen={seen}
                  looking={jar.kind === 'simulated' && !row.entries.every((e) => seen.has(e)) ? looking : null}
                  canAmend={jar.kind === 'real' || jar.seed !== null}
                  cautions={cautionsFor(row)}
                  onLook={(run, k) => aim({ row: run, look: k })}
                  onBeside={(kind, holding) => setBeside(row, kind, holding)}
                  onAsSeen={asSeen}
                  jar={jar}
                  onClose={() => shut(row)}
                  onStrike={(entry) => void write([{ amended: { entry, with: { withdrawn: true } } }])}
                  onAmend={(entry, changes) => void write([{ amended: { entry, with: changes } }])}
                  onNote={(note) => void write([{ note, about: row.id }])}
                  wasteOf={wasteOf}
                />
              ) : (
                <Row
                  key={row.id}
                  row={row}
                  number={i + 1}
                  seen={seen}
                  inference={hinted ? row.entries.flatMap((e) => thought?.inferences[e] ?? []) : []}
                  findings={row.entries.flatMap(findingsOf)}
                  undo={undoing}
                  unsaved={phase === 'guest' ? NONE : unsaved}
                  by={nameOf(row)}
                  onAgain={writable && mine(row) && row.looks.length > 0 ? lookingAgain : null}
                >
                  {row.part === null ? undefined : (
                    <ConcludePart
                      letter={row.part}
                      claims={claims.filter((c) => partOfClaim(c) === row.part)}
                      asked={asksConclusion(parts, row.part)}
                      onConclude={
                        writable && mine(row)
                          ? (species, claim) => void write([{ concluded: { species, claim, citing: [...row.entries], part: row.part ?? '' } }])
                          : null
                      }
                      onStrike={(entry) => void write([{ amended: { entry, with: { withdrawn: true } } }])}
                    />
                  )}
                </Row>
              ),
            )}
          </ol>
          {ownSteps.stopped && (
            <GateForm
              key={ownSteps.stopped.title}
              gates={ownSteps.stopped.gates}
              title={ownSteps.stopped.title}
              onOpen={ownSteps.goOn}
              onLeave={ownSteps.leave}
              judge={judge}
            />
          )}
          {concluded.map((c) => (
            <Concluded key={c.id} claim={c} where={where} findings={findingsOf(c.id)} undo={undo} />
          ))}
          {jar.kind === 'simulated' && concluded.length > 0 && <Answer jar={jar} entries={entries} saved={unsaved.size === 0} />}
          {writable && (openRow === null || standing) && concluded.length === 0 && (
            <NextPart parts={parts} done={new Set(rows.flatMap((r) => r.part ?? []))} onBegin={beginPart} />
          )}
          {writable &&
            (openRow === null || standing) &&
            concluded.length === 0 &&
            elsewhere === 0 &&
            (bare || entries.length > 0) &&
            (stopped ? (
              <GateForm
                key={stopped.test}
                gates={stopped.gates}
                title={everyTest.get(stopped.test)?.title ?? stopped.test}
                onOpen={(answer) => beginStopped(stopped.test, answer)}
                onLeave={() => setStopped(null)}
                judge={judge}
              />
            ) : (
              <Pencil
                proposals={hinted && parts.length === 0 ? (thought?.advice.next ?? []) : []}
                complete={hinted && complete}
                thinking={hinted && thinking}
                through={through}
                of={jar.case}
                done={done}
                focus={idle && !complete}
                onBegin={begin}
              />
            ))}
          {writable && openRow === null && rows.length > 0 && concluded.length === 0 && (
            <Conclude
              kind={jar.case.kind}
              suggested={hinted && firm ? thought.formulae[0]?.formula : undefined}
              focus={idle && firm}
              onConclude={conclude}
            />
          )}
          {(bare || entries.length > 0) && rows.length === 0 && <Safety />}
          <Bottom on={`${rows.length} ${lookAt} ${String(idle)} ${concluded.length}`} />
        </main>
        <div className={`flex shrink-0 ${aside ? 'max-md:fixed max-md:inset-0 max-md:z-20 max-md:flex-col max-md:bg-card' : 'max-md:hidden'}`}>
          <button type="button" className="pressable self-end px-5 md:hidden" onClick={() => setAside(false)}>
            back to the page
          </button>
          {elsewhere > 0 ? (
            <p className="w-72 p-5 text-faint">What the record says is worked out once all of it is here.</p>
          ) : hinted ? (
            <Contention thought={thought} thinking={thinking} failed={failed} kind={jar.case.kind} where={where} />
          ) : (
            <NoHints asking={jar.case.hints === 'on request'} asked={asked} onAsk={() => void write([{ hint: { number: asked + 1 } }])} />
          )}
        </div>
      </div>
      {writable && picking && target && look && (
        <Picker
          row={target}
          look={look}
          offering={jar.case.hints !== 'none'}
          onWrite={(observations) => void save(observations, [])}
          onClose={() => setPicking(false)}
        />
      )}
      {writable && (
        <Rack
          of={jar.case}
          entries={entries}
          rows={rows}
          seen={seen}
          held={ownSteps.hand.vessel}
          onHold={ownSteps.hold}
          onLook={(tube) => void ownSteps.begin(justDone({ do: 'look', at: tube }))}
          onSplit={(tube) => void ownSteps.begin(ownSteps.halfOf(tube))}
        />
      )}
      {writable && doing && <Tray hand={ownSteps.hand} onDo={(step) => void ownSteps.begin(justDone(step))} onClose={() => setDoing(false)} />}
      {writable && (
        <WritingLine
          key={id}
          draft={id}
          prompt={target && look ? { tube: (target.own ? ownSteps.hand.vessel : target.vessel) || '·', look: look.prompt } : null}
          focusKey={target ? `${target.id} ${lookAt} ${String(shown !== undefined)}` : ''}
          canCopy={shown !== undefined}
          read={read}
          foresee={ownSteps.foresee}
          onWrite={writeLine}
          onSkip={skip}
          onAsSeen={asSeen}
          doing={doing}
          onDo={() => setDoing(!doing)}
          picking={picking}
          onPick={openRow && look ? () => setPicking(!picking) : null}
        />
      )}
    </Frame>
  )
}

/** One step by itself, nothing written of it yet. */
const justDone = (did: Step): LineReading => ({ lines: [{ did }], rest: [] })

/** Why a gate stays shut with an answer; null where it opens. */
const judge = async (gate: StopGate, answer: GateAnswer): Promise<string | null> =>
  gate.wants === 'compound' && answer.compound !== undefined ? reasoner().mayFuse(answer.compound) : staysShut(gate, answer)

/** Whether this device kept what was written. */
const isKept = async (written: Promise<readonly unknown[]>): Promise<boolean> => (await written).length > 0

/** What was read of a line, as it is written of a row; what was not understood is a note of it. */
const linesOf = (
  observations: readonly Observation[],
  rest: readonly string[],
  row: PageRow,
): ({ saw: Observation } | { note: string; about: string })[] => [
  ...observations.map((saw) => ({ saw })),
  ...(rest.length > 0 ? [{ note: rest.join(' '), about: row.id }] : []),
]

/** The part of a worksheet that something was concluded from; null for what is concluded of the jar. */
const partOfClaim = ({ part }: Claim): string | null => part ?? null
const asksConclusion = (parts: readonly WorksheetPart[], letter: string): boolean => {
  const asks = parts.find((p, k) => letterOf(p, k) === letter)?.asks
  return asks === undefined || asks.includes('conclusion')
}

const NONE: ReadonlySet<string> = new Set()

const cautionsFor = ({ work }: PageRow): string[] => (work ? cautionsOf(work) : [])

/** Keeps the foot of the page in sight as it grows. */
function Bottom({ on }: { readonly on: string }) {
  const end = useRef<HTMLDivElement>(null)
  useEffect(() => {
    // In the frame that lays the page out anyway, not in the task that drew what is new.
    const frame = requestAnimationFrame(() => end.current?.scrollIntoView({ block: 'end' }))
    return () => cancelAnimationFrame(frame)
  }, [on])
  return <div ref={end} />
}

function Safety() {
  return (
    <p className="max-w-[70ch] px-5 pb-4 md:pl-13 text-sm text-faint">
      Foxing teaches and keeps records; it is not a risk assessment. Goggles on, and follow your supervisor, the local code and the safety data
      sheets.
    </p>
  )
}
