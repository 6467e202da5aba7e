import { HINTS } from '@foxing/core'
import { Plus } from 'lucide-react'
import { useEffect, useState, type SyntheticEvent } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, ApiError, type JarSummary, type Me } from '../../state/api'
import { Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'

/** My unknowns: every jar as a label with where its work stands. */
export function Shelf() {
  const [jars, setJars] = useState<readonly JarSummary[] | null>(null)
  const [me, setMe] = useState<Me | null>(null)
  const [problem, setProblem] = useState<ApiError | null>(null)
  useEffect(() => {
    document.title = 'Shelf · Foxing'
    Promise.all([api.jars(), api.me()]).then(
      ([list, person]) => {
        setJars(list)
        setMe(person)
      },
      (error: unknown) => setProblem(error instanceof ApiError ? error : null),
    )
  }, [])
  return (
    <Frame
      about={me && <span className="truncate text-faint">{me.institution}</span>}
      actions={
        <>
          <Link className="pressable flex items-center" to="/reference">
            reference
          </Link>
          {me && <span>{me.name}</span>}
        </>
      }
    >
      <main className="mx-auto w-full max-w-5xl flex-1 overflow-auto px-6 py-8">
        <h1 className="text-3xl">Shelf</h1>
        {problem && (
          <p role="alert" className="mt-4 border-l-4 border-ink pl-3">
            <strong>{problem.message}.</strong> {problem.todo}
          </p>
        )}
        {jars?.length === 0 && <p className="mt-4 text-faint">No jar yet. Put one on the shelf below.</p>}
        <ul className="mt-6 border-t border-rule">
          {jars?.map((jar) => (
            <li key={jar.id} className="border-b border-rule bg-sheet">
              <Link to={`/jar/${jar.id}`} className="grid min-h-20 grid-cols-[7rem_1fr_12rem] items-center gap-5 px-5 py-3 hover:bg-press">
                <span className="font-mono text-2xl text-russet">{jar.code}</span>
                <span className="min-w-0">
                  <span className="block truncate font-serif text-lg">{jar.title || 'no description'}</span>
                  <span className="text-sm text-faint">{jar.kind === 'simulated' ? 'simulated unknown, to practise on' : 'a real jar'}</span>
                </span>
                <span className="text-right">{standing(jar)}</span>
              </Link>
            </li>
          ))}
        </ul>
        <NewJar taken={jars ?? []} />
      </main>
    </Frame>
  )
}

function standing(jar: JarSummary) {
  const [first] = jar.concluded
  if (first !== undefined)
    return (
      <>
        concluded: <Formula>{first}</Formula>
      </>
    )
  if (jar.entries === 0) return <span className="text-faint">not begun</span>
  return <span>{jar.entries} lines written</span>
}

function NewJar({ taken }: { readonly taken: readonly JarSummary[] }) {
  const [code, setCode] = useState('')
  const [title, setTitle] = useState('')
  const [hints, setHints] = useState<(typeof HINTS)[number]>('open')
  const [problem, setProblem] = useState<string | null>(null)
  const go = useNavigate()
  const open = (kind: 'real' | 'simulated') => async (event: SyntheticEvent) => {
    event.preventDefault()
    const wanted = code.trim() || nextCode(taken)
    try {
      const { id } = await api.openJar({ id: crypto.randomUUID(), code: wanted, title: title.trim(), kind, case: { hints } })
      await go(`/jar/${id}`)
    } catch (error) {
      setProblem(error instanceof ApiError ? `${error.message}. ${error.todo}` : 'The jar was not put on the shelf. Try again.')
    }
  }
  return (
    <form className="mt-8 flex flex-wrap items-end gap-x-5 gap-y-3" onSubmit={(e) => void open('real')(e)}>
      <label className="grid gap-1 text-sm text-faint">
        code on the jar
        <input
          className="h-11 w-32 border-b border-ink bg-transparent font-mono text-lg text-ink"
          value={code}
          maxLength={24}
          placeholder={nextCode(taken)}
          onChange={(e) => setCode(e.target.value)}
        />
      </label>
      <label className="grid flex-1 gap-1 text-sm text-faint">
        where it is from, what it looks like
        <input
          className="h-11 border-b border-ink bg-transparent text-lg text-ink"
          value={title}
          maxLength={200}
          onChange={(e) => setTitle(e.target.value)}
        />
      </label>
      <label className="grid gap-1 text-sm text-faint">
        hints
        <select
          className="h-11 border-b border-ink bg-transparent text-lg text-ink"
          value={hints}
          onChange={(e) => setHints(HINTS.find((h) => h === e.target.value) ?? 'open')}
        >
          {HINTS.map((h) => (
            <option key={h}>{h}</option>
          ))}
        </select>
      </label>
      <button type="submit" className="pressable inline-flex items-center gap-1">
        <Plus size={18} aria-hidden /> a real jar
      </button>
      <button type="button" className="pressable inline-flex items-center gap-1" onClick={(e) => void open('simulated')(e)}>
        <Plus size={18} aria-hidden /> a simulated unknown
      </button>
      {problem && (
        <p role="alert" className="basis-full">
          {problem}
        </p>
      )}
    </form>
  )
}

/** The next number after the highest in use, under P for practice. */
function nextCode(taken: readonly JarSummary[]): string {
  const numbers = taken.flatMap((j) => (/^P-(\d+)$/.test(j.code) ? [Number(j.code.slice(2))] : []))
  return `P-${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`
}
