import { useState, type SyntheticEvent } from 'react'
import { useSession } from '../state/session'
import { Field } from './Field'
import { Problem } from './Problem'
import { useTask } from './useTask'

/** Login and password, wherever they are asked for. */
export function SignIn({ onDone }: { readonly onDone?: () => void }) {
  const enter = useSession((s) => s.enter)
  const [login, setLogin] = useState('')
  const [password, setPassword] = useState('')
  const { busy, problem, run } = useTask()
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    run(async () => {
      await enter({ login, password })
      onDone?.()
    })
  }
  return (
    <form aria-label="sign in" className="flex flex-wrap items-end gap-x-5 gap-y-4" onSubmit={submit}>
      <Field label="login" className="min-w-64 flex-1" autoComplete="username" required value={login} onChange={(e) => setLogin(e.target.value)} />
      <Field
        label="password"
        className="min-w-48 flex-1"
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(e) => setPassword(e.target.value)}
      />
      <button type="submit" disabled={busy} className="pressable border border-russet px-5">
        Sign in
      </button>
      <Problem>{problem}</Problem>
    </form>
  )
}
