import { useEffect, useState, type SyntheticEvent } from 'react'
import { Link, Navigate, useLocation, useNavigate } from 'react-router'
import { api } from '../../state/api'
import { useSession } from '../../state/session'
import { Field } from '../../ui/Field'
import { Frame } from '../../ui/Frame'
import { Problem } from '../../ui/Problem'
import { useTask } from '../../ui/useTask'
import { SignIn } from '../../ui/SignIn'

/** How one comes in: with an account, by a code, or without either. */
export function Door({ way }: { readonly way: 'sign in' | 'join' | 'reset' }) {
  const { phase, demo, stayOutside } = useSession()
  const go = useNavigate()
  const { state } = useLocation() as { state: { back?: string } | null }
  const back = state?.back ?? '/'
  useEffect(() => {
    document.title = `${{ join: 'Join', reset: 'New password', 'sign in': 'Sign in' }[way]} · Foxing`
  }, [way])
  if (phase === 'in') return <Navigate to={back} replace />
  return (
    <Frame>
      <main className="flex-1 overflow-auto bg-sheet">
        <div className="mx-auto grid max-w-3xl gap-10 px-8 py-12">
          <div>
            <h1 className="text-4xl">What does the jar hold?</h1>
            <p className="mt-3 max-w-[60ch] text-lg leading-snug">
              Foxing goes with you from the first look to the report: it proposes the next test, takes down what you see, and says what that proves
              and why.
            </p>
          </div>
          {way === 'sign in' ? (
            <section className="grid gap-4 border-t border-rule pt-6">
              <h2 className="text-2xl">Sign in</h2>
              <SignIn />
              {demo && <p className="text-faint">This is the demo: the made-up people’s logins and password were printed where it was started.</p>}
              <p>
                <Link className="pressable" to="/join" state={state}>
                  I have a code from my instructor
                </Link>
                <Link className="pressable ml-6" to="/reset" state={state}>
                  I have forgotten my password
                </Link>
              </p>
            </section>
          ) : way === 'reset' ? (
            <Reset />
          ) : (
            <Join back={() => void go(back)} />
          )}
          {phase !== 'guest' && (
            <section className="grid gap-2 border-t border-rule pt-6">
              <h2 className="text-2xl">Without an account</h2>
              <p className="max-w-[60ch]">
                Notebooks stay on this device; when you sign in later you are asked whether they are yours. Secret unknowns and partners need an
                account.
              </p>
              <p>
                <button
                  type="button"
                  className="pressable"
                  onClick={() => {
                    stayOutside()
                    void go('/')
                  }}
                >
                  Try without an account
                </button>
              </p>
            </section>
          )}
          <p className="text-sm text-faint">
            Foxing teaches and keeps records; it is not a risk assessment. Follow your supervisor, the local code and the safety data sheets.
          </p>
        </div>
      </main>
    </Frame>
  )
}

function Join({ back }: { readonly back: () => void }) {
  const enter = useSession((s) => s.enter)
  const [wanted, setWanted] = useState({ code: '', name: '', login: '', password: '' })
  const { busy, problem, run } = useTask()
  const field = (key: keyof typeof wanted) => ({
    required: true,
    value: wanted[key],
    onChange: (e: { target: { value: string } }) => setWanted({ ...wanted, [key]: e.target.value }),
  })
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      await enter(wanted)
      back()
    })
  }
  return (
    <form aria-label="join" className="grid gap-4 border-t border-rule pt-6" onSubmit={submit}>
      <h2 className="text-2xl">Join by a code</h2>
      <Field label="code from your instructor" autoComplete="one-time-code" {...field('code')} />
      <Field label="your name, as your class knows it" autoComplete="name" {...field('name')} />
      <Field label="a login, such as your address at the school" autoComplete="username" {...field('login')} />
      <Field label="a password, ten letters or more" type="password" autoComplete="new-password" minLength={10} {...field('password')} />
      <div className="flex items-center gap-6">
        <button type="submit" disabled={busy} className="pressable border border-russet px-5">
          Join
        </button>
        <Link className="pressable flex items-center" to="/sign-in">
          I have an account
        </Link>
      </div>
      <Problem>{problem}</Problem>
    </form>
  )
}

/** A new password by a code that an instructor or an administrator has made. */
function Reset() {
  const [code, setCode] = useState('')
  const [password, setPassword] = useState('')
  const [done, setDone] = useState(false)
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      await api.resetPassword(code, password)
      setDone(true)
    })
  }
  return (
    <form aria-label="new password" className="grid gap-4 border-t border-rule pt-6" onSubmit={submit}>
      <h2 className="text-2xl">A new password</h2>
      <p className="max-w-[60ch]">
        Your instructor makes a code for you, which is good for a day and once. What you wrote on this device is kept meanwhile.
      </p>
      {done ? (
        <p role="status">
          Your password is changed, and every session of yours has ended.{' '}
          <Link className="pressable" to="/sign-in">
            Sign in with it
          </Link>
        </p>
      ) : (
        <>
          <Field label="code from your instructor" autoComplete="one-time-code" required value={code} onChange={(e) => setCode(e.target.value)} />
          <Field
            label="a new password, ten letters or more"
            type="password"
            autoComplete="new-password"
            minLength={10}
            required
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
          <div className="flex items-center gap-6">
            <button type="submit" disabled={busy} className="pressable border border-russet px-5">
              Set it
            </button>
            <Link className="pressable flex items-center" to="/sign-in">
              Back to signing in
            </Link>
          </div>
        </>
      )}
      <Problem>{problem}</Problem>
    </form>
  )
}
