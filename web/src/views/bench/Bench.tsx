import {
  asAmended,
  cautionsOf,
  letterOf,
  observationsFromLook,
  observationSchema,
  vesselFor,
  type Finding,
  type Observation,
  type Undone,
  type WorksheetPart,
} from '@foxing/core'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { LocalJar } from '../../state/local'
import { useNotebook } from '../../state/notebook'
import { looseNotes, nextLook, pageOf, readLine, runsOf, unseen, type Control, type PageRow } from '../../state/page'
import { useOwnCompounds, withOwn } from '../../state/compounds'
import { useSession } from '../../state/session'
import { useWaits } from '../../state/waits'
import { Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { Saving } from '../../ui/Saving'
import { useSame } from '../../ui/useSame'
import { reasoner, useThought } from '../../workers/useThought'
import { Contention } from './Contention'
import { Answer } from './Answer'
import { Course } from './Course'
import { NoHints } from './NoHints'
import { useJumps, useWaitOver } from './useJumps'
import { useOpening } from './useOpening'
import { useSeen } from './useSeen'
import { Conclude, Pencil } from './Pencil'
import { Partners } from './Partners'
import { Picker } from './Picker'
import { OpenRow } from './OpenRow'
import { COLUMNS, Row, shownAt } from './Row'
import { ConcludePart, NextPart } from './Parts'
import { Shortcuts } from './Shortcuts'
import { Findings } from './Findings'
import { Fractions } from './Fractions'
import { WritingLine } from './WritingLine'

/** Work one jar: the page in the middle grows downwards. */
export function Bench() {
  const { id = '' } = useParams()
  const { jar, entries, authors, unsaved, problem, bare, open, close, write } = useNotebook()
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
  // What a partner is at stays theirs to write in.
  const last = rows.findLast((r) => (authors.get(r.id) ?? me) === me)
  const nameOf = (row: PageRow): string | null => {
    const author = authors.get(row.id) ?? me
    return author === me ? null : (jar?.people.find((p) => p.id === author)?.name ?? 'somebody who has left')
  }
  const [closed, setClosed] = useState<ReadonlySet<string>>(new Set())
  const [aimed, setAimed] = useState<{ row: string; look: number } | null>(null)
  // A row taken up again: a tube that stood meanwhile, or words to be changed.
  const [again, setAgain] = useState<string | null>(null)
  const mine = (row: PageRow): boolean => (authors.get(row.id) ?? me) === me
  const writable = jar?.writable !== false
  const reopened = rows.find((r) => r.id === again && mine(r) && r.looks.length > 0)
  const current = last && !closed.has(last.id) && unseen(last) ? last : null
  const openRow = writable ? (reopened ?? current) : null
  // The sample's run is written about first, then each control beside it.
  const runs = openRow ? runsOf(openRow) : []
  const target = runs.find((r) => r.id === aimed?.row) ?? runs.find((r) => nextLook(r) >= 0) ?? openRow
  const lookAt = target ? (aimed?.row === target.id ? aimed.look : Math.max(0, nextLook(target))) : -1
  const look = target?.looks[lookAt]

  // With a finger as the only pointer the picker is open from the start.
  const [picking, setPicking] = useState(() => window.matchMedia('(pointer: coarse)').matches)
  // On a phone the standings are a page of their own.
  const [aside, setAside] = useState(false)
  const { seen, looking } = useSeen(jar?.kind === 'simulated' ? jar : null, entries, rows, unsaved)
  const own = useOwnCompounds((s) => s.list)
  const { thought, thinking, failed } = useThought(jar ? withOwn(jar.case, own) : undefined, entries)
  const chances = useMemo(() => (thought ? new Map(thought.standings.map((s) => [s.species, s.probability])) : null), [thought])
  const done = useMemo(() => new Set(rows.flatMap((r) => (r.test ? [r.test.id] : []))), [rows])
  const where = useCallback(
    (entry: string): string =>
      `row ${rows.findIndex((r) => r.entries.includes(entry) || r.looks.some((l) => l.written.some((w) => w.id === entry))) + 1}`,
    [rows],
  )

  const shut = (row: PageRow): void => {
    setClosed(new Set([...closed, row.id]))
    setAgain(null)
  }
  const lookAgain = (row: PageRow, look: number): void => {
    // What is open now waits for its turn: it is taken up again in the same way.
    if (openRow && openRow.id !== row.id) setClosed(new Set([...closed, openRow.id]))
    setAgain(row.id)
    setAimed({ row: row.id, look })
  }
  useWaitOver(rows, lookAgain)
  const { begun, opening } = useOpening(openRow?.id ?? null, parts)
  const begin = (test: string): void => {
    if (openRow) shut(openRow)
    begun(write([{ did: { test, on: vesselFor(test, entries) } }]))
  }
  const beginPart = (part: WorksheetPart, letter: string): void => {
    if (openRow) shut(openRow)
    begun(write(part.steps.map((did) => ({ did: { ...did, part: letter } }))))
  }
  const setBeside = (row: PageRow, kind: Control['kind'], holding?: string): void => {
    if (!row.test) return
    setAimed(null)
    const on = vesselFor(row.test.id, entries)
    void write([{ did: { test: row.test.id, on, control: kind, beside: row.id, ...(holding === undefined ? {} : { holding }) } }])
  }
  const save = (observations: readonly Observation[], rest: readonly string[]): void => {
    if (!target) return
    // The next look is aimed at now, not when the line has been kept: whoever types fast is not to write twice at one.
    const ahead = [target, ...runs.slice(runs.indexOf(target) + 1)].flatMap((run) =>
      run.looks.flatMap((l, k) => (l.written.length === 0 && (run !== target || k > lookAt) ? [{ row: run.id, look: k }] : [])),
    )
    setAimed(ahead[0] ?? null)
    void write(linesOf(observations, rest, target))
  }
  const writeLine = (line: string): void => {
    const coming = opening()
    if (coming)
      void coming.then((there) => {
        if (!there) return write([{ note: line }])
        const { observations, rest } = there.look ? readLine(line, there.row, there.look) : { observations: [], rest: [line] }
        return write(linesOf(observations, rest, there.row))
      })
    else if (target && look) {
      const { observations, rest } = readLine(line, target, look)
      save(observations, rest)
    } else void write([{ note: line }])
  }
  const shown = look ? shownAt(look, seen) : undefined
  const asSeen = (): void => {
    if (shown)
      save(
        observationsFromLook(shown, look?.prompt).map((o) => observationSchema.parse({ ...o, of: look?.entry })),
        [],
      )
  }
  const skip = (): void => {
    if (!openRow || !target) return
    const next = runs[runs.indexOf(target) + 1]
    if (lookAt + 1 < target.looks.length) setAimed({ row: target.id, look: lookAt + 1 })
    else if (next) setAimed({ row: next.id, look: Math.max(0, nextLook(next)) })
    else shut(openRow)
  }
  const claims = useMemo(
    () =>
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
    void write(
      claims.map((species) => ({ concluded: { species, claim, citing: citing(mixed ? likely.filter((s) => s.species === species) : likely) } })),
    )
  }
  // Each hint asked for is a line of the notebook, so that it is counted wherever the notebook goes; it holds until the next line of work.
  const asked = entries.filter((e) => 'note' in e && e.note.startsWith(HINT)).length
  const lastLine = entries.findLast((e) => 'did' in e || ('note' in e && e.note.startsWith(HINT)))
  const hinted = jar?.case.hints === 'open' || (jar?.case.hints === 'on request' && lastLine !== undefined && 'note' in lastLine)
  const findingsOf = (entry: string): Finding[] => (hinted ? (thought?.advice.review.filter((f) => f.entry === entry) ?? []) : [])
  const undo = ({ finding, entry }: Finding): Promise<Undone | null> =>
    jar
      ? reasoner().undone({ case: jar.case, entries: [...entries] }, finding, entry, jar.kind === 'simulated' ? jar.seed : null)
      : Promise.resolve(null)
  const ask = (): void => void write([{ note: `${HINT} ${asked + 1}` }])
  const idle = openRow === null && !thinking && thought !== null
  const complete = thought?.advice.complete === true
  // The same functions from line to line, so that rows in which nothing changed need not be drawn anew.
  const lookingAgain = useSame((row: PageRow) => lookAgain(row, Math.max(0, nextLook(row))))
  const undoing = useSame(undo)
  useJumps()

  if (!jar)
    return (
      <Frame>
        <main className="p-8">
          {problem ? (
            <p role="alert">
              <strong>{problem.message}.</strong> {problem.todo}{' '}
              <Link className="pressable" to="/">
                Back to the shelf
              </Link>
            </p>
          ) : (
            <p className="text-faint">Opening the notebook…</p>
          )}
        </main>
      </Frame>
    )
  return (
    <Frame
      about={
        <>
          <h1 className="shrink-0 font-mono text-xl">{jar.code}</h1>
          <span className="truncate text-faint">{jar.title || (jar.kind === 'simulated' ? 'simulated unknown' : KINDS[jar.case.kind])}</span>
        </>
      }
      actions={
        <>
          <Saving unsaved={unsaved.size + (jar.saved === 0 ? 1 : 0)} />
          <Partners jar={jar} />
          {writable && (
            <Link className="pressable flex items-center" to={`/jar/${id}/photo`}>
              picture
            </Link>
          )}
          <Link className="pressable flex items-center" to={`/jar/${id}/report`}>
            report
          </Link>
          <button type="button" className="pressable md:hidden" onClick={() => setAside(true)}>
            in contention
          </button>
          <span className="max-md:hidden">
            <Shortcuts />
          </span>
        </>
      }
    >
      {problem && (
        <p role="alert" className="border-b border-rule bg-sheet px-5 py-2">
          <strong>{problem.message}.</strong> {problem.todo}
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
          {looseNotes(entries).map(({ id: entry, note }) =>
            note.startsWith(HINT) ? null : (
              <p key={entry} className="px-5 py-2 md:pl-13 text-faint">
                note: {note}
              </p>
            ),
          )}
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
                  cautions={cautionsFor(row)}
                  onLook={(run, k) => setAimed({ row: run, look: k })}
                  onBeside={(kind, holding) => setBeside(row, kind, holding)}
                  onAsSeen={asSeen}
                  jar={jar}
                  onClose={() => shut(row)}
                  onStrike={(entry) => void write([{ amended: { entry, with: { withdrawn: true } } }])}
                  onAmend={(entry, changes) => void write([{ amended: { entry, with: changes } }])}
                  onNote={(note) => void write([{ note, about: row.id }])}
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
          {concluded.map((c) => (
            <div key={c.id} className="border-b border-rule px-5 py-3 md:pl-13">
              <h3 className="text-xl">
                The jar holds <Formula>{c.species}</Formula>, {c.claim}.
              </h3>
              <p className="text-faint">{c.citing.length > 0 ? `Citing ${[...new Set(c.citing.map(where))].join(', ')}.` : 'No row cited.'}</p>
              <Findings findings={findingsOf(c.id)} undo={undo} />
            </div>
          ))}
          {jar.kind === 'simulated' && concluded.length > 0 && <Answer jar={jar} entries={entries} saved={unsaved.size === 0} />}
          {writable && (openRow === null || standing) && concluded.length === 0 && (
            <NextPart parts={parts} done={new Set(rows.flatMap((r) => r.part ?? []))} onBegin={beginPart} />
          )}
          {writable && (openRow === null || standing) && concluded.length === 0 && (bare || entries.length > 0) && (
            <Pencil
              proposals={hinted && parts.length === 0 ? (thought?.advice.next ?? []) : []}
              complete={hinted && complete}
              thinking={hinted && thinking}
              of={jar.case}
              done={done}
              focus={idle && !complete}
              onBegin={begin}
            />
          )}
          {writable && openRow === null && rows.length > 0 && concluded.length === 0 && (
            <Conclude
              kind={jar.case.kind}
              suggested={hinted && complete ? thought.formulae[0]?.formula : undefined}
              focus={idle && complete}
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
          {hinted ? (
            <Contention thought={thought} thinking={thinking} failed={failed} kind={jar.case.kind} where={where} />
          ) : (
            <NoHints asking={jar.case.hints === 'on request'} asked={asked} onAsk={ask} />
          )}
        </div>
      </div>
      {writable && picking && target && look && (
        <Picker
          row={target}
          look={look}
          offering={jar.case.hints !== 'none'}
          onWrite={(observations) => save(observations, [])}
          onClose={() => setPicking(false)}
        />
      )}
      {writable && (
        <WritingLine
          key={id}
          draft={id}
          prompt={target && look ? { tube: target.vessel || '·', look: look.prompt } : null}
          focusKey={target ? `${target.id} ${lookAt} ${String(shown !== undefined)}` : ''}
          canCopy={shown !== undefined}
          read={(line) => (target && look ? readLine(line, target, look) : { observations: [], rest: [line] })}
          onWrite={writeLine}
          onSkip={skip}
          onAsSeen={asSeen}
          picking={picking}
          onPick={openRow && look ? () => setPicking(!picking) : null}
        />
      )}
    </Frame>
  )
}

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
const partOfClaim = ({ part }: { readonly part?: string | undefined }): string | null => part ?? null
const asksConclusion = (parts: readonly WorksheetPart[], letter: string): boolean => {
  const asks = parts.find((p, k) => letterOf(p, k) === letter)?.asks
  return asks === undefined || asks.includes('conclusion')
}

/** What a jar holds, by the kind of its case. */
const KINDS: Readonly<Record<LocalJar['case']['kind'], string>> = { salt: 'one salt', mixture: 'a mixture', organic: 'an organic compound' }

const NONE: ReadonlySet<string> = new Set()
/** How a line begins that says a hint was asked for. */
const HINT = 'hint asked for, no.'

const cautionsFor = ({ work }: PageRow): string[] => (work ? cautionsOf(work) : [])

/** Keeps the foot of the page in sight as it grows. */
function Bottom({ on }: { readonly on: string }) {
  const end = useRef<HTMLDivElement>(null)
  useEffect(() => void end.current?.scrollIntoView({ block: 'end' }), [on])
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
