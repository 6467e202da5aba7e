import { sayObservation, STOCK, wasteOfTest, type Finding, type Seen, type Undone, type Wait } from '@foxing/core'
import type { Look, PageRow } from '../../state/page'
import { Chemistry } from '../../ui/Formula'
import { pictureOfLook, pictureOfObservations, wordsOf, type Picture } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'
import { clock, useWaits } from '../../state/waits'
import { useNow } from '../../ui/Waits'
import { Coach } from './Coach'
import { Findings } from './Findings'

interface Props {
  readonly row: PageRow
  readonly number: number
  readonly seen: Seen | undefined
  readonly inference: readonly string[]
  /** What was done here that weakens the evidence. */
  readonly findings: readonly Finding[]
  readonly undo: (finding: Finding) => Promise<Undone | null>
  readonly unsaved: ReadonlySet<string>
  /** Who did it, where that was a partner. */
  readonly by: string | null
  /** Opens it again, to look at the tube once more or to change what was written; not where it is a partner's. */
  readonly onAgain: (() => void) | null
}

export const COLUMNS = 'grid grid-cols-[minmax(0,5fr)_minmax(0,7fr)_minmax(0,4fr)] gap-x-5'

/** What is drawn at a look: what there was to see if it is known, else what was written. */
export function pictureAt(look: Look, seen: Seen | undefined): Picture | null {
  const shown = seen?.looks.find((l) => l.step === look.step)
  if (shown) return pictureOfLook(shown)
  const observations = look.written.map((w) => w.observation)
  return observations.length > 0 ? pictureOfObservations(observations, observations.map(sayObservation).join(', ')) : null
}

/** A test that is done: one line of the three columns. */
export function Row({ row, number, seen, inference, findings, undo, unsaved, by, onAgain }: Props) {
  const pictures = row.looks.flatMap((look) => {
    const picture = pictureAt(look, seen)
    return picture ? [{ key: look.step, picture }] : []
  })
  const waiting = unsaved.has(row.id) || row.looks.some((l) => l.written.some((w) => unsaved.has(w.id)))
  return (
    <li className={`${COLUMNS} border-b border-rule px-5 py-3`} id={`row-${row.id}`}>
      <div className="flex gap-3">
        <span className="w-5 shrink-0 text-right font-mono text-sm leading-6 text-faint">{number}</span>
        <div>
          <h3 className="text-lg leading-6">
            <Chemistry>{row.title}</Chemistry>
          </h3>
          {row.vessel && <span className="font-mono text-sm text-faint">{row.vessel === STOCK ? 'stock solution' : `tube ${row.vessel}`}</span>}
          {by !== null && <span className="ml-2 text-sm text-faint">by {by}</span>}
          {onAgain && (
            <button
              type="button"
              className="pressable ml-2 text-sm"
              onClick={onAgain}
              aria-label={`look again at ${row.vessel || 'row'}, ${row.title}`}
            >
              look again
            </button>
          )}
          {waiting && <span className="ml-2 text-sm text-faint">kept on this device, not yet sent</span>}
        </div>
      </div>
      <div className="flex gap-3">
        <div className="flex shrink-0 gap-1">
          {pictures.map(({ key, picture }) => (
            <Tube key={key} picture={picture} size={56} />
          ))}
        </div>
        <div className="min-w-0">
          {row.looks.map((look) =>
            look.written.length > 0 ? (
              <p key={look.step} className="leading-snug">
                {look.written.map((w) => sayObservation(w.observation)).join(', ')}
              </p>
            ) : null,
          )}
          {row.looks.every((l) => l.written.length === 0) && <p className="pencil">nothing written</p>}
          {row.notes.map((note, i) => (
            <p key={i} className="text-faint">
              note: {note.text}
              {note.picture !== undefined && <img src={note.picture} alt={note.text} className="mt-1 max-h-24 border border-rule" />}
            </p>
          ))}
        </div>
      </div>
      <div>
        {inference.map((line) => (
          <p key={line} className="font-serif leading-snug">
            <Chemistry>{line}</Chemistry>
          </p>
        ))}
      </div>
      <Findings findings={findings} undo={undo} />
    </li>
  )
}

interface OpenProps {
  readonly row: PageRow
  readonly number: number
  readonly at: number
  readonly seen: Seen | undefined
  readonly looking: string | null
  readonly cautions: readonly string[]
  readonly jar: { readonly id: string; readonly code: string }
  readonly onLook: (index: number) => void
  readonly onAsSeen: () => void
  readonly onClose: () => void
  /** Strikes out something written; it stays readable in the notebook. */
  readonly onStrike: (entry: string) => void
  readonly onNote: (line: string) => void
}

/** The test being done, open wide: amounts, caution, and each look with its tube. */
export function OpenRow({ row, number, at, seen, looking, cautions, jar, onLook, onAsSeen, onClose, onStrike, onNote }: OpenProps) {
  return (
    <li className="border-y-2 border-ink bg-sheet px-5 py-4" id={`row-${row.id}`} aria-current="step">
      <div className="flex items-baseline gap-3">
        <span className="w-5 shrink-0 text-right font-mono text-sm text-faint">{number}</span>
        <h3 className="text-xl">{row.title}</h3>
        {row.vessel && <span className="font-mono text-faint">{row.vessel === STOCK ? 'stock solution' : `tube ${row.vessel}`}</span>}
        <button type="button" className="pressable ml-auto" onClick={onClose}>
          close this test
        </button>
      </div>
      <p className="ml-8 font-mono text-[0.94rem]">
        <Chemistry>{row.steps.join(' · ')}</Chemistry>
      </p>
      {cautions.map((caution) => (
        <p key={caution} className="ml-8 mt-1">
          <strong aria-hidden>⚠ </strong>
          <strong>{caution}</strong>
        </p>
      ))}
      {row.waits.map((wait) => (
        <WaitButton key={wait.step} wait={wait} row={row} jar={jar} />
      ))}
      {row.neutralisings.map((step) => (
        <Coach key={step.step} tube={row.vessel} step={step} onWrite={onNote} />
      ))}
      {looking !== null && (
        <p role="status" className="ml-8 mt-2 text-faint">
          {looking}
        </p>
      )}
      <ol className="ml-8 mt-3 flex flex-wrap gap-4">
        {row.looks.map((look, i) => {
          const picture = pictureAt(look, seen)
          const shown = seen?.looks.find((l) => l.step === look.step)
          return (
            <li
              key={look.step}
              className={`flex w-64 gap-3 border-t-2 pt-2 ${i === at ? 'border-russet' : 'border-rule'}`}
              aria-current={i === at ? 'true' : undefined}
            >
              {picture && <Tube picture={picture} size={84} />}
              <div className="min-w-0">
                <button type="button" className="text-left text-faint hover:underline" onClick={() => onLook(i)}>
                  {look.prompt}
                </button>
                {shown && <p className="leading-snug">{wordsOf(shown)}</p>}
                {look.written.length > 0 && (
                  <ul className="mt-1 border-l-2 border-ink pl-2 leading-snug" aria-label="written">
                    {look.written.map((w) => (
                      <li key={w.id} className="flex items-baseline gap-2">
                        <span className="flex-1">{sayObservation(w.observation)}</span>
                        <button
                          type="button"
                          className="pressable px-1 text-sm"
                          onClick={() => onStrike(w.id)}
                          aria-label={`strike out ${sayObservation(w.observation)}`}
                        >
                          strike out
                        </button>
                      </li>
                    ))}
                  </ul>
                )}
                {i === at && shown && look.written.length === 0 && (
                  <button type="button" className="pressable" onClick={onAsSeen}>
                    write it down as seen
                  </button>
                )}
              </div>
            </li>
          )
        })}
      </ol>
      {row.test && <p className="ml-8 mt-3 text-sm text-faint">What is left goes to: {wasteOfTest(row.test)}.</p>}
    </li>
  )
}

/** Begins a wait of the open test, or shows how far it is. */
function WaitButton({ wait, row, jar }: { readonly wait: Wait; readonly row: PageRow; readonly jar: OpenProps['jar'] }) {
  const { list, begin } = useWaits()
  const running = list.find((w) => w.row === row.id && w.step === wait.step)
  const now = useNow(running !== undefined)
  const { doing, minutes, lookFor, step } = wait
  return (
    <p className="ml-8 mt-1 flex flex-wrap items-center gap-3">
      {running ? (
        <span>
          {running.tube} {doing} <span className="font-mono text-lg">{running.until > now ? clock(running.until - now) : 'over'}</span>
        </span>
      ) : (
        <button
          type="button"
          className="pressable border border-rule px-3"
          data-wait
          onClick={() => begin({ jar: jar.id, code: jar.code, tube: row.vessel || 'it', doing, lookFor, row: row.id, step }, minutes)}
        >
          {doing}: start <span className="font-mono">{clock(minutes * 60_000)}</span>
        </button>
      )}
      <span className="text-faint">then look at: {lookFor}</span>
    </p>
  )
}
