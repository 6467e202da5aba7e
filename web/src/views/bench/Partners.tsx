import { Users } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useState } from 'react'
import { api, teaches } from '../../state/api'
import { OpenCodes } from '../../ui/OpenCodes'
import type { LocalJar } from '../../state/local'
import { useSession } from '../../state/session'
import { pullJar } from '../../state/sync'
import { Problem } from '../../ui/Problem'
import { useTask } from '../../ui/useTask'

/** Who works on this jar, and a code to let a partner in. */
export function Partners({ jar }: { readonly jar: LocalJar }) {
  const { phase, me } = useSession()
  const [code, setCode] = useState<string | null>(null)
  const { busy, problem, run } = useTask()
  if (phase === 'guest' || teaches(me?.role)) return null
  const own = jar.owner === me?.id
  const name = (id: string): string => jar.people.find((p) => p.id === id)?.name ?? 'somebody'
  const others = [jar.owner, ...jar.partners].filter((id) => id !== me?.id)
  return (
    <Popover.Root>
      <Popover.Trigger className="pressable inline-flex items-center gap-1">
        <Users size={18} aria-hidden /> {others.length > 0 ? `with ${others.map((id) => name(id).split(' ')[0] ?? '').join(', ')}` : 'share'}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={4} className="z-10 grid w-96 gap-3 border border-ink bg-sheet p-5 shadow-md">
          <h2 className="text-xl">Working together</h2>
          {others.length === 0 && <p className="text-faint">You work on this jar alone.</p>}
          {others.map((id) => (
            <p key={id} className="flex items-center justify-between">
              {name(id)}
              {own && (
                <button
                  type="button"
                  className="pressable"
                  disabled={busy}
                  onClick={() => run(() => api.endPartnership(jar.id, id).then(() => pullJar(jar.id)))}
                >
                  end
                </button>
              )}
            </p>
          ))}
          {own && code === null && (
            <button
              type="button"
              className="pressable justify-self-start"
              disabled={busy}
              onClick={() => run(async () => setCode((await api.share(jar.id)).code))}
            >
              make a code for a partner
            </button>
          )}
          {code !== null && (
            <p>
              <output className="block font-mono text-2xl">{code}</output>
              <span className="text-sm text-faint">Your partner enters it on their shelf, within a day.</span>
            </p>
          )}
          {own && <OpenCodes key={code} load={() => api.codesOfJar(jar.id)} />}
          <Problem>{problem}</Problem>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
