import { sayObservation, sayStep, vesselOf, type ObservationInput, type ReadLine, type ReadStep, observationSchema, type Warning } from '@foxing/core'
import { Minus, Plus } from 'lucide-react'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'

/** What a line was read as: what was done and seen, in order, and what stays text. */
export interface LineReading {
  readonly lines: readonly ReadLine[]
  readonly rest: readonly string[]
}

interface Props {
  /** What the half-written line is kept under while the page is away. */
  readonly draft: string
  /** The tube written about, and what to look for; null when no test is open. */
  readonly prompt: { readonly tube: string; readonly look: string } | null
  readonly focusKey: string
  readonly canCopy: boolean
  readonly read: (line: string) => LineReading
  /** Resolves to whether it was kept: if not, it is given back to be written once more. */
  readonly onWrite: (line: string, reading: LineReading) => Promise<boolean>
  readonly onSkip: () => void
  readonly onAsSeen: () => void
  /** Whether the tray of what hands do is open. */
  readonly doing: boolean
  readonly onDo: () => void
  readonly picking: boolean
  /** Opens and shuts the picker; null when there is nothing to look at. */
  readonly onPick: (() => void) | null
  /** What speaks against steps before they are done. */
  readonly foresee?: (steps: readonly ReadStep[]) => Promise<readonly Warning[]>
}

/** Amounts that are filled in where a line leaves them open, and by how much a key changes them. */
const CHANGEABLE = { drops: 1, mL: 0.5, mg: 10, minutes: 1 } as const
type Changeable = keyof typeof CHANGEABLE
/** What was changed of the steps that are being written: by place among them. */
type Changes = Readonly<Record<number, Readonly<Partial<Record<Changeable, number>>>>>

const openOf = (step: ReadStep): Changeable | undefined => (Object.keys(CHANGEABLE) as Changeable[]).find((key) => step.assumed?.includes(key))

/** A reading with the amounts that were changed in it; those are not filled in any more, but said. */
function changed({ lines, rest }: LineReading, changes: Changes): LineReading {
  let place = -1
  return {
    rest,
    lines: lines.map((line) => {
      if (!('did' in line)) return line
      const change = changes[++place]
      if (!change) return line
      const assumed = (line.did.assumed ?? []).filter((key) => !(key in change))
      return { did: { ...line.did, ...change, assumed } }
    }),
  }
}

/** One line to write in, what was done and what was seen, read as it is typed. What is not understood is kept as a note. */
export function WritingLine({ draft, prompt, focusKey, canCopy, read, onWrite, onSkip, onAsSeen, doing, onDo, picking, onPick, foresee }: Props) {
  const [line, setText] = useState(() => sessionStorage.getItem(`draft ${draft}`) ?? '')
  const [changes, setChanges] = useState<Changes>({})
  const setLine = (text: string): void => {
    setText(text)
    setChanges({})
    sessionStorage.setItem(`draft ${draft}`, text)
  }
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    // A finger would only call up the keyboard; an open menu would be shut by it.
    const choosing = document.activeElement?.closest('[role="menu"]') ?? null
    if (prompt && !picking && choosing === null) input.current?.focus()
    // Focus follows the look that is open, not every keystroke.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [focusKey])
  // Asked for a moment before the look is there, it is written when it is.
  const [awaited, setAwaited] = useState<string | null>(null)
  useEffect(() => {
    if (awaited === null || !canCopy) return
    setAwaited(null)
    if (awaited === focusKey) onAsSeen()
  }, [awaited, canCopy, focusKey, onAsSeen])
  const reading = line.trim() === '' || line.trim() === '=' ? null : changed(read(line), changes)
  const steps = reading?.lines.flatMap((l) => ('did' in l ? [l.did] : [])) ?? []
  const warnings = useWarnings(steps, foresee)
  /** Changes the first amount that was filled in, or one of a step. */
  const change = (by: 1 | -1, at = steps.findIndex((step, k) => openOf(step) !== undefined || changes[k] !== undefined)): void => {
    const step = steps[at]
    const key = step && (openOf(step) ?? (Object.keys(changes[at] ?? {})[0] as Changeable | undefined))
    if (!step || !key) return
    const now = (step as Partial<Record<Changeable, number>>)[key] ?? 1
    const next = Math.max(CHANGEABLE[key], Math.round((now + by * CHANGEABLE[key]) * 100) / 100)
    setChanges({ ...changes, [at]: { ...changes[at], [key]: next } })
  }
  const onKey = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Escape') setLine('')
    if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && steps.length > 0) {
      event.preventDefault()
      change(event.key === 'ArrowUp' ? 1 : -1)
    }
    if (event.key !== 'Enter') return
    event.preventDefault()
    const text = line.trim()
    const meant = reading ?? { lines: [], rest: [] }
    setLine('')
    setAwaited(text === '=' && !canCopy ? focusKey : null)
    if (text === '=') {
      if (canCopy) onAsSeen()
    } else if (text !== '')
      void onWrite(text, meant).then((kept) => {
        if (!kept) setLine(input.current?.value || text)
      })
    else if (prompt) onSkip()
  }
  let place = -1
  return (
    <footer className="off-paper border-t border-ink bg-sheet px-5 py-2">
      <div aria-live="polite">
        {warnings.map(({ id, isDanger, severity, says, wayBack }) => (
          <p key={id} className="mb-1 max-w-[90ch] border-l-4 border-ink pl-3 leading-snug">
            <strong>
              {isDanger
                ? '⚠ Stop and read.'
                : severity === 'spoils'
                  ? 'This would spoil it.'
                  : severity === 'weakens'
                    ? 'This would weaken it.'
                    : 'Note.'}
            </strong>{' '}
            {says} {wayBack !== null && <em>Better: {wayBack}</em>}
          </p>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-3">
        <label htmlFor="line" className="shrink-0 font-mono text-lg text-russet">
          {prompt ? prompt.tube : 'note'} ›<span className="sr-only"> write what you do and see</span>
        </label>
        <input
          id="line"
          ref={input}
          value={line}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={400}
          onChange={(e) => setLine(e.target.value)}
          onKeyDown={onKey}
          placeholder={
            prompt
              ? `${prompt.look}${canCopy ? '   (= writes it down as seen)' : ''}`
              : 'what you do, as 1 mL soln + 3 dr NaOH -> blue ppt, or a note'
          }
          className="h-11 min-w-0 flex-1 basis-40 bg-transparent font-mono text-lg outline-none"
        />
        <div aria-live="polite" className="flex flex-wrap gap-2 max-md:order-first max-md:w-full md:max-w-[60%] md:justify-end">
          {reading?.lines.map((l, i) => {
            if ('saw' in l) return <Sight key={i} saw={l.saw} />
            const at = ++place
            return (
              <StepChip key={i} step={l.did} onChange={openOf(l.did) !== undefined || changes[at] !== undefined ? (by) => change(by, at) : null} />
            )
          })}
          {reading && reading.rest.length > 0 && (
            <span className="border border-dashed border-faint px-2 py-0.5 text-faint">kept as a note: {reading.rest.join(' ')}</span>
          )}
        </div>
        <button type="button" className="pressable shrink-0 border border-rule px-3" aria-pressed={doing} onClick={onDo}>
          do
        </button>
        {onPick && (
          <button type="button" className="pressable shrink-0 border border-rule px-3" aria-pressed={picking} onClick={onPick}>
            pick
          </button>
        )}
      </div>
    </footer>
  )
}

const Sight = ({ saw }: { readonly saw: ObservationInput }) => (
  <span className="border border-ink px-2 py-0.5">{sayObservation(observationSchema.parse(saw))}</span>
)

/** A step, in a shape of its own: with the tube it is done in, and an amount that was filled in marked and changed by a tap. */
function StepChip({ step, onChange }: { readonly step: ReadStep; readonly onChange: ((by: 1 | -1) => void) | null }) {
  const said = sayStep(step)
  const isOpen = openOf(step) !== undefined
  return (
    <span className="flex items-center rounded-r-full border border-rule border-l-4 border-l-russet bg-press pl-2 pr-3" data-step>
      <span className="mr-2 font-mono text-sm">{vesselOf(step)}</span>
      {said}
      {isOpen && <span className="ml-1 text-sm text-faint">taken so</span>}
      {onChange && (
        <span className="ml-1 flex">
          <button type="button" className="pressable px-2" aria-label={`less: ${said}`} onClick={() => onChange(-1)}>
            <Minus size={14} aria-hidden />
          </button>
          <button type="button" className="pressable px-2" aria-label={`more: ${said}`} onClick={() => onChange(1)}>
            <Plus size={14} aria-hidden />
          </button>
        </span>
      )}
    </span>
  )
}

/** How long a line rests before it is looked into what speaks against it, ms. */
const RESTS_ms = 200
function useWarnings(steps: readonly ReadStep[], foresee: Props['foresee']): readonly Warning[] {
  const [warnings, setWarnings] = useState<{ readonly of: string; readonly said: readonly Warning[] }>({ of: '', said: [] })
  const of = steps.length === 0 ? '' : JSON.stringify(steps)
  useEffect(() => {
    if (of === '' || !foresee) return
    let stale = false
    const timer = setTimeout(() => {
      foresee(steps).then(
        (said) => {
          if (!stale) setWarnings({ of, said })
        },
        // What cannot be foreseen is not warned of.
        (error: unknown) => console.error(error),
      )
    }, RESTS_ms)
    return () => {
      stale = true
      clearTimeout(timer)
    }
    // The steps are what `of` says they are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of])
  return of !== '' && warnings.of === of ? warnings.said : []
}
