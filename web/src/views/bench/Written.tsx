import { CERTAINTIES, clockWithOffset, sayObservation } from '@foxing/core'
import { Camera, X } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Written as WrittenLine } from '../../state/page'

interface Props {
  readonly written: readonly WrittenLine[]
  /** The jar's id, for the picture of an observation. */
  readonly jar: string
  /** Strikes it out; it stays readable in the notebook. */
  readonly onStrike: (entry: string) => void
  readonly onAmend: (entry: string, changes: Readonly<Record<string, string>>) => void
}

/** What was written at a look, each to be opened: how sure one is, when it was seen, a picture of it. */
export function Written({ written, jar, onStrike, onAmend }: Props) {
  const [opened, setOpened] = useState<string | null>(null)
  return (
    <ul className="mt-1 flex flex-wrap gap-1 border-l-2 border-ink pl-2 leading-snug" aria-label="written">
      {written.map((line) => {
        const says = sayObservation(line.observation)
        const open = opened === line.id
        return (
          <li key={line.id} className={open ? 'w-full' : ''}>
            <button
              type="button"
              className="min-h-8 border border-rule px-1.5 text-left hover:underline pointer-coarse:min-h-11 pointer-coarse:px-3"
              aria-expanded={open}
              onClick={() => setOpened(open ? null : line.id)}
            >
              {says}
            </button>
            {open && (
              <Details line={line} says={says} jar={jar} onStrike={() => onStrike(line.id)} onAmend={(changes) => onAmend(line.id, changes)} />
            )}
            <Pictures of={line} />
          </li>
        )
      })}
    </ul>
  )
}

const SURENESS: Readonly<Record<(typeof CERTAINTIES)[number], string>> = { sure: 'sure', fairly: 'fairly sure', unsure: 'unsure' }

function Details({
  line: { id, observation },
  says,
  jar,
  onStrike,
  onAmend,
}: {
  readonly line: WrittenLine
  readonly says: string
  readonly jar: string
  readonly onStrike: () => void
  readonly onAmend: (changes: Readonly<Record<string, string>>) => void
}) {
  return (
    <div role="group" aria-label={`about ${says}`} className="flex flex-wrap items-center gap-x-2 py-1 text-sm">
      {CERTAINTIES.map((c) => (
        <button
          key={c}
          type="button"
          aria-pressed={observation.certainty === c}
          className={`pressable border px-2 text-ink ${observation.certainty === c ? 'border-2 border-ink font-semibold' : 'border-rule'}`}
          onClick={() => onAmend({ certainty: c })}
        >
          {SURENESS[c]}
        </button>
      ))}
      <label className="flex h-11 items-center gap-1 text-faint">
        seen at
        <input
          type="time"
          className="h-9 border-b border-ink bg-transparent font-mono text-ink"
          defaultValue={observation.when?.slice(11, 16) ?? ''}
          // Once it is whole: each figure on the way would be a line of the notebook.
          onBlur={(e) => {
            const when = clockWithOffset(e.target.value, new Date())
            if (when !== null && when !== observation.when) onAmend({ when })
          }}
        />
      </label>
      <Link className="pressable flex items-center gap-1" to={`/jar/${jar}/photo?of=${id}`}>
        <Camera size={16} aria-hidden /> picture of it
      </Link>
      <button type="button" className="pressable flex items-center gap-1" aria-label={`strike out ${says}`} onClick={onStrike}>
        <X size={16} aria-hidden /> strike it out
      </button>
    </div>
  )
}

/** The pictures taken of one observation, small. */
export function Pictures({ of: { pictures } }: { readonly of: WrittenLine }) {
  return pictures.map(({ text, picture }, k) => (
    <span key={k} className="flex items-center gap-2 py-0.5 text-sm text-faint">
      {picture !== undefined && <img src={picture} alt={text} className="max-h-16 border border-rule" />}
      {text}
    </span>
  ))
}
