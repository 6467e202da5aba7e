import { acidityAsked, organicTestById, placeOf, type Seen, type Wait, type WorkWaste } from '@foxing/core'
import { DropdownMenu } from 'radix-ui'
import { useEffect, useMemo, useState } from 'react'
import type { Control, PageRow } from '../../state/page'
import { clock, useWaits } from '../../state/waits'
import { Chemistry, Formula } from '../../ui/Formula'
import { wordsOf } from '../../ui/pictures'
import { useNow } from '../../ui/Waits'
import { reasoner } from '../../workers/useThought'
import { Acidity } from './Acidity'
import { Coach } from './Coach'
import { Notes } from './Notes'
import { Change, nameOfControl, picturesAt, shownAt } from './Row'
import { WasteLine } from './WasteLine'
import { Trail } from './Trail'
import { Written } from './Written'

interface OpenProps {
  readonly row: PageRow
  readonly number: number
  /** The run written about, the sample's own or a control's, and which of its looks. */
  readonly target: string
  readonly at: number
  readonly seen: ReadonlyMap<string, Seen>
  readonly looking: string | null
  /** Whether steps that were done may be amended and struck out. */
  readonly canAmend: boolean
  readonly cautions: readonly string[]
  readonly jar: { readonly id: string; readonly code: string }
  readonly onLook: (run: string, index: number) => void
  /** Sets a known, or water, beside it. */
  readonly onBeside: (kind: Control['kind'], holding?: string) => void
  readonly onAsSeen: () => void
  readonly onClose: () => void
  /** Strikes out something written; it stays readable in the notebook. */
  readonly onStrike: (entry: string) => void
  /** Changes what was written of it: how sure, when it was seen. */
  readonly onAmend: (entry: string, changes: Readonly<Record<string, string | number>>) => void
  readonly onNote: (line: string) => void
  /** Where what is left of some entries goes. */
  readonly wasteOf: (entries: readonly string[]) => Promise<WorkWaste | null>
}

/** The test being done, open wide: amounts, caution, and each look with its tube. */
export function OpenRow(props: OpenProps) {
  const { row, number, looking, cautions, jar, onClose, onBeside, onNote } = props
  const rack = row.controls.length > 0
  // One at a time: the keys count for the step that is being done.
  const [turn, setTurn] = useState(0)
  const coached = row.neutralisings[turn]
  const asked = useMemo(() => (row.work ? acidityAsked(row.work) : null), [row.work])
  return (
    <li className="border-y-2 border-ink bg-sheet px-5 py-4" id={`row-${row.id}`} aria-current="step">
      <div className="flex items-baseline gap-3">
        <span className="w-5 shrink-0 text-right font-mono text-sm text-faint">{number}</span>
        <h3 className="text-xl">
          {row.part !== null && <span className="mr-2 font-mono font-semibold">{row.part}</span>}
          {row.title}
        </h3>
        {row.vessel && <span className="font-mono text-faint">{placeOf(row.vessel)}</span>}
        <button type="button" className="pressable ml-auto shrink-0 whitespace-nowrap" onClick={onClose}>
          close this test
        </button>
      </div>
      {row.own ? (
        <Trail row={row} seen={props.seen} isOpen={props.canAmend} onStrike={props.onStrike} onAmend={props.onAmend} />
      ) : (
        <p className="md:ml-8 font-mono text-[0.94rem]">
          <Chemistry>{row.steps.join(' · ')}</Chemistry>
        </p>
      )}
      {cautions.map((caution) => (
        <p key={caution} className="md:ml-8 mt-1">
          <strong aria-hidden>⚠ </strong>
          <strong>{caution}</strong>
        </p>
      ))}
      {row.waits.map((wait) => (
        <WaitButton key={wait.step} wait={wait} row={row} jar={jar} />
      ))}
      {coached && (
        <Coach
          key={`${row.id} ${turn}`}
          tube={row.vessel}
          step={coached}
          onWrite={(line) => {
            onNote(line)
            setTurn(turn + 1)
          }}
        />
      )}
      {asked && <Acidity key={row.id} asked={asked} />}
      {looking !== null && (
        <p role="status" className="md:ml-8 mt-2 text-faint">
          {looking}
        </p>
      )}
      <div className={`md:ml-8 mt-3 ${rack ? 'flex flex-wrap gap-4' : ''}`}>
        <Run {...props} run={row} title={rack ? `sample, ${row.vessel}` : ''} />
        {row.controls.map((control) => (
          <Run key={control.id} {...props} run={control} title={`${nameOfControl(control)}, ${control.vessel}`} />
        ))}
      </div>
      {row.notes.length > 0 && (
        <div className="md:ml-8 mt-2">
          <Notes notes={row.notes} />
        </div>
      )}
      {row.test && <Beside key={row.test.id} test={row.test.id} onBeside={onBeside} />}
      <WasteLine row={row} wasteOf={props.wasteOf} />
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
    <p className="md:ml-8 mt-1 flex flex-wrap items-center gap-3">
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

/** The looks of one run: in a line by itself, one under another where controls stand beside it. */
function Run({
  run,
  title,
  target,
  at,
  seen,
  jar,
  onLook,
  onAsSeen,
  onStrike,
  onAmend,
}: OpenProps & { readonly run: PageRow; readonly title: string }) {
  return (
    <div className="min-w-0">
      {title !== '' && <h4 className="mb-1 font-semibold">{title}</h4>}
      <ol className={title === '' ? 'flex flex-wrap gap-4' : 'grid gap-3'}>
        {run.looks.map((look, i) => {
          const shown = shownAt(look, seen)
          const here = run.id === target && i === at
          return (
            <li
              key={`${look.entry} ${look.step}`}
              className={`flex ${title === '' ? 'w-64' : 'w-60'} gap-3 border-t-2 pt-2 ${here ? 'border-russet' : 'border-rule'}`}
              aria-current={here ? 'true' : undefined}
            >
              <Change pictures={picturesAt(look, seen)} size={84} />
              <div className="min-w-0">
                <button type="button" className="min-h-8 text-left text-faint hover:underline" onClick={() => onLook(run.id, i)}>
                  {look.prompt}
                </button>
                {shown && <p className="leading-snug">{wordsOf(shown, look.asks)}</p>}
                {look.written.length > 0 && <Written written={look.written} jar={jar.id} onStrike={onStrike} onAmend={onAmend} />}
                {here && shown && look.written.length === 0 && (
                  <button type="button" className="pressable" onClick={onAsSeen}>
                    write it down as seen
                  </button>
                )}
              </div>
            </li>
          )
        })}
      </ol>
    </div>
  )
}

/** Offers what may stand beside a run: water, and salts that show it or do not. */
function Beside({ test, onBeside }: { readonly test: string; readonly onBeside: OpenProps['onBeside'] }) {
  const [knowns, setKnowns] = useState<{ positive: readonly string[]; negative: readonly string[] }>({ positive: [], negative: [] })
  // Four hundred compounds are gone through for it, before what the evidence comes to: only once somebody asks.
  const [wanted, setWanted] = useState(!organicTestById.has(test))
  useEffect(() => {
    let current = true
    if (!wanted) return
    void reasoner()
      .knowns(test)
      .then((found) => {
        if (current) setKnowns(found)
      })
    return () => void (current = false)
  }, [test, wanted])
  return (
    <div className="md:ml-8 mt-3 flex flex-wrap items-center gap-2 text-sm" role="group" aria-label="beside it">
      <span className="text-faint">beside it</span>
      {!wanted && (
        <button type="button" className="pressable border border-rule px-3" onClick={() => setWanted(true)}>
          known compounds
        </button>
      )}
      <button type="button" className="pressable border border-rule px-3" onClick={() => onBeside('blank')}>
        a blank
      </button>
      {(wanted ? (['positive', 'negative'] as const) : []).map((kind) => (
        <DropdownMenu.Root key={kind} modal={false}>
          <DropdownMenu.Trigger className="pressable border border-rule px-3" disabled={knowns[kind].length === 0}>
            {kind === 'positive' ? 'a known that shows it' : 'a known that does not'}
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="start" sideOffset={4} className="z-10 min-w-48 border border-ink bg-sheet py-1 shadow-md">
              {knowns[kind].map((salt) => (
                <DropdownMenu.Item
                  key={salt}
                  className="flex min-h-11 cursor-pointer items-center px-4 font-serif text-lg outline-none data-[highlighted]:bg-press"
                  onSelect={() => onBeside(kind, salt)}
                >
                  <Formula>{salt}</Formula>
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      ))}
    </div>
  )
}
