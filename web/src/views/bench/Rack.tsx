import { NotebookError, rackOf, type Case, type Entry, type RackTube, type Seen } from '@foxing/core'
import { DropdownMenu } from 'radix-ui'
import { useDeferredValue, useEffect, useMemo, useState } from 'react'
import type { Look, PageRow } from '../../state/page'
import { Tube } from '../../ui/Tube'
import { picturesAt } from './Row'

interface Props {
  readonly of: Case
  readonly entries: readonly Entry[]
  readonly rows: readonly PageRow[]
  readonly seen: ReadonlyMap<string, Seen>
  /** The tube in hand. */
  readonly held: string | undefined
  /** Takes a tube in hand. */
  readonly onHold: (tube: string) => void
  /** Looks at a tube as it is. */
  readonly onLook: (tube: string) => void
  /** Shares a tube out into two. */
  readonly onSplit: (tube: string) => void
}

const MINUTE_ms = 60_000

/** Every tube in use, drawn, with how much is in it and how long it has stood; pressed, it is taken in hand, looked at or shared out. */
export function Rack({ of, entries, rows, seen, held, onHold, onLook, onSplit }: Props) {
  // What was just written is drawn first.
  const written = useDeferredValue(entries)
  const tubes = useMemo((): readonly RackTube[] => {
    try {
      return rackOf({ case: of, entries: [...written] })
    } catch (error) {
      if (error instanceof NotebookError) return []
      throw error
    }
  }, [of, written])
  const now = useMinute(tubes.length > 0)
  if (tubes.length === 0) return null
  return (
    <section aria-label="rack" className="off-paper flex shrink-0 items-stretch gap-1 overflow-x-auto border-t border-rule bg-card px-5 py-1">
      {tubes.map((tube) => (
        <DropdownMenu.Root key={tube.vessel} modal={false}>
          <DropdownMenu.Trigger
            className={`flex min-h-14 min-w-24 items-center gap-2 border-b-4 px-2 text-left ${tube.vessel === held ? 'border-russet' : 'border-transparent'} hover:bg-press`}
            aria-label={`tube ${tube.vessel}, ${amountIn(tube)}${tube.vessel === held ? ', in hand' : ''}${tube.isForgotten ? ', not looked into yet' : ''}`}
          >
            <Drawn vessel={tube.vessel} rows={rows} seen={seen} />
            <span className="leading-tight">
              <span className="block font-mono text-lg">{tube.vessel}</span>
              <span className="block whitespace-nowrap font-mono text-xs text-faint">{amountIn(tube)}</span>
              <span className="block whitespace-nowrap text-xs text-faint">
                {tube.isForgotten ? <strong className="text-ink">waits</strong> : stoodFor(tube, now)}
              </span>
            </span>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="start" sideOffset={4} className="z-10 max-w-80 border border-ink bg-sheet py-1 shadow-md">
              <DropdownMenu.Label className="px-4 py-1 text-sm leading-snug text-faint">{tube.done.slice(-MOST_SAID).join(' · ')}</DropdownMenu.Label>
              <Choice onSelect={() => onHold(tube.vessel)}>work on {tube.vessel}</Choice>
              <Choice onSelect={() => onLook(tube.vessel)}>look at it as it is</Choice>
              <Choice onSelect={() => onSplit(tube.vessel)}>split it in two</Choice>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      ))}
    </section>
  )
}
const MOST_SAID = 8

const Choice = ({ onSelect, children }: { readonly onSelect: () => void; readonly children: React.ReactNode }) => (
  <DropdownMenu.Item className="flex min-h-11 cursor-pointer items-center px-4 outline-none data-[highlighted]:bg-press" onSelect={onSelect}>
    {children}
  </DropdownMenu.Item>
)

const amountIn = ({ mL }: RackTube): string => (mL < 0.05 ? 'solid' : `${mL} mL`)
function stoodFor({ since }: RackTube, now: number): string {
  const minutes = Math.floor((now - Date.parse(since)) / MINUTE_ms)
  if (!Number.isFinite(minutes) || minutes < 1) return 'just now'
  return minutes < 120 ? `${minutes} min` : `${Math.floor(minutes / 60)} h`
}

/** The tube as it was last seen, or written of. */
function Drawn({ vessel, rows, seen }: { readonly vessel: string; readonly rows: readonly PageRow[]; readonly seen: ReadonlyMap<string, Seen> }) {
  const picture = useMemo(() => {
    const isOf = (row: PageRow, look: Look): boolean =>
      seenAt(look, seen)?.vessel === vessel || look.written.some((w) => w.observation.vessel === vessel) || row.vessel === vessel
    const looks = rows.flatMap((row) => row.looks.filter((look) => isOf(row, look)))
    return looks.flatMap((look) => picturesAt(look, seen)).at(-1)
  }, [vessel, rows, seen])
  return picture ? (
    // What it shows is said of its look; the button says which tube it is.
    <span aria-hidden>
      <Tube picture={picture} size={44} />
    </span>
  ) : (
    <span className="inline-block h-11 w-3 rounded-b-full border border-t-0 border-rule" aria-hidden />
  )
}
const seenAt = (look: Look, seen: ReadonlyMap<string, Seen>) => seen.get(look.entry)?.looks.find((l) => l.step === look.step)

/** The time, every minute, as long as somebody wants it. */
function useMinute(running: boolean): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!running) return
    setNow(Date.now())
    const tick = setInterval(() => setNow(Date.now()), MINUTE_ms)
    return () => clearInterval(tick)
  }, [running])
  return now
}
