import { useEffect, useState } from 'react'
import { api, type OpenCode } from '../state/api'
import { Problem } from './Problem'
import { useTask } from './useTask'

/** Codes that still let somebody in, each of which can be taken back. The codes themselves are kept nowhere. */
export function OpenCodes({ load }: { readonly load: () => Promise<readonly OpenCode[]> }) {
  const [codes, setCodes] = useState<readonly OpenCode[]>([])
  const { busy, problem, run } = useTask()
  useEffect(() => {
    void load().then(setCodes, () => undefined)
    // Loaded once each time it is shown.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  if (codes.length === 0) return null
  return (
    <section aria-label="open codes" className="grid gap-1">
      <h3 className="text-faint">Codes that still let somebody in</h3>
      <ul>
        {codes.map((code) => (
          <li key={code.id} className="flex min-h-11 flex-wrap items-center gap-x-5">
            <span className="flex-1">
              for {code.left === 1 ? `one ${code.role}` : `${code.left} ${code.role}s`}, until {new Date(code.until).toLocaleString()}
            </span>
            <button type="button" className="pressable" disabled={busy} onClick={() => run(() => api.takeBack(code.id).then(load).then(setCodes))}>
              take it back
            </button>
          </li>
        ))}
      </ul>
      <Problem>{problem}</Problem>
    </section>
  )
}
