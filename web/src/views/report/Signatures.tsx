import { useState } from 'react'
import { api } from '../../state/api'
import type { LocalJar } from '../../state/local'
import { useSession } from '../../state/session'
import { flush, pullJar } from '../../state/sync'
import { Problem } from '../../ui/Problem'
import { saveFile } from '../../ui/saveFile'
import { useTask } from '../../ui/useTask'

/** Versions frozen by signing, each with the hash it is known by. */
export function Signatures({ jar, unsaved }: { readonly jar: LocalJar; readonly unsaved: number }) {
  const phase = useSession((s) => s.phase)
  const [checked, setChecked] = useState<Readonly<Record<number, boolean>>>({})
  const { busy, problem, run } = useTask()
  const sign = (): void =>
    run(async () => {
      await flush()
      await api.sign(jar.id)
      await pullJar(jar.id)
    })
  const fetch = (version: number): void =>
    run(async () => {
      const { document, intact } = await api.version(jar.id, version)
      setChecked((c) => ({ ...c, [version]: intact }))
      saveFile(`${jar.code}-version-${version}.json`, 'application/json', JSON.stringify(document, null, 2))
    })
  return (
    <section aria-label="signatures" className="mt-8">
      <h2 className="text-2xl">Signed</h2>
      {jar.signatures.length === 0 && <p className="text-faint">Not signed yet. Signing freezes this version; you may go on writing after it.</p>}
      <ol className="mt-1">
        {jar.signatures.map((s) => (
          <li key={s.version} className="flex flex-wrap items-center gap-x-5 border-b border-rule">
            <span>
              version {s.version}, {new Date(s.signedAt).toLocaleString()}, {s.by ?? 'somebody who has left'}
            </span>
            <span className="font-mono text-sm text-faint" title={`SHA-256 of the notebook in canonical JSON: ${s.sha256}`}>
              {s.sha256.slice(0, 16)}…
            </span>
            <button type="button" className="pressable off-paper" disabled={busy} onClick={() => fetch(s.version)}>
              download it
            </button>
            {checked[s.version] === true && <span role="status">the hash fits</span>}
            {checked[s.version] === false && <strong role="alert">The hash does not fit: this version was changed.</strong>}
          </li>
        ))}
      </ol>
      {phase === 'in' && jar.writable && (
        <button type="button" className="pressable off-paper mt-3 border border-russet px-5" disabled={busy} onClick={sign}>
          Sign this version
        </button>
      )}
      {phase === 'guest' && <p className="text-faint">To sign, work with an account.</p>}
      {unsaved > 0 && phase !== 'guest' && <p className="mt-1 text-sm text-faint">{unsaved} lines are still to be sent; they go first.</p>}
      <Problem>{problem}</Problem>
    </section>
  )
}
