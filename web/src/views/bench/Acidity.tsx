import type { AcidityAsked } from '@foxing/core'
import { useEffect, useState } from 'react'
import { Formula } from '../../ui/Formula'
import { reasoner } from '../../workers/useThought'

interface Answer {
  readonly says: string
  readonly outside: readonly { readonly ion: string; readonly what: string; readonly share: number }[]
}

/** Beside a step that brings hydrogen sulfide into acid: what is missing to the window, and what would go astray as it stands. */
export function Acidity({ asked }: { readonly asked: AcidityAsked }) {
  const [volume, setVolume] = useState(() => String(Number(asked.volume_mL.toFixed(2))))
  const [acid, setAcid] = useState(() => String(Number(asked.acid_M.toFixed(2))))
  const [answer, setAnswer] = useState<Answer | null>(null)
  const [problem, setProblem] = useState('')
  useEffect(() => {
    let current = true
    void reasoner()
      .sum('acidity-for-sulfide', { volume_mL: Number(volume), acid_M: Number(acid) })
      .then((said) => {
        if (!current) return
        if ('result' in said) {
          setAnswer(said.result as unknown as Answer)
          setProblem('')
        } else setProblem(`${said.path}: ${said.expected}`)
      })
    return () => void (current = false)
  }, [volume, acid])
  return (
    <section aria-label="acidity before hydrogen sulfide" className="md:ml-8 mt-3 grid max-w-3xl gap-1 border-l-2 border-russet pl-4">
      <div className="flex flex-wrap items-end gap-4">
        {(
          [
            ['strong acid in it, mol/L', acid, setAcid],
            ['volume, mL', volume, setVolume],
          ] as const
        ).map(([label, value, set]) => (
          <label key={label} className="grid text-sm text-faint">
            {label}
            <input
              inputMode="decimal"
              className="h-11 w-24 border-b border-ink bg-transparent font-mono text-ink"
              value={value}
              onChange={(e) => set(e.target.value)}
            />
          </label>
        ))}
        <p role="status" className="min-h-11 content-center">
          {problem !== '' ? problem : (answer?.says ?? '')}
        </p>
      </div>
      {answer && problem === '' && answer.outside.length > 0 && (
        <p className="text-sm">
          As it stands:{' '}
          {answer.outside.map(({ ion, what }, k) => (
            <span key={ion}>
              {k > 0 && '; '}
              <Formula>{ion}</Formula> {what}
            </span>
          ))}
          .
        </p>
      )}
    </section>
  )
}
