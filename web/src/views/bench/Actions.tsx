import { Link } from 'react-router'
import type { LocalJar } from '../../state/local'
import { Saving } from '../../ui/Saving'
import { Partners } from './Partners'
import { Shortcuts } from './Shortcuts'

/** What a jar holds, by the kind of its case. */
const KINDS: Readonly<Record<LocalJar['case']['kind'], string>> = { salt: 'one salt', mixture: 'a mixture', organic: 'an organic compound' }
function holds({ kind, sample }: LocalJar['case']): string {
  if (kind === 'mixture' && sample.form === 'solid') return 'a solid mixture'
  return kind === 'salt' && sample.mL !== undefined ? 'one salt, dissolved' : KINDS[kind]
}

/** What jar is worked. */
export function About({ jar }: { readonly jar: LocalJar }) {
  return (
    <>
      <h1 className="shrink-0 font-mono text-xl">{jar.code}</h1>
      <span className="truncate text-faint">{jar.title || (jar.kind === 'simulated' ? 'simulated unknown' : holds(jar.case))}</span>
    </>
  )
}

/** What is done with the page as a whole. */
export function Actions({
  jar,
  unsaved,
  elsewhere,
  writable,
  onAside,
}: {
  readonly jar: LocalJar
  readonly unsaved: number
  readonly elsewhere: number
  readonly writable: boolean
  readonly onAside: () => void
}) {
  return (
    <>
      <Saving unsaved={unsaved + (jar.saved === 0 ? 1 : 0)} elsewhere={elsewhere} />
      <Partners jar={jar} />
      {writable && (
        <Link className="pressable flex items-center" to={`/jar/${jar.id}/photo`}>
          picture
        </Link>
      )}
      <Link className="pressable flex items-center" to={`/jar/${jar.id}/report`}>
        report
      </Link>
      <button type="button" className="pressable md:hidden" onClick={onAside}>
        in contention
      </button>
      <span className="max-md:hidden">
        <Shortcuts />
      </span>
    </>
  )
}
