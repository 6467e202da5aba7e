import { HINTS, type Case } from '@foxing/core'
import { useCallback, useEffect, useState, type SyntheticEvent } from 'react'
import { Link, useParams } from 'react-router'
import { api, asApiError, REVEALS, ROLES, type ApiError, type Class } from '../../state/api'
import { useSession } from '../../state/session'
import { CASE_OF, GIVEN_OUT, type SampleKind } from '../../state/samples'
import { Choice, Field } from '../../ui/Field'
import { Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { OpenCodes } from '../../ui/OpenCodes'
import { Problem } from '../../ui/Problem'
import { useTask } from '../../ui/useTask'
import { WorksheetPick, type Sheet } from '../../ui/WorksheetPick'

/** A class for the one who teaches it: its people, codes to let more in, and the unknowns given out. */
export function ClassView() {
  const { id = '' } = useParams()
  const me = useSession((s) => s.me)
  const [found, setFound] = useState<Class | null>(null)
  const [problem, setProblem] = useState<ApiError | null>(null)
  const load = useCallback(() => api.class(id).then(setFound, (error: unknown) => setProblem(asApiError(error))), [id])
  useEffect(() => void load(), [load])
  useEffect(() => {
    if (found) document.title = `${found.name} · Foxing`
  }, [found])
  if (!found)
    return (
      <Frame>
        <main className="p-8">
          {problem ? <Problem>{`${problem.message}. ${problem.todo}`}</Problem> : <h1 className="text-faint">Opening the class…</h1>}
        </main>
      </Frame>
    )
  return (
    <Frame
      about={<span className="truncate text-faint">class</span>}
      actions={
        <Link className="pressable flex items-center" to="/">
          shelf
        </Link>
      }
    >
      <main className="flex-1 overflow-auto">
        <div className="mx-auto grid max-w-5xl gap-8 px-6 py-8">
          <h1 className="text-3xl">{found.name}</h1>
          <section aria-label="unknowns" className="grid gap-3">
            <h2 className="text-2xl">Unknowns given out</h2>
            {found.jars.length === 0 && <p className="text-faint">None yet. Give some out below.</p>}
            <ul className="border-t border-rule">
              {found.jars.map((jar) => (
                <Given key={jar.id} jar={jar} onChange={() => void load()} />
              ))}
            </ul>
            <GiveOut found={found} onDone={() => void load()} />
          </section>
          <section aria-label="people" className="grid gap-3">
            <h2 className="text-2xl">People</h2>
            <ul className="border-t border-rule">
              {found.people.map((person) => (
                <Person key={person.id} person={person} classId={found.id} onChange={() => void load()} />
              ))}
            </ul>
            <Invite classId={found.id} administers={me?.role === 'administrator'} />
          </section>
        </div>
      </main>
    </Frame>
  )
}

function Given({ jar, onChange }: { readonly jar: Class['jars'][number]; readonly onChange: () => void }) {
  const [holds, setHolds] = useState<{ formula: string; name: string } | null>(null)
  const { busy, problem, run } = useTask()
  return (
    <li className="grid grid-cols-[7rem_12rem_1fr_auto] items-center gap-x-5 border-b border-rule bg-sheet px-5 py-2">
      <Link className="pressable flex items-center font-mono text-lg" to={`/jar/${jar.id}`}>
        {jar.code}
      </Link>
      <span>{jar.ownerName}</span>
      <span>
        {jar.concluded.length > 0 ? (
          <>
            concluded: <Said kind={jar.case.kind}>{jar.concluded.join(', ')}</Said>
          </>
        ) : jar.entries === 0 ? (
          <span className="text-faint">not begun</span>
        ) : (
          `${jar.entries} lines written`
        )}
        {holds && (
          <span className="block">
            holds {holds.name}, <Said kind={jar.case.kind}>{holds.formula}</Said>
          </span>
        )}
      </span>
      <span className="flex gap-5">
        {!holds && (
          <button type="button" className="pressable" disabled={busy} onClick={() => run(async () => setHolds(await api.answer(jar.id)))}>
            what it holds
          </button>
        )}
        {jar.opened ? (
          <span className="flex min-h-11 items-center text-faint">opened</span>
        ) : (
          <button type="button" className="pressable" disabled={busy} onClick={() => run(() => api.reveal(jar.id).then(onChange))}>
            open it to {jar.ownerName?.split(' ')[0]}
          </button>
        )}
      </span>
      <Problem>{problem}</Problem>
    </li>
  )
}

/** What a jar holds, or is said to hold: formulae as they are set, structures as they are written. */
function Said({ kind, children }: { readonly kind: Case['kind']; readonly children: string }) {
  return kind === 'organic' ? <span className="font-serif">{children}</span> : <Formula>{children}</Formula>
}

/** What may be named to be put into the jar, and how that is asked; mixtures are drawn. */
const WHICH: Readonly<Partial<Record<SampleKind, string>>> = {
  'one salt': 'the salt (left empty, drawn for each)',
  'an organic compound': 'the compound (left empty, drawn for each)',
}

function GiveOut({ found, onDone }: { readonly found: Class; readonly onDone: () => void }) {
  const students = found.people.filter((p) => p.role === 'student')
  const [to, setTo] = useState<'everybody' | (string & {})>('everybody')
  const [code, setCode] = useState('')
  const [title, setTitle] = useState('')
  const [sample, setSample] = useState<SampleKind>('one salt')
  const [holds, setHolds] = useState('')
  const [sheet, setSheet] = useState<Sheet | null>(null)
  const [hints, setHints] = useState<Case['hints']>('none')
  const [reveal, setReveal] = useState<(typeof REVEALS)[number]>('by instructor')
  const [date, setDate] = useState('')
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      await api.issue(found.id, {
        people: students.filter((s) => to === 'everybody' || s.name === to).map((s) => s.id),
        code: code.trim(),
        title: title.trim(),
        case: { hints, ...CASE_OF[sample], ...(sheet ? { worksheet: sheet.worksheet } : {}) },
        ...(holds.trim() === '' || WHICH[sample] === undefined ? {} : { holds: holds.trim() }),
        reveal,
        ...(reveal === 'on date' ? { revealOn: new Date(date).toISOString() } : {}),
      })
      setCode('')
      onDone()
    })
  }
  if (students.length === 0) return <p className="text-faint">There is no student in this class yet to give an unknown to.</p>
  return (
    <form aria-label="give out" className="flex flex-wrap items-end gap-x-5 gap-y-3" onSubmit={submit}>
      <h3 className="basis-full text-xl">Give out an unknown</h3>
      <Choice label="to" of={['everybody', ...students.map((s) => s.name)]} value={to} onChoose={setTo} />
      <Field label="code on the jar" className="w-32" required maxLength={20} value={code} onChange={(e) => setCode(e.target.value)} />
      <Field label="where it is from" className="flex-1" maxLength={200} value={title} onChange={(e) => setTitle(e.target.value)} />
      <Choice label="it holds" of={GIVEN_OUT} value={sample} onChoose={setSample} />
      {WHICH[sample] !== undefined && (
        <Field label={WHICH[sample]} className="w-72" face="font-serif" value={holds} onChange={(e) => setHolds(e.target.value)} />
      )}
      <Choice label="hints" of={HINTS} value={hints} onChoose={setHints} />
      <Choice label="opened" of={REVEALS} value={reveal} onChoose={setReveal} />
      {reveal === 'on date' && <Field label="at" type="datetime-local" required value={date} onChange={(e) => setDate(e.target.value)} />}
      <WorksheetPick
        sheet={sheet}
        run={run}
        onChange={(taken) => {
          setSheet(taken)
          // A worksheet that names its salt is about that one.
          if (taken && taken.salt !== null && holds === '') setHolds(taken.salt)
        }}
      />
      <button type="submit" className="pressable border border-russet px-5" disabled={busy}>
        Give out
      </button>
      <Problem>{problem}</Problem>
    </form>
  )
}

function Person({
  person,
  classId,
  onChange,
}: {
  readonly person: Class['people'][number]
  readonly classId: string
  readonly onChange: () => void
}) {
  const [code, setCode] = useState<string | null>(null)
  const { busy, problem, run } = useTask()
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-5 border-b border-rule bg-sheet px-5">
      <span className="w-56">{person.name}</span>
      <span className="flex-1 text-faint">{person.role}</span>
      {code !== null && (
        <span>
          <output className="font-mono text-xl">{code}</output>
          <span className="ml-3 text-sm text-faint">sets a new password, once, within a day</span>
        </span>
      )}
      {person.role === 'student' && code === null && (
        <button type="button" className="pressable" disabled={busy} onClick={() => run(async () => setCode((await api.resetCode(person.id)).code))}>
          a code for a new password
        </button>
      )}
      {person.role !== 'instructor' && (
        <button type="button" className="pressable" disabled={busy} onClick={() => run(() => api.removeFromClass(classId, person.id).then(onChange))}>
          take out of the class
        </button>
      )}
      <Problem>{problem}</Problem>
    </li>
  )
}

function Invite({ classId, administers }: { readonly classId: string; readonly administers: boolean }) {
  const [role, setRole] = useState<(typeof ROLES)[number]>('student')
  const [code, setCode] = useState<{ code: string; role: string } | null>(null)
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => setCode(await api.invite(classId, role)))
  }
  return (
    <form aria-label="invite" className="flex flex-wrap items-end gap-x-5 gap-y-3" onSubmit={submit}>
      <h3 className="basis-full text-xl">Let somebody in</h3>
      <Choice label="as" of={ROLES.filter((r) => administers || r !== 'administrator')} value={role} onChoose={setRole} />
      <button type="submit" className="pressable" disabled={busy}>
        make a code
      </button>
      {code !== null && (
        <p>
          <output className="font-mono text-2xl">{code.code}</output>
          <span className="ml-3 text-sm text-faint">
            for {code.role === 'student' ? 'thirty people' : 'one person'}, within seven days; shown this once
          </span>
        </p>
      )}
      <div className="basis-full">
        <OpenCodes key={code?.code} load={() => api.codesOfClass(classId)} />
      </div>
      <Problem>{problem}</Problem>
    </form>
  )
}
