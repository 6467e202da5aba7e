import { Moon, Sun } from 'lucide-react'
import { useEffect, type ReactNode } from 'react'
import { Link } from 'react-router'
import { useSheet } from '../state/sheet'

/** The strip above every view: the mark, what this view is about, and what goes with it. */
export function Frame({ about, actions, children }: { readonly about?: ReactNode; readonly actions?: ReactNode; readonly children: ReactNode }) {
  const { dark, toggle } = useSheet()
  useEffect(() => {
    document.documentElement.dataset['sheet'] = dark ? 'dark' : 'light'
  }, [dark])
  return (
    <div className="flex h-full flex-col">
      <header className="off-paper flex min-h-14 items-center gap-5 border-b border-rule bg-sheet px-5">
        <Link to="/" className="flex min-h-11 items-center gap-2 font-serif text-lg">
          <img src="/mark.svg" alt="" className="size-7" />
          Foxing
        </Link>
        <div className="flex min-w-0 flex-1 items-baseline gap-3">{about}</div>
        <nav className="flex items-center gap-5" aria-label="this view">
          {actions}
        </nav>
        <button type="button" className="pressable grid w-11 place-items-center" onClick={toggle} aria-label={dark ? 'light sheet' : 'dark sheet'}>
          {dark ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
        </button>
      </header>
      {children}
    </div>
  )
}
