import { useEffect, useState, type SyntheticEvent } from 'react'
import { Link, Navigate, useNavigate } from 'react-router'
import { api, teaches, type OpenSession } from '../../state/api'
import { local } from '../../state/local'
import { useSession } from '../../state/session'
import { flush } from '../../state/sync'
import { Field } from '../../ui/Field'
import { Frame } from '../../ui/Frame'
import { Problem } from '../../ui/Problem'
import { saveFile } from '../../ui/saveFile'
import { useTask } from '../../ui/useTask'

/** Who I am here, and what is kept of me. */
export function Account() {
  const { phase, me, leave } = useSession()
  const [unsent, setUnsent] = useState(0)
  const { busy, problem, run } = useTask()
  const go = useNavigate()
  useEffect(() => {
    document.title = 'Account · Foxing'
    void flush()
      .then(() => local().unsent())
      .then(setUnsent)
  }, [])
  if (!me || phase === 'guest') return <Navigate to="/" replace />
  const out = (everywhere: boolean) => () =>
    run(async () => {
      await flush()
      await leave(everywhere)
      await go('/sign-in')
    })
  return (
    <Frame about={<span className="truncate text-faint">{me.institution}</span>}>
      <main className="flex-1 overflow-auto bg-sheet">
        <div className="mx-auto grid max-w-3xl gap-8 px-8 py-8">
          <div>
            <h1 className="text-3xl">{me.name}</h1>
            <p className="text-faint">
              {me.role} at {me.institution}
              {me.classes.length > 0 && `; ${me.classes.map((c) => c.name).join('; ')}`}
            </p>
          </div>
          <section className="grid gap-2 border-t border-rule pt-5">
            <h2 className="text-xl">Sign out</h2>
            {unsent > 0 && (
              <p>{unsent} lines have not reached the server. They stay on this device, under your name, and are sent when you sign in here again.</p>
            )}
            <p className="flex gap-6">
              <button type="button" className="pressable" disabled={busy} onClick={out(false)}>
                sign out here
              </button>
              <button type="button" className="pressable" disabled={busy} onClick={out(true)}>
                sign out everywhere
              </button>
            </p>
            <Problem>{problem}</Problem>
          </section>
          {teaches(me.role) && <NewClass />}
          <Sessions />
          <NewPassword />
          <section className="grid gap-2 border-t border-rule pt-5">
            <h2 className="text-xl">What is kept of me</h2>
            <p>Your name, your login, a hash of your password, your notebooks and what you signed.</p>
            <p>
              <button
                type="button"
                className="pressable"
                onClick={() =>
                  run(async () => saveFile('foxing-everything.json', 'application/json', JSON.stringify(await api.everything(), null, 2)))
                }
              >
                download all of it
              </button>
            </p>
          </section>
          <Erase />
          <p>
            <Link className="pressable" to="/">
              Back to the shelf
            </Link>
          </p>
        </div>
      </main>
    </Frame>
  )
}

/** Where I am signed in, each of which can be ended. */
function Sessions() {
  const [list, setList] = useState<readonly OpenSession[]>([])
  const { busy, problem, run } = useTask()
  const load = (): Promise<void> => api.sessions().then(setList)
  useEffect(() => void load().catch(() => undefined), [])
  return (
    <section aria-label="sessions" className="grid gap-2 border-t border-rule pt-5">
      <h2 className="text-xl">Where I am signed in</h2>
      <ul>
        {list.map((session) => (
          <li key={session.id} className="flex min-h-11 items-center gap-5">
            <span className="flex-1">
              {session.own ? 'here' : 'elsewhere'}, since {new Date(session.begun).toLocaleString()}
              {!session.own && <span className="text-faint">, last used {new Date(session.used).toLocaleString()}</span>}
            </span>
            {!session.own && (
              <button type="button" className="pressable" disabled={busy} onClick={() => run(() => api.endSession(session.id).then(load))}>
                end it
              </button>
            )}
          </li>
        ))}
      </ul>
      <Problem>{problem}</Problem>
    </section>
  )
}

function NewPassword() {
  const [old, setOld] = useState('')
  const [fresh, setFresh] = useState('')
  const [done, setDone] = useState(false)
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    setDone(false)
    run(async () => {
      await api.changePassword(old, fresh)
      setOld('')
      setFresh('')
      setDone(true)
    })
  }
  return (
    <form aria-label="password" className="flex flex-wrap items-end gap-x-5 gap-y-3 border-t border-rule pt-5" onSubmit={submit}>
      <h2 className="basis-full text-xl">Password</h2>
      <Field label="the old one" type="password" autoComplete="current-password" required value={old} onChange={(e) => setOld(e.target.value)} />
      <Field
        label="a new one, ten letters or more"
        type="password"
        autoComplete="new-password"
        required
        minLength={10}
        value={fresh}
        onChange={(e) => setFresh(e.target.value)}
      />
      <button type="submit" className="pressable" disabled={busy}>
        change it
      </button>
      {done && <p role="status">Changed. Every other session of yours has ended.</p>}
      <Problem>{problem}</Problem>
    </form>
  )
}

function NewClass() {
  const [name, setName] = useState('')
  const { busy, problem, run } = useTask()
  const go = useNavigate()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      const { id } = await api.beginClass(crypto.randomUUID(), name.trim())
      await useSession.getState().ask()
      await go(`/class/${id}`)
    })
  }
  return (
    <form aria-label="new class" className="flex flex-wrap items-end gap-x-5 gap-y-3 border-t border-rule pt-5" onSubmit={submit}>
      <h2 className="basis-full text-xl">Begin a class</h2>
      <Field label="name" className="flex-1" required maxLength={120} value={name} onChange={(e) => setName(e.target.value)} />
      <button type="submit" className="pressable" disabled={busy}>
        begin it
      </button>
      <Problem>{problem}</Problem>
    </form>
  )
}

function Erase() {
  const [password, setPassword] = useState('')
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      await api.erase(password)
      const mine = local()
      await mine.delete()
      localStorage.removeItem('foxing-me')
      window.location.assign('/sign-in')
    })
  }
  return (
    <form aria-label="delete" className="flex flex-wrap items-end gap-x-5 gap-y-3 border-t border-rule pt-5" onSubmit={submit}>
      <h2 className="basis-full text-xl">Delete my account</h2>
      <p className="basis-full">
        Your notebooks are deleted for good. A jar you share passes to a partner, and what you wrote in it stays there without your name; so does work
        that your class set and you handed in. Download them first if you want to keep them.
      </p>
      <Field
        label="your password, to be sure"
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(e) => setPassword(e.target.value)}
      />
      <button type="submit" className="pressable" disabled={busy}>
        delete everything of mine
      </button>
      <Problem>{problem}</Problem>
    </form>
  )
}
