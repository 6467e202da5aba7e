import { sayFinding, type Finding, type Undone } from '@foxing/core'
import { useState } from 'react'
import { Chemistry } from '../../ui/Formula'

const SEVERITY = { note: 'Note', weakens: 'Weakens this', spoils: 'Spoils this' } as const

interface Props {
  readonly findings: readonly Finding[]
  /** Works the row once more with the mistake undone. */
  readonly undo: (finding: Finding) => Promise<Undone | null>
}

/** What was done, or concluded, that weakens the evidence, each with its way back. */
export const Findings = ({ findings, undo }: Props) => findings.map((f) => <One key={f.finding} finding={f} undo={undo} />)

function One({ finding: f, undo }: { readonly finding: Finding; readonly undo: Props['undo'] }) {
  const { effect, wayBack } = sayFinding(f.finding)
  const [answer, setAnswer] = useState<Undone | 'asked' | 'none' | null>(null)
  const ask = (): void => {
    setAnswer('asked')
    undo(f).then(
      (undone) => setAnswer(undone ?? 'none'),
      () => setAnswer('none'),
    )
  }
  return (
    <div className="col-span-3 mt-2 md:ml-8 max-w-[72ch] border-l-4 border-ink pl-3 leading-snug">
      <p>
        <strong>{SEVERITY[f.severity]}.</strong> {effect} <em>Way back: {wayBack}</em>
      </p>
      {f.undoable && answer === null && (
        <button type="button" className="pressable mt-1 border border-rule px-3 text-sm" onClick={ask}>
          What would I have seen?
        </button>
      )}
      <div aria-live="polite">
        {answer === 'asked' && <p className="mt-1 text-faint">Working it once more…</p>}
        {answer === 'none' && <p className="mt-1 text-faint">This cannot be worked out for what is in the jar.</p>}
        {answer !== null && typeof answer === 'object' && (
          <div className="mt-1 text-sm">
            <p className="text-faint">
              With the mistake undone: <Chemistry>{answer.steps.join(' · ')}</Chemistry>
            </p>
            {answer.seen.map(({ words, salts, probability }) => (
              <p key={words.join()} className="mt-1">
                {words.join(', ')}
                {probability < 1 && (
                  <span className="text-faint">
                    {' '}
                    with <Chemistry>{salts.slice(0, 3).join(', ')}</Chemistry>
                    {salts.length > 3 && ` and ${salts.length - 3} more`} ({Math.round(100 * probability)} %)
                  </span>
                )}
              </p>
            ))}
            {answer.seen.length === 0 && <p className="mt-1">What is in the jar is too open yet to say.</p>}
          </div>
        )}
      </div>
    </div>
  )
}
