import { placeOf, sayObservation, sayTogether, type Finding, type Seen, type SeenLook, type Undone } from '@foxing/core'
import equal from 'fast-deep-equal/es6'
import { memo, type ReactNode } from 'react'
import type { Control, Look, PageRow } from '../../state/page'
import { Chemistry } from '../../ui/Formula'
import { pictureOfLook, pictureOfObservations, picturesOfChange, type Picture } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'
import { Findings } from './Findings'
import { Notes } from './Notes'
import { Pictures } from './Written'

interface Props {
  readonly row: PageRow
  readonly number: number
  /** What each thing that was done showed. */
  readonly seen: ReadonlyMap<string, Seen>
  readonly inference: readonly string[]
  /** What was done here that weakens the evidence. */
  readonly findings: readonly Finding[]
  readonly undo: (finding: Finding) => Promise<Undone | null>
  readonly unsaved: ReadonlySet<string>
  /** Who did it, where that was a partner. */
  readonly by: string | null
  /** Opens it again, to look at the tube once more or to change what was written; not where it is a partner's. */
  readonly onAgain: ((row: PageRow) => void) | null
  /** What belongs under its inference: the conclusion of a worksheet's part. */
  readonly children?: ReactNode
}

export const COLUMNS = 'grid gap-x-5 gap-y-2 md:grid-cols-[minmax(0,5fr)_minmax(0,7fr)_minmax(0,4fr)]'

/** What there was to see at a look of a simulated jar. */
export const shownAt = (look: Look, seen: ReadonlyMap<string, Seen>): SeenLook | undefined =>
  seen.get(look.entry)?.looks.find((l) => l.step === look.step)

/** What is drawn at a look: what there was to see if it is known, else what was written; two, before and after, where that tells of a change. */
export function picturesAt(look: Look, seen: ReadonlyMap<string, Seen>): readonly Picture[] {
  const shown = shownAt(look, seen)
  if (shown) return [pictureOfLook(shown)]
  const observations = look.written.map((w) => w.observation)
  const change = picturesOfChange(observations)
  if (change) return [change.before, change.now]
  const one = observations.length > 0 ? pictureOfObservations(observations, sayTogether(observations)) : null
  return one ? [one] : []
}

/** The tubes of a look side by side, what it was and what it became. */
export function Change({ pictures, size }: { readonly pictures: readonly Picture[]; readonly size: number }) {
  return pictures.map((picture, k) => (
    <span key={k} className="flex shrink-0 items-center self-start">
      {k > 0 && (
        <span className="px-0.5 text-faint" aria-hidden>
          →
        </span>
      )}
      <Tube picture={picture} size={k === pictures.length - 1 ? size : Math.round(0.75 * size)} />
    </span>
  ))
}

/** Whether something of a row is not sent yet. */
const isWaiting = (row: PageRow, unsaved: ReadonlySet<string>): boolean =>
  row.entries.some((e) => unsaved.has(e)) || row.looks.some((l) => l.written.some((w) => unsaved.has(w.id)))

/** Whether a row would be drawn as it is: in a long notebook one line must not draw all the others anew. */
function drawnAlike(a: Props, b: Props): boolean {
  return (
    a.children === undefined &&
    b.children === undefined &&
    a.number === b.number &&
    a.by === b.by &&
    a.onAgain === b.onAgain &&
    a.undo === b.undo &&
    isWaiting(a.row, a.unsaved) === isWaiting(b.row, b.unsaved) &&
    equal(a.row, b.row) &&
    equal(a.inference, b.inference) &&
    equal(a.findings, b.findings) &&
    b.row.entries.every((e) => a.seen.get(e) === b.seen.get(e))
  )
}

/** A test that is done: one line of the three columns. */
export const Row = memo(function Row({ row, number, seen, inference, findings, undo, unsaved, by, onAgain, children }: Props) {
  const waiting = isWaiting(row, unsaved)
  return (
    <li className={`${COLUMNS} border-b border-rule px-5 py-3`} id={`row-${row.id}`}>
      <div className="flex gap-3">
        <span className="w-5 shrink-0 text-right font-mono text-sm leading-6 text-faint">{number}</span>
        <div>
          <h3 className="text-lg leading-6">
            {row.part !== null && <span className="mr-2 font-mono font-semibold">{row.part}</span>}
            <Chemistry>{row.title}</Chemistry>
          </h3>
          {row.vessel && <span className="font-mono text-sm text-faint">{placeOf(row.vessel)}</span>}
          {by !== null && <span className="ml-2 text-sm text-faint">by {by}</span>}
          {onAgain && (
            <button
              type="button"
              className={`pressable -my-2 text-sm ${row.vessel || by !== null ? 'ml-2' : ''}`}
              onClick={() => onAgain(row)}
              aria-label={`look again at ${row.vessel || 'row'}, ${row.title}`}
            >
              look again
            </button>
          )}
          {waiting && <span className="ml-2 text-sm text-faint">kept on this device, not yet sent</span>}
          {row.own && (
            <p className="font-mono text-sm leading-snug">
              <Chemistry>{row.steps.join(' · ')}</Chemistry>
            </p>
          )}
        </div>
      </div>
      <div className="flex gap-3">
        <div className="flex shrink-0 gap-1">
          {row.looks.map((look) => (
            <Change key={`${look.entry} ${look.step}`} pictures={picturesAt(look, seen)} size={56} />
          ))}
        </div>
        <div className="min-w-0">
          {row.looks.map((look) =>
            look.written.length > 0 ? (
              <div key={`${look.entry} ${look.step}`} className="leading-snug">
                {sayTogether(look.written.map((w) => w.observation))}
                {look.written.map((w) => (
                  <Pictures key={w.id} of={w} />
                ))}
              </div>
            ) : null,
          )}
          {row.controls.map((control) => (
            <p key={control.id} className="leading-snug text-faint">
              beside it, {nameOfControl(control)} ({control.vessel}):{' '}
              {control.looks
                .flatMap((l) => l.written)
                .map((w) => sayObservation(w.observation))
                .join(', ') || 'nothing written'}
            </p>
          ))}
          {row.looks.every((l) => l.written.length === 0) && <p className="pencil">nothing written</p>}
          <Notes notes={row.notes} />
        </div>
      </div>
      {/* Room for three lines, so that what is inferred later moves nothing. */}
      <div className="md:min-h-17">
        {inference.map((line) => (
          <p key={line} className="font-serif leading-snug">
            <Chemistry>{line}</Chemistry>
          </p>
        ))}
        {children}
      </div>
      <Findings findings={findings} undo={undo} />
    </li>
  )
}, drawnAlike)

/** What stands in a control's tube. */
export const nameOfControl = ({ kind, holding }: Control): string =>
  ({ blank: 'blank', positive: `known ${holding}, which shows it`, negative: `known ${holding}, which does not` })[kind]
