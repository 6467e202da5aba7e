import { caseSchema, HINTS, notebookSchema, saidOfJar, type Notebook } from '@foxing/core'
import { useLiveQuery } from './useLiveQuery'
import { Plus, Upload } from 'lucide-react'
import { useEffect, useState, type SyntheticEvent } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, asApiError, teaches, type ApiError } from '../../state/api'
import { asJson } from '../../state/json'
import { deviceId, local, type LocalJar } from '../../state/local'
import { CASE_OF, SAMPLES, type SampleKind } from '../../state/samples'
import { useSession } from '../../state/session'
import { flush, pullShelf } from '../../state/sync'
import { Choice, Field } from '../../ui/Field'
import { Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { Problem } from '../../ui/Problem'
import { useTask } from '../../ui/useTask'
import { WorksheetPick, type Sheet } from '../../ui/WorksheetPick'
import { reasoner } from '../../workers/useThought'

interface Shown extends LocalJar {
  readonly lines: number
  readonly unsent: number
}

/** Every jar of the device's, with where its work stands here. */
async function shelfHere(): Promise<Shown[]> {
  const database = local()
  const jars = (await database.jars.toArray()).filter((j) => j.writable)
  return Promise.all(
    jars
      .sort((a, b) => (a.createdAt === b.createdAt ? a.code.localeCompare(b.code) : a.createdAt < b.createdAt ? -1 : 1))
      .map(async (jar) => {
        const entries = await database.entriesOf(jar.id)
        const concluded = entries.flatMap(({ body }) => saidOfJar(body)?.species ?? [])
        return {
          ...jar,
          lines: Math.max(entries.length, jar.counted),
          concluded: entries.length > 0 ? concluded : jar.concluded,
          unsent: entries.filter((e) => e.position === null).length + (jar.saved === 0 ? 1 : 0),
        }
      }),
  )
}

/** My unknowns: every jar as a label with where its work stands. */
export function Shelf() {
  const { phase, me, broughtAlong, found, claim } = useSession()
  const jars = useLiveQuery(shelfHere, `${phase} ${me?.id ?? ''}`)
  const [problem, setProblem] = useState<ApiError | null>(null)
  const [bare, setBare] = useState(false)
  // Whoever is at the shelf will open a jar: what reasons about it makes itself ready meanwhile.
  useEffect(() => {
    const soon = setTimeout(() => void reasoner(), 1500)
    return () => clearTimeout(soon)
  }, [])
  useEffect(() => {
    document.title = 'Shelf · Foxing'
    if (phase !== 'in') return
    flush()
      .then(pullShelf)
      .then(
        () => setProblem(null),
        (error: unknown) => {
          const problem = asApiError(error)
          if (problem.status === 401) useSession.getState().ended()
          else setProblem(problem)
        },
      )
      .finally(() => void shelfHere().then((here) => setBare(here.length === 0)))
  }, [phase])
  // What stands below the jars comes when they are there, or it is known that there are none: so nothing jumps.
  const filled = jars !== null && (jars.length > 0 || bare || phase !== 'in')
  return (
    <Frame
      about={<span className="truncate text-faint">{phase === 'guest' ? 'without an account: notebooks stay on this device' : me?.institution}</span>}
      actions={
        <>
          <Link className="pressable flex items-center" to="/reference">
            reference
          </Link>
          <Link className="pressable flex items-center" to="/sums">
            sums
          </Link>
          {teaches(me?.role) &&
            me?.classes.map((c) => (
              <Link key={c.id} className="pressable flex max-w-56 items-center" to={`/class/${c.id}`}>
                <span className="truncate">{c.name}</span>
              </Link>
            ))}
        </>
      }
    >
      <main className="mx-auto w-full max-w-5xl flex-1 overflow-auto px-4 py-8 md:px-6">
        <h1 className="text-3xl">Shelf</h1>
        {problem && (
          <p role="alert" className="mt-4 border-l-4 border-ink pl-3">
            <strong className="inline-block first-letter:uppercase">{problem.message}.</strong>{' '}
            {problem.offline ? 'You see what is kept on this device.' : problem.todo}
          </p>
        )}
        {found > 0 && phase === 'in' && (
          <section aria-label="notebooks found" className="mt-4 border-l-4 border-ink pl-3">
            <p>
              {found === 1 ? 'One notebook was' : `${found} notebooks were`} written on this device without an account. Are they yours? Only then do
              they come along under your name.
            </p>
            <p className="flex gap-6">
              <button type="button" className="pressable" onClick={() => void claim(true).then(flush)}>
                they are mine: take them along
              </button>
              <button type="button" className="pressable" onClick={() => void claim(false)}>
                leave them where they are
              </button>
            </p>
          </section>
        )}
        {broughtAlong > 0 && (
          <p role="status" className="mt-4">
            {broughtAlong === 1 ? 'The notebook' : `The ${broughtAlong} notebooks`} you kept on this device came along.
          </p>
        )}
        {filled && jars.length === 0 && !problem && <p className="mt-4 text-faint">No jar yet. Put one on the shelf below.</p>}
        <ul className="mt-6 border-t border-rule">
          {jars?.map((jar) => (
            <li key={jar.id} className="border-b border-rule bg-sheet">
              <Link
                to={`/jar/${jar.id}`}
                className="grid min-h-20 grid-cols-[5rem_1fr] items-center gap-x-5 px-5 py-3 md:grid-cols-[7rem_1fr_12rem] hover:bg-press"
              >
                <span className="truncate font-mono text-2xl text-russet">{jar.code}</span>
                <span className="min-w-0">
                  <span className="block truncate font-serif text-lg">{jar.title || 'no description'}</span>
                  <span className="text-sm text-faint">{kindOf(jar, me?.id)}</span>
                </span>
                <span className="max-md:col-start-2 md:text-right">
                  {standing(jar)}
                  {jar.missing === true && <span className="block text-sm">not on the server any more; what is here is kept</span>}
                  {jar.unsent > 0 && phase !== 'guest' && <span className="block text-sm text-faint">{jar.unsent} kept here, to send</span>}
                </span>
              </Link>
            </li>
          ))}
        </ul>
        {filled && <NewJar taken={jars} />}
        {filled && phase === 'in' && <FromOthers taken={jars} />}
      </main>
    </Frame>
  )
}

function kindOf(jar: LocalJar, me: string | undefined): string {
  const kind = jar.issued ? 'a secret unknown from your class' : jar.kind === 'simulated' ? 'simulated unknown, to practise on' : 'a real jar'
  return me !== undefined && jar.owner !== me ? `${kind}, with ${jar.ownerName ?? 'a partner'}` : kind
}

function standing(jar: Shown) {
  const [first] = jar.concluded
  if (first !== undefined)
    return (
      <>
        concluded: <Formula>{first}</Formula>
      </>
    )
  if (jar.lines === 0) return <span className="text-faint">not begun</span>
  return <span>{jar.lines === 1 ? '1 line' : `${jar.lines} lines`} written</span>
}

function NewJar({ taken }: { readonly taken: readonly LocalJar[] }) {
  const [code, setCode] = useState('')
  const [title, setTitle] = useState('')
  const [hints, setHints] = useState<(typeof HINTS)[number]>('open')
  const [sample, setSample] = useState<SampleKind>('one salt')
  const [sheet, setSheet] = useState<Sheet | null>(null)
  const { problem, run } = useTask()
  const go = useNavigate()
  const open = (kind: 'real' | 'simulated') => (event: SyntheticEvent) => {
    event.preventDefault()
    run(async () => {
      const id = crypto.randomUUID()
      await local().jars.put({
        id,
        code: code.trim() || nextCode(taken),
        title: title.trim(),
        kind,
        case: caseSchema.parse({ hints, ...CASE_OF[sample], ...(sheet ? { worksheet: sheet.worksheet } : {}) }),
        createdAt: new Date().toISOString(),
        owner: useSession.getState().me?.id ?? '',
        ownerName: null,
        classId: null,
        issued: false,
        reveal: 'on conclusion',
        revealOn: null,
        opened: false,
        saved: 0,
        seed: kind === 'simulated' ? Math.floor(Math.random() * 2 ** 32) : null,
        partners: [],
        writable: true,
        people: [],
        signatures: [],
        counted: 0,
        concluded: [],
      })
      void flush()
      await go(`/jar/${id}`)
    })
  }
  return (
    <form className="mt-8 flex flex-wrap items-end gap-x-5 gap-y-3" onSubmit={open('real')}>
      <Field
        label="code on the jar"
        className="w-32"
        face="font-mono"
        value={code}
        maxLength={24}
        placeholder={nextCode(taken)}
        onChange={(e) => setCode(e.target.value)}
      />
      <Field
        label="where it is from, what it looks like"
        className="min-w-80 flex-1"
        value={title}
        maxLength={200}
        onChange={(e) => setTitle(e.target.value)}
      />
      <Choice label="it holds" of={SAMPLES} value={sample} onChoose={setSample} />
      <Choice label="hints" of={HINTS} value={hints} onChoose={setHints} />
      <WorksheetPick sheet={sheet} run={run} onChange={setSheet} />
      <button type="submit" className="pressable inline-flex items-center gap-1">
        <Plus size={18} aria-hidden /> a real jar
      </button>
      <button type="button" className="pressable inline-flex items-center gap-1" onClick={open('simulated')}>
        <Plus size={18} aria-hidden /> a simulated unknown
      </button>
      <Problem>{problem}</Problem>
    </form>
  )
}

/** A partner's jar by its code, or a notebook from a file. */
function FromOthers({ taken }: { readonly taken: readonly LocalJar[] }) {
  const [code, setCode] = useState('')
  const { busy, problem, run } = useTask()
  const go = useNavigate()
  const enter = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      const { jar } = await api.useCode(code)
      await useSession.getState().ask()
      setCode('')
      if (jar !== null) await go(`/jar/${jar}`)
    })
  }
  const load = (file: File | undefined): void => {
    if (!file) return
    run(async () => {
      const bytes = new Uint8Array(await file.arrayBuffer())
      // A crate is a zip, and begins as one.
      const packed = bytes[0] === 0x50 && bytes[1] === 0x4b
      const found = packed ? await unpacked(bytes) : asJson(new TextDecoder().decode(bytes))
      const read = notebookSchema.safeParse(found)
      if (!read.success) {
        const [issue] = read.error.issues
        throw new Error(
          `“${file.name}” is not a notebook of the open format (${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}); nothing was changed`,
        )
      }
      const { id } = await api.importJar({
        id: crypto.randomUUID(),
        code: nextCode(taken),
        title: file.name.slice(0, 200),
        device: deviceId(),
        notebook: read.data,
      })
      await go(`/jar/${id}`)
    })
  }
  return (
    <form className="mt-6 flex flex-wrap items-end gap-x-5 gap-y-3 border-t border-rule pt-5" onSubmit={enter}>
      <Field label="a code from a partner or a class" className="w-64" value={code} onChange={(e) => setCode(e.target.value)} />
      <button type="submit" className="pressable" disabled={busy || code.trim() === ''}>
        use it
      </button>
      <label className="pressable ml-auto inline-flex items-center gap-1">
        <Upload size={18} aria-hidden /> a notebook from a file
        <input type="file" accept="application/json,.json,.eln" className="sr-only" onChange={(e) => load(e.target.files?.[0])} />
      </label>
      <Problem>{problem}</Problem>
    </form>
  )
}

/** The notebook out of a crate; what opens one comes when it is wanted. */
async function unpacked(bytes: Uint8Array): Promise<Notebook> {
  const [{ notebookFromCrate }, { files, sha256 }] = await Promise.all([import('@foxing/core/report'), import('../../workers/files')])
  return notebookFromCrate(await files().unzip(bytes), sha256)
}

/** The next number after the highest in use, under P for practice. */
function nextCode(taken: readonly LocalJar[]): string {
  const numbers = taken.flatMap((j) => (/^P-(\d+)$/.test(j.code) ? [Number(j.code.slice(2))] : []))
  return `P-${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`
}
