import { Moon, Sun } from 'lucide-react'
import { useEffect, type ReactNode } from 'react'
import { Link } from 'react-router'
import { useSession } from '../state/session'
import { useSheet } from '../state/sheet'
import { useSync } from '../state/sync'
import { SignIn } from './SignIn'
import { Waits } from './Waits'

interface Props {
  readonly about?: ReactNode
  readonly actions?: ReactNode
  readonly children: ReactNode
}

/** The strip above every view: the mark, what this view is about, who is at work, and what goes with it. */
export function Frame({ about, actions, children }: Props) {
  const { dark, toggle } = useSheet()
  const { phase, me } = useSession()
  const problem = useSync((s) => s.problem)
  useEffect(() => {
    document.documentElement.dataset['sheet'] = dark ? 'dark' : 'light'
  }, [dark])
  return (
    <div className="flex h-full flex-col">
      <header className="off-paper flex min-h-14 flex-wrap items-center gap-x-5 border-b border-rule bg-sheet px-5">
        {phase === 'asking' ? <Mark /> : <Link to="/">{<Mark />}</Link>}
        <div className="flex min-w-24 flex-1 items-baseline gap-3">{about}</div>
        <nav className="flex flex-wrap items-center gap-x-4 md:gap-x-5" aria-label="this view">
          {actions}
          {phase === 'guest' && (
            <Link className="pressable flex items-center" to="/sign-in">
              sign in
            </Link>
          )}
          {(phase === 'in' || phase === 'ended') && (
            <Link className="pressable flex max-w-40 items-center" to="/account">
              <span className="truncate">{me?.name}</span>
            </Link>
          )}
        </nav>
        <button type="button" className="pressable grid w-11 place-items-center" onClick={toggle} aria-label={dark ? 'light sheet' : 'dark sheet'}>
          {dark ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
        </button>
      </header>
      {phase !== 'asking' && phase !== 'out' && <Waits />}
      {phase === 'ended' && (
        <section aria-label="session ended" className="off-paper border-b-2 border-ink bg-sheet px-5 py-3">
          <p role="alert" className="mb-2">
            <strong>Your session has ended.</strong> Go on working: what you write is kept on this device, and is sent once you have signed in again.
          </p>
          <SignIn />
        </section>
      )}
      {problem && phase === 'in' && (
        <p role="alert" className="off-paper border-b border-rule bg-sheet px-5 py-2">
          <strong className="inline-block first-letter:uppercase">{problem.message}.</strong> {problem.todo}
        </p>
      )}
      {children}
    </div>
  )
}

const Mark = () => (
  <span className="flex min-h-11 items-center gap-2 font-serif text-lg">
    <img src="/mark.svg" alt="" className="size-7" />
    Foxing
  </span>
)
